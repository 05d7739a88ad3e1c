import {
  type Build,
  type Evaluation,
  type Figure,
  type Input,
  labelledFigures,
  partsList,
  reserveOf,
  say,
  type TableField,
  textsOf,
  type UnitHabit,
  verdictOf,
  wordingFor,
} from '@hobrek/core';
import papaparse from 'papaparse';
import { csv } from './csv.js';

const ends = (figure: Figure): readonly (string | number)[] =>
  figure.known ? [figure.value, figure.low ?? figure.value, figure.high ?? figure.value, figure.unit] : ['', '', '', figure.unit];

/** Every figure of a build, by its label: likely, least, most, in its house unit; the empty ones are not known. Its path has a column of its own. */
export function figuresCsv(build: Build, evaluation: Evaluation): string {
  return csv(
    ['of', 'figure', 'likely', 'least', 'most', 'unit', 'path'],
    labelledFigures(build, evaluation).map(({ of, label, figure, path }) => [of, label, ...ends(figure), path]),
  );
}

/** Every check of a build, worst first. */
export function checksCsv(build: Build, evaluation: Evaluation, units: UnitHabit = 'metric'): string {
  const wording = wordingFor(build, units);
  return csv(
    ['verdict', 'reserve at worst', 'says', 'source', 'share left at worst', 'id'],
    evaluation.checks.map((check) => [
      verdictOf(check),
      reserveOf(check),
      say(check.says, wording),
      check.source,
      check.margin?.worst ?? '',
      check.id,
    ]),
  );
}

/** A table that is entered, as CSV: its columns by their labels, then each row as it was typed. */
export function entriesCsv(field: TableField, input: Input | undefined): string {
  const [head = [], ...rows] = textsOf(field, input);
  return csv(head, rows);
}

/** The same as a spreadsheet takes it from the clipboard. */
export const entriesToPaste = (field: TableField, input: Input | undefined): string =>
  papaparse.unparse(textsOf(field, input), { delimiter: '\t', newline: '\n' });

/**
 * Rows of texts out of a CSV file, or out of what a spreadsheet copies: whatever their delimiter is. What `entriesCsv` kept from being a formula is again what was
 * typed.
 */
export function textsIn(text: string): string[][] {
  const { data } = papaparse.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy', delimitersToGuess: ['\t', ';', ',', '|'] });
  return data.map((row) => row.map((cell) => cell.replace(/^'(?=[=+\-@\t\r])/, '')));
}

/** What has to be bought or made. */
export function partsCsv(build: Build): string {
  return csv(
    ['what', 'size', 'many', 'for', 'path'],
    partsList(build).map(({ what, size, many, of, path }) => [what, size, many, of, path]),
  );
}
