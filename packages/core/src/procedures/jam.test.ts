import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { cureOf, type ToldBuild, told } from '../../test/told.js';
import type { Figure, Known } from '../figure/figure.js';
import { loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { withStageDoubled } from '../machine/reshape.js';

const kinds = await loadKinds(crusher());
const build = (fields: Record<string, string>) => afterTyping(crusher(), fields);
const typed = (fields: Record<string, string> = {}): ToldBuild => told(build(fields), kinds);
const figure = (evaluation: ToldBuild, element: string, name: string) => evaluation.lines[0]?.figures.get(`main/${element}`)?.get(name) as Figure;
const value = (evaluation: ToldBuild, element: string, name: string) => (figure(evaluation, element, name) as Known).value;
const check = (evaluation: ToldBuild, id: string) => evaluation.checks.find((each) => each.id === id);

describe('the demo crusher when it jams', () => {
  // By hand: wedge friction 0.3 / sin 17° = 1.0261 over 2.722 rad makes e = 16.33; tension by push 9.5 · √(6.4² + 205.4²) / 12.8 = 152.6 N;
  // the belt slips at 2 · 152.6 · (15.33/17.33) · 37.5 mm = 10.12 N·m, on the roll × 3.3333 × 0.96 = 32.4 N·m.
  it('slips where the wedge and the tension as set say', () => {
    const evaluation = typed();
    expect(value(evaluation, 'belt', 'tension')).toBeCloseTo(152.6, 0);
    expect(value(evaluation, 'belt', 'slips-in-a-jam-at')).toBeCloseTo(10.12, 1);
    expect(value(evaluation, 'jam', 'belt-slip')).toBeCloseTo(32.4, 0);
  });

  // By hand: the pulley weighs 3.4 kg, 0.65 · 3.4 · 0.125² = 0.03453 kg·m²; at 423.2 rpm ½ J ω² = 33.9 J. 0.2 m of 25 mm shaft twist by 15,205 N·m/rad, which is
  // rigid beside 60° = 1.0472 rad: √(15,923² + 2 · 15,205 · 33.9) − 15,923 = 32.3 N·m more.
  it('is loaded by the inertia of the driven pulley, behind the belt that slips', () => {
    expect(value(typed(), 'jam', 'jam-torque')).toBeCloseTo(32.4 + 32.4, 0);
    expect(typed().jam).toContain('with the inertia of what spins the jam torque is 64.7 N·m');
  });

  it('does not say which comes first while their ranges overlap, and does once they are apart', () => {
    expect(typed().jam).toMatch(/^In a jam it cannot be told which comes first: the belt slips at .*, or the motor stalls at /);
    // Half of the tension: 5.06 N·m, 16.2 on the roll, while the motor stalls at 24 at the least.
    expect(typed({ 'main/belt/push': '4.75 N' }).jam).toMatch(
      /^In a jam the belt slips near 16\.2 N·m at the roll.* The slipping belt lasts .* the motor runs on meanwhile/,
    );
    // A start capacitor is switched in again when it is pulled down: three times 3.686 N·m, at the 221.8 V that arrive 10.28, on the roll at 0.96 32.9.
    expect(typed({ 'main/belt/tension': '400 N' }).jam).toMatch(/^In a jam the motor stalls near 32\.9 N·m at the roll/);
  });

  it('a fuse protects only what lies upstream of it: the motor’s key sees the slip, the driven pulley’s the inertia as well', () => {
    const evaluation = typed();
    const loaded = (hub: string) => check(evaluation, `main/belt/check-${hub}`)?.needs as Known | undefined;
    expect(loaded('driver-hub')?.value).toBeCloseTo(10.12, 1);
    expect(loaded('driven-hub')?.value).toBeCloseTo(64.8, 0);
  });

  // By hand: M6 counts as #10, 540 lbf; at half to two thirds on a 25 mm shaft it holds 2402 N · 12.5 mm · 0.6 = 18.0 N·m, 15.0 at the least.
  it('finds the set screws that slip, and the cure that was tried', () => {
    const screwed = {
      'main/belt/material': 'iron',
      'main/belt/drivenFixing': 'set-screws',
      'main/belt/drivenScrew': 'M6',
      'main/belt/drivenScrews': '1',
    };
    const evaluation = typed(screwed);
    expect(evaluation.verdict).toBe('fails');
    expect(check(evaluation, 'main/belt/check-driven-hub')?.says).toEqual(
      expect.stringMatching(/^In a jam the set screw of the driven pulley slips: it withstands 15 to 20 N·m; the jam loads it with /),
    );
    expect(cureOf(build(screwed), kinds)).toMatch(/^A key in the driven pulley would do, with reserve \d+ %\.$/);
  });

  // By hand: each belt multiplies by 250/75 and passes 0.89 to 0.98 of it, so two of them by 8.80 to 10.67.
  it('refers what slips to the tool over every stage on the way, its ends with the ends of what each passes', () => {
    const two = told(withStageDoubled(build({}), 'main/belt'), kinds);
    const slips = figure(two, 'belt', 'slips-in-a-jam-at') as Known;
    const atTool = figure(two, 'jam', 'belt-slip') as Known;
    const over = (efficiency: number) => ((250 / 75) * efficiency) ** 2;
    expect(atTool.low).toBeCloseTo((slips.low ?? 0) * over(0.89), 6);
    expect(atTool.high).toBeCloseTo((slips.high ?? 0) * over(0.98), 6);
  });

  it('says that it is not known while nobody said how hard it stops, with the wheels still counted', () => {
    const evaluation = typed({ 'main/work/stops': '?', 'main/work/jam': '?' });
    expect(check(evaluation, 'main/belt/check-driven-hub')?.verdict).toBe('unknown');
    expect(evaluation.jam).toContain('how much the inertia of the wheels adds depends on what may jam it');
    expect(figure(evaluation, 'jam', 'jam-torque').known).toBe(false);
  });

  it('a stone stops it harder than fruit, and nothing stops a motor without a cut-out', () => {
    const torque = (jam: string) => value(typed({ 'main/work/stops': '?', 'main/work/jam': jam }), 'jam', 'jam-torque');
    // By hand: 0.3 mm at 80 mm are 0.00375 rad, and the twist of the shaft is most of it: √(57² + 1016²) − 57 = 960, and 32.4 of the slipping belt. All of it rigid it were 9076.
    expect(torque('stone')).toBeCloseTo(992, -1);
    const tight = { 'main/belt/tension': '400 N' };
    expect(typed(tight).jam).toContain('its thermal cut-out should trip before that');
    expect(typed({ ...tight, 'main/source/protector': 'none' }).jam).toContain('a breaker protects the cable, not the motor');
    expect(typed({ 'main/source/protector': 'self-resetting' }).cautions.join(' ')).toContain('starts again while a jam is being cleared');
  });

  it('more belt, more pull, more tension: each transmits more before it slips', () => {
    const slips = (fields: Record<string, string>) => value(typed(fields), 'jam', 'belt-slip');
    expect(slips({ 'main/belt/belts': '2' })).toBeCloseTo(2 * slips({}), 6);
    expect(slips({ 'main/belt/tension': '200 N' })).toBeGreaterThan(slips({ 'main/belt/tension': '150 N' }));
    expect(slips({ 'main/belt/friction': '0.35' })).toBeGreaterThan(slips({ 'main/belt/friction': '0.25' }));
  });

  it('each end of what is not sure, entered by hand, turns the verdict the way the sentence said', () => {
    // The key of the driven pulley yields at 375 to 450 N·m: 250 to 300 MPa on 3 mm by 40 mm at 12.5 mm.
    const stopped = (degrees: string) =>
      check(typed({ 'main/belt/material': 'iron', 'main/work/stops': degrees }), 'main/belt/check-driven-hub')?.verdict;
    expect([stopped('90°'), stopped('7°'), stopped('6°'), stopped('3°')]).toEqual(['holds', 'close', 'close', 'fails']);
    // 3 to 90°, guessed: at the hard end it fails, 32.4 + √(796² + 1016²) − 796 = 527 N·m against 412; at the soft end it holds.
    expect(stopped('3 to 90°')).toBe('unknown');
  });
});

describe('the demo crusher when it starts', () => {
  // By hand: 10.3 N·m at rest is 3 × 3.686 × (222/230)²; what breaks away, 11 N·m, is 11 / (3.3333 × 0.96) = 3.44 at the motor.
  it('breaks away from a full hopper', () => {
    const evaluation = typed();
    expect(value(evaluation, 'source', 'breakaway-at-motor')).toBeCloseTo(3.4375, 3);
    expect(value(evaluation, 'source', 'torque-at-rest')).toBeCloseTo(3 * 3.6857 * (221.8 / 230) ** 2, 1);
    expect(check(evaluation, 'main/source/check-starts')?.says).toMatch(/^It starts: /);
  });

  it('does not with a run capacitor, which has a third to four fifths of the rated torque at rest', () => {
    const weak = typed({ 'main/source/start': 'capacitor-run' });
    expect(check(weak, 'main/source/check-starts')?.verdict).toBe('fails');
    expect(check(weak, 'main/source/check-runs-up')?.says).toBe('It does not run up: it never leaves rest.');
  });

  it('a longer and thinner lead leaves less to start with', () => {
    const rest = (lead: string) => value(typed({ 'main/feed/length': lead }), 'source', 'torque-at-rest');
    expect(rest('50 m')).toBeLessThan(rest('25 m'));
  });

  it('tells a plate that contradicts itself, with what would be consistent, and works on', () => {
    const plate = typed({ 'main/source/power': '1.5 hp', 'main/source/current': '3 A' });
    // 1118.5 W / 230 V is 4.86 A. 230 V · 3 A at 1.1 kW of a start capacitor: 0.610 to 0.750 of efficiency, 0.622 to 0.776 of power factor are 262 to 401 W.
    expect(check(plate, 'main/source/check-plate')?.says).toBe(
      'The plate contradicts itself: 1.12 kW from 230 V and 3 A would need 162 % efficiency; it would draw at least 4.86 A. By its amps it has 260 to 400 W at the shaft. A peak or a brochure’s power is no shaft power: enter what it runs all day.',
    );
    expect(plate.lines[0]?.stations.at(-1)?.effort.known).toBe(true);
    expect(check(typed({ 'main/source/frequency': '60 Hz', 'main/source/poles': '6' }), 'main/source/check-slip')?.verdict).toBe('unknown');
  });

  it('takes a plate’s input power for less at the shaft, and says how wide it is while that is not said', () => {
    const power = (says: string) => figure(typed({ 'main/source/powerIs': says }), 'source', 'power') as Known;
    expect(power('shaft').value).toBe(550);
    // Between 0.25 kW, 0.52 to 0.6, and 0.75 kW, 0.58 to 0.65, on the logarithm: 71.8 % of the way.
    expect(power('input').value / 550).toBeCloseTo(0.6359, 4);
    expect([(power('?').low ?? 0) / 550, power('?').high]).toEqual([expect.closeTo(0.5631, 4), 550]);
  });
});

describe('the breaker', () => {
  // By hand: 4.1 A times 4 to 6.5 is 16 to 27 A; a B6 trips at 18 to 30 A, a B16 at 48 to 80.
  it('may drop out at the start, by its letter', () => {
    const inrush = (breaker: string) => check(typed({ 'main/feed/breaker': breaker, 'main/feed/curve': 'B' }), 'main/source/check-inrush');
    expect(inrush('6 A')?.says).toContain('may trip at the start');
    expect(inrush('16 A')?.says).toContain('withstands the start');
    expect(inrush('4 A')?.verdict).toBe('fails');
    // Its letter is not entered: anything from B to D, three to twenty times 16 A.
    expect(check(typed(), 'main/source/check-inrush')).toMatchObject({ verdict: 'holds', byEstimate: true, has: { low: 48, high: 320 } });
    expect(check(typed({ 'supply/breaker': '6 A' }), 'main/source/check-inrush')).toMatchObject({ verdict: 'unknown', unseen: ['main/feed/curve'] });
  });
});

describe('a motor for a part of the time', () => {
  // By hand: with half an hour to warm up, four minutes of ten come to (1 − e^(−240/1800))/(1 − e^(−600/1800)) = 0.4404 of the warmth of running on:
  // 550 · √0.4404 = 365 W for ten hours, while the work takes 2.5 N·m at 1425 rpm, 373 W.
  it('is not taken for one that runs all day', () => {
    const plate = { 'main/source/duty': 'S6', 'main/source/onShare': '40 %', 'main/work/lasts': '10 h' };
    expect(value(typed(plate), 'source', 'for-its-duty')).toBeCloseTo(365, 0);
    expect(check(typed(plate), 'main/source/check-duty')).toMatchObject({
      verdict: 'fails',
      says: expect.stringContaining('its plate being for S6'),
    });
    expect(check(typed({ ...plate, 'main/source/onShare': '?' }), 'main/source/check-duty')?.says).toContain('enter share of the time on load');
    // For the four minutes that it is made for it runs what its plate says.
    expect(value(typed({ ...plate, 'main/work/lasts': '4 min' }), 'source', 'for-its-duty')).toBeCloseTo(550, 6);
    const short = { 'main/source/duty': 'S2', 'main/source/onTime': '30 min' };
    expect(check(typed({ 'main/source/duty': 'S2' }), 'main/source/check-duty')?.says).toContain('enter time it may be loaded');
    expect(check(typed({ ...short, 'main/work/lasts': '20 min' }), 'main/source/check-duty')?.verdict).toBe('holds');
    expect(value(typed({ ...short, 'main/work/lasts': '10 h' }), 'source', 'for-its-duty')).toBeCloseTo(550 * Math.sqrt(1 - Math.exp(-1)), 6);
    expect(check(typed(), 'main/source/check-duty')).toBeUndefined();
  });
});

describe('the V-belt', () => {
  it('keeps what can be kept when the pulleys overlap or the belt cannot reach', () => {
    const short = typed({ 'main/belt/centres': '?', 'main/belt/belt': '30 in' });
    expect(figure(short, 'belt', 'wrap')).toMatchObject({
      known: false,
      because: expect.objectContaining({ template: expect.stringContaining('the belt cannot reach') }),
    });
    expect(short.lines[0]?.stations.at(-1)?.flow.known).toBe(true);
  });

  // By hand: A53 is 53 + 1.3 = 54.3 in = 1379.2 mm at the pitch line; at 420 mm the pulleys need 1368.8, which is short by half of it, 5.2 mm, and by a little more since the spans lean.
  it('finds the centres a belt needs, and whether the slot allows it', () => {
    expect(value(typed({ 'main/belt/centres': '?' }), 'belt', 'centres')).toBeCloseTo(425.3, 1);
    expect(check(typed(), 'main/belt/check-reach')?.says).toBe('The belt needs the motor 5.32 mm further out; the slot leaves 20 mm.');
    expect(check(typed({ 'main/belt/belt': '57 in' }), 'main/belt/check-reach')?.verdict).toBe('fails');
  });

  // By hand: at centres of 400 and 440 mm the same belt needs the motor 25.3 mm out or 14.7 mm in; the slot has 16 and 20.
  it('takes a guessed centre distance from end to end, and whichever way it may come out', () => {
    const guessed = check(typed({ 'main/belt/centres': '400 to 440 mm' }), 'main/belt/check-reach');
    expect([(guessed?.has as Known | undefined)?.low, (guessed?.needs as Known | undefined)?.high?.toFixed(1)]).toEqual([16, '25.3']);
    expect(guessed).toMatchObject({ verdict: 'unknown', unseen: ['main/belt/centres'] });
    expect(check(typed({ 'main/belt/centres': '418 to 422 mm' }), 'main/belt/check-reach')).toMatchObject({ verdict: 'holds', byEstimate: true });
  });

  it('takes diameters over the rim for smaller ones at the cords', () => {
    const over = typed({ 'main/belt/diameters': 'outside', 'main/belt/driver': '80.5 mm', 'main/belt/driven': '255.5 mm' });
    expect(value(over, 'belt', 'ratio')).toBeCloseTo(250 / 75, 9);
  });

  // By hand: a disc of 250 × 19 mm, 45 % of it metal, is 3.02 kg of iron; 0.65 · 3.02 · 0.125² = 0.0307 kg·m², and of aluminium 2700/7200 of that.
  it('works out the inertia of a pulley that is not weighed from its size and material', () => {
    const of = (material: string) =>
      figure(typed({ 'main/belt/drivenMass': '?', 'main/belt/material': material }), 'belt', 'driven-inertia') as Known;
    expect(of('iron').value).toBeCloseTo(0.0307, 3);
    expect(of('aluminium').value / of('iron').value).toBeCloseTo(2700 / 7200, 9);
    // Not said of what it may be either: the range is wider than that of any one.
    expect(of('?').low).toBe(of('aluminium').low);
    expect(of('?').high ?? 0).toBeGreaterThan(of('iron').high ?? 0);
  });

  it('warns of a pulley that only salvage practice runs, and refuses one that even it does not', () => {
    const small = (driver: string) => check(typed({ 'main/belt/driver': driver }), 'main/belt/check-small-pulley')?.verdict;
    expect([small('75 mm'), small('67 mm'), small('50 mm')]).toEqual(['holds', 'close', 'fails']);
  });

  it('shows both schools where they differ by more than 15 %', () => {
    expect(check(typed(), 'main/belt/check-belts')?.says).toContain('the newer standard rates it for');
    expect(check(typed({ 'main/belt/school': 'newer' }), 'main/belt/check-belts')?.says).toContain('the older standard rates it for');
    // The older standard has no SPZ: it is judged by the newer, whichever is chosen.
    const narrow = { 'main/belt/section': 'SPZ', 'main/belt/driver': '90 mm' };
    const says = (school: string) => check(typed({ ...narrow, 'main/belt/school': school }), 'main/belt/check-belts')?.says;
    expect(says('older')).toBe(says('newer'));
  });
});

it('says it in words that fit after “may”', async () => {
  const cart = JSON.parse(readFileSync(new URL('../../../../demo/kelp-cart.json', import.meta.url), 'utf8')) as Build;
  const [line] = cart.lines as [Build['lines'][number]];
  // On rails, so to speak: wheels that spin would spare all of it.
  const railed = afterTyping(
    { ...cart, lines: [{ ...line, work: { kind: 'direct', v: 2, inputs: {} } }] },
    { 'main/work/torque': '57', 'main/work/stops': '90°', 'main/box/drivenLength': '10' },
  );
  const says = told(railed, await loadKinds()).checks.map((check) => check.says);
  expect(says.some((each) => each.startsWith('In a jam the gearbox breaks: '))).toBe(true);
  expect(says.some((each) => each.startsWith('In a jam the key of the output shaft is crushed: '))).toBe(true);
  for (const each of says) expect(each).not.toMatch(/ may \S+s:/);
});
