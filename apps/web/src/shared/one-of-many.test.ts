// @vitest-environment node
import { afterEach, describe, expect, it } from 'vitest';
import { type Holding, oneOfMany, pace } from './one-of-many.js';

const open: Holding[] = [];
afterEach(() => {
  for (const each of open.splice(0)) each.leave();
});

let names = 0;
/** Tabs that say when they hold it. */
function tabs(many: number) {
  const name = `test-${names++}`;
  const holds = Array.from({ length: many }, () => false);
  const late: (boolean | null)[] = Array.from({ length: many }, () => null);
  const make = (k: number) => {
    const holding = oneOfMany(name, (isLate) => {
      [holds[k], late[k]] = [true, isLate];
      return () => {
        holds[k] = false;
      };
    });
    open.push(holding);
    return holding;
  };
  const all = holds.map((_, k) => make(k));
  return { name, all, holds, late, holder: () => holds.indexOf(true), many: () => holds.filter((each) => each).length };
}
const wait = (ms: number) => new Promise((done) => setTimeout(done, ms));

/** Waits until it is so, at most so long. */
async function until(is: () => boolean, within_ms: number) {
  const from = performance.now();
  while (!is() && performance.now() - from < within_ms) await wait(20);
  expect(is()).toBe(true);
}

describe('of several tabs', () => {
  it('one holds it, and nobody had it before', async () => {
    const nine = tabs(9);
    await until(() => nine.many() === 1, 2_000);
    await wait(300);
    expect(nine.many()).toBe(1);
    expect(nine.late[nine.holder()]).toBe(false);
  });

  it('another takes it at once when that one goes, and knows that it may have missed something', async () => {
    const three = tabs(3);
    await until(() => three.many() === 1, 2_000);
    const first = three.holder();
    three.all[first]?.leave();
    await until(() => three.many() === 1, 1_000);
    expect(three.holder()).not.toBe(first);
    expect(three.late[three.holder()]).toBe(true);
  });

  it('another takes over within five seconds from one that is frozen, and that one stops when it runs again', async () => {
    const two = tabs(2);
    await until(() => two.many() === 1, 2_000);
    // One that says that it holds it, later than all, and answers no more.
    const frozen = new BroadcastChannel(two.name);
    const since = Date.now() + 1;
    frozen.postMessage({ says: 'here', tab: 'z', since });
    await until(() => two.many() === 0, 1_000);
    await until(() => two.many() === 1, 2 * pace.look_ms + pace.answer_ms);
    await wait(50);
    frozen.postMessage({ says: 'here', tab: 'z', since });
    await wait(200);
    expect(two.many()).toBe(1);
    frozen.close();
  }, 10_000);

  it('two that took it at once are one soon', async () => {
    const two = tabs(2);
    await until(() => two.many() === 1, 2_000);
    const other = new BroadcastChannel(two.name);
    const answered = new Promise<unknown>((done) => {
      other.onmessage = ({ data }: MessageEvent) => done(data);
    });
    other.postMessage({ says: 'here', tab: 'a', since: 5 });
    // The later keeps it, and says so.
    expect(await answered).toMatchObject({ says: 'here' });
    expect(two.many()).toBe(1);
    other.close();
  });
});
