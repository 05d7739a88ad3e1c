import { seedSource, seeds } from '../../../catalog/seeds.js';
import { type Figure, fixed, flag, scaled, unknown } from '../../../figure/figure.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { leverTorque } from '../../../formulas/work/lever-torque.js';
import { millingPower } from '../../../formulas/work/milling-power.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import { bodyOf } from '../../shared/body.js';
import { byTheTonne } from '../../shared/by-the-tonne.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { ratedFor } from '../../shared/rated.js';
import { wormPressHead } from './fields.js';
import { wormPressOutputs } from './outputs.js';

type Inputs = InputFigures<typeof wormPressHead.fields>;

const runs = fixed('m/s', 0.104, 'Common practice, no source: worms run at 0.09 to 0.13 m/s at their rim', [0.09, 0.13], flag.estimated);
const plugSource = 'Common practice, no source: cold or dry cake that has set in the nozzle takes 1.7 to 4 times as much';
const plugged = fixed('1', 2.5, plugSource, [1.7, 4], flag.estimated);
const startSource =
  'Common practice, no source: warm, with what is left in the cage, it takes three to ten tenths of what it takes at work from rest';
const warm = fixed('1', 0.6, startSource, [0.35, 1], flag.estimated);
const ratedSource = 'Common practice, no source: a motor is taken for a fifth more than the mean; a plug is left to its breakdown torque';
const light = fixed('kg·m²', 0, 'The worm’s own inertia is nothing beside the motor’s: left out');
const fastest = fixed('m/s', 0.19, wormPressOutputs.checks.fast.source);

/** A slow worm that squeezes oil out of seed through a narrow nozzle. */
export const wormPress: WorkKind<typeof wormPressHead> = {
  ...wormPressHead,
  speedNeeded: ({ worm }) => speedOfRim({ v: runs, d: worm }),
  demand: (inputs, { flow: speed, top }, context) => {
    const { note, check } = context;
    const { worm, throughput, pull, arm, loaded, handsClear, lasts } = inputs;
    const power = note('press-power', millingPower({ Q: throughput, w: note('press-energy', energyOf(inputs)) }));
    const lever = pull.known || arm.known ? note('torque-by-lever', leverTorque({ F: pull, a: arm })) : null;
    const steady = note('torque', lever ?? shaftTorque({ P: power, n: speed }));
    const peak = note('peak', scaled(steady, plugged, plugSource));
    const isFedLater = loaded.is === 'up-to-speed';
    return {
      steady,
      body: bodyOf(worm, 44),
      // Started full and cold it has a plug before it.
      breakaway: note('breakaway', isFedLater ? scaled(steady, warm, startSource) : peak),
      peak,
      rated: ratedFor(steady, 1.2, ratedSource),
      ratedBy: 'a fifth more than the mean',
      startsEmpty: isFedLater,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: light,
      ...jammedBy(inputs, worm, context),
      shock: 'medium',
      checks: [check('fast', { has: fastest, needs: rimSpeed({ n: top, d: worm }) })],
      cautions: [
        'A cage that is plugged holds its pressure: switch off, turn it back and let it cool before it is opened.',
        'The heated head burns: 70 °C and more.',
        'Stop it empty and warm: what sets in the nozzle is what stalls the next start.',
        'Grease that may touch food, and no zinc or lead in the cage.',
      ],
      notEntered: lever ? [] : ['the pull at a crank, which would replace a guess'],
    };
  },
};

function energyOf({ energy, seed }: Inputs): Figure<'J/kg'> {
  if (energy.known) return energy;
  if (!seed.is) return unknown('J/kg', [seed.field]);
  const { energy_kWh_t: band, label } = seeds[seed.is];
  return byTheTonne(band, { table: 'energy to press oil', row: label, source: seedSource });
}
