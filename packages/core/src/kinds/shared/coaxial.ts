import { type Figure, fixed } from '../../figure/figure.js';
import type { StageOutline } from '../kind.js';
import { likely } from './likely.js';

export const straightThrough = fixed('1', 1, 'Shafts on one axis turn together');
export const noPull = fixed('N', 0, 'Shafts on one axis do not pull on each other');
const weightless = fixed('kg·m²', 0, 'Its own inertia is not entered: left out');
export const nothingEntered = { in: weightless, out: weightless };

/** How a stage on one axis is drawn: both shafts beside each other, which the drawing says. @param diameter over all, mm */
export const onOneAxis = (diameter: Figure<'mm'>): StageOutline => ({
  driver: likely(diameter),
  driven: likely(diameter),
  centres: null,
  coaxial: true,
});
