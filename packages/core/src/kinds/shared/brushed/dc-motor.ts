import { motorBody } from '../../../catalog/motor-frames.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, highEnd, type Known, lowEnd, picked, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { cooledCurrent } from '../../../formulas/motor/cooled-current.js';
import { copperHeat } from '../../../formulas/motor/copper-heat.js';
import { currentAtTorque } from '../../../formulas/motor/current-at-torque.js';
import { heldCurrent } from '../../../formulas/motor/held-current.js';
import { inertiaByRunUp } from '../../../formulas/motor/inertia-by-run-up.js';
import { meanCurrent } from '../../../formulas/motor/mean-current.js';
import { speedAtCurrent } from '../../../formulas/motor/speed-at-current.js';
import { torqueAtCurrent } from '../../../formulas/motor/torque-at-current.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import type { Fed } from '../../kind.js';
import { forAMinute, heatedLikeStalled, lastsHeld, leavesStill, leftOver, limited, pullOf, restartsBy, turning } from '../motor.js';
import type { Declares } from '../only.js';
import { whatStopsAStall } from '../stalled.js';
import { ampsOf, goesIn, overVoltage } from '../supplied.js';
import { brushDrop, idleDrop } from './brushes.js';
import { curvesOf } from './dc-curves.js';
import type { DcInputs } from './dc-fields.js';
import type { dcChecks, dcFigures, dcLimits } from './dc-outputs.js';
import { constantOf, frictionOf, isPlateComplete, ratedOf, resistanceOf } from './model.js';

const dcSource = 'Textbooks on electric machines: torque of the current at rest';

/** A motor whose field is steady, whatever makes it: its speed goes with the volts, its torque with the amps. @param flywheel what is on its shaft beside the rotor */
export function dcOutput(
  inputs: DcInputs,
  fed: Fed,
  context: Declares<typeof dcFigures, typeof dcChecks, typeof dcLimits>,
  flywheel?: Figure<'kg·m²'>,
) {
  const { note, limit } = context;
  const rated = ratedOf(inputs);
  const power = note('power', rated.power);
  const current = note('current', rated.current);
  const V = fed.voltage.known ? fed.voltage : inputs.voltage;
  const V_b = brushDrop(inputs);
  const R = note('resistance', resistanceOf(inputs, current));
  const k = note('constant', constantOf(inputs, current, R, V_b));
  const ofPlate = inputs.speed.known ? shaftTorque({ P: power, n: inputs.speed }) : null;
  const T_f = note('friction', frictionOf(inputs, k, current));
  const T_n = ofPlate ?? torqueAtCurrent({ k, I: current, T_f });
  const I = note('lasting-current', lastingCurrent(inputs, fed, current, V));
  const torque = note(
    'torque',
    leftOver(solve('N·m', atLessCurrent, { T: T_n, T_f, I, I_n: current }, ({ T = 0, T_f = 0, I = 0, I_n = 1 }) => ((T + T_f) * I) / I_n - T_f)),
  );
  const plate = { n: inputs.speed, V, V_n: inputs.voltage, I, I_n: current, R, V_b };
  const speed = note(
    'speed',
    turning(isPlateComplete(inputs) ? solve('rpm', atOtherVolts, plate, speedAtVolts) : speedAtCurrent({ V, I, R, V_b, k })),
  );
  const top = note('highest-speed', overFull(speedAtCurrent({ V, I: idleOf(inputs, current), R, V_b: idleDrop(inputs), k }), speed));
  const held = note('held-current', limited(heldCurrent({ V, V_b, R }), fed));
  const starting = note(
    'torque-at-rest',
    solve('N·m', leftAtRest, { k, I: held, T_f }, ({ k = 0, I = 0, T_f = 0 }) => Math.max(0, k * I - T_f)),
  );
  note(
    'for-a-minute',
    leftOver(
      solve('N·m', atMoreCurrent, { T: T_n, T_f, k: forAMinute, I: held, I_n: current }, ({ T = 0, T_f = 0, k = 1, I = 0, I_n = 1 }) => {
        return (T + T_f) * Math.min(k, I / I_n) - T_f;
      }),
    ),
  );
  note('copper-heat', copperHeat({ I: scaled(I, asKnown(fed.ripple), rippleSource), R }));
  const lasts = note('withstands-stall', lastsHeld(held, current));
  const own = inputs.inertia.known ? inputs.inertia : inertiaByRunUp({ t: aloneIn, T: T_n, n: speed });
  const moved = note('rotor-inertia', flywheel?.known ? picked('sum', 'kg·m²', [own, flywheel]) : own);
  const isAlternating = fed.current.is === 'ac';
  return {
    held,
    current,
    lasting: I,
    resistance: R,
    constant: k,
    rated: T_n,
    is: 'rotary' as const,
    flow: speed,
    effort: torque,
    top,
    curves: isAlternating ? null : curvesOf({ inputs, V, I_n: current, R, V_b, k, T_f, torque: T_n, limit: fed.limit }),
    starting: isAlternating ? unknown('N·m', [], 'on alternating current it does not turn') : starting,
    heating: heatedLikeStalled(lasts),
    stall: limit('stall', { torque: starting, lasts, source: dcSource }),
    moved,
    drags: T_f,
    body: { across: 0.75 * motorBody(power.known ? power.value / 1000 : 0.25), known: false },
    supports: note('shaft-takes', pullOf(inputs.shaft)),
    driver: 'normal' as const,
    reverses: 'at rest' as const,
    stopped: whatStopsAStall(inputs.protector.is, fed, held),
    restarts: restartsBy(inputs.protector, inputs.noVolt),
    checks: [...plateCheck(inputs, rated.byAmps, context), directCheck(fed, context), ...overVoltage(inputs.voltage, fed.voltage, context)],
    under: (needed: Figure<'W'>) => {
      const T = shaftTorque({ P: needed, n: speed });
      return ampsOf(fed, currentAtTorque({ T, k, T_f }), context);
    },
  };
}

export const atLessCurrent = defineProcedure({
  id: 'at-less-current',
  says: 'The rated torque and the motor’s friction go with the current; what is left of them less the friction is at the shaft',
  source: 'Textbooks on electric machines (relation)',
});

export const atMoreCurrent = defineProcedure({
  id: 'at-more-current',
  says: 'The rated torque and the motor’s friction times the current for a minute over the rated, no more than the supply drives through it; less the friction',
  source: 'Textbooks on electric machines (relation)',
});

export const leftAtRest = defineProcedure({
  id: 'left-at-rest',
  says: 'What the current of the held rotor makes, less friction; nothing where that is more',
  source: 'Textbooks on electric machines (relation)',
});

export const atOtherVolts = defineProcedure({
  id: 'at-other-volts',
  says: 'Speed of the plate times what turning makes of this voltage over what it makes of the plate’s: each less the drop in brushes and resistance',
  source: 'Textbooks on electric machines (relation)',
});

/** A quotient of two straight lines in each of its inputs: it rises or falls throughout. */
const speedAtVolts = ({ n = 0, V = 0, V_n = 0, I = 0, I_n = 0, R = 0, V_b = 0 }: Readonly<Record<string, number>>): number =>
  (n * (V - I * R - V_b)) / (V_n - I_n * R - V_b);

/** Unloaded it is never slower than under its full load, whatever was measured of it. */
export const overFull = (top: Figure<'rpm'>, speed: Figure<'rpm'>): Figure<'rpm'> => {
  if (top.known && top.value <= 0) return unknown('rpm', [], 'its unloaded current would take all of its voltage: measure it again');
  return top.known && speed.known && lowEnd(top) < highEnd(speed) ? picked('most', 'rpm', [top, speed]) : top;
};

const rippleSource = 'Effective value of the current over its mean, by the supply';
const asKnown = (figure: Figure<'1'>): Known<'1'> => (figure.known ? figure : fixed('1', 1, rippleSource));

const aloneSource = 'Common practice, no source: a rotor with magnets around it takes 0.08 to 0.4 s to its speed with its rated torque';
const aloneIn = fixed('s', 0.18, aloneSource, [0.08, 0.4], flag.estimated);

const idleSource = 'Common practice, no source: unloaded such motors draw 3 to 15 % of their rated current';
const idleShare = fixed('1', 0.07, idleSource, [0.03, 0.15], flag.estimated);
const nothing = fixed('A', 0, 'Not entered: taken as nothing');

/** What it draws unloaded. */
const idleOf = ({ idleCurrent }: DcInputs, current: Figure<'A'>): Figure<'A'> =>
  idleCurrent.known ? idleCurrent : current.known ? scaled(current, idleShare, idleSource) : nothing;

const whole = fixed('1', 1, 'As on the plate');
const bareSource =
  'Common practice, no source: without the fan that it was made with, a motor withstands half to three quarters of its current for good';
const bare = fixed('1', 0.6, bareSource, [0.5, 0.75], flag.estimated);

/** What it may draw for good: less where its current comes in pulses, where its own fan turns slower, or is off; no more than the supply puts out. */
function lastingCurrent({ fan, voltage }: DcInputs, fed: Fed, rated: Figure<'A'>, V: Figure<'V'>): Figure<'A'> {
  const alike = fed.ripple.known && highEnd(fed.ripple) === 1;
  const smooth = alike ? rated : meanCurrent({ I: rated, F: fed.ripple });
  if (fan.is === 'none') return limited(scaled(smooth, bare, bareSource), fed);
  const isSlow = (fan.is ?? 'own') === 'own' && V.known && voltage.known && lowEnd(V) < 0.95 * highEnd(voltage);
  const u = isSlow ? solve('1', voltsShare, { V, V_n: voltage }, ({ V = 0, V_n = 1 }) => Math.min(1, V / V_n)) : whole;
  return limited(isSlow ? cooledCurrent({ I: smooth, c: leavesStill, u }) : smooth, fed);
}

export const voltsShare = defineProcedure({ id: 'volts-share', says: 'These volts over those of the plate: as the speed', source: 'Definition' });

type Own = Declares<Record<never, never>, typeof dcChecks>;

/** No more at the shaft than its volts and amps. */
function plateCheck({ power, powerIs, voltage, current }: DcInputs, byAmps: Figure<'W'>, { check }: Own): Check[] {
  if (!power.known || !voltage.known || !current.known || (powerIs.is !== undefined && powerIs.is !== 'shaft')) return [];
  const has = goesIn(voltage, current);
  return [check('plate', { has, needs: power, tells: { power, byAmps } })];
}

function directCheck({ current }: Fed, { state }: Own): Check {
  if (current.is === undefined) return state('direct', { verdict: 'unknown', missing: [current.field] });
  return state('direct', { verdict: current.is === 'dc' ? 'holds' : 'fails' });
}
