import { extent, type Sketch } from '../drawing/sketch.js';
import type { Field } from '../kinds/fields.js';
import { kindHead, kindHeads } from '../kinds/registry.js';
import type { Sized, Sizing, SizingField } from '../kinds/sizing.js';
import { blankBuild } from './blank-build.js';
import type { Build, Input } from './build.js';
import { enter } from './enter.js';
import { typeOf } from './field-types/index.js';
import { mainLine } from './lines.js';
import { openKind } from './open.js';
import { placesOf, withInput } from './paths.js';
import { withKind } from './reshape.js';
import { type Wall, withWall } from './wall.js';

/** A machine on the wall: a kind of work with what it is sized by. */
export interface SizedKind {
  readonly kind: string;
  readonly sizing: Sizing;
}

/** Every machine that can be sized, in the order of the registry. */
export const sizedKinds: readonly SizedKind[] = kindHeads('work').flatMap(({ kind, sizing }) => (sizing ? [{ kind, sizing }] : []));

/** Those whose name, words or label hold every word that is looked for; all of them for none. */
export function findSized(find: string): readonly SizedKind[] {
  const words = find.toLowerCase().split(/\s+/).filter(Boolean);
  return sizedKinds.filter(({ kind, sizing }) => {
    const said = [sizing.name, ...sizing.words, kindHead('work', kind)?.label ?? ''].join(' ').toLowerCase();
    return words.every((word) => said.includes(word));
  });
}

/** What a build of this kind is called until somebody names it. */
export const nameOfSized = (kind: string): string => sizedKinds.find((each) => each.kind === kind)?.sizing.name ?? 'New build';

/**
 * A build with nothing but its kind of work, at the wall of this workshop: what drives it is open.
 * @throws RangeError when there is no such kind of work
 */
export function beginSizing(kind: string, wall: Wall = {}): Build {
  return withWall(withToolOf(withKind(opened(nameOfSized(kind)), 'main/work', kind)), wall);
}

/** A build with nothing but a motor, at the wall of this workshop: what it drives is open. */
export const beginWithMotor = (wall: Wall = {}): Build => withWall(withKind(opened('New build'), 'main/source', 'plate-motor'), wall);

const opened = (name: string): Build => {
  const build = withKind(withKind(blankBuild(name), 'main/source', openKind), 'main/belt', openKind);
  // Nothing was in these places: there is nothing to take up again.
  return {
    ...build,
    lines: build.lines.map((line) => ({
      ...line,
      source: without(line.source),
      stages: line.stages.map((stage) => ({ ...without(stage), id: 'drive' })),
    })),
  };
};

const without = <E extends { readonly was?: unknown }>({ was: _was, ...element }: E) => element as E;

/** Another kind of work in a build that is being sized: name and shaft follow while nobody has named them. */
export function withSizedKind(build: Build, kind: string): Build {
  const line = mainLine(build);
  if (!line) return build;
  const isNamed = build.name !== nameOfSized(line.work.kind);
  const changed = withToolOf(withKind(build, `${line.id}/work`, kind));
  return isNamed ? changed : { ...changed, name: nameOfSized(kind) };
}

/** The tool’s shaft is called as its kind calls it. */
const withToolOf = (build: Build): Build => ({
  ...build,
  lines: build.lines.map((line) => {
    const tool = kindHead('work', line.work.kind)?.sizing?.tool ?? 'tool shaft';
    return { ...line, stations: line.stations.map((station, k, all) => (k === all.length - 1 ? { ...station, name: tool } : station)) };
  }),
});

/** One of the few fields of a build that is being sized. */
export interface SizingPlace extends SizingField {
  readonly path: string;
  readonly field: Field;
  readonly input: Input | undefined;
  /** What is taken while nothing is entered. */
  readonly taken: Input | undefined;
  /** Usual range, in the house unit; null where there is none. */
  readonly range: readonly [number, number] | null;
}

/** The few fields by which a build is sized, with what is entered and what is taken; none where its kind of work has none. */
export function sizingPlaces(build: Build): readonly SizingPlace[] {
  const line = mainLine(build);
  const sizing = line && kindHead('work', line.work.kind)?.sizing;
  if (!line || !sizing) return [];
  const places = placesOf(build);
  return sizing.fields.flatMap((each): SizingPlace[] => {
    const path = each.at.startsWith('work/') ? `${line.id}/${each.at}` : each.at;
    const place = places.find((one) => one.path === path);
    if (!place) return [];
    const { field, input } = place;
    const [from, to] = [each.from, each.to].map((text) => (text === undefined ? undefined : usually(field, text)?.value));
    return [
      {
        ...each,
        path,
        field,
        input,
        taken: each.usual === undefined ? undefined : usually(field, each.usual),
        range: from === undefined || to === undefined ? null : [from, to],
      },
    ];
  });
}

/** Nobody typed it: it is what is usual. */
function usually(field: Field, text: string): Input | undefined {
  const { input } = enter(field, text, undefined);
  return input && { ...input, how: 'default' };
}

const isEntered = ({ field, input }: Pick<SizingPlace, 'field' | 'input'>): boolean => typeOf(field).isEntered(input);

/** The build with what is usual in every one of the few fields that is not entered: to be worked out, and not to be kept. */
export const withUsual = (build: Build): Build =>
  sizingPlaces(build).reduce((now, place) => (isEntered(place) || !place.taken ? now : withInput(now, place.path, place.taken)), build);

/** What is worked out while a build is sized: what is usual in the few fields, and what drives it open, whatever there is. */
export function sizedBuild(build: Build): Build {
  const known = sized.get(build);
  if (known) return known;
  const now = build.lines.reduce((each, { id }) => withKind(each, `${id}/source`, openKind), withUsual(build));
  sized.set(build, now);
  return now;
}

/** A build never changes: it is filled once. */
const sized = new WeakMap<Build, Build>();

/** The same as guesses, to be kept: somebody has seen them and goes on with them. */
export const withUsualGuessed = (build: Build): Build =>
  sizingPlaces(build).reduce(
    (now, place) => (isEntered(place) || !place.taken ? now : withInput(now, place.path, { ...place.taken, how: 'guessed' })),
    build,
  );

/** The machine as it is drawn from what is entered or usual; null where its kind of work has no drawing. */
export function sketchOf(build: Build): Sketch | null {
  const line = mainLine(build);
  const sizing = line && kindHead('work', line.work.kind)?.sizing;
  return sizing ? drawnFrom(sizing, Object.fromEntries(sizingPlaces(build).flatMap(sizeOf))) : null;
}

const sizeOf = (place: SizingPlace): (readonly [string, number])[] => {
  const value = isEntered(place) ? place.input?.value : place.taken?.value;
  return value === undefined ? [] : [[place.letter, value]];
};

/** Usual sizes for what is entered so far out that nothing could be seen. */
function drawnFrom(sizing: Sizing, sized: Sized): Sketch {
  const sketch = sizing.drawn(sized);
  const { left, right, bottom, top } = extent(sketch);
  return [left, right, bottom, top].every(Number.isFinite) ? sketch : sizing.drawn({});
}
