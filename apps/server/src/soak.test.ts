import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { ListedBuild, Looked, Shed, StoredBuild } from '@hobrek/contracts';
import { type Build, describeChange, mergeBuilds } from '@hobrek/core';
import fc from 'fast-check';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { repository, type Served, serve } from '../test/serve.js';

/** `npm run soak` sets how long; in the ordinary run it is a taste of it. */
const seconds = Number(process.env.HOBREK_SOAK ?? 0);
const demo = JSON.parse(readFileSync(join(repository, 'demo/apple-crusher.json'), 'utf8')) as Build;

/** What must be there: every build by its id, as it was last acknowledged. */
interface Model {
  readonly builds: Map<string, { version: number; build: Build }>;
}
interface Real {
  readonly servers: readonly [Served, Served];
}
type Step = fc.AsyncCommand<Model, Real>;

const nth = (model: Model, k: number): string => [...model.builds.keys()][k % model.builds.size] as string;
const step = (name: string, check: (model: Model) => boolean, run: (model: Model, real: Real) => Promise<void>): Step => ({
  check: (model) => check(model),
  run,
  toString: () => name,
});
const some = (model: Model) => model.builds.size > 0;
const put = (served: Served, id: string, version: number, build: Build) => served.ask('PUT', `builds/${id}`, build, { 'if-match': `"${version}"` });

/** One person or the other does something on one of the two servers. */
const anyStep: readonly fc.Arbitrary<Step>[] = [
  fc.tuple(fc.nat(1), fc.string({ minLength: 1, maxLength: 20, unit: 'grapheme' })).map(([s, name]) =>
    step(
      `begin ${name}`,
      (model) => model.builds.size < 12,
      async (model, { servers }) => {
        const build = { ...demo, name };
        const stored = (await (await (servers[s] as Served).ask('POST', 'builds', build)).json()) as StoredBuild;
        model.builds.set(stored.id, { version: 1, build });
      },
    ),
  ),
  fc.tuple(fc.nat(1), fc.nat(), fc.string({ maxLength: 60, unit: 'grapheme' })).map(([s, k, brief]) =>
    step(`edit ${k}`, some, async (model, { servers }) => {
      const id = nth(model, k);
      const known = model.builds.get(id) as { version: number; build: Build };
      const build = { ...known.build, brief };
      const answer = await put(servers[s] as Served, id, known.version, build);
      expect(answer.status).toBe(200);
      model.builds.set(id, { version: known.version + 1, build });
    }),
  ),
  // Two people on two servers, from the same state, different fields: the second is told, merges and sends again.
  fc.tuple(fc.nat(), fc.string({ maxLength: 20, unit: 'grapheme' }), fc.string({ maxLength: 20, unit: 'grapheme' })).map(([k, notes, brief]) =>
    step(`both edit ${k}`, some, async (model, { servers: [one, two] }) => {
      const id = nth(model, k);
      const { version, build } = model.builds.get(id) as { version: number; build: Build };
      const [mine, theirs] = [
        { ...build, notes: `${notes}.` },
        { ...build, brief: `${brief}.` },
      ];
      expect((await put(one, id, version, theirs)).status).toBe(200);
      expect((await put(two, id, version, mine)).status).toBe(412);
      const { build: merged, conflicts } = mergeBuilds(build, mine, theirs);
      expect(conflicts).toEqual([]);
      expect((await put(two, id, version + 1, merged)).status).toBe(200);
      model.builds.set(id, { version: version + 2, build: merged });
    }),
  ),
  fc.tuple(fc.nat(1), fc.nat()).map(([s, k]) =>
    step(`bring back ${k}`, some, async (model, { servers }) => {
      const id = nth(model, k);
      const { version, build } = model.builds.get(id) as { version: number; build: Build };
      const served = servers[s] as Served;
      const { revisions } = (await (await served.ask('GET', `builds/${id}/log`)).json()) as { revisions: { version: number }[] };
      const oldest = revisions.at(-1)?.version;
      const was = (await (await served.ask('GET', `builds/${id}/revisions/${oldest}`)).json()) as Build;
      expect(describeChange(build, was)).not.toContain('Something else changed');
      expect((await put(served, id, version, was)).status).toBe(200);
      model.builds.set(id, { version: version + 1, build: was });
    }),
  ),
  fc.tuple(fc.nat(1), fc.nat()).map(([s, k]) =>
    step(`delete ${k}`, some, async (model, { servers }) => {
      const id = nth(model, k);
      const { version } = model.builds.get(id) as { version: number };
      expect((await (servers[s] as Served).ask('DELETE', `builds/${id}`, undefined, { 'if-match': `"${version}"` })).status).toBe(204);
      model.builds.delete(id);
    }),
  ),
  // Taken away, one of them lost, all imported again.
  fc.nat().map((k) =>
    step(`take all and import, ${k} lost`, some, async (model, { servers: [one, two] }) => {
      const shed = (await (await one.ask('GET', 'shed')).json()) as Shed;
      const lost = nth(model, k);
      const known = model.builds.get(lost) as { version: number; build: Build };
      await one.ask('DELETE', `builds/${lost}`, undefined, { 'if-match': `"${known.version}"` });
      for (const entry of shed.builds) {
        const { what } = (await (await two.ask('POST', 'shed/bring', entry)).json()) as Looked;
        expect(what).toBe(entry.id === lost ? 'new' : 'same');
      }
      model.builds.delete(lost);
      // Above any version that it had: it was deleted, and is there again.
      model.builds.set(lost, { version: known.version + 2, build: known.build });
    }),
  ),
  // Deleted on one server, restored on the other.
  fc.nat().map((k) =>
    step(`delete and restore ${k}`, some, async (model, { servers: [one, two] }) => {
      const id = nth(model, k);
      const { version, build } = model.builds.get(id) as { version: number; build: Build };
      await one.ask('DELETE', `builds/${id}`, undefined, { 'if-match': `"${version}"` });
      expect((await put(two, id, version, build)).status).toBe(404);
      expect((await two.ask('POST', `builds/${id}/bring-back`, {})).status).toBe(200);
      expect((await put(one, id, version, build)).status).toBe(412);
      model.builds.set(id, { version: version + 2, build });
    }),
  ),
];

let servers: [Served, Served];
beforeAll(async () => {
  const one = await serve();
  servers = [one, await serve(one.url)];
});
afterAll(async () => {
  await servers[1].stop();
  await servers[0].stop();
});

async function agree({ builds }: Model): Promise<void> {
  for (const served of servers) {
    const list = (await (await served.ask('GET', 'builds')).json()) as ListedBuild[];
    expect(new Map(list.map(({ id, version, name }) => [id, `${version} ${name}`]))).toEqual(
      new Map([...builds].map(([id, { version, build }]) => [id, `${version} ${build.name}`])),
    );
  }
  for (const [id, { build }] of builds) {
    const stored = (await (await servers[1].ask('GET', `builds/${id}`)).json()) as StoredBuild;
    expect(stored.build).toEqual(build);
  }
}

it('random people on two servers: at the end the database holds what was acknowledged, and memory is level', {
  timeout: 60_000 + seconds * 1_000,
}, async () => {
  const until = Date.now() + seconds * 1_000;
  const used: number[] = [];
  let round = 0;
  do {
    await fc.assert(
      fc.asyncProperty(fc.commands([...anyStep], { maxCommands: 40, size: 'max' }), async (steps) => {
        const model: Model = { builds: new Map() };
        await fc.asyncModelRun(() => ({ model, real: { servers } }), steps);
        await agree(model);
        for (const [id, { version }] of model.builds) await servers[0].ask('DELETE', `builds/${id}`, undefined, { 'if-match': `"${version}"` });
      }),
      { numRuns: 4, seed: 20261125 + round++, endOnFailure: true },
    );
    globalThis.gc?.();
    used.push(process.memoryUsage().heapUsed);
  } while (Date.now() < until);
  // Of a long run: what is used at the end against what was used once warm.
  if (used.length >= 10) expect(used.at(-1)).toBeLessThan(1.6 * (used[Math.floor(used.length / 5)] as number));
});
