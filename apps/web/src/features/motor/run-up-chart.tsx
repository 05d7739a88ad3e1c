import { type RunUp, showNumber } from '@hobrek/core';
import { Area, CartesianGrid, ComposedChart, Line, ReferenceDot, ReferenceLine, Tooltip, XAxis, YAxis } from 'recharts';
import { show, unitShown } from '../../shared/in-my-units.js';
import { useWidth } from '../../shared/use-width.js';

const height_px = 280;
const points = 150;

/** What the motor gives from rest to full speed with its range, and what the work asks of it; where they meet it settles. */
export function RunUpChart({ runUp }: { runUp: RunUp }) {
  const [frame, width] = useWidth<HTMLDivElement>();
  const { curves, load, settles } = runUp;
  const [low, likely, high] = curves;
  const { factor, symbol } = unitShown('N·m');
  const data = Array.from({ length: points + 1 }, (_, k) => {
    const n = (likely.top_rpm * k) / points;
    return { n, gives: likely.torque(n) * factor, band: [low.torque(n) * factor, high.torque(n) * factor], asks: load(n) * factor };
  });
  const at = settles.known ? settles.value : null;
  return (
    <div
      ref={frame}
      data-testid="run-up"
      role="img"
      aria-label={`torque over speed; ${at === null ? 'it does not settle' : `it settles at ${show(at, 'rpm')}`}`}
    >
      <ComposedChart accessibilityLayer={false} width={width} height={height_px} data={data} margin={{ top: 16, right: 24, bottom: 4, left: -16 }}>
        <CartesianGrid vertical={false} stroke="var(--hair)" />
        <XAxis dataKey="n" type="number" domain={[0, likely.top_rpm]} tickCount={6} unit=" rpm" stroke="var(--soft)" fontSize={12} />
        <YAxis stroke="var(--soft)" fontSize={12} tickLine={false} axisLine={false} domain={[0, 'auto']} />
        <Tooltip isAnimationActive={false} content={({ active, payload }) => (active ? <Surplus at={payload[0]?.payload} /> : null)} />
        <Area dataKey="band" stroke="none" fill="var(--ink)" fillOpacity={0.09} isAnimationActive={false} />
        <Line dataKey="gives" stroke="var(--blue)" strokeWidth={2.2} dot={false} isAnimationActive={false} />
        <Line dataKey="asks" stroke="var(--ink)" strokeWidth={1.4} strokeDasharray="5 4" dot={false} isAnimationActive={false} />
        {likely.switch_rpm !== null && (
          <ReferenceLine
            x={likely.switch_rpm}
            stroke="var(--soft)"
            strokeDasharray="2 3"
            label={{
              value: `start winding drops out at about ${likely.switch_rpm.toFixed(0)}`,
              position: 'insideTopRight',
              fill: 'var(--soft)',
              fontSize: 12,
            }}
          />
        )}
        {at !== null && <ReferenceDot x={at} y={load(at) * factor} r={5} fill="var(--brass)" stroke="var(--ink)" />}
      </ComposedChart>
      <p className="text-sm text-soft">
        <span className="text-blue">━</span> what the motor gives, {symbol}, its range shaded · <span className="text-ink">┅</span> what the work asks
        of it here{at === null ? '' : `; it settles at ${show(at, 'rpm')}, where they meet`}
      </p>
    </div>
  );
}

interface Point {
  readonly n: number;
  readonly gives: number;
  readonly asks: number;
}

/** What is left to speed it up at one speed. */
function Surplus({ at }: { at: Point | undefined }) {
  if (!at) return null;
  const left = at.gives - at.asks;
  return (
    <p className="border border-ink bg-sheet px-2 py-1 text-sm">
      {show(at.n, 'rpm')}: gives {showNumber(at.gives)}, asked {showNumber(at.asks)}, {showNumber(Math.abs(left))} {left >= 0 ? 'over' : 'short'}
    </p>
  );
}
