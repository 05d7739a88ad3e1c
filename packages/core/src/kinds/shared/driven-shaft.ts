import { type Figure, fixed } from '../../figure/figure.js';
import { carriedTorque } from '../../formulas/transmission/carried-torque.js';
import { drivenSpeed } from '../../formulas/transmission/driven-speed.js';
import type { Rotary } from '../kind.js';
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
 * Speed, torque and highest speed behind a stage. Unloaded nothing slips: the highest speed is that of the ratio alone.
 * @param i turns of the driving shaft for one of the driven shaft
 * @param efficiency share of the torque that is passed on
 * @param slip share of the speed that is lost under load
 */
export function leavingWith(
  arriving: Rotary,
  i: Figure<'1'>,
  efficiency: Figure<'1'>,
  { note }: Declares<typeof drivenShaft>,
  slip: Figure<'1'> = noSlip,
): Rotary {
  return {
    speed: note('speed', drivenSpeed({ n1: arriving.speed, i, s: slip })),
    torque: note('torque', carriedTorque({ T1: arriving.torque, i, k: efficiency })),
    top: note('highest-speed', drivenSpeed({ n1: arriving.top, i, s: noSlip })),
  };
}
