import type { ReservedPart } from '@hobrek/contracts';
import type { Reserved } from '@hobrek/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useOpen } from '../../open-build/here.js';
import { ask } from '../../shared/ask.js';

/** What other builds have reserved of the drawer; null until it is there. Where the server does not answer, nothing is. */
export function useReserved(): readonly Reserved[] | null {
  const { id } = useOpen();
  const { data, error } = useQuery({ queryKey: ['reserved'], queryFn: () => ask<ReservedPart[]>('drawer/reserved'), staleTime: 0, gcTime: 0 });
  return useMemo(() => (data ? data.filter((each) => each.id !== id) : error ? [] : null), [data, error, id]);
}
