import { serviceFactors } from '../../../catalog/service-factors.js';
import { isRibbed, vBeltSections } from '../../../catalog/v-belts.js';
import { type Figure, fixed, flag, picked, unknown } from '../../../figure/figure.js';
import { beltHeatingTime } from '../../../formulas/belt/belt-heating.js';
import { beltSlipTorque } from '../../../formulas/belt/belt-slip-torque.js';
import { centrifugalTension } from '../../../formulas/belt/centrifugal-tension.js';
import { designPower } from '../../../formulas/belt/design-power.js';
import { lastingTorque } from '../../../formulas/belt/lasting-torque.js';
import { pulleyRatio } from '../../../formulas/belt/pulley-ratio.js';
import { pushForTension } from '../../../formulas/belt/push-for-tension.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { shaftPull } from '../../../formulas/belt/shaft-pull.js';
import { spanLength } from '../../../formulas/belt/span-length.js';
import { tensionRatio } from '../../../formulas/belt/tension-ratio.js';
import { toneForTension } from '../../../formulas/belt/tone-for-tension.js';
import { wedgeFriction } from '../../../formulas/belt/wedge-friction.js';
import { carriedTorque } from '../../../formulas/transmission/carried-torque.js';
import { readQuantity } from '../../../quantity/read-quantity.js';
import { sentence } from '../../../wording/sentence.js';
import type { Candidate, StageKind, StageOutline, StageReady, StageResult } from '../../kind.js';
import type { Limit } from '../../outputs.js';
import { alignmentOf, outOfLine } from '../../shared/alignment.js';
import { geared } from '../../shared/driven-shaft.js';
import { hubFixings } from '../../shared/hub-fixing.js';
import { keyedInstead } from '../../shared/keyed-instead.js';
import { beltShape, centresOf, heldTension, smallerFirst, tensionSet, testDeflection } from '../../shared/open-belt.js';
import { outlineOf, slotAround } from '../../shared/outline.js';
import { serviceFactor } from '../../shared/service-factor.js';
import { stiffnessOfSpans } from '../../shared/span.js';
import { largerSizes } from '../../shared/stock-wheels.js';
import { geometryChecks, type Loaded, loadChecks } from './checks.js';
import { vBeltHead } from './fields.js';
import { slipSource } from './outputs.js';
import { beltsOf, type Drive, ratedBy, stretchOf, tensionNeeded } from './rating.js';
import { beltPitchLength, groove, type Inputs, pitchDiameters, pulleyInertia, stockNear } from './wheels.js';

const straight = fixed('1', 1, 'At the driven pulley itself');
const still = fixed('N', 0, 'In a jam and at the start the belt hardly moves: nothing lifts it off the pulley');
const rubber = fixed('J/(kg·K)', 1750, 'Rubber 1500 to 2000 J/(kg·K) (handbooks)', [1500, 2000]);
const toGlaze = fixed('K', 80, 'Common practice, no source: 60 to 100 K above the shed before a belt glazes', [60, 100], flag.estimated);

interface Ready extends StageReady, Pick<Loaded, 'driver' | 'driven' | 'large' | 'centres' | 'marked'> {
  readonly shape: Omit<Drive, 'ratio' | 'n' | 'v' | 'F_c'>;
}

/** A V-belt on two grooved pulleys, open, on parallel shafts. */
export const vBelt: StageKind<typeof vBeltHead, Ready> = {
  ...vBeltHead,
  ready: (inputs, context) => {
    const { note } = context;
    const { driver, driven } = pitchDiameters(inputs);
    if (inputs.diameters.is === 'outside') {
      note('driver-pitch', driver);
      note('driven-pitch', driven);
    }
    const marked = beltPitchLength(inputs);
    const centres = centresOf(inputs.centres, driver, driven, marked);
    const { small, large, wrap, length } = beltShape(inputs, driver, driven, centres, context);
    const section = inputs.section.is;
    return {
      ...geared(note('ratio', pulleyRatio({ d1: driver, d2: driven })), inputs.efficiency, inputs.slip),
      moved: {
        in: note('driver-inertia', pulleyInertia(inputs, driver, inputs.driverMass)),
        out: note('driven-inertia', pulleyInertia(inputs, driven, inputs.drivenMass)),
      },
      outline: outlineOf(inputs, driver, driven, centres, stockFor(inputs, driver, driven, centres)),
      direction: inputs.angle,
      shape: { section, small, wrap, length, ...beltsOf(section, inputs.belts) },
      ...{ driver, driven, large, centres, marked },
    };
  },
  under: (inputs, { shape, ratio, driver, driven, large, centres, marked }, { arriving, leaving, duty }, context) => {
    const v = context.note('belt-speed', rimSpeed({ d: driver, n: arriving.flow }));
    const n = shape.small === driver ? arriving.flow : leaving.flow;
    const drive: Drive = { ...shape, ratio, n, v, F_c: centrifugalTension({ m: shape.m, v }) };
    const K_s = context.note('service-factor', serviceFactor('v-belt', duty));
    return underLoad({ inputs, arriving, duty, context, drive, rated: ratedBy(drive, inputs.belts), K_s, driver, driven, large, centres, marked });
  },
  candidates: (inputs, typed) => [
    ...largerDriven(inputs, typed('driven')),
    ...moreBelts(inputs),
    ...keyedInstead(inputs, { driver: 'driving pulley', driven: 'driven pulley' }),
  ],
};

function underLoad(loaded: Loaded): StageResult {
  const { inputs, duty, context, drive, driver, driven, large, centres } = loaded;
  const { note, check, limit } = context;
  const { section, small, wrap, F_c, m, many: z } = drive;
  const design = note('design-power', designPower({ P: duty.power, K_s: loaded.K_s }));
  const needed = note('tension-needed', section ? tensionNeeded(design, drive) : unknown('N', [inputs.section.field]));
  const span = note('span', spanLength({ d: small, D: large, C: centres }));
  const set = note('tension', tensionSet(inputs, span, m, needed));
  note('push-for-it', pushForTension({ T: needed, q: testDeflection(span), s: span }));
  if (section) note('tone-for-it', toneForTension({ T: needed, m, s: span }));
  const grip = section
    ? tensionRatio({ mu: wedgeFriction({ mu: inputs.friction, g: groove(section, small) }), theta: wrap })
    : unknown('1', [inputs.section.field]);
  const atDriver = note('slips-at', beltSlipTorque({ z, F_i: set, F_c, e: grip, d: driver }));
  // Held at the driven pulley, where what the work needs hangs on neither diameter.
  const slipsBehind = (lifted: Figure<'N'>) =>
    carriedTorque({ T1: beltSlipTorque({ z, F_i: set, F_c: lifted, e: grip, d: driven }), i: straight, k: inputs.efficiency });
  const slipping = { running: slipsBehind(F_c), atRest: slipsBehind(still), atDriver };
  const jammed = note('slips-in-a-jam-at', beltSlipTorque({ z, F_i: set, F_c: still, e: grip, d: driver }));
  const pull = note('shaft-pull', shaftPull({ z, F_i: set, theta: wrap }));
  const heating = { m, L: drive.length, c: rubber, dT: toGlaze, T: jammed, n: loaded.arriving.flow };
  const lasts = note('may-slip-for', beltHeatingTime(heating));
  const slips: Limit | null = section ? limit('slip', { torque: jammed, lasts, source: slipSource }) : null;
  const steady = section ? limit('lasts', { torque: lasting(loaded), source: serviceFactors['v-belt'].source }) : null;
  const hubs = hubFixings(inputs, context, driver, driven);
  return {
    checks: [
      ...geometryChecks(loaded),
      ...alignmentOf(outOfLine(inputs), centres, context),
      ...(section
        ? loadChecks(loaded, section, design, set, slipping)
        : [
            check('belts', {
              has: unknown('W', [inputs.section.field]),
              needs: design,
              tells: { other: '', life: '', factor: loaded.K_s, factorOf: '' },
            }),
          ]),
      ...(section ? heldTension(inputs, set, needed, fullTension(loaded), context) : []),
    ],
    slips,
    steady,
    stiffness: stiffnessOfSpans(stretchOf(section, inputs.belts), driver, span),
    hubs,
    pulls: { in: pull, out: pull },
    cautions: ['Guard the belt and both pulleys before any power: a loose sleeve is caught at once.'],
  };
}

/** What it needs where it transmits all that either school rates it for. */
function fullTension({ drive, rated: { good } }: Loaded): Figure<'N'> {
  const known = [good.older, good.newer].filter((each) => each.known);
  return known.length === 0 ? unknown('N', []) : tensionNeeded(picked('most', 'W', known), drive);
}

/** The rating as a torque at the driving shaft. */
function lasting({ inputs, K_s, rated, arriving, context }: Loaded): Figure<'N·m'> {
  const { older, newer } = rated.good;
  const P_a = inputs.school.is === 'newer' ? (newer.known ? newer : older) : older.known ? older : newer;
  return context.note('lasts-up-to', lastingTorque({ P_a, K_s, n: arriving.flow }));
}

function stockFor(inputs: Inputs, driver: Figure<'mm'>, driven: Figure<'mm'>, centres: Figure<'mm'>): StageOutline['stock'] {
  const { section, belt, lengthIs } = inputs;
  const [small, large] = smallerFirst(driver, driven);
  if (!section.is || !small.known || !large.known || !centres.known) return undefined;
  const belts = stockNear(section.is, small.value, large.value, centres.value);
  const inches = belt.known && lengthIs.is !== 'pitch' ? Math.round(belt.value / 25.4) : null;
  return { what: 'standard belt lengths', belts, slot: slotAround(inputs, centres.value), chosen: inches === null ? null : `${section.is}${inches}` };
}

function largerDriven(inputs: Inputs, text = ''): Candidate[] {
  const { driven } = inputs;
  if (!driven.known) return [];
  return largerSizes(vBeltHead.wheels.driven, driven.value, text)
    .slice(0, 3)
    .map((size) => {
      const belt = beltFor(inputs, size);
      const says = belt ? sentence(`a ${size} driven pulley with a belt {mark}`, { mark: belt.mark }) : sentence(`a ${size} driven pulley`);
      return { field: 'driven', text: size, says, ...(belt ? { with: belt.entries } : {}) };
    });
}

/** The standard belt that a larger pulley needs where one is entered: the next longer at these centres, if it does not go round with the one there is. */
function beltFor(
  { section, driver, centres, belt }: Inputs,
  size: string,
): { readonly mark: string; readonly entries: NonNullable<Candidate['with']> } | null {
  const read = readQuantity(size, vBeltHead.fields.driven);
  if (!belt.known || !section.is || !driver.known || !centres.known || !read.ok) return null;
  const [small, large] = driver.value < read.value ? [driver.value, read.value] : [read.value, driver.value];
  const near = [...stockNear(section.is, small, large, centres.value)].sort(
    (a, b) => Math.abs(a.centres - centres.value) - Math.abs(b.centres - centres.value),
  );
  const [nearest] = near;
  if (!nearest?.entry) return null;
  return { mark: nearest.mark, entries: { belt: nearest.entry, lengthIs: vBeltSections[section.is].marked } };
}

function moreBelts({ belts, section }: Inputs): Candidate[] {
  if (!belts.known) return [];
  const what = section.is && isRibbed(section.is) ? 'ribs' : 'belts side by side';
  return [1, 2, 3].flatMap((more) =>
    ['check-belts', 'check-slip'].map((cures) => ({
      field: 'belts',
      text: String(belts.value + more),
      says: sentence(`${belts.value + more} ${what}`),
      cures,
    })),
  );
}
