import 'reflect-metadata';
import { type Build, portionOfNotes, type shedFormat, type shedVersion } from '@hobrek/core';
import { IsBoolean, IsObject, IsString, Matches, MaxLength, ValidateBy } from 'class-validator';
import { given, nestedList } from './decorators.js';
import { tags } from './note.js';

/** A moment as it is written in a shed's file: `2026-11-25T10:42:00.123Z`, in the years 1 to 9999. */
const moment = /^(?!0000)\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,9})?(Z|[+-]\d{2}:\d{2})$/;

/** Whether a text is a moment that there is: no 30th of February. */
function isMoment(text: unknown): boolean {
  if (typeof text !== 'string' || !moment.test(text) || Number.isNaN(Date.parse(text))) return false;
  // What is no day of its month would be taken for one of the next.
  const [year = 0, month = 0, day = 0] = text.slice(0, 10).split('-').map(Number);
  return day <= new Date(Date.UTC(year < 100 ? year + 400 : year, month, 0)).getUTCDate();
}

const IsMoment = () =>
  ValidateBy({
    name: 'isMoment',
    validator: { validate: isMoment, defaultMessage: () => '$property must be a moment such as 2026-11-25T10:42:00Z, in the years 1 to 9999' },
  });

/** An id, in capitals or not. */
const IsId = () => Matches(/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i, { message: '$property must be a UUID' });

class ShedNoteContract {
  @IsId()
  id: string;

  @IsMoment()
  at: string;

  @IsString()
  @MaxLength(40)
  by: string;

  @IsString()
  @MaxLength(4_000)
  text: string;

  @given()
  @tags()
  tags?: string[];
}

/** A photo in a shed's file: base64 of a WebP picture. It is sent on its own, after the note it belongs to. */
interface ShedPhoto {
  readonly id: string;
  readonly webp: string;
}

/** One build of a shed's file: the build itself is read by the same door as any other. */
export class ShedEntryContract {
  @IsId()
  id: string;

  @IsMoment()
  changedAt: string;

  @IsObject()
  build: Build;

  @nestedList(ShedNoteContract, portionOfNotes)
  notes: ShedNoteContract[];

  /** Chosen by the person: put in the place of a build of this id that is there and differs. */
  @given()
  @IsBoolean()
  replace?: boolean;
}

/** Several builds, or all of them, with their ids and notes, as one file. */
export interface Shed {
  readonly format: typeof shedFormat;
  readonly version: typeof shedVersion;
  readonly takenAt: string;
  readonly builds: readonly (Omit<ShedEntryContract, 'replace' | 'notes'> & {
    readonly notes: readonly (ShedNoteContract & { readonly photos?: readonly ShedPhoto[] })[];
  })[];
}

/** What bringing an entry in would do, or has done. */
export interface Looked {
  readonly id: string;
  readonly name: string;
  /** Against the build of that id: not there, equal, changed later in the file, or changed later here. */
  readonly what: 'new' | 'same' | 'newer' | 'older' | 'damaged';
  /** Notes of the entry that are not here; when it was brought in, those that were put in. */
  readonly notes: number;
  /** Notes whose id is another’s here, or twice in the entry: the id that each has here, by its place in the entry. */
  readonly ids?: Readonly<Record<number, string>>;
  readonly says: string;
}
