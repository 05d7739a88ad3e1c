import type { BreakerCurve } from '../catalog/breakers.js';
import type { Driver, Shock } from '../catalog/service-factors.js';
import type { Check } from '../checks/check.js';
import type { FieldPath, Figure } from '../figure/figure.js';
import type { Inputs } from '../machine/build.js';
import type { Sentence } from '../wording/sentence.js';
import type { Chosen, Fields, InputFigures } from './fields.js';
import type { Marked } from './marks.js';
import type { Context, Limit, Outputs } from './outputs.js';
import type { Effort, Flow, Moved, Port, PortKind, PortsDeclared } from './ports.js';
import type { Body } from './shared/body.js';
import type { Sizing } from './sizing.js';
import type { Starter } from './starter.js';

export type Role = 'source' | 'stage' | 'work' | 'feed';

/** Stock sizes of wheels, smallest first, in the unit that an entry of them is written in: `mm`, `in`, or nothing for teeth. */
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
  /** Size, mark or whatever it is ordered by; empty while that is not entered. */
  readonly size: string;
  readonly many: number;
}

/** What was typed in a field of an element. */
export type Typed = (field: string) => string | undefined;

/** What a kind is, without how it is worked out: what goes in, what comes out, and what it is called. */
export interface KindHead<R extends Role = Role, F extends Fields = Fields> extends Outputs {
  readonly role: R;
  readonly kind: string;
  /** Version of the kind's inputs, raised together with an upgrade step. */
  readonly v: number;
  readonly label: string;
  /** What sentences and headings call it: `motor`, `V-belt`. */
  readonly noun: string;
  /** Of a source, what its own shaft is called: `motor shaft`. */
  readonly shaft?: string;
  /** Of a source whose entries are what was looked at: they are kept with whatever it is taken for. */
  readonly observes?: true;
  /** Of a source, the kind of feed that it has where that is not the mains. */
  readonly fedBy?: string;
  readonly fields: F;
  /** In what form power comes in and goes out; nothing of either at the ends of a line. */
  readonly ports: PortsDeclared;
  /** Fields that belong together, by what the group is called; what is in none comes first. */
  readonly groups?: Readonly<Record<string, readonly (keyof F & string)[]>>;
  /**
   * A stage's entries to begin with, as they would be typed, for a ratio that is needed: guesses, so that it is drawn and worked out at once.
   * Left out by kinds of other roles.
   */
  readonly begins?: (ratio: number) => Readonly<Record<string, string>>;
  /** A stage that is meant to fail first: the field that sets at what torque, and with which power of it that grows. */
  readonly fuse?: (typed: Typed) => { readonly field: string; readonly power: number };
  /** A stage that reaches over a distance: the fields that say how far and in which direction its driven shaft is. */
  readonly reaches?: { readonly distance: keyof F & string; readonly direction: keyof F & string };
  /** What has to be bought or made for it, from what was typed. */
  readonly parts?: (typed: Typed) => readonly Part[];
  /** A stage's wheels: the field that sizes each, and the stock sizes. */
  readonly wheels?: Readonly<Record<'driver' | 'driven', StockWheel>>;
  /** Of work, machines to begin from that do it. */
  readonly starters?: readonly Starter[];
  /** Of work that loads its shaft with a weight, and not with what it cuts with. */
  readonly weighs?: true;
  /** Of work, what it is sized by. */
  readonly sizing?: Sizing;
  /** What a mark on the thing itself, or its plate in one line, fills in. */
  readonly marks?: (text: string) => Marked | null;
  /** How inputs of an older version become those of the next, by the version they have. Never changed once it has landed. */
  readonly upgrade?: Readonly<Record<number, (inputs: Inputs) => Inputs>>;
  /** The element in a few words, from what was typed: `0.55 kW motor`. */
  readonly short: (typed: Typed) => string;
}

/** A change a kind offers where a check fails or is close. It is shown only after it has proved itself in a full evaluation. */
export interface Candidate {
  readonly field: string;
  readonly text: string;
  readonly says: Sentence;
  /** What goes with it in the same element: a text by its field, or null where what is entered no longer belongs to it. */
  readonly with?: Readonly<Record<string, string | null>>;
  /** Name of the check it may cure, `check-belts`; the work's own when left out. */
  readonly cures?: string;
}

/** A standard belt, with the centre distance it needs. */
export interface StockBelt {
  readonly mark: string;
  readonly centres: number;
  /** Its length as it would be typed. */
  readonly entry?: string;
}

/** To scale, in mm: what the power path draws of a stage between two shafts. `centres` is null when the distance is not known. */
export interface StageOutline {
  readonly driver: number | null;
  readonly driven: number | null;
  readonly centres: number | null;
  /** Direction of the driven shaft from the driving one, rad: nought to the right of it, a quarter turn straight above. Level where it is left out. */
  readonly angle?: number | undefined;
  /** Places of its two wheels along their shafts, mm from one face of the machine; null where that is not entered. */
  readonly line?: readonly [driver: number | null, driven: number | null] | undefined;
  /** Both shafts on one axis: drawn beside each other, which is no distance. */
  readonly coaxial?: boolean | undefined;
  /** Standard lengths near here, and how far the motor can move: nearest and furthest centre distance. */
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

/** What is at an end of a line with the kind that knows how to draw it. */
export interface DrawnEnd extends Body {
  readonly kind: string;
}

/** What drives a line and what it drives, to scale. */
export interface DrawnEnds {
  readonly source: DrawnEnd;
  readonly work: DrawnEnd;
}

/** Torque of a source over its speed: plain numbers, for the search of where it settles. */
export interface Curve {
  readonly torque: (n_rpm: number) => number;
  readonly top_rpm: number;
  /** Where a starting winding drops out; null where there is none. */
  readonly switch_rpm: number | null;
  /** Heat at a speed over that at rest, between 1 and 0: of the winding with the square of its current, of a clutch until it locks. Left out, it is 1 throughout. */
  readonly heat?: (n_rpm: number) => number;
  /** Settling below it, it hangs; left out, where the starting winding drops out, or six tenths of the top. Nothing hangs whose torque falls all the way. */
  readonly hangsBelow_rpm?: number;
}

/** Lowest, likely and highest that a thing may be. */
export type Ends<T> = readonly [low: T, likely: T, high: T];

/** What is said of an element beside its figures: what to beware of, and what is not entered although it matters. */
export interface Said {
  readonly cautions?: readonly (string | Sentence)[];
  readonly notEntered?: readonly string[];
  /** What matters of it and is not worked out at all. */
  readonly notWorkedOut?: readonly string[];
}

/** What is between the supply and a source. */
export interface Fed {
  /** At the wall. */
  readonly voltage: Figure<'V'>;
  readonly frequency: Figure<'Hz'>;
  readonly phases: Chosen<'1' | '3'>;
  /** Alternating or direct current. */
  readonly current: Chosen<'ac' | 'dc'>;
  /** Of direct current, effective value of the current over its mean: 1 where it is smooth. */
  readonly ripple: Figure<'1'>;
  /** The most current that it puts out, where something limits it before a breaker does. */
  readonly limit: Figure<'A'> | null;
  /** One core of the lead. */
  readonly lead: Figure<'Ω'>;
  readonly section: Figure<'mm²'>;
  /** Whether anything of the lead is entered. */
  readonly isLeadEntered: boolean;
  /** Current that the lead carries for good as it is laid, and the largest breaker before it. */
  readonly carries: Figure<'A'>;
  readonly fused: Figure<'A'>;
  readonly breaker: Figure<'A'>;
  /** Letter of the breaker. */
  readonly curve: Chosen<BreakerCurve>;
  readonly share: Figure<'1'>;
}

export interface FeedKind<H extends KindHead<'feed'> = KindHead<'feed'>> extends KindHead<'feed', H['fields']> {
  readonly feed: (inputs: InputFigures<H['fields']>, supply: Supply, context: Context<H>) => Fed;
}

/** The build's own supply, for a feed that says nothing else. */
export interface Supply {
  readonly voltage: Figure<'V'>;
  readonly frequency: Figure<'Hz'>;
  readonly phases: Chosen<'1' | '3'>;
  readonly breaker: Figure<'A'>;
}

export type Reverses = 'running' | 'at rest' | 'never' | readonly FieldPath[];

/** What a source puts out at its shaft, steadily and for a moment. */
export interface SourceOutput<Out extends PortKind = 'rotary'> extends Port<Out>, Said {
  /** A person starts and stops it, or it is stepped up: there is no run-up to work out. */
  readonly byHand?: true;
  readonly curves: Ends<Curve> | null;
  /** Stopped by its drive in so long, through a resistor at these volts of its link. */
  readonly braked?: { readonly time: Figure<'s'>; readonly link: Figure<'V'> };
  /** What turning it takes with the power off, where it is more than a share of its torque: brushes, fan, iron. */
  readonly drags?: Effort<Out>;
  /** Torque at rest. */
  readonly starting: Effort<Out>;
  /** Where it stalls: the most torque at any speed. */
  readonly stall: Limit;
  /** How it is drawn. */
  readonly body: Body;
  /** What gets hot while it runs up, `the winding withstands {lasts} of starting current`, and for how long it may; null for a person. */
  readonly heating: { readonly template: string; readonly lasts: Figure<'s'>; readonly source: string } | null;
  /** Overhung load that its own bearings support. */
  readonly supports: Figure<'N'>;
  /** What it is in the sense of service factors; undefined while it is not known which kind of motor. */
  readonly driver: Driver | undefined;
  /** Whether it starts again by itself once it has cooled: not said of what cannot; the fields that would tell where it is not known. */
  readonly restarts?: 'by itself' | 'not by itself' | readonly FieldPath[];
  /** Whether it turns the other way too, and when it may be changed over; the fields that would tell where it is not known. Left out, nothing is said of it. */
  readonly reverses?: Reverses;
  /** What stops it when it is stalled, as the sentence about that goes on; empty for a source that comes to no harm by stalling. */
  readonly stopped: string | Sentence;
  readonly checks: readonly Check[];
  /** Whether it is started with nothing on it, for what cannot be started otherwise; the fields that would tell where it is not known. */
  readonly unloaded?: boolean | readonly FieldPath[];
  /** Checks that hang on the power that is needed of it, and on how long. What it puts out is kept: figures are noted in the context that is handed over here. */
  readonly under: (needed: Figure<'W'>, lasts: Figure<'s'>, context: Context) => readonly Check[];
}

export interface SourceKind<H extends KindHead<'source'> = KindHead<'source'>> extends KindHead<'source', H['fields']> {
  readonly output: (inputs: InputFigures<H['fields']>, fed: Fed, context: Context<H>) => SourceOutput;
  readonly candidates?: (inputs: InputFigures<H['fields']>, typed: Typed) => Candidate[];
}

/** What a stage has to transmit. */
export interface Duty {
  /** Torque and power that the work needs at the driving shaft. */
  readonly torque: Figure<'N·m'>;
  readonly power: Figure<'W'>;
  /** Torque that the work needs at the driven shaft: what is rated there is held against it, so that the stage's own efficiency is not counted twice. */
  readonly torqueBehind: Figure<'N·m'>;
  /** What it needs to break away, at the driving shaft and at the driven one. */
  readonly breakaway: Figure<'N·m'>;
  readonly breakawayBehind: Figure<'N·m'>;
  readonly shock: Shock | undefined;
  readonly driver: Driver | undefined;
  /** How long a part that wears must last, by the brief. */
  readonly mustLast: Figure<'s'>;
  /** Inertia of all that spins before the stage as its driving shaft feels it, and of all behind it as its driven shaft does. Needed by few. */
  readonly inertias: () => { readonly before: Figure<'kg·m²'>; readonly behind: Figure<'kg·m²'> };
}

/** Speed and torque of a shaft as plain numbers, for solvers: rpm, N·m. */
export interface ShaftState {
  readonly flow: number;
  readonly effort: number;
}

/** At which end of what is not sure: where the load is the heaviest for what drives it, where it likely is, where it is the lightest. */
export type End = 'heaviest' | 'likely' | 'lightest';

/** A stage at one end of what is not sure, in plain numbers: what it loses of speed and of torque apart. */
export interface Passing {
  /** State of the driven shaft, for one of the driving shaft. */
  readonly forward: (driving: ShaftState) => ShaftState;
  /** State that the driving shaft must have, for one of the driven shaft. */
  readonly backward: (driven: ShaftState) => ShaftState;
  /** Both losses are the same shares at every speed and torque: one point tells all. */
  readonly isEven: boolean;
}

/** A stage's relations by their figure doors: whoever walks a line needs to know nothing else of what is between two ports. */
export interface Across<In extends PortKind = 'rotary', Out extends PortKind = 'rotary'> {
  /** Flow at the driven port as the stage slips under load; its most, unloaded, where nothing slips. */
  readonly flowBehind: (flow: Flow<In>) => Flow<Out>;
  readonly topBehind: (top: Flow<In>) => Flow<Out>;
  readonly effortBehind: (effort: Effort<In>) => Effort<Out>;
  /** Effort that it takes at the driving port. */
  readonly effortBefore: (effort: Effort<Out>) => Effort<In>;
  /** What moves on one side as the other feels it. */
  readonly movedBehind: (moved: Moved<In>) => Moved<Out>;
  readonly movedBefore: (moved: Moved<Out>) => Moved<In>;
  /** What an effort at the driving port becomes at the tool, by what one at the driven port becomes there. */
  readonly gainBefore: (behind: Figure<'1'>) => Figure<'1'>;
  /** The same relations where a stop is felt, with nothing lost. */
  readonly lossless: {
    readonly effortBehind: (effort: Effort<In>) => Effort<Out>;
    readonly gainBefore: (behind: Figure<'1'>) => Figure<'1'>;
    /** How far its driving port goes on while its driven port does. */
    readonly travelBefore: (travel: Figure<'rad'>) => Figure<'rad'>;
    readonly stiffnessBehind: (stiffness: Figure<'N·m/rad'>) => Figure<'N·m/rad'>;
  };
}

/** What there is of a stage whatever it transmits: shape, ratio, losses that hang on no load. */
export interface StageReady<In extends PortKind = 'rotary', Out extends PortKind = 'rotary'> {
  readonly ratio: Figure<'1'>;
  /** Share of the torque that is passed on. */
  readonly efficiency: Figure<'1'>;
  /** Share of the speed that is lost. */
  readonly slip: Figure<'1'>;
  readonly across: Across<In, Out>;
  /** The door for solvers; null while what it hangs on is not known. */
  readonly passes: (end: End) => Passing | null;
  /** Of what moves with its driving and with its driven port. */
  readonly moved: { readonly in: Moved<In>; readonly out: Moved<Out> };
  readonly outline: StageOutline;
  /** Direction of the driven shaft from the driving one; left out by what is on one axis. */
  readonly direction?: Figure<'rad'>;
}

/** What is at a stage's two ports, at full load and as the work needs it. */
export interface StageState<In extends PortKind = 'rotary', Out extends PortKind = 'rotary'> {
  readonly arriving: Port<In>;
  readonly leaving: Port<Out>;
  readonly duty: Duty;
}

/** What comes of a stage under its load. */
export interface StageResult extends Said {
  readonly checks: readonly Check[];
  /** What slips in between, if anything does; its torque is on the driving shaft. */
  readonly slips: Limit | null;
  /** What it transmits for years: the steady limit of the duty ladder, on the driving shaft. */
  readonly steady: Limit | null;
  /** What breaks between its two shafts, if anything can; its torque is on the driving shaft. */
  readonly breaks?: Limit | null;
  /** How hard its driving shaft is to turn against what is elastic in it, its driven shaft held; left out by what is rigid. */
  readonly stiffness?: Figure<'N·m/rad'>;
  /** What fixes its wheels on their shafts. */
  readonly hubs: { readonly in: Limit | null; readonly out: Limit | null };
  /** Overhung load that its own bearings support at the driven shaft, where its plate says so. */
  readonly supports?: Figure<'N'>;
  /** Force on its two shafts, towards each other; `aside` by how far off that it acts, one way round or the other as they turn. */
  readonly pulls: { readonly in: Figure<'N'>; readonly out: Figure<'N'>; readonly aside?: Figure<'rad'> };
}

/**
 * A stage answers in three parts: what it is (`ready`, worked out once for the same inputs), what it passes on in plain numbers (`passes`, for solvers), and what
 * comes of it under a load (`under`).
 */
export interface StageKind<H extends KindHead<'stage'> = KindHead<'stage'>, R extends StageReady = StageReady>
  extends KindHead<'stage', H['fields']> {
  readonly ready: (inputs: InputFigures<H['fields']>, context: Context<H>) => R;
  readonly under: (inputs: InputFigures<H['fields']>, ready: R, state: StageState, context: Context<H>) => StageResult;
  readonly candidates?: (inputs: InputFigures<H['fields']>, typed: Typed) => Candidate[];
}

/** What the work needs at the tool's shaft. */
export interface WorkDemand extends Said {
  readonly steady: Figure<'N·m'>;
  readonly breakaway: Figure<'N·m'>;
  /** What it needs for a moment, over and over at work, where that is more than what it needs on the average. */
  readonly peak?: Figure<'N·m'>;
  /** What a motor is chosen for, where that is more than the average: peaks that last, and nothing spins that would help it over. */
  readonly rated?: Figure<'N·m'>;
  /** Its peaks are over in a moment, and what spins helps over them, though a motor is chosen for more than the average. */
  readonly peaksPass?: true;
  /** Torque that heats a motor as much, where the work is at it for a part of the time only. */
  readonly heatsAs?: Figure<'N·m'>;
  /** Why it is chosen for that, as the sentence goes on: `by its peaks`, which it is where this is left out. */
  readonly ratedBy?: string;
  /** It is loaded once it is up to speed: what it needs until then is its breakaway torque. */
  readonly startsEmpty?: boolean;
  /** Switched off, its own load stops it at once, or it is nothing that spins on: no run-down is told. */
  readonly stopsItself?: true;
  /** Within what time it has to stop once it is switched off, where there is a rule for it. */
  readonly stopsWithin?: Figure<'s'>;
  /** How long it goes on at a stretch. */
  readonly lasts: Figure<'s'>;
  /** Whether hands clear it when it jams. */
  readonly handsClear?: boolean;
  /** Exponent with which the torque grows with speed: 0, 1 or 2. */
  readonly growth: number;
  /** Inertia of the tool. */
  readonly moved: Figure<'kg·m²'>;
  /** Angle in which a jam stops it. */
  readonly stops: Figure<'rad'>;
  /** Where nothing can jam it, or only what should not be there. */
  readonly jams?: 'never' | 'only if steel falls in';
  /** What slips or shears at the tool itself before more can pass, if anything does: a wheel on the ground, what jams it. On the tool's shaft. */
  readonly slips?: Limit | null;
  readonly shock: Shock | undefined;
  /** How the tool is drawn. */
  readonly body: Body;
  readonly checks: readonly Check[];
}

export interface WorkKind<H extends KindHead<'work'> = KindHead<'work'>> extends KindHead<'work', H['fields']> {
  /** Speed that the work itself needs, where it has one: it counts where the brief says none. */
  readonly speedNeeded?: (inputs: InputFigures<H['fields']>) => Figure<'rpm'>;
  /** What the tool needs at the speed that reaches it. */
  readonly demand: (inputs: InputFigures<H['fields']>, arriving: Port<'rotary'>, context: Context<H>) => WorkDemand;
  readonly candidates?: (inputs: InputFigures<H['fields']>, typed: Typed) => Candidate[];
}

export type Kind = SourceKind | StageKind | WorkKind | FeedKind;
