import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { crusher } from '../../test/crusher.js';
import type { KindHead } from '../kinds/kind.js';
import { kindHead } from '../kinds/registry.js';
import type { Build, Inputs } from './build.js';
import { upgradeBuild } from './upgrade.js';

/** The V-belt as it may be two versions on from where it is: a field renamed, then another given. */
const later = (role: KindHead['role'], kind: string): KindHead | undefined => {
  const head = kindHead(role, kind);
  if (!head || kind !== 'v-belt') return head;
  const renamed = ({ driver, ...others }: Inputs): Inputs => ({ ...others, ...(driver ? { motorPulley: driver } : {}) });
  const given = (inputs: Inputs): Inputs => ({ ...inputs, belts: { text: '1', value: 1, unit: '1', how: 'default' } });
  return { ...head, v: 5, upgrade: { ...head.upgrade, 3: renamed, 4: given } };
};

const belt = (build: object) => (build as ReturnType<typeof crusher>).lines[0]?.stages[0];

it('takes an old element through every step, and leaves the rest as the same objects', () => {
  const before = crusher();
  const { build, tooNew } = upgradeBuild(before, later);
  expect(tooNew).toEqual([]);
  expect(belt(build)).toMatchObject({ id: 'belt', v: 5, inputs: { motorPulley: { text: '75 mm' }, belts: { value: 1 } } });
  expect(belt(build)?.inputs).not.toHaveProperty('driver');
  expect((build as typeof before).lines[0]?.source).toBe(before.lines[0]?.source);
});

it('is the same object when nothing is old', () => {
  const build = crusher();
  expect(upgradeBuild(build).build).toBe(build);
});

it('names what was written by a newer version', () => {
  const build = JSON.parse(JSON.stringify(crusher()).replace('"kind":"v-belt","v":3', '"kind":"v-belt","v":9'));
  expect(upgradeBuild(build).tooNew).toMatchObject([
    { path: 'lines.0.stages.0', says: expect.stringContaining('version 9 of it; here 3 is the newest') },
  ]);
});

it.each([{}, { lines: null }, { lines: [null, 7, { stages: null }, { stages: [null, 3], source: 'x', work: [] }] }])(
  'leaves %j for the contract to refuse',
  (raw) => {
    expect(upgradeBuild(raw)).toEqual({ build: raw, tooNew: [], notices: [] });
  },
);

describe('a build of format 1', () => {
  const raw = () => JSON.parse(readFileSync(new URL('../../../contracts/test/samples/build-1.json', import.meta.url), 'utf8'));
  const raised = upgradeBuild(raw()).build as Build;

  it('has its settings on the line, what is on a shaft by ids and kinds, stored forces at a place of the line', () => {
    const speed = { text: '700 rpm', value: 700, unit: 'rpm', how: 'plate' };
    expect(raised.version).toBe(2);
    expect(raised.lines[0]?.source).not.toHaveProperty('settings');
    expect(raised.lines[0]?.settings).toEqual([{ id: 'slow', name: 'slow', inputs: { 'source/speed': speed } }]);
    expect(raised.shafts).toMatchObject([
      {
        id: 'roll',
        sections: [{ id: 'section-1', kind: 'round', inputs: { length: { text: '300 mm' }, diameter: { text: '25 mm' } } }],
        seats: [{ id: 'seat-1', kind: 'wheel', of: { line: 'main', stage: 'belt', end: 'out' }, inputs: { at: { text: '40 mm' } } }],
        bearings: [{ id: 'bearing-1', name: 'left', kind: 'bearing', inputs: { at: { text: '0 mm' } } }],
      },
    ]);
    expect(raised.forces).toMatchObject([
      { name: 'scraper spring', kind: 'pull', on: { line: 'main', station: 'roll' }, inputs: { force: { text: '20 N' } } },
    ]);
  });

  it('comes from the shaft of another line by its place there; a force of a shaft that no line has is told', () => {
    const two = raw();
    two.lines.push({ ...two.lines[0], id: 'fan', source: { ...two.lines[0].source, settings: [], from: { line: 'main', shaft: 'roll' } } });
    two.lines[0].stations[1].shaft = 'other';
    two.lines[1].stations = two.lines[0].stations.map((station: object) => ({ ...station, shaft: undefined }));
    const { build, notices } = upgradeBuild(two);
    expect((build as Build).lines[1]?.source.from).toEqual({ line: 'main', station: 'roll' });
    expect((build as Build).forces?.[0]).not.toHaveProperty('on');
    expect(notices).toEqual(['scraper spring: no line has the shaft “roll” that it pulls at; say where.']);
  });

  it('keeps what settings changed of a place that was opened', () => {
    const open = raw();
    const { settings, ...motor } = open.lines[0].source;
    open.lines[0].source = { kind: 'open', v: 1, inputs: {}, settings: [], was: { ...motor, settings } };
    const { lines } = upgradeBuild(open).build as Build;
    expect(lines[0]?.settings?.[0]?.inputs).toHaveProperty('source/speed');
    expect(lines[0]?.source.was).not.toHaveProperty('settings');
  });

  it('with an element of an older version has what its settings change raised with it', () => {
    const old = structuredClone(raised) as ReturnType<typeof raw>;
    old.lines[0].settings[0].inputs['belt/driver'] = { text: '80 mm', value: 80, unit: 'mm', how: 'chosen' };
    const { lines } = upgradeBuild(old, later).build as Build;
    expect(Object.keys(lines[0]?.settings?.[0]?.inputs ?? {})).toEqual(['source/speed', 'belt/motorPulley']);
  });

  it('is left to the contract where it is not shaped like one', () => {
    for (const damage of [{ lines: 7 }, { lines: [{ source: 3 }] }, { shafts: [3] }, { shafts: [{ forces: [null], wheels: {} }] }])
      expect(() => upgradeBuild({ ...raw(), ...damage })).not.toThrow();
  });
});
