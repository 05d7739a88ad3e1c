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
  /** The name of a check as the head of a row: without its article, with a capital. */
  const headed = (name: Sentence): string => {
    const words = said(name).replace(/\.$/, '').replace(/^The /, '');
    return words.charAt(0).toUpperCase() + words.slice(1);
  };
  return { said, headed, allSaid: (sentences: readonly Sentence[]): string => sentences.map(said).filter(Boolean).join(' ') };
}
