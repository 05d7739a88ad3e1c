import type { ListedBuild, StoredBuild } from '@hobrek/contracts';
import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { ask, send } from '../../shared/ask.js';
import { copied } from '../../shared/copied.js';
import { usePreferences } from '../../shared/preferences.js';

/** The machines to begin from, with all kinds they are made of: come in when someone looks for one. */
export const loadStarters = () => import('./starters.js');

/** Ways to begin with a whole machine: each is kept at once, and opened. */
export interface Begin {
  readonly startFrom: (starter: string) => void;
  readonly copy: (listed: ListedBuild) => void;
  /** Why it could not be, in words. */
  readonly failed: string;
}

interface Beginning {
  readonly make: () => Promise<object>;
  /** The field that work goes on with; else the first page shows how it is. */
  readonly at?: string;
}

export function useBegin(): Begin {
  const navigate = useNavigate();
  const begin = useMutation({
    mutationFn: async ({ make }: Beginning) => send<StoredBuild>('POST', 'builds', await make()),
    onSuccess: ({ id }, { at }) => navigate(`/builds/${id}${at ? `?at=${at}` : ''}`),
  });
  return {
    startFrom: (starter) =>
      begin.mutate({
        make: async () => (await loadStarters()).startFrom(starter, usePreferences.getState().wall),
        ...(starter === 'blank' ? { at: 'main/source/power' } : {}),
      }),
    copy: ({ id, name }) =>
      begin.mutate({
        make: async () => {
          const { build } = await ask<StoredBuild>(`builds/${id}`);
          return copied(build, `${name}, copy`);
        },
      }),
    failed: begin.error ? `${begin.error.message} Nothing was begun; try again in a moment.` : '',
  };
}
