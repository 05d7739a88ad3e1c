import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { loadKinds } from '../kinds/registry.js';
import { say, wordingFor } from '../wording/wording.js';
import { asMarkdown } from './as-markdown.js';
import { evaluateBuild } from './evaluate-build.js';

const kinds = await loadKinds();

it('has everything that was entered, every check with a source that is listed, and what to beware of', () => {
  const evaluation = evaluateBuild(crusher(), kinds);
  const text = asMarkdown(crusher(), evaluation);
  expect(text).toMatch(/^# Apple crusher\n/);
  expect(text).toContain('| 8 N·m | 360 W (355 to 362 W) | 423 rpm (419 to 425 rpm) | 11.8 N·m (10.9 to 12.0 N·m) |');
  expect(text).toContain('| Plate power | motor | 0.55 kW | plate |');
  expect(text).toContain('| Starting | motor | a start capacitor, switched out | measured |');
  expect(text).toContain('- Torque, V-belt: `T₂ = T₁ × i × k = 3.69 × 3.33 × 0.96 = 11.8 N·m`');
  for (const check of evaluation.checks) expect(text).toContain(say(check.says, wordingFor(crusher())));
  for (const caution of evaluation.cautions) expect(text).toContain(`- ${say(caution, wordingFor(crusher()))}`);
  const cited = [...text.matchAll(/\[(\d+)\] \|/g)].map(([, n]) => Number(n));
  const listed = [...text.matchAll(/^(\d+)\. /gm)].map(([, n]) => Number(n));
  expect(new Set(cited)).toEqual(new Set(listed));
});

it('keeps a table whole whatever is written in it', () => {
  const build = afterTyping({ ...crusher(), name: 'A | B' }, {});
  const noted = {
    ...build,
    lines: build.lines.map((line) => ({
      ...line,
      work: {
        ...line.work,
        inputs: { torque: { text: '8 N·m', value: 8, unit: 'N·m' as const, how: 'measured' as const, note: 'wet | cold\nand late' } },
      },
    })),
  };
  const rows = asMarkdown(noted, evaluateBuild(noted, kinds))
    .split('\n')
    .filter((line) => line.includes('wet'));
  expect(rows).toEqual(['| Torque needed | work | 8 N·m | measured | wet \\| cold and late |']);
});
