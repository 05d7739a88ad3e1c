import { type Figure, fixed, flag, highEnd, type Known, lowEnd, scaled, unknown } from '../../../figure/figure.js';
import { inertiaByRunUp } from '../../../formulas/motor/inertia-by-run-up.js';
import { shaftPower } from '../../../formulas/power/shaft-power.js';
import { airStallTorque } from '../../../formulas/source/air-stall-torque.js';
import { oilMotorSpeed } from '../../../formulas/source/oil-motor-speed.js';
import { oilMotorTorque } from '../../../formulas/source/oil-motor-torque.js';
import type { Curve, Ends, SourceKind, SourceOutput } from '../../kind.js';
import { pullOf } from '../../shared/motor.js';
import { fluidMotorHead } from './fields.js';

const oilSource =
  'Common practice, no source: gear and gerotor motors put 80 to 92 % of the torque on the shaft and lose 3 to 12 % of the oil, at rest a fifth more of the torque';
const ofTorque = fixed('1', 0.87, oilSource, [0.8, 0.92], flag.estimated);
const atRest = fixed('1', 0.7, oilSource, [0.6, 0.8], flag.estimated);
const ofFlow = fixed('1', 0.93, oilSource, [0.88, 0.97], flag.estimated);
const all = fixed('1', 1, 'Unloaded next to nothing leaks past');
const airSource =
  'Common practice, no source: an air motor starts with 0.75 to 0.9 of the torque of its straight line, and is used at half of its unloaded speed';
const airAtRest = fixed('1', 0.8, airSource, [0.75, 0.9], flag.estimated);
const aloneIn = fixed(
  's',
  0.05,
  'Common practice, no source: their rotors are small, a fiftieth to a fifth of a second',
  [0.02, 0.2],
  flag.estimated,
);

/** A motor driven by oil, whose speed is the flow’s and whose torque the pressure’s; or by air, on a straight line from rest to its unloaded speed. */
export const fluidMotor: SourceKind<typeof fluidMotorHead> = {
  ...fluidMotorHead,
  output: ({ medium, displacement: V, pressure: p, flow: Q, power, freeSpeed, shaft }, _fed, { note, limit }) => {
    const isAir = medium.is === 'air';
    const none = unknown('N·m', [medium.field]);
    const held = airStallTorque({ P: power, n_0: freeSpeed });
    const torque = note('torque', medium.is === undefined ? none : isAir ? scaled(held, 0.5, airSource) : oilMotorTorque({ p, V, eta: ofTorque }));
    const speed = note(
      'speed',
      medium.is === undefined ? unknown('rpm', [medium.field]) : isAir ? scaled(freeSpeed, 0.5, airSource) : oilMotorSpeed({ Q, V, eta: ofFlow }),
    );
    const top = note('highest-speed', isAir ? freeSpeed : oilMotorSpeed({ Q, V, eta: all }));
    const starting = note(
      'torque-at-rest',
      medium.is === undefined ? none : isAir ? scaled(held, airAtRest, airSource) : oilMotorTorque({ p, V, eta: atRest }),
    );
    note('power', shaftPower({ T: torque, n: speed }));
    return {
      is: 'rotary',
      flow: speed,
      effort: torque,
      top,
      curves: medium.is === undefined ? null : isAir ? straight(held, freeSpeed) : flat(torque, starting, speed, top),
      starting,
      heating: null,
      stall: limit('stall', { torque: isAir ? held : torque, source: isAir ? airSource : oilSource }),
      moved: note('inertia', inertiaByRunUp({ t: aloneIn, T: torque, n: speed })),
      body: { across: 90, known: false },
      supports: pullOf(shaft),
      driver: 'normal',
      reverses: 'running',
      stopped: '',
      restarts: 'not by itself',
      checks: [],
      under: () => [],
      cautions: isAir
        ? [
            'Close the air and let it out before reaching in: what is left in the hose turns it once more.',
            'A hose that slips off whips: pipe clamps, eyes protected; it is loud.',
          ]
        : [
            'Relieve the pressure before a fitting is opened: oil under pressure goes through skin, and that is an emergency.',
            'A load that drives it empties it of oil: a valve in its return holds it.',
            'Stop the pump and relieve the pressure before reaching in: never clear a jam with the pump on.',
          ],
      notEntered: medium.is ? [] : ['whether oil or air drives it'],
      notWorkedOut: ['hoses, valves and the heat of the oil'],
    } satisfies SourceOutput;
  },
};

/** As much torque at every speed, the speed of the flow: over the last of it the oil leaks past. */
function flat(T: Figure<'N·m'>, T_0: Figure<'N·m'>, n: Figure<'rpm'>, top: Figure<'rpm'>): Ends<Curve> | null {
  if (!T.known || !T_0.known || !n.known || !top.known) return null;
  const curve = (end: (figure: Known) => number): Curve => {
    const [high, rest, at, last] = [end(T), end(T_0), end(n), Math.max(end(top), end(n) * 1.001)];
    const slow = 0.05 * at;
    return {
      torque: (speed) =>
        speed < slow ? rest + ((high - rest) * speed) / slow : speed <= at ? high : (high * Math.max(0, last - speed)) / (last - at),
      top_rpm: last,
      switch_rpm: null,
      hangsBelow_rpm: 0,
    };
  };
  return [curve(lowEnd), curve((figure) => figure.value), curve(highEnd)];
}

/** From what holds it to nothing at its unloaded speed. */
function straight(T: Figure<'N·m'>, top: Figure<'rpm'>): Ends<Curve> | null {
  if (!T.known || !top.known) return null;
  const curve = (end: (figure: Known) => number): Curve => {
    const [held, n_0] = [end(T), end(top)];
    const slow = 0.1 * n_0;
    const line = (n: number) => held * Math.max(0, 1 - n / n_0);
    return { torque: (n) => (n < slow ? line(n) * (0.8 + (0.2 * n) / slow) : line(n)), top_rpm: n_0, switch_rpm: null, hangsBelow_rpm: 0 };
  };
  return [curve(lowEnd), curve((figure) => figure.value), curve(highEnd)];
}
