import type { StartType } from '../catalog/small-motors.js';
import { type Figure, fixed, highEnd, type Known, scaled, unknown } from '../figure/figure.js';
import { defineProcedure, solve } from '../figure/formula.js';
import { drawnPower } from '../formulas/motor/drawn-power.js';
import { shaftPower } from '../formulas/power/shaft-power.js';
import { neededBefore } from '../formulas/transmission/needed-before.js';
import { torqueAtTool } from '../formulas/transmission/torque-at-tool.js';
import { torqueGain } from '../formulas/transmission/torque-gain.js';
import { contextAt, type OwnFigures } from '../kinds/context.js';
import type { StageKind, WorkDemand, WorkKind } from '../kinds/kind.js';
import type { Context } from '../kinds/outputs.js';
import type { Port } from '../kinds/ports.js';
import { type Kinds, kindHead, kindKey } from '../kinds/registry.js';
import { serviceFactor } from '../kinds/shared/service-factor.js';
import { perStage, usuallyPasses } from '../kinds/shared/usual-losses.js';
import type { Build, Line, Source } from '../machine/build.js';
import { lineOf } from '../machine/lines.js';
import { isOpen, openKind } from '../machine/open.js';
import { elementsOf } from '../machine/paths.js';
import type { Sentence } from '../wording/sentence.js';
import { needOutputs } from './line-outputs.js';
import {
  atRestByRunCapacitor,
  currentOf,
  type MotorClass,
  massOf,
  outputFor,
  ratedTorqueOf,
  sizesFrom,
  stallsAt,
  startsThatDo,
  type Voltages,
  voltagesOf,
} from './motor-class.js';
import { type Needed, needSays, type Said } from './need-says.js';
import { feedOf } from './on-feed.js';
import { ratioLeft, speedNeeded, usualMotor } from './open-places.js';
import { type Opened, openAnew } from './opened.js';
import { turning as turns } from './station-figures.js';
import { walkLine } from './walk-line.js';
import type { WalkedLine } from './walked.js';

/** What the work needs of a motor, worked out backwards from the tool. */
export interface Need extends Needed, Said {
  /** A motor of that class, with nothing else known of it; null where none is named. */
  readonly source: Source | null;
}

/**
 * What motor a line of a build needs, whatever drives it today, or nothing: the speed that there is, else that of the brief, else the work’s own; torque from the
 * work at that speed; losses of the stages that are there, usual ones where none is.
 */
export function needOf(build: Build, kinds: Kinds, line: Line = lineOf(build, null), walked: WalkedLine = walkLine(line, kinds, build)): Need {
  const figures: OwnFigures = new Map();
  const { note } = contextAt(`${line.id}/need`, needOutputs, figures);
  const opened = elementsOf(line).map((placed) => openAnew(placed, kinds));
  const [feed, source, work] = [opened[0], opened[1], opened.at(-1)] as [Opened, Opened, Opened];
  const kind = work.kind as WorkKind;
  const { fed } = feedOf(line, feed, source, build.supply);
  const last = walked.stations.at(-1);
  const arrives = last ? turns(last).speed : unknown('rpm', []);
  const needed = speedNeeded(build.wishes, kind, work.inputs);
  // What comes of a usual motor through the stages says nothing of how fast the tool should turn.
  const isSaid = arrives.known && !line.stages.some(isOpen) && (needed.aim.known || !isOpen(line.source));
  const speed = note('speed', isSaid ? arrives : needed.aim);
  const turning: Port<'rotary'> = { is: 'rotary', flow: speed, effort: unknown('N·m', []), top: speed, moved: unknown('kg·m²', []) };
  const demand = kind.demand(work.inputs, turning, contextAt(work.path, kind, new Map()));
  const torque = note('torque', demand.steady);
  const power = note('power', shaftPower({ T: torque, n: speed }));

  const chosen = opened.filter(({ kind: each }) => each.role === 'stage' && !isOpen(each));
  const stages = chosen.map(({ kind: stage, path, inputs }) => (stage as StageKind).ready(inputs, contextAt(path, stage, new Map())));
  const hasStages = stages.length > 0 && !line.stages.some(isOpen);
  const geared = stages.reduce<number | null>((i, stage) => (i !== null && stage.ratio.known ? i * stage.ratio.value : null), 1);
  const shaft = scaled(speed, hasStages ? (geared ?? 1) : 1, 'Through the stages');
  const { poles, speed: usual } = usualMotor(shaft, fed.frequency);
  const ratio = note(
    'ratio',
    speed.known ? solve('1', ratioLeft, { n_1: usual, n_2: speed }, ({ n_1 = 0, n_2 = 0 }) => n_1 / n_2) : unknown('1', speed.missing),
  );
  // A stage that does not know its losses yet has usual ones.
  const passes = note(
    'passes-on',
    hasStages
      ? stages.reduce<Figure<'1'>>((k, { efficiency }) => scaled(k, efficiency.known ? efficiency : perStage, 'Of the stages in a row'), exactly)
      : usuallyPasses(ratio),
  );
  const rated = demand.rated ? note('rated-for', shaftPower({ T: demand.rated, n: speed })) : power;
  const atMotor = note('at-motor', drawnPower({ P: rated, eta: passes }));
  const missing = [...new Set([speed, torque].flatMap((figure) => (figure.known ? [] : figure.missing)))];
  const breakaway = note('breakaway-at-motor', neededBefore({ T_2: breakawayOf(demand), i: ratio, k: passes }));
  const factor = note('service-factor', serviceFactor('v-belt', { shock: demand.shock, driver: undefined }));
  if (factor.known) note('drive-rating', scaled(atMotor, factor, 'With the service factor of the work'));

  const output = note('class', outputFor(atMotor));
  const motor = output.known ? classOf(output, { poles, usual, breakaway, demand, work: line.work.kind }) : null;
  if (output.known) compare(output, { poles, usual, ratio, passes, atMotor, voltages: voltagesOf(fed), note });
  const found = {
    ...{
      ratedBy: demand.ratedBy ?? 'by its peaks',
      speed,
      any: arrives.known && hasStages ? speed : needed.any,
      torque,
      power,
      atMotor,
      ratio,
      motor,
      missing,
      figures,
    },
    tooSmall_W: wattsOf(figures.get('smaller-class')),
  };
  if (motor && usual.known) startsWith(motorOf(motor.output_W, usual.value, motor.starts), line, kinds, build, note);
  const shaftName = line.stations.at(-1)?.name ?? 'tool shaft';
  const bigger = figures.get('bigger-class');
  const inJam =
    hasStages && motor && bigger?.known && usual.known ? jamWith(motorOf(bigger.value, usual.value, motor.starts), line, kinds, build) : [];
  return {
    ...found,
    source: motor && usual.known ? motorOf(motor.output_W, usual.value, motor.starts) : null,
    ...needSays(found, {
      inJam,
      shaft: shaftName,
      hasStages,
      nothingDrives: isOpen(line.source),
      isAway: kindHead('work', line.work.kind)?.sizing?.awayFromMains === true,
    }),
  };
}

const exactly = fixed('1', 1, 'Nothing is lost before the first stage');
const wattsOf = (figure: Figure | undefined): number | null => (figure?.known ? figure.value : null);

const breakawaySource = 'Common practice, no source: half as much again as when it turns, a third of it where it starts empty';

/** Torque that gets it moving. */
const breakawayOf = ({ breakaway, steady, startsEmpty }: WorkDemand): Figure<'N·m'> =>
  breakaway.known ? breakaway : scaled(steady, startsEmpty ? 0.3 : 1.5, breakawaySource);

/** A motor of a size that starts as it must, with nothing else known of it. */
const motorOf = (output_W: number, speed_rpm: number, [start = 'capacitor-start']: readonly StartType[]): Source => ({
  kind: 'plate-motor',
  v: kindHead('source', 'plate-motor')?.v ?? 1,
  inputs: {
    power: { text: `${output_W} W`, value: output_W, unit: 'W', how: 'chosen' },
    powerIs: { text: 'shaft', how: 'chosen' },
    phases: { text: start === 'three-phase' ? '3' : '1', how: 'chosen' },
    ...(start === 'three-phase' ? {} : { start: { text: start, how: 'chosen' } }),
    speed: { text: `${speed_rpm} rpm`, value: speed_rpm, unit: 'rpm', how: 'chosen' },
  },
});

/** The line as it would be driven by another source, on the same feed. */
const drivenBy = (source: Source, line: Line): Line => ({ ...line, source: line.source.feed ? { ...source, feed: line.source.feed } : source });

/** What the class has at rest, and in what time it runs up, as far as that is known before it is there. */
function startsWith(source: Source, line: Line, kinds: Kinds, build: Build, note: Compared['note']): void {
  if (!kinds.has(kindKey('source', source.kind)) || !kinds.has(kindKey('stage', openKind))) return;
  const stages = line.stages.length > 0 ? line.stages : [{ id: 'drive', kind: openKind, v: 1, inputs: {} }];
  const stations = line.stages.length > 0 ? line.stations : [{ id: 'source', name: '' }, ...line.stations];
  const own = walkLine(drivenBy(source, { ...line, stages, stations }), kinds, build).figures.get(`${line.id}/source`);
  const figure = <U extends 'N·m' | 's'>(name: string) => own?.get(name) as Figure<U> | undefined;
  const [rest, time] = [figure<'N·m'>('torque-at-rest'), figure<'s'>('runs-up-in')];
  if (rest) note('at-rest', rest);
  if (time) note('runs-up-in', time);
}

/** What fails first in a jam of the line with another source; nothing while the kind of that is not loaded. */
function jamWith(source: Source, line: Line, kinds: Kinds, build: Build): readonly Sentence[] {
  if (!kinds.has(kindKey('source', source.kind))) return [];
  return walkLine(drivenBy(source, line), kinds, build).jam.says.slice(0, 1);
}

interface Looked {
  readonly poles: 2 | 4;
  /** Loaded speed of a motor of so many poles. */
  readonly usual: Figure<'rpm'>;
}

function classOf(
  output: Known<'W'>,
  { poles, usual, breakaway, demand, work }: Looked & { readonly breakaway: Figure<'N·m'>; readonly demand: WorkDemand; readonly work: string },
): MotorClass {
  const rated = ratedTorqueOf(output, usual);
  const share = breakaway.known && rated.known ? highEnd(breakaway) / rated.value : 0;
  const longest_s = demand.lasts.known ? highEnd(demand.lasts) : Number.POSITIVE_INFINITY;
  return {
    output_W: output.value,
    poles,
    starts: startsThatDo(share, output.value / 1000, poles),
    duty: longest_s <= 600 ? 'S2 10 min' : longest_s <= 1800 ? 'S2 30 min' : 'S1',
    reverses: kindHead('work', work)?.sizing?.reverses !== undefined,
  };
}

interface Compared extends Looked {
  readonly ratio: Figure<'1'>;
  readonly passes: Figure<'1'>;
  readonly atMotor: Figure<'W'>;
  readonly voltages: Voltages;
  readonly note: Context<typeof needOutputs>['note'];
}

/** What the class draws and weighs and what a stuck tool gets of it; the same of one size less and of two more. */
function compare(output: Known<'W'>, { poles, usual, ratio, passes, atMotor, voltages, note }: Compared): void {
  const stuck = (of: Known<'W'>) => torqueAtTool({ T: stallsAt(of, usual), G: torqueGain({ i: ratio, k: passes, G_2: atTool }) });
  const loaded = (of: Known<'W'>) => solve('1', loadOf, { P: atMotor, P_n: of }, ({ P = 0, P_n = 1 }) => P / P_n);
  note('motor-speed', usual);
  note('rated-torque', ratedTorqueOf(output, usual));
  note('voltage-single', voltages.single);
  note('voltage-three', voltages.three);
  note('draws-single', currentOf(output, poles, 1, voltages));
  note('draws-three', currentOf(output, poles, 3, voltages));
  note('weighs', massOf(output));
  note('stuck-torque', stuck(output));
  const [smaller, bigger] = [sizesFrom(output, -1), sizesFrom(output, 2)];
  if (smaller) {
    note('smaller-class', smaller);
    note('smaller-loaded', loaded(smaller));
    note('smaller-at-rest', atRestByRunCapacitor(smaller, usual));
  }
  if (bigger) {
    note('bigger-class', bigger);
    note('bigger-loaded', loaded(bigger));
    note('bigger-draws', currentOf(bigger, poles, 1, voltages));
    note('bigger-weighs', massOf(bigger));
    note('bigger-stuck-torque', stuck(bigger));
  }
}

const atTool = fixed('1', 1, 'At the tool itself');

export const loadOf = defineProcedure({
  id: 'load-of-motor',
  says: 'Power that is needed of it over its rated output',
  source: 'Definition of the ratio',
});
