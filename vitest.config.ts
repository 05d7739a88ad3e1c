import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { dirname, relative, resolve } from 'node:path';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defaultServerConditions, type Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

/**
 * `npm test` has built the packages, the server and the command line by then: what a test needs of them is taken as it runs, not made again out of its sources
 * for each file of tests. Alone, Vitest takes the sources.
 */
const isBuilt = process.env.HOBREK_BUILT === '1';
const source = isBuilt ? [] : ['source'];
const asBuilt = isBuilt ? { server: { deps: { external: [/\/(packages|apps)\/[^/]+\/dist\//] } } } : {};

/** What a test, or a helper of tests, takes from beside it: `./x.js` of the sources is that of `dist`, where it was built. */
const asItRuns: Plugin = {
  name: 'as-it-runs',
  enforce: 'pre',
  resolveId(id: string, importer?: string) {
    if (!isBuilt || !importer || !/^\..*\.js$/.test(id)) return;
    // Of this house: a test has a copy of it under .cache, which it makes itself.
    const where = relative(import.meta.dirname, resolve(dirname(importer), id));
    if (!/^(packages|apps)\/(core|contracts|papers|server|cli)\/src\//.test(where)) return;
    const built = resolve(import.meta.dirname, where.replace('/src/', '/dist/'));
    return existsSync(built) ? built : undefined;
  },
};

const server = [...source, ...defaultServerConditions];

export default defineConfig({
  test: {
    // Left to itself Vitest keeps one core back, which on two cores is half the time.
    maxWorkers: Math.max(2, availableParallelism() - 1),
    projects: [
      {
        // Many small files with nothing to share but the cost of starting: one process for all of them.
        plugins: [asItRuns],
        resolve: { conditions: server },
        ssr: { resolve: { conditions: server } },
        test: {
          ...asBuilt,
          name: 'core',
          environment: 'node',
          pool: 'threads',
          isolate: false,
          include: ['packages/*/src/**/*.test.ts'],
          testTimeout: 60_000,
        },
      },
      {
        plugins: [asItRuns],
        resolve: { conditions: server },
        ssr: { resolve: { conditions: server } },
        test: {
          ...asBuilt,
          name: 'server',
          environment: 'node',
          pool: 'forks',
          globalSetup: ['./apps/server/test/database.ts'],
          include: ['apps/{server,cli}/src/**/*.test.ts', 'bin/**/*.test.ts'],
          // None takes half a minute on a quiet machine; a busy one may take three times as long.
          testTimeout: 90_000,
          hookTimeout: 90_000,
        },
      },
      {
        plugins: [react()],
        resolve: { conditions: [...source, ...defaultClientConditions] },
        test: { ...asBuilt, name: 'web', environment: 'happy-dom', include: ['apps/web/src/**/*.test.{ts,tsx}'], testTimeout: 60_000 },
      },
    ],
  },
});
