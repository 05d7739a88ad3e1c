import { groundSource, grounds } from '../../../catalog/grounds.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, highEnd, picked, unknown } from '../../../figure/figure.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { edgeShare } from '../../../formulas/work/edge-share.js';
import { gripForce } from '../../../formulas/work/grip-force.js';
import { kerbGrip } from '../../../formulas/work/kerb-grip.js';
import { kerbTorque } from '../../../formulas/work/kerb-torque.js';
import { movedInertia } from '../../../formulas/work/moved-inertia.js';
import { rollingForce } from '../../../formulas/work/rolling-force.js';
import { stoppingAngle } from '../../../formulas/work/stopping-angle.js';
import { wheelTorque } from '../../../formulas/work/wheel-torque.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { wheelDriveHead } from './fields.js';
import { gripSource, paceSource, type WheelDriveOutputs } from './outputs.js';

type Inputs = InputFigures<typeof wheelDriveHead.fields>;

const walking = fixed('m/s', 6 / 3.6, paceSource);
const tyre = fixed('mm', 20, 'Common practice, no source: an air tyre yields by 5 to 50 mm at a kerb', [5, 50], flag.estimated);

/** A barrow or a cart whose axle is driven: slope and ground, or what a spring scale in the rope says. */
export const wheelDrive: WorkKind<typeof wheelDriveHead> = {
  ...wheelDriveHead,
  speedNeeded: ({ pace, wheel }) => speedOfRim({ v: pace, d: wheel }),
  demand: (inputs, arriving, context) => {
    const { note, check, limit } = context;
    const { mass, slope, wheel, pull, share, kerb } = inputs;
    const byGround = note('pull-by-ground', rollingForce({ m: mass, s: slope, c: band(inputs, 'rolling') }));
    const F = pull.known ? pull : byGround;
    const steady = note('torque', wheelTorque({ F, D: wheel }));
    const grips = note('wheels-push', gripForce({ mu: band(inputs, 'grip'), k: share, m: mass, s: slope.known ? slope : level }));
    const spins = note('wheels-spin-at', wheelTorque({ F: grips, D: wheel }));
    const atEdge = kerb.known ? edge(inputs, context) : null;
    note('runs-at', rimSpeed({ d: wheel, n: arriving.flow }));
    return {
      steady,
      body: bodyOf(wheel, 400),
      // An edge needs more than the way, for a moment.
      breakaway: note('breakaway', atEdge?.torque.known && steady.known ? picked('most', 'N·m', [steady, atEdge.torque]) : steady),
      stopsItself: true,
      lasts: inputs.lasts,
      growth: 0,
      moved: note('inertia-of-all', movedInertia({ m: mass, D: wheel })),
      stops: note('stops-within', stoppingAngle({ a: tyre, D: wheel })),
      // However sharply it is stopped: it spins before more can pass.
      slips: limit('spin', { torque: spins, source: gripSource }),
      shock: 'light',
      checks: [
        check('grip', { has: grips, needs: F, tells: { uphill: slope.known && slope.value > 0 ? ' uphill' : '' } }),
        ...(atEdge ? [check('kerb', { has: band(inputs, 'grip'), needs: atEdge.grip })] : []),
        ...paceChecks(inputs, arriving, context),
      ],
      cautions: [
        throttle[inputs.beside.is ?? 'walks'],
        'On a slope nothing holds it when the power fails unless a brake is built for it. A worm gearbox is no brake: shaken, it creeps back. Wedges under the wheels before anything is opened.',
      ],
      notWorkedOut: ['what holds it on a slope when the power is off'],
      notEntered: [...(pull.known ? [] : ['a spring scale in the rope, which would replace slope and ground'])],
    };
  },
};

const throttle = {
  walks: 'The throttle must spring shut by itself, and a kill switch within reach of whoever walks beside it.',
  rides: 'Who rides on it needs a seat, a brake that stops it on the steepest slope, and a throttle that springs shut when let go.',
  rails: 'A stop at both ends of its way, and a switch that somebody reaches who sees all of it; nobody rides on it.',
} as const;

/** What an edge needs of the driven wheels; of one as high as their axle nothing climbs. */
function edge({ kerb: h, wheel: D, share: k, mass: m }: Inputs, { note }: Context<WheelDriveOutputs>) {
  const u = edgeShare({ h, D });
  // As high as the axle, but for a hair.
  const over = u.known && highEnd(u) > 0.45;
  const none = 'the edge is about as high as the axle: no wheel climbs that';
  return {
    grip: note('kerb-grip', over ? unknown('1', [], none) : kerbGrip({ u })),
    torque: note('kerb-torque', over ? unknown('N·m', [], none) : kerbTorque({ k, m, u, D })),
  };
}

const level = fixed('1', 0, 'On the flat, while no slope is entered');

/** Entered, or by the ground. */
function band(inputs: Inputs, what: 'rolling' | 'grip'): Figure<'1'> {
  if (inputs[what].known) return inputs[what];
  const { ground } = inputs;
  if (!ground.is) return unknown('1', [ground.field]);
  return fromTable('1', grounds[ground.is][what], { table: 'grounds', row: grounds[ground.is].says, source: groundSource }, flag.estimated);
}

/** Faster than a walk, even unloaded, is a machine that has to be ridden or that runs away. */
function paceChecks({ wheel, pace, beside }: Inputs, { flow: speed, top }: Port<'rotary'>, { check }: Context<WheelDriveOutputs>): Check[] {
  return [
    ...(beside.is === 'walks' ? [check('pace', { has: walking, needs: rimSpeed({ d: wheel, n: top }) })] : []),
    ...(pace.known ? [check('wished', { has: rimSpeed({ d: wheel, n: speed }), needs: pace })] : []),
  ];
}
