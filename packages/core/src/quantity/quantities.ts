/** The one unit per quantity in which core computes. */
export type Unit =
  | 'W'
  | 'rpm'
  | 'N·m'
  | 'mm'
  | 'm/s'
  | 'rad'
  | 'V'
  | 'A'
  | 'Hz'
  | 'kg'
  | 'N'
  | '°C'
  | 'K'
  | 'bar'
  | 'L/min'
  | 'L'
  | 's'
  | 'J'
  | 'kg·m²'
  | 'MPa'
  | 'mm²'
  | 'kg/m'
  | 'N/mm'
  | 'kg·mm'
  | 'cm³/min'
  | 'mm/s'
  | 'm/s²'
  | 'kg/h'
  | 'J/kg'
  | 'N·m/rad'
  | 'Ω'
  | 'µF'
  | 'VA'
  | 'A/mm²'
  | 'Ω·mm²/m'
  | 'J/(kg·K)'
  | 'kg/m³'
  | 'V·s/rad'
  | 'mH'
  | '1';

export type QuantityName =
  | 'power'
  | 'speed'
  | 'torque'
  | 'length'
  | 'rim-speed'
  | 'angle'
  | 'voltage'
  | 'current'
  | 'frequency'
  | 'mass'
  | 'force'
  | 'temperature'
  | 'temperature-difference'
  | 'pressure'
  | 'flow'
  | 'volume'
  | 'time'
  | 'energy'
  | 'inertia'
  | 'stress'
  | 'area'
  | 'linear-density'
  | 'spring-rate'
  | 'unbalance'
  | 'removal'
  | 'feed'
  | 'acceleration'
  | 'mass-rate'
  | 'specific-energy'
  | 'stiffness'
  | 'resistance'
  | 'capacitance'
  | 'apparent power'
  | 'resistivity'
  | 'current-density'
  | 'specific-heat'
  | 'density'
  | 'motor constant'
  | 'inductance'
  | 'count'
  | 'cost'
  | 'sound level'
  | 'fraction';

/** A unit as people write it: `times` (1 if absent) of `expr`, which is in the units library's notation. */
interface Spelling {
  readonly symbol: string;
  readonly expr: string;
  readonly times?: number;
  readonly also?: readonly string[];
  /** Read, but not named among the units a field takes. */
  readonly offered?: false;
  /** House value where this scale reads nought, for temperatures. */
  readonly zero?: number;
  /** Which of two gallons this is; the person's setting chooses. */
  readonly gallon?: Gallon;
}

export type Gallon = 'us' | 'imperial';

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
  mass: {
    name: 'mass',
    unit: 'kg',
    expr: 'kg',
    example: '5.5 kg or 12 lb',
    spellings: [
      { symbol: 'kg', expr: 'kg', also: ['kilo', 'kilos', 'kilogram', 'kilograms'] },
      { symbol: 'g', expr: 'g', also: ['gram', 'grams'] },
      { symbol: 'lb', expr: 'lbm', also: ['lbs', 'lbm', 'pound', 'pounds', '#'] },
      { symbol: 'oz', expr: 'lbm', times: 1 / 16, also: ['ounce', 'ounces'] },
      { symbol: 't', expr: 'kg', times: 1000, also: ['tonne', 'tonnes'] },
      { symbol: 'st', expr: 'lbm', times: 14, also: ['stone'], offered: false },
    ],
  },
  force: {
    name: 'force',
    unit: 'N',
    expr: 'N',
    example: '9.5 N or 2 lbf',
    spellings: [
      { symbol: 'N', expr: 'N', also: ['newton', 'newtons'] },
      { symbol: 'kN', expr: 'kN' },
      { symbol: 'lbf', expr: 'lbf', also: ['lb', 'lbs', 'pound', 'pounds', 'pound force'] },
      { symbol: 'kgf', expr: 'kgf', also: ['kg', 'kp', 'kilo', 'kilos'] },
      { symbol: 'gf', expr: 'kgf', times: 0.001, also: ['g', 'grams'], offered: false },
      { symbol: 'ozf', expr: 'lbf', times: 1 / 16, also: ['oz'], offered: false },
    ],
  },
  temperature: {
    name: 'temperature',
    unit: '°C',
    expr: 'K',
    example: '75 °C or 167 °F',
    spellings: [
      { symbol: '°C', expr: 'K', also: ['C', 'deg C', 'degrees C', 'celsius', 'ºC', '℃'] },
      { symbol: '°F', expr: 'K', times: 5 / 9, zero: -160 / 9, also: ['F', 'deg F', 'degrees F', 'fahrenheit', 'ºF', '℉'] },
      { symbol: 'K', expr: 'K', zero: -273.15, also: ['kelvin'] },
    ],
  },
  'temperature-difference': {
    name: 'temperature difference',
    unit: 'K',
    expr: 'K',
    example: '10 K or 18 °F',
    spellings: [
      { symbol: 'K', expr: 'K', also: ['kelvin', '°C', 'C', 'deg C', 'degrees C', 'ºC', '℃'] },
      { symbol: '°F', expr: 'K', times: 5 / 9, also: ['F', 'deg F', 'degrees F', 'ºF', '℉'] },
    ],
  },
  pressure: {
    name: 'pressure',
    unit: 'bar',
    expr: 'bar',
    example: '48 bar or 700 psi',
    spellings: [
      { symbol: 'bar', expr: 'bar', also: ['bars'] },
      { symbol: 'psi', expr: 'psi', also: ['lbf/in²', 'lbf/in2', 'lb/in2', 'lb/in²'] },
      { symbol: 'MPa', expr: 'MPa' },
      { symbol: 'kPa', expr: 'kPa' },
      { symbol: 'Pa', expr: 'Pa' },
      { symbol: 'mbar', expr: 'mbar', offered: false },
      { symbol: 'kgf/cm²', expr: 'kgf / cm^2', also: ['kgf/cm2', 'kg/cm2', 'kg/cm²', 'at'], offered: false },
    ],
  },
  flow: {
    name: 'flow',
    unit: 'L/min',
    expr: 'L/minute',
    example: '49 L/min or 13 gal/min',
    spellings: [
      { symbol: 'L/min', expr: 'L/minute', also: ['lpm', 'litres/min', 'liters/min'] },
      { symbol: 'gal/min', expr: 'in^3/minute', times: 231, also: ['gpm', 'gal per min', 'gallons/min'], gallon: 'us' },
      { symbol: 'gal/min', expr: 'L/minute', times: 4.54609, also: ['gpm', 'gal per min', 'gallons/min'], gallon: 'imperial' },
      { symbol: 'm³/h', expr: 'm^3/hour', also: ['m3/h', 'cbm/h'] },
      { symbol: 'L/s', expr: 'L/s' },
      { symbol: 'cfm', expr: 'ft^3/minute', also: ['ft³/min', 'ft3/min', 'cu ft/min'] },
    ],
  },
  volume: {
    name: 'volume',
    unit: 'L',
    expr: 'L',
    example: '10 L or 2.6 gal',
    spellings: [
      { symbol: 'L', expr: 'L', also: ['litre', 'litres', 'liter', 'liters', 'ℓ'] },
      { symbol: 'mL', expr: 'mL', also: ['cc', 'cm³', 'cm3'] },
      { symbol: 'gal', expr: 'in^3', times: 231, also: ['gallon', 'gallons'], gallon: 'us' },
      { symbol: 'gal', expr: 'L', times: 4.54609, also: ['gallon', 'gallons'], gallon: 'imperial' },
      { symbol: 'm³', expr: 'm^3', also: ['m3'] },
      { symbol: 'in³', expr: 'in^3', also: ['in3', 'cu in'] },
      { symbol: 'ft³', expr: 'ft^3', also: ['ft3', 'cu ft'], offered: false },
    ],
  },
  time: {
    name: 'time',
    unit: 's',
    expr: 's',
    example: '30 s or 6 min',
    spellings: [
      { symbol: 's', expr: 's', also: ['sec', 'secs', 'second', 'seconds'] },
      { symbol: 'min', expr: 'minute', also: ['mins', 'minute', 'minutes'] },
      { symbol: 'h', expr: 'hour', also: ['hr', 'hrs', 'hour', 'hours'] },
      { symbol: 'ms', expr: 'ms' },
    ],
  },
  energy: {
    name: 'energy',
    unit: 'J',
    expr: 'J',
    example: '120 J or 0.5 kWh',
    spellings: [
      { symbol: 'J', expr: 'J', also: ['joule', 'joules'] },
      { symbol: 'kJ', expr: 'kJ' },
      { symbol: 'kWh', expr: 'kW hour', also: ['kW h'] },
      { symbol: 'Wh', expr: 'W hour', also: ['W h'] },
      { symbol: 'ft·lbf', expr: 'ft lbf', also: ['ft lb', 'lbf ft'] },
    ],
  },
  inertia: {
    name: 'moment of inertia',
    unit: 'kg·m²',
    expr: 'kg m^2',
    example: '0.12 kg·m²',
    spellings: [
      { symbol: 'kg·m²', expr: 'kg m^2', also: ['kg m2', 'kg m^2'] },
      { symbol: 'kg·cm²', expr: 'kg cm^2', also: ['kg cm2', 'kg cm^2'] },
      { symbol: 'lb·ft²', expr: 'lbm ft^2', also: ['lb ft2', 'lb ft^2'] },
      { symbol: 'lb·in²', expr: 'lbm in^2', also: ['lb in2', 'lb in^2'] },
    ],
  },
  stress: {
    name: 'stress',
    unit: 'MPa',
    expr: 'MPa',
    example: '235 MPa or 34 ksi',
    spellings: [
      { symbol: 'MPa', expr: 'MPa', also: ['N/mm²', 'N/mm2'] },
      { symbol: 'psi', expr: 'psi' },
      { symbol: 'ksi', expr: 'psi', times: 1000 },
      { symbol: 'GPa', expr: 'GPa' },
    ],
  },
  area: {
    name: 'cross-section',
    unit: 'mm²',
    expr: 'mm^2',
    example: '1.5 mm²',
    spellings: [
      { symbol: 'mm²', expr: 'mm^2', also: ['mm2', 'mm^2', 'sq mm'] },
      { symbol: 'cm²', expr: 'cm^2', also: ['cm2'] },
      { symbol: 'in²', expr: 'in^2', also: ['in2', 'in^2', 'sq in'] },
    ],
  },
  'linear-density': {
    name: 'mass per length',
    unit: 'kg/m',
    expr: 'kg / m',
    example: '0.105 kg/m',
    spellings: [
      { symbol: 'kg/m', expr: 'kg / m' },
      { symbol: 'lb/ft', expr: 'lbm / ft', also: ['lbm/ft'] },
    ],
  },
  'spring-rate': {
    name: 'spring rate',
    unit: 'N/mm',
    expr: 'N / mm',
    example: '2.1 N/mm or 12 lbf/in',
    spellings: [
      { symbol: 'N/mm', expr: 'N / mm', also: ['kN/m'] },
      { symbol: 'N/m', expr: 'N / m' },
      { symbol: 'kgf/mm', expr: 'kgf / mm' },
      { symbol: 'lbf/in', expr: 'lbf / in', also: ['lb/in', 'lbs/in'] },
    ],
  },
  unbalance: {
    name: 'mass by radius',
    unit: 'kg·mm',
    expr: 'kg mm',
    example: '40 kg·mm',
    spellings: [
      { symbol: 'kg·mm', expr: 'kg mm', also: ['kgmm'] },
      { symbol: 'g·mm', expr: 'g mm', also: ['gmm'] },
      { symbol: 'kg·cm', expr: 'kg cm', also: ['kgcm'] },
      { symbol: 'oz·in', expr: 'oz in', also: ['ozin'] },
    ],
  },
  feed: {
    name: 'speed of a feed',
    unit: 'mm/s',
    expr: 'mm/s',
    example: '2 mm/s',
    spellings: [
      { symbol: 'mm/s', expr: 'mm/s' },
      { symbol: 'in/s', expr: 'in/s' },
      { symbol: 'mm/min', expr: 'mm/min' },
      { symbol: 'in/min', expr: 'in/min', also: ['ipm'] },
      { symbol: 'm/min', expr: 'm/min' },
      { symbol: 'ft/min', expr: 'ft/min', also: ['fpm'] },
      { symbol: 'm/s', expr: 'm/s' },
    ],
  },
  removal: {
    name: 'volume a minute',
    unit: 'cm³/min',
    expr: 'cm^3/min',
    example: '12 cm³/min',
    spellings: [
      { symbol: 'cm³/min', expr: 'cm^3/min', also: ['cm3/min', 'cc/min'] },
      { symbol: 'in³/min', expr: 'in^3/min', also: ['in3/min', 'in^3/min', 'cu in/min'] },
    ],
  },
  acceleration: {
    name: 'acceleration',
    unit: 'm/s²',
    expr: 'm/s^2',
    example: '4.2 g',
    spellings: [
      { symbol: 'g', expr: 'm/s^2', times: 9.80665, also: ['gee', 'gees', 'g-force'] },
      { symbol: 'm/s²', expr: 'm/s^2', also: ['m/s2', 'm/s^2'] },
    ],
  },
  'mass-rate': {
    name: 'throughput',
    unit: 'kg/h',
    expr: 'kg / hour',
    example: '200 kg/h',
    spellings: [
      { symbol: 'kg/h', expr: 'kg / hour', also: ['kg/hr', 'kg/hour'] },
      { symbol: 't/h', expr: 'kg / hour', times: 1000 },
      { symbol: 'lb/h', expr: 'lbm / hour', also: ['lb/hr', 'lb/hour'] },
      { symbol: 'kg/min', expr: 'kg / minute' },
    ],
  },
  'specific-energy': {
    name: 'energy per mass',
    unit: 'J/kg',
    expr: 'J / kg',
    example: '3 kWh/t',
    spellings: [
      { symbol: 'kWh/t', expr: 'kW hour / kg', times: 0.001 },
      { symbol: 'J/kg', expr: 'J / kg' },
      { symbol: 'kJ/kg', expr: 'kJ / kg' },
    ],
  },
  stiffness: {
    name: 'torsional stiffness',
    unit: 'N·m/rad',
    expr: 'N m / rad',
    example: '900 N·m/rad',
    spellings: [{ symbol: 'N·m/rad', expr: 'N m / rad', also: ['Nm/rad'] }],
  },
  'apparent power': {
    name: 'apparent power',
    unit: 'VA',
    expr: 'W',
    example: '1.4 kVA',
    spellings: [
      { symbol: 'VA', expr: 'W', also: ['volt-ampere', 'volt-amperes'] },
      { symbol: 'kVA', expr: 'W', times: 1000, also: ['kva'] },
    ],
  },
  capacitance: {
    name: 'capacitance',
    unit: 'µF',
    expr: 'uF',
    example: '30 µF',
    spellings: [
      { symbol: 'µF', expr: 'uF', also: ['uF', 'μF', 'mfd', 'MFD', 'microfarad'] },
      { symbol: 'nF', expr: 'uF', times: 0.001, also: ['nF'] },
    ],
  },
  resistance: {
    name: 'resistance',
    unit: 'Ω',
    expr: 'ohm',
    example: '0.29 Ω',
    spellings: [
      { symbol: 'Ω', expr: 'ohm', also: ['ohm', 'ohms', 'Ω', 'R'] },
      { symbol: 'mΩ', expr: 'ohm', times: 0.001, also: ['milliohm', 'mohm', 'mΩ'] },
      { symbol: 'kΩ', expr: 'ohm', times: 1000, also: ['kohm', 'kΩ'] },
    ],
  },
  resistivity: {
    name: 'resistivity',
    unit: 'Ω·mm²/m',
    expr: 'ohm mm^2 / m',
    example: '0.0175 Ω·mm²/m',
    spellings: [
      { symbol: 'Ω·mm²/m', expr: 'ohm mm^2 / m', also: ['ohm mm2/m', 'ohm mm²/m', 'Ω mm2/m', 'Ω·mm²/m'] },
      { symbol: 'µΩ·m', expr: 'ohm mm^2 / m', also: ['uohm m', 'μΩ·m'] },
    ],
  },
  'current-density': {
    name: 'current density',
    unit: 'A/mm²',
    expr: 'A / mm^2',
    example: '6 A/mm²',
    spellings: [{ symbol: 'A/mm²', expr: 'A / mm^2', also: ['A/mm2', 'A/mm^2'] }],
  },
  'specific-heat': {
    name: 'specific heat',
    unit: 'J/(kg·K)',
    expr: 'J / kg K',
    example: '1750 J/(kg·K)',
    spellings: [
      { symbol: 'J/(kg·K)', expr: 'J / kg K', also: ['J/kgK', 'J/kg/K', 'J/(kg*K)'] },
      { symbol: 'kJ/(kg·K)', expr: 'kJ / kg K', also: ['kJ/kgK', 'kJ/kg/K'] },
    ],
  },
  density: {
    name: 'density',
    unit: 'kg/m³',
    expr: 'kg / m^3',
    example: '7200 kg/m³',
    spellings: [
      { symbol: 'kg/m³', expr: 'kg / m^3', also: ['kg/m3', 'kg/m^3'] },
      { symbol: 'g/cm³', expr: 'kg / m^3', times: 1000, also: ['g/cm3', 'g/cc', 'kg/L', 'kg/dm³'] },
      { symbol: 'lb/ft³', expr: 'lbm / ft^3', also: ['lb/ft3', 'lbm/ft3'] },
    ],
  },
  'motor constant': {
    name: 'motor constant',
    unit: 'V·s/rad',
    expr: 'V s / rad',
    example: '0.26 V·s/rad',
    spellings: [
      { symbol: 'V·s/rad', expr: 'V s / rad', also: ['Vs/rad', 'V s/rad', 'V/(rad/s)', 'Vs'] },
      { symbol: 'N·m/A', expr: 'V s / rad', also: ['Nm/A', 'N m/A'] },
      { symbol: 'V/krpm', expr: 'V s / rad', times: 60 / (2000 * Math.PI), also: ['V/1000rpm', 'V/kRPM', 'V per 1000 rpm'] },
    ],
  },
  inductance: {
    name: 'inductance',
    unit: 'mH',
    expr: 'mH',
    example: '3.2 mH',
    spellings: [
      { symbol: 'mH', expr: 'mH', also: ['millihenry'] },
      { symbol: 'µH', expr: 'mH', times: 0.001, also: ['uH', 'μH'] },
      { symbol: 'H', expr: 'mH', times: 1000, also: ['henry'] },
    ],
  },
  fraction: {
    name: 'share',
    unit: '1',
    expr: '1',
    example: '1 % or 0.01',
    spellings: [{ symbol: '%', expr: '1', times: 0.01, also: ['percent', 'per cent'] }],
  },
  count: {
    name: 'number',
    unit: '1',
    expr: '1',
    example: '2',
    spellings: [{ symbol: 'pcs', expr: '1', also: ['pieces', 'off'] }],
  },
  cost: {
    name: 'cost',
    unit: '1',
    expr: '1',
    example: '120 €',
    spellings: [
      { symbol: '€', expr: '1', also: ['EUR', 'euro', 'euros'] },
      { symbol: '£', expr: '1', also: ['GBP'], offered: false },
      { symbol: '$', expr: '1', also: ['USD'], offered: false },
    ],
  },
  'sound level': {
    name: 'sound level',
    unit: '1',
    expr: '1',
    example: '85 dB(A)',
    spellings: [{ symbol: 'dB(A)', expr: '1', also: ['dBA', 'dB'] }],
  },
} as const satisfies Record<QuantityName, Quantity>;

/** The house unit of a quantity, as a type: `UnitOf<'torque'>` is `'N·m'`. */
export type UnitOf<Q extends QuantityName> = (typeof quantities)[Q]['unit'];
