import { anyCouplingFactor, couplingFactorSource, couplingFactors, cylinderAdds, cylinderSource } from '../../catalog/coupling-factors.js';
import { type Figure, fixed, fromTable, picked } from '../../figure/figure.js';
import type { Duty, StageOutline } from '../kind.js';
import { likely } from './likely.js';

export const straightThrough = fixed('1', 1, 'Shafts on one axis turn together');
export const noPull = fixed('N', 0, 'Shafts on one axis do not pull on each other');
export const weightless = fixed('kg·m²', 0, 'Its own inertia is not entered: left out');

/** How a stage on one axis is drawn: both shafts beside each other, which the drawing says. @param diameter over all, mm */
export const onOneAxis = (diameter: Figure<'mm'>): StageOutline => ({
  driver: likely(diameter),
  driven: likely(diameter),
  centres: null,
  coaxial: true,
});

/** Service factor of couplings and gearboxes, by how rough the work is and how even the driver; the widest of what is not said. */
export function roughness({ shock, cylinders }: Pick<Duty, 'shock' | 'cylinders'>): Figure<'1'> {
  const ofWork = fromTable('1', shock ? couplingFactors[shock] : anyCouplingFactor, {
    table: 'coupling service factors',
    row: shock ?? 'not said how rough',
    source: couplingFactorSource,
  });
  if (!cylinders) return ofWork;
  const [low, likely, high] = cylinderAdds[cylinders];
  return picked('sum', '1', [ofWork, fixed('1', likely, cylinderSource, [low, high])]);
}
