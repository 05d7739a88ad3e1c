import { type Figure, phrase, type Wording } from '@hobrek/core';

/** A figure as JSON: its value and its ends, or what is missing. */
export function plain(figure: Figure, wording: Wording) {
  if (figure.known) {
    const { unit, value, low, high } = figure;
    return { known: true, unit, value, ...(low === undefined ? {} : { low, high }) };
  }
  const { unit, missing, because } = figure;
  const why = because === undefined ? {} : { because: typeof because === 'string' ? because : phrase(because, wording) };
  return { known: false, unit, missing, ...why };
}
