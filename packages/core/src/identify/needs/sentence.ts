import type { DonorName } from '../donors.js';
import type { FamilyName } from '../families.js';
import type { LookName } from '../looks.js';
import { most_ohm, type Pattern, patternOf } from '../windings.js';
import type { Known } from './in-hand.js';

/** Where on the page a sentence has its place. */
export const needSections = {
  feed: 'What feeds it',
  never: 'Never',
  first: 'First power',
  air: 'Air',
  direction: 'Direction',
  speed: 'Speed control',
  shaft: 'Shaft and mounting',
  buy: 'To get',
  steps: 'In this order',
  beware: 'Beware',
  plate: 'What its plate says',
  untold: 'Not told yet',
} as const;
export type NeedSection = keyof typeof needSections;

/** What is said of a motor, or of those that it is said of. */
export interface Told {
  readonly id: string;
  readonly says: (motor: Known) => string | null;
}

type When = (motor: Known) => boolean;

/** The same words wherever it is said at all. */
export const told = (id: string, when: When, says: string | ((motor: Known) => string | null)): Told => ({
  id,
  says: (motor) => (when(motor) ? (typeof says === 'string' ? says : says(motor)) : null),
});

/** Of the motor itself; of a gearmotor the one inside. */
export const ofMotor =
  (...families: readonly FamilyName[]): When =>
  ({ motor }) =>
    motor !== null && families.includes(motor);

export const both =
  (...all: readonly When[]): When =>
  (motor) =>
    all.every((when) => when(motor));
export const not =
  (when: When): When =>
  (motor) =>
    !when(motor);

export const universal = ofMotor('universal');
export const permanent = ofMotor('pm-dc');
export const wound = ofMotor('wound-dc');
export const withBrushes = ofMotor('universal', 'pm-dc', 'wound-dc');
/** Induction motors on one phase that have a winding to start. */
export const onePhase = ofMotor('split-phase', 'capacitor-start', 'capacitor-run', 'two-capacitor');
export const switched = ofMotor('split-phase', 'capacitor-start', 'two-capacitor');
export const shaded = ofMotor('shaded-pole');
export const threePhase = ofMotor('three-phase');
export const induction = ofMotor('split-phase', 'capacitor-start', 'capacitor-run', 'two-capacitor', 'shaded-pole', 'three-phase');
/** Magnets in the rotor, fed by a drive. */
export const driven = ofMotor('brushless', 'servo', 'direct-drive-washer');
export const stepper = ofMotor('stepper');
export const geared: When = ({ family }) => family === 'gearmotor';

/** Out of one of these machines. */
export const donorIs =
  (...names: readonly DonorName[]): When =>
  ({ donor }) =>
    donor !== undefined && names.includes(donor);
export const sealed = donorIs('fridge-compressor');

/** A starter turns over for seconds; nothing of a motor for hours is true of it. */
export const starter: When = ({ donor, family }) => donor === 'car-starter' && family === 'wound-dc';
export const onBattery: When = ({ fedBy, donor, at_V }) =>
  fedBy === 'battery' || ((donor === 'car-fan' || donor === 'car-wiper' || donor === 'car-starter') && at_V < 60);
/** Electronics of its own on it, which takes a low voltage and a signal. */
export const ownElectronics: When = ({ family, donor, readings }) =>
  family === 'brushless' && (donor === 'copier' || readings.some(({ ohms }) => ohms !== null && ohms[0] > most_ohm));
/** One sentence after the other, in the order of the work. */
export const inOrder = (id: string, when: When, says: readonly string[]): readonly Told[] =>
  says.map((each, k) => told(`${id}-${k + 1}`, when, each));

/** On the volts of the wall, or near them. */
export const onMains: When = ({ at_V, fedBy }) => at_V >= 60 && fedBy !== 'battery';

/** Volts as they are called: three figures. */
export const volt = (value: number): string => `${+value.toPrecision(3)} V`;
/** Two voltages, by how its halves or its phases are joined. */
export const halved: When = ({ readings, plate }) => patternOf(readings) === 'two-alike' || /\d{2,3}\s*\/\s*\d{3}\s*V/.test(plate);
export const bothVolts: When = ({ plate }) => /\d{3}\s*\/\s*\d{3}\s*V|[ΔD]\s*\/\s*Y/.test(plate);

/** `30` or `30 to 45`: two figures, at most three. */
export const figure = (value: number): string => `${+value.toPrecision(2)}`;
export const span = (least: number, most: number): string => (figure(least) === figure(most) ? figure(least) : `${figure(least)} to ${figure(most)}`);

/** Room for what it draws at the moment that it starts. */
export const boardAmps = ({ draws_A: [, most] }: Known): string => figure(1.5 * most);

/** One of these answers to a look. */
export const has =
  (look: LookName, ...answers: readonly string[]): When =>
  ({ looks }) =>
    answers.includes(looks[look] ?? '');
/** Its readings look so. */
export const patternIs =
  (...patterns: readonly Pattern[]): When =>
  ({ readings }) => {
    const pattern = patternOf(readings);
    return pattern !== undefined && patterns.includes(pattern);
  };
