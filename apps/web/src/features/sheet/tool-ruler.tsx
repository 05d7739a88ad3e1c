import { type Known, showRange } from '@hobrek/core';
import { useOpenBuild } from '../../build/open-build.js';
import { useWidth } from '../../shared/use-width.js';

const height_px = 124;

/** Steps of a ruler: the fewest round numbers that reach past the largest value. */
function rulerFor(most: number): { end: number; step: number } {
  const rough = (most * 1.15) / 5;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = ([1, 2, 5, 10].find((each) => each * power >= rough) ?? 10) * power;
  return { end: step * Math.ceil((most * 1.15) / step), step };
}

/** What the tool asks and what reaches it, on one ruler: the gap between them is the margin. */
export function ToolRuler() {
  const check = useOpenBuild(({ open }) => open?.evaluation.lines[0]?.checks[0]);
  const station = useOpenBuild(({ open }) => open?.evaluation.lines[0]?.stations.at(-1)?.name);
  const stale = useOpenBuild(({ open }) => (open?.drafted.size ?? 0) > 0);
  const [frame, width_px] = useWidth<HTMLElement>();
  if (!check?.has.known || !check.needs.known) return <section ref={frame} />;
  const { has, needs } = check;
  const [hasLow, hasHigh] = [has.low ?? has.value, has.high ?? has.value];
  const [needsLow, needsHigh] = [needs.low ?? needs.value, needs.high ?? needs.value];
  const { end, step } = rulerFor(Math.max(hasHigh, needsHigh));
  const x = (value: number) => (value / end) * width_px;
  const ticks = Array.from({ length: Math.round(end / step) + 1 }, (_, k) => k * step);
  return (
    <section ref={frame} className={`min-w-0 ${stale ? 'stale' : ''}`}>
      <h2 className="font-head tracking-wide text-blue uppercase">
        At the {station} <span className="font-text text-sm tracking-normal text-soft normal-case">N·m</span>
      </h2>
      <svg
        width={width_px}
        height={height_px}
        className="mt-1 overflow-visible"
        role="img"
        aria-label={`${text(needs)} is asked, ${text(has)} reaches it`}
      >
        <path d={`M0 22H${width_px}${ticks.map((tick) => `M${x(tick)} 22v-6`).join('')}`} stroke="var(--ink)" fill="none" />
        {ticks.map((tick) => (
          <text key={tick} x={x(tick)} y={12} fontSize="12" textAnchor={tick === 0 ? 'start' : tick === end ? 'end' : 'middle'} fill="var(--soft)">
            {Number(tick.toPrecision(6))}
          </text>
        ))}
        <path d={`M${x(needsHigh)} 22V112`} stroke="var(--ink)" strokeDasharray="2 3" />
        <Mark
          width={width_px}
          clear={x(needsLow)}
          y={50}
          from={x(needsLow)}
          at={x(needs.value)}
          to={x(needsHigh)}
          colour="var(--ink)"
          says={`asked ${text(needs)}`}
        />
        <Mark
          width={width_px}
          clear={x(Math.min(needsLow, hasLow))}
          y={90}
          from={x(hasLow)}
          at={x(has.value)}
          to={x(hasHigh)}
          colour={`var(--${check.verdict})`}
          says={`reaches it ${text(has)}`}
        />
      </svg>
    </section>
  );
}

const text = ({ value, low, high, unit }: Known) => showRange(low ?? value, high ?? value, unit);

/** Room a label needs, px. */
const labelRoom_px = 175;

/** Where a label crosses nothing: left of everything, between, on the right; failing all, left of its own mark. */
function labelPlace({ clear, from, to, width }: { clear: number; from: number; to: number; width: number }): { x: number; anchor: 'start' | 'end' } {
  if (clear > labelRoom_px) return { x: clear - 8, anchor: 'end' };
  if (from - clear > labelRoom_px) return { x: from - 8, anchor: 'end' };
  if (width - to > labelRoom_px) return { x: to + 8, anchor: 'start' };
  return { x: from - 8, anchor: 'end' };
}

interface Marked {
  /** Left of this stands no other mark. */
  readonly clear: number;
  readonly width: number;
  readonly y: number;
  readonly from: number;
  readonly at: number;
  readonly to: number;
  readonly colour: string;
  readonly says: string;
}

function Mark({ clear, width, y, from, at, to, colour, says }: Marked) {
  const label = labelPlace({ clear, from, to, width });
  return (
    <g>
      <path d={`M${at} 22V${y}`} stroke={colour} />
      <path d={`M${from} ${y}H${to}`} stroke={colour} strokeWidth={3} opacity={0.4} />
      <circle cx={at} cy={y} r={4} fill={colour} />
      <text
        x={label.x}
        y={y + 4}
        fontSize="14"
        textAnchor={label.anchor}
        fill="var(--ink)"
        paintOrder="stroke"
        stroke="var(--ground)"
        strokeWidth={4}
      >
        {says}
      </text>
    </g>
  );
}
