import {
  isRibbed,
  lengthFactor,
  lengthFactorSource,
  newerCoefficients,
  olderCoefficients,
  pullRatingSource,
  pullRatings,
  ratedLike,
  ratedLikeSource,
  ratioFactor,
  type VBeltSection,
  vBeltSections,
} from '../../../catalog/v-belts.js';
import { type Figure, fixed, flag, fromTable, type Known, known, lookedUp, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { allowedPower } from '../../../formulas/belt/allowed-power.js';
import { arcFactor } from '../../../formulas/belt/arc-factor.js';
import { beltPullDifference } from '../../../formulas/belt/belt-pull-difference.js';
import { neededTension } from '../../../formulas/belt/needed-tension.js';
import { newerRating } from '../../../formulas/belt/newer-rating.js';
import { olderRating } from '../../../formulas/belt/older-rating.js';
import { pullRating } from '../../../formulas/belt/pull-rating.js';
import { tensionRatio } from '../../../formulas/belt/tension-ratio.js';
import type { Band } from '../../../numeric/band-at.js';

export const thousandFeet = defineProcedure({
  id: 'thousand-feet',
  says: 'Belt speed in thousands of feet a minute, in which the rating is written',
  source: 'Definition: 1000 ft/min = 5.08 m/s',
});

/** What both schools and the tension need to know of the drive. */
export interface Drive {
  readonly section: VBeltSection | undefined;
  readonly small: Figure<'mm'>;
  readonly ratio: Figure<'1'>;
  /** Speed of the small pulley, and of the belt. */
  readonly n: Figure<'rpm'>;
  readonly v: Figure<'m/s'>;
  readonly wrap: Figure<'rad'>;
  readonly length: Figure<'mm'>;
  /** Mass of one belt along its length, and how many there are that each have a tension: a ribbed belt is one, whatever its ribs. */
  readonly m: Figure<'kg/m'>;
  readonly many: Figure<'1'>;
  /** What its own run round the pulleys takes of its tension. */
  readonly F_c: Figure<'N'>;
}

const coefficient = (value: number, row: string, source: string): Known<'1'> =>
  known('1', value, { by: 'catalog', table: 'belt rating coefficients', row, source }, undefined, 0);

const older = (value: number, section: string) => coefficient(value, section, 'RMA 1977 form (from memory), which reproduces Shigley’s table 17-12');
const newerSource = 'RMA IP-20 (1988) and IP-22 (from memory, with doubt); SPZ and SPB by the nearest inch section';
const newer = (value: number, section: string): Known<'1'> => ({ ...coefficient(value, section, newerSource), flags: flag.estimated });

/** A table's numbers as figures, which are the same for every belt of a section. */
const rows = <T extends Record<string, Record<string, number>>>(table: T, figure: (value: number, section: string) => Known<'1'>) =>
  new Map<string, Record<keyof T[keyof T], Known<'1'>>>(
    Object.entries(table).map(([section, row]) => [
      section,
      Object.fromEntries(Object.entries(row).map(([name, value]) => [name, figure(value, section)])) as Record<keyof T[keyof T], Known<'1'>>,
    ]),
  );
const olderRows = rows(olderCoefficients, older);
const newerRows = rows(newerCoefficients, newer);

type School = 'older' | 'newer';

/** Power rating of one belt at half a turn of wrap, by one school. Unknown where the school has no table of the section. */
function ratingOf(school: School, drive: Drive): Figure<'W'> {
  const { section, small, v } = drive;
  if (!section) return unknown('W', []);
  const pull = pullRatings[section];
  if (pull) {
    const of = { table: 'pull of V-belts', row: section, source: pullRatingSource };
    const F_0 = fromTable('N', [pull.F_0 * 0.67, pull.F_0, pull.F_0 * 1.33], of, flag.estimated);
    return pullRating({ F_0, d_0: fixed('mm', pull.d_0, pullRatingSource), d: small, v });
  }
  const kin: { readonly of: VBeltSection; readonly times: Band } | undefined = ratedLike[section];
  if (!kin) return byStandard(school, section, drive);
  const [low, likely, high] = kin.times;
  return scaled(byStandard(school, kin.of, drive), fixed('1', likely, ratedLikeSource, [low, high], flag.estimated), ratedLikeSource);
}

/** By the table that a school has of a section. */
function byStandard(school: School, section: VBeltSection, { small, ratio, n, v }: Drive): Figure<'W'> {
  if (!ratio.known) return unknown('W', ratio.missing, ratio.because);
  // Whichever way it goes: a drive that steps up is rated by its smaller pulley too.
  const faster = (i: number) => Math.max(i, 1 / i);
  const row = `ratio ${faster(ratio.value).toFixed(2)}`;
  if (school === 'older') {
    const of = olderRows.get(section);
    if (!of) return unknown('W', [], `the older standard has no rating of section ${section}: it is judged by its tension alone`);
    const kfpm = solve('1', thousandFeet, { v }, ({ v: metres = 0 }) => metres / 5.08);
    const source = 'RMA 1977, speed ratio factor (from memory)';
    const r = lookedUp('1', ratio, (i) => ratioFactor(faster(i)), { table: 'belt rating coefficients', row, source }) as Known<'1'>;
    return olderRating({ v: kfpm, a: of.a, b: of.b, c: of.c, r, d: small });
  }
  const of = newerRows.get(section);
  if (!of) return unknown('W', [], `the newer standard has no rating of section ${section} here: it is judged by its tension alone`);
  // The ratio's share of the rating is full from about 3 to 1 up (same standard, from memory).
  const full = of.K.value - 1;
  const factor = (i: number) => (i < 1.02 ? 1 : 1 + (full * Math.min(i, 3) - full) / 2);
  const K = lookedUp('1', ratio, (i) => factor(faster(i)), { table: 'belt rating coefficients', row: section, source: newerSource }) as Known<'1'>;
  return newerRating({ d: small, n, k1: of.k1, k2: of.k2, k3: of.k3, k4: of.k4, K: { ...K, flags: K.flags | flag.estimated } });
}

/** What one belt of a drive is rated at, by both schools, what arc and length make of it, and what all of its belts are good for. */
export interface Rated {
  readonly older: Figure<'W'>;
  readonly newer: Figure<'W'>;
  readonly K_1: Figure<'1'>;
  readonly K_2: Figure<'1'>;
  readonly good: Readonly<Record<School, Figure<'W'>>>;
}

export function ratedBy(drive: Drive, belts: Figure<'1'>): Rated {
  const [older, newer] = [ratingOf('older', drive), ratingOf('newer', drive)];
  const [K_1, K_2] = [arcFactor({ theta: drive.wrap }), lengthFactorOf(drive)];
  const good = { older: allowedPower({ z: belts, P_r: older, K_1, K_2 }), newer: allowedPower({ z: belts, P_r: newer, K_1, K_2 }) };
  return { older, newer, K_1, K_2, good };
}

const single = fixed('1', 1, 'One belt');

/** What one belt is good for by a school, with arc and length. */
export const oneGoodFor = (rated: Rated, school: School): Figure<'W'> =>
  allowedPower({ z: single, P_r: rated[school], K_1: rated.K_1, K_2: rated.K_2 });

function lengthFactorOf({ section, length }: Drive): Figure<'1'> {
  if (!length.known) return unknown('1', length.missing, length.because);
  const shorter = section && vBeltSections[section].marked === 'inside' ? vBeltSections[section].toPitch_mm : 0;
  const row = `${section} ${(length.value - shorter).toFixed(0)} mm`;
  const at = (pitch_mm: number) => (section ? lengthFactor(section, pitch_mm - shorter) : null);
  return (
    lookedUp('1', length, at, { table: 'length factor', row, source: lengthFactorSource }) ??
    fixed('1', 1, 'No length factor for this section: taken as 1')
  );
}

const ratingFriction = fixed('1', 0.5123, 'Shigley’s Mechanical Engineering Design (10e), section 17-3: 5 to 1 at half a turn');

/** Tension to set each belt to for a design power. */
export function tensionNeeded(design: Figure<'W'>, drive: Drive): Figure<'N'> {
  return neededTension({
    dF: beltPullDifference({ P: design, v: drive.v, z: drive.many }),
    e: tensionRatio({ mu: ratingFriction, theta: drive.wrap }),
    F_c: drive.F_c,
  });
}

const masses = new Map<string | undefined, Figure<'kg/m'>>(
  Object.entries(vBeltSections).flatMap(([row, { mass_kg_m: mass }]) =>
    mass === null
      ? []
      : [
          [
            row,
            fromTable('kg/m', [mass * 0.9, mass, mass * 1.1], {
              table: 'V-belt sections',
              row,
              source: 'Mass of wrapped belts, typical, ±10 % (from memory)',
            }),
          ],
        ],
  ),
);
const noMass = unknown('kg/m', []);

/** Mass of one belt, and how many have a tension each. @param belts side by side, or ribs of a ribbed one */
export function beltsOf(section: VBeltSection | undefined, belts: Figure<'1'>): Pick<Drive, 'm' | 'many'> {
  const m = masses.get(section) ?? noMass;
  if (!section || !isRibbed(section)) return { m, many: belts };
  return { m: belts.known ? scaled(m, belts, 'So many ribs') : unknown('kg/m', belts.missing), many: single };
}

const stretchSource = 'Common practice, no source: 250 to 700 N/mm² over three quarters of top width by height, cords of polyester';

/** Force at which the belts together would be twice as long, by the size of their section. */
export function stretchOf(section: VBeltSection | undefined, belts: Figure<'1'>): Figure<'N'> {
  if (!section) return unknown('N', []);
  const { top_mm: top, height_mm: height } = vBeltSections[section];
  const area = 0.75 * top * height;
  const one = fromTable(
    'N',
    [250 * area, 450 * area, 700 * area],
    { table: 'stretch of V-belts', row: section, source: stretchSource },
    flag.estimated,
  );
  return belts.known ? scaled(one, belts, 'So many belts side by side') : unknown('N', belts.missing);
}
