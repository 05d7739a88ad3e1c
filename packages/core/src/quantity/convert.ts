import Fraction from 'fraction.js';
import { type ReadingSettings, type Reads, readQuantity } from './read-quantity.js';
import { fromHouse, type KnownUnit, unitsOf } from './units.js';

/**
 * What was typed, written in the next unit that the field takes: 1/2 hp, then in PS, then in kW, and round again.
 * Six significant figures; inches in 64ths where they come out.
 * @returns the new text, or null where the old one does not read or there is no other unit
 * @example inNextUnit('93.6625 mm', { label: 'Width', quantity: 'length', accepts: [0, 1e6], bare: 'mm' }) // '3 11/16 in'
 */
export function inNextUnit(text: string, field: Reads, settings: ReadingSettings = {}): string | null {
  const read = readQuantity(text, field, settings);
  if (!read.ok) return null;
  const gallon = settings.gallon ?? 'us';
  const units = unitsOf[field.quantity].filter((unit) => unit.offered && (unit.gallon === undefined || unit.gallon === gallon));
  const next = units[(units.findIndex((unit) => unit.symbol === read.symbol) + 1) % units.length];
  if (!next || next.symbol === read.symbol) return null;
  const { value, low, high } = read;
  const number = low === undefined || high === undefined ? written(value, next) : `${written(low, next)} to ${written(high, next)}`;
  return `${number} ${next.symbol}`;
}

function written(house: number, unit: KnownUnit): string {
  const value = fromHouse(house, unit);
  if (unit.symbol === 'in') {
    const sixtyFourths = Math.round(value * 64);
    if (Math.abs(value * 64 - sixtyFourths) < 1e-6) return new Fraction(sixtyFourths, 64).toFraction(true);
  }
  return String(Number(value.toPrecision(6)));
}
