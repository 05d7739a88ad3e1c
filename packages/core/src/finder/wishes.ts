/** Kinds of stages that the finder puts between a source and its work. */
export const findable = {
  'v-belt': 'V-belt',
  'timing-belt': 'timing belt',
  'roller-chain': 'chain',
  gearbox: 'gearbox',
  'gear-pair': 'gears',
  coupling: 'coupling',
} as const;
export type Findable = keyof typeof findable;

/** What is wished of a drive. A wish that is null says nothing. */
export interface FindWishes {
  readonly kinds: readonly Findable[];
  readonly stages: number;
  /** Room along the row of shafts and across it, mm. */
  readonly length_mm: number | null;
  readonly height_mm: number | null;
  /** A stage may go back over the one before it. */
  readonly folded: boolean;
  /** Distance of the last shaft from the first, mm. */
  readonly apart_mm: readonly [number, number] | null;
  /** Where the slot of the first stage lets its shaft be, mm from the next. */
  readonly slot_mm: readonly [number, number] | null;
  /** Distance of the last shaft from the one before it, mm. */
  readonly last_mm: readonly [number, number] | null;
  /** Sizes of shafts between; none says any. */
  readonly between_mm: readonly number[];
  readonly slip: 'must' | 'never' | 'either';
  readonly hold: boolean;
  readonly reverse: boolean;
  readonly quiet: boolean;
  /** Pitch diameters of wheels. */
  readonly leastWheel_mm: number | null;
  readonly mostWheel_mm: number | null;
  readonly buy: 'anything' | 'belts and chains' | number;
  readonly points: number | null;
  readonly boreOut: boolean;
  readonly bush: boolean;
}

/** Nothing in the way. */
export const anyDrive: FindWishes = {
  kinds: Object.keys(findable) as Findable[],
  stages: 2,
  length_mm: null,
  height_mm: null,
  folded: false,
  apart_mm: null,
  slot_mm: null,
  last_mm: null,
  between_mm: [],
  slip: 'either',
  hold: false,
  reverse: false,
  quiet: false,
  leastWheel_mm: null,
  mostWheel_mm: null,
  buy: 'anything',
  points: null,
  boreOut: false,
  bush: false,
};

/** Most stages that are tried. */
export const mostStages = 4;
