import { fixed } from '../../../figure/figure.js';
import type { WorkKind } from '../../kind.js';
import { stopsIn } from '../../shared/jam-stop.js';
import { directWorkHead } from './fields.js';

const exponents = { constant: 0, linear: 1, square: 2 } as const;
const nothing = fixed('kg·m²', 0, 'No inertia of the tool is entered: left out');

/** Work whose torque is measured or known. */
export const directWork: WorkKind<typeof directWorkHead> = {
  ...directWorkHead,
  demand: ({ torque, breakaway, growth, diameter, jam, stops, inertia, most, shock }, { top }, { note, check }) => ({
    steady: note('torque', torque),
    breakaway: breakaway.known ? note('breakaway', breakaway) : torque,
    growth: exponents[growth.is ?? 'constant'],
    inertia: inertia.known ? inertia : nothing,
    stops: note('stops-within', stopsIn(stops, jam, diameter)),
    shock: shock.is,
    checks: most.known ? [check('speed', { has: most, needs: top })] : [],
    notEntered: stops.known || jam.is ? [] : ['what may jam the tool'],
  }),
};
