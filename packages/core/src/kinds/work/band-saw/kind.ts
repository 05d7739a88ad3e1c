import { sawnSource, sawnWoods } from '../../../catalog/sawn-woods.js';
import { type Check, noWorseThanClose } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, picked, scaled } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { cutPower } from '../../../formulas/cutting/cut-power.js';
import { cutVolume } from '../../../formulas/cutting/cut-volume.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { forceAt, speedOfCut } from '../../shared/metal-cutting.js';
import { ratedFor } from '../../shared/rated.js';
import { dulledBy, stopsWithin } from '../../shared/wood-cutting.js';
import { bandSawHead } from './fields.js';
import { type BandSawOutputs, bandSawOutputs } from './outputs.js';

type Inputs = InputFigures<typeof bandSawHead.fields>;
type Own = Context<BandSawOutputs>;

const blade = { is: 'blade', field: '' } as const;
const { fast, slow, bends } = bandSawOutputs.checks;
const inWood = fixed('m/s', 18, fast.source, [14, 24]);
const mostInWood = fixed('m/s', 30, fast.source);
const bimetalSource = 'Common practice, no source: band saws run in metal at 0.9 to 1.3 of the speed that high-speed steel turns it with';
const bimetal = fixed('1', 1.1, bimetalSource, [0.9, 1.3], flag.estimated);
const twice = fixed('1', 1.6, fast.source);
const idleSource = 'Common practice, no source: wheels, guides and brush take 20 to 50 W on a metal saw, 60 to 200 on one for wood';
const idles = {
  metal: fixed('W', 30, idleSource, [20, 50], flag.estimated),
  wood: fixed('W', 100, idleSource, [60, 200], flag.estimated),
} as const;
const sliverSource = 'Common practice, no source: a tooth of a metal saw takes chips of 2 to 8 µm';
const sliver = fixed('mm', 0.004, sliverSource, [0.002, 0.008], flag.estimated);
const setSource =
  'Common practice, no source: teeth are set 1.3 to 1.6 times as wide as the blade in wood; in metal the chip is as wide as the blade';
const set = fixed('1', 1.45, setSource, [1.3, 1.6], flag.estimated);
const catchSource =
  'Common practice, no source: a tooth that catches an edge takes one and a half to three times the mean, then the blade slips or loses teeth';
const catches = fixed('1', 2, catchSource, [1.5, 3], flag.estimated);
const trade = 'Common practice, no source: band saws have a motor of twice what the cut takes on the average';
const tensionSource = 'Common practice, no source: blades of carbon steel are strained to 80 to 140 MPa, bimetal to 150 to 250';
const strained = {
  wood: fixed('MPa', 100, tensionSource, [80, 140], flag.estimated),
  metal: fixed('MPa', 190, tensionSource, [150, 250], flag.estimated),
} as const;
const ofWheel = fixed('1', 1 / 350, bends.source);
const half = fixed('1', 0.5, slow.source);
const weightless = fixed('kg·m²', 0, 'No inertia of the wheels is entered: left out');
const bothSides = fixed('1', 2, 'Both sides of the blade pull at the wheel');

export const areaCut = defineProcedure({ id: 'area-cut', says: 'Area a minute by the width that is cut', source: 'Geometry' });
export const pullOnBlade = defineProcedure({ id: 'pull-on-blade', says: 'Power of the cut over the speed of the blade', source: 'Closed form' });
export const bladeTension = defineProcedure({
  id: 'blade-tension',
  says: 'Thickness by width by the stress it is strained to',
  source: tensionSource,
});
export const timeThrough = defineProcedure({
  id: 'time-through',
  says: 'Section of a round as high over the area cut a minute',
  source: 'Geometry',
});
export const teethIn = defineProcedure({ id: 'teeth-in-work', says: 'Height of the work by the teeth on 25.4 mm', source: 'Geometry' });

const sortOf = ({ cuts }: Inputs): 'wood' | 'metal' => cuts.is ?? 'wood';
const hss = { is: 'hss', field: '' } as const;

/** As fast as a blade is run in what it cuts. */
const runsAt = (inputs: Inputs): Figure<'m/s'> =>
  sortOf(inputs) === 'wood' ? inWood : scaled(speedOfCut({ material: inputs.material, tool: hss }), bimetal, bimetalSource);

/** A blade over two wheels, in wood or in metal: power by what it takes off, pull by its speed. */
export const bandSaw: WorkKind<typeof bandSawHead> = {
  ...bandSawHead,
  speedNeeded: (inputs) => speedOfRim({ v: runsAt(inputs), d: inputs.wheel }),
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { wheel, thick, inertia, handsClear, lasts } = inputs;
    const n = arriving.flow;
    const sort = sortOf(inputs);
    const Q = note('removal', removedBy(inputs));
    const k = note('energy-of-cut', energyOf(inputs));
    const cut = note('cutting-power', cutPower({ Q, k, w: dulledBy(inputs) }));
    const v = note('blade-speed', rimSpeed({ n, d: wheel }));
    note(
      'pull',
      solve('N', pullOnBlade, { P: cut, v }, ({ P = 0, v: speed = 1 }) => P / speed),
    );
    const steady = note('torque', shaftTorque({ P: picked('sum', 'W', [cut, idles[sort]]), n }));
    if (sort === 'metal')
      note(
        'time-through',
        solve('s', timeThrough, { D: inputs.high, A: inputs.area }, ({ D = 0, A = 1 }) => (60 * Math.PI * D ** 2) / 4 / A),
      );
    if (inputs.wide.known) {
      const T = note(
        'tension',
        solve('N', bladeTension, { t: thick, b: inputs.wide, s: strained[sort] }, ({ t = 0, b = 0, s = 0 }) => t * b * s),
      );
      note('wheel-pull', scaled(T, bothSides, 'Both sides of the blade pull at the wheel'));
    }
    return {
      steady,
      body: bodyOf(wheel, 350),
      breakaway: note('breakaway', emptyTorque(steady)),
      peak: note('peak', scaled(steady, catches, catchSource)),
      peaksPass: true,
      rated: ratedFor(steady, 2, trade),
      ratedBy: 'for teeth that catch',
      startsEmpty: true,
      ...(sort === 'wood' ? { stopsWithin } : {}),
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note('wheel-inertia', inertia.known ? inertia : weightless),
      ...jammedBy({ ...inputs, tool: blade }, wheel, context),
      shock: 'medium',
      checks: checksOf(inputs, arriving, context),
      cautions: [
        'The blade is under tension: it springs when it is taken off, and lashes when it breaks. Doors shut, guard down to the work.',
        ...(sort === 'wood'
          ? ['A round log turns under the blade, and pulls the hand with it: in a cradle.', 'The wheels run on: wait until the blade is still.']
          : [
              'What is cut off drops at the end: support it.',
              'For thin tube the weight on the bow is set low.',
              'The work is held in the vice: a hand does not hold it.',
            ]),
      ],
      notEntered: inertia.known || sort === 'metal' ? [] : ['inertia of the wheels'],
    };
  },
};

function removedBy({ cuts, thick, high, feed, area }: Inputs): Figure<'cm³/min'> {
  if (cuts.is === 'metal') return solve('cm³/min', areaCut, { A: area, t: thick }, ({ A = 0, t = 0 }) => (A * t) / 1000);
  return cutVolume({ w: scaled(thick, set, setSource), d: high, v: feed });
}

function energyOf(inputs: Inputs): Figure<'MPa'> {
  if (sortOf(inputs) === 'metal') return forceAt(inputs, sliver);
  const { sawn_MPa, label } = sawnWoods[inputs.wood.is ?? 'hard'];
  return fromTable('MPa', sawn_MPa, { table: 'energy of sawing', row: label, source: sawnSource });
}

function checksOf(inputs: Inputs, { flow, top }: Port<'rotary'>, { check, state, note }: Own): Check[] {
  const { wheel, thick, teeth, high } = inputs;
  const runs = runsAt(inputs);
  const likeliest = runs.known ? fixed('m/s', runs.value, fast.source) : runs;
  const most = sortOf(inputs) === 'wood' ? mostInWood : scaled(likeliest, twice, fast.source);
  const checks: Check[] = [
    check('fast', { has: most, needs: rimSpeed({ n: top, d: wheel }) }),
    noWorseThanClose(check('slow', { has: rimSpeed({ n: flow, d: wheel }), needs: scaled(likeliest, half, slow.source) })),
  ];
  if (thick.known && thick.origin.by !== 'usual')
    checks.push(noWorseThanClose(check('bends', { has: scaled(wheel, ofWheel, bends.source), needs: thick })));
  const many = note(
    'teeth-in',
    solve('1', teethIn, { h: high, z: teeth }, ({ h = 0, z = 0 }) => (h * z) / 25.4),
  );
  if (many.known) {
    const why =
      many.value < 2
        ? 'they hook, and break. A finer blade'
        : many.value < 3
          ? 'three and more run quietly'
          : many.value > 24
            ? 'they pack with chips. A coarser blade'
            : '';
    checks.push(state('teeth', { verdict: many.value < 2 ? 'fails' : why ? 'close' : 'holds', tells: { many: `${Math.round(many.value)}`, why } }));
  }
  return checks;
}
