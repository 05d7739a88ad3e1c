/**
 * What people read, word by word: labels, help, sentences, cautions and sources of every kind, every demo and every sample, the reference and the README.
 * Each of the words below once had several meanings, or none that the trade knows; docs/decisions/0018-words.md says what stands for what instead.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { basename } from 'node:path';
import type { Build, Fields } from '@hobrek/core';
import {
  asMarkdown,
  briefParts,
  evaluateBuild,
  explain,
  fieldTakes,
  figuresByPath,
  formulas,
  kindHeads,
  labelledFigures,
  loadKinds,
  outputsOfLines,
  overGuesses,
  procedureWords,
  remedyFor,
  renamed,
  say,
  sayAll,
  starters,
  startFrom,
  unitHabits,
  verdictWords,
  wordingFor,
} from '@hobrek/core';
import { expect, it } from 'vitest';
import { quaintIn } from '../../../core/test/quaint.js';
import { readBuild } from './read-build.js';

/** No id, path or hyphenated name: `jam-torque`, `main/belt/wrap`, `driven-hub`. */
const hyphenated =
  /\b[a-z]+(-[a-z]+)*\/[a-z-]+\/|\b(jam|driven|driver|torque|highest|belt|slips|lasts|breaks)-[a-z-]*(torque|hub|speed|at|to|pitch|inertia|teeth|length)\b/;

const here = (path: string) => new URL(`../../../../${path}`, import.meta.url);
const read = (path: string) => readFileSync(here(path), 'utf8');
const builds = ['demo', 'packages/contracts/test/samples'].flatMap((folder) =>
  readdirSync(here(folder)).map((name): [string, Build] => {
    const opened = readBuild(JSON.parse(read(`${folder}/${name}`)));
    if (!opened.ok) throw new Error(`${name} does not open`);
    return [basename(name, '.json'), opened.build];
  }),
);
const kinds = await loadKinds();

/** Every text in a value, however deep; functions and the names of things are none. */
function textsIn(value: unknown): string[] {
  if (typeof value === 'string') return [value];
  if (Array.isArray(value)) return value.flatMap(textsIn);
  return typeof value === 'object' && value !== null ? Object.values(value).flatMap(textsIn) : [];
}

const ofFields = (fields: Fields): string[] =>
  Object.values(fields).flatMap((field) => [
    field.label,
    field.help,
    field.measure,
    fieldTakes(field).usual,
    ...('options' in field ? Object.values(field.options) : []),
    ...(field.is === 'table' ? ofFields(field.columns) : []),
  ]);

/** What a build says of itself, in every unit habit. */
function ofBuild(build: Build): string[] {
  const evaluation = evaluateBuild(build, kinds);
  return unitHabits.flatMap((units) => {
    const wording = wordingFor(build, units);
    return [
      sayAll(evaluation.says, wording),
      sayAll(evaluation.jam, wording),
      sayAll(evaluation.notWorkedOut, wording),
      ...evaluation.cautions.map((caution) => say(caution, wording)),
      ...evaluation.checks.flatMap((check) => [say(check.says, wording), check.source]),
      ...labelledFigures(build, evaluation).flatMap(({ label, of, group }) => [label, of, group]),
      ...[...figuresByPath(evaluation).values()].flatMap((figure) => {
        const { says, caution, parts } = explain(build, figure, units);
        return [...says, caution, ...parts.map(({ means }) => means)];
      }),
      remedyFor(build, kinds, evaluation, wording),
      overGuesses(build, kinds, wording)?.says ?? '',
    ];
  });
}

/** What is wrong with a text, if anything. */
const wrongIn = (where: string, text: string): string[] => quaintIn(text, [[hyphenated, 'a label']]).map((wrong) => `${where}: ${wrong}`);

it('every kind, formula and procedure is told in the trade’s words', () => {
  const heads = (['feed', 'source', 'stage', 'work'] as const).flatMap((role) => kindHeads(role));
  const texts = [
    ...heads.flatMap((head) => [
      head.label,
      head.noun,
      head.shaft ?? '',
      ...ofFields(head.fields),
      ...Object.keys(head.groups ?? {}),
      ...textsIn([Object.values(head.figures), Object.values(head.checks), Object.values(head.limits)]),
      ...textsIn((head.parts?.(() => undefined) ?? []).map(({ what }) => what)),
      head.short(() => undefined),
    ]),
    ...textsIn(outputsOfLines),
    ...Object.values(briefParts).flatMap((fields) => ofFields(fields)),
    ...starters.flatMap(({ name, says, brief, tool }) => [name, says, brief, tool]),
    ...Object.values(verdictWords),
    ...textsIn(procedureWords),
    ...[...formulas.values()].flatMap(({ title, source, inputs, where, remark }) => [
      title,
      source,
      where?.says ?? '',
      remark?.says ?? '',
      ...Object.values(inputs).map(({ means }) => means),
    ]),
  ];
  expect(texts.length).toBeGreaterThan(1_000);
  expect(texts.flatMap((text) => wrongIn('core', text))).toEqual([]);
});

it.each([...builds, ...starters.map(({ id }): [string, Build] => [`starter ${id}`, startFrom(id)])])('%s', (name, build) => {
  const texts = ofBuild(build);
  expect(texts.length).toBeGreaterThan(50);
  expect([...new Set(texts)].flatMap((text) => wrongIn(name, text))).toEqual([]);
});

it('on paper there are labels, no ids', () => {
  for (const [name, build] of builds) {
    const text = asMarkdown(build, evaluateBuild(build, kinds)).split('\n');
    expect(text.filter((line) => hyphenated.test(line)).map((line) => `${name}: ${line}`)).toEqual([]);
  }
});

it.each(['docs/reference.md', 'README.md'])('%s', (page) => {
  // What is between backquotes is typed or read by a program; so is where a link goes.
  const lines = read(page)
    .replace(/```[\s\S]*?```|`[^`\n]*`|\]\([^)]*\)/g, '')
    .split('\n');
  expect(lines.flatMap((line, k) => wrongIn(`${page}:${k + 1}`, line))).toEqual([]);
});

it('notices what it is there for', () => {
  expect(wrongIn('x', 'the work asks 5 N·m')).toHaveLength(1);
  expect(wrongIn('x', 'it stands 5 N·m, 27 % left')).toHaveLength(2);
  expect(wrongIn('x', 'see main/belt/wrap')).toHaveLength(1);
  expect(wrongIn('x', 'the standard bearing of a given belt understands nothing')).toEqual([]);
});

it('what was renamed is in the table of its decision, and nothing else', () => {
  const table = read('docs/decisions/0018-words.md').matchAll(/^\| (?:field|figure|check|formula) +\| `([^`]+)` +\| `([^`]+)` +\|$/gm);
  expect(Object.fromEntries([...table].map(([, old, now]) => [old, now]))).toEqual(renamed);
});
