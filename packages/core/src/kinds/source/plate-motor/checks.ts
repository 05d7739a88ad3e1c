import { breakerTrips, tripSource } from '../../../catalog/breakers.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, unknown } from '../../../figure/figure.js';
import { circuitPower } from '../../../formulas/motor/circuit-power.js';
import { continuousPower } from '../../../formulas/motor/continuous-power.js';
import { neededEfficiency } from '../../../formulas/motor/needed-efficiency.js';
import { tripCurrent } from '../../../formulas/motor/trip-current.js';
import type { Fed } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Inputs } from './fields.js';
import { type PlateMotorOutputs, plateMotorOutputs } from './outputs.js';

type Own = Context<PlateMotorOutputs>;

const whole = fixed('1', 1, plateMotorOutputs.checks.plate.source);

/** Whether what the plate says can be so. */
export function plateChecks(
  { power: plate, voltage, current }: Inputs,
  power: Figure<'W'>,
  m: Figure<'1'>,
  speed: Figure<'rpm'>,
  synchronous: Figure<'rpm'>,
  { check }: Own,
): Check[] {
  const checks: Check[] = [];
  if (plate.known && voltage.known && current.known && m.known && power.known) {
    const needs = neededEfficiency({ P: power, m, V: voltage, I: current });
    const consistent = { value: power.value / (m.value * voltage.value), unit: 'A' } as const;
    const share = needs.known ? needs.value : '?';
    checks.push(check('plate', { has: whole, needs, tells: { power, voltage, current, share, consistent } }));
  }
  if (speed.known && synchronous.known && speed.value > synchronous.value * (1 + 1e-9)) {
    checks.push(check('slip', { has: synchronous, needs: speed }));
  }
  return checks;
}

/** Whether the breaker trips while the motor starts: its instantaneous trip is a band, not a line. */
export function inrushChecks({ breaker, curve }: Fed, inrush: Figure<'A'>, { check }: Own): Check[] {
  if (!breaker.known || !curve) return [];
  const [low, high] = breakerTrips[curve];
  return [check('inrush', { has: tripCurrent({ k: fixed('1', (low + high) / 2, tripSource, [low, high]), I_b: breaker }), needs: inrush })];
}

/** Whether the wall feeds what is needed. */
export function underLoad({ voltage, breaker, share }: Fed, eta: Figure<'1'>, pf: Figure<'1'>, needed: Figure<'W'>, { check }: Own): Check[] {
  if (!breaker.known || !voltage.known) return [];
  return [check('circuit', { has: circuitPower({ V: voltage, I: breaker, share, eta, pf }), needs: needed })];
}

/** Whether it runs the work for good, where its plate states power for a part of the time only. */
export function allDay({ duty, onShare }: Inputs, power: Figure<'W'>, needed: Figure<'W'>, { check, note }: Own): Check[] {
  if (!duty.is || duty.is === 'S1') return [];
  const lasting =
    duty.is === 'S2' ? unknown('W', [], 'a plate for a short time does not say what it runs for good') : continuousPower({ P: power, s: onShare });
  const allDayPower = note('all-day', lasting);
  const has = allDayPower.known ? { ...allDayPower, flags: allDayPower.flags | flag.estimated } : allDayPower;
  return [check('duty', { has, needs: needed, tells: { duty: duty.is } })];
}
