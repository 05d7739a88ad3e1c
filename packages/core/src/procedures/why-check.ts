import { type Check, closeBelow } from '../checks/check.js';
import { type Figure, highEnd, lowEnd, partsOf } from '../figure/figure.js';
import { show, type UnitHabit } from '../quantity/show.js';
import { showFigure } from './explain.js';

/** What is told of a check beside the ways to its two figures. */
export interface CheckReason {
  /** Both sides with their ends: `10.9 N·m (10.2 to 12.0 N·m)`. */
  readonly sides: { readonly limit: string; readonly needed: string };
  /** What would turn its verdict; empty where it is not known, or a yes or no. */
  readonly turns: string;
  /** Rows of the tables that either side rests on: `V-belt sections, row A: …`. */
  readonly rows: readonly string[];
}

/** What a check holds against what, what would make it hold or fail, and the rows of tables under it. */
export function whyCheck(check: Check, units: UnitHabit = 'metric'): CheckReason {
  return {
    sides: { limit: showFigure(check.has, units), needed: showFigure(check.needs, units) },
    turns: turnsBy(check, units),
    rows: [...new Set([check.has, check.needs].flatMap((side) => rowsUnder(side)))].slice(0, mostRows),
  };
}

/** With more of them nobody looks one up. */
const mostRows = 6;

function turnsBy({ has, needs, verdict, margin, near = closeBelow }: Check, units: UnitHabit): string {
  if (!has.known || !needs.known || !margin || verdict === 'unknown' || has.unit === '1') return '';
  const said = (value: number) => show(value, has.unit, units);
  const [least, most] = [lowEnd(has), highEnd(needs)];
  if (least <= 0 || most <= 0) return '';
  const share = `${Math.round(near * 100)} %`;
  if (verdict !== 'holds')
    return `It holds, with ${share} to spare, where ${said(least * (1 - near))} is needed at most, or with a limit of ${said(most / (1 - near))} and more.`;
  return `It is close where over ${said(least * (1 - near))} is needed, or with a limit under ${said(most / (1 - near))}; it fails where over ${said(has.value)} is likely needed.`;
}

/** Every row of a table under a figure, the nearest first. */
function rowsUnder(figure: Figure, seen = new Set<Figure>()): string[] {
  if (!figure.known || seen.has(figure)) return [];
  seen.add(figure);
  const { origin } = figure;
  const own = origin.by === 'catalog' ? [`${origin.table}, row ${origin.row}: ${origin.source}`] : [];
  return [...own, ...partsOf(figure).flatMap(([, part]) => rowsUnder(part, seen))];
}
