import { isEnding } from './run.mjs';

/** How often it is looked at, how long is waited after a start that failed (twice as long each time, up to a most), and after how many it is told. */
const [look_ms, first_ms, most_ms, told] = [400, 250, 4_000, 3];

/**
 * Brings PostgreSQL back on its port whenever it ends by itself: killed, out of memory, stopped by a full disk. What cannot be brought back is told with the
 * log's last lines, and tried on.
 * @returns what lets go of it
 */
export function lookAfter(cluster, say) {
  let over = false;
  let wake = () => {};
  const pause = (ms) =>
    new Promise((resolve) => {
      wake = resolve;
      setTimeout(resolve, ms).unref();
    });
  const looking = (async () => {
    for (let failed = 0; !over; ) {
      await pause(failed === 0 ? look_ms : Math.min(first_ms * 2 ** failed, most_ms));
      if (over || isEnding() || cluster.isUp()) {
        failed = 0;
        continue;
      }
      try {
        await cluster.again();
        say('PostgreSQL had ended by itself, and runs again.');
        failed = 0;
      } catch (error) {
        failed += 1;
        if (!over && !isEnding() && failed === told) {
          say(
            `PostgreSQL has ended and could not be started ${told} times in a row; it is tried on. Its last words:\n${cluster.lastWords(8) || error.message}`,
          );
        }
      }
    }
  })();
  return async () => {
    over = true;
    wake();
    await looking;
  };
}
