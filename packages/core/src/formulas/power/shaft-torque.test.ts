import { expect, test } from 'vitest';
import { reference } from '../../../test/reference.js';
import { shaftPower } from './shaft-power.js';
import { shaftTorque } from './shaft-torque.js';

const fromPower = [
  reference('drives', 'power-torque-01'),
  reference('drives', 'power-torque-02'),
  reference('drives', 'power-torque-03'),
  reference('drives', 'power-torque-04'),
  reference('machines', 'motor-torque-01'),
  reference('machines', 'motor-torque-02'),
];

test.each(fromPower.map((entry) => [entry.title, entry] as const))('%s', (_, entry) => {
  entry.expects('T', shaftTorque.compute({ P: entry.given('P'), n: entry.given('n') }));
});

test('at rest a torque cannot be told from a power', () => {
  expect(shaftTorque.compute({ P: 550, n: 0 })).toBe(Number.POSITIVE_INFINITY);
});

test('halving the speed at the same power doubles the torque', () => {
  expect(shaftTorque.compute({ P: 550, n: 700 })).toBeCloseTo(2 * shaftTorque.compute({ P: 550, n: 1400 }), 12);
});

test('power from that torque is the power again', () => {
  expect(shaftPower.compute({ T: shaftTorque.compute({ P: 373, n: 1425 }), n: 1425 })).toBeCloseTo(373, 10);
});
