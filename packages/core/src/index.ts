export { sizeNames, standardOutputs_kW } from './catalog/standard-motors.js';
export type { Check, Margin } from './checks/check.js';
export { reserveBesideLikely, reserveInShort, reserveOf, reserveWords } from './checks/reserve.js';
export { type Verdict, verdictOf, verdicts, verdictWords, worstVerdict } from './checks/verdict.js';
export type { OwnPart } from './drawer/part.js';
export { partWords } from './drawer/part-words.js';
export { type DrawerRead, readDrawer } from './drawer/read-part.js';
export { type Divided, type Reserved, withoutReserved, writtenOf } from './drawer/reserved.js';
export { drawFromAbove, rim_mm } from './drawing/from-above.js';
export { drawLine } from './drawing/line.js';
export { drawMachine, type MachineDrawing, type MachineStroke } from './drawing/machine.js';
export { drawShafts } from './drawing/shaft.js';
export { type At, besideOf, extent, type Pen, type Sketch, type Stroke, ticksOf } from './drawing/sketch.js';
export { type FieldPath, type Figure, flag, highEnd, type Known, lowEnd, type Origin, restsOn, type Unknown } from './figure/figure.js';
export type { Formula, InputSlot } from './figure/formula.js';
export { type TypedStage, withStages } from './finder/as-build.js';
export { partsCounted, partsOnList, reservedIn, withDriveParts } from './finder/build-parts.js';
export type { Proposal, TakenPart } from './finder/judge.js';
export { formulas } from './formulas/registry.js';
export { relations } from './formulas/relations.js';
export { type LaidOut, layOut, type Place as ShaftPlace, type PlacedWheel } from './geometry/lay-out.js';
export { type Circle, openBeltSpans, type Point } from './geometry/open-belt.js';
export { type FamilyName, familyFed, familyLabel } from './identify/families.js';
export { evidenceWords, type Ranked, settlesWords, toldChance } from './identify/identify.js';
export { cannot, type LookName, looks } from './identify/looks.js';
export { type NeedPart, needsSource } from './identify/needs/needs.js';
export type { Strip } from './identify/terminal-picture.js';
export {
  type CellField,
  type ChoiceField,
  type Columns,
  type Field,
  type Fields,
  type KnownBy,
  knownBy,
  type PartField,
  type QuantityField,
  type TableField,
  type TextField,
  unitOf,
  type YesNoField,
} from './kinds/fields.js';
export type { Curve, DrawnEnds, DrawnStage, KindHead, Role, StockBelt, StockWheel } from './kinds/kind.js';
export type { FigureOutput, Harm, Limit } from './kinds/outputs.js';
export { type PieceHead, type PieceRole, phaseFields, pieceHeads } from './kinds/pieces.js';
export { portKinds } from './kinds/ports.js';
export {
  type FeedKindName,
  type Kinds,
  kindHead,
  kindHeads,
  loadKinds,
  type SourceKindName,
  type StageKindName,
  type WorkKindName,
} from './kinds/registry.js';
export { nearestSize, nextSize } from './kinds/shared/stock-wheels.js';
export type { Sizing } from './kinds/sizing.js';
export type { Starter } from './kinds/starter.js';
export {
  shaftAt,
  shaftName,
  toolForcesOn,
  withoutPiece,
  withoutPush,
  withoutShaft,
  withPieceAdded,
  withPushAdded,
  withShaftBegun,
} from './machine/begin-shaft.js';
export { blankBuild } from './machine/blank-build.js';
export { type BriefPart, briefParts, isBriefPart, supplyFields, wishFields } from './machine/brief-fields.js';
export {
  type Build,
  buildFormat,
  buildVersion,
  type Element,
  type Input,
  type Inputs,
  type Line,
  portionOfBytes,
  portionOfNotes,
  type Row,
  type Shaft,
  type Source,
  type Stage,
  shedFormat,
  shedVersion,
} from './machine/build.js';
export { withShaftAs } from './machine/cure-shaft.js';
export { describeChange } from './machine/describe-change.js';
export { namesOfElements } from './machine/element-names.js';
export { choose, enter } from './machine/enter.js';
export { type Entered, fieldTakes, fieldWords, notKnown } from './machine/field-types/index.js';
export { mostRows, rowName, rowsOf } from './machine/field-types/rows.js';
export { type FromMark, filledFromMark, fromMark } from './machine/fill-from-mark.js';
export { finderFields } from './machine/finder-fields.js';
export { begin, change, type History, rebase, redo, settle, undo } from './machine/history.js';
export { type Holder, holdersOf, isHeld, isOnShaft, isSetting, settableFields } from './machine/holders.js';
export { lineNameWrong, lineOf, withLineAdded, withLineMoved, withLineRemoved, withLineRenamed } from './machine/lines.js';
export { meansTheSame } from './machine/means-the-same.js';
export { type Conflict, type Merged, mergeBuilds, placeOfConflict } from './machine/merge.js';
export { canMove, withShaftAt } from './machine/move-shaft.js';
export { kindsFitting } from './machine/neighbours.js';
export { isOpen, openKind } from './machine/open.js';
export { inchesMeant } from './machine/other-unit.js';
export { applies, cellsOf, draftsIn, elementsOf, fieldLabel, isInTable, type Place, placeAt, placesOf, withInput } from './machine/paths.js';
export { readShaft, type ShaftSaid } from './machine/read-shaft.js';
export { newNameOf, renamed } from './machine/renamed.js';
export { withEntriesOf, withKind, withoutStage, withStageAdded, withStageAt, withStageDoubled, withStageMoved } from './machine/reshape.js';
export { same } from './machine/same.js';
export { withoutSetting } from './machine/settings.js';
export { type Settled, settleValues } from './machine/settle-values.js';
export {
  beginSizing,
  beginWithMotor,
  findSized,
  type SizedKind,
  type SizingPlace,
  sizedBuild,
  sizingPlaces,
  sketchOf,
  withSizedKind,
  withUsual,
  withUsualGuessed,
} from './machine/sizing.js';
export { starters, startFrom } from './machine/starters.js';
export { type Pasted, type Put, textsOf, unreadCells, withoutRow, withPasted, withRowAdded } from './machine/table.js';
export { upgradeBuild } from './machine/upgrade.js';
export { type Wall, wallOf, withWall } from './machine/wall.js';
export { withoutPartsList } from './machine/without-parts.js';
export { asMarkdown } from './procedures/as-markdown.js';
export { chartRunUp, type RunUp } from './procedures/chart-run-up.js';
export { type Compared, compareBuilds } from './procedures/compare-builds.js';
export { decidedBy } from './procedures/decided-by.js';
export {
  type EvaluatedLine,
  type Evaluation,
  engineVersion,
  evaluateAtOnce,
  evaluateBuild,
  type WorkedOut,
  worstLine,
} from './procedures/evaluate-build.js';
export {
  type ExplainedPart,
  type Explanation,
  explain,
  explainAsText,
  explainSum,
  showFigure,
  usedBy,
} from './procedures/explain.js';
export { figureFromText } from './procedures/figure-from-text.js';
export { figureLabel, figuresOfElement, type LabelledFigure, labelledFigures } from './procedures/figure-labels.js';
export { figureAt, figuresByPath } from './procedures/figure-paths.js';
export { type FindGiven, type Found, findDrives } from './procedures/find-drives.js';
export { type Fitting, fitsHere, ratioNeeded } from './procedures/fits-here.js';
export { type FormulaText, formulaText } from './procedures/formula-text.js';
export { goesWrongAt } from './procedures/goes-wrong.js';
export { headlineOf, headlineOfLine, headlineOfPart, nameOf } from './procedures/headline.js';
export { hooksOverTurn } from './procedures/hooks-over-turn.js';
export type { Jam, Rung } from './procedures/jam.js';
export { type JobName, type Jobs, jobs, kindsToFind } from './procedures/jobs.js';
export { outputsOfLines } from './procedures/line-outputs.js';
export type { MotorClass } from './procedures/motor-class.js';
export { type Need, needOf } from './procedures/need.js';
export { overGuesses } from './procedures/over-guesses.js';
export { attentionOf, type NextStep, nextSteps } from './procedures/overview.js';
export { type ListedPart, partsList } from './procedures/parts-list.js';
export { procedureWords } from './procedures/procedure-words.js';
export { type Cure, type Remedy, remedyFor, withEntries } from './procedures/remedy.js';
export { asText, asWords, type Line as SetLine, setRelation, symbolLine } from './procedures/set-relation.js';
export type { EvaluatedShaft } from './procedures/shafts/evaluate-shaft.js';
export type { ShaftCureSaid } from './procedures/shafts/shaft-cures.js';
export { shaftsOf } from './procedures/shafts/template.js';
export { type Sized, sizeAsFirst } from './procedures/size-as-first.js';
export { runningOrFull, sidesOf, stationsNamed } from './procedures/station-figures.js';
export { atOnce, inSteps, type Steps } from './procedures/steps.js';
export { type BuildSummary, summariseBuild } from './procedures/summarise-build.js';
export { fieldsThatDecide, unreadIn } from './procedures/unread.js';
export type { StationFigures, WalkedLine } from './procedures/walked.js';
export type { WayOut } from './procedures/ways-out.js';
export { familyWith, type WhatIsIt, whatIsIt, withWhatItIs } from './procedures/what-is-it.js';
export {
  bestFirst,
  type DriveTarget,
  drivenBuild,
  type InPlace,
  type Would,
  type WouldDrive,
  workTargets,
  wouldWords,
} from './procedures/what-it-drives.js';
export { type WhatItNeeds, whatItNeeds } from './procedures/what-it-needs.js';
export { type CheckReason, whyCheck } from './procedures/why-check.js';
export { wishOutputs } from './procedures/wishes.js';
export { inNextUnit } from './quantity/convert.js';
export { listed } from './quantity/listed.js';
export { type QuantityName, quantities, type Unit } from './quantity/quantities.js';
export { longestText, type Offer, type Reading, readQuantity } from './quantity/read-quantity.js';
export { alsoRead, type ReadingForm, readingForms } from './quantity/reading-forms.js';
export {
  joinParts,
  type Shown,
  show,
  showNumber,
  showParts,
  showRange,
  showShare,
  type UnitHabit,
  type UnitShown,
  unitHabits,
  unitShown,
} from './quantity/show.js';
export { acceptedUnits, showAs } from './quantity/show-as.js';
export { isNoShaft, showAtShaft } from './quantity/show-at-shaft.js';
export { findUnit } from './quantity/units.js';
export { type Bent, bent, nearestTo } from './shafts/bent.js';
export { type LaidShaft, lengthOf } from './shafts/laid-shaft.js';
export { stressed } from './shafts/stressed.js';
export { deflectsBy, type Mode, whirls } from './shafts/whirl.js';
export { plainInMarkdown, safeJson, withoutControls } from './wording/plain-text.js';
export type { Sentence, Told } from './wording/sentence.js';
export { type Findable, nearness } from './wording/synonyms.js';
export { type Term, terms, withTerms } from './wording/terms.js';
export { phrase, say, sayAll, type Wording, wordingFor } from './wording/wording.js';
