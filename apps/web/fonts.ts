import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import subsetFont from 'subset-font';

/** Letters and signs that nearly every page is written with; any other, of a name in another language say, is fetched with the whole of its script. */
const letters = [String.fromCodePoint(...Array.from({ length: 0x7f - 0x20 }, (_, k) => 0x20 + k)), '\u00a0°±²³¹µ·¼½¾×Ø÷–—‘’“”•…−∕'].join('');

/** Kerning, and figures of one width: what the pages are set with. Hints are for screens of another time. */
const kept = { targetFormat: 'woff2', keepFeatures: ['ccmp', 'kern', 'lnum', 'tnum'], noHinting: true } as const;

/** A font as it is published, and what is kept of it. */
const fonts = [
  {
    name: 'text',
    of: '@fontsource-variable/source-sans-3/files/source-sans-3-latin-wght-normal.woff2',
    // Text is written in these weights.
    axes: { variationAxes: { wght: { min: 400, max: 600, default: 400 } } },
  },
  { name: 'head', of: '@fontsource/barlow-condensed/files/barlow-condensed-latin-600-normal.woff2', axes: {} },
] as const;

/**
 * Writes the fonts of the first page into a directory: of what is published, those letters only.
 * @throws when a font is not installed
 */
export async function writeFonts(directory: string): Promise<void> {
  const { resolve } = createRequire(import.meta.url);
  mkdirSync(directory, { recursive: true });
  for (const { name, of, axes } of fonts)
    writeFileSync(join(directory, `${name}.woff2`), await subsetFont(readFileSync(resolve(of)), letters, { ...kept, ...axes }));
}
