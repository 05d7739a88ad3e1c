import { joined } from '../joined.js';
import type { Field, Fields } from '../kinds/fields.js';
import type { Role } from '../kinds/kind.js';
import { kindHead, plainFeed } from '../kinds/registry.js';
import { briefParts, isBriefPart } from './brief-fields.js';
import type { Build, Element, Inputs, Line, QuantityInput } from './build.js';

/** One field of one element or of the brief: its path, what it takes, what is in it. */
export interface Place {
  readonly path: string;
  readonly field: Field;
  readonly input: QuantityInput | undefined;
}

interface Placed {
  readonly role: Role;
  readonly path: string;
  readonly element: Element;
}

/** What feeds a source that says nothing of it. */
const plainMains: Element = { kind: plainFeed.kind, v: plainFeed.v, inputs: {} };

/** The elements of a line in order from what feeds it to the work, each with its path: `main/feed`, `main/source`, `main/belt`, `main/work`. */
export function elementsOf(line: Line): readonly Placed[] {
  const known = inOrder.get(line);
  if (known) return known;
  const all: readonly Placed[] = [
    { role: 'feed', path: `${line.id}/feed`, element: line.source.feed ?? plainMains },
    { role: 'source', path: `${line.id}/source`, element: line.source },
    ...line.stages.map((stage): Placed => ({ role: 'stage', path: `${line.id}/${stage.id}`, element: stage })),
    { role: 'work', path: `${line.id}/work`, element: line.work },
  ];
  inOrder.set(line, all);
  return all;
}

/** A line never changes: its elements are put in order once. */
const inOrder = new WeakMap<Line, readonly Placed[]>();

/** Every field of a build, entered or not. */
export function placesOf(build: Build): readonly Place[] {
  const known = placed.get(build);
  if (known) return known;
  const all = findPlaces(build);
  placed.set(build, all);
  return all;
}

/** A build never changes: its places are found once. */
const placed = new WeakMap<Build, readonly Place[]>();

function findPlaces(build: Build): Place[] {
  return [
    ...joined(joined(build.lines, elementsOf), ({ role, path, element }) =>
      placesIn(path, kindHead(role, element.kind)?.fields ?? noFields, element.inputs),
    ),
    ...placesIn('supply', briefParts.supply, build.supply as Inputs),
    ...placesIn('wishes', briefParts.wishes, build.wishes ?? noInputs),
  ];
}

const noFields: Fields = {};
const noInputs: Inputs = {};

/** Of what nobody touched, the same as before: a key changes one element. */
function placesIn(path: string, fields: Fields, inputs: Inputs): readonly Place[] {
  const known = places.get(inputs);
  if (known?.path === path && known.fields === fields) return known.all;
  const all = Object.entries(fields).map(([name, field]) => ({ path: `${path}/${name}`, field, input: inputs[name] }));
  places.set(inputs, { path, fields, all });
  return all;
}

const places = new WeakMap<Inputs, { readonly path: string; readonly fields: Fields; readonly all: readonly Place[] }>();

/** Whether a field makes sense with what is chosen in its element. */
export const applies = ({ when }: Field, inputs: Inputs): boolean => !when || when.is.includes(inputs[when.field]?.text ?? '');

/** What a field is called in a sentence, in lower case: `plate power`; a place that is open by what is missing there: `motor`. An unknown path is called by itself. */
export function fieldLabel(build: Build, path: string): string {
  const field = placesOf(build).find((place) => place.path === path)?.field;
  if (field) return field.label.toLowerCase();
  const placed = joined(build.lines, elementsOf).find((each) => each.path === path);
  return (placed && kindHead(placed.role, placed.element.kind)?.noun) ?? path;
}

function withEntry(inputs: Inputs, name: string, input: QuantityInput | undefined): Inputs {
  const { [name]: _old, ...others } = inputs;
  return input === undefined ? others : { ...others, [name]: input };
}

/**
 * The build with one field changed; `undefined` takes the entry out. Everything not on the way to the field stays the same object.
 * @throws RangeError when the build has no such element
 */
export function withInput(build: Build, path: string, input: QuantityInput | undefined): Build {
  const [lineId, elementId, name] = path.split('/') as [string, string, string | undefined];
  if (name === undefined && isBriefPart(lineId)) return { ...build, [lineId]: withEntry((build[lineId] ?? {}) as Inputs, elementId, input) };
  let found = false;
  const change = <E extends Element>(element: E, id: string): E => {
    if (id !== elementId) return element;
    found = true;
    return { ...element, inputs: withEntry(element.inputs, name ?? '', input) };
  };
  const lines = build.lines.map((line): Line => {
    if (line.id !== lineId) return line;
    const stages = line.stages.map((stage) => change(stage, stage.id));
    const inStages = stages.some((stage, k) => stage !== line.stages[k]);
    const feed = elementId === 'feed' ? change(line.source.feed ?? plainMains, 'feed') : line.source.feed;
    const source = feed === line.source.feed ? change(line.source, 'source') : { ...line.source, ...(feed ? { feed } : {}) };
    return { ...line, source, stages: inStages ? stages : line.stages, work: change(line.work, 'work') };
  });
  if (!found) throw new RangeError(`The build has no element at ${path}`);
  return { ...build, lines };
}
