import { grownTorque } from '../formulas/work/grown-torque.js';
import type { End, Passing, ShaftState, StageReady } from '../kinds/kind.js';

/** The stages of a line as one, from the shaft of its source to that of its tool; null while one of them is not known. */
export function chainOf(transfers: readonly StageReady[], end: End): Passing | null {
  const stages = transfers.map(({ passes }) => passes(end));
  if (!stages.every((stage) => stage !== null)) return null;
  return {
    forward: (state) => stages.reduce<ShaftState>((at, stage) => stage.forward(at), state),
    backward: (state) => stages.reduceRight<ShaftState>((at, stage) => stage.backward(at), state),
    isEven: stages.every((stage) => stage.isEven),
  };
}

/**
 * What work needs of its source at a speed of the source, through the stages between them.
 * @param demand torque that the tool needs at a speed of its own, N·m over rpm; with its growth, the exponent with which it grows with that speed
 * @returns torque at the shaft of the source, N·m
 */
export function loadThrough(
  chain: Passing,
  { torque, at, growth }: { readonly torque: number; readonly at: number; readonly growth: number },
): (n_rpm: number) => number {
  const needed = (n: number) => (growth === 0 ? torque : grownTorque.compute({ T_1: torque, n, n_1: at, g: growth }));
  if (!chain.isEven) {
    return (n) => {
      const { flow } = chain.forward({ flow: n, effort: 0 });
      return chain.backward({ flow, effort: needed(flow) }).effort;
    };
  }
  const once = chain.backward({ flow: at, effort: torque });
  return growth === 0 ? () => once.effort : (n) => grownTorque.compute({ T_1: once.effort, n, n_1: once.flow, g: growth });
}
