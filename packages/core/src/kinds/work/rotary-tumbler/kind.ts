import { bulkSource, slideSource, tumbled } from '../../../catalog/tumbled.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, picked, scaled } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { discInertia } from '../../../formulas/dynamics/disc-inertia.js';
import { criticalDrumSpeed } from '../../../formulas/work/critical-drum-speed.js';
import { liftedTorque } from '../../../formulas/work/lifted-torque.js';
import { segmentCentre } from '../../../geometry/segment-centre.js';
import { type Sentence, sentence } from '../../../wording/sentence.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { rotaryTumblerHead } from './fields.js';
import { type RotaryTumblerOutputs, rotaryTumblerOutputs } from './outputs.js';

export const centreOfSegment = defineProcedure({
  id: 'centre-of-load',
  says: 'Centroid of the segment of a circle that has this share of its area, the angle found from its area',
  source: 'Closed form (handbooks: circular segment)',
});

type Inputs = InputFigures<typeof rotaryTumblerHead.fields>;

const shell = fixed('1', 0.9, 'Closed form: a thin drum, its ends counted in', [0.75, 1]);
const bulk = fixed('1', 0.5, 'Closed form: about a filled disc', [0.4, 0.6]);
const unweighed = fixed('kg·m²', 0, 'The drum is not weighed: its own inertia is left out');
const settledSource =
  'Common practice, no source: at rest a load has settled, and lies at 40 to 60° before it first slides; concrete comes up as a lump';
const settledAt = {
  loose: fixed('rad', Math.PI / 4, settledSource, [(40 * Math.PI) / 180, Math.PI / 3], flag.estimated),
  lump: fixed('rad', Math.PI / 3, settledSource, [Math.PI / 4, Math.PI / 2], flag.estimated),
} as const;

const tumbleSource = 'Comminution textbooks (from memory): tumbling at 40 to 85 % of the critical speed';
const turnsAt = {
  polish: fixed('1', 0.6, tumbleSource, [0.4, 0.75]),
  grind: fixed('1', 0.7, 'Comminution textbooks (from memory): a ball mill turns at 65 to 78 % of the critical speed', [0.65, 0.78]),
  mix: fixed('1', 0.42, 'Common practice, no source: a mixer turns at 30 to 60 % of the critical speed', [0.3, 0.6], flag.estimated),
} as const;

/** A drum that lifts its load up one side until it slides back. On rollers the line ends at the driven one: what the drum needs is told there. */
export const rotaryTumbler: WorkKind<typeof rotaryTumblerHead> = {
  ...rotaryTumblerHead,
  speedNeeded: (inputs) =>
    atRoller(inputs).faster(scaled(criticalDrumSpeed({ D: inputs.drum, d: inputs.piece }), turnsAt[inputs.does.is ?? 'polish'], tumbleSource)),
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { drum, empty, shell: drumMass, handsClear, lasts, does } = inputs;
    const load = loadOf(inputs, context);
    const roller = atRoller(inputs);
    const r = note('centre-of-load', centreOfLoad(inputs));
    const lifted = note('torque-of-load', tilted(liftedTorque({ m: load, r, a: slidesAt(inputs) }), inputs));
    const steady = note('torque', roller.less(withDrag(lifted, empty)));
    const critical = note('critical-speed', criticalDrumSpeed({ D: drum, d: inputs.piece }));
    const loadInertia = discInertia({ k: bulk, m: load, d: drum });
    const drumInertia = drumMass.known ? discInertia({ k: shell, m: drumMass, d: drum }) : unweighed;
    const all = note('inertia-of-all', load.known ? picked('sum', 'kg·m²', [drumInertia, loadInertia]) : drumInertia);
    const starts = withDrag(tilted(liftedTorque({ m: load, r, a: settledAt[does.is === 'mix' ? 'lump' : 'loose'] }), inputs), empty);
    const weight = note('weight', drumMass.known ? picked('sum', 'kg', [load, drumMass]) : load);
    const isRolled = isOnRollers(inputs);
    const jams = jammedBy(inputs, isRolled ? inputs.roller : drum, context);
    // By all that lies on them: what a drum that is not weighed adds is not known.
    const grip = isRolled ? note('roller-grip', gripOf(inputs, picked('sum', 'kg', [load, drumMass]))) : null;
    if (isRolled) note('drum-speed', roller.slower(arriving.flow));
    return {
      steady,
      body: bodyOf(drum, 300),
      breakaway: note('breakaway', roller.less(starts)),
      lasts,
      stopsItself: true,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: roller.felt(all),
      ...jams,
      ...(grip ? { slips: context.limit('rollers', { torque: roller.less(grip), source: rotaryTumblerOutputs.checks.grip.source }) } : {}),
      shock: 'uniform',
      checks: [
        clings(critical, { ...arriving, flow: roller.slower(arriving.flow), top: roller.slower(arriving.top) }, context),
        ...(grip ? [context.check('grip', { has: grip, needs: note('drum-starts', starts) })] : []),
      ],
      cautions: [
        ...(isRolled
          ? [
              sentence('On rollers the line ends at the driven one: torque and speed are told there, and the drum turns at {slow}', {
                slow: roller.slower(arriving.flow),
              }),
            ]
          : []),
        ...cautionsOf(inputs, weight),
      ],
      notEntered: empty.known ? [] : ['torque to turn it empty'],
    };
  },
};

export const rolledSpeed = defineProcedure({
  id: 'rolled-speed',
  says: 'Speed by the diameters, a hundredth of it slipped',
  source: 'Closed form; slip common practice, no source',
});
export const rolledTorque = defineProcedure({
  id: 'rolled-torque',
  says: 'Torque by the diameters, a twentieth more for the rolling of rubber',
  source: 'Closed form; rolling common practice, no source',
});
export const rolledInertia = defineProcedure({ id: 'rolled-inertia', says: 'Inertia by the square of the diameters', source: 'Closed form' });
export const gripOfRollers = defineProcedure({
  id: 'grip-of-rollers',
  says: 'Weight over the cosine of the angle at which the rollers are, by the share of it on driven ones, by friction and the radius',
  source: 'Statics of a drum on two lines (closed form)',
});

const wall = fixed(
  '1',
  1.05,
  'Common practice, no source: a wall of a twentieth of the drum’s diameter, both sides together',
  [1.02, 1.1],
  flag.estimated,
);
const outsideOf = ({ outside, drum }: Inputs): Figure<'mm'> => (outside.known ? outside : scaled(drum, wall, 'Its wall'));

const isOnRollers = ({ lies }: Inputs): boolean => lies.is === 'one' || lies.is === 'both';

interface AtRoller {
  /** Speed of the roller, of that of the drum, and the other way. */
  readonly faster: (n: Figure<'rpm'>) => Figure<'rpm'>;
  readonly slower: (n: Figure<'rpm'>) => Figure<'rpm'>;
  readonly less: (T: Figure<'N·m'>) => Figure<'N·m'>;
  readonly felt: (J: Figure<'kg·m²'>) => Figure<'kg·m²'>;
}
const same = <T>(figure: T): T => figure;

/** What is at the drum as it is at the shaft where the line ends. */
function atRoller(inputs: Inputs): AtRoller {
  if (!isOnRollers(inputs)) return { faster: same, slower: same, less: same, felt: same };
  const from = { d: inputs.roller, D: outsideOf(inputs) };
  return {
    faster: (n) => solve('rpm', rolledSpeed, { n, ...from }, ({ n: each = 0, d = 1, D = 0 }) => (each * D) / d / 0.99),
    slower: (n) => solve('rpm', rolledSpeed, { n, ...from }, ({ n: each = 0, d = 0, D = 1 }) => (0.99 * each * d) / D),
    less: (T) => solve('N·m', rolledTorque, { T, ...from }, ({ T: each = 0, d = 0, D = 1 }) => (1.05 * each * d) / D),
    felt: (J) => solve('kg·m²', rolledInertia, { J, ...from }, ({ J: each = 0, d = 0, D = 1 }) => each * (d / D) ** 2),
  };
}

const gripSource = rotaryTumblerOutputs.checks.grip.source;
const frictions = {
  rubber: fixed('1', 0.6, gripSource, [0.4, 0.8], flag.estimated),
  wet: fixed('1', 0.3, gripSource, [0.2, 0.45], flag.estimated),
  bare: fixed('1', 0.17, gripSource, [0.1, 0.25], flag.estimated),
} as const;
const beside = fixed('rad', Math.PI / 6, gripSource, [(25 * Math.PI) / 180, (40 * Math.PI) / 180], flag.estimated);
const onDriven = { one: fixed('1', 0.5, 'One of two lines of rollers'), both: fixed('1', 1, 'Both lines of rollers') } as const;

const gripOf = (inputs: Inputs, weight: Figure<'kg'>): Figure<'N·m'> =>
  solve(
    'N·m',
    gripOfRollers,
    {
      m: weight,
      mu: frictions[inputs.grips.is ?? 'rubber'],
      a: beside,
      u: onDriven[inputs.lies.is === 'both' ? 'both' : 'one'],
      D: outsideOf(inputs),
    },
    ({ m = 0, mu = 0, a = 0, u = 0, D = 0 }) => ((9.80665 * m * u * mu) / Math.cos(a)) * (D / 2000),
  );

export const tiltedTorque = defineProcedure({
  id: 'tilted-torque',
  says: 'What presses on the wall of a tilted drum: its cosine',
  source: 'Geometry',
});
/** A drum that lies level presses with all of its load. */
const tilted = (T: Figure<'N·m'>, { tilt }: Inputs): Figure<'N·m'> =>
  tilt.known && tilt.value === 0 ? T : solve('N·m', tiltedTorque, { T, b: tilt }, ({ T: each = 0, b = 0 }) => each * Math.cos(b));

const liftable_kg = 25;

function cautionsOf(inputs: Inputs, weight: Figure<'kg'>): (string | Sentence)[] {
  const { does, lid } = inputs;
  return [
    'Water and mains: a residual-current device before the motor, and the motor where nothing drips on it.',
    ...(does.is === 'grind' ? ['Silica dust: fill it wet.'] : []),
    ...(does.is === 'grind' || isOnRollers(inputs) ? ['A jar walks off its rollers, and falls: end stops.'] : []),
    ...(does.is === 'mix'
      ? ['Never a shovel or a hand into the turning drum; its gear ring is guarded.', 'Cement burns skin: gloves, and water at hand.']
      : []),
    ...(lid.is === 'open'
      ? []
      : [
          lid.is === 'dust'
            ? 'A lid that comes off throws the whole load: two catches, and look at them before each run.'
            : 'Some loads make gas: open the lid slowly, and not over a flame. A lid that comes off throws the whole load.',
        ]),
    ...(weight.known && weight.value > liftable_kg
      ? [sentence('Full it weighs {weight:likely}: it is emptied where it lies, or lifted by two or by a hoist', { weight })]
      : []),
  ];
}

const degree = Math.PI / 180;

/** As it was measured, else by what is in it. */
function slidesAt({ slides, material }: Inputs): Figure<'rad'> {
  if (!material.is || !slides.known || slides.origin.by !== 'usual') return slides;
  const { slides_deg, label } = tumbled[material.is];
  const band = slides_deg.map((each) => each * degree) as [number, number, number];
  return fromTable('rad', band, { table: 'angle at which it tumbles', row: label, source: slideSource });
}

export const loadByVolume = defineProcedure({
  id: 'load-by-volume',
  says: 'Volume of the drum by how full it is, by the bulk density of what is in it',
  source: 'Geometry',
});

/** As it was weighed, else by the room it takes. */
function loadOf({ load, long, drum, fill, material }: Inputs, { note }: Context<RotaryTumblerOutputs>): Figure<'kg'> {
  if (load.known || !long.known || !material.is) return load;
  const { bulk_kg_m3, label } = tumbled[material.is];
  const rho = fromTable('kg/m³', bulk_kg_m3, { table: 'bulk density', row: label, source: bulkSource });
  return note(
    'load-by-volume',
    solve('kg', loadByVolume, { D: drum, L: long, u: fill, rho }, ({ D = 0, L = 0, u = 0, rho: r = 0 }) => (Math.PI * D ** 2 * L * u * r) / 4e9),
  );
}

const centreOfLoad = ({ drum, fill }: Inputs): Figure<'mm'> =>
  solve('mm', centreOfSegment, { D: drum, u: fill }, ({ D = 0, u = 0 }) => segmentCentre(D, u));

const withDrag = (T: Figure<'N·m'>, empty: Figure<'N·m'>): Figure<'N·m'> => (empty.known ? picked('sum', 'N·m', [T, empty]) : T);

/** Past the critical speed the load clings to the drum and nothing tumbles; under two fifths of it, it only slides. */
function clings(critical: Figure<'rpm'>, { flow: speed, top }: Port<'rotary'>, { check }: Context<RotaryTumblerOutputs>): Check {
  const share = critical.known && speed.known ? speed.value / critical.value : null;
  return check('clings', {
    has: critical,
    needs: top,
    tells: { share: share === null ? '' : sentence(', {share:share} of that at work', { share }), does: share === null ? '' : moves(share) },
  });
}

/** Comminution textbooks (from memory): slipping, cascading, cataracting. */
function moves(share: number): string {
  if (share < 0.4) return '; under 40 % it slides more than it tumbles';
  if (share < 0.75) return ': it rolls down over itself (cascading)';
  return share < 1 ? ': it is thrown, and falls on the shell (cataracting)' : '';
}
