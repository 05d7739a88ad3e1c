import { createRequire } from 'node:module';

/** Hairer and Wanner's ODEX. Its own types do not compile strictly, so it is imported without them. */
export const { Solver } = createRequire(import.meta.url)('odex') as {
  readonly Solver: new (
    variables: number,
  ) => {
    absoluteTolerance: number;
    relativeTolerance: number;
    maxSteps: number;
    solve(f: (x: number, y: number[]) => number[], x: number, y: number[], to: number): { y: number[] };
  };
};
