/** Outputs that induction motors are built for, kW (IEC 60072-1, from memory). */
export const standardOutputs_kW = [0.06, 0.09, 0.12, 0.18, 0.25, 0.37, 0.55, 0.75, 1.1, 1.5, 2.2, 3, 4, 5.5, 7.5, 11, 15, 18.5, 22] as const;

/** The same sizes as they are sold by horsepower (NEMA MG 1, small and medium motors, from memory); those of IEC are near them, not equal. */
const inHorsepower: Readonly<Record<number, string>> = {
  0.06: '1/12',
  0.09: '1/8',
  0.12: '1/6',
  0.18: '1/4',
  0.25: '1/3',
  0.37: '1/2',
  0.55: '3/4',
  0.75: '1',
  1.1: '1 1/2',
  1.5: '2',
  2.2: '3',
  3: '4',
  4: '5',
  5.5: '7 1/2',
  7.5: '10',
  11: '15',
  15: '20',
  18.5: '25',
  22: '30',
};

/** What a standard output is called, `0.55 kW`, and what it is sold as by horsepower, `3/4 hp`. @param watts one of the list */
export const sizeNames = (watts: number): { readonly kW: string; readonly hp: string } => ({
  kW: `${watts / 1000} kW`,
  hp: `${inHorsepower[watts / 1000] ?? (watts / 745.7).toPrecision(2)} hp`,
});

/** The least of them that is not under an output, W; null over the largest. */
export const nextOutput = (watts: number): number | null =>
  standardOutputs_kW.map((kW) => kW * 1000).find((output) => output >= watts - 1e-6) ?? null;

/** The one under an output of the list, W; null under the smallest. */
export const outputBefore = (watts: number): number | null =>
  standardOutputs_kW.map((kW) => kW * 1000).findLast((output) => output < watts - 1e-6) ?? null;
