import { type Check, hold, type Labels } from '../checks/check.js';
import { type Figure, highEnd, type Known, known, lowEnd, picked, unknown } from '../figure/figure.js';
import { defineProcedure, type Procedure } from '../figure/formula.js';
import { reflectedInertia } from '../formulas/dynamics/reflected-inertia.js';
import { askedBack } from '../formulas/transmission/asked-back.js';
import type { Asked, Curve, Given, Note, Passing } from '../kinds/kind.js';
import { show, showRange } from '../quantity/show.js';
import { startUp } from './start-up.js';

export const settlingSpeed = defineProcedure({
  id: 'settling-speed',
  says: 'The first speed from rest at which the motor’s torque has fallen to what the work asks of it, found between them as near as may be',
  source: 'Balance of torques',
});

export const runUpTime = defineProcedure({
  id: 'run-up-time',
  says: 'J · dω over the surplus of torque, summed from rest to 98 % of where it settles',
  source: 'Newton’s second law',
});

/** Torque over the motor's speed, for a chart: what the motor gives at its ends, and what the work asks of it. */
export interface RunUp {
  readonly curves: readonly [Curve, Curve, Curve];
  /** Likely load at the motor's shaft, N·m. */
  readonly load: (n_rpm: number) => number;
  readonly settles: Figure<'rpm'>;
}

interface Machine {
  readonly path: string;
  readonly given: Given;
  readonly passings: readonly Passing[];
  readonly asked: Asked;
  /** What it asks steadily, as the motor feels it. */
  readonly steady: Figure<'N·m'>;
  /** Speed at the tool at which `asked` holds. */
  readonly toolSpeed: Figure<'rpm'>;
  readonly note: Note;
  readonly label: Labels;
}

const source = 'Surplus of the motor’s torque over the load at every speed from rest (closed form); Kloss’s curve, start by kind of motor';

/** Does it start, how long does it take, where does it settle. */
export function starts(machine: Machine): { readonly checks: readonly Check[]; readonly runUp: RunUp | null } {
  const { given, passings, asked, note, path, label } = machine;
  const breakaway = note(
    'breakaway-at-motor',
    passings.reduceRight((T, { ratio, kept }) => askedBack({ T_2: T, i: ratio, k: kept }), asked.breakaway),
  );
  const checks: Check[] = [
    hold({
      id: `${path}/check-starts`,
      at: path,
      subject: 'Whether it starts',
      has: given.rest,
      needs: breakaway,
      says: ({ verdict, has, needs }) => {
        const there = `${rangeOf(given.rest, has, label)} at rest, ${needs} to break away`;
        if (verdict === 'gives') return `It may not start: ${there}`;
        return `It starts: ${there}`;
      },
      source,
      label,
    }),
  ];
  if (given.byHand) return { checks, runUp: null };
  const J = note('inertia-at-motor', inertiaAtMotor(given, passings, asked));
  const ends = endsOf(machine, breakaway);
  if (!given.curves || !ends || !J.known) return { checks, runUp: null };
  const runs = [
    startUp(given.curves[0], ends.high, highEnd(J)),
    startUp(given.curves[1], ends.likely, J.value),
    startUp(given.curves[2], ends.low, lowEnd(J)),
  ] as const;
  const from = { T: given.rest, T_0: breakaway, J };
  const settles = note(
    'settles-at',
    solved(
      'rpm',
      settlingSpeed,
      from,
      runs.map((run) => run.settles_rpm),
    ),
  );
  const seconds = runs.map((run) => run.seconds);
  const time = note(
    'runs-up-in',
    seconds.every((each) => each !== null)
      ? solved('s', runUpTime, from, seconds as number[])
      : unknown('s', [], 'it does not run up at every end of what is not sure'),
  );
  checks.push(runsUp(machine, time, runs[0].settles_rpm));
  return { checks, runUp: { curves: given.curves, load: ends.likely, settles } };
}

const rangeOf = (figure: Figure, otherwise: string, { units }: Labels) =>
  figure.known ? showRange(lowEnd(figure), highEnd(figure), figure.unit, units) : otherwise;

function solved<U extends 'rpm' | 's'>(
  unit: U,
  { id }: Procedure,
  from: Record<string, Figure>,
  [a = 0, likely = 0, b = 0]: readonly number[],
): Known<U> {
  const flags = Object.values(from).reduce((marks, figure) => marks | (figure.known ? figure.flags : 0), 0);
  return known(unit, likely, { by: 'solved', id, from }, [Math.min(a, likely, b), Math.max(a, likely, b)], flags);
}

/** Everything that spins, as the motor feels it. */
function inertiaAtMotor(given: Given, passings: readonly Passing[], asked: Asked): Figure<'kg·m²'> {
  const behind = passings.reduceRight<Figure<'kg·m²'>>(
    (J, { ratio, inertia }) => picked('sum', 'kg·m²', [inertia.in, reflectedInertia({ J: picked('sum', 'kg·m²', [inertia.out, J]), i: ratio })]),
    asked.inertia,
  );
  return picked('sum', 'kg·m²', [given.inertia, behind]);
}

/** The load at the motor over its speed, as plain numbers: breaking away at rest, eased to the steady torque within a twentieth of full speed. */
function endsOf({ given, passings, asked, steady, toolSpeed }: Machine, breakaway: Figure<'N·m'>) {
  const ratio = passings.reduce((i, each) => (each.ratio.known ? i * each.ratio.value : Number.NaN), 1);
  if (!steady.known || !breakaway.known || !toolSpeed.known || !given.top.known || !Number.isFinite(ratio)) return null;
  const rated = toolSpeed.value * ratio;
  const eased = 0.05 * given.top.value;
  const load = (T: number, T_0: number) => (n: number) => {
    const there = asked.growth === 0 ? T : T * (n / rated) ** asked.growth;
    return n >= eased ? there : there + ((T_0 - there) * (eased - n)) / eased;
  };
  return {
    low: load(lowEnd(steady), lowEnd(breakaway)),
    likely: load(steady.value, breakaway.value),
    high: load(highEnd(steady), highEnd(breakaway)),
  };
}

function runsUp({ given, path, label }: Machine, time: Figure<'s'>, worst_rpm: number): Check {
  const { heats } = given;
  const check = hold({
    id: `${path}/check-runs-up`,
    at: path,
    subject: 'Whether it runs up in time',
    has: heats?.lasts ?? unknown('s', []),
    needs: time,
    says: ({ needs, has }) => [`It is up to speed in ${rangeOf(time, needs, label)}`, heats?.says(has)].filter(Boolean).join('; '),
    source: [source, heats?.source].filter(Boolean).join('; '),
    label,
  });
  if (time.known) return check;
  const hangs = worst_rpm === 0 ? 'it may never leave rest' : `it may hang at ${show(worst_rpm, 'rpm', label.units)} and cook`;
  const { id, at, has, needs, margin, source: by } = check;
  return { id, at, has, needs, margin, source: by, verdict: 'gives', says: `It may not run up: at the worst of what is not sure ${hangs}.` };
}
