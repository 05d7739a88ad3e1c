import { readFileSync } from 'node:fs';
import { type Build, blankBuild, describeChange, meansTheSame, mergeBuilds, placesOf, same, withInput } from '@hobrek/core';
import { expect, it } from 'vitest';
import { randomLines } from '../../../core/test/random-lines.js';
import { readBuild } from './read-build.js';

const kept = JSON.parse(readFileSync(new URL('../../test/samples/build-17.json', import.meta.url), 'utf8')) as Build;
const again = (build: Build): Build => {
  const read = readBuild(JSON.parse(JSON.stringify(build)));
  if (!read.ok) throw new Error(JSON.stringify(read.complaints.slice(0, 3)));
  return read.build;
};

it('a build of any kinds with anything in it is the same after a file, a merge and an undo; what changes of it is told and comes back', () => {
  const { random, line } = randomLines(37);
  const types = new Set<string>();
  let places = 0;
  for (let k = 0; k < 60; k++) {
    const whole: Build = { ...blankBuild(`any ${k}`), lines: [line()], shafts: kept.shafts, ...(kept.forces ? { forces: kept.forces } : {}) };
    // Read once: what is counted takes no part of one.
    const build = again(whole);
    expect(again(build)).toEqual(build);
    expect(describeChange(build, again(build))).toEqual([]);
    const entered = placesOf(build).filter(({ input }) => input !== undefined);
    for (const each of entered) types.add(each.field.is);
    places += entered.length;
    const gone = entered[Math.floor(random() * entered.length)];
    if (!gone) continue;
    const without = withInput(build, gone.path, undefined);
    expect(describeChange(build, again(without)).length, gone.path).toBeGreaterThan(0);
    // Half typed it means nothing yet.
    expect(meansTheSame(build, without), gone.path).toBe(gone.input?.draft !== undefined);
    // Taken out by another, and here nothing: out; taken out here and put back: as it was.
    expect(same(mergeBuilds(build, build, again(without)).build, without)).toBe(true);
    expect(same(mergeBuilds(without, again(build), without).build, build)).toBe(true);
  }
  expect(places).toBeGreaterThan(1_000);
  for (const type of ['choice', 'quantity', 'table', 'yes-no']) expect(types).toContain(type);
});
