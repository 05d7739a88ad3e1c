import { type Figure, type Known, type Rung } from '@hobrek/core';
import { memo, type ReactNode, useState } from 'react';
import { useOpen } from '../../open-build/here.js';
import { useDerived, useEvaluated } from '../../open-build/in-sight.js';
import { WithTerms } from '../../open-build/with-terms.js';
import { show, showParts, showRange, unitShown } from '../../shared/in-my-units.js';
import { isTouched } from '../../shared/is-touched.js';
import { unbroken } from '../../shared/unbroken.js';
import { useWidth } from '../../shared/use-width.js';
import { ladderRuler } from './ladder-ruler.js';

const top_px = 46;
/** From one peg to the next, px: a finger needs more. */
const rungHeight = (): number => (isTouched() ? 52 : 25);
/** Rungs of a ladder that is not shown whole. */
const shortLadder = 5;

interface Line {
  readonly id: string;
  readonly at: string | null;
  readonly says: string;
  /** The same on the shaft it acts on: `, 30.9 at the motor shaft`. */
  readonly there: string;
  readonly figure: Known;
  readonly colour: string;
  readonly hollow: boolean;
}

/** What the work needs, what reaches the tool, what fails in a jam and the jam torque, all as the tool feels it, on one ruler. */
export function JamLadder() {
  const { pick, allSaid } = useOpen();
  const line = useEvaluated((shown) => shown);
  const stale = useDerived(({ greyed }) => greyed.size > 0);
  const [all, setAll] = useState(false);
  const [frame, width] = useWidth<HTMLElement>();
  const check = line?.checks[0];
  if (!line || !check) return <section ref={frame} />;
  const rungs = line.jam.rungs.flatMap(rungLine);
  // Of a long machine what fails first; further up nothing is near.
  const near = all || rungs.length <= shortLadder + 1 ? rungs : rungs.slice(0, shortLadder);
  // The highest peg first: none then crosses the name of another, which is to its right.
  const lines = [...plain('the work needs', check.needs, 'var(--ink)'), ...plain('reaches it', check.has, `var(--${check.verdict})`), ...near].sort(
    (one, other) => other.figure.value - one.figure.value,
  );
  const jam = line.jam.torque;
  const { factor, symbol } = unitShown('N·m');
  const values = [...lines.map(({ figure }) => figure), ...(jam.known ? [jam] : [])].flatMap((figure) => [lowest(figure), highest(figure)]);
  const ruler = ladderRuler(values, rulerWidth(lines, values, width, factor), factor);
  // What the work needs alone is no ladder.
  if (!ruler || (near.length === 0 && !jam.known)) return <section ref={frame} />;
  const { x, ticks, end } = ruler;
  const rung_px = rungHeight();
  const height = top_px + lines.length * rung_px + 6;
  const flag = jam.known ? x(jam.value) : 0;
  return (
    <section ref={frame} className={`min-w-0 ${stale ? 'stale' : ''}`}>
      <h2 className="font-head tracking-wide text-blue uppercase">
        Weakest part in a jam{' '}
        <span className="font-text text-sm tracking-normal text-soft normal-case">
          {symbol} at the {line.stations.at(-1)?.name}
        </span>
      </h2>
      {/* Drawn in few pieces, and lettered without SVG, whose every text is laid out by itself: half the page moves here when one speed is typed. */}
      <div className="relative text-sm" style={{ height }}>
        <svg width={width} height={height} className="absolute inset-0 overflow-visible" aria-hidden="true" fill="none">
          <path d={`M0 ${top_px - 6}H${end}${ticks.map(({ at }) => `M${x(at)} ${top_px - 6}v-6`).join('')}`} stroke="var(--ink)" />
          {jam.known && (
            <>
              <path d={`M0 ${top_px - 6}H${x(highest(jam))}`} stroke="var(--ink)" strokeWidth={5} opacity={0.15} />
              <path d={`M${x(lowest(jam))} ${top_px - 6}H${x(highest(jam))}`} stroke="var(--ink)" strokeWidth={5} opacity={0.25} />
              <path d={`M${flag} ${top_px - 2}V${2}`} stroke="var(--ink)" strokeWidth={2} />
            </>
          )}
          <Marks lines={lines} x={x} rung_px={rung_px} />
        </svg>
        <div aria-hidden="true">
          {ticks.map(({ says, at }, k) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a number at the ruler is its place in the row
            <Lettering key={k} to={x(at)} width={width} top={top_px - 29} place={x(at) > width - 14 ? 'before' : 'at'} className="text-xs text-soft">
              {String(says)}
            </Lettering>
          ))}
        </div>
        {jam.known && (
          <Lettering
            to={flag + 5}
            from={flag - 5}
            width={width}
            top={-3}
            place={flag > width / 2 ? 'before' : 'after'}
            className="text-[13px] whitespace-nowrap"
          >
            {`jam ${show(jam.value, jam.unit)}`}
          </Lettering>
        )}
        {lines.map(({ id, at, says, there, figure }, k) => {
          const to = x(highest(figure));
          const label = `${says} ${showParts(figure.value, figure.unit).number}`;
          return (
            <Lettering key={id} to={to + 9} width={width} top={top_px + k * rung_px} place="after" className="">
              {at ? (
                <button
                  type="button"
                  aria-label={`${says} ${text(figure)}${there}`}
                  className="cursor-pointer leading-6 hover:underline pointer-coarse:leading-11"
                  onClick={() => pick(at)}
                >
                  {label}
                </button>
              ) : (
                <span className="leading-6 pointer-coarse:leading-11">{label}</span>
              )}
            </Lettering>
          );
        })}
      </div>
      {rungs.length > shortLadder + 1 && (
        <button type="button" aria-expanded={all} className="min-h-6 cursor-pointer text-sm text-blue hover:underline" onClick={() => setAll(!all)}>
          {all ? 'only the weakest parts' : `${rungs.length - near.length} more`}
        </button>
      )}
      {line.inJam.length > 0 && (
        <details className="mt-1 text-sm">
          <summary className="cursor-pointer text-blue">What happens in a jam</summary>
          <p className="text-soft">
            <WithTerms text={unbroken(allSaid(line.inJam))} />
          </p>
        </details>
      )}
    </section>
  );
}

/** As long as leaves room to the right of every peg for its name. */
function rulerWidth(lines: readonly Line[], values: readonly number[], width: number, factor: number): number {
  const unit = ladderRuler(values, 1, factor);
  if (!unit) return width;
  const rooms = lines.map(({ says, figure }) => {
    const share = unit.x(highest(figure));
    const name_px = (says.length + 7) * letter_px + 12;
    return share > 0 ? (width - name_px) / share : width;
  });
  return Math.max(width / 3, Math.min(width, ...rooms));
}

const lowest = ({ low, value }: Known) => low ?? value;
const highest = ({ high, value }: Known) => high ?? value;
const text = (figure: Known) => showRange(lowest(figure), highest(figure), figure.unit);

const plain = (says: string, figure: Figure, colour: string): Line[] =>
  figure.known ? [{ id: says, at: null, says, there: '', figure, colour, hollow: false }] : [];

/** A fuse that slips or stalls unharmed is green; what breaks is coloured by whether the jam reaches it. */
const rungLine = ({ id, at, short, atTool, own, harm, verdict }: Rung): Line[] =>
  atTool.known
    ? [
        {
          id,
          at,
          says: short,
          there: own?.torque.known ? `, ${showParts(own.torque.value, own.torque.unit).number} at the ${own.shaft}` : '',
          figure: atTool,
          colour: harm === 'wearing' ? 'var(--blue)' : `var(--${harm === 'harmless' ? 'holds' : verdict})`,
          hollow: harm === 'breaking',
        },
      ]
    : [];

/** Each line's drop from the ruler, its range and its mark: one path for all of one colour. */
function Marks({ lines, x, rung_px }: { lines: readonly Line[]; x: (value: number) => number; rung_px: number }) {
  const placed = lines.map((line, k) => ({ ...line, y: top_px + (k + 0.5) * rung_px }));
  const colours = [...new Set(lines.map(({ colour }) => colour))];
  return colours.map((colour) => {
    const mine = placed.filter((line) => line.colour === colour);
    const hollow = mine.filter((line) => line.hollow);
    const dots = (some: typeof mine) => some.map(({ figure, y }) => `M${x(figure.value)} ${y}h0`).join('');
    return (
      <g key={colour} stroke={colour} strokeLinecap="round">
        <path d={mine.map(({ figure, y }) => `M${x(figure.value)} ${top_px - 6}V${y}`).join('')} strokeLinecap="butt" opacity={0.6} />
        <path
          d={mine.map(({ figure, y }) => `M${x(lowest(figure))} ${y}H${x(highest(figure))}`).join('')}
          strokeWidth={4}
          strokeLinecap="butt"
          opacity={0.4}
        />
        <path d={dots(mine)} strokeWidth={11} />
        {hollow.length > 0 && <path d={dots(hollow)} strokeWidth={7} stroke="var(--ground)" />}
      </g>
    );
  });
}

interface Lettered {
  /** Where it begins if it is after, or its middle, px along the ruler. */
  readonly to: number;
  /** Where it ends if it is before, px. */
  readonly from?: number;
  readonly place: 'after' | 'at' | 'before';
  readonly width: number;
  readonly top: number;
  readonly className: string;
  readonly children: ReactNode;
}

/** A text at a place along the ruler. Drawn again only when it is elsewhere or says something else. */
const Lettering = memo(function Lettering({ to, from = to, place, width, top, className, children }: Lettered) {
  return (
    <span
      className={`absolute whitespace-nowrap ${place === 'at' ? '-translate-x-1/2' : ''} ${className}`}
      style={place === 'before' ? { top, right: width - from } : { top, left: to }}
    >
      {children}
    </span>
  );
});

/** Room a label needs, px. */
const letter_px = 7;
