import type { KindHead, Role } from '../kinds/kind.js';
import { fitsBetween } from '../kinds/neighbours.js';
import { kindHead, kindHeads } from '../kinds/registry.js';
import type { Line } from './build.js';
import { elementsOf } from './paths.js';

/** The row of a line that hands power on: source, stages, work. */
const rowOf = (line: Line) => elementsOf(line).filter(({ role }) => role !== 'feed');
type Placed = ReturnType<typeof rowOf>[number];
const headOf = (placed: Placed | undefined): KindHead | undefined => placed && kindHead(placed.role, placed.element.kind);

/** Kinds of stages that can be put into a gap of a line: what is before one drives it, and it drives what is behind. */
export function stagesFitting(line: Line, at: number): readonly KindHead[] {
  const row = rowOf(line);
  return kindHeads('stage').filter((head) => fitsBetween(headOf(row[at]), head, headOf(row[at + 1])));
}

/** Kinds that an element of a line can become; the one that it is among them, whether it fits or not. */
export function kindsFitting(line: Line, path: string, role: Role): readonly KindHead[] {
  const row = rowOf(line);
  const k = row.findIndex((placed) => placed.path === path);
  if (k < 0) return kindHeads(role);
  return kindHeads(role).filter((head) => head === headOf(row[k]) || fitsBetween(headOf(row[k - 1]), head, headOf(row[k + 1])));
}
