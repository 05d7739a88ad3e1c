import { hold } from '../checks/check.js';
import type { CheckOutput } from '../checks/check-output.js';
import type { Figure } from '../figure/figure.js';
import type { Context, LimitOutput, Outputs } from './outputs.js';

/** Figures of an element by their names, in the order in which they were made. */
export type OwnFigures = Map<string, Figure>;

/**
 * Where an element puts out what is declared of it.
 * @param path of the element
 * @param figures kept under the element; filled as it is worked out
 */
export function contextAt<O extends Outputs>(path: string, { checks, limits }: O, figures: OwnFigures): Context<O> {
  return {
    path,
    note(name, figure) {
      figures.set(name, figure);
      return figure;
    },
    check(name, held) {
      return hold(`${path}/check-${name}`, path, checks[name] as CheckOutput, held);
    },
    limit(name, { torque, source, as, lasts }) {
      const declared = limits[name] as LimitOutput;
      const words = (as && declared.variants?.[as]) || declared;
      const limit = { id: `${path}/${name}`, at: path, words: wordsOf(words), torque, harm: declared.harm, source };
      return lasts && declared.lasts ? { ...limit, lasts: { template: declared.lasts, time: lasts } } : limit;
    },
  };
}

/** Only the words, so that an evaluation does not hold what it has no use for. */
const wordsOf = ({ short, what, fails, may }: LimitOutput | NonNullable<LimitOutput['variants']>[string]) => ({ short, what, fails, may });
