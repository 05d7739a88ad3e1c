import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { alone } from './lock.mjs';
import { cache, root } from './places.mjs';
import { run } from './run.mjs';

const oldest = [20, 19];

export function checkNode(version = process.versions.node) {
  const [major, minor] = version.split('.').map(Number);
  if (major > oldest[0] || (major === oldest[0] && minor >= oldest[1])) return;
  throw new Error(`Hobrek needs Node.js ${oldest.join('.')} or newer; this is ${version}`);
}

/** Installs the packages of the lock file when those that are there are not of this lock file. */
export async function installPackages(say) {
  const wanted = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  const mark = join(root, 'node_modules/.hobrek-installed');
  const there = () => existsSync(mark) && readFileSync(mark, 'utf8') === wanted;
  if (there()) return;
  await alone(join(cache, 'install.lock'), 1_200, async () => {
    if (there()) return;
    say('Installing packages (a minute or two, once) …');
    await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { quiet: true });
    writeFileSync(mark, wanted);
  });
}
