import type { Figure } from '../figure/figure.js';
import { type Check, hold, type Labels } from './check.js';

interface Spinning {
  readonly id: string;
  readonly at: string;
  readonly what: string;
  readonly most: Figure<'rpm'>;
  readonly top: Figure<'rpm'>;
  readonly source: string;
  readonly label: Labels;
}

/** Over-speed is judged at the highest speed that can be reached, unloaded, not where the machine settles. */
export const holdSpeed = ({ id, at, what, most, top, source, label }: Spinning): Check<'rpm'> =>
  hold({
    id,
    at,
    subject: `Whether ${what.toLowerCase()} overspeeds`,
    has: most,
    needs: top,
    says: ({ has, needs }) => `${what} turns up to ${needs} unloaded; ${has} is its limit`,
    source,
    label,
  });
