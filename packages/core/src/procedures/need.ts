import { efficiencyOf, powerFactorOf } from '../catalog/motor-sizes.js';
import { type StartType, smallMotors } from '../catalog/small-motors.js';
import { nextOutput, outputBefore } from '../catalog/standard-motors.js';
import { type FieldPath, type Figure, fixed, flag, highEnd, known, lowEnd, scaled, unknown } from '../figure/figure.js';
import { drawnPower } from '../formulas/motor/drawn-power.js';
import { shaftPower } from '../formulas/power/shaft-power.js';
import { contextAt } from '../kinds/context.js';
import type { Rotary, StageKind, WorkKind } from '../kinds/kind.js';
import type { Kinds } from '../kinds/registry.js';
import type { Build, Line } from '../machine/build.js';
import { entryFigure } from '../machine/entry-figure.js';
import { elementsOf } from '../machine/paths.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { openElement, type WalkedLine, walkLine } from './walk-line.js';

/** A motor to look for. */
export interface MotorClass {
  readonly output_W: number;
  readonly poles: 2 | 4;
  /** How it may start: each kind that breaks the work away at its least. */
  readonly starts: readonly StartType[];
  /** Current of a single-phase one of this size on 230 V, A, and of a three-phase one on 400 V. */
  readonly draws_A: { readonly single: number; readonly three: number };
}

/** What the work needs of a motor, worked out backwards from the tool. */
export interface Need {
  readonly speed: Figure<'rpm'>;
  readonly torque: Figure<'N·m'>;
  /** At the tool, and at the shaft of whatever drives it. */
  readonly power: Figure<'W'>;
  readonly atMotor: Figure<'W'>;
  /** Turns of the motor for one of the tool. */
  readonly ratio: Figure<'1'>;
  readonly motor: MotorClass | null;
  /** The one size smaller that would not do; null where there is none. */
  readonly tooSmall_W: number | null;
  /** What would have to be entered for a class to be named. */
  readonly missing: readonly FieldPath[];
  readonly says: readonly Sentence[];
}

const perStageSource = 'Common practice, no source: a belt, a chain or a pair of gears passes 89 to 98 %';
const perStage = fixed('1', 0.95, perStageSource, [0.89, 0.98], flag.estimated);
/** What is left of a motor that is neither close nor too large. */
const withReserve = 1.25;
const ratedSpeed = { 2: 2850, 4: 1425 } as const;

/**
 * What motor a line of a build needs, whatever drives it today, or nothing: the speed that there is, else that of the brief, else the work’s own; torque from the
 * work at that speed; losses of the stages that are there, usual ones where none is.
 */
export function needOf(build: Build, kinds: Kinds, line: Line = build.lines[0] as Line, walked: WalkedLine = walkLine(line, kinds, build)): Need {
  const opened = elementsOf(line).map((placed) => openElement(placed, kinds));
  const work = opened.at(-1) as (typeof opened)[number];
  const kind = work.kind as WorkKind;
  const wished = wishedSpeed(build);
  const arrives = walked.stations.at(-1)?.speed ?? unknown('rpm', []);
  const own = kind.speedNeeded?.(work.inputs) ?? unknown('rpm', []);
  const speed = arrives.known
    ? arrives
    : wished.known
      ? wished
      : own.known
        ? own
        : unknown('rpm', [...(own.missing.length > 0 ? own.missing : ['wishes/leastSpeed'])]);
  const arriving: Rotary = { speed, torque: unknown('N·m', []), top: speed };
  const demand = kind.demand(work.inputs, arriving, contextAt(work.path, kind, new Map()));
  const power = shaftPower({ T: demand.steady, n: speed });
  const stages = opened
    .filter(({ kind: { role } }) => role === 'stage')
    .map(({ kind: stage, path, inputs }) => (stage as StageKind).transfer(inputs, arriving, contextAt(path, stage, new Map())));
  const geared = stages.reduce<number | null>((i, stage) => (i !== null && stage.ratio.known ? i * stage.ratio.value : null), 1);
  const poles = speed.known && speed.value * (stages.length > 0 ? (geared ?? 1) : 1) >= 2000 ? 2 : 4;
  const ratio = ratioTo(speed, ratedSpeed[poles]);
  // A stage that does not know its losses yet has usual ones.
  const passes =
    stages.length > 0
      ? stages.map(({ efficiency }) => (efficiency.known ? efficiency : perStage))
      : Array.from({ length: stagesFor(ratio) }, () => perStage);
  const atMotor = passes.reduce((P, eta) => drawnPower({ P, eta }), power);
  const missing = [...new Set([speed, demand.steady].flatMap((figure) => (figure.known ? [] : figure.missing)))];
  const motor = atMotor.known ? classFor(atMotor, poles, breakawayShare(demand.breakaway, demand.steady, demand.startsEmpty === true)) : null;
  const tooSmall_W = motor && outputBefore(motor.output_W);
  const need = { speed, torque: demand.steady, power, atMotor, ratio, motor, tooSmall_W, missing };
  return { ...need, says: sentencesOf(need, line.stations.at(-1)?.name ?? 'tool shaft', stages.length > 0) };
}

/** Turns of a loaded motor (common practice, no source: 1425 of four poles, 2850 of two, on 50 Hz) for one of the tool. */
const ratioTo = (speed: Figure<'rpm'>, motor_rpm: number): Figure<'1'> =>
  speed.known
    ? known(
        '1',
        motor_rpm / speed.value,
        { by: 'limit', source: 'Common practice, no source: a loaded motor turns about 1425 or 2850 rpm on 50 Hz' },
        [motor_rpm / highEnd(speed), motor_rpm / lowEnd(speed)],
        speed.flags,
      )
    : unknown('1', speed.missing);

/** Between the least and the most that the brief wishes; about one of them where it has one. */
function wishedSpeed({ wishes }: Build): Figure<'rpm'> {
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

/** How many stages it usually takes. */
function stagesFor(ratio: Figure<'1'>): number {
  const i = ratio.known ? Math.max(ratio.value, 1 / ratio.value) : 3;
  return i < 1.15 ? 0 : i <= 5 ? 1 : i <= 20 ? 2 : 3;
}

/** Breakaway torque over the torque at work, as the motor feels it. */
const breakawayShare = (breakaway: Figure<'N·m'>, steady: Figure<'N·m'>, isEmpty: boolean): number =>
  breakaway.known && steady.known && steady.value > 0 ? highEnd(breakaway) / steady.value : isEmpty ? 0.3 : 1.5;

/** The least standard output that keeps a fifth in reserve at the most that is needed. @param share breakaway over steady torque */
function classFor(atMotor: Figure<'W'> & { known: true }, poles: 2 | 4, share: number): MotorClass | null {
  const output = nextOutput(highEnd(atMotor) * withReserve);
  if (output === null) return null;
  const kW = output / 1000;
  const loaded = (share * atMotor.value) / output;
  const starts = (Object.keys(smallMotors) as StartType[]).filter((kind) => kind !== 'shaded-pole' && smallMotors[kind].start[0] >= loaded);
  const amps = (kind: StartType, volts: number) => output / (volts * efficiencyOf(kind, kW, poles)[1] * powerFactorOf(kind, kW, poles)[1]);
  return { output_W: output, poles, starts, draws_A: { single: amps('capacitor-run', 230), three: amps('three-phase', 400 * Math.sqrt(3)) } };
}

/** How it has to start, by the weakest kind that breaks the work away. */
function startSays(starts: readonly StartType[]): string {
  if (starts.includes('capacitor-run')) return 'any start, a run capacitor too';
  if (starts.includes('split-phase'))
    return 'starting with a start winding, a start capacitor or on three phases; a run capacitor alone is too weak at the start';
  if (starts.includes('three-phase')) return 'starting with a start capacitor or on three phases; a start winding alone is too weak at the start';
  if (starts.includes('capacitor-start')) return 'starting with a start capacitor: nothing else is strong enough at the start';
  return 'starting unloaded or by a clutch: nothing that is common breaks it away loaded';
}

/** What the wall feeds it by: a motor at its start takes some of what a breaker has to spare. */
const wallSays = (single_A: number): string =>
  single_A <= 4
    ? 'any socket of 10 A'
    : single_A <= 10
      ? 'any socket of 16 A'
      : single_A <= 16
        ? 'a circuit of its own of 16 A, or three phases'
        : 'three phases, or a circuit of its own';

function sentencesOf(
  { speed, torque, power, atMotor, ratio, motor, tooSmall_W, missing }: Omit<Need, 'says'>,
  shaft: string,
  hasStages: boolean,
): Sentence[] {
  if (!torque.known || !speed.known || !power.known || !atMotor.known) return [missingSays(shaft, missing)];
  const needs = sentence('the {shaft} needs {torque} at {speed}, {power}; with {losses} losses {atMotor} at the motor', {
    shaft,
    torque,
    speed,
    power,
    atMotor,
    losses: hasStages ? 'its' : 'usual',
  });
  if (!motor) return [needs, sentence('that is more than an induction motor of a shed has')];
  const { single, three } = motor.draws_A;
  const look = sentence(
    'look for {output}, {poles} poles, S1, {starts}; it draws about {single} of 230 V, or {three} of three phases of 400 V: {wall}',
    {
      output: { value: motor.output_W, unit: 'W' },
      poles: motor.poles === 2 ? 'two' : 'four',
      starts: startSays(motor.starts),
      single: { value: single, unit: 'A' },
      three: { value: three, unit: 'A' },
      wall: wallSays(single),
    },
  );
  const small =
    tooSmall_W === null ? [] : [sentence('{small} would leave under a fifth in reserve, or nothing', { small: { value: tooSmall_W, unit: 'W' } })];
  return [needs, look, ...small, ...(hasStages ? [] : ratioSays(ratio))];
}

function missingSays(shaft: string, missing: readonly FieldPath[]): Sentence {
  const fields = missing.filter((field) => field !== 'wishes/leastSpeed');
  const speed = fields.length < missing.length ? 'the brief does not say how fast it turns' : '';
  const enter = fields.length > 0 ? sentence('enter {fields}', { fields: { fields } }) : '';
  return sentence('what motor the {shaft} needs is not known yet: {speed}{and}{enter}', {
    shaft,
    speed,
    enter,
    and: speed && fields.length > 0 ? '; ' : '',
  });
}

/** In how many stages, and of which kinds, a ratio is usually done (common practice, no source). */
function ratioSays(ratio: Figure<'1'>): Sentence[] {
  if (!ratio.known) return [];
  const i = ratio.value;
  const how =
    i > 0.87 && i < 1.15
      ? 'a coupling'
      : i < 1
        ? 'one belt that steps up'
        : i <= 5
          ? 'one belt, or a chain behind something slower'
          : i <= 20
            ? 'two belts, a belt and a chain, or a helical gearbox'
            : 'a worm or helical gearbox, with a chain behind it where it is slow';
  return [sentence('between them {ratio} to 1: usually {how}', { ratio, how })];
}

const outputs_rpm = [30, 100, 300, 1000] as const;

/**
 * What a source alone could drive: its torque at some speeds after usual losses.
 * @param source its own shaft
 */
export function couldDrive({ torque, speed }: Pick<Rotary, 'torque' | 'speed'>, noun: string): Sentence | null {
  if (!torque.known || !speed.known) return null;
  const each = outputs_rpm.flatMap((rpm) => {
    const i = speed.value / rpm;
    if (i < 1.15) return [];
    const passes = Array.from({ length: stagesFor(known('1', i, { by: 'limit', source: perStageSource })) }, () => perStage);
    const T = passes.reduce<Figure<'N·m'>>((now, eta) => scaled(now, eta, perStageSource), scaled(torque, i, `Down to ${rpm} rpm`));
    return [sentence('{T} at {rpm}', { T, rpm: { value: rpm, unit: 'rpm' } })];
  });
  if (each.length === 0) return null;
  const template = each.map((_, k) => `{at${k}}`).join(', ');
  return sentence(`after usual losses the {noun} has ${template}`, { noun, ...Object.fromEntries(each.map((one, k) => [`at${k}`, one])) });
}
