import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { afterTyping, inputAt } from '../../test/crusher.js';
import { extent } from '../drawing/sketch.js';
import type { Known } from '../figure/figure.js';
import { kindHeads, loadKinds } from '../kinds/registry.js';
import { evaluateBuild } from '../procedures/evaluate-build.js';
import { needOf } from '../procedures/need.js';
import { sayAll, wordingFor } from '../wording/wording.js';
import type { Build } from './build.js';
import { placesOf } from './paths.js';
import { withKind } from './reshape.js';
import {
  beginSizing,
  beginWithMotor,
  findSized,
  sizedBuild,
  sizedKinds,
  sizingPlaces,
  sketchOf,
  withSizedKind,
  withUsual,
  withUsualGuessed,
} from './sizing.js';

const kinds = await loadKinds();
const says = (build: Build) => sayAll(evaluateBuild(build, kinds).says, wordingFor(build));

it('every kind of work is on the wall', () => {
  expect(sizedKinds.map(({ kind }) => kind).sort()).toEqual(
    kindHeads('work')
      .map(({ kind }) => kind)
      .sort(),
  );
});

describe.each(sizedKinds)('$kind', ({ kind, sizing }) => {
  const build = beginSizing(kind);
  const places = sizingPlaces(build);

  it('is sized by three to six fields, each with a letter of its own that is on the drawing', () => {
    expect(places.length).toBe(sizing.fields.length);
    expect(places.length).toBeGreaterThanOrEqual(3);
    expect(places.length).toBeLessThanOrEqual(6);
    const drawn = sketchOf(build)?.strokes.flatMap((stroke) => ('letter' in stroke ? [stroke.letter] : []));
    expect([...(drawn ?? [])].sort()).toEqual(places.map(({ letter }) => letter));
  });

  it('says where each is measured in a few words, and what is usual lies in its usual range', () => {
    for (const { where, taken, range, field, usual } of places) {
      expect(where.split(' ').length).toBeLessThanOrEqual(4);
      if (usual === undefined) continue;
      expect(taken?.draft).toBeUndefined();
      if ('options' in field) expect(field.options).toHaveProperty(taken?.text ?? '');
      else {
        expect(taken?.value).toBeGreaterThanOrEqual(range?.[0] ?? Number.NaN);
        expect(taken?.value).toBeLessThanOrEqual(range?.[1] ?? Number.NaN);
      }
    }
  });

  it('has a class named with usual values alone, and is not red', () => {
    const { motor, missing } = needOf(sizedBuild(build), kinds);
    expect(missing).toEqual([]);
    expect(motor).not.toBeNull();
    expect(evaluateBuild(sizedBuild(build), kinds).checks.filter(({ verdict }) => verdict === 'fails')).toEqual([]);
    // Nothing is entered by that.
    expect(placesOf(build).some(({ path, input }) => path.startsWith('main/') && input)).toBe(false);
    expect(says(build)).toContain('is not known yet');
  });

  it('is found by each of its words, and typed from the wall to a class in a minute at three keys a second', () => {
    for (const word of sizing.words) expect(findSized(word).map((each) => each.kind)).toContain(kind);
    const keys = (sizing.words[0]?.length ?? 0) + 1 + places.reduce((sum, { usual = '' }) => sum + usual.length + 1, 0);
    expect(keys / 3).toBeLessThan(60);
  });

  it('is drawn whatever is entered', () => {
    const spread = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: places.length, maxLength: places.length });
    fc.assert(
      fc.property(spread, (shares) => {
        const typed = places.reduce((now, { path, field }, k) => {
          if (field.is !== 'quantity') return now;
          const [low, high] = field.accepts;
          const from = Math.max(low, high * 1e-6);
          const value = from * (high / from) ** (shares[k] ?? 0);
          return withEntry(now, path, value);
        }, build);
        const sketch = sketchOf(typed);
        expect(sketch && Object.values(extent(sketch)).every(Number.isFinite)).toBe(true);
      }),
      { numRuns: 40 },
    );
  });
});

/** A value in the house unit of its field, whatever its text would be. */
function withEntry(build: Build, path: string, value: number): Build {
  const place = placesOf(build).find((each) => each.path === path);
  if (place?.field.is !== 'quantity') throw new Error(path);
  const [lineId, element, name] = path.split('/') as [string, string, string];
  const entry = { text: `${value}`, value, unit: '1', how: 'measured' } as const;
  if (name === undefined) return { ...build, [lineId]: { ...build[lineId as 'wishes'], [element]: entry } };
  return { ...build, lines: build.lines.map((line) => ({ ...line, work: { ...line.work, inputs: { ...line.work.inputs, [name]: entry } } })) };
}

describe('power at the tool, by hand', () => {
  const at = (kind: string, typed: Record<string, string> = {}) => {
    const { power, speed } = needOf(sizedBuild(afterTyping(beginSizing(kind), typed)), kinds);
    return { watts: (power as Known).value, rpm: (speed as Known).value };
  };

  // Critical speed 42.3 / √(0.300 − 0.020) = 79.9 rpm, 60 % of it 48.0; the centre of half a drum lies 4 · 150 / 3π = 63.7 mm below its axis: 12 kg · 9.81 · 0.0637 · sin 37° = 4.51 N·m.
  it('of a tumbler', () => {
    expect(at('rotary-tumbler').rpm).toBeCloseTo(48, 0);
    expect(at('rotary-tumbler').watts).toBeCloseTo(4.51 * ((2 * Math.PI * 48) / 60), 0);
  });

  // 200 kg/h at 1.8 kWh a tonne; 4 m/s at the teeth of 150 mm are 4 / (π · 0.15) turns a second.
  it('of a fruit crusher', () => {
    expect(at('fruit-crusher').watts).toBeCloseTo(360, 6);
    expect(at('fruit-crusher').rpm).toBeCloseTo(509.3, 1);
  });

  // 200 kg up 15 % (8.531°) with 5 % of rolling: 200 · 9.80665 · (0.14834 + 0.05 · 0.98894) = 387.9 N, at 4 km/h 431 W; 1.1111 m/s / (π · 0.4) = 53.05 rpm.
  it('of a barrow', () => {
    expect(at('wheel-drive', { 'main/work/rolling': '5 %' }).watts).toBeCloseTo(431, 0);
    expect(at('wheel-drive').rpm).toBeCloseTo(53.05, 1);
  });

  // 900 W less 250 W; half of the losses come with the load: 1 / (1 + 0.5 · (1 / 0.62 − 1)) = 0.765 of it reach the shaft, 498 W, and 4 % go for the drag of the machine here.
  it('of what a meter showed', () => expect(at('measured').watts).toBeCloseTo(498 * 1.04, -1));

  // 8 N·m at 400 rpm: 8 · 2π · 400 / 60.
  it('of work entered directly', () => expect(at('direct').watts).toBeCloseTo(335.1, 1));
});

// A class that is named, put in with what usually makes the ratio, never fails on strength or at its start: any kind, any size in its usual range.
describe.each(sizedKinds)('the class for any $kind', ({ kind }) => {
  it('is strong enough and starts', () => {
    const places = sizingPlaces(beginSizing(kind));
    let compared = 0;
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 6, maxLength: 6 }), (shares) => {
        const work = places.reduce(
          (now, { path, range, usual }, k) => {
            if (!range || usual === undefined) return now;
            const [low, high] = range;
            return withEntry(now, path, low + (high - low) * (shares[k] ?? 0));
          },
          withUsual(beginSizing(kind)),
        );
        const { motor } = needOf(work, kinds);
        fc.pre(motor !== null && motor.starts.length > 0);
        const start = motor?.starts[0] as string;
        const put = afterTyping(withKind(work, 'main/source', 'plate-motor'), {
          'main/source/power': `${motor?.output_W} W`,
          'main/source/speed': motor?.poles === 2 ? '2850' : '1425',
          'main/source/powerIs': 'shaft',
          'main/source/phases': start === 'three-phase' ? '3' : '1',
          ...(start === 'three-phase' ? {} : { 'main/source/start': start }),
          'main/source/voltage': start === 'three-phase' ? '400 V' : '230 V',
          'supply/voltage': start === 'three-phase' ? '400 V' : '230 V',
          'supply/frequency': '50 Hz',
          'supply/phases': start === 'three-phase' ? '3' : '1',
        });
        const { checks } = evaluateBuild(put, kinds);
        const held = checks.filter(({ id }) => id.endsWith('check-carries') || id.endsWith('check-starts'));
        expect(held.length).toBe(2);
        expect(held.filter(({ verdict }) => verdict === 'fails')).toEqual([]);
        compared++;
      }),
      { numRuns: 200 },
    );
    expect(compared).toBeGreaterThanOrEqual(200);
  }, 20_000);
});

describe('a build that is being sized', () => {
  it('takes what is entered and what is usual beside it, and goes on with the rest as guesses', () => {
    const typed = afterTyping(beginSizing('rotary-tumbler'), { 'main/work/load': '20 kg' });
    expect(inputAt(withUsual(typed), 'main/work/load')?.text).toBe('20 kg');
    expect(inputAt(withUsual(typed), 'main/work/drum')).toMatchObject({ text: '300 mm', how: 'default' });
    expect(inputAt(withUsualGuessed(typed), 'main/work/drum')).toMatchObject({ value: 300, how: 'guessed' });
    expect(inputAt(withUsualGuessed(typed), 'main/work/load')?.how).toBe('measured');
    expect(inputAt(withUsualGuessed(typed), 'wishes/leastSpeed')).toBeUndefined();
  });

  it('is worked out with what is usual while an entry cannot be read, and keeps the draft', () => {
    const typed = afterTyping(beginSizing('rotary-tumbler'), { 'main/work/drum': 'as big as a bucket' });
    expect(needOf(sizedBuild(typed), kinds).motor).not.toBeNull();
    expect(inputAt(typed, 'main/work/drum')?.draft).toBe('as big as a bucket');
  });

  it('says what cannot be together, and answers the rest', () => {
    const fast = sizedBuild(afterTyping(beginSizing('rotary-tumbler'), { 'wishes/leastSpeed': '600 rpm' }));
    const { checks, verdict } = evaluateBuild(fast, kinds);
    expect(verdict).toBe('fails');
    expect(checks[0]).toMatchObject({ id: 'main/work/check-clings', verdict: 'fails' });
    expect(says(fast)).toMatch(/The load clings to the drum from 79\.9 rpm on/);
    expect(needOf(fast, kinds).motor).not.toBeNull();
  });

  it('becomes another kind: name and shaft follow, unless somebody named it', () => {
    const drum = beginSizing('rotary-tumbler');
    const roll = withSizedKind(drum, 'fruit-crusher');
    expect([roll.name, roll.lines[0]?.stations.at(-1)?.name]).toEqual(['Fruit crusher', 'roll']);
    expect(withSizedKind({ ...drum, name: 'Bess' }, 'fruit-crusher').name).toBe('Bess');
    expect(withSizedKind({ ...drum, lines: [] }, 'fruit-crusher').lines).toEqual([]);
  });

  it('has no place that held anything before it began, and refuses a kind that there is not', () => {
    expect(JSON.stringify(beginSizing('direct'))).not.toContain('"was"');
    expect(() => beginSizing('perpetual')).toThrow(RangeError);
    expect(sizingPlaces({ ...beginSizing('direct'), lines: [] })).toEqual([]);
    expect(sketchOf({ ...beginSizing('direct'), lines: [] })).toBeNull();
  });

  it('is at the wall of the workshop', () => {
    expect(inputAt(beginSizing('direct', { voltage: '120 V' }), 'supply/voltage')?.value).toBe(120);
    expect(inputAt(beginWithMotor({ voltage: '120 V' }), 'supply/voltage')?.value).toBe(120);
  });
});

it('finds by several words, and nothing by what nobody would say', () => {
  expect(findSized('sea  STONES').map(({ kind }) => kind)).toEqual(['rotary-tumbler']);
  expect(findSized('zeppelin')).toEqual([]);
  expect(findSized(' ')).toEqual(sizedKinds);
});
