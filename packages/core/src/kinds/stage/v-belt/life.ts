import { beltLifeSource, beltLife as durability } from '../../../catalog/belt-life.js';
import { type Figure, fixed, flag, known, picked, scaled, unknown } from '../../../figure/figure.js';
import { beltLife } from '../../../formulas/belt/belt-life.js';
import { beltPasses } from '../../../formulas/belt/belt-passes.js';
import { beltPullDifference } from '../../../formulas/belt/belt-pull-difference.js';
import { bendingPeak } from '../../../formulas/belt/bending-peak.js';
import type { Drive } from './rating.js';
import type { Inputs } from './wheels.js';

const half = 'Half of the difference of the spans is in the tight one';
const scatter = fixed('1', 1, beltLifeSource, [0.33, 3], flag.estimated);

/** A belt on its pulleys. */
interface OnPulleys {
  readonly inputs: Inputs;
  readonly drive: Drive;
  readonly driver: Figure<'mm'>;
  readonly driven: Figure<'mm'>;
}

/** How long the belts last at what the work needs, by the peak pull on each pulley. Not known of a section that no table has. */
export function lifeOf({ inputs, drive, driver, driven }: OnPulleys, design: Figure<'W'>, set: Figure<'N'>): Figure<'s'> {
  const section = inputs.section.is;
  const row = section && durability[section];
  if (!row) return unknown('s', [], 'no table here has the life of a belt of this section');
  const of = <U extends 'N' | '1'>(unit: U, value: number) =>
    known(unit, value, { by: 'catalog', table: 'durability of V-belts', row: section, source: beltLifeSource }, undefined, flag.estimated);
  const pull = scaled(beltPullDifference({ P: design, v: drive.v, z: drive.many }), 0.5, half);
  const F_1 = picked('sum', 'N', [set, pull]);
  const K_b = of('1', row.K_b_Nmm);
  const [T_1, T_2] = [bendingPeak({ F_1, K_b, d: driver }), bendingPeak({ F_1, K_b, d: driven })];
  const passes = beltPasses({ K: of('N', row.K_N), b: of('1', row.b), T_1, T_2 });
  return scaled(beltLife({ N_p: passes, L: drive.length, v: drive.v }), scatter, beltLifeSource);
}
