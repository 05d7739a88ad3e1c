import 'reflect-metadata';
import { ArrayMaxSize, ArrayUnique, IsArray, IsString, IsUUID, MaxLength } from 'class-validator';
import { all, given } from './decorators.js';

/** Photos of one note, at most. */
export const mostOfNote = 8;

/** Words under which a note is found again. */
export const tags = (): PropertyDecorator => all(IsArray(), ArrayMaxSize(8), IsString({ each: true }), MaxLength(24, { each: true }));

/** A note as it is written down: what, and by whom (a name given once on the device; nobody signs in). */
export class NoteContract {
  @IsString()
  @MaxLength(4_000)
  text: string;

  @IsString()
  @MaxLength(40)
  by: string;

  @given()
  @tags()
  tags?: string[];

  /** Photos that were sent before it; with one, the note may be without words. */
  @given()
  @IsArray()
  @ArrayMaxSize(mostOfNote)
  @ArrayUnique()
  @IsUUID(undefined, { each: true })
  photos?: string[];
}
