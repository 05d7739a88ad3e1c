import { describe, expect, it } from 'vitest';
import { afterTyping, crusher, inputAt } from '../../test/crusher.js';
import type { Role } from '../kinds/kind.js';
import { kindHead } from '../kinds/registry.js';
import { blankBuild } from './blank-build.js';
import { briefParts } from './brief-fields.js';
import { placesOf, withInput } from './paths.js';
import { settleValues } from './settle-values.js';

const power = 'main/source/power';

describe('typing into a field', () => {
  it('replaces the entry when it reads, keeping what was typed and its note', () => {
    const speed = inputAt(afterTyping(crusher(), { 'main/source/speed': ' 2.9k rpm ' }), 'main/source/speed');
    expect(speed).toEqual({ text: '2.9k rpm', value: 2900, unit: 'rpm', how: 'plate', note: 'From the old garden chipper.' });
  });

  it.each(['abc', '-5 kW', '5 parsecs', '1/'])('keeps “%s” as a draft beside the last good entry', (typed) => {
    const before = inputAt(crusher(), power);
    expect(inputAt(afterTyping(crusher(), { [power]: typed }), power)).toEqual({ ...before, draft: typed });
  });

  it('takes the draft away as soon as the text reads', () => {
    const build = afterTyping(afterTyping(crusher(), { [power]: 'abc' }), { [power]: '1/2 hp' });
    expect(inputAt(build, power)).not.toHaveProperty('draft');
    expect(inputAt(build, power)?.value).toBeCloseTo(372.85, 2);
  });

  it('takes a range as a guess with its ends', () => {
    expect(inputAt(afterTyping(crusher(), { [power]: '0.6 to 0.9 kW' }), power)).toEqual({
      text: '0.6 to 0.9 kW',
      value: 750,
      unit: 'W',
      how: 'guessed',
      low: 600,
      high: 900,
    });
  });

  it('takes a question mark as not known', () => {
    expect(inputAt(afterTyping(crusher(), { [power]: '?' }), power)).toBeUndefined();
  });

  it('keeps a first attempt that does not read, with no value to work with', () => {
    expect(inputAt(afterTyping(blankBuild('b'), { [power]: 'abc' }), power)).toEqual({ text: '', how: 'plate', draft: 'abc' });
  });
});

describe('paths', () => {
  it('reach every field of every element, in order', () => {
    const paths = placesOf(crusher()).map((place) => place.path);
    const elements = [...new Set(paths.map((path) => path.split('/').slice(0, 2).join('/')))];
    const inLine = elements.filter((path) => path.startsWith('main/'));
    expect(inLine).toEqual(['main/feed', 'main/source', 'main/belt', 'main/work']);
    const ofBrief = Object.values(briefParts).flatMap((fields) => Object.keys(fields)).length;
    const fields = (role: Role, kind: string) => Object.keys(kindHead(role, kind)?.fields ?? {}).length;
    expect(paths).toHaveLength(
      fields('feed', 'mains') + fields('source', 'plate-motor') + fields('stage', 'v-belt') + fields('work', 'direct') + ofBrief,
    );
  });

  it('leave everything that is not on the way as the same object', () => {
    const before = crusher();
    const after = withInput(before, 'main/belt/driven', undefined);
    expect(after.lines[0]?.source).toBe(before.lines[0]?.source);
    expect(after.lines[0]?.stages[0]?.inputs).not.toHaveProperty('driven');
    expect(before.lines[0]?.stages[0]?.inputs).toHaveProperty('driven');
  });

  it('refuse an element that is not there', () => {
    expect(() => withInput(crusher(), 'main/chain/teeth', undefined)).toThrow(RangeError);
    expect(() => withInput(crusher(), 'other/source/power', undefined)).toThrow(RangeError);
  });
});

describe('a build from a file', () => {
  const withEntry = (path: string, entry: Record<string, unknown>) => withInput(crusher(), path, entry as never);

  it('is read where it leaves a value out', () => {
    const settled = settleValues(withEntry(power, { text: '1/2 hp', how: 'plate' }));
    expect(inputAt(settled.build, power)).toMatchObject({ unit: 'W' });
    expect(inputAt(settled.build, power)?.value).toBeCloseTo(372.85, 2);
    expect(settled).toMatchObject({ notices: [], refused: [] });
  });

  it('keeps a value that its text no longer means, and says so', () => {
    const settled = settleValues(withEntry(power, { text: '1 hp', value: 550, unit: 'W', how: 'plate' }));
    expect(inputAt(settled.build, power)?.value).toBe(550);
    expect(settled.notices).toEqual(['Plate power: “1 hp” is read as 746 W today; the build was worked with 550 W, and still is.']);
  });

  it('takes a question mark for not known', () => {
    const settled = settleValues(withEntry(power, { text: '?', how: 'plate' }));
    expect(settled).toMatchObject({ notices: [], refused: [] });
    expect(inputAt(settled.build, power)).toBeUndefined();
  });

  it('is refused where it has neither a value nor a text that reads, naming the place', () => {
    const settled = settleValues(withEntry(power, { text: 'plenty', how: 'plate' }));
    expect(settled.refused).toMatchObject([{ path: power }]);
    expect(settled.refused[0]?.says).toContain('“plenty”');
  });

  it('may hold a draft with nothing behind it', () => {
    expect(settleValues(withEntry(power, { text: '', draft: '1/', how: 'plate' }))).toMatchObject({ notices: [], refused: [] });
  });
});
