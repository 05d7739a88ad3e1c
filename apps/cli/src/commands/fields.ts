import { alsoRead, type Field, fieldTakes, type KindHead, kindHeads, type Role, readingForms } from '@hobrek/core';
import { type Outcome, Refusal } from '../refusal.js';

const roles: readonly Role[] = ['source', 'feed', 'stage', 'work'];

/**
 * The kinds there are, or the fields of one with what each takes.
 * @throws Refusal listing the kinds there are
 */
export function fields(kind?: string): Outcome {
  const heads = roles.flatMap((role) => kindHeads(role));
  if (kind === undefined) {
    return {
      text: heads.map(({ role, kind: id, label }) => `${role.padEnd(7)} ${id.padEnd(14)} ${label}`).join('\n'),
      json: heads.map(plain),
      exit: 0,
    };
  }
  const head = heads.find((each) => each.kind === kind);
  if (!head) throw new Refusal(`There is no kind “${kind}”. There are: ${heads.map((each) => each.kind).join(', ')}`);
  const forms = readingForms.map(({ form, text, means }) => `  ${form}: ${text} is ${means}`);
  return {
    text: [head.label, ...Object.entries(head.fields).map(describe), '\nHow an entry may be written:', ...forms, `  ${alsoRead}`].join('\n'),
    json: plain(head),
    exit: 0,
  };
}

function describe([name, field]: [string, Field]): string {
  const { label, help, measure } = field;
  const { as, range, usual } = fieldTakes(field);
  const takes = field.is === 'quantity' ? `${range} (${as})` : `${as} ${range}`;
  const left = usual ? [`usually ${usual}.`] : [];
  return [`\n${name}: ${label}, ${takes}`, ...[help, measure, ...left].filter(Boolean).map((line) => `  ${line}`)].join('\n');
}

const plain = ({ role, kind, v, label, fields: all }: KindHead) => ({ role, kind, v, label, fields: all });
