import type { Check } from '../checks/check.js';
import { type Figure, highEnd, lowEnd } from '../figure/figure.js';
import { kindHead } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { listed } from '../quantity/listed.js';
import { sentence } from '../wording/sentence.js';
import { say, type Wording } from '../wording/wording.js';
import type { EvaluatedSetting, Evaluation } from './evaluate-build.js';
import type { Rung } from './jam.js';

/** An entry that makes a stage the first to fail, with what it protects and what not; or why there is none. */
export type Sized = { readonly path: string; readonly text: string; readonly says: string } | { readonly because: string };

/** How far under the weakest of what breaks it releases: a fifth, as for any limit here. */
const under = 0.8;

/**
 * Sizes a shear pin, a slip clutch or the tension of a belt so that at its strongest it releases a fifth under the least that anything before it breaks or
 * loosens at, as it is entered and in every setting, whichever way it turns: nothing of the ladder of a jam hangs on the direction. What lies behind it it does not
 * protect, and that is told. It is not sized below what the work needs.
 * @param path of the stage, `main/pin`; its size must be entered, since the new one is worked out from what the present one releases at
 */
export function sizeAsFirst(build: Build, evaluation: Pick<Evaluation, 'lines'>, path: string, wording: Wording): Sized {
  const [lineId = '', id] = path.split('/');
  const stage = build.lines.find((line) => line.id === lineId)?.stages.find((each) => each.id === id);
  const head = stage && kindHead('stage', stage.kind);
  const fuse = stage && head?.fuse?.((field) => stage.inputs[field]?.text || undefined);
  const line = evaluation.lines.find((each) => each.id === lineId);
  // As it is entered, and in every setting: it has to be the first in each.
  const ways = line ? [wayOf(line.jam.rungs, line.alone ?? line.ledger, path), ...(line.settings ?? []).map(inSettingOf(path))] : [];
  const present = fuse && stage.inputs[fuse.field];
  if (!fuse || ways.some(({ own }) => !own?.atTool.known) || present?.value === undefined || present.unit === undefined)
    return {
      because: `Enter ${(fuse && head?.fields[fuse.field]?.label.toLowerCase()) ?? 'a size'} first: the new one is worked out from the torque it releases at.`,
    };
  const [behind] = ways.map((way) => way.behind) as [readonly Rung[]];
  const protecting = ways.filter((way) => way.weakest !== undefined);
  if (protecting.length === 0) {
    const only =
      behind.length > 0
        ? `Only what lies behind it is known to break, and that it does not protect: ${listed(namesOf(behind))}.`
        : 'Nothing else is known to break: enter the hub fixings.';
    return { because: only };
  }
  const decides = protecting.reduce((a, b) => (timesOf(b) < timesOf(a) ? b : a));
  const times = timesOf(decides);
  for (const way of ways) {
    const released = { value: times * (way.own?.atTool.known ? way.own.atTool.value : 0), unit: 'N·m' as const };
    if (way.needed?.known && released.value < highEnd(way.needed)) {
      const weakest = decides.weakest as Rung;
      const told = { what: weakest.short, at: { value: leastOf(weakest), unit: 'N·m' as const }, released, needed: way.needed };
      const says = sentence(
        'the {what} fails from {at} on: sized a fifth under that it would release at {released}, and the work needs {needed}',
        told,
      );
      return { because: say(way.setting === undefined ? says : sentence('in setting “{setting}”: {says}', { setting: way.setting, says }), wording) };
    }
  }
  const size = present.value * times ** (1 / fuse.power);
  // Down, never up: to the tenth of a millimetre, or to two figures of a force.
  const step = present.unit === 'mm' ? 0.1 : 10 ** Math.max(0, Math.floor(Math.log10(size)) - 1);
  const rounded = Math.floor(size / step + 1e-9) * step;
  if (!(rounded > 0))
    return { because: say(sentence('it would have to release below {step}', { step: { value: step, unit: present.unit } }), wording) };
  return { path: `${path}/${fuse.field}`, text: `${Number(rounded.toFixed(1))} ${present.unit}`, says: protects(decides, behind, wording) };
}

/** A way to run the line: what the fuse releases at, what breaks before it and behind it, and what the work needs. */
interface Way {
  readonly setting?: string;
  readonly own: Rung | undefined;
  /** Of what breaks before it the weakest. */
  readonly weakest: Rung | undefined;
  readonly behind: readonly Rung[];
  readonly needed: Figure | undefined;
}

function wayOf(rungs: readonly Rung[], ledger: readonly Check[], path: string): Way {
  const own = rungs.find((rung) => rung.at === path && rung.fuse);
  const breaking = rungs.filter(({ harm, atTool }) => harm === 'breaking' && atTool.known);
  const before = own ? breaking.filter(({ along }) => along < own.along) : [];
  return {
    own,
    weakest: before.reduce<Rung | undefined>((a, b) => (a === undefined || leastOf(b) < leastOf(a) ? b : a), undefined),
    behind: own ? breaking.filter(({ along }) => along > own.along) : [],
    needed: ledger.find(({ id }) => id.endsWith('/work/check-carries'))?.needs,
  };
}

const inSettingOf =
  (path: string) =>
  ({ name, jam, ledger }: EvaluatedSetting): Way => ({ setting: name, ...wayOf(jam.rungs, ledger, path) });

/** By how much what it releases at has to change, so that at its strongest it is a fifth under what breaks first. */
const timesOf = ({ own, weakest }: Way): number =>
  own?.atTool.known && weakest ? (under * leastOf(weakest)) / highEnd(own.atTool) : Number.POSITIVE_INFINITY;

const leastOf = ({ atTool }: Rung): number => (atTool.known ? lowEnd(atTool) : Number.POSITIVE_INFINITY);
const namesOf = (rungs: readonly Rung[]): string[] => [...new Set(rungs.map(({ short }) => short))];

/** What it protects, and what not, since it lies behind it. */
function protects({ weakest, setting }: Way, behind: readonly Rung[], wording: Wording): string {
  const { short, atTool } = weakest as Rung;
  const says = sentence('it releases at its strongest a fifth under the {short}, which fails at {atTool} at the tool', { short, atTool });
  const first = say(
    setting === undefined ? says : sentence('{says} in setting “{setting}”, and is the first in all others', { says, setting }),
    wording,
  );
  return behind.length === 0 ? first : `${first} Not protected, since behind it: ${listed(namesOf(behind))}.`;
}
