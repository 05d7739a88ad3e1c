import {
  buildFormat,
  buildVersion,
  type ChoiceField,
  type Field,
  type Fields,
  finderFields,
  isOpen,
  type KindHead,
  kindHeads,
  knownBy,
  longestText,
  type PartField,
  type PieceHead,
  type PieceRole,
  phaseFields,
  pieceHeads,
  type QuantityField,
  type Role,
  supplyFields,
  type TableField,
  type TextField,
  unitOf,
  wishFields,
  type YesNoField,
} from '@hobrek/core';
import { settable } from './entries.js';
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

/** What is said once and referred to wherever it holds, by a name of its own. */
class Definitions {
  readonly all: Record<string, Schema> = {};
  private readonly names = new Map<string, string>();

  /** @param called what tells it from the others; the same is made once */
  once(called: string, make: () => Schema): { readonly $ref: string } {
    const known = this.names.get(called);
    const name = known ?? this.named(called);
    if (!known) {
      this.names.set(called, name);
      this.all[name] = make();
    }
    return { $ref: `#/$defs/${name}` };
  }

  private named(called: string): string {
    const plain = called.replace(/[^a-zA-Z0-9.]+/g, '-').replace(/^-|-$/g, '');
    const taken = new Set(this.names.values());
    let name = plain;
    for (let k = 2; taken.has(name); k++) name = `${plain}-${k}`;
    return name;
  }
}

/** Each type of field as a schema: what an entry of it is. */
class Entries {
  constructor(private readonly definitions: Definitions) {}

  private how = () => this.definitions.once('how', () => ({ enum: [...knownBy] }));
  private typed = () => this.definitions.once('typed', () => text(longestText));
  private note = () => this.definitions.once('note', () => text(limits.note));

  /** Of a part that is kept but not yet worked out. */
  any(): { readonly $ref: string } {
    return this.definitions.once('entry', () => {
      const number: Schema = { type: 'number' };
      const properties = {
        text: this.typed(),
        value: number,
        unit: text(limits.unit),
        how: this.how(),
        low: number,
        high: number,
        note: this.note(),
        draft: this.typed(),
      };
      return {
        ...object(properties, ['value', 'unit', 'low', 'high', 'note', 'draft']),
        dependentRequired: { low: ['value', 'high'], high: ['value', 'low'] },
      };
    });
  }

  private ofUnit(unit: string): { readonly $ref: string } {
    return this.definitions.once(`entry ${unit === '1' ? 'of a number' : unit}`, () => ({
      ...this.any(),
      type: 'object',
      properties: { unit: { const: unit } },
    }));
  }

  /** Of a quantity: the entry of its unit, within what the field takes. */
  private quantity(field: QuantityField): Schema {
    const [minimum, maximum] = field.accepts;
    const unit = unitOf(field);
    const within = this.definitions.once(`${unit === '1' ? 'number' : unit} ${minimum} to ${maximum}`, () => {
      return { ...this.ofUnit(unit), type: 'object', patternProperties: { '^(value|low|high)$': { type: 'number', minimum, maximum } } };
    });
    return this.described(field, within);
  }

  private described(field: Field, entry: Schema): Schema {
    return { title: field.label, description: `${field.help} ${field.measure}`.trim(), ...entry };
  }

  /** What every entry has that is no quantity. */
  private written(more: Readonly<Record<string, Schema>> = {}): Schema {
    return object({ text: this.typed(), how: this.how(), note: this.note(), draft: this.typed(), ...more }, ['note', 'draft', ...Object.keys(more)]);
  }

  /** One of a few: its text is one of the options, or empty while there is only a draft. */
  private oneOf(field: ChoiceField | YesNoField): Schema {
    const any = this.definitions.once('choice', () => this.written());
    return this.described(field, { ...any, type: 'object', properties: { text: { enum: ['', ...Object.keys(field.options)] } } });
  }

  private text(field: TextField): Schema {
    const written = this.definitions.once(`text ${field.longest}`, () =>
      object({ text: text(field.longest), how: this.how(), note: this.note(), draft: this.typed() }, ['note', 'draft']),
    );
    return this.described(field, written);
  }

  private table(field: TableField): Schema {
    const table = this.definitions.once(`table ${this.called(field.columns)}`, () => {
      const { properties, ...rest } = this.written({ rows: list(this.withInputs(field.columns), limits.rows) }) as { properties: object };
      return { ...rest, properties: { ...properties, text: { const: '' } } };
    });
    return this.described(field, table);
  }

  private part(field: PartField): Schema {
    return this.described(
      field,
      this.definitions.once(`part ${this.called(field.sizes)}`, () => this.written({ part: this.withInputs(field.sizes) })),
    );
  }

  private withInputs(fields: Fields): Schema {
    return object({ id, inputs: this.inputs(fields) });
  }

  /** Columns by their names and labels: tables of the same are said once. */
  private called(fields: Fields): string {
    return Object.entries(fields)
      .map(([name, { label }]) => `${name} ${label}`)
      .join(' ');
  }

  inputs(fields: Fields): Schema {
    return object(Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, this.of(field)])), Object.keys(fields));
  }

  private readonly types: { readonly [T in Field['is']]: (field: Extract<Field, { readonly is: T }>) => Schema } = {
    quantity: (field) => this.quantity(field),
    choice: (field) => this.oneOf(field),
    'yes-no': (field) => this.oneOf(field),
    text: (field) => this.text(field),
    table: (field) => this.table(field),
    part: (field) => this.part(field),
  };

  of(field: Field): Schema {
    return (this.types[field.is] as (field: Field) => Schema)(field);
  }
}

/** A place of a line between its stages. */
const at = object({ line: id, station: id });

/** The parts of a build file, each said once. */
class Parts {
  readonly definitions = new Definitions();
  readonly entries = new Entries(this.definitions);

  inputs({ fields }: Pick<KindHead, 'fields'>): Schema {
    return this.entries.inputs(fields);
  }

  private inputsOf(head: KindHead | PieceHead) {
    return this.definitions.once(`inputs ${head.role} ${head.kind}`, () => this.inputs(head));
  }

  /** What only one role has, beside kind, version and inputs. */
  private extras(head: KindHead): { readonly properties: Readonly<Record<string, Schema>>; readonly optional: readonly string[] } {
    if (head.role === 'stage') return { properties: { id }, optional: [] };
    if (head.role !== 'source') return { properties: {}, optional: [] };
    return { properties: { feed: this.element('feed'), from: at }, optional: ['feed', 'from'] };
  }

  /** An element of a role: one shape per kind, told apart by `kind`. */
  element(role: Role): { readonly $ref: string } {
    return this.definitions.once(role, () => ({
      oneOf: kindHeads(role).map((head) => {
        const { properties, optional } = this.extras(head);
        const was = isOpen(head) ? { was: this.held(role) } : this.seen(role, head);
        return { ...object({ ...this.versioned(head), ...properties, ...was }, [...optional, ...Object.keys(was)]), title: head.label };
      }),
    }));
  }

  /** What was looked at before it was taken for that. */
  private seen(role: Role, head: KindHead): { readonly was?: Schema } {
    const heads = kindHeads(role).filter(({ observes }) => observes);
    if (head.observes || heads.length === 0) return {};
    return {
      was: this.definitions.once(`seen ${role}`, () => ({ oneOf: heads.map((each) => ({ ...object(this.versioned(each)), title: each.label })) })),
    };
  }

  /** What an open place was before it was opened. */
  private held(role: Role) {
    return this.definitions.once(`held ${role}`, () => ({
      oneOf: kindHeads(role)
        .filter((head) => !isOpen(head))
        .map((head) => ({ ...object(this.versioned(head)), title: head.label })),
    }));
  }

  /** What is kept besides the elements of the lines. @param more what only one role has */
  pieces(role: PieceRole, most: number, more: Readonly<Record<string, Schema>> = {}, optional: readonly string[] = []): Schema {
    const piece = this.definitions.once(role, () => ({
      oneOf: pieceHeads(role).map((head) => ({
        ...object({ id, name: text(limits.name, 1), ...this.versioned(head), ...more }, optional),
        title: head.label,
      })),
    }));
    return list(piece, most);
  }

  private versioned(head: KindHead | PieceHead) {
    return { kind: { const: head.kind }, v: { const: head.v }, inputs: this.inputsOf(head) };
  }
}

/** The JSON Schema of entries alone, whatever their fields are. */
export function inputsSchema(fields: Fields): Schema {
  const { definitions, entries } = new Parts();
  return { ...entries.inputs(fields), $defs: definitions.all };
}

/**
 * The JSON Schema (2020-12) of a build file, made from the same fields as the contract. It says everything about shape; that ids differ, that ends are in
 * order and that a text without a value can be read, only the contract can say.
 */
export function buildSchema(): Schema {
  const parts = new Parts();
  // Which fields a setting may change, and what each takes, hangs on the line: only the contract can say.
  const inputs = { type: 'object', patternProperties: { [settable.source]: parts.entries.any() }, additionalProperties: false };
  const line = object(
    {
      id,
      name: text(limits.name),
      source: parts.element('source'),
      stages: list(parts.element('stage'), limits.stages),
      work: parts.element('work'),
      stations: list(object({ id, name: text(limits.name, 1), shaft: id }, ['shaft']), limits.stages + 1),
      settings: list(object({ id, name: text(limits.name, 1), inputs }), limits.settings),
      phases: list(
        object({ id, name: text(limits.name, 1), setting: id, inputs: parts.inputs({ fields: phaseFields }) }, ['setting']),
        limits.phases,
      ),
    },
    ['settings', 'phases'],
  );
  const shaft = object({
    id,
    name: text(limits.name, 1),
    sections: parts.pieces('section', limits.sections),
    seats: parts.pieces('seat', limits.wheels, { of: object({ line: id, stage: id, end: { enum: ['in', 'out'] } }) }),
    bearings: parts.pieces('bearing', limits.bearings),
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
        supply: parts.inputs({ fields: supplyFields }),
        wishes: parts.inputs({ fields: wishFields }),
        finder: parts.inputs({ fields: finderFields }),
        lines: list(line, limits.lines, 1),
        shafts: list(shaft, limits.shafts),
        forces: parts.pieces('force', limits.forces, { on: at }, ['on']),
        notes: text(limits.notes),
      },
      ['wishes', 'finder', 'forces'],
    ),
    $defs: parts.definitions.all,
  };
}
