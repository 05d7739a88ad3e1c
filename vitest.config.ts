import { availableParallelism } from 'node:os';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defaultServerConditions } from 'vite';
import { defineConfig } from 'vitest/config';

/**
 * `npm test` has built the packages by then: what a test needs of another package is taken as it runs, not made again out of its sources for each file of
 * tests. Alone, Vitest takes the sources.
 */
const isBuilt = process.env.HOBREK_BUILT === '1';
const source = isBuilt ? [] : ['source'];
const asBuilt = isBuilt ? { server: { deps: { external: [/\/packages\/[^/]+\/dist\//] } } } : {};
const server = [...source, ...defaultServerConditions];

export default defineConfig({
  test: {
    // Left to itself Vitest keeps one core back, which on two cores is half the time.
    maxWorkers: Math.max(2, availableParallelism() - 1),
    projects: [
      {
        // Many small files with nothing to share but the cost of starting: one process for all of them.
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
