import { type Figure, fixed, highEnd, type Known, lowEnd } from '../../figure/figure.js';
import { forwardInertia } from '../../formulas/dynamics/forward-inertia.js';
import { gearedStiffness } from '../../formulas/dynamics/geared-stiffness.js';
import { reflectedInertia } from '../../formulas/dynamics/reflected-inertia.js';
import { carriedTorque } from '../../formulas/transmission/carried-torque.js';
import { drivenSpeed } from '../../formulas/transmission/driven-speed.js';
import { drivingSpeed } from '../../formulas/transmission/driving-speed.js';
import { gearedAngle } from '../../formulas/transmission/geared-angle.js';
import { neededBefore } from '../../formulas/transmission/needed-before.js';
import { torqueGain } from '../../formulas/transmission/torque-gain.js';
import type { End, Passing, StageReady } from '../kind.js';
import { type FigureOutputs, figure } from '../outputs.js';

/** What a stage puts out that changes the speed. */
export const ratioFigure = { ratio: figure('Ratio', 'count', 'Driven shaft', { key: true }) } as const satisfies FigureOutputs;

/** What every stage puts out of its driven shaft. */
export const drivenShaft = {
  speed: figure('Speed', 'speed', 'Driven shaft', { aside: true }),
  torque: figure('Torque', 'torque', 'Driven shaft', { aside: true }),
  'highest-speed': figure('Highest speed, unloaded', 'speed', 'Driven shaft', { aside: true }),
} as const satisfies FigureOutputs;

export const noSlip = fixed('1', 0, 'It does not slip at work');

const lossless = fixed('1', 1, 'Of what is felt on the way to a stop nothing is taken as lost');

/**
 * What every stage does between two shafts, as long as its losses do not hang on the load. Unloaded nothing slips: the highest speed is that of the ratio alone.
 * @param i turns of the driving shaft for one of the driven shaft
 * @param efficiency share of the torque that is passed on
 * @param slip share of the speed that is lost under load
 */
export function geared(
  i: Figure<'1'>,
  efficiency: Figure<'1'>,
  slip: Figure<'1'> = noSlip,
): Pick<StageReady, 'ratio' | 'efficiency' | 'slip' | 'across' | 'passes'> {
  return {
    ratio: i,
    efficiency,
    slip,
    across: {
      flowBehind: (n1) => drivenSpeed({ n1, i, s: slip }),
      topBehind: (n1) => drivenSpeed({ n1, i, s: noSlip }),
      effortBehind: (T1) => carriedTorque({ T1, i, k: efficiency }),
      effortBefore: (T_2) => neededBefore({ T_2, i, k: efficiency }),
      movedBehind: (J) => forwardInertia({ J, i }),
      movedBefore: (J) => reflectedInertia({ J, i }),
      gainBefore: (G_2) => torqueGain({ i, k: efficiency, G_2 }),
      lossless: {
        effortBehind: (T1) => carriedTorque({ T1, i, k: lossless }),
        gainBefore: (G_2) => torqueGain({ i, k: lossless, G_2 }),
        travelBefore: (phi) => gearedAngle({ phi, i }),
        stiffnessBehind: (k) => gearedStiffness({ k, i }),
      },
    },
    passes: (end) => passesWith(i, efficiency, slip, end),
  };
}

/**
 * The same relations by their number doors.
 * @returns null while one of them is not known
 */
function passesWith(i: Figure<'1'>, efficiency: Figure<'1'>, slip: Figure<'1'>, end: End): Passing | null {
  if (!i.known || !efficiency.known || !slip.known) return null;
  const at = { i: ends[end](i), k: ends[end](efficiency), s: ends[end](slip) };
  return {
    forward: ({ flow, effort }) => ({ flow: drivenSpeed.compute({ n1: flow, ...at }), effort: carriedTorque.compute({ T1: effort, ...at }) }),
    backward: ({ flow, effort }) => ({ flow: drivingSpeed.compute({ n2: flow, ...at }), effort: neededBefore.compute({ T_2: effort, ...at }) }),
    isEven: true,
  };
}

/** The least of ratio and efficiency make a load the heaviest for what drives it. */
const ends = { heaviest: lowEnd, likely: (figure: Known) => figure.value, lightest: highEnd } as const;
