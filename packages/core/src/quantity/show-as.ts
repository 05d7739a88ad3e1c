import { listed } from './listed.js';
import { type Quantity, type QuantityName, quantities } from './quantities.js';
import { showRange, showShare, type UnitHabit } from './show.js';

/** A value of a field's quantity from least to most, as it would be typed: shares as per cent. */
export function showAs(name: QuantityName, low: number, high = low, habit: UnitHabit = 'metric'): string {
  if (name === 'sound level') return `${showRange(low, high, '1', habit)} dB(A)`;
  if (name !== 'fraction') return showRange(low, high, quantities[name].unit, habit);
  return low === high ? showShare(low) : `${showShare(low)} to ${showShare(high)}`;
}

/** The units a field of this quantity takes, as a list to read out: `kW, W, hp, PS or MW`. */
export function acceptedUnits(name: QuantityName): string {
  const { spellings }: Quantity = quantities[name];
  const offered = spellings.filter((spelling) => spelling.offered !== false).map((spelling) => spelling.symbol);
  return listed([...new Set(offered)], 'or');
}
