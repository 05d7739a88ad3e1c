import { type Band, widest } from './small-motors.js';

export const torqueByWeightSource = 'Common practice, no source: salvaged motors that were weighed, by family';

/** Torque for good of a kilogram of motor, N·m, by how it is built. */
export const torqueOfKilogram = {
  universal: [0.05, 0.09, 0.14],
  'pm-dc': [0.17, 0.3, 0.45],
  'wound-dc': [0.1, 0.16, 0.3],
  'split-phase': [0.08, 0.19, 0.4],
  'capacitor-start': [0.08, 0.19, 0.4],
  'capacitor-run': [0.08, 0.2, 0.5],
  'both-capacitors': [0.17, 0.29, 0.45],
  'three-phase': [0.25, 0.45, 0.7],
  'shaded-pole': [0.02, 0.04, 0.08],
  brushless: [0.08, 0.25, 1],
  servo: [0.5, 0.72, 1],
  'direct-drive-washer': [0.3, 0.5, 0.9],
  stepper: [0.5, 0.72, 1],
  gearmotor: [1, 3, 5],
} as const satisfies Readonly<Record<string, Band>>;

/** Torque for good over the width squared times the length of the iron, kN·m/m³, by how it is built. */
export const torqueOfIron = {
  universal: [0.35, 0.65, 1],
  'pm-dc': [0.4, 0.8, 1.4],
  'wound-dc': [0.4, 0.8, 1.6],
  single: [0.5, 1.1, 2],
  induction: [0.5, 1.2, 3],
  three: [0.8, 1.5, 3],
  'shaded-pole': [0.15, 0.3, 0.6],
} as const satisfies Readonly<Record<string, Band>>;

/** Of one phase, whichever way it starts. */
export const ofKilogramSingle = widest([
  torqueOfKilogram['split-phase'],
  torqueOfKilogram['capacitor-start'],
  torqueOfKilogram['capacitor-run'],
  torqueOfKilogram['both-capacitors'],
]);
