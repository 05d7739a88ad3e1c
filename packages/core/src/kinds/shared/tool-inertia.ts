import { type Figure, fixed, unseen } from '../../figure/figure.js';
import { rollInertia } from '../../formulas/dynamics/roll-inertia.js';

const steel = fixed('kg/m³', 7850, 'Steel 7850 kg/m³ (handbooks)');
const lengthSource = 'Not entered: from a thin blade to a solid round as long as it is thick, as of steel (common practice, no source)';

/**
 * Inertia of the tool: entered, or what it may be by its diameter until somebody weighs it.
 * @param lengths least, likely and most length in diameters
 */
export function toolInertia(
  entered: Figure<'kg·m²'>,
  diameter: Figure<'mm'>,
  lengths: readonly [number, number, number] = [0.02, 0.2, 1],
): Figure<'kg·m²'> {
  if (entered.known || !diameter.known) return entered;
  return rollInertia({ u: unseen('1', lengths, entered.missing[0] ?? '', lengthSource), rho: steel, d: diameter });
}
