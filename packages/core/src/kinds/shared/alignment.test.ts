import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../test/crusher.js';
import { told } from '../../../test/told.js';
import { loadKinds } from '../registry.js';

const kinds = await loadKinds();
const line = (driver: string, driven: string) => {
  const { lines, checks } = told(afterTyping(crusher(), { 'main/belt/driverAt': driver, 'main/belt/drivenAt': driven }), kinds);
  return { check: checks.find(({ id }) => id === 'main/belt/check-line'), line: lines[0]?.outlines[0]?.line };
};

// By hand: 5 mm in 420 is atan(5 / 420) = 0.68°, more than half a degree; 2 mm is 0.27°.
it('holds a belt whose pulleys are in one plane, and not one that runs askew, whichever way', () => {
  expect(line('60 mm', '60 mm').check?.verdict).toBe('holds');
  expect(line('60 mm', '62 mm').check?.verdict).toBe('holds');
  expect(line('60 mm', '65 mm').check?.says).toContain('0.682°');
  expect(line('65 mm', '60 mm').check?.verdict).toBe('fails');
});

it('is no check until the places of both are entered, and is drawn as far as it is', () => {
  expect(line('60 mm', '')).toMatchObject({ check: undefined, line: [60, null] });
  expect(line('-20 mm', '15 mm').line).toEqual([-20, 15]);
  expect(told(crusher(), kinds).lines[0]?.outlines[0]?.line).toBeUndefined();
});
