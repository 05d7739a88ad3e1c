import { breakerTrips, tripSource } from '../../../catalog/breakers.js';
import { type Check, hold } from '../../../checks/check.js';
import { type Figure, fixed, flag, unknown } from '../../../figure/figure.js';
import { circuitPower } from '../../../formulas/motor/circuit-power.js';
import { continuousPower } from '../../../formulas/motor/continuous-power.js';
import { neededEfficiency } from '../../../formulas/motor/needed-efficiency.js';
import { tripCurrent } from '../../../formulas/motor/trip-current.js';
import { show, showShare } from '../../../quantity/show.js';
import type { Context, Fed } from '../../kind.js';
import type { Inputs } from './fields.js';

const plateSource = 'Balance of power: efficiency and power factor cannot exceed 1';

/** Whether what the plate says can be so. */
export function plateChecks(
  inputs: Inputs,
  power: Figure<'W'>,
  m: Figure<'1'>,
  speed: Figure<'rpm'>,
  synchronous: Figure<'rpm'>,
  { path, label }: Context,
): Check[] {
  const checks: Check[] = [];
  const { voltage, current } = inputs;
  if (inputs.power.known && voltage.known && current.known && m.known && power.known) {
    const consistent = show(power.value / (m.value * voltage.value), 'A', label.units);
    checks.push(
      hold({
        id: `${path}/check-plate`,
        at: path,
        subject: 'Whether the plate agrees with itself',
        has: fixed('1', 1, plateSource),
        needs: neededEfficiency({ P: power, m, V: voltage, I: current }),
        says: ({ verdict, margin }) => {
          const share = showShare(1 - margin.likely);
          const what = `${show(power.value, 'W', label.units)} from ${show(voltage.value, 'V', label.units)} and ${show(current.value, 'A', label.units)}`;
          if (verdict === 'gives' && margin.likely < 0)
            return `The plate contradicts itself: ${what} would need ${share} efficiency; it would take at least ${consistent}`;
          return `The plate agrees with itself: ${what} is ${share} efficiency times power factor`;
        },
        source: plateSource,
        label,
      }),
    );
  }
  if (speed.known && synchronous.known && speed.value > synchronous.value * (1 + 1e-9)) {
    checks.push(
      hold({
        id: `${path}/check-slip`,
        at: path,
        subject: 'Whether speed and poles agree',
        has: synchronous,
        needs: speed,
        says: ({ has, needs }) =>
          `Speed and frequency contradict each other: ${needs} under load, but an induction motor of this frequency and these poles turns no faster than ${has}`,
        source: 'IEC 60034-1: an induction motor lags its synchronous speed',
        label,
      }),
    );
  }
  return checks;
}

/** Whether the breaker drops out while the motor starts: its instantaneous trip is a band, not a line. */
export function inrush({ breaker, curve }: Fed, starting: Figure<'A'>, { path, label }: Context): Check[] {
  if (!breaker.known || !curve) return [];
  const [low, high] = breakerTrips[curve];
  return [
    hold({
      id: `${path}/check-inrush`,
      at: path,
      subject: 'Whether the breaker stands the start',
      has: tripCurrent({ k: fixed('1', (low + high) / 2, tripSource, [low, high]), I_b: breaker }),
      needs: starting,
      says: ({ has, needs, margin }) =>
        margin.worst < 0
          ? `The breaker ${margin.best < 0 ? 'drops' : 'may drop'} out at the start: it trips at about ${has}, the motor draws ${needs}`
          : `The breaker stands the start: it trips at about ${has}, the motor draws ${needs}`,
      source: tripSource,
      label,
    }),
  ];
}

/** Whether the wall feeds what is asked. */
export function underLoad(
  { voltage, breaker, share }: Fed,
  eta: Figure<'1'>,
  pf: Figure<'1'>,
  asked: Figure<'W'>,
  { path, label }: Context,
): Check[] {
  if (!breaker.known || !voltage.known) return [];
  return [
    hold({
      id: `${path}/check-circuit`,
      at: path,
      subject: 'Whether the wall circuit feeds it',
      has: circuitPower({ V: voltage, I: breaker, share, eta, pf }),
      needs: asked,
      says: ({ has, needs }) => `The wall circuit feeds ${has} at the shaft, steadily; the work takes ${needs}. It does not bound a jam`,
      source: 'Common practice, no source: volts times amps, 80 % of it steadily where a code says so',
      label,
    }),
  ];
}

/** Whether it stands the work for good, where its plate gives power for a part of the time only. */
export function allDay({ duty, onShare }: Inputs, power: Figure<'W'>, asked: Figure<'W'>, { path, label, note }: Context): Check[] {
  if (!duty.is || duty.is === 'S1') return [];
  const stands = note(
    'all-day',
    duty.is === 'S2' ? unknown('W', [], 'a plate for a short time does not say what it stands for good') : continuousPower({ P: power, s: onShare }),
  );
  const estimate = stands.known ? { ...stands, flags: stands.flags | flag.estimated } : stands;
  return [
    hold({
      id: `${path}/check-duty`,
      at: path,
      subject: 'Whether it stands the work all day',
      has: estimate,
      needs: asked,
      says: ({ has, needs }) => `All day the motor stands about ${has}, its plate being for ${duty.is}; the work takes ${needs}`,
      source: 'Common practice, no source: equal heat, losses with the square of the load',
      label,
    }),
  ];
}
