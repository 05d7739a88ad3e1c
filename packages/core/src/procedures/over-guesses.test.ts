import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { loadKinds } from '../kinds/registry.js';
import { blankBuild } from '../machine/blank-build.js';
import type { Build } from '../machine/build.js';
import { wordingFor } from '../wording/wording.js';
import { evaluateBuild } from './evaluate-build.js';
import { overGuesses } from './over-guesses.js';

const kinds = await loadKinds();
const overAll = (build: Build) => overGuesses(build, kinds, wordingFor(build));
const over = (typed: Record<string, string>) => overAll(afterTyping(crusher(), typed));

describe('over all that is guessed', () => {
  // By hand: 3.6857 N·m · 3.3333 · 0.89, the worst usual loss, is 10.934 N·m at the roll.
  it('says from which value of one guess on the source is too weak', () => {
    const found = over({ 'main/work/torque': '9 to 13 N·m' });
    expect(found?.says).toContain('the torque needed decides, from 10.9 N·m up: measure it first');
    // Likely, two ends, 32 between. Halton's points are all of k/32 and 1/64 of the way: from (10.934 − 9) / 4 = 0.484 on 16/32 to 31/32, with the upper
    // end and the likely 11 are 18.
    expect(found?.tried).toBe(35);
    expect(found?.fails).toBe(18);
  });

  // By hand: 8 N·m / (3.3333 · 0.89) · 2π · 1425 / 60 = 402.4 W.
  it('says so of a guess that fails downward', () => {
    expect(over({ 'main/source/power': '0.3 to 0.6 kW' })?.says).toContain('the plate power decides, from 402 W down');
  });

  it('puts first what moves the answer most', () => {
    const found = over({ 'main/source/power': '0.54 to 0.56 kW', 'main/work/torque': '7 to 13 N·m', 'main/work/breakaway': '9 to 12 N·m' });
    expect(found?.order.slice(0, 2)).toEqual(['main/work/torque', 'main/source/power']);
    expect(found?.tried).toBe(1 + 8 + 32);
  });

  it('holds, or does not, in all of them', () => {
    expect(over({ 'main/work/torque': '5 to 6 N·m' })?.says).toBe('Of what is guessed 35 ways were tried: the motor is strong enough in every one.');
    expect(over({ 'main/work/torque': '20 to 30 N·m' })?.says).toContain('the motor is strong enough in none.');
  });

  // By hand: 0.3 kW makes 5.96 N·m, 0.5 kW 9.94: each end of either fails with some end of the other.
  it('names the one to measure where at both of its ends another decides', () => {
    const found = over({ 'main/source/power': '0.3 to 0.5 kW', 'main/work/torque': '7 to 13 N·m' });
    expect(found?.says).toMatch(/measure the (torque needed|plate power) first, which moves it most/);
  });

  it('says what else fails in some of them, not what fails whatever is guessed', () => {
    const slack = over({ 'main/work/torque': '5 to 6 N·m', 'main/belt/tension': '20 to 200 N' });
    expect(slack?.says).toMatch(/In \d+ of them something else fails, at worst: .*[Bb]elt .+\.$/);
    expect(over({ 'main/work/torque': '5 to 6 N·m', 'main/belt/tension': '1 N' })?.says).toMatch(/strong enough in every one\.$/);
  });

  it('has nothing to say where nothing is guessed, or the work is not known', () => {
    expect(over({})).toBeNull();
    expect(over({ 'wishes/mass': '40 to 60 kg' })).toBeNull();
    expect(overAll(afterTyping(blankBuild('Blank'), { 'main/source/power': '1 to 2 kW' }))).toBeNull();
  });

  it('with more guesses than can be tried together tries the ends of each', () => {
    const many = { power: '0.5 to 0.6 kW', speed: '1400 to 1450', voltage: '220 to 240 V', current: '4 to 4.2 A' };
    const belt = { driver: '74 to 76 mm', driven: '249 to 251 mm', centres: '419 to 421 mm' };
    const typed = [
      ...Object.entries(many).map(([name, text]) => [`main/source/${name}`, text]),
      ...Object.entries(belt).map(([name, text]) => [`main/belt/${name}`, text]),
    ];
    expect(over(Object.fromEntries(typed))?.tried).toBe(1 + 14 + 32);
  });

  it('never finds worse than the ranges that are carried from figure to figure', () => {
    const range = (least: number, most: number) => fc.tuple(fc.integer({ min: least, max: most }), fc.integer({ min: 0, max: most - least }));
    const carried = fc
      .tuple(range(300, 700), range(6, 14), range(1300, 1480))
      .map(([[P, dP], [T, dT], [n, dn]]) =>
        afterTyping(crusher(), {
          'main/source/power': `${P} to ${P + dP} W`,
          'main/work/torque': `${T} to ${T + dT} N·m`,
          'main/source/speed': `${n} to ${n + dn} rpm`,
        }),
      )
      .filter((build) => (evaluateBuild(build, kinds).lines[0]?.checks[0]?.margin?.worst ?? -1) >= 0);
    let compared = 0;
    fc.assert(
      fc.property(carried, (build) => {
        compared++;
        expect(overAll(build)?.fails ?? 0).toBe(0);
      }),
      { seed: 8, numRuns: 25 },
    );
    expect(compared).toBe(25);
  });
});
