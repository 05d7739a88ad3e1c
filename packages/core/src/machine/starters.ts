import type { Role } from '../kinds/kind.js';
import { kindHead, kindHeads } from '../kinds/registry.js';
import type { Starter } from '../kinds/starter.js';
import { blankBuild } from './blank-build.js';
import type { Build, Inputs } from './build.js';
import { enter } from './enter.js';
import { withKind, withoutStage, withStageAdded } from './reshape.js';
import { type Wall, withWall } from './wall.js';

const blank: Starter = {
  id: 'blank',
  name: 'New build',
  says: 'a motor, a V-belt and some work, nothing entered',
  brief: '',
  tool: 'tool shaft',
  stages: [],
  entries: {},
};

/** A starter with the kind of its work, which is the one that offers it. */
const offered = kindHeads('work').flatMap(({ kind, starters: own = [] }) => own.map((starter) => ({ ...starter, work: kind })));

/** Those that are driven by a motor, each with the kind of its work. */
export const motorStarters: readonly { readonly id: string; readonly work: string }[] = offered.filter(({ source }) => source === undefined);

/** Machines to begin from: an empty one, and those that the kinds of work offer. */
export const starters: readonly Starter[] = [blank, ...offered];

/**
 * The build that a starter begins, at the wall of this workshop.
 * @throws RangeError when there is no such starter
 */
export const startFrom = (id: string, wall: Wall = {}): Build => withWall(begun(id), wall);

function begun(id: string): Build {
  const starter = offered.find((each) => each.id === id);
  if (id === blank.id) return blankBuild(blank.name);
  if (!starter) throw new RangeError(`There is no starter ${id}`);
  const { name, brief, tool, source, stages, work, entries } = starter;
  let build = withoutStage({ ...blankBuild(name), brief }, 'main/belt');
  if (source) build = withKind(build, 'main/source', source);
  stages.forEach(([kind, ratio], at) => {
    build = withStageAdded(build, 'main', at, kind, kindHead('stage', kind)?.begins?.(ratio) ?? {});
  });
  build = withKind(build, 'main/work', work);
  return withGuesses(named(build, tool), entries);
}

const named = (build: Build, tool: string): Build => ({
  ...build,
  lines: build.lines.map((line) => ({
    ...line,
    stations: line.stations.map((station, k, all) => (k === all.length - 1 ? { ...station, name: tool } : station)),
  })),
});

function withGuesses(build: Build, entries: Starter['entries']): Build {
  const guess = (role: Role, kind: string, called: string = role): Inputs => {
    const fields = kindHead(role, kind)?.fields ?? {};
    return Object.fromEntries(
      Object.entries(entries).flatMap(([at, text]) => {
        const [element, name = ''] = at.split('/');
        const field = element === called ? fields[name] : undefined;
        const input = field && enter(field, text, undefined).input;
        return input ? [[name, { ...input, how: 'guessed' as const }]] : [];
      }),
    );
  };
  return {
    ...build,
    lines: build.lines.map((line) => ({
      ...line,
      source: { ...line.source, inputs: guess('source', line.source.kind) },
      stages: line.stages.map((stage) => ({ ...stage, inputs: { ...stage.inputs, ...guess('stage', stage.kind, stage.kind) } })),
      work: { ...line.work, inputs: guess('work', line.work.kind) },
    })),
  };
}
