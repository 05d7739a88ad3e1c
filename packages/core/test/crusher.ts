import { readFileSync } from 'node:fs';
import type { Build, Input } from '../src/machine/build.js';
import { enter } from '../src/machine/enter.js';
import { placeAt, withInput } from '../src/machine/paths.js';

/** The demo crusher, as the file that is shipped. */
export const crusher = (): Build => JSON.parse(readFileSync(new URL('../../../demo/apple-crusher.json', import.meta.url), 'utf8')) as Build;

/** The build after something was typed into each of these fields. */
export function afterTyping(build: Build, typed: Readonly<Record<string, string>>): Build {
  return Object.entries(typed).reduce((now, [path, text]) => {
    const place = placeAt(now, path);
    if (!place) throw new Error(`No field ${path}`);
    return withInput(now, path, enter(place.field, text, place.input).input);
  }, build);
}

export const inputAt = (build: Build, path: string): Input | undefined => placeAt(build, path)?.input;
