import { type Figure, fixed, flag, highEnd, lowEnd, scaled, unknown, unseen } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { lineCurrent } from '../../../formulas/motor/line-current.js';
import { motorConstant } from '../../../formulas/motor/motor-constant.js';
import { powerFromCurrent } from '../../../formulas/motor/power-from-current.js';
import { shaftFromInput } from '../../../formulas/motor/shaft-from-input.js';
import { idleDrop } from './brushes.js';
import type { DcInputs } from './dc-fields.js';

const sharesSource = 'Common practice, no source: motors with magnets of a treadmill or a scooter put 70 to 85 % of what they draw on the shaft';
const efficiency = fixed('1', 0.78, sharesSource, [0.7, 0.85], flag.estimated);
const unity = fixed('1', 1, 'Direct current: volts times amps is power');

const peakSource = 'Common practice, no source: of a treadmill’s horsepower 40 to 75 % is at the shaft for good';
const peakShare = fixed('1', 0.5, peakSource, [0.4, 0.75], flag.estimated);

interface Rated {
  readonly power: Figure<'W'>;
  readonly current: Figure<'A'>;
  /** By its volts and amps alone. */
  readonly byAmps: Figure<'W'>;
}

/** What it has at the shaft for good and what it draws then, from what its plate says; never more than its volts times amps. */
export function ratedOf({ power, powerIs, voltage, current }: DcInputs): Rated {
  const byAmps = powerFromCurrent({ m: unity, V: voltage, I: current, eta: efficiency, pf: unity });
  const atShaft = (): Figure<'W'> => {
    if (powerIs.is === 'input') return shaftFromInput({ P: power, eta: efficiency });
    if (powerIs.is === 'peak') return byAmps.known ? byAmps : scaled(power, peakShare, peakSource);
    if (!power.known) return byAmps;
    // By its amps it is no shaft power.
    if (voltage.known && current.known) return highEnd(power) > 0.95 * lowEnd(voltage) * lowEnd(current) ? byAmps : power;
    if (powerIs.is === 'shaft') return power;
    return scaled(
      power,
      unseen('1', [0.4, 0.8, 1], powerIs.field, 'Not said whether the plate states shaft power, a peak, or what is drawn'),
      peakSource,
    );
  };
  const shaft = atShaft();
  return { power: shaft, current: current.known ? current : lineCurrent({ P: shaft, m: unity, V: voltage, eta: efficiency, pf: unity }), byAmps };
}

const dropSource = 'Common practice, no source: at its rated current the resistance of such a motor takes 6 to 17 % of its voltage';
const dropShare = fixed('1', 0.11, dropSource, [0.06, 0.17], flag.estimated);

export const usualResistance = defineProcedure({
  id: 'usual-resistance',
  says: 'The share of the voltage that the resistance takes, over the rated current',
  source: dropSource,
});

export const resistanceOf = ({ resistance, voltage }: DcInputs, current: Figure<'A'>): Figure<'Ω'> =>
  resistance.known ? resistance : solve('Ω', usualResistance, { x: dropShare, V: voltage, I: current }, ({ x = 0, V = 0, I = 1 }) => (x * V) / I);

/** Whether speed and volts of the plate say what it does; else an unloaded run has to. */
export const isPlateComplete = ({ speed, voltage }: DcInputs): boolean => speed.known && voltage.known;

const idleCurrentSource =
  'Common practice, no source: unloaded such motors draw 3 to 15 % of their rated current, and take next to none of the volts';
const none = fixed('A', 0, idleCurrentSource);

/** Of the plate's speed at its volts and amps; without it from an unloaded run. */
export function constantOf(inputs: DcInputs, current: Figure<'A'>, R: Figure<'Ω'>, V_b: Figure<'V'>): Figure<'V·s/rad'> {
  const { voltage, speed, idleVoltage, idleSpeed, idleCurrent } = inputs;
  if (isPlateComplete(inputs) || !idleVoltage.known || !idleSpeed.known) return positive(motorConstant({ V: voltage, I: current, R, V_b, n: speed }));
  // Turned by a drill, with no current, brushes take nothing.
  const isTurned = idleCurrent.known && highEnd(idleCurrent) === 0;
  const I = idleCurrent.known ? idleCurrent : none;
  return positive(
    motorConstant({ V: idleVoltage, I, R: I === none || isTurned ? noResistance : R, V_b: isTurned ? noDrop : idleDrop(inputs), n: idleSpeed }),
  );
}
const noResistance = fixed('Ω', 0, 'With no current it takes no volts');
const noDrop = fixed('V', 0, 'With no current the brushes take no volts');

const positive = (k: Figure<'V·s/rad'>): Figure<'V·s/rad'> =>
  k.known && lowEnd(k) <= 0 ? unknown('V·s/rad', [], 'its resistance would take all of its voltage: measure it again') : k;

const frictionSource = 'Common practice, no source: brushes, bearings and fan take 2 to 12 % of the torque';
const frictionShare = fixed('1', 0.05, frictionSource, [0.02, 0.12], flag.estimated);

export const idleTorque = defineProcedure({
  id: 'idle-torque',
  says: 'What the current of the unloaded run makes',
  source: 'Textbooks on electric machines (relation)',
});

/** What the motor itself takes: by its unloaded current, or as a usual share. */
export function frictionOf({ idleCurrent }: DcInputs, k: Figure<'V·s/rad'>, current: Figure<'A'>): Figure<'N·m'> {
  if (idleCurrent.known && lowEnd(idleCurrent) > 0) return solve('N·m', idleTorque, { k, I: idleCurrent }, ({ k = 0, I = 0 }) => k * I);
  const made = solve('N·m', idleTorque, { k, I: current }, ({ k = 0, I = 0 }) => k * I);
  return scaled(made, frictionShare, frictionSource);
}
