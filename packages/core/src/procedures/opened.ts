import { contextAt, type OwnFigures } from '../kinds/context.js';
import type { Fields, InputFigures } from '../kinds/fields.js';
import type { Kind } from '../kinds/kind.js';
import type { Context } from '../kinds/outputs.js';
import { type Kinds, kindKey } from '../kinds/registry.js';
import type { Element } from '../machine/build.js';
import { typeOf } from '../machine/field-types/index.js';
import type { elementsOf } from '../machine/paths.js';

/** What an element is opened with: its entries as figures, and where it keeps its own. */
export interface Opened {
  readonly kind: Kind;
  readonly path: string;
  readonly inputs: InputFigures<Fields>;
  readonly figures: OwnFigures;
  readonly context: Context;
}

/** An element opened, with nothing noted yet. @throws Error when its kind is not among `kinds`: the caller loads them first */
export function openAnew(placed: ReturnType<typeof elementsOf>[number], kinds: Kinds): Opened {
  const { kind, path, inputs } = openElement(placed, kinds);
  const figures: OwnFigures = new Map();
  return { kind, path, inputs, figures, context: contextAt(path, kind, figures) };
}

/** An element with its entries as figures. @throws Error when its kind is not among `kinds`: the caller loads them first */
export function openElement({ role, path, element }: ReturnType<typeof elementsOf>[number], kinds: Kinds): Pick<Opened, 'kind' | 'path' | 'inputs'> {
  const kind = kinds.get(kindKey(role, element.kind));
  if (!kind) throw new Error(`Kind ${element.kind} is not loaded`);
  return { kind, path, inputs: inputFigures(path, element, kind.fields) };
}

/** The fields of an element: entered, usual where nothing was, or unknown and naming itself; a choice as what was chosen. */
export function inputFigures(path: string, element: Element, fields: Fields): InputFigures<Fields> {
  const known = entries.get(element.inputs);
  if (known?.path === path && known.fields === fields) return known.figures;
  const figures = makeInputs(path, element, fields);
  entries.set(element.inputs, { path, fields, figures });
  return figures;
}

/** Entries never change: an element that nobody touched keeps its figures. */
const entries = new WeakMap<object, { readonly path: string; readonly fields: Fields; readonly figures: InputFigures<Fields> }>();

function makeInputs(path: string, element: Element, fields: Fields): InputFigures<Fields> {
  const figures: Record<string, unknown> = {};
  for (const [name, field] of Object.entries(fields)) {
    const input = element.inputs[name];
    const at = `${path}/${name}`;
    figures[name] = typeOf(field).figure(field, input, at);
  }
  return figures as InputFigures<Fields>;
}
