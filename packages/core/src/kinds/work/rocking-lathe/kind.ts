import { fixed, flag } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import type { WorkKind } from '../../kind.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { rockingLatheHead } from './fields.js';

const frictionSource = 'Common practice, no source: a rubber of brass or hard wood slides on its rosette with 0.25 to 0.5';
const slides = fixed('1', 0.36, frictionSource, [0.25, 0.5], flag.estimated);
const bearings = fixed('N·m', 0.3, 'Common practice, no source: the bearings of such a spindle drag with 0.1 to 0.6 N·m', [0.1, 0.6], flag.estimated);
const usual = fixed('rpm', 5, 'Common practice, no source: such lathes turn at 3 to 11 rpm, as by a hand crank', [3.2, 11], flag.estimated);

export const meanOfRosette = defineProcedure({
  id: 'mean-of-rosette',
  says: 'Over a lobe what climbs comes down again, and friction is left: spring by friction by the radius, with the force of the cutter at the work and what the bearings drag',
  source: `Cam mechanics (closed form). ${frictionSource}`,
});
export const flankOfRosette = defineProcedure({
  id: 'flank-of-rosette',
  says: 'Arc tangent of depth by lobes over the radius',
  source: 'Geometry of a sine round a circle (closed form)',
});
export const steepestTorque = defineProcedure({
  id: 'steepest-torque',
  says: 'Spring by the tangent of flank and friction together by the radius, with cutter and bearings',
  source: 'Cam mechanics: wedge with friction (closed form)',
});
export const leavesAt = defineProcedure({
  id: 'rubber-leaves',
  says: 'Where what rocks would fall behind the hill: the root of spring over mass and depth, over the lobes',
  source: 'Cam mechanics: m · a · (z · ω)² is the force of the spring (closed form)',
});

/** A spindle that a rosette rocks as it turns: what its flanks take, and when the rubber leaves them. */
export const rockingLathe: WorkKind<typeof rockingLatheHead> = {
  ...rockingLatheHead,
  speedNeeded: () => usual,
  demand: (inputs, { flow: n, top }, context) => {
    const { note, check, state } = context;
    const { rosette: D, lobes: z, deep: a, spring: F, rocks: m, work, cut, inertia, handsClear, lasts, holds } = inputs;
    const beside = { W: cut, d: work, B: bearings };
    const steady = note(
      'torque',
      solve(
        'N·m',
        meanOfRosette,
        { F, u: slides, D, ...beside },
        ({ F: S = 0, u = 0, D: d = 0, W = 0, d: w = 0, B = 0 }) => (S * u * d + W * w) / 2000 + B,
      ),
    );
    const flank = note(
      'flank',
      solve('rad', flankOfRosette, { D, z, a }, ({ D: d = 1, z: many = 0, a: depth = 0 }) => Math.atan((2 * depth * many) / d)),
    );
    const peak = note(
      'peak',
      solve(
        'N·m',
        steepestTorque,
        { F, u: slides, b: flank, D, ...beside },
        ({ F: S = 0, u = 0, b = 0, D: d = 0, W = 0, d: w = 0, B = 0 }) => (S * Math.tan(Math.min(1.4, b + Math.atan(u))) * d + W * w) / 2000 + B,
      ),
    );
    const leaves = note(
      'leaves',
      solve(
        'rpm',
        leavesAt,
        { F, m, z, a },
        ({ F: S = 0, m: mass = 1, z: many = 1, a: depth = 1 }) => (Math.sqrt((1000 * S) / (mass * depth)) / many) * (30 / Math.PI),
      ),
    );
    note('surface', rimSpeed({ n, d: work }));
    const climbs =
      flank.known && flank.value > Math.PI / 6
        ? [state('climbs', { verdict: flank.value > Math.PI / 4 ? ('fails' as const) : ('close' as const), tells: { flank } })]
        : [];
    return {
      steady,
      body: bodyOf(D, 140),
      // It stops and starts on any flank.
      breakaway: note('breakaway', peak),
      peak,
      lasts,
      stopsItself: true,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note('spun-inertia', inertia),
      ...jammedBy(inputs, D, context),
      shock: 'uniform',
      checks: [check('leaves', { has: leaves, needs: top }), ...climbs],
      cautions: [
        'Slow and strong: it turns on through a finger. Hands off what rocks while it turns.',
        'The cutter has a motor and a greatest speed of its own.',
        'The belt comes in on the axis that the headstock rocks on, within a millimetre: its tension changes with every lobe otherwise.',
        ...(holds.is === 'no' ? [] : ['A stepper is hot while it holds, and holds nothing without power: it is no brake for safety.']),
      ],
      notEntered: [],
    };
  },
};
