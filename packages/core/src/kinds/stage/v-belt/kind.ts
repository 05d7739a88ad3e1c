import { type Check, hold } from '../../../checks/check.js';
import { type Figure, known, unknown } from '../../../figure/figure.js';
import { arcOfContact } from '../../../formulas/belt/arc-of-contact.js';
import { openBeltLength } from '../../../formulas/belt/open-belt-length.js';
import { pulleyRatio } from '../../../formulas/belt/pulley-ratio.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { carriedTorque } from '../../../formulas/transmission/carried-torque.js';
import { drivenSpeed } from '../../../formulas/transmission/driven-speed.js';
import { show } from '../../../quantity/show.js';
import type { InputFigures } from '../../fields.js';
import type { Candidate, StageKind } from '../../kind.js';
import { vBeltHead } from './fields.js';

type Inputs = InputFigures<typeof vBeltHead.fields>;

/** Pulley diameters to try next, mm: the R20 series of preferred numbers (ISO 3), which stock pulleys follow. */
const stock_mm = [50, 56, 63, 71, 80, 90, 100, 112, 125, 140, 160, 180, 200, 224, 250, 280, 315, 355, 400, 450, 500, 560, 630] as const;

const speedSource = 'Common practice, no source: makers of classical V-belts allow up to about 30 m/s (from memory)';
const wrapSource = 'Common practice, no source: keep at least 120° on the smaller pulley';
const speedCeiling = known('m/s', 30, { by: 'limit', source: speedSource });
const leastWrap = known('rad', (120 * Math.PI) / 180, { by: 'limit', source: wrapSource });

/** A classical V-belt on two grooved pulleys, open, on parallel shafts. */
export const vBelt: StageKind<typeof vBeltHead.fields> = {
  ...vBeltHead,
  under: (inputs, arriving, { note, path, label }) => {
    const { driver, driven, slip, kept } = inputs;
    const centres = centresThatClear(inputs);
    const ratio = note('ratio', pulleyRatio({ d1: driver, d2: driven }));
    const leaving = {
      speed: note('speed', drivenSpeed({ n1: arriving.speed, i: ratio, s: slip })),
      torque: note('torque', carriedTorque({ T1: arriving.torque, i: ratio, k: kept })),
    };
    const beltSpeed = note('belt-speed', rimSpeed({ d: driver, n: arriving.speed }));
    const [small, large] = smallerFirst(driver, driven);
    const wrap = note('wrap', arcOfContact({ d: small, D: large, C: centres }));
    note('belt-length', openBeltLength({ d: small, D: large, C: centres }));

    const checks: Check[] = [
      hold({
        id: `${path}/check-speed`,
        at: path,
        subject: 'Belt speed',
        has: speedCeiling,
        needs: beltSpeed,
        says: ({ needs, has }) => `Belt runs at ${needs}; ${has} is the ceiling`,
        source: speedSource,
        label,
      }),
      hold({
        id: `${path}/check-wrap`,
        at: path,
        subject: 'Wrap on the smaller pulley',
        has: wrap,
        needs: leastWrap,
        says: ({ needs, has }) => `Wrap on the smaller pulley is ${has}; below ${needs} it slips early`,
        source: wrapSource,
        label,
      }),
    ];
    return { leaving, checks, outline: { driver: likely(driver), driven: likely(driven), centres: likely(centres) } };
  },
  candidates: ({ driven }): Candidate[] => {
    if (!driven.known) return [];
    return stock_mm
      .filter((size) => size > driven.value * 1.001)
      .slice(0, 3)
      .map((size) => ({ field: 'driven', text: `${size} mm`, says: `a ${size} mm driven pulley` }));
  },
};

const likely = (figure: Figure): number | null => (figure.known ? figure.value : null);

function smallerFirst(a: Figure<'mm'>, b: Figure<'mm'>): [Figure<'mm'>, Figure<'mm'>] {
  return a.known && b.known && a.value > b.value ? [b, a] : [a, b];
}

/** Centres at which the two wheels would run into each other are no centres: nothing that hangs on them is worked out. */
function centresThatClear({ driver, driven, centres }: Inputs): Figure<'mm'> {
  if (!driver.known || !driven.known || !centres.known) return centres;
  const least = (driver.value + driven.value) / 2;
  if (centres.value > least) return centres;
  return unknown('mm', [], `the pulleys overlap: their radii add up to ${show(least, 'mm')}, the centres are ${show(centres.value, 'mm')} apart`);
}
