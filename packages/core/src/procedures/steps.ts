/** Work that is done in steps: after each it says what share of it is done. Whoever does it decides what happens between two of them. */
export type Steps<A> = Generator<number, A, void>;

/** All steps at once. */
export function atOnce<A>(steps: Steps<A>): A {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/**
 * One step after the other, with something between them.
 * @param between is told the share that is done; a promise is waited for, and what it throws ends the work
 */
export async function inSteps<A>(steps: Steps<A>, between: (share: number) => Promise<void> | undefined): Promise<A> {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    const wait = between(step.value);
    if (wait !== undefined) await wait;
  }
}

/** Steps that are a part of others, from one share of them to another. */
export function* partOf<A>(steps: Steps<A>, from: number, to: number): Steps<A> {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    yield from + (to - from) * step.value;
  }
}

/** What is there already, as the last of one step. */
export function* there<A>(answer: A): Steps<A> {
  yield 1;
  return answer;
}
