import { type DrawerRead, partWords } from '@hobrek/core';
import { csv } from './csv.js';
import { textsIn } from './tables.js';

const columns = ['label', 'many', 'part', 'understood as'] as const;

/** The drawer as CSV, a row a line; of a line that is not understood its text alone. */
export const drawerCsv = ({ lines }: DrawerRead): string =>
  csv(
    columns,
    lines.map(({ text, read }) => {
      if (!read.ok) return ['', 1, text, ''];
      const { own } = read;
      const hasLabel = own.text.startsWith(`${own.label} `);
      return [hasLabel ? own.label : '', own.many, own.bare, partWords(own)];
    }),
  );

/** Lines of the drawer from CSV, or why it is none. */
export type DrawerFromCsv = { readonly ok: true; readonly text: string; readonly many: number } | { readonly ok: false; readonly says: string };

/**
 * The drawer from CSV with a column `part`, and `label` and `many` where it has them, in any order and with any of the usual separators; what else is in it is
 * passed over. What a row says is read as a line that is typed.
 */
export function drawerFromCsv(text: string): DrawerFromCsv {
  const [head = [], ...rows] = textsIn(text);
  const names = head.map((name) => name.trim().toLowerCase());
  const [part, label, many] = ['part', 'label', 'many'].map((name) => names.indexOf(name)) as [number, number, number];
  if (part < 0) {
    const has = names.filter(Boolean).slice(0, 6).join(', ');
    return { ok: false, says: `A table of parts has a column “part”; this one has ${has === '' ? 'none' : has}.` };
  }
  const cell = (row: readonly string[], at: number) => (row[at] ?? '').trim().replace(/\s+/g, ' ');
  const lines = rows.flatMap((row) => {
    const what = cell(row, part);
    if (what === '') return [];
    const times = /^\d{1,3}$/.test(cell(row, many)) && cell(row, many) !== '1' ? ` x${cell(row, many)}` : '';
    return [`${[cell(row, label), what].filter(Boolean).join(' ')}${times}`];
  });
  return { ok: true, text: `${lines.join('\n')}${lines.length > 0 ? '\n' : ''}`, many: lines.length };
}
