import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import pg from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { repository, type Served, serve } from '../../../test/serve.js';

let served: Served;
beforeAll(async () => {
  served = await serve();
});
afterAll(() => served.stop());

/** `HOBREK_MANY=20000` for the long run. */
const many = Number(process.env.HOBREK_MANY ?? 2_000);
const at_once = 25;

const demo = readFileSync(join(repository, 'demo/apple-crusher.json'), 'utf8');

/** A text that is a build no longer: cut, with characters changed, or another value in some place. */
const damaged = fc.oneof(
  fc.nat(demo.length - 1).map((at) => demo.slice(0, at)),
  fc
    .tuple(fc.nat(demo.length - 1), fc.string({ minLength: 1, maxLength: 6 }))
    .map(([at, junk]) => demo.slice(0, at) + junk + demo.slice(at + junk.length)),
  fc
    .tuple(
      fc.constantFrom('"value": 550', '"kind": "v-belt"', '"id": "main"', '"how": "plate"', '"version": 1', '"stages": ['),
      fc.json({ maxDepth: 2 }),
    )
    .map(([what, json]) => demo.replace(what, `${what.split(':')[0]}: ${json}`)),
  fc.json({ maxDepth: 6 }),
);

it(`${many} malformed requests: each is answered, none with a fault, and no row is changed`, async () => {
  const { id } = (await (await served.ask('POST', 'builds', demo)).json()) as { id: string };
  const client = new pg.Client({ connectionString: served.url });
  await client.connect();
  const rows = async () => (await client.query('select md5(string_agg(b::text, $1 order by id)) as sum, count(*) from builds b', [','])).rows;
  const before = await rows();
  const bodies = fc.sample(damaged, { numRuns: many, seed: 13 }).filter((body) => body !== demo);
  const statuses = new Map<number, number>();
  for (let k = 0; k < bodies.length; k += at_once) {
    // A stale version: what by chance is still a good build must not be written either.
    const answers = await Promise.all(bodies.slice(k, k + at_once).map((body) => served.ask('PUT', `builds/${id}`, body, { 'if-match': '"99"' })));
    for (const answer of answers) {
      statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
      const { code, detail } = (await answer.json()) as { code: string; detail: string };
      expect(`${code} ${detail}`.length).toBeGreaterThan(20);
    }
  }
  expect([...statuses.keys()].filter((status) => status < 400 || status >= 500)).toEqual([]);
  expect(statuses.get(400)).toBeGreaterThan(bodies.length / 2);
  expect(await rows()).toEqual(before);
  await client.end();
}, 600_000);
