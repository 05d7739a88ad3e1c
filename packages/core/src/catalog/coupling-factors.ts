import type { Shock } from './v-belts.js';

/** Service factor of a coupling or a gearbox behind an electric motor, by how rough the work is (common practice, no source). */
export const couplingFactors: Record<Shock, readonly [number, number, number]> = {
  uniform: [1, 1.1, 1.25],
  light: [1.25, 1.4, 1.5],
  medium: [1.5, 1.6, 1.75],
  heavy: [2, 2, 2.25],
};
export const anyCouplingFactor = [1, 1.5, 2.25] as const;
export const couplingFactorSource = 'Common practice, no source: couplings behind an electric motor, by how rough the work is';

/** What the cylinders of an engine add to that factor (common practice after DIN 740-2 and AGMA, from memory). */
export const cylinderAdds = { '1': [0.5, 0.6, 0.75], '2': [0.3, 0.4, 0.5], more: [0.15, 0.25, 0.3], any: [0.15, 0.5, 0.75] } as const;
export const cylinderSource =
  'Common practice after DIN 740-2 and AGMA (from memory): one cylinder adds 0.5 to 0.75 to the service factor, two 0.3 to 0.5, more 0.15 to 0.3';
