import { listed } from '../quantity/listed.js';
import type { Build, Line } from './build.js';
import { namesOfElements } from './element-names.js';
import { typeOf } from './field-types/index.js';
import { type Holder, holdersOf } from './holders.js';
import { placesOf } from './paths.js';
import { same } from './same.js';

const whole = { brief: 'Brief', notes: 'Notes' } as const;

/** Paths of what is entered otherwise in one state of a build than in another, of the places that both have. */
export function placesChanged(before: Build, after: Build): string[] {
  const was = new Map(placesOf(before).map((place) => [place.path, place.input]));
  return placesOf(after).flatMap(({ path, input }) => (was.has(path) && !same(was.get(path), input) ? [path] : []));
}

/** What changed from one state of a build to another, in words: `Plate power 0.55 kW → 1/2 hp`. Empty when nothing did. */
export function describeChange(before: Build, after: Build): string[] {
  const words = before.name === after.name ? [] : [`Name ${before.name} → ${after.name}`];
  const [was, is] = [before, after].map((build) => new Map(placesOf(build).map((place) => [place.path, place])));
  for (const path of placesChanged(before, after)) {
    const place = is?.get(path);
    if (place) words.push(...typeOf(place.field).changes(place.field, was?.get(path)?.input, place.input));
  }
  words.push(...shapeChanged(before, after));
  return words.length === 0 && !same(before, after) ? ['Something else changed'] : words;
}

/** What changed besides its name and what is entered: lines, elements, words written beside it. */
export function shapeChanged(before: Build, after: Build): string[] {
  const words = linesChanged(before, after);
  const both = (build: Build, other: Build) => build.lines.filter(({ id }) => other.lines.some((line) => line.id === id));
  const elements = (build: Build) => new Map(both(build, build === before ? after : before).flatMap((line) => [...namesOfElements(line)]));
  const [then, now] = [elements(before), elements(after)];
  const added = [...now].flatMap(([path, name]) => (then.has(path) ? [] : [name]));
  const gone = [...then].flatMap(([path, name]) => (now.has(path) ? [] : [name]));
  if (added.length > 0) words.push(`${listed(added)} added`);
  if (gone.length > 0) words.push(`${listed(gone)} taken out`);
  return [...words, ...heldChanged(before, after), ...writtenChanged(before, after)];
}

/** Of what is kept besides the elements: what only one has, what is called otherwise or is elsewhere. */
function heldChanged(before: Build, after: Build): string[] {
  const heldIn = (build: Build): Held => new Map(holdersOf(build).map((holder) => [holder.path, holder]));
  const [was, is] = [heldIn(before), heldIn(after)];
  const beyond = (all: Held, others: Held) => [...all].flatMap(([path, { called }]) => (others.has(path) ? [] : [called]));
  const [added, gone] = [beyond(is, was), beyond(was, is)];
  const moved = [...is].flatMap(([path, { called, where }]) => {
    const old = was.get(path);
    if (!old) return [];
    const named = old.called === called ? [] : [`${old.called} is now ${called}`];
    return old.where === where ? named : [...named, `${called}: ${old.where || unsaid} → ${where || unsaid}`];
  });
  return [...(added.length > 0 ? [`${listed(added)} added`] : []), ...(gone.length > 0 ? [`${listed(gone)} taken out`] : []), ...moved];
}

type Held = ReadonlyMap<string, Holder>;
const unsaid = 'not known where';

/** The same without its elements: lines, what is kept besides them, and words written beside it. */
export const besidesChanged = (before: Build, after: Build): string[] => [
  ...linesChanged(before, after),
  ...heldChanged(before, after),
  ...writtenChanged(before, after),
];

const writtenChanged = (before: Build, after: Build): string[] =>
  (Object.entries(whole) as [keyof typeof whole, string][]).flatMap(([key, name]) => (same(before[key], after[key]) ? [] : [`${name} changed`]));

function linesChanged({ lines: before }: Build, { lines: after }: Build): string[] {
  const names = (all: readonly Line[], others: readonly Line[]) =>
    all.filter(({ id }) => !others.some((line) => line.id === id)).map(({ name }) => `“${name}”`);
  const [added, gone] = [names(after, before), names(before, after)];
  const renamed = after.flatMap(({ id, name }) => {
    const was = before.find((line) => line.id === id);
    return was && was.name !== name ? [`Line “${was.name}” is now “${name}”`] : [];
  });
  const order = (all: readonly Line[], others: readonly Line[]) => all.filter(({ id }) => others.some((line) => line.id === id)).map(({ id }) => id);
  return [
    ...(added.length > 0 ? [`Line ${listed(added)} added`] : []),
    ...(gone.length > 0 ? [`Line ${listed(gone)} taken out`] : []),
    ...renamed,
    ...(same(order(before, after), order(after, before)) ? [] : ['Lines in another order']),
  ];
}
