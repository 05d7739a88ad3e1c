import type { CheckOutput } from '../../checks/check-output.js';

/** Over-speed is judged at the highest speed that can be reached, unloaded, not where the machine settles. @param what the thing that turns */
export const overspeedCheck = (what: string, source: string) =>
  ({
    subject: `whether ${what} overspeeds`,
    source,
    says: {
      holds: `${what} turns at up to {needs} unloaded; {has} is its limit`,
      fails: `${what} overspeeds: it turns at up to {needs} unloaded, and {has} is its limit`,
    },
  }) satisfies CheckOutput;
