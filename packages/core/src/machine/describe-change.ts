import type { Field } from '../kinds/fields.js';
import { listed } from '../quantity/listed.js';
import type { Build, QuantityInput } from './build.js';
import { namesOfElements } from './element-names.js';
import { same } from './merge.js';
import { placesOf } from './paths.js';

const entered = (field: Field, input: QuantityInput | undefined): string => {
  if (input?.draft !== undefined) return `“${input.draft}” (not read)`;
  const text = input?.text ?? '';
  return (field.is === 'choice' ? field.options[text] : text) || 'not known';
};

const whole = { brief: 'Brief', notes: 'Notes', shafts: 'Shafts' } as const;

/** What changed from one state of a build to another, in words: `Plate power 0.55 kW → 1/2 hp`. Empty when nothing did. */
export function describeChange(before: Build, after: Build): string[] {
  const words: string[] = [];
  if (before.name !== after.name) words.push(`Name ${before.name} → ${after.name}`);
  const was = new Map(placesOf(before).map((place) => [place.path, place.input]));
  for (const { path, field, input } of placesOf(after)) {
    if (was.has(path) && !same(was.get(path), input)) words.push(`${field.label} ${entered(field, was.get(path))} → ${entered(field, input)}`);
  }
  const elements = (build: Build) => new Map(build.lines.flatMap((line) => [...namesOfElements(line)]));
  const [then, now] = [elements(before), elements(after)];
  const added = [...now].flatMap(([path, name]) => (then.has(path) ? [] : [name]));
  const gone = [...then].flatMap(([path, name]) => (now.has(path) ? [] : [name]));
  if (added.length > 0) words.push(`${listed(added)} added`);
  if (gone.length > 0) words.push(`${listed(gone)} taken out`);
  for (const [key, name] of Object.entries(whole) as [keyof typeof whole, string][]) {
    if (!same(before[key], after[key])) words.push(`${name} changed`);
  }
  return words.length === 0 && !same(before, after) ? ['Something else changed'] : words;
}
