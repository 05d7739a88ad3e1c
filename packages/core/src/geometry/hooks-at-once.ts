import { remembering } from '../remembering.js';

/** The blades of a shredder along its shaft, by where each is turned to. */
export interface Hooks {
  /** Place of each blade along the shaft, 1 to as many as there are different ones; repeated along the shaft. */
  readonly order: readonly number[];
  readonly blades: number;
  /** Of each blade, round it. */
  readonly hooks: number;
  /** That each cuts over, rad. */
  readonly arc: number;
}

/** Place of each blade; without an order each has its own. */
export const placesOf = ({ order, blades }: Pick<Hooks, 'order' | 'blades'>): readonly number[] =>
  Array.from({ length: blades }, (_, k) => (order.length > 0 ? (order[k % order.length] as number) : k + 1));

/** Where the first hook of each blade is, rad. */
export function anglesOf(of: Hooks): readonly number[] {
  const many = Math.max(1, ...(of.order.length > 0 ? of.order : [of.blades]));
  return placesOf(of).map((place) => (((place - 1) / many) * 2 * Math.PI) / of.hooks);
}

const turn = 2 * Math.PI;

/**
 * Hooks that cut at once as the shaft stands at an angle.
 * @param at rad; a hook cuts from its own angle on, over its arc
 */
export const hooksAt = (of: Hooks, at: number): number => countAt(anglesOf(of), of, at);

function countAt(angles: readonly number[], { hooks, arc }: Hooks, at: number): number {
  const step = turn / hooks;
  let count = 0;
  for (const angle of angles) {
    // How far the last hook that came is past where it began to cut; with arcs over the step several of a blade cut.
    const past = (((at - angle) % step) + step) % step;
    if (past < arc - 1e-9) count += 1 + Math.floor((arc - past - 1e-9) / step);
  }
  return count;
}

interface AtOnce {
  readonly fewest: number;
  readonly mean: number;
  readonly most: number;
}

/** Fewest, mean and most hooks at once over a turn. */
export const hooksAtOnce = (of: Hooks): AtOnce => counted(`${of.order.join()}|${of.blades}|${of.hooks}|${of.arc}`);

// The same blades are counted at every key, by several who need it.
const counted = remembering<string, AtOnce>(200, (key) => {
  const [places = '', blades, hooks, arc] = key.split('|');
  const of: Hooks = { order: places === '' ? [] : places.split(',').map(Number), blades: Number(blades), hooks: Number(hooks), arc: Number(arc) };
  const step = turn / of.hooks;
  const angles = anglesOf(of);
  let [fewest, most] = [Number.POSITIVE_INFINITY, 0];
  // It changes only where a hook begins or ends.
  for (const angle of angles)
    for (const at of [angle, angle + of.arc])
      for (const side of [1e-6, -1e-6]) {
        const count = countAt(angles, of, (((at % step) + step) % step) + side);
        if (count < fewest) fewest = count;
        if (count > most) most = count;
      }
  return { fewest, mean: (of.blades * of.hooks * of.arc) / turn, most };
});

/** `1-2-3`, `1 2 3`, `1,2,3`: places in the order of the blades; null where it is none. */
export function orderOf(text: string): readonly number[] | null {
  const parts = text
    .trim()
    .split(/[\s,;/–-]+/)
    .filter(Boolean);
  const places = parts.map(Number);
  return places.length > 0 && places.every((place) => Number.isInteger(place) && place >= 1 && place <= 99) ? places : null;
}
