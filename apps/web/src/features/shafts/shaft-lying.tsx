import type { Bent, EvaluatedShaft, LaidShaft } from '@hobrek/core';
import type { ScaleLinear } from 'd3-scale';
import { type KeyboardEvent, type PointerEvent, type ReactNode, useRef } from 'react';
import { useOpen } from '../../open-build/here.js';
import { show } from '../../shared/in-my-units.js';

const size = ([right, up]: readonly [number, number]): number => Math.hypot(right, up);

interface Shown {
  readonly laid: LaidShaft;
  readonly bent: Bent;
  readonly weakest: EvaluatedShaft['weakest'];
  readonly x: ScaleLinear<number, number>;
  readonly px_mm: number;
  readonly width: number;
}

/** How thick it is drawn at least, px, and wheels beside it. */
const [thin, wheel] = [5, 34];

/** The shaft from the side: its sections with what is cut into them, what sits on it and what it turns in, to be moved by dragging and by keys; where it is weakest is marked. */
export function ShaftLying({ laid, bent, weakest, x, px_mm, width }: Shown) {
  const tallest = Math.max(...laid.sections.map(({ size_mm }) => size_mm));
  const half = (mm: number) => Math.max(thin, Math.min(60, mm * px_mm)) / 2;
  const middle = Math.max(half(tallest), wheel) + 20;
  const height = middle + half(tallest) + 44;
  const long = bent.at_mm.at(-1) ?? 0;
  let from = 0;
  const sections = laid.sections.map((section) => {
    const start = from;
    from += section.length_mm;
    return { section, start, end: from };
  });
  const sizeAt = (at: number) => sections.find(({ end }) => at <= end + 1e-6)?.section.size_mm ?? tallest;
  return (
    // biome-ignore lint/a11y/useSemanticElements: it is drawn, and a fieldset cannot be
    <svg width={width} height={height} role="group" aria-label="the shaft as it lies">
      {weakest && <rect x={x(weakest.at_mm) - 9} y={14} width={18} height={height - 28} fill="var(--close)" fillOpacity={0.18} />}
      <path d={`M${x(0) - 14} ${middle}H${x(long) + 10}`} stroke="var(--soft)" strokeDasharray="10 3 2 3" />
      {sections.map(({ section, start, end }) => {
        const h = half(section.size_mm);
        return (
          <g key={start}>
            <rect x={x(start)} y={middle - h} width={x(end) - x(start)} height={2 * h} fill="var(--sheet)" stroke="var(--ink)" />
            {section.shape === 'square' && (
              <path
                d={`M${x(start)} ${middle - h}L${x(end)} ${middle + h}M${x(start)} ${middle + h}L${x(end)} ${middle - h}`}
                stroke="var(--ink)"
                strokeWidth={0.5}
              />
            )}
            {section.shape === 'hexagon' && (
              <path d={`M${x(start)} ${middle - h / 2}H${x(end)}M${x(start)} ${middle + h / 2}H${x(end)}`} stroke="var(--ink)" strokeWidth={0.7} />
            )}
            {section.shape === 'tube' && (
              <path
                d={`M${x(start)} ${middle - half(section.bore_mm ?? 0)}H${x(end)}M${x(start)} ${middle + half(section.bore_mm ?? 0)}H${x(end)}`}
                stroke="var(--ink)"
                strokeWidth={0.7}
                strokeDasharray="5 3"
              />
            )}
          </g>
        );
      })}
      {laid.notches.map((notch) => (
        <Cut
          key={`${notch.id} ${notch.at_mm} ${notch.to_mm} ${notch.Kf}`}
          notch={notch}
          x={x}
          middle={middle}
          half={half(sizeAt(notch.at_mm))}
          root={notch.root_mm === undefined ? null : half(notch.root_mm)}
        />
      ))}
      {laid.loads.map(({ id, path, at_mm, force_N }) =>
        path === undefined ? null : (
          <Moved key={path} id={id} path={path} at_mm={at_mm} long={long} x={x} says={show(size(force_N), 'N')}>
            {path.startsWith('@forces/') ? (
              <path d={`M${x(at_mm)} 18V${middle - half(sizeAt(at_mm)) - 2}m-5 -9l5 9l5 -9`} fill="none" stroke="var(--blue)" strokeWidth={1.6} />
            ) : (
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
            )}
            <rect x={x(at_mm) - 14} y={0} width={28} height={2 * middle} fill="transparent" />
            <text x={x(at_mm)} y={12} fontSize={12} textAnchor="middle" fill="var(--ink)">
              {show(size(force_N), 'N')}
            </text>
          </Moved>
        ),
      )}
      {laid.bearings.map(({ id, path, at_mm }) => (
        <Moved key={path ?? id} id={id} path={path} at_mm={at_mm} long={long} x={x} says="bearing">
          <path
            d={`M${x(at_mm)} ${middle + half(tallest) + 2}l8 13h-16zM${x(at_mm) - 12} ${middle + half(tallest) + 17}h24`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.4}
          />
          <rect x={x(at_mm) - 22} y={middle + half(tallest)} width={44} height={44} fill="transparent" />
          <text x={x(at_mm)} y={height - 8} fontSize={12} textAnchor="middle" fill="var(--soft)">
            {id}
          </text>
        </Moved>
      ))}
    </svg>
  );
}

interface CutShown {
  readonly notch: LaidShaft['notches'][number];
  readonly x: (mm: number) => number;
  readonly middle: number;
  readonly half: number;
  readonly root: number | null;
}

/** What is cut into it: along it a line on its upper edge, at one place a cross; a thread or a groove goes down to its root. */
function Cut({ notch: { at_mm, to_mm, left }, x, middle, half, root }: CutShown) {
  if (left !== undefined) return <circle cx={x(at_mm)} cy={middle} r={Math.max(1.5, half / 3)} fill="var(--sheet)" stroke="var(--ink)" />;
  if (to_mm === undefined)
    return root === null ? null : (
      <path d={`M${x(at_mm)} ${middle - half}V${middle - root}M${x(at_mm)} ${middle + half}V${middle + root}`} stroke="var(--ink)" strokeWidth={3} />
    );
  return root === null ? (
    <path d={`M${x(at_mm)} ${middle - half + 1.5}H${x(to_mm)}`} stroke="var(--ink)" strokeWidth={3} />
  ) : (
    <path
      d={`M${x(at_mm)} ${middle - root}H${x(to_mm)}M${x(at_mm)} ${middle + root}H${x(to_mm)}`}
      stroke="var(--ink)"
      strokeWidth={0.7}
      strokeDasharray="3 2"
    />
  );
}

interface MovedShown {
  readonly id: string;
  readonly path: string | undefined;
  readonly at_mm: number;
  readonly long: number;
  readonly x: ScaleLinear<number, number>;
  readonly says: string;
  readonly children: ReactNode;
}

/** A millimetre by an arrow key, ten with the shift key. */
const byKey = { ArrowRight: 1, ArrowLeft: -1 } as Readonly<Record<string, 1 | -1>>;
const coarse_mm = 10;

/** A wheel or a bearing that is moved along the shaft: its place is entered as chosen. */
function Moved({ id, path, at_mm, long, x, says, children }: MovedShown) {
  const { sized, fieldLeft } = useOpen();
  const dragged = useRef<{ readonly from_px: number; readonly at_mm: number } | null>(null);
  if (path === undefined) return <g>{children}</g>;
  const put = (to_mm: number) => {
    const place = Math.round(Math.min(long, Math.max(0, to_mm)));
    if (place !== Math.round(at_mm)) sized(`${path}/at`, `${place} mm`);
  };
  const keys = (event: KeyboardEvent) => {
    const by = byKey[event.key];
    if (by === undefined) return;
    event.preventDefault();
    put(Math.round(at_mm) + by * (event.shiftKey ? coarse_mm : 1));
  };
  const down = (event: PointerEvent<SVGGElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    dragged.current = { from_px: event.clientX, at_mm };
  };
  const move = ({ clientX }: PointerEvent) => {
    if (dragged.current) put(x.invert(x(dragged.current.at_mm) + clientX - dragged.current.from_px));
  };
  const up = () => {
    if (dragged.current) fieldLeft();
    dragged.current = null;
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={`place of ${id}`}
      aria-valuemin={0}
      aria-valuemax={Math.round(long)}
      aria-valuenow={Math.round(at_mm)}
      aria-valuetext={`${show(at_mm, 'mm')}, ${says}`}
      className="cursor-ew-resize touch-none focus-visible:outline-2 focus-visible:outline-offset-2 focus-visible:outline-blue"
      onKeyDown={keys}
      onBlur={fieldLeft}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
    >
      {children}
    </g>
  );
}
