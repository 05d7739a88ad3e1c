import type { Figure } from '../../figure/figure.js';

/** The likely value for a drawing, in the figure's unit; nothing while it is not known. */
export const likely = (figure: Figure): number | null => (figure.known ? figure.value : null);
