import { readFile } from 'node:fs/promises';
import { readBuild } from '@hobrek/contracts';
import type { Build } from '@hobrek/core';
import { Refusal } from '../refusal.js';

/**
 * A build from its file.
 * @throws Refusal naming the file, the place in it and what is wrong there
 */
export async function buildFrom(file: string): Promise<{ build: Build; notices: readonly string[] }> {
  const read = readBuild(parse(await textOf(file), file));
  if (read.ok) return read;
  const [first] = read.complaints;
  const more = read.complaints.length - 1;
  throw new Refusal(`${file}: ${first?.path}: ${first?.says}${more > 0 ? ` (and ${more} more)` : ''}`);
}

/** @throws Refusal naming the file */
export async function textOf(file: string): Promise<string> {
  try {
    return await readFile(file, 'utf8');
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    throw new Refusal(
      `${file}: ${code === 'ENOENT' ? 'there is no such file' : code === 'EISDIR' ? 'is a folder, not a file' : `cannot be read (${code})`}`,
    );
  }
}

function parse(text: string, file: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new Refusal(`${file}: is not whole JSON: ${(error as Error).message}; a build file is an object with format, version and lines`);
  }
}
