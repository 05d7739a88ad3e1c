import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import { told } from '../../../../test/told.js';
import type { Known } from '../../../figure/figure.js';
import type { Build } from '../../../machine/build.js';
import { withKind } from '../../../machine/reshape.js';
import { needOf } from '../../../procedures/need.js';
import { loadKinds } from '../../registry.js';

const demo = crusher();
const [line] = demo.lines as [Build['lines'][number]];
const milled: Build = { ...demo, lines: [{ ...line, work: { kind: 'fruit-crusher', v: 1, inputs: {} } }] };
const kinds = await loadKinds();
const roll = {
  'main/work/roll': '160 mm',
  'main/work/long': '240 mm',
  'main/work/teeth': '12',
  'main/work/fruit': '70 mm',
  'main/work/throughput': '200 kg/h',
};
const typed = (fields: Record<string, string>) => told(afterTyping(milled, { ...roll, ...fields }), kinds);
const figure = (fields: Record<string, string>, name: string) => typed(fields).lines[0]?.figures.get('main/work')?.get(name) as Known;

// By hand: 200 kg/h at 1.8 kWh/t (6480 J/kg) is 360 W, at 1 to 4 kWh/t 200 to 800 W; at 423.2 rpm 360 · 60 / (2π · 423.2) = 8.12 N·m.
it('takes the energy of so much fruit an hour', () => {
  expect(figure({}, 'milling-power').value).toBeCloseTo(360, 9);
  expect([figure({}, 'milling-power').low, figure({}, 'milling-power').high]).toEqual([200, 800]);
  expect(figure({}, 'torque-by-energy').value).toBeCloseTo(8.12, 1);
});

// By hand: 240/70 fruit abreast, half of the places filled, and 12 · 70 / (π · 160) = 1.67 rows biting: 2.86 held; 250 N each at 80 mm is 57 N·m.
it('takes the throughput for what is needed on the average, the fruit in the nip for its peaks', () => {
  expect(figure({}, 'fruit-in-the-nip').value).toBeCloseTo(2.865, 2);
  expect(figure({}, 'torque-by-force').value).toBeCloseTo(57.3, 0);
  expect(figure({}, 'torque').value).toBe(figure({}, 'torque-by-energy').value);
  // One account of both: 8.12 N·m over the 20 N·m of one fruit are 0.41 of them on the average; by chance 0.41 + 2 · √0.41 = 1.68 at a time, 33.6 N·m.
  expect(figure({}, 'fruit-by-throughput').value).toBeCloseTo(0.406, 3);
  expect(figure({}, 'peak').value).toBeCloseTo(33.6, 1);
  expect(figure({}, 'peak-at-tool').value).toBe(figure({}, 'peak').value);
  // Never fewer than one, never more than have a place: two tons an hour fill the nip.
  expect(figure({ 'main/work/throughput': '5 kg/h' }, 'peak').value).toBeCloseTo(20, 9);
  expect(figure({ 'main/work/throughput': '2000 kg/h' }, 'peak').value).toBeCloseTo(57.3, 0);
  const peaks = (fields: Record<string, string>) => typed(fields).checks.find(({ id }) => id === 'main/work/check-peaks');
  // A berry of 40 N under the tooth slows nothing down; apples of 250 N each are more than the motor has at its most, which what spins may help it over.
  expect(peaks({ 'main/work/force': '40 N' })?.verdict).toBe('holds');
  expect(peaks({ 'main/work/throughput': '2000 kg/h' })).toMatchObject({ verdict: 'close' });
});

it('of what is fed by hand the fruit in the nip is what is needed', () => {
  expect(figure({ 'main/work/throughput': '?' }, 'torque').value).toBe(figure({}, 'torque-by-force').value);
  expect(typed({ 'main/work/throughput': '?' }).checks.some(({ id }) => id.endsWith('check-peaks'))).toBe(false);
});

// Known work, an apple grater: drum of 140 mm, 200 mm wide, 300 kg an hour at 1400 rpm takes 320 to 1100 W, likely 480, and practice drives it by 0.75 to 1.5 kW.
it('an apple grater has the motor that practice gives it', () => {
  const grater = { 'main/work/roll': '140 mm', 'main/work/long': '200 mm', 'main/work/throughput': '300 kg/h', 'main/work/teeth': '?' };
  const wished = afterTyping(milled, { ...roll, ...grater, 'wishes/leastSpeed': '1400 rpm', 'wishes/mostSpeed': '?' });
  const open = withKind(withKind(wished, 'main/source', 'open'), 'main/belt', 'open');
  const { motor, power } = needOf(open, kinds);
  expect((power as Known).low).toBeLessThan(480);
  expect((power as Known).high).toBeGreaterThan(480);
  expect([750, 1100, 1500]).toContain(motor?.output_W);
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
