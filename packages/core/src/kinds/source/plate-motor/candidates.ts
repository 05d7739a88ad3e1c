import { standardOutputs_kW } from '../../../catalog/standard-motors.js';
import { type Band, bandAt } from '../../../numeric/band-at.js';
import { sentence } from '../../../wording/sentence.js';
import type { Candidate } from '../../kind.js';
import { polesFrom } from '../../shared/poles.js';
import type { Inputs } from './fields.js';

/** As many sizes larger as are tried: behind them another wall circuit is the question. */
const mostSizes = 8;

/** How far motors lag at their rated load, by rated output in kW (catalogue averages, from memory). */
const lags: readonly (readonly [kW: number, Band])[] = [
  [0.06, [0.07, 0.1, 0.13]],
  [0.25, [0.05, 0.075, 0.1]],
  [0.75, [0.04, 0.06, 0.08]],
  [2.2, [0.03, 0.045, 0.06]],
  [5.5, [0.02, 0.035, 0.05]],
  [22, [0.01, 0.02, 0.03]],
];

/** What is on the plate of another size belongs to that: its speed is as usual for it, its current, efficiency and power factor are those of motors like it. */
const plateOf = (rating_kW: number, synchronous_rpm: number | null): NonNullable<Candidate['with']> => ({
  powerIs: 'shaft',
  current: null,
  efficiency: null,
  powerFactor: null,
  ...(synchronous_rpm ? { speed: `${Math.round((synchronous_rpm * (1 - bandAt(lags, rating_kW)[1])) / 5) * 5} rpm` } : {}),
});

/** Larger motors that can be bought, with as many poles. */
export function largerMotors({ power, poles, speed, frequency }: Inputs): Candidate[] {
  if (!power.known) return [];
  const many = poles.is ? Number(poles.is) : speed.known && frequency.known ? polesFrom(speed.value, frequency.value) : null;
  const synchronous_rpm = many && frequency.known ? (120 * frequency.value) / many : null;
  return standardOutputs_kW
    .filter((rating) => rating * 1000 > power.value * 1.001)
    .slice(0, mostSizes)
    .map((rating) => ({ field: 'power', text: `${rating} kW`, with: plateOf(rating, synchronous_rpm), says: sentence(`a ${rating} kW motor`) }));
}
