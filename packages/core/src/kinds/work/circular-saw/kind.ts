import { sawnSource, sawnWoods } from '../../../catalog/sawn-woods.js';
import { type Check, noWorseThanClose } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, picked, scaled } from '../../../figure/figure.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { cutPower } from '../../../formulas/cutting/cut-power.js';
import { cutVolume } from '../../../formulas/cutting/cut-volume.js';
import { toothBite } from '../../../formulas/cutting/tooth-bite.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bladeInertia } from '../../shared/blade-inertia.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque, loadedUnder } from '../../shared/loaded.js';
import { ratedFor } from '../../shared/rated.js';
import { dulledBy, stopsWithin } from '../../shared/wood-cutting.js';
import { circularSawHead } from './fields.js';
import { type CircularSawOutputs, circularSawOutputs } from './outputs.js';

type Inputs = InputFigures<typeof circularSawHead.fields>;

const blade = { is: 'blade', field: '' } as const;
const { rim, slow, reach } = circularSawOutputs.checks;
const runs = fixed('m/s', 53, 'Common practice, no source: table saws run at 45 to 60 m/s', [47, 59], flag.estimated);
const idles = fixed(
  'W',
  120,
  'Common practice, no source: blade and bearings of a table saw take 80 to 200 W without wood',
  [80, 200],
  flag.estimated,
);
const pinchSource = 'Common practice, no source: a board that closes on the blade, or is pushed, takes two to four times the mean';
const pinches = fixed('1', 2.5, pinchSource, [1.9, 4], flag.estimated);
const trade =
  'Common practice, no source: the cut takes 0.6 to 0.7 kW on the average; the trade fits two to three times that, 1.1 to 2.2 kW on a blade of 250 mm, for knots, haste and the dull blade';
const fastest = fixed('m/s', 70, rim.source);
const slowest = fixed('m/s', 40, slow.source);
const through = fixed('1', 0.35, reach.source);

/** A blade that saws wood: power by the sawdust, speed by the teeth. */
export const circularSaw: WorkKind<typeof circularSawHead> = {
  ...circularSawHead,
  speedNeeded: ({ across, most }) => {
    const n = speedOfRim({ v: runs, d: across });
    return most.known ? picked('least', 'rpm', [n, loadedUnder(most)]) : n;
  },
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { across, kerf, teeth, thick, feed, wood, inertia, handsClear, lasts } = inputs;
    const n = arriving.flow;
    const { sawn_MPa, label } = sawnWoods[wood.is ?? 'hard'];
    const k = note('energy-of-cut', fromTable('MPa', sawn_MPa, { table: 'energy of sawing', row: label, source: sawnSource }));
    const Q = note('removal', cutVolume({ w: kerf, d: thick, v: feed }));
    const cut = note('cutting-power', cutPower({ Q, k, w: dulledBy(inputs) }));
    const steady = note('torque', shaftTorque({ P: picked('sum', 'W', [cut, idles]), n }));
    note('rim', rimSpeed({ n, d: across }));
    const bite = note('bite', toothBite({ v: feed, z: teeth, n }));
    return {
      steady,
      body: bodyOf(across, 250),
      breakaway: note('breakaway', emptyTorque(steady)),
      peak: note('peak', scaled(steady, pinches, pinchSource)),
      peaksPass: true,
      rated: ratedFor(steady, 2.5, trade),
      ratedBy: 'for knots, haste and a dull blade',
      startsEmpty: true,
      stopsWithin,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note('saw-inertia', inertia.known ? inertia : bladeInertia(across, kerf)),
      ...jammedBy({ ...inputs, tool: blade }, across, context),
      shock: 'medium',
      checks: checksOf(inputs, bite, arriving, context),
      cautions: [
        'Wood that closes on the blade is thrown back: a riving knife and a guard, and nobody in line with the blade.',
        'A push stick for the last 300 mm; never a hand over the blade.',
        'To rip, a blade with few teeth; to cut across, one with many.',
        'Dust of oak and beech is harmful, and saws are loud: extraction, mask, ear defenders.',
      ],
      notEntered: inputs.most.known ? [] : ['the speed marked on the blade'],
    };
  },
};

const [leastBite_mm, mostBite_mm] = [0.02, 0.15];

function checksOf(inputs: Inputs, bite: Figure<'mm'>, { flow, top }: Port<'rotary'>, { check, state }: Context<CircularSawOutputs>): Check[] {
  const { across, thick, most } = inputs;
  const checks: Check[] = [
    most.known ? check('marked', { has: most, needs: top }) : check('rim', { has: fastest, needs: rimSpeed({ n: top, d: across }) }),
    noWorseThanClose(check('slow', { has: rimSpeed({ n: flow, d: across }), needs: slowest })),
    check('reach', { has: scaled(across, through, reach.source), needs: thick }),
  ];
  if (bite.known) {
    const why =
      bite.value < leastBite_mm
        ? 'it rubs and scorches. Fewer teeth, or faster through'
        : bite.value > mostBite_mm
          ? 'it tears, and kicks back. More teeth, or slower through'
          : '';
    checks.push(state('chip', { verdict: why ? 'close' : 'holds', tells: { bite, why } }));
  }
  return checks;
}
