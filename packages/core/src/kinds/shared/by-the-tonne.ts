import { fromTable, type Known } from '../../figure/figure.js';

/**
 * Energy a kilogram, of a table that has it by the tonne.
 * @param band kWh/t: low, likely, high
 * @returns J/kg
 */
export const byTheTonne = (band: readonly [number, number, number], table: Parameters<typeof fromTable>[2]): Known<'J/kg'> => {
  const [low, likely, high] = band;
  return fromTable('J/kg', [low * 3600, likely * 3600, high * 3600], table);
};
