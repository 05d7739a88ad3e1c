// The pages that are made from the code: the schema of a build file, and the reference of fields, formulas and refusals. `--write` makes them anew.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { root } from './parts/places.mjs';

const heading = { source: 'Sources', feed: 'Feeds', stage: 'Stages', work: 'Work' };

async function pages() {
  const core = await import('../packages/core/dist/index.js');
  const { buildSchema, problems } = await import('../packages/contracts/dist/index.js');
  const { alsoRead, fieldTakes, formulas, formulaText, kindHeads, outputsOfLines, quantities, readingForms, terms, verdictWords, wishOutputs } = core;

  const field = (name, each) => {
    const { as, range, usual } = fieldTakes(each);
    return `| \`${name}\` | ${each.label} | ${as} | ${range} | ${usual} | ${each.help} ${each.measure} |`;
  };
  const rows = (heads, list) => (list.length === 0 ? [] : [`| ${heads.join(' | ')} |`, `|${heads.map(() => '---').join('|')}|`, ...list, '']);
  const unitOf = (name) => (quantities[name].unit === '1' ? '' : quantities[name].unit);
  const figures = (all) =>
    rows(
      ['figure', 'called', 'unit', 'group', 'key'],
      Object.entries(all).map(
        ([name, { label, quantity: of, group, key }]) => `| \`${name}\` | ${label} | ${unitOf(of)} | ${group} | ${key ? 'yes' : ''} |`,
      ),
    );
  const sentences = (says) =>
    typeof says === 'string'
      ? says
      : Object.entries(says)
          .map(([verdict, text]) => `${verdict}: ${text}`)
          .join('<br>');
  const checks = (all) =>
    rows(
      ['check', 'of', 'close below', 'says', 'source'],
      Object.entries(all).map(
        ([name, { subject, closeBelow = 0.2, says, source }]) =>
          `| \`check-${name}\` | ${subject} | ${closeBelow * 100} % | ${sentences(says)} | ${source} |`,
      ),
    );
  const harms = { harmless: 'unharmed for a time', wearing: 'at the cost of life', breaking: 'it breaks or loosens' };
  const limits = (all) =>
    rows(
      ['limit', 'called', 'passed, in a jam', 'harm'],
      Object.entries(all).flatMap(([name, limit]) =>
        Object.values(limit.variants ?? { [name]: limit }).map(
          ({ short, what, fails }) => `| \`${name}\` | ${short} | ${what} ${fails} | ${harms[limit.harm]} |`,
        ),
      ),
    );
  const outputs = (of) => [...figures(of.figures), ...checks(of.checks), ...limits(of.limits)].join('\n');
  const kind = ({ kind: id, label, fields, ...head }) =>
    [
      `### \`${id}\` ${label}`,
      '',
      '| field | called | units | takes | usual | what and where |',
      '|---|---|---|---|---|---|',
      ...Object.entries(fields).map(([name, each]) => field(name, each)),
      '',
      outputs(head),
    ].join('\n');
  const formula = (each) => {
    const { title, relation, where, source } = formulaText(each);
    const set = each.unit === '1' ? `\`${relation}\`` : `\`${relation.slice(0, -` in ${each.unit}`.length)}\` in ${each.unit}`;
    return `| \`${each.id}\` | ${title} | ${set} | ${where.join('; ')} | ${source} |`;
  };
  const reference = [
    '# Reference',
    '',
    'Made by `npm run docs` from the code.',
    '',
    '## How an entry may be written',
    '',
    ...rows(
      ['so', 'for example', 'is'],
      readingForms.map(({ form, text, means }) => `| ${form} | \`${text}\` | ${means} |`),
    ),
    alsoRead,
    '',
    ...Object.keys(heading).flatMap((role) => [`## ${heading[role]}`, '', ...kindHeads(role).map(kind)]),
    '## Every line',
    '',
    'What is worked out whatever the kinds are: at each shaft, of any source, stage and work, and when the tool jams.',
    '',
    ...figures(outputsOfLines.stationFigures),
    ...['sourceOutputs', 'stageOutputs', 'workOutputs', 'jamOutputs'].map((name) => outputs(outputsOfLines[name])),
    'In a jam every limit is a check of its own, `check-` and the name of the limit:',
    '',
    ...checks({ '…': outputsOfLines.jamCheck }),
    'Wishes of the brief:',
    '',
    ...checks(wishOutputs),
    '## Terms',
    '',
    ...rows(
      ['term', 'is'],
      [...terms]
        .sort((a, b) => a.names[0].localeCompare(b.names[0], 'en'))
        .map(({ names, says, source }) => `| ${names.join(', ')} | ${says}${source ? ` ${source}.` : ''} |`),
    ),
    '## Verdicts, and the command line',
    '',
    ...rows(
      ['verdict', 'in JSON', 'when'],
      [
        ['holds', 'at the worst ends of what is not sure 20 % or more of the limit is left; by estimate (`byEstimate`) where it rests on one'],
        ['close', 'less than 20 % is left at the worst ends, or it is short at those alone (“may”), or a formula is used outside its range'],
        [
          'unknown',
          'something that it needs is not entered, has no value, or contradicts another entry; or it is short at the likely or the worst values and hangs on what nobody has looked at (`unseen`)',
        ],
        ['fails', 'short at the likely values, or even at the best ends; nothing that looking may find would turn it'],
      ].map(([verdict, when]) => `| ${verdictWords[verdict]} | \`${verdict}\` | ${when} |`),
    ),
    'What is left is told as `reserve 27 %`, the share of the limit that is not needed; past the limit as `overloaded 1.4 times`, what is needed over the limit.',
    '',
    '`hobrek check FILE --json` prints one object: `name`, `verdict`, `says`, `jam`, `remedy`, `guesses` (or null; `tried`, `fails`, `order`, `says`),',
    '`notWorkedOut`, `cautions`, `stations` (`name`, `speed`, `torque`, `power`), `figures` by path (`known`, `unit`, `value`, `low`, `high`, or `missing` and `because`),',
    '`checks` (`id`, `verdict`, `byEstimate` where it holds on an estimate, `unseen` with the fields that nobody has looked at, `margin` with `worst`, `likely` and `best` as shares of the limit, or null, `says`, `source`) and `notices`.',
    '',
    'It ends with 0 when no check fails, 1 when one does, 2 when the input could not be used. Until engine 7 the verdict `fails` was called `gives`.',
    '',
    '## Formulas',
    '',
    '| id | result | relation | inputs, and where it is good | source |',
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
  return { 'docs/reference.md': reference, [`docs/schema/hobrek-build-${core.buildVersion}.json`]: `${JSON.stringify(buildSchema(), null, 2)}\n` };
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
