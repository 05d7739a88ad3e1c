import { beforeAll, describe, expect, it } from 'vitest';
import { type KnownDrive, knownDrive, requestOf } from '../../test/known-drives.js';
import { tried } from '../../test/tried.js';
import { readDrawer } from '../drawer/read-part.js';
import { withStages } from '../finder/as-build.js';
import { requestFor } from '../finder/from-build.js';
import type { Kinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { lineOf } from '../machine/lines.js';
import { withKind } from '../machine/reshape.js';
import { type Found, findDrives, findDrivesSteps } from './find-drives.js';
import { kindsToFind } from './jobs.js';
import { partsList } from './parts-list.js';

/** What the wishes of a request are as somebody types them into the fields of a build. */
function typedOf({ source, work, wishes }: KnownDrive): Readonly<Record<string, string>> {
  const text = (name: string) => wishes[name] as string;
  const [least, most] = (work.speed as string).replace(' rpm', '').split('-');
  const [long, high] = text('room').replace(' mm', '').split(' × ');
  const allowed = wishes.kinds as readonly string[];
  const yes = (is: boolean) => (is ? 'yes' : 'no');
  const [between, orBetween] = wishes.jackshafts as readonly string[];
  const entries: Readonly<Record<string, string | undefined>> = {
    'wishes/leastSpeed': `${least} rpm`,
    'wishes/mostSpeed': `${most} rpm`,
    'wishes/mostLength': `${long} mm`,
    'wishes/mostHeight': `${high} mm`,
    'finder/motorShaft': source.shaft,
    'finder/toolShaft': work.shaft,
    'finder/between': between,
    'finder/orBetween': orBetween,
    'finder/stages': String(wishes.stages),
    'finder/vBelts': yes(allowed.includes('v-belt')),
    'finder/timingBelts': yes(allowed.includes('timing')),
    'finder/chains': yes(allowed.includes('chain')),
    'finder/gearboxes': yes(allowed.includes('gearbox')),
    'finder/gears': yes(allowed.includes('gears')),
    'finder/couplings': yes(allowed.includes('coupling')),
    'finder/slip': text('slip'),
    'finder/holds': yes(wishes.hold === true),
    'finder/quiet': yes(wishes.noise === 'quiet'),
    'finder/reverses': yes(wishes.reverse === true),
    'finder/folded': yes(wishes.layout === 'row or folded'),
    'finder/buy': text('buy') === 'nothing' ? 'nothing' : text('buy').startsWith('belts') ? 'loops' : 'anything',
    'finder/mostBought': /at most (\d+)/.exec(text('buy'))?.[1],
    'finder/mostPoints': { low: '5', mid: '10' }[text('budget') as 'low'],
    'finder/leastWheel': text('smallest'),
    'finder/mostWheel': text('largest'),
    'finder/apart': wishes.apart as string | undefined,
    'finder/slot': wishes.slot as string | undefined,
    'finder/turned': wishes.made ? '270 mm' : undefined,
  };
  return Object.fromEntries(Object.entries(entries).flatMap(([path, entry]) => (entry === undefined ? [] : [[path, entry] as const])));
}

describe('the finder, from a build with its wishes as they are typed', () => {
  let kinds: Kinds;
  beforeAll(async () => {
    kinds = await kindsToFind(tried(requestOf(knownDrive('kd-01'))));
  });
  const builtFor = (known: KnownDrive, more: Readonly<Record<string, string>> = {}): Build => tried(requestOf(known), { ...typedOf(known), ...more });
  /** With the stock of the request in place of what shops have. */
  const foundFor = (id: string, more: Readonly<Record<string, string>> = {}): Found => {
    const known = knownDrive(id);
    const build = builtFor(known, more);
    return findDrives(
      { build, line: 'main', own: readDrawer(known.drawer.join('\n')).own, stock: requestOf(known).shelf.stock, units: 'metric' },
      kinds,
    );
  };
  const told = (found: Found): string => JSON.stringify(found).replaceAll('\u00a0', ' ');

  it.each(['kd-01', 'kd-02', 'kd-08', 'kd-09', 'kd-11', 'kd-15', 'kd-16', 'kd-17', 'kd-19', 'kd-20', 'kd-21', 'kd-22'])(
    'understands the wishes of %s',
    (id) => {
      const known = knownDrive(id);
      const asked = requestFor(builtFor(known), kinds, lineOf(builtFor(known), null), readDrawer(known.drawer.join('\n')).own);
      if (!asked.ok) throw new Error(asked.missing.join());
      const { wishes, work, source, shelf } = requestOf(known);
      expect(asked.request.wishes).toEqual(wishes);
      expect(asked.request.shelf.own).toEqual(shelf.own);
      expect(asked.request.shelf.made).toEqual(shelf.made);
      expect(asked.request.work).toMatchObject({ shaft_mm: work.shaft_mm, shock: work.shock });
      expect(asked.request.work.speed_rpm.map((n) => n.toFixed(2))).toEqual(work.speed_rpm.map((n) => n.toFixed(2)));
      expect(asked.request.work.torque_Nm).toBeCloseTo(work.torque_Nm, 6);
      expect(asked.request.source.power_W).toBeCloseTo(source.power_W, 0);
    },
  );

  it('kd-02: the own chain behind a V-belt, worked out in full, with what is own and what is bought; taken, it is what is on the list of parts', () => {
    const { says, proposals, between } = foundFor('kd-02');
    expect(says).toMatch(/^\d+ drives meet the wishes\. Best: V-belt, then chain at 1\d\d.rpm, \d parts? to buy, \d+.% reserve at the tool\./);
    expect(between?.ratio.map((i) => i.toFixed(1))).toEqual(['12.4', '14.3']);
    const [best] = proposals;
    if (!best) throw new Error('nothing is proposed');
    expect(best.parts.filter(({ from }) => from === 'own').map(({ label }) => label)).toEqual(expect.arrayContaining(['S1', 'S2', 'H1']));
    expect(best.verdict).not.toBe('fails');
    expect(best.weakest).toMatchObject({ what: expect.stringMatching(/slips|stalls|jumps/) });
    const taken = withStages(builtFor(knownDrive('kd-02')), 'main', best.stages);
    expect(taken.lines.flatMap((line) => line.stages.map(({ kind }) => kind))).toEqual(['v-belt', 'roller-chain']);
    const parts = partsList(taken).map(({ what, size, many }) => `${many} ${what} ${size}`);
    expect(parts.join('\n')).toMatch(/\d V-belt section A, \d+ in, inside/);
    expect(parts.join('\n')).toMatch(/1 roller chain 10B, \d+ links/);
  });

  it('kd-03: says that a worm that keeps 46 % holds only just, and needs a brake or a pawl', () => {
    const found = foundFor('kd-03');
    expect(found.proposals.map(({ name }) => name)).toEqual(['Gearbox, then chain']);
    expect(told(found)).toMatch(/a worm that keeps 46 % of the torque holds only just: vibration lets it creep, so a brake or a pawl beside it/i);
  });

  it('kd-10: bushed, the own pulley would do without one to buy', () => {
    const found = foundFor('kd-10');
    expect(found.hints.join().replaceAll('\u00a0', ' ')).toMatch(
      /P2, pulley A 236 mm, bushed from 25 mm to 20 mm: a wall of 2\.5 mm.*would save 1 part to buy/i,
    );
    const bushed = foundFor('kd-10', { 'finder/bores': 'bush' });
    expect(bushed.proposals.flatMap(({ notes }) => notes).join()).toMatch(/bushed from/);
    expect(bushed.hints).toEqual([]);
  });

  it('kd-16: says that it is folded back', () => {
    expect(told(foundFor('kd-16'))).toMatch(/folded back: the last shaft lies over or beside the motor’s/i);
  });

  it('kd-21: says that starting decides', () => {
    expect(told(foundFor('kd-21'))).toMatch(/starting decides, not running/i);
  });

  it('nothing fits: what contradicts itself is told before, then the wish that rules out most with what would loosen it', () => {
    const hoist = foundFor('kd-11');
    expect(hoist.proposals).toEqual([]);
    expect(hoist.contradictions).toEqual([
      expect.stringMatching(/^Nothing that is allowed holds a load: a worm that keeps less than half .* or a brake/),
    ]);
    expect(hoist.misses.map(({ wish, opens }) => [wish, opens])).toEqual([
      ['the kinds allowed', 338],
      ['that it must hold the load', expect.any(Number)],
    ]);
    const bench = foundFor('kd-15');
    expect(bench.says).toMatch(/^Nothing fits\. Ruled out by the number of stages: with 2 stages in place of 1/);
    expect(told(bench)).toContain('with 359 mm of height in place of 260 mm: 8 drives, such as V-belt ');
    const splitter = foundFor('kd-20');
    expect(splitter.says).toMatch(/the motor is too small for this at any ratio/i);
    expect(told(splitter)).toMatch(/if the work needed 41\.\d N·m; or with a motor of 8\d\d W/);
  });

  it('names what is missing before it looks, and never NaN', () => {
    const known = knownDrive('kd-01');
    const none = (build: Build) => findDrives({ build, line: 'main', own: [], units: 'metric' }, kinds);
    const noSpeed = none(tried(requestOf(known)));
    expect([noSpeed.missing, noSpeed.proposals]).toEqual([['wishes/leastSpeed'], []]);
    expect(noSpeed.says).toBe('Not entered: tool turns at least at.');
    const noPower = none(tried(requestOf(known), { ...typedOf(known), 'main/source/power': '?' }));
    expect(noPower.missing).toContain('main/source/power');
    expect(told(none(tried(requestOf(known), { ...typedOf(known), 'finder/mostWheel': '12 mm' })))).not.toMatch(/NaN|null,"proposals":\[\{/);
  });

  it('says where no single wish is to blame what is out of reach', () => {
    const known = knownDrive('kd-01');
    const build = tried(requestOf(known), { ...typedOf(known), 'finder/mostWheel': '60 mm', 'finder/buy': 'nothing', 'wishes/mostHeight': '50 mm' });
    const found = findDrives({ build, line: 'main', own: [], units: 'metric' }, kinds);
    expect([...found.none, ...found.contradictions].length).toBeGreaterThan(0);
    expect(found.says).toMatch(/^Nothing fits\. /);
  });

  it('says so where the drawer has more sizes of shafts than it looks at', () => {
    const known = knownDrive('kd-01');
    const lines = Array.from({ length: 40 }, (_, k) => `pulley A 200 mm, bore ${8 + k / 2} mm`).join('\n');
    const build = tried(requestOf(known), { 'wishes/leastSpeed': '85 rpm', 'wishes/mostSpeed': '95 rpm' });
    const { hints } = findDrives({ build, line: 'main', own: readDrawer(lines).own, units: 'metric' }, kinds);
    expect(hints[0]).toMatch(/^Own parts are of more sizes of shafts than are looked at; \d+ of them are left out/);
  });

  it('looks with the motor that the work needs where there is none yet, and says so', async () => {
    const known = knownDrive('kd-01');
    const build = withKind(tried(requestOf(known), typedOf(known)), 'main/source', 'open');
    const { says, proposals, between } = findDrives({ build, line: 'main', own: [], units: 'metric' }, await kindsToFind(build));
    expect(says.replaceAll('\u00a0', ' ')).toMatch(/Best: .* With the motor to look for: 1?\.?\d+ k?W at 1\d\d\d rpm\.$/);
    expect([proposals.length > 0, between?.source.shaft_mm]).toEqual([true, 19]);
  });

  it('tells how far it is, never backwards, whether something fits or nothing does', () => {
    const known = knownDrive('kd-12');
    for (const more of [{}, { 'wishes/mostHeight': '60 mm' }]) {
      const own = readDrawer(known.drawer.join('\n')).own;
      const shares = [...findDrivesSteps({ build: builtFor(known, more), line: 'main', own, units: 'metric' }, kinds)];
      expect(shares.length).toBeGreaterThan(3);
      expect(shares).toEqual([...shares].sort((a, b) => a - b));
      expect(shares.every((share) => share >= 0 && share <= 1)).toBe(true);
    }
  });

  it('tries motors of the drawer in the place of the one that is entered, and takes one with its drive', () => {
    const small = {
      source: { speed_rpm: 1425, power_W: 250, starts: 2, shaft_mm: 14 },
      work: { speed_rpm: [380, 420] as const, torque_Nm: 9, start_Nm: 5 },
    };
    const work = { ...small.work, shock: 'light' as const, shaft_mm: 20 };
    const typed = { 'wishes/leastSpeed': '380 rpm', 'wishes/mostSpeed': '420 rpm' };
    const { own } = readDrawer('M1 motor 0.75 kW 1410 rpm 230 V, start capacitor, shaft 19 mm\nM2 motor 90 W 2800 rpm 230 V, shaft 11 mm');
    const here = tried({ ...small, work }, typed);
    const any = tried({ ...small, work }, { ...typed, 'finder/motors': 'own' });
    const given = { line: 'main', own, units: 'metric' as const };
    expect(findDrives({ ...given, build: here }, kinds).proposals).toEqual([]);
    const found = findDrives({ ...given, build: any }, kinds);
    expect(found.says).toContain('with M1');
    expect(found.contradictions).toEqual([]);
    const [best] = found.proposals;
    expect(best?.motor?.label).toBe('M1');
    expect(best?.parts[0]).toEqual({
      what: 'motor 750 W, 1410 rpm, 230 V, single phase, start capacitor, shaft 19 mm',
      many: 1,
      from: 'own',
      label: 'M1',
      written: 'M1 motor 0.75 kW 1410 rpm 230 V, start capacitor, shaft 19 mm',
    });
    expect(found.proposals.every(({ motor }) => motor?.label === 'M1')).toBe(true);

    // What another build has reserved is left out, and said; let in by a wish.
    const reserved = [{ written: best?.parts[0]?.written ?? '', many: 1, by: 'Bowl lathe' }];
    const without = findDrives({ ...given, build: any, reserved }, kinds);
    expect(without.proposals).toEqual([]);
    expect(without.hints).toEqual(['Reserved for other builds and left out: M1 (Bowl lathe). “Reserved parts” among the wishes lets them in.']);
    const letIn = tried({ ...small, work }, { ...typed, 'finder/motors': 'own', 'finder/reserved': 'any' });
    expect(findDrives({ ...given, build: letIn, reserved }, kinds).proposals[0]?.motor?.label).toBe('M1');

    // As if that motor had been entered, and only the drive were looked for.
    const taken = withStages(any, 'main', best?.stages ?? [], best?.motor?.source);
    expect(taken.lines[0]?.source.inputs.power?.text).toBe('0.75 kW');
    const entered = findDrives({ ...given, build: withStages(here, 'main', [], best?.motor?.source) }, kinds);
    expect(entered.proposals.map(({ says, points }) => [says, points])).toEqual(found.proposals.map(({ says, points }) => [says, points]));
    expect(entered.proposals.every(({ motor }) => motor === null)).toBe(true);
  });

  it('has a first look that is part of the whole answer', () => {
    const known = knownDrive('kd-12');
    const given = { build: builtFor(known), line: 'main', own: readDrawer(known.drawer.join('\n')).own, units: 'metric' as const };
    const quick = findDrives({ ...given, isQuick: true }, kinds);
    expect(quick.proposals.length).toBeGreaterThan(0);
    expect(quick.proposals.length).toBeLessThanOrEqual(5);
    expect(quick.isSure).toBe(false);
  });
});
