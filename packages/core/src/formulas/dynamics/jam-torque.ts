import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What spins is stopped within an angle and by the twist of its way there, while the drive pulls on: E = (T − T₀)·φ + (T − T₀)²/(2k), with k in
 * T_r² = 2·k·E. A rigid way makes it T₀ + E/φ, a stop that does not yield T₀ + T_r. Nothing spins faster than it runs, so that the drive adds its torque to
 * what the wheels do, and no speed.
 * @example jamTorque.compute({ T_0: 10, T_r: 400, E: 20, phi: 0.1 }) // ≈ 175.7
 */
export const jamTorque = defineFormula({
  id: 'jam-torque',
  title: 'torque of a jam',
  symbol: 'T',
  unit: 'N·m',
  expr: 'T_0 + T_r^2 / (T_r^2 * phi / (2 * E) + sqrt((T_r^2 * phi / (2 * E))^2 + T_r^2))',
  source: 'Conservation of energy against a spring and a stop that yields evenly (closed form)',
  inputs: {
    T_0: inputSlot('N·m', 'torque of the drive itself', [0, 1000000.0]),
    T_r: inputSlot('N·m', 'peak torque of what spins against a stop that does not yield', [0.001, 1e9]),
    E: inputSlot('J', 'energy of what spins in between', [1e-6, 1000000.0]),
    phi: inputSlot('rad', 'angle in which it stops', [0.0001, 2_000]),
  },
  compute: ({ T_0, T_r, E, phi }) => {
    if (T_r === 0 || E === 0) return T_0;
    const a = (T_r ** 2 * phi) / (2 * E);
    return T_0 + T_r ** 2 / (a + Math.sqrt(a ** 2 + T_r ** 2));
  },
});
