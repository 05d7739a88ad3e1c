import { existsSync } from 'node:fs';
import { homedir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = resolve(dirname(fileURLToPath(import.meta.url)), '../..');
export const cache = join(root, '.cache');
export const isRoot = process.getuid?.() === 0;

/** Where builds live: outside the checkout, so that deleting it deletes no work. HOBREK_DATA moves it. */
export function dataFolder(env = process.env) {
  if (env.HOBREK_DATA) return resolve(env.HOBREK_DATA);
  if (isRoot) return '/var/lib/hobrek';
  return join(env.XDG_DATA_HOME ?? join(homedir(), '.local/share'), 'hobrek');
}

/** A program of the project's own, installed under node_modules. */
export function tool(name) {
  const path = join(root, 'node_modules/.bin', name);
  if (!existsSync(path)) throw new Error(`${name} is not installed: run npm start or npm test, which install what is missing`);
  return path;
}
