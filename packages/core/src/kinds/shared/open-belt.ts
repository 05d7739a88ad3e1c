import { type Check, noWorseThanClose } from '../../checks/check.js';
import type { CheckOutput } from '../../checks/check-output.js';
import { type Figure, fixed, picked, scaled, unknown, unseen } from '../../figure/figure.js';
import { defineProcedure, solve } from '../../figure/formula.js';
import { arcOfContact } from '../../formulas/belt/arc-of-contact.js';
import { assumedTension } from '../../formulas/belt/assumed-tension.js';
import { openBeltLength } from '../../formulas/belt/open-belt-length.js';
import { tensionFromPush } from '../../formulas/belt/tension-from-push.js';
import { tensionFromTone } from '../../formulas/belt/tension-from-tone.js';
import { centresFromLength } from '../../geometry/centres-from-length.js';
import { type Sentence, sentence } from '../../wording/sentence.js';
import { quantity } from '../fields.js';
import { type FigureOutputs, figure } from '../outputs.js';
import type { Declares } from './only.js';

export const fromLength = defineProcedure({
  id: 'centres-from-length',
  says: 'The centre distance at which the exact length of an open belt is that of the one entered, found between nearest and furthest',
  source: 'Open belt length (closed form)',
});

export const moveForBelt = defineProcedure({
  id: 'move-for-belt',
  says: 'The centre distance that the belt needs, less the one there is',
  source: 'Open belt length (closed form)',
});

/** Two wheels in order of size: which of them drives is nothing to the belt between them. */
export function smallerFirst(a: Figure<'mm'>, b: Figure<'mm'>): [Figure<'mm'>, Figure<'mm'>] {
  return a.known && b.known && a.value > b.value ? [b, a] : [a, b];
}

/**
 * Centre distance: as entered; otherwise as the belt that was entered needs it. Centres at which the wheels would run into each other, or to
 * which the belt cannot reach, are no centres: nothing that hangs on them is worked out.
 */
export function centresOf(centres: Figure<'mm'>, driver: Figure<'mm'>, driven: Figure<'mm'>, length: Figure<'mm'>): Figure<'mm'> {
  if (!driver.known || !driven.known) return centres;
  const least = (driver.value + driven.value) / 2;
  if (centres.known) {
    if (centres.value > least) return centres;
    return overlapping('pulleys', least, centres.value);
  }
  if (!length.known) return centres;
  const [small, large] = smallerFirst(driver, driven);
  if (!small.known || !large.known) return centres;
  const value = centresFromLength(small.value, large.value, length.value);
  if (value !== null && value > least)
    return solve('mm', fromLength, { d: small, D: large, L: length }, ({ d = 0, D = 0, L = 0 }) => centresFromLength(d, D, L) ?? Number.NaN);
  const needs = openBeltLength.compute({ d: small.value, D: large.value, C: least });
  return unknown(
    'mm',
    [],
    sentence('the belt cannot reach: it is {length} long, and round both pulleys, where they touch, it is {needs}', {
      length,
      needs: { value: needs, unit: 'mm' },
    }),
  );
}

/** A number too small for its millimetres, and large enough as inches, may have been meant as those. */
const inchesMeant = (least_mm: number, entered_mm: number): Sentence | string =>
  entered_mm * 25.4 > least_mm && entered_mm < 100 ? sentence('; were {number} inches meant', { number: entered_mm }) : '';

/** Wheels that would run into each other have no centre distance. @param least sum of their radii, mm */
export const overlapping = (wheels: 'pulleys' | 'sprockets', least: number, centres: number) =>
  unknown(
    'mm',
    [],
    sentence(`the ${wheels} overlap: their radii add up to {least}, the centres are {centres} apart{meant}`, {
      least: { value: least, unit: 'mm' },
      centres: { value: centres, unit: 'mm' },
      meant: inchesMeant(least, centres),
    }),
  );

/** A sixty-fourth of the span, as far as the deflection test pushes. */
export const testDeflection = (span: Figure<'mm'>): Figure<'mm'> =>
  scaled(span, 1 / 64, 'RMA and ISO 5292 practice: a sixty-fourth of the span, as far as the deflection test pushes');

/** How much further apart a belt needs its shafts than they are; below nought, how much nearer. */
export const moveFor = (small: Figure<'mm'>, large: Figure<'mm'>, length: Figure<'mm'>, centres: Figure<'mm'>): Figure<'mm'> =>
  solve(
    'mm',
    moveForBelt,
    { d: small, D: large, L: length, C: centres },
    ({ d = 0, D = 0, L = 0, C = 0 }) => (centresFromLength(d, D, L) ?? (d + D) / 2) - C,
  );

const length = (label: string, help: string, measure: string, accepts: readonly [number, number]) =>
  quantity(label, 'length', { accepts, bare: 'mm', how: 'measured', help, measure });

/** How far apart the shafts are, and how far the motor can be moved. */
export const shaftFields = {
  centres: length(
    'Centre distance',
    'From the middle of one shaft to the middle of the other.',
    'Over both shafts with a rule, less half of each shaft.',
    [10, 20_000],
  ),
  slotIn: length('Motor can move in by', 'Towards the other shaft: to slip the belt on.', 'Along the slot, from where the bolts are.', [0, 2_000]),
  slotOut: length(
    'Motor can move out by',
    'Away from the other shaft: to tighten the belt and follow its stretch.',
    'Along the slot, from where the bolts are.',
    [0, 2_000],
  ),
};

/** How tight a belt is, by whichever way it was found out. */
export const tensionFields = {
  tension: quantity('Tension as set', 'force', {
    accepts: [1, 20_000],
    bare: 'N',
    how: 'measured',
    help: 'Of one span of one belt at rest. Left out, it is worked out from deflection or tone, or taken as set by feel.',
    measure: 'By how far a push deflects a span, or by the tone of a plucked one.',
  }),
  push: quantity('Deflection force', 'force', {
    accepts: [0.5, 1_000],
    bare: 'N',
    how: 'measured',
    help: 'The finger test, with a scale: force on one belt, square to the span.',
    measure: 'Hook a spring scale round the belt at the middle of the span.',
  }),
  deflection: quantity('Deflection', 'length', {
    accepts: [0.5, 200],
    bare: 'mm',
    how: 'measured',
    help: 'How far the belt moves under that force.',
    measure: 'A rule against a straight edge over both pulleys.',
  }),
  tone: quantity('Tone of the plucked span', 'frequency', {
    accepts: [1, 500],
    bare: 'Hz',
    how: 'measured',
    help: 'The span hums like a string: the tighter, the higher.',
    measure: 'Pluck it, with a tuner on a telephone held near.',
  }),
};

/** How it was found out how tight the belt is. */
export interface SpanTension {
  readonly tension: Figure<'N'>;
  readonly push: Figure<'N'>;
  readonly deflection: Figure<'mm'>;
  readonly tone: Figure<'Hz'>;
}

const thumbSource = 'Common practice, no source: a belt set by thumb is within half of what it needs';

/**
 * Tension as it is: entered, by deflection, by tone; failing all, as set by feel.
 * @param span free length between the pulleys
 * @param m mass along the belt
 * @param needed tension that the design power needs
 */
export function tensionSet(
  { tension, push, deflection, tone }: SpanTension,
  span: Figure<'mm'>,
  m: Figure<'kg/m'>,
  needed: Figure<'N'>,
): Figure<'N'> {
  if (tension.known) return tension;
  if (push.known || deflection.known) return tensionFromPush({ F: push, q: deflection, s: span });
  if (tone.known) return tensionFromTone({ m, s: span, f: tone });
  return assumedTension({ u: unseen('1', [0.5, 1, 1.5], tension.missing[0] ?? '', thumbSource), F_n: needed });
}

/** Whether it is said in any way how tight the belt is. */
export const isTensionSaid = ({ tension, push, tone }: SpanTension): boolean => tension.known || push.known || tone.known;

/** What every open belt puts out. */
export const beltFigures = {
  'belt-speed': figure('Belt speed', 'rim-speed', 'Belt', { key: true }),
  wrap: figure('Wrap on the smaller pulley', 'angle', 'Belt'),
  'belt-length': figure('Belt length at these centres', 'length', 'Belt'),
  centres: figure('Centre distance for this belt', 'length', 'Belt'),
  'design-power': figure('Design power', 'power', 'Rating'),
  'good-for': figure('Power rating', 'power', 'Rating', { key: true }),
  'lasts-up-to': figure('Torque within the rating', 'torque', 'Rating'),
  'tension-needed': figure('Tension needed', 'force', 'Tension'),
  span: figure('Free span', 'length', 'Tension'),
  tension: figure('Tension as set', 'force', 'Tension', { key: true }),
  'push-for-it': figure('Deflection force at the tension needed', 'force', 'Tension'),
  'tone-for-it': figure('Tone at the tension needed', 'frequency', 'Tension'),
  'shaft-pull': figure('Pull on each shaft', 'force', 'Tension'),
} as const satisfies FigureOutputs;

const tightSource =
  'Common practice, no source: from one and a half times what a belt needs at its full rating it only loads bearings, from twice that it wears them and itself out';

/** How tight a belt is, from both sides; what slips is a check of its own. */
export const tensionChecks = (source: string) =>
  ({
    tension: {
      name: 'the tension as set',
      subject: 'how tight the belt is, measured by a push at mid-span or by its tone{span},',
      source: `${source}. ${tightSource}`,
      says: {
        holds: 'the belt is set to {needs} a span; it needs {needed}',
        close:
          'the belt is tighter than it needs: it is set to {needs} a span and needs {needed}, {full} at its full rating; the rest only loads the bearings',
        may: 'the belt may be far too tight: it is set to {needs} a span and needs {needed}, {full} at its full rating',
        fails:
          'the belt is far too tight: it is set to {needs} a span and needs {needed}, {full} at its full rating; that wears out bearings and belt',
      },
    },
    slack: {
      name: 'the tension of the belt',
      subject: 'whether the belt is slack',
      source,
      says: 'the belt is slacker than it needs: it is set to {has} a span and needs {needed}; it slips sooner, and wears',
    },
  }) as const satisfies Record<string, CheckOutput>;

const twice = fixed('1', 2, tightSource);
const nearly = fixed('1', 0.9, 'Common practice, no source: within a tenth a tension is as it is needed');

/**
 * Slack is close at worst: whether it slips is held by itself. Too tight fails from twice of what is needed. While nobody measured it, it is not known: as set by
 * feel it is what is needed times a guess, with nothing to hold against what is needed.
 * @param needed for what the work needs, and `full` for all that the belt is rated for: a belt that has little to do may be as tight as one that has much
 */
export function heldTension(
  inputs: SpanTension,
  set: Figure<'N'>,
  needed: Figure<'N'>,
  full: Figure<'N'>,
  { check }: Declares<Readonly<Record<never, never>>, ReturnType<typeof tensionChecks>>,
): Check[] {
  const most = full.known && needed.known ? picked('most', 'N', [needed, full]) : needed;
  const span = needed.known ? sentence(' ({needed} a span is needed)', { needed }) : '';
  const tells = { needed, full: most, span };
  const isSaid = isTensionSaid(inputs);
  const tight = check('tension', { has: scaled(most, twice, tightSource), needs: isSaid ? set : inputs.tension, tells });
  if (!isSaid || tight.verdict === 'fails') return [tight];
  const slack = noWorseThanClose(check('slack', { has: set, needs: scaled(needed, nearly, 'Within a tenth'), tells: { needed }, closeBelow: 0 }));
  // Slack by no more than what is not sure of the need it is not.
  return slack.verdict === 'close' && slack.margin && slack.margin.likely < 0 ? [slack] : [tight];
}

/** Centre distance where the belt decides it, wrap, exact length and free span of an open belt on two pulleys. */
export function beltShape(
  { centres: entered }: { readonly centres: Figure<'mm'> },
  driver: Figure<'mm'>,
  driven: Figure<'mm'>,
  centres: Figure<'mm'>,
  { note }: Declares<typeof beltFigures>,
) {
  if (!entered.known && centres.known) note('centres', centres);
  const [small, large] = smallerFirst(driver, driven);
  const wrap = note('wrap', arcOfContact({ d: small, D: large, C: centres }));
  const length = note('belt-length', openBeltLength({ d: small, D: large, C: centres }));
  return { small, large, wrap, length };
}
