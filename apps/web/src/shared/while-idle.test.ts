import { expect, it } from 'vitest';
import { whileIdle } from './while-idle.js';

it('what is done while nobody presses anything is done in its order, and not after it was given up', async () => {
  const done: string[] = [];
  whileIdle([() => done.push('one'), () => done.push('two')]);
  const giveUp = whileIdle([() => done.push('never')]);
  giveUp();
  await expect.poll(() => done).toEqual(['one', 'two']);
  await new Promise((resolve) => setTimeout(resolve, 250));
  expect(done).toEqual(['one', 'two']);
});
