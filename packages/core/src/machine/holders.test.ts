import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { afterTyping, inputAt } from '../../test/crusher.js';
import { unreadIn } from '../procedures/unread.js';
import { sayAll, wordingFor } from '../wording/wording.js';
import type { Build } from './build.js';
import { describeChange } from './describe-change.js';
import { enter } from './enter.js';
import { holdersOf, isHeld } from './holders.js';
import { mergeBuilds, placeOfConflict } from './merge.js';
import { fieldLabel, placeAt, placesOf, withInput } from './paths.js';

/** A sample with settings, parts of the duty, a shaft and stored forces. */
const build = JSON.parse(readFileSync(new URL('../../../contracts/test/samples/build-17.json', import.meta.url), 'utf8')) as Build;
const held = placesOf(build).filter(({ path }) => isHeld(path));

/** Another entry than the one there is. */
function other(build: Build, path: string): Build {
  const place = placeAt(build, path);
  if (!place) throw new Error(`there is no ${path}`);
  const { field } = place;
  const text =
    'options' in field
      ? (Object.keys(field.options).find((option) => option !== place.input?.text) ?? '')
      : field.is === 'quantity' && field.quantity === 'fraction'
        ? '11 %'
        : '31';
  return withInput(build, path, enter(field, text, undefined).input);
}

it('are places: of each what is entered is found, and of a setting only what it changes', () => {
  expect(held.map(({ path }) => path)).toEqual([
    ...['feed/voltage', 'source/speed', 'belt/driver', 'work/jam'].map((at) => `main/@settings/slow/${at}`),
    ...['share', 'lasts', 'load', 'starts'].map((at) => `main/@phases/crush/${at}`),
    ...['share', 'lasts', 'load', 'starts'].map((at) => `main/@phases/idle/${at}`),
    ...['left', 'middle'].flatMap((id) =>
      ['length', 'diameter', 'metal', 'fillet', 'cut', 'pitch', 'groove', 'hole', 'holeAt'].map((name) => `@shafts/roll/@sections/${id}/${name}`),
    ),
    ...['at', 'mass', 'cut', 'wide', 'unbalance'].map((name) => `@shafts/roll/@seats/pulley/${name}`),
    ...['b1', 'b2'].flatMap((id) => ['at', 'marks', 'gives'].map((name) => `@shafts/roll/@bearings/${id}/${name}`)),
    ...['scraper/at', 'scraper/force', 'lid/at', 'lid/force'].map((at) => `@forces/${at}`),
  ]);
  expect(inputAt(build, 'main/@settings/slow/belt/driver')?.text).toBe('60 mm');
  // A field that the setting does not change yet can be entered all the same.
  const more = afterTyping(build, { 'main/@settings/slow/belt/driven': '300 mm' });
  expect(inputAt(more, 'main/@settings/slow/belt/driven')?.value).toBe(300);
  expect(placeAt(build, 'main/@settings/slow/belt/plumbing')).toBeUndefined();
  expect(() => withInput(build, '@forces/gone/force', undefined)).toThrow(RangeError);
});

describe.each(held.map(({ path }) => path))('%s', (path) => {
  const mine = other(build, path);

  it('is changed and taken out alone, told in words, and joined with a change elsewhere', () => {
    expect(inputAt(mine, path)).not.toEqual(inputAt(build, path));
    for (const each of placesOf(build)) if (each.path !== path) expect(inputAt(mine, each.path)).toBe(each.input);
    expect(inputAt(withInput(mine, path, undefined), path)).toBeUndefined();
    const [said = '', ...more] = describeChange(build, JSON.parse(JSON.stringify(mine)));
    expect(more).toEqual([]);
    expect(said.toLowerCase()).toContain(fieldLabel(build, path));
    expect(said).toContain(' → ');
    const theirs = afterTyping(build, { 'main/source/power': '1 hp' });
    const { build: both, conflicts } = mergeBuilds(build, mine, JSON.parse(JSON.stringify(theirs)));
    expect(conflicts).toEqual([]);
    expect([inputAt(both, path), inputAt(both, 'main/source/power')?.text]).toEqual([inputAt(mine, path), '1 hp']);
  });

  it('is left to choose where both sides changed it', () => {
    const theirs = withInput(build, path, undefined);
    const { conflicts } = mergeBuilds(build, mine, inputAt(build, path) ? theirs : withInput(build, path, { text: '5', how: 'guessed' }));
    expect(conflicts.map(placeOfConflict)).toEqual([path]);
  });
});

it('what is added and taken out is told; a draft in them rests under no figure', () => {
  const { forces: _, ...without } = build;
  expect(describeChange(build, without)).toEqual(['scraper spring and lid weight taken out']);
  const lid = {
    ...build,
    forces: build.forces?.map((force) => (force.id === 'lid' ? { ...force, name: 'lid', on: { line: 'main', station: 'motor' } } : force)) ?? [],
  };
  expect(describeChange(build, lid)).toEqual(['lid weight is now lid', 'lid: not known where → at the motor shaft']);
  expect(describeChange({ ...build, shafts: [] }, build)[0]).toMatch(/^left end of the roll, middle of the roll, .* added$/);
  expect(holdersOf(build)).toBe(holdersOf(build));
  expect(placesOf(build).find(({ path }) => path === 'main/@phases/idle/load')?.input?.draft).toBe('hardly');
  expect(sayAll(unreadIn(build), wordingFor(build))).toBe('');
});
