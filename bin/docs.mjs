// The pages that are made from the code: the schema of a build file, and the reference of fields, formulas and refusals. `--write` makes them anew.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { root } from './parts/places.mjs';

const heading = { source: 'Sources', feed: 'Feeds', stage: 'Stages', work: 'Work' };

async function pages() {
  const core = await import('../packages/core/dist/index.js');
  const { buildSchema, problems } = await import('../packages/contracts/dist/index.js');
  const { acceptedUnits, asText, formulas, kindHeads, relations, setRelation, show, showAs, symbolLine } = core;

  const field = (name, each) => {
    if (each.is === 'choice') {
      const options = Object.entries(each.options).map(([option, words]) => `\`${option}\` ${words}`);
      return `| \`${name}\` | ${each.label} | one of | ${options.join('; ')} | ${each.usual ?? ''} | ${each.help} ${each.measure} |`;
    }
    return quantity(name, each);
  };
  const quantity = (name, { label, quantity, accepts, usual, help, measure }) =>
    `| \`${name}\` | ${label} | ${acceptedUnits(quantity)} | ${showAs(quantity, ...accepts)} | ${usual ? `${showAs(quantity, usual.low, usual.high)}: ${usual.source}` : ''} | ${help} ${measure} |`;
  const kind = ({ kind: id, label, fields }) =>
    [
      `### \`${id}\` ${label}`,
      '',
      '| field | called | units | takes | usual | what and where |',
      '|---|---|---|---|---|---|',
      ...Object.entries(fields).map(([name, each]) => field(name, each)),
      '',
    ].join('\n');
  const formula = ({ id, title, symbol, unit, source, inputs, where: steady }) => {
    const where = Object.entries(inputs).map(
      ([name, { means, unit: of, valid }]) => `${asText(symbolLine(name))}: ${means}, ${show(valid[0], of)} to ${show(valid[1], of)}`,
    );
    const steadily = steady ? `. It runs one way only where ${steady.says}` : '';
    const relation = `${asText(symbolLine(symbol))} = ${asText(setRelation(relations[id], symbolLine))}`;
    return `| \`${id}\` | ${title} | \`${relation}\`${unit === '1' ? '' : ` in ${unit}`} | ${where.join('; ')}${steadily} | ${source} |`;
  };
  const reference = [
    '# Reference',
    '',
    'Made by `npm run docs` from the code.',
    '',
    ...Object.keys(heading).flatMap((role) => [`## ${heading[role]}`, '', ...kindHeads(role).map(kind)]),
    '## Formulas',
    '',
    '| id | gives | relation | inputs, and where it is good | source |',
    '|---|---|---|---|---|',
    ...[...formulas.values()].map(formula),
    '',
    '## Refusals of the server',
    '',
    'Each answer is `application/problem+json` with a stable `code`.',
    '',
    '| code | status | meaning |',
    '|---|---|---|',
    ...Object.entries(problems).map(([code, { status, title }]) => `| \`${code}\` | ${status} | ${title} |`),
    '',
  ].join('\n');
  return { 'docs/reference.md': reference, 'docs/schema/hobrek-build-1.json': `${JSON.stringify(buildSchema(), null, 2)}\n` };
}

/** @returns the pages that are not what the code says */
export async function staleDocs({ write = false } = {}) {
  const made = await pages();
  return Object.entries(made).flatMap(([path, text]) => {
    const file = join(root, path);
    const now = existsSync(file) ? readFileSync(file, 'utf8') : '';
    if (now === text) return [];
    if (!write) return [`${path} is not what the code says: run npm run docs`];
    mkdirSync(dirname(file), { recursive: true });
    writeFileSync(file, text);
    return [];
  });
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const stale = await staleDocs({ write: process.argv.includes('--write') });
  process.stdout.write(stale.length === 0 ? 'The generated pages are current\n' : `${stale.join('\n')}\n`);
  process.exitCode = stale.length === 0 ? 0 : 1;
}
