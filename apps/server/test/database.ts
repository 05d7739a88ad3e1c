import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';
import { startCluster } from '../../../bin/parts/database.mjs';

declare module 'vitest' {
  interface ProvidedContext {
    /** Address of a throw-away cluster in which a test may make databases. */
    admin: string;
    /** Folder with PostgreSQL's programs. */
    pgBin: string;
  }
}

/** One throw-away cluster for a run, away from any other. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const folder = mkdtempSync(join(tmpdir(), 'hobrek-tests-'));
  // The cluster's owner is another user and must be able to pass through.
  chmodSync(folder, 0o755);
  const cluster = await startCluster({ folder, testing: true });
  project.provide('admin', cluster.admin);
  project.provide('pgBin', cluster.bin);
  return async () => {
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
