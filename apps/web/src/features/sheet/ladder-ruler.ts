/** A ruler of torque at the tool, logarithmic: as many px from 1 to 10 as from 10 to 100. */
export interface LadderRuler {
  /** Place of a torque, px from the left; what is nothing, or less, is at the left end. */
  readonly x: (value: number) => number;
  /** Numbers to write at it, in the unit that is shown, and their torques. */
  readonly ticks: readonly { readonly says: number; readonly at: number }[];
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
  const most = roundEnd(Math.max(...some) * 1.1, Math.ceil);
  const least = Math.max(roundEnd(Math.min(...some) / 1.1, Math.floor), most / longest);
  return {
    x: (value) => (Math.log(Math.max(value, least) / least) / Math.log(most / least)) * width,
    ticks: ticksOf(least * factor, most * factor, width).map((says) => ({ says, at: says / factor })),
  };
}

/** An end of the ruler at a round value, a sixth of a decade apart: the ruler stays where it is while what it measures moves a little. */
const roundEnd = (value: number, round: (steps: number) => number) => 10 ** (round(Math.log10(value) * 6) / 6);

/** Room that a number at the ruler needs, px: least, and by its digits. */
const tick_px = 30;
const digit_px = 8;

/** 1, 2 and 5 of every decade; the decades alone where those would run into each other. */
function ticksOf(least: number, most: number, width: number): number[] {
  const apart = (Math.log10(2) / Math.log10(most / least)) * width;
  const digits = Math.floor(Math.log10(Math.max(1, most))) + 1;
  const steps = apart < Math.max(tick_px, (digits + 1) * digit_px) ? [1] : [1, 2, 5];
  const from = Math.floor(Math.log10(least));
  const decades = Array.from({ length: Math.ceil(Math.log10(most)) - from + 1 }, (_, k) => 10 ** (from + k));
  return decades.flatMap((ten) => steps.map((each) => Number((each * ten).toPrecision(3)))).filter((tick) => tick >= least && tick <= most);
}
