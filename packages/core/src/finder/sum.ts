/** @param of what each adds */
export const sum = <T>(all: readonly T[], of: (each: T, k: number) => number): number => all.reduce((total, each, k) => total + of(each, k), 0);
