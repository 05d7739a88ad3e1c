import { type Evaluation, same } from '@hobrek/core';

/** What is drawn stays the same object while it says the same: a key that moves nothing draws nothing anew. */
export function drawnAsBefore(now: Evaluation, before: Evaluation | undefined): Evaluation {
  const lines = now.lines.map((line, k) => {
    const outlines = before?.lines[k]?.outlines;
    return outlines && same(outlines, line.outlines) ? { ...line, outlines } : line;
  });
  return { ...now, lines };
}
