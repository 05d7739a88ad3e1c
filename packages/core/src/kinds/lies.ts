import type { Figure } from '../figure/figure.js';
import { quantity } from './fields.js';

/** Where the driven shaft lies, seen from the driving one. */
export const liesField = quantity('Driven shaft lies at', 'angle', {
  accepts: [-Math.PI, Math.PI],
  bare: '°',
  how: 'measured',
  help: 'Seen from the driving shaft: 0° to its right, 90° straight above, −90° straight below, 180° to its left.',
  measure: 'A level and a rule over both shafts; or drag the shaft on the drawing.',
  usual: { low: 0, value: 0, high: 0, source: 'Level, while nothing else is said' },
});

/** For the drawing: nothing where it is level anyway. */
export const angleOf = (lies: Figure<'rad'>): number | undefined => (lies.known && lies.value !== 0 ? lies.value : undefined);
