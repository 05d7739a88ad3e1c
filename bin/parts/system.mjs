import { existsSync, mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { isRoot } from './places.mjs';
import { run } from './run.mjs';

const shelf = '/usr/lib/postgresql';

/** Folders with PostgreSQL's programs, newest version first. */
export function postgresVersions() {
  if (!existsSync(shelf)) return [];
  return readdirSync(shelf)
    .filter((version) => existsSync(join(shelf, version, 'bin/initdb')))
    .sort((a, b) => Number(b) - Number(a))
    .map((version) => ({ version, bin: join(shelf, version, 'bin') }));
}

export async function ensurePostgres(say) {
  if (postgresVersions().length > 0) return;
  await aptInstall(['postgresql'], say);
  if (postgresVersions().length === 0) throw new Error(`PostgreSQL was installed, but no initdb is under ${shelf}`);
}

export const chromium = '/usr/bin/chromium';

export async function ensureChromium(say) {
  if (!existsSync(chromium)) await aptInstall(['chromium', 'fonts-liberation'], say);
}

/**
 * Installs Debian packages as root; otherwise says the one command that does.
 * Debian would start a cluster of its own on installing PostgreSQL: it is told not to, first.
 */
export async function aptInstall(packages, say) {
  const line = `apt-get install --no-install-recommends ${packages.join(' ')}`;
  if (!isRoot) throw new Error(`Missing from this machine: ${packages.join(', ')}. Run this once, then try again:\n\n  sudo ${line}\n`);
  say(`Installing ${packages.join(', ')} …`);
  mkdirSync('/etc/postgresql-common/createcluster.d', { recursive: true });
  writeFileSync('/etc/postgresql-common/createcluster.d/hobrek.conf', 'create_main_cluster = false\n');
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const install = () =>
    run('apt-get', ['install', '--yes', '--no-install-recommends', '-o', 'DPkg::Lock::Timeout=300', ...packages], { env, quiet: true });
  try {
    await install();
  } catch {
    // The package lists may be missing or old.
    await run('apt-get', ['update'], { env, quiet: true });
    await install();
  }
}
