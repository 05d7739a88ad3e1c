import { expect, it } from 'vitest';
import { meshPush } from '../gear/mesh-push.js';
import { resultantPull } from './resultant-pull.js';
import { resultantWithMesh } from './resultant-with-mesh.js';

const off = (110 * Math.PI) / 180;

// Closed form: in a straight train both neighbours push an idler the same way along the pitch circles, and their radial parts cancel.
it('pushes an idler between two gears in line with twice the force along its pitch circle', () => {
  const F = meshPush.compute({ W_t: 400 });
  for (const e of [2 * off, -2 * off]) expect(resultantWithMesh.compute({ F_1: F, F_2: F, a_1: 0, a_2: 0, e })).toBeCloseTo(800, 9);
});

it('is the same whichever way a shaft turns, while all stand in line', () => {
  const at = { F_1: 300, F_2: 200, a_1: 0, a_2: 0 };
  expect(resultantWithMesh.compute({ ...at, e: off })).toBeCloseTo(resultantWithMesh.compute({ ...at, e: -off }), 9);
});

it('without teeth is what two belts pull', () => {
  const at = { F_1: 300, F_2: 200, a_1: 0.3, a_2: 2 };
  expect(resultantWithMesh.compute({ ...at, e: 0 })).toBe(resultantPull.compute(at));
});
