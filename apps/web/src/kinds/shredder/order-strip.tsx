import { hooksOverTurn } from '@hobrek/core';
import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import { show } from '../../shared/in-my-units.js';
import { useUnits } from '../../shared/preferences.js';
import { useWidth } from '../../shared/use-width.js';
import type { ToolShown } from '../tool.js';

const height = 150;
const left = 52;
const bottom = 24;
const most = 40;

const whole = (text: string | undefined): number => {
  const value = Number(text);
  return Number.isInteger(value) && value > 0 ? value : 0;
};

/** Hooks that cut over one turn of the shaft, and the place of each blade, which is dragged or stepped by keys. */
export function OrderStrip({ path, element, evaluation, change }: ToolShown) {
  const [frame, width] = useWidth<HTMLDivElement>();
  useUnits();
  const line = evaluation.lines.find(({ id }) => id === path.split('/')[0]);
  const { blades, hooks, order, sort } = element.inputs;
  const [many, round] = [whole(blades?.text ?? String(blades?.value ?? '')), whole(hooks?.text ?? String(hooks?.value ?? ''))];
  const over = line && sort?.text !== 'granulator' ? hooksOverTurn(line, { blades: many, hooks: round, order: order?.text ?? '' }) : null;
  const put = (places: readonly number[], isDone = true) => {
    change.typed(`${path}/order`, places.join('-'));
    // While a blade is dragged all of it is one step.
    if (isDone) change.fieldLeft();
  };
  if (!over) return <div ref={frame} />;
  const tall = Math.max(1, over.most);
  const x = (deg: number) => left + (deg / 360) * Math.max(10, width - left - 8);
  const y = (count: number) => height - bottom - (count / tall) * (height - bottom - 14);
  const torque = (count: number) => (over.ofHook_Nm === null ? `${count}` : show(count * over.ofHook_Nm, 'N·m'));
  const outline = `${over.steps.map(({ from_deg, hooks: count }, k) => `${k === 0 ? `M${x(0)} ` : `H${x(from_deg)}V`}${y(count)}`).join('')}H${x(360)}`;
  const says = `${over.most} hooks at once at the most, ${over.mean.toPrecision(2)} on the average${over.ofHook_Nm === null ? '' : `; ${show(over.ofHook_Nm, 'N·m')} each`}`;
  return (
    <section aria-label="hooks over one turn" className="mt-3 min-w-0">
      <h3 className="font-head text-lg tracking-wide uppercase">
        Hooks over one turn <span className="font-text text-sm tracking-normal text-soft normal-case">torque if each of them is loaded</span>
      </h3>
      <div ref={frame} className="min-w-0 overflow-hidden">
        <svg width={width} height={height} role="img" aria-label={says}>
          <path d={`${outline}V${y(0)}H${x(0)}z`} fill="var(--brass)" opacity="0.3" />
          <path d={outline} stroke="var(--blue)" strokeWidth="2" fill="none" />
          <path d={`M${x(0)} ${y(over.mean)}H${x(360)}`} stroke="var(--ink)" strokeDasharray="5 4" />
          <path d={`M${x(0)} ${y(tall)}V${y(0)}H${x(360)}`} stroke="var(--ink)" fill="none" />
          {[0, 90, 180, 270, 360].map((deg) => (
            <text key={deg} x={x(deg)} y={height - 8} fontSize="12" textAnchor={deg === 360 ? 'end' : 'middle'} fill="var(--soft)">
              {deg}°
            </text>
          ))}
          {[0, over.most].map((count) => (
            <text key={count} x={left - 6} y={y(count) + 4} fontSize="12" textAnchor="end" fill="var(--soft)">
              {torque(count)}
            </text>
          ))}
        </svg>
      </div>
      <p aria-live="polite" className="text-sm">
        {says}.
      </p>
      {many <= most ? (
        <Places places={over.places} put={put} dropped={change.fieldLeft} />
      ) : (
        <p className="text-sm text-soft">Of so many blades the order is typed: places with hyphens between them.</p>
      )}
      <p className="mt-1 flex flex-wrap gap-x-5">
        {(
          [
            ['each its own place', Array.from({ length: many }, (_, k) => k + 1)],
            ['three places', [1, 2, 3]],
            ['all in line', [1]],
          ] as const
        ).map(([name, places]) => (
          <button
            key={name}
            type="button"
            className="min-h-7 cursor-pointer text-blue hover:underline pointer-coarse:min-h-11"
            onClick={() => put(places)}
          >
            {name}
          </button>
        ))}
      </p>
      <details>
        <summary className="min-h-7 cursor-pointer text-sm text-soft pointer-coarse:min-h-11">As a table</summary>
        <table className="text-sm">
          <thead>
            <tr>
              <th className="pr-6 text-left font-normal text-soft">from</th>
              <th className="pr-6 text-left font-normal text-soft">hooks</th>
              <th className="text-left font-normal text-soft">torque</th>
            </tr>
          </thead>
          <tbody>
            {over.steps.map(({ from_deg, hooks: count }) => (
              <tr key={from_deg}>
                <td className="pr-6">{Math.round(from_deg)}°</td>
                <td className="pr-6">{count}</td>
                <td>{over.ofHook_Nm === null ? 'not known' : torque(count)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}

/** Drag so far, px, and a blade goes on by one place. */
const step_px = 14;

interface PlacesShown {
  readonly places: readonly number[];
  readonly put: (places: readonly number[], isDone?: boolean) => void;
  readonly dropped: () => void;
}

/** The blades along the shaft, each at its place round it. */
function Places({ places, put, dropped }: PlacesShown) {
  const dragged = useRef<{ readonly blade: number; readonly y: number; readonly place: number } | null>(null);
  const many = Math.max(...places, 3);
  const at = (blade: number, place: number, isDone = true) => {
    const next = Math.min(99, Math.max(1, place));
    if (next !== places[blade])
      put(
        places.map((each, k) => (k === blade ? next : each)),
        isDone,
      );
  };
  const keys = (blade: number) => (event: KeyboardEvent) => {
    const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    at(blade, (places[blade] as number) + by);
  };
  const moved = (event: PointerEvent) => {
    const now = dragged.current;
    if (now) at(now.blade, now.place + Math.round((now.y - event.clientY) / step_px), false);
  };
  return (
    <fieldset className="mt-1 flex min-w-0 flex-wrap gap-2">
      <legend className="text-sm text-soft">Place of each blade round the shaft: drag it up or down, or use the arrow keys.</legend>
      {places.map((place, blade) => (
        <div
          // biome-ignore lint/suspicious/noArrayIndexKey: a blade is its place along the shaft
          key={blade}
          role="spinbutton"
          tabIndex={0}
          aria-label={`place of blade ${blade + 1}`}
          aria-valuenow={place}
          aria-valuemin={1}
          aria-valuemax={99}
          className="grid min-h-11 min-w-8 cursor-ns-resize touch-none place-items-center border border-hair bg-plate select-none focus-visible:border-ink pointer-coarse:min-w-11"
          onKeyDown={keys(blade)}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            dragged.current = { blade, y: event.clientY, place };
          }}
          onPointerMove={moved}
          onPointerUp={() => {
            dragged.current = null;
            dropped();
          }}
        >
          <svg width="28" height="18" aria-hidden="true">
            <circle cx="14" cy="9" r="7" stroke="var(--blue)" fill="none" />
            <path
              d={`M14 9L${14 + 7 * Math.sin(((place - 1) / many) * 2 * Math.PI)} ${9 - 7 * Math.cos(((place - 1) / many) * 2 * Math.PI)}`}
              stroke="var(--brass)"
              strokeWidth="2.5"
            />
          </svg>
          <span className="text-sm leading-none">{place}</span>
        </div>
      ))}
    </fieldset>
  );
}
