import { breakerTrips, tripSource } from '../../../catalog/breakers.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, type Known, scaled, unknown, unseen } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
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
  poles: Figure<'1'>,
  { check }: Own,
): Check[] {
  const checks: Check[] = [];
  if (plate.known && voltage.known && current.known && m.known && power.known) {
    const needs = neededEfficiency({ P: power, m, V: voltage, I: current });
    const consistent = { value: power.value / (m.value * voltage.value), unit: 'A' } as const;
    const share = needs.known ? needs.value : '?';
    checks.push(check('plate', { has: whole, needs, tells: { power, voltage, current, share, consistent } }));
  }
  if (speed.known && synchronous.known && poles.known) {
    if (poles.value > mostPoles.value) {
      const own = scaled(synchronous, scaledBy(poles.value / 4), fourSource);
      const ratio = scaled(poles, 1 / 4, fourSource);
      checks.push(check('poles', { has: mostPoles, needs: poles, tells: { speed, own, ratio } }));
    } else {
      const lags = check('slip', {
        has: scaled(synchronous, leastLag, leastSource),
        needs: speed,
        tells: { synchronous, likely: scaled(synchronous, usualLag, lagSource) },
      });
      if (lags.verdict !== 'holds') checks.push(lags);
    }
  }
  return checks;
}

/** Whether the wall's voltage is the plate's. A single-phase motor on three phases of 400 V is between phase and neutral, at 230 V. */
export function voltageCheck({ voltage: plate, phases }: Inputs, { voltage: wall }: Fed, { check }: Own): Check[] {
  if (!plate.known && !wall.known) return [];
  const { value } = plate.known ? plate : { value: Number.NaN };
  const between = phases.is === '1' && wall.known && Math.abs(wall.value / Math.sqrt(3) / value - 1) < Math.abs(wall.value / value - 1);
  const at = between ? scaled(wall, 1 / Math.sqrt(3), 'Between phase and neutral of three phases') : wall;
  const needs = solve('1', offVoltage, { V: at, V_n: plate }, ({ V = 0, V_n = 0 }) => Math.abs(V / V_n - 1));
  return [check('voltage', { has: allowedOff, needs, tells: { plate, wall: at } })];
}

export const offVoltage = defineProcedure({
  id: 'off-voltage',
  says: 'How far the wall’s voltage is from the plate’s, as a share of the plate’s',
  source: 'Definition',
  turns: ['V', 'V_n'],
});
const allowedOff = fixed('1', 0.1, plateMotorOutputs.checks.voltage.source);
const mostPoles = fixed('1', 12, plateMotorOutputs.checks.poles.source);
const fourSource = 'Common practice, no source: of four poles, as most gearmotors are, lagging 5 %';
const scaledBy = (of: number) => fixed('1', of * 0.95, fourSource);
const leastSource = 'Common practice, no source: a loaded motor lags by 1 % at the very least';
const leastLag = fixed('1', 0.99, leastSource);
const lagSource = 'Common practice, no source: small motors lag by 2 to 6 %';
const usualLag = fixed('1', 0.96, lagSource, [0.94, 0.98]);

/** Whether the breaker trips while the motor starts: its instantaneous trip is a band, not a line. */
export function inrushChecks({ breaker, curve }: Fed, inrush: Figure<'A'>, { check }: Own): Check[] {
  // That no breaker is entered is said once, of the circuit.
  if (!breaker.known) return [];
  return [check('inrush', { has: tripCurrent({ k: tripAt(curve), I_b: breaker }), needs: inrush })];
}

function tripAt({ is, field }: Fed['curve']): Known<'1'> {
  const [low, high] = is ? breakerTrips[is] : [breakerTrips.B[0], breakerTrips.D[1]];
  return is ? fixed('1', (low + high) / 2, tripSource, [low, high]) : unseen('1', [low, (low + high) / 2, high], field, tripSource);
}

/** Whether the wall feeds what is needed. */
export function underLoad({ voltage, breaker, share }: Fed, eta: Figure<'1'>, pf: Figure<'1'>, needed: Figure<'W'>, { check }: Own): Check[] {
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
