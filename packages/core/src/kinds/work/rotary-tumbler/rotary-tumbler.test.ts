import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import { told } from '../../../../test/told.js';
import type { Known } from '../../../figure/figure.js';
import type { Build } from '../../../machine/build.js';
import { loadKinds } from '../../registry.js';

const demo = crusher();
const [line] = demo.lines as [Build['lines'][number]];
const tumbler: Build = { ...demo, lines: [{ ...line, work: { kind: 'rotary-tumbler', v: 1, inputs: {} } }] };
const kinds = await loadKinds(tumbler);
const drum = { drum: '400 mm', load: '10 kg', fill: '50 %', slides: '35°' };
const typed = (fields: Record<string, string> = {}) =>
  told(afterTyping(tumbler, Object.fromEntries(Object.entries({ ...drum, ...fields }).map(([name, text]) => [`main/work/${name}`, text]))), kinds);
const figure = (fields: Record<string, string>, name: string) => typed(fields).lines[0]?.figures.get('main/work')?.get(name) as Known;

// By hand: half a disc has its centre at 4 · 200 / 3π = 84.88 mm; 10 · 9.80665 · 0.08488 · sin 35° = 4.775 N·m.
it('needs what holds the load tilted, and the drag of the empty drum where it was tried', () => {
  expect(figure({}, 'torque').value).toBeCloseTo(4.775, 3);
  expect(figure({ empty: '1 N·m' }, 'torque').value).toBeCloseTo(5.775, 3);
  expect(typed().notWorkedOut).toContain('torque to turn it empty');
  expect(typed({ empty: '1 N·m' }).notWorkedOut).not.toContain('turn it empty');
});

it('needs more to start: a load that has settled lies steeper', () => {
  expect(figure({}, 'breakaway').low as number).toBeGreaterThan(figure({}, 'torque').value);
});

// By hand: 42.3 / √0.4 = 66.88 rpm; the crusher’s roll turns at 423.
it('says from which speed on the load clings, and that this is far past it', () => {
  expect(figure({}, 'critical-speed').value).toBeCloseTo(66.88, 2);
  const clings = (fields: Record<string, string>) => typed(fields).checks.find(({ id }) => id === 'main/work/check-clings');
  expect(clings({})).toMatchObject({ verdict: 'fails', says: expect.stringContaining('The load clings to the drum from 66.9 rpm on') });
  const slow = told(
    afterTyping(tumbler, {
      ...Object.fromEntries(Object.entries(drum).map(([name, text]) => [`main/work/${name}`, text])),
      'main/source/speed': '70 rpm',
      'main/source/frequency': '',
      'main/source/poles': '',
    }),
    kinds,
  ).checks.find(({ id }) => id === 'main/work/check-clings');
  expect(slow?.says).toContain('it slides more than it tumbles');
});

it('names what is missing, and warns of water and of lids', () => {
  const bare = told(tumbler, kinds);
  expect(bare.says).toContain('not known yet');
  expect(bare.cautions.join(' ')).toMatch(/residual-current device.+A lid that comes off/);
});
