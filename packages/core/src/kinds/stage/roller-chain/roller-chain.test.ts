import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import { told } from '../../../../test/told.js';
import type { Figure, Known } from '../../../figure/figure.js';
import { withStageAdded } from '../../../machine/reshape.js';
import { loadKinds } from '../../registry.js';

const kinds = await loadKinds();
const two = withStageAdded(crusher(), 'main', 1, 'roller-chain');
const chain = { chain: '08B', z1: '15', z2: '42', centres: '369 mm' };
const typed = (fields: Record<string, string> = {}) =>
  told(
    afterTyping(two, Object.fromEntries(Object.entries({ ...chain, ...fields }).map(([name, text]) => [`main/roller-chain/${name}`, text]))),
    kinds,
  );
const figure = (fields: Record<string, string>, name: string) => typed(fields).lines[0]?.figures.get('main/roller-chain')?.get(name) as Figure;
const value = (fields: Record<string, string>, name: string) => (figure(fields, name) as Known).value;
const check = (fields: Record<string, string>, name: string) => typed(fields).checks.find((each) => each.id === `main/roller-chain/${name}`);

describe('the crusher with a chain behind its belt', () => {
  // By hand: 11.794 N·m × 42/15 × 0.96 = 31.70 N·m at 423.2 · 15/42 = 151.1 rpm.
  it('carries the torque through both stages, with a shaft between them', () => {
    const stations = typed().lines[0]?.stations ?? [];
    expect(stations.map((station) => station.name)).toEqual(['motor shaft', 'layshaft', 'roll']);
    const [torque, speed] = [stations[2]?.effort, stations[2]?.flow] as [Known, Known];
    expect(torque.value).toBeCloseTo(31.7, 1);
    expect(speed.value).toBeCloseTo(151.15, 1);
  });

  // By hand: pitch diameter 12.7 / sin 12° = 61.08 mm; 8 N·m needed at the roll is 8 / (2.8 · 0.96) = 2.976 N·m here, a pull of 97.4 N against 17,800 / 8.
  it('pulls far under what it may, and says what it would break at', () => {
    expect(value({}, 'pull')).toBeCloseTo(97.4, 0);
    expect(check({}, 'check-pull')?.verdict).toBe('holds');
    expect(value({}, 'breaks-at')).toBeCloseTo(543.6, 0);
    expect(typed().lines[0]?.jam.rungs.map((rung) => rung.short)).toContain('chain');
  });

  it('finds the centres that links need, refuses odd ones their full strength, and sprockets that overlap their figures', () => {
    const links = { centres: '?', links: '88' };
    expect(value(links, 'links-for-it')).toBeCloseTo(88, 6);
    expect(check({ links: '87', slotIn: '20', slotOut: '20' }, 'check-reach')?.says).toContain('An odd number needs an offset link');
    expect(value({ links: '87' }, 'breaks-at')).toBeCloseTo(0.65 * value({}, 'breaks-at'), 6);
    expect(figure({ centres: '100 mm' }, 'wrap')).toMatchObject({
      known: false,
      because: { template: expect.stringContaining('the sprockets overlap') },
    });
    expect(figure({ centres: '?', links: '20' }, 'wrap')).toMatchObject({ known: false });
  });

  it('tells what was measured from what was chosen', () => {
    const measured = { pitch: '12.7', roller: '7.92', width: '7.94' };
    expect(check(measured, 'check-size')).toMatchObject({ verdict: 'fails', says: 'What was measured is ANSI 40, not ISO 08B.' });
    expect(check({ ...measured, chain: '40' }, 'check-size')?.verdict).toBe('holds');
    expect(check({ pitch: '8', roller: '4.8', width: '4.7' }, 'check-size')?.says).toBe('What was measured is T8F, small motorcycles, not ISO 08B.');
    expect(check({ pitch: '7', roller: '4.8', width: '4.7' }, 'check-size')?.says).toContain('what was measured is no chain of the table'.slice(1));
  });

  it('warns of few teeth and of a chain out of line', () => {
    expect(check({ z1: '9' }, 'check-teeth')?.verdict).toBe('fails');
    expect(check({ z1: '15' }, 'check-teeth')?.verdict).toBe('close');
    expect(check({ z1: '19' }, 'check-teeth')?.verdict).not.toBe('fails');
    // Half a degree over 369 mm is 3.2 mm.
    expect([check({ offset: '1' }, 'check-line')?.verdict, check({ offset: '5' }, 'check-line')?.verdict]).toEqual(['holds', 'fails']);
  });
});

describe('care of a chain', () => {
  // By hand: ten pitches of 12.7 mm are 127 mm; 3 % more is 130.81, 1.5 % more 128.905.
  it('is worn at three per cent, sooner where a large sprocket would be climbed', () => {
    expect(value({}, 'worn-at-ten-links')).toBeCloseTo(130.81, 6);
    expect(value({ z2: '72' }, 'worn-at-ten-links')).toBeCloseTo(128.905, 6);
  });

  // 15 teeth of half an inch at 423 rpm run at 1.35 m/s; 70 teeth at 6.3.
  it('is oiled as its speed needs', () => {
    expect(typed().cautions.join(' ')).toContain('by brush or can');
    expect(typed({ z1: '70' }).cautions.join(' ')).toContain('by drip or from a bath');
    expect(typed({ z1: '120' }).cautions.join(' ')).toContain('under pressure');
  });
});

describe('what a chain withstands', () => {
  const fast = (fields: Record<string, string>) =>
    told(
      afterTyping(two, {
        'main/belt/driver': '250 mm',
        'main/belt/driven': '125 mm',
        ...Object.fromEntries(Object.entries({ ...chain, ...fields }).map(([name, text]) => [`main/roller-chain/${name}`, text])),
      }),
      kinds,
    ).checks.find(({ id }) => id === `main/roller-chain/check-rollers` || id === 'main/roller-chain/check-galling');

  // Shigley 10e, eq. 17-33, by hand: 1000 · 17 · 11^1.5 · 1^0.8 / 2850^1.5 hp = 4.08 hp of a chain of an inch; it strikes the teeth too fast long before its plates tire.
  it('its rollers break, or its joints gall, where it is too fast; slow it has both to spare and says nothing', () => {
    expect(fast({ chain: '16B', z1: '11', z2: '22', centres: '800 mm' })).toMatchObject({ verdict: 'fails' });
    expect(check({}, 'check-rollers')).toBeUndefined();
    expect(check({}, 'check-galling')).toBeUndefined();
  });

  // Common practice, no source: an eighth of the breaking load for years, a fifth at most. 17,800 N by five is 3560.
  it('pulls a fifth of its breaking load at most, strands together', () => {
    expect((check({}, 'check-pull')?.has as Known | undefined)?.value).toBeCloseTo(3560, 6);
    expect((check({ strands: '2' }, 'check-pull')?.has as Known | undefined)?.value).toBeCloseTo(7120, 6);
  });

  // The slow end of a chain of a third of an inch: what it is rated for is less than the work needs with its factor.
  const weak = { chain: '25', z1: '9', z2: '25', centres: '150 mm' };
  const work = (torque: string, mustLast?: string) =>
    told(
      afterTyping(two, {
        'main/work/torque': torque,
        ...(mustLast ? { 'wishes/mustLast': mustLast } : {}),
        ...Object.fromEntries(Object.entries(weak).map(([name, text]) => [`main/roller-chain/${name}`, text])),
      }),
      kinds,
    );
  const rating = (torque: string, mustLast?: string) => work(torque, mustLast).checks.find(({ id }) => id === 'main/roller-chain/check-rating');

  it('that is short of its rating is close with the hours that it lasts, and fails under what the brief needs', () => {
    expect(rating('12 N·m')).toMatchObject({ verdict: 'close', says: expect.stringMatching(/a rating says years, and at this duty it lasts about/) });
    expect(rating('12 N·m', '50000 h')).toMatchObject({ verdict: 'fails', says: expect.stringContaining('and must last 50000 h') });
  });

  it('more hours needed are never a better chain, and more torque never a longer life', () => {
    const order = ['holds', 'close', 'fails'];
    const verdicts = ['50 h', '500 h', '5000 h', '50000 h'].map((hours) => order.indexOf(rating('12 N·m', hours)?.verdict ?? ''));
    expect(verdicts).toEqual([...verdicts].sort((a, b) => a - b));
    const life = (torque: string) => work(torque).lines[0]?.figures.get('main/roller-chain')?.get('expected-life') as Known;
    expect(life('40 N·m').value).toBeLessThan(life('30 N·m').value);
    // Two to the 2.5.
    expect(life('30 N·m').value / life('60 N·m').value).toBeCloseTo(2 ** 2.5, 6);
  });

  it('kept dry it lasts a tenth, and is told how to be kept', () => {
    const kept = (how: string) =>
      told(
        afterTyping(two, {
          'main/work/torque': '30 N·m',
          'main/roller-chain/case': how,
          ...Object.fromEntries(Object.entries(weak).map(([name, text]) => [`main/roller-chain/${name}`, text])),
        }),
        kinds,
      );
    const life = (how: string) =>
      (kept(how).lines[0]?.figures.get('main/roller-chain')?.get('expected-life') as Known | undefined)?.value ?? Number.NaN;
    expect(life('dry') / life('bath')).toBeCloseTo(0.1, 9);
    expect(kept('dry').cautions.join(' ')).toContain('is a wear part');
  });

  it('wraps 90° at the least and 120° for good', () => {
    const wrap = (z2: string, centres: string) => check({ z1: '11', z2, centres }, 'check-wrap')?.verdict;
    // By hand: 45.1 and 242.6 mm are 197.5 apart, over twice 300 mm 38.4° off half a turn either side, 141.6°; over 160 mm 76.2°, 103.8°; over 145 mm 85.8°, 94.2.
    expect([wrap('60', '300 mm'), wrap('60', '160 mm')]).toEqual(['holds', 'close']);
    expect(wrap('100', '230 mm')).toBe('fails');
  });
});
