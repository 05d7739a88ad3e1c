import type { QuantityField } from '../kinds/fields.js';
import { longestText, readQuantity } from '../quantity/read-quantity.js';
import { showAs } from '../quantity/show-as.js';
import type { Build, QuantityInput } from './build.js';
import { notKnown } from './enter.js';
import { placesOf, withInput } from './paths.js';

/** Values written with four digits or more by hand are the same; more apart, they are two readings. */
const closeEnough = 1e-4;

/** What texts were found to mean, by field: every save has some dozens that were read before. */
const meanings = new WeakMap<QuantityField, Map<string, number>>();
const mostMeanings = 200;

const knownToMean = (field: QuantityField, text: string, value: number): boolean => meanings.get(field)?.get(text) === value;

function keepInMind(field: QuantityField, text: string, value: number): void {
  const known = meanings.get(field) ?? new Map<string, number>();
  if (known.size >= mostMeanings) known.clear();
  meanings.set(field, known.set(text, value));
}

export interface Settled {
  readonly build: Build;
  /** Sentences for the person: entries whose text is read differently today than the value they carry. */
  readonly notices: readonly string[];
  /** Sentences for entries that cannot be worked with at all; the build then stays as it was. */
  readonly refused: readonly { readonly path: string; readonly says: string }[];
}

const isPart = ({ value, low }: QuantityInput): boolean => value !== undefined && low === undefined && !Number.isInteger(value);

/**
 * Makes a build from a file ready to work with: a value left out is read from its text, a question mark is not known; a value that differs from what the text means today is
 * kept, since it is what was worked with, and said.
 */
export function settleValues(build: Build): Settled {
  const notices: string[] = [];
  const refused: { path: string; says: string }[] = [];
  let settled = build;
  for (const { path, field, input } of placesOf(build)) {
    // A choice has no value; that it is one of its options is the contract's to say.
    if (!input || field.is === 'choice' || (input.text === '' && input.value === undefined)) continue;
    if (input.value !== undefined && knownToMean(field, input.text, input.value)) continue;
    if (input.value === undefined && input.text.trim() === notKnown) {
      settled = withInput(settled, path, undefined);
      continue;
    }
    const reading = readQuantity(input.text, field);
    if (field.whole && isPart(input)) {
      // A part of what is counted is no answer: the entry is kept as it was typed, and is not known.
      settled = withInput(settled, path, { text: '', how: input.how, draft: (input.draft ?? input.text).slice(0, longestText) });
      notices.push(`${field.label}: “${input.text}” is no whole number; it is counted. What hangs on it is not known until it is entered.`);
    } else if (input.value === undefined) {
      if (!reading.ok) {
        refused.push({ path, says: reading.says });
        continue;
      }
      const { value, unit, low, high } = reading;
      settled = withInput(settled, path, { ...input, value, unit, ...(low === undefined || high === undefined ? {} : { low, high }) });
    } else if (reading.ok && Math.abs(reading.value - input.value) <= closeEnough * Math.abs(input.value)) {
      keepInMind(field, input.text, input.value);
    } else {
      const today = reading.ok ? `is read as ${reading.understood} today` : 'is not read today';
      notices.push(`${field.label}: “${input.text}” ${today}; the build was worked with ${showAs(field.quantity, input.value)}, and still is.`);
    }
  }
  return { build: settled, notices, refused };
}
