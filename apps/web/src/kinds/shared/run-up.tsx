import { type Build, type RunUp as Charted, chartRunUp, type EvaluatedLine, type Kinds, kindHead, lineOf } from '@hobrek/core';
import { lazy, Suspense } from 'react';
import type { ToolShown } from '../tool.js';

/** Charts are heavy: they come when there is one to show. */
const RunUpChart = lazy(async () => ({ default: (await import('./run-up-chart.js')).RunUpChart }));

/** How the source runs up, and what of its speed and torque the work needs. */
export function RunUp({ path, build, evaluation, kinds }: ToolShown) {
  const { id, source } = lineOf(build, path.split('/')[0]);
  const line = evaluation.lines.find((each) => each.id === id);
  const noun = kindHead('source', source.kind)?.noun ?? 'source';
  const runUp = line && runUpOf(build, kinds, line);
  return (
    <>
      <h2 className="font-head text-lg tracking-wide uppercase">
        Run-up <span className="font-text text-sm tracking-normal text-soft normal-case">torque at the {noun}’s shaft, over its speed</span>
      </h2>
      {runUp ? (
        <Suspense fallback={<p className="text-soft">drawing …</p>}>
          <RunUpChart runUp={runUp} noun={noun} />
        </Suspense>
      ) : (
        <p className="mt-2 text-soft">Drawn once what drives it, what feeds it, the work’s torque, its inertia and the ratio are known.</p>
      )}
    </>
  );
}

/** Charted once for what was worked out of a line. */
const charted = new WeakMap<EvaluatedLine, { readonly runUp: Charted | null }>();

function runUpOf(build: Build, kinds: Kinds, line: EvaluatedLine): Charted | null {
  const known = charted.get(line) ?? { runUp: chartRunUp(build, kinds, line.id) };
  charted.set(line, known);
  return known.runUp;
}
