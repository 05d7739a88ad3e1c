import { expect, it } from 'vitest';
import { meshPush } from '../gear/mesh-push.js';
import { angleBetweenPulls } from './angle-between-pulls.js';
import { resultantPull } from './resultant-pull.js';

/** Both pulls put together as the shafts lie. */
const together = ({ F_1, F_2, ...angles }: { F_1: number; F_2: number; a_1: number; a_2: number; s: number; e: number }) =>
  resultantPull.compute({ F_1, F_2, gamma: angleBetweenPulls.compute(angles) });

const off = (110 * Math.PI) / 180;

// Closed form: in a straight train both neighbours push an idler the same way along the pitch circles, and their radial parts cancel.
it('of two gears on an idler between them in line is twice the force along its pitch circle, whichever way it turns', () => {
  const F = meshPush.compute({ W_t: 400 });
  for (const s of [1, -1]) expect(together({ F_1: F, F_2: F, a_1: 0, a_2: 0, s, e: 2 * off })).toBeCloseTo(800, 9);
});

// Closed form: opposite pulls, pulls one way, and square ones.
it.each([
  [0, 100],
  [Math.PI, 700],
  [Math.PI / 2, 500],
])('of two belts, the shaft after at %d rad, is %d N, and the turning does not matter', (a_2, F) => {
  for (const s of [1, -1]) expect(together({ F_1: 300, F_2: 400, a_1: 0, a_2, s, e: 0 })).toBeCloseTo(F, 9);
});
