import { randomUUID } from 'node:crypto';
import { request } from 'node:http';
import type { BuildLog, Looked, Note, NotePhoto, StoredBuild } from '@hobrek/contracts';
import { blankBuild } from '@hobrek/core';
import pg from 'pg';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Served, serve } from '../../../test/serve.js';
import { NotesRepository } from './notes.repository.js';

let served: Served;
let build: string;
beforeAll(async () => {
  served = await serve();
  build = ((await (await served.ask('POST', 'builds', blankBuild('Mill'))).json()) as StoredBuild).id;
});
afterAll(() => served.stop());

/** A picture as a phone makes it: lying on its side, with the place where it was taken and the camera's name in it. */
const fromPhone = (width = 400, height = 300) =>
  sharp({ create: { width, height, channels: 3, background: '#806040' } })
    .composite([{ input: { create: { width: 40, height: 40, channels: 3, background: '#ff0000' } }, left: 0, top: 0 }])
    .withExif({ IFD0: { Make: 'Phonemaker', Model: 'One' }, IFD3: { GPSLatitude: '47/1 30/1 0/1', GPSLatitudeRef: 'N' } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();

const sent = (bytes: Uint8Array, type = 'image/jpeg', path = `builds/${build}/photos`, method = 'POST') =>
  fetch(`${served.base}/api/${path}`, { method, headers: { 'content-type': type }, body: new Uint8Array(bytes) });
const added = async (bytes: Uint8Array, type?: string) => (await (await sent(bytes, type)).json()) as NotePhoto;
const write = (body: object, into = build) => served.ask('POST', `builds/${into}/notes`, { text: '', by: '', ...body });
const notesOf = async (id = build) => ((await (await served.ask('GET', `builds/${id}/log`)).json()) as BuildLog).notes;
const shown = async (id: string, size = '') => fetch(`${served.base}/api/builds/${build}/photos/${id}${size}`);
const refused = async (bytes: Uint8Array, type?: string) => ((await (await sent(bytes, type)).json()) as { detail: string }).detail;

describe('tags', () => {
  it('are kept in lower case, each once, and go with the note', async () => {
    const answer = await write({ text: '380 rpm at the roll', tags: ['Measured', ' measured ', 'first run', ''] });
    expect(answer.status).toBe(201);
    expect(((await answer.json()) as Note).tags).toEqual(['measured', 'first run']);
    expect((await notesOf())[0]).toMatchObject({ text: '380 rpm at the roll', tags: ['measured', 'first run'], photos: [] });
  });

  it('are refused by name when they can be none', async () => {
    for (const tags of ['measured', [7], ['x'.repeat(25)], Array.from({ length: 9 }, (_, k) => `t${k}`), null]) {
      expect(await (await write({ text: 'x', tags })).json()).toMatchObject({
        status: 400,
        code: 'note-refused',
        detail: expect.stringContaining('tags'),
      });
    }
  });
});

describe('a photo', () => {
  it('is drawn anew: upright, at most 1600 points long, with nothing of where and with what it was taken', async () => {
    const original = await fromPhone(2400, 1800);
    expect((await sharp(original).metadata()).exif?.toString('latin1')).toContain('Phonemaker');
    const photo = await added(original);
    // Orientation 6 lies on its side: upright it is higher than wide, and its upper left corner has gone to the right (Exif 2.32, tag 274).
    expect(photo).toMatchObject({ width: 1200, height: 1600 });
    const answer = await shown(photo.id);
    expect(answer.headers.get('content-type')).toBe('image/webp');
    expect(answer.headers.get('x-content-type-options')).toBe('nosniff');
    const kept = Buffer.from(await answer.arrayBuffer());
    const { format, exif, orientation, icc, xmp } = await sharp(kept).metadata();
    expect({ format, exif, orientation, icc, xmp }).toEqual({
      format: 'webp',
      exif: undefined,
      orientation: undefined,
      icc: undefined,
      xmp: undefined,
    });
    expect(kept.toString('latin1')).not.toMatch(/Phonemaker|GPS|Exif/);
    const corner = await sharp(kept).extract({ left: 1190, top: 2, width: 4, height: 4 }).raw().toBuffer();
    expect([...corner.subarray(0, 3)].map((value) => Math.round(value / 64))).toEqual([4, 0, 0]);
    const small = await sharp(Buffer.from(await (await shown(photo.id, '?size=small')).arrayBuffer())).metadata();
    expect([small.width, small.height]).toEqual([240, 320]);
  });

  it('goes into the note it was sent for, in the order chosen; a note with one needs no words', async () => {
    const [a, b] = [
      await added(await fromPhone()),
      await added(
        await sharp(await fromPhone())
          .png()
          .toBuffer(),
      ),
    ];
    const note = (await (await write({ photos: [b.id, a.id] })).json()) as Note;
    expect(note.photos.map(({ id }) => id)).toEqual([b.id, a.id]);
    expect((await notesOf()).find(({ id }) => id === note.id)?.photos).toEqual([b, a]);
    // In a note once, it is in no other.
    expect(await (await write({ text: 'again', photos: [a.id] })).json()).toMatchObject({ code: 'note-refused' });
    expect((await notesOf()).some(({ text }) => text === 'again')).toBe(false);
    for (const photos of [['x'], [a.id, a.id], [randomUUID()], 'x']) expect((await write({ text: 'x', photos })).status).toBe(400);
    expect(await (await write({ text: ' ' })).json()).toMatchObject({ detail: expect.stringContaining('text') });
  });

  it('of one build is not shown as another’s, and goes with its note and its build', async () => {
    const photo = await added(await fromPhone());
    const other = ((await (await served.ask('POST', 'builds', blankBuild('Saw'))).json()) as StoredBuild).id;
    expect((await served.ask('GET', `builds/${other}/photos/${photo.id}`)).status).toBe(404);
    expect((await write({ text: 'x', photos: [photo.id] }, other)).status).toBe(400);
    const note = (await (await write({ text: 'guard off', photos: [photo.id] })).json()) as Note;
    expect((await served.ask('DELETE', `builds/${build}/photos/${photo.id}`)).status).toBe(404);
    expect((await served.ask('DELETE', `builds/${other}/notes/${note.id}`)).status).toBe(404);
    expect((await served.ask('DELETE', `builds/${build}/notes/${note.id}`)).status).toBe(204);
    expect((await shown(photo.id)).status).toBe(404);
    expect((await served.ask('DELETE', `builds/${build}/notes/${note.id}`)).status).toBe(404);
  });

  it('that no note was written for can be taken out, and is swept away after a day', async () => {
    const [one, two] = [await added(await fromPhone()), await added(await fromPhone())];
    expect((await served.ask('DELETE', `builds/${build}/photos/${one.id}`)).status).toBe(204);
    expect((await shown(one.id)).status).toBe(404);
    const repository = served.app.get(NotesRepository, { strict: false });
    expect(await repository.sweep()).toBe(0);
    expect(await repository.sweep(new Date(Date.now() + 25 * 3600 * 1000))).toBeGreaterThan(0);
    expect((await shown(two.id)).status).toBe(404);
    // Those in notes stay.
    expect((await notesOf()).flatMap(({ photos }) => photos).length).toBeGreaterThan(0);
  });
});

describe('what is no photo', () => {
  it('is refused in words: other files, whatever they call themselves', async () => {
    const svg = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>');
    const page = Buffer.from('<!doctype html><script>alert(1)</script>');
    const gif = Buffer.from('R0lGODlhAQABAAAAACH5BAEKAAEALAAAAAABAAEAAAICTAEAOw==', 'base64');
    const heic = Buffer.from('00000018667479706865696300000000686569636d696631', 'hex');
    expect(await refused(svg)).toMatch(/JPEG, PNG and WebP are taken/);
    expect(await refused(page)).toBe('This is no picture: JPEG, PNG and WebP are taken.');
    expect(await refused(gif)).toBe('This is image/gif: JPEG, PNG and WebP are taken.');
    expect(await refused(heic)).toMatch(/HEIC/);
    expect(await refused(Buffer.alloc(0))).toMatch(/Send the picture itself/);
    expect((await sent(svg, 'image/svg+xml')).status).toBe(415);
    expect((await served.ask('POST', `builds/${build}/photos`, { photo: 'x' })).status).toBe(415);
    // And a picture is taken nowhere else.
    expect((await sent(await fromPhone(), 'image/jpeg', 'builds')).status).toBe(415);
  });

  it('is refused when damaged, at every place it may be cut', async () => {
    const original = await fromPhone();
    for (const part of [0.02, 0.1, 0.5, 0.9]) {
      const answer = await sent(original.subarray(0, Math.floor(original.length * part)));
      expect(await answer.json()).toMatchObject({ status: 400, code: 'photo-refused' });
    }
    const noise = Buffer.concat([original.subarray(0, 20), Buffer.alloc(4000, 7)]);
    expect((await sent(noise)).status).toBe(400);
  });

  it('is refused when it would unfold to more than a camera takes, and when too long', async () => {
    // A flat picture of 100 million points is a small file.
    const bomb = await sharp({ create: { width: 10_000, height: 10_000, channels: 3, background: 'white' }, limitInputPixels: false })
      .png()
      .toBuffer();
    expect(bomb.length).toBeLessThan(1_000_000);
    expect(await refused(bomb, 'image/png')).toMatch(/60 million points/);
    expect((await sent(Buffer.alloc(26 * 1024 * 1024))).status).toBe(413);
  });

  it('loses what hides behind a picture', async () => {
    const photo = await added(Buffer.concat([await fromPhone(), Buffer.from('<script>alert("hidden")</script>')]));
    expect(Buffer.from(await (await shown(photo.id)).arrayBuffer()).toString('latin1')).not.toContain('hidden');
  });

  it('that could have been made here is kept byte for byte; one that is larger, or holds more than a picture, is drawn anew', async () => {
    const bytesOf = async (id: string) => Buffer.from(await (await shown(id)).arrayBuffer());
    const here = await bytesOf((await added(await fromPhone())).id);
    expect(await bytesOf((await added(here, 'image/webp')).id)).toEqual(here);
    const chunk = Buffer.concat([Buffer.from('hidd'), Buffer.from([6, 0, 0, 0]), Buffer.from('hidden')]);
    const more = Buffer.concat([here, chunk]);
    more.writeUInt32LE(more.length - 8, 4);
    const large = await sharp({ create: { width: 2_000, height: 20, channels: 3, background: '#806040' } })
      .webp()
      .toBuffer();
    const told = await sharp(here)
      .withExif({ IFD0: { Make: 'Phonemaker' } })
      .webp()
      .toBuffer();
    for (const other of [more, Buffer.concat([here, Buffer.from('hidden')]), large, told]) {
      const kept = await bytesOf((await added(other, 'image/webp')).id);
      expect(kept).not.toEqual(other);
      expect(kept.toString('latin1')).not.toMatch(/hidd|Phonemaker/);
      expect((await sharp(kept).metadata()).width).toBeLessThanOrEqual(1_600);
    }
    // A picture whose own lengths are right, cut in the middle.
    const cut = Buffer.from(here.subarray(0, 20 + 2 * Math.floor((here.length - 20) / 4)));
    cut.writeUInt32LE(cut.length - 8, 4);
    cut.writeUInt32LE(cut.length - 20, 16);
    expect((await sent(cut, 'image/webp')).status).toBe(400);
  });

  it('finds no build where there is none', async () => {
    expect((await sent(await fromPhone(), 'image/jpeg', `builds/${randomUUID()}/photos`)).status).toBe(404);
    for (const path of [`builds/${build}/photos/x`, `builds/x/photos/${randomUUID()}`, `builds/${build}/photos/${randomUUID()}`]) {
      expect((await served.ask('GET', path)).status).toBe(404);
    }
  });
});

describe('a shed’s file', () => {
  it('holds tags and photos, and brings them into another shed', async () => {
    const photo = await added(await fromPhone());
    const { id: note } = (await (await write({ text: 'belt on', tags: ['fitted'], photos: [photo.id] })).json()) as Note;
    const shed = (await (await served.ask('GET', 'shed')).json()) as {
      version: number;
      builds: { id: string; notes: { id: string; photos?: { webp: string }[] }[] }[];
    };
    const entry = shed.builds.find(({ id }) => id === build);
    const inFile = entry?.notes.find(({ id }) => id === note);
    expect(inFile).toMatchObject({ text: 'belt on', tags: ['fitted'], photos: [{ id: photo.id }] });
    const webp = Buffer.from(inFile?.photos?.[0]?.webp ?? '', 'base64');
    const other = await serve();
    try {
      const bring = await other.ask('POST', 'shed/bring', { ...entry, notes: entry?.notes.map(({ photos: _, ...words }) => words) });
      expect(bring.status).toBe(200);
      const put = (bytes: Uint8Array, into = note) =>
        fetch(`${other.base}/api/builds/${build}/notes/${into}/photos/${photo.id}`, {
          method: 'PUT',
          headers: { 'content-type': 'image/webp' },
          body: new Uint8Array(bytes),
        });
      expect((await put(webp, randomUUID())).status).toBe(404);
      expect((await put(Buffer.from('no picture'))).status).toBe(400);
      // Sent twice it is there once.
      expect([(await put(webp)).status, (await put(webp)).status]).toEqual([204, 204]);
      const { notes } = (await (await other.ask('GET', `builds/${build}/log`)).json()) as BuildLog;
      expect(notes.find(({ id }) => id === note)).toMatchObject({ tags: ['fitted'], photos: [photo] });
      // Not a point of it is lost on the way.
      const there = await other.ask('GET', `builds/${build}/photos/${photo.id}`);
      expect(Buffer.from(await there.arrayBuffer())).toEqual(webp);
    } finally {
      await other.stop();
    }
  });

  it('brings notes that are only in it to a build that is the same', async () => {
    const id = randomUUID();
    const note = (text: string) => ({ id: randomUUID(), at: '2026-02-05T10:00:00.000Z', by: '', text });
    const [kept, taken] = [note('kept'), note('taken out here')];
    const entry = { id, changedAt: kept.at, build: blankBuild('Twice'), notes: [kept, taken] };
    const say = async (path: string) => (await (await served.ask('POST', `shed/${path}`, entry)).json()) as Looked;
    expect(await say('look')).toMatchObject({ what: 'new', notes: 2 });
    await say('bring');
    expect(await say('look')).toMatchObject({ what: 'same', notes: 0, says: 'is here already, the same' });
    await served.ask('DELETE', `builds/${id}/notes/${taken.id}`);
    expect(await say('look')).toMatchObject({
      what: 'same',
      notes: 1,
      says: 'is here already, the same; one note of the file is not here and will be added',
    });
    expect(await say('bring')).toMatchObject({ says: 'was here already; one note was added' });
    expect((await notesOf(id)).map(({ text }) => text).sort()).toEqual(['kept', 'taken out here']);
  });

  it('from before there were tags still comes in', async () => {
    const id = randomUUID();
    const note = { id: randomUUID(), at: '2026-01-05T10:00:00.000Z', by: 'Ode', text: 'as it was written then' };
    expect((await served.ask('POST', 'shed/bring', { id, changedAt: note.at, build: blankBuild('Old'), notes: [note] })).status).toBe(200);
    expect(await notesOf(id)).toEqual([{ ...note, tags: [], photos: [] }]);
  });
});

it('an index finds the photos of a note', async () => {
  const client = new pg.Client({ connectionString: served.url });
  await client.connect();
  await client.query('set enable_seqscan = off');
  const { rows } = await client.query(`explain select id from photos where note = any($1)`, [[randomUUID()]]);
  await client.end();
  expect(rows.map((row) => row['QUERY PLAN']).join('\n')).toContain('photos_of_note');
});

describe('limits', () => {
  it('hold for what comes out of a file as well: eight photos a note, and one that is there already takes no room', async () => {
    const note = (await (await write({ text: 'brought' })).json()) as Note;
    const bytes = await fromPhone(80, 60);
    const put = (id: string) => sent(bytes, 'image/jpeg', `builds/${build}/notes/${note.id}/photos/${id}`, 'PUT');
    const ids = Array.from({ length: 9 }, () => randomUUID());
    const statuses = await Promise.all(ids.map(async (id) => (await put(id)).status));
    expect(statuses.filter((status) => status === 204)).toHaveLength(8);
    expect(statuses.filter((status) => status === 400)).toHaveLength(1);
    expect((await put(ids[statuses.indexOf(204)] as string)).status).toBe(204);
    const [there] = (await notesOf()).filter(({ id }) => id === note.id);
    expect(there?.photos).toHaveLength(8);
  });

  it('of twenty-four large pictures at once a few are taken in, the others wait, and saves go on', async () => {
    // It begins as a JPEG does, and is none: it is read whole before that is known.
    const large = Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.alloc(23_000_000, 7)]);
    const before = process.memoryUsage().arrayBuffers;
    let most = 0;
    const watch = setInterval(() => {
      most = Math.max(most, process.memoryUsage().arrayBuffers - before);
    }, 5);
    // The same bytes for all, sent as they lie: what grows is the server’s.
    const post = () =>
      new Promise<number | undefined>((done, fail) => {
        const headers = { 'content-type': 'image/jpeg', 'content-length': String(large.length) };
        const asked = request({ host: '127.0.0.1', port: served.port, path: `/api/builds/${build}/photos`, method: 'POST', headers }, (answer) => {
          answer.resume();
          done(answer.statusCode);
        });
        asked.on('error', fail);
        asked.end(large);
      });
    const all = Promise.all(Array.from({ length: 24 }, post));
    const saves: number[] = [];
    for (let k = 0; k < 10; k++) saves.push((await served.ask('POST', 'builds', blankBuild(`Beside ${k}`))).status);
    const statuses = await all;
    clearInterval(watch);
    expect(new Set(statuses)).toEqual(new Set([400]));
    expect(new Set(saves)).toEqual(new Set([201]));
    // Three pieced together, each once more as a whole; all of them would be half a gigabyte and more.
    expect(most).toBeLessThan(250_000_000);
  }, 60_000);
});
