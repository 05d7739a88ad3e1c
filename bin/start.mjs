// `npm start`: everything from a bare checkout to a running Hobrek. Plain Node: nothing may be installed yet.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { build, serverFile } from './parts/build.mjs';
import { makeFolder, startCluster } from './parts/database.mjs';
import { checkNode, installPackages } from './parts/install.mjs';
import { takeLock } from './parts/lock.mjs';
import { lookAfter } from './parts/look-after.mjs';
import { dataFolder } from './parts/places.mjs';
import { isFree } from './parts/ports.mjs';
import { Ended, onEnding, unlessEnding } from './parts/run.mjs';
import { serverFlags, serverMemory } from './parts/server-memory.mjs';
import { keepPort, keptPort, portFrom } from './parts/web-port.mjs';

const say = (line) => process.stdout.write(`${line}\n`);
const data = dataFolder();
const portFile = join(data, 'web-port');
const addressOf = (port) => `http://127.0.0.1:${port}`;

/** How often, every half second, another start is looked for before it is given up: a slow machine needs minutes for a first one. */
const patience = 600;

/** The port the server exits with when another program took it between looking and listening. */
const portTaken = 98;

async function main() {
  // Ended at any moment, it comes to an end by itself: what it started is stopped on the way out.
  onEnding(() => {});
  checkNode();
  const { HOBREK_PORT: asked } = process.env;
  if (asked && portFrom(asked) === null) throw new Error(`HOBREK_PORT is “${asked}”; it must be a port from 1 to 65535`);
  await installPackages(say);
  await build(say);
  makeFolder(data);
  const release = await takeLockOrSay(join(data, 'run.lock'));
  if (!release) return 0;

  let cluster = null;
  let letGo = async () => {};
  try {
    cluster = process.env.DATABASE_URL ? null : await startCluster({ folder: data, say, tidy: true, testing: process.env.HOBREK_THROW_AWAY === '1' });
    if (cluster) letGo = lookAfter(cluster, say);
    return await serve(cluster);
  } finally {
    await letGo();
    await cluster?.stop();
    await release();
  }
}

/** The lock of this data. While another start has it, it is waited for until that one answers, and said where; a backup or a restore lets go of it. @returns null when another runs */
async function takeLockOrSay(file) {
  for (let waited = 0; waited < patience; waited++) {
    const release = await takeLock(file, 0);
    if (release) return release;
    if (waited === 20) say('Another start has this data and does not answer yet. Waiting for it …');
    const port = keptPort(portFile);
    if (port && (await answers(port))) {
      say(`Hobrek is already running at ${addressOf(port)}`);
      return null;
    }
    await new Promise((resolve) => setTimeout(resolve, 500));
  }
  throw new Error(`Another start holds ${data}, but nothing answers. End it, or set HOBREK_DATA to another folder.`);
}

async function answers(port) {
  try {
    const health = await (await fetch(`${addressOf(port)}/api/health`)).json();
    return typeof health.hobrek === 'string';
  } catch {
    return false;
  }
}

/** Given: that port and no other. Otherwise the one of last time or 4310, and upward from there while taken. */
async function* portsToTry() {
  if (process.env.HOBREK_PORT) {
    yield process.env.HOBREK_PORT;
    return;
  }
  const first = keptPort(portFile) ?? 4310;
  for (let port = first; port < Math.min(first + 40, 65_536); port++) if (await isFree(port)) yield String(port);
}

/** Runs the server until it ends or is told to. @returns the exit code of this process */
async function serve(cluster) {
  const env = {
    ...serverMemory,
    ...process.env,
    ...(cluster ? { DATABASE_URL: cluster.url, HOBREK_PG_DUMP: join(cluster.bin, 'pg_dump') } : {}),
    HOBREK_DUMPS: join(data, 'dumps'),
    HOBREK_ON_DISK: cluster ? data : '',
  };
  for await (const port of portsToTry()) {
    unlessEnding();
    const code = await serveAt(port, env);
    if (code !== portTaken || process.env.HOBREK_PORT) return code;
  }
  throw new Error('No free port was found. Set HOBREK_PORT to one.');
}

function serveAt(port, env) {
  const server = spawn(process.execPath, [...serverFlags, serverFile], {
    env: { ...env, HOBREK_PORT: port },
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  });
  let asked = false;
  let listening = false;
  const stop = () => {
    asked = true;
    server.kill('SIGTERM');
  };
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, stop);
  server.on('message', () => {
    listening = true;
    keepPort(portFile, port);
    say(
      `\nHobrek is at ${addressOf(port)}\nCtrl-C stops it and all it started. Builds are kept in ${process.env.DATABASE_URL ? 'the database of DATABASE_URL' : data}.`,
    );
  });
  return new Promise((resolve) => {
    server.on('exit', (code) => {
      for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.off(signal, stop);
      if (listening && !asked) process.stderr.write('\nThe server ended by itself. What was acknowledged is kept; npm start begins again.\n');
      resolve(asked ? 0 : (code ?? 1));
    });
  });
}

try {
  process.exit(await main());
} catch (error) {
  if (!(error instanceof Ended)) process.stderr.write(`\n${error.message}\n`);
  process.exit(error.exit ?? 1);
}
