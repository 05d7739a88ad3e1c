import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { keepPort, keptPort, portFrom } from './parts/web-port.mjs';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hobrek-port-'));
});
afterEach(() => rmSync(folder, { recursive: true }));

it.each(['', '0', '-1', '70000', '80.5', '1e3', '0x50', '+80', ' 80', '80 ', '4310\n4311', 'http', '99999', '\0'])('“%s” is no port', (text) => {
  expect(portFrom(text)).toBeNull();
});

it('keeps a port whole, and takes a file that was damaged for none', () => {
  const file = join(folder, 'web-port');
  expect(keptPort(file)).toBeNull();
  keepPort(file, 4310);
  expect([keptPort(file), readFileSync(file, 'utf8'), existsSync(`${file}.new`)]).toEqual([4310, '4310', false]);
  for (const damaged of ['', 'garbage', '70000', '\0\0\0\0']) {
    writeFileSync(file, damaged);
    expect(keptPort(file)).toBeNull();
  }
  keepPort(file, '65535');
  expect(keptPort(file)).toBe(65535);
  // What is no file has no port either.
  rmSync(file);
  mkdirSync(file);
  expect(keptPort(file)).toBeNull();
});
