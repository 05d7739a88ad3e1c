import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { quaintIn } from '../../../test/quaint.js';
import { inHand, type Salvaged, salvaged } from '../../../test/salvaged.js';
import { familyNames } from '../families.js';
import { knownOf } from './in-hand.js';
import { type NeedPart, needsOf } from './needs.js';

type Sort = 'needs' | 'cautions' | 'not_tellable';

/** Each need, each caution and each thing that cannot be told of the reference, with the sentences that say it, by id. */
const tied = JSON.parse(readFileSync(new URL('../../../test/needs-tied.json', import.meta.url), 'utf8')) as Readonly<
  Record<Sort, Readonly<Record<string, readonly string[]>>>
>;
const by = (id: string): Salvaged => salvaged.find((each) => each.id === id) as Salvaged;
const idsOf = (parts: readonly NeedPart[]): ReadonlySet<string> => new Set(parts.flatMap(({ needs }) => needs.map(({ id }) => id)));
const saysOf = (motor: Salvaged, id: string): string =>
  needsOf(inHand(motor))
    .flatMap(({ needs }) => needs)
    .find((each) => each.id === id)?.says ?? '';

describe('what 48 salvaged motors need, what can hurt, and what cannot be told, by the reference', () => {
  it.each(salvaged.map((each) => [each.id, each.truth.family, each] as const))('%s, %s', (_, __, motor) => {
    const said = idsOf(needsOf(inHand(motor)));
    const missing = (sort: Sort, texts: readonly string[]) =>
      texts.flatMap((text) => (tied[sort][text] ?? ['tied to nothing']).filter((id) => !said.has(id)).map((id) => `${text}: ${id}`));
    expect([
      ...missing('needs', motor.truth.needs),
      ...missing('cautions', motor.truth.cautions),
      ...missing('not_tellable', motor.not_tellable),
    ]).toEqual([]);
  });
});

it('of every family, with nothing known but that, there is what feeds it, what comes first and what to beware of, in plain words', () => {
  for (const family of familyNames) {
    const parts = needsOf({ family, looks: {}, readings: [], plate: '', power_W: [100, 300, 900], wall_V: 230 });
    expect(parts.map(({ section }) => section)).toEqual(expect.arrayContaining(['feed', 'first', 'beware']));
    for (const { id, says } of parts.flatMap(({ needs }) => needs)) {
      expect(says, id).toMatch(/^[A-Z\d].*\.$/);
      expect(says, id).not.toMatch(/NaN|undefined|null|Infinity/);
      expect(quaintIn(says), id).toEqual([]);
    }
  }
});

describe('each is told of those alone that it is true of', () => {
  const ids = (id: string) => idsOf(needsOf(inHand(by(id))));
  it('magnets do not run away, an induction motor is not put to direct current, a servo has no start winding', () => {
    expect(ids('km-07').has('never-bare')).toBe(false);
    expect([...ids('km-16')].filter((id) => /universal|pm|drive$/.test(id))).toEqual([]);
    expect([...ids('km-40')].filter((id) => /hum|capacitor|dimmer/.test(id))).toEqual([]);
  });
  it('a whole plate has its own volts and amps; of a motor for hours no minutes are told', () => {
    expect(saysOf(by('km-16'), 'feed-one-phase')).toContain('115 V AC');
    expect(saysOf(by('km-16'), 'buy-overload')).toContain('6.2 A');
    expect(ids('km-16').has('air-short')).toBe(false);
    expect(ids('km-33').has('untold-power')).toBe(false);
  });
});

// The ratings are those of the reference, which were not worked out by this.
describe('ratings', () => {
  const numbers = (text: string) => [...text.matchAll(/\d+(?:\.\d+)?/g)].map(([each]) => Number(each));
  it('km-33: 105 µF for 1.5 kW on one phase', () => {
    const [, µF] = numbers(saysOf(by('km-33'), 'feed-steinmetz'));
    expect(µF).toBeGreaterThan(0.9 * 105);
    expect(µF).toBeLessThan(1.1 * 105);
  });
  it('km-22: its start capacitor of 200 to 300 µF at 120 V overlaps', () => {
    const [, least = 0, most = 0] = /(\d+) to (\d+) µF/.exec(saysOf(by('km-22'), 'buy-start')) ?? [];
    expect(Number(least)).toBeLessThan(300);
    expect(Number(most)).toBeGreaterThan(200);
  });
  it('km-10: a controller of 20 to 25 A', () => {
    expect(numbers(saysOf(by('km-10'), 'buy-pm-battery'))[1]).toBeGreaterThanOrEqual(20);
  });
  it('km-07, km-21: horsepower that the amps do not bring in', () => {
    expect(saysOf(by('km-07'), 'plate-hp')).toMatch(/10 A at 130 V bring in 1300 W/);
    expect(saysOf(by('km-21'), 'plate-hp')).toMatch(/15 A at 120 V bring in 1800 W/);
    expect(saysOf(by('km-20'), 'plate-hp')).toBe('');
  });
  it('what a motor draws is its plate’s, else its power by what its family wastes', () => {
    expect(knownOf(inHand(by('km-29'))).draws_A).toEqual([14, 14]);
    const { draws_A, at_V } = knownOf({ family: 'universal', looks: {}, readings: [], plate: '', power_W: [290, 580, 870], wall_V: 230 });
    // 580 W at the shaft of a universal motor are 1000 W in (efficiency 0.58 of the tables).
    expect(at_V).toBe(230);
    expect(draws_A[0]).toBeCloseTo(500 / 230, 6);
    expect(draws_A[1]).toBeCloseTo(1500 / 230, 6);
  });
});
