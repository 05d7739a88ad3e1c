import type { StoredBuild } from '@hobrek/contracts';
import { type Build, type Conflict, change, type History, mergeBuilds, rebase, same, settle } from '@hobrek/core';
import { v4 as newId } from 'uuid';
import type { StoreApi } from 'zustand';
import { hearChanges } from '../shared/changes.js';
import type { Afterwards } from './afterwards.js';
import { clearUnsent, type Unsent, writeUnsent } from './journal.js';
import { SaveQueue, type SaveState } from './save-queue.js';
import type { DocumentState, MergeConflict, SessionState } from './state.js';

/** Without a key for so long, what stands in a field is what was meant: it is sent. */
const sendAfter_ms = 1_000;

const keeping: SaveState = { state: 'keeping', says: 'keeping …' };

interface Kept {
  readonly id: string;
  readonly version: number;
  readonly document: StoreApi<DocumentState>;
  readonly session: StoreApi<SessionState>;
  readonly saving: StoreApi<SaveState>;
  readonly afterwards: Afterwards;
  /** Someone else’s changes come in: what the build was, and what it is there now. */
  readonly theirsCome: (base: Build, theirs: Build) => void;
}

/** The way of a document to the server, to this device's journal, and to what others do to it. */
export interface Keeping {
  /** A step of the person's work: on the page at once, in the journal, and with the server when typing has paused. */
  step(next: (history: History<Build>) => History<Build>, isTyped?: boolean): void;
  /** What waits for a pause in typing goes to the server. */
  sendNow(): void;
  /** Someone else changed the same place: which of the two entries counts. When all are settled, the build is sent. */
  chose(conflict: Conflict, which: 'mine' | 'theirs'): void;
  /** What was typed on this device and never sent, on top of what there is now. */
  bringBack(unsent: Unsent): void;
  /** When the server has all of it, be it as it began, or has refused it, or is away: then what is not sent is in the journal. */
  whenKept(): Promise<void>;
  close(): void;
}

export function keep({ id, version, document, session, saving, afterwards, theirsCome }: Kept): Keeping {
  /** The last build that the server is known to have: what is typed now is on top of it. */
  let kept = document.getState().build;
  /** A state on its way to the server. */
  let onItsWay: Build | null = null;
  /** The step of the person's work that is under way; its saves are one revision. */
  let stepId = newId();
  /** The step that what was typed belongs to, while it waits. */
  let unsent: string | null = null;
  let sending: ReturnType<typeof setTimeout> | undefined;
  const here = () => document.getState().build;
  const queue = new SaveQueue(
    id,
    { version, build: kept },
    {
      tell: (save) => saving.setState(save, true),
      sending: (now) => {
        onItsWay = now;
      },
      acknowledged: (now) => {
        onItsWay = null;
        kept = now.build;
        if (here() === now.build) clearUnsent(id);
        else writeUnsent(id, { base: now.build, build: here() });
      },
      merge: mergeIn,
    },
  );
  const stopHearing = hearChanges((each) => {
    if ('missed' in each) queue.heard(Number.MAX_SAFE_INTEGER);
    else if (each.id === id) queue.heard(each.version);
  });

  /** Puts a history on the screen and into the journal. The journal keeps what a choice is still to be made from, so that a reload asks again. */
  function put(history: History<Build>, mergeConflict: MergeConflict | null): void {
    document.setState({ history, build: history.present, mergeConflict }, true);
    const base = mergeConflict?.base ?? kept;
    afterwards.later(() => writeUnsent(id, { base, build: history.present, ...(onItsWay ? { sent: onItsWay } : {}) }));
  }

  function sendNow(): void {
    clearTimeout(sending);
    const step = unsent;
    unsent = null;
    // As it is by now: someone else’s changes may have come in since. What is still to be chosen goes when it is.
    if (step !== null && !document.getState().mergeConflict) queue.push(here(), step);
  }

  function send(step: string, isTyped: boolean): void {
    unsent = step;
    clearTimeout(sending);
    if (isTyped) sending = setTimeout(sendNow, sendAfter_ms);
    else sendNow();
  }

  function step(next: (history: History<Build>) => History<Build>, isTyped = false): void {
    const { history: before, mergeConflict } = document.getState();
    const history = next(before);
    if (history === before) return;
    if (!mergeConflict) saving.setState(keeping, true);
    put(history, mergeConflict);
    if (history.open === null || history.open !== before.open) stepId = newId();
    const now = stepId;
    // While the person has to choose, nothing is sent: it could overwrite what they have not seen.
    if (!mergeConflict) afterwards.later(() => send(now, isTyped));
  }

  /** Their changes come in; where both changed the same place the person chooses. @returns what to send */
  function mergeIn(base: Build, stored: StoredBuild): Build | 'nothing' | 'choose' {
    const theirs = stored.build;
    const { conflicts } = mergeBuilds(base, here(), theirs);
    const history = rebase(document.getState().history, (state) => mergeBuilds(base, state, theirs).build);
    kept = theirs;
    theirsCome(base, theirs);
    put(history, conflicts.length > 0 ? { base, theirs, conflicts } : null);
    if (conflicts.length > 0) return 'choose';
    if (!same(history.present, theirs)) return history.present;
    afterwards.now();
    clearUnsent(id);
    return 'nothing';
  }

  function chose(conflict: Conflict, which: 'mine' | 'theirs'): void {
    const { history: before, build, mergeConflict } = document.getState();
    if (!mergeConflict) return;
    const { base, theirs, conflicts } = mergeConflict;
    const left = conflicts.filter((each) => each !== conflict);
    // Taking theirs is a change like any other: it can be undone.
    const history = which === 'mine' ? before : change(settle(before), mergeBuilds(base, build, theirs, theirsAt(conflict)).build, 'choice');
    put(history, left.length > 0 ? { base, theirs, conflicts: left } : null);
    if (left.length === 0) afterwards.later(() => queue.chosen(history.present, newId()));
  }

  function bringBack({ base: typedOn, build: mine, sent }: Unsent): void {
    // What is there is what was on its way from here: it is no one else's, and what came after was typed on top of it.
    const base = sent && same(sent, here()) ? sent : typedOn;
    const theirs = here();
    const { build, conflicts } = mergeBuilds(base, mine, theirs);
    if (same(build, theirs)) return;
    session.setState(({ notices }) => ({ notices: [...notices, 'What was typed here and had not been kept was restored.'] }));
    saving.setState(conflicts.length > 0 ? { state: 'stale', says: 'not kept' } : keeping, true);
    put(settle(change(document.getState().history, build, 'restored')), conflicts.length > 0 ? { base, theirs, conflicts } : null);
    if (conflicts.length === 0) queue.push(build, newId());
  }

  function whenKept(): Promise<void> {
    if (queue.isUnbegun) queue.push(here(), newId());
    return new Promise((resolve) => {
      const heard = () => {
        if (saving.getState().state === 'keeping') return;
        stop();
        resolve();
      };
      const stop = saving.subscribe(heard);
      heard();
    });
  }

  return {
    step,
    sendNow,
    chose,
    bringBack,
    whenKept,
    close: () => {
      sendNow();
      stopHearing();
      queue.close();
    },
  };
}

/** Where a build that was just opened stands. @param version 0 for one that the server does not have yet */
export const savedAs = (version: number): SaveState => ({ state: 'kept', says: version === 0 ? 'kept from the first field on' : 'kept' });

const theirsAt =
  ({ path }: Conflict) =>
  (other: Conflict) =>
    same(other.path, path) ? 'theirs' : 'mine';
