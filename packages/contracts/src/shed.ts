import 'reflect-metadata';
import type { Build, shedFormat, shedVersion } from '@hobrek/core';
import { IsBoolean, IsISO8601, IsObject, IsString, IsUUID, MaxLength } from 'class-validator';
import { given, nestedList } from './decorators.js';
import { tags } from './note.js';

class ShedNoteContract {
  @IsUUID()
  id: string;

  @IsISO8601()
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
  @IsUUID()
  id: string;

  @IsISO8601()
  changedAt: string;

  @IsObject()
  build: Build;

  @nestedList(ShedNoteContract, 2_000)
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
  /** Notes of the entry that are not here. */
  readonly notes: number;
  readonly says: string;
}
