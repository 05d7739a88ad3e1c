import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { request } from 'node:http';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { blankBuild } from '@hobrek/core';
import fc from 'fast-check';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Served, serve } from '../test/serve.js';
import { lines } from './platform/hold-line.js';
import { lanAddresses } from './platform/lan.js';

const [address] = lanAddresses();
/** `HOBREK_MANY=20000` for the long run. */
const many = Number(process.env.HOBREK_MANY ?? 2_000);
const atOnce = 25;

const web = mkdtempSync(join(tmpdir(), 'hobrek-web-'));
let served: Served;
beforeAll(async () => {
  mkdirSync(join(web, 'assets'));
  writeFileSync(join(web, 'index.html'), '<!doctype html><title>Hobrek</title>');
  writeFileSync(join(web, 'assets/page-abc.js'), 'export default 1;');
  served = await serve(undefined, { HOBREK_LAN: '1', HOBREK_WEB: web });
});
afterAll(async () => {
  await served.stop();
  rmSync(web, { recursive: true, force: true });
});

interface Hostile {
  readonly method: string;
  readonly path: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string;
}

const id = '0190d3a4-0000-7000-8000-000000000000';
const places = fc.constantFrom(
  '/',
  '/index.html',
  '/assets/',
  '/assets/page-abc.js',
  '/builds/x',
  '/api/builds',
  `/api/builds/${id}`,
  `/api/builds/${id}/notes`,
  `/api/builds/${id}/photos`,
  `/api/builds/${id}/pages/machine.pdf`,
  '/api/shed',
  '/api/shed/bring',
  '/api/drawer',
  '/api/events',
  '/api/pairing',
  '/api/pairing/code',
  '/api/backups',
  '/api/health',
  '/api',
);
const junk = fc.oneof(
  fc.constantFrom(
    '',
    '/..%2f..%2fetc/passwd',
    '/%00',
    '/%ff',
    '/%',
    '/%c0%ae',
    '//',
    '/./../',
    '?a=%',
    '?a[]=1&a[b]=2',
    '/%2e%2e/',
    ';x',
    '%20',
    '/con',
  ),
  fc.stringMatching(/^[\w%./-]{0,30}$/),
);
const values = fc.oneof(
  fc.constantFrom(
    '"1"',
    '*',
    'W/"x"',
    '"99999999999999999999"',
    'bytes=0-',
    'bytes=9-2',
    'bytes=-',
    'garbage',
    '-1',
    'gzip',
    'application/json',
    'image/png',
    'text/plain',
  ),
  fc.stringMatching(/^[\x20-\x7e]{0,40}$/),
);
const names = fc.constantFrom(
  'if-match',
  'if-none-match',
  'if-modified-since',
  'if-unmodified-since',
  'if-range',
  'range',
  'accept',
  'accept-encoding',
  'accept-language',
  'content-type',
  'content-encoding',
  'cookie',
  'referer',
  'x-forwarded-for',
  'x-http-method-override',
  'last-event-id',
);
const hostile: fc.Arbitrary<Hostile> = fc.record({
  method: fc.constantFrom('GET', 'GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS', 'PROPFIND', 'TRACE'),
  path: fc.tuple(places, junk).map(([place, more]) => place + more),
  headers: fc.dictionary(names, values, { maxKeys: 4 }),
  body: fc.oneof(fc.constant(''), fc.json({ maxDepth: 3 }), fc.string({ maxLength: 60 })),
});

/** The status of a request as it is, by whatever method and path; null where the line was closed instead. Streams are let go once they began. */
function statusOf({ method, path, headers, body }: Hostile): Promise<number | null> {
  return new Promise((done) => {
    const sent = request({ host: '127.0.0.1', port: served.port, method, path, headers, timeout: 20_000 }, (answer) => {
      done(answer.statusCode ?? null);
      answer.destroy();
    });
    sent.on('error', () => done(null));
    sent.on('timeout', () => done(599));
    sent.end(method === 'GET' || method === 'HEAD' ? undefined : body);
  });
}

it(`${many} hostile requests: none hangs or is answered by a fault, and no row is changed`, async () => {
  await served.ask('POST', 'builds', blankBuild('Kept'));
  const client = new pg.Client({ connectionString: served.url });
  await client.connect();
  const rows = async () => (await client.query('select md5(string_agg(b::text, $1 order by id)) as sum, count(*) from builds b', [','])).rows;
  const before = await rows();
  const all = fc.sample(hostile, { numRuns: many, seed: 35 });
  const wrong: string[] = [];
  const statuses = new Map<number | null, number>();
  for (let k = 0; k < all.length; k += atOnce) {
    const some = all.slice(k, k + atOnce);
    for (const [j, status] of (await Promise.all(some.map(statusOf))).entries()) {
      statuses.set(status, (statuses.get(status) ?? 0) + 1);
      if (status !== null && status >= 500) wrong.push(`${status} ${JSON.stringify(some[j])}`);
    }
  }
  expect(wrong.slice(0, 5)).toEqual([]);
  expect(statuses.size).toBeGreaterThan(4);
  expect((await rows())[0].count).toBe(before[0].count);
  expect(await rows()).toEqual(before);
  await client.end();
}, 600_000);

it.each([
  ['a version that a page does not have', { path: '/index.html', headers: { 'if-match': '"never"' } }, 412],
  ['a range that a page does not have', { path: '/index.html', headers: { range: 'bytes=900-' } }, 416],
  ['a path that escapes', { path: '/assets/..%2f..%2fpackage.json', headers: {} }, 403],
  ['a path that cannot be read', { path: '/assets/%ff', headers: {} }, 400],
])('%s is refused as what it is', async (_, { path, headers }, status) => {
  expect(await statusOf({ method: 'GET', path, headers: headers as Record<string, string>, body: '' })).toBe(status);
});

// A machine without any network has no address to be asked at from one.
describe.skipIf(!address)('a stranger on the network', () => {
  /** Says that 25 MB come, sends them slowly, and tells what the answer began with. */
  function slowly(method: string, path: string, type: string): { readonly said: Promise<string>; readonly stop: () => void; sent: () => number } {
    let bytes = 0;
    const socket = connect(served.port, address);
    const piece = Buffer.alloc(16_384, 65);
    let timer: NodeJS.Timeout | undefined;
    const said = new Promise<string>((done) => {
      socket.once('data', (data) => done(data.toString('latin1').split('\r\n')[0] ?? ''));
      socket.once('close', () => done('closed'));
      socket.once('error', () => done('closed'));
    });
    socket.once('connect', () => {
      socket.write(`${method} ${path} HTTP/1.1\r\nHost: ${address}:${served.port}\r\nContent-Type: ${type}\r\nContent-Length: 25000000\r\n\r\n`);
      timer = setInterval(() => {
        if (socket.writable && socket.write(piece)) bytes += piece.length;
      }, 20);
    });
    const stop = () => {
      clearInterval(timer);
      socket.destroy();
    };
    return { said, stop, sent: () => bytes };
  }

  it.each([
    ['POST', '/api/builds', 'application/json'],
    ['PUT', `/api/builds/${id}`, 'application/json'],
    ['POST', `/api/builds/${id}/photos`, 'image/jpeg'],
    ['GET', '/api/builds', 'image/jpeg'],
    ['DELETE', `/api/builds/${id}`, 'application/json'],
    ['POST', '/api/pairing/code', 'application/json'],
    ['POST', '/nowhere', 'image/jpeg'],
  ])('is answered without a byte of what it sends being waited for: %s %s', async (method, path, type) => {
    const { said, stop, sent } = slowly(method, path, type);
    expect(await said).toMatch(/ 4\d\d /);
    expect(sent()).toBeLessThan(2_000_000);
    stop();
  });

  it('has no answer from any way in that there is, but what it is let in by', async () => {
    interface Layer {
      readonly route?: { readonly path: string; readonly methods: Readonly<Record<string, boolean>> };
    }
    const { router } = served.app.getHttpAdapter().getInstance() as unknown as { readonly router: { readonly stack: readonly Layer[] } };
    const ways = router.stack.flatMap(({ route }) =>
      route ? Object.keys(route.methods).map((method) => [method === '_all' ? 'GET' : method.toUpperCase(), route.path] as const) : [],
    );
    expect(ways.length).toBeGreaterThan(25);
    const open: string[] = [];
    for (const [method, path] of ways) {
      const there = path.replaceAll(/:\w+/g, id);
      for (const headers of [{}, { 'x-forwarded-for': '127.0.0.1', forwarded: 'for=127.0.0.1' }, { cookie: `hobrek_session=${'a'.repeat(43)}` }]) {
        const answer = await fetch(`http://${address}:${served.port}${there}`, { method, headers, signal: AbortSignal.timeout(5_000) });
        if (answer.status !== 401 && answer.status !== 415) open.push(`${method} ${path} ${answer.status}`);
        await answer.body?.cancel();
      }
    }
    expect([...new Set(open)]).toEqual(['GET /api/pairing 200']);
  });

  it('lets itself in with a kilobyte at most', async () => {
    const long = JSON.stringify({ code: '123456', name: 'x'.repeat(1_000) });
    const answer = await fetch(`http://${address}:${served.port}/api/pairing`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: long,
    });
    expect(answer.status).toBe(413);
  });

  it('by two hundred at once takes neither memory nor the lines of the machine itself', async () => {
    const before = process.memoryUsage();
    const strangers = Array.from({ length: 200 }, () => slowly('POST', '/api/pairing', 'application/json'));
    for (let k = 0; k < 40; k++) {
      expect((await served.ask('GET', 'builds')).status).toBe(200);
      await new Promise((done) => setTimeout(done, 20));
    }
    // Those over what one address may hold open are closed at once.
    const closed = await Promise.all(strangers.map(({ said }) => Promise.race([said, new Promise((done) => setTimeout(done, 200))])));
    expect(closed.filter((each) => each === 'closed').length).toBeGreaterThanOrEqual(200 - lines.each);
    const now = process.memoryUsage();
    for (const { stop } of strangers) stop();
    const grown = now.arrayBuffers + now.heapUsed - before.arrayBuffers - before.heapUsed;
    expect(grown).toBeLessThan(50_000_000);
  });
});
