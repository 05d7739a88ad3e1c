import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Breaking load at the pitch radius of the sprocket.
 * @example chainTorque.compute({ F: 17800, p: 12.7, z: 15 }) // ≈ 543.6
 */
export const chainTorque = defineFormula({
  id: 'chain-torque',
  title: 'torque at which a chain breaks',
  symbol: 'T',
  unit: 'N·m',
  expr: 'F * p / (2000 * sin(pi / z))',
  source: 'ISO 606 pitch diameter of a sprocket (relation)',
  inputs: {
    F: inputSlot('N', 'breaking load of the chain', [100, 500000]),
    p: inputSlot('mm', 'pitch', [4, 80]),
    z: inputSlot('1', 'teeth of the sprocket', [8, 150]),
  },
  compute: ({ F, p, z }) => (F * p) / (2000 * Math.sin(Math.PI / z)),
});
