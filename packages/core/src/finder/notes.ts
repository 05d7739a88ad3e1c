import { type Sentence, sentence } from '../wording/sentence.js';
import type { Drive } from './drive.js';
import type { FindRequest } from './request.js';

/** A worm that keeps more than this of the torque, and less than half, holds only just (common practice, no source). */
const holdsWell = 0.4;

const mm = (value: number) => ({ value, unit: 'mm' as const });

/** What has to be known of a drive beside its checks. */
export function notesOn(drive: Drive, request: FindRequest): Sentence[] {
  return [
    ...boresOf(drive, request),
    ...holdingOf(drive, request),
    ...decidedBy(drive, request),
    ...foldedOf(drive),
    ...movedOf(drive),
    ...heardOf(drive),
  ];
}

/** Own wheels whose bore has to be changed for the shaft that they go on. */
function boresOf({ stages, shafts_mm }: Drive, { shelf }: FindRequest): Sentence[] {
  return stages.flatMap(({ takes }, k) =>
    takes.slice(0, 2).flatMap(({ own, bore_mm: bore, what }, end) => {
      const shaft = shafts_mm[k + end];
      if (own < 0 || typeof bore !== 'number' || typeof shaft !== 'number' || Math.abs(bore - shaft) < 0.11) return [];
      const of = { label: shelf.own[own]?.label ?? '', what, bore: mm(bore), shaft: mm(shaft) };
      return bore < shaft
        ? [sentence('{label}, {what}, bored out from {bore} to {shaft}', of)]
        : [sentence('{label}, {what}, bushed from {bore} to {shaft}: a wall of {wall}', { ...of, wall: mm((bore - shaft) / 2) })];
    }),
  );
}

/** What holds a load, and how well. */
function holdingOf({ stages }: Drive, { wishes }: FindRequest): Sentence[] {
  const holds = wishes.hold ? stages.find((stage) => stage.holds) : undefined;
  if (!holds) return [];
  const share = { share: `${Math.round(100 * holds.kept)} %` };
  return [
    holds.kept > holdsWell
      ? sentence(
          'a worm that keeps {share} of the torque holds only just: vibration lets it creep, so a brake or a pawl beside it; nobody under the load',
          share,
        )
      : sentence('the worm holds the load with the power off, and creeps when it is shaken: a brake or a pawl beside it; nobody under the load'),
  ];
}

/** Where starting is harder than running, that it decides. */
function decidedBy({ loadedBy, start_Nm }: Drive, { work }: FindRequest): Sentence[] {
  if (loadedBy !== 'starting' || work.start_Nm === 0) return [];
  return [
    sentence('starting decides, not running: {has} reach the tool at rest, it needs {needs}', {
      has: { value: start_Nm, unit: 'N·m' },
      needs: { value: work.start_Nm, unit: 'N·m' },
    }),
  ];
}

const foldedOf = ({ room }: Drive): Sentence[] =>
  room.ways.includes(-1) ? [sentence('folded back: the last shaft lies over or beside the motor’s')] : [];

/** How far the motor moves in its slot from one step to the next. */
function movedOf({ stages, reaches }: Drive): Sentence[] {
  const at = stages.findIndex(({ steps }) => steps !== undefined);
  const each_mm = reaches[at]?.each_mm;
  if (!each_mm) return [];
  const [near, far] = [Math.min(...each_mm), Math.max(...each_mm)];
  return [
    sentence('one belt on all steps: it is tightened anew on each, for which its shafts move by {by}; it is moved with the plug pulled', {
      by: mm(far - near),
    }),
  ];
}

/** What of it is heard in the next room, on how fast a shaft. */
function heardOf({ stages, speeds_rpm, isLoud }: Drive): Sentence[] {
  if (!isLoud) return [];
  const fast = (k: number) => Math.max(speeds_rpm[k] ?? 0, speeds_rpm[k + 1] ?? 0);
  const at = stages.findIndex(({ loudAbove_rpm: loud }, k) => loud !== null && fast(k) > loud);
  if (at < 0) return [sentence('at its fastest it is heard in the next room')];
  return [
    sentence('it is heard in the next room: {stage} on a shaft that turns at {n}', {
      stage: stages[at]?.says ?? '',
      n: { value: fast(at), unit: 'rpm' },
    }),
  ];
}
