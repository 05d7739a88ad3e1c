import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { discInertia } from '../../../formulas/dynamics/disc-inertia.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { leverTorque } from '../../../formulas/work/lever-torque.js';
import { millingPower } from '../../../formulas/work/milling-power.js';
import { nipTorque } from '../../../formulas/work/nip-torque.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { fruitCrusherHead } from './fields.js';
import type { FruitCrusherOutputs } from './outputs.js';

export const fruitInTheNip = defineProcedure({
  id: 'fruit-in-the-nip',
  says: 'Roll’s length over the fruit’s, half of the places filled, one or two rows of teeth biting; half to twice that',
  source: 'Common practice, no source',
});

export const fruitThatPasses = defineProcedure({
  id: 'fruit-that-passes',
  says: 'The layer a quarter of a fruit thick that passes at the roll’s speed, a tenth to four tenths filled, 600 kg/m³',
  source: 'Common practice, no source',
});

type Inputs = InputFigures<typeof fruitCrusherHead.fields>;

const solid = fixed('1', 0.5, 'Closed form: a solid roll', [0.5, 0.6]);
const unweighed = fixed('kg·m²', 0, 'The roll is not weighed: its own inertia is left out');

const bites = fixed(
  'm/s',
  4,
  'Common practice, no source: the teeth of a fruit mill run at 2 to 6 m/s; above about 8 it flings instead of biting',
  [2, 6],
  flag.estimated,
);

/** A toothed roll that tears fruit against a wall. Slow: above about 8 m/s at the teeth it flings instead of biting. */
export const fruitCrusher: WorkKind<typeof fruitCrusherHead> = {
  ...fruitCrusherHead,
  speedNeeded: ({ roll }) => speedOfRim({ v: bites, d: roll }),
  demand: (inputs, { flow: speed }, context) => {
    const { note } = context;
    const { roll, mass, pull, arm, throughput, energy, loaded, handsClear, lasts } = inputs;
    const milling = note('milling-power', millingPower({ Q: throughput, w: energy }));
    const byEnergy = note('torque-by-energy', shaftTorque({ P: milling, n: speed }));
    const held = note('fruit-in-the-nip', fruitHeld(inputs));
    const byForce = note('torque-by-force', nipTorque({ z: held, F: inputs.force, D: roll }));
    const lever = pull.known || arm.known ? note('torque-by-lever', leverTorque({ F: pull, a: arm })) : null;
    const peak = lever ?? byForce;
    // The lever once it was tried; otherwise what the throughput takes on the average, while fruit in the nip is its peaks; of what is fed by hand the fruit in the nip.
    const steady = note('torque', lever ?? (throughput.known ? byEnergy : byForce));
    const isFedLater = loaded.is === 'up-to-speed';
    return {
      steady,
      body: bodyOf(roll, 150),
      breakaway: note('breakaway', isFedLater ? emptyTorque(steady) : peak.known ? peak : steady),
      ...(lever || !throughput.known ? {} : { peak: byForce }),
      startsEmpty: isFedLater,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: mass.known ? note('roll-inertia', discInertia({ k: solid, m: mass, d: roll })) : unweighed,
      ...jammedBy(inputs, roll, context),
      shock: 'medium',
      checks: throughput.known ? [throughputCheck(inputs, speed, context)] : [],
      cautions: ['A roll takes a hand as readily as an apple: a hopper deeper than an arm, and a guard that the machine does not run without.'],
      notEntered: lever ? [] : ['the lever and scale, which would replace a guess'],
    };
  },
};

/** Fruit crushed at one time: side by side along the roll, half of the places filled, as many as there are teeth in the nip. */
function fruitHeld({ long, fruit, teeth, roll }: Inputs): Figure<'1'> {
  const filled = fixed('1', 0.5, 'Common practice, no source: half of the places are filled, a quarter to all of them', [0.25, 1], flag.estimated);
  const from = { l: long, f: fruit, D: roll, u: filled, ...(teeth.known ? { z: teeth } : {}) };
  // A fruit spans about its own diameter of the rim; a row every so often bites into it.
  return solve('1', fruitInTheNip, from, ({ l = 0, f = 0, D = 0, u = 0, z }) => {
    const rows = z === undefined ? 1 : Math.min(2, Math.max(1, (z * f) / (Math.PI * D)));
    return Math.max(1, l / f) * u * rows;
  });
}

/** What passes the roll: the layer between its teeth, half full, at its speed. */
function throughputCheck({ roll, long, fruit, throughput }: Inputs, speed: Figure<'rpm'>, { check }: Context<FruitCrusherOutputs>): Check {
  const filled = fixed('1', 0.2, 'Common practice, no source: a tenth to four tenths of the layer is fruit', [0.1, 0.4], flag.estimated);
  // Bulk density of apples 550 to 650 kg/m³ (common practice); the layer is a quarter of a fruit thick.
  const passes = solve(
    'kg/h',
    fruitThatPasses,
    { D: roll, l: long, f: fruit, n: speed, u: filled },
    ({ D = 0, l = 0, f = 0, n = 0, u = 0 }) => (u * 600 * Math.PI * D * (f / 4) * l * n * 60) / 1e9,
  );
  return check('throughput', { has: passes, needs: throughput });
}
