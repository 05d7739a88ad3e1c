import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import { agrees, agreesWith, knownWork, sizedWork } from '../../../../test/known-work.js';
import { told } from '../../../../test/told.js';
import type { Known } from '../../../figure/figure.js';
import type { Build } from '../../../machine/build.js';
import { withKind } from '../../../machine/reshape.js';
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

describe('as their builders know them, with what practice answers', () => {
  const glass = { drum: '200 mm', load: '6.5 kg', fill: '50 %', piece: '0 mm', empty: '0.6 N·m' };

  it('kw-10: sea glass and grit in a lined pipe; fuller it needs less, emptier hardly less', async () => {
    const known = knownWork('kw-10');
    const sized = await sizedWork('rotary-tumbler', glass);
    agreesWith(known, sized);
    agrees(sized.figure('breakaway'), known.expect.peak, 'to start it');
    agrees(sized.figure('critical-speed'), known.expect.also?.['critical speed'], 'critical speed');
    agrees(sized.figure('centre-of-load'), known.expect.also?.['centre of load'], 'centre of load');
    const full = await sizedWork('rotary-tumbler', { ...glass, fill: '80 %', load: '10.4 kg' });
    agrees(full.figure('torque'), { low: 1.4, likely: 1.65, high: 2, unit: 'N·m' }, 'torque, 80 % full');
    agrees(full.figure('centre-of-load'), { low: 17.33, likely: 17.51, high: 17.69, unit: 'mm' }, 'centre, 80 % full');
    // The turning point: more material needs less here.
    expect(full.figure('torque').value).toBeLessThan(sized.figure('torque').value);
    const third = await sizedWork('rotary-tumbler', { ...glass, fill: '30 %', load: '3.9 kg' });
    agrees(third.figure('torque'), { low: 1.7, likely: 1.95, high: 2.3, unit: 'N·m' }, 'torque, 30 % full');
    expect(sized.cautions).toMatch(/gas.*/);
    expect(sized.cautions).toContain('residual-current device');
  });

  it('kw-11: a ball mill for glaze', async () => {
    const known = knownWork('kw-11');
    const sized = await sizedWork('rotary-tumbler', { drum: '10 in', load: '14 kg', fill: '50 %', piece: '25 mm', empty: '0.7 N·m', does: 'grind' });
    agreesWith(known, sized);
    agrees(sized.figure('critical-speed'), known.expect.also?.['critical speed'], 'critical speed');
    agrees(sized.figure('centre-of-load'), known.expect.also?.['centre of load'], 'centre of load');
    agrees(sized.figure('breakaway'), known.expect.peak, 'to start it');
    for (const word of ['Silica dust: fill it wet', 'walks off its rollers', 'end stops']) expect(sized.cautions).toContain(word);
  });

  it('kw-12: a concrete drum, tilted, that restarts full', async () => {
    const known = knownWork('kw-12');
    const batch = {
      drum: '600 mm',
      load: '205 kg',
      fill: '55 %',
      tilt: '20°',
      empty: '10 N·m',
      piece: '0 mm',
      slides: '40°',
      does: 'mix',
      lid: 'open',
    };
    const sized = await sizedWork('rotary-tumbler', batch);
    agreesWith(known, sized);
    agrees(sized.figure('breakaway'), known.expect.start.torque, 'start');
    agrees(sized.figure('breakaway'), known.expect.peak, 'stopped full');
    // By hand: 42.3 / √0.6 = 54.6 rpm.
    expect(sized.figure('critical-speed').value).toBeCloseTo(54.6, 1);
    for (const word of ['gear ring is guarded', 'residual-current device', 'Never a shovel', 'Cement burns skin'])
      expect(sized.cautions).toContain(word);
    expect(sized.cautions).toMatch(/Full it weighs 205.kg/);
    expect(sized.cautions).not.toContain('open the lid slowly');
  });

  it('kw-13: compost in an oil drum; half as heavy again, it needs less', async () => {
    const known = knownWork('kw-13');
    const compost = {
      drum: '22 1/2 in',
      load: '78 kg',
      fill: '55 %',
      piece: '0 mm',
      slides: '55°',
      empty: '8 N·m',
      'wishes/leastSpeed': '3 rpm',
      'wishes/mostSpeed': '5 rpm',
    };
    const sized = await sizedWork('rotary-tumbler', compost);
    agrees(sized.need.torque as Known, known.expect.torque, 'torque');
    agrees(sized.need.power as Known, known.expect.power, 'power');
    agrees(sized.figure('centre-of-load'), known.expect.also?.['centre of load'], 'centre of load');
    const full = await sizedWork('rotary-tumbler', { ...compost, load: '120 kg', fill: '85 %' });
    agrees(full.figure('torque'), { low: 37, likely: 44.7, high: 55, unit: 'N·m' }, 'torque, 85 % full');
    expect(full.figure('torque').value).toBeLessThan(sized.figure('torque').value);
  });
});

describe('on rollers', () => {
  const jar = { lies: 'one', roller: '50 mm', outside: '420 mm', shell: '4 kg' };

  // By hand: 420/50 is 8.4 to one; the crusher’s 423.2 rpm at the roller are 49.9 rpm of the drum, a hundredth slipped; 4.775 N·m are 0.597 there, a twentieth more for rolling.
  it('what the drum needs is told at the driven roller', () => {
    expect(figure(jar, 'torque').value).toBeCloseTo((4.775 * 1.05) / 8.4, 3);
    expect(figure(jar, 'drum-speed').value).toBeCloseTo((423.2 * 0.99) / 8.4, 0);
    expect(figure(jar, 'torque-of-load').value).toBeCloseTo(4.775, 3);
  });

  // By hand: 14 kg on two lines 30° beside the middle press with 137.3 / cos 30° = 158.5 N, half of it on the driven one; with 0.6 at 210 mm that is 9.99 N·m.
  it('it turns as far as they grip, and slips in a jam', () => {
    expect(figure(jar, 'roller-grip').value).toBeCloseTo(9.99, 2);
    expect(figure({ ...jar, lies: 'both' }, 'roller-grip').value).toBeCloseTo(19.97, 1);
    const grip = (fields: Record<string, string>) => typed({ ...jar, ...fields }).checks.find(({ id }) => id === 'main/work/check-grip')?.verdict;
    expect(grip({ lies: 'both' })).toBe('holds');
    expect(grip({ grips: 'bare', slides: '45°', load: '40 kg', shell: '0.5 kg' })).toBe('fails');
    expect(typed(jar).lines[0]?.jam.says.length).toBeGreaterThan(0);
    // A drum that is not weighed presses with more than its load: how well it is gripped is not known.
    expect(grip({ shell: '?' })).toBe('unknown');
  });

  // By hand: 10 kg · 9.80665 · 84.88 mm · sin 55°.
  it('what is in it says how steeply it lies, unless that was measured', () => {
    const compost = { slides: '?', material: 'compost' };
    expect(figure(compost, 'torque').value).toBeCloseTo(8.324 * Math.sin((55 * Math.PI) / 180), 2);
    expect(figure({ material: 'compost' }, 'torque').value).toBeCloseTo(4.775, 3);
  });

  // By hand: half of π/4 · 0.3² m² · 0.2 m are 7.07 l, at 1.75 kg/l 12.37 kg.
  it('a load that is not weighed weighs what its heap does, and one that is weighed stays', () => {
    const heap = { load: '', drum: '300 mm', long: '200 mm', fill: '50 %', material: 'stones' };
    expect(figure(heap, 'load-by-volume').value).toBeCloseTo(12.37, 2);
    const [weighed, heaped] = [figure({ ...heap, load: '12.37 kg' }, 'torque').value, figure(heap, 'torque').value];
    expect(heaped / weighed).toBeCloseTo(1, 3);
  });

  it('a level drum is not tilted, and a tilted one presses with the cosine of it', () => {
    expect(figure({ tilt: '60°' }, 'torque').value).toBeCloseTo(4.775 / 2, 3);
  });
});

// A stepper goes where it is stepped to: 48 rpm, far under the 77 (42.3 by the root of 0.3) at which the load would cling.
it('under a stepper it turns no faster than it is stepped', async () => {
  const stepped = afterTyping(
    withKind(
      { ...tumbler, lines: [{ ...line, stages: [], stations: line.stations.slice(-1), work: { kind: 'rotary-tumbler', v: 1, inputs: {} } }] },
      'main/source',
      'stepper',
    ),
    {
      'main/source/holding': '2 N·m',
      'main/source/current': '3 A',
      'main/source/resistance': '1 Ω',
      'main/source/inductance': '4 mH',
      'main/source/speed': '48 rpm',
      'main/work/drum': '300 mm',
      'main/work/load': '1 kg',
    },
  );
  const clings = told(stepped, await loadKinds(stepped)).checks.find(({ id }) => id === 'main/work/check-clings');
  expect(clings).toMatchObject({ verdict: 'holds', says: expect.stringContaining('turns at up to 48') });
});
