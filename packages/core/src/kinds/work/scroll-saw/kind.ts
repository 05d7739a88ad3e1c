import { type Check, noWorseThanClose } from '../../../checks/check.js';
import { type Figure, fixed, flag, picked, scaled } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { centrifugalForce } from '../../../formulas/vibration/centrifugal-force.js';
import { unbalance } from '../../../formulas/vibration/unbalance.js';
import { leverTorque } from '../../../formulas/work/lever-torque.js';
import type { WorkKind } from '../../kind.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { ratedFor } from '../../shared/rated.js';
import { walksFromForce } from '../../shared/walks.js';
import { scrollSawHead } from './fields.js';
import { scrollSawOutputs } from './outputs.js';

const usual = fixed(
  'rpm',
  1400,
  'Common practice, no source: scroll saws on a four-pole motor make 1400 strokes a minute',
  [1000, 1500],
  flag.estimated,
);
const most = fixed('rpm', 1800, scrollSawOutputs.checks.strokes.source);
const idles = fixed(
  'W',
  20,
  'Common practice, no source: crank, guides and arm of a scroll saw take 12 to 32 W without work',
  [12, 32],
  flag.estimated,
);
const trade = 'Common practice, no source: a motor turns the arm round at both ends: it is taken for twice the mean';
const half = fixed('1', 0.5, 'Half of the stroke is the radius of the crank');
const snapSource = 'Common practice, no source: a fine blade snaps, or springs out of its clamp, at 100 to 400 N';
const snaps = fixed('N', 200, snapSource, [100, 400], flag.estimated);
const bare = fixed('kg·m²', 0, 'No inertia of the crank is entered: left out');

export const strokePower = defineProcedure({ id: 'stroke-power', says: 'Force by the stroke, once a turn', source: 'Closed form' });
export const strokeTorque = defineProcedure({ id: 'stroke-torque-mean', says: 'Force by the stroke, over a turn', source: 'Closed form' });
export const turnsRound = defineProcedure({
  id: 'arm-turns-round',
  says: 'Mean torque, what the force on the blade adds in the middle of its stroke, and half of what shakes by the radius: a mass that a crank moves takes that at 45° before and behind the ends',
  source: 'Crank mechanics (closed form: simple harmonic motion)',
});
export const unbalanced = defineProcedure({
  id: 'shakes-unbalanced',
  says: 'The larger of what is left along the stroke and what the counterweight adds across it',
  source: 'Crank mechanics (closed form)',
});
export const averagedInertia = defineProcedure({
  id: 'inertia-of-arm',
  says: 'Half of the mass that moves by the square of the radius, and the crank',
  source: 'Mean over a turn (closed form)',
});

/** A blade that a crank moves up and down: what the cut takes, and what the arm shakes. */
export const scrollSaw: WorkKind<typeof scrollSawHead> = {
  ...scrollSawHead,
  speedNeeded: () => usual,
  demand: (inputs, { flow: n, top }, context) => {
    const { note, check } = context;
    const { stroke, moved, force, balanced, bench, inertia, handsClear, lasts } = inputs;
    const r: Figure<'mm'> = scaled(stroke, half, 'The radius of the crank');
    note(
      'cutting-power',
      solve('W', strokePower, { F: force, s: stroke, n }, ({ F = 0, s = 0, n: turns = 0 }) => (F * s * turns) / 60_000),
    );
    const steady = note(
      'torque',
      picked('sum', 'N·m', [
        solve('N·m', strokeTorque, { F: force, s: stroke }, ({ F = 0, s = 0 }) => (F * s) / (2000 * Math.PI)),
        shaftTorque({ P: idles, n }),
      ]),
    );
    const whole = centrifugalForce({ U: unbalance({ m: moved, e: r }), n });
    note('blade-speed', rimSpeed({ n, d: stroke }));
    const shakes = note(
      'shakes',
      solve('N', unbalanced, { F: whole, b: balanced }, ({ F = 0, b = 0 }) => F * Math.max(1 - b, b)),
    );
    const peak = note(
      'peak',
      solve('N·m', turnsRound, { F: force, P: idles, m: moved, s: stroke, n }, ({ F = 0, P = 0, m = 0, s = 0, n: turns = 1 }) => {
        const w = (Math.PI * turns) / 30;
        const r = s / 2000;
        return P / w + (F * s) / (2000 * Math.PI) + F * r + (m * r ** 2 * w ** 2) / 2;
      }),
    );
    const walks: Check[] = bench.known ? [noWorseThanClose(check('walks', { has: walksFromForce(bench), needs: shakes }))] : [];
    return {
      steady,
      body: bodyOf(stroke, 18),
      breakaway: note('breakaway', emptyTorque(steady)),
      peak,
      rated: ratedFor(steady, 2, trade),
      ratedBy: 'to turn the arm round',
      startsEmpty: true,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note(
        'crank-inertia',
        solve(
          'kg·m²',
          averagedInertia,
          { m: moved, r, J: inertia.known ? inertia : bare },
          ({ m = 0, r: radius = 0, J = 0 }) => J + (m * radius ** 2) / 2e6,
        ),
      ),
      ...jammedBy({ ...inputs, bursts: { torque: leverTorque({ F: snaps, a: r }), source: snapSource } }, stroke, context),
      shock: 'medium',
      checks: [check('strokes', { has: most, needs: top }), ...walks],
      cautions: [
        'The blade snaps, and its ends fly: eyes protected.',
        'A guard round the crank: it shears fingers.',
        'Bolted to a heavy bench: a larger motor shakes no less.',
      ],
      notEntered: [],
    };
  },
};
