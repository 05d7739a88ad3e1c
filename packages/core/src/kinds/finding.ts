import type { Shock } from '../catalog/service-factors.js';
import type { OwnPart, Part } from '../drawer/part.js';

/** What a drive may be made of: one's own parts, what may be bought, and discs that one can turn. */
export interface Shelf {
  readonly own: readonly OwnPart[];
  readonly stock: Stock;
  /** Pulleys that one turns oneself, pitch diameters by section. */
  readonly made: Stock['pulleys'];
}

/** What shops have. What is not listed is not to be had. */
export interface Stock {
  readonly pulleys: Readonly<Record<string, readonly number[]>>;
  /** Belts by section: marks with their pitch lengths. */
  readonly belts: Readonly<Record<string, readonly { readonly mark: string; readonly pitchLength_mm: number }[]>>;
  readonly sprockets: Readonly<Record<string, readonly number[]>>;
  /** Sizes of chain that may be bought, by the link. */
  readonly chains: readonly string[];
  readonly timingPulleys: Readonly<Record<string, readonly number[]>>;
  /** Endless timing belts by profile: their teeth and widths. */
  readonly timingBelts: Readonly<Record<string, { readonly teeth: readonly number[]; readonly widths_mm: readonly number[] }>>;
  readonly boxes: readonly StockBox[];
  /** Couplings by rated torque, with the largest bore of each. */
  readonly couplings: readonly { readonly rated_Nm: number; readonly mostBore_mm: number; readonly points: number }[];
}

export interface StockBox {
  readonly part: Extract<Part, { is: 'gearbox' }>;
  readonly name: string;
  readonly points: number;
}

/** What of a shaft hangs on whether a wheel goes on it: which of several, and its size; null where nobody said it. */
export interface ShaftEnd {
  /** Of the source, of the work, one between, or one end of a box. */
  readonly of: 'source' | 'work' | 'between' | 'box in' | 'box out';
  readonly size_mm: number | null;
}

/** May a part's bore be changed. */
export interface Altering {
  readonly boreOut: boolean;
  readonly bush: boolean;
}

/** Bounds that hold for every stage of a search. */
export interface Bounds {
  readonly shafts: readonly ShaftEnd[];
  readonly altering: Altering;
  /** Wheels not smaller and not larger than this, pitch diameter. */
  readonly least_mm: number;
  readonly most_mm: number;
  readonly shock: Shock;
  /** It has to turn both ways: nothing in it may run free. */
  readonly reverse: boolean;
  /**
   * Where several speeds are wished, slowest first, by which a stage with steps is laid out: how much faster than the first each may be, at least and at most, and
   * between what ratios the first is.
   */
  readonly steps?: {
    readonly faster: readonly (readonly [number, number])[];
    readonly first: readonly [number, number];
  };
}

/** A wheel, box or half of a coupling of a candidate, by where it is from. */
export interface From {
  /** Place in the drawer; −1 for what is bought or made. */
  readonly own: number;
  readonly isMade: boolean;
  readonly points: number;
  /** As the list of what it takes has it: `pulley A 80 mm`. */
  readonly what: string;
  /** Of an own wheel; null where nobody measured it. */
  readonly bore_mm?: number | null;
}

/** One way to lay a stage out: a length of belt or chain, and where that puts the shafts. */
export interface Reach {
  readonly centres_mm: number;
  readonly wrap_rad: number;
  readonly mark: string;
  /** Place in the drawer; −1 where it is bought, or where there is nothing to lay round. */
  readonly own: number;
  /** What is had of it does for at most so many side by side, or so wide a one. */
  readonly mostLoops: number;
  /** Nearest and furthest that the motor has to come, to slip it on and to tighten it. */
  readonly slides_mm: readonly [number, number];
  /** Of a stage with steps: where the shafts are with the belt on each. */
  readonly each_mm?: readonly number[];
}

/** One pair of the pulleys of a stage whose belt is moved from one to the next. */
export interface Step {
  /** Turns of the driving shaft for one of the driven one, by its sizes alone and as it runs. */
  readonly nominal: number;
  readonly ratio: number;
  /** As of a stage. */
  readonly passes_W: (n_rpm: number, loops: number) => number;
  /** What is entered otherwise with the belt on it. */
  readonly entries: (reach: Reach | undefined) => Readonly<Record<string, string>>;
}

/** Belts or chains of a stage: lengths, and how many of them. */
export interface Loop {
  /** Nearest shafts first. */
  readonly reaches: () => readonly Reach[];
  /** At most so many side by side, or so many widths. */
  readonly most: number;
  /** Whether one of its lengths is one's own: it may cost nothing then. */
  readonly hasOwn: boolean;
  /** How many pieces are bought for that. */
  readonly pieces: (loops: number) => number;
  readonly points: number;
  readonly says: (loops: number, mark: string) => string;
}

/** A stage that could be in a drive, in plain numbers. */
export interface StageCandidate {
  readonly kind: string;
  /** Turns of the driving shaft for one of the driven one, by its sizes alone and as it runs. */
  readonly nominal: number;
  readonly ratio: number;
  /** Share of the torque that passes, at work and at rest. */
  readonly kept: number;
  readonly keptAtRest: number;
  /** Its wheels, or the box, and what goes beside them. */
  readonly takes: readonly From[];
  /** Which of the shafts its two ends go on, a bit each. */
  readonly inFits: number;
  readonly outFits: number;
  /** Shafts for which a bore is changed, a bit each. */
  readonly inAltered: number;
  readonly outAltered: number;
  /** Outside diameters of its wheels; of what is on one axis its height, and its length along the row. */
  readonly outside_mm: readonly [number, number];
  readonly inline_mm: number;
  /** Its shafts are not nearer than this; nought of what is on one axis. */
  readonly nearest_mm: number;
  /** Left out by what is on one axis. */
  readonly loop?: Loop;
  /** Power that it passes on for years in this service, W, by the speed of its driving shaft; 0 where it must not run so, endless where it is not rated. */
  readonly passes_W: (n_rpm: number, loops: number) => number;
  /** So many times as much is still not sure to be too much: service factors are a span. */
  readonly leeway: number;
  /** The entries of a stage, as they would be typed. */
  readonly entries: (loops: number, reach: Reach | undefined) => Readonly<Record<string, string>>;
  /** The next smaller one that goes in the same place: where it does, this one is not looked at. */
  readonly smaller?: StageCandidate;
  readonly slips: boolean;
  readonly holds: boolean;
  /** It is heard in the next room where one of its shafts turns faster; null where it never is. */
  readonly loudAbove_rpm: number | null;
  /** Change gears may step up and down in one train. */
  readonly isChangeGear: boolean;
  /** Of a stage whose belt is moved for another speed: its pairs, that of the slowest speed first, whose ratio is that of the stage. */
  readonly steps?: readonly Step[];
  /** In words: `V-belt A 80 to 315 mm`. */
  readonly says: string;
}

export type Finds = (shelf: Shelf, bounds: Bounds) => StageCandidate[];
