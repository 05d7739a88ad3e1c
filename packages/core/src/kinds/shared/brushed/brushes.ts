import { type Figure, fixed, flag, type Known } from '../../../figure/figure.js';

const source = 'Common practice, no source: two brushes of carbon take 1 to 2.5 V together, those of copper and carbon for few volts 0.3 to 1.5 V';
const carbon = fixed('V', 2, source, [1, 2.5], flag.estimated);
const mixed = fixed('V', 0.8, source, [0.3, 1.5], flag.estimated);
const idle = fixed('V', 0.8, `${source}; a third to a half of it unloaded`, [0.3, 1.4], flag.estimated);
const idleMixed = fixed('V', 0.3, `${source}; a third to a half of it unloaded`, [0.1, 0.6], flag.estimated);

/** Up to so many volts brushes have copper in them. */
const few_V = 40;
const isFew = (voltage: Figure<'V'>): boolean => voltage.known && voltage.value < few_V;

/** What its brushes take under load, and unloaded. */
export const brushDrop = ({ voltage }: { readonly voltage: Figure<'V'> }): Known<'V'> => (isFew(voltage) ? mixed : carbon);
export const idleDrop = ({ voltage }: { readonly voltage: Figure<'V'> }): Known<'V'> => (isFew(voltage) ? idleMixed : idle);
