import { type Bent, bent, type EvaluatedShaft, type LaidShaft } from '@hobrek/core';
import { scaleLinear } from 'd3-scale';
import { memo, useMemo, useState } from 'react';
import { Area, CartesianGrid, ComposedChart, ReferenceLine, XAxis, YAxis } from 'recharts';
import { show } from '../../shared/in-my-units.js';
import { useUnits } from '../../shared/preferences.js';
import { useWidth } from '../../shared/use-width.js';

const curves = {
  moment: { says: 'bending moment', unit: 'N·m' },
  shear: { says: 'shear force', unit: 'N' },
  deflection: { says: 'deflection', unit: 'mm' },
  torque: { says: 'torque', unit: 'N·m' },
} as const;
type Curve = keyof typeof curves;

const size = ([right, up]: readonly [number, number]): number => Math.hypot(right, up);
const side = 44;

interface Shown {
  readonly laid: LaidShaft;
  readonly weakest: EvaluatedShaft['weakest'];
}

/** A shaft to scale with its wheels and bearings, and under it how it is bent; the figures of a place under the pointer, by touch and by keys. */
export const ShaftDrawn = memo(function ShaftDrawn({ laid, weakest }: Shown) {
  const is = useMemo(() => bent(laid), [laid]);
  return is ? <Drawn laid={laid} bent={is} weakest={weakest} /> : null;
});

function Drawn({ laid, bent, weakest }: Shown & { readonly bent: Bent }) {
  useUnits();
  const [frame, width] = useWidth<HTMLDivElement>();
  const [curve, pick] = useState<Curve>('moment');
  const [picked, setPicked] = useState<number | null>(null);
  const long = bent.at_mm.at(-1) ?? 1;
  const rows = bent.at_mm.map((at, k) => ({
    at,
    moment: size(bent.moment_Nm[k] as readonly [number, number]) + (bent.turning_Nm[k] as number),
    shear: size(bent.shear_N[k] as readonly [number, number]),
    deflection: size(bent.deflection_mm[k] as readonly [number, number]),
    torque: Math.abs(bent.torque_Nm[k] as number),
  }));
  const nearest = (at: number) => rows.reduce((best, row, k) => (Math.abs(row.at - at) < Math.abs((rows[best]?.at ?? 0) - at) ? k : best), 0);
  const here = Math.min(rows.length - 1, picked ?? nearest(weakest?.at_mm ?? 0));
  const row = rows[here] as (typeof rows)[number];
  const told = `at ${show(row.at, 'mm')}: moment ${show(row.moment, 'N·m')}, torque ${show(row.torque, 'N·m')}, ${row.deflection < 0.1 ? `deflection below ${show(0.1, 'mm')}` : `deflection ${show(row.deflection, 'mm')}`}`;
  const x = scaleLinear([0, long], [side, Math.max(side + 10, width - 12)]);
  const inside = Math.max(1, x(long) - x(0));
  return (
    <figure className="min-w-0">
      <div ref={frame} className="min-w-0 overflow-hidden">
        {width > 0 && (
          <>
            <Lying laid={laid} bent={bent} weakest={weakest} x={x} px_mm={inside / long} width={width} />
            <div
              role="slider"
              tabIndex={0}
              aria-label="place along the shaft"
              aria-valuemin={0}
              aria-valuemax={Math.round(long)}
              aria-valuenow={Math.round(row.at)}
              aria-valuetext={told}
              onKeyDown={(event) => {
                const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
                if (by === undefined) return;
                event.preventDefault();
                setPicked(Math.min(rows.length - 1, Math.max(0, here + by)));
              }}
              onPointerMove={(event) => setPicked(nearest(x.invert(event.clientX - event.currentTarget.getBoundingClientRect().left)))}
              onPointerDown={(event) => setPicked(nearest(x.invert(event.clientX - event.currentTarget.getBoundingClientRect().left)))}
            >
              <ComposedChart accessibilityLayer={false} width={width} height={150} data={rows} margin={{ top: 6, right: 12, bottom: 0, left: 0 }}>
                <CartesianGrid vertical={false} stroke="var(--hair)" />
                <XAxis dataKey="at" type="number" domain={[0, long]} ticks={x.ticks(6)} stroke="var(--soft)" fontSize={12} />
                <YAxis width={side} stroke="var(--soft)" fontSize={12} tickLine={false} axisLine={false} tickCount={4} />
                <ReferenceLine x={row.at} stroke="var(--brass)" />
                <Area
                  dataKey={curve}
                  type="linear"
                  stroke="var(--blue)"
                  strokeWidth={1.6}
                  fill="var(--blue)"
                  fillOpacity={0.1}
                  dot={false}
                  isAnimationActive={false}
                />
              </ComposedChart>
            </div>
          </>
        )}
      </div>
      <figcaption className="flex flex-wrap items-baseline gap-x-5">
        <span role="status">{told}</span>
        <fieldset className="flex flex-wrap gap-x-4 text-sm">
          <legend className="sr-only">what is drawn below the shaft</legend>
          {(Object.keys(curves) as Curve[]).map((name) => (
            <label key={name} className="flex min-h-7 cursor-pointer items-center gap-x-1 pointer-coarse:min-h-11">
              <input type="radio" className="accent-blue" checked={curve === name} onChange={() => pick(name)} />
              {curves[name].says}, {curves[name].unit}
            </label>
          ))}
        </fieldset>
      </figcaption>
      <p className="text-sm text-soft">
        {laid.bearings.map(({ id }, k) => `${id} pushes ${show(size(bent.reactions_N[k] as readonly [number, number]), 'N')}`).join(', ')}; it twists
        by {show(Math.abs(bent.twist_rad), 'rad')}.
      </p>
    </figure>
  );
}

interface LyingShown extends Shown {
  readonly bent: Bent;
  readonly x: (mm: number) => number;
  readonly px_mm: number;
  readonly width: number;
}

/** How thick it is drawn at least, px, and wheels beside it. */
const [thin, wheel] = [5, 34];

/** The shaft from the side: its sections, what sits on it and what it turns in; where it is weakest is marked. */
function Lying({ laid, bent, weakest, x, px_mm, width }: LyingShown) {
  const tallest = Math.max(...laid.sections.map(({ size_mm }) => size_mm));
  const half = (mm: number) => Math.max(thin, Math.min(60, mm * px_mm)) / 2;
  const middle = Math.max(half(tallest), wheel) + 20;
  const height = middle + half(tallest) + 44;
  let from = 0;
  return (
    <svg width={width} height={height} role="img" aria-label="the shaft as it lies">
      {weakest && <rect x={x(weakest.at_mm) - 9} y={14} width={18} height={height - 28} fill="var(--close)" fillOpacity={0.18} />}
      <path d={`M${x(0) - 14} ${middle}H${x(bent.at_mm.at(-1) ?? 0) + 10}`} stroke="var(--soft)" strokeDasharray="10 3 2 3" />
      {laid.sections.map((section, k) => {
        const start = from;
        from += section.length_mm;
        const h = half(section.size_mm);
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: sections have no names of their own here, and lie in this order
          <g key={k}>
            <rect x={x(start)} y={middle - h} width={x(from) - x(start)} height={2 * h} fill="var(--sheet)" stroke="var(--ink)" />
            {(section.shape === 'hexagon' || section.shape === 'square') && (
              <path d={`M${x(start)} ${middle - h / 2}H${x(from)}M${x(start)} ${middle + h / 2}H${x(from)}`} stroke="var(--ink)" strokeWidth={0.7} />
            )}
          </g>
        );
      })}
      {laid.loads.map(({ id, at_mm, force_N }) =>
        id === 'the tool' ? null : (
          <g key={id}>
            <rect
              x={x(at_mm) - 9}
              y={middle - wheel}
              width={18}
              height={2 * wheel}
              fill="var(--sheet)"
              fillOpacity={0.85}
              stroke="var(--blue)"
              strokeWidth={1.4}
            />
            <text x={x(at_mm)} y={12} fontSize={12} textAnchor="middle" fill="var(--ink)">
              {show(size(force_N), 'N')}
            </text>
          </g>
        ),
      )}
      {laid.bearings.map(({ id, at_mm }) => (
        <g key={id}>
          <path
            d={`M${x(at_mm)} ${middle + half(tallest) + 2}l8 13h-16zM${x(at_mm) - 12} ${middle + half(tallest) + 17}h24`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.4}
          />
          <text x={x(at_mm)} y={height - 8} fontSize={12} textAnchor="middle" fill="var(--soft)">
            {id}
          </text>
        </g>
      ))}
    </svg>
  );
}
