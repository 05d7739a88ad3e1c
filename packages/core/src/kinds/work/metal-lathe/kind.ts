import { cutMetals, unitPowerSource } from '../../../catalog/cut-metals.js';
import { type Check, noWorseThanClose } from '../../../checks/check.js';
import { fixed, flag, fromTable, scaled } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { removalRate } from '../../../formulas/cutting/removal-rate.js';
import { turningForce } from '../../../formulas/cutting/turning-force.js';
import { unitPower } from '../../../formulas/cutting/unit-power.js';
import { shaftPower } from '../../../formulas/power/shaft-power.js';
import { nipTorque } from '../../../formulas/work/nip-torque.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { chipForce, speedOfCut, withstoodBy, wornBy } from '../../shared/metal-cutting.js';
import { atLeast, speedsCheck, speedsOf } from '../../shared/spindle-speeds.js';
import { metalLatheHead } from './fields.js';
import type { MetalLatheOutputs } from './outputs.js';

type Inputs = InputFigures<typeof metalLatheHead.fields>;
type Own = Context<MetalLatheOutputs>;

const one = fixed('1', 1, 'One tool');
const digsSource = 'Common practice, no source: an interrupted cut, a hard spot or a parting tool that digs in takes 1.4 to 2.4 times as much';
const digs = fixed('1', 1.7, digsSource, [1.4, 2.4], flag.estimated);
const light = fixed('kg·m²', 0, 'No inertia of chuck and work is entered: left out');

export const facingTime = defineProcedure({
  id: 'facing-time',
  says: 'Half of the difference of the diameters by feed and speed',
  source: 'Closed form',
});
export const facingAtOneCut = defineProcedure({
  id: 'facing-at-one-cut',
  says: 'The ring that is faced, by feed and speed of the cut: the spindle speeds up as the tool goes in',
  source: 'Closed form',
});

/** A lathe that turns metal: force by the thickness of the chip, speed by what the edge withstands. */
export const metalLathe: WorkKind<typeof metalLatheHead> = {
  ...metalLatheHead,
  speedNeeded: (inputs) => speedOfRim({ v: speedOfCut(inputs), d: inputs.across }),
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { across, depth, feed, material, inertia, handsClear, lasts, jam, resists } = inputs;
    const { unit_W, label } = cutMetals[material.is ?? 'mild'];
    const w = wornBy(inputs);
    const F = note('cutting-force', turningForce({ ...chipForce(inputs), a: depth, f: feed, w }));
    const steady = note('torque', nipTorque({ z: one, F, D: across }));
    const v = note('surface', rimSpeed({ n: arriving.flow, d: across }));
    note('cutting-power', shaftPower({ T: steady, n: arriving.flow }));
    const Q = note('removal', removalRate({ a: depth, f: feed, v }));
    note('power-by-volume', unitPower({ Q, K: fromTable('1', unit_W, { table: 'unit power', row: label, source: unitPowerSource }), w }));
    return {
      steady,
      body: bodyOf(across, 50),
      breakaway: note('breakaway', emptyTorque(steady)),
      peak: note('peak', scaled(steady, digs, digsSource)),
      startsEmpty: true,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note('spun-inertia', inertia.known ? inertia : light),
      ...jammedBy({ jam, resists }, across, context),
      shock: 'medium',
      checks: checksOf(inputs, arriving, context),
      cautions: [
        'The chuck key comes out before the motor is switched on: it is thrown across the shed.',
        'A chuck that is screwed on unscrews itself when it is stopped hard or reversed.',
        'Goggles, short sleeves, no gloves: swarf is long and sharp, and is drawn off with a hook.',
      ],
      notEntered: [],
    };
  },
};

function checksOf(inputs: Inputs, { flow, top }: Port<'rotary'>, context: Own): Check[] {
  const { note, check, state } = context;
  const { across, least, depth, most } = inputs;
  const v = speedOfCut(inputs);
  const { slow, fast } = speedsOf(inputs, { flow, top });
  const checks: Check[] = [check('burns', { has: withstoodBy(v), needs: rimSpeed({ n: slow, d: across }) }), ...speedsCheck(inputs, context)];
  if (least.known) {
    const wanted = note('for-least', speedOfRim({ v, d: least }));
    const face = { D: across, d: least, f: inputs.feed };
    note(
      'faces-at-one-speed',
      solve('s', facingTime, { ...face, n: slow }, ({ D = 0, d = 0, f = 1, n = 1 }) => (30 * (D - d)) / (f * n)),
    );
    note(
      'faces-at-one-cut',
      solve(
        's',
        facingAtOneCut,
        { ...face, v: rimSpeed({ n: slow, d: across }) },
        ({ D = 0, d = 0, f = 1, v: cut = 1 }) => (Math.PI * (D ** 2 - d ** 2)) / (4000 * f * cut),
      ),
    );
    checks.push(noWorseThanClose(check('range', { has: fast, needs: atLeast(wanted) })));
  }
  if (most.known) checks.push(check('chuck', { has: most, needs: fast }));
  const isTooDeep = depth.known && across.known && depth.value > across.value / 2;
  if (isTooDeep) checks.push(state('deep', { verdict: 'fails', tells: { depth, stock: across } }));
  return checks;
}
