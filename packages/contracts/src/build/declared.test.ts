/** Whatever a kind declares that it puts out is put out by some build, and nothing is put out that was not declared. */
import { readdirSync, readFileSync } from 'node:fs';
import {
  type Build,
  type Element,
  elementsOf,
  enter,
  evaluateBuild,
  type Field,
  kindHead,
  kindHeads,
  loadKinds,
  outputsOfLines,
  placesOf,
  type Role,
  showAs,
  starters,
  startFrom,
  withInput,
} from '@hobrek/core';
import { describe, expect, it } from 'vitest';
import { readBuild } from './read-build.js';

const here = (path: string) => new URL(`../../../../${path}`, import.meta.url);
const builds = ['demo', 'packages/contracts/test/samples']
  .flatMap((folder) => readdirSync(here(folder)).map((name) => JSON.parse(readFileSync(here(`${folder}/${name}`), 'utf8'))))
  .map((raw): Build => {
    const read = readBuild(raw);
    if (!read.ok) throw new Error(JSON.stringify(read.complaints));
    return read.build;
  });

/** A build of lines that hang on no other as so many builds: what is tried in one of them is not worked out of them all. */
function linesApart(build: Build): Build[] {
  const { lines, shafts } = build;
  if (shafts.length > 0 || lines.some(({ source }) => source.from)) return [build];
  return lines.map((line) => ({ ...build, lines: [line] }));
}

const kinds = await loadKinds();

/** Something that fits a field nobody filled: what is usual, or the middle of what it takes on a logarithm. */
function filler(field: Field): string {
  if ('options' in field) return Object.keys(field.options)[0] as string;
  if (field.is !== 'quantity') return 'anything';
  const [low, high] = field.accepts;
  const middle = field.usual?.value ?? (low > 0 ? Math.sqrt(low * high) : high / 100);
  return showAs(field.quantity, middle);
}

/** In so many builds a field of a kind is tried otherwise, the smallest first: of what a kind puts out, what stands beside it decides little. */
const triedIn = 3;
const tried = new Map<string, number>();

/** Whether a field is to be tried in this build: known by its kind, or by its path and the sources where it is no element’s. What shafts say is none of a kind’s own. */
function isTried(build: Build, path: string): boolean {
  const of = build.lines.flatMap(elementsOf).find((each) => path.startsWith(`${each.path}/`));
  // What the wall is decides by what hangs on it.
  const key = of
    ? `${of.role}:${of.element.kind}/${path.slice(of.path.length + 1)}`
    : `${path} ${build.lines.map(({ source }) => source.kind).join()}`;
  const times = tried.get(key) ?? 0;
  tried.set(key, times + 1);
  return times < triedIn;
}

/** The build with one field otherwise: each option of each choice, each entry taken out, each empty field filled. */
function* otherwise(build: Build, isMeant: (path: string) => boolean): Generator<Build> {
  for (const { path, field, input } of placesOf(build)) {
    if (path.startsWith('wishes/') || !isMeant(path)) continue;
    const typed = (text: string) => withInput(build, path, enter(field, text, undefined).input);
    if ('options' in field) for (const option of Object.keys(field.options)) yield typed(option);
    if (input) yield withInput(build, path, undefined);
    else yield typed(filler(field));
  }
}

interface Made {
  readonly figures: Set<string>;
  readonly checks: Set<string>;
  readonly limits: Set<string>;
}

const made = new Map<string, Made>();

function gather(build: Build): void {
  const evaluation = evaluateBuild(build, kinds);
  for (const [k, line] of build.lines.entries()) {
    const walked = evaluation.lines[k];
    for (const { role, path, element } of elementsOf(line)) {
      const of = madeBy(role, element);
      for (const name of walked?.figures.get(path)?.keys() ?? []) of.figures.add(name);
      // What a shaft says is shown with its first stage, and is none of that stage’s own.
      const isOwn = ({ at, id }: { readonly at: string; readonly id: string }) => at === path && id.startsWith(`${path}/`);
      for (const { id } of (walked?.checks ?? []).filter(isOwn)) of.checks.add(id.slice(path.length + '/check-'.length));
      for (const { id } of (walked?.jam.rungs ?? []).filter(isOwn)) of.limits.add(id.slice(path.length + 1));
    }
  }
}

function madeBy(role: Role, { kind }: Element): Made {
  const key = `${role}:${kind}`;
  const known = made.get(key) ?? { figures: new Set(), checks: new Set(), limits: new Set() };
  made.set(key, known);
  return known;
}

const bySize = (all: readonly Build[]) => [...all].sort((one, other) => placesOf(one).length - placesOf(other).length);
const all = [...builds, ...starters.map(({ id }) => startFrom(id))];
for (const build of bySize(all.flatMap(linesApart))) {
  gather(build);
  for (const each of otherwise(build, (path) => isTried(build, path))) gather(each);
}

/** What comes of several entries at once, or of one that is large enough, only: the places of both pulleys, gears of inch sizes, a motor of two voltages. */
const together: readonly (readonly (readonly [field: string, text: string])[])[] = [
  [['starVoltage', '690 V']],
  [
    ['driverAt', '60 mm'],
    ['drivenAt', '62 mm'],
  ],
  [
    ['module', '?'],
    ['pitch', '12'],
  ],
  // A gearmotor's plate typed as a motor's.
  [
    ['frequency', '50 Hz'],
    ['source/speed', '86 rpm'],
  ],
];
for (const build of builds)
  for (const entries of together) {
    const typing = (sofar: Build, { path, field }: Pick<ReturnType<typeof placesOf>[number], 'path' | 'field'>) => {
      const text = entries.find(([name]) => path.endsWith(`/${name}`))?.[1];
      return text === undefined ? sofar : withInput(sofar, path, enter(field, text, undefined).input);
    };
    gather(placesOf(build).reduce(typing, build));
  }

/** What every element of a role has, whatever its kind. */
const ofRole = {
  source: outputsOfLines.sourceOutputs,
  stage: outputsOfLines.stageOutputs,
  work: outputsOfLines.workOutputs,
  feed: { figures: {}, checks: {} },
} as const;

const never = (declared: object | undefined, put: Set<string> | undefined) => Object.keys(declared ?? {}).filter((name) => !put?.has(name));
function missingOf(role: Role, kind: string) {
  const [head, is] = [kindHead(role, kind), made.get(`${role}:${kind}`)];
  return { figures: never(head?.figures, is?.figures), checks: never(head?.checks, is?.checks), limits: never(head?.limits, is?.limits) };
}
const isMissing = ({ role, element }: ReturnType<typeof elementsOf>[number]) =>
  Object.values(missingOf(role, element.kind)).some((names) => names.length > 0);

// What did not come of those tries is looked for in all of a build that has such a kind, until it is put out.
for (const build of bySize(all)) {
  const isWanted = () => build.lines.flatMap(elementsOf).some(isMissing);
  for (const each of isWanted() ? otherwise(build, () => true) : []) {
    gather(each);
    if (!isWanted()) break;
  }
}

describe.each((['feed', 'source', 'stage', 'work'] as const).flatMap((role) => kindHeads(role).map(({ kind }) => [role, kind] as const)))(
  '%s %s',
  (role, kind) => {
    const head = kindHead(role, kind);
    const is = made.get(`${role}:${kind}`);
    const limits = Object.keys(head?.limits ?? {});

    it('puts out every figure, check and limit that it declares', () => {
      expect(missingOf(role, kind)).toEqual({ figures: [], checks: [], limits: [] });
    });

    it('puts out nothing else', () => {
      const declared = (what: 'figures' | 'checks') => new Set([...Object.keys(head?.[what] ?? {}), ...Object.keys(ofRole[role][what])]);
      const beyond = (put: Set<string> | undefined, known: ReadonlySet<string>) => [...(put ?? [])].filter((name) => !known.has(name));
      expect(beyond(is?.figures, declared('figures'))).toEqual([]);
      // In a jam each limit that breaks is a check by its own name.
      expect(beyond(is?.checks, new Set([...declared('checks'), ...limits]))).toEqual([]);
      expect(beyond(is?.limits, new Set(limits))).toEqual([]);
    });

    it('has at most five figures that size it', () => {
      const keys = Object.values({ ...head?.figures, ...ofRole[role].figures }).filter(({ key }) => key);
      expect(keys.length).toBeLessThanOrEqual(5);
    });
  },
);

it('each of what is declared for every line is put out by some line', () => {
  for (const role of ['source', 'stage', 'work'] as const) {
    const all = kindHeads(role).map(({ kind }) => made.get(`${role}:${kind}`));
    for (const name of Object.keys(ofRole[role].figures))
      expect(
        all.some((each) => each?.figures.has(name)),
        name,
      ).toBe(true);
    // Neighbours that do not fit: all of today's kinds turn shafts. Held in core with kinds made for it, ports.test.ts.
    for (const name of Object.keys(ofRole[role].checks).filter((each) => each !== 'fits'))
      expect(
        all.some((each) => each?.checks.has(name)),
        name,
      ).toBe(true);
  }
});
