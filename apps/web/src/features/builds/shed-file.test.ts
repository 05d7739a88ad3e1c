import { blankBuild, portionOfBytes, portionOfNotes } from '@hobrek/core';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Coming } from './shed-entry.js';
import { readShedFile } from './shed-file.js';

interface Sent {
  readonly path: string;
  readonly body: { readonly notes?: readonly { readonly id: string }[] };
  readonly bytes?: readonly number[];
}

const sent: Sent[] = [];
let refusePhotos = false;
const note = (n: number, text = 'oiled') => ({
  id: `a0000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
  at: '2026-01-01T00:00:00Z',
  by: 'Ann',
  text,
});
const fileOf = (content: unknown) => new File([typeof content === 'string' ? content : JSON.stringify(content)], 'shed.json');
const shed = (notes: unknown, build: unknown = blankBuild('Mangle')) => ({
  format: 'hobrek-shed',
  version: 2,
  builds: [{ id: '10000000-0000-4000-8000-000000000001', changedAt: '2026-01-01T00:00:00Z', build, notes }],
});
const going = { says: () => {}, isStopped: () => false };
const read = (content: unknown) => readShedFile(fileOf(content), new Set(), going);

beforeEach(() => {
  sent.length = 0;
  refusePhotos = false;
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    if (path.includes('/photos/')) {
      sent.push({ path, body: {}, bytes: [...new Uint8Array(await (init.body as Blob).arrayBuffer())] });
      return refusePhotos ? new Response('{"status":400,"detail":"no picture"}', { status: 400 }) : new Response(null, { status: 204 });
    }
    const body = JSON.parse(init.body as string);
    sent.push({ path, body });
    const notes = body.notes?.length ?? 0;
    return new Response(
      JSON.stringify({ id: body.id, name: body.build?.name, what: sent.length > 1 ? 'same' : 'new', notes, says: 'is in the shed now' }),
    );
  });
});
afterEach(() => vi.unstubAllGlobals());

describe('a large entry', () => {
  it('of many notes is sent in portions that the server takes, each note once', async () => {
    const notes = Array.from({ length: 2_001 }, (_, n) => note(n));
    const [coming] = (await read(shed(notes))) as [Coming];
    await coming.bring?.(false, going);
    const brought = sent.filter(({ path }) => path.endsWith('/bring'));
    expect(brought.every(({ body }) => (body.notes?.length ?? 0) <= portionOfNotes)).toBe(true);
    expect(brought.flatMap(({ body }) => body.notes?.map(({ id }) => id))).toEqual(notes.map(({ id }) => id));
  });

  it('of long notes in three bytes a sign is sent in portions by their bytes', async () => {
    const notes = Array.from({ length: 90 }, (_, n) => note(n, '漢'.repeat(3_900)));
    const [coming] = (await read(shed(notes))) as [Coming];
    await coming.bring?.(false, going);
    const brought = sent.filter(({ path }) => path.endsWith('/bring'));
    expect(brought.length).toBeGreaterThan(1);
    for (const { body } of brought) expect(new TextEncoder().encode(JSON.stringify(body)).length).toBeLessThan(portionOfBytes + 50_000);
    expect(brought.flatMap(({ body }) => body.notes)).toHaveLength(90);
  });

  it('is stopped between its portions, says how far it was, and goes on', async () => {
    const [coming] = (await read(shed(Array.from({ length: 1_200 }, (_, n) => note(n))))) as [Coming];
    const stopped = await coming.bring?.(false, { says: () => {}, isStopped: () => sent.filter(({ path }) => path.endsWith('/bring')).length >= 2 });
    expect(stopped?.says).toBe('was stopped: 2 of 3 portions of its notes are in. Import goes on with the rest.');
    expect((await stopped?.bring?.(false, going))?.says).toContain('is in the shed now');
  });
});

describe('a file', () => {
  it('is stopped while it is read, and nothing is imported', async () => {
    const file = fileOf({ ...shed([]), builds: Array.from({ length: 5 }, () => shed([note(1)]).builds[0]) });
    const read = await readShedFile(file, new Set(), { says: () => {}, isStopped: () => sent.length >= 2 });
    expect(read).toEqual([{ key: 'shed.json', name: 'shed.json', says: 'was not read to its end: it was stopped. Nothing was imported.' }]);
  });

  it('that ends in the middle is none of it', async () => {
    const whole = JSON.stringify({ ...shed([]), builds: Array.from({ length: 5 }, () => shed([note(1)]).builds[0]) });
    expect(await read(whole.slice(0, -2))).toEqual([{ key: 'shed.json', name: 'shed.json', says: expect.stringContaining('Nothing was imported') }]);
  });
});

describe('photos', () => {
  it('go to the notes that hold them, each with its own bytes', async () => {
    const id = (n: number) => `c0000000-0000-4000-8000-00000000000${n}`;
    const notes = [
      { ...note(0), photos: [{ id: id(1), webp: 'AAAA' }] },
      note(1),
      {
        ...note(2),
        photos: [
          { id: id(2), webp: 'BBBB' },
          { id: id(3), webp: 'CCCC' },
        ],
      },
    ];
    const [coming] = (await read(shed(notes))) as [Coming];
    expect(await coming.bring?.(false, going)).toEqual({ says: 'is in the shed now.' });
    const photos = sent.filter(({ path }) => path.includes('/photos/'));
    expect(photos.map(({ path }) => path.replace(/.*notes/, ''))).toEqual([
      `/${note(0).id}/photos/${id(1)}`,
      `/${note(2).id}/photos/${id(2)}`,
      `/${note(2).id}/photos/${id(3)}`,
    ]);
    expect(photos.map(({ bytes }) => bytes)).toEqual([
      [0, 0, 0],
      [4, 16, 65],
      [8, 32, 130],
    ]);
  });

  it('that cannot be read are named, and keep the dialog open', async () => {
    refusePhotos = true;
    const held = { ...note(1), photos: [{ id: 'C0000000-0000-4000-8000-00000000000C', webp: 'AAAA' }, null, { id: 5, webp: 'AAAA' }] };
    const [coming] = (await read(shed([note(0), held]))) as [Coming];
    expect(await coming.bring?.(false, going)).toEqual({
      says: 'is in the shed now. 3 photos could not be read: photo 2 of note 2; photo 3 of note 2; photo 1 of note 2.',
      isOdd: true,
    });
    expect(sent.at(-1)?.path).toContain('/notes/a0000000-0000-4000-8000-000000000001/photos/c0000000-0000-4000-8000-00000000000c');
  });
});

describe('what is none', () => {
  it.each([
    ['null', 'is JSON, but neither a build nor a shed'],
    ['[]', 'is JSON, but neither a build nor a shed'],
    ['{"format":"hobrek-shed","builds":{}}', 'is JSON, but neither a build nor a shed'],
    ['{"format":"hobrek-shed","builds":[]}', 'is a shed with no builds in it'],
    ['{"format":"hobrek-shed","version":99,"builds":[]}', 'was written by a newer Hobrek'],
    ['not JSON', 'is not JSON'],
  ])('%s says so', async (text, says) => {
    expect(await read(text)).toEqual([{ key: 'shed.json', name: 'shed.json', says: expect.stringContaining(says) }]);
  });

  it('a name that is no text is no name', async () => {
    const [one] = (await read({ ...blankBuild('x'), name: { odd: true } })) as [Coming];
    expect(one.says).toContain('“a build without a name”');
  });

  it('damaged in any of 3000 ways is answered for, and throws nothing', async () => {
    const whole = JSON.stringify(shed([{ ...note(1), photos: [{ id: note(2).id, webp: 'AAAA' }] }]));
    const damage = fc.tuple(fc.nat(whole.length - 1), fc.nat(40), fc.constantFrom('', '}', '"', 'null', '1e999', '[]', '{}', '7', '\u0000', 'x'));
    let read_ = 0;
    await fc.assert(
      fc.asyncProperty(damage, async ([from, long, put]) => {
        const all = await read(whole.slice(0, from) + put + whole.slice(from + long));
        expect(all.length).toBeGreaterThan(0);
        for (const each of all) {
          expect(each.says).toBeTruthy();
          if (each.bring) await each.bring(false, going);
        }
        read_++;
      }),
      { numRuns: 3_000, seed: 23 },
    );
    expect(read_).toBe(3_000);
  });
});
