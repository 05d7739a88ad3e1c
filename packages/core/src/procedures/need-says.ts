import type { StartType } from '../catalog/small-motors.js';
import { sizeNames } from '../catalog/standard-motors.js';
import { type FieldPath, type Figure, highEnd, type Known, lowEnd } from '../figure/figure.js';
import type { OwnFigures } from '../kinds/context.js';
import { stagesFor } from '../kinds/shared/usual-losses.js';
import { smallestWheel_mm } from '../kinds/stage/open/kind.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import type { MotorClass } from './motor-class.js';

interface Around {
  /** What the tool’s shaft is called. */
  readonly shaft: string;
  readonly hasStages: boolean;
  readonly nothingDrives: boolean;
  /** Used where there is no socket. */
  readonly isAway: boolean;
  /** What fails first in a jam with a motor two sizes larger, where its stages are chosen. */
  readonly inJam: readonly Sentence[];
}

/** What the work needs of a motor, in figures. */
export interface Needed {
  /** Speed that the tool needs, and all that would do. */
  readonly speed: Figure<'rpm'>;
  readonly any: Figure<'rpm'>;
  readonly torque: Figure<'N·m'>;
  /** At the tool, and at the shaft of whatever drives it. */
  readonly power: Figure<'W'>;
  readonly atMotor: Figure<'W'>;
  /** Turns of the motor for one of the tool. */
  readonly ratio: Figure<'1'>;
  readonly motor: MotorClass | null;
  /** Why it is chosen for another power than the mean. */
  readonly ratedBy: string;
  /** The one size smaller that would not do; null where there is none. */
  readonly tooSmall_W: number | null;
  /** What would have to be entered for a class to be named. */
  readonly missing: readonly FieldPath[];
  /** Every figure on the way, by its name in `needOutputs`. */
  readonly figures: OwnFigures;
}

/** What is needed, in words. */
export interface Said {
  readonly says: readonly Sentence[];
  /** The motor to look for as a line to copy, as it would be written in an advertisement; empty while no class is named. */
  readonly shoppingLine: readonly Sentence[];
  /** How it starts and what the wall must feed, what may be needed at worst, and what is between motor and tool. */
  readonly feeds: readonly Sentence[];
  readonly unsure: readonly Sentence[];
  readonly between: readonly Sentence[];
  /** What would become of one size less, what two sizes more would cost, and what would do instead. */
  readonly tooSmall: readonly Sentence[];
  readonly bigger: readonly Sentence[];
  readonly instead: readonly Sentence[];
}

/** What is needed, in words. */
export function needSays(need: Needed, { shaft, hasStages, nothingDrives, isAway, inJam }: Around): Said {
  const { speed, any, torque, power, atMotor, motor, ratio, missing, figures, ratedBy } = need;
  const none = { shoppingLine: [], feeds: [], unsure: [], between: [], tooSmall: [], bigger: [], instead: [] };
  if (!torque.known || !speed.known || !power.known || !atMotor.known) return { ...none, says: [missingSays(shaft, missing)] };
  const isChoice = any.known && highEnd(any) > 1.02 * lowEnd(any) && highEnd(any) > 1.02 * highEnd(speed);
  const rated = figures.get('rated-for');
  const needs = sentence('the {shaft} needs {torque} at {speed}{others}, {power}{peaks}; with {losses} losses {atMotor} at the motor{yet}', {
    ...{ shaft, torque, speed, power, atMotor },
    others: isChoice ? sentence(' (any of {any} will do)', { any }) : '',
    peaks: rated?.known
      ? sentence(' on the average; a motor is chosen for about {rated:likely}{by}', { rated, by: ratedBy ? `, ${ratedBy}` : '' })
      : '',
    losses: hasStages ? 'its' : 'usual',
    yet: nothingDrives ? '; nothing drives it yet' : '',
  });
  if (!motor) return { ...none, says: [needs, sentence('that is more than an induction motor of a shed has')] };
  const unsure = atWorst(atMotor, motor);
  const between = hasStages ? [] : ratioSays(ratio);
  return {
    says: [needs, lookFor(motor, figures), ...unsure, ...between],
    feeds: [...startsIn(figures), feeds(figures)],
    unsure,
    between,
    shoppingLine: [shopping(motor, figures)],
    tooSmall: tooSmall(figures),
    bigger: bigger(shaft, figures, inJam),
    instead: [...(hasStages ? [] : gearedMotor(need)), ...(isAway ? [withoutMains(atMotor)] : [])],
  };
}

/** As motors are sold, by either measure: `0.55 kW (3/4 hp)`. */
function sizeOf(output: Figure): string {
  if (!output.known) return '';
  const { kW, hp } = sizeNames(output.value);
  return `${kW} (${hp})`;
}

const told = (figures: OwnFigures, name: string): Figure => figures.get(name) as Figure;
const polesSaid = { 2: 'two', 4: 'four' } as const;
const dutySaid = { S1: 'S1, all day', 'S2 30 min': 'S2, half an hour at a stretch', 'S2 10 min': 'S2, ten minutes at a stretch' } as const;

function lookFor({ poles, starts, duty, reverses }: MotorClass, figures: OwnFigures): Sentence {
  return sentence('look for {output}, {poles} poles, {duty}, {starts}{both}', {
    output: sizeOf(told(figures, 'class')),
    poles: polesSaid[poles],
    duty: dutySaid[duty],
    starts: startSays(starts),
    both: reverses ? ', to be changed over at work' : '',
  });
}

/** What it has at rest against what is needed there, and in what time it runs up. */
function startsIn(figures: OwnFigures): Sentence[] {
  const [rest, breakaway, time] = ['at-rest', 'breakaway-at-motor', 'runs-up-in'].map((name) => figures.get(name));
  if (!rest?.known || !breakaway?.known) return [];
  const up = time?.known ? sentence(', and it is up to speed in {time}', { time }) : '';
  return [sentence('at rest it has {rest} where {breakaway} is needed{up}', { rest, breakaway, up })];
}

/** What it draws, and what feeds that. */
function feeds(figures: OwnFigures): Sentence {
  const [single, three, one, all] = ['draws-single', 'draws-three', 'voltage-single', 'voltage-three'].map((name) => told(figures, name)) as [
    Figure,
    Figure,
    Figure,
    Figure,
  ];
  return sentence('it draws about {single:likely} of {one}, or {three:likely} of three phases of {all}: {wall}', {
    ...{ single, three, one, all },
    wall: wallSays(single, one),
  });
}

/** What may be needed at worst, where the motor would be too small for it: what is measured narrows it. */
const atWorst = (atMotor: Known<'W'>, { output_W }: MotorClass): Sentence[] =>
  highEnd(atMotor) > output_W
    ? [sentence('at the worst of what is not measured it needs {most}: measure before you buy', { most: { value: highEnd(atMotor), unit: 'W' } })]
    : [];

/** An engine is rated at full revs, where nobody runs it for long (common practice, no source: half as much again). */
const withoutMains = (atMotor: Known<'W'>): Sentence =>
  sentence('away from a socket: an engine of at least {engine}, or a battery motor of the output above', {
    engine: { value: 1.5 * highEnd(atMotor), unit: 'W' },
  });

/** How it has to start, by the weakest kind that breaks the work away. */
function startSays(starts: readonly StartType[]): string {
  if (starts.includes('capacitor-run')) return 'any start, a run capacitor too';
  if (starts.includes('split-phase'))
    return 'starting with a start winding, a start capacitor or on three phases; a run capacitor alone is too weak at the start';
  if (starts.includes('three-phase')) return 'starting with a start capacitor or on three phases; a start winding alone is too weak at the start';
  if (starts.includes('capacitor-start')) return 'starting with a start capacitor: nothing else is strong enough at the start';
  return 'starting unloaded or by a clutch: nothing that is common breaks it away loaded';
}

/** The same in two words, for a line to copy. */
function startShort(starts: readonly StartType[]): string {
  if (starts.includes('capacitor-run')) return 'any start';
  if (starts.includes('split-phase')) return 'with a start winding or a start capacitor';
  return starts.length > 0 ? 'with a start capacitor' : 'started unloaded';
}

/** What the wall feeds it by: a motor at its start takes some of what a breaker has to spare. */
function wallSays(single: Figure, voltage: Figure): string {
  const amps = single.known ? single.value : 0;
  if (voltage.known && voltage.value < 150)
    return amps <= 12 ? 'any socket of 15 A' : amps <= 16 ? 'a circuit of its own of 20 A' : 'a circuit of 240 V, or three phases';
  if (amps <= 4) return 'any socket of 10 A';
  if (amps <= 10) return 'any socket of 16 A';
  return amps <= 16 ? 'a circuit of its own of 16 A, or three phases' : 'three phases, or a circuit of its own';
}

function shopping({ poles, starts, duty, reverses }: MotorClass, figures: OwnFigures): Sentence {
  return sentence('motor {output}, {poles} poles, about {rpm}, {volts} single phase ({starts}) or three phases, {duty}{both}', {
    volts: told(figures, 'voltage-single'),
    output: sizeOf(told(figures, 'class')),
    poles: polesSaid[poles],
    rpm: told(figures, 'motor-speed'),
    starts: startShort(starts),
    duty,
    both: reverses ? ', reversible' : '',
  });
}

/** What would become of the next size down. */
function tooSmall(figures: OwnFigures): Sentence[] {
  const [smaller, loaded, rest, breakaway] = ['smaller-class', 'smaller-loaded', 'smaller-at-rest', 'breakaway-at-motor'].map((name) =>
    figures.get(name),
  );
  if (!smaller?.known || !loaded?.known) return [];
  const [likely, most] = [loaded.value, highEnd(loaded)];
  const worst = most > 1.05 * likely ? sentence(', to {most:share} at worst', { most }) : '';
  const what =
    likely > 1 ? ': it runs hot until its cut-out trips' : most > 1 ? ': it may run hot until its cut-out trips' : ': less than a fifth in reserve';
  const isShort = rest?.known && breakaway?.known && highEnd(breakaway) > lowEnd(rest);
  const surely = isShort && lowEnd(breakaway) > highEnd(rest);
  const starts = isShort
    ? [
        sentence(
          `with a run capacitor alone it has {rest} at rest, and {breakaway} is needed: it ${surely ? 'hums and gets hot' : 'may not start, and then it hums and gets hot'}`,
          {
            rest,
            breakaway,
          },
        ),
      ]
    : [];
  return [sentence('{small} is loaded to {likely:share} of its plate{worst}{what}', { small: sizeOf(smaller), likely, worst, what }), ...starts];
}

/** What two sizes more cost, and what they do to a stuck tool. */
function bigger(shaft: string, figures: OwnFigures, inJam: readonly Sentence[]): Sentence[] {
  const [larger, draws, drew, weighs, weighed, stuck, was] = [
    'bigger-class',
    'bigger-draws',
    'draws-single',
    'bigger-weighs',
    'weighs',
    'bigger-stuck-torque',
    'stuck-torque',
  ].map((name) => figures.get(name));
  if (!larger?.known || !draws?.known || !drew?.known || !weighs?.known || !weighed?.known) return [];
  const more = { value: weighs.value - weighed.value, unit: 'kg' } as const;
  const costs = sentence(
    '{larger} “to be safe” draws about {draws:likely} instead of {drew:likely} on one phase ({wall}) and weighs about {more} more',
    {
      ...{ draws, drew, more },
      larger: sizeOf(larger),
      wall: wallSays(draws, told(figures, 'voltage-single')),
    },
  );
  if (!stuck?.known || !was?.known) return [costs];
  const weakest = inJam.length > 0 ? '' : ': the weakest part between them must withstand it';
  return [costs, sentence(`a stuck {shaft} then meets about {stuck:likely}, and not {was:likely}${weakest}`, { shaft, stuck, was }), ...inJam];
}

/** For a slow tool the gears may come with the motor. */
function gearedMotor({ ratio, torque, any }: Pick<Needed, 'ratio' | 'torque' | 'any'>): Sentence[] {
  if (!ratio.known || ratio.value < 8 || !torque.known || !any.known) return [];
  const least = { value: 1.25 * highEnd(torque), unit: 'N·m' } as const;
  return [sentence('or a geared motor that turns at {any} and is rated for {least} at its slow shaft', { any, least })];
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

/** In how many stages, and of which kinds, a ratio is usually made (common practice, no source), and how large its wheels are. */
export function ratioSays(ratio: Figure<'1'>): Sentence[] {
  if (!ratio.known) return [];
  const i = ratio.value;
  const stages = stagesFor(i);
  const driven = { value: Math.round(smallestWheel_mm * Math.max(i, 1 / i) ** (1 / Math.max(stages, 1))), unit: 'mm' } as const;
  const wheels =
    stages === 1 || stages === 2
      ? sentence('; wheels of at least {small} and {driven}', { small: { value: smallestWheel_mm, unit: 'mm' }, driven })
      : '';
  const how =
    stages === 0
      ? 'a coupling'
      : i < 1
        ? 'one belt that steps up'
        : stages === 1
          ? 'one belt, or a chain behind something slower'
          : stages === 2
            ? 'two belts, a belt and a chain, or a helical gearbox'
            : 'a worm or helical gearbox, with a chain behind it where it is slow';
  return [sentence('between them {ratio} to 1: usually {how}{wheels}', { ratio, how, wheels })];
}
