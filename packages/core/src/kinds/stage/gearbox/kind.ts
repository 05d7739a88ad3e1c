import { wormEfficiencies } from '../../../catalog/gears.js';
import { type Figure, fixed, flag, fromTable, highEnd, lowEnd, unseen } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { carrierHeldRatio } from '../../../formulas/transmission/carrier-held-ratio.js';
import { frictionLoss } from '../../../formulas/transmission/friction-loss.js';
import { planetaryRatio } from '../../../formulas/transmission/planetary-ratio.js';
import { ratedTorque } from '../../../formulas/transmission/rated-torque.js';
import { type Band, bandAt } from '../../../numeric/band-at.js';
import type { InputFigures } from '../../fields.js';
import type { StageKind, StageReady, StageResult, StageState } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { noPull, nothingEntered, onOneAxis } from '../../shared/coaxial.js';
import { geared } from '../../shared/driven-shaft.js';
import { hubFixing } from '../../shared/hub-fixing.js';
import { ratedBetween, rowOf, serviceFactor } from '../../shared/service-factor.js';
import { gearboxHead } from './fields.js';
import { type GearboxOutputs, ratingSource } from './outputs.js';

export const stepsAlike = defineProcedure({
  id: 'steps-alike',
  says: 'The ratio of one step, once for each step',
  source: 'Closed form',
});

type Inputs = InputFigures<typeof gearboxHead.fields>;

/** Efficiency of one box by what is inside and its ratio (common practice, no source). */
const gearSource = 'Common practice, no source: helical 0.94 to 0.98, planetary 0.90 to 0.97; worm 0.40 at 60 to 1, 0.90 at 5 to 1';

/** Of all the ratios that it may be. */
function wormBand(ratio: Figure<'1'>): Band {
  if (!ratio.known) return [0.35, 0.65, 0.91];
  const [slow, likely, fast] = [highEnd(ratio), ratio.value, lowEnd(ratio)].map((i) => bandAt(wormEfficiencies, i)) as [Band, Band, Band];
  return [slow[0], likely[1], fast[2]];
}

function efficiencyOf({ efficiency, gears, ratio }: Inputs): Figure<'1'> {
  if (efficiency.known) return efficiency;
  const bands = { helical: [0.94, 0.96, 0.98], planetary: [0.9, 0.94, 0.97], worm: wormBand(ratio) } as const;
  if (!gears.is) return unseen('1', [wormBand(ratio)[0], 0.9, 0.98], gears.field, gearSource);
  return fromTable('1', bands[gears.is], { table: 'gearboxes', row: gears.is, source: gearSource }, flag.estimated);
}

/** As on the plate, or from the teeth of one planetary step taken as often as there are steps. */
function ratioOf({ ratio, gears, sun, ring, held, steps }: Inputs): Figure<'1'> {
  if (ratio.known || gears.is !== 'planetary' || !sun.known || !ring.known) return ratio;
  const one = held.is === 'carrier' ? carrierHeldRatio({ z_r: ring, z_s: sun }) : planetaryRatio({ z_r: ring, z_s: sun });
  return solve('1', stepsAlike, { i: one, k: steps }, ({ i = 1, k = 1 }) => i ** k);
}

const breakSource = 'Common practice, no source: teeth break at about two to two and a half times the rating';
const breaks = fixed('1', 0.45, breakSource, [0.4, 0.5], flag.estimated);

/** A gearbox that is taken at its plate's word. */
export const gearbox: StageKind<typeof gearboxHead> = {
  ...gearboxHead,
  ready: (inputs, { note }) => ({
    ...geared(note('ratio', ratioOf(inputs)), note('efficiency', efficiencyOf(inputs))),
    moved: nothingEntered,
    outline: onOneAxis(inputs.size),
  }),
  under: underLoad,
};

function underLoad(inputs: Inputs, { efficiency }: StageReady, { arriving, duty }: StageState, context: Context<GearboxOutputs>): StageResult {
  const { torqueBehind, power } = duty;
  const { note, check, limit } = context;
  const { rating, gears } = inputs;
  const factor = note('service-factor', serviceFactor('coupling', duty));
  const allowed = note('lasts-up-to', ratedTorque({ T_r: rating, f: factor }));
  note('heat', frictionLoss({ P: power, k: efficiency }));
  const hub = hubFixing(inputs, 'driven', context);
  const locks = gears.is === 'worm' && efficiency.known && highEnd(efficiency) < 0.5;
  return {
    checks: [
      ratedBetween(check('rating', { has: allowed, needs: torqueBehind, tells: { factor, factorOf: rowOf(duty) } }), duty),
      ...(inputs.most.known ? [check('speed', { has: inputs.most, needs: arriving.flow })] : []),
    ],
    slips: null,
    steady: rating.known ? limit('lasts', { torque: allowed, source: ratingSource, isDriven: true }) : null,
    breaks: rating.known
      ? limit('gears', { torque: note('breaks-at', ratedTorque({ T_r: rating, f: breaks })), source: breakSource, isDriven: true })
      : null,
    supports: inputs.overhung,
    hubs: { in: null, out: hub },
    pulls: { in: noPull, out: noPull },
    cautions: [
      locks
        ? 'A worm of this ratio mostly holds the load with the power off; vibration creeps it: never trust it with a person under a load.'
        : 'A gearbox does not hold a load with the power off: what may run down needs a brake.',
    ],
    notEntered: gears.is || inputs.efficiency.known ? [] : ['what is inside the gearbox'],
  };
}
