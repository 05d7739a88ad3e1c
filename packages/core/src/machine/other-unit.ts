import { type Offer, readQuantity } from '../quantity/read-quantity.js';
import type { Build } from './build.js';
import { placesOf } from './paths.js';

const inches = /(?:\d|\s)(?:in|inch|inches|"|″|'')\s*$/i;

/**
 * A bare length among lengths of the same element that are written in inches: it may have been meant so.
 * @returns the same in inches, or null where the others are in millimetres or the field does not take it
 */
export function inchesMeant(build: Build, path: string, text: string): Offer | null {
  if (!/^[\d\s.,/+*()-]+$/.test(text.trim())) return null;
  const places = placesOf(build);
  const place = places.find((each) => each.path === path);
  if (place?.field.is !== 'quantity' || place.field.quantity !== 'length' || place.field.bare !== 'mm') return null;
  const element = path.split('/').slice(0, -1).join('/');
  const others = places.filter(
    ({ path: at, field, input }) =>
      at !== path && at.startsWith(`${element}/`) && field.is === 'quantity' && field.quantity === 'length' && input?.text,
  );
  const inInches = others.filter(({ input }) => inches.test(input?.text ?? '')).length;
  if (inInches === 0 || inInches <= others.length / 2) return null;
  const meant = `${text.trim()} in`;
  const read = readQuantity(meant, place.field);
  return read.ok ? { text: meant, says: meant } : null;
}
