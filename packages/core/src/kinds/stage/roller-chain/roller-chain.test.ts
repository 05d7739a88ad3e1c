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
    const [torque, speed] = [stations[2]?.torque, stations[2]?.speed] as [Known, Known];
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
    expect(check({ pitch: '8', roller: '4.8', width: '4.7' }, 'check-size')?.says).toContain('it may be T8F');
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
