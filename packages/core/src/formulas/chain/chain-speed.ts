import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Links that pass in a time, times their pitch: the mean of what a chain on a polygon does.
 * @example chainSpeed.compute({ p: 12.7, z: 17, n: 300 }) // ≈ 1.0795
 */
export const chainSpeed = defineFormula({
  id: 'chain-speed',
  title: 'speed of a chain',
  symbol: 'v',
  unit: 'm/s',
  expr: 'p * z * n / 60000',
  source: 'Definition: teeth that pass, times the pitch (ISO 10823)',
  inputs: { p: inputSlot('mm', 'pitch', [4, 130]), z: inputSlot('1', 'teeth', [5, 200]), n: inputSlot('rpm', 'speed', [0, 20_000]) },
  compute: ({ p, z, n }) => (p * z * n) / 60_000,
});
