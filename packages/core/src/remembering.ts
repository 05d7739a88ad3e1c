/** A pure function that keeps its answers, for what is needed again at every key. Holding `most` of them it begins anew; it must never answer `undefined`. */
export function remembering<K extends string | number, T extends NonNullable<unknown>>(most: number, make: (key: K) => T): (key: K) => T {
  const answers = new Map<K, T>();
  return (key) => {
    const known = answers.get(key);
    if (known !== undefined) return known;
    if (answers.size >= most) answers.clear();
    const answer = make(key);
    answers.set(key, answer);
    return answer;
  };
}
