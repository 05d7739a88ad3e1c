import { groundSource, grounds } from '../../../catalog/grounds.js';
import { type Check, hold } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, unknown } from '../../../figure/figure.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { gripForce } from '../../../formulas/work/grip-force.js';
import { movedInertia } from '../../../formulas/work/moved-inertia.js';
import { rollingForce } from '../../../formulas/work/rolling-force.js';
import { stoppingAngle } from '../../../formulas/work/stopping-angle.js';
import { wheelTorque } from '../../../formulas/work/wheel-torque.js';
import type { InputFigures } from '../../fields.js';
import type { Context, Rotary, WorkKind } from '../../kind.js';
import { wheelDriveHead } from './fields.js';

type Inputs = InputFigures<typeof wheelDriveHead.fields>;

const gripSource = 'Friction of the tyres (closed form), grip by the ground';
const paceSource = 'Common practice, no source: who walks beside it keeps up with 6 km/h';
const walking = fixed('m/s', 6 / 3.6, paceSource);
const tyre = fixed('mm', 20, 'Common practice, no source: an air tyre gives way by 5 to 50 mm at a kerb', [5, 50], flag.estimated);

/** A barrow or a cart whose axle is driven: slope and ground, or what a spring scale in the rope says. */
export const wheelDrive: WorkKind<typeof wheelDriveHead.fields> = {
  ...wheelDriveHead,
  asks: (inputs, arriving, context) => {
    const { note, path } = context;
    const { mass, slope, wheel, pull, share } = inputs;
    const byGround = note('pull-by-ground', rollingForce({ m: mass, s: slope, c: band(inputs, 'rolling') }));
    const F = pull.known ? pull : byGround;
    const steady = note('torque', wheelTorque({ F, D: wheel }));
    const grips = note('wheels-push', gripForce({ mu: band(inputs, 'grip'), k: share, m: mass, s: slope.known ? slope : level }));
    const spins = note('wheels-spin-at', wheelTorque({ F: grips, D: wheel }));
    note('runs-at', rimSpeed({ d: wheel, n: arriving.speed }));
    return {
      steady,
      breakaway: steady,
      growth: 0,
      inertia: note('inertia-of-all', movedInertia({ m: mass, D: wheel })),
      stops: note('stops-within', stoppingAngle({ a: tyre, D: wheel })),
      // However sharply it is stopped: it spins before more can pass.
      slips: { id: `${path}/spin`, at: path, says: 'the wheels spin', short: 'wheels spin', torque: spins, harm: 'harmless', source: gripSource },
      shock: 'light',
      checks: [
        hold({
          id: `${path}/check-grip`,
          at: path,
          label: context.label,
          subject: 'Whether the wheels grip',
          has: grips,
          needs: F,
          says: ({ has, needs, verdict, margin }) => {
            if (verdict !== 'gives') return `The driven wheels push ${has} before they spin; ${needs} is asked`;
            return `The driven wheels ${margin.best < 0 ? 'spin' : 'may spin'}: they push about ${has}, ${needs} is asked. More weight on them, or chains`;
          },
          source: gripSource,
        }),
        ...paceChecks(inputs, arriving, context),
      ],
      cautions: [
        'The throttle must spring shut by itself, and a kill switch within reach of whoever walks beside it.',
        'On a slope nothing holds it when the power fails unless it is made to: a worm that locks itself, or a brake. Wedges under the wheels before anything is opened.',
      ],
      notEntered: [...(pull.known ? [] : ['a spring scale in the rope, which would replace slope and ground'])],
    };
  },
};

const level = fixed('1', 0, 'On the flat, while no slope is entered');

/** Entered, or by the ground. */
function band(inputs: Inputs, what: 'rolling' | 'grip'): Figure<'1'> {
  if (inputs[what].known) return inputs[what];
  const { ground } = inputs;
  if (!ground.is) return unknown('1', [ground.field]);
  return fromTable('1', grounds[ground.is][what], { table: 'grounds', row: grounds[ground.is].says, source: groundSource }, flag.estimated);
}

/** Faster than a walk, even unloaded, is a machine that has to be ridden or that runs away. */
function paceChecks({ wheel, pace }: Inputs, { speed, top }: Rotary, { path, label }: Context): Check[] {
  return [
    hold({
      id: `${path}/check-pace`,
      at: path,
      label,
      subject: 'Whether one can walk beside it',
      has: walking,
      needs: rimSpeed({ d: wheel, n: top }),
      says: ({ has, needs }) => `It runs at up to ${needs} unloaded; who walks beside it keeps up with ${has}`,
      source: paceSource,
    }),
    ...(pace.known
      ? [
          hold({
            id: `${path}/check-wanted`,
            at: path,
            label,
            subject: 'Whether it goes as fast as wanted',
            has: rimSpeed({ d: wheel, n: speed }),
            needs: pace,
            says: ({ has, needs }) => `It runs at ${has}; ${needs} is wanted`,
            source: 'As entered: the speed wanted',
            // Just as fast as wanted is as wanted.
            closeBelow: 0,
          }),
        ]
      : []),
  ];
}
