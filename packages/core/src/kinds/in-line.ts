import { type Check, hold } from '../checks/check.js';
import { type Figure, fixed } from '../figure/figure.js';
import { defineProcedure, solve } from '../figure/formula.js';
import { lineAngle } from '../formulas/chain/line-angle.js';
import { quantity } from './fields.js';
import type { Context } from './kind.js';

export const besideThePlane = defineProcedure({
  id: 'out-of-line',
  says: 'Where one wheel stands along its shaft, less where the other does, whichever way',
  source: 'Closed form',
  turns: ['a', 'b'],
});

/** Where a wheel stands along its shaft. */
export const standsAt = (called: string) =>
  quantity(`${called} stands at`, 'length', {
    accepts: [-5_000, 5_000],
    bare: 'mm',
    how: 'measured',
    help: 'Its middle, along the shaft, from one face that you choose for the whole machine: the board it is bolted to, say.',
    measure: 'A rule along the shaft from that face to the middle of the rim.',
  });

interface Placed {
  readonly driverAt: Figure<'mm'>;
  readonly drivenAt: Figure<'mm'>;
}

const likely = (figure: Figure): number | null => (figure.known ? figure.value : null);

/** Where both wheels stand along their shafts, for the view from above; nothing while neither is entered. */
export const lineOf = ({ driverAt, drivenAt }: Placed): readonly [number | null, number | null] | undefined =>
  driverAt.known || drivenAt.known ? [likely(driverAt), likely(drivenAt)] : undefined;

/** How far one wheel stands beside the other's plane; not known while either place is not. */
export const outOfLine = ({ driverAt, drivenAt }: Placed): Figure<'mm'> =>
  solve('mm', besideThePlane, { a: driverAt, b: drivenAt }, ({ a = 0, b = 0 }) => Math.abs(a - b));

/** Half a degree, as for chains: belts and chains climb and wear beyond it. */
const source = 'Common practice, no source: half a degree, 2 mm in 400';

/** Whether a belt or a chain runs straight; nothing while it is not entered where its wheels stand. */
export function lineCheck(what: 'belt' | 'chain', offset: Figure<'mm'>, centres: Figure<'mm'>, { path, label }: Context): Check[] {
  if (!offset.known) return [];
  return [
    hold({
      id: `${path}/check-line`,
      at: path,
      label,
      subject: `Whether the ${what} runs straight`,
      has: fixed('rad', Math.PI / 360, source),
      needs: lineAngle({ o: offset, C: centres }),
      says: ({ has, needs }) => `The ${what} runs out of line by ${needs}; ${has} is what it bears`,
      source,
    }),
  ];
}
