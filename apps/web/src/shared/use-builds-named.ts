import type { ListedBuild } from '@hobrek/contracts';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { ask } from './ask.js';

/** The builds of which the name or the sentence holds a text, as many as are listed at once; those of the text before while others are looked for. */
export function useBuildsNamed(text: string): readonly ListedBuild[] {
  // `compare with the mill` looks for the mill.
  const find = text.trim().replace(/^(?:(?:compare|with|the|build)\s+)+/i, '');
  const { data } = useQuery({
    queryKey: ['named', find],
    queryFn: () => ask<ListedBuild[]>(`builds?find=${encodeURIComponent(find)}`),
    placeholderData: keepPreviousData,
    staleTime: 0,
    gcTime: 0,
  });
  return data ?? [];
}
