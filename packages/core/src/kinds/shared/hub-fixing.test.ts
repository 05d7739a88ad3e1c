import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../test/crusher.js';
import type { Check } from '../../checks/check.js';
import type { Known } from '../../figure/figure.js';
import { evaluateBuild } from '../../procedures/evaluate-build.js';
import { loadKinds } from '../registry.js';

const kinds = await loadKinds(crusher());

/** What the fixing of the driven pulley holds on its 25 mm shaft. */
function holds(fields: Readonly<Record<string, string>>): Known {
  const typed = Object.fromEntries(Object.entries(fields).map(([name, text]) => [`main/belt/driven${name}`, text]));
  const evaluation = evaluateBuild(afterTyping(crusher(), typed), kinds);
  const check = evaluation.checks.find(({ id }) => id === 'main/belt/check-driven-hub') as Check;
  return check.has as Known;
}

// Shigley 10e, table 7-4: a cup point of 1/4 in holds 1000 lbf, 4448 N; two of them at 12.5 mm make 111.2 N·m. Common practice: on a round shaft a factor of
// 1.5 to 2 under the table, on a flat the table’s force, half as much more at best.
it('a set screw holds less than the table on a round shaft, and what it says on a flat', () => {
  const screws = { Screw: 'M8', Screws: '2' };
  const round = holds({ Fixing: 'set-screws', ...screws });
  const flat = holds({ Fixing: 'flat', ...screws });
  expect(round.value).toBeCloseTo(0.6 * 111.2, 0);
  expect(flat.value).toBeCloseTo(111.2, 0);
  expect(flat.high).toBeCloseTo(1.5 * 111.2, 0);
  expect(flat.low as number).toBeGreaterThanOrEqual(round.high as number);
});

// DIN 6892, simplified: an 8 × 7 key in a shaft of 25 mm is 3 mm high in the hub (DIN 6885-1: t1 = 4 mm); so that each MPa on 40 mm holds 1.5 N·m;
// books allow steel 80 to 160 MPa.
it('a key holds what its side withstands', () => {
  const key = holds({ Fixing: 'key', Length: '40', Hub: 'steel' });
  const perMPa = (3 * 40 * 12.5) / 1000;
  expect(key.value / perMPa).toBeGreaterThanOrEqual(80);
  expect(key.value / perMPa).toBeLessThanOrEqual(160);
  expect(holds({ Fixing: 'key', Length: '20', Hub: 'steel' }).value).toBeCloseTo(key.value / 2, 6);
});

// DIN 6885-1: 6 × 6 up to 22 mm, of which 2.5 mm are in the hub; 8 × 7 beyond, of which 3 mm do.
it('a shaft that may have either of two keys holds from what the smaller to what the larger withstands', () => {
  const on = (bore: string) => holds({ Fixing: 'key', Bore: bore, Length: '20', Hub: 'steel' });
  const [small, large, either] = [on('21'), on('23'), on('21 to 23')];
  expect(either.low).toBeCloseTo(small.low as number, 9);
  expect(either.high).toBeCloseTo(large.high as number, 9);
  expect((large.value / 23 / small.value) * 21).toBeCloseTo(3 / 2.5, 9);
});

it('a clamp holds by the friction of its screws', () => {
  // π/2 · 0.15 · 16 kN · 25 mm = 94.2 N·m.
  expect(holds({ Fixing: 'clamp', Clamp: '16 kN' }).value).toBeCloseTo(94.2, 1);
});
