import { canMove, type DrawnStage, kindHead, layOut, nearestSize, nextSize, type Point, placesOf, type StockWheel } from '@hobrek/core';
import { useDrag } from '@use-gesture/react';
import { type KeyboardEvent, memo, useCallback, useRef } from 'react';
import type { Drawn, Frame } from '../../kinds/machine-drawing.js';
import { useOpen } from '../../open-build/here.js';
import { useDerived, useDerivedList } from '../../open-build/in-sight.js';
import { tip } from '../../shared/tips.js';
import { draggedBy, rimDragged } from './dragging.js';

interface HandlesShown {
  readonly line: string;
  /** Of the shafts. */
  readonly names: readonly string[];
  /** Of the stages. */
  readonly paths: readonly string[];
  readonly stages: readonly DrawnStage[];
  readonly drawn: Drawn;
  readonly picked: string | null | undefined;
  /** Of the shafts, the places of those that can be taken hold of here. */
  readonly at: readonly number[];
  /** Holds the view still while something is dragged in it, and releases it. */
  readonly hold: (frame: Frame | undefined) => void;
}

/** What can be taken hold of on the drawing: every shaft that may be moved, and the rims of the wheels of the stage that is picked. */
export const Handles = memo(function Handles({ line, names, at, paths, stages, drawn, picked, hold }: HandlesShown) {
  const movable = useDerivedList(({ build }) => names.map((_, k) => canMove(build, line, k)));
  // What is dragged reads the view when it is taken hold of: a handle is drawn again only when it is elsewhere.
  const view = useRef(drawn);
  view.current = drawn;
  const viewNow = useCallback(() => view.current, []);
  return (
    <>
      {names.map(
        (name, k) =>
          movable[k] &&
          at.includes(k) && (
            <ShaftHandle
              // biome-ignore lint/suspicious/noArrayIndexKey: a shaft is its place in the line
              key={k}
              name={name}
              x={drawn.shafts[k]?.x ?? 0}
              y={drawn.shafts[k]?.y ?? 0}
              k={k}
              line={line}
              viewNow={viewNow}
              hold={hold}
            />
          ),
      )}
      {paths.map((path, k) => {
        const wheels = kindHead('stage', stages[k]?.kind ?? '')?.wheels;
        if (!wheels || path !== picked) return null;
        return (['driver', 'driven'] as const).map((end) => (
          <RimHandle
            key={`${path}/${end}`}
            path={path}
            wheel={wheels[end]}
            x={drawn.shafts[k + (end === 'driven' ? 1 : 0)]?.x ?? 0}
            y={drawn.shafts[k + (end === 'driven' ? 1 : 0)]?.y ?? 0}
            diameter={stages[k]?.[end] ?? null}
            scale={drawn.scale}
            viewNow={viewNow}
            hold={hold}
          />
        ));
      })}
    </>
  );
});

const size_px = 28;
const look =
  'absolute cursor-grab touch-none rounded-full border-2 border-transparent hover:border-brass focus-visible:border-brass focus-visible:outline-none active:cursor-grabbing';
const placed = ({ x, y }: Point) => ({ left: x - size_px / 2, top: y - size_px / 2, width: size_px, height: size_px });

/** Where a drag began, and how far the first shaft has gone already. */
interface Held {
  readonly place: Point;
  readonly frame: Frame;
  gone: Point;
}

interface ShaftShown {
  readonly name: string;
  readonly x: number;
  readonly y: number;
  readonly k: number;
  readonly line: string;
  readonly viewNow: () => Drawn;
  readonly hold: (frame: Frame | undefined) => void;
}

const steps: Readonly<Record<string, readonly [number, number]>> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

const ShaftHandle = memo(function ShaftHandle({ name, x, y, k, line, viewNow, hold }: ShaftShown) {
  const { derived, shaftMoved, fieldLeft } = useOpen();
  const outlinesNow = () => derived.getState().evaluation.lines.find(({ id }) => id === line)?.outlines ?? [];
  const placeNow = () => layOut(outlinesNow()).shafts[k] ?? { x: 0, y: 0 };
  const bind = useDrag(
    ({ first, last, movement, memo: held }) => {
      const from: Held = held ?? { place: placeNow(), frame: viewNow().frame, gone: { x: 0, y: 0 } };
      if (first) fieldLeft();
      const { place, frame } = from;
      const by = draggedBy(frame, movement);
      // The view counts from the first shaft: when that one goes, it is the others that shift, and the view goes along.
      const origin = k === 0 ? by : { x: 0, y: 0 };
      hold(last ? undefined : { ...frame, origin });
      shaftMoved(line, k, k === 0 ? { x: by.x - from.gone.x, y: by.y - from.gone.y } : { x: place.x + by.x, y: place.y + by.y });
      from.gone = by;
      if (last) fieldLeft();
      return from;
    },
    { filterTaps: true, pointer: { keys: false } },
  );
  const onKeyDown = (event: KeyboardEvent) => {
    const step = steps[event.key];
    if (!step) return;
    event.preventDefault();
    event.stopPropagation();
    const by = event.shiftKey ? 10 : 1;
    const place = placeNow();
    shaftMoved(line, k, { x: place.x + step[0] * by, y: place.y + step[1] * by });
  };
  return (
    <button
      type="button"
      {...bind()}
      className={look}
      style={placed({ x, y })}
      aria-label={`move the ${name}: arrow keys, with Shift ten times as far`}
      {...tip('drag the shaft, or move it with the arrow keys')}
      onKeyDown={onKeyDown}
      onBlur={fieldLeft}
    />
  );
});

interface RimShown {
  readonly path: string;
  readonly wheel: StockWheel;
  /** Of the wheel's middle, px. */
  readonly x: number;
  readonly y: number;
  /** As drawn, mm; null while it is not known. */
  readonly diameter: number | null;
  readonly scale: number;
  readonly viewNow: () => Drawn;
  readonly hold: (frame: Frame | undefined) => void;
}

const RimHandle = memo(function RimHandle({ path, wheel, x, y, diameter, scale, viewNow, hold }: RimShown) {
  const { sized, fieldLeft, pick } = useOpen();
  const at = `${path}/${wheel.field}`;
  const input = useDerived(({ build }) => placesOf(build).find((place) => place.path === at)?.input);
  const bind = useDrag(
    ({ first, last, movement: [, dy], memo: held }) => {
      if (diameter === null || input?.value === undefined) return held;
      const from: { diameter: number; value: number; frame: Frame } = held ?? { diameter, value: input.value, frame: viewNow().frame };
      if (first) fieldLeft();
      hold(last ? undefined : from.frame);
      // A wheel's size and its diameter grow alike, be it millimetres or teeth.
      const wanted = rimDragged(from.frame, from.diameter, dy) * from.value;
      const text = nearestSize(wheel, wanted, input.text);
      if (text !== input.text) sized(at, text);
      if (last) fieldLeft();
      return from;
    },
    { filterTaps: true, axis: 'y', pointer: { keys: false } },
  );
  if (diameter === null || input?.value === undefined) return null;
  const value = input.value;
  const onKeyDown = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (by === 0) return;
    event.preventDefault();
    event.stopPropagation();
    const text = nextSize(wheel, value, input.text, by);
    if (text) sized(at, text);
  };
  const rim = { x, y: y - (diameter / 2) * scale };
  return (
    <button
      type="button"
      {...bind()}
      className={`${look} cursor-ns-resize`}
      style={placed(rim)}
      aria-label={`size of the wheel, ${input.text}: up and down through what is on the shelf`}
      {...tip('drag the rim through the sizes on the shelf, or use the up and down keys')}
      onKeyDown={onKeyDown}
      onFocus={() => pick(path)}
      onBlur={fieldLeft}
    >
      <span className="mx-auto block size-2 rotate-45 bg-brass" aria-hidden="true" />
    </button>
  );
});
