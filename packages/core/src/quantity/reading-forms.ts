import type { QuantityName } from './quantities.js';

/** A way in which an entry may be written, with one that is, and what it comes to. */
export interface ReadingForm {
  readonly form: string;
  readonly text: string;
  readonly quantity: QuantityName;
  /** How it is understood, in metric units. */
  readonly means: string;
}

/** Every way in which an entry may be written: what the command line and the reference list, each held by a test. */
export const readingForms: readonly ReadingForm[] = [
  { form: 'a number with its unit, point or comma', text: '0,55 kW', quantity: 'power', means: '550 W' },
  { form: 'a fraction, a whole with a fraction', text: '3-11/16 in', quantity: 'length', means: '93.7 mm' },
  { form: 'thousands', text: '12 000 rpm', quantity: 'speed', means: '12000 rpm' },
  { form: 'a range: to, a dash, dots', text: '0.5-0.6 kW', quantity: 'power', means: '500 to 600 W' },
  { form: 'a value with what it may be off by', text: '230 V ± 10 %', quantity: 'voltage', means: '207 to 253 V' },
  { form: 'a guess, of a tenth either way: ~, about, ? behind it', text: '~0.5 kW', quantity: 'power', means: '450 to 550 W' },
  { form: 'a sum: + - * × / ( ), a unit at the end or on each part', text: '3 in + 4 mm', quantity: 'length', means: '80.2 mm' },
  { form: 'a difference: a hyphen before what is smaller', text: '4.207-1 in', quantity: 'length', means: '81.5 mm' },
  { form: 'a wire by its gauge', text: 'AWG 14', quantity: 'area', means: '2.08 mm²' },
];

/** What a field reads beside quantities, in words. */
export const alsoRead =
  'at least 3, up to 5: where the other end is usual. Nothing or ?: not known. In the field of a belt, a chain, a wall or a motor its mark or its whole plate: A53, 4L550, SPZ 1250, 6PK1195, 84XL037, 450-5M-15, 40-1 × 88, B16, 3G1.5, 1/2 HP 1725 RPM 115 V 8.2 A.';
