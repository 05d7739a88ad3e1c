import { type Band, bandAt } from '../numeric/band-at.js';

export type { Band };

export interface SmallMotor {
  readonly says: string;
  readonly phases: 1 | 3;
  /** Torque at rest and the most torque, over rated. */
  readonly start: Band;
  readonly most: Band;
  /** Whether a switch takes a starting winding out at about three quarters of the synchronous speed. */
  readonly switches: boolean;
  /** Torque normal or high in the sense of the belt's service factor. */
  readonly driver: 'normal' | 'high';
  /** Power factor of the stalled motor. */
  readonly restFactor: Band;
  /** Stalled current over rated current. */
  readonly locked: Band;
}

/** Small induction motors by how they start (common practice and catalogue averages, from memory; efficiency and power factor go by size: `motor-sizes.ts`). */
export const smallMotors = {
  'three-phase': {
    says: 'three-phase',
    phases: 3,
    start: [1.6, 2.2, 2.7],
    most: [2, 2.5, 3],
    switches: false,
    driver: 'normal',
    restFactor: [0.45, 0.6, 0.8],
    locked: [4, 5.5, 7],
  },
  'split-phase': {
    says: 'start winding, no capacitor',
    phases: 1,
    start: [1, 1.25, 1.5],
    most: [1.8, 2, 2.3],
    switches: true,
    driver: 'normal',
    restFactor: [0.6, 0.7, 0.85],
    locked: [5, 6, 7.5],
  },
  'capacitor-start': {
    says: 'start capacitor, switched out',
    phases: 1,
    start: [2.5, 3, 3.5],
    most: [1.9, 2.2, 2.5],
    switches: true,
    driver: 'high',
    restFactor: [0.6, 0.7, 0.85],
    locked: [4, 5, 6.5],
  },
  'capacitor-run': {
    says: 'run capacitor, always in',
    phases: 1,
    start: [0.3, 0.5, 0.8],
    most: [1.6, 1.8, 2.1],
    switches: false,
    driver: 'normal',
    restFactor: [0.65, 0.8, 0.9],
    locked: [3, 4, 5],
  },
  'both-capacitors': {
    says: 'start and run capacitor',
    phases: 1,
    start: [1.8, 2.3, 3],
    most: [1.8, 2.1, 2.5],
    switches: true,
    driver: 'high',
    restFactor: [0.6, 0.7, 0.85],
    locked: [4, 5, 6.5],
  },
  'shaded-pole': {
    says: 'shaded pole',
    phases: 1,
    start: [0.4, 0.5, 0.6],
    most: [1.1, 1.2, 1.4],
    switches: false,
    driver: 'normal',
    restFactor: [0.5, 0.6, 0.7],
    locked: [1.5, 2, 2.5],
  },
} as const satisfies Record<string, SmallMotor>;
export type StartType = keyof typeof smallMotors;
export const smallMotorSource = 'Small motors by kind: common practice and catalogue averages, no source (from memory)';

/** What is tabled of a motor as a band. */
export type BandName = 'start' | 'most' | 'efficiency' | 'powerFactor' | 'restFactor' | 'locked';

/** Widest of several kinds: what is known of a motor that does not say how it starts. */
export function widest(bands: readonly Band[]): Band {
  const likely = bands.map(([, middle]) => middle).sort((a, b) => a - b);
  return [Math.min(...bands.map(([low]) => low)), likely[Math.floor(likely.length / 2)] ?? 1, Math.max(...bands.map(([, , high]) => high))];
}

/** Overhung load that a small motor's own bearings support, by shaft diameter, N (catalogue averages at about 1500 rpm, from memory: an estimate). */
const shaftPulls = [
  [9, [120, 200, 300]],
  [11, [200, 300, 420]],
  [14, [320, 420, 550]],
  [19, [480, 650, 800]],
  [24, [600, 800, 1000]],
  [28, [850, 1100, 1400]],
  [38, [1300, 1700, 2200]],
] as const;
export const shaftPullSource = 'Permissible pull by shaft end, catalogue averages at about 1500 rpm (from memory): an estimate';
/** @returns null for a shaft thicker than small motors have */
export const shaftPullBand = (shaft_mm: number): Band | null => (shaft_mm > 38.5 ? null : bandAt(shaftPulls, shaft_mm));
