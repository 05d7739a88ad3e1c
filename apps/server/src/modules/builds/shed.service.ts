import { type Looked, readBuild, type Shed, type ShedEntryContract } from '@hobrek/contracts';
import { type Build, describeChange, engineVersion, loadKinds, same, shedFormat, shedVersion, summariseBuild } from '@hobrek/core';
import { Injectable } from '@nestjs/common';
import { idOutOf } from '../../platform/ids.js';
import { ProblemError } from '../../platform/problem-error.js';
import { type BroughtNote, type NoteRow, NotesRepository } from '../notes/notes.repository.js';
import { asOfToday } from './as-of-today.js';
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
    const id = entry.id.toLowerCase();
    const { name } = entry.build as Partial<Build>;
    const called = (typeof name === 'string' && name ? name : 'a build without a name').slice(0, 120);
    const read = readBuild(entry.build);
    if (!read.ok) {
      const [first] = read.complaints;
      return { id, name: called, what: 'damaged', notes: 0, says: `cannot be imported: ${first?.path}: ${first?.says}` };
    }
    const there = await this.repository.find(id);
    const { fresh, ids } = await this.placed(id, entry.notes);
    const { what, says } = compared(read.build, entry.changedAt, there);
    const known = { id, name: called, what, notes: fresh.length, ...(Object.keys(ids).length > 0 ? { ids } : {}) };
    return { ...known, says: what === 'same' && fresh.length > 0 ? `${says}; ${counted(fresh.length)} not here and will be added` : says };
  }

  /** Brings it in where it is new, build and notes at once; over one that is there only when that was asked for, as a change that can be restored. */
  async bring(entry: ShedEntryContract): Promise<Looked> {
    const looked = await this.look(entry);
    const { id, what } = looked;
    if (what === 'damaged') return looked;
    const replaces = what === 'newer' || what === 'older';
    if (replaces && !entry.replace) return { ...looked, says: 'was left as it is here' };
    const { fresh } = await this.placed(id, entry.notes);
    let put = 0;
    const inside = async (tx?: Parameters<NotesRepository['bring']>[2]) => {
      put = await this.notes.bring(id, fresh, tx);
    };
    if (what === 'same') await inside();
    else if (!(await this.bringBuild(id, entry, replaces, inside)))
      return { ...looked, notes: 0, says: 'was changed here meanwhile, and left as it is' };
    const renamed = Object.keys(looked.ids ?? {}).length;
    const done =
      what === 'same'
        ? put > 0
          ? 'was here already'
          : 'is here already'
        : replaces
          ? 'replaces what was here; the log can restore that'
          : 'is in the shed now';
    const notes = put === 0 ? '' : `; ${put === 1 ? 'one note was' : `${put} notes were`} added`;
    const others = renamed === 0 ? '' : `; ${renamed === 1 ? 'one note has' : `${renamed} notes have`} a new id, since its own is another’s`;
    return { ...looked, notes: put, says: `${done}${notes}${others}` };
  }

  private async bringBuild(
    id: string,
    { build: raw, changedAt }: ShedEntryContract,
    replaces: boolean,
    inside: Parameters<BuildsRepository['bring']>[3],
  ): Promise<boolean> {
    const read = readBuild(raw);
    // It was looked at just now.
    if (!read.ok) throw new ProblemError('fault', 'A build was read once and not twice.');
    const { build } = read;
    const contents = { build, summary: summariseBuild(build, await loadKinds(build)), engine: engineVersion };
    if (!replaces) return this.repository.bring(id, new Date(changedAt), contents, inside);
    const there = await this.repository.find(id);
    return there !== undefined && this.repository.replace(id, there.version, contents, 'imported', inside ?? (async () => {}));
  }

  /**
   * The notes of an entry under the ids that they have here: their own, unless that is a note of another build, or is twice in the entry. Then it is made of both,
   * so that the same file brought in again finds it.
   */
  private async placed(
    build: string,
    notes: ShedEntryContract['notes'],
  ): Promise<{ readonly fresh: BroughtNote[]; readonly ids: Record<number, string> }> {
    const own = notes.map(({ id }) => id.toLowerCase());
    const times = new Map<string, number>();
    const derived = own.map((id) => {
      const nth = (times.get(id) ?? 0) + 1;
      times.set(id, nth);
      return idOutOf(build, id, `${nth}`);
    });
    const owners = await this.notes.owners([...new Set([...own, ...derived])]);
    const ids: Record<number, string> = {};
    const fresh = notes.flatMap((note, k): BroughtNote[] => {
      const id = own[k] as string;
      const isFirst = own.indexOf(id) === k;
      const isFree = isFirst && (owners.get(id) ?? build) === build;
      const here = isFree ? id : (derived[k] as string);
      if (!isFree) ids[k] = here;
      return owners.get(here) === build ? [] : [{ id: here, at: new Date(note.at), madeBy: note.by, text: note.text, tags: note.tags ?? [] }];
    });
    return { fresh, ids };
  }
}

const counted = (notes: number) => (notes === 1 ? 'one note of the file is' : `${notes} notes of the file are`);

function compared(build: Build, changedAt: string, there: BuildRow | undefined): Pick<Looked, 'what' | 'says'> {
  if (!there) return { what: 'new', says: 'is not here yet and will be put into the shed' };
  const here = asOfToday(there.document).build;
  if (same(here, build)) return { what: 'same', says: 'is here already, the same' };
  const changes = describeChange(here, build);
  const words = changes.slice(0, 3).join('; ') + (changes.length > 3 ? `; and ${changes.length - 3} more` : '');
  const later = Date.parse(changedAt) > there.changedAt.getTime();
  return { what: later ? 'newer' : 'older', says: `is here and was changed later ${later ? 'in the file' : 'here'}. The file has: ${words}` };
}
