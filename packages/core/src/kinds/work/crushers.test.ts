import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../test/crusher.js';
import { agrees, agreesWith, knownWork, sizedWork } from '../../../test/known-work.js';
import { told } from '../../../test/told.js';
import type { Known } from '../../figure/figure.js';
import { withKind } from '../../machine/reshape.js';
import { loadKinds } from '../registry.js';

const kinds = await loadKinds();

describe('kw-05: malt mill of two knurled rolls', () => {
  const known = knownWork('kw-05');
  const malt = { roll: '2 in', long: '6 in', gap: '0.045 in', throughput: '2.5 kg/min', loaded: 'from-rest' };

  it('by its crank', async () => {
    const sized = await sizedWork('roll-mill', { ...malt, pull: '4 kg', arm: '9 in' });
    agreesWith(known, sized);
    agrees(sized.figure('peak'), known.expect.peak, 'peak');
    agrees(sized.figure('breakaway'), known.expect.start.torque, 'start');
    expect(sized.checks['main/work/check-draws']).toBe('holds');
    // A speed that only a usual motor reaches is at best close.
    expect(sized.checks['main/work/check-fast']).toBe('close');
    for (const word of ['Fingers are drawn in', 'grate in the hopper', 'Dust of grain burns', 'A magnet']) expect(sized.cautions).toContain(word);
  });

  it('by its energy, which is another account of the same', async () => {
    const sized = await sizedWork('roll-mill', malt);
    agreesWith(known, sized);
    agrees(sized.figure('milling-energy'), known.expect.also?.energy, 'energy');
    // By hand: 150 kg/h at 1.13 kWh/t are 169.5 W.
    expect(sized.figure('milling-power').value).toBeCloseTo(169.5, 1);
  });

  it('its rolls are too fast from 300 rpm on', async () => {
    const at = async (speed: string) => (await sizedWork('roll-mill', { ...malt, 'wishes/leastSpeed': speed })).checks['main/work/check-fast'];
    expect(await at('270 rpm')).toBe('close');
    expect(await at('320 rpm')).toBe('fails');
  });

  // Coulson & Richardson’s rule: small rolls do not draw in maize.
  it('does not draw in maize', async () => {
    expect((await sizedWork('roll-mill', { ...malt, material: 'maize' })).checks['main/work/check-draws']).toBe('fails');
    expect((await sizedWork('roll-mill', { ...malt, material: 'maize', roll: '150 mm', gap: '4 mm' })).checks['main/work/check-draws']).toBe('holds');
  });
});

// By hand: 8 MPa · 10^0.45 · 25 mm² = 563.7 N; cos = 51.943 / 55.8, its tangent 0.3925: 563.7 N · 50.8 mm · 0.3925 = 11.2 N·m.
it('a pebble that jams a roll mill bursts at what the mill withstands or not', () => {
  const mill = (fields: Record<string, string>) =>
    told(
      afterTyping(withKind(crusher(), 'main/work', 'roll-mill'), {
        'main/work/roll': '2 in',
        'main/work/long': '6 in',
        'main/work/gap': '0.045 in',
        'main/work/throughput': '150 kg/h',
        'main/work/jam': 'stone',
        ...fields,
      }),
      kinds,
    );
  const burst = (fields: Record<string, string>) =>
    mill({ 'main/work/pebble': '5 mm', ...fields })
      .lines[0]?.figures.get('main/work')
      ?.get('pebble-bursts');
  expect((burst({}) as Known).value).toBeCloseTo(563.7, 1);
  expect(mill({ 'main/work/pebble': '5 mm' }).jam).toMatch(/what jams it (may shear|shears)/);
  expect(mill({}).jam).not.toMatch(/what jams it/);
  // What was measured goes first, and steel does not burst.
  expect(burst({ 'main/work/jam': 'steel' })).toBeUndefined();
  const [soft, flint] = [burst({ 'main/work/stone': 'soft' }) as Known, burst({ 'main/work/stone': 'flint' }) as Known];
  expect(soft.value).toBeLessThan(flint.value);
});

describe('kw-06: apple grater', () => {
  const known = knownWork('kw-06');
  const grater = { sort: 'drum', roll: '140 mm', long: '200 mm', throughput: '300 kg/h' };

  it('as it is known, and by the energy of a neighbour’s mill', async () => {
    const sized = await sizedWork('fruit-crusher', grater);
    agreesWith(known, sized);
    agrees(sized.figure('peak'), known.expect.peak, 'peak');
    agrees(sized.figure('tooth-speed'), known.expect.also?.['tooth speed'], 'tooth speed');
    for (const word of ['Screws fly out', 'pusher', 'residual-current device', 'lead or zinc']) expect(sized.cautions).toContain(word);
    const narrow = await sizedWork('fruit-crusher', { ...grater, energy: '2.2 kWh/t' });
    agrees(narrow.need.power as Known, { low: 600, likely: 660, high: 750, unit: 'W' }, 'power');
    agrees(narrow.need.torque as Known, { low: 3.4, likely: 4.5, high: 5.7, unit: 'N·m' }, 'torque');
    expect(narrow.need.motor?.output_W).toBeLessThanOrEqual(1500);
  });

  it('sprays over 15 m/s, and a wooden drum does not hold its screws on a two-pole motor', async () => {
    const fast = await sizedWork('fruit-crusher', { ...grater, 'wishes/leastSpeed': '3050 rpm' });
    expect(fast.checks).toMatchObject({ 'main/work/check-teeth': 'fails', 'main/work/check-bursts': 'fails' });
    expect((await sizedWork('fruit-crusher', grater)).checks).toMatchObject({ 'main/work/check-teeth': 'close', 'main/work/check-bursts': 'holds' });
  });
});

describe('kw-07: branch chipper', () => {
  const known = knownWork('kw-07');
  const hedge = { branch: '40 mm', disc: '320 mm', mass: '14 kg', knives: '2', set: '6 mm', throughput: '100 kg/h' };

  it('as it is known: what the disc gives, and what the motor brings back', async () => {
    const sized = await sizedWork('chipper', hedge);
    agreesWith(known, sized);
    agrees(sized.figure('peak'), known.expect.peak, 'peak');
    agrees(sized.figure('disc-inertia'), known.expect.inertia, 'inertia');
    agrees(sized.figure('full-bite'), known.expect.also?.['power at full bite'], 'full bite');
    agrees(sized.figure('stored'), known.expect.also?.['stored in the disc'], 'stored');
    agrees(sized.figure('stroke'), known.expect.also?.['one knife stroke'], 'stroke');
    expect(sized.checks).toMatchObject({ 'main/work/check-rim': 'close', 'main/work/check-stores': 'holds', 'main/work/check-slow': 'holds' });
    for (const word of ['runs on for a minute', 'no loose clothes', 'Face shield', 'longer than an arm']) expect(sized.cautions).toContain(word);
  });

  it('by a borrowed chipper and a meter', async () => {
    const narrow = await sizedWork('chipper', { ...hedge, energy: '12.6 kWh/t' });
    agrees(narrow.need.power as Known, { low: 1.1, likely: 1.26, high: 1.4, unit: 'kW' }, 'power');
    agrees(narrow.need.torque as Known, { low: 3.9, likely: 4.27, high: 4.8, unit: 'N·m' }, 'torque');
  });

  it('a light disc stalls in a thick branch, a large one bursts', async () => {
    const stores = async (fields: Record<string, string>) => (await sizedWork('chipper', { ...hedge, ...fields })).checks;
    expect((await stores({ mass: '1 kg', branch: '80 mm', wood: 'dry' }))['main/work/check-stores']).toBe('fails');
    expect((await stores({ disc: '500 mm', 'wishes/leastSpeed': '2850 rpm' }))['main/work/check-rim']).toBe('fails');
  });
});

describe('kw-08: screw cone that splits stove wood', () => {
  const known = knownWork('kw-08');
  const cone = { wide: '80 mm', deep: '200 mm', pitch: '9 mm', wood: 'hard' };

  it('as it is known', async () => {
    const sized = await sizedWork('cone-splitter', cone);
    agreesWith(known, sized);
    agrees(sized.figure('peak'), known.expect.peak, 'peak');
    agrees(sized.figure('feed'), known.expect.also?.feed, 'feed');
    agrees(sized.figure('wedge-force'), known.expect.also?.['wedge force'], 'wedge force');
    // "A log in two or three seconds."
    expect(sized.figure('splits-in').value).toBeGreaterThan(1);
    expect(sized.figure('splits-in').value).toBeLessThan(3.5);
    for (const word of ['a log that spins takes an arm', 'foot switch', 'reverse', 'Many inspectors refuse', 'no gloves'])
      expect(sized.cautions).toContain(word);
  });

  it('by a bar and a scale', async () => {
    const narrow = await sizedWork('cone-splitter', { ...cone, pull: '7 kg', arm: '0.8 m' });
    agrees(narrow.need.torque as Known, { low: 48, likely: 55, high: 63, unit: 'N·m' }, 'torque');
    agrees(narrow.need.power as Known, { low: 1.7, likely: 2.02, high: 2.4, unit: 'kW' }, 'power');
  });

  it('bites before a hand is away over 500 rpm', async () => {
    expect((await sizedWork('cone-splitter', { ...cone, 'wishes/leastSpeed': '520 rpm' })).checks['main/work/check-fast']).toBe('fails');
  });
});

describe('kw-09: oil press with a worm', () => {
  const known = knownWork('kw-09');
  const press = { throughput: '6 kg/h', worm: '1 3/4 in', seed: 'sunflower' };

  it('as it is known', async () => {
    const sized = await sizedWork('worm-press', press);
    agreesWith(known, sized);
    agrees(sized.figure('peak'), known.expect.peak, 'peak');
    agrees(sized.figure('press-energy'), known.expect.also?.energy, 'energy');
    agrees(sized.figure('breakaway'), known.expect.start.torque, 'start');
    for (const word of ['holds its pressure', 'burns', 'Grease that may touch food']) expect(sized.cautions).toContain(word);
  });

  it('gets hot over 80 rpm', async () => {
    expect((await sizedWork('worm-press', { ...press, 'wishes/leastSpeed': '90 rpm' })).checks['main/work/check-fast']).toBe('fails');
    expect((await sizedWork('worm-press', { ...press, 'wishes/leastSpeed': '50 rpm' })).checks['main/work/check-fast']).toBe('close');
  });
});

describe('kw-46: veneer press of one screw', () => {
  const known = knownWork('kw-46');
  const veneer = { material: 'boards', force: '20 kN', screw: '30 mm', lead: '6 mm', speed: '2 mm/s', free: '400 mm', thrust: 'ball' };

  it('as it is known', async () => {
    const sized = await sizedWork('screw-press', veneer);
    // It starts loaded, and yet with less than it takes at the end: it was closed first.
    agreesWith({ ...known, expect: { ...known.expect, start: { how: 'empty' } } }, sized);
    agrees(sized.figure('breakaway'), { low: 16, likely: 23, high: 51, unit: 'N·m' }, 'start');
    agrees(sized.figure('peak'), known.expect.peak, 'peak');
    agrees(sized.figure('efficiency'), known.expect.also?.efficiency, 'efficiency');
    agrees(sized.figure('releases-at'), known.expect.also?.['torque to let go'], 'to release it');
    expect(sized.figure('buckles').value / 30_000).toBeCloseTo(1, 1);
    expect(sized.checks).toMatchObject({ 'main/work/check-buckles': 'holds', 'main/work/check-locks': 'holds' });
    expect(sized.cautions).toContain('limit switch at both ends');
  });

  it('a plain collar costs nearly as much as the thread', async () => {
    const sized = await sizedWork('screw-press', { ...veneer, thrust: 'collar' });
    agrees(sized.figure('torque'), { low: 89, likely: 104, high: 130, unit: 'N·m' }, 'torque');
    agrees(sized.figure('peak'), { low: 110, likely: 135, high: 180, unit: 'N·m' }, 'peak');
  });

  it('a short nut wears, a long thin screw bows out, a steep greased one runs back', async () => {
    const checks = async (fields: Record<string, string>) => (await sizedWork('screw-press', { ...veneer, ...fields })).checks;
    expect((await checks({ nut: '20 mm' }))['main/work/check-nut']).toBe('fails');
    expect((await checks({ nut: '60 mm' }))['main/work/check-nut']).toBe('holds');
    expect((await checks({ screw: '16 mm', lead: '4 mm', free: '900 mm' }))['main/work/check-buckles']).toBe('fails');
    expect((await checks({ lead: '60 mm', pitch: '6 mm' }))['main/work/check-locks']).toBe('fails');
    expect((await checks({ material: 'parts', lead: '60 mm', pitch: '6 mm' }))['main/work/check-locks']).toBe('close');
  });
});

// By hand from the relations themselves: what is twice as much, as thick, as wide.
describe('what grows with what', () => {
  const at = async (kind: string, fields: Record<string, string>, name: string) => (await sizedWork(kind, fields)).figure(name).value;
  const times = async (kind: string, one: Record<string, string>, other: Record<string, string>, name: string) =>
    (await at(kind, other, name)) / (await at(kind, one, name));

  it('twice the throughput is twice the power of a mill, a chipper, an oil press', async () => {
    expect(await times('roll-mill', { throughput: '100 kg/h' }, { throughput: '200 kg/h' }, 'milling-power')).toBeCloseTo(2, 9);
    expect(await times('chipper', { throughput: '100 kg/h' }, { throughput: '200 kg/h' }, 'mean-power')).toBeCloseTo(2, 9);
    expect(await times('worm-press', { throughput: '4 kg/h' }, { throughput: '8 kg/h' }, 'press-power')).toBeCloseTo(2, 9);
  });

  it('a branch twice as thick takes four times the stroke, a chip twice as thick twice', async () => {
    expect(await times('chipper', { branch: '30 mm' }, { branch: '60 mm' }, 'stroke')).toBeCloseTo(4, 9);
    expect(await times('chipper', { set: '4 mm' }, { set: '8 mm' }, 'stroke')).toBeCloseTo(2, 9);
  });

  it('a cone of twice the pitch needs twice the torque and goes in twice as fast', async () => {
    expect(await times('cone-splitter', { pitch: '6 mm' }, { pitch: '12 mm' }, 'torque')).toBeCloseTo(2, 9);
    expect(await times('cone-splitter', { pitch: '6 mm' }, { pitch: '12 mm' }, 'feed')).toBeCloseTo(2, 9);
  });

  it('a press of twice the area needs twice the force and the torque of it; a coarser lead more torque, and a better efficiency', async () => {
    expect(await times('screw-press', { area: '600 cm²' }, { area: '1200 cm²' }, 'press-force')).toBeCloseTo(2, 9);
    expect(await times('screw-press', { area: '600 cm²' }, { area: '1200 cm²' }, 'torque')).toBeCloseTo(2, 9);
    expect(await times('screw-press', { lead: '4 mm' }, { lead: '8 mm' }, 'torque')).toBeGreaterThan(1);
    expect(await times('screw-press', { lead: '4 mm' }, { lead: '8 mm' }, 'efficiency')).toBeGreaterThan(1);
  });
});
