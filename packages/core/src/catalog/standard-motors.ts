/** Outputs that induction motors are built for, kW (IEC 60072-1, from memory). */
export const standardOutputs_kW = [0.06, 0.09, 0.12, 0.18, 0.25, 0.37, 0.55, 0.75, 1.1, 1.5, 2.2, 3, 4, 5.5, 7.5, 11, 15, 18.5, 22] as const;

/** The least of them that is not under an output, W; null over the largest. */
export const nextOutput = (watts: number): number | null =>
  standardOutputs_kW.map((kW) => kW * 1000).find((output) => output >= watts - 1e-6) ?? null;

/** The one under an output of the list, W; null under the smallest. */
export const outputBefore = (watts: number): number | null =>
  standardOutputs_kW.map((kW) => kW * 1000).findLast((output) => output < watts - 1e-6) ?? null;
