import type { OwnPart } from '../drawer/part.js';
import type { StageCandidate } from '../kinds/finding.js';

/** A stage by what it is made of: sizes, and what is written on the own parts in it, so that it is the same when lines are put in before them. */
export const stageId = ({ says, takes }: Pick<StageCandidate, 'says' | 'takes'>, own: readonly OwnPart[]): string =>
  `${says} [${takes.map((from) => own[from.own]?.label ?? '-').join(' ')}]`;
