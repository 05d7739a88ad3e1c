import { serviceFactors } from '../../../catalog/service-factors.js';
import { timingPullSource, timingRow, timingSizeSource, timingTeeth } from '../../../catalog/timing-belts.js';
import { type Figure, fixed, flag, fromTable, known, picked, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { allowedPull } from '../../../formulas/belt/allowed-pull.js';
import { beltPullDifference } from '../../../formulas/belt/belt-pull-difference.js';
import { centrifugalTension } from '../../../formulas/belt/centrifugal-tension.js';
import { designPower } from '../../../formulas/belt/design-power.js';
import { jumpTorque } from '../../../formulas/belt/jump-torque.js';
import { lastingTorque } from '../../../formulas/belt/lasting-torque.js';
import { meshFactor } from '../../../formulas/belt/mesh-factor.js';
import { pushForTension } from '../../../formulas/belt/push-for-tension.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { shaftPull } from '../../../formulas/belt/shaft-pull.js';
import { spanLength } from '../../../formulas/belt/span-length.js';
import { strippingTorque } from '../../../formulas/belt/stripping-torque.js';
import { teethInMesh } from '../../../formulas/belt/teeth-in-mesh.js';
import { timingDiameter } from '../../../formulas/belt/timing-diameter.js';
import { timingOutside } from '../../../formulas/belt/timing-outside.js';
import { timingRating } from '../../../formulas/belt/timing-rating.js';
import { timingTension } from '../../../formulas/belt/timing-tension.js';
import { toneForTension } from '../../../formulas/belt/tone-for-tension.js';
import { toothRatio } from '../../../formulas/transmission/tooth-ratio.js';
import { sentence } from '../../../wording/sentence.js';
import type { Candidate, StageKind, StageReady, StageResult } from '../../kind.js';
import { alignmentOf, outOfLine } from '../../shared/alignment.js';
import { geared } from '../../shared/driven-shaft.js';
import { hubFixings } from '../../shared/hub-fixing.js';
import { keyedInstead } from '../../shared/keyed-instead.js';
import { beltShape, centresOf, heldTension, tensionSet, testDeflection } from '../../shared/open-belt.js';
import { outlineOf } from '../../shared/outline.js';
import { serviceFactor } from '../../shared/service-factor.js';
import { stiffnessOfSpans } from '../../shared/span.js';
import { toothedInertia } from '../../shared/wheels.js';
import { type Loaded, loadChecks, shapeChecks } from './checks.js';
import { timingBeltHead } from './fields.js';
import { strainSource, tensionSource } from './outputs.js';
import { type Inputs, stockFor } from './shape.js';

export const wholePitches = defineProcedure({
  id: 'whole-pitches',
  says: 'Teeth times pitch, of the whole number of teeth that is nearest to the mark',
  source: 'ISO 5296, ISO 13050 (designation)',
});

export const teethByLength = defineProcedure({
  id: 'belt-teeth',
  says: 'The whole number of pitches nearest to the marked length: inch marks are rounded',
  source: 'ISO 5296 (designation)',
});

export const pitchesRound = defineProcedure({
  id: 'pitches-round',
  says: 'Exact length of the belt at these centres over its pitch',
  source: 'Open belt length (closed form)',
});

export const massByWidth = defineProcedure({
  id: 'mass-by-width',
  says: 'Mass of the base width, in proportion',
  source: 'Closed form',
});

const one = fixed('1', 1, 'One belt');
const still = fixed('N', 0, 'In a jam the belt hardly moves: nothing lifts it off the pulley');
const halfThePull = fixed('1', 0.5, 'Common practice, no source: set a timing belt to about half of what it pulls', [0.4, 0.6]);
const climbs = fixed(
  '1',
  2,
  'Closed form: at twice the tension at rest the slack span hangs loose; common practice, no source: some climb sooner, round teeth hold to three times',
  [1.6, 3],
);
const tearSource = 'Common practice, no source: four to eight times the pull that it transmits for years';
const tears = fixed('1', 6, tearSource, [4, 8], flag.estimated);
/** Its pull for years over the strain at which cords work. */
const stretches = fixed('1', 670, strainSource, [500, 1000], flag.estimated);
const shreds = fixed('s', 2, 'Common practice, no source: a belt that goes on jumping loses its teeth within seconds', [1, 5], flag.estimated);

type Ready = StageReady & Pick<Loaded, 'driver' | 'small' | 'large' | 'centres' | 'length' | 'wrap'>;

/** A timing belt on two toothed pulleys, open, on parallel shafts. */
export const timingBelt: StageKind<typeof timingBeltHead, Ready> = {
  ...timingBeltHead,
  ready: (inputs, context) => {
    const { note } = context;
    const p = pitchOf(inputs);
    const driver = note('driver-pitch', timingDiameter({ p, z: inputs.z1 }));
    const driven = note('driven-pitch', timingDiameter({ p, z: inputs.z2 }));
    const { profile } = inputs;
    if (profile.is) {
      const a = known('mm', timingRow(profile.is).land_mm, row(profile.is, timingSizeSource));
      note('driver-over-teeth', timingOutside({ d: driver, a }));
      note('driven-over-teeth', timingOutside({ d: driven, a }));
    }
    const length = lengthOf(inputs, p);
    if (length.known) note('belt-teeth', teethOf(inputs));
    const centres = centresOf(inputs.centres, driver, driven, length);
    const { small, large, wrap, length: around } = beltShape(inputs, driver, driven, centres, context);
    if (inputs.centres.known)
      note(
        'pitches-round',
        solve('1', pitchesRound, { L: around, p }, ({ L = 0, p: pitch = 1 }) => L / pitch),
      );
    return {
      ...geared(note('ratio', toothRatio({ z_1: inputs.z1, z_2: inputs.z2 })), inputs.efficiency),
      moved: {
        in: note('driver-inertia', toothedInertia(driver, inputs.width, inputs.driverMass)),
        out: note('driven-inertia', toothedInertia(driven, inputs.width, inputs.drivenMass)),
      },
      outline: outlineOf(inputs, driver, driven, centres, stockFor(inputs, driver, driven, centres)),
      direction: inputs.angle,
      ...{ driver, small, large, centres, length, wrap },
    };
  },
  under: (inputs, { driver, small, large, centres, length, wrap }, { arriving, duty }, context) => {
    const v = context.note('belt-speed', rimSpeed({ d: driver, n: arriving.flow }));
    return underLoad({ inputs, duty, arriving, context, driver, small, large, centres, length, v, wrap });
  },
  candidates: (inputs): Candidate[] => {
    const { profile, width, z1 } = inputs;
    return [
      ...(profile.is && width.known
        ? timingRow(profile.is)
            .widths_mm.filter((wide) => wide > width.value * 1.01)
            .map((wide) => ({
              field: 'width',
              text: `${wide} mm`,
              says: sentence('a belt {wide} wide', { wide: { value: wide, unit: 'mm' } }),
              cures: 'check-rating',
            }))
        : []),
      ...(z1.known
        ? (timingBeltHead.wheels.driver.series[0]?.sizes
            .filter((z) => z > z1.value)
            .slice(0, 3)
            .flatMap((z) =>
              ['check-rating', 'check-mesh', 'check-teeth'].map((cures) => ({
                field: 'z1',
                text: String(z),
                says: sentence(`${z} teeth on the driving pulley`),
                cures,
              })),
            ) ?? [])
        : []),
      ...keyedInstead(inputs, { driver: 'driving pulley', driven: 'driven pulley' }),
    ];
  },
};

const row = (profile: string, source: string) => ({ by: 'catalog', table: 'timing belts', row: profile, source }) as const;

function pitchOf({ profile }: Inputs): Figure<'mm'> {
  return profile.is ? known('mm', timingRow(profile.is).pitch_mm, row(profile.is, timingSizeSource)) : unknown('mm', [profile.field]);
}

/** Whole teeth of the belt that was entered. */
function teethOf({ belt, profile }: Inputs): Figure<'1'> {
  const of = profile.is;
  return of ? solve('1', teethByLength, { L: belt }, ({ L = 0 }) => timingTeeth(of, L)) : unknown('1', [profile.field]);
}

/** Pitch length of the belt that was entered, by its whole teeth; unknown where none was. */
function lengthOf(inputs: Inputs, p: Figure<'mm'>): Figure<'mm'> {
  if (!inputs.belt.known) return inputs.belt;
  return solve('mm', wholePitches, { z: teethOf(inputs), p }, ({ z = 0, p: pitch = 0 }) => z * pitch);
}

/** Mass along its length: of the base width, in proportion. */
function massOf({ profile, width }: Inputs): Figure<'kg/m'> {
  if (!profile.is) return unknown('kg/m', [profile.field]);
  const { mass_kg_m: mass, base_mm, unsure } = timingRow(profile.is);
  const spread = unsure ? 0.3 : 0.1;
  const m = fromTable(
    'kg/m',
    [mass * (1 - spread), mass, mass * (1 + spread)],
    { table: 'timing belts', row: profile.is, source: timingPullSource[unsure ? 'unsure' : 'sure'] },
    unsure ? flag.estimated : 0,
  );
  return solve('kg/m', massByWidth, { m, b: width }, ({ m: base = 0, b = 0 }) => (base * b) / base_mm);
}

/** What it may pull for years with the teeth that are in mesh. */
function pullOf({ profile, width }: Inputs, mesh: Figure<'1'>): Figure<'N'> {
  if (!profile.is) return unknown('N', [profile.field]);
  const { pull_N: pull, base_mm, unsure } = timingRow(profile.is);
  const source = timingPullSource[unsure ? 'unsure' : 'sure'];
  const T_a = unsure
    ? fromTable('N', [pull * 0.65, pull, pull * 1.35], { table: 'timing belts', row: profile.is, source }, flag.estimated)
    : known('N', pull, row(profile.is, source));
  return allowedPull({ T_a, b: width, b_0: known('mm', base_mm, row(profile.is, source)), K_z: meshFactor({ z_m: mesh }) });
}

function underLoad(shape: Omit<Loaded, 'mesh' | 'rated' | 'atRest'>): StageResult {
  const { inputs, duty, arriving, context, driver, small, large, centres, v, wrap } = shape;
  const { note, limit } = context;
  const { profile } = inputs;
  const few = picked('least', '1', [inputs.z1, inputs.z2]);
  const mesh = note('teeth-in-mesh', teethInMesh({ z: few, theta: wrap }));
  const m = massOf(inputs);
  const F_c = centrifugalTension({ m, v });
  const F_a = note('may-pull', pullOf(inputs, mesh));
  const good = note('good-for', timingRating({ F_a, F_c, v }));
  const K_s = note('service-factor', serviceFactor('timing-belt', duty));
  const design = note('design-power', designPower({ P: duty.power, K_s }));
  const lasts = note('lasts-up-to', lastingTorque({ P_a: good, K_s, n: arriving.flow }));
  const needed = note('tension-needed', timingTension({ k: halfThePull, F: beltPullDifference({ P: design, v, z: one }), F_c }));
  const span = note('span', spanLength({ d: small, D: large, C: centres }));
  const set = note('tension', tensionSet(inputs, span, m, needed));
  note('push-for-it', pushForTension({ T: needed, q: testDeflection(span), s: span }));
  note('tone-for-it', toneForTension({ T: needed, m, s: span }));
  const running = note('jumps-at', jumpTorque({ c: climbs, F_i: set, F_c, d: driver }));
  const jammed = note('jumps-in-a-jam-at', jumpTorque({ c: climbs, F_i: set, F_c: still, d: driver }));
  const torn = note('tears-at', strippingTorque({ s: tears, F_a, d: driver }));
  const pull = note('shaft-pull', shaftPull({ z: one, F_i: set, theta: wrap }));
  const hubs = hubFixings(inputs, context, driver, small === driver ? large : small);
  const loaded: Loaded = { ...shape, mesh, atRest: jammed, rated: { good, design, running, K_s } };
  const said = profile.is !== undefined;
  return {
    checks: [
      ...shapeChecks(loaded),
      ...alignmentOf(outOfLine(inputs), centres, context),
      ...(said ? loadChecks(loaded) : []),
      ...(said ? heldTension(inputs, set, needed, timingTension({ k: halfThePull, F: F_a, F_c }), context) : []),
    ],
    slips: said ? limit('jump', { torque: jammed, lasts: shreds, source: tensionSource }) : null,
    steady: said ? limit('lasts', { torque: lasts, source: serviceFactors['timing-belt'].source }) : null,
    breaks: said ? limit('belt', { torque: torn, source: tearSource }) : null,
    stiffness: stiffnessOfSpans(scaled(F_a, stretches, strainSource), driver, span),
    hubs,
    pulls: { in: pull, out: pull },
    cautions: [
      'Guard the belt and both pulleys before any power: teeth draw a sleeve in and do not slip.',
      'One of the two pulleys needs flanges, or the belt walks off.',
    ],
    notEntered: said ? [] : ['the belt’s profile'],
  };
}
