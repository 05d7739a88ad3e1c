import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { problems } from '@hobrek/contracts';
import { HttpException } from '@nestjs/common';
import { expect, it } from 'vitest';
import { repository } from '../../test/serve.js';
import { configFrom } from './config.js';
import { ProblemError } from './problem-error.js';
import { isDatabaseAway, problemFrom } from './problem-filter.js';

it.each([
  [{ HOBREK_PORT: 'http', DATABASE_URL: 'x' }, /HOBREK_PORT is “http”/],
  [{ HOBREK_PORT: '70000', DATABASE_URL: 'x' }, /1 to 65535/],
  [{ HOBREK_PORT: '80.5', DATABASE_URL: 'x' }, /HOBREK_PORT/],
  [{ HOBREK_PORT: '1e3', DATABASE_URL: 'x' }, /HOBREK_PORT/],
  [{ HOBREK_PORT: '0', DATABASE_URL: 'x' }, /HOBREK_PORT/],
  [{}, /DATABASE_URL is not set/],
])('refuses the settings %j, naming the one that is wrong', (env, words) => {
  expect(() => configFrom(env)).toThrow(words);
});

const withCode = (code: string) => Object.assign(new Error('x'), { code });

it.each(['ECONNREFUSED', 'ECONNRESET', '57P01', '08006', '53300', '57014'])(
  '%s, anywhere down the causes, means that the database is away',
  (code) => {
    expect(isDatabaseAway(new Error('Failed query', { cause: withCode(code) }))).toBe(true);
  },
);

it.each([withCode('23505'), new Error('x'), undefined, null, 'text'])('%s does not', (thrown) => {
  expect(isDatabaseAway(thrown)).toBe(false);
});

it.each([
  [new ProblemError('version-stale', 'd'), 'version-stale'],
  [Object.assign(new Error(), { type: 'entity.too.large', status: 413 }), 'too-large'],
  [Object.assign(new Error(), { type: 'request.aborted', status: 400 }), 'bad-json'],
  [new HttpException('x', 404), 'not-found'],
  [new HttpException('x', 400), 'bad-json'],
  [new Error('Connection terminated unexpectedly'), 'database-down'],
  [new TypeError('a bug'), 'fault'],
])('%s is answered as %s', (thrown, code) => {
  expect(problemFrom(thrown).code).toBe(code);
});

it.each([
  [withCode('ECONNREFUSED'), /^Nothing was changed/],
  [withCode('57014'), /^Nothing was changed/],
  [new Error('Failed query', { cause: new Error('timeout exceeded when trying to connect') }), /^Nothing was changed/],
  [new Error('Failed query', { cause: new Error('Connection terminated unexpectedly') }), /kept whole, or not at all/],
  [new Error('Query read timeout'), /kept whole, or not at all/],
  [withCode('ECONNRESET'), /kept whole, or not at all/],
])('%s says of what was sent only what is known', (thrown, words) => {
  expect(problemFrom(thrown).message).toMatch(words);
});

it('tells nothing of the inside of a fault', () => {
  expect(JSON.stringify(problemFrom(new Error('password=secret')))).not.toContain('secret');
});

it('every refusal on the list is one that the server can give', () => {
  const folder = join(repository, 'apps/server/src');
  const sources = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'));
  const text = sources.map((name) => readFileSync(join(folder, name), 'utf8')).join('');
  for (const code of Object.keys(problems)) expect(text).toContain(`ProblemError('${code}'`);
});
