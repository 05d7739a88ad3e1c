import type { BothSides, Check, Stated } from '../checks/check.js';
import type { ByVerdict, CheckOutput, CheckOutputs } from '../checks/check-output.js';
import type { Figure } from '../figure/figure.js';
import type { QuantityName, Unit, UnitOf } from '../quantity/quantities.js';
import type { NamesIn, Told } from '../wording/sentence.js';

/** A figure that is put out, described once: labels, tables, comparison and reference all read this. */
export interface FigureOutput<Q extends QuantityName = QuantityName> {
  readonly label: string;
  readonly quantity: Q;
  /** Heading under which it is listed. */
  readonly group: string;
  /** One of the four or five that size the element. */
  readonly key?: true;
  /** Told elsewhere, or of use on the way only: not listed with its element. */
  readonly aside?: true;
}

/** In the order in which they are listed. */
export type FigureOutputs = Readonly<Record<string, FigureOutput>>;

type How = Pick<FigureOutput, 'key' | 'aside'>;

export const figure = <const Q extends QuantityName>(label: string, quantity: Q, group: string, how: How = {}): FigureOutput<Q> => ({
  label,
  quantity,
  group,
  ...how,
});

/** What happens when a limit is passed, in words. */
export interface LimitWords {
  /** For the ruler of a jam: `belt slips`. */
  readonly short: string;
  /** What it happens to: `the belt`. */
  readonly what: string;
  /** `slips` */
  readonly fails: string;
  /** `may slip` */
  readonly may: string;
}

export type Harm = 'harmless' | 'wearing' | 'breaking';

/** A limit that is put out, described once. */
export interface LimitOutput extends LimitWords {
  /** A fuse slips or stalls unharmed for so long; wearing is a steady limit, passed at the cost of life; anything else breaks or loosens. */
  readonly harm: Harm;
  /** Of what slips or stalls: what it may go on for, `the slipping belt lasts {lasts}`. */
  readonly lasts?: string;
  /** Where what fails hangs on what was entered. */
  readonly variants?: Readonly<Record<string, LimitWords>>;
}

export type LimitOutputs = Readonly<Record<string, LimitOutput>>;

/** What a kind, or the walk along a line, puts out. */
export interface Outputs {
  readonly figures: FigureOutputs;
  readonly checks: CheckOutputs;
  readonly limits: LimitOutputs;
}

type Texts<S> = S extends string ? S : S extends ByVerdict ? S[keyof S & keyof ByVerdict] : never;

/** What a check has to tell beside its two figures, by the names in its sentences. */
export type Tells<C extends CheckOutput> = Exclude<NamesIn<Texts<C['says']> | C['subject']>, 'has' | 'needs' | 'reserve'>;

/** The figures of a check, with whatever else its sentences name. */
export type HeldFor<C extends CheckOutput, U extends Unit> = BothSides<U> &
  ([Tells<C>] extends [never] ? unknown : { readonly tells: { readonly [P in Tells<C>]: Told } });

/** A limit as it was worked out: its torque on the shaft it acts on. */
export interface Limit {
  readonly id: string;
  /** Path of the element that it is shown with, and the name it has there. */
  readonly at: string;
  readonly name: string;
  readonly words: LimitWords;
  readonly torque: Figure<'N·m'>;
  readonly harm: Harm;
  /** Where its torque is on the driven shaft of its stage, and not on the driving one. */
  readonly isDriven?: true;
  /** Of a hub, how thick the shaft is that it sits on. */
  readonly bore?: Figure<'mm'>;
  /** What it withstands for years, where that is less. */
  readonly forYears?: Figure<'N·m'>;
  /** How long it may slip or stall unharmed. */
  readonly lasts?: { readonly template: string; readonly time: Figure<'s'> };
  readonly source: string;
}

interface LimitAt {
  readonly torque: Figure<'N·m'>;
  readonly source: string;
  readonly isDriven?: true;
  /** Which of its variants it is. */
  readonly as?: string;
  readonly lasts?: Figure<'s'>;
}

/** Where an element of a line puts out what it declares. What is not declared does not compile. */
export interface Context<O extends Outputs = Outputs> {
  /** Path of the element: `main/belt`. */
  readonly path: string;
  /** Keeps a figure under the element and hands it on. */
  note<K extends keyof O['figures'] & string>(
    name: K,
    figure: Figure<UnitOf<O['figures'][K]['quantity']>>,
  ): Figure<UnitOf<O['figures'][K]['quantity']>>;
  check<K extends keyof O['checks'] & string, U extends Unit>(name: K, held: HeldFor<O['checks'][K], U>): Check<U>;
  /** Puts out a question of yes or no. */
  state<K extends keyof O['checks'] & string>(name: K, stated: Stated): Check<'1'>;
  limit<K extends keyof O['limits'] & string>(name: K, at: LimitAt): Limit;
}
