import type { PairingCode, Problem, Standing, StoredBuild } from '@hobrek/contracts';
import { blankBuild } from '@hobrek/core';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Served, serve, statusOf } from '../../../test/serve.js';
import { lanAddresses } from '../../platform/lan.js';
import { ShownCode } from './pairing-code.js';
import { SessionsRepository } from './sessions.repository.js';

const [address] = lanAddresses();

describe('the code on the main screen', () => {
  it('is six digits, new each time, and lets one device in once', () => {
    const shown = new ShownCode();
    expect(shown.fits('000000')).toBe(false);
    const codes = Array.from({ length: 50 }, () => shown.make().code);
    for (const code of codes) expect(code).toMatch(/^\d{6}$/);
    expect(new Set(codes).size).toBeGreaterThan(45);
    const { code } = shown.make();
    expect(shown.waits()).toBe(true);
    expect([shown.fits(code), shown.fits(code)]).toEqual([true, false]);
    expect(shown.waits()).toBe(false);
  });

  it('runs out after ten minutes, and with a new one', () => {
    const shown = new ShownCode();
    const { code, until } = shown.make(1000);
    expect(until.getTime()).toBe(1000 + 10 * 60_000);
    expect(shown.fits(code, until.getTime())).toBe(false);
    const first = shown.make().code;
    const second = shown.make().code;
    expect(first === second || !shown.fits(first)).toBe(true);
    expect(shown.fits(second)).toBe(true);
  });

  it('is gone after ten wrong tries, so that a million codes are not tried', () => {
    const shown = new ShownCode();
    const { code } = shown.make();
    const wrong = code === '111111' ? '222222' : '111111';
    for (let k = 0; k < 10; k++) expect(shown.fits(k % 2 ? wrong : '12345')).toBe(false);
    expect(shown.fits(code)).toBe(false);
  });
});

describe('as long as nothing else is asked for', () => {
  it('it listens on loopback only, and shows no code', async () => {
    const served = await serve();
    try {
      expect(await (await served.ask('GET', 'pairing')).json()).toEqual({ from: 'main', lan: false });
      expect((await served.ask('POST', 'pairing/code', {})).status).toBe(404);
      if (address) await expect(fetch(`http://${address}:${served.port}/api/health`)).rejects.toThrow();
    } finally {
      await served.stop();
    }
  });
});

// A machine without any network has no address to be asked at from one.
describe.skipIf(!address)('on the network', () => {
  let served: Served;
  let build: StoredBuild;
  let cookie = '';
  beforeAll(async () => {
    served = await serve(undefined, { HOBREK_LAN: '1' });
    build = (await (await served.ask('POST', 'builds', blankBuild('Mill'))).json()) as StoredBuild;
  });
  afterAll(() => served.stop());

  const far = (method: string, path: string, body?: unknown, headers: Record<string, string> = {}) =>
    fetch(`http://${address}:${served.port}/api/${path}`, {
      method,
      headers: { ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...headers },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
  const code = async () => ((await (await served.ask('POST', 'pairing/code', {})).json()) as PairingCode).code;
  const refusal = async (answer: Response) => ((await answer.json()) as Problem).code;

  it('lets no device do anything before it was let in', async () => {
    const asks: [string, string, unknown?][] = [
      ['GET', 'builds'],
      ['GET', `builds/${build.id}`],
      ['PUT', `builds/${build.id}`, build.build],
      ['DELETE', `builds/${build.id}`],
      ['POST', 'builds', build.build],
      ['GET', 'shed'],
      ['POST', 'shed/bring', {}],
      ['GET', 'events'],
      ['GET', 'health'],
      ['GET', 'backups'],
      ['POST', 'backups', {}],
      ['POST', 'pairing/code', {}],
      ['GET', 'BUILDS'],
      ['GET', 'builds/'],
      ['GET', '%62uilds'],
      ['GET', `builds/${build.id}/photos/${build.id}`],
      ['DELETE', `pairing/sessions/${build.id}`],
    ];
    for (const [method, path, body] of asks) {
      const answer = await far(method, path, body, { 'if-match': '"1"' });
      // A path that is written in a way no route is, leads nowhere.
      expect(answer.status, `${method} ${path}`).toBe(path.startsWith('%') ? 404 : 401);
      expect(await answer.text()).not.toContain('Mill');
    }
    expect((await served.ask('GET', `builds/${build.id}`)).status).toBe(200);
    expect(await (await far('GET', 'pairing')).json()).toEqual({ from: 'network', device: null });
  });

  it('lets one in by the code of the main screen, with a cookie as strict as plain http allows', async () => {
    expect(await refusal(await far('POST', 'pairing', { code: 'abc', name: 'phone' }))).toBe('pairing-refused');
    expect(await refusal(await far('POST', 'pairing', { code: await code(), name: '' }))).toBe('pairing-refused');
    const answer = await far('POST', 'pairing', { code: await code(), name: 'Ode’s phone' });
    expect(answer.status).toBe(201);
    const [set = ''] = answer.headers.getSetCookie();
    expect(set).toMatch(/^hobrek_session=[\w-]{43}; Max-Age=2592000; Path=\/api; Expires=.*; HttpOnly; SameSite=Strict$/);
    [cookie = ''] = set.split(';');
    expect(await (await far('GET', 'pairing', undefined, { cookie })).json()).toEqual({ from: 'network', device: 'Ode’s phone' });
    expect((await far('GET', `builds/${build.id}`, undefined, { cookie })).status).toBe(200);
    // What is kept of the token cannot be used as one.
    const client = new pg.Client({ connectionString: served.url });
    await client.connect();
    const { rows } = await client.query('select token_hash from sessions');
    await client.end();
    expect(JSON.stringify(rows)).not.toContain(cookie.split('=')[1]);
    for (const { token_hash } of rows) expect((await far('GET', 'builds', undefined, { cookie: `hobrek_session=${token_hash}` })).status).toBe(401);
  });

  it('keeps backups and letting in for the main screen', async () => {
    for (const [method, path, body] of [
      ['GET', 'backups'],
      ['POST', 'backups', {}],
      ['GET', 'Backups/x'],
      ['POST', 'pairing/code', {}],
      ['DELETE', `pairing/sessions/${build.id}`],
    ] as const) {
      expect(await refusal(await far(method, path, body, { cookie }))).toBe('main-screen-only');
    }
  });

  it('still answers only to its own names, and to its own pages', async () => {
    const { port } = served;
    expect((await far('GET', 'builds', undefined, { cookie, origin: 'http://evil.example' })).status).toBe(403);
    // By the wrong name: what a page elsewhere would send after pointing its own name here.
    expect(await statusOf(port, '/api/health', { host: `evil.example:${port}` })).toBe(403);
    // And loopback may not be asked by the name of the network.
    expect(await statusOf(port, '/api/health', { host: `${address}:${port}` })).toBe(403);
  });

  it('shows who was let in; an ended session breaks off what is under way and lets no one in again', async () => {
    const main = (await (await served.ask('GET', 'pairing')).json()) as Standing & { lan: true; from: 'main' };
    expect(main.addresses).toContain(`http://${address}:${served.port}`);
    expect(main.devices.map(({ name }) => name)).toEqual(['Ode’s phone']);
    const stream = await far('GET', 'events', undefined, { cookie });
    expect(stream.status).toBe(200);
    const ended = stream.text().then(
      () => 'ended',
      () => 'broken off',
    );
    const id = main.devices[0]?.id ?? '';
    expect((await served.ask('DELETE', `pairing/sessions/${id}`)).status).toBe(204);
    expect(await ended).toBe('broken off');
    expect((await far('GET', 'builds', undefined, { cookie })).status).toBe(401);
    expect((await served.ask('DELETE', `pairing/sessions/${id}`)).status).toBe(404);
  });

  it('a device may go by itself; one that stays away for thirty days has to be let in again', async () => {
    const sessions = served.app.get(SessionsRepository, { strict: false });
    const [one, two] = [await sessions.make('one'), await sessions.make('two')];
    const by = (token: string) => ({ cookie: `hobrek_session=${token}` });
    const stream = await far('GET', 'events', undefined, by(one.token));
    const elsewhere = stream.text().then(
      () => 'ended',
      () => 'broken off',
    );
    const left = await far('DELETE', 'pairing/session', undefined, by(one.token));
    expect(await elsewhere).toBe('broken off');
    expect([left.status, left.headers.getSetCookie()[0]]).toEqual([204, expect.stringMatching(/^hobrek_session=;/)]);
    expect((await far('GET', 'builds', undefined, by(one.token))).status).toBe(401);

    const client = new pg.Client({ connectionString: served.url });
    await client.connect();
    await client.query(`update sessions set seen_at = now() - interval '29 days'`);
    expect((await far('GET', 'builds', undefined, by(two.token))).status).toBe(200);
    // Having been seen it counts from now.
    expect(await sessions.sweep()).toBe(0);
    await client.query(`update sessions set seen_at = now() - interval '31 days'`);
    expect((await far('GET', 'builds', undefined, by(two.token))).status).toBe(401);
    expect(await sessions.sweep()).toBe(1);
    await client.end();
  });

  it('ends the old session of a phone that is let in again', async () => {
    const first = await far('POST', 'pairing', { code: await code(), name: 'phone' });
    const [old = ''] = (first.headers.getSetCookie()[0] ?? '').split(';');
    const again = await far('POST', 'pairing', { code: await code(), name: 'phone' }, { cookie: old });
    const [fresh = ''] = (again.headers.getSetCookie()[0] ?? '').split(';');
    expect([again.status, (await far('GET', 'builds', undefined, { cookie: old })).status]).toEqual([201, 401]);
    expect((await far('GET', 'builds', undefined, { cookie: fresh })).status).toBe(200);
  });

  it('slows guessing down to a few tries a minute, and says how long to wait', async () => {
    const statuses: number[] = [];
    for (let k = 0; k < 8; k++) statuses.push((await far('POST', 'pairing', { code: '000000', name: 'x' })).status);
    expect(statuses).toContain(429);
    const right = await code();
    const answer = await far('POST', 'pairing', { code: right, name: 'x' });
    expect([answer.status, await refusal(answer)]).toEqual([429, 'too-many-tries']);
    expect(Number(answer.headers.get('retry-after'))).toBeGreaterThan(0);
    // That is the stranger’s alone: on the machine itself a code is shown and takes one in as before.
    const own = await served.ask('POST', 'pairing', { code: await code(), name: 'own' });
    expect(own.status).toBe(201);
  });
});
