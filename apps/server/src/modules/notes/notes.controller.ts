import { FromQuery, type Note, NoteContract, type NotePhoto, PhotoQuery } from '@hobrek/contracts';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Res, StreamableFile } from '@nestjs/common';
import type { Response } from 'express';
import { Asked } from '../../platform/asked.js';
import { idFrom } from '../../platform/ids.js';
import { ProblemError } from '../../platform/problem-error.js';
import { readBody } from '../../platform/read-body.js';
import { NotesService } from './notes.service.js';

@Controller('builds/:build')
export class NotesController {
  constructor(private readonly notes: NotesService) {}

  /** Older notes, a few hundred at a time. */
  @Get('notes')
  notesFrom(@Param('build') build: string, @Asked(FromQuery) { from = 0 }: FromQuery): Promise<Note[]> {
    return this.notes.list(idFrom(build), from);
  }

  @Post('notes')
  write(@Param('build') build: string, @Body() body: unknown): Promise<Note> {
    return this.notes.write(idFrom(build), noteFrom(body));
  }

  @Delete('notes/:note')
  @HttpCode(204)
  remove(@Param('build') build: string, @Param('note') note: string): Promise<void> {
    return this.notes.remove(idFrom(build), idFrom(note, 'note'));
  }

  /** A picture for a note that is still to be written. */
  @Post('photos')
  addPhoto(@Param('build') build: string, @Body() body: unknown): Promise<NotePhoto> {
    return this.notes.addPhoto(idFrom(build), bytesFrom(body));
  }

  @Get('photos/:photo')
  async photo(
    @Param('build') build: string,
    @Param('photo') photo: string,
    @Asked(PhotoQuery) { size = 'whole' }: PhotoQuery,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const bytes = await this.notes.photo(idFrom(build), idFrom(photo, 'photo'), size);
    // A photo never changes under its id.
    response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
    return new StreamableFile(bytes, { type: 'image/webp', length: bytes.length });
  }

  @Delete('photos/:photo')
  @HttpCode(204)
  removePhoto(@Param('build') build: string, @Param('photo') photo: string): Promise<void> {
    return this.notes.removeLoose(idFrom(build), idFrom(photo, 'photo'));
  }

  /** A photo out of a shed's file, to a note that was imported before it. */
  @Put('notes/:note/photos/:photo')
  @HttpCode(204)
  bringPhoto(@Param('build') build: string, @Param('note') note: string, @Param('photo') photo: string, @Body() body: unknown): Promise<void> {
    return this.notes.bringPhoto(idFrom(build), idFrom(note, 'note'), idFrom(photo, 'photo'), bytesFrom(body));
  }
}

function bytesFrom(body: unknown): Buffer {
  if (!Buffer.isBuffer(body) || body.length === 0)
    throw new ProblemError('photo-refused', 'Send the picture itself, as image/jpeg, image/png or image/webp.');
  return body;
}

function noteFrom(body: unknown): NoteContract {
  const note = readBody(NoteContract, body);
  if ('wrong' in note) throw new ProblemError('note-refused', note.wrong.says);
  return note.read;
}
