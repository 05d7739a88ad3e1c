import { longestText } from '@hobrek/core';
import { useState } from 'react';

/**
 * A text as it is being typed: the build keeps it without the spaces around it, and the next sign may need them, as in 3 11/16 in.
 * @param text what the build keeps
 */
export function useAsTyped(text: string): readonly [shown: string, typed: (text: string | null) => void] {
  const [asTyped, setAsTyped] = useState<string | null>(null);
  const isSame = asTyped?.slice(0, longestText).trim() === text;
  return [isSame ? (asTyped as string) : text, setAsTyped];
}
