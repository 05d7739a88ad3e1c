import { readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { alone } from './lock.mjs';
import { cache, root, tool } from './places.mjs';
import { run } from './run.mjs';

const core = ['packages/core/src', 'packages/contracts/src', 'packages/papers/src', 'package-lock.json', 'tsconfig.base.json'];

/** Builds what is older than its sources. Two at once build one after the other. */
export async function build(say) {
  await alone(join(cache, 'build.lock'), 600, async () => {
    await compile();
    await bundleCommandLine();
    const web = [...core, 'apps/web/src', 'apps/web/index.html', 'apps/web/vite.config.ts', 'apps/web/chunks.ts', 'apps/web/fonts.ts'];
    if (isOlder('apps/web/dist/.packages.json', web)) {
      say('Building the web application …');
      await run(tool('vite'), ['build', '--logLevel', 'warn'], { cwd: join(root, 'apps/web'), quiet: true });
    }
  });
}

/** The command line alone, for a first `npm run hobrek`. */
export async function buildCommandLine() {
  await alone(join(cache, 'build.lock'), 600, async () => {
    await compile('apps/cli');
    await bundleCommandLine();
  });
}

const compile = (...projects) => run(tool('tsc'), ['-b', ...projects], { quiet: true });

export const commandLine = join(root, 'apps/cli/bundle/hobrek.js');
/** Where it says which packages went into each bundle. */
export const commandLinePackages = join(root, 'apps/cli/bundle/packages.json');
export const webPackages = join(root, 'apps/web/dist/.packages.json');
const commandLineSources = [...core, 'apps/cli/src'];

export const commandLineIsOld = () => isOlder('apps/cli/bundle/hobrek.js', commandLineSources);

/** One file, so that it answers at once instead of looking up hundreds. */
async function bundleCommandLine() {
  if (!commandLineIsOld()) return;
  const { build: esbuild } = await import('esbuild');
  const { metafile } = await esbuild({
    metafile: true,
    entryPoints: [join(root, 'apps/cli/dist/main.js')],
    outfile: commandLine,
    bundle: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    minify: true,
    legalComments: 'none',
    banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  });
  // What went in, for the notices (bin/licences.mjs).
  const packages = Object.keys(metafile.inputs).flatMap((path) => /^.*(node_modules\/(?:@[^/]+\/)?[^/]+)/.exec(path)?.[0] ?? []);
  writeFileSync(commandLinePackages, JSON.stringify([...new Set(packages)].sort(), null, 2));
}

function isOlder(product, sources) {
  const made = statSync(join(root, product), { throwIfNoEntry: false })?.mtimeMs ?? 0;
  return sources.some((source) => newest(join(root, source)) > made);
}

function newest(path) {
  const found = statSync(path, { throwIfNoEntry: false });
  if (!found) return 0;
  if (!found.isDirectory()) return found.mtimeMs;
  return Math.max(found.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))));
}
