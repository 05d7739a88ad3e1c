import { expect, it } from 'vitest';
import { crusher } from '../../test/crusher.js';
import { hold } from '../checks/check.js';
import { fixed } from '../figure/figure.js';
import { loadKinds } from '../kinds/registry.js';
import { evaluateBuild } from './evaluate-build.js';
import { whyCheck } from './why-check.js';

const kinds = await loadKinds();
const declared = { name: 'x', subject: 'x', source: 's', says: '{has} {needs}' };
const torque = (value: number) => fixed('N·m', value, 'test');

// A fifth of 10 left is 8 needed; 12 with a fifth to spare is a limit of 15.
it('says by how much a verdict turns, by hand', () => {
  const fails = hold('c', 'a', declared, { has: torque(10), needs: torque(12) });
  expect(whyCheck(fails).turns).toBe('It holds, with 20 % to spare, where 8 N·m is needed at most, or with a limit of 15 N·m and more.');
  const holds = hold('c', 'a', declared, { has: torque(10), needs: torque(4) });
  expect(whyCheck(holds).turns).toBe(
    'It is close where over 8 N·m is needed, or with a limit under 5 N·m; it fails where over 10 N·m is likely needed.',
  );
});

it('turns where it says: with as much needed, the check is judged so', () => {
  const judged = (needs: number) => hold('c', 'a', declared, { has: torque(10), needs: torque(needs) }).verdict;
  expect([judged(7.99), judged(8.01), judged(10.01)]).toEqual(['holds', 'close', 'fails']);
});

it('names the rows of the tables that it rests on', () => {
  const check = evaluateBuild(crusher(), kinds).checks.find(({ id }) => id === 'main/belt/check-belts');
  expect(check && whyCheck(check).rows.join()).toMatch(/row A/);
});
