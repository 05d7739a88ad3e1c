import type { Verdict } from '../checks/verdict.js';
import type { Figure } from '../figure/figure.js';
import type { DrawnEnds, DrawnStage, Role } from '../kinds/kind.js';
import { type Kinds, kindHead } from '../kinds/registry.js';
import type { Build, Element } from '../machine/build.js';
import { lineOf } from '../machine/lines.js';
import { elementsOf } from '../machine/paths.js';
import type { Shown, UnitHabit } from '../quantity/show.js';
import { showAtShaft } from '../quantity/show-at-shaft.js';
import { sayAll, wordingFor } from '../wording/wording.js';
import { evaluateBuild, worstLine } from './evaluate-build.js';
import { runningOrFull } from './station-figures.js';
import { unreadIn } from './unread.js';

/** What a list shows of a build without opening it. A cache: marked with the engine that made it, and made again when that has changed. */
export interface BuildSummary {
  readonly verdict: Verdict;
  readonly says: string;
  /** From source to work, in a few words; of several lines the worst, by its name. */
  readonly path: string;
  /** At the tool of that line, at work where that is known, otherwise at full load; null while unknown. */
  readonly speed: Shown | null;
  readonly torque: Shown | null;
  readonly outlines: readonly DrawnStage[];
  readonly ends?: DrawnEnds;
}

export function summariseBuild(build: Build, kinds: Kinds, units: UnitHabit = 'metric'): BuildSummary {
  const { verdict, says, lines } = evaluateBuild(build, kinds);
  const walked = worstLine(lines);
  const line = lineOf(build, walked.id);
  const last = walked.stations.at(-1);
  const tool = last && runningOrFull(last);
  const shown = (figure: Figure | undefined) => (figure?.known ? showAtShaft(figure.value, figure.unit, units) : null);
  const way = [
    ...elementsOf(line)
      .slice(1, -1)
      .map(({ role, element }) => short(role, element)),
    line.stations.at(-1)?.name ?? 'tool',
  ].join(' → ');
  return {
    verdict,
    says: sayAll([...says, ...unreadIn(build)], wordingFor(build, units)),
    path: lines.length === 1 ? way : `${line.name}, one of ${lines.length} lines: ${way}`,
    speed: shown(tool?.flow),
    torque: shown(tool?.effort),
    outlines: walked.outlines.map(({ stock: _, ...drawn }) => drawn),
    ...(walked.ends ? { ends: walked.ends } : {}),
  };
}

function short(role: Role, element: Element): string {
  return kindHead(role, element.kind)?.short((name) => element.inputs[name]?.text || undefined) ?? element.kind;
}
