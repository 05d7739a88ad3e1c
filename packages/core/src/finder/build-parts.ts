import type { Reserved } from '../drawer/reserved.js';
import type { Build, Inputs, Row } from '../machine/build.js';
import { rowsOf } from '../machine/field-types/rows.js';
import { finderFields } from '../machine/finder-fields.js';
import { lineOf } from '../machine/lines.js';
import { freeId, typedInputs } from '../machine/reshape.js';
import { withRows } from '../machine/table.js';
import { withoutPartsList } from '../machine/without-parts.js';
import type { TakenPart } from './judge.js';

const { parts: field } = finderFields;

/** Where a part is from, as its row says it. */
const stateOf = { own: 'reserved', buy: 'buy', make: 'make' } as const satisfies Record<TakenPart['from'], keyof typeof field.columns.state.options>;

const manyIn = ({ many }: Inputs): number => many?.value ?? 1;

/**
 * The build with what a drive takes on its list of parts: own ones reserved, the others to buy or to make, in place of what was there for the same line. What is there
 * already, and what somebody added, stays.
 * @throws RangeError when there is no such line
 */
export function withDriveParts(build: Build, lineId: string, parts: readonly TakenPart[]): Build {
  const { name } = lineOf(build, lineId);
  const kept = rowsOf(build.finder?.parts).filter(({ inputs }) => inputs.state?.text === 'there' || inputs.line?.text !== name);
  // Of what is there already for this line, so many need not be had again.
  const there = kept.filter(({ inputs }) => inputs.state?.text === 'there' && inputs.line?.text === name);
  const left = new Map(there.map(({ id, inputs }) => [id, manyIn(inputs)]));
  const ids = kept.map(({ id }) => id);
  const rows = together(parts).flatMap((part): Row[] => {
    let { many } = part;
    for (const { id, inputs } of there) {
      if (inputs.what?.text !== part.what) continue;
      const some = Math.min(many, left.get(id) ?? 0);
      left.set(id, (left.get(id) ?? 0) - some);
      many -= some;
    }
    if (many === 0) return [];
    const typed = { what: part.what, many: String(many), state: stateOf[part.from], ...(part.written ? { own: part.written } : {}), line: name };
    const id = freeId('part', ids);
    ids.push(id);
    return [{ id, inputs: typedInputs({ fields: field.columns }, typed, 'chosen') }];
  });
  return withPartsList(build, [...kept, ...rows]);
}

function withPartsList(build: Build, rows: readonly Row[]): Build {
  const table = withRows(field, build.finder?.parts, rows);
  const bare = withoutPartsList(build);
  return table ? { ...bare, finder: { ...bare.finder, parts: table } } : bare;
}

/** Parts that are alike in one row. */
function together(parts: readonly TakenPart[]): TakenPart[] {
  const all = new Map<string, TakenPart>();
  for (const part of parts) {
    const key = JSON.stringify([part.what, part.from, part.written]);
    const one = all.get(key);
    all.set(key, one ? { ...one, many: one.many + part.many } : part);
  }
  return [...all.values()];
}

/** What a list of parts has reserved of the drawer. @param by name of the build */
export const reservedIn = (finder: Inputs | undefined, by: string): Reserved[] =>
  rowsOf(finder?.parts).flatMap(({ inputs }) => {
    const written = inputs.own?.text ?? '';
    return inputs.state?.text === 'reserved' && written !== '' ? [{ written, many: manyIn(inputs), by }] : [];
  });

/** How many parts of a list are reserved, to buy, to make, there. */
export function partsCounted(finder: Inputs | undefined): Readonly<Record<keyof typeof field.columns.state.options, number>> {
  const counted = { reserved: 0, buy: 0, make: 0, there: 0 };
  for (const { inputs } of rowsOf(finder?.parts)) {
    const state = inputs.state?.text as keyof typeof counted | undefined;
    if (state && state in counted) counted[state] += manyIn(inputs);
  }
  return counted;
}

/** What is on the list of parts, in words, by what is done about it: `1 × pulley A 80 mm (P1)` reserved, and so on; states with nothing in them are left out. */
export function partsOnList(finder: Inputs | undefined): readonly { readonly state: string; readonly parts: readonly string[] }[] {
  const rows = rowsOf(finder?.parts);
  return [...Object.entries(field.columns.state.options), ['', 'without a state'] as const].flatMap(([name, state]) => {
    const parts = rows.filter(({ inputs }) => (inputs.state?.text ?? '') === name && inputs.what?.text).map(({ inputs }) => partSays(inputs));
    return parts.length > 0 ? [{ state, parts }] : [];
  });
}

const partSays = (inputs: Inputs): string => {
  const what = inputs.what?.text ?? '';
  // Of a line of the drawer that says the same, its label is left.
  const own = (inputs.own?.text ?? '').replace(what, '').trim();
  return `${manyIn(inputs)} × ${what}${own ? ` (${own})` : ''}`;
};
