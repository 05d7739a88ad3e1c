import type { Build } from '../machine/build.js';
import { placesOf } from '../machine/paths.js';
import type { Evaluation } from './evaluate-build.js';
import { showFigure, sumsOf } from './explain.js';

/** A cell of a table: a bar or a line break would end it. */
const cell = (text: string) => text.replaceAll('|', '\\|').replaceAll(/\s*\n\s*/g, ' ');
const table = (head: readonly string[], rows: readonly (readonly string[])[]): string[] => [
  `| ${head.join(' | ')} |`,
  `|${head.map(() => '---').join('|')}|`,
  ...rows.map((row) => `| ${row.map(cell).join(' | ')} |`),
];

/** A build on paper: the sentence, what stands at each shaft, everything entered, every check with its source, every sum, and what to beware of. */
export function asMarkdown(build: Build, evaluation: Evaluation): string {
  const stations = evaluation.lines.flatMap((line) => line.stations);
  const entered = placesOf(build).flatMap(({ path, field, input }): string[][] => {
    if (!input?.text) return [];
    const text = field.is === 'choice' ? (field.options[input.text] ?? input.text) : input.text;
    return [[field.label, text, input.how, path, input.note ?? '']];
  });
  const sources = [...new Set(evaluation.checks.map((check) => check.source))];
  const sections = [
    [`# ${build.name}`],
    build.brief ? [build.brief] : [],
    [evaluation.says, evaluation.jam, evaluation.notWorkedOut].filter(Boolean),
    ['## At each shaft'],
    table(
      ['shaft', 'speed', 'torque', 'power'],
      stations.map(({ name, speed, torque, power }) => [name, ...[speed, torque, power].map((figure) => showFigure(figure, evaluation.units))]),
    ),
    ['## Checks, worst first'],
    table(
      ['verdict', 'what', 'source'],
      evaluation.checks.map(({ verdict, says, source }) => [verdict, says, `[${sources.indexOf(source) + 1}]`]),
    ),
    ['## How it was worked out'],
    sumsOf(build, evaluation).map(({ called, line }) => `- ${called}: \`${line}\``),
    ['## Entered'],
    table(['field', 'as typed', 'known', 'where', 'note'], entered),
    ['## Beware'],
    evaluation.cautions.map((caution) => `- ${caution}`),
    ['## Sources'],
    sources.map((source, k) => `${k + 1}. ${source}`),
  ];
  return `${sections
    .filter((lines) => lines.length > 0)
    .map((lines) => lines.join('\n'))
    .join('\n\n')}\n`;
}
