import type { Figure } from '../../figure/figure.js';
import { quantity } from '../fields.js';

/** Direction of the driven shaft, seen from the driving one. */
export const directionField = quantity('Direction of the driven shaft', 'angle', {
  accepts: [-Math.PI, Math.PI],
  bare: '°',
  how: 'measured',
  help: 'Seen from the driving shaft: 0° to its right, 90° straight above, −90° straight below, 180° to its left.',
  measure: 'A level and a rule over both shafts; or drag the shaft on the drawing.',
  usual: { of: 'scatter', low: 0, value: 0, high: 0, source: 'Level, while nothing else is said' },
});

/** For the drawing, rad: nothing where it is level anyway. */
export const angleOf = (direction: Figure<'rad'>): number | undefined => (direction.known && direction.value !== 0 ? direction.value : undefined);
