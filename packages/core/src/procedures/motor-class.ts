import { motorMass, motorMassSource } from '../catalog/motor-masses.js';
import { efficiencyOf, powerFactorOf, sizeSource, threePhaseStart } from '../catalog/motor-sizes.js';
import { type StartType, smallMotorSource, smallMotors } from '../catalog/small-motors.js';
import { nextOutput, standardOutputs_kW } from '../catalog/standard-motors.js';
import { type Figure, fixed, flag, fromTable, highEnd, type Known, known, unknown } from '../figure/figure.js';
import { defineProcedure } from '../figure/formula.js';
import { lineCurrent } from '../formulas/motor/line-current.js';
import { timesRated } from '../formulas/motor/times-rated.js';
import { shaftTorque } from '../formulas/power/shaft-torque.js';
import type { Fed } from '../kinds/kind.js';

/** A motor to look for. */
export interface MotorClass {
  readonly output_W: number;
  readonly poles: 2 | 4;
  /** How it may start: each kind that breaks the work away at its least. */
  readonly starts: readonly StartType[];
  /** How long it must be able to go on: all day, or so many minutes at a stretch. */
  readonly duty: 'S1' | 'S2 30 min' | 'S2 10 min';
  /** Whether its direction must be changed over at work. */
  readonly reverses: boolean;
}

export const standardOutput = defineProcedure({
  id: 'standard-output',
  says: 'The least output of the list that keeps a fifth in reserve at the most that is needed; where that is more than a fifth over what is likely, at a fifth over it: measuring settles the rest',
  source: 'IEC 60072-1, outputs that motors are built for (from memory); a fifth in reserve: Hobrek’s threshold',
});

const reserve = fixed('1', 1.25, 'A fifth of the motor in reserve (Hobrek’s threshold)');

/** The output to look for; unknown over the largest there is. @param needed at its shaft */
export function outputFor(needed: Figure<'W'>): Figure<'W'> {
  if (!needed.known) return needed;
  const output = nextOutput(Math.min(highEnd(needed), 1.2 * needed.value) * reserve.value);
  if (output === null) return unknown('W', [], 'that is more than an induction motor of a shed has');
  return known('W', output, { by: 'solved', id: standardOutput.id, from: { P: needed, k: reserve } }, undefined, needed.flags & flag.guessed);
}

/** An output of the list so many sizes from another; null beyond its ends. */
export function sizesFrom(output: Known<'W'>, by: number): Known<'W'> | null {
  const at = standardOutputs_kW.findIndex((kW) => kW * 1000 === output.value);
  const kW = standardOutputs_kW[at + by];
  return at < 0 || kW === undefined ? null : fixed('W', kW * 1000, 'IEC 60072-1, outputs that motors are built for (from memory)');
}

const oneOf = (row: string) => ({ table: 'motors by size', row, source: sizeSource });

/** Voltages that a motor is looked for: of one phase, and of three. */
export interface Voltages {
  readonly single: Figure<'V'>;
  readonly three: Figure<'V'>;
}

const nominal = (volts: number) => fixed('V', volts, 'Nominal voltage in Europe (IEC 60038)');

/** Those of the socket where it is known; 230 and 400 V where it is not. */
export function voltagesOf({ voltage, phases }: Pick<Fed, 'voltage' | 'phases'>): Voltages {
  if (!voltage.known) return { single: nominal(230), three: nominal(400) };
  return phases.is === '3' || voltage.value > 300 ? { single: nominal(230), three: voltage } : { single: voltage, three: nominal(400) };
}

/** What it draws at its output: a single-phase one with a run capacitor, or a three-phase one. */
export function currentOf(output: Known<'W'>, poles: number, phases: 1 | 3, { single, three }: Voltages): Figure<'A'> {
  const kind: StartType = phases === 1 ? 'capacitor-run' : 'three-phase';
  const row = `${output.value / 1000} kW, ${smallMotors[kind].says}`;
  return lineCurrent({
    P: output,
    m: fixed('1', phases === 1 ? 1 : Math.sqrt(3), phases === 1 ? 'One phase' : 'Three phases'),
    V: phases === 1 ? single : three,
    eta: fromTable('1', efficiencyOf(kind, output.value / 1000, poles), oneOf(row), flag.estimated),
    pf: fromTable('1', powerFactorOf(kind, output.value / 1000, poles), oneOf(row), flag.estimated),
  });
}

export const massOf = (output: Known<'W'>): Known<'kg'> =>
  fromTable(
    'kg',
    motorMass(output.value / 1000),
    { table: 'mass of motors', row: `${output.value / 1000} kW`, source: motorMassSource },
    flag.estimated,
  );

export const ratedTorqueOf = (output: Known<'W'>, speed: Figure<'rpm'>): Figure<'N·m'> => shaftTorque({ P: output, n: speed });

const most = fromTable('1', [1.6, 2.2, 3], { table: 'small motors', row: 'most torque, any kind', source: smallMotorSource }, flag.estimated);

/** The most torque it has before it stalls. */
export const stallsAt = (output: Known<'W'>, speed: Figure<'rpm'>): Figure<'N·m'> => timesRated({ k: most, T_n: ratedTorqueOf(output, speed) });

/** Torque at rest of one of its size with a run capacitor alone. */
export const atRestByRunCapacitor = (output: Known<'W'>, speed: Figure<'rpm'>): Figure<'N·m'> =>
  timesRated({
    k: fromTable(
      '1',
      smallMotors['capacitor-run'].start,
      { table: 'small motors', row: smallMotors['capacitor-run'].says, source: smallMotorSource },
      flag.estimated,
    ),
    T_n: ratedTorqueOf(output, speed),
  });

/** How it may start: each kind whose least torque at rest breaks the work away. @param share breakaway torque over rated torque of the motor */
export const startsThatDo = (share: number, kW: number, poles: number): readonly StartType[] =>
  (Object.keys(smallMotors) as StartType[]).filter((kind) => kind !== 'shaded-pole' && leastStart(kind, kW, poles) >= share);

const leastStart = (kind: StartType, kW: number, poles: number): number =>
  kind === 'three-phase' ? threePhaseStart(kW, poles)[0] : smallMotors[kind].start[0];
