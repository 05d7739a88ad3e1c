import { type Check, noWorseThanClose } from '../checks/check.js';
import { type Figure, fixed, flag, highEnd, type Known, known, lowEnd, picked, scaled, unknown, unseenUnder } from '../figure/figure.js';
import { defineProcedure, type Procedure } from '../figure/formula.js';
import { brakingPower } from '../formulas/dynamics/braking-power.js';
import { kineticEnergy } from '../formulas/dynamics/kinetic-energy.js';
import { runDown } from '../formulas/dynamics/run-down.js';
import { brakingResistance } from '../formulas/motor/braking-resistance.js';
import type { Curve, End, Ends, SourceOutput, StageReady, WorkDemand } from '../kinds/kind.js';
import type { Context } from '../kinds/outputs.js';
import { type Port, unitAt } from '../kinds/ports.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { chainOf, loadThrough } from './chain.js';
import { hangsSays, sourceOutputs } from './line-outputs.js';
import { settlesLoaded, startUp } from './start-up.js';

export const settlingSpeed = defineProcedure({
  id: 'settling-speed',
  says: 'The first speed from rest at which the source’s torque has fallen to what the work needs of it, found between them as near as may be',
  source: 'Balance of torques',
});

export const runUpTime = defineProcedure({
  id: 'run-up-time',
  says: 'J · dω over the surplus of torque, summed from rest to 98 % of where it settles',
  source: 'Newton’s second law',
});

export const runUpHeat = defineProcedure({
  id: 'run-up-heat',
  says: 'The run-up, each moment counted by the heat there over that at rest: of a winding by the square of its current as its slip falls, of a clutch until it locks',
  source: 'Textbooks on electric machines (equivalent circuit: the current goes with 1/√((s_b/s)² + 1))',
});

type Load = (n_rpm: number) => number;

/** Torque of the source over its speed at its ends, and what the work likely needs there: as they were held against each other. */
export interface RunningUp {
  readonly curves: Ends<Curve>;
  /** Likely load at the source's shaft, N·m. */
  readonly load: (n_rpm: number) => number;
  readonly settles: Figure<'rpm'>;
}

interface Machine {
  readonly output: SourceOutput;
  readonly at: readonly Port<'rotary'>[];
  readonly transfers: readonly StageReady[];
  readonly demand: WorkDemand;
  /** What it needs steadily, as the source feels it. */
  readonly steady: Figure<'N·m'>;
  /** Speed at the tool at which `demand` holds. */
  readonly toolSpeed: Figure<'rpm'>;
  /** Of the source. */
  readonly context: Context<typeof sourceOutputs>;
}

interface Started {
  readonly checks: readonly Check[];
  readonly runningUp: RunningUp | null;
  /** The speed of the source at work, not known where it likely never gets there; null where there is nothing to tell it by. */
  readonly settles: Figure<'rpm'> | null;
  readonly cautions: readonly Sentence[];
}

/** Does it start, how long does it take, where does it settle; and how long it runs down. */
export function starts(machine: Machine): Started {
  const { output, transfers, demand, context } = machine;
  const { note } = context;
  const breakaway = note(
    'breakaway-at-motor',
    transfers.reduceRight((T, { across }) => across.effortBefore(T), demand.breakaway),
  );
  const checks: Check[] = [startsUnder(output, breakaway, context)];
  if (output.byHand) return { checks, runningUp: null, settles: null, cautions: [] };
  const J = note('inertia-at-motor', movedAtSource(machine));
  const ranDown = runsDown(machine, J);
  checks.push(...ranDown.checks);
  const cautions = [...ranDown.cautions, ...brakes(machine, J)];
  const ends = endsOf(machine);
  const { curves } = output;
  if (!curves || !ends || !J.known) return { checks, runningUp: null, settles: null, cautions };
  const inertias = [highEnd(J), J.value, lowEnd(J)];
  const runs = curves.map((curve, k) => startUp(curve, ends[k]?.starting as Load, inertias[k] as number)) as unknown as readonly [Run, Run, Run];
  const from = { T: output.starting, T_0: breakaway, J };
  const settles = solved(
    'rpm',
    settlingSpeed,
    from,
    runs.map((run, k) => (demand.startsEmpty ? settlesLoaded(curves[k] as Curve, ends[k]?.atWork as Load) : run.settles_rpm)),
  );
  note('settles-at', settles);
  const notEverywhere = unknown('s', [], 'it does not run up at every end of what is not sure');
  const over = (procedure: Procedure, each: readonly (number | null)[]) =>
    each.every((one) => one !== null) ? solved('s', procedure, from, each as number[]) : notEverywhere;
  const time = note(
    'runs-up-in',
    over(
      runUpTime,
      runs.map((run) => run.seconds),
    ),
  );
  const heated = note(
    'heated-for',
    over(
      runUpHeat,
      runs.map((run) => run.heated),
    ),
  );
  checks.push(runsUp(machine, time, heated, runs, from));
  return { checks, runningUp: { curves, load: ends[1].starting, settles }, settles: stays(settles, runs[1]), cautions };
}

/** Where it likely stays, unless that is no running at all. */
function stays(settles: Known<'rpm'>, { runs, settles_rpm }: Run): Figure<'rpm'> {
  if (runs && settles.value > 0) return settles;
  if (runs) return unknown('rpm', [], 'it stalls once it is loaded');
  return unknown('rpm', [], settles_rpm === 0 ? hangsSays.neverFromRest : sentence(hangsSays.hangs, { speed: { value: settles_rpm, unit: 'rpm' } }));
}

const dragSource =
  'Common practice, no source: bearings, belts and brushes drag with 2 to 10 % of the rated torque, the air of the motor’s own fan with 0.5 to 3 %';
const drag = fixed('1', 0.05, dragSource, [0.02, 0.1], flag.estimated);
const ownFan = fixed('1', 0.01, dragSource, [0.005, 0.03], flag.estimated);
/** Seconds from which it is told: nobody waits so long by himself. */
const longRunDown_s = 5;

/** How long it turns on, empty, when it is switched off at its highest speed; a fan or a pump is slowed by what it moves. */
function runsDown({ output, demand, steady, context }: Machine, J: Figure<'kg·m²'>): { readonly checks: Check[]; readonly cautions: Sentence[] } {
  if (demand.stopsItself) return { checks: [], cautions: [] };
  const air = scaled(output.effort, ownFan, dragSource);
  const T_w = demand.growth === 2 ? picked('sum', 'N·m', [air, steady]) : air;
  const share = scaled(output.effort, drag, dragSource);
  const T_c = output.drags ? picked('sum', 'N·m', [share, output.drags]) : share;
  const time = context.note('runs-down-in', runDown({ J, n: output.top, T_c, T_w }));
  const { stopsWithin } = demand;
  const isBraked = output.braked?.time.known === true;
  const checks = stopsWithin && !isBraked ? [noWorseThanClose(context.check('stops-in-time', { has: stopsWithin, needs: time }))] : [];
  if (!time.known || time.value < longRunDown_s) return { checks, cautions: [] };
  const caution = sentence('switched off and with nothing in it, it may turn on for {time}: wait until it is still before reaching in', { time });
  return { checks, cautions: [caution] };
}

/** What a drive that stops all of it from its highest speed puts into its resistor: losses help, and are not counted. */
function brakes({ output: { braked, top }, context: { note } }: Machine, J: Figure<'kg·m²'>): Sentence[] {
  if (!braked?.time.known) return [];
  const energy = note('braking-energy', kineticEnergy({ J, n: top }));
  const peak = note('braking-peak', brakingPower({ E: energy, t: braked.time }));
  const resistor = note('braking-resistor', brakingResistance({ V: braked.link, P: peak }));
  if (!energy.known || !resistor.known) return [];
  const tells = { time: braked.time, energy, peak, resistor };
  return [
    sentence('stopped in {time} it puts {energy} into its braking resistor, {peak} at first: no more than {resistor}, or the drive trips', tells),
  ];
}

/** Its torque at rest against what breaks the work away; of what has none, whether it is started unloaded. */
function startsUnder({ starting, unloaded }: SourceOutput, breakaway: Figure<'N·m'>, { check, state }: Machine['context']): Check {
  if (unloaded === undefined) return check('starts', { has: starting, needs: breakaway });
  if (typeof unloaded === 'boolean') return state('unloaded', { verdict: unloaded ? 'holds' : 'fails' });
  return state('unloaded', { verdict: 'unknown', missing: unloaded });
}

function solved<U extends 'rpm' | 's'>(
  unit: U,
  { id }: Procedure,
  from: Record<string, Figure>,
  [a = 0, likely = 0, b = 0]: readonly number[],
): Known<U> {
  const flags = Object.values(from).reduce((marks, figure) => marks | (figure.known ? figure.flags : 0), 0);
  return known(unit, likely, { by: 'solved', id, from }, [Math.min(a, likely, b), Math.max(a, likely, b)], flags);
}

/** Inertia of everything that moves, as the source feels it. */
function movedAtSource({ output, at, transfers, demand }: Machine): Figure<'kg·m²'> {
  const sum = (k: number, moved: readonly Figure<'kg·m²'>[]) => picked('sum', unitAt((at[k] as Port<'rotary'>).is, 'moved'), moved);
  const behind = transfers.reduceRight<Figure<'kg·m²'>>(
    (J, { across, moved }, k) => sum(k, [moved.in, across.movedBefore(sum(k + 1, [moved.out, J]))]),
    demand.moved,
  );
  return sum(0, [output.moved, behind]);
}

/** A pump or a fan with its valve shut takes a third to two thirds of what it takes with it open, at the same speed (common practice, no source). */
const shutShare = [0.3, 0.5, 0.7] as const;

/**
 * The load at the source over its speed, as plain numbers: breaking away at rest, eased to the steady torque within a twentieth of full speed; of what is loaded
 * later what it needs empty, throughout. And what it needs at work.
 */
function endsOf({ output, transfers, demand, toolSpeed }: Machine) {
  const { steady, breakaway, growth } = demand;
  if (!steady.known || !breakaway.known || !toolSpeed.known || !output.top.known) return null;
  const eased = 0.05 * output.top.value;
  const load = (end: End, T: number, T_0: number, shut: number): { readonly starting: Load; readonly atWork: Load } | null => {
    const chain = chainOf(transfers, end);
    if (!chain) return null;
    const atWork = loadThrough(chain, { torque: T, at: toolSpeed.value, growth });
    const empty = loadThrough(chain, { torque: T_0, at: toolSpeed.value, growth: 0 });
    if (demand.startsEmpty && growth === 0) return { starting: empty, atWork };
    const full: Load = demand.startsEmpty ? (n) => shut * atWork(n) : atWork;
    return { starting: (n) => (n >= eased ? full(n) : full(n) + ((empty(n) - full(n)) * (eased - n)) / eased), atWork };
  };
  const ends = [
    load('heaviest', highEnd(steady), highEnd(breakaway), shutShare[2]),
    load('likely', steady.value, breakaway.value, shutShare[1]),
    load('lightest', lowEnd(steady), lowEnd(breakaway), shutShare[0]),
  ] as const;
  return ends.every((end) => end !== null) ? (ends as Ends<NonNullable<(typeof ends)[number]>>) : null;
}

type Run = ReturnType<typeof startUp>;

/** In what time it runs up; where it does not at every end of what is not sure, the rule of every verdict, by which of its ends it does. */
function runsUp(
  { output: { heating }, context }: Machine,
  time: Figure<'s'>,
  heated: Figure<'s'>,
  runs: readonly [Run, Run, Run],
  from: Readonly<Record<string, Figure>>,
): Check {
  const has = heating?.lasts ?? unknown('s', []);
  const source = [sourceOutputs.checks['runs-up'].source, heating?.source].filter(Boolean).join('; ');
  const withstands = heating ? sentence(`; ${heating.template}`, { lasts: heating.lasts, heated }) : '';
  const check = context.check('runs-up', { has, needs: heated, source, tells: { time, heating: withstands } });
  if (time.known) return check;
  const [worst, likely, best] = runs;
  const fields = [...new Set(Object.values(from).flatMap((figure) => [...unseenUnder(figure)]))];
  const judged = best.seconds === null ? 'fails' : fields.length > 0 ? 'unknown' : likely.seconds === null ? 'fails' : 'close';
  const [never, at] = best.seconds === null ? [hangsSays.neverFromRest, hangsSays.hangs] : [hangsSays.atRest, hangsSays.at];
  const hangs = worst.settles_rpm === 0 ? never : at;
  const figures = {
    subject: sourceOutputs.checks['runs-up'].subject,
    speed: { value: worst.settles_rpm, unit: 'rpm' },
    missing: { fields },
  } as const;
  if (judged === 'unknown') return { ...check, unseen: fields, says: { template: hangsSays.unknown, figures, verdict: judged } };
  return { ...check, verdict: judged, says: { template: hangs, figures, verdict: judged } };
}
