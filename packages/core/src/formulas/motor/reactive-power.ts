import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example reactivePower.compute({ S: 1201.2, P: 840 }) // ≈ 858.7
 */
export const reactivePower = defineFormula({
  id: 'reactive-power',
  title: 'power that goes to and fro',
  symbol: 'Q',
  unit: 'VA',
  expr: 'sqrt(max(0, S^2 - P^2))',
  source: 'Definition: apparent power is the root of both squares',
  inputs: { S: inputSlot('VA', 'apparent power', [1, 1000000]), P: inputSlot('W', 'power drawn', [0, 1000000]) },
  compute: ({ S, P }) => Math.sqrt(Math.max(0, S ** 2 - P ** 2)),
});
