import { factorBetween } from './conversion.js';

/** The one unit per quantity in which core computes. */
export type Unit = 'W' | 'rpm' | 'N·m' | 'mm' | 'm/s' | 'rad' | 'V' | 'A' | 'Hz' | '1';

export type QuantityName = 'power' | 'speed' | 'torque' | 'length' | 'rim-speed' | 'angle' | 'voltage' | 'current' | 'frequency' | 'fraction';

/** A unit as people write it: `times` (1 if absent) of `expr`, which is in the units library's notation. */
interface Spelling {
  readonly symbol: string;
  readonly expr: string;
  readonly times?: number;
  readonly also?: readonly string[];
  /** Read, but not named among the units a field takes. */
  readonly offered?: false;
}

export interface Quantity {
  readonly name: string;
  readonly unit: Unit;
  /** The house unit in the units library's notation. */
  readonly expr: string;
  readonly spellings: readonly Spelling[];
  readonly example: string;
}

/** Quantities Hobrek reads and shows. The first spelling of each is the one offered first in a refusal. */
export const quantities = {
  power: {
    name: 'power',
    unit: 'W',
    expr: 'W',
    example: '0.55 kW or 1/2 hp',
    spellings: [
      { symbol: 'kW', expr: 'kW', also: ['kilowatt', 'kilowatts'] },
      { symbol: 'W', expr: 'W', also: ['watt', 'watts'] },
      { symbol: 'hp', expr: 'hp', also: ['horsepower', 'bhp'] },
      { symbol: 'PS', expr: 'PS', also: ['cv', 'pk', 'metric hp'] },
      { symbol: 'MW', expr: 'MW' },
      // Never meant in a shed, but it must not be taken for MW.
      { symbol: 'mW', expr: 'mW', offered: false },
    ],
  },
  speed: {
    name: 'speed',
    unit: 'rpm',
    expr: 'rpm',
    example: '1425 rpm',
    spellings: [
      { symbol: 'rpm', expr: 'rpm', also: ['/min', '1/min', 'r/min', 'rev/min', 'min-1', 'min⁻¹', 'u/min', 'turns/min'] },
      { symbol: 'rad/s', expr: 'rad/s' },
      { symbol: 'rev/s', expr: 'rpm', times: 60, also: ['r/s', 'rps', 'turns/s'] },
    ],
  },
  torque: {
    name: 'torque',
    unit: 'N·m',
    expr: 'N m',
    example: '8 N·m or 25 lbf ft',
    spellings: [
      { symbol: 'N·m', expr: 'N m', also: ['newton metre', 'newton metres'] },
      { symbol: 'lbf·ft', expr: 'lbf ft', also: ['lb ft', 'ft lb', 'ft lbf', 'foot pounds', 'ft lbs', 'lbs ft'] },
      { symbol: 'lbf·in', expr: 'lbf in', also: ['lb in', 'in lb', 'in lbf', 'inch pounds', 'in lbs', 'lbs in'] },
      { symbol: 'kgf·m', expr: 'kgf m', also: ['kg m', 'kpm'] },
      { symbol: 'kgf·cm', expr: 'kgf cm', also: ['kg cm'] },
      { symbol: 'N·cm', expr: 'N cm' },
      { symbol: 'N·mm', expr: 'N mm' },
      { symbol: 'kN·m', expr: 'kN m' },
    ],
  },
  length: {
    name: 'length',
    unit: 'mm',
    expr: 'mm',
    example: '75 mm or 3 11/16 in',
    spellings: [
      { symbol: 'mm', expr: 'mm', also: ['millimetre', 'millimetres', 'millimeter', 'millimeters'] },
      { symbol: 'in', expr: 'in', also: ['"', '″', "''", 'inch', 'inches', 'zoll'] },
      { symbol: 'cm', expr: 'cm' },
      { symbol: 'm', expr: 'm', also: ['metre', 'metres', 'meter', 'meters'] },
      { symbol: 'ft', expr: 'ft', also: ["'", '′', 'foot', 'feet'] },
      { symbol: 'thou', expr: 'in', times: 0.001, also: ['mil'] },
    ],
  },
  'rim-speed': {
    name: 'speed along a line',
    unit: 'm/s',
    expr: 'm/s',
    example: '5.6 m/s or 1100 ft/min',
    spellings: [
      { symbol: 'm/s', expr: 'm/s' },
      { symbol: 'ft/min', expr: 'ft/min', also: ['fpm', 'sfm'] },
      { symbol: 'm/min', expr: 'm/min' },
      { symbol: 'km/h', expr: 'km/hour', also: ['kph'] },
      { symbol: 'mph', expr: 'mi/hour' },
    ],
  },
  angle: {
    name: 'angle',
    unit: 'rad',
    expr: 'rad',
    example: '156°',
    spellings: [
      { symbol: '°', expr: 'deg', also: ['deg', 'degree', 'degrees'] },
      { symbol: 'rad', expr: 'rad' },
    ],
  },
  voltage: {
    name: 'voltage',
    unit: 'V',
    expr: 'V',
    example: '230 V',
    spellings: [
      { symbol: 'V', expr: 'V', also: ['volt', 'volts', 'Vac', 'Vdc'] },
      { symbol: 'kV', expr: 'kV' },
    ],
  },
  current: {
    name: 'current',
    unit: 'A',
    expr: 'A',
    example: '4.1 A',
    spellings: [
      { symbol: 'A', expr: 'A', also: ['amp', 'amps', 'ampere', 'amperes'] },
      { symbol: 'mA', expr: 'mA' },
    ],
  },
  frequency: {
    name: 'frequency',
    unit: 'Hz',
    expr: 'Hz',
    example: '50 Hz',
    spellings: [{ symbol: 'Hz', expr: 'Hz', also: ['hertz', 'cps', 'c/s'] }],
  },
  fraction: {
    name: 'share',
    unit: '1',
    expr: '1',
    example: '1 % or 0.01',
    spellings: [{ symbol: '%', expr: '1', times: 0.01, also: ['percent', 'per cent'] }],
  },
} as const satisfies Record<QuantityName, Quantity>;

/** The house unit of a quantity, as a type: `UnitOf<'torque'>` is `'N·m'`. */
export type UnitOf<Q extends QuantityName> = (typeof quantities)[Q]['unit'];

export interface KnownUnit {
  readonly quantity: QuantityName;
  readonly symbol: string;
  /** House units in one of this unit. */
  readonly factor: number;
}

/** Spaces, dots, stars and hyphens between the parts of a unit carry no meaning: `N-m`, `N m` and `N·m` are one. */
function folded(spelling: string): string {
  return spelling.replace(/[\s·⋅*.-]+/g, '');
}

const exact = new Map<string, KnownUnit>();
const anyCase = new Map<string, KnownUnit | 'several'>();

for (const [name, quantity] of Object.entries(quantities) as [QuantityName, Quantity][]) {
  for (const { symbol, expr, times = 1, also = [] } of quantity.spellings) {
    const factor = times * factorBetween(expr, quantity.expr);
    const known: KnownUnit = { quantity: name, symbol, factor };
    for (const spelling of [symbol, ...also]) {
      exact.set(folded(spelling), known);
      const lower = folded(spelling).toLowerCase();
      const there = anyCase.get(lower);
      // mW and MW differ only by case: such a pair is never guessed.
      anyCase.set(lower, there && there !== known ? 'several' : known);
    }
  }
}

/**
 * The unit someone meant by what they wrote, in whatever quantity, or undefined. Case matters only where it tells two apart.
 * @example findUnit('lb-ft')?.symbol // 'lbf·ft'
 */
export function findUnit(spelling: string): KnownUnit | undefined {
  const key = folded(spelling);
  const loose = anyCase.get(key.toLowerCase());
  return exact.get(key) ?? (loose === 'several' ? undefined : loose);
}
