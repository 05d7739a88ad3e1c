/** Half the width of the band of a beam: four degrees of freedom meet in an element. */
const band = 3;

/** A symmetric matrix whose entries lie near its diagonal: row by row, the diagonal and the three before it. */
export class Banded {
  readonly size: number;
  readonly entries: Float64Array;
  constructor(size: number) {
    this.size = size;
    this.entries = new Float64Array(size * (band + 1));
  }
  at(i: number, j: number): number {
    const [row, column] = i >= j ? [i, j] : [j, i];
    return row - column > band ? 0 : (this.entries[row * (band + 1) + (row - column)] as number);
  }
  add(i: number, j: number, value: number): void {
    if (j > i) return;
    const k = i * (band + 1) + (i - j);
    this.entries[k] = (this.entries[k] as number) + value;
  }
  times(x: Float64Array): Float64Array {
    const out = new Float64Array(this.size);
    for (let i = 0; i < this.size; i += 1)
      for (let j = Math.max(0, i - band); j <= i; j += 1) {
        const value = this.at(i, j);
        out[i] = (out[i] as number) + value * (x[j] as number);
        if (i !== j) out[j] = (out[j] as number) + value * (x[i] as number);
      }
    return out;
  }
}

/**
 * Factors a positive definite band (Cholesky), for as many right-hand sides as are needed.
 * @returns how it is solved; null where it is not positive definite: something can move without bending
 */
export function factored(matrix: Banded): ((right: Float64Array) => Float64Array) | null {
  const { size } = matrix;
  const low = new Banded(size);
  for (let i = 0; i < size; i += 1) {
    for (let j = Math.max(0, i - band); j <= i; j += 1) {
      let sum = matrix.at(i, j);
      for (let k = Math.max(0, i - band); k < j; k += 1) sum -= low.at(i, k) * low.at(j, k);
      if (i !== j) low.add(i, j, sum / low.at(j, j));
      else if (sum > 1e-12 * Math.abs(matrix.at(i, i))) low.add(i, i, Math.sqrt(sum));
      else return null;
    }
  }
  return (right) => {
    const x = Float64Array.from(right);
    for (let i = 0; i < size; i += 1) {
      let sum = x[i] as number;
      for (let j = Math.max(0, i - band); j < i; j += 1) sum -= low.at(i, j) * (x[j] as number);
      x[i] = sum / low.at(i, i);
    }
    for (let i = size - 1; i >= 0; i -= 1) {
      let sum = x[i] as number;
      for (let j = i + 1; j <= Math.min(size - 1, i + band); j += 1) sum -= low.at(j, i) * (x[j] as number);
      x[i] = sum / low.at(i, i);
    }
    return x;
  };
}
