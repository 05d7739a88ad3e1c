import type { BreakerCurve } from '../catalog/breakers.js';
import type { Shock } from '../catalog/v-belts.js';
import type { Check, Labels } from '../checks/check.js';
import type { Figure } from '../figure/figure.js';
import type { Inputs } from '../machine/build.js';
import type { Unit } from '../quantity/quantities.js';
import type { UnitHabit } from '../quantity/show.js';
import type { Fields, InputFigures } from './fields.js';

export type Role = 'source' | 'stage' | 'work' | 'feed';

/** Sizes of wheels on the shelf, smallest first, in the unit that an entry of them is written in: `mm`, `in`, or nothing for teeth. */
export interface StockSeries {
  readonly unit: 'mm' | 'in' | '';
  readonly sizes: readonly number[];
}

export interface StockWheel {
  readonly field: string;
  /** The first is taken where an entry is in the unit of none. */
  readonly series: readonly StockSeries[];
}

/** A line of the parts list. */
export interface Part {
  readonly what: string;
  /** Size, mark or whatever it is asked for by; empty while that is not entered. */
  readonly size: string;
  readonly many: number;
}

/** What was typed in a field of an element. */
export type Typed = (field: string) => string | undefined;

/** What a kind is, without what it does: enough to read, validate and edit one. */
export interface KindHead<R extends Role = Role, F extends Fields = Fields> {
  readonly role: R;
  readonly kind: string;
  /** Version of the kind's inputs, raised together with an upgrade step. */
  readonly v: number;
  readonly label: string;
  readonly fields: F;
  /** Fields that belong together, by what the group is called; what is in none comes first. */
  readonly groups?: Readonly<Record<string, readonly (keyof F & string)[]>>;
  /**
   * A stage's entries to begin with, as they would be typed, for a ratio that is wanted: guesses, so that it is drawn and worked out at once.
   * Left out by kinds of other roles.
   */
  readonly begins?: (ratio: number) => Readonly<Record<string, string>>;
  /** A stage that is meant to give first: the field that sets at what torque, and with which power of it that grows. */
  readonly fuse?: (typed: Typed) => { readonly field: string; readonly power: number };
  /** What has to be had for it, from what was typed. */
  readonly parts?: (typed: Typed) => readonly Part[];
  /** A stage's wheels: the field that sizes each, and what is on the shelf. */
  readonly wheels?: Readonly<Record<'driver' | 'driven', StockWheel>>;
  /** How inputs of an older version become those of the next, by the version they have. Never changed once it has landed. */
  readonly upgrade?: Readonly<Record<number, (inputs: Inputs) => Inputs>>;
  /** The element in a few words, from what was typed: `0.55 kW motor`. */
  readonly short: (typed: Typed) => string;
}

/** A turning shaft as it is handed from one element to the next. */
export interface Rotary {
  readonly speed: Figure<'rpm'>;
  readonly torque: Figure<'N·m'>;
  /** The fastest it can ever turn, unloaded. */
  readonly top: Figure<'rpm'>;
}

/** Keeps a figure under the element's path and hands it on. The name is part of a path: letters and hyphens. */
export type Note = <U extends Unit>(name: string, figure: Figure<U>) => Figure<U>;

/** A change a kind offers where a check gives or is close. It is shown only after it has proved itself in a full evaluation. */
export interface Candidate {
  readonly field: string;
  readonly text: string;
  readonly says: string;
  /** Name of the check it may cure, `check-belts`; the work's own when left out. */
  readonly cures?: string;
}

/** A belt on sale, with the centre distance it wants. */
export interface StockBelt {
  readonly mark: string;
  readonly centres: number;
}

/** To scale, in mm: what the power path draws of a stage between two shafts. `centres` is null when the distance is not known. */
export interface StageOutline {
  readonly driver: number | null;
  readonly driven: number | null;
  readonly centres: number | null;
  /** Where the driven shaft lies from the driving one, rad: nought to the right of it, a quarter turn straight above. Level where it is left out. */
  readonly angle?: number | undefined;
  /** Where its two wheels stand along their shafts, mm from one face of the machine; null where that is not entered. */
  readonly line?: readonly [driver: number | null, driven: number | null] | undefined;
  /** Both shafts on one axis: drawn beside each other, which is no distance. */
  readonly coaxial?: boolean | undefined;
  /** Lengths on sale near here, and how far the motor can move: nearest and furthest centre distance. */
  readonly stock?:
    | {
        readonly what: string;
        readonly belts: readonly StockBelt[];
        readonly slot: readonly [number, number] | null;
        readonly chosen: string | null;
      }
    | undefined;
}

/** A stage's outline with the kind that knows how to draw it. */
export interface DrawnStage extends StageOutline {
  readonly kind: string;
}

/** Torque of a motor over its speed: plain numbers, for the search of where it settles. */
export interface Curve {
  readonly torque: (n_rpm: number) => number;
  readonly top_rpm: number;
  /** Where a starting winding drops out; null where there is none. */
  readonly switch_rpm: number | null;
}

/** Lowest, likely and highest that a thing may be. */
export type Ends<T> = readonly [low: T, likely: T, high: T];

/** Something that gives in a jam: its torque on the shaft where it stands. */
export interface Limit {
  readonly id: string;
  /** Path of the element it belongs to. */
  readonly at: string;
  /** What happens, as a sentence goes on: `the belt slips`. */
  readonly says: string;
  /** Short, for the ladder: `belt slips`. */
  readonly short: string;
  readonly torque: Figure<'N·m'>;
  /** A fuse slips or stalls unharmed for so long; wearing is a steady limit, passed at the cost of life; anything else breaks or loosens. */
  readonly harm: 'harmless' | 'wearing' | 'breaking';
  /** How long it may go on, and what bears it, as the sentence begins: `Slipping, the belt stands`. */
  readonly stands?: { readonly says: string; readonly lasts: Figure<'s'> };
  readonly source: string;
}

/** What an element adds to the figures of a line. */
export interface Context {
  readonly note: Note;
  /** Path of the element, `main/belt`, and of one of its fields. */
  readonly path: string;
  /** Name of the element and its neighbours as sentences use them. */
  readonly label: Labels;
}

/** What is said of an element beside its figures: what to beware of, and what is not entered although it matters. */
export interface Said {
  readonly cautions?: readonly string[];
  readonly notEntered?: readonly string[];
}

/** What stands between the supply and a source. */
export interface Fed {
  /** At the wall. */
  readonly voltage: Figure<'V'>;
  readonly frequency: Figure<'Hz'>;
  /** One core of the lead. */
  readonly lead: Figure<'Ω'>;
  readonly breaker: Figure<'A'>;
  /** Letter of the breaker; undefined while not known. */
  readonly curve: BreakerCurve | undefined;
  readonly share: Figure<'1'>;
}

export interface FeedKind<F extends Fields = Fields> extends KindHead<'feed', F> {
  readonly feeds: (inputs: InputFigures<F>, supply: Supply, context: Context) => Fed;
}

/** The build's own supply, for a feed that says nothing else. */
export interface Supply {
  readonly voltage: Figure<'V'>;
  readonly frequency: Figure<'Hz'>;
  readonly breaker: Figure<'A'>;
}

/** What a source gives, steadily and for a moment. */
export interface Given extends Rotary, Said {
  /** What sentences call it: motor, crank. */
  readonly called: string;
  /** A person starts and stops it: there is no run-up to work out. */
  readonly byHand?: true;
  readonly curves: Ends<Curve> | null;
  /** Torque at rest, and the most at any speed. */
  readonly rest: Figure<'N·m'>;
  readonly stall: Limit;
  /** What gets hot while it runs up, as the sentence goes on, and how long that stands it; null for a person. */
  readonly heats: { readonly says: (stands: string) => string; readonly lasts: Figure<'s'>; readonly source: string } | null;
  readonly inertia: Figure<'kg·m²'>;
  /** Pull that its own bearings stand. */
  readonly takes: Figure<'N'>;
  /** Even or uneven driver, in the sense of service factors; undefined while not known. */
  readonly driver: 'normal' | 'high' | undefined;
  /** What stops it when it is stalled, as the sentence about that goes on; empty for a source that harms nothing by stalling. */
  readonly stopped: string;
  readonly checks: readonly Check[];
  /** Checks that hang on what is asked of it. */
  readonly under: (asked: Figure<'W'>) => readonly Check[];
}

export interface SourceKind<F extends Fields = Fields> extends KindHead<'source', F> {
  readonly gives: (inputs: InputFigures<F>, fed: Fed, context: Context) => Given;
  readonly candidates?: (inputs: InputFigures<F>, typed: Typed, units: UnitHabit) => Candidate[];
}

/** What a stage is asked to carry. */
export interface Duty {
  /** Torque and power the work asks of the driving shaft. */
  readonly torque: Figure<'N·m'>;
  readonly power: Figure<'W'>;
  readonly shock: Shock | undefined;
  readonly driver: 'normal' | 'high' | undefined;
  /** All that spins before the stage as its driving shaft feels it, and all behind it as its driven shaft does. Asked for by few. */
  readonly swings: () => { readonly before: Figure<'kg·m²'>; readonly behind: Figure<'kg·m²'> };
}

/** What a stage does to the line, before it is known what is asked of it. */
export interface Passing {
  readonly leaving: Rotary;
  readonly ratio: Figure<'1'>;
  /** Share of the torque that is passed on. */
  readonly kept: Figure<'1'>;
  /** Of what spins with its driving and with its driven shaft. */
  readonly inertia: { readonly in: Figure<'kg·m²'>; readonly out: Figure<'kg·m²'> };
  readonly outline: StageOutline;
  /** Where the driven shaft lies from the driving one; left out by what stands on one axis. */
  readonly lies?: Figure<'rad'>;
  readonly under: (duty: Duty) => Held;
}

export interface Held extends Said {
  readonly checks: readonly Check[];
  /** What slips in between, if anything does; it stands on the driving shaft. */
  readonly slips: Limit | null;
  /** What it carries for years: the steady limit of the duty ladder, on the driving shaft. */
  readonly steady: Limit | null;
  /** What breaks between its two shafts, if anything can; it stands on the driving shaft. */
  readonly breaks?: Limit | null;
  /** What holds its wheels on their shafts. */
  readonly hubs: { readonly in: Limit | null; readonly out: Limit | null };
  /** Pull that its own bearings stand at the driven shaft, where its plate says so. */
  readonly takes?: Figure<'N'>;
  /** Force on its two shafts, towards each other; `aside` by how far off that it acts, one way round or the other as they turn. */
  readonly pulls: { readonly in: Figure<'N'>; readonly out: Figure<'N'>; readonly aside?: Figure<'rad'> };
}

export interface StageKind<F extends Fields = Fields> extends KindHead<'stage', F> {
  readonly passes: (inputs: InputFigures<F>, arriving: Rotary, context: Context) => Passing;
  readonly candidates?: (inputs: InputFigures<F>, typed: Typed, units: UnitHabit) => Candidate[];
}

/** What the work asks at the tool's shaft. */
export interface Asked extends Said {
  readonly steady: Figure<'N·m'>;
  readonly breakaway: Figure<'N·m'>;
  /** Exponent with which the torque grows with speed: 0, 1 or 2. */
  readonly growth: number;
  readonly inertia: Figure<'kg·m²'>;
  /** Angle in which a jam stops it. */
  readonly stops: Figure<'rad'>;
  /** What slips at the tool itself before more can pass, if anything does: a wheel on the ground. On the tool's shaft. */
  readonly slips?: Limit | null;
  readonly shock: Shock | undefined;
  readonly checks: readonly Check[];
}

export interface WorkKind<F extends Fields = Fields> extends KindHead<'work', F> {
  /** What the tool asks at the speed that reaches it. */
  readonly asks: (inputs: InputFigures<F>, arriving: Rotary, context: Context) => Asked;
  readonly candidates?: (inputs: InputFigures<F>, typed: Typed, units: UnitHabit) => Candidate[];
}

export type Kind = SourceKind | StageKind | WorkKind | FeedKind;
