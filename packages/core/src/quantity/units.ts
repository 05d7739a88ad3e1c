import { factorBetween } from './conversion.js';
import { type Gallon, type Quantity, type QuantityName, quantities } from './quantities.js';

export interface KnownUnit {
  readonly quantity: QuantityName;
  readonly symbol: string;
  /** House units in one of this unit. */
  readonly factor: number;
  /** House value where this unit's scale reads nought; 0 but for temperatures. */
  readonly zero: number;
  readonly offered: boolean;
  readonly gallon?: Gallon;
}

/** Spaces, dots, stars and hyphens between the parts of a unit carry no meaning: `N-m`, `N m` and `N·m` are one. */
function folded(spelling: string): string {
  return spelling.replace(/\s+per\s+/gi, '/').replace(/[\s·⋅*.-]+/g, '');
}

/** Every meaning of a spelling, as written and in lower case: a pound is a mass or a force, mW and MW differ only by case. */
const exact = new Map<string, KnownUnit[]>();
const anyCase = new Map<string, KnownUnit[]>();

function keep(map: Map<string, KnownUnit[]>, key: string, unit: KnownUnit): void {
  const there = map.get(key) ?? [];
  if (!there.includes(unit)) map.set(key, [...there, unit]);
}

/** All units of each quantity, in the order in which they are offered. */
export const unitsOf = Object.fromEntries(
  (Object.entries(quantities) as [QuantityName, Quantity][]).map(([name, { expr: house, spellings }]) => [
    name,
    spellings.map(({ symbol, expr, times = 1, also = [], zero = 0, gallon, offered = true }): KnownUnit => {
      const unit: KnownUnit = { quantity: name, symbol, factor: times * factorBetween(expr, house), zero, offered, ...(gallon ? { gallon } : {}) };
      for (const spelling of [symbol, ...also]) {
        keep(exact, folded(spelling), unit);
        keep(anyCase, folded(spelling).toLowerCase(), unit);
      }
      return unit;
    }),
  ]),
) as Record<QuantityName, KnownUnit[]>;

/**
 * The unit someone meant by what they wrote: of the expected quantity if it has one of that spelling, otherwise of whichever has. Case matters only
 * where it tells two units of a quantity apart.
 * @example findUnit('lb-ft', 'torque')?.symbol // 'lbf·ft'
 */
export function findUnit(spelling: string, expected?: QuantityName, gallon: Gallon = 'us'): KnownUnit | undefined {
  const key = folded(spelling);
  const among = (units: readonly KnownUnit[] = []) => units.filter((unit) => unit.gallon === undefined || unit.gallon === gallon);
  const asWritten = among(exact.get(key));
  const loose = among(anyCase.get(key.toLowerCase()));
  const only = (units: readonly KnownUnit[]) => (units.length === 1 ? units[0] : undefined);
  return (
    asWritten.find((unit) => unit.quantity === expected) ??
    only(loose.filter((unit) => unit.quantity === expected)) ??
    asWritten[0] ??
    (new Set(loose.map((unit) => unit.quantity)).size === loose.length ? loose[0] : undefined)
  );
}

/** A number in some unit, in the house unit of its quantity. */
export const toHouse = (value: number, unit: KnownUnit): number => value * unit.factor + unit.zero;

/** A house value in some unit of its quantity. */
export const fromHouse = (value: number, unit: KnownUnit): number => (value - unit.zero) / unit.factor;
