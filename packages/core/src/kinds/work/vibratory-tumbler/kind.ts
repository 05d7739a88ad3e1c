import { ballBearingSource, ballBearings } from '../../../catalog/ball-bearings.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, picked, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { amplitude } from '../../../formulas/vibration/amplitude.js';
import { centrifugalForce } from '../../../formulas/vibration/centrifugal-force.js';
import { coilSpringRate } from '../../../formulas/vibration/coil-spring-rate.js';
import { naturalFrequency } from '../../../formulas/vibration/natural-frequency.js';
import { sagOfSprings } from '../../../formulas/vibration/sag-of-springs.js';
import { shaken as shakenBy } from '../../../formulas/vibration/shaken.js';
import { shakingPower } from '../../../formulas/vibration/shaking-power.js';
import { shareToFloor } from '../../../formulas/vibration/share-to-floor.js';
import { springByDrop } from '../../../formulas/vibration/spring-by-drop.js';
import { unbalance } from '../../../formulas/vibration/unbalance.js';
import { amplitudeThrough } from '../../../numeric/amplitude-through.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { ratedFor } from '../../shared/rated.js';
import { vibratoryTumblerHead } from './fields.js';
import { type VibratoryTumblerOutputs, vibratoryTumblerOutputs } from './outputs.js';

type Inputs = InputFigures<typeof vibratoryTumblerHead.fields>;
type Own = Context<VibratoryTumblerOutputs>;

export const vibratingMass = defineProcedure({
  id: 'vibrating-mass',
  says: 'Tub and frame, and of what is filled in the share that moves with them; the rest is thrown and lands again',
  source: 'Common practice, no source: of loose media 0.35 to 0.6, of concrete in moulds 0.5 to 0.8',
});
export const unbalanceByForce = defineProcedure({
  id: 'unbalance-by-force',
  says: 'Force on its plate by how far its weights are set, over the square of the speed that it is rated at: 1450 rpm, or 2850 where it runs faster than 2000',
  source: 'Centrifugal force (definition)',
});
export const unbalanceFor = defineProcedure({
  id: 'unbalance-for',
  says: 'What shakes the vibrating mass with the acceleration that is wished, far over resonance',
  source: 'Vibration textbooks (linear oscillator, far over resonance)',
});
export const amplitudeFor = defineProcedure({
  id: 'amplitude-for',
  says: 'Acceleration that is wished over the square of the speed',
  source: 'Simple harmonic motion (closed form)',
});
export const exciterDrag = defineProcedure({
  id: 'exciter-drag',
  says: '12 mN·m, and 0.04 mN·m a newton of its force; half to twice that',
  source: 'Common practice, no source: fitted to bearings and seals of four exciters of 0.1 to 3 kN',
});
export const liftOfEccentric = defineProcedure({
  id: 'lift-of-eccentric',
  says: 'Weight of the eccentric at its radius, and the drag of the bearings',
  source: 'Statics (closed form)',
});
export const amplitudePassing = defineProcedure({
  id: 'amplitude-passing',
  says: 'A linear oscillator whose eccentric is run at an even rate through resonance, stepped exactly; slowly it moves as far as it would for good',
  source: 'Textbooks on structural dynamics (piecewise exact method)',
});
export const torquePassing = defineProcedure({
  id: 'torque-passing',
  says: 'Force of the eccentric at resonance by half of the greatest amplitude',
  source: 'Mean power of a harmonic force in step (closed form)',
});
export const coilMean = defineProcedure({ id: 'coil-mean', says: 'Outside diameter less the wire', source: 'Geometry' });
export const inertiaOfEccentric = defineProcedure({ id: 'inertia-of-eccentric', says: 'Mass by the square of its radius', source: 'Closed form' });
export const overNatural = defineProcedure({ id: 'over-natural', says: 'Speed over its natural frequency', source: 'Definition' });

const shares = {
  polish: fixed('1', 0.45, vibratingMass.source, [0.35, 0.6], flag.estimated),
  settle: fixed('1', 0.65, vibratingMass.source, [0.5, 0.8], flag.estimated),
} as const;
const ofDrag = fixed('1', 1, exciterDrag.source, [0.5, 2], flag.estimated);
const inStep = fixed('1', 0.25, 'Common practice, no source: media take the power of a motion that is 7 to 24° behind', [0.12, 0.4], flag.estimated);
const damping = fixed(
  '1',
  0.1,
  'Common practice, no source: a filled tub on springs has a damping ratio of 0.05 to 0.2',
  [0.05, 0.2],
  flag.estimated,
);
const both = fixed('1', 0.5, 'Two bearings share the force');
const three = fixed('1', 3, vibratoryTumblerOutputs.checks.tuned.source);
const softest = fixed('m/s²', 2.5 * 9.80665, vibratoryTumblerOutputs.checks.weak.source);
const roughest = {
  polish: fixed('m/s²', 8 * 9.80665, vibratoryTumblerOutputs.checks.rough.source),
  settle: fixed('m/s²', 6 * 9.80665, vibratoryTumblerOutputs.checks.rough.source),
} as const;
const ratedSource =
  'Common practice, no source: a motor is taken for twice what lifts the eccentric, so that it passes resonance quickly; a sealed vibrator for that itself';

/** A tub or table on springs that an eccentric shakes far over resonance. */
export const vibratoryTumbler: WorkKind<typeof vibratoryTumblerHead> = {
  ...vibratoryTumblerHead,
  speedNeeded: ({ speed }) => speed,
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { offcut, radius, driven, does, handsClear, lasts } = inputs;
    const n = arriving.flow;
    const M = note('vibrating-mass', vibrating(inputs));
    const U = note('unbalance', eccentricOf(inputs, M));
    const F = note('exciter-force', centrifugalForce({ U, n }));
    const shaken = shaking(inputs, { M, U, n }, context);
    // Far over resonance where the springs are not known: half as stiff or twice, it moves the same.
    const P = note('shaking-power', shakingPower({ F, X: shaken.X, n, u: inStep }));
    const drag = note(
      'exciter-drag',
      solve('N·m', exciterDrag, { F, h: ofDrag }, ({ F: force = 0, h = 1 }) => h * (0.012 + 0.00004 * force)),
    );
    const steady = note('torque', picked('sum', 'N·m', [shaftTorque({ P, n }), drag]));
    const lift = note(
      'breakaway',
      solve('N·m', liftOfEccentric, { U, T: drag }, ({ U: u = 0, T = 0 }) => (9.80665 * u) / 1000 + T),
    );
    const moved = solve('kg·m²', inertiaOfEccentric, { m: offcut, e: radius }, ({ m = 0, e = 0 }) => m * (e / 1000) ** 2);
    return {
      steady,
      body: bodyOf(scaled(radius, 2, 'Both sides'), 120),
      breakaway: lift,
      rated: picked('most', 'N·m', [ratedFor(steady, 1, ratedSource), ratedFor(lift, driven.is === 'vibrator' ? 1 : 2, ratedSource)]),
      ratedBy: 'so that it lifts the eccentric and passes resonance quickly',
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 2,
      moved: moved.known ? note('eccentric-inertia', moved) : nothing,
      stops: unknown('rad', [], 'nothing can jam it'),
      jams: 'never',
      shock: 'medium',
      checks: [...shaken.checks, ...gChecks(does.is ?? 'polish', shaken.g, context), ...bearingCheck(inputs, U, arriving, context)],
      cautions: cautionsOf(inputs),
      notEntered: shaken.notEntered,
    };
  },
};

const nothing = fixed('kg·m²', 0, 'The eccentric is not weighed: its inertia is left out');

const vibrating = ({ tub, load, does }: Inputs): Figure<'kg'> =>
  solve('kg', vibratingMass, { t: tub, m: load, u: shares[does.is ?? 'polish'] }, ({ t = 0, m = 0, u = 0 }) => t + u * m);

const slow_rad = (1450 * Math.PI) / 30;
const fast_rad = (2850 * Math.PI) / 30;

/** As it was weighed, by the plate of a vibrator, or as heavy as the acceleration needs. */
function eccentricOf(inputs: Inputs, M: Figure<'kg'>): Figure<'kg·mm'> {
  const { offcut, radius, rated, set, speed, wanted, driven } = inputs;
  if (isWished(inputs))
    return solve('kg·mm', unbalanceFor, { M, a: wanted, n: speed }, ({ M: m = 0, a = 0, n = 1 }) => (m * a * 1000) / ((Math.PI * n) / 30) ** 2);
  if (driven.is !== 'vibrator') return unbalance({ m: offcut, e: radius });
  return solve(
    'kg·mm',
    unbalanceByForce,
    { F: rated, s: set, n: speed },
    ({ F = 0, s = 0, n = 0 }) => (1000 * F * s) / (n > 2000 ? fast_rad : slow_rad) ** 2,
  );
}

/** Whether the eccentric is only wished for yet. */
const isWished = ({ offcut, radius, rated, driven }: Inputs): boolean => (driven.is === 'vibrator' ? !rated.known : !offcut.known && !radius.known);

/** As it is wished, whatever vibrates, else by eccentric, mass and springs. */
const amplitudeOf = (inputs: Inputs, { M, U }: Shaking, r: Figure<'1'>): Figure<'mm'> =>
  isWished(inputs)
    ? solve('mm', amplitudeFor, { a: inputs.wanted, n: inputs.speed }, ({ a = 0, n = 1 }) => (a * 1000) / ((Math.PI * n) / 30) ** 2)
    : amplitude({ U, M, r, zeta: damping });

/** By a weight that was put on, by the sag under everything, or by wire and coils. */
function rateOf({ drop, added, sag, tub, load, wire, coil, coils, springs }: Inputs): Figure<'N/mm'> | null {
  if (drop.known || added.known) return springByDrop({ m: added, s: drop });
  if (sag.known) return springByDrop({ m: picked('sum', 'kg', [tub, load]), s: sag });
  if (!wire.known && !coil.known && !coils.known) return null;
  const D = solve('mm', coilMean, { D: coil, d: wire }, ({ D: outside = 0, d = 0 }) => outside - d);
  return coilSpringRate({ z: springs, d: wire, D, n: coils });
}

interface Shaking {
  readonly M: Figure<'kg'>;
  readonly U: Figure<'kg·mm'>;
  readonly n: Figure<'rpm'>;
}
interface Shaken {
  readonly X: Figure<'mm'>;
  readonly g: Figure<'m/s²'>;
  readonly checks: readonly Check[];
  readonly notEntered: readonly string[];
}

const farOver = fixed('1', 100, 'Springs that are not known: far over resonance');

function shaking(inputs: Inputs, { M, U, n }: Shaking, context: Own): Shaken {
  const { note, check } = context;
  const rate = rateOf(inputs);
  if (!rate) {
    const X = note('amplitude', amplitudeOf(inputs, { M, U, n }, farOver));
    return { X, g: note('shakes', shakenBy({ X, n })), checks: [], notEntered: ['how stiff its springs are'] };
  }
  const k = note('spring-rate', rate);
  const hangs = picked('sum', 'kg', [inputs.tub, inputs.load]);
  const n_0 = note('natural-frequency', naturalFrequency({ k, M: hangs }));
  const r = solve('1', overNatural, { n, n_0 }, ({ n: speed = 0, n_0: own = 1 }) => speed / own);
  const X = note('amplitude', amplitudeOf(inputs, { M, U, n }, r));
  const TR = shareToFloor({ r, zeta: damping });
  note('to-floor', TR.known ? scaled(centrifugalForce({ U, n }), TR, 'Through springs and dampers') : unknown('N', TR.missing));
  const sag = note('sag', sagOfSprings({ k, M: hangs }));
  const passing = { U, M, k, z: damping, n };
  const up = note('amplitude-up', movesPassing({ ...passing, t: inputs.upIn }, 1));
  const down = note('amplitude-down', movesPassing({ ...passing, t: inputs.downIn }, -1));
  const widest = picked('most', 'mm', [up, down]);
  note(
    'torque-passing',
    solve('N·m', torquePassing, { U, n_0, X: up }, ({ U: u = 0, n_0: own = 0, X: x = 0 }) => ((u / 1000) * ((Math.PI * own) / 30) ** 2 * x) / 2000),
  );
  const checks: Check[] = [check('tuned', { has: n, needs: scaled(n_0, three, 'Three times its natural frequency') })];
  if (inputs.gap.known) checks.push(check('gap', { has: inputs.gap, needs: widest }));
  if (inputs.travel.known) checks.push(check('bottoms', { has: inputs.travel, needs: picked('sum', 'mm', [sag, widest]) }));
  return { X, g: note('shakes', shakenBy({ X, n })), checks, notEntered: inputs.gap.known ? [] : ['the gap to the frame'] };
}

/** How far it moves as it passes resonance, run at an even rate. */
const movesPassing = (from: Readonly<Record<'U' | 'M' | 'k' | 'z' | 'n' | 't', Figure>>, sign: 1 | -1): Figure<'mm'> =>
  solve('mm', amplitudePassing, from, ({ U = 0, M = 1, k = 1, z = 0.1, n = 0, t = 1 }) => {
    const square = (1000 * k) / M;
    return (U / M) * amplitudeThrough((sign * ((Math.PI * n) / 30)) / t / square, z);
  });

const gChecks = (does: keyof typeof roughest, g: Figure<'m/s²'>, { check }: Own): Check[] => [
  check('weak', { has: g, needs: softest }),
  check('rough', { has: roughest[does], needs: g }),
];

function bearingCheck({ bearings, driven }: Inputs, U: Figure<'kg·mm'>, { top }: Port<'rotary'>, { note, check }: Own): Check[] {
  if (!bearings.is || driven.is === 'vibrator') return [];
  const has = fixed('N', ballBearings[bearings.is].most_N, ballBearingSource);
  return [check('bearing', { has, needs: note('bearing-load', scaled(centrifugalForce({ U, n: top }), both, 'Two bearings share the force')) })];
}

const cautionsOf = ({ driven, does }: Inputs): string[] => [
  'Eccentric and coupling inside a guard before there is power.',
  'Bolts shake loose: lock nuts, and a look at all of them after ten minutes. Two springs snap before the third is noticed.',
  'Ear defenders; a strain relief where its cable flexes.',
  ...(driven.is === 'vibrator'
    ? ['No plain motor instead of a sealed vibrator: its bearings and windings are not made for shaking. Its weights are set alike at both ends.']
    : []),
  ...(driven.is === 'own'
    ? ['A motor that hangs in the tub gets hot under the media: a thermal cut-out. Dust of brass may hold lead: wet, a lid, washed hands.']
    : []),
  ...(driven.is === undefined || driven.is === 'hose'
    ? [
        'Where a speed board drives it: a board that fails lets a universal motor run away, with four times the force at twice the speed. Something that stops it at overspeed.',
      ]
    : []),
  ...(does.is === 'settle'
    ? [
        'Wet: a residual-current device. Hands off the table while it runs: white finger.',
        'The feet of its motor on a plate of 8 mm and more, welded all round.',
      ]
    : []),
];
