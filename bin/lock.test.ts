import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, expect, it } from 'vitest';
import { takeLock } from './parts/lock.mjs';

const folder = mkdtempSync(join(tmpdir(), 'hobrek-lock-'));
afterAll(() => rmSync(folder, { recursive: true }));

it('is held by one at a time and can be let go of', async () => {
  const file = join(folder, 'one');
  const release = await takeLock(file, 0);
  expect(await takeLock(file, 0)).toBeNull();
  await release?.();
  const again = await takeLock(file, 10);
  expect(again).not.toBeNull();
  await again?.();
});

it('is free again when its holder was killed without a chance to tidy up', async () => {
  const file = join(folder, 'two');
  const holder = spawn(process.execPath, [
    '--input-type=module',
    '-e',
    `import { takeLock } from ${JSON.stringify(join(import.meta.dirname, 'parts/lock.mjs'))}; await takeLock(${JSON.stringify(file)}, 0); console.log('held'); setInterval(() => {}, 1000);`,
  ]);
  await new Promise((resolve) => holder.stdout.once('data', resolve));
  expect(await takeLock(file, 0)).toBeNull();
  holder.kill('SIGKILL');
  const release = await takeLock(file, 10);
  expect(release).not.toBeNull();
  await release?.();
});
