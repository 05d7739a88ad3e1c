import type { Figure } from '../../figure/figure.js';
import type { StageOutline } from '../kind.js';
import { lineOf } from './alignment.js';
import { angleOf } from './direction.js';
import { likely } from './likely.js';

interface Laid {
  readonly angle: Figure<'rad'>;
  readonly driverAt?: Figure<'mm'>;
  readonly drivenAt?: Figure<'mm'>;
}

/** How a stage with two wheels at a distance is drawn, mm. @param stock what else could be bought, where it has a length */
export const outlineOf = (
  { angle, driverAt, drivenAt }: Laid,
  driver: Figure<'mm'>,
  driven: Figure<'mm'>,
  centres: Figure<'mm'>,
  stock?: StageOutline['stock'],
): StageOutline => ({
  driver: likely(driver),
  driven: likely(driven),
  centres: likely(centres),
  angle: angleOf(angle),
  line: driverAt && drivenAt ? lineOf({ driverAt, drivenAt }) : undefined,
  stock,
});

/** How far the motor can move, as nearest and furthest centre distance, mm; null while the slot is not entered. */
export const slotAround = (
  { slotIn, slotOut }: { readonly slotIn: Figure<'mm'>; readonly slotOut: Figure<'mm'> },
  centres_mm: number,
): readonly [number, number] | null => (slotIn.known && slotOut.known ? [centres_mm - slotIn.value, centres_mm + slotOut.value] : null);
