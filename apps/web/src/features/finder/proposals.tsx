import type { Proposal } from '@hobrek/core';
import { memo, type ReactNode, useState } from 'react';
import { fitDrawing, MachineDrawing } from '../../kinds/machine-drawing.js';
import { show, showParts } from '../../shared/in-my-units.js';
import { unbroken } from '../../shared/unbroken.js';
import { usePieces } from '../../shared/use-pieces.js';
import { VerdictMark } from '../../shared/verdict-mark.js';

/** Proposals of one sort, such as a V-belt of section A and then a chain 10B: the best of them, and the others. */
export interface Group {
  readonly key: string;
  readonly best: Proposal;
  readonly others: readonly Proposal[];
  /** In what it is the first of all. */
  readonly firsts: readonly string[];
}

/** Rows that are shown at first; the others by a press. */
const shownFirst = 8;
/** And of these in the first frame. */
const drawnAtOnce = 2;

const sortOf = ({ stages, motor }: Proposal): string =>
  (motor?.label ?? '') +
  stages.map(({ kind, entries: { section, profile, chain, gears } }) => [kind, section, profile, chain, gears].filter(Boolean).join(' ')).join(' + ');

const firstIn: readonly (readonly [name: string, of: (each: Proposal) => number])[] = [
  ['cheapest', ({ points }) => points],
  ['fewest to buy', ({ bought }) => bought],
  ['most reserve', ({ reserve }) => -(reserve?.worst ?? Number.NEGATIVE_INFINITY)],
  ['smallest', ({ length_mm, height_mm }) => length_mm * height_mm],
];

/** Grouped by sort, in the order of the best of each; the first of all in something has a row of its own. What fails is no first in anything. */
export function groupsOf(proposals: readonly Proposal[]): readonly Group[] {
  const good = proposals.filter(({ verdict }) => verdict !== 'fails');
  const winners = new Map<Proposal, string[]>();
  const won = (winner: Proposal | undefined, name: string) => winner && winners.set(winner, [...(winners.get(winner) ?? []), name]);
  won(good[0], 'best');
  for (const [name, of] of firstIn)
    won(
      good.reduce<Proposal | undefined>((a, b) => (a === undefined || of(b) < of(a) ? b : a), undefined),
      name,
    );
  const sorts = new Map<string, Proposal[]>();
  for (const each of proposals) {
    const key = winners.has(each) && each !== good[0] && sorts.has(sortOf(each)) ? `${sortOf(each)} ${each.id}` : sortOf(each);
    const there = sorts.get(key);
    if (there) there.push(each);
    else sorts.set(key, [each]);
  }
  return [...sorts].map(([key, [best, ...others]]) => ({ key, best: best as Proposal, others, firsts: winners.get(best as Proposal) ?? [] }));
}

interface Shown {
  readonly groups: readonly Group[];
  readonly picked: Proposal;
  readonly pick: (id: string) => void;
  /** Of the picked one, right behind its row where there is no column for it. */
  readonly behind: ReactNode;
}

/** The proposals, one row a sort; each row is a press that picks it. */
export function Proposals({ groups, picked, pick, behind }: Shown) {
  const [isAll, showAll] = useState(false);
  const [opened, open] = useState<string | null>(null);
  const there = usePieces(Math.min(shownFirst, groups.length), drawnAtOnce);
  const rows = isAll ? groups : groups.slice(0, there);
  const longest = Math.max(...groups.map(({ best }) => best.length_mm), 1);
  return (
    <>
      <ol aria-label="drives that were found" className="border-t border-ink">
        {rows.map(({ key, best, others, firsts }, k) => (
          <li key={key} className="relative border-b border-hair">
            <Row proposal={best} at={k + 1} firsts={firsts} isPicked={best.id === picked.id} longest_mm={longest} pick={pick} />
            {best.id === picked.id && behind}
            {others.length > 0 && (
              <button
                type="button"
                aria-expanded={opened === key}
                className="absolute top-1 right-1 min-h-7 cursor-pointer text-sm text-blue hover:underline max-sm:static max-sm:ml-8 pointer-coarse:my-3 pointer-coarse:block pointer-coarse:min-h-11 pointer-coarse:px-3"
                onClick={() => open(opened === key ? null : key)}
              >
                {opened === key ? 'fewer' : `${others.length} more`}
                <span className="sr-only"> of this sort</span>
              </button>
            )}
            {opened === key && (
              <ol className="ml-8 border-l-2 border-hair pl-2">
                {others.map((each) => (
                  <li key={each.id}>
                    <Row proposal={each} at={null} firsts={[]} isPicked={each.id === picked.id} longest_mm={longest} pick={pick} />
                    {each.id === picked.id && behind}
                  </li>
                ))}
              </ol>
            )}
          </li>
        ))}
      </ol>
      {groups.length > shownFirst && (
        <button
          type="button"
          className="mt-1 min-h-8 cursor-pointer text-blue hover:underline pointer-coarse:min-h-11"
          onClick={() => showAll(!isAll)}
        >
          {isAll ? 'fewer sorts' : `${groups.length - shownFirst} more ${groups.length === shownFirst + 1 ? 'sort' : 'sorts'}`}
        </button>
      )}
    </>
  );
}

interface RowShown {
  readonly proposal: Proposal;
  readonly at: number | null;
  readonly firsts: readonly string[];
  readonly isPicked: boolean;
  /** Of all of them, so that they are drawn to one scale. */
  readonly longest_mm: number;
  readonly pick: (id: string) => void;
}

/** Room for the drawing of one, px. */
const drawing = { width: 168, height: 76 };

const Row = memo(function Row({ proposal, at, firsts, isPicked, longest_mm, pick }: RowShown) {
  const { id, name, motor, says, verdict, because, speed_rpm, speeds, reserve, weakest, points, bought, own, made, length_mm, height_mm } = proposal;
  const buys = bought === 0 ? 'nothing to buy' : `${bought} to buy`;
  return (
    <button
      type="button"
      aria-pressed={isPicked}
      className={`grid w-full cursor-pointer grid-cols-[1.6rem_168px_minmax(0,1fr)_8.5rem_8.5rem] items-center gap-x-4 border-l-4 py-1.5 pl-1 text-left hover:bg-wash pointer-coarse:my-2 max-sm:grid-cols-[1.6rem_minmax(0,1fr)_minmax(0,1fr)] max-sm:gap-x-2 ${isPicked ? 'border-brass bg-wash' : 'border-transparent'}`}
      onClick={() => pick(id)}
    >
      <span className="self-start font-head text-lg text-blue">{at ?? ''}</span>
      <Small proposal={proposal} longest_mm={longest_mm} />
      <span className="min-w-0 max-sm:col-span-2">
        <b className="block font-head text-lg leading-tight">{name}</b>
        {firsts.length > 0 && <span className="block text-sm font-semibold text-close-word">{firsts.join(', ')}</span>}
        {motor && (
          <span className="block text-sm leading-snug">
            {motor.label}: {unbroken(motor.what)}
          </span>
        )}
        {says.map((stage, k) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two stages may be alike, and their order never changes
          <span key={`${stage} ${k}`} className="block text-sm leading-snug">
            {unbroken(stage)}
          </span>
        ))}
        {verdict === 'fails' && because && <span className="block text-sm leading-snug text-fails-word">{unbroken(because)}</span>}
      </span>
      <span className="text-sm leading-snug max-sm:col-start-2">
        <VerdictMark verdict={verdict} /> <b className="text-base">{speeds.length > 0 ? speedsShown(speeds) : show(speed_rpm, 'rpm')}</b>
        <span className="block">{reserve === null ? 'reserve not known' : left(reserve.worst)}</span>
        {weakest && (
          <span className="block text-soft">
            {weakest.what} at {show(weakest.at_Nm, 'N·m')}
          </span>
        )}
      </span>
      <span className="text-sm leading-snug">
        <b className="text-base">{points === 0 ? 'no cost' : `${points} ${points === 1 ? 'point' : 'points'}`}</b>
        <span className="block">
          {buys}
          {own > 0 && `, ${own} own`}
          {made > 0 && `, ${made} to make`}
        </span>
        <span className="block text-soft">
          {Math.ceil(length_mm)} × {Math.ceil(height_mm)}&nbsp;mm
        </span>
      </span>
    </button>
  );
});

/** `588, 1053, 1889 rpm` */
const speedsShown = (speeds: Proposal['speeds']): string => {
  const all = speeds.map(({ speed_rpm }) => showParts(speed_rpm, 'rpm'));
  return `${all.map(({ number }) => number).join(', ')}\u00a0${all[0]?.symbol ?? ''}`;
};

const left = (worst: number): string => (worst >= 0 ? `reserve ${Math.floor(100 * worst + 1e-9)}\u00a0%` : 'too weak at worst');

function Small({ proposal: { outlines, ends, length_mm }, longest_mm }: { proposal: Proposal; longest_mm: number }) {
  // All to one scale, as far as the longest of them goes into the column; a short one is not drawn larger for that.
  const share = Math.max(0.45, length_mm / longest_mm);
  const drawn = fitDrawing(outlines, { width: drawing.width * share, height: drawing.height, ends: ends ?? undefined });
  return (
    <svg
      viewBox={`0 0 ${drawn.width} ${drawn.height}`}
      width={drawn.width}
      height={drawn.height}
      className="justify-self-center max-sm:hidden"
      aria-hidden="true"
    >
      <MachineDrawing stages={outlines} ends={ends ?? undefined} drawn={drawn} />
    </svg>
  );
}
