import { type Figure, fixed, fromTable, unknown } from '../../../figure/figure.js';
import { plateClutchTorque } from '../../../formulas/hub/plate-clutch-torque.js';
import { shearPinTorque } from '../../../formulas/hub/shear-pin-torque.js';
import type { InputFigures } from '../../fields.js';
import type { StageKind } from '../../kind.js';
import { noPull, nothingEntered, onOneAxis, straightThrough } from '../../shared/coaxial.js';
import { geared } from '../../shared/driven-shaft.js';
import { torqueLimiterHead } from './fields.js';
import { clutchSource, pinSource } from './outputs.js';

type Inputs = InputFigures<typeof torqueLimiterHead.fields>;

/**
 * Shear strength as it breaks, MPa (common practice, no source: three quarters of the tensile strength of soft steel, 0.6 of a hard bolt's). A bolt 8.8 has at
 * least 800 MPa, and as bought up to what its greatest hardness comes to, 1060 MPa (ISO 898-1, from memory).
 */
const shears = { mild: [280, 320, 360], 'bolt-88': [480, 550, 640], brass: [220, 255, 300], aluminium: [180, 205, 230] } as const;
const all = fixed('1', 1, 'It loses nothing while it holds');

/** A link that is meant to fail first, to save what is dearer. */
export const torqueLimiter: StageKind<typeof torqueLimiterHead> = {
  ...torqueLimiterHead,
  ready: (inputs) => ({
    ...geared(straightThrough, all),
    moved: nothingEntered,
    outline: onOneAxis(inputs.type.is === 'shear-pin' ? inputs.radius : inputs.mean),
  }),
  under: (inputs, _ready, { duty: { torque } }, { note, check, limit }) => {
    const isPin = inputs.type.is !== 'slip-clutch';
    const clutch = plateClutchTorque({ mu: inputs.friction, F: inputs.springs, r: inputs.mean, z: inputs.faces });
    const releases = note('releases-at', isPin ? pinTorque(inputs) : clutch);
    const source = isPin ? pinSource : clutchSource;
    return {
      checks: [check('holds', { has: releases, needs: torque, source, tells: { what: isPin ? 'pin shears' : 'clutch slips' } })],
      slips: inputs.type.is ? limit('limiter', { torque: releases, source, as: inputs.type.is }) : null,
      steady: null,
      hubs: { in: null, out: null },
      pulls: { in: noPull, out: noPull },
      cautions: isPin
        ? ['Only ever put the same pin back: a stronger bolt moves the break to something dearer. A pin that shears flies: a cover over it.']
        : ['A clutch that slips long is hot: let it cool before it is touched.'],
      notEntered: inputs.type.is ? [] : ['what protects against overload'],
    };
  },
};

function pinTorque({ pin, material, planes, radius }: Inputs): Figure<'N·m'> {
  const tau: Figure<'MPa'> = material.is
    ? fromTable('MPa', shears[material.is], { table: 'shear strength of pins', row: material.is, source: pinSource })
    : unknown('MPa', [material.field]);
  return shearPinTorque({ z: planes, d: pin, tau, r: radius });
}
