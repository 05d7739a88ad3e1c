import type { Marked } from '../kinds/marks.js';
import { kindHead } from '../kinds/registry.js';
import { hubMark } from '../kinds/shared/hub-marks.js';
import { listed } from '../quantity/listed.js';
import { type ReadingSettings } from '../quantity/read-quantity.js';
import type { Build, Input } from './build.js';
import { enter } from './enter.js';
import { fieldWords } from './field-types/index.js';
import { elementsOf, placesOf, withInput } from './paths.js';

/** What a mark fills in, before it does. */
export interface FromMark {
  /** Entries by their paths, as they would be typed. */
  readonly fills: Readonly<Record<string, string>>;
  /** What is filled, what it was where that differs, and what was not understood. */
  readonly says: string;
}

/** By the element’s own kind, or as what any hub has on it. */
function markIn({ role, element }: ReturnType<typeof elementsOf>[number], field: string, text: string): Marked | null {
  const head = kindHead(role, element.kind);
  return head?.marks?.(text) ?? hubMark(text, field);
}

/** Longest line of a plate that is read. */
const longest = 300;

/**
 * A text that is a mark or a plate, in a field of an element: what it fills. Entries that would not be read are left out.
 * @param path of the field that it was typed in
 * @returns null where the element's kind knows no such mark
 */
export function fromMark(build: Build, path: string, text: string, settings: ReadingSettings = {}): FromMark | null {
  const at = path.split('/').slice(0, -1).join('/');
  const placed = build.lines.flatMap(elementsOf).find((each) => each.path === at);
  const marked = placed && text.length <= longest ? markIn(placed, path.slice(at.length + 1), text) : null;
  if (!placed || !marked) return null;
  const places = placesOf(build);
  const filled = Object.entries(marked.fills).flatMap(([name, entry]) => {
    const place = places.find((each) => each.path === `${at}/${name}`);
    if (!place) return [];
    const { input, reading } = enter(place.field, entry, undefined, settings);
    const isRead = input !== undefined && (typeof reading !== 'object' || reading.ok);
    return isRead ? [{ path: place.path, entry, input, field: place.field, was: place.input }] : [];
  });
  if (filled.length === 0) return null;
  const shown = ({ entry, input, field, was }: (typeof filled)[number]): string => {
    const differs = was?.text && was.text !== entry;
    return `${field.label.toLowerCase()} ${fieldWords(field, input)}${differs ? ` instead of ${fieldWords(field, was)}` : ''}`;
  };
  const rest = marked.rest ? `; not understood: ${marked.rest}` : '';
  return {
    fills: Object.fromEntries(filled.map((each) => [each.path, each.entry])),
    says: `${listed(filled.map(shown))}${rest}`,
  };
}

/**
 * The build with all of it filled in, one step.
 * @param path of the field that the mark was typed in, which has again what stood there before unless it is filled
 */
export function filledFromMark(build: Build, path: string, before: Input | undefined, { fills }: FromMark, settings: ReadingSettings = {}): Build {
  return Object.entries(fills).reduce(
    (now, [at, entry]) => {
      const place = placesOf(now).find((each) => each.path === at);
      return place ? withInput(now, at, enter(place.field, entry, place.input, settings).input) : now;
    },
    withInput(build, path, before),
  );
}
