import { joined } from '../joined.js';
import type { Field, Fields } from '../kinds/fields.js';
import { kindHead } from '../kinds/registry.js';
import { briefParts, isBriefPart } from './brief-fields.js';
import type { Build, Element, Input, Inputs, Line } from './build.js';
import { elementsOf, plainMains } from './elements.js';
import { rowName, rowsOf, withCell, withEntry } from './field-types/rows.js';
import { type Holder, holdersOf, isHeld } from './holders.js';

/** One field of one element or of the brief: its path, what it takes, what is in it. */
export interface Place {
  readonly path: string;
  readonly field: Field;
  readonly input: Input | undefined;
}

export { elementsOf } from './elements.js';

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
    ...placesIn('finder', briefParts.finder, build.finder ?? noInputs),
    ...joined(holdersOf(build), placesHeld),
  ];
}

/** Places of a holder, each saying whose it is: `Plate speed, setting “slow”`. */
const placesHeld = ({ path, called, fields, isWhole, inputs }: Holder): readonly Place[] =>
  Object.entries(fields).flatMap(([name, field]) => {
    const input = inputs[name];
    return isWhole || input ? [{ path: `${path}/${name}`, field: { ...field, label: `${field.label}, ${called}` }, input }] : [];
  });

/** The holder that a path is in, with what is left of the path: the name of a field. */
function heldAt(build: Build, path: string): { readonly holder: Holder; readonly name: string } | null {
  const holder = holdersOf(build).find((each) => path.startsWith(`${each.path}/`));
  return holder ? { holder, name: path.slice(holder.path.length + 1) } : null;
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

/** The cells of a table, or the sizes of a part, each a place of its own: `main/work/readings/r1/drawn`; nothing of any other field. */
export function cellsOf({ path, field, input }: Place): readonly Place[] {
  if (field.is === 'part') return placesIn(path, field.sizes, input?.part?.inputs ?? noInputs);
  return field.is === 'table' ? joined(rowsOf(input), ({ id, inputs }) => placesIn(`${path}/${id}`, field.columns, inputs)) : [];
}

/** The field that a path leads to, or into: what is behind it is a row and a column. */
function fieldOf(path: string): string {
  const parts = path.split('/');
  return parts.slice(0, isBriefPart(parts[0]) ? 2 : 3).join('/');
}

/** Whether a path leads into a table. */
export const isInTable = (path: string): boolean => !isHeld(path) && fieldOf(path) !== path;

/** The place at a path, be it a cell of a table. */
export function placeAt(build: Build, path: string): Place | undefined {
  if (isHeld(path)) {
    const held = heldAt(build, path);
    const field = held?.holder.fields[held.name];
    // Of a setting a field that it does not change yet has a place as well.
    return placesOf(build).find((each) => each.path === path) ?? (field && { path, field, input: undefined });
  }
  const own = fieldOf(path);
  const place = placesOf(build).find((each) => each.path === own);
  return place && own !== path ? cellsOf(place).find((each) => each.path === path) : place;
}

/** Paths of what is half typed, cells of tables among them. */
export function draftsIn(build: Build): readonly Place[] {
  return joined(placesOf(build), (place) => {
    const own = place.input?.draft === undefined ? [] : [place];
    return place.input?.rows ? [...own, ...draftCells(place)] : own;
  });
}

function draftCells(place: Place): readonly Place[] {
  const rows = place.input?.rows ?? [];
  const known = drafts.get(rows);
  if (known?.path === place.path) return known.all;
  const all = cellsOf(place).filter(({ input }) => input?.draft !== undefined);
  drafts.set(rows, { path: place.path, all });
  return all;
}

/** Rows never change: those of a table that nobody touched are looked through once. */
const drafts = new WeakMap<object, { readonly path: string; readonly all: readonly Place[] }>();

/** Whether a field makes sense with what is chosen in its element. */
export const applies = ({ when }: Field, inputs: Inputs): boolean => !when || when.is.includes(inputs[when.field]?.text ?? '');

/** What a field is called in a sentence, in lower case: `plate power`; a place that is open by what is missing there: `motor`. An unknown path is called by itself. */
export function fieldLabel(build: Build, path: string): string {
  const field = placeAt(build, path)?.field;
  if (field && isHeld(path)) return field.label.toLowerCase();
  const table = fieldOf(path);
  const isRow = table !== path && path.slice(table.length + 1).split('/').length === 1;
  // A row as a whole: `readings at work, reading 3`.
  if (isRow && !field) return `${fieldLabel(build, table)}${rowAt(build, path)}`;
  if (field && table !== path) return `${fieldLabel(build, table)}${rowAt(build, path)}, ${field.label.toLowerCase()}`;
  if (field) return field.label.toLowerCase();
  const placed = joined(build.lines, elementsOf).find((each) => each.path === path);
  return (placed && kindHead(placed.role, placed.element.kind)?.noun) ?? path;
}

/** Of a cell, in which row it is: `, reading 3`. */
function rowAt(build: Build, path: string): string {
  const of = fieldOf(path);
  const [row] = path.slice(of.length + 1).split('/');
  const table = placeAt(build, of);
  if (table?.field.is !== 'table') return '';
  return `, ${rowName(
    table.field,
    rowsOf(table.input).findIndex(({ id }) => id === row),
  )}`;
}

/**
 * The build with one field changed, or one cell of a table; `undefined` takes the entry out. Everything not on the way to it stays the same object. A cell of a row
 * that is not there is left alone.
 * @throws RangeError when the build has no such element
 */
export function withInput(build: Build, path: string, input: Input | undefined): Build {
  if (isHeld(path)) {
    const held = heldAt(build, path);
    if (!held) throw new RangeError(`The build has nothing at ${path}`);
    return held.holder.put(build, withEntry(held.holder.inputs, held.name, input));
  }
  const [first, ...rest] = path.split('/') as [string, ...string[]];
  if (isBriefPart(first)) {
    const [name = '', row, column] = rest;
    return { ...build, [first]: entriesWith((build[first] ?? {}) as Inputs, name, input, row, column) };
  }
  const [lineId, elementId, name, row, column] = [first, ...rest] as [string, string, string?, string?, string?];
  let found = false;
  const change = <E extends Element>(element: E, id: string): E => {
    if (id !== elementId) return element;
    found = true;
    return { ...element, inputs: entriesWith(element.inputs, name ?? '', input, row, column) };
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

function entriesWith(inputs: Inputs, name: string, input: Input | undefined, row?: string, column?: string): Inputs {
  if (row === undefined || column === undefined) return withEntry(inputs, name, input);
  const table = inputs[name];
  return table?.rows ? withEntry(inputs, name, withCell(table, row, column, input)) : inputs;
}
