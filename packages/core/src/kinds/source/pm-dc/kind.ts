import { type Check, noWorseThanClose } from '../../../checks/check.js';
import { type Figure, fixed, flag, scaled } from '../../../figure/figure.js';
import type { Fed, SourceKind, SourceOutput } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { dcOutput } from '../../shared/brushed/dc-motor.js';
import { sizedUp } from '../../shared/by-size.js';
import { voltsAt } from '../../shared/motor.js';
import { pmDcHead } from './fields.js';
import { type PmDcOutputs, pmDcOutputs } from './outputs.js';
import { said } from './said.js';

/** A motor with magnets and brushes: its speed goes with the volts, its torque with the amps. */
export const pmDc: SourceKind<typeof pmDcHead> = {
  ...pmDcHead,
  output: (entered, fed, context) => {
    const inputs = sizedUp(entered, 'pm-dc', entered.speed);
    const { held, current, lasting: _, resistance: __, rated: ___, constant, checks, ...output } = dcOutput(inputs, fed, context, inputs.flywheel);
    context.note('volts-driven', voltsAt(constant, inputs.speed));
    return { ...output, checks: [...checks, ...magnetsCheck(fed, held, current, context)], ...said(inputs, fed) } satisfies SourceOutput;
  },
};

const withstood = fixed('1', 8, pmDcOutputs.checks.magnets.source, [5, 12], flag.estimated);

const magnetsCheck = (fed: Fed, held: Figure<'A'>, rated: Figure<'A'>, { check }: Context<PmDcOutputs>): Check[] =>
  held.known && rated.known && fed.current.is !== 'ac'
    ? [noWorseThanClose(check('magnets', { has: scaled(rated, withstood, pmDcOutputs.checks.magnets.source), needs: held }))]
    : [];
