import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { reference } from '../../test/reference.js';
import { type QuantityName, quantities } from './quantities.js';
import { type Reads, type RefusalCode, readQuantity } from './read-quantity.js';
import { showAs } from './show.js';

const field = (quantity: QuantityName, bare: string | null, most = 1e9): Reads => ({ label: 'Shaft power', quantity, accepts: [0, most], bare });
const fields = {
  power: field('power', null, 1e6),
  speed: field('speed', 'rpm'),
  torque: field('torque', 'N·m'),
  length: field('length', 'mm'),
  rim: field('rim-speed', 'm/s'),
  angle: field('angle', '°'),
  share: field('fraction', null, 1),
  volts: field('voltage', 'V'),
  amps: field('current', 'A'),
  hertz: field('frequency', 'Hz'),
};
type FieldName = keyof typeof fields;

// Factors: 1 in = 25.4 mm, 1 lbf = 4.4482216152605 N, g = 9.80665 m/s² (exact, SI/NIST SP 811); 1 hp = 550 ft·lbf/s; 1 PS = 75 kgf·m/s.
const hp = 550 * 0.3048 * 4.4482216152605;
const lbfft = 0.3048 * 4.4482216152605;
const understood: [string, FieldName, number][] = [
  ['0.55 kW', 'power', 550],
  ['0,55 kW', 'power', 550],
  ['.55kW', 'power', 550],
  ['550 W', 'power', 550],
  ['550w', 'power', 550],
  ['550 watts', 'power', 550],
  ['1/2 hp', 'power', hp / 2],
  ['½ hp', 'power', hp / 2],
  ['1½ hp', 'power', 1.5 * hp],
  ['1 1/2 HP', 'power', 1.5 * hp],
  ['1-1/2hp', 'power', 1.5 * hp],
  ['1 - 1/2 hp', 'power', 1.5 * hp],
  ['3⁄4 hp', 'power', 0.75 * hp],
  ['55 PS', 'power', 55 * 735.49875],
  ['2 cv', 'power', 2 * 735.49875],
  ['0.001 MW', 'power', 1000],
  ['5000 mW', 'power', 5],
  ['5e2 W', 'power', 500],
  ['2.9k W', 'power', 2900],
  ['1425 rpm', 'speed', 1425],
  ['1425', 'speed', 1425],
  ['  1425  ', 'speed', 1425],
  ['+1425', 'speed', 1425],
  ['2.9k rpm', 'speed', 2900],
  ['2.9k', 'speed', 2900],
  ['2,9 k rpm', 'speed', 2900],
  ['1450 /min', 'speed', 1450],
  ['1450 1/min', 'speed', 1450],
  ['1450 min-1', 'speed', 1450],
  ['1450 min⁻¹', 'speed', 1450],
  ['1450 r/min', 'speed', 1450],
  ['25 rev/s', 'speed', 1500],
  ['1425 RPM', 'speed', 1425],
  ['8 N·m', 'torque', 8],
  ['8 Nm', 'torque', 8],
  ['8 N m', 'torque', 8],
  ['8 N*m', 'torque', 8],
  ['8 N-m', 'torque', 8],
  ['8', 'torque', 8],
  ['25 lbf ft', 'torque', 25 * lbfft],
  ['25 ft-lb', 'torque', 25 * lbfft],
  ['25 lb-ft', 'torque', 25 * lbfft],
  ['25 ft lbf', 'torque', 25 * lbfft],
  ['12 in-lb', 'torque', lbfft],
  ['12 lbf·in', 'torque', lbfft],
  ['1 kgf·m', 'torque', 9.80665],
  ['1 kgm', 'torque', 9.80665],
  ['100 kgf cm', 'torque', 9.80665],
  ['75 mm', 'length', 75],
  ['75', 'length', 75],
  ['7,5 cm', 'length', 75],
  ['3 in', 'length', 76.2],
  ['3"', 'length', 76.2],
  ['3 inches', 'length', 76.2],
  ['3 in.', 'length', 76.2],
  ['3 11/16 in', 'length', 93.6625],
  ['3-11/16"', 'length', 93.6625],
  ['3/4"', 'length', 19.05],
  ['3¾ in', 'length', 95.25],
  ['1 ft', 'length', 304.8],
  ["2'", 'length', 609.6],
  ['0.42 m', 'length', 420],
  ['5 thou', 'length', 0.127],
  ['5.6 m/s', 'rim', 5.6],
  ['1000 ft/min', 'rim', 5.08],
  ['1000 fpm', 'rim', 5.08],
  ['18 km/h', 'rim', 5],
  ['60 m/min', 'rim', 1],
  ['180°', 'angle', Math.PI],
  ['180 deg', 'angle', Math.PI],
  ['1 rad', 'angle', 1],
  ['1 %', 'share', 0.01],
  ['1%', 'share', 0.01],
  ['0.01', 'share', 0.01],
  ['96 per cent', 'share', 0.96],
  ['230 V', 'volts', 230],
  ['0.4 kV', 'volts', 400],
  ['4,1 A', 'amps', 4.1],
  ['410 mA', 'amps', 0.41],
  ['50 Hz', 'hertz', 50],
];

test.each(understood)('%s in a field of %s is read', (typed, name, value) => {
  const read = readQuantity(typed, fields[name]);
  expect(read).toMatchObject({ ok: true, unit: quantities[fields[name].quantity].unit });
  expect(read.ok && read.value).toBeCloseTo(value, 9 - Math.ceil(Math.log10(Math.max(1, value))));
  expect(read.ok && 'low' in read).toBe(false);
});

const ranges: [string, FieldName, number, number, number][] = [
  ['0.6 to 0.9 kW', 'power', 600, 750, 900],
  ['0.6 kW to 900 W', 'power', 600, 750, 900],
  ['0.9 to 0.6 kW', 'power', 600, 750, 900],
  ['0.6…0.9 kW', 'power', 600, 750, 900],
  ['0.6...0.9 kW', 'power', 600, 750, 900],
  ['2 ± 0.1 A', 'amps', 1.9, 2, 2.1],
  ['2 A ± 0.1 A', 'amps', 1.9, 2, 2.1],
  ['2 +/- 0.1 A', 'amps', 1.9, 2, 2.1],
  ['100 mm ± 2 %', 'length', 98, 100, 102],
  ['1400 to 1450', 'speed', 1400, 1425, 1450],
  ['1 to 3 %', 'share', 0.01, 0.02, 0.03],
];

test.each(ranges)('%s is a range', (typed, name, low, value, high) => {
  const read = readQuantity(typed, fields[name]);
  expect(read.ok).toBe(true);
  if (!read.ok) return;
  expect([read.low, read.value, read.high].map((each) => Number(each?.toPrecision(12)))).toEqual([low, value, high]);
});

const refused: [string, FieldName, RefusalCode, string][] = [
  ['', 'power', 'empty', 'Shaft power is empty.'],
  ['   ', 'power', 'empty', 'kW, W, hp, PS or MW'],
  ['abc', 'power', 'no-number', '“abc”'],
  ['kW', 'power', 'no-number', '“kW”'],
  ['5 parsecs', 'power', 'unit-unknown', 'read as 5, but “parsecs” is not a unit of power'],
  ['1 mw', 'power', 'unit-unknown', '“mw”'],
  ['5 kWW', 'power', 'unit-unknown', '“kWW”'],
  ['1425 .', 'speed', 'unit-unknown', '“.”'],
  ['75 mm', 'power', 'unit-of-another-quantity', '75 mm, which is a length, not a power'],
  ['30 deg', 'torque', 'unit-of-another-quantity', 'which is an angle, not a torque'],
  ['0.55', 'power', 'unit-missing', 'read as 0.55 without a unit'],
  ['-5 kW', 'power', 'out-of-range', 'read as −5 kW; it takes 0 W to 1000 kW'],
  ['2 MW', 'power', 'out-of-range', 'it takes'],
  ['120 %', 'share', 'out-of-range', '120 %'],
  ['1,425', 'speed', 'ambiguous-number', 'could be 1425 or 1.425'],
  ['1,425,000', 'speed', 'ambiguous-number', '1425000'],
  ['1.425,5', 'speed', 'ambiguous-number', '1425.5'],
  ['1/0 hp', 'power', 'zero-division', 'divides by nought'],
  ['1 1/0 hp', 'power', 'zero-division', 'divides by nought'],
  ['0.6 to kW', 'power', 'no-number', '“kW”'],
  ['to 3 kW', 'power', 'no-number', '“to 3 kW”'],
  ['3 ± kW', 'power', 'no-number', '“kW”'],
  ['x'.repeat(81), 'power', 'too-long', 'longer than 80'],
];

test.each(refused)('%s in a field of %s is refused as %3$s', (typed, name, code, words) => {
  const read = readQuantity(typed, fields[name]);
  expect(read).toMatchObject({ ok: false, code });
  expect(!read.ok && read.says).toContain(words);
  expect(!read.ok && read.says).toMatch(/^Shaft power .*such as .*\.$/);
});

describe('conversions against published factors', () => {
  const power = (text: string) => {
    const read = readQuantity(text, fields.power);
    return read.ok ? read.value : Number.NaN;
  };

  const one = reference('drives', 'unit-power-01');
  it(one.title, () => {
    one.expects('kW', power('1 hp'));
    one.expects('PS', power('1 hp'));
  });

  const kinds = reference('machines', 'hp-variants-01');
  it(kinds.title, () => {
    kinds.expects('mech', power('1 hp'));
    kinds.expects('metric', power('1 PS'));
  });

  const torque = reference('drives', 'unit-torque-01');
  it(torque.title, () => {
    for (const unit of ['lbfft', 'lbfin', 'kgfcm']) torque.expects(unit, torque.given('T'));
  });
});

it('reads again what it shows, within the digits shown', () => {
  const names = Object.keys(fields) as FieldName[];
  fc.assert(
    fc.property(
      fc.constantFrom(...names),
      fc.double({ min: 0.001, max: 0.999, noNaN: true }),
      fc.integer({ min: 0, max: 5 }),
      (name, digits, power) => {
        const value = name === 'share' ? digits : digits * 10 ** power;
        const again = readQuantity(showAs(fields[name].quantity, value), fields[name]);
        expect(again.ok && Math.abs(again.value - value)).toBeLessThanOrEqual(0.006 * value + (name === 'share' ? 0.005 : 0));
      },
    ),
    { seed: 42, numRuns: 500 },
  );
});

it('never throws and never answers with a number that is not one, whatever is typed', () => {
  const odd = fc.oneof(
    fc.string({ maxLength: 90 }),
    fc.stringMatching(/^[0-9 .,/±…k%"'a-zA-Z·-]{0,24}$/),
    fc.stringMatching(/^\d{1,4} ?(to|…|±|-|\/) ?\d{0,4} ?(kW|hp|mm|rpm)?$/),
  );
  fc.assert(
    fc.property(odd, fc.constantFrom(...(Object.keys(fields) as FieldName[])), (text, name) => {
      const read = readQuantity(text, fields[name]);
      if (read.ok) expect([read.value, read.low ?? 0, read.high ?? 0].every(Number.isFinite)).toBe(true);
      else expect(read.says.length).toBeGreaterThan(20);
    }),
    { seed: 7, numRuns: 3000 },
  );
});
