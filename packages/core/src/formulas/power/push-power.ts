import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Power of something that is pushed along.
 * @example pushPower.compute({ F: 500, v: 0.2 }) // ≈ 100
 */
export const pushPower = defineFormula({
  id: 'push-power',
  title: 'power from a force',
  symbol: 'P',
  unit: 'W',
  expr: 'F * v',
  source: 'Definition: power is force × speed',
  inputs: { F: inputSlot('N', 'force', [0, 1e8]), v: inputSlot('m/s', 'speed', [0, 1_000]) },
  compute: ({ F, v }) => F * v,
});
