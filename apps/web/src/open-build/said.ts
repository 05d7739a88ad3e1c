import { type Sentence, say, wordingFor } from '@hobrek/core';
import { usePreferences } from '../shared/preferences.js';
import { useOpenBuild } from './store.js';

interface Put {
  readonly units: string;
  readonly text: string;
}

/** What was put into words already: the store speaks more often than sentences change. */
const put = new WeakMap<Sentence, Put>();

/** A sentence of the open build, in the units of this device. */
export function said(sentence: Sentence): string {
  const { units } = usePreferences.getState();
  const known = put.get(sentence);
  if (known?.units === units) return known.text;
  const { open } = useOpenBuild.getState();
  const text = open ? say(sentence, wordingFor(open.build, units)) : '';
  put.set(sentence, { units, text });
  return text;
}

/** Several, one after the other. */
export const allSaid = (sentences: readonly Sentence[]): string => sentences.map(said).filter(Boolean).join(' ');
