import type { Note } from '@hobrek/contracts';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** A note as far as it is written. */
export interface NoteDraft {
  readonly text: string;
  readonly tags: readonly string[];
  /** A word to find it by, as it is typed. */
  readonly word: string;
  /** It was sent, and the answer is not here yet: the page may have been left meanwhile. */
  readonly isSent?: boolean;
}

const none: NoteDraft = { text: '', tags: [], word: '' };

/** Notes that the server does not have yet, by their builds: on this device, whatever becomes of the page. */
const useDrafts = create<Readonly<Record<string, NoteDraft | undefined>>>()(persist(() => ({}), { name: 'hobrek:note-drafts' }));

/** The note that is being written on a build. One that was sent and is among its notes is written. */
export function useNoteDraft(build: string, notes: readonly Note[]): readonly [NoteDraft, (change: Partial<NoteDraft>) => void] {
  const kept = useDrafts((drafts) => drafts[build]) ?? none;
  const isThere = kept.isSent === true && notes.some(({ text }) => text === kept.text.trim());
  return [isThere ? none : kept, (change) => draftIs(build, { ...(isThere ? none : kept), isSent: false, ...change })];
}

/** Keeps a draft; an empty one needs no place. */
function draftIs(build: string, draft: NoteDraft): void {
  const isEmpty = draft.text === '' && draft.tags.length === 0 && draft.word === '';
  useDrafts.setState({ [build]: isEmpty ? undefined : draft });
}
