import type { Asked } from './calculator.js';
import { jobs } from './jobs.js';

/** Does one job after the other, in the order in which they came. */
addEventListener('message', ({ data: { turn, name, given } }: MessageEvent<Asked>) => {
  jobs[name](given).then(
    (answer) => postMessage({ turn, answer }),
    (error: Error) => postMessage({ turn, failed: error.message }),
  );
});
