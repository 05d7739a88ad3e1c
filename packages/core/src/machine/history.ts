/** What was, what is, and what was undone. Generic, so that it can be tested on anything. */
export interface History<T> {
  readonly past: readonly T[];
  readonly present: T;
  readonly future: readonly T[];
  /** While set, further changes under the same name belong to the step that is open: the keystrokes of one field. */
  readonly open: string | null;
}

/** Steps kept; older ones are forgotten. */
export const mostSteps = 500;

export const begin = <T>(present: T): History<T> => ({ past: [], present, future: [], open: null });

/** A change. Under the name of the open step it becomes part of that step. */
export function change<T>(history: History<T>, present: T, name: string): History<T> {
  if (present === history.present) return history;
  if (history.open === name) return { ...history, present, future: [] };
  return { past: [...history.past, history.present].slice(-mostSteps), present, future: [], open: name };
}

/** The step is over: the next change begins another, whatever its name. */
export const settle = <T>(history: History<T>): History<T> => (history.open === null ? history : { ...history, open: null });

export function undo<T>(history: History<T>): History<T> {
  const present = history.past.at(-1);
  if (present === undefined) return history;
  return { past: history.past.slice(0, -1), present, future: [history.present, ...history.future], open: null };
}

export function redo<T>(history: History<T>): History<T> {
  const [present, ...future] = history.future;
  if (present === undefined) return history;
  return { past: [...history.past, history.present], present, future, open: null };
}

/** The same change made to every state, as when someone else's changes come in: undo then takes back only what was done here. */
export const rebase = <T>({ past, present, future, open }: History<T>, onto: (state: T) => T): History<T> => ({
  past: past.map(onto),
  present: onto(present),
  future: future.map(onto),
  open,
});
