import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import { told } from '../../../../test/told.js';
import type { Known } from '../../../figure/figure.js';
import type { Build } from '../../../machine/build.js';
import { loadKinds } from '../../registry.js';

const demo = crusher();
const [line] = demo.lines as [Build['lines'][number]];
const cart: Build = { ...demo, lines: [{ ...line, work: { kind: 'wheel-drive', v: 1, inputs: {} } }] };
const kinds = await loadKinds(cart);
const barrow = { mass: '30 kg', slope: '12 %', rolling: '0.04', grip: '0.35', share: '0.3', wheel: '330 mm' };
const typed = (fields: Record<string, string> = {}) =>
  told(afterTyping(cart, Object.fromEntries(Object.entries({ ...barrow, ...fields }).map(([name, text]) => [`main/work/${name}`, text]))), kinds);
const figure = (fields: Record<string, string>, name: string) => typed(fields).lines[0]?.figures.get('main/work')?.get(name) as Known;
const check = (fields: Record<string, string>, name: string) => typed(fields).checks.find(({ id }) => id === `main/work/${name}`);

// By hand: 30 · 9.80665 · 0.16 / √1.0144 = 46.74 N, at 165 mm 7.712 N·m.
it('needs what slope and ground need', () => {
  expect(figure({}, 'pull-by-ground').value).toBeCloseTo(46.74, 2);
  expect(figure({}, 'torque').value).toBeCloseTo(7.712, 2);
  expect(typed().says).toContain('strong enough');
});

it('a spring scale in the rope replaces slope and ground', () => {
  expect(figure({ pull: '60 N', rolling: '' }, 'torque').value).toBeCloseTo(60 * 0.165, 9);
  expect(typed({ pull: '60 N' }).notWorkedOut).not.toContain('spring scale');
  expect(typed({}).notWorkedOut).toContain('a spring scale in the rope, which would replace slope and ground');
});

// By hand: 0.35 · 0.3 · 30 · 9.80665 / √1.0144 = 30.67 N of grip, 5.061 N·m on the axle: less than the slope needs.
it('says when the wheels spin instead, and takes that for what fails first in a jam', () => {
  expect(figure({}, 'wheels-spin-at').value).toBeCloseTo(5.061, 3);
  expect(check({}, 'check-grip')).toMatchObject({
    verdict: 'fails',
    says: 'The driven wheels spin uphill: they push with 30.7 N, and the way needs 46.7 N. More weight on them, or chains.',
  });
  expect(check({ share: '0.9', grip: '0.6' }, 'check-grip')?.verdict).toBe('holds');
  const { jam, lines } = typed();
  expect(jam).toContain('In a jam the wheels spin near 5.06 N·m');
  expect(lines[0]?.jam.rungs[0]?.short).toBe('wheels spin');
  // However much spins behind them, spinning wheels pass no more than that, back to the first shaft.
  expect(lines[0]?.jam.torque).toMatchObject({ known: true, value: expect.closeTo(5.061, 3) });
  expect(
    typed()
      .checks.filter(({ says }) => says.includes('in a jam') || says.startsWith('In a jam'))
      .every(({ verdict }) => verdict !== 'fails'),
  ).toBe(true);
});

it('takes the ground’s usual where nothing was tried, and is never sure of it', () => {
  expect(figure({ rolling: '', ground: 'grass' }, 'torque').low).toBeLessThan(figure({ rolling: '', ground: 'sand' }, 'torque').low as number);
  expect(check({ rolling: '', grip: '', ground: 'hard', share: '0.9', slope: '0 %' }, 'check-grip')).toMatchObject({
    verdict: 'holds',
    byEstimate: true,
  });
  expect(check({ rolling: '', grip: '' }, 'check-grip')).toMatchObject({ verdict: 'unknown', says: expect.stringContaining('ground') });
});

// 1500 rpm at most over 3.333 to 1 and 330 mm is 7.8 m/s: nobody walks beside that.
it('must be walked beside, also unloaded', () => {
  expect(check({}, 'check-pace')?.verdict).toBe('fails');
  expect(check({ pace: '4 km/h' }, 'check-wished')?.verdict).toBe('holds');
  expect(typed().cautions.join(' ')).toContain('throttle must spring shut');
});

// By hand: an edge of 40 mm under wheels of 400 is a triangle of 3, 4, 5: it needs a grip of 0.75, more than tarmac surely has, and 0.45 of planks of 15 mm: √(400·15 − 225) / 185 = 0.411.
it('climbs an edge by its grip, and needs the torque for it', () => {
  const at = (kerb: string) => check({ wheel: '400 mm', grip: '0.6', kerb }, 'check-kerb');
  expect([at('15 mm')?.verdict, at('40 mm')?.verdict, at('200 mm')?.verdict]).toEqual(['holds', 'fails', 'unknown']);
  expect((at('15 mm')?.needs as Known | undefined)?.value).toBeCloseTo(0.411, 3);
  expect(at('200 mm')?.says).toContain('as high as the axle');
  expect(check({}, 'check-kerb')).toBeUndefined();
});

it('who rides on it need not keep up with it, and what holds it on a slope is not worked out', () => {
  expect(check({ beside: 'rides' }, 'check-pace')).toBeUndefined();
  expect(typed({ beside: 'rides' }).cautions.join(' ')).toContain('Who rides on it needs a seat');
  expect(typed({}).notWorkedOut).toContain('what holds it on a slope when the power is off');
});
