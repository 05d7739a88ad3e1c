import type { Looked, Shed } from '@hobrek/contracts';
import { type Build, buildFormat, portionOfBytes, portionOfNotes, shedFormat, shedVersion } from '@hobrek/core';
import { AskError, ask, send } from '../../shared/ask.js';

type Entry = Shed['builds'][number];
type Note = Entry['notes'][number];

/** Tells how far it is, and hears whether it is to stop. */
interface Progress {
  readonly says: (what: string) => void;
  readonly isStopped: () => boolean;
}

/** One build out of a file: what will happen to it, and how that is done; nothing to do where it cannot be imported or is here already. */
export interface Coming {
  readonly key: string;
  readonly name: string;
  readonly says: string;
  /** Something of it was lost or left: it is read before the dialog closes. */
  readonly isOdd?: boolean;
  /** Asked about: it would stand in the place of one that is here. */
  readonly replaces?: boolean;
  readonly bring?: (replace: boolean, progress: Progress) => Promise<Pick<Coming, 'says' | 'isOdd' | 'bring'>>;
}

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> => typeof value === 'object' && value !== null && !Array.isArray(value);
const called = (build: unknown): string =>
  isObject(build) && typeof build.name === 'string' && build.name.trim() ? build.name : 'a build without a name';

/** Reads a file of this device: the server reads what comes in as it reads anything, and says where it is wrong. Never throws. */
export async function readShedFile(file: File, names: ReadonlySet<string>, says: (what: string) => void): Promise<Coming[]> {
  const no = (why: string): Coming[] => [{ key: file.name, name: file.name, says: why }];
  let raw: unknown;
  try {
    raw = JSON.parse(await file.text());
  } catch {
    return no('is not JSON: it may be damaged, too large for this browser, or another kind of file. Nothing was imported.');
  }
  const { format, version, builds } = isObject(raw) ? raw : {};
  if (format === buildFormat) return [oneBuild(file.name, raw as Build, names)];
  if (format !== shedFormat || !Array.isArray(builds)) return no(`is JSON, but neither a build nor a shed: it lacks “format”: “${buildFormat}”.`);
  if (typeof version === 'number' && version > shedVersion) return no('was written by a newer Hobrek, which is needed to open it.');
  const looked: Coming[] = [];
  // One after the other: a shed may be large, and the server is one.
  for (const [k, entry] of builds.entries()) {
    says(`Reading ${k + 1} of ${builds.length} …`);
    looked.push(await look(entry, `${file.name} ${k}`));
  }
  return looked.length > 0 ? looked : no('is a shed with no builds in it.');
}

function oneBuild(file: string, build: Build, names: ReadonlySet<string>): Coming {
  const name = called(build);
  return {
    key: file,
    name: file,
    says: `“${name}” will be put into the shed${names.has(name) ? ', beside one of the same name, which stays as it is' : ''}.`,
    bring: async () => {
      await send('POST', 'builds', build);
      return { says: 'is in the shed now.' };
    },
  };
}

async function look(whole: unknown, key: string): Promise<Coming> {
  const { portions, photos, unreadable } = taken(whole);
  try {
    const looked: Looked[] = [];
    for (const portion of portions) looked.push(await send<Looked>('POST', 'shed/look', portion));
    const { name, what, says } = looked[0] as Looked;
    const notes = looked.reduce((sum, each) => sum + each.notes, 0);
    const coming = { key, name, says: `${says}.` };
    if (what === 'damaged' || (what === 'same' && notes === 0)) return coming;
    return { ...coming, replaces: what === 'newer' || what === 'older', bring: bringAll(portions, photos, unreadable) };
  } catch (problem) {
    return {
      key,
      name: isObject(whole) ? called(whole.build) : 'an entry',
      says: `cannot be imported: ${problem instanceof AskError ? problem.message : 'it could not be sent'}`,
    };
  }
}

/** Build and notes, a portion after the other, then the photos one by one. Begun again where it was stopped, it goes on: what is there is not put in twice. */
function bringAll(portions: readonly object[], photos: readonly HeldPhoto[], unreadable: readonly string[]): NonNullable<Coming['bring']> {
  const bring: NonNullable<Coming['bring']> = async (replace, { says: tell, isStopped }) => {
    const stopped = (what: string) => ({ says: `was stopped: ${what}. Import goes on with the rest.`, bring });
    const done: Looked[] = [];
    for (const [k, portion] of portions.entries()) {
      if (k > 0 && isStopped()) return stopped(`${k} of ${portions.length} portions of its notes are in`);
      if (portions.length > 1) tell(`notes, ${k + 1} of ${portions.length}`);
      done.push(await send<Looked>('POST', 'shed/bring', { ...portion, ...(replace ? { replace } : {}) }));
    }
    const [first] = done as [Looked, ...Looked[]];
    const lost = [...unreadable];
    for (const [k, photo] of photos.entries()) {
      if (isStopped()) return stopped(`${k} of ${photos.length} photos are in`);
      tell(`photo ${k + 1} of ${photos.length}`);
      const note = done[photo.portion]?.ids?.[photo.place] ?? photo.note;
      if (!(await bringPhoto(first.id, note, photo))) lost.push(photo.says);
    }
    const more = done.slice(1).reduce((sum, { notes }) => sum + notes, 0);
    const rest = more > 0 ? ` ${more} notes more were added.` : '';
    return lost.length > 0
      ? {
          says: `${first.says}.${rest} ${lost.length === 1 ? 'One photo' : `${lost.length} photos`} could not be read: ${lost.join('; ')}.`,
          isOdd: true,
        }
      : { says: `${first.says}.${rest}` };
  };
  return bring;
}

interface HeldPhoto {
  readonly note: string;
  readonly id: string;
  readonly webp: string;
  /** In which portion its note is sent, and at which place of it. */
  readonly portion: number;
  readonly place: number;
  /** What it is called where it cannot be read. */
  readonly says: string;
}

interface Taken {
  /** The entry as it is sent: several times with some of its notes each, the build in every one. */
  readonly portions: readonly object[];
  readonly photos: readonly HeldPhoto[];
  /** Photos of the file that are none. */
  readonly unreadable: readonly string[];
}

/** An entry in portions that the server takes, and the photos in it. What is no entry stays as it is: the server says what is wrong. */
function taken(whole: unknown): Taken {
  if (!isObject(whole) || !Array.isArray(whole.notes)) return { portions: [whole as object], photos: [], unreadable: [] };
  const portions: unknown[][] = [[]];
  const photos: HeldPhoto[] = [];
  const unreadable: string[] = [];
  let bytes = 0;
  for (const [k, note] of whole.notes.entries()) {
    const { words, held } = withoutPhotos(note);
    const size = new TextEncoder().encode(JSON.stringify(words) ?? '').length;
    const full =
      (portions.at(-1) as unknown[]).length > 0 && (bytes + size > portionOfBytes || (portions.at(-1) as unknown[]).length >= portionOfNotes);
    if (full) {
      portions.push([]);
      bytes = 0;
    }
    bytes += size;
    const portion = portions.at(-1) as unknown[];
    for (const [n, photo] of held.entries()) {
      const says = `photo ${n + 1} of note ${k + 1}`;
      if (isObject(photo) && typeof photo.id === 'string' && typeof photo.webp === 'string' && isObject(note))
        photos.push({
          note: String(note.id).toLowerCase(),
          id: photo.id.toLowerCase(),
          webp: photo.webp,
          portion: portions.length - 1,
          place: portion.length,
          says,
        });
      else unreadable.push(says);
    }
    portion.push(words);
  }
  return { portions: portions.map((notes) => ({ ...whole, notes })), photos, unreadable };
}

function withoutPhotos(note: unknown): { readonly words: unknown; readonly held: readonly unknown[] } {
  if (!isObject(note) || !Array.isArray(note.photos)) return { words: note, held: [] };
  const { photos, ...words } = note as unknown as Note & { photos: unknown[] };
  return { words, held: photos };
}

/** @returns false when it could not be imported */
async function bringPhoto(build: string, note: string, { id, webp }: HeldPhoto): Promise<boolean> {
  try {
    const body = Uint8Array.from(atob(webp), (letter) => letter.charCodeAt(0));
    await ask(`builds/${build}/notes/${note}/photos/${id}`, { method: 'PUT', headers: { 'content-type': 'image/webp' }, body });
    return true;
  } catch {
    return false;
  }
}
