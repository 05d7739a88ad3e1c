import { type Build, type Evaluation, type Figure, figuresByPath, partsList } from '@hobrek/core';
import papaparse from 'papaparse';

/** Rows as CSV by RFC 4180; what a spreadsheet would take for a formula is kept from being one. */
const csv = (fields: readonly string[], data: readonly (readonly (string | number)[])[]): string =>
  `${papaparse.unparse({ fields: [...fields], data: data.map((row) => [...row]) }, { escapeFormulae: true })}\r\n`;

const ends = (figure: Figure): readonly (string | number)[] =>
  figure.known ? [figure.value, figure.low ?? figure.value, figure.high ?? figure.value, figure.unit] : ['', '', '', figure.unit];

/** Every figure of a build: its path, likely, least, most, in its unit; the empty ones are not known. */
export function figuresCsv(evaluation: Evaluation): string {
  const figures = [...figuresByPath(evaluation)];
  return csv(
    ['path', 'likely', 'least', 'most', 'unit'],
    figures.map(([path, figure]) => [path, ...ends(figure)]),
  );
}

/** Every check of a build, worst first. */
export function checksCsv(evaluation: Evaluation): string {
  return csv(
    ['check', 'verdict', 'share left, at worst', 'says', 'source'],
    evaluation.checks.map(({ id, verdict, margin, says, source }) => [id, verdict, margin?.worst ?? '', says, source]),
  );
}

/** What has to be had. */
export function partsCsv(build: Build): string {
  return csv(
    ['what', 'size', 'many', 'for'],
    partsList(build).map(({ what, size, many, path }) => [what, size, many, path]),
  );
}
