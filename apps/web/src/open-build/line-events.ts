import {
  type Build,
  type Cure,
  drivenBuild,
  elementsOf,
  type FamilyName,
  type InPlace,
  type LaidShaft,
  layOut,
  lineOf,
  type Point,
  type Proposal,
  type ShaftSaid,
  sizeAsFirst,
  type Wall,
  withDriveParts,
  withEntries,
  withKind,
  withLineAdded,
  withLineMoved,
  withLineRemoved,
  withLineRenamed,
  withoutPiece,
  withoutPush,
  withoutSetting,
  withoutShaft,
  withoutStage,
  withPieceAdded,
  withPushAdded,
  withShaftAs,
  withShaftAt,
  withShaftBegun,
  withSizedKind,
  withStageAdded,
  withStageAt,
  withStageDoubled,
  withStageMoved,
  withStages,
  withUsualGuessed,
  withWall,
  withWhatItIs,
  wordingFor,
} from '@hobrek/core';
import { usePreferences } from '../shared/preferences.js';
import type { Editing } from './editing.js';
import type { FieldEvents } from './field-events.js';
import { leftEntries } from './left-entries.js';

/** What of a drive that was found goes into a build. */
type DriveFound = Pick<Proposal, 'stages' | 'parts'> & { readonly motor: Pick<NonNullable<Proposal['motor']>, 'source'> | null };

/** What happens to the lines of a build and to what is in them. */
export interface LineEvents {
  /** An element is picked, in whichever zone; null picks nothing. */
  pick(path: string | null): void;
  /** The next element along the power path, from source to work, or the one before. Nothing picked: the first, or the last. */
  pickAlong(by: 1 | -1): void;
  /** The page is at another place: a line, null for the first, and what is picked of it. */
  wentTo(line: string | null, picked: string | null): void;
  /** Another line of the build is shown; null is the first. Nothing of the one before stays picked. */
  lineShown(line: string | null): void;
  /** A line more, at the end, and shown. @throws RangeError when the name is another line's */
  lineAdded(name: string): void;
  lineRenamed(line: string, name: string): void;
  lineMoved(line: string, by: 1 | -1): void;
  /** It is gone, the one before it is shown; undo brings it back. */
  lineRemoved(line: string): void;
  /** The few fields that nobody entered have what is usual, as guesses: whoever goes on has seen them. */
  usualKept(): void;
  /** It is another kind of machine; what both have by the same name stays. */
  workChosen(kind: string): void;
  /** It is plugged into this wall, where it says nothing of its own. */
  wallEntered(wall: Wall): void;
  /** An element became another kind; what both have by the same name stays. */
  kindChosen(path: string, kind: string): void;
  /** A motor without a plate is taken for what it likely is: what was estimated is entered as guesses. */
  familyTaken(path: string, family: FamilyName): void;
  /** A motor from another build is in the place of the source of a line, with a place kept for the ratio that is missing then; null where none is. */
  motorTaken(line: string, motor: InPlace, ratio: number | null): void;
  /** A drive that was found is between motor and tool, in place of whatever was there, with its motor where it has one, and its parts are on the list of the build: in one step. */
  driveTaken(line: string, drive: DriveFound): void;
  /** A shaft at a place of a line, begun with what is known of it; and away again. */
  shaftBegun(line: string, station: string, said?: ShaftSaid): void;
  shaftTakenOut(id: string): void;
  /** A change of a shaft that was tried is made. */
  shaftCured(id: string, before: LaidShaft, after: LaidShaft): void;
  /** One more section or bearing of a shaft, or one less. */
  pieceAdded(shaft: string, list: 'sections' | 'bearings', kind: string): void;
  pieceTakenOut(shaft: string, list: 'sections' | 'bearings', id: string): void;
  /** One more place at which the tool pushes on a shaft, or one less. */
  pushAdded(shaft: string): void;
  pushTakenOut(id: string): void;
  /** One way less in which the line can be run. */
  settingRemoved(line: string, id: string): void;
  /** A stage was put in before the one at `at`, with what it begins with. */
  stageAdded(line: string, at: number, kind: string, begins?: Readonly<Record<string, string>>): void;
  stageDoubled(path: string): void;
  /** A stage was put at another place of its line. */
  stagePlaced(path: string, to: number): void;
  stageRemoved(path: string): void;
  stageMoved(path: string, by: 1 | -1): void;
  /**
   * A shaft was put somewhere else, the others staying where they are; distance and direction of what reaches it follow. While it is dragged all of it
   * is one step, until `fieldLeft`.
   * @param to mm in the side view, the first shaft at nought
   */
  shaftMoved(line: string, k: number, to: Point): void;
  /** What was tried and would do is entered, in one step. */
  cureTaken(cure: Cure): void;
  /** A stage that is meant to fail first is sized for it. @returns what it protects then and what not, or why it could not be */
  sizedAsFirst(path: string): string;
}

export function lineEvents({ id, document, derived, session, edit, settled }: Editing, { fieldLeft, typed }: FieldEvents): LineEvents {
  const left = leftEntries(id);
  const build = () => document.getState().build;
  /** A change of the line itself: a step of its own. */
  const reshape = (next: (build: Build) => Build) => {
    fieldLeft();
    edit('reshaped', next);
    settled();
  };
  const placeOf = (path: string) => {
    const [line = '', id] = path.split('/');
    return { line, k: lineOf(build(), line).stages.findIndex((stage) => stage.id === id) };
  };
  /** What is there now, so that work goes on with it: the stage at a place of its line, else the last. */
  const pickStage = (line: string, k: number) => {
    const stage = lineOf(build(), line).stages.at(k) ?? lineOf(build(), line).stages.at(-1);
    events.pick(stage ? `${line}/${stage.id}` : null);
  };
  const events: LineEvents = {
    pick: (picked) => {
      const now = session.getState();
      // What is picked is on the screen, whichever line it is of.
      const line = build().lines.find(({ id }) => picked?.startsWith(`${id}/`))?.id ?? now.line;
      if (picked !== now.picked || line !== now.line) session.setState({ picked, line });
    },
    pickAlong: (by) => {
      const { picked, line } = session.getState();
      const paths = elementsOf(lineOf(build(), line)).flatMap(({ role, path }) => (role === 'feed' ? [] : [path]));
      const at = paths.indexOf(picked ?? '');
      const next = at < 0 ? (by === 1 ? 0 : paths.length - 1) : Math.min(paths.length - 1, Math.max(0, at + by));
      events.pick(paths[next] ?? null);
    },
    wentTo: (line, picked) => {
      const now = session.getState();
      if (now.line !== line || now.picked !== picked) session.setState({ line, picked });
    },
    lineShown: (line) => {
      if (session.getState().line !== line) session.setState({ line, picked: null });
    },
    lineAdded: (name) => {
      reshape((each) => withLineAdded(each, name));
      events.lineShown(build().lines.at(-1)?.id ?? null);
    },
    lineRenamed: (line, name) => reshape((each) => withLineRenamed(each, line, name)),
    lineMoved: (line, by) => reshape((each) => withLineMoved(each, line, by)),
    lineRemoved: (line) => {
      const { lines } = build();
      const k = lines.findIndex(({ id }) => id === line);
      reshape((each) => withLineRemoved(each, line));
      events.lineShown(lines[k === 0 ? 1 : k - 1]?.id ?? null);
    },
    usualKept: () => reshape(withUsualGuessed),
    workChosen: (kind) => reshape((each) => left.changed(each, `${lineOf(each, null).id}/work`, () => withSizedKind(each, kind))),
    wallEntered: (wall) => reshape((each) => withWall(each, wall)),
    familyTaken: (path, family) => reshape((each) => left.changed(each, path, (now) => withWhatItIs(now, path, family))),
    motorTaken: (line, motor, ratio) => reshape((each) => drivenBuild(each, lineOf(each, line).id, motor, ratio)),
    shaftBegun: (line, station, said) => reshape((each) => withShaftBegun(each, line, station, said)),
    shaftTakenOut: (id) => reshape((each) => withoutShaft(each, id)),
    shaftCured: (id, before, after) => reshape((each) => withShaftAs(each, id, before, after) ?? each),
    pieceAdded: (shaft, list, kind) => reshape((each) => withPieceAdded(each, shaft, list, kind)),
    pieceTakenOut: (shaft, list, id) => reshape((each) => withoutPiece(each, shaft, list, id)),
    pushAdded: (shaft) => reshape((each) => withPushAdded(each, shaft)),
    pushTakenOut: (id) => reshape((each) => withoutPush(each, id)),
    settingRemoved: (line, id) => reshape((each) => withoutSetting(each, line, id)),
    driveTaken: (line, { stages, motor, parts }) =>
      reshape((each) => withDriveParts(withStages(each, lineOf(each, line).id, stages, motor?.source), lineOf(each, line).id, parts)),
    kindChosen: (path, kind) => reshape((each) => left.changed(each, path, () => withKind(each, path, kind))),
    stageAdded: (line, at, kind, begins = {}) => {
      reshape((each) => withStageAdded(each, line, at, kind, begins));
      pickStage(line, at);
    },
    stageDoubled: (path) => {
      const { line, k } = placeOf(path);
      reshape((each) => withStageDoubled(each, path));
      pickStage(line, k + 1);
    },
    stagePlaced: (path, to) => reshape((each) => withStageAt(each, path, to)),
    stageRemoved: (path) => {
      const { line, k } = placeOf(path);
      reshape((each) => withoutStage(each, path));
      pickStage(line, k);
    },
    stageMoved: (path, by) => reshape((each) => withStageMoved(each, path, by)),
    shaftMoved: (line, k, to) => {
      const outlines = derived.getState().evaluation.lines.find(({ id }) => id === line)?.outlines;
      if (outlines) edit(`shaft ${line} ${k}`, (each) => withShaftAt(each, line, k, to, layOut(outlines).shafts));
    },
    cureTaken: ({ entries }) => reshape((each) => withEntries(each, entries) ?? each),
    sizedAsFirst: (path) => {
      const sized = sizeAsFirst(build(), derived.getState().evaluation, path, wordingFor(build(), usePreferences.getState().units));
      if ('because' in sized) return sized.because;
      fieldLeft();
      typed(sized.path, sized.text);
      fieldLeft();
      return sized.says;
    },
  };
  return events;
}
