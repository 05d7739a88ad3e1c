import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { reference } from '../../test/reference.js';
import { type QuantityName, quantities } from './quantities.js';
import { type Reads, type RefusalCode, readQuantity } from './read-quantity.js';
import { readingForms } from './reading-forms.js';
import { showAs } from './show-as.js';

const takes = (quantity: QuantityName): Reads => {
  const bare: Partial<Record<QuantityName, string | null>> = { power: null };
  const [least, most] = quantity === 'temperature' ? [-273.15, 1e9] : [0, quantity === 'power' ? 1e6 : quantity === 'fraction' ? 1 : 1e9];
  return { label: 'The field', quantity, accepts: [least, most], bare: quantity in bare ? null : quantities[quantity].spellings[0].symbol };
};

// Expected values follow from exact definitions, worked out apart from this code: 1 in = 25.4 mm, 1 lb = 0.45359237 kg, 1 lbf = 4.4482216152605 N,
// g = 9.80665 m/s², 1 hp = 550 ft·lbf/s, 1 PS = 75 kgf·m/s, 1 US gal = 231 in³, 1 imperial gal = 4.54609 L (NIST SP 811; UK units regulations).
type Expected = number | [number, number, number] | { refused: RefusalCode; says: string };
const table = JSON.parse(readFileSync(new URL('../../test/reading.json', import.meta.url), 'utf8')) as [string, QuantityName, Expected][];

const near = (actual: number | undefined, wanted: number) =>
  expect(Math.abs((actual ?? Number.NaN) - wanted)).toBeLessThanOrEqual(1e-12 * Math.max(1, Math.abs(wanted)));

it('has a table long enough to mean something', () => {
  expect(table.length).toBeGreaterThan(300);
  expect(new Set(table.map(([, quantity]) => quantity))).toEqual(new Set(Object.keys(quantities)));
});

test.each(table)('“%s” as a %s', (typed, quantity, wanted) => {
  const read = readQuantity(typed, takes(quantity));
  if (typeof wanted === 'object' && 'refused' in wanted) {
    expect(read).toMatchObject({ ok: false, code: wanted.refused });
    expect(!read.ok && read.says).toContain(wanted.says);
    expect(!read.ok && read.says).toMatch(/^The field .*such as .*\.$/);
    return;
  }
  expect(read).toMatchObject({ ok: true, unit: quantities[quantity].unit });
  if (!read.ok) return;
  const [low, value, high] = typeof wanted === 'number' ? [undefined, wanted, undefined] : wanted;
  near(read.value, value);
  if (low === undefined || high === undefined) expect(read).not.toHaveProperty('low');
  else {
    near(read.low, low);
    near(read.high, high);
  }
});

it('takes the gallon the person has chosen', () => {
  const flow = (gallon: 'us' | 'imperial') => readQuantity('13 gal/min', takes('flow'), { gallon });
  near((flow('us') as { value: number }).value, 13 * 3.785411784);
  near((flow('imperial') as { value: number }).value, 13 * 4.54609);
});

describe('conversions against published factors', () => {
  const power = (text: string) => {
    const read = readQuantity(text, takes('power'));
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

const names = Object.keys(quantities) as QuantityName[];

it('reads again what it shows, within the digits shown', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...names),
      fc.double({ min: 0.001, max: 0.999, noNaN: true }),
      fc.integer({ min: 0, max: 5 }),
      (quantity, digits, power) => {
        const value = quantity === 'fraction' ? digits : digits * 10 ** power;
        const again = readQuantity(showAs(quantity, value), takes(quantity));
        expect(again.ok && Math.abs(again.value - value)).toBeLessThanOrEqual(0.006 * value + (quantity === 'fraction' ? 0.005 : 0));
      },
    ),
    { seed: 42, numRuns: 1000 },
  );
});

it('never throws and never answers with a number that is not one, whatever is typed', () => {
  const odd = fc.oneof(
    fc.string({ maxLength: 90 }),
    fc.stringMatching(/^[0-9 .,/±…k%"'a-zA-Z·-]{0,24}$/),
    fc.stringMatching(/^\d{1,4} ?(to|…|±|-|\/|\*|\+|–) ?\d{0,4} ?(kW|hp|mm|rpm)?$/),
    fc.stringMatching(/^(~|about |at least |up to )?[(]?\d{1,5}([.,]\d{1,3})?[)*+x/ -]{0,2}\d{0,4}[)]?( ?(kW|in|mm|rpm|%|°C|🍎))?[?]?$/),
  );
  fc.assert(
    fc.property(odd, fc.constantFrom(...names), (text, quantity) => {
      const read = readQuantity(text, takes(quantity));
      const [least, most] = takes(quantity).accepts;
      // Never a value outside of what the field takes.
      if (read.ok) expect([read.low ?? read.value, read.value, read.high ?? read.value].every((end) => end >= least && end <= most)).toBe(true);
      else expect(read.says.length).toBeGreaterThan(20);
    }),
    { seed: 7, numRuns: 100_000 },
  );
});

// ASTM B258 by its own table, in mm²: AWG 14 2.08, 12 3.31, 10 5.26, 2/0 67.4.
it.each([
  ['AWG 14', 2.08],
  ['14 AWG', 2.08],
  ['#12', 3.31],
  ['awg10', 5.26],
  ['2/0 AWG', 67.4],
])('reads %s as the cross-section of a wire', (text, mm2) => {
  const read = readQuantity(text, { label: 'Lead', quantity: 'area', accepts: [0.1, 200], bare: 'mm²' });
  expect(read.ok && read.value).toBeCloseTo(mm2, mm2 > 10 ? 1 : 2);
});

it('a plate of two voltages is no fraction of a volt', () => {
  for (const text of ['230/400 V', '230/400', '220V/380V']) {
    expect(readQuantity(text, { label: 'Rated voltage', quantity: 'voltage', accepts: [1, 1000], bare: 'V' })).toMatchObject({
      ok: false,
      says: expect.stringContaining('two voltages'),
    });
  }
});

describe('how else it may have been meant', () => {
  const field = { label: 'Speed', quantity: 'speed', accepts: [1, 100_000], bare: 'rpm' } as const;
  const offers = (text: string, of: Reads = field) => readQuantity(text, of).offers?.map(({ text: each }) => each);

  it('both readings of a number, the speed of a motor first, and none that the field does not take', () => {
    expect(offers('1,725 rpm')).toEqual(['1725 rpm', '1.7250 rpm']);
    expect(offers('1.425')).toEqual(['1425', '1.4250']);
    // A chuck turns no hundred thousand times a minute: there is one reading, and it is read.
    expect(readQuantity('1,725', { ...field, accepts: [1, 100] })).toMatchObject({ ok: true, value: 1.725 });
    expect(readQuantity('1,725', { ...field, accepts: [100, 100_000] })).toMatchObject({ ok: true, value: 1725 });
  });

  it('what is nearer to what is usual comes first', () => {
    const usual = { low: 1, value: 2, high: 3 };
    expect(offers('1,500 mm', { label: 'Length', quantity: 'length', accepts: [0, 20_000], bare: 'mm', usual })).toEqual(['1.500 mm', '1500 mm']);
  });

  it('a difference, where less than nought is a value', () => {
    const cold = { label: 'Shed', quantity: 'temperature', accepts: [-50, 60], bare: '°C' } as const;
    expect(readQuantity('20-30', cold)).toMatchObject({ ok: true, low: 20, high: 30, offers: [{ says: '−10 °C' }] });
    expect(readQuantity('30-20', cold)).toMatchObject({ ok: true, value: 10 });
  });

  it('taken, an offer reads as it says', () => {
    for (const text of ['1,725 rpm', '1.425', '12,500']) {
      for (const { text: taken, says } of readQuantity(text, field).offers ?? [])
        expect(readQuantity(taken, field)).toMatchObject({ ok: true, understood: says });
    }
  });
});

describe('one end of what is usual', () => {
  const field: Reads = { label: 'Share', quantity: 'fraction', accepts: [0, 1], bare: null, usual: { low: 0.4, value: 0.6, high: 0.8 } };
  it('has the other end from it', () => {
    expect(readQuantity('at least 0.5', field)).toMatchObject({ ok: true, low: 0.5, value: 0.6, high: 0.8 });
    expect(readQuantity('up to 50 %', field)).toMatchObject({ ok: true, low: 0.4, value: 0.5, high: 0.5 });
    expect(readQuantity('at least 90 %', field)).toMatchObject({ ok: false, code: 'one-ended' });
  });
});

// What the command line and the reference page list.
it.each(readingForms.map(({ text, quantity, means }) => [text, quantity, means] as const))('“%s” as a %s is %s', (text, quantity, means) => {
  expect(readQuantity(text, takes(quantity))).toMatchObject({ ok: true, understood: means });
});
