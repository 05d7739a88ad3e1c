import type { Proposal } from '@hobrek/core';
import { scaleLinear } from 'd3-scale';
import { memo } from 'react';
import { ComposedChart, Line, usePlotArea, useXAxisScale, useYAxisScale, XAxis, YAxis } from 'recharts';
import { fitDrawing, MachineDrawing } from '../../kinds/machine-drawing.js';
import { usePieces } from '../../shared/use-pieces.js';
import { useWidth } from '../../shared/use-width.js';
import type { Group } from './proposals.js';

const height_px = 240;
/** With what is said over and under it. */
export const chartRoom_px = height_px + 68;
/** The best of them, and the best of each sort: more lie over each other. */
const mostDrawn = 100;
/** Under so much reserve it is close. */
const close = 20;

interface Shown {
  readonly groups: readonly Group[];
  readonly proposals: readonly Proposal[];
  readonly picked: Proposal;
  readonly pick: (id: string) => void;
}

interface Point {
  readonly id: string;
  readonly cost: number;
  readonly reserve: number;
  readonly name: string;
  /** Number of its row; null of the others. */
  readonly at: number | null;
  readonly isPicked: boolean;
  readonly fails: boolean;
  /** Drawn beside its point, where it is one of the best trade-offs and there is room. */
  readonly drawn?: Proposal;
}

/** The best for its money: nothing that costs as little has more reserve. */
export function frontOf(points: readonly Point[]): readonly Point[] {
  const good = points.filter(({ fails }) => !fails).sort((a, b) => a.cost - b.cost || b.reserve - a.reserve);
  return good.filter((each, k) => good.slice(0, k).every((before) => before.reserve < each.reserve));
}

/** So far apart numbers can be read, in points and per cent. */
const apart = { cost: 0.45, reserve: 4 };

/** The numbers of the rows, but where they would lie over each other those of the better ones; the picked one comes last, on top. */
function withNumbers(points: readonly Point[], groups: readonly Group[]): readonly Point[] {
  const taken: Point[] = [];
  const numbers = new Map<string, number>();
  for (const [k, { best }] of groups.entries()) {
    const point = points.find(({ id }) => id === best.id);
    const isFree = (each: Point) =>
      point && (Math.abs(each.cost - point.cost) > apart.cost || Math.abs(each.reserve - point.reserve) > apart.reserve);
    if (!point || !taken.every(isFree)) continue;
    taken.push(point);
    numbers.set(point.id, k + 1);
  }
  const rank = ({ id, isPicked }: Point) => (isPicked ? 2 : numbers.has(id) ? 1 : 0);
  return points.map((each) => ({ ...each, at: numbers.get(each.id) ?? null })).sort((a, b) => rank(a) - rank(b));
}

/** Size of a machine beside its point, px, and how far from it: up and to the left of a best trade-off no other drive is. */
const machine = { width: 62, height: 32, away: 11 } as const;

/** Which of the best trade-offs are drawn: one after the other by cost, those that would lie over the one before are not. */
function drawnOf(
  front: readonly Point[],
  proposals: readonly Proposal[],
  at: (point: Point) => readonly [number, number],
): ReadonlyMap<string, Proposal> {
  const drawn = new Map<string, Proposal>();
  let last: readonly [number, number] | null = null;
  for (const point of front) {
    const [x, y] = at(point);
    const isApart = last === null || Math.abs(x - last[0]) > machine.width + 4 || Math.abs(y - last[1]) > machine.height + 4;
    const fits = x > machine.width + machine.away && y > machine.height + machine.away;
    const proposal = proposals.find(({ id }) => id === point.id);
    if (!proposal || !isApart || !fits) continue;
    drawn.set(point.id, proposal);
    last = [x, y];
  }
  return drawn;
}

/** Its frame, each of its axes, and what is plotted. */
const pieces = { along: 2, upright: 3, plot: 4 } as const;

/** Cost against reserve: each point is a drive, the line joins those than which nothing has more reserve for as little. */
export function CostChart({ groups, proposals, picked, pick }: Shown) {
  const [frame, width] = useWidth<HTMLDivElement>();
  const there = usePieces(pieces.plot);
  const all = proposals.flatMap((proposal): Point[] => {
    const { id, points: cost, reserve, name, verdict } = proposal;
    if (reserve === null) return [];
    return [{ id, cost, reserve: Math.max(0, 100 * reserve.worst), name, at: null, isPicked: id === picked.id, fails: verdict === 'fails' }];
  });
  const front = frontOf(all);
  const kept = new Set([...front.map(({ id }) => id), ...groups.map(({ best }) => best.id), picked.id]);
  const points = all.filter(({ id }, k) => k < mostDrawn || kept.has(id));
  if (points.length === 0) return null;
  // Room above and to the left of the best for the machines that they are.
  const top = 1.3 * Math.max(30, ...points.map(({ reserve }) => reserve));
  const right = Math.max(4, ...points.map(({ cost }) => cost)) + 1;
  const upright = scaleLinear([0, top], [height_px, 0]).nice(5);
  const before = -0.25 * right;
  const along = scaleLinear([before, right], [0, width]);
  const drawn = drawnOf(front, proposals, ({ cost, reserve: left }) => [along(cost), upright(left)]);
  const numbered = withNumbers(points, groups).map((point): Point => {
    const proposal = drawn.get(point.id);
    return proposal ? { ...point, drawn: proposal } : point;
  });
  const order = [...points].sort((a, b) => a.cost - b.cost || a.reserve - b.reserve || (a.id < b.id ? -1 : 1));
  const walk = (by: 1 | -1) => {
    const at = order.findIndex(({ isPicked }) => isPicked);
    const next = order[Math.min(order.length - 1, Math.max(0, at + by))];
    if (next) pick(next.id);
  };
  const now = points.find(({ isPicked }) => isPicked);
  const ends = [0, right].map((cost) => ({ cost, reserve: 0 }));
  return (
    <figure>
      <figcaption className="font-head text-lg tracking-wide uppercase">
        Cost against reserve <span className="font-text text-sm tracking-normal text-soft normal-case">up and to the left is better</span>
      </figcaption>
      <div
        ref={frame}
        role="slider"
        tabIndex={0}
        aria-label={`cost against reserve of ${points.length} drives`}
        aria-valuemin={1}
        aria-valuemax={order.length}
        aria-valuenow={order.findIndex(({ isPicked }) => isPicked) + 1}
        aria-valuetext={now ? `${now.name}, ${now.cost} points, reserve ${Math.floor(now.reserve)} %` : 'none is picked'}
        onKeyDown={(event) => {
          if (event.key !== 'ArrowRight' && event.key !== 'ArrowLeft') return;
          event.preventDefault();
          walk(event.key === 'ArrowRight' ? 1 : -1);
        }}
      >
        <ComposedChart accessibilityLayer={false} width={width} height={height_px} margin={{ top: 8, right: 12, bottom: 16, left: -12 }}>
          {there >= pieces.along && (
            <XAxis
              dataKey="cost"
              type="number"
              domain={[before, right]}
              ticks={along.ticks(5).filter((tick) => tick >= 0)}
              interval={0}
              stroke="var(--soft)"
              tick={<Tick anchor="middle" below={10} />}
              label={{ value: 'cost, points', position: 'insideBottom', offset: -10, fill: 'var(--soft)', fontSize: 12 }}
            />
          )}
          {there >= pieces.upright && (
            <YAxis
              dataKey="reserve"
              type="number"
              stroke="var(--soft)"
              tick={<Tick anchor="end" below={4} unit=" %" />}
              tickLine={false}
              axisLine={false}
              domain={upright.domain() as [number, number]}
              ticks={upright.ticks(5)}
              interval={0}
            />
          )}
          {/* Axes are drawn for a series alone: this one says nothing that is not plotted. */}
          <Line data={ends} dataKey="reserve" stroke="none" dot={false} activeDot={false} isAnimationActive={false} />
          {there >= pieces.plot && <Plot front={front} points={numbered} lines={upright.ticks(5)} pick={pick} />}
        </ComposedChart>
      </div>
      <p className="text-sm text-soft">under {close}&nbsp;% reserve it is close; a point is about the price of a belt, without shaft and bearings</p>
    </figure>
  );
}

interface Ticked {
  readonly anchor: 'middle' | 'end';
  /** Of its letters below the place of the tick, px. */
  readonly below: number;
  readonly unit?: string;
  readonly x?: number;
  readonly y?: number;
  readonly payload?: { readonly value: number };
}

/** A number at an axis. The chart’s own is measured word by word first, for which a browser lays the whole page out. */
const Tick = ({ x = 0, y = 0, payload, anchor, below, unit = '' }: Ticked) => (
  <text x={x} y={y + below} textAnchor={anchor} fontSize={12} fill="var(--soft)">
    {payload?.value}
    {unit}
  </text>
);

interface Plotted {
  readonly front: readonly Point[];
  readonly points: readonly Point[];
  /** Of the grid, by the reserve that they are at. */
  readonly lines: readonly number[];
  readonly pick: (id: string) => void;
}

/** What lies between the axes, by their scales. Each series of a chart keeps a store of its own up to date, which with a hundred drives takes longer than three frames. */
function Plot({ front, points, lines, pick }: Plotted) {
  const [along, upright, area] = [useXAxisScale(), useYAxisScale(), usePlotArea()];
  if (!along || !upright || !area) return null;
  const [x, y] = [(cost: number) => along(cost) ?? 0, (reserve: number) => upright(reserve) ?? 0];
  const stairs = front.map(({ cost, reserve }, k) => (k === 0 ? `M${x(cost)} ${y(reserve)}` : `H${x(cost)}V${y(reserve)}`)).join('');
  return (
    <g>
      <path d={`M${area.x} ${y(0)}h${area.width}V${y(close)}h${-area.width}z`} fill="var(--close)" fillOpacity={0.1} />
      <path d={lines.map((reserve) => `M${area.x} ${y(reserve)}h${area.width}`).join('')} stroke="var(--hair)" />
      <path d={stairs} fill="none" stroke="var(--blue)" strokeWidth={1.6} />
      {points.map((point) => (
        <Dot key={point.id} cx={x(point.cost)} cy={y(point.reserve)} at={point} pick={pick} />
      ))}
    </g>
  );
}

interface DotShown {
  readonly cx: number;
  readonly cy: number;
  readonly at: Point;
  readonly pick: (id: string) => void;
}

/** A drive: with its number where it has a row, round the one that is picked a ring, hollow where something fails. */
function Dot({ cx, cy, at: point, pick }: DotShown) {
  const { id, at, isPicked, fails } = point;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: a row of the list does the same by keys
    <g className="cursor-pointer" onClick={() => pick(id)}>
      <circle cx={cx} cy={cy} r={14} fill="transparent" />
      {point.drawn && <Machine proposal={point.drawn} x={cx - machine.away} y={cy - machine.away} />}
      {at !== null || isPicked ? (
        <>
          <circle
            cx={cx}
            cy={cy}
            r={9}
            fill={isPicked ? 'var(--brass)' : 'var(--sheet)'}
            stroke={fails ? 'var(--fails)' : 'var(--ink)'}
            strokeWidth={1.4}
          />
          {at !== null && (
            <text x={cx} y={cy + 4} textAnchor="middle" fontSize={11} fill="var(--ink)">
              {at}
            </text>
          )}
        </>
      ) : (
        <circle cx={cx} cy={cy} r={3} fill={fails ? 'none' : 'var(--blue)'} fillOpacity={0.45} stroke={fails ? 'var(--fails)' : 'none'} />
      )}
    </g>
  );
}

/** A drive as it would lie, small, its lower right corner at a place. */
const Machine = memo(function Machine({ proposal: { outlines, ends }, x, y }: { proposal: Proposal; x: number; y: number }) {
  const drawn = fitDrawing(outlines, { width: machine.width, height: machine.height, ends: ends ?? undefined });
  return (
    <svg
      x={x - drawn.width}
      y={y - drawn.height}
      width={drawn.width}
      height={drawn.height}
      viewBox={`0 0 ${drawn.width} ${drawn.height}`}
      aria-hidden="true"
    >
      <MachineDrawing stages={outlines} ends={ends ?? undefined} drawn={drawn} />
    </svg>
  );
});
