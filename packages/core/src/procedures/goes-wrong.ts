import type { Build } from '../machine/build.js';
import { namesOfElements } from '../machine/element-names.js';
import { lineOf } from '../machine/lines.js';
import { isNoShaft } from '../quantity/show-at-shaft.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import type { EvaluatedLine } from './evaluate-build.js';

/** A single stage seldom has more: a worm box 100, two in one case some thousands. */
const mostRatio = 100;

/**
 * Where a line goes wrong whose speeds or torques no machine has: at the stage that changes the speed the most, or at the source. Null where every
 * shaft has what a machine may have, and where it is many stages together and none of them alone.
 */
export function goesWrongAt(build: Build, { id, stations }: EvaluatedLine): Sentence | null {
  const isOff = stations.some(({ flow, effort }) => (flow.known && isNoShaft(flow.value)) || (effort.known && isNoShaft(effort.value)));
  if (!isOff) return null;
  const line = lineOf(build, id);
  const names = namesOfElements(line);
  const [first] = stations;
  if (first && ((first.flow.known && isNoShaft(first.flow.value)) || (first.effort.known && isNoShaft(first.effort.value))))
    return sentence('this line goes wrong at the {name}: {flow:likely} and {effort:likely} are no motor’s; read its entries again', {
      name: names.get(`${id}/source`) ?? 'source',
      flow: first.flow,
      effort: first.effort,
    });
  const ratios = line.stages.map((stage, k) => {
    const [from, to] = [stations[k], stations[k + 1]];
    const ratio = from?.flow.known && to?.flow.known && from.flow.value > 0 ? to.flow.value / from.flow.value : 1;
    return { path: `${id}/${stage.id}`, ratio, size: Math.abs(Math.log(ratio)) };
  });
  const [worst] = [...ratios].sort((a, b) => b.size - a.size);
  if (!worst || worst.size < Math.log(mostRatio)) return null;
  return sentence('this line goes wrong at the {name}: its shafts turn {ratio} to 1; read its sizes again', {
    name: names.get(worst.path) ?? 'stage',
    ratio: String(Number((worst.ratio < 1 ? 1 / worst.ratio : worst.ratio).toPrecision(2))),
  });
}
