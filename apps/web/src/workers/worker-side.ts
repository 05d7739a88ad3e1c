import { inSteps, type JobName, type Jobs, jobs } from '@hobrek/core';

/** Without letting anybody else in it works for so long: a stop is heard within it. */
const slice_ms = 20;

const stopped = new Set<number>();

/** Lets what has come in meanwhile be read: a message of its own comes behind that. A timer would wait for 4 ms each time. */
const breath = () =>
  new Promise<void>((done) => {
    const { port1, port2 } = new MessageChannel();
    port2.onmessage = () => {
      port2.close();
      done();
    };
    port1.postMessage(null);
  });

/** What is called from the page, in a worker of its own. */
export const workerSide = {
  /**
   * Does a job.
   * @param tell is told the share that is done, from 0 to 1, after each slice
   * @throws Error when the work itself fails, or was stopped
   */
  async run<N extends JobName>(turn: number, name: N, given: Jobs[N]['given'], tell: (share: number) => void): Promise<Jobs[N]['answers']> {
    try {
      let since = performance.now();
      return await inSteps(await jobs[name](given), (share) => {
        if (performance.now() - since < slice_ms) return undefined;
        tell(share);
        return breath().then(() => {
          if (stopped.has(turn)) throw new Error('It was stopped');
          since = performance.now();
        });
      });
    } finally {
      stopped.delete(turn);
    }
  },
  /** Stops a job that is being done. */
  stop(turn: number): void {
    stopped.add(turn);
  },
};
