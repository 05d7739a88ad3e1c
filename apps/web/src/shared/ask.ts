import type { Problem } from '@hobrek/contracts';
import { create } from 'zustand';

/** Whether this device must be let in first. */
export const useShutOut = create<{ readonly out: boolean }>(() => ({ out: false }));

/** The server refused, in words; or it, or its database, was not there. */
export class AskError extends Error {
  constructor(
    readonly problem: Problem | null,
    message: string,
  ) {
    super(message);
  }

  /** Worth asking again unchanged: nobody answered, or the answer was that the database is away. */
  get away(): boolean {
    return this.problem === null || this.problem.status >= 500;
  }
}

/**
 * Asks the server for JSON.
 * @throws AskError with the server's problem, or without one when nobody answered
 */
export async function ask<T>(path: string, init: RequestInit = {}): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api/${path}`, init);
  } catch {
    throw new AskError(null, 'The server does not answer.');
  }
  const body: unknown = response.status === 204 ? undefined : await response.json().catch(() => undefined);
  if (response.ok) return body as T;
  const problem = (body ?? null) as Problem | null;
  if (problem?.code === 'not-paired') useShutOut.setState({ out: true });
  throw new AskError(problem, problem ? told(problem) : 'The server does not answer.');
}

/** What is the matter with the database is not in the detail, which says what became of the request. */
const told = ({ code, title, detail }: Problem): string => (code === 'database-down' || code === 'disk-full' ? `${title}. ${detail}` : detail);

/** Sends JSON. @throws AskError as `ask` does */
export const send = <T>(method: 'POST' | 'PUT', path: string, body: unknown, headers: Record<string, string> = {}): Promise<T> =>
  ask<T>(path, { method, headers: { 'content-type': 'application/json', ...headers }, body: JSON.stringify(body) });
