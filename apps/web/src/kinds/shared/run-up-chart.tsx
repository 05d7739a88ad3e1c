import { type RunUp, showNumber } from '@hobrek/core';
import { scaleLinear } from 'd3-scale';
import { Area, CartesianGrid, ComposedChart, Line, ReferenceDot, ReferenceLine, Tooltip, XAxis, YAxis } from 'recharts';
import { show, unitShown } from '../../shared/in-my-units.js';
import { useWidth } from '../../shared/use-width.js';

const height_px = 200;

interface Charted {
  readonly runUp: RunUp;
  /** What the source is called: `motor`. */
  readonly noun: string;
}

/** Torque of the source from rest to full speed with its range, and what the work needs of it; where they meet it settles. */
export function RunUpChart({ runUp, noun }: Charted) {
  const [frame, width] = useWidth<HTMLDivElement>();
  const { speeds_rpm, torque_Nm, load_Nm, switch_rpm, settles } = runUp;
  const [low, likely, high] = torque_Nm;
  const { factor, symbol } = unitShown('N·m');
  const at = (of: readonly number[], k: number) => (of[k] as number) * factor;
  const data = speeds_rpm.map((n, k) => ({ n, has: at(likely, k), band: [at(low, k), at(high, k)], needs: at(load_Nm, k) }));
  const top = speeds_rpm.at(-1) as number;
  const upright = scaleLinear([0, Math.max(...data.flatMap(({ band, needs }) => [band[1] as number, needs]))], [height_px, 0]).nice(5);
  const settled = settles.known ? settles.value : null;
  // The load is a straight line between two points of the chart: near enough for a dot.
  const dot =
    settled === null ? null : data.reduce((best, each) => (Math.abs(each.n - settled) < Math.abs(best.n - settled) ? each : best), data[0] as Point);
  return (
    <div
      ref={frame}
      data-testid="run-up"
      role="img"
      aria-label={`torque over speed; ${settled === null ? 'it does not settle' : settled === 0 ? 'it never leaves rest' : `it settles at ${show(settled, 'rpm')}`}`}
    >
      <ComposedChart accessibilityLayer={false} width={width} height={height_px} data={data} margin={{ top: 16, right: 24, bottom: 4, left: -16 }}>
        <CartesianGrid vertical={false} stroke="var(--hair)" />
        <XAxis
          dataKey="n"
          type="number"
          domain={[0, top]}
          ticks={scaleLinear([0, top], [0, width]).ticks(6)}
          unit=" rpm"
          stroke="var(--soft)"
          fontSize={12}
        />
        <YAxis
          stroke="var(--soft)"
          fontSize={12}
          tickLine={false}
          axisLine={false}
          domain={upright.domain() as [number, number]}
          ticks={upright.ticks(5)}
        />
        <Tooltip isAnimationActive={false} content={({ active, payload }) => (active ? <Surplus at={payload[0]?.payload} /> : null)} />
        <Area dataKey="band" stroke="none" fill="var(--ink)" fillOpacity={0.09} isAnimationActive={false} />
        <Line dataKey="has" stroke="var(--blue)" strokeWidth={2.2} dot={false} isAnimationActive={false} />
        <Line dataKey="needs" stroke="var(--ink)" strokeWidth={1.4} strokeDasharray="5 4" dot={false} isAnimationActive={false} />
        {switch_rpm !== null && (
          <ReferenceLine
            x={switch_rpm}
            stroke="var(--soft)"
            strokeDasharray="2 3"
            label={{
              value: `start winding drops out at about ${switch_rpm.toFixed(0)}`,
              position: 'insideTopRight',
              fill: 'var(--soft)',
              fontSize: 12,
            }}
          />
        )}
        {dot && settled !== null && <ReferenceDot x={settled} y={dot.needs} r={5} fill="var(--brass)" stroke="var(--ink)" />}
      </ComposedChart>
      <p className="text-sm text-soft">
        <span className="text-blue">━</span> torque of the {noun}, {symbol}, its range shaded · <span className="text-ink">┅</span> what the work
        needs of it here
        {settled === null ? '' : settled === 0 ? '; it never leaves rest' : `; it settles at ${show(settled, 'rpm')}, where they meet`}
      </p>
    </div>
  );
}

interface Point {
  readonly n: number;
  readonly has: number;
  readonly needs: number;
}

/** What is left to speed it up at one speed. */
function Surplus({ at }: { at: Point | undefined }) {
  if (!at) return null;
  const left = at.has - at.needs;
  return (
    <p className="border border-ink bg-sheet px-2 py-1 text-sm">
      {show(at.n, 'rpm')}: has {showNumber(at.has)}, needs {showNumber(at.needs)}, {showNumber(Math.abs(left))} {left >= 0 ? 'surplus' : 'missing'}
    </p>
  );
}
