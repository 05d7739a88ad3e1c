import { hold } from '../../../checks/check.js';
import { type Figure, fixed, fromTable, unknown } from '../../../figure/figure.js';
import { plateClutchTorque } from '../../../formulas/hub/plate-clutch-torque.js';
import { shearPinTorque } from '../../../formulas/hub/shear-pin-torque.js';
import type { InputFigures } from '../../fields.js';
import type { Limit, StageKind } from '../../kind.js';
import { noPull, onOneAxis, straightThrough, turned, weightless } from '../../one-axis.js';
import { torqueLimiterHead } from './fields.js';

type Inputs = InputFigures<typeof torqueLimiterHead.fields>;

/** Shear strength as it breaks, MPa (common practice, no source: three quarters of the tensile strength of soft steel, 0.6 of a hard bolt's). */
const shears = { mild: [280, 320, 360], 'bolt-88': [450, 480, 540], brass: [220, 255, 300], aluminium: [180, 205, 230] } as const;
const pinSource = 'Shear strength: common practice, no source; shear over the planes (closed form)';
const clutchSource = 'Coulomb friction on the mean radius (closed form)';
const all = fixed('1', 1, 'It loses nothing while it holds');

/** A link that is meant to give first, to save what is dearer. */
export const torqueLimiter: StageKind<typeof torqueLimiterHead.fields> = {
  ...torqueLimiterHead,
  passes: (inputs, arriving, context) => ({
    leaving: turned(arriving, straightThrough, all, context),
    ratio: straightThrough,
    kept: all,
    inertia: { in: weightless, out: weightless },
    outline: onOneAxis(inputs.type.is === 'shear-pin' ? inputs.radius : inputs.mean),
    under: ({ torque }) => {
      const { note, path, label } = context;
      const isPin = inputs.type.is !== 'slip-clutch';
      const gives = note(
        'gives-at',
        isPin ? pinTorque(inputs) : plateClutchTorque({ mu: inputs.friction, F: inputs.springs, r: inputs.mean, z: inputs.faces }),
      );
      const source = isPin ? pinSource : clutchSource;
      const slips: Limit = {
        id: `${path}/limiter`,
        at: path,
        says: isPin ? 'the shear pin breaks' : 'the clutch slips',
        short: isPin ? 'shear pin' : 'clutch slips',
        torque: gives,
        harm: 'harmless',
        source,
      };
      return {
        checks: [
          hold({
            id: `${path}/check-holds`,
            at: path,
            label,
            subject: 'Whether it holds at work',
            has: gives,
            needs: torque,
            says: ({ has, needs }) => `The ${isPin ? 'pin shears' : 'clutch slips'} at ${has}; the work asks ${needs}`,
            source,
          }),
        ],
        slips: inputs.type.is ? slips : null,
        steady: null,
        hubs: { in: null, out: null },
        pulls: { in: noPull, out: noPull },
        cautions: isPin
          ? ['Only ever put the same pin back: a bolt that holds longer moves the break to something dearer.']
          : ['A clutch that slips long is hot: let it cool before it is touched.'],
        notEntered: inputs.type.is ? [] : ['what gives on purpose'],
      };
    },
  }),
};

function pinTorque({ pin, material, planes, radius }: Inputs): Figure<'N·m'> {
  const tau: Figure<'MPa'> = material.is
    ? fromTable('MPa', shears[material.is], { table: 'shear strength of pins', row: material.is, source: pinSource })
    : unknown('MPa', [material.field]);
  return shearPinTorque({ z: planes, d: pin, tau, r: radius });
}
