import type { StoredBuild } from '@hobrek/contracts';
import {
  type Build,
  begin,
  type Conflict,
  change,
  elementsOf,
  enter,
  evaluateBuild,
  type FromMark,
  filledFromMark,
  type History,
  layOut,
  loadKinds,
  mergeBuilds,
  type Point,
  placesOf,
  type QuantityInput,
  rebase,
  redo,
  same,
  settle,
  sizeAsFirst,
  undo,
  type Wall,
  withInput,
  withKind,
  withLineAdded,
  withLineMoved,
  withLineRemoved,
  withLineRenamed,
  withoutStage,
  withShaftAt,
  withSizedKind,
  withStageAdded,
  withStageAt,
  withStageDoubled,
  withStageMoved,
  withUsualGuessed,
  withWall,
  wordingFor,
} from '@hobrek/core';
import { v4 as newId } from 'uuid';
import { hearChanges } from '../shared/changes.js';
import { usePreferences } from '../shared/preferences.js';
import { afterwards, doPending } from './afterwards.js';
import { derive, giveUpRemedies } from './derive.js';
import { clearUnsent, findUnsent, type Unsent, writeUnsent } from './journal.js';
import { SaveQueue, type SaveState } from './save-queue.js';
import { shownLine } from './shown-line.js';
import { closed, type MergeConflict, type OpenBuild, useOpenBuild } from './store.js';

let queue: SaveQueue | null = null;
/** The last build that the server is known to have: what is typed now is on top of it. */
let kept: Build | null = null;
/** A state on its way to the server. */
let onItsWay: Build | null = null;
let opening = 0;
let stopHearing: (() => void) | null = null;
/** The step of the person's work that is under way; its saves are one revision. */
let stepId = newId();

/** Puts a stored build on the screen, its kinds loaded, with what was typed on this device and never sent. */
export async function openBuild(stored: StoredBuild, sizing = false): Promise<void> {
  doPending();
  sendNow();
  visit = null;
  const turn = ++opening;
  const { id, build, notices, version } = stored;
  // All of them: the person, or someone on another page, may add any.
  const [kinds, { unsent, forget }] = await Promise.all([loadKinds(), findUnsent(id)]);
  // Another was opened, or this one closed, while its kinds came in.
  if (turn !== opening) return;
  queue?.close();
  kept = build;
  onItsWay = null;
  queue = new SaveQueue(
    id,
    { version, build },
    {
      tell: (save) => update(id, () => ({ save })),
      sending: (now) => {
        onItsWay = now;
      },
      acknowledged: (now) => {
        onItsWay = null;
        kept = now.build;
        const here = useOpenBuild.getState().open?.build;
        if (here === now.build) clearUnsent(id);
        else if (here) writeUnsent(id, { base: now.build, build: here });
      },
      merge: (base, theirs) => mergeIn(id, base, theirs),
    },
  );
  useOpenBuild.setState({
    open: {
      id,
      kinds,
      sizing,
      ...derive(begin(build), kinds, null, sizing),
      notices,
      save: savedAs(version),
      mergeConflict: null,
      picked: null,
      line: null,
    },
  });
  stopHearing?.();
  stopHearing = hearChanges((each) => {
    if ('missed' in each) queue?.heard(Number.MAX_SAFE_INTEGER);
    else if (each.id === id) queue?.heard(each.version);
  });
  forget();
  for (const each of unsent) bringBack(each);
  practise(turn, 30);
}

const savedAs = (version: number): SaveState => ({ state: 'kept', says: version === 0 ? 'kept from the first field on' : 'kept' });

/**
 * Works the build out a few times while nobody waits: the engine makes fast what runs often, and otherwise the first words that are typed would be what
 * it learns on. Given up when the build is closed.
 */
function practise(turn: number, times: number): void {
  whenIdle(() => {
    const { open } = useOpenBuild.getState();
    if (turn !== opening || !open) return;
    evaluateBuild(open.build, open.kinds);
    if (times > 1) practise(turn, times - 1);
  });
}

/** Not every browser says when it has nothing to do. */
const whenIdle: (work: () => void) => void = globalThis.requestIdleCallback ?? ((work) => setTimeout(work, 30));

/** Takes the build off the screen. What was not sent yet is still sent. */
export function closeBuild(): void {
  doPending();
  sendNow();
  visit = null;
  opening++;
  stopHearing?.();
  stopHearing = null;
  giveUpRemedies();
  queue?.close();
  queue = null;
  useOpenBuild.setState(closed);
}

/** A visit of a field: what stood there when it began counts again as soon as what is typed cannot be read. */
let visit: { readonly path: string; readonly before: QuantityInput | undefined } | null = null;

/** A field is visited. */
export function fieldEntered(path: string): void {
  const { open } = useOpenBuild.getState();
  if (open && visit?.path !== path) visit = { path, before: placesOf(open.build).find((each) => each.path === path)?.input };
}

/** A field's text changed: read and worked out in the same tick, on its way to the server once typing has paused or the field is left. */
export function typed(path: string, text: string): void {
  fieldEntered(path);
  const before = visit?.before;
  edit(
    path,
    (build) => {
      const place = placesOf(build).find((each) => each.path === path);
      return place ? withInput(build, path, enter(place.field, text, before, usePreferences.getState()).input) : build;
    },
    true,
  );
}

/** What was typed is a mark or a plate: what it means is filled in, in one step, and told. */
export function markTaken(path: string, mark: FromMark, text: string): void {
  const before = visit?.path === path ? visit.before : undefined;
  edit(path, (build) => filledFromMark(build, path, before, mark, usePreferences.getState()));
  fieldLeft();
  const { open } = useOpenBuild.getState();
  if (open) update(open.id, ({ notices }) => ({ notices: [...notices, `“${text}” was read as ${mark.says}.`] }));
}

/** What stood in a field before it was visited is back. */
export function fieldRestored(path: string): void {
  if (visit?.path !== path) return;
  const { before } = visit;
  edit(path, (build) => withInput(build, path, before));
}

/** The build's name changed. An empty one is not taken: a build in a list must be called something. */
export function renamed(name: string): void {
  if (name.trim() !== '') edit('name', (build) => ({ ...build, name: name.slice(0, 120) }));
}

/** What the machine must do, in words; and what else is written beside it. */
export const briefed = (brief: string): void => edit('brief', (build) => ({ ...build, brief }));
export const noted = (notes: string): void => edit('notes', (build) => ({ ...build, notes }));

/** An element is picked, in whichever zone; null picks nothing. */
export function pick(path: string | null): void {
  const { open } = useOpenBuild.getState();
  if (!open || open.picked === path) return;
  // What is picked is on the screen, whichever line it is of.
  const line = open.build.lines.find(({ id }) => path?.startsWith(`${id}/`))?.id ?? open.line;
  useOpenBuild.setState({ open: { ...open, picked: path, line } });
}

/** Another line of the build is shown; null is the first. Nothing of the one before stays picked. */
export function lineShown(line: string | null): void {
  const { open } = useOpenBuild.getState();
  if (open && open.line !== line) useOpenBuild.setState({ open: { ...open, line, picked: null } });
}

/** A line more, at the end, and shown. @throws RangeError when the name is another line's */
export function lineAdded(name: string): void {
  reshape((build) => withLineAdded(build, name));
  lineShown(useOpenBuild.getState().open?.build.lines.at(-1)?.id ?? null);
}
export const lineRenamed = (line: string, name: string): void => reshape((build) => withLineRenamed(build, line, name));
export const lineMoved = (line: string, by: 1 | -1): void => reshape((build) => withLineMoved(build, line, by));
/** It is gone, the one before it is shown; undo brings it back. */
export function lineRemoved(line: string): void {
  const lines = useOpenBuild.getState().open?.build.lines ?? [];
  const k = lines.findIndex(({ id }) => id === line);
  reshape((build) => withLineRemoved(build, line));
  lineShown(lines[k === 0 ? 1 : k - 1]?.id ?? null);
}

/** The next element along the power path, from source to work, or the one before. Nothing picked: the first, or the last. */
export function pickAlong(by: 1 | -1): void {
  const { open } = useOpenBuild.getState();
  const paths = (open ? elementsOf(shownLine(open)) : []).flatMap(({ role, path }) => (role === 'feed' ? [] : [path]));
  const at = paths.indexOf(open?.picked ?? '');
  const next = at < 0 ? (by === 1 ? 0 : paths.length - 1) : Math.min(paths.length - 1, Math.max(0, at + by));
  pick(paths[next] ?? null);
}

/** A notice was read and need not be shown any longer. */
export function noticed(notice: string): void {
  const { open } = useOpenBuild.getState();
  if (open) update(open.id, ({ notices }) => ({ notices: notices.filter((each) => each !== notice) }));
}

/** A state that the build was in is back; a change like any other, which can be undone. */
export function broughtBack(build: Build): void {
  fieldLeft();
  edit('restored', () => build);
  fieldLeft();
}

/** What is worked out takes what is usual and leaves open what drives it, or no longer does. No change of the build. */
export function sizingTurned(on: boolean): void {
  const { open } = useOpenBuild.getState();
  if (open && open.sizing !== on) useOpenBuild.setState({ open: { ...open, sizing: on, ...derive(open.history, open.kinds, null, on) } });
}

/** The few fields that nobody entered have what is usual, as guesses: whoever goes on has seen them. */
export const usualKept = (): void => reshape(withUsualGuessed);
/** It is another kind of machine; what both have by the same name stays. */
export const workChosen = (kind: string): void => reshape((build) => withSizedKind(build, kind));
/** It is plugged into this wall, where it says nothing of its own. */
export const wallEntered = (wall: Wall): void => reshape((build) => withWall(build, wall));

/** When the server has all of it, be it as it began, or has refused it, or is away: then what is not sent is in the journal. */
export function whenKept(): Promise<void> {
  fieldLeft();
  doPending();
  const { open } = useOpenBuild.getState();
  if (open && queue?.isUnbegun) queue.push(open.build, newId());
  return new Promise((resolve) => {
    const settled = () => {
      const state = useOpenBuild.getState().open?.save.state;
      if (state === 'keeping') return;
      stop();
      resolve();
    };
    const stop = useOpenBuild.subscribe(settled);
    settled();
  });
}

/** An element became another kind; what both have by the same name stays. */
export const kindChosen = (path: string, kind: string): void => reshape((build) => withKind(build, path, kind));
/** A stage was put in before the one at `at`, with what it begins with. */
export const stageAdded = (line: string, at: number, kind: string, begins: Readonly<Record<string, string>> = {}): void =>
  reshape((build) => withStageAdded(build, line, at, kind, begins));
export const stageDoubled = (path: string): void => reshape((build) => withStageDoubled(build, path));
/** A stage was put at another place of its line. */
export const stagePlaced = (path: string, to: number): void => reshape((build) => withStageAt(build, path, to));
export const stageRemoved = (path: string): void => reshape((build) => withoutStage(build, path));
export const stageMoved = (path: string, by: 1 | -1): void => reshape((build) => withStageMoved(build, path, by));

/**
 * A shaft was put somewhere else, the others staying where they are; distance and direction of what reaches it follow. While it is dragged all of it is
 * one step, until `fieldLeft`.
 * @param to mm in the side view, the first shaft at nought
 */
export function shaftMoved(lineId: string, k: number, to: Point): void {
  const { open } = useOpenBuild.getState();
  const line = open?.build.lines.findIndex((each) => each.id === lineId) ?? -1;
  const outlines = open?.evaluation.lines[line]?.outlines;
  if (outlines) edit(`shaft ${lineId} ${k}`, (build) => withShaftAt(build, lineId, k, to, layOut(outlines).shafts));
}

/** A stage that is meant to fail first is sized for it. @returns why it could not be; empty when it was */
export function sizedAsFirst(path: string): string {
  const { open } = useOpenBuild.getState();
  if (!open) return '';
  const sized = sizeAsFirst(open.build, open.evaluation, path, wordingFor(open.build, usePreferences.getState().units));
  if ('because' in sized) return sized.because;
  fieldLeft();
  typed(sized.path, sized.text);
  fieldLeft();
  return '';
}

/** A change of the line itself: a step of its own. */
function reshape(next: (build: Build) => Build): void {
  fieldLeft();
  edit('reshaped', next);
  fieldLeft();
}

/** A field was left: what is typed next is a step of its own, even in the same field. */
export function fieldLeft(): void {
  visit = null;
  // Behind what the last key left to do.
  afterwards(sendNow);
  const { open } = useOpenBuild.getState();
  if (open && open.history.open !== null) useOpenBuild.setState({ open: { ...open, history: settle(open.history) } });
}

export const undone = (): void => step(undo);
export const redone = (): void => step(redo);

/** Someone else changed the same place: which of the two entries counts. When all are settled, the build is sent. */
export function chose(conflict: Conflict, which: 'mine' | 'theirs'): void {
  const { open } = useOpenBuild.getState();
  if (!open?.mergeConflict) return;
  const { base, theirs, conflicts } = open.mergeConflict;
  const left = conflicts.filter((each) => each !== conflict);
  // Taking theirs is a change like any other: it can be undone.
  const history =
    which === 'mine' ? open.history : change(settle(open.history), mergeBuilds(base, open.build, theirs, theirsAt(conflict)).build, 'choice');
  const mergeConflict = left.length > 0 ? { base, theirs, conflicts: left } : null;
  put(open, history, mergeConflict);
  if (!mergeConflict) afterwards(() => queue?.chosen(history.present, newId()));
}

const theirsAt =
  ({ path }: Conflict) =>
  (other: Conflict) =>
    same(other.path, path) ? 'theirs' : 'mine';

/** Their changes come in; where both changed the same place the person chooses. @returns what to send */
function mergeIn(id: string, base: Build, stored: StoredBuild): Build | 'nothing' | 'choose' {
  const { open } = useOpenBuild.getState();
  if (open?.id !== id) return 'nothing';
  const theirs = stored.build;
  const { conflicts } = mergeBuilds(base, open.build, theirs);
  const history = rebase(open.history, (state) => mergeBuilds(base, state, theirs).build);
  kept = theirs;
  visitWith(base, theirs);
  put(open, history, conflicts.length > 0 ? { base, theirs, conflicts } : null);
  if (conflicts.length > 0) return 'choose';
  if (!same(history.present, theirs)) return history.present;
  doPending();
  clearUnsent(id);
  return 'nothing';
}

/** What someone else entered in the field that is visited is what counts again when what is typed here cannot be read. */
function visitWith(base: Build, theirs: Build): void {
  if (!visit) return;
  const { path } = visit;
  const [was, is] = [base, theirs].map((build) => placesOf(build).find((each) => each.path === path)?.input);
  if (!same(was, is)) visit = { path, before: is };
}

/** What was typed here and never sent, on top of what there is now. */
function bringBack({ base: typedOn, build: mine, sent }: Unsent): void {
  const { open } = useOpenBuild.getState();
  if (!open) return;
  // What is there is what was on its way from here: it is no one else's, and what came after was typed on top of it.
  const base = sent && same(sent, open.build) ? sent : typedOn;
  const { build, conflicts } = mergeBuilds(base, mine, open.build);
  if (same(build, open.build)) return;
  const notices = [...open.notices, 'What was typed here and had not been kept was restored.'];
  const mergeConflict = conflicts.length > 0 ? { base, theirs: open.build, conflicts } : null;
  const save: SaveState = mergeConflict ? { state: 'stale', says: 'not kept' } : { state: 'keeping', says: 'keeping …' };
  put({ ...open, notices, save }, settle(change(open.history, build, 'restored')), mergeConflict);
  if (!mergeConflict) queue?.push(build, newId());
}

function edit(name: string, next: (build: Build) => Build, isTyped = false): void {
  step((history) => change(history, next(history.present), name), isTyped);
}

/** Without a key for so long, what stands in a field is what was meant: it is sent. */
const sendAfter_ms = 1_000;
/** The step that what was typed belongs to, while it waits. */
let unsent: string | null = null;
let sending: ReturnType<typeof setTimeout> | undefined;

/** What waits for a pause in typing goes to the server. */
function sendNow(): void {
  clearTimeout(sending);
  const step = unsent;
  unsent = null;
  // As it is by now: someone else’s changes may have come in since. What is still to be chosen goes when it is.
  const { open } = useOpenBuild.getState();
  if (step !== null && open && !open.mergeConflict) queue?.push(open.build, step);
}

addEventListener('pagehide', sendNow);

function send(step: string, isTyped: boolean): void {
  unsent = step;
  clearTimeout(sending);
  if (isTyped) sending = setTimeout(sendNow, sendAfter_ms);
  else sendNow();
}

function step(next: (history: History<Build>) => History<Build>, isTyped = false): void {
  const { open } = useOpenBuild.getState();
  if (!open) return;
  const history = next(open.history);
  if (history === open.history) return;
  put(open.mergeConflict ? open : { ...open, save: { state: 'keeping', says: 'keeping …' } }, history, open.mergeConflict);
  // While the person has to choose, nothing is sent: it could overwrite what they have not seen.
  if (history.open === null || history.open !== open.history.open) stepId = newId();
  const now = stepId;
  if (!open.mergeConflict) afterwards(() => send(now, isTyped));
}

/** Puts a history on the screen and into the journal. The journal keeps what a choice is still to be made from, so that a reload asks again. */
function put(open: OpenBuild, history: History<Build>, mergeConflict: MergeConflict | null): void {
  useOpenBuild.setState({ open: { ...open, ...derive(history, open.kinds), mergeConflict } });
  const base = mergeConflict?.base ?? kept;
  if (base) afterwards(() => writeUnsent(open.id, { base, build: history.present, ...(onItsWay ? { sent: onItsWay } : {}) }));
}

function update(id: string, next: (open: OpenBuild) => Partial<OpenBuild>): void {
  useOpenBuild.setState(({ open }) => (open?.id === id ? { open: { ...open, ...next(open) } } : {}));
}
