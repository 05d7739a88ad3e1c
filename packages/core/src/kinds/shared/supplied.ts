import type { Check } from '../../checks/check.js';
import type { CheckOutputs } from '../../checks/check-output.js';
import { type Figure, fixed, scaled } from '../../figure/figure.js';
import { defineProcedure, solve } from '../../figure/formula.js';
import type { Fed } from '../kind.js';
import type { Declares, None } from './only.js';

/** What is held of a motor's supply, whatever makes it: more volts than it is made for, and the current that the supply puts out. */
export const suppliedOutputs = {
  over: {
    name: 'the voltage of the motor',
    subject: 'whether the motor is made for this voltage',
    source: 'Common practice, no source: up to a tenth over its plate’s; speed, brushes and insulation are made for no more',
    closeBelow: 0.02,
    says: {
      holds: 'its plate says {plate}, it is supplied with {needs}',
      close: 'its plate says {plate}, it is supplied with {needs}: {has} are allowed',
      may: 'it may have too much voltage: its plate says {plate}, it is supplied with {needs}',
      fails: 'it has too much voltage: its plate says {plate}, it is supplied with {needs}. It runs too fast, its brushes spark and it burns',
    },
  },
  amps: {
    name: 'the current of the supply',
    subject: 'whether the supply puts out enough current',
    source: 'The current for the torque that the work needs, against what the supply puts out',
    says: {
      holds: 'the work needs {needs}; the supply puts out {has}',
      may: 'the supply may trip or fall short: the work needs {needs}, it puts out {has}',
      fails: 'the supply trips or falls short: the work needs {needs}, it puts out {has}',
    },
  },
} as const satisfies CheckOutputs;

type Own = Declares<None, typeof suppliedOutputs>;

const aTenthMore = fixed('1', 1.1, suppliedOutputs.over.source);

/** Its plate's volts against those it is supplied with. */
export const overVoltage = (plate: Figure<'V'>, supplied: Figure<'V'>, { check }: Own): Check[] => [
  check('over', { has: scaled(plate, aTenthMore, suppliedOutputs.over.source), needs: supplied, tells: { plate } }),
];

/** Only where something limits the current before a breaker does. */
export const ampsOf = ({ limit }: Fed, needed: Figure<'A'>, { check }: Own): Check[] => (limit ? [check('amps', { has: limit, needs: needed })] : []);

export const voltAmps = defineProcedure({ id: 'volt-amps', says: 'Volts times amps', source: 'Definition' });

/** What goes in at the most, by volts and amps of the plate. */
export const goesIn = (V: Figure<'V'>, I: Figure<'A'>): Figure<'W'> => solve('W', voltAmps, { V, I }, (of) => (of.V ?? 0) * (of.I ?? 0));
