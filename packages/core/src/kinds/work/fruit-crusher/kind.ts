import { hold } from '../../../checks/check.js';
import { type Figure, fixed, flag, known, picked, unknown } from '../../../figure/figure.js';
import { discInertia } from '../../../formulas/dynamics/disc-inertia.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { leverTorque } from '../../../formulas/work/lever-torque.js';
import { millingPower } from '../../../formulas/work/milling-power.js';
import { nipTorque } from '../../../formulas/work/nip-torque.js';
import type { InputFigures } from '../../fields.js';
import type { Context, WorkKind } from '../../kind.js';
import { stopsIn } from '../../stops.js';
import { fruitCrusherHead } from './fields.js';

type Inputs = InputFigures<typeof fruitCrusherHead.fields>;

const solid = fixed('1', 0.5, 'Closed form: a solid roll', [0.5, 0.6]);
const unweighed = fixed('kg·m²', 0, 'The roll is not weighed: its own swing is left out');

/** A toothed roll that tears fruit against a wall. Slow: above about 8 m/s at the teeth it flings instead of biting. */
export const fruitCrusher: WorkKind<typeof fruitCrusherHead.fields> = {
  ...fruitCrusherHead,
  asks: (inputs, { speed }, context) => {
    const { note } = context;
    const { roll, mass, jam, pull, arm, throughput, energy } = inputs;
    const milling = note('milling-power', millingPower({ Q: throughput, w: energy }));
    const byEnergy = note('torque-by-energy', shaftTorque({ P: milling, n: speed }));
    const held = note('fruit-in-the-nip', fruitHeld(inputs));
    const byForce = note('torque-by-force', nipTorque({ z: held, F: inputs.force, D: roll }));
    const lever = pull.known || arm.known ? note('torque-by-lever', leverTorque({ F: pull, a: arm })) : null;
    const peak = lever ?? byForce;
    // Whichever asks more: the lever once it was tried, otherwise throughput on the average and fruit in the nip at its peaks.
    const steady = note(
      'torque',
      lever ?? (byEnergy.known && byForce.known ? picked('most', 'N·m', [byEnergy, byForce]) : byForce.known ? byForce : byEnergy),
    );
    return {
      steady,
      breakaway: note('breakaway', peak.known ? peak : steady),
      growth: 0,
      inertia: mass.known ? note('roll-inertia', discInertia({ k: solid, m: mass, d: roll })) : unweighed,
      stops: note('stops-within', stopsIn(unknown('rad', [jam.field]), jam, roll)),
      shock: 'medium',
      checks: throughput.known ? [throughputCheck(inputs, speed, context)] : [],
      cautions: ['A roll takes a hand as readily as an apple: a hopper deeper than an arm, and a guard that the machine does not run without.'],
      notEntered: [...(lever ? [] : ['the lever and scale, which would replace a guess']), ...(jam.is ? [] : ['what may jam the roll'])],
    };
  },
};

/** Fruit crushed at one time: side by side along the roll, half of the places filled, as many as there are teeth in the nip. */
function fruitHeld({ long, fruit, teeth, roll }: Inputs): Figure<'1'> {
  if (!long.known || !fruit.known || !roll.known) {
    return unknown(
      '1',
      [long, fruit, roll].flatMap((figure) => (figure.known ? [] : figure.missing)),
    );
  }
  const abreast = Math.max(1, long.value / fruit.value);
  // A fruit spans about its own diameter of the rim; a row every so often bites into it.
  const rows = teeth.known ? Math.min(2, Math.max(1, (teeth.value * fruit.value) / (Math.PI * roll.value))) : 1;
  const value = abreast * 0.5 * rows;
  const from = { l: long, f: fruit, D: roll, ...(teeth.known ? { z: teeth } : {}) };
  return known('1', value, { by: 'solved', id: 'fruit-in-the-nip', from }, [value * 0.5, value * 2], flag.estimated);
}

/** What the roll can swallow: the layer between its teeth, half full, at its speed. */
function throughputCheck({ roll, long, fruit, throughput }: Inputs, speed: Figure<'rpm'>, { path, label }: Context) {
  const swallows: Figure<'kg/h'> =
    roll.known && long.known && fruit.known && speed.known
      ? (() => {
          // Bulk density of apples 550 to 650 kg/m³ (common practice); the layer is a quarter of a fruit thick.
          const volume_m3h = (Math.PI * roll.value * (fruit.value / 4) * long.value * speed.value * 60) / 1e9;
          const at = (share: number) => volume_m3h * 600 * share;
          return known(
            'kg/h',
            at(0.2),
            { by: 'solved', id: 'swallowed', from: { D: roll, l: long, f: fruit, n: speed } },
            [at(0.1), at(0.4)],
            flag.estimated,
          );
        })()
      : unknown(
          'kg/h',
          [roll, long, fruit, speed].flatMap((figure) => (figure.known ? [] : figure.missing)),
        );
  return hold({
    id: `${path}/check-throughput`,
    at: path,
    subject: 'Whether it goes through',
    has: swallows,
    needs: throughput,
    says: ({ has, needs }) => `The roll swallows about ${has}; ${needs} is wanted`,
    source: 'Common practice, no source: a layer a quarter of a fruit thick, a tenth to four tenths of it filled',
    label,
  });
}
