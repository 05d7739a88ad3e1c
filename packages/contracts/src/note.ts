import 'reflect-metadata';
import { IsString, Length, MaxLength } from 'class-validator';

/** A note as it is written down: what, and by whom (a name given once on the device; nobody signs in). */
export class NoteContract {
  @IsString()
  @Length(1, 4_000)
  text: string;

  @IsString()
  @MaxLength(40)
  by: string;
}
