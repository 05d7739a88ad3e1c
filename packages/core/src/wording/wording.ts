import { reserveWords } from '../checks/reserve.js';
import type { Build } from '../machine/build.js';
import { fieldLabel, placesOf } from '../machine/paths.js';
import { listed } from '../quantity/listed.js';
import { readQuantity } from '../quantity/read-quantity.js';
import { show, showBand, showNumber, showRange, showShare, type UnitHabit } from '../quantity/show.js';
import { showAs } from '../quantity/show-as.js';
import { remembering } from '../remembering.js';
import type { Amount, NotKnown, Sentence, Told } from './sentence.js';

/** How sentences are put into words for one person: handed over by whoever shows them. */
export interface Wording {
  /** Units in which figures are told. */
  readonly units: UnitHabit;
  /** What a field is called in a sentence, by its path. */
  readonly label: (path: string) => string;
  /** What is written in a field that could not be read, to be told behind its label; empty for one that is empty. */
  readonly unread?: (path: string) => string;
}

/** The wording for a build: its fields by their labels, figures in the units of the person who reads. */
export const wordingFor = (build: Build, units: UnitHabit = 'metric'): Wording => ({
  units,
  label: (path) => fieldLabel(build, path),
  unread: (path) => unreadIn(build, path),
});

/** What was typed and is not read, with what it could be: behind `speed` it is ` (“1,725” is not read: 1725 or 1.725?)`. */
function unreadIn(build: Build, path: string): string {
  const place = placesOf(build).find((each) => each.path === path);
  if (!place?.input?.draft?.trim() || place.input.value !== undefined || place.field.is !== 'quantity') return '';
  const reading = readQuantity(place.input.draft, place.field);
  const could = !reading.ok && reading.readings ? `: ${listed(reading.readings, 'or')}?` : '';
  return ` (“${place.input.draft}” is not read${could})`;
}

/**
 * A sentence as a person reads it, with its capital and its full stop.
 * @example say({ template: 'belt slips at {has}', figures: { has: { value: 12, unit: 'N·m' } } }, { units: 'metric' }) // 'Belt slips at 12 N·m.'
 * @throws RangeError when the template names a figure that the sentence does not have
 */
export function say(said: Sentence, wording: Wording): string {
  const text = phrase(said, wording);
  return text === '' ? '' : `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}

/** Several sentences, one after the other. */
export const sayAll = (all: readonly Sentence[], wording: Wording): string =>
  all
    .map((each) => say(each, wording))
    .filter(Boolean)
    .join(' ');

/** A sentence as a part of another: without capital and full stop. */
export function phrase({ template, figures, exact }: Sentence, wording: Wording): string {
  let text = '';
  for (const part of partsOf(template)) {
    if (typeof part === 'string') text += part;
    else {
      const told = figures[part.name];
      if (told === undefined) throw new RangeError(`“${template}” has no figure ${part.name}`);
      text += inWords(told, part.as, wording, exact === true);
    }
  }
  return text;
}

interface Place {
  readonly name: string;
  readonly as: string;
}

/** A template taken apart once: the same few hundred are read at every key. */
const partsOf = remembering(2_000, (template: string): readonly (string | Place)[] =>
  template.split(/\{([^}]+)\}/).map((piece, k) => {
    if (k % 2 === 0) return piece;
    const [name = '', as = ''] = piece.split(':');
    return { name, as };
  }),
);

function inWords(told: Told, as: string, wording: Wording, exact: boolean): string {
  if (typeof told === 'string') return told;
  if (typeof told === 'number') return as === 'share' ? showShare(told) : showNumber(told);
  if ('template' in told) return phrase(told, wording);
  if ('left' in told) return reserveWords(told.left);
  if ('fields' in told) return listed(named(told.fields, wording));
  return figureInWords(told, as, wording.units, exact);
}

/** Of many fields only the first are named: a list of ten is no advice. */
function named(fields: readonly string[], { label, unread }: Wording): string[] {
  const first = fields.slice(0, fields.length > mostNamed + 1 ? mostNamed : fields.length).map((path) => `${label(path)}${unread?.(path) ?? ''}`);
  return first.length < fields.length ? [...first, `${fields.length - first.length} more`] : first;
}
const mostNamed = 3;

function figureInWords(told: Amount | NotKnown, as: string, units: UnitHabit, exact: boolean): string {
  if (told.known === false) return 'not known';
  const { value, unit, low = value, high = value, quantity } = told;
  if (quantity) return showAs(quantity, value, value, units);
  if (as === 'share') return showShare(value);
  if (as === 'likely') return show(value, unit, units);
  return exact ? showRange(low, high, unit, units) : showBand(low, high, unit, units);
}
