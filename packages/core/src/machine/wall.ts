import { supplyFields } from './brief-fields.js';
import type { Build } from './build.js';
import { enter } from './enter.js';
import { withInput } from './paths.js';

/** Texts of a workshop's wall, by the fields of the supply. */
export type Wall = Readonly<Partial<Record<keyof typeof supplyFields, string>>>;

/** The wall that a build says it is plugged into, as it is written there; empty while nothing of it is entered. */
export const wallOf = ({ supply }: Build): Wall =>
  Object.fromEntries(Object.entries(supply).flatMap(([name, input]) => (input?.text && input.draft === undefined ? [[name, input.text]] : [])));

/** The build with a wall entered where it says nothing of its own; what does not read is left out. */
export function withWall(build: Build, wall: Wall): Build {
  let changed = build;
  for (const [name, field] of Object.entries(supplyFields)) {
    const text = wall[name as keyof Wall];
    const input = text === undefined || build.supply[name as keyof Wall] ? undefined : enter(field, text, undefined).input;
    if (input && input.draft === undefined) changed = withInput(changed, `supply/${name}`, input);
  }
  return changed;
}
