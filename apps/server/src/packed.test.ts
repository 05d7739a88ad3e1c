import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, brotliDecompressSync, gunzipSync } from 'node:zlib';
import { blankBuild } from '@hobrek/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Served, serve } from '../test/serve.js';

const web = mkdtempSync(join(tmpdir(), 'hobrek-web-'));
const script = `export const words = '${'packed '.repeat(1_000)}';`;
let served: Served;
beforeAll(async () => {
  mkdirSync(join(web, 'assets'));
  writeFileSync(join(web, 'index.html'), '<!doctype html><title>Hobrek</title>');
  writeFileSync(join(web, 'assets/page-abc.js'), script);
  writeFileSync(join(web, 'assets/page-abc.js.br'), brotliCompressSync(script));
  served = await serve(undefined, { HOBREK_WEB: web });
});
afterAll(async () => {
  await served.stop();
  rmSync(web, { recursive: true, force: true });
});

/** As it comes over the wire: fetch would unpack it. */
const raw = (path: string, accepts: string) =>
  new Promise<{ readonly head: Readonly<Record<string, string | string[] | undefined>>; readonly body: Buffer }>((done, fail) => {
    const asked = request({ host: '127.0.0.1', port: served.port, path, headers: { 'accept-encoding': accepts, accept: '*/*' } }, (answer) => {
      const pieces: Buffer[] = [];
      answer.on('data', (piece: Buffer) => pieces.push(piece));
      answer.on('end', () => done({ head: answer.headers, body: Buffer.concat(pieces) }));
    });
    asked.on('error', fail);
    asked.end();
  });

describe('texts on the wire', () => {
  it('of the bundle are those that were packed with it, for good by their hash; who takes none has them plain', async () => {
    const { head, body } = await raw('/assets/page-abc.js', 'gzip, br');
    expect(head).toMatchObject({ 'content-encoding': 'br', 'content-type': expect.stringContaining('javascript') });
    expect(head['cache-control']).toBe('public, max-age=31536000, immutable');
    expect(head.vary?.toString().toLowerCase()).toContain('accept-encoding');
    expect(brotliDecompressSync(body).toString()).toBe(script);
    expect(body.length).toBeLessThan(script.length / 10);
    const plain = await raw('/assets/page-abc.js', 'identity');
    expect([plain.head['content-encoding'], plain.body.toString()]).toEqual([undefined, script]);
  });

  it('of the interface are packed as they are made, small ones are not', async () => {
    for (let k = 0; k < 12; k++) await served.ask('POST', 'builds', blankBuild(`Build number ${k}`));
    const list = await raw('/api/builds', 'gzip');
    expect(list.head['content-encoding']).toBe('gzip');
    expect(JSON.parse(gunzipSync(list.body).toString())).toHaveLength(12);
    const small = await raw('/api/health', 'gzip');
    expect(small.head['content-encoding']).toBeUndefined();
  });

  it('of the stream of changes are told at once, and not packed', async () => {
    const told = new Promise<string>((done, fail) => {
      const asked = request(
        { host: '127.0.0.1', port: served.port, path: '/api/events', headers: { 'accept-encoding': 'gzip', accept: 'text/event-stream' } },
        (answer) => {
          expect(answer.headers['content-encoding']).toBeUndefined();
          answer.on('data', (piece: Buffer) => {
            if (!piece.toString().includes('data:')) return;
            done(piece.toString());
            asked.destroy();
          });
          served.ask('POST', 'builds', blankBuild('Told of')).catch(fail);
        },
      );
      asked.on('error', fail);
      asked.end();
    });
    expect(await told).toContain('"version":1');
  });
});
