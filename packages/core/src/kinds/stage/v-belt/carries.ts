import {
  lengthFactor,
  lengthFactorSource,
  newerCoefficients,
  olderCoefficients,
  ratioFactor,
  type Shock,
  serviceFactors,
  serviceSource,
  type VBeltSection,
  vBeltSections,
} from '../../../catalog/v-belts.js';
import { type Figure, fixed, flag, fromTable, type Known, known, unknown } from '../../../figure/figure.js';
import { solve } from '../../../figure/formula.js';
import { allowedPower } from '../../../formulas/belt/allowed-power.js';
import { arcFactor } from '../../../formulas/belt/arc-factor.js';
import { assumedTension } from '../../../formulas/belt/assumed-tension.js';
import { beltPullDifference } from '../../../formulas/belt/belt-pull-difference.js';
import { centrifugalTension } from '../../../formulas/belt/centrifugal-tension.js';
import { designPower } from '../../../formulas/belt/design-power.js';
import { newerRating } from '../../../formulas/belt/newer-rating.js';
import { olderRating } from '../../../formulas/belt/older-rating.js';
import { tensionFromPush } from '../../../formulas/belt/tension-from-push.js';
import { tensionFromTone } from '../../../formulas/belt/tension-from-tone.js';
import { tensionRatio } from '../../../formulas/belt/tension-ratio.js';
import { wantedTension } from '../../../formulas/belt/wanted-tension.js';
import type { Duty } from '../../kind.js';
import type { Inputs } from './wheels.js';

/** What both schools and the tension need of the drive. */
export interface Drive {
  readonly section: VBeltSection | undefined;
  readonly small: Figure<'mm'>;
  readonly ratio: Figure<'1'>;
  /** Speed of the small pulley, and of the belt. */
  readonly n: Figure<'rpm'>;
  readonly v: Figure<'m/s'>;
  readonly wrap: Figure<'rad'>;
  readonly length: Figure<'mm'>;
}

const coefficient = (value: number, row: string, source: string): Known<'1'> =>
  known('1', value, { by: 'catalog', table: 'belt rating coefficients', row, source }, undefined, 0);

/** Power rating of one belt at half a turn of wrap, by one school. Unknown where the school has no table of the section. */
export function ratingOf(school: 'older' | 'newer', drive: Drive): Figure<'W'> {
  const { section, small, ratio, n, v } = drive;
  if (!section) return unknown('W', []);
  if (!ratio.known) return unknown('W', ratio.missing, ratio.because);
  const i = Math.max(ratio.value, 1 / ratio.value);
  if (school === 'older') {
    const row = section in olderCoefficients ? olderCoefficients[section as keyof typeof olderCoefficients] : null;
    if (!row) return unknown('W', [], `the older standard has no rating of section ${section}: it is judged by its tension alone`);
    const c = (value: number) => coefficient(value, section, 'RMA 1977 form (from memory), which reproduces Shigley’s table 17-12');
    const kfpm = solve('1', 'thousand-feet', { v }, ({ v: metres = 0 }) => metres / 5.08);
    return olderRating({
      v: kfpm,
      a: c(row.a),
      b: c(row.b),
      c: c(row.c),
      r: coefficient(ratioFactor(i), `ratio ${i.toFixed(2)}`, 'RMA 1977, speed ratio factor (from memory)'),
      d: small,
    });
  }
  const row = section in newerCoefficients ? newerCoefficients[section as keyof typeof newerCoefficients] : null;
  if (!row) return unknown('W', [], `the newer standard has no rating of section ${section} here: it is judged by its tension alone`);
  const c = (value: number) => ({
    ...coefficient(value, section, 'RMA IP-20 (1988) and IP-22 (from memory, with doubt); SPZ and SPB by the nearest inch section'),
    flags: flag.estimated,
  });
  // The ratio's share of the rating is full from about 3 to 1 up (same standard, from memory).
  const K = i < 1.02 ? 1 : 1 + ((row.K - 1) * Math.min(i, 3) - (row.K - 1)) / 2;
  return newerRating({ d: small, n, k1: c(row.k1), k2: c(row.k2), k3: c(row.k3), k4: c(row.k4), K: c(K) });
}

/** What the belts are good for by a rating, with arc and length. */
export function goodFor(rating: Figure<'W'>, drive: Drive, belts: Figure<'1'>): Figure<'W'> {
  const { section, length } = drive;
  const inside = section && length.known ? length.value - (vBeltSections[section].insideToPitch_mm ?? 0) : null;
  const factor = section && inside !== null ? lengthFactor(section, inside) : null;
  const K_2: Figure<'1'> = !length.known
    ? unknown('1', length.missing, length.because)
    : factor === null
      ? fixed('1', 1, 'No length factor for this section: taken as 1')
      : known('1', factor, { by: 'catalog', table: 'length factor', row: `${section} ${(inside ?? 0).toFixed(0)} mm`, source: lengthFactorSource });
  return allowedPower({ z: belts, P_r: rating, K_1: arcFactor({ theta: drive.wrap }), K_2 });
}

/** Service factor by how rough the work is and how even the driver; the widest of what is not said. */
export function serviceFactor(shock: Shock | undefined, driver: 'normal' | 'high' | undefined): Figure<'1'> {
  const rows = (shock ? [shock] : (Object.keys(serviceFactors) as Shock[])).flatMap((row) =>
    driver ? [serviceFactors[row][driver]] : [serviceFactors[row].normal, serviceFactors[row].high],
  );
  const [low, high] = [Math.min(...rows.map(([least]) => least)), Math.max(...rows.map(([, most]) => most))];
  return fromTable('1', [low, (low + high) / 2, high], {
    table: 'service factors',
    row: `${shock ?? 'not said how rough'}, ${driver ?? 'any'} driver`,
    source: serviceSource,
  });
}

/** What the work asks with its shocks. */
export const designFor = ({ power, shock, driver }: Duty): Figure<'W'> => designPower({ P: power, K_s: serviceFactor(shock, driver) });

const ratingFriction = fixed('1', 0.5123, 'Shigley’s Mechanical Engineering Design (10e), section 17-3: 5 to 1 at half a turn');
const byFeel = fixed('1', 1, 'Common practice, no source: a belt set by thumb is within half of what was wanted', [0.5, 1.5], flag.estimated);

/** Tension to set each belt to for a design power. */
export function tensionWanted(design: Figure<'W'>, drive: Drive, belts: Figure<'1'>): Figure<'N'> {
  const m: Figure<'kg/m'> = massOf(drive.section);
  return wantedTension({
    dF: beltPullDifference({ P: design, v: drive.v, z: belts }),
    e: tensionRatio({ mu: ratingFriction, theta: drive.wrap }),
    F_c: centrifugalTension({ m, v: drive.v }),
  });
}

/** Tension as it is: entered, by push, by tone; failing all, as set by feel. */
export function tensionSet(inputs: Inputs, span: Figure<'mm'>, section: VBeltSection | undefined, wanted: Figure<'N'>): Figure<'N'> {
  if (inputs.tension.known) return inputs.tension;
  if (inputs.push.known || inputs.gives.known) return tensionFromPush({ F: inputs.push, q: inputs.gives, s: span });
  if (inputs.tone.known) return tensionFromTone({ m: massOf(section), s: span, f: inputs.tone });
  return assumedTension({ u: byFeel, F_w: wanted });
}

export const massOf = (section: VBeltSection | undefined): Figure<'kg/m'> => {
  const mass = section ? vBeltSections[section].mass_kg_m : null;
  return mass === null || !section
    ? unknown('kg/m', [])
    : fromTable('kg/m', [mass * 0.9, mass, mass * 1.1], {
        table: 'V-belt sections',
        row: section,
        source: 'Mass of wrapped belts, typical, ±10 % (from memory)',
      });
};
