import { highEnd, lowEnd } from '../figure/figure.js';
import { kindHead } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { sentence } from '../wording/sentence.js';
import { say, type Wording } from '../wording/wording.js';
import type { Evaluation } from './evaluate-build.js';

/** An entry that makes a stage the first to fail, or why there is none. */
export type Sized = { readonly path: string; readonly text: string } | { readonly because: string };

/** How far under the weakest of what breaks it releases: a fifth, as for any limit here. */
const under = 0.8;

/**
 * Sizes a shear pin or a slip clutch so that at its strongest it releases a fifth under the least that anything else of its line breaks or loosens at.
 * @param path of the stage, `main/pin`; its size must be entered, since the new one is worked out from what the present one releases at
 */
export function sizeAsFirst(build: Build, evaluation: Pick<Evaluation, 'lines'>, path: string, wording: Wording): Sized {
  const [lineId = '', id] = path.split('/');
  const stage = build.lines.find((line) => line.id === lineId)?.stages.find((each) => each.id === id);
  const fuse = stage && kindHead('stage', stage.kind)?.fuse?.((field) => stage.inputs[field]?.text || undefined);
  const rungs = evaluation.lines.find((line) => line.id === lineId)?.jam.rungs ?? [];
  const own = rungs.find((rung) => rung.at === path)?.atTool;
  const present = fuse && stage.inputs[fuse.field];
  if (!fuse || present?.value === undefined || present.unit === undefined || !own?.known)
    return { because: 'Enter a size first: the new one is worked out from the torque it releases at.' };
  const weakest = rungs
    .filter((rung) => rung.at !== path && rung.harm === 'breaking')
    .flatMap(({ atTool }) => (atTool.known ? [lowEnd(atTool)] : []))
    .reduce((least, each) => Math.min(least, each), Number.POSITIVE_INFINITY);
  if (!Number.isFinite(weakest)) return { because: 'Nothing else is known to break: enter the hub fixings.' };
  const size = present.value * ((under * weakest) / highEnd(own)) ** (1 / fuse.power);
  // Down, never up: to the tenth of a millimetre, or to two figures of a force.
  const step = present.unit === 'mm' ? 0.1 : 10 ** Math.max(0, Math.floor(Math.log10(size)) - 1);
  const rounded = Math.floor(size / step + 1e-9) * step;
  return rounded > 0
    ? { path: `${path}/${fuse.field}`, text: `${Number(rounded.toFixed(1))} ${present.unit}` }
    : { because: say(sentence('it would have to release below {step}', { step: { value: step, unit: present.unit } }), wording) };
}
