import { reserveOf } from '../checks/reserve.js';
import { verdictOf } from '../checks/verdict.js';
import { shaftsInWords } from '../drawing/shaft.js';
import type { Build } from '../machine/build.js';
import { namesOfElements } from '../machine/element-names.js';
import { fieldWords } from '../machine/field-types/index.js';
import { isHeld } from '../machine/holders.js';
import { placesOf } from '../machine/paths.js';
import { textsOf } from '../machine/table.js';
import type { UnitHabit } from '../quantity/show.js';
import { plainInMarkdown, withoutControls } from '../wording/plain-text.js';
import { say, sayAll, wordingFor } from '../wording/wording.js';
import type { Evaluation } from './evaluate-build.js';
import { showFigure, sumsOf } from './explain.js';
import { labelledFigures } from './figure-labels.js';
import { sidesOf, stationsNamed } from './station-figures.js';
import { unreadIn } from './unread.js';

/** On one line: a cell, a heading, a point of a list. */
const cell = (text: string) => plainInMarkdown(text.replaceAll(/\s*\n\s*/g, ' '));
/** A sum, as code: Markdown changes nothing in it, and only a backtick ends it. */
const code = (line: string) => `\`${withoutControls(line).replaceAll('`', '’')}\``;
/** What stands in a cell as it is. */
interface AsIs {
  readonly asIs: string;
}
const table = (head: readonly string[], rows: readonly (readonly (string | AsIs)[])[]): string[] => [
  `| ${head.map(cell).join(' | ')} |`,
  `|${head.map(() => '---').join('|')}|`,
  ...rows.map((row) => `| ${row.map((each) => (typeof each === 'string' ? cell(each) : each.asIs)).join(' | ')} |`),
];

/** A build on paper: the sentence, figures at each shaft and of each element, everything entered, every check with its source, every sum, and what to beware of. */
export function asMarkdown(build: Build, evaluation: Evaluation, units: UnitHabit = 'metric'): string {
  const wording = wordingFor(build, units);
  const stations = stationsNamed(evaluation);
  const entered = placesOf(build).flatMap(({ path, field, input }): string[][] => {
    if (!input || fieldWords(field, input) === '') return [];
    return [[field.label, called(build, path), fieldWords(field, input), input.how, input.note ?? '']];
  });
  const [flow, effort] = sidesOf(stations);
  const sources = [...new Set(evaluation.checks.map((check) => check.source))];
  const sections = [
    [`# ${cell(build.name)}`],
    build.brief ? [plainInMarkdown(build.brief)] : [],
    [evaluation.says, evaluation.jam, unreadIn(build), evaluation.notWorkedOut].map((said) => cell(sayAll(said, wording))).filter(Boolean),
    ['## At each shaft'],
    table(
      ['shaft', flow, effort, 'power', `at full load: ${flow}`, effort, 'power'],
      stations.map(({ name, running, ...full }) => [
        name,
        ...[running?.flow, running?.effort, running?.power, full.flow, full.effort, full.power].map((figure) =>
          figure ? showFigure(figure, units) : '',
        ),
      ]),
    ),
    ['## Checks, worst first'],
    table(
      ['verdict', 'reserve', 'what', 'source'],
      evaluation.checks.map((check) => [
        verdictOf(check),
        reserveOf(check),
        say(check.says, wording),
        { asIs: `[${sources.indexOf(check.source) + 1}]` },
      ]),
    ),
    ...shaftsInWords(build, evaluation.lines, units).map((said, k) => [
      ...(k === 0 ? ['## Shafts', ''] : []),
      ...said.map((each) => `- ${cell(each)}`),
    ]),
    ['## Key figures'],
    table(['of', 'figure', 'value'], keyed(build, evaluation, units)),
    ['## How it was worked out'],
    sumsOf(build, evaluation, units).map(({ called, line }) => `- ${cell(called)}: ${code(line)}`),
    ['## Entered'],
    table(['field', 'of', 'as typed', 'known', 'note'], entered),
    ...tablesIn(build),
    ['## Beware'],
    evaluation.cautions.map((caution) => `- ${cell(say(caution, wording))}`),
    ['## Sources'],
    sources.map((source, k) => `${k + 1}. ${cell(source)}`),
  ];
  return `${sections
    .filter((lines) => lines.length > 0)
    .map((lines) => lines.join('\n'))
    .join('\n\n')}\n`;
}

/** Each table that is entered, whole: its columns, then every row as it was typed. */
const tablesIn = (build: Build): string[][] =>
  placesOf(build).flatMap(({ path, field, input }) => {
    if (field.is !== 'table' || !input?.rows) return [];
    const [head = [], ...rows] = textsOf(field, input);
    return [
      [`### ${cell(`${field.label}, ${called(build, path)}`)}`],
      table(
        [field.row, ...head],
        rows.map((row, k) => [String(k + 1), ...row]),
      ),
    ];
  });

/** The few figures that size each element, as its kind declares them. */
const keyed = (build: Build, evaluation: Evaluation, units: UnitHabit): string[][] =>
  labelledFigures(build, evaluation)
    .filter(({ key, figure }) => key && figure.known)
    .map(({ of, label, figure }) => [of, label, showFigure(figure, units)]);

/** The element of a field in words; of the brief's own, the brief. */
function called(build: Build, path: string): string {
  // What is kept says whose it is in its own label.
  if (isHeld(path)) return '';
  const place = path.slice(0, path.lastIndexOf('/'));
  return build.lines.flatMap((line) => namesOfElements(line).get(place) ?? [])[0] ?? 'brief';
}
