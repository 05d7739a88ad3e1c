import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { fixed } from '../figure/figure.js';
import { loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { withStageDoubled } from '../machine/reshape.js';
import { showAtShaft } from '../quantity/show-at-shaft.js';
import { say, wordingFor } from '../wording/wording.js';
import { type EvaluatedLine, evaluateBuild } from './evaluate-build.js';
import { goesWrongAt } from './goes-wrong.js';

const kinds = await loadKinds();
const kelp = JSON.parse(readFileSync(new URL('../../../../demo/kelp-cart.json', import.meta.url), 'utf8')) as Build;
const said = (build: Build) => {
  const [line] = evaluateBuild(build, kinds).lines;
  const wrong = line && goesWrongAt(build, line);
  return wrong ? say(wrong, wordingFor(build)) : '';
};

it('is nothing of a machine as they are', () => {
  expect(said(crusher())).toBe('');
});

it('names the stage whose sizes were misread, or the source', () => {
  // 100 rpm through a thousand to one twice is a ten-thousandth: the first of both boxes is named.
  const path = `main/${kelp.lines[0]?.stages[0]?.id}`;
  const boxes = withStageDoubled(
    afterTyping(kelp, { [`${path}/ratio`]: '1000', 'main/source/speed': '100 rpm', 'main/source/governed': '100 rpm' }),
    path,
  );
  expect(said(boxes)).toMatch(/^This line goes wrong at the gearbox 1: its shafts turn 1000 to 1; read its sizes again\.$/);
  const [line] = evaluateBuild(crusher(), kinds).lines as [EvaluatedLine];
  const [first, ...others] = line.stations as [EvaluatedLine['stations'][number]];
  const wrong = goesWrongAt(crusher(), { ...line, stations: [{ ...first, flow: fixed('rpm', 3e7, 'test') }, ...others] });
  expect(wrong && say(wrong, wordingFor(crusher()))).toMatch(/^This line goes wrong at the motor:/);
});

it('tells beside a shaft what is none as what it is', () => {
  expect(showAtShaft(2.54e-18, 'rpm')).toEqual({ number: 'under 0.001', symbol: 'rpm' });
  expect(showAtShaft(3e9, 'N·m')).toEqual({ number: 'over 1,000,000', symbol: 'N·m' });
  expect(showAtShaft(1447, 'rpm')).toEqual({ number: '1447', symbol: 'rpm' });
});
