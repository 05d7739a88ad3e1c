import { type BriefPart, type Build, briefParts, elementsOf, type Line, type Role, type Verdict } from '@hobrek/core';
import type { ComponentType } from 'react';
import type { DerivedState } from './state.js';

/** What a path is a part of: an element of a line by its role, what is written above all of them, or what is kept and not worked out yet. */
export type PartIs = Role | BriefPart | 'kept' | 'shaft';

/** On a phone the checks of the first page are a place of their own, by this in the address. */
export const checksHash = '#checks';

/** A stop of the work on a build: a folder of `features` that registers itself by a `stop.ts`. */
export interface Stop {
  /** In the address behind the build; empty for the first page. */
  readonly path: string;
  /** Not in the row of stops, but beside one of them, by its path: reached from there, and by its name. */
  readonly beside?: string;
  /** Place among the others, in the order in which people work. */
  readonly order: number;
  readonly name: (line: Line) => string;
  /** What is entered there: whoever picks such a part comes here. */
  readonly of?: readonly PartIs[];
  /** What its sentence begins with; without it, the whole line’s. */
  readonly says?: 'work' | 'source' | 'checks';
  /** The worst verdict of what belongs to it; null where nothing of it was begun. */
  readonly mark?: (derived: DerivedState, line: Line) => Verdict | null;
  /** How much of the frame is above it: its own large drawing, or a strip of the machine. */
  readonly machine: 'whole' | 'strip';
  readonly load: () => Promise<ComponentType>;
  /** It has charts, whose library is heavy: fetched once it is shown, or when nothing else has been for a while. */
  readonly hasCharts?: true;
}

/** What is kept besides the elements of the lines, as a part that can be picked. */
export const keptPart = '@kept';
/** A shaft as it lies, likewise. */
export const shaftPart = '@shaft';

/** What a path is a part of: `main/belt` a stage, `wishes` the wishes; null where there is no such thing. */
export function partIs(build: Build, path: string): PartIs | null {
  const [first = ''] = path.split('/');
  if (first in briefParts) return first as BriefPart;
  if (path === keptPart) return 'kept';
  if (path === shaftPart) return 'shaft';
  return build.lines.flatMap(elementsOf).find((each) => each.path === path)?.role ?? null;
}

/** Whether a part belongs to a stop. */
export function isPartOf(stop: Stop, build: Build, path: string): boolean {
  const part = partIs(build, path);
  return part !== null && stop.of?.includes(part) === true;
}

/** What of a line is entered at a stop, in the order of the power path; what feeds it last, since it is seldom touched. */
export function elementsAt(stop: Pick<Stop, 'of'>, line: Line): readonly string[] {
  const all = elementsOf(line).filter(({ role }) => stop.of?.includes(role));
  return [...all.filter(({ role }) => role !== 'feed'), ...all.filter(({ role }) => role === 'feed')].map(({ path }) => path);
}
