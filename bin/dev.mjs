// `npm run dev`: the same as `npm start`, on data of its own, with every edit shown at once.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { build } from './parts/build.mjs';
import { startCluster } from './parts/database.mjs';
import { checkNode, installPackages } from './parts/install.mjs';
import { dataFolder, root, tool } from './parts/places.mjs';
import { freePort } from './parts/ports.mjs';

const say = (line) => process.stdout.write(`${line}\n`);

checkNode();
await installPackages(say);
await build(say);
const data = process.env.HOBREK_DATA ? dataFolder() : `${dataFolder()}-dev`;
const cluster = process.env.DATABASE_URL ? null : await startCluster({ folder: data, say });
const env = {
  ...process.env,
  HOBREK_PORT: process.env.HOBREK_PORT ?? String(await freePort()),
  HOBREK_DUMPS: join(data, 'dumps'),
  ...(cluster ? { DATABASE_URL: cluster.url, HOBREK_PG_DUMP: join(cluster.bin, 'pg_dump') } : {}),
};

// Each in a group of its own, ended as a group: TypeScript's watcher has a child that outlives it otherwise.
const children = [
  spawn(tool('tsc'), ['-b', 'apps/server', '--watch', '--preserveWatchOutput'], { cwd: root, env, stdio: 'inherit', detached: true }),
  spawn(process.execPath, ['--watch', join(root, 'apps/server/dist/main.js')], { cwd: root, env, stdio: 'inherit', detached: true }),
  spawn(tool('vite'), [], { cwd: join(root, 'apps/web'), env, stdio: ['ignore', 'inherit', 'inherit'], detached: true }),
];
say('\nHobrek in development is at http://127.0.0.1:5173. Ctrl-C stops it and all it started.\n');

let ending = false;
async function end(code) {
  if (ending) return;
  ending = true;
  for (const child of children) {
    try {
      process.kill(-child.pid, 'SIGTERM');
    } catch {
      // It has ended already.
    }
  }
  await cluster?.stop();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void end(0));
for (const child of children) child.on('exit', () => void end(1));
