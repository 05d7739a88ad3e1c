import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, type Known, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { copperHeat } from '../../../formulas/motor/copper-heat.js';
import { pulseRate } from '../../../formulas/motor/pulse-rate.js';
import { stepsATurn } from '../../../formulas/motor/steps-a-turn.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import type { Fed, SourceKind, SourceOutput } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { pullOf, restartsBy } from '../../shared/motor.js';
import { ampsOf } from '../../shared/supplied.js';
import { stepperHead } from './fields.js';
import { type StepperOutputs, stepperOutputs } from './outputs.js';
import { likelyStepped, moving, pullOutAt, pullOutFigure, type SteppedFigures } from './pull-out.js';

/** A stepper: its speed is what it is stepped at, its torque what it follows there. */
export const stepper: SourceKind<typeof stepperHead> = {
  ...stepperHead,
  output: (inputs, fed, context) => {
    const { note, limit } = context;
    const { holding, current, resistance: R, inductance: L, speed, set } = inputs;
    const I = set.known ? set : current;
    const k = note(
      'constant',
      solve('V·s/rad', torqueAnAmpere, { T: holding, I: current }, ({ T = 0, I = 1 }) => T / I),
    );
    const z = note('steps-a-turn', stepsATurn({ a: inputs.step }));
    const p = scaled(z, 0.25, 'A hybrid stepper makes four full steps a tooth');
    const stepped: SteppedFigures = { k, R, L, p, V: fed.voltage, I };
    const torque = note('torque', pullOutFigure(stepped, speed));
    const slow = note('torque-at-rest', pullOutFigure(stepped, slowly));
    note('pulse-rate', pulseRate({ z, m: inputs.micro, n: speed }));
    note('heat-standing', scaled(copperHeat({ I, R }), 2, 'Both phases'));
    const top = note('highest-speed', fastest(stepped));
    const volts = note(
      'usual-volts',
      solve('V', forInductance, { L }, ({ L = 0 }) => 32 * Math.sqrt(L)),
    );
    const moved = note(
      'rotor-inertia',
      inputs.inertia.known ? inputs.inertia : solve('kg·m²', inertiaByHolding, { T: holding, u: offBy }, ({ T = 0, u = 1 }) => u * 3e-5 * T ** 1.1),
    );
    const at = note(
      'resonance',
      solve('rpm', ownResonance, { T: holding, J: moved, p }, ({ T = 0, J = 1, p = 50 }) => (60 * Math.sqrt((p * T) / J)) / (2 * Math.PI * 4 * p)),
    );
    return {
      is: 'rotary',
      flow: speed,
      effort: torque,
      // It goes where it is stepped to: what it could follow unloaded is no speed that its work ever sees.
      top: speed.known ? speed : top,
      // It is speeded up by its steps, not by what is left of its torque.
      byHand: true,
      curves: null,
      starting: slow,
      stall: limit('stall', { torque: slow, source: stepperOutputs.checks.steps.source }),
      moved,
      body: { across: bodyOf(holding), known: false },
      heating: null,
      supports: note('shaft-takes', pullOf(inputs.shaft)),
      driver: 'normal',
      reverses: 'running',
      stopped: 'stalled it hums and loses its place; it comes to no harm',
      restarts: restartsBy(inputs.protector, inputs.noVolt),
      checks: [
        directCheck(fed, context),
        ...(set.known ? [context.check('heat', { has: current, needs: set })] : []),
        ...(fed.voltage.known && L.known ? [context.check('volts', { has: volts, needs: fed.voltage })] : []),
        ...resonanceCheck(speed, at, context),
      ],
      under: (needed) => [
        context.check('steps', { has: torque, needs: shaftTorque({ P: needed, n: speed }) }),
        ...ampsOf(fed, scaled(I, ofPhase, ofPhaseSource), context),
      ],
      cautions: [
        'Never disconnect a stepper from its driver while it is powered: that destroys the driver.',
        'It is as hot as it is made for: 80 °C on its housing burns a hand and melts what is printed.',
        'Standing it draws its full current; without it nothing holds the axis: a hanging one falls.',
        'Turned by its load or by hand it makes volts that destroy its driver: disconnect it before it is turned fast.',
        'A stepper that lost steps runs on at the wrong place: its zero has to be set anew.',
      ],
      notEntered: fed.voltage.known ? [] : ['volts of the driver'],
      notWorkedOut: ['resonances at a half and a third of the rate, and between 500 and 1500 rpm'],
    } satisfies SourceOutput;
  },
};

const ofPhaseSource = 'Common practice, no source: a driver draws a third to all of the current of a phase from its supply, two thirds mostly';
const ofPhase = fixed('1', 0.67, ofPhaseSource, [0.35, 1], flag.estimated);
const slowly = fixed('rpm', 1, 'Stepped slowly: a turn a minute');

export const torqueAnAmpere = defineProcedure({ id: 'torque-an-ampere', says: 'Holding torque over the rated current', source: 'Definition' });
export const forInductance = defineProcedure({
  id: 'volts-for-inductance',
  says: '32 times the root of the inductance in mH',
  source: stepperOutputs.checks.volts.source,
});
export const inertiaByHolding = defineProcedure({
  id: 'inertia-by-holding',
  says: 'About 0.3 kg·cm² for each N·m of holding torque, a little more of larger ones',
  source: 'Makers’ lists (from memory): 0.54 kg·cm² of 0.5 N·m or so in size 17 to 23, 2.7 of 7 N·m in size 34, half to twice',
});
export const ownResonance = defineProcedure({
  id: 'own-resonance',
  says: 'The rate √(p·T/J)/2π of its field and its inertia, taken as full steps a second',
  source: stepperOutputs.checks.resonance.source,
});
const offBy = fixed('1', 1, 'An estimate from its torque: half to twice is found', [0.5, 2], flag.estimated);

export const emptySpeed = defineProcedure({
  id: 'empty-speed',
  says: 'The speed at which a tenth of the torque that it has slowly stepped is left, by halving',
  source: 'Acarnley, Stepping Motors, chapter 5 (from memory)',
});

/** Where a tenth of its slow torque is left. */
function fastest(stepped: SteppedFigures): Figure<'rpm'> {
  const figures = Object.values(stepped);
  if (!figures.every((figure) => figure.known))
    return unknown('rpm', [...new Set(figures.flatMap((figure) => (figure.known ? [] : figure.missing)))]);
  const at = likelyStepped(stepped as { [K in keyof SteppedFigures]: Known });
  return solve('rpm', emptySpeed, { ...stepped, u: fixed('1', moving.value, 'Slowly stepped') }, (numbers) => {
    const here = {
      ...at,
      k: numbers.k ?? at.k,
      R: numbers.R ?? at.R,
      L: numbers.L ?? at.L,
      I: numbers.I ?? at.I,
      V: (at.V * (numbers.V ?? 1)) / (stepped.V as Known).value,
    };
    const least = 0.1 * pullOutAt(here, 1);
    let [low, high] = [1, 20_000];
    for (let k = 0; k < 40; k++) {
      const n = Math.sqrt(low * high);
      if (pullOutAt(here, n) > least) low = n;
      else high = n;
    }
    return low;
  });
}

/** Across its flange, mm: size 17, 23, 34 by its torque. */
const bodyOf = (holding: Figure<'N·m'>): number =>
  !holding.known || (holding.value > 0.6 && holding.value <= 3) ? 57 : holding.value <= 0.6 ? 42 : 86;

type Own = Context<StepperOutputs>;

function directCheck({ current }: Fed, { state }: Own): Check {
  if (current.is === undefined) return state('direct', { verdict: 'unknown', missing: [current.field] });
  return state('direct', { verdict: current.is === 'dc' ? 'holds' : 'fails' });
}

/** Only where the speed is entered; no more than close: it is passed quickly, or microstepped. */
function resonanceCheck(speed: Figure<'rpm'>, at: Figure<'rpm'>, { state }: Own): Check[] {
  if (!speed.known || !at.known) return [];
  const near = speed.value > 0.7 * at.value && speed.value < 1.4 * at.value;
  return [state('resonance', { verdict: near ? 'close' : 'holds', tells: { speed, at } })];
}
