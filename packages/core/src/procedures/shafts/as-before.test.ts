import { beforeAll, describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../test/crusher.js';
import { type Kinds, loadKinds } from '../../kinds/registry.js';
import { withShaftBegun } from '../../machine/begin-shaft.js';
import type { Build } from '../../machine/build.js';
import { evaluateAtOnce, evaluateBuild, type WorkedOut } from '../evaluate-build.js';

/** Belts one behind the other, with so many of the shafts behind them entered. */
function belts(shafts: number): Build {
  const build = crusher();
  const [line] = build.lines;
  if (!line) throw new Error('there is no line');
  const stages = Array.from({ length: 4 }, (_, k) => ({ ...(line.stages[0] as (typeof line.stages)[number]), id: `belt-${k}` }));
  const stations = Array.from({ length: 5 }, (_, k) => ({ id: `s-${k}`, name: `shaft ${k}` }));
  const bare: Build = { ...build, lines: [{ ...line, stages, stations }] };
  return stations.slice(1, shafts + 1).reduce((each, { id }) => withShaftBegun(each, line.id, id), bare);
}

/** As a file would have it: how a figure was made is a function. */
const plain = (what: unknown): unknown => JSON.parse(JSON.stringify(what));

describe('many shafts at a key that changes something else', () => {
  let kinds: Kinds;
  beforeAll(async () => {
    kinds = await loadKinds();
  });
  const worked = (build: Build, last?: WorkedOut): WorkedOut => ({ build, evaluation: evaluateBuild(build, kinds, last) });
  const line = ({ evaluation }: Pick<WorkedOut, 'evaluation'>) => evaluation.lines[0];
  const typed = (build: Build, text: string) => afterTyping(build, { 'main/belt-2/driven': text });

  it('are told as they last were, everything else as it is; what follows is what is worked out from nothing', () => {
    let last = worked(belts(4));
    for (const text of ['240 mm', '100 mm', '262 mm']) {
      const next = typed(last.build, text);
      const evaluation = evaluateAtOnce(next, kinds, last);
      if (!evaluation) throw new Error(`all of it is worked out at ${text}`);
      expect(line({ evaluation })?.shafts?.map((each, k) => each === line(last)?.shafts?.[k])).toEqual([true, true, true, true]);
      const fresh = evaluateBuild(structuredClone(next), kinds);
      expect(plain(line({ evaluation })?.stations)).toEqual(plain(line({ evaluation: fresh })?.stations));
      const others = ({ checks }: WorkedOut['evaluation']) =>
        checks.filter(({ id }) => !id.includes('@shafts')).map(({ id, verdict }) => `${id} ${verdict}`);
      expect(others(evaluation).sort()).toEqual(others(fresh).sort());
      last = worked(next, last);
      expect(plain(last.evaluation)).toEqual(plain(fresh));
    }
  });

  it('are worked out at once where they are few, or are what was changed, or nothing means anything else', () => {
    const few = worked(belts(2));
    expect(evaluateAtOnce(typed(few.build, '240 mm'), kinds, few)).toBeNull();
    const many = worked(belts(4));
    const [shaft] = many.build.shafts;
    const thicker = afterTyping(many.build, { [`@shafts/${shaft?.id}/@sections/bar/diameter`]: '30 mm' });
    expect(evaluateAtOnce(thicker, kinds, many)).toBeNull();
    expect(evaluateAtOnce({ ...many.build, notes: 'oiled' }, kinds, many)).toBeNull();
  });

  it('are not told as they were of a line that was laid out otherwise', () => {
    const last = worked(belts(4));
    const [first] = last.build.lines;
    if (!first) throw new Error('there is no line');
    const other = { ...last.build, lines: [{ ...first, stages: first.stages.map((stage) => ({ ...stage, id: `${stage.id}-x` })) }] };
    const evaluation = evaluateAtOnce(other, kinds, last);
    expect(evaluation && line({ evaluation })?.shafts?.some((each, k) => each === line(last)?.shafts?.[k])).toBe(false);
  });
});
