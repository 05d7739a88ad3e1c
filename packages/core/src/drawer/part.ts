import type { ChainSize } from '../catalog/chains.js';
import type { TimingProfile } from '../catalog/timing-belts.js';
import type { VBeltSection } from '../catalog/v-belts.js';

/** What a wheel sits on: a bore of so many mm; null where nobody measured it. */
interface Bored {
  readonly bore_mm: number | null;
  /** Its hub has a keyway. */
  readonly isKeyed: boolean;
}

export interface PulleyPart extends Bored {
  readonly is: 'pulley';
  readonly section: VBeltSection;
  /** Pitch diameter, where the cords of the belt run. */
  readonly pitch_mm: number;
  readonly grooves: number;
}

/** Pulleys of several sizes in one piece. */
export interface ConePart extends Bored {
  readonly is: 'cone pulley';
  readonly section: VBeltSection;
  readonly steps_mm: readonly number[];
}

export interface BeltPart {
  readonly is: 'belt';
  readonly section: VBeltSection;
  readonly mark: string;
  readonly pitchLength_mm: number;
}

export interface SprocketPart extends Bored {
  readonly is: 'sprocket';
  readonly chain: ChainSize;
  readonly teeth: number;
  /** It drives one way only, and is driven, never driving. */
  readonly isFreewheel: boolean;
}

export interface ChainPart {
  readonly is: 'chain';
  readonly chain: ChainSize;
  readonly links: number | null;
}

export interface TimingPulleyPart extends Bored {
  readonly is: 'timing pulley';
  readonly profile: TimingProfile;
  readonly teeth: number;
  readonly width_mm: number | null;
}

export interface TimingBeltPart {
  readonly is: 'timing belt';
  readonly profile: TimingProfile;
  readonly teeth: number;
  readonly width_mm: number | null;
}

export interface GearPart extends Bored {
  readonly is: 'gear';
  readonly module_mm: number;
  readonly teeth: number;
}

/** How a box is joined at one end: a shaft of its own, or hollow for a shaft of that size. */
export interface BoxEnd {
  readonly is: 'shaft' | 'hollow';
  readonly size_mm: number;
}

export interface BoxPart {
  readonly is: 'gearbox';
  readonly gears: 'helical' | 'worm' | 'planetary' | null;
  readonly ratio: number;
  readonly rated_Nm: number | null;
  /** Share of the torque that comes out; null where its plate says none. */
  readonly kept: number | null;
  readonly input: BoxEnd | null;
  readonly output: BoxEnd | null;
  /** Length along the row of shafts and height, mm. */
  readonly size_mm: readonly [number, number] | null;
  /** It holds a load with the power off, by what its owner has seen. */
  readonly holds: boolean;
}

export interface CouplingPart {
  readonly is: 'coupling';
  readonly rated_Nm: number | null;
  readonly bores_mm: readonly [number, number] | null;
}

/** A motor by its plate. */
export interface MotorPart {
  readonly is: 'motor';
  readonly power_W: number;
  readonly speed_rpm: number;
  readonly shaft_mm: number | null;
  /** What the plate says, by the fields of a motor with a plate. */
  readonly entries: Readonly<Record<string, string>>;
}

export type Part =
  | MotorPart
  | PulleyPart
  | ConePart
  | BeltPart
  | SprocketPart
  | ChainPart
  | TimingPulleyPart
  | TimingBeltPart
  | GearPart
  | BoxPart
  | CouplingPart;

/** A part of one's own, as it was typed and as it was understood. */
export interface OwnPart {
  /** What is written on it, or the number of its line. */
  readonly label: string;
  readonly text: string;
  /** The same without its label and how many there are. */
  readonly bare: string;
  readonly many: number;
  readonly part: Part;
}
