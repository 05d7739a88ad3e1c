import { lengthSource, type VBeltSection, vBeltSections } from '../../../catalog/v-belts.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, highEnd, lowEnd, scaled, unseen } from '../../../figure/figure.js';
import { beltsNeeded } from '../../../formulas/belt/belts-needed.js';
import { liftOffSpeed } from '../../../formulas/belt/lift-off-speed.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { shaftPower } from '../../../formulas/power/shaft-power.js';
import { type Sentence, sentence } from '../../../wording/sentence.js';
import type { Duty } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { isShort, lasting, withLife } from '../../shared/life.js';
import { isTensionSaid, moveFor } from '../../shared/open-belt.js';
import { rowOf } from '../../shared/service-factor.js';
import { reachCheck, reaches, roomInward, roomOutward } from '../../shared/slot.js';
import { lifeOf } from './life.js';
import { liftSource, rimLimits, rimSource, smallSource, speedSource, stretchSource, type VBeltOutputs, wrapSource } from './outputs.js';
import { type Drive, oneGoodFor, type Rated } from './rating.js';
import type { Inputs } from './wheels.js';

/** A belt with what it has to transmit. */
export interface Loaded {
  readonly inputs: Inputs;
  readonly arriving: Port<'rotary'>;
  readonly duty: Duty;
  readonly context: Context<VBeltOutputs>;
  readonly drive: Drive;
  readonly rated: Rated;
  readonly K_s: Figure<'1'>;
  readonly driver: Figure<'mm'>;
  readonly driven: Figure<'mm'>;
  readonly large: Figure<'mm'>;
  readonly centres: Figure<'mm'>;
  /** Pitch length of the belt that was entered. */
  readonly marked: Figure<'mm'>;
}

const speedCeiling = fixed('m/s', 30, speedSource);
const narrowCeiling = fixed('m/s', 42, speedSource);
const ribbedCeiling = fixed('m/s', 50, speedSource);
const ceilingOf = (section = ''): Figure<'m/s'> => (/^[SX]P/.test(section) ? narrowCeiling : /^P/.test(section) ? ribbedCeiling : speedCeiling);

/** By the material of the pulleys; while that is not said, from the weakest to the strongest. */
function rimCeiling({ is, field }: Inputs['material']): Figure<'m/s'> {
  return is ? fixed('m/s', rimLimits[is], rimSource) : unseen('m/s', [rimLimits.plastic, rimLimits.iron, rimLimits.steel], field, rimSource);
}
const leastWrap = fixed('rad', Math.PI / 2, wrapSource);

/** What hangs on its shape and speed alone. */
export function geometryChecks({ inputs, arriving, context, drive, driver, large, marked, centres }: Loaded): Check[] {
  const { note, check } = context;
  const fastest = note('highest-belt-speed', rimSpeed({ d: driver, n: arriving.top }));
  const checks: Check[] = [check('speed', { has: ceilingOf(drive.section), needs: fastest }), check('wrap', { has: drive.wrap, needs: leastWrap })];
  const rim = check('rim', { has: rimCeiling(inputs.material), needs: fastest });
  // Told only where it does not hold: the belt is mostly slower than its pulleys are safe.
  if (rim.verdict !== 'holds' && fastest.known) checks.push(rim);
  if (drive.section) checks.push(smallPulley(drive.section, drive.small, context));
  const off = moveFor(drive.small, large, marked, inputs.centres.known ? centres : inputs.centres);
  if (inputs.centres.known && marked.known && centres.known) checks.push(reaches(off, inputs, context, `${reachCheck.source}. ${lengthSource}`));
  checks.push(...roomFor(inputs, marked, off, context));
  return checks;
}

/** Under the standard's least diameter salvage practice still runs a belt, at reduced life: a warning, no refusal. */
function smallPulley(section: VBeltSection, small: Figure<'mm'>, { check }: Context<VBeltOutputs>): Check {
  const { least_mm, salvage_mm } = vBeltSections[section];
  const standard = small.known && lowEnd(small) >= least_mm - 1e-9;
  return check('small-pulley', {
    has: small,
    needs: fixed('mm', standard ? least_mm * 0.8 : salvage_mm, smallSource),
    best: standard ? undefined : 'close',
    tells: { section, least: { value: least_mm, unit: 'mm' }, life: standard ? '' : ': it runs, and the belt lasts less long' },
  });
}

/** Room inward to lift the belt over the rim, and outward to follow its stretch, from where the belt needs the motor. */
function roomFor(
  { slotIn, slotOut, section: { is: section } }: Inputs,
  marked: Figure<'mm'>,
  off: Figure<'mm'>,
  { check }: Context<VBeltOutputs>,
): Check[] {
  if (!section || !(slotIn.known || slotOut.known)) return [];
  const out = check('room-out', { has: roomOutward(slotOut, off), needs: scaled(marked, 0.01, stretchSource) });
  // What is missing is said once.
  if (out.verdict === 'unknown') return [out];
  return [check('room-in', { has: roomInward(slotIn, off), needs: fixed('mm', 1.5 * vBeltSections[section].height_mm, liftSource) }), out];
}

/** Torque at which it slips at the driven pulley, as it runs and at rest. */
export interface Slipping {
  readonly running: Figure<'N·m'>;
  readonly atRest: Figure<'N·m'>;
  /** As it runs, at the driving pulley. */
  readonly atDriver: Figure<'N·m'>;
}

/** What hangs on the load: how long it lasts by the rating, whether it slips at the tension as set. */
export function loadChecks(
  loaded: Loaded,
  section: VBeltSection,
  design: Figure<'W'>,
  set: Figure<'N'>,
  { running, atRest, atDriver }: Slipping,
): Check[] {
  const { inputs, duty, context, rated } = loaded;
  const { note, check } = context;
  const school = inputs.school.is ?? 'older';
  const { older, newer } = rated.good;
  const [chosen, other] = school === 'older' ? [older, newer] : [newer, older];
  // A section that only one of the two rates is judged by that one.
  const has = note('good-for', chosen.known || !other.known ? chosen : other);
  const one = oneGoodFor(rated, chosen.known || !other.known ? school : otherThan(school));
  note('belts-needed', beltsNeeded({ P_d: design, P_1: one }));
  const differ = chosen.known && other.known && Math.abs(other.value / chosen.value - 1) > 0.15;
  if (differ) note('good-for-other-school', other);
  const must = inputs.hours.known ? inputs.hours : duty.mustLast;
  const life = isShort(has, design) ? note('expected-life', lifeOf(loaded, design, set)) : null;
  return [
    withLife(
      life,
      must,
      check('belts', {
        has,
        needs: design,
        tells: {
          life: lasting(life, must),
          factor: loaded.K_s,
          factorOf: rowOf(duty),
          other: differ ? sentence('; the {school} standard rates it for {power}', { school: otherThan(school), power: other }) : '',
        },
        source: `Rating of section ${section} by the ${school} standard, arc and length factor (Shigley’s Mechanical Engineering Design, ch. 17). It says how long the belt lasts, not when it slips`,
      }),
    ),
    check('slip', { has: running, needs: duty.torqueBehind, tells: { heat: slipHeat(loaded, atDriver) } }),
    ...liftsOff(loaded, set),
    ...slipsAtStart(atRest, loaded),
  ];
}

/** What a belt that stands still on a turning pulley makes of the power: heat. */
function slipHeat({ arriving }: Loaded, atDriver: Figure<'N·m'>): Sentence | string {
  const P = shaftPower({ T: atDriver, n: arriving.flow });
  return P.known ? sentence('; while it does, up to {P} goes into heat at the pulley', { P: { value: highEnd(P), unit: 'W' } }) : '';
}

/** Told only where it lifts off, or nearly: how tight it is must have been said. */
function liftsOff({ inputs, context: { note, check }, drive, driver, arriving }: Loaded, F_i: Figure<'N'>): Check[] {
  if (!isTensionSaid(inputs)) return [];
  const has = note('lifts-off-at', liftOffSpeed({ F_i, m: drive.m }));
  const flies = check('flies', { has, needs: rimSpeed({ d: driver, n: arriving.top }) });
  return flies.verdict === 'holds' || flies.verdict === 'unknown' ? [] : [flies];
}

/** Told only where it slips, or may: at work it mostly has less to spare. */
function slipsAtStart(atRest: Figure<'N·m'>, { duty, context }: Loaded): Check[] {
  const start = context.check('slip-start', { has: atRest, needs: duty.breakawayBehind });
  return start.margin && start.margin.worst < 0 && start.verdict !== 'unknown' ? [start] : [];
}

const otherThan = (school: 'older' | 'newer') => (school === 'older' ? 'newer' : 'older');
