import type { StoredBuild } from '@hobrek/contracts';
import { type Build, begin, change, evaluateBuild, type Kinds, loadKinds, redo, type Sentence, settle, undo } from '@hobrek/core';
import { createStore, type StoreApi } from 'zustand';
import { ask } from '../shared/ask.js';
import { hearChanges } from '../shared/changes.js';
import { whileIdle } from '../shared/while-idle.js';
import { createAfterwards } from './afterwards.js';
import type { Editing } from './editing.js';
import { type FieldEvents, fieldEvents } from './field-events.js';
import { follow } from './follow.js';
import { findUnsent, type Left } from './journal.js';
import { type Keeping, keep, savedAs } from './keep.js';
import { type LineEvents, lineEvents } from './line-events.js';
import type { SaveState } from './save-queue.js';
import { createSayer } from './say.js';
import { settled } from './settled.js';
import type { DerivedState, DocumentState, OpenState, SessionState } from './state.js';

/** A build that is open on a page, changed by its events alone. Several can be open on one page, each with steps of its own to undo. */
export interface OpenBuild extends OpenState, FieldEvents, LineEvents, Pick<Keeping, 'chose' | 'whenKept'> {
  /** What follows from it and what is done with it, as they were when typing last paused: for what is out of sight. */
  readonly whenSettled: { readonly derived: StoreApi<DerivedState>; readonly session: StoreApi<SessionState> };
  /** A sentence of it, in the units of this device. */
  said(sentence: Sentence): string;
  /** The name of a check as the head of a row: `Power rating of the belt`. */
  headed(name: Sentence): string;
  /** Several, one after the other. */
  allSaid(sentences: readonly Sentence[]): string;
  /** The build's name changed. An empty one is not taken: a build in a list must be called something. */
  renamed(name: string): void;
  /** What the machine must do, in words; and what else is written beside it. */
  briefed(brief: string): void;
  noted(notes: string): void;
  /** A notice was read and need not be shown any longer. */
  noticed(notice: string): void;
  /** A state that the build was in is back; a change like any other, which can be undone. */
  broughtBack(build: Build): void;
  /** What is worked out takes what is usual and leaves open what drives it, or no longer does. No change of the build. */
  sizingTurned(on: boolean): void;
  undone(): void;
  redone(): void;
  /** What waits is done and sent, as when the page is left. */
  pageLeft(): void;
  /** Takes the build off the page. What was not sent yet is still sent. */
  close(): void;
}

interface Opened {
  readonly stored: StoredBuild;
  readonly kinds: Kinds;
  readonly sizing?: boolean;
  /** What was typed on this device and never sent. */
  readonly left?: Left;
}

/** Puts a stored build on the page, its kinds loaded, with what was typed on this device and never sent. */
export async function openBuild(stored: StoredBuild, sizing = false): Promise<OpenBuild> {
  // What is saved elsewhere while the kinds are loading is heard by nobody else yet.
  let isOld = false;
  const stop = hearChanges((each) => {
    if ('missed' in each || (each.id === stored.id && each.version > stored.version)) isOld = true;
  });
  // All of them: the person, or someone on another page, may add any.
  const [kinds, left] = await Promise.all([loadKinds(), findUnsent(stored.id)]);
  const now = isOld ? await ask<StoredBuild>(`builds/${stored.id}`).catch(() => stored) : stored;
  stop();
  const open = createOpenBuild({ stored: now, kinds, sizing, left });
  left.forget();
  return open;
}

export function createOpenBuild({ stored, kinds, sizing = false, left }: Opened): OpenBuild {
  const { id, build, notices, version } = stored;
  const document = createStore<DocumentState>(() => ({ history: begin(build), build, mergeConflict: null }));
  const session = createStore<SessionState>(() => ({ picked: null, line: null, sizing, notices, cell: null }));
  const saving = createStore<SaveState>(() => savedAs(version));
  const { derived, stop: stopFollowing } = follow({ kinds, document, session });
  const settling = { derived: settled(derived, (now, before) => now.build !== before.build), session: settled(session, () => true) };
  const afterwards = createAfterwards();
  const keeping = keep({ id, version, document, session, saving, afterwards, theirsCome: (base, theirs) => theirsCome(base, theirs) });
  const state: OpenState = { id, kinds, document, derived, session, saving };
  const editing: Editing = {
    ...state,
    edit: (name, next, isTyped) => keeping.step((history) => change(history, next(history.present), name), isTyped),
    settled: () => {
      // Behind what the last key left to do.
      afterwards.later(keeping.sendNow);
      const { history } = document.getState();
      if (history.open !== null) document.setState({ history: settle(history) });
    },
  };
  const { edit } = editing;
  const { theirsCome, ...fields } = fieldEvents(editing);
  const lines = lineEvents(editing, fields);
  const pageLeft = () => {
    afterwards.now();
    keeping.sendNow();
  };
  addEventListener('pagehide', pageLeft);
  for (const each of left?.unsent ?? []) keeping.bringBack(each);
  left?.whenLeft(keeping.bringBack);
  const giveUpPractice = practise(() => evaluateBuild(document.getState().build, kinds), 30);
  return {
    ...state,
    whenSettled: { derived: settling.derived.store, session: settling.session.store },
    ...createSayer(() => document.getState().build),
    ...fields,
    ...lines,
    chose: keeping.chose,
    whenKept: () => {
      fields.fieldLeft();
      afterwards.now();
      return keeping.whenKept();
    },
    renamed: (name) => {
      if (name.trim() !== '') edit('name', (each) => ({ ...each, name: name.slice(0, 120) }));
    },
    briefed: (brief) => edit('brief', (each) => ({ ...each, brief })),
    noted: (notes) => edit('notes', (each) => ({ ...each, notes })),
    noticed: (notice) => session.setState((now) => ({ notices: now.notices.filter((each) => each !== notice) })),
    broughtBack: (before) => {
      fields.fieldLeft();
      edit('restored', () => before);
      fields.fieldLeft();
    },
    sizingTurned: (on) => {
      if (session.getState().sizing !== on) session.setState({ sizing: on });
    },
    undone: () => keeping.step(undo),
    redone: () => keeping.step(redo),
    pageLeft,
    close: () => {
      afterwards.now();
      keeping.close();
      giveUpPractice();
      left?.stop();
      stopFollowing();
      settling.derived.stop();
      settling.session.stop();
      removeEventListener('pagehide', pageLeft);
    },
  };
}

/**
 * Works something out a few times while nobody waits: the engine makes fast what runs often, and otherwise the first words that are typed would be what
 * it learns on. @returns what gives it up
 */
const practise = (work: () => void, times: number): (() => void) => whileIdle(Array.from({ length: times }, () => work));
