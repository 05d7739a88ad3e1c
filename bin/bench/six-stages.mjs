// Prints the median time of one evaluation of six stages, with trace, in milliseconds. Run in a process of its own by bench.mjs.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { fileURLToPath } from 'node:url';

export function sixStages(build) {
  const [line] = build.lines;
  const stages = Array.from({ length: 6 }, (_, k) => ({ ...line.stages[0], id: `belt-${k}`, inputs: { ...line.stages[0].inputs } }));
  const stations = Array.from({ length: 7 }, (_, k) => ({ id: `s-${k}`, name: `shaft ${k}` }));
  return { ...build, name: 'Six stages', lines: [{ ...line, stages, stations }] };
}

/** @param tree the folder of another Hobrek, for its own demo */
export const demo = (tree = fileURLToPath(new URL('../..', import.meta.url))) =>
  JSON.parse(readFileSync(join(tree, 'demo/apple-crusher.json'), 'utf8'));

export const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

if (process.argv[2] === 'run') {
  const { evaluateBuild, loadKinds } = await import('../../packages/core/dist/index.js');
  const build = sixStages(demo());
  const kinds = await loadKinds(build);
  const times = [];
  for (let k = 0; k < 3000; k++) {
    const from = performance.now();
    evaluateBuild(build, kinds);
    times.push(performance.now() - from);
  }
  process.stdout.write(String(median(times.slice(500))));
}
