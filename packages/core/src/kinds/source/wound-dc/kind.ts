import { type Check, noWorseThanClose } from '../../../checks/check.js';
import { type Figure, fixed, scaled, unknown } from '../../../figure/figure.js';
import { heldCurrent } from '../../../formulas/motor/held-current.js';
import type { SourceKind, SourceOutput } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { dcOutput, overFull } from '../../shared/brushed/dc-motor.js';
import { sizedUp } from '../../shared/by-size.js';
import { burst, voltsAt } from '../../shared/motor.js';
import { woundDcHead } from './fields.js';
import { type WoundDcOutputs, woundDcOutputs } from './outputs.js';
import { asWound, isItsOwn } from './wound.js';

/** A DC motor with a wound field: of a shunt as one with magnets, of a series field as a universal motor on direct current, of both between them. */
export const woundDc: SourceKind<typeof woundDcHead> = {
  ...woundDcHead,
  output: (entered, fed, context) => {
    const inputs = sizedUp(entered, 'wound-dc', entered.speed);
    const { held, current, lasting, resistance, rated, constant, ...output } = dcOutput(inputs, fed, context);
    const V = fed.voltage.known ? fed.voltage : inputs.voltage;
    if (inputs.fieldResistance.known) context.note('field-current', heldCurrent({ V, V_b: noDrop, R: inputs.fieldResistance }));
    const isSeries = inputs.field.is === 'series';
    // Without current a series motor has no field.
    if (inputs.field.is && !isSeries) context.note('volts-driven', voltsAt(constant, inputs.speed));
    const own = isItsOwn(inputs, V) ? asWound(inputs, fed, { current, lasting, resistance, rated }) : null;
    const flow = own ? context.note('speed', own.speed) : output.flow;
    const top = own ? context.note('highest-speed', overFull(own.top, flow)) : output.top;
    const effort = own ? context.note('torque', own.torque) : output.effort;
    if (own) context.note('for-a-minute', own.minute);
    const starting = own ? context.note('torque-at-rest', own.starting(held)) : output.starting;
    const stall = own ? { ...output.stall, torque: starting } : output.stall;
    return {
      ...output,
      ...(own ? { curves: fed.current.is === 'ac' ? null : own.curves, top, flow, effort, stall } : {}),
      ...(own && fed.current.is !== 'ac' ? { starting } : {}),
      ...(inputs.field.is === undefined ? { curves: null, starting: unknown('N·m', [inputs.field.field]) } : {}),
      driver: isSeries ? 'high' : 'normal',
      reverses: 'at rest',
      checks: [...output.checks, ...(isSeries ? runaway(inputs.speed, top, context) : [])],
      cautions: [
        ...(isSeries || inputs.field.is === undefined
          ? [
              'A series motor never runs without its load: it runs away and throws its winding. The first run is at a few volts, with a speed at which to stop.',
            ]
          : ['A shunt motor whose field is lost runs away: the field is never switched or fused by itself, and comes on before the armature.']),
        'Isolate the motor and wait before reaching in: never clear a jam with the power on.',
        'A wound field holds energy: its leads are not pulled off while it is on, the spark burns and breaks the winding down.',
        'It is reversed by field or armature changed over, not by both; at standstill.',
        isSeries
          ? 'With the power off it only coasts: without current a series motor has no field, and brakes nothing.'
          : 'Turned by its load it is a generator as long as its field is on: its leads are live while it turns.',
        'Strap it down before the first run; check old windings against the frame before any power.',
        'Earth to the frame before any power; mains wiring follows your local code and belongs to a licensed electrician.',
      ],
      notEntered: [...(inputs.field.is ? [] : ['how its field is wound']), ...(inputs.protector.is ? [] : ['thermal cut-out of the motor'])],
      notWorkedOut: [
        'wear of the brushes',
        ...(inputs.field.is === 'compound' && !own ? ['the series part of its field: that follows from the volts and the speed of its plate'] : []),
      ],
    } satisfies SourceOutput;
  },
};

const noDrop = fixed('V', 0, 'No brushes are in its circuit');

const runaway = (n: Figure<'rpm'>, top: Figure<'rpm'>, { check }: Context<WoundDcOutputs>): Check[] =>
  n.known && top.known ? [noWorseThanClose(check('runaway', { has: scaled(n, burst, woundDcOutputs.checks.runaway.source), needs: top }))] : [];
