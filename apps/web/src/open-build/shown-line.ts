import { type EvaluatedLine, type Line, lineOf } from '@hobrek/core';
import type { OpenBuild } from './store.js';

/** The line that is shown: of several the one that was chosen, while it is there. */
export const shownLine = ({ build, line }: Pick<OpenBuild, 'build' | 'line'>): Line => lineOf(build, line);

/** What was worked out of it. */
export const shownEvaluated = (open: Pick<OpenBuild, 'build' | 'line' | 'evaluation'>): EvaluatedLine | undefined => {
  const { id } = shownLine(open);
  return open.evaluation.lines.find((line) => line.id === id);
};
