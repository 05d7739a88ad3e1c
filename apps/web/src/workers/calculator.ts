import type { JobName, Jobs } from '@hobrek/core';
import { proxy, type Remote, wrap } from 'comlink';
import type { workerSide } from './worker-side.js';

interface Asked {
  readonly turn: number;
  readonly name: JobName;
  readonly given: Jobs[JobName]['given'];
  readonly signal: AbortSignal | undefined;
  readonly progress: ((share: number) => void) | undefined;
  readonly answer: (answer: never) => void;
  readonly fail: (error: Error) => void;
  /** Begun on a worker that stopped: it is begun once more, and no more. */
  isAgain: boolean;
}

/** A worker with what it does now. */
interface Hand {
  readonly worker: Worker;
  readonly remote: Remote<typeof workerSide>;
  doing: Asked | null;
}

/** A core is left to the page; with more of them there is nothing to do for a fourth. */
const mostHands = () => Math.max(1, Math.min(3, (navigator.hardwareConcurrency ?? 2) - 1));
/** Each tells how far it is many times a second: after so long a silence it has stopped. */
const silence_ms = 10_000;

let turns = 0;
let hands: readonly Hand[] = [];
let waiting: readonly Asked[] = [];

export interface How {
  /** Stopped by it, the answer never comes: the promise fails as the signal says. */
  readonly signal?: AbortSignal;
  readonly progress?: (share: number) => void;
}

/**
 * Works something out beside the page, on as many workers as there are cores to spare. Where there is no worker (an old browser, a test) it is done here.
 * @throws Error when the work itself fails, when it is stopped, or when the worker is gone twice; the next time there is another
 */
export function workOut<N extends JobName>(name: N, given: Jobs[N]['given'], { signal, progress }: How = {}): Promise<Jobs[N]['answers']> {
  if (!('Worker' in globalThis)) return here(name, given, progress);
  return new Promise<Jobs[N]['answers']>((answer, fail) => {
    if (signal?.aborted) return fail(signal.reason);
    const asked: Asked = { turn: ++turns, name, given, signal, progress, answer: answer as Asked['answer'], fail, isAgain: false };
    signal?.addEventListener('abort', () => stop(asked), { once: true });
    waiting = [...waiting, asked];
    next();
  });
}

async function here<N extends JobName>(name: N, given: Jobs[N]['given'], progress: How['progress']): Promise<Jobs[N]['answers']> {
  const { workerSide: thisSide } = await import('./worker-side.js');
  return thisSide.run(++turns, name, given, (share) => progress?.(share));
}

/** Hands the next job to who has nothing to do, or to one more. */
function next(): void {
  const [asked, ...others] = waiting;
  if (!asked) return;
  const free = hands.find(({ doing }) => doing === null) ?? (hands.length < mostHands() ? engaged() : undefined);
  if (!free) return;
  waiting = others;
  void doOn(free, asked);
  next();
}

function engaged(): Hand {
  const worker = new Worker(new URL('./calculator.worker.ts', import.meta.url), { type: 'module' });
  const hand: Hand = { worker, remote: wrap<typeof workerSide>(worker), doing: null };
  worker.onerror = ({ message }) => gone(hand, message);
  hands = [...hands, hand];
  return hand;
}

async function doOn(hand: Hand, asked: Asked): Promise<void> {
  hand.doing = asked;
  let listening: ReturnType<typeof setTimeout> | undefined;
  const heard = () => {
    clearTimeout(listening);
    listening = setTimeout(() => gone(hand, 'it does not answer'), silence_ms);
  };
  heard();
  const tell = proxy((share: number) => {
    heard();
    if (hand.doing === asked && !asked.signal?.aborted) asked.progress?.(share);
  });
  try {
    const answer = await hand.remote.run(asked.turn, asked.name, asked.given as never, tell);
    // Of a worker that was given up nothing is taken any more.
    if (hand.doing === asked) asked.answer(answer as never);
  } catch (error) {
    if (hand.doing === asked) asked.fail(error as Error);
  }
  clearTimeout(listening);
  if (hand.doing !== asked) return;
  hand.doing = null;
  next();
}

/** A job that waits is taken out, one that is being done is told to stop; its worker is free once it has heard. */
function stop(asked: Asked): void {
  waiting = waiting.filter((each) => each !== asked);
  const hand = hands.find(({ doing }) => doing === asked);
  void hand?.remote.stop(asked.turn);
  asked.fail(asked.signal?.reason);
}

/** A worker that has stopped is replaced, and what it did begun again; what stops the second one too is told. */
function gone(hand: Hand, why: string): void {
  if (!hands.includes(hand)) return;
  const asked = hand.doing;
  hands = hands.filter((each) => each !== hand);
  hand.doing = null;
  hand.worker.terminate();
  if (asked && !asked.signal?.aborted) {
    if (asked.isAgain) asked.fail(new Error(`What works things out beside the page has stopped: ${why}`));
    else {
      asked.isAgain = true;
      waiting = [asked, ...waiting];
    }
  }
  next();
}

/** Of the same question asked again and again the newest alone is worked out to its end and answered; the others end in silence. */
export function newest() {
  let asking: AbortController | null = null;
  return {
    /** @returns the signal of a new question: those before are stopped */
    begin(): AbortSignal {
      this.stop();
      asking = new AbortController();
      return asking.signal;
    },
    stop(): void {
      asking?.abort(new DOMException('Something newer is worked out', 'AbortError'));
    },
  };
}
