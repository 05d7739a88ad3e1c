import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A stalled winding heats at once and alone; the iron comes too late to help.
 * @example lockedSeconds.compute({ theta_1: 40, theta_2: 155, k: 5, J: 6 }) // ≈ 19.67
 */
export const lockedSeconds = defineFormula({
  id: 'locked-seconds',
  title: 'how long a stalled winding lasts',
  symbol: 't',
  unit: 's',
  expr: '385 * 8900 / 17240 * 254.5 * log((234.5 + theta_2) / (234.5 + theta_1)) / (k * J)^2',
  source:
    'Copper heated without loss: c·ρ·dθ/dt = j²·ρ₂₀·(234.5 + θ)/254.5, integrated (closed form; IEC 60034-1 for 234.5, handbooks for 385 J/(kg·K), 8900 kg/m³ and 0.01724 Ω·mm²/m)',
  inputs: {
    theta_1: inputSlot('°C', 'winding when it stalls', [-20, 150]),
    theta_2: inputSlot('°C', 'winding when its varnish goes', [120, 300]),
    k: inputSlot('1', 'stalled over rated current', [1.5, 12]),
    J: inputSlot('A/mm²', 'current density at rated load', [2, 15]),
  },
  compute: ({ theta_1, theta_2, k, J }) => (((385 * 8900) / 17240) * 254.5 * Math.log((234.5 + theta_2) / (234.5 + theta_1))) / (k * J) ** 2,
});
