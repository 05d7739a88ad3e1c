import { type Sentence, sentence } from '../wording/sentence.js';
import type { KindHead } from './kind.js';
import { fits, type PortDeclared, type PortKind, portKinds } from './ports.js';

type Head = Pick<KindHead, 'ports' | 'noun'>;

/** Two elements of a line of which the first cannot drive the second: their places from the source on. */
export interface Misfit {
  readonly driving: number;
  readonly has: PortKind;
  readonly needs: PortKind;
}

/** What is handed on between each two of a row of elements, from the source on: what either of them has; a turning shaft where both hold anything. */
export const portsBetween = (row: readonly Head[]): readonly PortKind[] => row.slice(1).map((head, k) => settled(drivenOf(row[k]), head.ports[0]));

const drivenOf = (head: Head | undefined): PortDeclared => head?.ports[1] ?? null;

function settled(driven: PortDeclared, driving: PortDeclared): PortKind {
  const [one] = [driven, driving].filter((port): port is PortKind => port !== null && port !== 'any');
  return one ?? 'rotary';
}

/** Where a row of elements, source first, does not fit together. */
export const misfitsIn = (row: readonly Head[]): readonly Misfit[] =>
  row.slice(1).flatMap(({ ports: [needs] }, driving) => {
    const has = drivenOf(row[driving]);
    return fits(has, needs) ? [] : [{ driving, has: settled(has, null), needs: settled(null, needs) }];
  });

/**
 * What is the matter between two elements, and what could be put between them.
 * @param names of both
 * @param others kinds of stages that there are
 */
export function misfitSays({ has, needs }: Misfit, names: readonly [driving: string, driven: string], others: readonly KindHead[]): Sentence {
  const between = others.filter(({ ports: [driving, driven] }) => driving === has && driven === needs).map(({ noun }) => noun);
  const [driving, driven] = names;
  const told = { driving, driven, does: portKinds[has].does, needs: portKinds[needs].needs };
  if (between.length === 0) return sentence('the {driving} {does}, the {driven} needs {needs}: choose another for one of them', told);
  return sentence('the {driving} {does}, the {driven} needs {needs}: a {between} fits between', { ...told, between: between.join(' or a ') });
}

/** Whether an element could be at a place of a row, between those before and behind it; nothing is before a source and behind the work. */
export const fitsBetween = (before: Head | undefined, { ports: [driving, driven] }: Head, behind: Head | undefined): boolean =>
  (!before || fits(drivenOf(before), driving)) && (!behind || fits(driven, behind.ports[0]));
