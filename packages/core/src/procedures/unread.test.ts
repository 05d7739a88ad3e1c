import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { loadKinds } from '../kinds/registry.js';
import { sayAll, wordingFor } from '../wording/wording.js';
import { asMarkdown } from './as-markdown.js';
import { evaluateBuild } from './evaluate-build.js';
import { summariseBuild } from './summarise-build.js';
import { fieldsThatDecide, unreadIn } from './unread.js';

const kinds = await loadKinds(crusher());
const half = afterTyping(crusher(), { 'main/source/speed': '1,725' });

it('what is not read is said, in the list and on paper too', () => {
  const says = 'Speed: “1,725” is not read.';
  expect(sayAll(unreadIn(half), wordingFor(half))).toBe(says);
  expect(summariseBuild(half, kinds).says).toContain(says);
  expect(asMarkdown(half, evaluateBuild(half, kinds))).toContain(says);
  expect(unreadIn(crusher())).toEqual([]);
});

it('the fields that a check waits for come in the order of the page', () => {
  const open = afterTyping(crusher(), { 'main/work/torque': '?', 'main/source/power': '?', 'main/source/current': '?' });
  const fields = fieldsThatDecide(open, evaluateBuild(open, kinds).checks);
  expect(fields.slice(0, 1)).toEqual(['main/source/power']);
  expect(fields).toContain('main/work/torque');
  expect(fieldsThatDecide(crusher(), evaluateBuild(crusher(), kinds).checks)).toEqual([]);
});
