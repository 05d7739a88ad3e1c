import { readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import type { ListedBuild, StoredBuild } from '@hobrek/contracts';
import { expect, test } from '@playwright/test';
import { addBuild, dataFolder, demo, Hobrek } from './parts/hobrek.js';

let data: ReturnType<typeof dataFolder>;
const started: Hobrek[] = [];
const start = (env?: Record<string, string>) => {
  const hobrek = new Hobrek(data.path, env);
  started.push(hobrek);
  return hobrek;
};

test.beforeEach(() => {
  data = dataFolder();
});
test.afterEach(async () => {
  for (const hobrek of started.splice(0)) await hobrek.stop();
  data.remove();
});

const listAt = async (address: string) => (await (await fetch(`${address}/api/builds`)).json()) as ListedBuild[];
const isUp = (address: string) =>
  fetch(`${address}/api/health`).then(
    () => true,
    () => false,
  );

/** The server among the children of a start command. */
function serverPid(parent: number): number {
  const children = readFileSync(`/proc/${parent}/task/${parent}/children`, 'utf8').trim().split(' ');
  return Number(children.find((pid) => readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('server/bundle/main.js')));
}

/** Addresses on which someone listens at a port, as the kernel writes them: 0100007F is 127.0.0.1. */
function listenersOn(port: number): string[] {
  const lines = ['tcp', 'tcp6'].flatMap((family) => readFileSync(`/proc/net/${family}`, 'utf8').split('\n').slice(1));
  const listening = lines.map((line) => line.trim().split(/\s+/)).filter((words) => words[3] === '0A');
  return listening
    .map((words) => (words[1] ?? '').split(':') as [string, string])
    .flatMap(([at, hex]) => (Number.parseInt(hex, 16) === port ? [at] : []));
}

/** Is our PostgreSQL running on this data? */
function clusterIsUp(): boolean {
  try {
    const pid = readFileSync(join(data.path, 'cluster/postmaster.pid'), 'utf8').split('\n')[0];
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(data.path);
  } catch {
    return false;
  }
}

test('from nothing to the demo shed; Ctrl-C stops all it started; what was deleted stays deleted; the port is kept', async () => {
  const first = start();
  const address = await first.address();
  const builds = await listAt(address);
  expect(builds.map((build) => build.name)).toEqual([
    'Apple crusher',
    'Bowl lathe',
    'Cider press',
    'Clock-plate mill',
    'Clock-plate tub',
    'Kelp cart',
    'Kindling splitter',
    'Sea-glass tumbler',
  ]);
  expect(first.said).toContain('Ctrl-C stops it');
  const ports = [address.split(':').at(-1), readFileSync(join(data.path, 'port'), 'utf8')];
  for (const port of ports) expect(listenersOn(Number(port))).toEqual(['0100007F']);
  await fetch(`${address}/api/builds/${builds[0]?.id}`, { method: 'DELETE', headers: { 'if-match': '"1"' } });
  expect(await first.stop('SIGINT')).toBe(0);
  expect(await isUp(address)).toBe(false);
  expect(clusterIsUp()).toBe(false);

  // A port that was damaged is none: it is found as the first time, and kept anew.
  writeFileSync(join(data.path, 'web-port'), 'garbage');
  const odd = start();
  expect(Number((await odd.address()).split(':').at(-1))).toBeGreaterThanOrEqual(4310);
  expect(await odd.stop('SIGINT')).toBe(0);
  writeFileSync(join(data.path, 'web-port'), address.split(':').at(-1) as string);

  const second = start();
  expect(await second.address()).toBe(address);
  expect((await listAt(address)).map((build) => build.name)).toEqual([
    'Bowl lathe',
    'Cider press',
    'Clock-plate mill',
    'Clock-plate tub',
    'Kelp cart',
    'Kindling splitter',
    'Sea-glass tumbler',
  ]);
});

test('two at once: one runs, the other says where', async () => {
  const [a, b] = [start(), start()];
  const addresses = await Promise.all([a.address(), b.address()]);
  expect(addresses[0]).toBe(addresses[1]);
  const [loser] = [a, b].filter((each) => each.said.includes('already running'));
  expect(await loser?.exit()).toBe(0);
  expect(await isUp(addresses[0] as string)).toBe(true);
});

test('a port that is taken: another is found; one that was asked for is named', async () => {
  const squatter = createServer().listen(0, '127.0.0.1');
  await new Promise((listening) => squatter.once('listening', listening));
  const { port } = squatter.address() as { port: number };
  const refused = start({ HOBREK_PORT: String(port) });
  expect(await refused.exit()).not.toBe(0);
  expect(refused.said).toContain(`Port ${port} is taken by another program. Set HOBREK_PORT`);
  squatter.close();
});

test('the server killed hard in the middle of saves: what was acknowledged is there', async () => {
  const first = start();
  const address = await first.address();
  const stored = await addBuild(address, demo());
  let acknowledged = 1;
  const saving = (async () => {
    for (let version = 1; ; version++) {
      const answer = await fetch(`${address}/api/builds/${stored.id}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json', 'if-match': `"${version}"` },
        body: JSON.stringify({ ...demo(), name: `save ${version + 1}` }),
      });
      acknowledged = ((await answer.json()) as StoredBuild).version;
      if (acknowledged === 40) process.kill(serverPid(first.child.pid as number), 'SIGKILL');
    }
  })();
  await expect(saving).rejects.toThrow();
  expect(await first.exit()).not.toBe(0);
  expect(acknowledged).toBeGreaterThanOrEqual(40);

  const again = await start().address();
  const after = (await (await fetch(`${again}/api/builds/${stored.id}`)).json()) as StoredBuild;
  // One more may have been written whose answer never arrived; none that was acknowledged may be missing.
  expect(after.version - acknowledged).toBeGreaterThanOrEqual(0);
  expect(after.version - acknowledged).toBeLessThanOrEqual(1);
  expect(after.build.name).toBe(`save ${after.version}`);
});

test('the start command itself killed hard: the server goes with it, and the next start takes over', async () => {
  const first = start();
  const address = await first.address();
  await addBuild(address, { ...demo(), name: 'Kept' });
  await first.stop('SIGKILL');
  await expect.poll(() => isUp(address)).toBe(false);
  expect(clusterIsUp()).toBe(true);
  const second = start();
  expect((await listAt(await second.address())).map((build) => build.name)).toContain('Kept');
  await second.stop('SIGTERM');
  expect(clusterIsUp()).toBe(false);
});
