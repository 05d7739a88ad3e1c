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
    await bundleServer();
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
export const serverFile = join(root, 'apps/server/bundle/main.js');
/** Where each says which packages went into its bundle. Written last: while it is missing or old, so is the bundle. */
export const commandLinePackages = join(root, 'apps/cli/bundle/packages.json');
export const serverPackages = join(root, 'apps/server/bundle/packages.json');
export const webPackages = join(root, 'apps/web/dist/.packages.json');

export const commandLineIsOld = () => isOlder('apps/cli/bundle/packages.json', [...core, 'apps/cli/src']);

async function bundleCommandLine() {
  if (commandLineIsOld()) await bundle(join(root, 'apps/cli/dist/main.js'), commandLine, commandLinePackages, { minify: true });
}

/** Looked for by NestJS and PostgreSQL’s client, and not installed. */
const notInstalled = [
  '@nestjs/microservices',
  '@nestjs/microservices/*',
  '@nestjs/websockets',
  '@nestjs/websockets/*',
  'class-transformer/storage',
  'pg-native',
];

/** With line breaks and names as they were written, for what is said when it breaks. Pictures are made by a library of the machine’s own. */
async function bundleServer() {
  if (isOlder('apps/server/bundle/packages.json', [...core, 'apps/server/src']))
    await bundle(join(root, 'apps/server/dist/main.js'), serverFile, serverPackages, { keepNames: true, external: ['sharp', ...notInstalled] });
}

/** One file, so that it answers at once instead of looking up hundreds. */
async function bundle(from, to, packagesIn, settings) {
  const { build: esbuild } = await import('esbuild');
  const { metafile } = await esbuild({
    metafile: true,
    entryPoints: [from],
    outfile: to,
    bundle: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    legalComments: 'none',
    // What packages of the older kind expect to have.
    banner: {
      js: [
        "import { createRequire as ofBundleRequireFrom } from 'node:module';",
        "import { dirname as ofBundleFolder } from 'node:path';",
        "import { fileURLToPath as ofBundlePath } from 'node:url';",
        'const require = ofBundleRequireFrom(import.meta.url);',
        'const __filename = ofBundlePath(import.meta.url);',
        'const __dirname = ofBundleFolder(__filename);',
      ].join(' '),
    },
    ...settings,
  });
  // What went in, for the notices (bin/licences.mjs).
  const packages = Object.keys(metafile.inputs).flatMap((path) => /^.*(node_modules\/(?:@[^/]+\/)?[^/]+)/.exec(path)?.[0] ?? []);
  writeFileSync(packagesIn, JSON.stringify([...new Set(packages)].sort(), null, 2));
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
