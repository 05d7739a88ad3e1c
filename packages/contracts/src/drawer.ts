import 'reflect-metadata';
import { IsString, MaxLength } from 'class-validator';

/** Longest drawer that is kept: some five hundred lines. */
const longestDrawer = 40_000;

/** Own parts, a line each, as they are typed; lines that are not understood are kept too. */
export class DrawerContract {
  @IsString()
  @MaxLength(longestDrawer)
  text: string;
}

/** The drawer of the workshop; version nought while nothing was ever kept. */
export interface Drawer {
  readonly text: string;
  /** Counts the saves; a save says from which one it started. */
  readonly version: number;
}

/** What a build has reserved of the drawer. */
export interface ReservedPart {
  /** Of the build. */
  readonly id: string;
  readonly by: string;
  /** Line of the drawer, without how many there are. */
  readonly written: string;
  readonly many: number;
}
