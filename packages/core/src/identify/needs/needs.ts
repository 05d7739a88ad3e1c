import { bewares, plates } from './beware.js';
import { feeds, nevers } from './feeding.js';
import { buys, firsts, steps } from './first.js';
import { type InHand, knownOf } from './in-hand.js';
import { airs, directions, shafts, speeds } from './running.js';
import { type NeedSection, needSections, type Told } from './sentence.js';
import { untolds } from './untold.js';

export const needsSource =
  'Common practice, no source: what motors of each family are fed by, started by and broken by, as repairers and builders know it (from memory; held against the motors of the reference)';

/** One sentence of what a motor needs. */
export interface Need {
  readonly id: string;
  readonly says: string;
}

/** Everything that is said under one heading. */
export interface NeedPart {
  readonly section: NeedSection;
  readonly title: string;
  readonly needs: readonly Need[];
}

const parts: Readonly<Record<NeedSection, readonly Told[]>> = {
  feed: feeds,
  never: nevers,
  first: firsts,
  air: airs,
  direction: directions,
  speed: speeds,
  shaft: shafts,
  buy: buys,
  steps,
  beware: bewares,
  plate: plates,
  untold: untolds,
};

/** What a motor needs, by heading; headings under which nothing is said are left out. */
export function needsOf(hand: InHand): readonly NeedPart[] {
  const motor = knownOf(hand);
  return (Object.keys(parts) as NeedSection[]).flatMap((section) => {
    const needs = parts[section].flatMap(({ id, says }) => {
      const words = says(motor);
      return words === null ? [] : [{ id, says: `${words.charAt(0).toUpperCase()}${words.slice(1)}` }];
    });
    return needs.length > 0 ? [{ section, title: needSections[section], needs }] : [];
  });
}
