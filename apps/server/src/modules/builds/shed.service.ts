import { type Looked, readBuild, type Shed, type ShedEntryContract } from '@hobrek/contracts';
import { type Build, describeChange, engineVersion, loadKinds, same, shedFormat, shedVersion, summariseBuild, upgradeBuild } from '@hobrek/core';
import { Injectable } from '@nestjs/common';
import { ProblemError } from '../../platform/problem-error.js';
import { type NoteRow, NotesRepository } from '../notes/notes.repository.js';
import { type BuildRow, BuildsRepository } from './builds.repository.js';

/** Builds as one file, and imported again from one: what will happen is told before it does, and nothing is replaced unasked. */
@Injectable()
export class ShedService {
  constructor(
    private readonly repository: BuildsRepository,
    private readonly notes: NotesRepository,
  ) {}

  /** The file, a piece at a time: the whole need not stand in memory. */
  async *file(find: string): AsyncGenerator<string> {
    const head = { format: shedFormat, version: shedVersion, takenAt: new Date().toISOString() } satisfies Omit<Shed, 'builds'>;
    yield `${JSON.stringify(head).slice(0, -1)},"builds":[`;
    let between = '\n';
    for await (const rows of this.repository.all(find)) {
      const notes = await this.notes.ofMany(rows.map(({ id }) => id));
      for (const row of rows) {
        const head = JSON.stringify({ id: row.id, changedAt: row.changedAt.toISOString(), build: row.document });
        yield `${between}${head.slice(0, -1)},"notes":[`;
        let comma = '';
        for (const note of notes.filter(({ build }) => build === row.id)) {
          yield comma + JSON.stringify(await this.inFile(note));
          comma = ',';
        }
        yield ']}';
        between = ',\n';
      }
    }
    yield '\n]}\n';
  }

  /** A note with its photos in it, as they are kept. */
  private async inFile({ id, build, at, madeBy, text, tags, photos }: NoteRow): Promise<Shed['builds'][number]['notes'][number]> {
    const held = [];
    for (const photo of photos) held.push({ id: photo.id, webp: (await this.notes.photo(build, photo.id, 'whole'))?.toString('base64') ?? '' });
    return { id, at: at.toISOString(), by: madeBy, text, tags, ...(held.length > 0 ? { photos: held } : {}) };
  }

  /** What bringing this entry in would do. */
  async look(entry: ShedEntryContract): Promise<Looked> {
    const { id } = entry;
    const read = readBuild(entry.build);
    const name = String((entry.build as Partial<Build>).name ?? 'a build without a name').slice(0, 120);
    if (!read.ok) {
      const [first] = read.complaints;
      return { id, name, what: 'damaged', notes: 0, says: `cannot be imported: ${first?.path}: ${first?.says}` };
    }
    const there = await this.repository.find(id);
    const known = new Set(there ? (await this.notes.ofMany([id])).map((note) => note.id) : []);
    const notes = entry.notes.filter((note) => !known.has(note.id)).length;
    const { what, says } = compared(read.build, entry.changedAt, there);
    return { id, name, what, notes, says: what === 'same' && notes > 0 ? `${says}; ${counted(notes)} not here and will be added` : says };
  }

  /** Brings it in where it is new; over one that is there only when that was asked for, as a change that can be restored. */
  async bring(entry: ShedEntryContract): Promise<Looked> {
    const looked = await this.look(entry);
    const { id, what } = looked;
    if (what === 'damaged') return looked;
    const replaces = what === 'newer' || what === 'older';
    if (replaces && !entry.replace) return { ...looked, says: 'was left as it is here' };
    if (what !== 'same') {
      const read = readBuild(entry.build);
      // It was looked at just now.
      if (!read.ok) throw new ProblemError('fault', 'A build was read once and not twice.');
      const { build } = read;
      const contents = { build, summary: summariseBuild(build, await loadKinds(build)), engine: engineVersion };
      const done = replaces ? await this.replace(id, contents) : await this.repository.bring(id, new Date(entry.changedAt), contents);
      if (!done) return { ...looked, says: 'was changed here meanwhile, and left as it is' };
    }
    await this.notes.bring(
      id,
      entry.notes.map((note) => ({ id: note.id, at: new Date(note.at), madeBy: note.by, text: note.text, tags: note.tags ?? [] })),
    );
    return {
      ...looked,
      says:
        what === 'same'
          ? looked.notes > 0
            ? `was here already; ${looked.notes === 1 ? 'one note was' : `${looked.notes} notes were`} added`
            : 'is here already'
          : replaces
            ? 'replaces what was here; the log can restore that'
            : 'is in the shed now',
    };
  }

  private async replace(id: string, contents: Parameters<BuildsRepository['bring']>[2]): Promise<boolean> {
    const there = await this.repository.find(id);
    if (!there) return false;
    const saved = await this.repository.save(id, there.version, contents, { saveId: null, step: null, by: 'imported' });
    return saved !== undefined && 'row' in saved;
  }
}

const counted = (notes: number) => (notes === 1 ? 'one note of the file is' : `${notes} notes of the file are`);

function compared(build: Build, changedAt: string, there: BuildRow | undefined): Pick<Looked, 'what' | 'says'> {
  if (!there) return { what: 'new', says: 'is not here yet and will be put into the shed' };
  const here = upgradeBuild(there.document).build as Build;
  if (same(here, build)) return { what: 'same', says: 'is here already, the same' };
  const changes = describeChange(here, build);
  const words = changes.slice(0, 3).join('; ') + (changes.length > 3 ? `; and ${changes.length - 3} more` : '');
  const later = Date.parse(changedAt) > there.changedAt.getTime();
  return { what: later ? 'newer' : 'older', says: `is here and was changed later ${later ? 'in the file' : 'here'}. The file has: ${words}` };
}
