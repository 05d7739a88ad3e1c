import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { inchesMeant } from './other-unit.js';

const inches = afterTyping(crusher(), {
  'main/belt/driver': '3 in',
  'main/belt/driven': '10 in',
  'main/belt/belt': '53"',
  'main/belt/slotIn': '?',
  'main/belt/slotOut': '?',
});

it('18 between wheels of 3 and 10 in may be inches', () => {
  const shafts = {
    'main/belt/driverBore': '3/4 in',
    'main/belt/drivenBore': '1 in',
    'main/belt/driverLength': '1 in',
    'main/belt/drivenLength': '1 1/2 in',
  };
  const build = afterTyping(inches, { ...shafts, 'main/belt/deflection': '?' });
  expect(inchesMeant(build, 'main/belt/centres', '18')).toEqual({ text: '18 in', says: '18 in' });
  expect(inchesMeant(build, 'main/belt/centres', '18 mm')).toBeNull();
  // 5000 in are further than shafts are apart.
  expect(inchesMeant(build, 'main/belt/centres', '5000')).toBeNull();
  expect(inchesMeant(crusher(), 'main/belt/centres', '18')).toBeNull();
  expect(inchesMeant(build, 'main/work/torque', '18')).toBeNull();
});
