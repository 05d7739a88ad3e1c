import type { Unit } from './quantities.js';
import { type Shown, showParts, type UnitHabit } from './show.js';

/** Beside a shaft no machine that is built in a shed has less, or more: rpm, N·m, W. */
const [least, most] = [1e-3, 1e6];

/** Whether a figure beside a shaft, in its house unit, is none that a machine has. */
export const isNoShaft = (value: number): boolean => value !== 0 && (Math.abs(value) < least || Math.abs(value) > most);

/** A figure beside a shaft: beyond what a machine has it is told as what it is, and not with its digits: `under 0.001 rpm`. */
export function showAtShaft(value: number, unit: Unit, habit: UnitHabit = 'metric'): Shown {
  if (!isNoShaft(value)) return showParts(value, unit, habit);
  const { symbol } = showParts(Math.abs(value) < least ? least : most, unit, habit);
  return {
    number: Math.abs(value) < least ? 'under 0.001' : 'over 1,000,000',
    symbol: Math.abs(value) < least ? symbol : showParts(1, unit, habit).symbol,
  };
}
