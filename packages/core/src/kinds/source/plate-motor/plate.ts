import { type Figure, fixed, highEnd, known, lowEnd, scaled, unknown, unseen } from '../../../figure/figure.js';
import { lineCurrent } from '../../../formulas/motor/line-current.js';
import { neededEfficiency } from '../../../formulas/motor/needed-efficiency.js';
import { shaftFromInput } from '../../../formulas/motor/shaft-from-input.js';
import { polesBy } from '../../shared/poles.js';
import type { Inputs } from './fields.js';
import type { OnWall } from './on-wall.js';

export function phaseFactor({ phases }: Inputs): Figure<'1'> {
  const source = 'Definition: 1 for single phase, √3 for three';
  if (phases.is) return fixed('1', phases.is === '3' ? Math.sqrt(3) : 1, source);
  return unknown('1', [phases.field]);
}

/** By the plate, in what it is said to state; where its own amps contradict that, anything from what they can drive to what it says. */
export function shaftPowerOf(inputs: Inputs, byAmps: Figure<'W'>, eta: Figure<'1'>, pf: Figure<'1'>, m: Figure<'1'>): Figure<'W'> {
  const { power, powerIs, voltage, current } = inputs;
  if (!power.known && voltage.known && current.known) return byAmps;
  if (powerIs.is !== 'input' && power.known && byAmps.known && isContradicted(inputs, m)) {
    const most = highEnd(power);
    return unseen(
      'W',
      [Math.min(lowEnd(byAmps), most), Math.min(byAmps.value, most), most],
      power.origin.by === 'given' ? power.origin.field : '',
      contradictedSource,
    );
  }
  if (powerIs.is === 'shaft' || isShaftByAmps(inputs, eta, pf, m)) return power;
  if (powerIs.is === 'input') return shaftFromInput({ P: power, eta });
  const least = eta.known ? (eta.low ?? eta.value) : 0.5;
  const either = unseen('1', [least, 1, 1], powerIs.field, 'Not said whether the plate states shaft or input power');
  return shaftFromInput({ P: power, eta: either });
}

/**
 * Whether a plate that does not say so states shaft power: a motor's own does, and its amps agree. Its power over volts times amps is then efficiency times power
 * factor; were it what is drawn from the wall, it would be the power factor alone.
 */
export function isShaftByAmps({ power, powerIs, voltage, current }: Inputs, eta: Figure<'1'>, pf: Figure<'1'>, m: Figure<'1'>): boolean {
  if (powerIs.is || !power.known || !voltage.known || !current.known || !m.known || !eta.known || !pf.known) return false;
  const share = power.value / (m.value * voltage.value * current.value);
  return share <= highEnd(eta) * highEnd(pf) && share < lowEnd(pf);
}

const contradictedSource = 'The plate’s power is more than its volts times amps: what these can drive at the least, the plate’s power at the most';

/** More at the shaft than goes in, at any end of what is not sure. */
const isContradicted = ({ power, voltage, current }: Inputs, m: Figure<'1'>): boolean =>
  power.known && voltage.known && current.known && m.known && highEnd(power) > m.value * lowEnd(voltage) * lowEnd(current);

export function polesOf({ poles, speed }: Inputs, frequency: Figure<'Hz'>): Figure<'1'> {
  if (poles.is) return known('1', Number(poles.is), { by: 'given', field: poles.field });
  return polesBy(speed, frequency);
}

/** The plate's current, for the voltage that it is connected for; else what it draws at its rated power. */
export function currentOf(
  { current }: Inputs,
  { plate, currentShare }: OnWall,
  P: Figure<'W'>,
  eta: Figure<'1'>,
  pf: Figure<'1'>,
  m: Figure<'1'>,
): Figure<'A'> {
  if (!current.known) return lineCurrent({ P, m, V: plate, eta, pf });
  return currentShare === 1
    ? current
    : scaled(current, currentShare, 'In star a motor of two voltages draws 1/√3 of what it draws in delta (definition)');
}

/** Efficiency and power factor together as the plate's own amps have it; where it says nothing of them, or contradicts itself, those of motors like it. */
export function sharesOf(
  inputs: Inputs,
  power: Figure<'W'>,
  m: Figure<'1'>,
  eta: Figure<'1'>,
  pf: Figure<'1'>,
): readonly [eta: Figure<'1'>, pf: Figure<'1'>] {
  if (!inputs.current.known || !inputs.voltage.known || !power.known || isContradicted(inputs, m)) return [eta, pf];
  return [neededEfficiency({ P: power, m, V: inputs.voltage, I: inputs.current }), both];
}
const both = fixed('1', 1, 'The plate’s power over its volts times amps is efficiency times power factor (definition)');
