/** Bad input: one line for the person, exit code 2, never a stack trace. */
export class Refusal extends Error {}

/** What a command has to say and how it ends: 0 fine, 1 something fails. */
export interface Outcome {
  readonly text: string;
  readonly json: unknown;
  readonly exit: 0 | 1;
}
