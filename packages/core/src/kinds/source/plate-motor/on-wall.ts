import { type Figure, fixed } from '../../../figure/figure.js';
import { fluxShare } from '../../../formulas/motor/flux-share.js';
import { starVoltage } from '../../../formulas/motor/star-voltage.js';
import { torqueAtFrequency } from '../../../formulas/motor/torque-at-frequency.js';
import { torqueAtVoltage } from '../../../formulas/motor/torque-at-voltage.js';
import type { Fed } from '../../kind.js';
import type { Inputs } from './fields.js';

/** How the windings of a motor are put to the wall. */
export type Connection = 'neutral' | 'star' | 'delta' | undefined;

/** A motor's plate beside the wall that it is really on. */
export interface OnWall {
  /** Rated voltage as it is connected, and the voltage of the wall that it gets. Where one of them is not entered it is taken as the other. */
  readonly plate: Figure<'V'>;
  readonly wall: Figure<'V'>;
  readonly connection: Connection;
  /** Frequency of the plate and of the wall; where one is not entered it is taken as the other. */
  readonly rated: Figure<'Hz'>;
  readonly frequency: Figure<'Hz'>;
  /** Whether both are known and are not the same. */
  readonly isOtherFrequency: boolean;
  /** Share of the plate's current at the voltage it is connected for: a motor of two voltages draws 1/√3 of it in star. */
  readonly currentShare: number;
}

const root3 = Math.sqrt(3);

/** Above this a wall whose phases are not said has three: no household socket has so much. */
const threePhasesFrom_V = 346;

/** Whether the wall has three phases, as far as that is known. */
export function hasThreePhases({ phases, voltage }: Fed): boolean | undefined {
  if (phases.is) return phases.is === '3';
  return voltage.known && voltage.value >= threePhasesFrom_V ? true : undefined;
}

/** How far one voltage is from another, up or down alike. */
const apart = (one: number, other: number) => Math.abs(Math.log(one / other));

export function onWall(inputs: Inputs, fed: Fed): OnWall {
  const { plate, connection, currentShare } = connected(inputs, fed);
  const isNeutral = connection === 'neutral';
  const at = isNeutral ? starVoltage({ V: fed.voltage }) : fed.voltage;
  const { frequency: own } = inputs;
  const { frequency: there } = fed;
  const isOtherFrequency = own.known && there.known && Math.abs(there.value / own.value - 1) > 0.005;
  return {
    plate: plate.known ? plate : at,
    wall: at.known ? at : plate,
    connection,
    rated: own.known ? own : there,
    frequency: there.known ? there : own,
    isOtherFrequency,
    currentShare,
  };
}

/** Which of its voltages a motor is connected for, and between what. */
function connected({ voltage, starVoltage, phases }: Inputs, fed: Fed): Pick<OnWall, 'plate' | 'connection' | 'currentShare'> {
  const { voltage: wall } = fed;
  if (phases.is === '3' && voltage.known && starVoltage.known && starVoltage.value > voltage.value) {
    const isStar = wall.known && apart(wall.value, starVoltage.value) < apart(wall.value, voltage.value);
    return isStar
      ? { plate: starVoltage, connection: 'star', currentShare: 1 / root3 }
      : { plate: voltage, connection: wall.known ? 'delta' : undefined, currentShare: 1 };
  }
  const mayBeNeutral = phases.is === '1' && voltage.known && wall.known && hasThreePhases(fed) === true;
  const isNeutral = mayBeNeutral && apart(wall.value / root3, voltage.value) < apart(wall.value, voltage.value);
  return { plate: voltage, connection: isNeutral ? 'neutral' : undefined, currentShare: 1 };
}

/** Volts per hertz at the motor over those of its plate; 1 where nothing says otherwise. */
export function fluxOf({ plate, rated, frequency }: OnWall, V: Figure<'V'>): Figure<'1'> {
  if (!plate.known || !V.known) return asOnPlate;
  if (!rated.known || !frequency.known) return fluxShare({ V, V_n: plate, f: anyHertz, f_n: anyHertz });
  return fluxShare({ V, V_n: plate, f: frequency, f_n: rated });
}
const asOnPlate = fixed('1', 1, 'The wall is not entered: taken as the plate says');
const anyHertz = fixed('Hz', 50, 'The frequency of the plate is that of the wall');

const square = fixed('1', 2, 'Breakdown torque goes with the square of volts per hertz');
const cube = fixed('1', 3, 'At rest it goes with one power more of the frequency');

/** A torque of the plate at the voltage that arrives and at the wall's frequency, at breakdown or at rest. */
export function torqueOnWall(
  { plate, rated, frequency, isOtherFrequency }: OnWall,
  T: Figure<'N·m'>,
  V: Figure<'V'>,
  where: 'breakdown' | 'rest',
): Figure<'N·m'> {
  const atVoltage = plate.known ? torqueAtVoltage({ T_n: T, V, V_n: plate }) : T;
  return isOtherFrequency ? torqueAtFrequency({ T_n: atVoltage, f_n: rated, f: frequency, k: where === 'rest' ? cube : square }) : atVoltage;
}
