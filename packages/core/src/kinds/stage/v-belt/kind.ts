import { lengthSource, serviceSource, type VBeltSection, vBeltSections } from '../../../catalog/v-belts.js';
import { type Check, hold } from '../../../checks/check.js';
import { type Figure, fixed, flag, type Known, known, unknown } from '../../../figure/figure.js';
import { arcOfContact } from '../../../formulas/belt/arc-of-contact.js';
import { beltHeatingTime } from '../../../formulas/belt/belt-heating.js';
import { beltSlipTorque } from '../../../formulas/belt/belt-slip-torque.js';
import { beltsNeeded } from '../../../formulas/belt/belts-needed.js';
import { centrifugalTension } from '../../../formulas/belt/centrifugal-tension.js';
import { lastingTorque } from '../../../formulas/belt/lasting-torque.js';
import { openBeltLength } from '../../../formulas/belt/open-belt-length.js';
import { pulleyRatio } from '../../../formulas/belt/pulley-ratio.js';
import { pushForTension } from '../../../formulas/belt/push-for-tension.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { shaftPull } from '../../../formulas/belt/shaft-pull.js';
import { spanLength } from '../../../formulas/belt/span-length.js';
import { tensionRatio } from '../../../formulas/belt/tension-ratio.js';
import { toneForTension } from '../../../formulas/belt/tone-for-tension.js';
import { wedgeFriction } from '../../../formulas/belt/wedge-friction.js';
import { carriedTorque } from '../../../formulas/transmission/carried-torque.js';
import { drivenSpeed } from '../../../formulas/transmission/driven-speed.js';
import { centresFromLength } from '../../../geometry/centres-from-length.js';
import { show, showShare } from '../../../quantity/show.js';
import { hubLimit, hubOf } from '../../hub-fixing.js';
import type { Candidate, Context, Duty, Held, Limit, Rotary, StageKind, StageOutline } from '../../kind.js';
import { type Drive, designFor, goodFor, massOf, ratingOf, serviceFactor, tensionSet, tensionWanted } from './carries.js';
import { vBeltHead } from './fields.js';
import { beltPitchLength, centresOf, groove, type Inputs, pitchDiameters, pulleyInertia, smallerFirst, stockNear } from './wheels.js';

/** Pulley diameters to try next, mm: ISO 4183 series (from memory). */
const stock_mm = [
  50, 56, 63, 71, 75, 80, 85, 90, 95, 100, 106, 112, 118, 125, 132, 140, 150, 160, 180, 200, 224, 250, 280, 315, 355, 400, 450, 500,
] as const;

const speedSource = 'Common practice, no source: makers of classical V-belts allow up to about 30 m/s (from memory)';
const wrapSource = 'Common practice, no source: keep at least 120° on the smaller pulley';
const smallSource =
  'Least pitch diameter of the section (ISO 4184, from memory); salvage practice runs smaller ones at reduced life (common practice, no source)';
const tensionSource = 'Wedge friction at the tension as set, mean tension held by fixed centres (closed form)';
const speedCeiling = fixed('m/s', 30, speedSource);
const leastWrap = fixed('rad', (120 * Math.PI) / 180, wrapSource);
const still = fixed('N', 0, 'In a jam the belt all but stands still: nothing holds it off the pulley');
const one = fixed('1', 1, 'No slip counted: the fastest it can turn');
const single = fixed('1', 1, 'One belt');
const rubber = fixed('1', 1750, 'Rubber 1500 to 2000 J/(kg·K) (handbooks)', [1500, 2000]);
const toGlaze = fixed('K', 80, 'Common practice, no source: 60 to 100 K above the shed before a belt glazes', [60, 100], flag.estimated);

/** A V-belt on two grooved pulleys, open, on parallel shafts. */
export const vBelt: StageKind<typeof vBeltHead.fields> = {
  ...vBeltHead,
  passes: (inputs, arriving, context) => {
    const { note } = context;
    const { driver, driven } = pitchDiameters(inputs);
    if (inputs.diameters.is === 'outside') {
      note('driver-pitch', driver);
      note('driven-pitch', driven);
    }
    const marked = beltPitchLength(inputs);
    const centres = centresOf(inputs, driver, driven, marked);
    const ratio = note('ratio', pulleyRatio({ d1: driver, d2: driven }));
    const { slip, kept } = inputs;
    const leaving: Rotary = {
      speed: note('speed', drivenSpeed({ n1: arriving.speed, i: ratio, s: slip })),
      torque: note('torque', carriedTorque({ T1: arriving.torque, i: ratio, k: kept })),
      top: note('highest-speed', drivenSpeed({ n1: arriving.top, i: ratio, s: { ...one, value: 0 } })),
    };
    const v = note('belt-speed', rimSpeed({ d: driver, n: arriving.speed }));
    const [small, large] = smallerFirst(driver, driven);
    const wrap = note('wrap', arcOfContact({ d: small, D: large, C: centres }));
    const length = note('belt-length', openBeltLength({ d: small, D: large, C: centres }));
    if (!inputs.centres.known && centres.known) note('centres', centres);
    const drive: Drive = { section: inputs.section.is, small, ratio, n: small === driver ? arriving.speed : leaving.speed, v, wrap, length };
    return {
      leaving,
      ratio,
      kept,
      inertia: {
        in: note('driver-inertia', pulleyInertia(inputs, driver, inputs.driverMass)),
        out: note('driven-inertia', pulleyInertia(inputs, driven, inputs.drivenMass)),
      },
      outline: outlineOf(inputs, driver, driven, centres),
      under: (duty) => underLoad({ inputs, arriving, duty, context, drive, driver, large, centres, marked }),
    };
  },
  candidates: (inputs) => [...largerDriven(inputs), ...moreBelts(inputs), ...keyed(inputs)],
};

interface Loaded {
  readonly inputs: Inputs;
  readonly arriving: Rotary;
  readonly duty: Duty;
  readonly context: Context;
  readonly drive: Drive;
  readonly driver: Figure<'mm'>;
  readonly large: Figure<'mm'>;
  readonly centres: Figure<'mm'>;
  readonly marked: Figure<'mm'>;
}

function underLoad(loaded: Loaded): Held {
  const { inputs, duty, context, drive, driver, large, centres } = loaded;
  const { note, path } = context;
  const { section, small, v, wrap } = drive;
  const { belts } = inputs;
  const design = note('design-power', designFor(duty));
  const wanted = note('tension-wanted', section ? tensionWanted(design, drive, belts) : unknown('N', [inputs.section.field]));
  const span = note('span', spanLength({ d: small, D: large, C: centres }));
  const set = note('tension', tensionSet(inputs, span, section, wanted));
  const sixtyFourth = portion(span);
  note('push-for-it', pushForTension({ T: wanted, q: sixtyFourth, s: span }));
  if (section) note('tone-for-it', toneForTension({ T: wanted, m: massOf(section), s: span }));
  const grip = section
    ? tensionRatio({ mu: wedgeFriction({ mu: inputs.friction, g: groove(section, small) }), theta: wrap })
    : unknown('1', [inputs.section.field]);
  const F_c = centrifugalTension({ m: massOf(section), v });
  const running = note('slips-at', beltSlipTorque({ z: belts, F_i: set, F_c, e: grip, d: driver }));
  const jammed = note('slips-in-a-jam-at', beltSlipTorque({ z: belts, F_i: set, F_c: still, e: grip, d: driver }));
  const pull = note('shaft-pull', shaftPull({ z: belts, F_i: set, theta: wrap }));
  const lasts = note(
    'may-slip-for',
    beltHeatingTime({ m: massOf(section), L: drive.length, c: rubber, dT: toGlaze, T: jammed, n: loaded.arriving.speed }),
  );
  const slips: Limit | null = section
    ? { id: `${path}/slip`, at: path, says: 'the belt slips', short: 'belt slips', torque: jammed, harm: 'harmless', lasts, source: tensionSource }
    : null;
  const driverHub = hubLimit(hubOf(inputs, 'driver'), { path, id: `${path}/driver-hub`, called: 'driving pulley' });
  const drivenHub = hubLimit(hubOf(inputs, 'driven'), { path, id: `${path}/driven-hub`, called: 'driven pulley' });
  return {
    checks: [...geometryChecks(loaded), ...(section ? [...loadChecks(loaded, section, design, running), tight(set, wanted, context)] : [])],
    slips,
    steady: section
      ? {
          id: `${path}/lasts`,
          at: path,
          says: 'the belt wears out early',
          short: 'belt lasts',
          torque: lasting(loaded),
          harm: 'wearing',
          source: serviceSource,
        }
      : null,
    hubs: { in: driverHub, out: drivenHub },
    pulls: { in: pull, out: pull },
    cautions: ['Guard the belt and both pulleys before any power: a loose sleeve is caught at once.'],
    notEntered: [
      ...(section ? [] : ['the belt’s section']),
      ...(driverHub ? [] : ['what holds the driving pulley']),
      ...(drivenHub ? [] : ['what holds the driven pulley']),
      ...(!section || inputs.tension.known || inputs.push.known || inputs.tone.known ? [] : ['the belt’s tension']),
    ],
  };
}

/** The rating as a torque at the driving shaft. */
function lasting({ inputs, duty, drive, arriving, context }: Loaded): Figure<'N·m'> {
  const ratings = (['older', 'newer'] as const).map((school) => goodFor(ratingOf(school, drive), drive, inputs.belts));
  const [older, newer] = ratings as [Figure<'W'>, Figure<'W'>];
  const P_a = inputs.school.is === 'newer' ? (newer.known ? newer : older) : older.known ? older : newer;
  return context.note('lasts-up-to', lastingTorque({ P_a, K_s: serviceFactor(duty.shock, duty.driver), n: arriving.speed }));
}

const portion = (span: Figure<'mm'>): Figure<'mm'> =>
  span.known ? known('mm', span.value / 64, { by: 'solved', id: 'sixty-fourth', from: { s: span } }, undefined, span.flags) : span;

function geometryChecks({ inputs, arriving, context, drive, driver, marked, centres }: Loaded): Check[] {
  const { path, label, note } = context;
  const shared = { at: path, label };
  const top = note('highest-belt-speed', rimSpeed({ d: driver, n: arriving.top }));
  const checks: Check[] = [
    hold({
      ...shared,
      id: `${path}/check-speed`,
      subject: 'Belt speed',
      has: speedCeiling,
      needs: top,
      says: ({ needs, has }) => `Belt runs at up to ${needs}; ${has} is the ceiling`,
      source: speedSource,
    }),
    hold({
      ...shared,
      id: `${path}/check-wrap`,
      subject: 'Wrap on the smaller pulley',
      has: drive.wrap,
      needs: leastWrap,
      says: ({ needs, has }) => `Wrap on the smaller pulley is ${has}; below ${needs} it slips early`,
      source: wrapSource,
    }),
  ];
  if (drive.section) checks.push(smallPulley(drive.section, drive.small, context));
  if (inputs.centres.known && marked.known && centres.known)
    checks.push(reaches(inputs, marked, drive, context), ...roomFor(inputs, marked, drive, context));
  return checks;
}

/** Slack against what the design power wants; too tight shows in the pull on the bearing. */
function tight(set: Figure<'N'>, wanted: Figure<'N'>, { path, label }: Context): Check {
  return hold({
    id: `${path}/check-tension`,
    at: path,
    subject: 'Whether the belt is tight enough',
    has: set,
    needs: wanted,
    says: ({ has, needs, verdict }) => `The belt is set to ${has} a span${verdict === 'gives' ? ', too slack' : ''}; ${needs} is wanted`,
    source: 'Shigley’s Mechanical Engineering Design (10e), eq. 17-24 and 17-25, centrifugal part added',
    label,
  });
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
      if (standard) return `The smaller pulley is ${has}; the standard’s least for ${section} is ${show(least_mm, 'mm')}`;
      const so = verdict === 'gives' ? `even salvage practice stops at ${show(salvage_mm, 'mm')}` : 'it runs, and the belt lives less long';
      return `The smaller pulley is ${has}, under the standard’s least of ${show(least_mm, 'mm')} for ${section}: ${so}`;
    },
    source: smallSource,
    label,
    ...(standard ? {} : { best: 'close' as const }),
  });
}

/** How far out the belt that was entered wants the motor, mm; negative is in. */
function wantedMove({ centres }: Inputs, marked: Figure<'mm'>, { small, ratio }: Drive): number {
  if (!marked.known || !centres.known || !small.known || !ratio.known) return 0;
  const large = small.value * Math.max(ratio.value, 1 / ratio.value);
  return (centresFromLength(small.value, large, marked.value) ?? (small.value + large) / 2) - centres.value;
}

/** The belt that was entered against the slot: where it wants the motor, and where the motor can go. */
function reaches(inputs: Inputs, marked: Figure<'mm'>, drive: Drive, { path, label }: Context): Check {
  const off = wantedMove(inputs, marked, drive);
  const side = off >= 0 ? inputs.slotOut : inputs.slotIn;
  const room: Figure<'mm'> = side.known ? side : unknown('mm', side.missing);
  return hold({
    id: `${path}/check-reach`,
    at: path,
    subject: 'Whether the belt fits the slot',
    has: room,
    needs: known('mm', Math.abs(off), { by: 'solved', id: 'move-for-belt', from: { L: marked, L_0: drive.length } }),
    says: ({ has, needs }) => `The belt wants the motor ${needs} further ${off >= 0 ? 'out' : 'in'}; the slot lets it move ${has}`,
    source: `Open belt length turned round (closed form). ${lengthSource}`,
    label,
  });
}

/** Room inward to lift the belt over the rim, and outward to follow its stretch, from where the belt wants the motor. */
function roomFor(inputs: Inputs, marked: Figure<'mm'>, drive: Drive, { path, label }: Context): Check[] {
  const { slotIn, slotOut } = inputs;
  const { section, length } = drive;
  if (!section || !slotIn.known || !slotOut.known || !marked.known || !length.known) return [];
  const off = wantedMove(inputs, marked, drive);
  const room = (field: Known<'mm'>, by: number) =>
    known('mm', field.value + by, { by: 'solved', id: 'room-left', from: { room: field, L: marked, L_0: length } });
  const lift = 'Common practice, no source: one and a half times the belt’s height to lift it over the rim';
  const stretch = 'Common practice, no source: one per cent of the belt’s length to follow its stretch';
  return [
    hold({
      id: `${path}/check-room-in`,
      at: path,
      subject: 'Room to slip the belt on',
      has: room(slotIn, off),
      needs: fixed('mm', 1.5 * vBeltSections[section].height_mm, lift),
      says: ({ has, needs }) => `With this belt on, the motor can still move ${has} in; ${needs} lifts the belt over the rim`,
      source: lift,
      label,
    }),
    hold({
      id: `${path}/check-room-out`,
      at: path,
      subject: 'Room for the belt’s stretch',
      has: room(slotOut, -off),
      needs: fixed('mm', 0.01 * marked.value, stretch),
      says: ({ has, needs }) => `With this belt on, the motor can still move ${has} out; its stretch wants ${needs}`,
      source: stretch,
      label,
    }),
  ];
}

function loadChecks({ inputs, duty, context, drive }: Loaded, section: VBeltSection, design: Figure<'W'>, running: Figure<'N·m'>): Check[] {
  const { path, label, note } = context;
  const school = inputs.school.is ?? 'older';
  const [older, newer] = [ratingOf('older', drive), ratingOf('newer', drive)].map((rating) => goodFor(rating, drive, inputs.belts)) as [
    Figure<'W'>,
    Figure<'W'>,
  ];
  const [chosen, other] = school === 'older' ? [older, newer] : [newer, older];
  // A section that only one of the two rates is judged by that one.
  const has = note('good-for', chosen.known || !other.known ? chosen : other);
  const one = goodFor(ratingOf(chosen.known || !other.known ? school : school === 'older' ? 'newer' : 'older', drive), drive, single);
  note('belts-needed', beltsNeeded({ P_d: design, P_1: one }));
  const differ = chosen.known && other.known && Math.abs(other.value / chosen.value - 1) > 0.15;
  if (differ) note('good-for-other-school', other);
  const also = differ && other.known ? `; the ${school === 'older' ? 'newer' : 'older'} standard says ${show(other.value, 'W')}` : '';
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

const likely = (figure: Figure): number | null => (figure.known ? figure.value : null);

function outlineOf(
  { section, slotIn, slotOut, belt, lengthIs }: Inputs,
  driver: Figure<'mm'>,
  driven: Figure<'mm'>,
  centres: Figure<'mm'>,
): StageOutline {
  const plain = { driver: likely(driver), driven: likely(driven), centres: likely(centres) };
  const [small, large] = smallerFirst(driver, driven);
  if (!section.is || !small.known || !large.known || !centres.known) return plain;
  const slot = slotIn.known && slotOut.known ? ([centres.value - slotIn.value, centres.value + slotOut.value] as const) : null;
  const belts = stockNear(section.is, small.value, large.value, centres.value);
  const inches = belt.known && lengthIs.is !== 'pitch' ? Math.round(belt.value / 25.4) : null;
  return { ...plain, stock: { what: 'belts on sale', belts, slot, chosen: inches === null ? null : `${section.is}${inches}` } };
}

function largerDriven({ driven }: Inputs): Candidate[] {
  if (!driven.known) return [];
  return stock_mm
    .filter((size) => size > driven.value * 1.001)
    .slice(0, 3)
    .map((size) => ({ field: 'driven', text: `${size} mm`, says: `a ${size} mm driven pulley` }));
}

function moreBelts({ belts }: Inputs): Candidate[] {
  if (!belts.known) return [];
  return [1, 2, 3].flatMap((more) =>
    ['check-belts', 'check-slip'].map((cures) => ({
      field: 'belts',
      text: String(belts.value + more),
      says: `${belts.value + more} belts side by side`,
      cures,
    })),
  );
}

function keyed({ drivenFixing, driverFixing }: Inputs): Candidate[] {
  return [
    ...(drivenFixing.is && drivenFixing.is !== 'key'
      ? [{ field: 'drivenFixing', text: 'key', says: 'a key in the driven pulley', cures: 'check-driven-hub' }]
      : []),
    ...(driverFixing.is && driverFixing.is !== 'key'
      ? [{ field: 'driverFixing', text: 'key', says: 'a key in the driving pulley', cures: 'check-driver-hub' }]
      : []),
  ];
}
