import type { Inputs } from '../../machine/build.js';
import { quantity, type Usual } from '../fields.js';

/** Share of the torque that a stage passes on. @param help what is counted in, in a sentence */
export const efficiencyField = (help: string, usual: Usual) =>
  quantity('Efficiency', 'fraction', {
    accepts: [0.3, 1],
    bare: null,
    how: 'measured',
    help: `Share of the torque that is passed on. ${help}`,
    measure: 'Hard to measure in a shed; leave it.',
    usual,
  });

/** Names that two inputs had, by what they are called since. */
const renamed: Readonly<Record<string, string>> = { kept: 'efficiency', gives: 'deflection' };

/** The upgrade step of every kind whose efficiency was called `kept`, and its belt's deflection `gives`. */
export const keptIsEfficiency = (inputs: Inputs): Inputs =>
  Object.fromEntries(Object.entries(inputs).map(([name, input]) => [renamed[name] ?? name, input]));
