import { usualWall_V } from '../catalog/usual-wall.js';
import { withFamily } from '../identify/become.js';
import { type Estimate, estimate } from '../identify/estimate.js';
import type { FamilyName } from '../identify/families.js';
import { type Identified, identify, likeliestOf, type Ranked } from '../identify/identify.js';
import { cannot, type LookName } from '../identify/looks.js';
import { type Known, knownOf } from '../identify/needs/in-hand.js';
import { type Strip, terminalPicture } from '../identify/terminal-picture.js';
import { type Terminal, terminalsOf } from '../identify/terminals.js';
import { type Inputs, noPlateHead } from '../kinds/source/no-plate/fields.js';
import { lookedAtOf, measuredOf, outOf } from '../kinds/source/no-plate/looked.js';
import type { Build, Element } from '../machine/build.js';
import { elementsOf } from '../machine/paths.js';
import { inputFigures } from './opened.js';

/** What a motor without a plate likely is. */
export interface WhatIsIt extends Identified {
  readonly likely: Estimate;
  readonly terminals: readonly Terminal[];
  /** Its windings as they are drawn. */
  readonly strips: readonly Strip[];
  /** Volts that it likely is fed with and amps that it then draws; null before there is a likeliest. */
  readonly drawn: Pick<Known, 'at_V' | 'draws_A'> | null;
  /** What is left of its plate. */
  readonly plate: string;
}

/**
 * What a motor without a plate is, by what was entered of it.
 * @param path `main/source`
 * @param wall_V of the workshop
 */
export function whatIsIt(path: string, element: Element, wall_V = usualWall_V): WhatIsIt {
  const inputs = inputFigures(path, element, noPlateHead.fields) as Inputs;
  const looked = lookedAtOf(inputs);
  const found = identify(looked, outOf(inputs));
  const [first] = found.ranking;
  const measured = measuredOf(inputs);
  const likely = estimate(found.ranking, measured);
  const plate = inputs.plate.is ?? '';
  const hand = first && { ...looked, fedBy: looked.mains, family: first.family, plate, power_W: likely.power_W, mass_kg: measured.mass_kg, wall_V };
  return {
    ...found,
    likely,
    drawn: hand ? knownOf(hand) : null,
    strips: terminalPicture(looked.readings),
    terminals: first ? terminalsOf(looked.readings, first.family) : [],
    plate,
  };
}

/** What would be likeliest with one more answer, or another one. */
export function familyWith(path: string, element: Element, look: LookName, answer: string): Pick<Ranked, 'family' | 'chance'> {
  const inputs = inputFigures(path, element, noPlateHead.fields) as Inputs;
  const looked = lookedAtOf(inputs);
  return likeliestOf({ ...looked, looks: { ...looked.looks, ...(answer === cannot ? {} : { [look]: answer }) } });
}

/**
 * The build with a motor without a plate taken for a family, what was estimated of it as guesses.
 * @throws RangeError when there is no such element
 */
export function withWhatItIs(build: Build, path: string, family: FamilyName): Build {
  const element = build.lines.flatMap(elementsOf).find((each) => each.path === path)?.element;
  if (!element) throw new RangeError(`The build has no element at ${path}`);
  const inputs = inputFigures(path, element, noPlateHead.fields) as Inputs;
  // Of the family alone, whatever else it might have been.
  const alone = estimate([{ family, chance: 1, evidence: [] }], measuredOf(inputs));
  return withFamily(build, path, family, alone, inputs.plate.is ?? '');
}
