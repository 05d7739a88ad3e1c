import { shearSource, shredded, shredEnergySource } from '../../../catalog/shredded.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, picked, scaled, unknown, unseen } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { discInertia } from '../../../formulas/dynamics/disc-inertia.js';
import { kineticEnergy } from '../../../formulas/dynamics/kinetic-energy.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { biteAngle } from '../../../formulas/work/bite-angle.js';
import { hookBends } from '../../../formulas/work/hook-bends.js';
import { millingPower } from '../../../formulas/work/milling-power.js';
import { nipTorque } from '../../../formulas/work/nip-torque.js';
import { shearForce } from '../../../formulas/work/shear-force.js';
import { hooksAtOnce, orderOf } from '../../../geometry/hooks-at-once.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { byTheTonne } from '../../shared/by-the-tonne.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { ratedFor } from '../../shared/rated.js';
import { shredderHead } from './fields.js';
import { type ShredderOutputs, shredderOutputs } from './outputs.js';

type Inputs = InputFigures<typeof shredderHead.fields>;
type Own = Context<ShredderOutputs>;

const tipSource =
  'Common practice, no source: hooks on one shaft run at 0.28 to 0.47 m/s, on two shafts at 0.16 to 0.33, the knives of a granulator at 3.5 to 5.5';
const tipsRun = {
  one: fixed('m/s', 0.37, tipSource, [0.28, 0.47], flag.estimated),
  two: fixed('m/s', 0.23, tipSource, [0.16, 0.33], flag.estimated),
  granulator: fixed('m/s', 4.3, tipSource, [3.5, 5.5], flag.estimated),
} as const;
const sortOf = ({ sort }: Inputs): keyof typeof tipsRun => sort.is ?? 'one';

export const hooksMost = defineProcedure({
  id: 'hooks-most-at-once',
  says: 'Hooks counted that are in their cut at once, as the shaft goes round once, by the order of the blades',
  source: 'Geometry',
});
export const hooksMean = defineProcedure({
  id: 'hooks-mean-at-once',
  says: 'All hooks by the share of a turn that each cuts over',
  source: 'Geometry',
});
export const hooksLoaded = defineProcedure({
  id: 'hooks-loaded',
  says: 'Of those that could cut at once as many as have something in them: all at the most, one at the least, likely their number to the power of 0.66, of two shafts of 0.28',
  source: 'Common practice, no source: of three on one shaft two are loaded, of fourteen in line six; between two shafts one or two',
});
export const energyByScreen = defineProcedure({
  id: 'energy-by-screen',
  says: 'Coarse shredding, and over it as the screen is finer than 17.6 mm; half as much again with blunt edges',
  source: shredEnergySource,
});
export const meanByHooks = defineProcedure({
  id: 'mean-by-hooks',
  says: 'Hooks that cut on the average by the torque of one, three tenths of them loaded, of two shafts one in eight, each with six tenths of its most over its cut',
  source: 'Common practice, no source',
});
export const energyOfCut = defineProcedure({
  id: 'energy-of-cut',
  says: 'Force by the thickness, six tenths of it on the average of the cut',
  source: 'Common practice, no source: a sheet is through when half to seven tenths of it are sheared',
});

/** Hooks or knives that shear what goes in: what one cut takes, how many cut at once, and what a kilogram takes. */
export const shredder: WorkKind<typeof shredderHead> = {
  ...shredderHead,
  speedNeeded: (inputs) => speedOfRim({ v: tipsRun[sortOf(inputs)], d: inputs.over }),
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { over, throughput, mass, pulley, handsClear, lasts, loaded } = inputs;
    const isSlow = sortOf(inputs) !== 'granulator';
    const speed = arriving.flow;
    const energy = note('shred-energy', energyOf(inputs));
    const power = note('shred-power', millingPower({ Q: throughput, w: energy }));
    const all = isSlow ? power : picked('sum', 'W', [power, idles]);
    const byEnergy = note('torque-by-energy', shaftTorque({ P: all, n: speed }));
    note('shear-strength', strengthOf(inputs));
    const cut = cutOf(inputs, context);
    const steady = note('torque', throughput.known || !isSlow ? byEnergy : cut.mean);
    const isFedLater = loaded.is === 'up-to-speed';
    const moved = note('rotor-inertia', inertiaOf(mass, over, pulley));
    note('tip-speed', rimSpeed({ n: speed, d: over }));
    return {
      steady,
      body: bodyOf(over, 130),
      breakaway: note('breakaway', isFedLater ? emptyTorque(steady) : cut.peak.known ? cut.peak : steady),
      ...(isSlow
        ? { peak: cut.peak, rated: ratedFor(cut.peak, 0.7, ofPeakSource) }
        : { rated: ratedFor(steady, 2, unevenSource), ratedBy: 'as it is fed unevenly' }),
      startsEmpty: isFedLater,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved,
      ...jammedBy(inputs, over, context),
      shock: 'heavy',
      checks: [
        ...speedCheck(inputs, arriving, context),
        ...(isSlow ? bladeChecks(inputs, cut, context) : storesCheck(cut, moved, speed, mass.known || pulley.known, context)),
      ],
      cautions: [
        'Never clear a jam with the power on: pull the plug, wait until it is still, then turn it back.',
        'A jam that is reversed throws pieces: eyes protected, nobody before the hopper.',
        'A guard switch on the hopper, an emergency stop within reach, and a hopper longer than an arm.',
        ...(isSlow
          ? ['Nothing sealed goes in: spray cans, lighters and batteries burst or burn.']
          : ['The rotor runs on after it is switched off: the lid stays locked until it is still. Its knives cut when it is turned by hand.']),
        ...(inputs.material.is === 'cans' || inputs.material.is === 'tin' ? ['Edges of shredded metal cut: gloves, but only at rest.'] : []),
      ],
      notEntered: inputs.edges.is ? [] : ['how sharp the edges are'],
    };
  },
};

const idles = fixed('W', 150, 'Common practice, no source: the rotor of a small granulator idles with 80 to 250 W', [80, 250], flag.estimated);
const ofPeakSource =
  'Common practice, no source: a motor is chosen for seven tenths of peaks that last a cut; it has twice its rated torque and more before it stalls';
const unevenSource = 'Common practice, no source: fed by hand, in lumps, a motor is taken for twice the mean';
const solid = fixed('1', 0.5, 'Closed form: a solid rotor', [0.4, 0.6]);
const unweighed = fixed('kg·m²', 0, 'Neither rotor nor pulley is weighed: their inertia is left out');

function inertiaOf(mass: Figure<'kg'>, over: Figure<'mm'>, pulley: Figure<'kg·m²'>): Figure<'kg·m²'> {
  const rotor = mass.known ? discInertia({ k: solid, m: mass, d: over }) : unweighed;
  return pulley.known ? picked('sum', 'kg·m²', [rotor, pulley]) : rotor;
}

const coldSource = 'Common practice, no source: near frost plastic takes 1.1 to 1.25 times as much, warm from the sun 0.6 to 0.85 times';
const byCold = {
  cold: fixed('1', 1.15, coldSource, [1.1, 1.25], flag.estimated),
  warm: fixed('1', 0.75, coldSource, [0.6, 0.85], flag.estimated),
} as const;

function strengthOf({ material, cold }: Inputs): Figure<'MPa'> {
  if (!material.is) return unknown('MPa', [material.field]);
  const { shear_MPa: band, label, isPlastic } = shredded[material.is];
  const tau = fromTable('MPa', band, { table: 'shear strength', row: label, source: shearSource });
  return isPlastic && (cold.is === 'cold' || cold.is === 'warm') ? scaled(tau, byCold[cold.is], coldSource) : tau;
}

const edgeSource =
  'Common practice, no source: friction beside the cut takes a fifth more, edges that are used a tenth, blunt ones half as much again';
const byEdge = {
  sharp: fixed('1', 1.2, edgeSource, [1.05, 1.35], flag.estimated),
  used: fixed('1', 1.32, edgeSource, [1.15, 1.6], flag.estimated),
  blunt: fixed('1', 1.85, edgeSource, [1.5, 2.2], flag.estimated),
} as const;
const edgesOf = ({ edges }: Inputs): Figure<'1'> => (edges.is ? byEdge[edges.is] : unseen('1', [1.05, 1.32, 1.9], edges.field, edgeSource));

const bluntCosts = fixed('1', 1.45, edgeSource, [1.3, 1.7], flag.estimated);
const finerBelow_mm = 17.6;

/** Energy a kilogram: as it was measured, else by what goes in, the screen and the edges. */
function energyOf({ energy, material, screen, edges }: Inputs): Figure<'J/kg'> {
  if (energy.known) return energy;
  if (!material.is) return unknown('J/kg', [material.field]);
  const { coarse_kWh_t, label } = shredded[material.is];
  const coarse = byTheTonne(coarse_kWh_t, { table: 'energy to shred', row: label, source: shredEnergySource });
  const from = { e: coarse, ...(screen.known ? { h: screen } : {}), ...(edges.is === 'blunt' ? { b: bluntCosts } : {}) };
  if (Object.keys(from).length === 1) return coarse;
  return solve('J/kg', energyByScreen, from, ({ e = 0, h, b = 1 }) => e * b * (h === undefined ? 1 : Math.max(1, finerBelow_mm / h)));
}

const one = fixed('1', 1, 'One knife');
const sides = fixed('1', 2, 'Both sides of the blade');

const shares = {
  one: fixed('1', 0.18, meanByHooks.source, [0.08, 0.35], flag.estimated),
  two: fixed('1', 0.08, meanByHooks.source, [0.03, 0.18], flag.estimated),
} as const;

interface Cut {
  readonly force: Figure<'N'>;
  readonly peak: Figure<'N·m'>;
  readonly mean: Figure<'N·m'>;
  /** Of one cut. */
  readonly energy: Figure<'J'>;
  readonly most: Figure<'1'>;
  readonly average: Figure<'1'>;
  /** That a hook cuts over. */
  readonly arc: Figure<'rad'>;
}

/** What one cut takes, and of all that cut at once. */
function cutOf(inputs: Inputs, { note }: Own): Cut {
  const { wall, reach, over, bite } = inputs;
  const isSlow = sortOf(inputs) !== 'granulator';
  const tau = strengthOf(inputs);
  const k = edgesOf(inputs);
  const force = note('force-on-hook', shearForce({ tau, t: wall, w: isSlow ? reach : bite, z: isSlow ? sides : one, k }));
  const through = fixed('1', 0.6, energyOfCut.source, [0.5, 0.7], flag.estimated);
  const energy = solve('J', energyOfCut, { F: force, t: wall, u: through }, ({ F = 0, t = 0, u = 0 }) => (F * t * u) / 1000);
  if (!isSlow) {
    note('one-cut', energy);
    return {
      force,
      energy,
      peak: note('peak', nipTorque({ z: one, F: force, D: over })),
      mean: unknown('N·m', []),
      most: one,
      average: one,
      arc: unknown('rad', []),
    };
  }
  // The middle of the hook is what cuts.
  const at = solve('mm', middleOfHook, { D: over, h: reach }, ({ D = 0, h = 0 }) => D - h);
  const a = note('bite-angle', biteAngle({ h: reach, D: over }));
  const { most, average } = countOf(inputs, a);
  note('hooks-most', most);
  note('hooks-mean', average);
  const loaded = note('hooks-loaded', loadedOf(inputs, most));
  const peak = note('peak', nipTorque({ z: loaded, F: force, D: at }));
  const share = shares[sortOf(inputs) === 'two' ? 'two' : 'one'];
  const mean = note(
    'torque-by-hooks',
    solve('N·m', meanByHooks, { z: average, F: force, D: at, u: share }, ({ z = 0, F = 0, D = 0, u = 0 }) => (z * F * D * u) / 2000),
  );
  return { force, energy, peak, mean, most, average, arc: a };
}
export const middleOfHook = defineProcedure({ id: 'middle-of-hook', says: 'Diameter over the hooks less one hook’s depth', source: 'Geometry' });

/** The places of the blades as they were typed; none where each has its own. */
const placesOf = ({ order }: Inputs): readonly number[] => (order.is ? (orderOf(order.is) ?? []) : []);

function countOf(inputs: Inputs, a: Figure<'rad'>): { readonly most: Figure<'1'>; readonly average: Figure<'1'> } {
  const { blades: z, hooks: h } = inputs;
  const from = { z, h, a };
  const order = placesOf(inputs);
  const count = ({ z: blades = 1, h: hooks = 1, a: arc = 0 }: Readonly<Record<string, number>>) => hooksAtOnce({ order, blades, hooks, arc });
  return {
    most: solve('1', hooksMost, from, (of) => Math.max(1, count(of).most)),
    average: solve('1', hooksMean, from, (of) => count(of).mean),
  };
}

const unseenHooks = [1, 1.6, 3] as const;
/** On one shaft what goes in lies along it; two draw in one piece at a time, between them. */
const spread = {
  one: fixed('1', 0.66, hooksLoaded.source, [0, 1], flag.estimated),
  two: fixed('1', 0.28, hooksLoaded.source, [0, 0.8], flag.estimated),
} as const;

/** Of those that could cut at once the ones that do. */
const loadedOf = (inputs: Inputs, most: Figure<'1'>): Figure<'1'> =>
  most.known || inputs.blades.known
    ? solve('1', hooksLoaded, { z: most, u: spread[sortOf(inputs) === 'two' ? 'two' : 'one'] }, ({ z = 1, u = 1 }) => z ** u)
    : unseen('1', unseenHooks, inputs.blades.missing[0] as string, hooksLoaded.source);

const slowest = fixed('rpm', 100, shredderOutputs.checks.slow.source);
const slower = fixed('rpm', 60, shredderOutputs.checks.slow.source);
const fastest = fixed('m/s', 12, shredderOutputs.checks.tips.source);

function speedCheck(inputs: Inputs, { top }: Port<'rotary'>, { check }: Own): Check[] {
  const sort = sortOf(inputs);
  if (sort === 'granulator') return [check('tips', { has: fastest, needs: rimSpeed({ n: top, d: inputs.over }) })];
  return [check('slow', { has: sort === 'one' ? slowest : slower, needs: top })];
}

const ofWall = fixed('1', 0.25, shredderOutputs.checks.gap.source);
const yieldSource = 'Common practice, no source: blades of salvaged plate are mild steel of 235 to 355 MPa';
const yields = fixed('MPa', 235, yieldSource, [235, 355], flag.estimated);
const half = fixed('1', 0.5, 'Two gaps beside each blade');
export const twoGaps = defineProcedure({
  id: 'two-gaps',
  says: 'Spacer less what is in it: the finger of the comb, or the blade of the other shaft',
  source: 'Geometry',
});

function bladeChecks(inputs: Inputs, { force, most, average, arc }: Cut, context: Own): Check[] {
  const { order, spacer, blade, wall, root, reach, blades, hooks } = inputs;
  const between = sortOf(inputs) === 'one' && inputs.finger.known ? inputs.finger : blade;
  const { state, check, note } = context;
  const checks: Check[] = [];
  if (order.is && !orderOf(order.is)) checks.push(state('order', { verdict: 'fails', tells: { text: order.is, most: '', mean: '', least: '' } }));
  else if (most.known && average.known && blades.known && hooks.known && arc.known) {
    const least = Math.max(1, hooksAtOnce({ order: [], blades: blades.value, hooks: hooks.value, arc: arc.value }).most);
    const tells = { text: '', most: `${Math.round(most.value)}`, mean: average, least: `${least}` };
    checks.push(state('order', { verdict: most.value >= 2 * least ? 'close' : 'holds', tells }));
  }
  if (spacer.known && between.known) {
    const gap = scaled(
      solve('mm', twoGaps, { s: spacer, b: between }, ({ s = 0, b = 0 }) => s - b),
      half,
      'Two gaps beside each blade',
    );
    if (gap.known && gap.value <= 0) checks.push(state('meets', { verdict: 'fails', tells: { spacer, between } }));
    else checks.push(check('gap', { has: scaled(wall, ofWall, shredderOutputs.checks.gap.source), needs: gap, tells: { wall } }));
  }
  if (root.known) checks.push(check('hook', { has: note('hook-bends', hookBends({ R: yields, b: blade, s: root, h: reach })), needs: force }));
  return checks;
}

const tenTimes = fixed('1', 10, shredderOutputs.checks.stores.source);

function storesCheck({ energy }: Cut, moved: Figure<'kg·m²'>, speed: Figure<'rpm'>, isWeighed: boolean, { check, note }: Own): Check[] {
  if (!isWeighed) return [];
  const stored = note('stored', kineticEnergy({ J: moved, n: speed }));
  return [check('stores', { has: stored, needs: scaled(energy, tenTimes, shredderOutputs.checks.stores.source), tells: { stored, cut: energy } })];
}
