import { motorBody } from '../../../catalog/motor-frames.js';
import { type Figure, fixed, flag, highEnd, type Known, lowEnd, picked, scaled, unseen } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { inertiaByRunUp } from '../../../formulas/motor/inertia-by-run-up.js';
import { timesRated } from '../../../formulas/motor/times-rated.js';
import { shaftPower } from '../../../formulas/power/shaft-power.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import type { Curve, Ends, Fed, SourceKind, SourceOutput } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { forAMinute, pullOf, restartsBy, voltsAt, withstandsStall } from '../../shared/motor.js';
import { ampsOf, overVoltage } from '../../shared/supplied.js';
import { brushlessHead, type Inputs } from './fields.js';
import type { BrushlessOutputs } from './outputs.js';

/** A motor with magnets on a drive: torque by the drive's current up to where its volts are used up. */
export const brushless: SourceKind<typeof brushlessHead> = {
  ...brushlessHead,
  output: (inputs, fed, context) => {
    const { note, limit } = context;
    const { torque: T_n, power: P_n, speed: n_n, current: I_n } = inputs;
    const rated = T_n.known ? T_n : shaftTorque({ P: P_n, n: n_n });
    note('power', P_n.known ? P_n : shaftPower({ T: rated, n: n_n }));
    note('current', I_n);
    const V = fed.voltage.known && fed.current.is !== 'ac' ? fed.voltage : inputs.voltage;
    const k = note(
      'constant',
      inputs.perVolt.known
        ? inputs.perVolt
        : solve('V·s/rad', byReserve, { V: inputs.voltage, n: n_n, u: reserve }, ({ V = 0, n = 1, u = 1 }) => (30 * V) / (Math.PI * n * u)),
    );
    const top = note(
      'highest-speed',
      solve('rpm', voltsOverConstant, { V, k }, ({ V = 0, k = 1 }) => (30 * V) / (Math.PI * k)),
    );
    const peak = peakOf(inputs, rated, I_n);
    const starting = note('torque-at-rest', atRest(inputs, peak));
    const speed = note(
      'speed',
      solve('rpm', asFarAsVolts, { n: n_n, n_0: top, u: drop }, ({ n = 0, n_0 = 0, u = 0 }) => Math.min(n, n_0 * (1 - u))),
    );
    const torque = note('torque', rated);
    note('for-a-minute', picked('least', 'N·m', [timesRated({ k: forAMinute, T_n: rated }), peak]));
    note('volts-driven', voltsAt(k, n_n));
    const lasts = note(
      'withstands-stall',
      withstandsStall(solve('1', peakOverRated, { T: peak, T_n: rated }, ({ T = 0, T_n = 1 }) => Math.max(1, T / T_n))),
    );
    const moved = note(
      'rotor-inertia',
      inputs.inertia.known ? inputs.inertia : inertiaByRunUp({ t: inputs.sort.is === 'servo' ? servoIn : aloneIn, T: rated, n: n_n }),
    );
    return {
      is: 'rotary',
      flow: speed,
      effort: torque,
      top,
      curves: curvesOf(peak, top, inputs),
      starting,
      heating: {
        template: 'that heats the winding like {heated} of its peak, and it withstands {lasts}',
        lasts,
        source: 'Copper heated without loss (closed form)',
      },
      stall: limit('stall', { torque: starting, lasts, source: peakSource }),
      moved,
      body: { across: (inputs.sort.is === 'washer' || inputs.sort.is === 'hub' ? 2 : 0.7) * motorBody(powerOf(inputs)), known: false },
      supports: note('shaft-takes', pullOf(inputs.shaft)),
      driver: 'normal',
      reverses: 'running',
      stopped: 'its drive should trip before that, where its current is set for this motor',
      restarts: restartsBy(inputs.protector, inputs.noVolt),
      checks: [directCheck(fed, context), ...overVoltage(inputs.voltage, fed.current.is === 'ac' ? inputs.voltage : fed.voltage, context)],
      under: (needed) =>
        ampsOf(
          fed,
          solve('A', drawnFromSupply, { P: needed, V, eta }, ({ P = 0, V = 1, eta = 1 }) => P / (V * eta)),
          context,
        ),
      ...said(inputs),
    } satisfies SourceOutput;
  },
};

export const voltsOverConstant = defineProcedure({
  id: 'volts-over-constant',
  says: 'The speed at which turning makes all of the supply’s volts',
  source: 'Textbooks on electric machines (relation)',
});
const reserveSource = 'Common practice, no source: at its rated speed turning makes 60 to 90 % of the volts of the supply';
const reserve = fixed('1', 1.3, reserveSource, [1.1, 1.6], flag.estimated);
export const byReserve = defineProcedure({
  id: 'constant-by-reserve',
  says: 'The volts of the supply over the rated speed and what is left over it',
  source: reserveSource,
});
const dropSource = 'Common practice, no source: under its rated torque 3 to 15 % of the volts are lost in winding and drive';
const drop = fixed('1', 0.08, dropSource, [0.03, 0.15], flag.estimated);
export const asFarAsVolts = defineProcedure({
  id: 'as-far-as-volts',
  says: 'The rated speed, as far as the volts of this supply reach under load',
  source: dropSource,
});
export const peakOverRated = defineProcedure({
  id: 'peak-over-rated',
  says: 'Peak torque over the rated: as the currents',
  source: 'Textbooks on electric machines (relation)',
});
export const drawnFromSupply = defineProcedure({
  id: 'drawn-from-supply',
  says: 'Power needed over the volts of the supply and the efficiency of motor and drive',
  source: 'Balance of power',
});
const eta = fixed('1', 0.8, 'Common practice, no source: motor and drive put 65 to 90 % of what they draw on the shaft', [0.65, 0.9], flag.estimated);

const servoIn = fixed(
  's',
  0.02,
  'Makers’ lists (from memory): a servo’s rotor takes 0.01 to 0.05 s to its speed with its rated torque',
  [0.01, 0.05],
  flag.estimated,
);
const aloneIn = fixed(
  's',
  0.3,
  'Common practice, no source: rotors with their magnets outside take 0.1 to 1 s to their speed with their rated torque',
  [0.1, 1],
  flag.estimated,
);

const peakSource =
  'Makers’ lists (from memory): a servo has three times its rated torque for a second or three, other brushless motors 1.5 to 3 times';
const peakTimes = fixed('1', 2.2, peakSource, [1.5, 3], flag.estimated);
const servoTimes = fixed('1', 3, peakSource, [2.5, 3.5], flag.estimated);

/** Its peak; no more than the peak current of the drive makes. */
function peakOf({ peak, drive, sort }: Inputs, rated: Figure<'N·m'>, current: Figure<'A'>): Figure<'N·m'> {
  const own = peak.known ? peak : scaled(rated, sort.is === 'servo' ? servoTimes : peakTimes, peakSource);
  if (!drive.known || !current.known) return own;
  const byDrive = solve('N·m', driveTorque, { T: rated, I_d: drive, I_n: current }, ({ T = 0, I_d = 0, I_n = 1 }) => (T * I_d) / I_n);
  return picked('least', 'N·m', [own, byDrive]);
}
export const driveTorque = defineProcedure({
  id: 'drive-torque',
  says: 'Rated torque by the drive’s current over the rated',
  source: 'Textbooks on electric machines (relation)',
});

const blindSource = 'Common practice, no source: without sensors a brushless motor starts with a tenth to a half of its torque';
const blind = fixed('1', 0.25, blindSource, [0.1, 0.5], flag.estimated);

/** At rest the drive has to know where the magnets are. */
function atRest({ sensors }: Inputs, peak: Figure<'N·m'>): Figure<'N·m'> {
  if (sensors.is === 'none') return scaled(peak, blind, blindSource);
  return sensors.is ? peak : scaled(peak, unseen('1', [0.1, 1, 1], sensors.field, blindSource), blindSource);
}

const powerOf = ({ power, torque, speed }: Inputs): number =>
  power.known ? power.value / 1000 : torque.known && speed.known ? (torque.value * speed.value) / 9549 : 0.3;

/** Over the last fifth of its speed the volts are used up. */
const falls = 0.2;

/** Its peak as far as the volts reach; over the last fifth of the speed it falls away. */
function curvesOf(peak: Figure<'N·m'>, top: Figure<'rpm'>, { sensors }: Inputs): Ends<Curve> | null {
  if (!peak.known || !top.known) return null;
  const curve = (end: (figure: Known) => number, rest: number): Curve => {
    const [T, n_0] = [end(peak), end(top)];
    const from = (1 - falls) * n_0;
    const slow = 0.1 * n_0;
    const moving = (n: number) => (n <= from ? T : (T * Math.max(0, n_0 - n)) / (n_0 - from));
    return {
      torque: (n) => (n < slow ? rest * T + ((1 - rest) * T * n) / slow : moving(n)),
      top_rpm: n_0,
      switch_rpm: null,
      hangsBelow_rpm: 0,
      heat: (n) => (n <= from ? 1 : Math.max(0, (n_0 - n) / (n_0 - from)) ** 2),
    };
  };
  const rests = sensors.is === 'none' ? [0.1, 0.25, 0.5] : sensors.is ? [1, 1, 1] : [0.1, 1, 1];
  return [curve(lowEnd, rests[0] as number), curve((figure) => figure.value, rests[1] as number), curve(highEnd, rests[2] as number)];
}

function directCheck({ current }: Fed, { state }: Context<BrushlessOutputs>) {
  if (current.is === undefined) return state('direct', { verdict: 'unknown', missing: [current.field] });
  return state('direct', { verdict: current.is === 'dc' ? 'holds' : 'close' });
}

/** What to beware of, and what is not entered although it matters. */
function said({ sort, sensors, brake }: Inputs) {
  return {
    cautions: [
      'Isolate the drive and wait five minutes before reaching in: its capacitors hold the volts of the mains.',
      'Never put the three leads to a supply: it is turned by its drive, which is set to its current and its poles.',
      'Turned by its load or by hand it makes volts: its leads are live while it turns.',
      ...(sort.is === 'washer' ? ['The ring of magnets of a direct-drive washer pulls its rotor on with a force that crushes fingers.'] : []),
      ...(brake.is === 'spring'
        ? ['Its brake holds, it does not stop: without its 24 V the shaft does not turn, and a hanging axis falls when it is opened.']
        : []),
      ...(sensors.is === 'none' ? ['Without sensors it may jerk back before it starts.'] : []),
      'Strap it down before the first run; the drive’s stop does not take the power off.',
      'Earth to frame and drive; mains wiring follows your local code and belongs to a licensed electrician.',
    ],
    notEntered: [...(sensors.is ? [] : ['how the drive reads its position'])],
    notWorkedOut: ['what comes back into its supply when it brakes'],
  };
}
