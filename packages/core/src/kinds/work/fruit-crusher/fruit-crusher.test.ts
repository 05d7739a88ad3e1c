import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import { told } from '../../../../test/told.js';
import type { Known } from '../../../figure/figure.js';
import type { Build } from '../../../machine/build.js';
import { loadKinds } from '../../registry.js';

const demo = crusher();
const [line] = demo.lines as [Build['lines'][number]];
const milled: Build = { ...demo, lines: [{ ...line, work: { kind: 'fruit-crusher', v: 1, inputs: {} } }] };
const kinds = await loadKinds(milled);
const roll = {
  'main/work/roll': '160 mm',
  'main/work/long': '240 mm',
  'main/work/teeth': '12',
  'main/work/fruit': '70 mm',
  'main/work/throughput': '200 kg/h',
};
const typed = (fields: Record<string, string>) => told(afterTyping(milled, { ...roll, ...fields }), kinds);
const figure = (fields: Record<string, string>, name: string) => typed(fields).lines[0]?.figures.get('main/work')?.get(name) as Known;

// By hand: 200 kg/h at 3 kWh/t (10,800 J/kg) is 600 W; at 423.2 rpm 600 · 60 / (2π · 423.2) = 13.5 N·m.
it('takes the energy of so much fruit an hour', () => {
  expect(figure({}, 'milling-power').value).toBeCloseTo(600, 9);
  expect([figure({}, 'milling-power').low, figure({}, 'milling-power').high]).toEqual([200, 1000]);
  expect(figure({}, 'torque-by-energy').value).toBeCloseTo(13.54, 1);
});

// By hand: 240/70 fruit abreast, half of the places filled, and 12 · 70 / (π · 160) = 1.67 rows biting: 2.86 held; 250 N each at 80 mm is 57 N·m.
it('takes the fruit in the nip for the peak, and the larger of the two for what is needed', () => {
  expect(figure({}, 'fruit-in-the-nip').value).toBeCloseTo(2.865, 2);
  expect(figure({}, 'torque-by-force').value).toBeCloseTo(57.3, 0);
  expect(figure({}, 'torque').value).toBe(figure({}, 'torque-by-force').value);
  expect(typed({}).verdict).toBe('fails');
});

it('lever and scale replace the guess, with what was measured and nothing else', () => {
  const lever = { 'main/work/pull': '20 N', 'main/work/arm': '400 mm' };
  expect(figure(lever, 'torque').value).toBeCloseTo(8, 12);
  expect(figure(lever, 'torque').low).toBeUndefined();
  expect(typed(lever).says).toContain('is strong enough');
  expect(typed(lever).notWorkedOut).not.toContain('lever');
  expect(typed({}).notWorkedOut).toContain('the lever and scale, which would replace a guess');
});

it('says what is missing of a roll that is not measured, and warns of hands', () => {
  const bare = told(milled, kinds);
  expect(bare.says).toContain('not known yet');
  expect(bare.cautions.join(' ')).toContain('A roll takes a hand as readily as an apple');
});

it('judges whether so much goes through', () => {
  const check = (throughput: string) => typed({ 'main/work/throughput': throughput }).checks.find((each) => each.id === 'main/work/check-throughput');
  expect(check('20 kg/h')?.verdict).not.toBe('fails');
  expect(check('20000 kg/h')?.verdict).toBe('fails');
});
