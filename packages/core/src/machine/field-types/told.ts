import type { Input } from '../build.js';

/** What is said where nothing is entered. */
const nothing = 'not known';

/**
 * What changed from one entry of a field to another: `Plate power 0.55 kW → 1/2 hp`; of the same in other respects, how it is known.
 * @param words of an entry that is read
 */
export function changedOne(label: string, was: Input | undefined, is: Input | undefined, words: (input: Input) => string): string[] {
  const told = (input: Input | undefined): string => {
    if (input?.draft !== undefined) return `“${input.draft}” (not read)`;
    return (input && words(input)) || nothing;
  };
  const [old, now] = [told(was), told(is)];
  if (old !== now || was?.how === is?.how) return [`${label} ${old} → ${now}`];
  return [`${label} ${old}, ${was?.how ?? nothing} → ${now}, ${is?.how ?? nothing}`];
}
