import { type DrawnStage, isOpen, layOut, openBeltSpans } from '@hobrek/core';

/** Layers of a drawing: the stages by their kinds, and beside them the shafts, centre lines and words. */
export type Layer = string;

/** In true millimetres, x to the right, y upward. */
export type Shape =
  | { readonly is: 'circle'; readonly layer: Layer; readonly x: number; readonly y: number; readonly r: number }
  | { readonly is: 'line'; readonly layer: Layer; readonly x1: number; readonly y1: number; readonly x2: number; readonly y2: number }
  | { readonly is: 'text'; readonly layer: Layer; readonly x: number; readonly y: number; readonly says: string };

export interface Drawing {
  readonly shapes: readonly Shape[];
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  /** Whether every size and distance is entered: what is not is drawn where it only clears. */
  readonly trueScale: boolean;
}

/** Half a centre mark, mm. */
const mark_mm = 8;

/** The machine in side view as lines and circles, each stage on the layer of its kind. What lies on one axis is drawn beside each other, as a box. */
export function drawMachine(stages: readonly DrawnStage[], names: readonly string[]): Drawing {
  const { shafts, wheels, assumed, left, right, top, bottom } = layOut(stages);
  const line = (layer: Layer, x1: number, y1: number, x2: number, y2: number): Shape => ({ is: 'line', layer, x1, y1, x2, y2 });
  const ofStages = stages.flatMap((stage, k): Shape[] => {
    const [a, b] = wheels.filter((wheel) => wheel.stage === k);
    if (!a || !b) return [];
    const layer = stage.kind;
    if (stage.coaxial) {
      const [from, to, half] = [a.x + a.r * 0.4, b.x - b.r * 0.4, Math.max(a.r, b.r)];
      return [
        line(layer, from, a.y - half, to, a.y - half),
        line(layer, to, a.y - half, to, a.y + half),
        line(layer, to, a.y + half, from, a.y + half),
        line(layer, from, a.y + half, from, a.y - half),
      ];
    }
    const circles: Shape[] = [a, b].map(({ x, y, r }) => ({ is: 'circle', layer, x, y, r }));
    const spans = openBeltSpans(a, b) ?? [];
    return [...circles, ...spans.map(([from, to]) => line(layer, from.x, from.y, to.x, to.y))];
  });
  const centreLines = stages.map((_, k): Shape => {
    const [from, to] = [shafts[k] as (typeof shafts)[number], shafts[k + 1] as (typeof shafts)[number]];
    return line('centre-lines', from.x, from.y, to.x, to.y);
  });
  const marks = shafts.flatMap(({ x, y }, k): Shape[] => [
    line('shafts', x - mark_mm, y, x + mark_mm, y),
    line('shafts', x, y - mark_mm, x, y + mark_mm),
    { is: 'text', layer: 'words', x, y: y - mark_mm, says: names[k] ?? '' },
  ]);
  const trueScale = assumed.length === 0 && stages.every((stage) => stage.driver !== null && stage.driven !== null && !isOpen(stage));
  return { shapes: [...ofStages, ...centreLines, ...marks], left, right, top, bottom, trueScale };
}
