/** Lists one after the other. As `flatMap` would, which the engine works out many times more slowly: it is called for every check of every keystroke. */
export function joined<T, L>(of: readonly L[], list: (each: L, k: number) => readonly T[] | undefined): T[] {
  const all: T[] = [];
  for (let k = 0; k < of.length; k++) {
    const own = list(of[k] as L, k);
    if (own) for (const each of own) all.push(each);
  }
  return all;
}

/** The same, each of them once. */
export const joinedOnce = <T, L>(of: readonly L[], list: (each: L) => readonly T[] | undefined): T[] => [...new Set(joined(of, list))];
