import fc from 'fast-check';

// biome-ignore lint/suspicious/noExplicitAny: a document that is damaged is of no type
type Anything = any;

/** Every place in a document, as the container and the key in it. */
function places(value: Anything): [Anything, string | number][] {
  if (typeof value !== 'object' || value === null) return [];
  const keys = Array.isArray(value) ? value.map((_, k) => k) : Object.keys(value);
  return keys.flatMap((key) => [[value, key] as [Anything, string | number], ...places(value[key])]);
}

export const junk = fc.oneof(
  fc.constantFrom(null, [], {}, '', 0, -1, 1e308, true, 'x'.repeat(5000), [[]], { kind: 'v-belt' }),
  fc.jsonValue({ maxDepth: 3 }) as fc.Arbitrary<Anything>,
);

export const ways = ['put', 'remove', 'add'] as const;

/** Puts, removes or adds something somewhere in a document. @returns the key there */
export function damage(root: Anything, where: number, how: (typeof ways)[number], value: unknown): string | number {
  const all = places(root);
  const [container, key] = all[where % all.length] as [Anything, string];
  if (how === 'put') container[key] = value;
  else if (how === 'remove' && Array.isArray(container)) container.splice(Number(key), 1);
  else if (how === 'remove') delete container[key];
  else if (Array.isArray(container)) container.push(value);
  else container.added = value;
  return key;
}
