import papaparse from 'papaparse';

/** Rows as CSV by RFC 4180; what a spreadsheet would take for a formula is kept from being one. */
export const csv = (fields: readonly string[], data: readonly (readonly (string | number)[])[]): string =>
  `${papaparse.unparse({ fields: [...fields], data: data.map((row) => [...row]) }, { escapeFormulae: true })}\r\n`;
