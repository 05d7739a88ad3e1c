import { kindHead } from '../kinds/registry.js';
import type { Build, Source } from '../machine/build.js';
import { lineOf } from '../machine/lines.js';
import { typedInputs, withoutStage, withSource, withStageAdded } from '../machine/reshape.js';
import { withSettings } from '../machine/settings.js';
import type { Drive } from './drive.js';

/** A stage of a drive as it would be typed. */
export interface TypedStage {
  readonly kind: string;
  readonly entries: Readonly<Record<string, string>>;
  /** Of a stage whose belt is moved for a faster speed: how each is called, and what is entered otherwise for it. */
  readonly steps?: readonly { readonly name: string; readonly entries: Readonly<Record<string, string>> }[];
}

/** What settings for faster speeds are called: the slowest is the first. */
const nth = ['second speed', 'third speed', 'fourth speed'];

/** What is typed for each stage of a drive, with the shafts that its wheels sit on. */
export const typedStages = ({ stages, loops, reaches, shafts_mm }: Drive): TypedStage[] =>
  stages.map(({ kind, entries, steps }, k) => {
    const hubs = { driverBore: shafts_mm[k], drivenBore: shafts_mm[k + 1] };
    const fields = kindHead('stage', kind)?.fields ?? {};
    const bores = Object.entries(hubs).flatMap(([name, size]) => (size && name in fields ? [[name, `${Math.round(size * 1000) / 1000} mm`]] : []));
    // The slowest is what is entered; each faster one is a setting beside it.
    const moved = steps?.slice(1).map((step, at) => ({ name: nth[at] ?? `speed ${at + 2}`, entries: step.entries(reaches[k]) }));
    return { kind, entries: { ...entries(loops[k] ?? 1, reaches[k]), ...Object.fromEntries(bores) }, ...(moved ? { steps: moved } : {}) };
  });

/**
 * The build with these stages, and no others, between the source of a line and its work; with a setting for each speed where a belt is moved for it.
 * @param source a motor in the place of the one that is there
 * @throws RangeError when there is no such line
 */
export function withStages(build: Build, lineId: string, stages: readonly TypedStage[], source?: Source): Build {
  const driven = source ? withSource(build, lineId, source) : build;
  const bare = lineOf(driven, lineId).stages.reduce((now, { id }) => withoutStage(now, `${lineId}/${id}`), driven);
  const laid = stages.reduce((now, { kind, entries }, k) => withStageAdded(now, lineId, k, kind, entries, 'chosen'), bare);
  const before = lineOf(laid, lineId).settings ?? [];
  const stepped = lineOf(laid, lineId).stages.flatMap(({ id, kind }, k) => (stages[k]?.steps ?? []).map((step) => ({ ...step, id, kind })));
  if (stepped.length === 0 && before.every(({ inputs }) => Object.keys(inputs).length > 0)) return laid;
  // A setting that changed a stage only changes nothing any more.
  const kept = before.filter(({ inputs }) => Object.keys(inputs).length > 0);
  const made = stepped.map(({ name, entries, id, kind }) => ({
    name,
    inputs: Object.fromEntries(
      Object.entries(typedInputs(kindHead('stage', kind) ?? { fields: {} }, entries, 'chosen')).map(([field, input]) => [`${id}/${field}`, input]),
    ),
  }));
  return withSettings(laid, lineId, [...kept, ...made]);
}
