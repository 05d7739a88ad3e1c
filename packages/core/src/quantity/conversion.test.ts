import { expect, it } from 'vitest';
import { factorBetween } from './conversion.js';

// Exact by definition (NIST SP 811): 1 hp = 550 ft·lbf/s, 1 ft = 0.3048 m, 1 lbf = 0.45359237 · 9.80665 N.
it('has factors that are exact by definition', () => {
  expect(factorBetween('hp', 'W')).toBeCloseTo(550 * 0.3048 * 0.45359237 * 9.80665, 10);
});

/** The units library's other bundle loads patches for old browsers, and feeling for one of them makes every list of the program slow for good. */
it('loads no patches for old browsers along', () => {
  expect('__core-js_shared__' in globalThis).toBe(false);
});
