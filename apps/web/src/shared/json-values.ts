import { Tokenizer, TokenParser, TokenType } from '@streamparser/json';

/** A value of a JSON text: where it was found, and at which bytes when it is an object or a list in a list of the outermost object. */
export interface FoundValue {
  readonly value: unknown;
  /** The keys and places that lead to it; empty for the whole. */
  readonly at: readonly (string | number)[];
  readonly from: number;
  readonly to: number;
  /** How much of the text has been read, 0 to 1. */
  readonly read: number;
}

const byteOrderMark = [0xef, 0xbb, 0xbf];

/**
 * The values of a JSON text at some paths (`$` the whole, `$.builds.*` what is in a list), in the order in which they end, read in pieces: a file of any
 * size needs no more memory than its largest value. What has been told is left out of what holds it, so that the whole is what is left over.
 * @throws Error when the text is no JSON, or ends in the middle of it
 */
export async function* jsonValues(text: Blob, paths: readonly string[]): AsyncGenerator<FoundValue> {
  // A mark at the beginning that says "UTF-8" is no part of the text: skipped here, for it is not counted among the bytes that were read.
  const head = new Uint8Array(await text.slice(0, byteOrderMark.length).arrayBuffer());
  const marked = byteOrderMark.every((byte, k) => byte === head[k]) ? byteOrderMark.length : 0;
  const tokenizer = new Tokenizer();
  const parser = new TokenParser({ paths: [...paths] });
  const found: Omit<FoundValue, 'read'>[] = [];
  let depth = 0;
  let began = 0;
  let offset = 0;
  parser.onValue = ({ value, key, parent, stack }) => {
    const at = [...stack.map((each) => each.key), key].slice(1).map((each) => each as string | number);
    found.push({ value, at, from: marked + began, to: marked + offset + 1 });
    if (at.length > 0) (parent as Record<string | number, unknown>)[key as string | number] = undefined;
  };
  tokenizer.onToken = (token) => {
    const opens = token.token === TokenType.LEFT_BRACE || token.token === TokenType.LEFT_BRACKET;
    const closes = token.token === TokenType.RIGHT_BRACE || token.token === TokenType.RIGHT_BRACKET;
    offset = token.offset;
    if (opens && depth++ === 2) began = offset;
    if (closes) depth--;
    parser.write(token);
  };
  const reader = text.slice(marked).stream().getReader();
  let bytes = 0;
  try {
    for (let piece = await reader.read(); !piece.done; piece = await reader.read()) {
      tokenizer.write(piece.value);
      bytes += piece.value.length;
      for (const each of found.splice(0)) yield { ...each, read: bytes / text.size };
    }
    tokenizer.end();
    if (!parser.isEnded) throw new Error('The text ends before what it begins.');
    for (const each of found) yield { ...each, read: 1 };
  } finally {
    await reader.cancel().catch(() => {});
  }
}
