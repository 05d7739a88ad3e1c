import { gearMaterials, gearSource, lewisFactor, lewisSource } from '../../../catalog/gears.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, lookedUp, lowEnd, picked, scaled, unknown } from '../../../figure/figure.js';
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
import { sentence } from '../../../wording/sentence.js';
import type { InputFigures } from '../../fields.js';
import type { StageKind, StageReady, StageResult, StageState } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { geared } from '../../shared/driven-shaft.js';
import { hubFixings } from '../../shared/hub-fixing.js';
import { keyedInstead } from '../../shared/keyed-instead.js';
import { outlineOf } from '../../shared/outline.js';
import { rowOf, serviceFactor } from '../../shared/service-factor.js';
import { toothedInertia } from '../../shared/wheels.js';
import { gearPairHead } from './fields.js';
import { faceSource, type GearPairOutputs, meshSource, teethSource } from './outputs.js';

export const meshGap = defineProcedure({
  id: 'mesh-gap',
  says: 'The centre distance as built, less the one the teeth need',
  source: 'Closed form',
});

type Inputs = InputFigures<typeof gearPairHead.fields>;

const pushedAside = fixed(
  'rad',
  Math.PI / 2 + (20 * Math.PI) / 180,
  'Involute teeth of 20° pressure angle push a quarter turn and 20° off the way to the other gear (closed form)',
);
const slowly = fixed('1', 1, 'In a jam the teeth hardly move');

interface Ready extends StageReady {
  readonly m: Figure<'mm'>;
  /** Pitch diameters. */
  readonly driver: Figure<'mm'>;
  readonly driven: Figure<'mm'>;
  readonly centres: Figure<'mm'>;
}

/** Two spur gears in mesh, in the open, on parallel shafts. */
export const gearPair: StageKind<typeof gearPairHead, Ready> = {
  ...gearPairHead,
  ready: (inputs, { note }) => {
    const m = inputs.module.known || !inputs.pitch.known ? inputs.module : note('module', moduleFromPitch({ P: inputs.pitch }));
    const driver = note('driver-pitch', gearDiameter({ m, z: inputs.z1 }));
    const driven = note('driven-pitch', gearDiameter({ m, z: inputs.z2 }));
    const centres = note('centres', gearCentres({ m, z_1: inputs.z1, z_2: inputs.z2 }));
    return {
      ...geared(note('ratio', toothRatio({ z_1: inputs.z1, z_2: inputs.z2 })), inputs.efficiency),
      moved: {
        in: note('driver-inertia', toothedInertia(driver, inputs.face, inputs.driverMass)),
        out: note('driven-inertia', toothedInertia(driven, inputs.face, inputs.drivenMass)),
      },
      outline: outlineOf(inputs, driver, driven, centres),
      direction: inputs.angle,
      ...{ m, driver, driven, centres },
    };
  },
  under: (inputs, { m, driver, driven, centres }, { arriving, duty }, context) =>
    underLoad({ inputs, arriving, duty, context, m, driver, driven, centres }),
  candidates: ({ face, material, ...inputs }) => [
    ...(face.known
      ? [1.5, 2, 3].map((times) => ({
          field: 'face',
          text: show(face.value * times, 'mm'),
          says: sentence('gears {width} wide', { width: { value: face.value * times, unit: 'mm' } }),
          cures: 'check-teeth-bend',
        }))
      : []),
    ...(material.is === 'mild' ? [{ field: 'material', text: 'hardened', says: sentence('hardened gears'), cures: 'check-teeth-bend' }] : []),
    ...keyedInstead(inputs, { driver: 'driving gear', driven: 'driven gear' }),
  ],
};

interface Loaded extends Pick<Ready, 'm' | 'driver' | 'driven' | 'centres'>, Pick<StageState, 'arriving' | 'duty'> {
  readonly inputs: Inputs;
  readonly context: Context<GearPairOutputs>;
}

/** Form factor of the gear with the fewer teeth: of one material its teeth are the weaker. */
function formOf({ z1, z2 }: Inputs): Figure<'1'> {
  const z = picked('least', '1', [z1, z2]);
  if (!z.known) return z;
  const table = { table: 'Lewis form factors', row: `${z.value} teeth`, source: lewisSource };
  return lookedUp('1', z, lewisFactor, table) ?? unknown('1', [], `the table of form factors begins at 12 teeth, there are ${lowEnd(z)}`);
}

/** Stress that the teeth withstand for years, or break at. */
function strengthOf({ material }: Inputs, what: 'lasts' | 'breaks'): Figure<'MPa'> {
  if (!material.is) return unknown('MPa', [material.field]);
  return fromTable(
    'MPa',
    gearMaterials[material.is][what],
    { table: 'teeth', row: gearMaterials[material.is].says, source: gearSource },
    flag.estimated,
  );
}

function underLoad(loaded: Loaded): StageResult {
  const { inputs, arriving, duty, context, m, driver, driven } = loaded;
  const { note, check, limit } = context;
  const { face: b } = inputs;
  const v = note('tooth-speed', rimSpeed({ d: driver, n: arriving.flow }));
  const Y = note('form-factor', formOf(inputs));
  const K_v = note('velocity-factor', toothVelocityFactor({ v }));
  const W_t = note('tooth-force', toothForce({ T: duty.torque, d: driver }));
  const stress = note('tooth-stress', toothStress({ K_v, W_t, b, m, Y }));
  const push = note('pull', meshPush({ W_t }));
  const enduring = toothTorque({ sigma: strengthOf(inputs, 'lasts'), b, m, Y, d: driver, K_v });
  const factor = note('service-factor', serviceFactor('coupling', duty));
  const lasting = note('lasts-up-to', ratedTorque({ T_r: enduring, f: factor }));
  const breaks = note('breaks-at', toothTorque({ sigma: strengthOf(inputs, 'breaks'), b, m, Y, d: driver, K_v: slowly }));
  const ready = inputs.material.is !== undefined;
  const hubs = hubFixings(inputs, context, driver, driven);
  const bent = stress.known ? sentence(', which bends them with {stress}', { stress }) : '';
  return {
    checks: [
      check('teeth-bend', { has: lasting, needs: duty.torque, tells: { stress: bent, factor, factorOf: rowOf(duty) } }),
      ...shapeChecks(loaded),
    ],
    slips: null,
    steady: ready ? limit('lasts', { torque: lasting, source: gearSource }) : null,
    breaks: ready ? limit('teeth', { torque: breaks, source: gearSource }) : null,
    hubs,
    pulls: { in: push, out: push, aside: pushedAside },
    cautions: [
      'Guard gears where they run together before any power: they draw a finger in and do not release it.',
      'A pair of gears turns the driven shaft the other way round.',
    ],
  };
}

function shapeChecks({ inputs, context: { check }, m, centres }: Loaded): Check[] {
  const { z1, z2, face, apart } = inputs;
  const few = picked('least', '1', [z1, z2]);
  const enough = few.known && few.value >= 17;
  const checks: Check[] = [check('tooth-count', { has: few, needs: fixed('1', enough ? 13 : 14, teethSource), best: enough ? undefined : 'close' })];
  if (face.known) checks.push(check('face', { has: scaled(m, 15, faceSource), needs: face }));
  if (apart.known) {
    const room = solve('mm', meshGap, { a: apart, c: centres }, ({ a = 0, c = 0 }) => a - c);
    checks.push(check('mesh-close', { has: apart, needs: centres }), check('mesh-far', { has: scaled(m, 0.1, meshSource), needs: room }));
  }
  return checks;
}
