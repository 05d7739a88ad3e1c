import { expect, test } from 'vitest';
import { reference } from '../../../test/reference.js';
import { rimSpeed } from './rim-speed.js';

test.each([reference('drives', 'rim-speed-01'), reference('drives', 'rim-speed-02')].map((entry) => [entry.title, entry] as const))(
  '%s',
  (_, entry) => {
    entry.expects('v', rimSpeed.compute({ d: entry.given('d'), n: entry.given('n') }));
  },
);

const lathe = reference('machines', 'surface-speed-01');
test(`${lathe.title}, backwards`, () => {
  // 90 m/min on 40 mm needs 716.197 rpm: at that speed the rim runs at 90 m/min again.
  expect(rimSpeed.compute({ d: lathe.given('d'), n: 716.1972439 })).toBeCloseTo(lathe.given('v'), 8);
});

const wheel = reference('machines', 'wheel-limit-01');
test(`${wheel.title}, backwards`, () => {
  expect(rimSpeed.compute({ d: wheel.given('d'), n: 3342.253805 })).toBeCloseTo(wheel.given('v'), 7);
});

test('twice the diameter at half the speed is the same rim speed', () => {
  expect(rimSpeed.compute({ d: 200, n: 500 })).toBeCloseTo(rimSpeed.compute({ d: 100, n: 1000 }), 12);
});
