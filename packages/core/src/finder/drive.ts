import type { Reach, StageCandidate } from '../kinds/finding.js';

/** Room that a row of shafts takes, mm: along it and across it. */
export interface Room {
  readonly length_mm: number;
  readonly height_mm: number;
  /** From the first shaft to the last. */
  readonly apart_mm: number;
  /** Directions of the stages along the row: 1 goes on, −1 back over the one before. */
  readonly ways: readonly (1 | -1)[];
}

/** What reaches the work at one of its speeds. */
export interface Reached {
  readonly speed_rpm: number;
  readonly torque_Nm: number;
  /** At rest. */
  readonly start_Nm: number;
}

/** A whole drive between source and work, by the plain rules. */
export interface Drive {
  readonly stages: readonly StageCandidate[];
  /** Belts side by side of each stage, and how it is laid out. */
  readonly loops: readonly number[];
  readonly reaches: readonly (Reach | undefined)[];
  /** Shafts from the source to the work, mm; null where nobody said it. */
  readonly shafts_mm: readonly (number | null)[];
  readonly room: Room;
  readonly speed_rpm: number;
  /** Of each shaft. */
  readonly speeds_rpm: readonly number[];
  readonly torque_Nm: number;
  /** That reaches the work at rest. */
  readonly start_Nm: number;
  /** The same at each of several speeds, slowest first; one where there is one. */
  readonly paces: readonly Reached[];
  /** How far the speed is off the middle of what is wished, in halves of it: of several the one that is furthest off. */
  readonly off: number;
  /** It is heard in the next room. */
  readonly isLoud: boolean;
  /** Largest share of a limit that is in use: 1 is all of it. */
  readonly loaded: number;
  /** What that limit is: the torque at speed, at rest, or what a stage is rated for, by its place. */
  readonly loadedBy: 'running' | 'starting' | number;
  readonly bought: number;
  readonly own: number;
  readonly made: number;
  readonly points: number;
  /** Places in the drawer that it takes, each as often as it does. */
  readonly takes: readonly number[];
}
