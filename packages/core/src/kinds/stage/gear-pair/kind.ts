import { gearMaterials, gearSource, lewisFactor, lewisSource } from '../../../catalog/gears.js';
import { type Check, hold } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, lookedUp, lowEnd, picked, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { gearCentres } from '../../../formulas/gear/gear-centres.js';
import { gearDiameter } from '../../../formulas/gear/gear-diameter.js';
import { meshPush } from '../../../formulas/gear/mesh-push.js';
import { moduleFromPitch } from '../../../formulas/gear/module-from-pitch.js';
import { toothForce } from '../../../formulas/gear/tooth-force.js';
import { toothStress } from '../../../formulas/gear/tooth-stress.js';
import { toothTorque } from '../../../formulas/gear/tooth-torque.js';
import { toothVelocityFactor } from '../../../formulas/gear/tooth-velocity-factor.js';
import { ratedTorque } from '../../../formulas/transmission/rated-torque.js';
import { toothRatio } from '../../../formulas/transmission/tooth-ratio.js';
import { show } from '../../../quantity/show.js';
import type { InputFigures } from '../../fields.js';
import { hubLimit, hubOf } from '../../hub-fixing.js';
import type { Context, Duty, Held, Rotary, StageKind, StageOutline } from '../../kind.js';
import { angleOf } from '../../lies.js';
import { roughness, turned } from '../../one-axis.js';
import { toothedInertia } from '../../toothed-wheel.js';
import { gearPairHead } from './fields.js';

export const fifteenModules = defineProcedure({
  id: 'fifteen-modules',
  says: 'Fifteen modules',
  source: 'Common practice, no source',
});

export const meshGap = defineProcedure({
  id: 'mesh-gap',
  says: 'The centre distance as built, less the one the teeth want',
  source: 'Closed form',
});

export const tenthOfModule = defineProcedure({
  id: 'tenth-of-module',
  says: 'A tenth of the module',
  source: 'Common practice, no source',
});

type Inputs = InputFigures<typeof gearPairHead.fields>;

const teethSource = 'Textbooks: full-depth teeth of 20° are undercut below 17, in practice below 14';
const faceSource = 'Common practice, no source: a face of 6 to 15 modules; wider bears on one edge';
const meshSource = 'Common practice, no source: up to a tenth of a module more than the teeth want; closer they bind';
const pushedAside = fixed(
  'rad',
  Math.PI / 2 + (20 * Math.PI) / 180,
  'Involute teeth of 20° pressure angle push a quarter turn and 20° off the way to the other gear (closed form)',
);
const standing = fixed('1', 1, 'In a jam the teeth all but stand still');

/** Two spur gears in mesh, in the open, on parallel shafts. */
export const gearPair: StageKind<typeof gearPairHead.fields> = {
  ...gearPairHead,
  passes: (inputs, arriving, context) => {
    const { note } = context;
    const m = inputs.module.known || !inputs.pitch.known ? inputs.module : note('module', moduleFromPitch({ P: inputs.pitch }));
    const driver = note('driver-pitch', gearDiameter({ m, z: inputs.z1 }));
    const driven = note('driven-pitch', gearDiameter({ m, z: inputs.z2 }));
    const centres = note('centres', gearCentres({ m, z_1: inputs.z1, z_2: inputs.z2 }));
    const ratio = note('ratio', toothRatio({ z_1: inputs.z1, z_2: inputs.z2 }));
    return {
      leaving: turned(arriving, ratio, inputs.kept, context),
      ratio,
      kept: inputs.kept,
      inertia: {
        in: note('driver-inertia', toothedInertia(driver, inputs.face, inputs.driverMass)),
        out: note('driven-inertia', toothedInertia(driven, inputs.face, inputs.drivenMass)),
      },
      outline: outlineOf(inputs, driver, driven, centres),
      lies: inputs.angle,
      under: (duty) => underLoad({ inputs, arriving, duty, context, m, driver, centres }),
    };
  },
  candidates: ({ face, material }, _typed, units) => [
    ...(face.known
      ? [1.5, 2, 3].map((times) => ({
          field: 'face',
          text: show(face.value * times, 'mm'),
          says: `gears ${show(face.value * times, 'mm', units)} wide`,
          cures: 'check-teeth-bend',
        }))
      : []),
    ...(material.is === 'mild' ? [{ field: 'material', text: 'hardened', says: 'hardened gears', cures: 'check-teeth-bend' }] : []),
  ],
};

interface Loaded {
  readonly inputs: Inputs;
  readonly arriving: Rotary;
  readonly duty: Duty;
  readonly context: Context;
  readonly m: Figure<'mm'>;
  readonly driver: Figure<'mm'>;
  readonly centres: Figure<'mm'>;
}

/** Form factor of the gear with the fewer teeth: of one material its teeth are the weaker. */
function formOf({ z1, z2 }: Inputs): Figure<'1'> {
  const z = picked('least', '1', [z1, z2]);
  if (!z.known) return z;
  const table = { table: 'Lewis form factors', row: `${z.value} teeth`, source: lewisSource };
  return lookedUp('1', z, lewisFactor, table) ?? unknown('1', [], `the table of form factors begins at 12 teeth, there are ${lowEnd(z)}`);
}

/** What the teeth bear for years, or break at. */
function bears({ material }: Inputs, what: 'lasts' | 'breaks'): Figure<'MPa'> {
  if (!material.is) return unknown('MPa', [material.field]);
  return fromTable(
    'MPa',
    gearMaterials[material.is][what],
    { table: 'teeth', row: gearMaterials[material.is].says, source: gearSource },
    flag.estimated,
  );
}

function underLoad(loaded: Loaded): Held {
  const { inputs, arriving, duty, context, m, driver } = loaded;
  const { note, path, label } = context;
  const { face: b } = inputs;
  const v = note('tooth-speed', rimSpeed({ d: driver, n: arriving.speed }));
  const Y = note('form-factor', formOf(inputs));
  const K_v = note('velocity-factor', toothVelocityFactor({ v }));
  const W_t = note('tooth-force', toothForce({ T: duty.torque, d: driver }));
  const stress = note('tooth-stress', toothStress({ K_v, W_t, b, m, Y }));
  const push = note('pull', meshPush({ W_t }));
  const lasting = note(
    'lasts-up-to',
    ratedTorque({ T_r: toothTorque({ sigma: bears(inputs, 'lasts'), b, m, Y, d: driver, K_v }), f: roughness(duty.shock) }),
  );
  const breaks = note('breaks-at', toothTorque({ sigma: bears(inputs, 'breaks'), b, m, Y, d: driver, K_v: standing }));
  const ready = inputs.material.is !== undefined;
  const hub = (wheel: 'driver' | 'driven', called: string) => hubLimit(hubOf(inputs, wheel), { path, id: `${path}/${wheel}-hub`, called });
  const hubs = { in: hub('driver', 'driving gear'), out: hub('driven', 'driven gear') };
  const bend: Check[] = ready
    ? [
        hold({
          id: `${path}/check-teeth-bend`,
          at: path,
          label,
          subject: 'What the teeth bear',
          has: lasting,
          needs: duty.torque,
          says: ({ has, needs }) =>
            `The teeth bear ${has} at the driving gear for years with the shocks of the work; ${needs} is asked${stress.known ? `, which bends them with ${show(stress.value, 'MPa', label.units)}` : ''}`,
          source: `Lewis; ${lewisSource}; ${gearSource}`,
        }),
      ]
    : [];
  return {
    checks: [...bend, ...shape(loaded)],
    slips: null,
    steady: ready
      ? { id: `${path}/lasts`, at: path, says: 'the teeth wear out early', short: 'teeth last', torque: lasting, harm: 'wearing', source: gearSource }
      : null,
    breaks: ready
      ? { id: `${path}/teeth`, at: path, says: 'a tooth breaks', short: 'tooth', torque: breaks, harm: 'breaking', source: gearSource }
      : null,
    hubs,
    pulls: { in: push, out: push, aside: pushedAside },
    cautions: [
      'Guard gears where they run together before any power: they draw a finger in and do not let go.',
      'A pair of gears turns the driven shaft the other way round.',
    ],
    notEntered: [
      ...(ready ? [] : ['what the teeth are of']),
      ...(hubs.in ? [] : ['what holds the driving gear']),
      ...(hubs.out ? [] : ['what holds the driven gear']),
    ],
  };
}

function shape({ inputs, context, m, centres }: Loaded): Check[] {
  const { path, label } = context;
  const { z1, z2, face, apart } = inputs;
  const shared = { at: path, label };
  const few = picked('least', '1', [z1, z2]);
  const checks: Check[] = [
    hold({
      ...shared,
      id: `${path}/check-tooth-count`,
      subject: 'Teeth of the smaller gear',
      has: few,
      needs: fixed('1', few.known && few.value >= 17 ? 13 : 14, teethSource),
      says: ({ has, verdict }) => `The smaller gear has ${has} teeth${verdict === 'gives' ? ', cut away at the foot below 14' : ''}`,
      source: teethSource,
      ...(few.known && few.value >= 17 ? {} : { best: 'close' as const }),
    }),
  ];
  if (face.known) {
    checks.push(
      hold({
        ...shared,
        id: `${path}/check-face`,
        subject: 'Face of the gears',
        has: solve('mm', fifteenModules, { m }, ({ m: module = 0 }) => 15 * module),
        needs: face,
        says: ({ has, needs, verdict }) =>
          `The face is ${needs} wide; ${has} is as wide as bears evenly${verdict === 'gives' ? ', more runs on one edge' : ''}`,
        source: faceSource,
        closeBelow: 0,
      }),
    );
  }
  if (apart.known) {
    const off = solve('mm', meshGap, { a: apart, c: centres }, ({ a = 0, c = 0 }) => a - c);
    checks.push(
      hold({
        ...shared,
        id: `${path}/check-mesh-close`,
        subject: 'Whether the teeth have room',
        has: apart,
        needs: centres,
        says: ({ has, needs, verdict }) => `The shafts are ${has} apart, the teeth want ${needs}${verdict === 'gives' ? ': they bind' : ''}`,
        source: meshSource,
        closeBelow: 0,
      }),
      hold({
        ...shared,
        id: `${path}/check-mesh-far`,
        subject: 'Whether the teeth reach each other',
        has: solve('mm', tenthOfModule, { m }, ({ m: module = 0 }) => module / 10),
        needs: off,
        says: ({ has, needs, verdict }) =>
          `The mesh has ${needs} of room; ${has} is what it bears${verdict === 'gives' ? ', more slaps and breaks teeth' : ''}`,
        source: meshSource,
        closeBelow: 0,
      }),
    );
  }
  return checks;
}

const likely = (figure: Figure): number | null => (figure.known ? figure.value : null);

const outlineOf = (inputs: Inputs, driver: Figure<'mm'>, driven: Figure<'mm'>, centres: Figure<'mm'>): StageOutline => ({
  driver: likely(driver),
  driven: likely(driven),
  centres: likely(centres),
  angle: angleOf(inputs.angle),
});
