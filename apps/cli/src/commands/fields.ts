import { acceptedUnits, alsoRead, type Field, type KindHead, kindHeads, type Role, readingForms, showAs } from '@hobrek/core';
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
  if (field.is === 'choice') {
    const options = Object.entries(field.options).map(([option, words]) => `${option} (${words})`);
    return [`\n${name}: ${label}, one of ${options.join(', ')}`, ...[help, measure].filter(Boolean).map((line) => `  ${line}`)].join('\n');
  }
  const { quantity, accepts, usual } = field;
  const takes = `${showAs(quantity, ...accepts)} (${acceptedUnits(quantity)})`;
  const left = usual ? [`usually ${showAs(quantity, usual.low, usual.high)}. ${usual.source}.`] : [];
  return [`\n${name}: ${label}, ${takes}`, ...[help, measure, ...left].map((line) => `  ${line}`)].join('\n');
}

const plain = ({ role, kind, v, label, fields: all }: KindHead) => ({ role, kind, v, label, fields: all });
