// How long it takes to tell what a motor could drive in a worker that has told nothing before, with nothing tried ahead.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../parts/places.mjs';
import { ms, share } from './spread.mjs';

/** Builds that a motor is tried in, of the machines of the demo by turns. */
const shed = 100;
const turns = 5;

/** The worker of the built application by itself: kinds are loaded, as they are by then, and all else is its first use. */
export async function drivesCold(base, browser, demo, row) {
  const { workTargets } = await import('../../packages/core/dist/index.js');
  const machines = readdirSync(join(root, 'demo')).map((name) => readFileSync(join(root, 'demo', name), 'utf8'));
  const builds = Array.from({ length: shed }, (_, k) => ({ id: `${k}`, build: JSON.parse(machines[k % machines.length]) }));
  const worker = readdirSync(join(root, 'apps/web/dist/assets')).find((name) => /^calculator\.worker-.*\.js$/.test(name));
  const { lines, supply } = demo();
  const motor = { source: lines[0].source, supply };
  const all = [];
  for (let turn = 0; turn < turns; turn++) {
    const context = await browser.newContext({ bypassCSP: true });
    const page = await context.newPage();
    // Of the application’s own origin, and nothing of it runs there.
    await page.goto(`${base}/theme.js`);
    await page.addScriptTag({ path: join(root, 'node_modules/comlink/dist/umd/comlink.js') });
    all.push(
      await page.evaluate(
        async ([worker, motor, works, builds]) => {
          const { run } = Comlink.wrap(new Worker(`/assets/${worker}`, { type: 'module' }));
          const tell = Comlink.proxy(() => {});
          const tried = async (targets) => {
            const from = performance.now();
            const rows = await run(1, 'drives', { motor, targets, units: 'metric' }, tell);
            if (rows.length < targets.length) throw new Error('Some were not tried');
            return performance.now() - from;
          };
          await run(1, 'allKinds', null, tell);
          return { works: await tried(works), builds: await tried(builds) };
        },
        [worker, motor, workTargets, builds],
      ),
    );
    await context.close();
  }
  const half = (of) => share(all.map(of), 0.5);
  row(
    'what a motor could drive, a worker’s first use: kinds of work, then 100 builds',
    `${ms(half(({ works }) => works))}, ${ms(half(({ builds: each }) => each))}; together ${ms(half(({ works, builds: each }) => works + each))}`,
    'wanted: 1 s together',
  );
}
