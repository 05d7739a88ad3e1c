import { lengthSource, type VBeltSection, vBeltSections } from '../../../catalog/v-belts.js';
import { type Check, hold } from '../../../checks/check.js';
import { type Figure, fixed } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { beltsNeeded } from '../../../formulas/belt/belts-needed.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { show, showShare } from '../../../quantity/show.js';
import type { Context, Duty, Rotary } from '../../kind.js';
import { moveFor } from '../../open-belt.js';
import { distance, roomLeft, roomTowards } from '../../slot.js';
import { type Drive, oneGoodFor, type Rated } from './carries.js';
import type { Inputs } from './wheels.js';

export const onePerCent = defineProcedure({
  id: 'one-per-cent',
  says: 'A hundredth of the belt’s length',
  source: 'Common practice, no source: what a V-belt stretches in its life',
});

/** A belt with what is asked of it. */
export interface Loaded {
  readonly inputs: Inputs;
  readonly arriving: Rotary;
  readonly duty: Duty;
  readonly context: Context;
  readonly drive: Drive;
  readonly rated: Rated;
  readonly driver: Figure<'mm'>;
  readonly large: Figure<'mm'>;
  readonly centres: Figure<'mm'>;
  readonly marked: Figure<'mm'>;
}

export const tensionSource = 'Wedge friction at the tension as set, mean tension held by fixed centres (closed form)';
const speedSource = 'Common practice, no source: makers of classical V-belts allow up to about 30 m/s (from memory)';
const wrapSource = 'Common practice, no source: keep at least 120° on the smaller pulley';
const smallSource =
  'Least pitch diameter of the section (ISO 4184, from memory); salvage practice runs smaller ones at reduced life (common practice, no source)';
const speedCeiling = fixed('m/s', 30, speedSource);
const leastWrap = fixed('rad', (120 * Math.PI) / 180, wrapSource);

/** What hangs on its shape and speed alone. */
export function geometryChecks({ inputs, arriving, context, drive, driver, large, marked, centres }: Loaded): Check[] {
  const { path, label, note } = context;
  const top = note('highest-belt-speed', rimSpeed({ d: driver, n: arriving.top }));
  const checks: Check[] = [
    hold({
      id: `${path}/check-speed`,
      at: path,
      label,
      subject: 'Belt speed',
      has: speedCeiling,
      needs: top,
      says: ({ needs, has }) => `Belt runs at up to ${needs}; ${has} is the ceiling`,
      source: speedSource,
    }),
    hold({
      id: `${path}/check-wrap`,
      at: path,
      label,
      subject: 'Wrap on the smaller pulley',
      has: drive.wrap,
      needs: leastWrap,
      says: ({ needs, has }) => `Wrap on the smaller pulley is ${has}; below ${needs} it slips early`,
      source: wrapSource,
    }),
  ];
  if (drive.section) checks.push(smallPulley(drive.section, drive.small, context));
  if (inputs.centres.known && marked.known && centres.known) {
    const off = moveFor(drive.small, large, marked, centres);
    checks.push(reaches(inputs, off, context), ...roomFor(inputs, marked, off, context));
  }
  return checks;
}

/** Under the standard's least diameter salvage practice still runs a belt, at reduced life: a warning, no refusal. */
function smallPulley(section: VBeltSection, small: Figure<'mm'>, { path, label }: Context): Check {
  const { least_mm, salvage_mm } = vBeltSections[section];
  const standard = small.known && small.value >= least_mm - 1e-9;
  return hold({
    id: `${path}/check-small-pulley`,
    at: path,
    subject: 'Size of the smaller pulley',
    has: small,
    needs: fixed('mm', standard ? least_mm * 0.8 : salvage_mm, smallSource),
    says: ({ has, verdict }) => {
      if (standard) return `The smaller pulley is ${has}; the standard’s least for ${section} is ${show(least_mm, 'mm', label.units)}`;
      const so =
        verdict === 'gives' ? `even salvage practice stops at ${show(salvage_mm, 'mm', label.units)}` : 'it runs, and the belt lives less long';
      return `The smaller pulley is ${has}, under the standard’s least of ${show(least_mm, 'mm', label.units)} for ${section}: ${so}`;
    },
    source: smallSource,
    label,
    ...(standard ? {} : { best: 'close' as const }),
  });
}

/** The belt that was entered against the slot: where it wants the motor, and where the motor can go. */
function reaches(inputs: Inputs, off: Figure<'mm'>, { path, label }: Context): Check {
  const way = off.known && off.value < 0 ? 'in' : 'out';
  return hold({
    id: `${path}/check-reach`,
    at: path,
    subject: 'Whether the belt fits the slot',
    has: roomTowards(off, inputs.slotIn, inputs.slotOut),
    needs: distance(off),
    says: ({ has, needs }) => `The belt wants the motor ${needs} further ${way}; the slot lets it move ${has}`,
    source: `Open belt length turned round (closed form). ${lengthSource}`,
    label,
  });
}

/** Room inward to lift the belt over the rim, and outward to follow its stretch, from where the belt wants the motor. */
function roomFor({ slotIn, slotOut, section: { is: section } }: Inputs, marked: Figure<'mm'>, off: Figure<'mm'>, { path, label }: Context): Check[] {
  if (!section || !slotIn.known || !slotOut.known) return [];
  const lift = 'Common practice, no source: one and a half times the belt’s height to lift it over the rim';
  const stretch = 'Common practice, no source: one per cent of the belt’s length to follow its stretch';
  return [
    hold({
      id: `${path}/check-room-in`,
      at: path,
      subject: 'Room to slip the belt on',
      has: solve('mm', roomLeft, { room: slotIn, off }, ({ room = 0, off: by = 0 }) => room + by),
      needs: fixed('mm', 1.5 * vBeltSections[section].height_mm, lift),
      says: ({ has, needs }) => `With this belt on, the motor can still move ${has} in; ${needs} lifts the belt over the rim`,
      source: lift,
      label,
    }),
    hold({
      id: `${path}/check-room-out`,
      at: path,
      subject: 'Room for the belt’s stretch',
      has: solve('mm', roomLeft, { room: slotOut, off }, ({ room = 0, off: by = 0 }) => room - by),
      needs: solve('mm', onePerCent, { L: marked }, ({ L = 0 }) => L / 100),
      says: ({ has, needs }) => `With this belt on, the motor can still move ${has} out; its stretch wants ${needs}`,
      source: stretch,
      label,
    }),
  ];
}

/** What hangs on the load: how long it lasts by the rating, whether it slips at the tension as set. */
export function loadChecks({ inputs, duty, context, rated }: Loaded, section: VBeltSection, design: Figure<'W'>, running: Figure<'N·m'>): Check[] {
  const { path, label, note } = context;
  const school = inputs.school.is ?? 'older';
  const { older, newer } = rated.good;
  const [chosen, other] = school === 'older' ? [older, newer] : [newer, older];
  // A section that only one of the two rates is judged by that one.
  const has = note('good-for', chosen.known || !other.known ? chosen : other);
  const one = oneGoodFor(rated, chosen.known || !other.known ? school : school === 'older' ? 'newer' : 'older');
  note('belts-needed', beltsNeeded({ P_d: design, P_1: one }));
  const differ = chosen.known && other.known && Math.abs(other.value / chosen.value - 1) > 0.15;
  if (differ) note('good-for-other-school', other);
  const also = differ && other.known ? `; the ${school === 'older' ? 'newer' : 'older'} standard says ${show(other.value, 'W', label.units)}` : '';
  return [
    hold({
      id: `${path}/check-belts`,
      at: path,
      subject: 'What the belt is good for',
      has,
      needs: design,
      says: ({ has: good, needs }) => `Belt is good for ${good}; the work asks ${needs} with its shock${also}`,
      source: `Rating of section ${section} by the ${school} standard, arc and length factor (Shigley’s Mechanical Engineering Design, ch. 17). It says how long it lasts, not when it slips`,
      label,
    }),
    hold({
      id: `${path}/check-slip`,
      at: path,
      subject: 'Whether the belt slips at work',
      has: running,
      needs: duty.torque,
      says: ({ has: slips, needs, margin }) =>
        margin.worst < 0 && margin.likely > 0
          ? `Belt may slip at work: at the tension it is likely set to it carries ${slips} at the driving pulley, ${needs} is asked`
          : `Belt slips at ${slips} at the driving pulley; the work asks ${needs}, at worst ${showShare(margin.worst)} is left`,
      source: tensionSource,
      label,
    }),
  ];
}
