import { flag, known, unknown } from '../../figure/figure.js';
import { type QuantityField, unitOf } from '../../kinds/fields.js';
import { longestText, readQuantity } from '../../quantity/read-quantity.js';
import { acceptedUnits, showAs } from '../../quantity/show-as.js';
import type { Input } from '../build.js';
import { entryFigure } from '../entry-figure.js';
import type { FieldType } from './field-type.js';
import { notKnown } from './not-known.js';
import { changedOne } from './told.js';

/** Values written with four digits or more by hand are the same; more apart, they are two readings. */
const closeEnough = 1e-4;

/** What texts were found to mean, by field: every save has dozens that were read before, and with tables thousands. */
const meanings = new WeakMap<QuantityField, Map<string, number>>();
const mostMeanings = 5_000;

const knownToMean = (field: QuantityField, text: string, value: number): boolean => meanings.get(field)?.get(text) === value;

function keepInMind(field: QuantityField, text: string, value: number): void {
  const before = meanings.get(field) ?? new Map<string, number>();
  if (before.size >= mostMeanings) before.clear();
  meanings.set(field, before.set(text, value));
}

const isPart = ({ value, low }: Input): boolean => value !== undefined && low === undefined && !Number.isInteger(value);

/** A number with its unit, a range, a sum; counted where it is whole. */
export const quantityType: FieldType<QuantityField> = {
  enter: (field, text, before, settings) => {
    const reading = readQuantity(text, field, settings);
    const note = before?.note === undefined ? {} : { note: before.note };
    if (!reading.ok) {
      const good = before?.value === undefined ? { text: '', how: field.how } : before;
      return { input: { ...good, ...note, draft: text.slice(0, longestText) }, reading };
    }
    const { value, low, high } = reading;
    const how = low === undefined ? field.how : 'guessed';
    return {
      input: { text: text.trim(), value, unit: unitOf(field), how, ...(low === undefined || high === undefined ? {} : { low, high }), ...note },
      reading,
    };
  },
  words: (_, { text }) => text,
  changes: ({ label }, was, is) => changedOne(label, was, is, ({ text }) => text),
  isEntered: (input) => input?.value !== undefined,
  fits: (field, from) => from?.is === 'quantity' && from.quantity === field.quantity,
  figure: (field, input, path) => {
    const unit = unitOf(field);
    if (input?.value !== undefined) return entryFigure(input, unit, path);
    if (!field.usual) return unknown(unit, [path]);
    const { value, low, high, source, of } = field.usual;
    return known(unit, value, { by: 'usual', field: path, source }, [low, high], of === 'unseen' && low < high ? flag.unseen : 0);
  },
  settle: (field, input) => {
    if (input.text === '' && input.value === undefined) return { input };
    if (input.value !== undefined && knownToMean(field, input.text, input.value)) return { input };
    if (input.value === undefined && input.text.trim() === notKnown) return { input: undefined };
    const reading = readQuantity(input.text, field);
    // A part of what is counted is no answer: the entry is kept as it was typed, and is not known.
    if (field.whole && isPart(input))
      return {
        input: { text: '', how: input.how, draft: (input.draft ?? input.text).slice(0, longestText) },
        notices: [`${field.label}: “${input.text}” is no whole number; it is counted. What hangs on it is not known until it is entered.`],
      };
    if (input.value === undefined) {
      if (!reading.ok) return { input, refused: [{ says: reading.says }] };
      const { value, unit, low, high } = reading;
      return { input: { ...input, value, unit, ...(low === undefined || high === undefined ? {} : { low, high }) } };
    }
    if (reading.ok && Math.abs(reading.value - input.value) <= closeEnough * Math.abs(input.value)) {
      keepInMind(field, input.text, input.value);
      return { input };
    }
    const today = reading.ok ? `is read as ${reading.understood} today` : 'is not read today';
    return {
      input,
      notices: [`${field.label}: “${input.text}” ${today}; the build was worked with ${showAs(field.quantity, input.value)}, and still is.`],
    };
  },
  options: () => null,
  takes: ({ quantity, accepts, whole, usual }) => ({
    as: acceptedUnits(quantity),
    range: `${showAs(quantity, ...accepts)}${whole ? ', whole numbers' : ''}`,
    usual: usual ? `${showAs(quantity, usual.low, usual.high)}: ${usual.source}` : '',
  }),
};
