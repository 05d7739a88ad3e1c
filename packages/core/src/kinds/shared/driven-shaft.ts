import { type Figure, fixed, highEnd, type Known, lowEnd } from '../../figure/figure.js';
import { carriedTorque } from '../../formulas/transmission/carried-torque.js';
import { drivenSpeed } from '../../formulas/transmission/driven-speed.js';
import { drivingSpeed } from '../../formulas/transmission/driving-speed.js';
import { neededBefore } from '../../formulas/transmission/needed-before.js';
import type { End, Passing, Rotary, StageTransfer } from '../kind.js';
import { type FigureOutputs, figure } from '../outputs.js';
import type { Declares } from './only.js';

/** What a stage puts out that changes the speed. */
export const ratioFigure = { ratio: figure('Ratio', 'count', 'Driven shaft', { key: true }) } as const satisfies FigureOutputs;

/** What every stage puts out of its driven shaft. */
export const drivenShaft = {
  speed: figure('Speed', 'speed', 'Driven shaft', { aside: true }),
  torque: figure('Torque', 'torque', 'Driven shaft', { aside: true }),
  'highest-speed': figure('Highest speed, unloaded', 'speed', 'Driven shaft', { aside: true }),
} as const satisfies FigureOutputs;

export const noSlip = fixed('1', 0, 'It does not slip at work');

/**
 * What every stage makes of what turns its driving shaft, as long as its losses do not hang on the load. Unloaded nothing slips: the highest speed is that of the
 * ratio alone.
 * @param i turns of the driving shaft for one of the driven shaft
 * @param efficiency share of the torque that is passed on
 * @param slip share of the speed that is lost under load
 */
export function through(
  arriving: Rotary,
  i: Figure<'1'>,
  efficiency: Figure<'1'>,
  { note }: Declares<typeof drivenShaft>,
  slip: Figure<'1'> = noSlip,
): Pick<StageTransfer, 'leaving' | 'ratio' | 'efficiency' | 'slip' | 'passes'> {
  return {
    leaving: {
      speed: note('speed', drivenSpeed({ n1: arriving.speed, i, s: slip })),
      torque: note('torque', carriedTorque({ T1: arriving.torque, i, k: efficiency })),
      top: note('highest-speed', drivenSpeed({ n1: arriving.top, i, s: noSlip })),
    },
    ratio: i,
    efficiency,
    slip,
    passes: (end) => passesWith(i, efficiency, slip, end),
  };
}

/**
 * The same relations as in `through` and in the walk back from the work, by their number doors.
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
