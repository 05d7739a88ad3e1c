import { mostOfNote, type Note, type NoteContract, type NotePhoto } from '@hobrek/contracts';
import { Injectable } from '@nestjs/common';
import pLimit from 'p-limit';
import { idOutOf } from '../../platform/ids.js';
import { ProblemError } from '../../platform/problem-error.js';
import { makePhoto } from './make-photo.js';
import { type NoteRow, NotesRepository } from './notes.repository.js';

const mostPhotos = 500;
const mostAtOnce = 200;

@Injectable()
export class NotesService {
  /** One picture at a time: each takes a lot of memory while it is drawn, and the limits are checked in the same turn. */
  private readonly inTurn = pLimit(1);

  constructor(private readonly repository: NotesRepository) {}

  async write(build: string, { text, by, tags = [], photos = [] }: NoteContract): Promise<Note> {
    const words = text.trim() === '' ? '' : text;
    if (words === '' && photos.length === 0) throw new ProblemError('note-refused', 'text: write something, or add a photo');
    const written = await this.repository.write(build, { text: words, by, tags: tidy(tags), photos });
    if (!written) throw gone();
    if (written === 'photos gone') throw new ProblemError('note-refused', 'photos: one of them is not here any more; add it again');
    return noted(written);
  }

  /** The next of them, newest first. @param from how many were shown already */
  async list(build: string, from: number): Promise<Note[]> {
    return (await this.repository.of(build, mostAtOnce, from)).map(noted);
  }

  async remove(build: string, note: string): Promise<void> {
    if (!(await this.repository.remove(build, note))) throw new ProblemError('not-found', 'There is no such note.');
  }

  addPhoto(build: string, bytes: Buffer): Promise<NotePhoto> {
    return this.inTurn(async () => {
      await this.roomFor(build);
      const row = await this.repository.addPhoto(build, await makePhoto(bytes));
      if (!row) throw gone();
      const { id, width, height } = row;
      return { id, width, height };
    });
  }

  /** Out of a file, to a note that is there: within the same limits as one that is added. One that is there already takes no room. */
  bringPhoto(build: string, note: string, id: string, bytes: Buffer): Promise<void> {
    return this.inTurn(async () => {
      const there = await this.repository.photosOf(build, note);
      if (!there.includes(id) && !there.includes(idOutOf(build, note, id))) {
        if (there.length >= mostOfNote) throw new ProblemError('photo-refused', `A note has at most ${mostOfNote} photos; this one has as many.`);
        await this.roomFor(build);
      }
      const isBrought = await this.repository.bringPhoto(build, note, id, await makePhoto(bytes));
      if (!isBrought) throw new ProblemError('not-found', 'There is no such note.');
    });
  }

  private async roomFor(build: string): Promise<void> {
    if ((await this.repository.countPhotos(build)) >= mostPhotos)
      throw new ProblemError('photo-refused', `There are ${mostPhotos} photos with this build: take some out first.`);
  }

  async photo(build: string, id: string, size: 'whole' | 'small'): Promise<Buffer> {
    const bytes = await this.repository.photo(build, id, size);
    if (!bytes) throw new ProblemError('not-found', 'There is no such photo.');
    return bytes;
  }

  async removeLoose(build: string, id: string): Promise<void> {
    if (!(await this.repository.removeLoose(build, id))) throw new ProblemError('not-found', 'There is no such photo outside of a note.');
  }
}

/** In lower case, each once, in the order given. */
const tidy = (tags: readonly string[]) => [...new Set(tags.map((tag) => tag.trim().toLowerCase()).filter((tag) => tag !== ''))];

export const noted = ({ id, at, madeBy, text, tags, photos }: NoteRow): Note => ({ id, at: at.toISOString(), by: madeBy, text, tags, photos });

const gone = () => new ProblemError('not-found', 'There is no such build; it may have been deleted.');
