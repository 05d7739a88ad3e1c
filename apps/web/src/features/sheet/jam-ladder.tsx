import { type Figure, type Known, type Rung, show, showParts, showRange, unitShown } from '@hobrek/core';
import { memo, useState } from 'react';
import { useShown } from '../../build/in-sight.js';
import { pick } from '../../build/open-build.js';
import { useWidth } from '../../shared/use-width.js';

const top_px = 24;
const rung_px = 25;
/** Rungs of a ladder that is not shown whole. */
const shortLadder = 10;
/** Most over least of the ruler: whatever is smaller stands at its left end. */
const longest = 1e6;

interface Line {
  readonly id: string;
  readonly at: string | null;
  readonly says: string;
  readonly figure: Known;
  readonly colour: string;
  readonly hollow: boolean;
}

/** What the work asks, what reaches the tool, what gives in a jam and what a jam brings, all as the tool feels it, on one ruler. */
export function JamLadder() {
  const line = useShown(({ open }) => open?.evaluation.lines[0]);
  const stale = useShown(({ open }) => (open?.greyed.size ?? 0) > 0);
  const picked = useShown(({ open }) => open?.picked);
  const [all, setAll] = useState(false);
  const [frame, width] = useWidth<HTMLElement>();
  const check = line?.checks[0];
  if (!line || !check) return <section ref={frame} />;
  const rungs = line.jam.rungs.flatMap(rungLine);
  // Of a long machine what gives first, and what is picked; further up nothing is near.
  const near = all || rungs.length <= shortLadder + 1 ? rungs : rungs.filter(({ at }, k) => k < shortLadder || (at !== null && at === picked));
  const lines = [...plain('the work asks', check.needs, 'var(--ink)'), ...plain('reaches it', check.has, `var(--${check.verdict})`), ...near];
  const brings = line.jam.brings;
  // The ruler is logarithmic: what is nothing, or less, stands at its left end.
  const values = [...lines.map(({ figure }) => figure), ...(brings.known ? [brings] : [])]
    .flatMap((figure) => [figure.low ?? figure.value, figure.high ?? figure.value])
    .filter((value) => value > 0);
  if (values.length === 0) return <section ref={frame} />;
  const most = Math.max(...values) * 1.25;
  const least = Math.max(Math.min(...values) / 1.25, most / longest);
  const x = (value: number) => (Math.log(Math.max(value, least) / least) / Math.log(most / least)) * width;
  const { factor, symbol } = unitShown('N·m');
  const ticks = ticksOf(least * factor, most * factor, width).map((says) => ({ says, at: says / factor }));
  const height = top_px + lines.length * rung_px + (brings.known ? 22 : 6);
  return (
    <section ref={frame} className={`min-w-0 ${stale ? 'stale' : ''}`}>
      <h2 className="font-head tracking-wide text-blue uppercase">
        What gives first{' '}
        <span className="font-text text-sm tracking-normal text-soft normal-case">
          {symbol} at the {line.stations.at(-1)?.name}
        </span>
      </h2>
      <svg
        width={width}
        height={height}
        className="mt-1 overflow-visible"
        role="img"
        aria-label={lines.map(({ says, figure }) => `${says} ${text(figure)}`).join(', ')}
      >
        <path d={`M0 ${top_px - 6}H${width}${ticks.map(({ at }) => `M${x(at)} ${top_px - 6}v-6`).join('')}`} stroke="var(--ink)" fill="none" />
        {ticks.map(({ says, at }) => (
          <text key={says} x={x(at)} y={9} fontSize="12" textAnchor={x(at) > width - 14 ? 'end' : 'middle'} fill="var(--soft)">
            {says}
          </text>
        ))}
        {brings.known && <Brings figure={brings} x={x} width={width} height={height} />}
        {lines.map((each, k) => (
          <Drop key={each.id} x={x(each.figure.value)} to={top_px + (k + 0.5) * rung_px} colour={each.colour} />
        ))}
        {lines.map(({ id, at, says, figure, colour, hollow }, k) => (
          <Mark
            key={id}
            at={at}
            label={`${says} ${showParts(figure.value, figure.unit).number}`}
            colour={colour}
            hollow={hollow}
            y={top_px + (k + 0.5) * rung_px}
            from={x(figure.low ?? figure.value)}
            middle={x(figure.value)}
            to={x(figure.high ?? figure.value)}
            width={width}
            picked={at !== null && at === picked}
          />
        ))}
      </svg>
      {rungs.length > shortLadder + 1 && (
        <button type="button" aria-expanded={all} className="min-h-6 cursor-pointer text-sm text-blue hover:underline" onClick={() => setAll(!all)}>
          {all ? 'only what gives first' : `${rungs.length - near.length} more, that give later`}
        </button>
      )}
    </section>
  );
}

const text = ({ value, low, high, unit }: Known) => showRange(low ?? value, high ?? value, unit);

const plain = (says: string, figure: Figure, colour: string): Line[] =>
  figure.known ? [{ id: says, at: null, says, figure, colour, hollow: false }] : [];

/** A fuse that slips or stalls unharmed stands in green; what breaks is coloured by whether the jam reaches it. */
const rungLine = ({ id, at, short, atTool, harm, verdict }: Rung): Line[] =>
  atTool.known
    ? [
        {
          id,
          at,
          says: short,
          figure: atTool,
          colour: harm === 'wearing' ? 'var(--blue)' : `var(--${harm === 'harmless' ? 'holds' : verdict})`,
          hollow: harm === 'breaking',
        },
      ]
    : [];

/** Room that a number at the ruler needs, px. */
const tick_px = 30;

/** 1, 2 and 5 of every decade; the decades alone where those would run into each other. */
function ticksOf(least: number, most: number, width: number): number[] {
  const apart = (Math.log10(2) / Math.log10(most / least)) * width;
  const steps = apart < tick_px ? [1] : [1, 2, 5];
  const from = Math.floor(Math.log10(least));
  const decades = Array.from({ length: Math.ceil(Math.log10(most)) - from + 1 }, (_, k) => 10 ** (from + k));
  return decades.flatMap((ten) => steps.map((each) => Number((each * ten).toPrecision(3)))).filter((tick) => tick >= least && tick <= most);
}

/** The dotted line of what a jam brings, with its range along the ruler. */
function Brings({ figure, x, width, height }: { figure: Known; x: (value: number) => number; width: number; height: number }) {
  const at = x(figure.value);
  const end = at > width / 2;
  return (
    <g>
      <path
        d={`M${x(figure.low ?? figure.value)} ${top_px - 6}H${x(figure.high ?? figure.value)}`}
        stroke="var(--blue)"
        strokeWidth={5}
        opacity={0.25}
      />
      <path d={`M${at} ${top_px - 6}V${height - 18}`} stroke="var(--ink)" strokeDasharray="2 3" />
      <text x={at + (end ? -5 : 5)} y={height - 6} fontSize="13" textAnchor={end ? 'end' : 'start'} fill="var(--soft)">
        a jam brings {show(figure.value, figure.unit)}
      </text>
    </g>
  );
}

/** Room a label needs, px. */
const letter_px = 7;

interface Marked {
  readonly at: string | null;
  readonly label: string;
  readonly colour: string;
  readonly hollow: boolean;
  readonly y: number;
  /** Along the ruler, px: least, likely and most. */
  readonly from: number;
  readonly middle: number;
  readonly to: number;
  readonly width: number;
  readonly picked: boolean;
}

/** From the ruler down to its mark. */
const Drop = memo(function Drop({ x, to, colour }: { x: number; to: number; colour: string }) {
  return <path d={`M${x} ${top_px - 6}V${to}`} stroke={colour} opacity={0.6} />;
});

/** Drawn again only when it stands elsewhere or says something else. */
const Mark = memo(function Mark({ at, label, colour, hollow, y, from, middle, to, width, picked }: Marked) {
  const right = width - to > label.length * letter_px;
  return (
    <g className={at ? 'cursor-pointer' : ''} onPointerDown={at ? () => pick(at) : undefined}>
      {picked && <path d={`M0 ${y}H${width}`} stroke="var(--brass)" strokeWidth={rung_px - 4} opacity={0.18} />}
      <path d={`M${from} ${y}H${to}`} stroke={colour} strokeWidth={4} opacity={0.4} />
      <circle cx={middle} cy={y} r={4.5} fill={hollow ? 'var(--ground)' : colour} stroke={colour} strokeWidth={2} />
      <text
        x={right ? to + 9 : from - 9}
        y={y + 5}
        fontSize="14"
        textAnchor={right ? 'start' : 'end'}
        fill="var(--ink)"
        paintOrder="stroke"
        stroke={picked ? 'none' : 'var(--ground)'}
        strokeWidth={4}
      >
        {label}
      </text>
    </g>
  );
});
