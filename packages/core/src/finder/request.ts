import type { Shock } from '../catalog/service-factors.js';
import type { Shelf } from '../kinds/finding.js';
import type { FindWishes } from './wishes.js';

/** A speed of the work, from and to, with what it needs there. */
export interface Pace {
  readonly speed_rpm: readonly [number, number];
  readonly torque_Nm: number;
  readonly start_Nm: number;
}

/** What a drive lies between, and what is wished of it: plain data. */
export interface FindRequest {
  readonly source: {
    readonly speed_rpm: number;
    readonly power_W: number;
    /** Torque at rest, over that at full load. */
    readonly starts: number;
    readonly shaft_mm: number | null;
  };
  readonly work: {
    readonly speed_rpm: readonly [number, number];
    readonly torque_Nm: number;
    readonly start_Nm: number;
    readonly shock: Shock;
    readonly shaft_mm: number | null;
    /** Where it has several speeds, the faster ones, slowest first: the belt is moved to another step for them. */
    readonly faster?: readonly Pace[];
  };
  readonly wishes: FindWishes;
  readonly shelf: Shelf;
  /** Stages that have to be in it, by what they are made of. */
  readonly pinned?: readonly string[];
}

/** A torque has to be had with so much to spare (common practice, no source). */
export const reserve = 1.1;

/** The work at each of its speeds, slowest first. */
export const pacesOf = (work: FindRequest['work']): readonly Pace[] => (work.faster ? [work, ...work.faster] : [work]);
