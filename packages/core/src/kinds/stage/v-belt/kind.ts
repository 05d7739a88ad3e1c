import { serviceSource } from '../../../catalog/v-belts.js';
import { type Figure, fixed, flag, unknown } from '../../../figure/figure.js';
import { solve } from '../../../figure/formula.js';
import { arcOfContact } from '../../../formulas/belt/arc-of-contact.js';
import { beltHeatingTime } from '../../../formulas/belt/belt-heating.js';
import { beltSlipTorque } from '../../../formulas/belt/belt-slip-torque.js';
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
import { hubLimit, hubOf } from '../../hub-fixing.js';
import { lineCheck, lineOf, outOfLine } from '../../in-line.js';
import type { Candidate, Held, Limit, Rotary, StageKind, StageOutline } from '../../kind.js';
import { angleOf } from '../../lies.js';
import { centresOf, isTensionSaid, sixtyFourthOfSpan, smallerFirst, tensionSet, tight } from '../../open-belt.js';
import { largerSizes } from '../../stock-wheels.js';
import { type Drive, designFor, massOf, ratedBy, serviceFactor, tensionWanted } from './carries.js';
import { geometryChecks, type Loaded, loadChecks, tensionSource } from './checks.js';
import { vBeltHead } from './fields.js';
import { beltPitchLength, groove, type Inputs, pitchDiameters, pulleyInertia, stockNear } from './wheels.js';

const still = fixed('N', 0, 'In a jam the belt all but stands still: nothing holds it off the pulley');
const noSlip = fixed('1', 0, 'No slip counted: the fastest it can turn');
const rubber = fixed('J/(kg·K)', 1750, 'Rubber 1500 to 2000 J/(kg·K) (handbooks)', [1500, 2000]);
const toGlaze = fixed('K', 80, 'Common practice, no source: 60 to 100 K above the shed before a belt glazes', [60, 100], flag.estimated);

const wantedSource = 'Shigley’s Mechanical Engineering Design (10e), eq. 17-24 and 17-25, centrifugal part added';

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
    const centres = centresOf(inputs.centres, driver, driven, marked, context.label);
    const ratio = note('ratio', pulleyRatio({ d1: driver, d2: driven }));
    const { slip, kept } = inputs;
    const leaving: Rotary = {
      speed: note('speed', drivenSpeed({ n1: arriving.speed, i: ratio, s: slip })),
      torque: note('torque', carriedTorque({ T1: arriving.torque, i: ratio, k: kept })),
      top: note('highest-speed', drivenSpeed({ n1: arriving.top, i: ratio, s: noSlip })),
    };
    const v = note('belt-speed', rimSpeed({ d: driver, n: arriving.speed }));
    const [small, large] = smallerFirst(driver, driven);
    const wrap = note('wrap', arcOfContact({ d: small, D: large, C: centres }));
    const length = note('belt-length', openBeltLength({ d: small, D: large, C: centres }));
    if (!inputs.centres.known && centres.known) note('centres', centres);
    const section = inputs.section.is;
    const F_c = centrifugalTension({ m: massOf(section), v });
    const drive: Drive = { section, small, ratio, n: small === driver ? arriving.speed : leaving.speed, v, wrap, length, F_c };
    return {
      leaving,
      ratio,
      kept,
      inertia: {
        in: note('driver-inertia', pulleyInertia(inputs, driver, inputs.driverMass)),
        out: note('driven-inertia', pulleyInertia(inputs, driven, inputs.drivenMass)),
      },
      outline: outlineOf(inputs, driver, driven, centres),
      lies: inputs.angle,
      under: (duty) => underLoad({ inputs, arriving, duty, context, drive, rated: ratedBy(drive, inputs.belts), driver, large, centres, marked }),
    };
  },
  candidates: (inputs, typed) => [...largerDriven(inputs, typed('driven')), ...moreBelts(inputs), ...keyed(inputs)],
};

function underLoad(loaded: Loaded): Held {
  const { inputs, duty, context, drive, driver, large, centres } = loaded;
  const { note, path } = context;
  const { section, small, wrap, F_c } = drive;
  const { belts } = inputs;
  const design = note('design-power', designFor(duty));
  const wanted = note('tension-wanted', section ? tensionWanted(design, drive, belts) : unknown('N', [inputs.section.field]));
  const span = note('span', spanLength({ d: small, D: large, C: centres }));
  const set = note('tension', tensionSet(inputs, span, massOf(section), wanted));
  const sixtyFourth = portion(span);
  note('push-for-it', pushForTension({ T: wanted, q: sixtyFourth, s: span }));
  if (section) note('tone-for-it', toneForTension({ T: wanted, m: massOf(section), s: span }));
  const grip = section
    ? tensionRatio({ mu: wedgeFriction({ mu: inputs.friction, g: groove(section, small) }), theta: wrap })
    : unknown('1', [inputs.section.field]);
  const running = note('slips-at', beltSlipTorque({ z: belts, F_i: set, F_c, e: grip, d: driver }));
  const jammed = note('slips-in-a-jam-at', beltSlipTorque({ z: belts, F_i: set, F_c: still, e: grip, d: driver }));
  const pull = note('shaft-pull', shaftPull({ z: belts, F_i: set, theta: wrap }));
  const lasts = note(
    'may-slip-for',
    beltHeatingTime({ m: massOf(section), L: drive.length, c: rubber, dT: toGlaze, T: jammed, n: loaded.arriving.speed }),
  );
  const slips: Limit | null = section
    ? {
        id: `${path}/slip`,
        at: path,
        says: 'the belt slips',
        short: 'belt slips',
        torque: jammed,
        harm: 'harmless',
        stands: { says: 'Slipping, the belt stands', lasts },
        source: tensionSource,
      }
    : null;
  const driverHub = hubLimit(hubOf(inputs, 'driver'), { path, id: `${path}/driver-hub`, called: 'driving pulley' });
  const drivenHub = hubLimit(hubOf(inputs, 'driven'), { path, id: `${path}/driven-hub`, called: 'driven pulley' });
  return {
    checks: [
      ...geometryChecks(loaded),
      ...lineCheck('belt', outOfLine(inputs), centres, context),
      ...(section ? loadChecks(loaded, section, design, running) : []),
      // As set by feel it is wanted times a guess: nothing to hold against what is wanted.
      ...(section && isTensionSaid(inputs) ? [tight(set, wanted, wantedSource, context)] : []),
    ],
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
      ...(!section || isTensionSaid(inputs) ? [] : ['the belt’s tension']),
    ],
  };
}

/** The rating as a torque at the driving shaft. */
function lasting({ inputs, duty, rated, arriving, context }: Loaded): Figure<'N·m'> {
  const { older, newer } = rated.good;
  const P_a = inputs.school.is === 'newer' ? (newer.known ? newer : older) : older.known ? older : newer;
  return context.note('lasts-up-to', lastingTorque({ P_a, K_s: serviceFactor(duty.shock, duty.driver), n: arriving.speed }));
}

const portion = (span: Figure<'mm'>): Figure<'mm'> => solve('mm', sixtyFourthOfSpan, { s: span }, ({ s = 0 }) => s / 64);

const likely = (figure: Figure): number | null => (figure.known ? figure.value : null);

function outlineOf(inputs: Inputs, driver: Figure<'mm'>, driven: Figure<'mm'>, centres: Figure<'mm'>): StageOutline {
  return {
    driver: likely(driver),
    driven: likely(driven),
    centres: likely(centres),
    angle: angleOf(inputs.angle),
    line: lineOf(inputs),
    stock: stockFor(inputs, driver, driven, centres),
  };
}

function stockFor(inputs: Inputs, driver: Figure<'mm'>, driven: Figure<'mm'>, centres: Figure<'mm'>): StageOutline['stock'] {
  const { section, slotIn, slotOut, belt, lengthIs } = inputs;
  const [small, large] = smallerFirst(driver, driven);
  if (!section.is || !small.known || !large.known || !centres.known) return undefined;
  const slot = slotIn.known && slotOut.known ? ([centres.value - slotIn.value, centres.value + slotOut.value] as const) : null;
  const belts = stockNear(section.is, small.value, large.value, centres.value);
  const inches = belt.known && lengthIs.is !== 'pitch' ? Math.round(belt.value / 25.4) : null;
  return { what: 'belts on sale', belts, slot, chosen: inches === null ? null : `${section.is}${inches}` };
}

function largerDriven({ driven }: Inputs, text = ''): Candidate[] {
  if (!driven.known) return [];
  return largerSizes(vBeltHead.wheels.driven, driven.value, text)
    .slice(0, 3)
    .map((size) => ({ field: 'driven', text: size, says: `a ${size} driven pulley` }));
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
