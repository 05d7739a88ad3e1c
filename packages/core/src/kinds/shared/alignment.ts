import type { Check } from '../../checks/check.js';
import type { CheckOutput } from '../../checks/check-output.js';
import { type Figure, fixed } from '../../figure/figure.js';
import { defineProcedure, solve } from '../../figure/formula.js';
import { lineAngle } from '../../formulas/chain/line-angle.js';
import { quantity } from '../fields.js';
import { likely } from './likely.js';
import type { Declares } from './only.js';

export const besideThePlane = defineProcedure({
  id: 'out-of-line',
  says: 'Place of one wheel along its shaft, less that of the other, in either direction',
  source: 'Closed form',
  turns: ['a', 'b'],
});

/** Place of a wheel along its shaft. */
export const placeField = (called: string) =>
  quantity(`Position along its shaft, ${called}`, 'length', {
    accepts: [-5_000, 5_000],
    bare: 'mm',
    how: 'measured',
    help: 'Of its middle, from one face that you choose for the whole machine: the board it is bolted to, say.',
    measure: 'A rule along the shaft from that face to the middle of the rim.',
  });

interface Placed {
  readonly driverAt: Figure<'mm'>;
  readonly drivenAt: Figure<'mm'>;
}

/** Places of both wheels along their shafts, mm, for the view from above; nothing while neither is entered. */
export const lineOf = ({ driverAt, drivenAt }: Placed): readonly [number | null, number | null] | undefined =>
  driverAt.known || drivenAt.known ? [likely(driverAt), likely(drivenAt)] : undefined;

/** How far one wheel is beside the other's plane; not known while either place is not. */
export const outOfLine = ({ driverAt, drivenAt }: Placed): Figure<'mm'> =>
  solve('mm', besideThePlane, { a: driverAt, b: drivenAt }, ({ a = 0, b = 0 }) => Math.abs(a - b));

/** Half a degree, as for chains: belts and chains climb and wear beyond it. */
const source = 'Common practice, no source: half a degree, 2 mm in 400';
const halfADegree = fixed('rad', Math.PI / 360, source);

export const alignmentCheck = {
  name: 'the alignment of the two wheels',
  subject: 'alignment of the two wheels',
  source,
  says: 'the two wheels are out of line by {needs}; up to {has} is allowed',
} as const satisfies CheckOutput;

/** Whether a belt or a chain runs straight; nothing while it is not entered where its wheels are. */
export const alignmentOf = (
  offset: Figure<'mm'>,
  centres: Figure<'mm'>,
  { check }: Declares<Readonly<Record<never, never>>, { readonly line: typeof alignmentCheck }>,
): Check[] => (offset.known ? [check('line', { has: halfADegree, needs: lineAngle({ o: offset, C: centres }) })] : []);
