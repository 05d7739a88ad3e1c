import { scaleLog } from 'd3-scale';

/** A ruler of torque at the tool, logarithmic: as many px from 1 to 10 as from 10 to 100. */
export interface LadderRuler {
  /** Place of a torque, px from the left; what is nothing, or less, is at the left end. */
  readonly x: (value: number) => number;
  /** Numbers to write at it, in the unit that is shown, and their torques. */
  readonly ticks: readonly { readonly says: number; readonly at: number }[];
  /** Its right end, px. */
  readonly end: number;
}

/** Most over least of the ruler: whatever is smaller is at its left end. */
const longest = 1e6;

/**
 * A ruler on which all of these torques have room.
 * @param values N·m; those that are nothing or less make no room for themselves
 * @param width px
 * @param factor of the unit that is shown, for one N·m
 * @returns null where there is nothing to show
 */
export function ladderRuler(values: readonly number[], width: number, factor: number): LadderRuler | null {
  const some = values.filter((value) => value > 0);
  if (some.length === 0) return null;
  // Ends at round values, a sixth of a decade apart: the ruler stays where it is while what it measures moves a little.
  const [low, most] = scaleLog([Math.min(...some) / 1.1, Math.max(...some) * 1.1], [0, width])
    .base(10 ** (1 / 6))
    .nice()
    .domain() as [number, number];
  const least = Math.max(low, most / longest);
  const x = scaleLog([least, most], [0, width]).clamp(true);
  return {
    x: (value) => x(Math.max(value, least)),
    ticks: ticksOf(least * factor, most * factor, width).map((says) => ({ says, at: says / factor })),
    end: width,
  };
}

/** Room that a number at the ruler needs, px: least, and by its digits. */
const tick_px = 30;
const digit_px = 8;

/** Numbers at a ruler: with more it is read no better. */
const mostTicks = 5;

/** 1, 2 and 5 of every decade, or 1 and 5; the decades alone where those are many, or would run into each other. */
function ticksOf(least: number, most: number, width: number): number[] {
  const apart = (Math.log10(2) / Math.log10(most / least)) * width;
  const digits = Math.floor(Math.log10(Math.max(1, most))) + 1;
  const room = apart < Math.max(tick_px, (digits + 1) * digit_px);
  const all = scaleLog([least, most], [0, width])
    .ticks(Math.log10(most / least) + 2)
    .map((tick) => Number(tick.toPrecision(3)));
  const those = (steps: readonly number[]) => all.filter((tick) => steps.includes(Number(tick.toExponential()[0])));
  const few = [
    [1, 2, 5],
    [1, 5],
  ]
    .map(those)
    .find(({ length }) => length <= mostTicks);
  return room || !few ? those([1]) : few;
}
