// The licences of what is shipped: everything an application depends on when it runs, and everything that went into a bundle. `--write` makes the notice file anew.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { commandLinePackages, serverPackages, webPackages } from './parts/build.mjs';
import { root } from './parts/places.mjs';

const allowed = new Set(['MIT', 'ISC', 'Apache-2.0', 'BSD-2-Clause', 'BSD-3-Clause', '0BSD', 'OFL-1.1', 'BlueOak-1.0.0', 'Zlib', 'Bitstream-Vera']);
const notice = join(root, 'THIRD-PARTY-NOTICES.md');

/** Packages whose statement is not one a machine reads, by what their licence file was read to be. */
const read = {
  'png-js': 'MIT',
  // Bitstream Vera and Arev licences: free to use, embed and pass on; the fonts may not be sold by themselves.
  'dejavu-fonts-ttf': 'Bitstream-Vera',
};

/** Packages that went into the web application, the command line and the server, by their own lists. @throws Error while these are not built */
function bundledPackages() {
  return [webPackages, commandLinePackages, serverPackages].flatMap((list) => {
    if (!existsSync(list)) throw new Error(`${list.slice(root.length + 1)} is not there: run npm test or npm start, which build what is bundled`);
    return JSON.parse(readFileSync(list, 'utf8'));
  });
}

/** Packages of the lock file that are not only for building or testing, and those that went into a bundle, whatever the lock file says of them. */
function shipped(bundled) {
  const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
  const inBundle = new Set(bundled);
  return Object.entries(packages)
    .filter(
      ([path, { dev, devOptional, optional, link }]) =>
        path.includes('node_modules/') && !link && (inBundle.has(path) || (!dev && !devOptional && !optional)),
    )
    .map(([path, { version, license }]) => ({
      path,
      name: path.replace(/^.*node_modules\//, ''),
      version,
      license: read[path.replace(/^.*node_modules\//, '')] ?? license ?? olderStatement(path),
    }))
    .sort((a, b) => (`${a.name}@${a.version}` < `${b.name}@${b.version}` ? -1 : 1));
}

/** Before npm settled on `license`, packages stated `licenses: [{ type }]`. */
function olderStatement(path) {
  const file = join(root, path, 'package.json');
  const stated = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')).licenses : undefined;
  return stated?.map(({ type }) => type).join(' OR ') || 'not stated';
}

/** `(MIT OR GPL-3.0)` is fine when one of them is. */
const isAllowed = (license) =>
  license
    .replace(/[()]/g, '')
    .split(' OR ')
    .some((each) => each.split(' AND ').every((one) => allowed.has(one)));

function text({ path, name, version, license }) {
  const folder = join(root, path);
  const file = existsSync(folder) ? readdirSync(folder).find((each) => /^(licen[cs]e|copying)(\.|$)/i.test(each)) : undefined;
  const words = file ? readFileSync(join(folder, file), 'utf8').replace(/\r/g, '').trim() : 'No licence file is in the package.';
  return `## ${name} ${version} (${license})\n\n~~~\n${words}\n~~~\n`;
}

/** What a package brings for the machine it is on: another one on each, so not listed one by one. */
const native = `## libvips, through sharp (LGPL-3.0-or-later)

Pictures are read and drawn by sharp with the library libvips, which comes in the package \`@img/sharp-libvips-…\` of each system: a library of its own that can be
replaced. What is in it, and under which licence, stands in the README of that package.
`;

/** @returns what is wrong, in words; nothing when all is well */
export function licenceComplaints({ write = false, bundled = bundledPackages() } = {}) {
  const packages = shipped(bundled);
  const unknown = bundled
    .filter((path) => !packages.some((each) => each.path === path))
    .map((path) => `${path} went into a bundle and is not in package-lock.json`);
  const odd = packages
    .filter(({ license }) => !isAllowed(license))
    .map(({ name, version, license }) => `${name} ${version} has the licence “${license}”, which is not on the list in bin/licences.mjs`);
  const wanted = `# What Hobrek ships that others wrote\n\nMade by \`npm run licences\` from package-lock.json and the lists of what went into the bundles.\n\n${native}\n${packages.map(text).join('\n')}`;
  if (write) writeFileSync(notice, wanted);
  const listed = existsSync(notice) ? readFileSync(notice, 'utf8') : '';
  const missing = packages
    .filter(({ name, version, license }) => !listed.includes(`## ${name} ${version} (${license})\n`))
    .map(({ name, version }) => `${name} ${version} is not in THIRD-PARTY-NOTICES.md: run npm run licences`);
  return [...unknown, ...odd, ...missing];
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const complaints = licenceComplaints({ write: process.argv.includes('--write') });
  process.stdout.write(complaints.length === 0 ? 'Licences are in order\n' : `${complaints.join('\n')}\n`);
  process.exitCode = complaints.length === 0 ? 0 : 1;
}
