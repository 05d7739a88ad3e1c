// How long it takes to tell what a motor could drive, on a core of its own and from its first use on: `node bin/bench/drives.mjs run` prints it as JSON.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { fileURLToPath } from 'node:url';
import { root } from '../parts/places.mjs';

/** This file, to be run by itself, so that nothing in it was used before. */
export const drivesRun = fileURLToPath(import.meta.url);

/** Builds that a motor is tried in, of the machines of the demo by turns. */
const shed = 100;

async function measured() {
  const { loadKinds, workTargets } = await import(join(root, 'packages/core/dist/index.js'));
  const { whatItDrivesSteps } = await import(join(root, 'packages/core/dist/procedures/what-it-drives.js'));
  const { atOnce } = await import(join(root, 'packages/core/dist/procedures/steps.js'));
  const machines = readdirSync(join(root, 'demo')).map((name) => readFileSync(join(root, 'demo', name), 'utf8'));
  const builds = Array.from({ length: shed }, (_, k) => ({ id: `${k}`, build: JSON.parse(machines[k % machines.length]) }));
  const { lines, supply } = JSON.parse(readFileSync(join(root, 'demo/apple-crusher.json'), 'utf8'));
  const motor = { source: lines[0].source, supply };
  const kinds = await loadKinds();
  const tried = (targets) => {
    const from = performance.now();
    const rows = atOnce(whatItDrivesSteps(motor, targets, kinds, 'metric'));
    if (rows.length < targets.length) throw new Error('Some were not tried');
    return performance.now() - from;
  };
  return { works: tried(workTargets), builds: tried(builds) };
}

if (process.argv[1] === drivesRun && process.argv[2] === 'run') process.stdout.write(JSON.stringify(await measured()));
