import { type TimingProfile, timingLengths, timingRow, timingSizeSource } from '../../../catalog/timing-belts.js';
import { type Check, hold } from '../../../checks/check.js';
import { type Figure, fixed, picked } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { travelForStrain } from '../../../geometry/travel-for-strain.js';
import { showNumber, showShare } from '../../../quantity/show.js';
import type { Context, Duty, Rotary } from '../../kind.js';
import { moveFor } from '../../open-belt.js';
import { distance, roomLeft, roomTowards } from '../../slot.js';
import type { Inputs } from './shape.js';

export const offAPitch = defineProcedure({
  id: 'off-a-pitch',
  says: 'How far the marked length is from a whole number of pitches, in pitches',
  source: 'Closed form',
  turns: ['L', 'p'],
});

export const tightensOver = defineProcedure({
  id: 'tightens-over',
  says: 'The centre distance of a belt longer by its strain at work, less that of the belt slack-free',
  source: 'Open belt length (closed form); common practice, no source: 0.1 to 0.2 % with glass cords',
});

/** A belt with what is asked of it. */
export interface Loaded {
  readonly inputs: Inputs;
  readonly duty: Duty;
  readonly arriving: Rotary;
  readonly context: Context;
  readonly driver: Figure<'mm'>;
  readonly small: Figure<'mm'>;
  readonly large: Figure<'mm'>;
  readonly centres: Figure<'mm'>;
  /** Pitch length of the belt that was entered. */
  readonly length: Figure<'mm'>;
  readonly v: Figure<'m/s'>;
  readonly wrap: Figure<'rad'>;
  readonly mesh: Figure<'1'>;
  readonly rated: { readonly good: Figure<'W'>; readonly design: Figure<'W'>; readonly running: Figure<'N·m'> };
}

const teethSource = 'Common practice, no source: fewest teeth by profile; fewer bend the cords too sharply';
const meshSource = 'ISO 5295 (from memory); common practice alike: six teeth carry in full, each one fewer costs a fifth';
const wholeSource = 'A belt has a whole number of teeth';
const strainSource = 'Common practice, no source: cords of glass work at 0.1 to 0.2 % of strain';
const atWork = fixed('1', 0.0015, strainSource, [0.001, 0.002]);

/** What hangs on its shape alone. */
export function shapeChecks({ inputs, context, small, large, centres, length, mesh }: Loaded): Check[] {
  const { path, label, note } = context;
  const profile = inputs.profile.is;
  const few = picked('least', '1', [inputs.z1, inputs.z2]);
  const checks: Check[] = [
    hold({
      id: `${path}/check-mesh`,
      at: path,
      label,
      subject: 'Teeth in mesh',
      has: mesh,
      needs: fixed('1', 3, meshSource),
      says: ({ has, verdict }) =>
        `${has} teeth are in mesh on the smaller pulley; ${verdict === 'holds' ? 'six carry in full' : 'six would carry in full, each one fewer costs a fifth'}`,
      source: meshSource,
      ...(mesh.known && mesh.value >= 6 ? {} : { best: 'close' as const }),
    }),
  ];
  if (profile) checks.push(fewTeeth(profile, few, context));
  if (profile && inputs.belt.known) checks.push(...whole(profile, inputs, context));
  if (inputs.centres.known && length.known && centres.known) {
    const off = moveFor(small, large, length, centres);
    checks.push(reaches(inputs, off, context));
    const tightens = note(
      'tightens-over',
      solve(
        'mm',
        tightensOver,
        { d: small, D: large, L: length, e: atWork },
        ({ d = 0, D = 0, L = 0, e = 0 }) => travelForStrain(d, D, L, e) ?? Number.NaN,
      ),
    );
    if (inputs.slotOut.known) checks.push(roomToTighten(inputs.slotOut, off, tightens, context));
  }
  return checks;
}

const fewTeeth = (profile: TimingProfile, few: Figure<'1'>, { path, label }: Context): Check => {
  const { least, says: name } = timingRow(profile);
  const enough = few.known && few.value >= least;
  return hold({
    id: `${path}/check-teeth`,
    at: path,
    label,
    subject: 'Teeth of the smaller pulley',
    has: few,
    // As many as the profile wants are enough: they are not close to too few.
    needs: fixed('1', enough ? least * 0.8 : least, teethSource),
    says: ({ has }) => `The smaller pulley has ${has} teeth; ${name} wants ${least}${enough ? '' : ' or more, or its cords break early'}`,
    source: teethSource,
  });
};

/** The mark that was entered against whole teeth, and against what is on sale. */
function whole(profile: TimingProfile, { belt }: Inputs, { path, label }: Context): Check[] {
  const { pitch_mm, says: name } = timingRow(profile);
  if (!belt.known) return [];
  const pitches = belt.value / pitch_mm;
  const sold = timingLengths[profile];
  const teeth = Math.round(pitches);
  const known = sold?.includes(teeth);
  const off = solve('1', offAPitch, { L: belt, p: fixed('mm', pitch_mm, timingSizeSource) }, ({ L = 0, p = 1 }) =>
    Math.abs(L / p - Math.round(L / p)),
  );
  return [
    hold({
      id: `${path}/check-whole`,
      at: path,
      label,
      subject: 'Whether there is such a belt',
      has: fixed('1', 0.25, wholeSource),
      needs: off,
      says: ({ verdict }) =>
        verdict === 'gives'
          ? `A belt of that length would have ${showNumber(pitches)} teeth: there is none in ${name}`
          : `The belt has ${teeth} teeth${sold && !known ? `; ${name} belts on sale have ${near(sold, teeth)}` : ''}`,
      source: sold ? `${wholeSource}; lengths on sale by ISO 5296 (from memory)` : wholeSource,
      // What is not on the list may be had from a maker all the same.
      ...(sold && !known ? { best: 'close' as const } : { closeBelow: 0 }),
    }),
  ];
}

const near = (sold: readonly number[], teeth: number): string =>
  [sold.findLast((each) => each < teeth), sold.find((each) => each > teeth)].filter((each) => each !== undefined).join(' or ');

function reaches({ slotIn, slotOut }: Inputs, off: Figure<'mm'>, { path, label }: Context): Check {
  const way = off.known && off.value < 0 ? 'in' : 'out';
  return hold({
    id: `${path}/check-reach`,
    at: path,
    label,
    subject: 'Whether the belt fits the slot',
    has: roomTowards(off, slotIn, slotOut),
    needs: distance(off),
    says: ({ has, needs }) => `The belt wants the motor ${needs} further ${way}; the slot lets it move ${has}`,
    source: 'Open belt length turned round (closed form)',
  });
}

function roomToTighten(slotOut: Figure<'mm'>, off: Figure<'mm'>, tightens: Figure<'mm'>, { path, label }: Context): Check {
  return hold({
    id: `${path}/check-room-out`,
    at: path,
    label,
    subject: 'Room to tighten the belt',
    has: solve('mm', roomLeft, { room: slotOut, off }, ({ room = 0, off: by = 0 }) => room - by),
    needs: tightens,
    says: ({ has, needs }) => `With this belt on, the motor can still move ${has} out; ${needs} tightens it from slack to its tension at work`,
    source: strainSource,
  });
}

/** What hangs on the load: how long it lasts by the rating, whether it jumps at the tension as set. */
export function loadChecks({ inputs, duty, context, rated: { good, design, running } }: Loaded): Check[] {
  const { path, label } = context;
  return [
    hold({
      id: `${path}/check-rating`,
      at: path,
      label,
      subject: 'What the belt is good for',
      has: good,
      needs: design,
      says: ({ has, needs }) => `Belt is good for ${has}; the work asks ${needs} with its shock`,
      source: `Rating of ${inputs.profile.is} by width, speed and teeth in mesh (ISO 5295, from memory). It says how long it lasts, not when it jumps`,
    }),
    hold({
      id: `${path}/check-jump`,
      at: path,
      label,
      subject: 'Whether the belt jumps at work',
      has: running,
      needs: duty.torque,
      says: ({ has, needs, margin }) =>
        margin.worst < 0 && margin.likely > 0
          ? `Belt may jump teeth at work: at the tension it is likely set to it holds ${has} at the driving pulley, ${needs} is asked`
          : `Belt jumps at ${has} at the driving pulley; the work asks ${needs}, at worst ${showShare(margin.worst)} is left`,
      source: 'Balance of the spans at the tension as set, between fixed centres (closed form)',
    }),
  ];
}
