import {
  buildFormat,
  buildVersion,
  type ChoiceField,
  isOpen,
  type KindHead,
  kindHeads,
  knownBy,
  longestText,
  type QuantityField,
  type Role,
  supplyFields,
  unitOf,
  wishFields,
} from '@hobrek/core';
import { limits, slug } from './limits.js';

type Schema = Readonly<Record<string, unknown>>;

const text = (most: number, least = 0): Schema => ({ type: 'string', maxLength: most, ...(least > 0 ? { minLength: least } : {}) });
const id: Schema = { type: 'string', pattern: slug.source };
const list = (items: Schema, most: number, least = 0): Schema => ({
  type: 'array',
  items,
  maxItems: most,
  ...(least > 0 ? { minItems: least } : {}),
});

/** An object with these properties and no others; all required but those named optional. */
function object(properties: Readonly<Record<string, Schema>>, optional: readonly string[] = []): Schema {
  return { type: 'object', additionalProperties: false, properties, required: Object.keys(properties).filter((name) => !optional.includes(name)) };
}

/** An entry of a field; without one, of a part that is kept but not yet worked out. */
function entry(field?: QuantityField): Schema {
  const number: Schema = { type: 'number', ...(field ? { minimum: field.accepts[0], maximum: field.accepts[1] } : {}) };
  const properties = {
    text: text(longestText),
    value: number,
    unit: field ? { const: unitOf(field) } : text(limits.unit),
    how: { enum: [...knownBy] },
    low: number,
    high: number,
    note: text(limits.note),
    draft: text(longestText),
  };
  return {
    ...object(properties, ['value', 'unit', 'low', 'high', 'note', 'draft']),
    dependentRequired: { low: ['value', 'high'], high: ['value', 'low'] },
    ...(field ? { title: field.label, description: `${field.help} ${field.measure}` } : {}),
  };
}

/** An entry of a choice: its text is one of the options, or empty while there is only a draft. */
function choiceEntry({ options, label, help, measure }: ChoiceField): Schema {
  const properties = {
    text: { enum: ['', ...Object.keys(options)] },
    how: { enum: [...knownBy] },
    note: text(limits.note),
    draft: text(longestText),
  };
  return { ...object(properties, ['note', 'draft']), title: label, description: `${help} ${measure}`.trim() };
}

function inputs({ fields }: Pick<KindHead, 'fields'>): Schema {
  const names = Object.keys(fields);
  const schemas = Object.entries(fields).map(([name, field]) => [name, field.is === 'choice' ? choiceEntry(field) : entry(field)]);
  return object(Object.fromEntries(schemas), names);
}

const extras: Record<Role, (head: KindHead) => { properties: Readonly<Record<string, Schema>>; optional: readonly string[] }> = {
  source: (head) => ({
    properties: {
      settings: list(object({ id, name: text(limits.name, 1), inputs: inputs(head) }), limits.settings),
      feed: element('feed'),
      from: object({ line: id, shaft: id }),
    },
    optional: ['feed', 'from'],
  }),
  stage: () => ({ properties: { id }, optional: [] }),
  work: () => ({ properties: {}, optional: [] }),
  feed: () => ({ properties: {}, optional: [] }),
};

/** An element of a role: one shape per kind, told apart by `kind`. */
function element(role: Role): Schema {
  return {
    oneOf: kindHeads(role).map((head) => {
      const { properties, optional } = extras[role](head);
      const was = isOpen(head) ? { was: held(role) } : {};
      return { ...object({ ...versioned(head), ...properties, ...was }, [...optional, ...Object.keys(was)]), title: head.label };
    }),
  };
}

const versioned = (head: KindHead) => ({ kind: { const: head.kind }, v: { const: head.v }, inputs: inputs(head) });

/** What an open place was before it was opened. */
function held(role: Role): Schema {
  return {
    oneOf: kindHeads(role)
      .filter((head) => !isOpen(head))
      .map((head) => {
        const { settings } = extras[role](head).properties;
        return { ...object({ ...versioned(head), ...(settings ? { settings } : {}) }, ['settings']), title: head.label };
      }),
  };
}

/**
 * The JSON Schema (2020-12) of a build file, made from the same fields as the contract. It says everything about shape; that ids differ, that ends are in
 * order and that a text without a value can be read, only the contract can say.
 */
export function buildSchema(): Schema {
  const line = object({
    id,
    name: text(limits.name),
    source: element('source'),
    stages: list(element('stage'), limits.stages),
    work: element('work'),
    stations: list(object({ id, name: text(limits.name, 1), shaft: id }, ['shaft']), limits.stages + 1),
  });
  const shaft = object({
    id,
    name: text(limits.name, 1),
    sections: list(object({ length: entry(), diameter: entry() }), limits.sections),
    wheels: list(object({ stage: id, end: { enum: ['in', 'out'] }, at: entry() }), limits.wheels),
    bearings: list(object({ name: text(limits.name, 1), at: entry() }), limits.bearings),
    forces: list(object({ name: text(limits.name, 1), at: entry(), force: entry() }), limits.forces),
  });
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Hobrek build',
    ...object(
      {
        format: { const: buildFormat },
        version: { const: buildVersion },
        name: text(limits.title, 1),
        brief: text(limits.brief),
        supply: inputs({ fields: supplyFields }),
        wishes: inputs({ fields: wishFields }),
        lines: list(line, limits.lines, 1),
        shafts: list(shaft, limits.shafts),
        notes: text(limits.notes),
      },
      ['wishes'],
    ),
  };
}
