// How long a search over stock and drawer takes, and what it looks at: `node bin/bench/finder.mjs run` prints it as JSON.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { fileURLToPath } from 'node:url';
import { root } from '../parts/places.mjs';

/** This file, to be run by itself, so that its memory is its own. */
export const finderRun = fileURLToPath(import.meta.url);

const core = (path) => import(join(root, 'packages/core/dist', path));

async function measured(stages) {
  const { kindsToFind, readDrawer } = await core('index.js');
  const [{ requestFor }, { search }, { compile }, { judgeSteps }, { atOnce }] = await Promise.all(
    ['finder/from-build.js', 'finder/find.js', 'finder/compile.js', 'finder/judge.js', 'procedures/steps.js'].map(core),
  );
  const build = JSON.parse(readFileSync(join(root, 'demo/sea-glass-tumbler.json'), 'utf8'));
  const kinds = await kindsToFind(build);
  const { own } = readDrawer(readFileSync(join(root, 'samples/drawer.txt'), 'utf8'));
  const asked = requestFor(
    { ...build, finder: { stages: { text: `${stages}`, value: stages, unit: '1', how: 'chosen' } } },
    kinds,
    build.lines[0],
    own,
  );
  const { candidates } = compile(asked.request);
  const from = performance.now();
  const found = search(asked.request);
  const searched = performance.now() - from;
  const before = performance.now();
  const { looked } = atOnce(judgeSteps(found.best, () => ({ build, line: build.lines[0].id, request: asked.request, motor: null }), kinds));
  const judged = performance.now() - before;
  return { rows: candidates.length ** stages, searched, judged, looked, laidOut: found.tried, heap_MB: process.memoryUsage().heapUsed / 1e6 };
}

if (process.argv[1] === finderRun && process.argv[2] === 'run')
  process.stdout.write(JSON.stringify([await measured(2), await measured(2), await measured(3)]));
