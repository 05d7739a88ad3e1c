import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, scaled } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { discInertia } from '../../../formulas/dynamics/disc-inertia.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { leverTorque } from '../../../formulas/work/lever-torque.js';
import { millingPower } from '../../../formulas/work/milling-power.js';
import { nipTorque } from '../../../formulas/work/nip-torque.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { fruitCrusherHead } from './fields.js';
import { type FruitCrusherOutputs, fruitCrusherOutputs } from './outputs.js';

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
type Own = Context<FruitCrusherOutputs>;

const solid = fixed('1', 0.5, 'Closed form: a solid roll', [0.5, 0.6]);
const unweighed = fixed('kg·m²', 0, 'The roll is not weighed: its own inertia is left out');

export const fruitByThroughput = defineProcedure({
  id: 'fruit-by-throughput',
  says: 'As many fruit as have to be held, with their whole force at the teeth, for the torque that the throughput takes on the average',
  source: 'Torque over the torque of one fruit (closed form)',
});

export const peakByCount = defineProcedure({
  id: 'peak-by-count',
  says: 'One fruit at the least, at the most as many as have a place in the nip; between them the mean by throughput and twice the root of it, as what comes by chance piles up',
  source: 'Counts that come by chance (Poisson): two standard deviations over the mean',
});

const bites = fixed(
  'm/s',
  4,
  'Common practice, no source: the teeth of a fruit mill run at 2 to 6 m/s; above about 8 it flings instead of biting',
  [2, 6],
  flag.estimated,
);

const grates = fixed('m/s', 10.3, 'Common practice, no source: the teeth of a grater run at 8 to 14 m/s', [8.3, 14], flag.estimated);
const lumpSource = 'Common practice, no source: several apples pressed in at once take two to five times the mean';
const lumps = fixed('1', 3, lumpSource, [2, 5], flag.estimated);
const [flings, sprays] = [fixed('m/s', 8, fruitCrusherOutputs.checks.teeth.source), fixed('m/s', 15, fruitCrusherOutputs.checks.teeth.source)];
const releases = fixed('m/s', 22, fruitCrusherOutputs.checks.bursts.source);

/** A toothed roll that tears fruit against a wall, or a drum that grates it. Above about 8 m/s at its teeth a roll flings instead of biting. */
export const fruitCrusher: WorkKind<typeof fruitCrusherHead> = {
  ...fruitCrusherHead,
  speedNeeded: ({ roll, sort }) => speedOfRim({ v: sort.is === 'drum' ? grates : bites, d: roll }),
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { roll, mass, pull, arm, throughput, energy, loaded, handsClear, lasts, sort } = inputs;
    const isDrum = sort.is === 'drum';
    const milling = note('milling-power', millingPower({ Q: throughput, w: energy }));
    const byEnergy = note('torque-by-energy', shaftTorque({ P: milling, n: arriving.flow }));
    const bitten = isDrum ? null : biting(inputs, byEnergy, context);
    const lever = pull.known || arm.known ? note('torque-by-lever', leverTorque({ F: pull, a: arm })) : null;
    // The lever once it was tried; otherwise what the throughput takes on the average; of what is fed by hand the fruit in the nip.
    const byForce = bitten?.full ?? byEnergy;
    const steady = note('torque', lever ?? (throughput.known ? byEnergy : byForce));
    const most = lever ?? byForce;
    const peak = isDrum ? scaled(steady, lumps, lumpSource) : lever || !throughput.known ? null : (bitten?.peak ?? null);
    const isFedLater = loaded.is === 'up-to-speed';
    return {
      steady,
      body: bodyOf(roll, 150),
      breakaway: note('breakaway', isFedLater ? emptyTorque(steady) : most.known ? most : steady),
      ...(peak ? { peak: note('peak', peak) } : {}),
      startsEmpty: isFedLater,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: mass.known ? note('roll-inertia', discInertia({ k: solid, m: mass, d: roll })) : unweighed,
      ...jammedBy(inputs, roll, context),
      shock: 'medium',
      checks: checksOf(inputs, arriving, context),
      cautions: [
        'A roll takes a hand as readily as an apple: a hopper deeper than an arm, and a guard that the machine does not run without.',
        'Juice and mains: a residual-current device, a motor that is splash-proof. Nothing with lead or zinc touches the fruit.',
        ...(isDrum ? ['Screws fly out of a drum: a closed housing, and a pusher instead of a hand.'] : []),
      ],
      notEntered: lever ? [] : ['the lever and scale, which would replace a guess'],
    };
  },
};

/** What the fruit in the nip of a roll takes: with every place filled, and at the peaks of its throughput. */
function biting(inputs: Inputs, byEnergy: Figure<'N·m'>, { note }: Own): { readonly full: Figure<'N·m'>; readonly peak: Figure<'N·m'> } {
  const { force: F, roll: D, throughput } = inputs;
  const held = note('fruit-in-the-nip', fruitHeld(inputs));
  const full = note('torque-by-force', nipTorque({ z: held, F, D }));
  if (!throughput.known) return { full, peak: full };
  // One account: the torque on the average is so many fruit held at a time, and they come by chance.
  const from = { T: byEnergy, F, D };
  note(
    'fruit-by-throughput',
    solve('1', fruitByThroughput, from, ({ T = 0, F: each = 1, D: d = 1 }) => (2000 * T) / (each * d)),
  );
  const peak = solve('N·m', peakByCount, { ...from, z: held }, ({ T = 0, F: each = 1, D: d = 1, z = 1 }) => {
    const one = (each * d) / 2000;
    const mean = T / one;
    return one * Math.max(1, Math.min(z, mean + 2 * Math.sqrt(mean)));
  });
  return { full, peak };
}

function checksOf(inputs: Inputs, { flow, top }: Port<'rotary'>, context: Own): Check[] {
  const { roll, sort, throughput } = inputs;
  const { check, note } = context;
  note('tooth-speed', rimSpeed({ n: flow, d: roll }));
  const fastest = rimSpeed({ n: top, d: roll });
  if (sort.is === 'drum') return [check('teeth', { has: sprays, needs: fastest }), check('bursts', { has: releases, needs: fastest })];
  return [check('teeth', { has: flings, needs: fastest }), ...(throughput.known ? [throughputCheck(inputs, flow, context)] : [])];
}

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
function throughputCheck({ roll, long, fruit, throughput }: Inputs, speed: Figure<'rpm'>, { check }: Own): Check {
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
