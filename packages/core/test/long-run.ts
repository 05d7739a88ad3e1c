/** `npm run soak` sets it: all that a test can try, where a run of the tests takes a part of it. */
const isLong = process.env.HOBREK_LONG === '1';

/** How many cases are tried. */
export const cases = (ordinary: number, long: number): number => (isLong ? long : ordinary);

/** Every nth of all, begun at one of the first n. */
export const partOf = <T>(all: readonly T[], nth: number, from = 0): readonly T[] => (isLong ? all : all.filter((_, k) => k % nth === from % nth));
