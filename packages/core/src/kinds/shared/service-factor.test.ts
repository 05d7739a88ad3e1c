import { describe, expect, it } from 'vitest';
import { drivers, type Rated, type Shock, serviceFactors, shocks } from '../../catalog/service-factors.js';
import { highEnd, type Known, lowEnd } from '../../figure/figure.js';
import { serviceFactor } from './service-factor.js';

const ends = (rated: Rated, shock: Shock | undefined, driver?: keyof typeof drivers) => {
  const factor = serviceFactor(rated, { shock, driver }) as Known;
  return [lowEnd(factor), highEnd(factor)];
};

describe('service factors', () => {
  // Shigley 10e, table 17-15 (from memory): light shock 1.1 to 1.3 of normal torque, 1.2 to 1.4 of high; heavy shock 1.3 to 1.5 and 1.5 to 1.8.
  it('of V-belts by the book', () => {
    expect([ends('v-belt', 'light', 'normal'), ends('v-belt', 'light', 'high'), ends('v-belt', 'heavy', '1')]).toEqual([
      [1.1, 1.3],
      [1.2, 1.4],
      [1.5, 1.8],
    ]);
  });

  // ANSI B29.1 (from memory): electric motor 1, 1.3, 1.5; engine on a mechanical drive 1.2, 1.4, 1.7. ISO 10823 (from memory): such an engine 1.3, 1.7, 2.1.
  it('of chains by both standards', () => {
    expect((['uniform', 'medium', 'heavy'] as const).map((shock) => ends('chain', shock, 'normal'))).toEqual([
      [1, 1],
      [1.3, 1.3],
      [1.5, 1.5],
    ]);
    expect((['uniform', 'medium', 'heavy'] as const).map((shock) => ends('chain', shock, '2'))).toEqual([
      [1.2, 1.3],
      [1.4, 1.7],
      [1.7, 2.1],
    ]);
  });

  it('rougher work is never less, nor fewer cylinders', () => {
    for (const { rows } of Object.values(serviceFactors)) {
      for (const driver of Object.keys(drivers) as (keyof typeof drivers)[]) {
        const up = (Object.keys(shocks) as Shock[]).map((shock) => rows[shock][driver]);
        for (const end of [0, 1, 2] as const) expect(up.map((band) => band[end])).toEqual(up.map((band) => band[end]).sort((a, b) => a - b));
      }
      for (const row of Object.values(rows)) {
        for (const end of [0, 1, 2] as const) {
          const up = [row.normal, row.more, row['2'], row['1']].map((band) => band[end]);
          expect(up).toEqual([...up].sort((a, b) => a - b));
        }
      }
    }
  });

  it('of what is not said is the widest', () => {
    expect(ends('coupling', undefined)).toEqual([1, 2.25]);
    expect(ends('v-belt', 'light')).toEqual([1.1, 1.4]);
  });
});
