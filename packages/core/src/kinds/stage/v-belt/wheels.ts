import {
  grooveAngle,
  grooveSource,
  isRibbed,
  pitchLength,
  sectionSource,
  stockLengths,
  type VBeltSection,
  vBeltSections,
} from '../../../catalog/v-belts.js';
import { type Figure, fixed, flag, type Known, lookedUp, lowEnd, unknown, unseen } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { openBeltLength } from '../../../formulas/belt/open-belt-length.js';
import { pitchFromOutside } from '../../../formulas/belt/pitch-from-outside.js';
import { discInertia } from '../../../formulas/dynamics/disc-inertia.js';
import { wheelMass } from '../../../formulas/dynamics/wheel-mass.js';
import { centresFromLength } from '../../../geometry/centres-from-length.js';
import { show } from '../../../quantity/show.js';
import { sentence } from '../../../wording/sentence.js';
import type { InputFigures } from '../../fields.js';
import type { StockBelt } from '../../kind.js';
import type { vBeltHead } from './fields.js';

export const toPitchLength = defineProcedure({
  id: 'pitch-length',
  says: 'Marked length and what the section adds to it, or takes from one that is marked outside',
  source: 'Shigley’s Mechanical Engineering Design (10e), table 17-11; DIN 2215',
});

export type Inputs = InputFigures<typeof vBeltHead.fields>;

/** The pulleys at their pitch diameters, whatever was measured. */
export function pitchDiameters({ driver, driven, diameters, section }: Inputs): { driver: Figure<'mm'>; driven: Figure<'mm'> } {
  if (diameters.is !== 'outside') return { driver, driven };
  const h = section.is ? fixed('mm', vBeltSections[section.is].overDatum_mm, sectionSource) : unknown('mm', [section.field]);
  const pitch = (d_a: Figure<'mm'>): Figure<'mm'> => thatFits(pitchFromOutside({ d_a, h }), d_a, section.is ?? '');
  return { driver: pitch(driver), driven: pitch(driven) };
}

/** A pulley is larger outside than its belt is deep in it. */
function thatFits(pitch: Figure<'mm'>, outside: Figure<'mm'>, section: string): Figure<'mm'> {
  if (!pitch.known || lowEnd(pitch) > 0) return pitch;
  return unknown('mm', [], sentence(`a pulley of {outside} outside is too small for a belt of section ${section}`, { outside }));
}

export function groove(section: VBeltSection, d: Figure<'mm'>): Figure<'rad'> {
  if (!d.known) return d.missing.length > 0 ? unknown('rad', d.missing) : unknown('rad', [], d.because);
  const table = { table: 'groove angles', row: `${section}, ${show(d.value, 'mm')}`, source: grooveSource };
  return lookedUp('rad', d, (diameter) => (grooveAngle(section, diameter) * Math.PI) / 180, table) as Known<'rad'>;
}

/** Pitch length of the belt that was entered; unknown where none was. */
export function beltPitchLength({ belt, section, lengthIs }: Inputs): Figure<'mm'> {
  if (!belt.known) return belt;
  const marked = lengthIs.is ?? (section.is ? vBeltSections[section.is].marked : 'pitch');
  if (marked === 'pitch') return belt;
  if (!section.is) return unknown('mm', [section.field]);
  const of = section.is;
  return solve('mm', toPitchLength, { L_i: belt }, ({ L_i = 0 }) => pitchLength(of, L_i, marked));
}

/** Belts on sale that would run within a fifth of the centre distance either way, with where each needs the motor. */
export function stockNear(section: VBeltSection, small_mm: number, large_mm: number, centres_mm: number): readonly StockBelt[] {
  for (const found of foundStock) {
    if (found.section === section && found.small_mm === small_mm && found.large_mm === large_mm && found.centres_mm === centres_mm)
      return found.belts;
  }
  const belts = findStock(section, small_mm, large_mm, centres_mm);
  if (foundStock.length >= 32) foundStock.shift();
  foundStock.push({ section, small_mm, large_mm, centres_mm, belts });
  return belts;
}

/** A length as it would be typed: of sections that are marked in inches in inches. */
const entryOf = (section: VBeltSection, length_mm: number): string =>
  /^[A-E]X?$|L$/.test(section) ? `${Math.round(length_mm / 25.4)} in` : `${length_mm} mm`;

/** Most keystrokes change neither pulleys nor centres: the last few that were looked for. */
const foundStock: { section: VBeltSection; small_mm: number; large_mm: number; centres_mm: number; belts: readonly StockBelt[] }[] = [];

function findStock(section: VBeltSection, small_mm: number, large_mm: number, centres_mm: number): StockBelt[] {
  const least = (small_mm + large_mm) / 2;
  const [shortest, longest] = [0.8, 1.2].map((share) =>
    openBeltLength.compute({ d: small_mm, D: large_mm, C: Math.max(share * centres_mm, least) }),
  ) as [number, number];
  return stockLengths[section].flatMap(({ mark, length_mm }) => {
    const pitch = pitchLength(section, length_mm);
    const centres = pitch >= shortest && pitch <= longest ? centresFromLength(small_mm, large_mm, pitch) : null;
    return centres === null ? [] : [{ mark: `${section}${/^[SX]?P/.test(section) ? ' ' : ''}${mark}`, centres, entry: entryOf(section, length_mm) }];
  });
}

const metal = fixed('1', 0.45, 'Common practice, no source: a cast pulley is a third to two thirds metal', [0.33, 0.65], flag.estimated);
const densities = {
  iron: fixed('kg/m³', 7200, 'Grey iron 7200 kg/m³ (handbooks)'),
  steel: fixed('kg/m³', 7850, 'Steel 7850 kg/m³ (handbooks)'),
  aluminium: fixed('kg/m³', 2700, 'Aluminium 2700 kg/m³ (handbooks)'),
  plastic: fixed('kg/m³', 1150, 'Polyamide 1150 kg/m³ (handbooks)'),
};
const metalSource = 'Not said of what: grey iron 7200, aluminium 2700, steel 7850 kg/m³ (handbooks)';
const shape = fixed('1', 0.65, 'Closed form: 0.5 for a disc, up to 0.8 for a rim on spokes', [0.5, 0.8], flag.estimated);

/** Inertia of a pulley: weighed, or guessed from its size. */
export function pulleyInertia({ belts, section, material }: Inputs, d: Figure<'mm'>, mass: Figure<'kg'>): Figure<'kg·m²'> {
  if (mass.known) return discInertia({ k: shape, m: mass, d });
  const wide = vBeltSections[section.is ?? 'A'].top_mm + (section.is && isRibbed(section.is) ? 0 : 6);
  const b = belts.known
    ? fixed('mm', wide * belts.value, 'Common practice, no source: a groove is as wide as the belt and 6 mm')
    : unknown('mm', belts.missing);
  return discInertia({
    k: shape,
    m: wheelMass({ k: metal, rho: material.is ? densities[material.is] : unseen('kg/m³', [2700, 7200, 7850], material.field, metalSource), d, b }),
    d,
  });
}
