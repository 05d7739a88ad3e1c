import { type Field, type Fields, unitOf } from '../src/kinds/fields.js';
import type { KindHead } from '../src/kinds/kind.js';
import { kindHeads } from '../src/kinds/registry.js';
import type { Element, Input, Inputs, Line } from '../src/machine/build.js';

/** Mulberry32: the same numbers each time. */
export function numbers(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** Lines of every kind with anything in their fields, the same for the same seed. */
export function randomLines(seed: number) {
  const random = numbers(seed);
  const among = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)] as T;

  /** Anything that a field takes, evenly over the powers of ten; with ends for a third of them. */
  function entered(field: Field): Input | undefined {
    if (random() < 0.25) return undefined;
    if ('options' in field) return { text: among(Object.keys(field.options)), how: 'chosen' };
    if (field.is === 'text') return { text: among(['oak', 'K 63/2', 'a = b; c']), how: 'plate' };
    if (field.is === 'part') return { text: 'one', how: 'chosen', part: { id: 'one', inputs: all(field.sizes) } };
    if (field.is === 'table')
      return {
        text: '',
        how: 'measured',
        rows: Array.from({ length: 1 + Math.floor(random() * 4) }, (_, k) => ({ id: `r${k}`, inputs: all(field.columns) })),
      };
    const [least, most] = [Math.max(field.accepts[0], field.accepts[1] * 1e-6, 1e-9), field.accepts[1]];
    const value = least * (most / least) ** random();
    const unit = unitOf(field);
    if (random() < 0.67) return { text: '', value, unit, how: 'measured' };
    return { text: '', value, unit, low: Math.max(least, value * (1 - random() / 2)), high: Math.min(most, value * (1 + random())), how: 'guessed' };
  }

  const all = (fields: Fields): Inputs =>
    Object.fromEntries(
      Object.entries(fields).flatMap(([name, field]) => {
        const input = entered(field);
        return input ? [[name, input]] : [];
      }),
    );

  const made = (head: KindHead): Element => ({ kind: head.kind, v: head.v, inputs: all(head.fields) });

  function randomLine(): Line {
    const stages = Array.from({ length: Math.floor(random() * 5) }, (_, k) => ({ ...made(among(kindHeads('stage'))), id: `e${k}` }));
    return {
      id: 'main',
      name: 'any',
      source: { ...made(among(kindHeads('source'))), feed: made(among(kindHeads('feed'))) },
      stages,
      work: made(among(kindHeads('work'))),
      stations: Array.from({ length: stages.length + 1 }, (_, k) => ({ id: `s${k}`, name: `shaft ${k}` })),
    };
  }
  return { random, line: randomLine };
}
