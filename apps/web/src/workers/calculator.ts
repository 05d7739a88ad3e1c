import type { JobName, Jobs } from './jobs.js';

export interface Asked<N extends JobName = JobName> {
  readonly turn: number;
  readonly name: N;
  readonly given: Jobs[N]['given'];
}

type Answered = { readonly turn: number } & ({ readonly answer: unknown } | { readonly failed: string });

interface Waiting {
  readonly answer: (answer: unknown) => void;
  readonly fail: (error: Error) => void;
}

let worker: Worker | null = null;
let turns = 0;
const waiting = new Map<number, Waiting>();

/**
 * Works something out beside the page. Where there is no worker (an old browser, a test) it is done here.
 * @throws Error when the work itself fails, or the worker is gone; the next time there is another
 */
export async function workOut<N extends JobName>(name: N, given: Jobs[N]['given']): Promise<Jobs[N]['answers']> {
  if (!('Worker' in globalThis)) return (await import('./jobs.js')).jobs[name](given);
  const turn = ++turns;
  return new Promise<Jobs[N]['answers']>((answer, fail) => {
    waiting.set(turn, { answer: answer as Waiting['answer'], fail });
    worker ??= started();
    worker.postMessage({ turn, name, given } satisfies Asked<N>);
  });
}

function started(): Worker {
  const fresh = new Worker(new URL('./calculator.worker.ts', import.meta.url), { type: 'module' });
  fresh.onmessage = ({ data }: MessageEvent<Answered>) => {
    const asked = waiting.get(data.turn);
    waiting.delete(data.turn);
    if ('failed' in data) asked?.fail(new Error(data.failed));
    else asked?.answer(data.answer);
  };
  fresh.onerror = ({ message }) => {
    worker = null;
    fresh.terminate();
    for (const { fail } of waiting.values()) fail(new Error(`What works things out beside the page has stopped: ${message}`));
    waiting.clear();
  };
  return fresh;
}
