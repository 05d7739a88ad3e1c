import { type Evaluation, same } from '@hobrek/core';

/** What is drawn stays the same object while it says the same: a key that moves nothing draws nothing anew. */
export function drawnAsBefore(now: Evaluation, before: Evaluation | undefined): Evaluation {
  const lines = now.lines.map((line, k) => {
    const { outlines, ends } = before?.lines[k] ?? {};
    return {
      ...line,
      ...(outlines && same(outlines, line.outlines) ? { outlines } : {}),
      ...(ends && line.ends && same(ends, line.ends) ? { ends } : {}),
    };
  });
  return { ...now, lines };
}
