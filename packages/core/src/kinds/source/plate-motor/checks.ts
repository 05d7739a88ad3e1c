import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, highEnd, lowEnd, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { circuitPower } from '../../../formulas/motor/circuit-power.js';
import { dutyHeat } from '../../../formulas/motor/duty-heat.js';
import { neededEfficiency } from '../../../formulas/motor/needed-efficiency.js';
import { powerForATime } from '../../../formulas/motor/power-for-a-time.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import type { Fed } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { isApart, leadChecks } from '../../shared/on-mains.js';
import type { Inputs } from './fields.js';
import { hasThreePhases, type OnWall } from './on-wall.js';
import { type PlateMotorOutputs, plateMotorOutputs } from './outputs.js';

type Own = Context<PlateMotorOutputs>;

const whole = fixed('1', 1, plateMotorOutputs.checks.plate.source);

/** Whether what the plate says can be so. */
export function plateChecks(
  { power: plate, powerIs, voltage, current, frequency }: Inputs,
  power: Figure<'W'>,
  byAmps: Figure<'W'>,
  m: Figure<'1'>,
  speed: Figure<'rpm'>,
  synchronous: Figure<'rpm'>,
  slip: Figure<'1'>,
  poles: Figure<'1'>,
  { check }: Own,
): Check[] {
  const checks: Check[] = [];
  if (plate.known && voltage.known && current.known && m.known && power.known) {
    // What the plate says, not what is made of it.
    const said = powerIs.is === 'input' ? power : plate;
    const needs = neededEfficiency({ P: said, m, V: voltage, I: current });
    const consistent = { value: said.value / (m.value * voltage.value), unit: 'A' } as const;
    const share = needs.known ? needs.value : '?';
    checks.push(check('plate', { has: whole, needs, tells: { power: said, voltage, current, share, consistent, byAmps } }));
  }
  // Over every mains, and nothing says that a drive feeds it with more.
  if (speed.known && !frequency.known && lowEnd(speed) > fastestOnMains.value) checks.push(check('family', { has: fastestOnMains, needs: speed }));
  if (speed.known && synchronous.known && poles.known) {
    if (poles.value > mostPoles.value) {
      const own = scaled(synchronous, scaledBy(poles.value / 4), fourSource);
      const ratio = scaled(poles, 1 / 4, fourSource);
      const behind = scaled(shaftTorque({ P: power, n: speed }), boxLoss, boxSource);
      checks.push(check('poles', { has: mostPoles, needs: poles, tells: { speed, own, ratio, behind } }));
    } else {
      const lags = check('slip', {
        has: scaled(synchronous, leastLag, leastSource),
        needs: speed,
        tells: { synchronous, likely: scaled(synchronous, usualLag, lagSource) },
      });
      if (lags.verdict !== 'holds') checks.push(lags);
      const slow = check('lag', { has: mostLag, needs: slip, tells: { speed, synchronous, likely: scaled(synchronous, usualLag, lagSource) } });
      if (slow.verdict !== 'holds') checks.push(slow);
    }
  }
  return checks;
}

/** A motor on the wall it is really on, with what comes of it. */
export interface Wall extends OnWall {
  readonly fed: Fed;
  readonly m: Figure<'1'>;
  readonly current: Figure<'A'>;
  readonly flux: Figure<'1'>;
  readonly speed: Figure<'rpm'>;
  readonly ofPlate: { readonly speed: Figure<'rpm'>; readonly torque: Figure<'N·m'> };
  readonly lasting: Figure<'N·m'>;
  /** That would run a three-phase motor on one phase. */
  readonly capacitor: Figure<'µF'>;
  /** Voltage that arrives while it works. */
  readonly atWork: Figure<'V'>;
}

/** Phases, voltage, frequency and lead: whether the motor is made for what it is put to. */
export function wallChecks(inputs: Inputs, wall: Wall, own: Own): Check[] {
  if (wall.fed.current.is === 'dc') return [own.state('current', { verdict: 'fails' })];
  return [...phasesCheck(inputs, wall, own), ...voltageCheck(inputs, wall, own), ...leadChecks({ ...wall, protector: inputs.protector.is }, own)];
}

/** Said only where it is not so: a motor of three phases on a wall that has one, or may have. */
function phasesCheck({ phases, third }: Inputs, { fed, capacitor }: Wall, { state }: Own): Check[] {
  const three = hasThreePhases(fed);
  if (phases.is !== '3' || !fed.voltage.known || three) return [];
  if (three === undefined) return [state('phases', { verdict: 'unknown', missing: [fed.phases.field] })];
  const verdict = third.is === undefined ? 'fails' : third.is === 'converter' ? 'holds' : 'close';
  return [state('phases', { verdict, tells: { capacitor } })];
}

/** Of one frequency its voltage is held against the plate's; of another the volts per hertz, since its speed and its torque are others. */
function voltageCheck({ voltage: own, frequency: hertz }: Inputs, { plate, wall, fed, isOtherFrequency, ...both }: Wall, { check }: Own): Check[] {
  if (!own.known && !fed.voltage.known) return [];
  if (isOtherFrequency) {
    const { speed, ofPlate, lasting, rated, frequency, flux } = both;
    return [
      check('frequency', { has: fullIron, needs: flux, best: 'close', tells: { rated, wall: frequency, speed, before: ofPlate.speed, lasting } }),
    ];
  }
  // Where its frequency is not known, neither is whether the voltage is right.
  const missing = [
    ...(own.known ? [] : own.missing),
    ...(fed.voltage.known ? [] : fed.voltage.missing),
    ...(hertz.known && !fed.frequency.known ? fed.frequency.missing : []),
  ];
  const needs =
    missing.length > 0 ? unknown('1', missing) : solve('1', offVoltage, { V: wall, V_n: plate }, ({ V = 0, V_n = 0 }) => Math.abs(V / V_n - 1));
  return [check('voltage', { has: allowedOff, needs, tells: { plate, wall } })];
}

const fullIron = fixed('1', 1.1, plateMotorOutputs.checks.frequency.source);

export const offVoltage = defineProcedure({
  id: 'off-voltage',
  says: 'How far the wall’s voltage is from the plate’s, as a share of the plate’s',
  source: 'Definition',
  turns: ['V', 'V_n'],
});
const allowedOff = fixed('1', 0.1, plateMotorOutputs.checks.voltage.source);
const fastestOnMains = fixed('rpm', 3_600, plateMotorOutputs.checks.family.source);
const mostPoles = fixed('1', 12, plateMotorOutputs.checks.poles.source);
const fourSource = 'Common practice, no source: of four poles, as most gearmotors are, lagging 5 %';
const boxSource = 'Common practice, no source: a gearbox of one or two stages loses 3 to 10 %';
const boxLoss = fixed('1', 0.95, boxSource, [0.9, 0.97]);
const scaledBy = (of: number) => fixed('1', of * 0.95, fourSource);
const mostLag = fixed('1', 0.15, plateMotorOutputs.checks.lag.source);
const leastSource = 'Common practice, no source: a loaded motor lags by 1 % at the very least';
const leastLag = fixed('1', 0.99, leastSource);
const lagSource = 'Common practice, no source: small motors lag by 2 to 6 %';
const usualLag = fixed('1', 0.96, lagSource, [0.94, 0.98]);

/** Whether the wall feeds what is needed. */
export function underLoad({ fed, wall, m }: Wall, eta: Figure<'1'>, pf: Figure<'1'>, needed: Figure<'W'>, { check }: Own): Check[] {
  const { breaker, share, voltage } = fed;
  if (isApart(breaker)) return [];
  const V = voltage.known ? wall : voltage;
  return [check('circuit', { has: circuitPower({ m, V, I: breaker, share, eta, pf }), needs: needed })];
}

/** Whether it runs the work for as long as that lasts, where its plate states power for a part of the time only. */
export function forItsDuty(
  { duty, onShare, onTime }: Inputs,
  power: Figure<'W'>,
  needed: Figure<'W'>,
  lasts: Figure<'s'>,
  { check, note }: Own,
): Check[] {
  if (!duty.is || duty.is === 'S1') return [];
  const isShort = duty.is === 'S2';
  const t_on: Figure<'s'> = isShort ? onTime : onShare.known ? scaled(tenMinutes, onShare, cycleSource) : unknown('s', onShare.missing);
  const warmth = dutyHeat({ t_on, t_c: isShort ? noEnd : tenMinutes, tau: timeConstant });
  // For no longer than it is made for it runs what its plate says: there is nothing to estimate.
  const isWithin = t_on.known && lasts.known && highEnd(lasts) <= lowEnd(t_on);
  const has = note('for-its-duty', isWithin ? power : powerForATime({ P: power, h: warmth, t: lasts, tau: timeConstant }));
  return [check('duty', { has, needs: needed, tells: { duty: duty.is, lasts } })];
}

const cycleSource = 'IEC 60034-1: a cycle of S3 and S6 is ten minutes where nothing else is said';
const tenMinutes = fixed('s', 600, cycleSource);
const noEnd = fixed('s', 1e6, 'For a short time: no cycle');
const timeConstant = fixed(
  's',
  1800,
  'Common practice, no source: small motors warm up with a time constant of 15 to 60 minutes',
  [900, 3600],
  flag.estimated,
);
