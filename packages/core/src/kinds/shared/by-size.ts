import { widest } from '../../catalog/small-motors.js';
import { ofKilogramSingle, torqueByWeightSource, torqueOfIron, torqueOfKilogram } from '../../catalog/torque-by-weight.js';
import { type Figure, fixed, flag } from '../../figure/figure.js';
import { defineProcedure, solve } from '../../figure/formula.js';
import { shaftPower } from '../../formulas/power/shaft-power.js';
import type { Band } from '../../numeric/band-at.js';
import { type Chosen, type InputFigures, quantity } from '../fields.js';

/** What is measured of a motor that has no plate: it narrows what its torque can be. */
export const sizeFields = {
  weight: quantity('Weight of the motor', 'mass', {
    accepts: [0.01, 2_000],
    bare: 'kg',
    how: 'measured',
    help: 'Only where neither its power nor its volts and amps are known: how heavy a motor is says within two or three times what torque it has.',
    measure: 'Kitchen or luggage scales; without pulley, flywheel and bracket.',
  }),
  stack: quantity('Length of its iron', 'length', {
    accepts: [2, 2_000],
    bare: 'mm',
    how: 'measured',
    help: 'Of the pack of thin sheets, along the shaft, where that is seen. With its width it says more than the weight.',
    measure: 'Calliper on the sheets, without the windings.',
  }),
  across: quantity('Width of its iron', 'length', {
    accepts: [5, 2_000],
    bare: 'mm',
    how: 'measured',
    help: 'Across the pack of thin sheets.',
    measure: 'Calliper across the sheets; of a square pack the shorter side.',
  }),
};
type Size = InputFigures<typeof sizeFields>;

/** Torque for good over the weight, N·m/kg, and over the iron’s width squared times its length, kN·m/m³. */
interface PerSize {
  readonly weight: Band;
  readonly iron: Band;
}
const source = `${torqueByWeightSource}, or measured`;
const families = {
  universal: { weight: torqueOfKilogram.universal, iron: torqueOfIron.universal },
  'pm-dc': { weight: torqueOfKilogram['pm-dc'], iron: torqueOfIron['pm-dc'] },
  'wound-dc': { weight: torqueOfKilogram['wound-dc'], iron: torqueOfIron['wound-dc'] },
  single: { weight: ofKilogramSingle, iron: torqueOfIron.single },
  induction: { weight: widest([ofKilogramSingle, torqueOfKilogram['three-phase']]), iron: torqueOfIron.induction },
  three: { weight: torqueOfKilogram['three-phase'], iron: torqueOfIron.three },
  'shaded-pole': { weight: torqueOfKilogram['shaded-pole'], iron: torqueOfIron['shaded-pole'] },
} satisfies Readonly<Record<string, PerSize>>;
export type SizedFamily = keyof typeof families;

export const torqueByWeight = defineProcedure({
  id: 'torque-by-weight',
  says: 'The weight times what motors of its family have of each kilogram',
  source,
});
export const torqueByIron = defineProcedure({
  id: 'torque-by-iron',
  says: 'Width squared times length of the iron, times what motors of its family have of it',
  source,
});

const per = ([low, likely, high]: Band) => fixed('1', likely, source, [low, high], flag.estimated);

/** Torque for good by what the motor weighs or how large its iron is; null where neither was measured. */
function torqueBySize({ weight, stack, across }: Size, family: SizedFamily): Figure<'N·m'> | null {
  const { weight: ofKilogram, iron } = families[family];
  if (stack.known && across.known)
    return solve('N·m', torqueByIron, { L: stack, D: across, k: per(iron) }, ({ L = 0, D = 0, k = 0 }) => (k * D ** 2 * L) / 1e6);
  return weight.known ? solve('N·m', torqueByWeight, { m: weight, k: per(ofKilogram) }, ({ m = 0, k = 0 }) => m * k) : null;
}

interface Powered {
  readonly power: Figure<'W'>;
  readonly powerIs: Chosen<string>;
  readonly voltage: Figure<'V'>;
  readonly current: Figure<'A'>;
}

/** A motor of which neither power nor volts and amps are known, with the shaft power of its size at its speed. */
export function sizedUp<I extends Size & Powered>(inputs: I, family: SizedFamily, n: Figure<'rpm'>): I {
  if (inputs.power.known || (inputs.voltage.known && inputs.current.known)) return inputs;
  const T = torqueBySize(inputs, family);
  return T ? { ...inputs, power: shaftPower({ T, n }), powerIs: { ...inputs.powerIs, is: 'shaft' } } : inputs;
}
