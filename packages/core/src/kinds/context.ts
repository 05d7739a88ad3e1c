import { hold, state } from '../checks/check.js';
import type { CheckOutput } from '../checks/check-output.js';
import type { Figure } from '../figure/figure.js';
import type { Context, LimitOutput, LimitWords, Outputs } from './outputs.js';

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
    state(name, stated) {
      return state(`${path}/check-${name}`, path, checks[name] as CheckOutput, stated);
    },
    limit(name, { torque, source, as, lasts, isDriven }) {
      const declared = limits[name] as LimitOutput;
      const words = wordsOf((as && declared.variants?.[as]) || declared);
      const id = `${path}/${name}`;
      const { harm } = declared;
      // Made many times a key: no spreading, two shapes.
      if (isDriven) return { id, at: path, name, words, torque, harm, source, isDriven };
      if (!lasts || !declared.lasts) return { id, at: path, name, words, torque, harm, source };
      return { id, at: path, name, words, torque, harm, source, lasts: { template: declared.lasts, time: lasts } };
    },
  };
}

/** Only the words, so that an evaluation does not hold what it has no use for. A declaration never changes: they are taken out of it once. */
function wordsOf(declared: LimitWords): LimitWords {
  const known = words.get(declared);
  if (known) return known;
  const { short, what, fails, may } = declared;
  const own = { short, what, fails, may };
  words.set(declared, own);
  return own;
}

const words = new WeakMap<LimitWords, LimitWords>();
