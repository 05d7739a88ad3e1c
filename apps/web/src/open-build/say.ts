import { type Build, type Sentence, say, wordingFor } from '@hobrek/core';
import { usePreferences } from '../shared/preferences.js';

interface Put {
  readonly units: string;
  readonly text: string;
}

/** Puts the sentences of a build into words, in the units of this device; each once, since stores speak more often than sentences change. */
export function createSayer(build: () => Build) {
  const put = new WeakMap<Sentence, Put>();
  const said = (sentence: Sentence): string => {
    const { units } = usePreferences.getState();
    const known = put.get(sentence);
    if (known?.units === units) return known.text;
    const text = say(sentence, wordingFor(build(), units));
    put.set(sentence, { units, text });
    return text;
  };
  return { said, allSaid: (sentences: readonly Sentence[]): string => sentences.map(said).filter(Boolean).join(' ') };
}
