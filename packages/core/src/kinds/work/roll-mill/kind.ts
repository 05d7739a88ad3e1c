import { kernelSource, milled, milledSource, rollSpeedSource } from '../../../catalog/milled.js';
import { stoneSource, stones } from '../../../catalog/stones.js';
import { type Check, noWorseThanClose } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { discInertia } from '../../../formulas/dynamics/disc-inertia.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { leverTorque } from '../../../formulas/work/lever-torque.js';
import { millingPower } from '../../../formulas/work/milling-power.js';
import { rollGrip } from '../../../formulas/work/roll-grip.js';
import { rollPasses } from '../../../formulas/work/roll-passes.js';
import { stoneBursts } from '../../../formulas/work/stone-bursts.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { byTheTonne } from '../../shared/by-the-tonne.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { ratedFor } from '../../shared/rated.js';
import { rollMillHead } from './fields.js';
import { type RollMillOutputs, rollMillOutputs } from './outputs.js';

type Inputs = InputFigures<typeof rollMillHead.fields>;
type Own = Context<RollMillOutputs>;

const peakSource = 'Common practice, no source: a pebble or a wet lump takes two to five times the mean, then the knurl slips';
const atPeaks = fixed('1', 3, peakSource, [2, 5], flag.estimated);
const startSource = 'Common practice, no source: under a full hopper rolls take 1.2 to 3 times as much from rest as when they turn';
const fromRest = fixed('1', 1.8, startSource, [1.2, 3], flag.estimated);
const ratedSource = 'Common practice, no source: a motor is taken for three fifths of the peaks, which it gets through by its breakdown torque';
const solid = fixed('1', 0.5, 'Closed form: solid rolls', [0.5, 0.6]);
const unweighed = fixed('kg·m²', 0, 'The rolls are not weighed: their inertia is left out');

/** Two rolls that crack grain or berries between them, one of them driven. */
export const rollMill: WorkKind<typeof rollMillHead> = {
  ...rollMillHead,
  speedNeeded: ({ roll, material }) => {
    const { runs_m_s, label } = milled[material.is ?? 'malt'];
    return speedOfRim({ v: fromTable('m/s', runs_m_s, { table: 'rim speed of rolls', row: label, source: rollSpeedSource }), d: roll });
  },
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { roll, pull, arm, throughput, mass, loaded, handsClear, lasts } = inputs;
    const energy = note('milling-energy', energyOf(inputs));
    const byEnergy = note(
      'torque-by-energy',
      shaftTorque({ P: note('milling-power', millingPower({ Q: throughput, w: energy })), n: arriving.flow }),
    );
    const lever = pull.known || arm.known ? note('torque-by-lever', leverTorque({ F: pull, a: arm })) : null;
    const steady = note('torque', lever ?? byEnergy);
    const peak = note('peak', scaled(steady, atPeaks, peakSource));
    const isFedLater = loaded.is === 'up-to-speed';
    return {
      steady,
      body: bodyOf(roll, 50),
      breakaway: note('breakaway', isFedLater ? emptyTorque(steady) : scaled(steady, fromRest, startSource)),
      peak,
      rated: ratedFor(peak, 0.6, ratedSource),
      startsEmpty: isFedLater,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note('rolls-inertia', mass.known ? discInertia({ k: solid, m: mass, d: roll }) : unweighed),
      ...jammedBy({ ...inputs, ...pebbleBursts(inputs, context) }, roll, context),
      shock: 'medium',
      checks: checksOf(inputs, arriving, context),
      cautions: [
        'Fingers are drawn in between the rolls: a grate in the hopper, closer than a hand.',
        'A magnet in the hopper keeps bolts out of the rolls.',
        ...(inputs.material.is && milled[inputs.material.is].isDusty
          ? ['Dust of grain burns: no sparks, no cloud of it, and the motor outside it.']
          : []),
      ],
      notEntered: lever ? [] : ['the pull at a crank, which would replace a guess'],
    };
  },
};

export const pebbleTorque = defineProcedure({
  id: 'pebble-torque',
  says: 'Force that bursts it, by the diameter and the tangent of the angle at which two rolls touch it',
  source: 'Statics of a body between two rolls (closed form)',
});

/** At what torque a pebble between the rolls bursts, where one is entered. */
function pebbleBursts({ jam, pebble, stone, roll, gap }: Inputs, { note }: Own): Pick<Parameters<typeof jammedBy>[0], 'bursts'> {
  if (!pebble.known || (jam.is !== undefined && jam.is !== 'stone')) return {};
  const { point_MPa, label } = stones[stone.is ?? 'hard'];
  const I = fromTable('MPa', point_MPa, { table: 'point-load strength', row: label, source: stoneSource });
  const F = note('pebble-bursts', stoneBursts({ I, d: pebble }));
  const torque = solve('N·m', pebbleTorque, { F, D: roll, s: gap, d: pebble }, ({ F: force = 0, D = 1, s = 0, d = 0 }) => {
    const cosine = Math.min(1, (D + s) / (D + d));
    return (force * D * Math.sqrt(1 / cosine ** 2 - 1)) / 1000;
  });
  return { bursts: { torque, source: stoneSource } };
}

function energyOf({ energy, material }: Inputs): Figure<'J/kg'> {
  if (energy.known) return energy;
  if (!material.is) return unknown('J/kg', [material.field]);
  const { energy_kWh_t: band, label } = milled[material.is];
  return byTheTonne(band, { table: 'energy to mill', row: label, source: milledSource });
}

const frictionSource = 'Common practice, no source: kernels slide on smooth steel with 0.2 to 0.35, on knurled rolls they hold with 0.35 to 0.7';
const friction = {
  smooth: fixed('1', 0.27, frictionSource, [0.2, 0.35], flag.estimated),
  knurled: fixed('1', 0.5, frictionSource, [0.35, 0.7], flag.estimated),
} as const;
const filled = fixed('1', 0.6, rollMillOutputs.checks.passes.source, [0.3, 1], flag.estimated);

function checksOf({ roll, long, gap, throughput, material, surface }: Inputs, { flow, top }: Port<'rotary'>, { note, check }: Own): Check[] {
  const v = note('rim-speed', rimSpeed({ n: flow, d: roll }));
  if (!material.is) return [];
  const { size_mm, density, label, fastest_m_s, tooFast, isDusty } = milled[material.is];
  const fastest = fixed('m/s', fastest_m_s, rollSpeedSource);
  const checks: Check[] = [check('fast', { has: fastest, needs: rimSpeed({ n: top, d: roll }), tells: { tooFast } })];
  const draws = note('draws-in', rollGrip({ D: roll, s: gap, mu: friction[surface.is ?? 'knurled'] }));
  const drawn = check('draws', {
    has: draws,
    needs: fromTable('mm', size_mm, { table: 'size of what is milled', row: label, source: kernelSource }),
  });
  // What is soft is squeezed in where a kernel rides.
  checks.push(isDusty ? drawn : noWorseThanClose(drawn));
  if (throughput.known) {
    const rho = fixed('kg/m³', density, kernelSource);
    checks.push(check('passes', { has: note('passes', rollPasses({ s: gap, l: long, v, rho, u: filled })), needs: throughput }));
  }
  return checks;
}
