import { planedSource, sawnWoods } from '../../../catalog/sawn-woods.js';
import { type Check, noWorseThanClose } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, picked, scaled } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { cutVolume } from '../../../formulas/cutting/cut-volume.js';
import { toothBite } from '../../../formulas/cutting/tooth-bite.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bladeInertia } from '../../shared/blade-inertia.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy, thrownAt } from '../../shared/jam-stop.js';
import { emptyTorque, loadedUnder } from '../../shared/loaded.js';
import { ratedFor } from '../../shared/rated.js';
import { dulledBy, stopsWithin } from '../../shared/wood-cutting.js';
import { planerHead } from './fields.js';
import { type PlanerOutputs, planerOutputs } from './outputs.js';

type Inputs = InputFigures<typeof planerHead.fields>;

const runs = fixed('m/s', 20, 'Common practice, no source: the edges of planers run at 18 to 25 m/s', [17.5, 22], flag.estimated);
const idles = fixed(
  'W',
  200,
  'Common practice, no source: cutter block, belt and rollers take 120 to 300 W without wood',
  [120, 300],
  flag.estimated,
);
const knotSource = 'Common practice, no source: a knot across the width, or a board thicker at one end, takes 1.4 to 3 times the mean';
const knots = fixed('1', 1.8, knotSource, [1.4, 3], flag.estimated);
const trade = 'Common practice, no source: planers have a motor of a third more than the mean, for knots';
const deepest = fixed('mm', 3, planerOutputs.checks.deep.source);

export const thinner = defineProcedure({
  id: 'planed-thinner',
  says: 'Energy at 2 mm deep, by the fourth root of 2 mm over the depth: thin chips take more for their volume',
  source: planedSource,
});

export const planedPower = defineProcedure({
  id: 'planed-power',
  says: 'Chips a second by the energy that they take as thin as they are, and by wear',
  source: planedSource,
});

/** Knives that plane boards: power by the chips, which take more the thinner they are. */
export const planer: WorkKind<typeof planerHead> = {
  ...planerHead,
  speedNeeded: ({ block, most }) => {
    const n = speedOfRim({ v: runs, d: block });
    return most.known ? picked('least', 'rpm', [n, loadedUnder(most)]) : n;
  },
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { block, knives, wide, depth, feed, wood, inertia, handsClear, lasts } = inputs;
    const n = arriving.flow;
    const { planed_MPa, label } = sawnWoods[wood.is ?? 'hard'];
    const at2mm = fromTable('MPa', planed_MPa, { table: 'energy of planing', row: label, source: planedSource });
    note(
      'energy-of-cut',
      solve('MPa', thinner, { e: at2mm, d: depth }, ({ e = 0, d = 2 }) => e * (2 / d) ** 0.25),
    );
    note('removal', cutVolume({ w: wide, d: depth, v: feed }));
    const cut = note(
      'cutting-power',
      solve(
        'W',
        planedPower,
        { e: at2mm, b: wide, d: depth, v: feed, w: dulledBy(inputs) },
        ({ e = 0, b = 0, d = 2, v = 0, w = 1 }) => (e * (2 / d) ** 0.25 * b * d * v * w) / 1000,
      ),
    );
    const steady = note('torque', shaftTorque({ P: picked('sum', 'W', [cut, idles]), n }));
    note('edge', rimSpeed({ n, d: block }));
    const bite = note('bite', toothBite({ v: feed, z: knives, n }));
    return {
      steady,
      body: bodyOf(block, 63),
      breakaway: note('breakaway', emptyTorque(steady)),
      peak: note('peak', scaled(steady, knots, knotSource)),
      peaksPass: true,
      rated: ratedFor(steady, 1.3, trade),
      ratedBy: 'for knots',
      startsEmpty: true,
      stopsWithin,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note('block-inertia', inertia.known ? inertia : bladeInertia(block, wide)),
      ...jammedBy({ ...inputs, bursts: thrownAt(block) }, block, context),
      shock: 'medium',
      checks: checksOf(inputs, bite, arriving, context),
      cautions: [
        'The screws of the knives by a torque wrench, one after the other: a loose knife flies.',
        'No board shorter than from roller to roller; fingers against kickback before the block.',
        'The block runs on: wait until it is still, and pull the plug before a hand is near it.',
        'Ear defenders, and chips drawn off.',
      ],
      notEntered: inputs.most.known ? [] : ['the speed that the block is good for'],
    };
  },
};

function checksOf(inputs: Inputs, bite: Figure<'mm'>, { top }: Port<'rotary'>, { check, state }: Context<PlanerOutputs>): Check[] {
  const { most, depth } = inputs;
  const checks: Check[] = [noWorseThanClose(check('deep', { has: deepest, needs: depth }))];
  if (most.known) checks.push(check('marked', { has: most, needs: top }));
  if (bite.known) {
    const why =
      bite.value < 0.2
        ? 'the edges rub, and dull. Faster through, or fewer knives'
        : bite.value > 2
          ? 'waves that are seen. Slower through'
          : bite.value > 1
            ? 'felt, not seen. Slower through for furniture'
            : '';
    checks.push(state('marks', { verdict: why ? 'close' : 'holds', tells: { bite, why } }));
  }
  return checks;
}
