import { type Figure, known } from '../figure/figure.js';
import type { InputSlot } from '../figure/formula.js';
import { type QuantityName, quantities } from '../quantity/quantities.js';
import { type Refused, readQuantity } from '../quantity/read-quantity.js';

/**
 * A formula's input from what was typed, in any usual unit; a bare number is in the slot's own unit.
 * @returns the figure, or the refusal that names the input
 */
export function figureFromText(text: string, name: string, slot: InputSlot): Figure | Refused {
  const quantity = (Object.keys(quantities) as QuantityName[]).find((each) => quantities[each].unit === slot.unit) ?? 'fraction';
  const reading = readQuantity(text, { label: `${name} (${slot.means})`, quantity, accepts: [-1e15, 1e15], bare: slot.unit });
  if (!reading.ok) return reading;
  const { value, low, high } = reading;
  return known(slot.unit, value, { by: 'given', field: name }, low === undefined || high === undefined ? undefined : [low, high]);
}
