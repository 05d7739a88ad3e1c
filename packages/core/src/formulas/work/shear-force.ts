import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A hook or a knife that shears what lies before it.
 * @example shearForce.compute({ tau: 33, t: 3, w: 10, z: 2, k: 1 }) // 1980
 */
export const shearForce = defineFormula({
  id: 'shear-force',
  title: 'force to shear a sheet',
  symbol: 'F',
  unit: 'N',
  expr: 'tau * t * w * z * k',
  source: 'Shear strength over the area that is sheared (definition)',
  inputs: {
    tau: inputSlot('MPa', 'shear strength', [1, 1000]),
    t: inputSlot('mm', 'thickness that is sheared', [0.01, 100]),
    w: inputSlot('mm', 'edge that cuts, on each side', [0.5, 500]),
    z: inputSlot('1', 'sides', [1, 2]),
    k: inputSlot('1', 'for friction and blunt edges', [1, 4]),
  },
  compute: ({ tau, t, w, z, k }) => tau * t * w * z * k,
});
