import { blankBuild } from './blank-build.js';
import type { Build, Line } from './build.js';

const longestName = 60;

/** The line that a build was begun with: what is sized, and what is wished is held against. */
export const mainLine = ({ lines }: Pick<Build, 'lines'>): Line | undefined => lines.at(0);

/** The line of an id, or the first where there is none of it: what is shown when a line is taken out elsewhere. */
export const lineOf = ({ lines }: Pick<Build, 'lines'>, id: string | null | undefined): Line =>
  lines.find((line) => line.id === id) ?? (mainLine({ lines }) as Line);

/** A name as it is kept. @returns what is wrong with it, as a sentence for the person who typed it */
function checked(build: Build, id: string | null, name: string): { readonly name: string } | { readonly wrong: string } {
  const kept = name.trim().slice(0, longestName);
  if (!kept) return { wrong: 'A line has a name.' };
  const other = build.lines.find((line) => line.id !== id && line.name.trim().toLowerCase() === kept.toLowerCase());
  return other ? { wrong: `Another line is called “${other.name}”.` } : { name: kept };
}

/** What is wrong with a name for a line, or for a new one where the id is null; empty where nothing is. */
export function lineNameWrong(build: Build, id: string | null, name: string): string {
  const read = checked(build, id, name);
  return 'wrong' in read ? read.wrong : '';
}

/**
 * The build with one line more at its end: a motor, a V-belt and some work with nothing entered, which stands apart from the others.
 * @throws RangeError when the name is empty or another line's
 */
export function withLineAdded(build: Build, name: string): Build {
  const read = checked(build, null, name);
  if ('wrong' in read) throw new RangeError(read.wrong);
  const taken = new Set([...build.lines.map(({ id }) => id), ...reserved]);
  const word =
    read.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 24) || 'line';
  let id = word;
  for (let n = 2; taken.has(id); n++) id = `${word}-${n}`;
  const [blank] = blankBuild('').lines as readonly [Line];
  return { ...build, lines: [...build.lines, { ...blank, id, name: read.name }] };
}

/** What is the first word of other paths. */
const reserved = ['supply', 'wishes', 'finder', 'main'];

/** @throws RangeError when there is no such line, or the name is empty or another line's */
export function withLineRenamed(build: Build, id: string, name: string): Build {
  const read = checked(build, id, name);
  if ('wrong' in read) throw new RangeError(read.wrong);
  return inPlace(build, id, (line) => [{ ...line, name: read.name }]);
}

/** The build with a line so many places further on; at either end it stays. @throws RangeError when there is no such line */
export function withLineMoved(build: Build, id: string, by: number): Build {
  const k = placeOf(build, id);
  const to = Math.min(Math.max(k + by, 0), build.lines.length - 1);
  return { ...build, lines: build.lines.toSpliced(k, 1).toSpliced(to, 0, build.lines[k] as Line) };
}

/** @throws RangeError when there is no such line, or it is the only one */
export function withLineRemoved(build: Build, id: string): Build {
  if (build.lines.length === 1) throw new RangeError('A build has at least one line.');
  return inPlace(build, id, () => []);
}

function inPlace(build: Build, id: string, change: (line: Line) => readonly Line[]): Build {
  const k = placeOf(build, id);
  return { ...build, lines: build.lines.toSpliced(k, 1, ...change(build.lines[k] as Line)) };
}

function placeOf({ lines }: Build, id: string): number {
  const k = lines.findIndex((line) => line.id === id);
  if (k < 0) throw new RangeError(`The build has no line ${id}`);
  return k;
}
