/**
 * A guard against change that nobody meant, and no proof of anything: what is stored here came out of the code itself. Every figure (least, likely, most)
 * and every verdict of each demo and each sample is held against what it was. A figure that changes on purpose is put on the list below with its reason;
 * a change of verdicts on purpose makes the files anew (`HOBREK_GOLDEN=write npx vitest run --project core golden`), its reasons in docs/decisions.
 */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { basename } from 'node:path';
import { type Evaluation, evaluateBuild, figuresByPath, loadKinds } from '@hobrek/core';
import { describe, expect, it } from 'vitest';
import { readBuild } from './read-build.js';

/** Changed on purpose since the files were made: where (a pattern on `file path`), and why. */
const meant: readonly { readonly at: RegExp; readonly why: string }[] = [];

const here = (path: string) => new URL(`../../${path}`, import.meta.url);
const stored = (name: string) => here(`test/golden/${name}.json`);
const filesIn = (folder: string) => readdirSync(here(folder)).map((name) => here(`${folder}/${name}`));

/** Least, likely and most; null where a figure is not known. */
type Row = readonly [number, number, number] | null;
interface Golden {
  readonly figures: Readonly<Record<string, Row>>;
  readonly verdicts: Readonly<Record<string, string>>;
}

function goldenOf(evaluation: Evaluation): Golden {
  const figures = [...figuresByPath(evaluation)].map(([path, figure]): [string, Row] => [
    path,
    figure.known ? [figure.low ?? figure.value, figure.value, figure.high ?? figure.value] : null,
  ]);
  const verdicts = evaluation.checks.map(({ id, verdict }) => [id, verdict] as const);
  const sorted = <T>(rows: readonly (readonly [string, T])[]) =>
    Object.fromEntries([...rows].sort(([a], [b]) => (a < b ? -1 : 1))) as Record<string, T>;
  return { figures: sorted(figures), verdicts: { ...sorted(verdicts), overall: evaluation.verdict } };
}

async function evaluated(file: URL): Promise<Evaluation> {
  const read = readBuild(JSON.parse(readFileSync(file, 'utf8')));
  if (!read.ok) throw new Error(`${file} does not open: ${JSON.stringify(read.complaints)}`);
  return evaluateBuild(read.build, await loadKinds(read.build));
}

/** One line a row, so that a change can be read in a diff. */
function inLines({ figures, verdicts }: Golden): string {
  const block = (rows: object) =>
    `{\n${Object.entries(rows)
      .map(([key, row]) => `    ${JSON.stringify(key)}: ${JSON.stringify(row)}`)
      .join(',\n')}\n  }`;
  return `{\n  "figures": ${block(figures)},\n  "verdicts": ${block(verdicts)}\n}\n`;
}

const alike = (a: Row, b: Row): boolean =>
  a === null || b === null
    ? a === b
    : a.every((value, k) => Math.abs(value - (b[k] as number)) <= 1e-12 * Math.max(Math.abs(value), Math.abs(b[k] as number)));

/** Each place where the two differ, as it was and as it is, but for those that were meant. */
function differences(name: string, was: Golden, is: Golden): string[] {
  const rows = <T>(a: Readonly<Record<string, T>>, b: Readonly<Record<string, T>>, same: (a: T, b: T) => boolean) =>
    [...new Set([...Object.keys(a), ...Object.keys(b)])].flatMap((key) => {
      const [old, now] = [a[key], b[key]];
      if (old !== undefined && now !== undefined && same(old, now)) return [];
      return [`${name} ${key}: was ${JSON.stringify(old)}, is ${JSON.stringify(now)}`];
    });
  return [...rows(was.figures, is.figures, alike), ...rows(was.verdicts, is.verdicts, (a, b) => a === b)].filter(
    (line) => !meant.some(({ at }) => at.test(line)),
  );
}

describe.each([...filesIn('../../demo'), ...filesIn('test/samples')].map((file) => [basename(file.pathname, '.json'), file] as const))(
  '%s',
  (name, file) => {
    it('has the figures and the verdicts that it had', async () => {
      const is = goldenOf(await evaluated(file));
      if (process.env.HOBREK_GOLDEN === 'write') writeFileSync(stored(name), inLines(is));
      const was = JSON.parse(readFileSync(stored(name), 'utf8')) as Golden;
      expect(Object.keys(is.figures).length).toBeGreaterThan(0);
      expect(differences(name, was, is)).toEqual([]);
    });
  },
);

it('notices a figure that moved by a millionth and a verdict that turned', () => {
  const was: Golden = { figures: { 'main/a/torque': [1, 2, 3], 'main/a/gone': null }, verdicts: { overall: 'holds' } };
  const is: Golden = { figures: { 'main/a/torque': [1, 2.000002, 3], 'main/a/new': [1, 1, 1] }, verdicts: { overall: 'close' } };
  expect(differences('x', was, is)).toHaveLength(4);
  expect(differences('x', was, was)).toEqual([]);
});
