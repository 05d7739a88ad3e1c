import type { Drawer, ReservedPart, StoredBuild } from '@hobrek/contracts';
import { blankBuild, withDriveParts } from '@hobrek/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Served, serve } from '../../../test/serve.js';

let served: Served;
beforeAll(async () => {
  served = await serve();
});
afterAll(() => served.stop());

const read = async () => (await (await served.ask('GET', 'drawer')).json()) as Drawer;
const save = (text: unknown, version: number | null) => served.ask('PUT', 'drawer', { text }, version === null ? {} : { 'if-match': `"${version}"` });

describe('the drawer of the workshop', () => {
  it('is empty at first, is kept as it was typed, and counts its saves', async () => {
    expect(await read()).toEqual({ text: '', version: 0 });
    const typed = 'P1 pulley A 80 mm, bore 19 mm\nhat\n';
    expect(await (await save(typed, 0)).json()).toEqual({ text: typed, version: 1 });
    const answer = await save('belt A53', 1);
    expect(answer.headers.get('etag')).toBe('"2"');
    expect(await read()).toEqual({ text: 'belt A53', version: 2 });
  });

  it('is not overwritten by who has not seen the last save: of two at once one is told', async () => {
    const { version } = await read();
    const answers = await Promise.all([save('from the phone', version), save('from the desk', version)]);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 412]);
    expect((await read()).version).toBe(version + 1);
    expect(await (await save('again', version)).json()).toMatchObject({ code: 'drawer-stale' });
    expect(await (await save('first', 0)).json()).toMatchObject({ code: 'drawer-stale' });
  });

  it('is refused by name where it cannot be kept, and stays what it was', async () => {
    const before = await read();
    const broken = ['a\u0000b', '\ud800'];
    for (const text of [7, null, 'x'.repeat(40_001), ...broken]) {
      const answer = await save(text, before.version);
      expect([answer.status, await answer.json()]).toMatchObject([400, { detail: expect.stringContaining('text') }]);
    }
    expect(await (await save('x', null)).json()).toMatchObject({ code: 'version-missing' });
    expect(await read()).toEqual(before);
  });

  it('tells what the builds have reserved of it, until they let it go or are deleted', async () => {
    const line = blankBuild('Mill');
    const part = { what: 'pulley A 80 mm', many: 2, from: 'own', label: 'P1', written: 'P1 pulley A 80 mm' } as const;
    const belt = { what: 'belt A53', many: 1, from: 'buy', label: null, written: null } as const;
    const build = { ...withDriveParts(line, line.lines[0]?.id ?? '', [part, belt]), name: 'Mill with parts' };
    const reserved = async () => (await (await served.ask('GET', 'drawer/reserved')).json()) as ReservedPart[];
    const before = await reserved();
    const made = await served.ask('POST', 'builds', build);
    expect(made.status).toBe(201);
    const { id } = (await made.json()) as StoredBuild;
    expect(await reserved()).toEqual([...before, { id, by: 'Mill with parts', written: 'P1 pulley A 80 mm', many: 2 }]);
    await served.ask('DELETE', `builds/${id}`, undefined, { 'if-match': '"1"' });
    expect(await reserved()).toEqual(before);
  });
});
