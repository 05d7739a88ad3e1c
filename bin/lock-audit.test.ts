import { expect, it } from 'vitest';
import { lockComplaints } from './lock-audit.mjs';

const safe = 'ignore-scripts=true\n';
const integrity = `sha512-${'A'.repeat(86)}==`;
const complaints = (packages: Record<string, object>, settings = safe) => lockComplaints({ packages }, settings);

it('finds nothing wrong with the packages of this repository', () => {
  expect(lockComplaints()).toEqual([]);
});

it('names what is not one exact package known by its hash', () => {
  expect(complaints({ 'node_modules/a': { version: '1.0.0', integrity } })).toEqual([]);
  expect(complaints({ 'node_modules/a': { version: '1.0.0' } })).toEqual(['node_modules/a is not known by a hash']);
  expect(complaints({ 'node_modules/a': { version: '1.0.0', integrity: 'sha1-abc' } })).toHaveLength(1);
  expect(complaints({ 'node_modules/a': { integrity, resolved: 'git+ssh://somewhere/a.git' } })).toEqual([
    'node_modules/a comes from git+ssh://somewhere/a.git',
  ]);
  expect(complaints({ 'apps/web': { dependencies: { a: '^1.0.0' }, devDependencies: { b: '2.0.0' } } })).toEqual([
    'apps/web asks for a ^1.0.0: say one exact version',
  ]);
  expect(complaints({ 'node_modules/a/node_modules/b': { inBundle: true }, 'node_modules/own': { link: true } })).toEqual([]);
});

it('minds that nothing may run when packages are installed', () => {
  expect(complaints({}, 'save-exact=true\n')).toEqual([expect.stringContaining('ignore-scripts')]);
});
