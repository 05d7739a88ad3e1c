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
