import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { licenceComplaints } from './licences.mjs';

interface Locked {
  readonly packages: Readonly<Record<string, { readonly dev?: boolean; readonly version?: string }>>;
}
const { packages } = JSON.parse(readFileSync(new URL('../package-lock.json', import.meta.url), 'utf8')) as Locked;

it('a package for building only that went into a bundle all the same is missed in the notices', () => {
  // Whatever it is: one that the lock file has for development alone, and that the notices do not name.
  const planted = Object.keys(packages).find((path) => path === 'node_modules/fast-check' && packages[path]?.dev);
  expect(planted).toBeDefined();
  expect(licenceComplaints({ bundled: [] })).toEqual([]);
  const complaints = licenceComplaints({ bundled: [planted as string] });
  expect(complaints).toEqual([`fast-check ${packages[planted as string]?.version} is not in THIRD-PARTY-NOTICES.md: run npm run licences`]);
});

it('a package that nobody locked is named', () => {
  expect(licenceComplaints({ bundled: ['node_modules/from-nowhere'] })).toEqual([
    'node_modules/from-nowhere went into a bundle and is not in package-lock.json',
  ]);
});

it('the charts ship with the web application, and so does their notice', () => {
  const charts = packages['node_modules/recharts'];
  expect(charts?.dev).toBeUndefined();
  expect(readFileSync(new URL('../THIRD-PARTY-NOTICES.md', import.meta.url), 'utf8')).toContain(`## recharts ${charts?.version} (MIT)`);
});
