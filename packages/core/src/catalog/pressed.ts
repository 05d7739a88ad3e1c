import type { Band } from './small-motors.js';

interface Pressed {
  readonly label: string;
  /** Pressure on it at the end, bar; none where the force itself is what is known. */
  readonly pressure_bar: Band | null;
}

export const pressedSource =
  'Common practice, no source: pulp in a basket or in cloths is pressed at 2 to 8 bar, grapes at 1 to 4, curd at 0.1 to 0.5, veneer and boards glued at 2 to 10';

/** What a screw presses, and how hard. */
export const pressed = {
  pulp: { label: 'apple pulp, in a basket or in cloths', pressure_bar: [2, 4, 8] },
  grapes: { label: 'grapes, berries', pressure_bar: [1, 2, 4] },
  curd: { label: 'curd for cheese', pressure_bar: [0.1, 0.25, 0.5] },
  boards: { label: 'boards, veneer, while the glue sets', pressure_bar: [2, 5, 10] },
  parts: { label: 'parts: pins, bushes, bearings, a wedge', pressure_bar: null },
} as const satisfies Readonly<Record<string, Pressed>>;
