import { kindHead } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { lineOf } from '../machine/lines.js';
import { withoutStage, withStageAdded } from '../machine/reshape.js';
import type { Drive } from './drive.js';

/** A stage of a drive as it would be typed. */
export interface TypedStage {
  readonly kind: string;
  readonly entries: Readonly<Record<string, string>>;
}

/** What is typed for each stage of a drive, with the shafts that its wheels sit on. */
export const typedStages = ({ stages, loops, reaches, shafts_mm }: Drive): TypedStage[] =>
  stages.map(({ kind, entries }, k) => {
    const hubs = { driverBore: shafts_mm[k], drivenBore: shafts_mm[k + 1] };
    const fields = kindHead('stage', kind)?.fields ?? {};
    const bores = Object.entries(hubs).flatMap(([name, size]) => (size && name in fields ? [[name, `${Math.round(size * 1000) / 1000} mm`]] : []));
    return { kind, entries: { ...entries(loops[k] ?? 1, reaches[k]), ...Object.fromEntries(bores) } };
  });

/**
 * The build with these stages, and no others, between the source of a line and its work.
 * @throws RangeError when there is no such line
 */
export function withStages(build: Build, lineId: string, stages: readonly TypedStage[]): Build {
  const bare = lineOf(build, lineId).stages.reduce((now, { id }) => withoutStage(now, `${lineId}/${id}`), build);
  return stages.reduce((now, { kind, entries }, k) => withStageAdded(now, lineId, k, kind, entries, 'chosen'), bare);
}
