import type { Looked, Shed } from '@hobrek/contracts';
import { portionOfBytes, portionOfNotes } from '@hobrek/core';
import { AskError, ask, send } from '../../shared/ask.js';
import { jsonValues } from '../../shared/json-values.js';

type Entry = Shed['builds'][number];
type Note = Entry['notes'][number];

/** Tells how far it is, and hears whether it is to stop. */
export interface Progress {
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

export const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
export const called = (build: unknown): string =>
  isObject(build) && typeof build.name === 'string' && build.name.trim() ? build.name : 'a build without a name';

/** What will become of an entry of a shed's file. @param part where it is in the file, read again when it is imported */
export async function lookAt(entry: unknown, part: Blob, key: string): Promise<Coming> {
  try {
    const looked: Looked[] = [];
    for (const portion of portionsOf(entry).portions) looked.push(await send<Looked>('POST', 'shed/look', portion));
    const { name, what, says } = looked[0] as Looked;
    const notes = looked.reduce((sum, each) => sum + each.notes, 0);
    const coming = { key, name, says: `${says}.` };
    if (what === 'damaged' || (what === 'same' && notes === 0)) return coming;
    return { ...coming, replaces: what === 'newer' || what === 'older', bring: bringAll(part) };
  } catch (problem) {
    return {
      key,
      name: isObject(entry) ? called(entry.build) : 'an entry',
      says: `cannot be imported: ${problem instanceof AskError ? problem.message : 'it could not be sent'}`,
    };
  }
}

/** Build and notes, a portion after the other, then the photos one by one. Begun again where it was stopped, it goes on: what is there is not put in twice. */
function bringAll(part: Blob): NonNullable<Coming['bring']> {
  const bring: NonNullable<Coming['bring']> = async (replace, { says: tell, isStopped }) => {
    const stopped = (what: string) => ({ says: `was stopped: ${what}. Import goes on with the rest.`, bring });
    const { portions, photos, unreadable } = await taken(part);
    const done: Looked[] = [];
    for (const [k, portion] of portions.entries()) {
      if (k > 0 && isStopped()) return stopped(`${k} of ${portions.length} portions of its notes are in`);
      if (portions.length > 1) tell(`notes, ${k + 1} of ${portions.length}`);
      done.push(await send<Looked>('POST', 'shed/bring', { ...portion, ...(replace ? { replace } : {}) }));
    }
    const [first] = done as [Looked, ...Looked[]];
    const lost = [...unreadable];
    let sent = 0;
    if (photos.size > 0)
      for await (const { value, at } of jsonValues(part, [photoPath])) {
        const photo = photos.get(placeOf(at));
        if (!photo) continue;
        if (isStopped()) return stopped(`${sent} of ${photos.size} photos are in`);
        tell(`photo ${++sent} of ${photos.size}`);
        const note = done[photo.portion]?.ids?.[photo.place] ?? photo.note;
        if (!(await bringPhoto(first.id, note, photo.id, (value as { readonly webp: string }).webp))) lost.push(photo.says);
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

const photoPath = '$.notes.*.photos.*';
const placeOf = (at: readonly (string | number)[]): string => at.join('/');

interface SentNote {
  readonly note: string;
  /** In which portion it is sent, and at which place of it. */
  readonly portion: number;
  readonly place: number;
}

interface HeldPhoto extends SentNote {
  readonly id: string;
  /** What it is called where it cannot be read. */
  readonly says: string;
}

interface Taken {
  readonly portions: readonly object[];
  /** By their places in the entry. */
  readonly photos: ReadonlyMap<string, HeldPhoto>;
  /** Photos of the file that are none. */
  readonly unreadable: readonly string[];
}

/** An entry read again without its photos, which are only noted where they are. @throws Error when the file was changed meanwhile */
async function taken(part: Blob): Promise<Taken> {
  const found: { readonly at: readonly (string | number)[]; readonly id: string | undefined }[] = [];
  for await (const { value, at } of jsonValues(part, ['$', photoPath])) {
    if (at.length > 0)
      found.push({ at, id: isObject(value) && typeof value.id === 'string' && typeof value.webp === 'string' ? value.id : undefined });
    else return withPhotos(value, found);
  }
  throw new Error('Nothing is there.');
}

function withPhotos(entry: unknown, found: readonly { readonly at: readonly (string | number)[]; readonly id: string | undefined }[]): Taken {
  const { portions, notes } = portionsOf(entry);
  const photos = new Map<string, HeldPhoto>();
  const unreadable: string[] = [];
  for (const { at, id } of found) {
    const [, k, , n] = at as [string, number, string, number];
    const sent = notes[k];
    const says = `photo ${n + 1} of note ${k + 1}`;
    if (id !== undefined && sent?.note) photos.set(placeOf(at), { ...sent, id: id.toLowerCase(), says });
    else unreadable.push(says);
  }
  return { portions, photos, unreadable };
}

interface Portions {
  /** The entry as it is sent: several times with some of its notes each, the build in every one. */
  readonly portions: readonly object[];
  readonly notes: readonly SentNote[];
}

/** An entry in portions that the server takes, without photos. What is no entry stays as it is: the server says what is wrong. */
function portionsOf(entry: unknown): Portions {
  if (!isObject(entry) || !Array.isArray(entry.notes)) return { portions: [entry as object], notes: [] };
  const portions: unknown[][] = [[]];
  const notes: SentNote[] = [];
  let bytes = 0;
  for (const each of entry.notes) {
    const words = withoutPhotos(each);
    const size = new TextEncoder().encode(JSON.stringify(words) ?? '').length;
    const last = portions.at(-1) as unknown[];
    if (last.length > 0 && (bytes + size > portionOfBytes || last.length >= portionOfNotes)) {
      portions.push([]);
      bytes = 0;
    }
    bytes += size;
    const portion = portions.at(-1) as unknown[];
    notes.push({ note: isObject(each) ? String(each.id).toLowerCase() : '', portion: portions.length - 1, place: portion.length });
    portion.push(words);
  }
  return { portions: portions.map((each) => ({ ...entry, notes: each })), notes };
}

function withoutPhotos(note: unknown): unknown {
  if (!isObject(note) || !Array.isArray(note.photos)) return note;
  const { photos, ...words } = note as unknown as Note;
  return words;
}

/** @throws DOMException when it is no base64 */
function bytesOf(base64: string): Uint8Array<ArrayBuffer> {
  const letters = atob(base64);
  const bytes = new Uint8Array(letters.length);
  for (let k = 0; k < letters.length; k++) bytes[k] = letters.charCodeAt(k);
  return bytes;
}

/** @returns false when it could not be imported */
async function bringPhoto(build: string, note: string, id: string, webp: string): Promise<boolean> {
  try {
    await ask(`builds/${build}/notes/${note}/photos/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'image/webp' },
      body: new Blob([bytesOf(webp)]),
    });
    return true;
  } catch {
    return false;
  }
}
