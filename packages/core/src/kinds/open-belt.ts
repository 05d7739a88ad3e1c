import { type Check, hold, type Labels } from '../checks/check.js';
import { type Figure, fixed, flag, unknown } from '../figure/figure.js';
import { defineProcedure, solve } from '../figure/formula.js';
import { assumedTension } from '../formulas/belt/assumed-tension.js';
import { openBeltLength } from '../formulas/belt/open-belt-length.js';
import { tensionFromPush } from '../formulas/belt/tension-from-push.js';
import { tensionFromTone } from '../formulas/belt/tension-from-tone.js';
import { centresFromLength } from '../geometry/centres-from-length.js';
import { show } from '../quantity/show.js';
import { quantity } from './fields.js';
import type { Context } from './kind.js';

export const sixtyFourthOfSpan = defineProcedure({
  id: 'sixty-fourth',
  says: 'A sixty-fourth of the span, as far as the finger test pushes',
  source: 'RMA and ISO 5292 practice',
});

export const fromLength = defineProcedure({
  id: 'centres-from-length',
  says: 'The centre distance at which the exact length of an open belt is that of the one entered, found between nearest and furthest',
  source: 'Open belt length (closed form)',
});

export const moveForBelt = defineProcedure({
  id: 'move-for-belt',
  says: 'The centre distance that the belt wants, less the one there is',
  source: 'Open belt length (closed form)',
});

/** Two wheels in order of size: which of them drives is nothing to the belt between them. */
export function smallerFirst(a: Figure<'mm'>, b: Figure<'mm'>): [Figure<'mm'>, Figure<'mm'>] {
  return a.known && b.known && a.value > b.value ? [b, a] : [a, b];
}

/**
 * Where the shafts stand: as entered; otherwise as the belt that was entered wants them. Centres at which the wheels would run into each other, or to
 * which the belt cannot reach, are no centres: nothing that hangs on them is worked out.
 */
export function centresOf(centres: Figure<'mm'>, driver: Figure<'mm'>, driven: Figure<'mm'>, length: Figure<'mm'>, { units }: Labels): Figure<'mm'> {
  if (!driver.known || !driven.known) return centres;
  const least = (driver.value + driven.value) / 2;
  if (centres.known) {
    if (centres.value > least) return centres;
    return unknown(
      'mm',
      [],
      `the pulleys overlap: their radii add up to ${show(least, 'mm', units)}, the centres are ${show(centres.value, 'mm', units)} apart`,
    );
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
    `the belt cannot reach: it is ${show(length.value, 'mm', units)} long, and ${show(needs, 'mm', units)} goes round both pulleys where they touch`,
  );
}

/** Where a belt wants its motor, less where it stands. */
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
    help: 'Of one span of one belt at rest. Left out, it is reckoned from push or tone, or taken as set by feel.',
    measure: 'By push or tone below.',
  }),
  push: quantity('Push at mid span', 'force', {
    accepts: [0.5, 1_000],
    bare: 'N',
    how: 'measured',
    help: 'The finger test, with a scale: force on one belt, square to the span.',
    measure: 'Hook a spring scale round the belt at the middle of the span.',
  }),
  gives: quantity('It gives by', 'length', {
    accepts: [0.5, 200],
    bare: 'mm',
    how: 'measured',
    help: 'How far the belt moves under that push.',
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
  readonly gives: Figure<'mm'>;
  readonly tone: Figure<'Hz'>;
}

const byFeel = fixed('1', 1, 'Common practice, no source: a belt set by thumb is within half of what was wanted', [0.5, 1.5], flag.estimated);

/** Tension as it is: entered, by push, by tone; failing all, as set by feel. */
export function tensionSet({ tension, push, gives, tone }: SpanTension, span: Figure<'mm'>, m: Figure<'kg/m'>, wanted: Figure<'N'>): Figure<'N'> {
  if (tension.known) return tension;
  if (push.known || gives.known) return tensionFromPush({ F: push, q: gives, s: span });
  if (tone.known) return tensionFromTone({ m, s: span, f: tone });
  return assumedTension({ u: byFeel, F_w: wanted });
}

/** Whether it is said in any way how tight the belt is. */
export const isTensionSaid = ({ tension, push, tone }: SpanTension): boolean => tension.known || push.known || tone.known;

/** Slack against what the design power wants; too tight shows in the pull on the bearing. */
export function tight(set: Figure<'N'>, wanted: Figure<'N'>, source: string, { path, label }: Context): Check {
  return hold({
    id: `${path}/check-tension`,
    at: path,
    subject: 'Whether the belt is tight enough',
    has: set,
    needs: wanted,
    says: ({ has, needs, verdict }) => `The belt is set to ${has} a span${verdict === 'gives' ? ', too slack' : ''}; ${needs} is wanted`,
    source,
    label,
  });
}
