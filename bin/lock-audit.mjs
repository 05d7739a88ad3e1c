// What can be said of the dependencies without a network: each is one exact package known by its hash, and none runs anything when it is installed.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './parts/places.mjs';

const json = (path) => JSON.parse(readFileSync(join(root, path), 'utf8'));

/** @returns what is wrong, in words; nothing when all is well */
export function lockComplaints(lock = json('package-lock.json'), settings = readFileSync(join(root, '.npmrc'), 'utf8')) {
  const found = [];
  if (!/^ignore-scripts=true$/m.test(settings))
    found.push('.npmrc no longer says ignore-scripts=true: packages could run programs when they are installed');
  for (const [path, entry] of Object.entries(lock.packages)) {
    const own = !path.includes('node_modules/');
    for (const [name, range] of own ? Object.entries({ ...entry.dependencies, ...entry.devDependencies }) : []) {
      if (!/^\d+\.\d+\.\d+(-[\w.]+)?$/.test(range)) found.push(`${path || 'package.json'} asks for ${name} ${range}: say one exact version`);
    }
    // What comes inside another package is covered by that one's hash.
    if (own || entry.link || entry.inBundle) continue;
    if (!/^sha512-[A-Za-z0-9+/]{86}==$/.test(entry.integrity ?? '')) found.push(`${path} is not known by a hash`);
    if (entry.resolved !== undefined && !entry.resolved.startsWith('https://')) found.push(`${path} comes from ${entry.resolved}`);
  }
  return found;
}
