/** Control characters, and what turns the writing round (bidirectional overrides). */
const controls = /\r(?!\n)|[\p{Cc}\u202a-\u202e\u2066-\u2069\ufffe\uffff]/gu;
/** Of them what a text may hold. */
const layout: ReadonlySet<string> = new Set(['\t', '\n', '\r']);

/** A text without control characters, for a terminal or a file that must not hold any. Tabs and line breaks stay. */
export const withoutControls = (text: string): string =>
  text.replaceAll(controls, (sign, at: number) => (layout.has(sign) && (sign !== '\r' || text[at + 1] === '\n') ? sign : ''));

/**
 * What a person wrote stays text in Markdown: what would be a heading, a list, a link, a picture, a table or a tag is kept from being one, and an address from being made
 * a link by what reads it. Line breaks stay.
 */
export const plainInMarkdown = (text: string): string =>
  withoutControls(text)
    .replace(/[\\`*_[\]<>#|~&]/g, '\\$&')
    .replace(/^(\s*)([-+])(?=[\s-]|$)/gm, '$1\\$2')
    .replace(/^(\s*)(=)(?==*\s*$)/gm, '$1\\$2')
    .replace(/^(\s*\d+)([.)])(?=\s|$)/gm, '$1\\$2')
    // Four spaces at the beginning of a line are a program in Markdown.
    .replace(/^[ \t]+/gm, (room) => room.replaceAll(/[ \t]/g, '\u00a0'))
    .replace(/(https?|ftp):\/\//gi, '$1:\u200b//')
    .replace(/\bwww\./gi, 'www\u200b.')
    .replace(/@/g, '\u200b@');

/** JSON as it goes to a terminal: what JSON leaves as it is, and a terminal would take for a command, is written by its number. */
export const safeJson = (json: string): string =>
  json.replaceAll(/[\u007f-\u009f\u202a-\u202e\u2066-\u2069]/g, (sign) => `\\u${sign.charCodeAt(0).toString(16).padStart(4, '0')}`);
