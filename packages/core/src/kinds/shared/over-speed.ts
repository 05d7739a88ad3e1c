import type { CheckOutput } from '../../checks/check-output.js';
import { fixed } from '../../figure/figure.js';

/** Over-speed is judged at the highest speed that can be reached, unloaded, not where the machine settles. @param what the thing that turns */
export const overspeedCheck = (what: string, source: string) =>
  ({
    subject: `whether ${what} overspeeds`,
    source,
    says: {
      holds: `${what} turns at up to {needs} unloaded; {has} is its limit`,
      may: `${what} may overspeed: it turns at up to {needs} unloaded, and {has} is its limit`,
      fails: `${what} overspeeds: it turns at up to {needs} unloaded, and {has} is its limit`,
    },
  }) satisfies CheckOutput;

const weakSource = 'Common practice, no source: natural sandstone, the weakest that is spun, is run up to 12 m/s at its rim';

/** What any tool withstands at its rim, whatever it is made of. */
export const weakestRim = fixed('m/s', 12, weakSource);

/** While no speed is entered that the tool must not pass. */
export const rimCheck = {
  subject: 'whether the tool overspeeds',
  source: weakSource,
  closeBelow: 0,
  says: 'the rim of the tool runs at up to {needs}; {has} is safe whatever it is made of',
} as const satisfies CheckOutput;
