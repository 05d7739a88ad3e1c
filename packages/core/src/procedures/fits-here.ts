import type { Check } from '../checks/check.js';
import { type Verdict, worstVerdict } from '../checks/verdict.js';
import type { Figure } from '../figure/figure.js';
import { type Kinds, kindHead } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { stagesFitting } from '../machine/neighbours.js';
import { isOpen } from '../machine/open.js';
import { withStageAdded } from '../machine/reshape.js';
import { show, type UnitHabit } from '../quantity/show.js';
import { type Evaluation, evaluateBuild } from './evaluate-build.js';

/** A kind that could go into a gap, and what it would change there. */
export interface Fitting {
  readonly kind: string;
  readonly label: string;
  /** What it would begin with, as it would be typed. */
  readonly begins: Readonly<Record<string, string>>;
  readonly verdict: Verdict;
  /** What changes: `speed 423 → 212 rpm; 2 fewer checks fail; 3 more not known yet`. */
  readonly says: string;
}

/** Where nothing is wished, a stage is tried at two to one. */
const plainRatio = 2;

/**
 * The ratio that is still missing between the speed that reaches the tool and the one that is wished of it; two where nothing is wished, or where it is
 * within its bounds already.
 */
export function ratioNeeded(build: Build, lineId: string, now: Evaluation): number {
  const speed = now.lines.find(({ id }) => id === lineId)?.stations.at(-1)?.flow;
  const { leastSpeed, mostSpeed } = build.wishes ?? {};
  const [least, most] = [leastSpeed?.value, mostSpeed?.value];
  if (!speed?.known || (speed.value >= (least ?? 0) && speed.value <= (most ?? Number.POSITIVE_INFINITY))) return plainRatio;
  // Somewhere between the two; the one there is where only one is wished.
  return speed.value / Math.sqrt((least ?? most ?? speed.value) * (most ?? least ?? speed.value));
}

/** Every kind of stage that fits between its neighbours there, tried in a gap of a line with what it would begin with. */
export function fitsHere(build: Build, kinds: Kinds, lineId: string, at: number, now: Evaluation, units: UnitHabit = 'metric'): Fitting[] {
  const ratio = ratioNeeded(build, lineId, now);
  const line = build.lines.find(({ id }) => id === lineId);
  const source = (line && kindHead('source', line.source.kind)?.noun) ?? 'source';
  return (line ? stagesFitting(line, at) : [])
    .filter((head) => !isOpen(head))
    .map(({ kind, label, begins }) => {
      const entries = begins?.(ratio) ?? {};
      const after = evaluateBuild(withStageAdded(build, lineId, at, kind, entries), kinds);
      return { kind, label, begins: entries, verdict: judged(after), says: changes(now, after, lineId, source, units) };
    });
}

/** Of all that is known: what is not entered yet of a part that is only tried says nothing against it. */
const judged = ({ checks }: Evaluation): Verdict => worstVerdict(checks.filter(({ verdict }) => verdict !== 'unknown'));

function changes(before: Evaluation, after: Evaluation, lineId: string, source: string, units: UnitHabit): string {
  const [was, is] = [before, after].map(({ lines }) => lines.find(({ id }) => id === lineId)?.stations.at(-1));
  const said = [
    difference('speed', was?.flow, is?.flow, units),
    difference('torque', was?.effort, is?.effort, units),
    ...turned(before.checks, after.checks, source),
  ];
  const words = said.filter(Boolean).join('; ');
  return words === '' ? 'nothing at the tool changes' : words;
}

function difference(name: string, was: Figure | undefined, is: Figure | undefined, units: UnitHabit): string {
  if (!was?.known || !is?.known || Math.abs(is.value / was.value - 1) < 0.005) return '';
  return `${name} ${show(was.value, was.unit, units)} → ${show(is.value, is.unit, units)}`;
}

/** The work's own check where its verdict turns, and how many checks more or less fail. */
function turned(was: readonly Check[], is: readonly Check[], source: string): string[] {
  const many = (checks: readonly Check[], of: Verdict) => checks.filter(({ verdict }) => verdict === of).length;
  const more = many(is, 'fails') - many(was, 'fails');
  const open = many(is, 'unknown') - many(was, 'unknown');
  const strong = (checks: readonly Check[]) => checks.find(({ id }) => id.endsWith('/check-carries'))?.verdict;
  const [then, now] = [strong(was), strong(is)];
  const work =
    now === 'fails' ? `the ${source} becomes too weak` : then === 'fails' && now !== 'unknown' ? `the ${source} becomes strong enough` : '';
  const count = `${Math.abs(more)} ${more > 0 ? 'more' : 'fewer'} ${Math.abs(more) === 1 ? 'check fails' : 'checks fail'}`;
  return [then === now ? '' : work, more === 0 ? '' : count, open > 0 ? `${open} more not known yet` : ''];
}
