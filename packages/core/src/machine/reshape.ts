import type { KnownBy } from '../kinds/fields.js';
import { heldIn } from '../kinds/is-open.js';
import type { KindHead, Role } from '../kinds/kind.js';
import { kindHead, plainFeed } from '../kinds/registry.js';
import type { Build, Element, Held, Inputs, Line, Source, Stage, Station } from './build.js';
import { enter } from './enter.js';
import { typeOf } from './field-types/index.js';
import { isOpen } from './open.js';
import { elementsOf, withInput } from './paths.js';

/**
 * An element as another kind: what both kinds have by the same name is kept. A place that is opened holds what was in it, and what is chosen for an open place takes
 * up what it held.
 */
function asKind<E extends Element>(role: Role, element: E, kind: string): E {
  const is = kindHead(role, kind);
  if (!is) throw new RangeError(`There is no ${role} of kind ${kind}`);
  if (element.kind === kind) return element;
  const { was, ...now } = element;
  if (isOpen(is)) return { ...now, kind, v: is.v, inputs: {}, was: heldOf(element) } as unknown as E;
  const held = was ? keptInputs(kindHead(role, was.kind), is, was.inputs) : {};
  const seen = seenOf(role, element, kind);
  const inputs = { ...held, ...keptInputs(kindHead(role, element.kind), is, element.inputs) };
  return { ...now, kind, v: is.v, inputs, ...(seen ? { was: seen } : {}) } as unknown as E;
}

/** What was looked at of it, for as long as it is taken for something else. */
function seenOf(role: Role, element: Element, kind: string): Held | undefined {
  if (kindHead(role, element.kind)?.observes) return heldOf(element);
  const { was } = element;
  return was && was.kind !== kind && kindHead(role, was.kind)?.observes ? was : undefined;
}

const heldOf = ({ kind, v, inputs }: Element): Held => ({ kind, v, inputs });

function keptInputs(was: KindHead | undefined, is: KindHead, inputs: Inputs): Inputs {
  const kept = Object.entries(inputs).filter(([name, input]) => {
    const to = is.fields[name];
    return to !== undefined && typeOf(to).fits(to, was?.fields[name], input);
  });
  return Object.fromEntries(kept);
}

/**
 * The line with what its settings change of an element that is of another kind now: what both kinds have by the same name. While a place is open they keep it all.
 * @param before the element as it was
 */
function withSettingsFor(line: Line, id: string, role: Role, before: Element, kind: string): Line {
  const [was, is] = [kindHead(role, heldIn(before).kind), kindHead(role, kind)];
  if (!line.settings || !is || isOpen(is)) return line;
  const settings = line.settings.map((setting) => {
    const kept = Object.entries(setting.inputs).filter(([at, input]) => {
      const [element, name = ''] = at.split('/');
      const to = is.fields[name];
      return element !== id || (to !== undefined && typeOf(to).fits(to, was?.fields[name], input));
    });
    return { ...setting, inputs: Object.fromEntries(kept) };
  });
  return { ...line, settings };
}

const inLine = (build: Build, id: string, change: (line: Line) => Line): Build => {
  if (!build.lines.some((line) => line.id === id)) throw new RangeError(`The build has no line ${id}`);
  return { ...build, lines: build.lines.map((line) => (line.id === id ? change(line) : line)) };
};

/** A source with the feed that its kind has, unless something is entered in the one that is there; what both feeds have is kept. */
function fedAs(before: Line['source'], source: Line['source']): Line['source'] {
  const was: Element = before.feed ?? { kind: plainFeed.kind, v: plainFeed.v, inputs: {} };
  const [old, now] = [feedOf(before.kind), feedOf(source.kind)];
  if (old === now || was.kind !== old || Object.keys(was.inputs).length > 0) return source;
  return { ...source, feed: asKind('feed', was, now) };
}

const feedOf = (kind: string): string => kindHead('source', kind)?.fedBy ?? plainFeed.kind;

/**
 * The build with one element as another kind; its id, its place and the entries that both kinds take stay.
 * @throws RangeError when there is no such element or kind
 */
export function withKind(build: Build, path: string, kind: string): Build {
  const [lineId, id] = path.split('/') as [string, string];
  return inLine(build, lineId, (line) => {
    const placed = elementsOf(line).find((each) => each.path === path);
    if (!placed) throw new RangeError(`The build has no element at ${path}`);
    const { role, element } = placed;
    const set = withSettingsFor(line, id, role, element, kind);
    if (role === 'source') return { ...set, source: fedAs(line.source, asKind(role, line.source, kind)) };
    if (role === 'work') return { ...set, work: asKind(role, line.work, kind) };
    if (role === 'feed') return { ...set, source: { ...line.source, feed: asKind(role, element, kind) } };
    return { ...set, stages: line.stages.map((stage) => (stage.id === id ? asKind(role, stage, kind) : stage)) };
  });
}

/**
 * The build with another source in the place of that of a line, as it is in another build: its entries, what feeds it, what was looked at of it.
 * @throws RangeError when there is no such line or kind
 */
export function withSource(build: Build, lineId: string, source: Source): Build {
  return inLine(withKind(build, `${lineId}/source`, source.kind), lineId, ({ source: now, ...line }) => ({
    ...line,
    source: {
      kind: now.kind,
      v: source.v,
      inputs: source.inputs,
      ...(source.was ? { was: source.was } : {}),
      ...(source.feed ? { feed: source.feed } : {}),
    },
  }));
}

/** The build with what was entered in an element before, in those of its fields where nothing is entered now. */
export function withEntriesOf(build: Build, path: string, before: Inputs): Build {
  const placed = build.lines.flatMap(elementsOf).find((each) => each.path === path);
  const head = placed && kindHead(placed.role, placed.element.kind);
  if (!head) return build;
  const { inputs } = placed.element;
  return Object.entries(keptInputs(head, head, before)).reduce(
    (changed, [name, input]) => (inputs[name] ? changed : withInput(changed, `${path}/${name}`, input)),
    build,
  );
}

/** An id that nothing in the line has, from a word: `chain`, `chain-2` … */
export function freeId(word: string, taken: readonly string[]): string {
  if (!taken.includes(word)) return word;
  let n = 2;
  while (taken.includes(`${word}-${n}`)) n++;
  return `${word}-${n}`;
}

/** Entries of a kind as they would be typed; what does not read is left out. */
export function typedInputs({ fields }: Pick<KindHead, 'fields'>, typed: Readonly<Record<string, string>>, how: KnownBy): Inputs {
  const entries = Object.entries(typed).flatMap(([name, text]) => {
    const field = fields[name];
    const input = field && enter(field, text, undefined).input;
    return input ? [[name, { ...input, how }] as const] : [];
  });
  return Object.fromEntries(entries);
}

/**
 * The build with a stage put in before stage `at` (or at the end), and the shaft behind it; empty, or with what it begins with: guesses until the person says
 * otherwise, unless it is known how they came about.
 * @throws RangeError when there is no such line or kind
 */
export function withStageAdded(
  build: Build,
  lineId: string,
  at: number,
  kind: string,
  begins: Readonly<Record<string, string>> = {},
  how: KnownBy = 'guessed',
): Build {
  const head = kindHead('stage', kind);
  if (!head) throw new RangeError(`There is no stage of kind ${kind}`);
  return inLine(build, lineId, (line) => {
    const ids = ['source', 'work', 'feed', ...line.stages.map((stage) => stage.id)];
    const stage: Stage = { id: freeId(kind, ids), kind, v: head.v, inputs: typedInputs(head, begins, how) };
    const shaft = freeId(
      'layshaft',
      line.stations.map((station) => station.id),
    );
    // At the end it goes in before the tool's shaft, which stays the last; where that was the only one, the new one is the source's.
    const where = Math.min(at + 1, line.stations.length - 1);
    const station: Station = {
      id: shaft,
      name: where === 0 ? (kindHead('source', line.source.kind)?.shaft ?? 'first shaft') : shaft.replace('-', ' '),
    };
    return { ...line, stages: line.stages.toSpliced(at, 0, stage), stations: line.stations.toSpliced(where, 0, station) };
  });
}

/** The build with a second stage like one of its own, right behind it. */
export function withStageDoubled(build: Build, path: string): Build {
  const [lineId, id] = path.split('/') as [string, string];
  const line = build.lines.find((each) => each.id === lineId);
  const k = line?.stages.findIndex((stage) => stage.id === id) ?? -1;
  const like = line?.stages[k];
  if (!like) throw new RangeError(`The build has no stage at ${path}`);
  return inLine(withStageAdded(build, lineId, k + 1, like.kind), lineId, (grown) => ({
    ...grown,
    stages: grown.stages.map((stage, n) => (n === k + 1 ? { ...stage, v: like.v, inputs: like.inputs } : stage)),
  }));
}

/** The build with a stage at another place of its line; the shafts stay where they are. */
export function withStageAt(build: Build, path: string, to: number): Build {
  const [lineId, id] = path.split('/') as [string, string];
  return inLine(build, lineId, (line) => {
    const k = line.stages.findIndex((stage) => stage.id === id);
    const stage = line.stages[k];
    if (!stage) throw new RangeError(`The build has no stage at ${path}`);
    if (k === to || to < 0 || to >= line.stages.length) return line;
    return { ...line, stages: line.stages.toSpliced(k, 1).toSpliced(to, 0, stage) };
  });
}

/** The build without a stage: the two shafts beside it become one, which keeps the name of the motor's or the tool's where it is that. */
export function withoutStage(build: Build, path: string): Build {
  const [lineId, id] = path.split('/') as [string, string];
  return inLine(build, lineId, (line) => {
    const k = line.stages.findIndex((stage) => stage.id === id);
    if (k < 0) throw new RangeError(`The build has no stage at ${path}`);
    const gone = k + 1 === line.stations.length - 1 ? k : k + 1;
    const settings = line.settings?.map((setting) => ({ ...setting, inputs: withoutElement(setting.inputs, id) }));
    return { ...line, stages: line.stages.toSpliced(k, 1), stations: line.stations.toSpliced(gone, 1), ...(settings ? { settings } : {}) };
  });
}

/** The build with a stage one place nearer to the source or to the work; the shafts stay where they are. At the end of the line it stays. */
export function withStageMoved(build: Build, path: string, by: 1 | -1): Build {
  const [lineId, id] = path.split('/') as [string, string];
  const k = build.lines.find((line) => line.id === lineId)?.stages.findIndex((stage) => stage.id === id) ?? -1;
  return withStageAt(build, path, k + by);
}

/** What a setting changes, less what was of an element that is gone. */
const withoutElement = (inputs: Inputs, id: string): Inputs => Object.fromEntries(Object.entries(inputs).filter(([at]) => !at.startsWith(`${id}/`)));
