import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Speed of a point on the rim of a turning wheel, and of a belt on its pitch diameter. Slip is ignored.
 * @example rimSpeed.compute({ d: 100, n: 1450 }) // ≈ 7.592
 */
export const rimSpeed = defineFormula({
  id: 'rim-speed',
  title: 'speed at the rim',
  symbol: 'v',
  unit: 'm/s',
  expr: 'pi * d * n / 60000',
  source: 'Definition: circumference × turns per unit time',
  inputs: { d: inputSlot('mm', 'pitch diameter', [0.1, 5_000]), n: inputSlot('rpm', 'speed', [0, 100_000]) },
  compute: ({ d, n }) => (Math.PI * d * n) / 60_000,
});
