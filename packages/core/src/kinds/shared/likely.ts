import { type Figure, known } from '../../figure/figure.js';
import type { Unit } from '../../quantity/quantities.js';

/** The likely value for a drawing, in the figure's unit; nothing while it is not known. */
export const likely = (figure: Figure): number | null => (figure.known ? figure.value : null);

/** A figure at its likely value, for what is chosen by it and not held to its ends. */
export const withoutBand = <U extends Unit>(figure: Figure<U>): Figure<U> =>
  figure.known ? known(figure.unit, figure.value, figure.origin, undefined, figure.flags) : figure;
