import { createContext, type ReactNode, use } from 'react';
import { useStore } from 'zustand';
import type { OpenBuild } from './open-build.js';
import type { SaveState } from './save-queue.js';
import type { DocumentState, SessionState } from './state.js';
import { WhyHere } from './why-here.js';

const Here = createContext<OpenBuild | null>(null);

/** What is in it shows one open build and changes that one. */
export function OpenBuildHere({ open, children }: { open: OpenBuild; children: ReactNode }) {
  return (
    <div data-build={open.id} className="contents">
      <Here value={open}>
        <WhyHere>{children}</WhyHere>
      </Here>
    </div>
  );
}

/** The open build that this is of, with its events. It stays the same while it is open: what it holds is followed by the hooks below. */
export function useOpen(): OpenBuild {
  const open = use(Here);
  if (!open) throw new Error('no build is open here');
  return open;
}

/** Follows what is entered. */
export const useDocument = <T,>(select: (document: DocumentState) => T): T => useStore(useOpen().document, select);

/** Follows what this page does with the build. */
export const useSession = <T,>(select: (session: SessionState) => T): T => useStore(useOpen().session, select);

/** Follows whether it is kept. */
export const useSaving = <T,>(select: (saving: SaveState) => T): T => useStore(useOpen().saving, select);
