import type { Figure } from '../../figure/figure.js';
import { defineProcedure, solve } from '../../figure/formula.js';

export const byPoles = defineProcedure({
  id: 'poles',
  says: 'The largest even number of poles whose synchronous speed, 120 × frequency / poles, the shaft stays under',
  source: 'Textbooks on electric machines (relation)',
});

/** Poles by a loaded speed, rpm, at a frequency, Hz: the largest even number whose synchronous speed the shaft stays under (textbooks on electric machines). */
export const polesFrom = (speed_rpm: number, frequency_Hz: number): number => 2 * Math.max(1, Math.floor((60 * frequency_Hz) / speed_rpm + 1e-9));

export const polesBy = (n: Figure<'rpm'>, f: Figure<'Hz'>): Figure<'1'> => solve('1', byPoles, { n, f }, (of) => polesFrom(of.n ?? 0, of.f ?? 0));
