import { type Figure, fixed, flag, type Known } from '../../figure/figure.js';

export const perStage = fixed(
  '1',
  0.95,
  'Common practice, no source: a belt, a chain or a pair of gears passes 89 to 98 %',
  [0.89, 0.98],
  flag.estimated,
);

/** In how many stages a ratio is usually made (common practice, no source): up to 1.15 none, to 5 one, to 20 two, above three. @param i of either way */
export function stagesFor(i: number): 0 | 1 | 2 | 3 {
  const one = Math.max(i, 1 / i);
  return one < 1.15 ? 0 : one <= 5 ? 1 : one <= 20 ? 2 : 3;
}

const usualSource =
  'Common practice, no source: a belt or a chain passes 89 to 98 %; what makes 5 to 20 to 1 (two belts, a helical or a worm gearbox) 70 to 95 %; more than that, by worm, 55 to 90 %';
/** By how many stages a ratio usually takes. */
const passed = [
  fixed('1', 1, 'The tool sits on the shaft that drives it'),
  fixed('1', 0.95, usualSource, [0.89, 0.98], flag.estimated),
  fixed('1', 0.87, usualSource, [0.7, 0.95], flag.estimated),
  fixed('1', 0.75, usualSource, [0.55, 0.9], flag.estimated),
] as const;

/** Share of the torque that is passed on by what usually makes a ratio. @param ratio where it is not known, a middling one */
export const usuallyPasses = (ratio: Figure<'1'>): Known<'1'> => passed[ratio.known ? stagesFor(ratio.value) : 1];
