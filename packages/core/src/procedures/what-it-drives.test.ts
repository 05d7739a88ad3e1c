import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import type { Check } from '../checks/check.js';
import { loadKinds } from '../kinds/registry.js';
import type { Build, Input, Line } from '../machine/build.js';
import { withKind } from '../machine/reshape.js';
import { beginWithMotor } from '../machine/sizing.js';
import { evaluateBuild, evaluateLineWhere } from './evaluate-build.js';
import { jobs } from './jobs.js';
import type { Told } from './shafts/as-before.js';
import { atOnce } from './steps.js';
import { bestFirst, type DriveTarget, drivenBuild, type InPlace, type WouldDrive, workTargets } from './what-it-drives.js';

const motorOf = (build: Build): InPlace => ({ source: (build.lines[0] as Line).source, supply: build.supply });
const motor = (kind: string, entries: Readonly<Record<string, string>>, wall: Readonly<Record<string, string>> = {}): InPlace =>
  motorOf(
    afterTyping(
      withKind(beginWithMotor(wall), 'main/source', kind),
      Object.fromEntries(Object.entries(entries).map(([name, text]) => [`main/source/${name}`, text])),
    ),
  );
const drives = async (of: InPlace, targets: readonly DriveTarget[] = workTargets): Promise<readonly WouldDrive[]> =>
  atOnce(await jobs.drives({ motor: of, targets, units: 'metric' }));
const of = (all: readonly WouldDrive[], kind: string): WouldDrive => all.find((each) => each.kind === kind) as WouldDrive;

const plate = { speed: '1425', powerIs: 'shaft', phases: '1', start: 'capacitor-start', voltage: '230 V' };
const wall = { voltage: '230 V', frequency: '50 Hz', phases: '1', breaker: '16 A' };

describe('kinds of work at their usual size', () => {
  // Common practice, no source: a tumbler for stones runs on 100 W, a barrow for 200 kg uphill needs several hundred, a crusher about one horse.
  it('a motor of 0.75 kW turns a tumbler and a crusher, one of 60 W no crusher and no barrow', async () => {
    const strong = await drives(motor('plate-motor', { ...plate, power: '0.75 kW' }, wall));
    expect(of(strong, 'rotary-tumbler')).toMatchObject({
      would: 'would',
      between: expect.stringMatching(/^too fast 2\d(\.\d)? times: three stages between them$/),
    });
    expect(of(strong, 'fruit-crusher').would).not.toBe('not');
    const weak = await drives(motor('plate-motor', { ...plate, power: '60 W', start: 'capacitor-run' }, wall));
    expect([of(weak, 'fruit-crusher').would, of(weak, 'wheel-drive').would]).toEqual(['not', 'not']);
    expect(of(weak, 'fruit-crusher').says).toMatch(/too weak/);
  });

  it('the best first: what it would drive before what it only just would, and that before what is not known', async () => {
    const all = await drives(motor('plate-motor', { ...plate, power: '0.55 kW' }, wall));
    const order = ['would', 'just', 'unknown', 'not'];
    const places = all.map(({ would }) => order.indexOf(would));
    expect(places).toEqual([...places].sort());
    expect(bestFirst([...all].reverse())).toEqual(all);
    expect(all).toHaveLength(workTargets.length);
  });

  it('a motor without a plate: not known where its range decides, whatever is likely', async () => {
    const hand = await drives(motor('no-plate', { donor: 'washer-belt', brushes: 'yes' }, wall));
    expect(of(hand, 'wheel-drive').would).toBe('unknown');
    expect(of(hand, 'wheel-drive').says).toMatch(/not known yet/);
    expect(of(hand, 'rotary-tumbler')).toMatchObject({
      would: 'would',
      between: expect.stringMatching(/^too fast .* times: three stages or four between them$/),
    });
  });

  it('a motor of 120 V on a wall of 230 V drives nothing, and that is the reason', async () => {
    const all = await drives(motor('plate-motor', { ...plate, power: '0.75 kW', voltage: '120 V' }, wall));
    expect(new Set(all.map(({ would }) => would))).toEqual(new Set(['not']));
    expect(of(all, 'rotary-tumbler').says).toMatch(/120 V/);
  });
});

const demos = readdirSync(new URL('../../../../demo/', import.meta.url)).map((name): { readonly id: string; readonly build: Build } => ({
  id: name,
  build: JSON.parse(readFileSync(new URL(`../../../../demo/${name}`, import.meta.url), 'utf8')) as Build,
}));

describe('builds that there are', () => {
  it('with its own motor in its own place each is as it was', async () => {
    for (const { id, build } of demos) {
      const [own] = await drives(motorOf(build), [{ id, build }]);
      expect(own, id).toMatchObject({ ratio: null, between: 'its speed fits what is there' });
    }
  });

  // By hand: 12000 rpm where 1425 were, through the same belts.
  it('a faster motor has a place kept for the ratio that is missing; taken, the tool turns as before', async () => {
    const build = crusher();
    const fast = motor('universal', { power: '600 W', powerIs: 'shaft', speed: '12000', voltage: '230 V' });
    const [would] = await drives(fast, [{ id: 'crusher', build }]);
    expect(would?.ratio).toBeCloseTo(12_000 / 1425, 1);
    expect(would?.between).toMatch(/^too fast 8\.\d+ times: two stages more$/);
    const taken = drivenBuild(build, 'main', fast, would?.ratio ?? null);
    const speed = async (of_: Build) => {
      const flow = evaluateBuild(of_, await loadKinds(of_)).lines[0]?.stations.at(-1)?.flow;
      return flow?.known ? flow.value : Number.NaN;
    };
    expect((await speed(taken)) / (await speed(build))).toBeCloseTo(1, 1);
    expect(taken.lines[0]?.stages.map(({ kind }) => kind)).toEqual(['open', ...(build.lines[0] as Line).stages.map(({ kind }) => kind)]);
  });

  it('what failed before is none of the motor’s doing; that it is too weak is', async () => {
    const build = afterTyping(crusher(), { 'wishes/mostSpeed': '5 rpm' });
    const [own] = await drives(motorOf(build), [{ id: 'crusher', build }]);
    const [as] = await drives(motorOf(crusher()), [{ id: 'crusher', build: crusher() }]);
    expect(own?.would).toBe(as?.would);
    const [weak] = await drives(motor('plate-motor', { ...plate, power: '40 W' }), [{ id: 'crusher', build: crusher() }]);
    expect(weak).toMatchObject({ would: 'not', says: expect.stringMatching(/too weak/) });
  });

  it('taken it has the motor’s entries, its feed and what was looked at, and nothing else is touched', () => {
    const hand = motor('no-plate', { donor: 'treadmill' });
    const taken = drivenBuild(crusher(), 'main', hand, null);
    expect(taken.lines[0]?.source).toMatchObject({ kind: 'no-plate', inputs: { donor: { text: 'treadmill' } } });
    expect({ ...taken, lines: [] }).toEqual({ ...crusher(), lines: [] });
    expect(taken.lines[0]?.stages).toEqual(crusher().lines[0]?.stages);
  });

  it('of a build with two lines each has an answer of its own, and is taken by itself', async () => {
    const build = crusher();
    const both: Build = { ...build, lines: [...build.lines, { ...(build.lines[0] as Line), id: 'second', name: 'Second' }] };
    const all = await drives(motorOf(build), [{ id: 'both', build: both }]);
    expect(all.map(({ line }) => line).sort()).toEqual(['main', 'second']);
    expect(all.find(({ line }) => line === 'second')?.name).toBe(`${build.name}, Second`);
    const taken = drivenBuild(both, 'second', motor('pm-dc', {}), null);
    expect(taken.lines.map(({ source }) => source.kind)).toEqual(['plate-motor', 'pm-dc']);
    expect(() => drivenBuild(both, 'third', motor('pm-dc', {}), null)).toThrow(RangeError);
  });
});

it('whether a motor is strong enough, starts and runs up hangs on no shaft: those are looked at last', async () => {
  const kinds = await loadKinds();
  const withAny = demos.map(({ build }) => build).filter(({ shafts }) => shafts.length > 0);
  expect(withAny.length).toBeGreaterThan(3);
  const deciding = (build: Build) =>
    evaluateBuild(build, kinds).checks.filter(({ id }) => /\/source\/check-|\/work\/check-(carries|stalls)$/.test(id));
  for (const build of withAny) {
    const without = deciding({ ...build, shafts: [], forces: [] });
    expect(without.map(({ id, verdict, margin }) => [id, verdict, margin])).toEqual(
      deciding(build).map(({ id, verdict, margin }) => [id, verdict, margin]),
    );
  }
});

it('jam and shafts worked out only where that is worth while: what is worked out is the same, and what is left out is nothing else', async () => {
  const kinds = await loadKinds();
  const brief = (checks: readonly Check[]) => checks.map(({ id, verdict, margin }) => [id, verdict, margin]);
  for (const { build } of demos.filter((each) => each.build.shafts.length > 0)) {
    const whole = evaluateBuild(build, kinds).checks;
    const handed: Check[][] = [];
    const ledger = (told: Told) =>
      evaluateLineWhere(structuredClone(build), kinds, 'main', (checks) => {
        handed.push([...checks]);
        return told;
      }).ledger;
    expect(brief(ledger('all'))).toEqual(brief(whole));
    const ofShaft = ({ id }: Check) => /@shafts\/.*\/check-(cracks|whirls|slope|mesh)$/.test(id);
    const inJam = new Set(evaluateBuild(build, kinds).lines[0]?.jam.checks.map(({ id }) => id));
    expect(whole.filter(ofShaft).length).toBeGreaterThan(1);
    expect(inJam.size).toBeGreaterThan(1);
    expect(brief(ledger('in the jam'))).toEqual(brief(whole.filter((check) => !ofShaft(check))));
    expect(brief(ledger('none'))).toEqual(brief(whole.filter((check) => !ofShaft(check) && !inJam.has(check.id))));
    // It is decided by what was found without any of them.
    expect(handed.every((checks) => checks.length > 5)).toBe(true);
    expect(handed[0]?.some(({ id }) => id.includes('@shafts') || inJam.has(id))).toBe(false);
  }
});

it('what is left out once it is settled would change no answer', async () => {
  const kinds = await loadKinds();
  const motors = [
    motor('plate-motor', { ...plate, power: '40 W' }, wall),
    motor('plate-motor', { ...plate, power: '0.55 kW' }, wall),
    motor('plate-motor', { ...plate, power: '4 kW' }, wall),
    motor('no-plate', { donor: 'washer-belt', brushes: 'yes' }, wall),
  ];
  const answers = new Set<string | undefined>();
  for (const of_ of motors)
    for (const { id, build } of demos) {
      const [told] = await drives(of_, [{ id, build }]);
      const taken = drivenBuild(build, 'main', of_, told?.ratio ?? null);
      const { checks } = evaluateBuild(taken, kinds);
      const deciding = checks.filter((check) => /\/source\/check-(starts|runs-up|unloaded)$|\/work\/check-(carries|stalls)$/.test(check.id));
      const has = (verdict: string) => deciding.some((check) => check.verdict === verdict);
      // Too weak is too weak, whatever breaks in a jam.
      if (has('fails')) expect(told?.would, id).toBe('not');
      if (told?.would === 'would') expect([has('fails'), has('unknown'), has('close')], id).toEqual([false, false, false]);
      if (told?.would === 'unknown') expect([has('fails'), has('unknown')], id).toEqual([false, true]);
      answers.add(told?.would);
    }
  expect([...answers].sort()).toEqual(['just', 'not', 'unknown', 'would']);
});

// Nothing of a tumbler with a gearbox and a chain slips: in a jam twice the motor bends a shaft of two thirds that held with its own.
it('a shaft that a stronger motor bends is told: it just would, and why', async () => {
  const { build } = demos.find(({ id }) => id === 'sea-glass-tumbler.json') as (typeof demos)[number];
  const times = (input: Input | undefined, by: number, unit: string): string => `${((input?.value ?? Number.NaN) * by).toFixed(1)} ${unit}`;
  const thin: Build = {
    ...build,
    shafts: build.shafts.map((shaft) => ({
      ...shaft,
      sections: shaft.sections.map((section) => {
        const { diameter } = section.inputs;
        const value = (diameter?.value ?? Number.NaN) * 0.65;
        return { ...section, inputs: { ...section.inputs, diameter: { ...diameter, how: 'measured' as const, value, text: `${value} mm` } } };
      }),
    })),
  };
  const { power, current } = (build.lines[0] as Line).source.inputs;
  const strong = afterTyping(thin, { 'main/source/power': times(power, 2, 'W'), 'main/source/current': times(current, 2, 'A') });
  const told = async (of_: Build) => (await drives(motorOf(of_), [{ id: 'tumbler', build: thin }]))[0];
  expect(await told(thin)).toMatchObject({ would: 'would' });
  expect(await told(strong)).toMatchObject({ would: 'just', says: expect.stringMatching(/^In a jam the drum shaft may be bent/) });
});
