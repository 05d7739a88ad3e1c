import type { Band } from '../numeric/band-at.js';

/** How rough the work is. */
export const shocks = {
  uniform: 'even: fan, mixer, light tool',
  light: 'light shock: lathe, saw, conveyor',
  medium: 'medium shock: crusher of soft stuff, press',
  heavy: 'heavy shock: stone, wood, sudden stops',
} as const;
export type Shock = keyof typeof shocks;

/** What drives, as service factors tell drivers apart. */
export const drivers = {
  normal: 'a motor of normal starting torque',
  high: 'a motor of high starting torque',
  hand: 'a hand',
  '1': 'one cylinder',
  '2': 'two cylinders',
  more: 'three and more cylinders',
} as const;
export type Driver = keyof typeof drivers;

/** What is rated with a service factor. */
export type Rated = 'v-belt' | 'timing-belt' | 'chain' | 'coupling';

type Row = Readonly<Record<Driver, Band>>;
type Table = { readonly source: string; readonly rows: Readonly<Record<Shock, Row>> };

const between = (low: number, high: number): Band => [low, (low + high) / 2, high];
const plus = (one: Band, other: Band): Band => [one[0] + other[0], one[1] + other[1], one[2] + other[2]];

/** Two columns: of normal torque, which engines of several cylinders have, and of high or uneven torque. Two cylinders lie in either. */
const ofBelts = ([a, b]: readonly [number, number], [c, d]: readonly [number, number]): Row => ({
  normal: between(a, b),
  high: between(c, d),
  hand: between(c, d),
  '1': between(c, d),
  '2': between(a, d),
  more: between(a, b),
});

/** Electric motors by the American standard, frequent or hard starts and engines by the wider of it and ISO 10823, one cylinder above either. */
const ofChains = (motor: readonly [number, number], hard: number, engine: readonly [number, number], one: readonly [number, number]): Row => ({
  normal: between(...motor),
  high: between(motor[0], hard),
  hand: between(motor[0], hard),
  '1': between(...one),
  '2': between(...engine),
  more: between(...engine),
});

/** A table of one driver, and what the others add to it. */
const adding = (motor: Band, adds: Readonly<Record<Exclude<Driver, 'normal'>, Band>>): Row => ({
  normal: motor,
  high: plus(motor, adds.high),
  hand: plus(motor, adds.hand),
  '1': plus(motor, adds['1']),
  '2': plus(motor, adds['2']),
  more: plus(motor, adds.more),
});

const nothing: Band = [0, 0, 0];
const toTiming = { high: [0, 0.1, 0.2], hand: [0, 0.1, 0.2], '1': [0.4, 0.5, 0.6], '2': [0.2, 0.3, 0.4], more: [0, 0.1, 0.2] } as const;
const toCouplings = { high: nothing, hand: [0, 0.1, 0.25], '1': [0.5, 0.6, 0.75], '2': [0.3, 0.4, 0.5], more: [0.15, 0.25, 0.3] } as const;

/** Service factors of all that is rated with one, by how rough the work is and by what drives. */
export const serviceFactors: Readonly<Record<Rated, Table>> = {
  'v-belt': {
    source: 'Shigley’s Mechanical Engineering Design (10e), table 17-15, and RMA IP-20 for which driver is in which column (from memory)',
    rows: {
      uniform: ofBelts([1, 1.2], [1.1, 1.3]),
      light: ofBelts([1.1, 1.3], [1.2, 1.4]),
      medium: ofBelts([1.2, 1.4], [1.4, 1.6]),
      heavy: ofBelts([1.3, 1.5], [1.5, 1.8]),
    },
  },
  // A timing belt needs more than a V-belt: it does not slip through a shock.
  'timing-belt': {
    source: 'Makers’ lists for timing belts, some hours a day (from memory): engines add 0.2 to 0.6 by their cylinders',
    rows: {
      uniform: adding([1.2, 1.3, 1.4], toTiming),
      light: adding([1.4, 1.5, 1.6], toTiming),
      medium: adding([1.6, 1.7, 1.8], toTiming),
      heavy: adding([1.8, 2, 2.2], toTiming),
    },
  },
  chain: {
    source:
      'ANSI B29.1 for electric motors, ANSI B29.1 and ISO 10823 for engines on a mechanical drive (from memory); one cylinder a little above (common practice, no source)',
    rows: {
      uniform: ofChains([1, 1], 1.1, [1.2, 1.3], [1.3, 1.5]),
      light: ofChains([1, 1.3], 1.4, [1.2, 1.5], [1.3, 1.7]),
      medium: ofChains([1.3, 1.3], 1.5, [1.4, 1.7], [1.5, 1.9]),
      heavy: ofChains([1.5, 1.5], 1.9, [1.7, 2.1], [1.8, 2.3]),
    },
  },
  // Gearboxes and open gears are sized alike.
  coupling: {
    source:
      'Common practice, no source: couplings and gearboxes behind an electric motor, by how rough the work is; after DIN 740-2 and AGMA (from memory) one cylinder adds 0.5 to 0.75, two 0.3 to 0.5, more 0.15 to 0.3',
    rows: {
      uniform: adding([1, 1.1, 1.25], toCouplings),
      light: adding([1.25, 1.4, 1.5], toCouplings),
      medium: adding([1.5, 1.6, 1.75], toCouplings),
      heavy: adding([2, 2, 2.25], toCouplings),
    },
  },
};
