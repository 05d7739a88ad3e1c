import { type TimingProfile, timingLengths, timingRow, timingSizeSource } from '../../../catalog/timing-belts.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, lowEnd, picked } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { travelForStrain } from '../../../geometry/travel-for-strain.js';
import type { Duty } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { moveFor } from '../../shared/open-belt.js';
import { rowOf } from '../../shared/service-factor.js';
import { reaches, roomOutward } from '../../shared/slot.js';
import { fastSource, meshSource, strainSource, type TimingBeltOutputs, teethSource, wholeSource } from './outputs.js';
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

/** A belt with what it has to transmit. */
export interface Loaded {
  readonly inputs: Inputs;
  readonly duty: Duty;
  readonly arriving: Port<'rotary'>;
  readonly context: Context<TimingBeltOutputs>;
  readonly driver: Figure<'mm'>;
  readonly small: Figure<'mm'>;
  readonly large: Figure<'mm'>;
  readonly centres: Figure<'mm'>;
  /** Pitch length of the belt that was entered. */
  readonly length: Figure<'mm'>;
  readonly v: Figure<'m/s'>;
  readonly wrap: Figure<'rad'>;
  readonly mesh: Figure<'1'>;
  /** Torque at which it jumps at rest. */
  readonly atRest: Figure<'N·m'>;
  readonly rated: { readonly good: Figure<'W'>; readonly design: Figure<'W'>; readonly running: Figure<'N·m'>; readonly K_s: Figure<'1'> };
}

/** Told only where it jumps, or may: at work it mostly has less to spare. */
function jumpsAtStart({ duty, atRest, context: { check } }: Loaded): Check[] {
  const start = check('jump-start', { has: atRest, needs: duty.breakaway });
  return start.margin && start.margin.worst < 0 && start.verdict !== 'unknown' ? [start] : [];
}

const fewestInMesh = fixed('1', 3, meshSource);
const atWork = fixed('1', 0.0015, strainSource, [0.001, 0.002]);

/** What hangs on its shape alone. */
export function shapeChecks(loaded: Loaded): Check[] {
  const { inputs, context, small, large, centres, length, mesh } = loaded;
  const { check, note } = context;
  const profile = inputs.profile.is;
  const few = picked('least', '1', [inputs.z1, inputs.z2]);
  const checks: Check[] = [
    ...(profile ? [tooFast(profile, loaded)] : []),
    check('mesh', { has: mesh, needs: fewestInMesh, best: mesh.known && mesh.value >= 6 ? undefined : 'close' }),
  ];
  if (profile) checks.push(fewTeeth(profile, few, context));
  if (profile && inputs.belt.known) checks.push(whole(profile, inputs.belt, context));
  if (inputs.centres.known && length.known && centres.known) {
    const off = moveFor(small, large, length, centres);
    checks.push(reaches(off, inputs, context));
    const strained = { d: small, D: large, L: length, e: atWork };
    const travel = solve('mm', tightensOver, strained, ({ d = 0, D = 0, L = 0, e = 0 }) => travelForStrain(d, D, L, e) ?? Number.NaN);
    const tightens = note('tightens-over', travel);
    if (inputs.slotOut.known) checks.push(check('room-out', { has: roomOutward(inputs.slotOut, off), needs: tightens }));
  }
  return checks;
}

function tooFast(profile: TimingProfile, { driver, arriving, context: { check } }: Loaded): Check {
  return check('speed', { has: fixed('m/s', timingRow(profile).most_m_s, fastSource), needs: rimSpeed({ d: driver, n: arriving.top }) });
}

function fewTeeth(profile: TimingProfile, few: Figure<'1'>, { check }: Context<TimingBeltOutputs>): Check {
  const { least, says } = timingRow(profile);
  const enough = few.known && lowEnd(few) >= least;
  // As many as the profile needs are enough: they are not close to too few.
  return check('teeth', { has: few, needs: fixed('1', enough ? least * 0.8 : least, teethSource), tells: { profile: says, least } });
}

/** The mark that was entered against whole teeth, and against the standard lengths. */
function whole(profile: TimingProfile, belt: Figure<'mm'> & { known: true }, { check }: Context<TimingBeltOutputs>): Check {
  const { pitch_mm, says } = timingRow(profile);
  const pitches = belt.value / pitch_mm;
  const standard = timingLengths[profile];
  const teeth = Math.round(pitches);
  const unlisted = standard !== undefined && !standard.includes(teeth);
  const p = fixed('mm', pitch_mm, timingSizeSource);
  return check('whole', {
    has: fixed('1', 0.25, wholeSource),
    needs: solve('1', offAPitch, { L: belt, p }, ({ L = 0, p: pitch = 1 }) => Math.abs(L / pitch - Math.round(L / pitch))),
    source: standard ? `${wholeSource}; standard lengths by ISO 5296 (from memory)` : wholeSource,
    tells: { teeth, pitches, profile: says, near: unlisted ? near(standard, teeth) : 'this length too' },
    // What is not on the list may be had from a maker all the same.
    ...(unlisted ? { best: 'close' as const } : { closeBelow: 0 }),
  });
}

const near = (standard: readonly number[], teeth: number): string =>
  [standard.findLast((each) => each < teeth), standard.find((each) => each > teeth)].filter((each) => each !== undefined).join(' or ');

/** What hangs on the load: how long it lasts by the rating, whether it jumps at the tension as set. */
export function loadChecks(loaded: Loaded): Check[] {
  const {
    inputs,
    duty,
    context: { check },
    rated: { good, design, running, K_s },
  } = loaded;
  const source = `Rating of ${inputs.profile.is} by width, speed and teeth in mesh (ISO 5295, from memory). It says how long the belt lasts, not when it jumps`;
  return [
    check('rating', { has: good, needs: design, source, tells: { factor: K_s, factorOf: rowOf(duty) } }),
    check('jump', { has: running, needs: duty.torque }),
    ...jumpsAtStart(loaded),
  ];
}
