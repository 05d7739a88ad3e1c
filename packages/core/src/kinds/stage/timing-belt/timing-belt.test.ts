import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import { cureOf, told } from '../../../../test/told.js';
import type { Figure, Known } from '../../../figure/figure.js';
import { withStageAdded } from '../../../machine/reshape.js';
import { kindHead, loadKinds } from '../../registry.js';

const kinds = await loadKinds();
const two = withStageAdded(crusher(), 'main', 1, 'timing-belt');
const belt = { profile: 'H', z1: '24', z2: '48', width: '38.1', centres: '300', belt: '41.4 in', slotIn: '20', slotOut: '20', tension: '400' };
const build = (fields: Record<string, string> = {}) =>
  afterTyping(two, Object.fromEntries(Object.entries({ ...belt, ...fields }).map(([name, text]) => [`main/timing-belt/${name}`, text])));
const typed = (fields: Record<string, string> = {}) => told(build(fields), kinds);
const figure = (fields: Record<string, string>, name: string) => typed(fields).lines[0]?.figures.get('main/timing-belt')?.get(name) as Figure;
const value = (fields: Record<string, string>, name: string) => (figure(fields, name) as Known).value;
const check = (fields: Record<string, string>, name: string) => typed(fields).checks.find((each) => each.id === `main/timing-belt/${name}`);

describe('the crusher with a timing belt behind its V-belt', () => {
  // By hand: 24 and 48 teeth of half an inch, exactly 2 to 1; 12.7 · 24 / π = 97.02 mm.
  it('halves the speed exactly, on pulleys of its teeth', () => {
    const [, before, behind] = typed().lines[0]?.stations.map(({ flow: speed }) => (speed as Known).value) ?? [];
    expect((behind as number) / (before as number)).toBeCloseTo(0.5, 12);
    expect(value({}, 'driver-pitch')).toBeCloseTo(97.02, 2);
    // a = 0.686 mm a side.
    expect(value({}, 'driver-over-teeth')).toBeCloseTo(95.65, 2);
  });

  // By hand: 41.4 in are 82.8 pitches of half an inch, a belt of 83 teeth; 84 are on sale (420H). 8 N·m at the roll need 8 / (2 · 0.97) = 4.124 N·m here.
  it('reads the mark as whole teeth, and says what is on sale beside it', () => {
    expect(value({}, 'belt-teeth')).toBe(83);
    expect(check({}, 'check-whole')).toMatchObject({ verdict: 'close', says: 'The belt has 83 teeth; standard H belts have 78 or 84.' });
    expect(check({ belt: '42 in' }, 'check-whole')).toMatchObject({ verdict: 'holds', says: 'The belt has 84 teeth.' });
    expect(check({ belt: '41.75 in' }, 'check-whole')?.says).toContain('would have 83.5 teeth: there is none in H');
  });

  // By hand: teeth in mesh 24 · wrap / 2π; wrap = π − 2 asin(97.02 / 600) = 161.4°, 10.76 teeth. (38.1 / 76.2)^1.14 · 2100.85 = 953.3 N;
  // at 423.2 rpm 97.02 mm run at 2.150 m/s; 0.224 kg/m · 2.15² = 1.04 N; (953.3 − 1.0) · 2.150 = 2047 W.
  it('is rated by width, speed and the teeth in mesh', () => {
    expect(value({}, 'teeth-in-mesh')).toBeCloseTo(10.76, 2);
    expect(value({}, 'may-pull')).toBeCloseTo(953.3, 1);
    expect(value({}, 'good-for') / 2047).toBeCloseTo(1, 3);
    expect(check({}, 'check-rating')?.verdict).toBe('holds');
    // Five teeth in mesh: four fifths.
    expect(value({ z1: '14', z2: '72', centres: '290' }, 'may-pull') / 953.3).toBeCloseTo(0.8, 3);
    expect(check({ z1: '14', z2: '72', centres: '290' }, 'check-mesh')?.verdict).toBe('close');
  });

  // By hand: at 400 N a span the slack one hangs loose at 800 N of pull: 800 N · 97.02 mm / 2 = 38.8 N·m, on the roll twice that with 0.97 of it kept.
  it('jumps teeth where the slack span hangs loose, and that is on the ladder', () => {
    expect(value({}, 'jumps-in-a-jam-at')).toBeCloseTo(38.81, 2);
    const rung = typed().lines[0]?.jam.rungs.find(({ short }) => short === 'belt jumps');
    expect(rung?.atTool).toMatchObject({ known: true, value: expect.closeTo(38.81 * 2 * 0.97, 1) });
    expect(check({ tension: '10' }, 'check-jump')?.verdict).toBe('fails');
    expect(typed({ tension: '20' }).jam).toContain('The jumping belt lasts 1 to 5 s');
  });

  it('says of a tension that nobody told that it is not known, and what it needs', () => {
    const untold = check({ tension: '' }, 'check-tension');
    expect(untold?.verdict).toBe('unknown');
    expect(untold?.says).toMatch(
      /^How tight the belt is, measured by a push at mid-span or by its tone \(.* N a span is needed\), is not known yet: enter tension as set\.$/,
    );
    expect(check({}, 'check-tension')?.verdict).toBe('holds');
    expect(check({ tension: '20' }, 'check-slack')?.verdict).toBe('close');
    expect(check({ tension: '20' }, 'check-tension')).toBeUndefined();
  });

  it('finds its centres from the belt, and refuses wheels that overlap or that it does not reach', () => {
    const found = value({ centres: '', belt: '42 in' }, 'centres');
    expect(found).toBeGreaterThan(300);
    expect(value({ centres: String(found), belt: '' }, 'pitches-round')).toBeCloseTo(84, 6);
    expect(figure({ centres: '100' }, 'wrap')).toMatchObject({ known: false, because: { template: expect.stringContaining('the pulleys overlap') } });
    expect(figure({ centres: '', belt: '12 in' }, 'wrap')).toMatchObject({
      known: false,
      because: { template: expect.stringContaining('cannot reach') },
    });
  });

  it('is offered wider where its rating fails, and that is tried', () => {
    const weak = build({ width: '6', z1: '14', z2: '28', belt: '' });
    const evaluation = told(weak, kinds);
    expect(evaluation.checks.find(({ id }) => id === 'main/timing-belt/check-rating')?.verdict).toBe('fails');
    expect(cureOf(weak, kinds)).toMatch(/^A belt 19\.1 mm wide would do, with reserve \d+ %/);
  });

  // Eight teeth against 200, all but touching: hardly one tooth is in mesh, and six fewer than six cost all of it.
  it('is good for nothing, not for less, where hardly a tooth is in mesh', () => {
    const odd = { z1: '8', z2: '200', centres: '421', belt: '', tension: '1' };
    expect(value(odd, 'teeth-in-mesh')).toBeLessThan(2);
    expect([value(odd, 'good-for'), value(odd, 'lasts-up-to')]).toEqual([0, 0]);
    expect(value({ tension: '1', z1: '120', z2: '60', centres: '500' }, 'jumps-at')).toBe(0);
  });

  it('takes round teeth by their makers’ usual figures, and is never sure of them', () => {
    expect(check({ profile: '8M', belt: '1040' }, 'check-rating')).toMatchObject({ verdict: 'holds', byEstimate: true });
    expect(check({ profile: '8M', belt: '1040' }, 'check-whole')?.says).toBe('The belt has 130 teeth.');
  });
});

describe('on paper and on the shelf', () => {
  const parts = (entries: Record<string, string>) => kindHead('stage', 'timing-belt')?.parts?.((field) => entries[field]) ?? [];

  it('the belt is listed by the mark shops use', () => {
    expect(parts({ profile: 'XL', belt: '8.4 in', width: '9.5 mm' }).find(({ what }) => what === 'timing belt')?.size).toBe('84XL037');
    expect(parts({ profile: '5M', belt: '450', width: '15' }).find(({ what }) => what === 'timing belt')?.size).toBe('450-5M-15');
    expect(parts({ profile: 'XL' }).find(({ what }) => what === 'timing belt')?.size).toBe('XL');
  });

  it('what could go here begins with pulleys that its profile allows', () => {
    const begun = kindHead('stage', 'timing-belt')?.begins?.(2);
    expect(begun).toMatchObject({ profile: '8M', z1: '24', z2: '48' });
  });
});

// Common practice, no source: makers allow timing belts of half an inch of pitch up to 40 m/s. By hand: 97.02 mm at up to 450 rpm run at 2.3 m/s.
it('is fast enough for its pitch, and jumps when it starts where it does not at work', () => {
  expect(check({}, 'check-speed')?.says).toContain('40 m/s is the limit of its pitch');
  const stiff = (breakaway: string) =>
    told(afterTyping(build({ tension: '60' }), { 'main/work/breakaway': breakaway }), kinds).checks.find(
      ({ id }) => id === 'main/timing-belt/check-jump-start',
    );
  // By hand: twice 60 N at 48.5 mm are 5.8 N·m here, 11.3 at the roll; with 1.6 and 3 times 9 to 17.
  expect(stiff('30 N·m')?.verdict).toBe('fails');
  expect(stiff('4 N·m')).toBeUndefined();
});
