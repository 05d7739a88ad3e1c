import { type Figure, fixed, flag, highEnd, known, lowEnd, scaled, unknown } from '../figure/figure.js';
import { defineProcedure, solve } from '../figure/formula.js';
import { contextAt } from '../kinds/context.js';
import type { Fields, InputFigures } from '../kinds/fields.js';
import type { Kind, StageKind, WorkKind } from '../kinds/kind.js';
import type { Build } from '../machine/build.js';
import { entryFigure } from '../machine/entry-figure.js';
import { isOpen } from '../machine/open.js';

export const ratioLeft = defineProcedure({
  id: 'ratio-left',
  says: 'Speed of the driving shaft over the speed that the tool needs',
  source: 'Definition of the ratio',
});

export const ratioLeftBehind = defineProcedure({
  id: 'ratio-left-behind',
  says: 'The whole ratio over what the other stages have of it',
  source: 'Ratios of stages in a row multiply',
});

export const ratioShared = defineProcedure({
  id: 'ratio-shared',
  says: 'The same ratio in each of the stages that are open: the root of the whole',
  source: 'Common practice, no source: stages share a ratio about equally',
});

/** Speed that a tool needs. */
export interface SpeedNeeded {
  /** What is aimed at: the middle of what will do. */
  readonly aim: Figure<'rpm'>;
  /** All that will do. */
  readonly any: Figure<'rpm'>;
}

/** Speed that the tool of a line needs: that of the brief, else the work’s own. Where nothing says it, the brief’s field is named. */
export function speedNeeded(wishes: Build['wishes'], { speedNeeded: ownSpeed }: WorkKind, inputs: InputFigures<Fields>): SpeedNeeded {
  const wished = wishedSpeed(wishes);
  if (wished.known) return { aim: wished, any: wished };
  const own = ownSpeed?.(inputs);
  if (!own) return { aim: wished, any: wished };
  if (!own.known) return { aim: own, any: own };
  // One speed is chosen of those that will do: that there are others makes nothing unsure.
  return { aim: known('rpm', own.value, own.origin, undefined, own.flags), any: own };
}

/** Between the least and the most that the brief wishes; about one of them where it has one. */
function wishedSpeed(wishes: Build['wishes']): Figure<'rpm'> {
  const [least, most] = [
    entryFigure(wishes?.leastSpeed, 'rpm', 'wishes/leastSpeed'),
    entryFigure(wishes?.mostSpeed, 'rpm', 'wishes/mostSpeed', ['wishes/leastSpeed']),
  ];
  if (!least.known || !most.known || least.value > most.value) return least.known ? least : most;
  return known(
    'rpm',
    (least.value + most.value) / 2,
    { by: 'given', field: 'wishes/leastSpeed' },
    [lowEnd(least), highEnd(most)],
    least.flags | most.flags,
  );
}

/** Loaded speed of the motor that is looked for: two poles for a shaft of 2000 rpm and more, else four; a fifth more on 60 Hz. */
export function usualMotor(needed: Figure<'rpm'>, frequency: Figure<'Hz'>): { readonly poles: 2 | 4; readonly speed: Figure<'rpm'> } {
  const poles = needed.known && needed.value >= 2000 ? 2 : 4;
  return { poles, speed: (frequency.known ? frequency.value : 50) > 55 ? rated[60][poles] : rated[50][poles] };
}

const ratedSource =
  'Common practice, no source: a loaded induction motor of two or four poles turns about 2850 or 1425 rpm on 50 Hz, 3450 or 1725 on 60 Hz';
const turns = (rpm: number) => fixed('rpm', rpm, ratedSource, undefined, flag.estimated);
const rated = { 50: { 2: turns(2850), 4: turns(1425) }, 60: { 2: turns(3450), 4: turns(1725) } } as const;

/** What the open stages of a line have to make between them, each of so many. @param others ratios of the stages that are there */
export function ratioOfOpen(source: Figure<'rpm'>, tool: Figure<'rpm'>, others: readonly Figure<'1'>[], open: number): Figure<'1'> {
  if (!tool.known) return unknown('1', tool.missing);
  const whole = solve('1', ratioLeft, { n_1: source, n_2: tool }, ({ n_1 = 0, n_2 = 0 }) => n_1 / n_2);
  const left = others.reduce<Figure<'1'>>(
    (i, other) => solve('1', ratioLeftBehind, { i, i_k: other }, ({ i: all = 0, i_k = 0 }) => all / i_k),
    whole,
  );
  if (open < 2) return left;
  return solve('1', ratioShared, { i: left, z: fixed('1', open, 'Stages that are open') }, ({ i = 0, z = 1 }) => i ** (1 / z));
}

/** An element with its entries as figures. */
interface Opened {
  readonly kind: Kind;
  readonly path: string;
  readonly inputs: InputFigures<Fields>;
}

/** What the places that are open in a line are worked out with until something is chosen. */
interface Filled {
  /** Of its source. */
  readonly source: Opened['inputs'];
  /** Of each stage, once it is known how fast the source turns. */
  readonly stages: (source: Figure<'rpm'>) => readonly Opened['inputs'][];
}

/**
 * Fills what is open in a line: the source with the speed of a usual motor, the stages with the ratio that is still needed. What was entered goes before.
 * @param opened feed, source, stages and work of a line
 * @returns null where nothing is open
 */
export function fillOpen(opened: readonly Opened[], wishes: Build['wishes'], frequency: Figure<'Hz'>): Filled | null {
  if (!opened.some(({ kind }) => isOpen(kind))) return null;
  const [source, work, stages] = [opened[1] as Opened, opened.at(-1) as Opened, opened.slice(2, -1)];
  const { aim } = speedNeeded(wishes, work.kind as WorkKind, work.inputs);
  const isLeft = ({ kind, inputs }: Opened) => isOpen(kind) && !entered(inputs, 'ratio');
  const there = stages
    .filter((stage) => !isLeft(stage))
    .map(({ kind, inputs, path }) => (kind as StageKind).ready(inputs, contextAt(path, kind, new Map())).ratio);
  const left = stages.length - there.length;
  const before = left > 0 ? aim : there.reduce<Figure<'rpm'>>((n, i) => (i.known ? scaled(n, i.value, 'Through the stages') : n), aim);
  const usual = usualMotor(before, frequency).speed;
  return {
    source: isOpen(source.kind) && !entered(source.inputs, 'speed') ? withFigure(source.inputs, 'speed', usual) : source.inputs,
    stages: (speed) => {
      const ratio = left > 0 ? ratioOfOpen(speed, aim, there, left) : null;
      return stages.map((stage) => (ratio && isLeft(stage) ? withFigure(stage.inputs, 'ratio', ratio) : stage.inputs));
    },
  };
}

/** Fields are typed by their kinds, which here may be any. */
const entered = (inputs: object, name: string): boolean => (inputs as Readonly<Record<string, Figure>>)[name]?.known === true;
const withFigure = (inputs: object, name: string, figure: Figure) => ({ ...inputs, [name]: figure }) as unknown as Opened['inputs'];
