import { type BuildLog, type DeletedBuild, type ListedBuild, type Revision, readBuild, type StoredBuild } from '@hobrek/contracts';
import { type Build, describeChange, engineVersion, loadKinds, summariseBuild, type UnitHabit } from '@hobrek/core';
import { Injectable } from '@nestjs/common';
import { ProblemError } from '../../platform/problem-error.js';
import { NotesRepository } from '../notes/notes.repository.js';
import { noted } from '../notes/notes.service.js';
import { asOfToday } from './as-of-today.js';
import { type BuildRow, BuildsRepository, type Contents, type Listing, type Ordered, type SavedAs } from './builds.repository.js';

/** Most builds of a list in one answer. */
export const longestList = 100;
/** Most builds in one answer that has all of each. */
export const mostWhole = 25;
const longestLog = 200;
const mostNotes = 200;

@Injectable()
export class BuildsService {
  constructor(
    private readonly repository: BuildsRepository,
    private readonly notes: NotesRepository,
  ) {}

  async list(listing: Listing, units: UnitHabit = 'metric'): Promise<ListedBuild[]> {
    const rows = await this.repository.list(listing);
    return Promise.all(rows.map((row) => this.listed(row, units)));
  }

  async whole(listing: Listing): Promise<StoredBuild[]> {
    return (await this.repository.list(listing)).map(stored);
  }

  count(find: string): Promise<number> {
    return this.repository.count(find);
  }

  /** One row of the list. */
  async listedAs(id: string, units: UnitHabit = 'metric'): Promise<ListedBuild> {
    const row = await this.repository.find(id);
    if (!row) throw gone();
    return this.listed(row, units);
  }

  async place(id: string, ordered: Ordered): Promise<number | null> {
    return (await this.repository.place(id, ordered)) ?? null;
  }

  async open(id: string): Promise<StoredBuild> {
    const row = await this.repository.find(id);
    if (!row) throw gone();
    return stored(row);
  }

  async add(raw: unknown, by: string): Promise<StoredBuild> {
    return answered(await this.repository.add(await contentsOf(raw), by));
  }

  /** @param from version that the change was made from; 0 for a build that begins with this save */
  async save(id: string, from: number, raw: unknown, as: SavedAs): Promise<StoredBuild> {
    const contents = await contentsOf(raw);
    const begun = from === 0 ? await this.repository.begin(id, contents, as) : undefined;
    if (begun) return answered(begun);
    const saved = await this.repository.save(id, from, contents, as);
    if (!saved) throw gone();
    if ('current' in saved) throw stale(from, saved.current);
    return answered(saved.row);
  }

  async remove(id: string, from: number): Promise<void> {
    const outcome = await this.repository.remove(id, from);
    if (!outcome) throw gone();
    if (outcome !== 'removed') throw stale(from, outcome.current);
  }

  /** What was deleted and can still be brought back, newest first. */
  async deleted(): Promise<DeletedBuild[]> {
    const rows = await this.repository.deleted(longestList);
    return rows.map(({ id, name, deletedAt, summary }) => ({ id, name, deletedAt: (deletedAt as Date).toISOString(), path: summary.path }));
  }

  async bringBack(id: string): Promise<StoredBuild> {
    const row = await this.repository.bringBack(id);
    if (!row) throw gone();
    return stored(row);
  }

  /** What a build was and what was written down about it, newest first. */
  async log(id: string): Promise<BuildLog> {
    if (!(await this.repository.find(id))) throw gone();
    const [rows, notes, allNotes] = await Promise.all([
      this.repository.revisionsOf(id, longestLog),
      this.notes.of(id, mostNotes),
      this.notes.count(id),
    ]);
    const states = rows.map(({ document }) => asOfToday(document).build);
    const revisions = rows.slice(0, longestLog).map((row, k): Revision => {
      const [now, before] = [states[k] as Build, states[k + 1]];
      const changes = before ? describeChange(before, now) : ['Begun'];
      return { version: row.version, savedAt: row.savedAt.toISOString(), by: row.madeBy, changes };
    });
    return { revisions, notes: notes.map(noted), olderNotes: allNotes - notes.length };
  }

  /** A build as it was. It is restored by saving it again, like any other change. */
  async asItWas(id: string, version: number): Promise<Build> {
    const row = await this.repository.revision(id, version);
    if (!row) throw new ProblemError('not-found', 'There is no such state of this build.');
    return asOfToday(row.document).build;
  }

  /** A summary made by an older engine is made again before it is shown; in other units than the kept one’s it is made for this answer. */
  private async listed(row: BuildRow, units: UnitHabit): Promise<ListedBuild> {
    let { summary } = row;
    if (units !== 'metric' || row.engine !== engineVersion) {
      const { build } = stored(row);
      const kinds = await loadKinds(build);
      summary = summariseBuild(build, kinds, units);
      if (units === 'metric') await this.repository.refresh(row.id, row.version, summary, engineVersion);
    }
    return { id: row.id, name: row.name, version: row.version, changedAt: row.changedAt.toISOString(), summary };
  }
}

const stored = (row: BuildRow): StoredBuild => ({ ...answered(row), ...asOfToday(row.document) });

/** What was read just now needs no second reading. */
function answered({ id, version, changedAt, document }: BuildRow): StoredBuild {
  return { id, version, changedAt: changedAt.toISOString(), build: document, notices: [] };
}

/** Reads and works out what arrived: the server never takes a browser's figures. */
async function contentsOf(raw: unknown): Promise<Contents> {
  const read = readBuild(raw);
  if (!read.ok) {
    const [first] = read.complaints;
    throw new ProblemError('build-refused', `${first?.path}: ${first?.says}`, read.complaints);
  }
  const { build } = read;
  return { build, summary: summariseBuild(build, await loadKinds(build)), engine: engineVersion };
}

const gone = () => new ProblemError('not-found', 'There is no such build; it may have been deleted.');
const stale = (from: number, current: number) =>
  new ProblemError('version-stale', `The change was made from version ${from}; version ${current} is there now. Nothing was overwritten.`);
