import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { loadKinds } from '../kinds/registry.js';
import { placesOf, withInput } from '../machine/paths.js';
import { withKind } from '../machine/reshape.js';
import { settleValues } from '../machine/settle-values.js';
import { evaluateBuild } from '../procedures/evaluate-build.js';
import { readQuantity } from './read-quantity.js';

const teeth = { label: 'Teeth', quantity: 'count', accepts: [6, 150], bare: 'pcs', whole: true } as const;

it('refuses a part of what is counted, with the numbers beside it to take', () => {
  expect(readQuantity('17.4', teeth)).toMatchObject({
    ok: false,
    code: 'not-whole',
    says: 'Teeth was read as 17.4; it is counted: 17 or 18.',
    offers: [{ text: '17' }, { text: '18' }],
  });
  expect(readQuantity('5.5', { ...teeth, accepts: [6, 150] })).toMatchObject({ ok: false, code: 'out-of-range' });
  expect(readQuantity('150.0', teeth)).toMatchObject({ ok: true, value: 150 });
  expect(readQuantity('8 + 9', teeth)).toMatchObject({ ok: true, value: 17 });
});

it('takes a range and a guess, between whole numbers', () => {
  expect(readQuantity('17 to 19', teeth)).toMatchObject({ ok: true, low: 17, high: 19 });
  expect(readQuantity('~17', teeth)).toMatchObject({ ok: true, value: 17, low: 15, high: 19 });
});

it('of an older file is kept as it was typed, told, and what hangs on it is not known', async () => {
  const chain = afterTyping(withKind(crusher(), 'main/belt', 'roller-chain'), {
    'main/belt/z1': '25',
    'main/belt/z2': '50',
    'main/belt/chain': '08B',
  });
  const old = withInput(chain, 'main/belt/z1', { text: '25.4', value: 25.4, unit: '1', how: 'measured' });
  const { build, notices, refused } = settleValues(old);
  expect(refused).toEqual([]);
  expect(notices).toEqual([expect.stringContaining('“25.4” is no whole number; it is counted')]);
  expect(placesOf(build).find(({ path }) => path === 'main/belt/z1')?.input).toMatchObject({ text: '', draft: '25.4' });
  const kinds = await loadKinds();
  const verdictOf = (each: typeof build) => evaluateBuild(each, kinds).checks.find(({ id }) => id === 'main/belt/check-teeth')?.verdict;
  expect([verdictOf(chain), verdictOf(build)]).toEqual(['holds', 'unknown']);
});
