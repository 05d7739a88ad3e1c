import { readdirSync, readFileSync } from 'node:fs';
import { blankBuild, evaluateBuild, kindHeads, loadKinds, sayAll, wordingFor } from '@hobrek/core';
import { Ajv2020 } from 'ajv/dist/2020.js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { damage, junk, ways } from '../../test/damage.js';
import { readBuild, shapeComplaints } from './read-build.js';
import { buildSchema } from './schema.js';

// biome-ignore lint/suspicious/noExplicitAny: these tests damage documents on purpose
type Anything = any;

const demo = (): Anything => JSON.parse(readFileSync(new URL('../../../../demo/apple-crusher.json', import.meta.url), 'utf8'));

/** The demo with something done to it. */
function damaged(damage: (build: Anything) => void): unknown {
  const build = demo();
  damage(build);
  return build;
}

const source = (build: Anything) => build.lines[0].source;
const power = (build: Anything) => source(build).inputs.power;

it('takes the demo as it is, and a blank build', () => {
  expect(readBuild(demo())).toEqual({ ok: true, build: demo(), notices: [] });
  expect(readBuild(blankBuild('b'))).toMatchObject({ ok: true });
});

const accepted: [string, (build: Anything) => void][] = [
  ['an input left out', (b) => delete source(b).inputs.power],
  ['a value left out', (b) => delete power(b).value],
  ['a draft', (b) => Object.assign(power(b), { draft: '1/' })],
  ['a range', (b) => Object.assign(power(b), { low: 500, high: 600 })],
  [
    'a setting that overrides an input',
    (b) =>
      Object.assign(b.lines[0], {
        settings: [
          {
            id: 'slow',
            name: 'slow',
            inputs: { 'source/speed': { text: '700 rpm', how: 'plate' }, 'belt/driver': { text: '80 mm', how: 'chosen' } },
          },
        ],
        phases: [
          {
            id: 'crush',
            name: 'crushing',
            setting: 'slow',
            inputs: { share: { text: '40 %', how: 'guessed' }, load: { text: '1', how: 'guessed' } },
          },
        ],
      }),
  ],
  ['a source that is a shaft of another line', (b) => Object.assign(source(b), { from: { line: 'other', station: 'spindle' } })],
  ['a feed', (b) => Object.assign(source(b), { feed: { kind: 'mains', v: 2, inputs: { voltage: { text: '207 V', how: 'measured' } } } })],
  ['stations on a shared shaft', (b) => Object.assign(b.lines[0].stations[1], { shaft: 'lay' })],
  ['a second line', (b) => b.lines.push({ ...b.lines[0], id: 'axis' })],
  [
    'a shaft with sections',
    (b) =>
      b.shafts.push({
        id: 'lay',
        name: 'layshaft',
        sections: [
          {
            id: 's1',
            name: 'section 1',
            kind: 'round',
            v: 1,
            inputs: { length: { text: '300 mm', how: 'measured' }, diameter: { text: '25 mm', how: 'measured' } },
          },
        ],
        seats: [
          {
            id: 'w1',
            name: 'pulley',
            kind: 'wheel',
            v: 1,
            of: { line: 'main', stage: 'belt', end: 'out' },
            inputs: { at: { text: '40 mm', how: 'measured' } },
          },
        ],
        bearings: [{ id: 'b1', name: 'left', kind: 'bearing', v: 1, inputs: {} }],
      }),
  ],
  [
    'a stored force',
    (b) =>
      Object.assign(b, {
        forces: [
          {
            id: 'spring',
            name: 'spring',
            kind: 'pull',
            v: 1,
            on: { line: 'main', station: 'roll' },
            inputs: { force: { text: '20 N', how: 'measured' } },
          },
        ],
      }),
  ],
];

it.each(accepted)('takes %s', (_, damage) => {
  const read = readBuild(damaged(damage));
  expect(read.ok ? '' : JSON.stringify(read.complaints)).toBe('');
});

const refused: [string, (build: Anything) => void, string, RegExp][] = [
  ['another format', (b) => Object.assign(b, { format: 'drawing' }), 'format', /must be "hobrek-build" \(it is "drawing"\)/],
  ['a newer version', (b) => Object.assign(b, { version: 3 }), 'version', /newer Hobrek/],
  ['an older version that never was', (b) => Object.assign(b, { version: 0 }), 'version', /must be equal to 2/],
  ['no name', (b) => delete b.name, 'name', /must be/],
  ['no lines', (b) => Object.assign(b, { lines: [] }), 'lines', /at least 1/],
  ['a list for a source', (b) => Object.assign(b.lines[0], { source: [] }), 'lines.0.source', /must be an object \(it is a list\)/],
  ['lists for stages', (b) => Object.assign(b.lines[0], { stages: [[]] }), 'lines.0.stages', /list of objects/],
  ['null for a list', (b) => Object.assign(b.lines[0], { stages: null }), 'lines.0.stages', /must be an array/],
  ['null for an input', (b) => Object.assign(source(b).inputs, { power: null }), 'lines.0.source.inputs.power', /null/],
  ['a kind that is not known', (b) => Object.assign(source(b), { kind: 'warp-core' }), 'lines.0.source.kind', /plate-motor.* \(it is "warp-core"\)/],
  ['a stage’s kind as a source', (b) => Object.assign(source(b), { kind: 'v-belt' }), 'lines.0.source.kind', /"v-belt"/],
  ['a feed of no known kind', (b) => Object.assign(source(b), { feed: { kind: 'wind', v: 1, inputs: {} } }), 'lines.0.source.feed.kind', /mains/],
  ['a newer kind', (b) => Object.assign(source(b), { v: 9 }), 'lines.0.source', /motor from its plate was written by a newer Hobrek/],
  ['a version of a kind that never was', (b) => Object.assign(source(b), { v: 0 }), 'lines.0.source.v', /equal to 2/],
  [
    'a field the kind does not have',
    (b) => Object.assign(source(b).inputs, { teeth: power(b) }),
    'lines.0.source.inputs.teeth',
    /not a name this format knows/,
  ],
  ['a name too many', (b) => Object.assign(b.lines[0], { colour: 'blue' }), 'lines.0.colour', /not a name this format knows/],
  [
    'a setting of a field that is not there',
    (b) => Object.assign(b.lines[0], { settings: [{ id: 'slow', name: 'slow', inputs: { 'belt/plumbing': { text: '1', how: 'chosen' } } }] }),
    'lines.0.settings.0.inputs.belt/plumbing',
    /no field of an element/,
  ],
  [
    'a setting beyond what its field takes',
    (b) =>
      Object.assign(b.lines[0], {
        settings: [{ id: 'slow', name: 'slow', inputs: { 'source/speed': { text: '-5 rpm', value: -5, unit: 'rpm', how: 'plate' } } }],
      }),
    'lines.0.settings.0.inputs.source/speed',
    /no entry of/,
  ],
  ['settings of format 1 in a file of format 2', (b) => Object.assign(source(b), { settings: [] }), 'lines.0.source.settings', /not a name/],
  ['settings on work', (b) => Object.assign(b.lines[0].work, { settings: [] }), 'lines.0.work.settings', /not a name/],
  ['a text for a number', (b) => Object.assign(power(b), { value: '550' }), 'lines.0.source.inputs.power.value', /number/],
  ['an absurd value', (b) => Object.assign(power(b), { value: -5 }), 'lines.0.source.inputs.power.value', /not be less than 1 \(it is -5\)/],
  ['infinity', (b) => Object.assign(power(b), { value: Number.POSITIVE_INFINITY }), 'lines.0.source.inputs.power.value', /must/],
  ['another unit than the field’s', (b) => Object.assign(power(b), { unit: 'mm' }), 'lines.0.source.inputs.power.unit', /equal to W/],
  ['a value without its unit', (b) => delete power(b).unit, 'main/source/power.unit', /must say its unit/],
  ['a low end alone', (b) => Object.assign(power(b), { low: 500 }), 'lines.0.source.inputs.power.low', /come together/],
  ['ends on the wrong side', (b) => Object.assign(power(b), { low: 560, high: 600 }), 'lines.0.source.inputs.power', /come together/],
  ['a way of knowing there is not', (b) => Object.assign(power(b), { how: 'heard' }), 'lines.0.source.inputs.power.how', /plate, measured/],
  [
    'an option there is not',
    (b) => Object.assign(source(b).inputs.phases, { text: '2' }),
    'lines.0.source.inputs.phases.text',
    /following values: , 1, 3 \(it is "2"\)/,
  ],
  ['a number for a choice', (b) => Object.assign(source(b).inputs.phases, { value: 1 }), 'lines.0.source.inputs.phases.value', /not a name/],
  ['a draft that is too long', (b) => Object.assign(power(b), { draft: 'x'.repeat(81) }), 'lines.0.source.inputs.power.draft', /80/],
  [
    'a text that cannot be read and no value',
    (b) => Object.assign(source(b).inputs, { power: { text: 'abc', how: 'plate' } }),
    'main/source/power',
    /Plate power .*“abc”/,
  ],
  ['an id with a slash', (b) => Object.assign(b.lines[0].stages[0], { id: 'a/b' }), 'lines.0.stages.0.id', /match/],
  ['two lines of one id', (b) => b.lines.push(b.lines[0]), 'lines', /“main” is used twice/],
  ['a stage called like the source', (b) => Object.assign(b.lines[0].stages[0], { id: 'source' }), 'lines.0.stages', /“source” is used twice/],
  ['a station too few', (b) => b.lines[0].stations.pop(), 'lines.0.stations', /2, not 1/],
];

it.each(refused)('refuses %s, naming the place', (_, damage, path, words) => {
  const read = readBuild(damaged(damage));
  expect(read.ok).toBe(false);
  if (read.ok) return;
  expect(read.complaints[0]?.path).toContain(path);
  expect(read.complaints[0]?.says).toMatch(words);
});

it.each([null, [], 'text', 7, undefined])('refuses %j, which is no build at all', (value) => {
  expect(readBuild(value)).toMatchObject({ ok: false, complaints: [{ path: 'the file' }] });
});

// One file for each version of the format and of each kind that ever landed. They are never changed, and must open for ever.
const samples = new URL('../../test/samples/', import.meta.url);
it.each(readdirSync(samples))('opens the sample %s', (name) => {
  const read = readBuild(JSON.parse(readFileSync(new URL(name, samples), 'utf8')));
  expect(read.ok ? '' : read.complaints).toBe('');
});

it('has a sample of every kind in its newest version', () => {
  const kept = readdirSync(samples).map((name) => readFileSync(new URL(name, samples), 'utf8').replace(/\s+/g, ''));
  const heads = (['source', 'stage', 'work', 'feed'] as const).flatMap((role) => kindHeads(role));
  for (const { kind, v } of heads)
    expect(
      kept.some((text) => text.includes(`"kind":"${kind}","v":${v}`)),
      `${kind} ${v}`,
    ).toBe(true);
});

it('says when a text is read differently today', () => {
  const read = readBuild(damaged((b) => Object.assign(power(b), { text: '1 hp' })));
  expect(read.ok && read.notices[0]).toContain('is read as 746 W today');
});

describe('damaged at random', () => {
  const judge = new Ajv2020({ allErrors: false }).compile(buildSchema());
  /** Only the contract can say whether ends are in order. */
  const endsInOrder = (value: Anything): boolean =>
    typeof value !== 'object' ||
    value === null ||
    ((value.low ?? value.value) <= value.value && value.value <= (value.high ?? value.value)) ||
    !('low' in value && 'high' in value)
      ? Object.values(value ?? {}).every((each) => typeof each !== 'object' || endsInOrder(each))
      : false;

  it.each(['demo', 'build-16', 'build-17'])('the contract and the published schema say the same of the shape of %s', (name) => {
    const whole = () => (name === 'demo' ? demo() : JSON.parse(readFileSync(new URL(`${name}.json`, samples), 'utf8')));
    const damaged = fc
      .tuple(fc.nat(), junk, fc.constantFrom(...ways))
      .map(([where, value, how]) => {
        const build = whole();
        Object.assign(power(build), { low: 500, high: 600 });
        const key = damage(build, where, how, value);
        return { build, said: `${how} ${key}: ${JSON.stringify(value)?.slice(0, 80)}` };
      })
      // What a schema cannot say: the order of ends, and names that JavaScript keeps for itself.
      .filter(({ build }) => endsInOrder(build) && !/"(__proto__|constructor|toString)"|\\u/.test(JSON.stringify(build)));
    let [compared, refusals] = [0, 0];
    fc.assert(
      fc.property(damaged, ({ build, said }) => {
        compared++;
        const contract = shapeComplaints(build).length === 0;
        if (!contract) refusals++;
        expect(judge(build), said).toBe(contract);
      }),
      { seed: 6, numRuns: 600 },
    );
    expect(compared).toBe(600);
    expect(refusals).toBeGreaterThan(300);
  });

  it.each(['build-1', 'build-16', 'build-17'])('%s opens or says where it is wrong; never throws, never changes what it was given', (name) => {
    const text = readFileSync(new URL(`${name}.json`, samples), 'utf8');
    let kept = 0;
    fc.assert(
      fc.property(fc.nat(), junk, fc.constantFrom(...ways), (where, value, how) => {
        const build = JSON.parse(text);
        damage(build, where, how, value);
        const before = JSON.stringify(build);
        const read = readBuild(build);
        expect(JSON.stringify(build)).toBe(before);
        if (read.ok) kept++;
        else for (const { path, says } of read.complaints) expect(path.length * says.length).toBeGreaterThan(0);
      }),
      { seed: 5, numRuns: 1_700 },
    );
    expect(kept).toBeLessThan(1_000);
  });
});

it('a line that nothing drives opens with a place for what will, and says so; the other is worked out as it was', async () => {
  const raw = JSON.parse(readFileSync(new URL('build-2.json', samples), 'utf8'));
  const whole = readBuild(structuredClone(raw));
  delete raw.lines[1].source;
  const read = readBuild(raw);
  if (!read.ok || !whole.ok) throw new Error('refused');
  expect(read.notices).toEqual(['Nothing drives the line “fruit” in the file: its source is open.']);
  expect(read.build.lines[1]?.source.kind).toBe('open');
  const kinds = await loadKinds();
  const [before, now] = [evaluateBuild(whole.build, kinds), evaluateBuild(read.build, kinds)];
  expect(now.lines[0]?.verdict).toBe(before.lines[0]?.verdict);
  expect(now.lines[0]?.stations.map(({ power }) => power)).toEqual(before.lines[0]?.stations.map(({ power }) => power));
  expect(now.lines[1]?.verdict).toBe('unknown');
  expect(sayAll(now.lines[1]?.says ?? [], wordingFor(read.build))).toContain('nothing drives it yet');
});

describe('what an open place held', () => {
  const opened = () => JSON.parse(readFileSync(new URL('build-14.json', samples), 'utf8'));
  const refused = (change: (line: ReturnType<typeof opened>) => void) => {
    const raw = opened();
    change(raw.lines[0]);
    const read = readBuild(raw);
    return read.ok ? [] : read.complaints.map(({ path }) => path);
  };

  it('is read like an element', () => {
    expect(refused((line) => (line.source.was.inputs.power.value = -5))).toEqual(['lines.0.source.was.inputs.power.value']);
    expect(refused((line) => (line.source.was.inputs.plumbing = { text: '1', how: 'plate' }))).toEqual(['lines.0.source.was.inputs.plumbing']);
    expect(refused((line) => (line.source.was.kind = 'treadmill'))).toEqual(['lines.0.source.was.kind']);
    expect(refused((line) => (line.stages[0].was = 'a belt'))).toEqual(['lines.0.stages.0.was']);
  });

  it('is of no open place itself, and nothing that is chosen has it', () => {
    expect(refused((line) => (line.source.was = { kind: 'open', v: 1, inputs: {} }))).toEqual(['lines.0.source.was.kind']);
    expect(refused((line) => (line.work.was = { kind: 'direct', v: 2, inputs: {} }))).toEqual(['lines.0.work.was']);
    expect(refused((line) => (line.source.was.v = 1_000))).toEqual(['lines.0.source.was']);
  });
});
