import type { StoredBuild } from '@hobrek/contracts';
import { type Build, type Evaluation, enter, evaluateBuild, type Kinds, loadKinds, placesOf, withInput } from '@hobrek/core';
import { create } from 'zustand';
import { SaveQueue, type SaveState } from './save-queue.js';

export interface OpenBuild {
  readonly id: string;
  readonly build: Build;
  readonly kinds: Kinds;
  readonly evaluation: Evaluation;
  /** Fields whose text is not read: what rests on them is shown greyed. */
  readonly drafted: ReadonlySet<string>;
  readonly notices: readonly string[];
  readonly save: SaveState;
}

interface Store {
  readonly open: OpenBuild | null;
}

const closed: Store = { open: null };

/** The build on the screen. Changed only by the events below. */
export const useOpenBuild = create<Store>(() => closed);

let queue: SaveQueue | null = null;

/** Puts a stored build on the screen, its kinds loaded, and gets ready to save it. */
export async function openBuild(stored: StoredBuild): Promise<void> {
  const { id, build, notices, version } = stored;
  const kinds = await loadKinds(build);
  queue?.close();
  queue = new SaveQueue(id, version, (save) => useOpenBuild.setState(({ open }) => (open?.id === id ? { open: { ...open, save } } : {})));
  useOpenBuild.setState({ open: { id, build, kinds, ...workedOut(build, kinds), notices, save: { state: 'kept', says: 'kept' } } });
}

/** Takes the build off the screen. What was not sent yet is still sent. */
export function closeBuild(): void {
  queue?.close();
  queue = null;
  useOpenBuild.setState(closed);
}

/** A field's text changed: read, worked out and on its way to the server in the same tick. */
export function typed(path: string, text: string): void {
  change((build) => {
    const place = placesOf(build).find((each) => each.path === path);
    return place ? withInput(build, path, enter(place.field, text, place.input).input) : build;
  });
}

/** The build's name changed. An empty one is not taken: a build in a list must be called something. */
export function renamed(name: string): void {
  if (name.trim() !== '') change((build) => ({ ...build, name: name.slice(0, 120) }));
}

/** After a save was refused because the build was changed elsewhere: put this one in its place all the same. */
export function keepMine(): void {
  const { open } = useOpenBuild.getState();
  if (open?.save.stands !== undefined) queue?.overrule(open.save.stands, open.build);
}

function change(next: (build: Build) => Build): void {
  const { open } = useOpenBuild.getState();
  if (!open) return;
  const build = next(open.build);
  if (build === open.build) return;
  useOpenBuild.setState({ open: { ...open, build, ...workedOut(build, open.kinds) } });
  queue?.push(build);
}

function workedOut(build: Build, kinds: Kinds): Pick<OpenBuild, 'evaluation' | 'drafted'> {
  const drafted = placesOf(build).flatMap(({ path, input }) => (input?.draft === undefined ? [] : [path]));
  return { evaluation: evaluateBuild(build, kinds), drafted: new Set(drafted) };
}
