import { type Check, closeBelow, hold, type Labels, type Verdict } from '../checks/check.js';
import { type Figure, fixed, highEnd, type Known, lowEnd, picked } from '../figure/figure.js';
import { kineticEnergy } from '../formulas/dynamics/kinetic-energy.js';
import { swingTorque } from '../formulas/dynamics/swing-torque.js';
import { askedBack } from '../formulas/transmission/asked-back.js';
import { carriedTorque } from '../formulas/transmission/carried-torque.js';
import { gearedAngle } from '../formulas/transmission/geared-angle.js';
import { torqueAtTool } from '../formulas/transmission/torque-at-tool.js';
import { torqueGain } from '../formulas/transmission/torque-gain.js';
import { joined } from '../joined.js';
import type { Asked, Given, Held, Limit, Note, Passing, Rotary } from '../kinds/kind.js';
import { show, showRange } from '../quantity/show.js';
import { remembering } from '../remembering.js';

/** One rung: what gives, and at what torque as the tool feels it. */
export interface Rung {
  readonly id: string;
  readonly at: string;
  readonly short: string;
  readonly atTool: Figure<'N·m'>;
  readonly harm: Limit['harm'];
  readonly verdict: Verdict;
}

export interface Jam {
  readonly rungs: readonly Rung[];
  /** What the drive can bring at the tool, swing included. */
  readonly brings: Figure<'N·m'>;
  readonly checks: readonly Check[];
  /** What gives first and what follows, in a sentence or two. */
  readonly says: string;
}

export interface Jammed {
  readonly line: string;
  readonly tool: string;
  readonly given: Given;
  readonly passings: readonly Passing[];
  readonly held: readonly Held[];
  readonly asked: Asked;
  /** Shafts from source to tool. */
  readonly at: readonly Rotary[];
  readonly note: Note;
  readonly label: Labels;
}

/** A limit with the shaft its torque is on and how far along the line it stands: fuses, wheels and hubs in the order in which torque meets them. */
interface Placed {
  readonly limit: Limit;
  readonly shaft: number;
  readonly along: number;
  readonly fuse: boolean;
}

/**
 * What gives first when the tool is stopped. Every limit is referred to the tool; what the drive can bring to a place is the least that slips or stalls
 * on the way, with the swing of everything that spins between that and the place. A fuse protects only what lies upstream of it.
 */
export function jam(machine: Jammed): Jam {
  const { note, label } = machine;
  const all = placed(machine);
  const prepared = prepare(machine, all);
  const tool = machine.at.length - 1;
  const brings = note('jam-brings', brought(prepared, tool, Number.POSITIVE_INFINITY));
  const gains = gainsOf(machine.passings);
  const forward = ({ limit, shaft }: Placed) =>
    note(nameOf(limit.id), shaft === tool ? limit.torque : torqueAtTool({ T: limit.torque, G: gains[shaft] as Figure<'1'> }));
  const checks: Check[] = [];
  const rungs = all.map((each): Rung => {
    const { limit } = each;
    const atTool = forward(each);
    const { id, at, short, harm } = limit;
    // The steady limit has its own check, against the duty: a jam may pass it for a moment.
    if (each.fuse || limit.harm === 'wearing') return { id, at, short, atTool, harm, verdict: 'holds' };
    const check = hold({
      id: `${limit.at}/check-${limit.id.slice(limit.id.lastIndexOf('/') + 1)}`,
      at: limit.at,
      subject: `Whether ${limit.says} in a jam`,
      has: limit.torque,
      needs: brought(prepared, each.shaft, each.along),
      says: ({ has, needs, verdict, margin }) => {
        const may = verdict === 'gives' ? (margin.best < 0 ? '' : ' may') : '';
        const holds =
          verdict === 'gives'
            ? `In a jam ${limit.says.replace(/ (\S+)( go)?$/, (_, verb: string, go = '') => `${may} ${may ? infinitive(verb) : verb}${go}`)}`
            : `${capital(limit.short)} holds in a jam`;
        return `${holds}: it stands ${has}, the jam can bring ${needs} there`;
      },
      source: limit.source,
      label,
    });
    checks.push(check);
    return { id, at, short, atTool, harm, verdict: check.verdict };
  });
  const ranked = rungs.map((rung, k) => ({ rung, fuse: all[k]?.fuse, torque: rung.atTool.known ? rung.atTool.value : Number.POSITIVE_INFINITY }));
  ranked.sort((a, b) => a.torque - b.torque);
  const first = ranked.filter(({ fuse }) => fuse).map(({ rung }) => rung);
  return { rungs: ranked.map(({ rung }) => rung), brings, checks, says: `${sentence(machine, first, brings)} ${weakSpot(checks)}`.trim() };
}

/** What a limit is called under its line: its path without the line. Put together once, not at every key. */
const nameOf = remembering(1_000, (id: string) => id.slice(id.indexOf('/') + 1).replaceAll('/', '-'));

/** As it stands after “may”: breaks, crushes, lets. */
const infinitive = (verb: string) => verb.replace(/(?<=sh|ch|x)es$|s$/, '');
const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

function placed({ given, held, asked }: Jammed): Placed[] {
  const all: Placed[] = [{ limit: given.stall, shaft: 0, along: -0.1, fuse: true }];
  const put = (limit: Limit | null | undefined, shaft: number, along: number, fuse = false) => {
    if (limit) all.push({ limit, shaft, along, fuse });
  };
  for (const [k, { slips, steady, breaks, hubs }] of held.entries()) {
    put(steady, k, k + 0.4);
    put(hubs.in, k, k + 0.2);
    put(breaks, k, k + 0.45);
    put(slips, k, k + 0.5, true);
    put(hubs.out, k + 1, k + 0.8);
  }
  put(asked.slips, held.length, held.length + 0.9, true);
  return all;
}

/** The wheels in the order of the line; beside each the sums over all before it, with one more at the end. */
interface Wheels {
  readonly along: readonly number[];
  readonly energy: readonly Figure<'J'>[];
  readonly low: readonly number[];
  readonly high: readonly number[];
  /** How many of which the energy is not known. */
  readonly unknown: readonly number[];
}

/** A fuse and its torque on each shaft: its ends as plain numbers, NaN where not known, to tell which fuses matter; as a figure for those that do. */
interface Fuse {
  readonly fuse: Placed;
  /** Of the wheels, the first behind the fuse. */
  readonly first: number;
  readonly low: readonly number[];
  readonly high: readonly number[];
  readonly onShaft: (shaft: number) => Figure<'N·m'>;
}

/** What a jam hangs on, worked out once: each fuse's torque on each shaft, the energy of each wheel, the angle in which each shaft is stopped. */
interface Prepared {
  readonly fuses: readonly Fuse[];
  readonly wheels: Wheels;
  readonly angles: readonly Figure<'rad'>[];
}

function prepare(machine: Jammed, all: readonly Placed[]): Prepared {
  const { passings, given, at, asked } = machine;
  const wheels = [
    { J: given.inertia, shaft: 0, along: 0 },
    ...joined(passings, ({ inertia }, k) => [
      { J: inertia.in, shaft: k, along: k + 0.3 },
      { J: inertia.out, shaft: k + 1, along: k + 0.7 },
    ]),
  ];
  const along = wheels.map((wheel) => wheel.along);
  const energy = wheels.map(({ J, shaft }) => kineticEnergy({ J, n: (at[shaft] as Rotary).speed }));
  const angles: Figure<'rad'>[] = [asked.stops];
  for (const { ratio } of [...passings].reverse()) angles.unshift(gearedAngle({ phi: angles[0] as Figure<'rad'>, i: ratio }));
  const firstBehind = (place: number) => {
    const first = along.findIndex((each) => each > place);
    return first < 0 ? along.length : first;
  };
  return {
    fuses: all.filter((each) => each.fuse).map((fuse) => followed(fuse, firstBehind(fuse.along), passings)),
    wheels: {
      along,
      energy,
      low: sums(energy, (each) => (each.known ? lowEnd(each) : 0)),
      high: sums(energy, (each) => (each.known ? highEnd(each) : 0)),
      unknown: sums(energy, (each) => (each.known ? 0 : 1)),
    },
    angles,
  };
}

function sums<T>(of: readonly T[], value: (each: T) => number): number[] {
  const sofar = [0];
  for (const [k, each] of of.entries()) sofar.push((sofar[k] as number) + value(each));
  return sofar;
}

/** A fuse's torque as each shaft feels it: forward with power flowing to the tool, backward since nothing more can pass the earlier one. */
function followed(fuse: Placed, first: number, passings: readonly Passing[]): Fuse {
  const { torque } = fuse.limit;
  const on: (Figure<'N·m'> | null)[] = [];
  for (let k = 0; k <= passings.length; k++) on.push(k === fuse.shaft ? torque : null);
  const onShaft = (shaft: number): Figure<'N·m'> => {
    const found = on[shaft];
    if (found) return found;
    const forward = shaft > fuse.shaft;
    const next = onShaft(forward ? shaft - 1 : shaft + 1);
    const { ratio, kept } = passings[forward ? shaft - 1 : shaft] as Passing;
    const there = forward ? carriedTorque({ T1: next, i: ratio, k: kept }) : askedBack({ T_2: next, i: ratio, k: kept });
    on[shaft] = there;
    return there;
  };
  const low = [torque.known ? lowEnd(torque) : Number.NaN];
  const high = [torque.known ? highEnd(torque) : Number.NaN];
  for (const { ratio, kept } of passings.slice(fuse.shaft)) {
    const sure = ratio.known && kept.known;
    low.push(sure ? carriedTorque.compute({ T1: low.at(-1) as number, i: lowEnd(ratio), k: lowEnd(kept) }) : Number.NaN);
    high.push(sure ? carriedTorque.compute({ T1: high.at(-1) as number, i: highEnd(ratio), k: highEnd(kept) }) : Number.NaN);
  }
  for (let k = fuse.shaft - 1; k >= 0; k--) {
    const { ratio, kept } = passings[k] as Passing;
    const sure = ratio.known && kept.known;
    low.unshift(sure ? askedBack.compute({ T_2: low[0] as number, i: highEnd(ratio), k: highEnd(kept) }) : Number.NaN);
    high.unshift(sure ? askedBack.compute({ T_2: high[0] as number, i: lowEnd(ratio), k: lowEnd(kept) }) : Number.NaN);
  }
  return { fuse, first, low, high, onShaft };
}

const atTheTool = fixed('1', 1, 'Definition: at the tool itself');

/** What a torque on each shaft has become at the tool. */
function gainsOf(passings: readonly Passing[]): readonly Figure<'1'>[] {
  let G_2: Figure<'1'> = atTheTool;
  const backward: Figure<'1'>[] = [atTheTool];
  for (let k = passings.length - 1; k >= 0; k--) {
    const { ratio, kept } = passings[k] as Passing;
    G_2 = torqueGain({ i: ratio, k: kept, G_2 });
    backward.push(G_2);
  }
  return backward.reverse();
}

/** What a jam can bring to a place: the least of what comes from upstream with its swing, and of what slips downstream before more can pass. */
function brought({ fuses, wheels, angles }: Prepared, shaft: number, along: number): Figure<'N·m'> {
  const phi = angles[shaft] as Figure<'rad'>;
  let end = 0;
  while (end < wheels.along.length && (wheels.along[end] as number) < along) end++;
  const least: number[] = [];
  let ceiling = Number.POSITIVE_INFINITY;
  let sure = true;
  for (const { fuse, first, low, high } of fuses) {
    const swings = fuse.along < along && first < end;
    if (!((low[shaft] as number) >= 0) || (swings && (!phi.known || wheels.unknown[end] !== wheels.unknown[first]))) {
      sure = false;
      break;
    }
    // Nought over an angle is nought where nothing swings.
    const part = (sums: readonly number[], over: number) => (swings ? ((sums[end] as number) - (sums[first] as number)) / over : 0);
    least.push((low[shaft] as number) + part(wheels.low, phi.known ? highEnd(phi) : 1));
    ceiling = Math.min(ceiling, (high[shaft] as number) + part(wheels.high, phi.known ? lowEnd(phi) : 1));
  }
  const among: Figure<'N·m'>[] = [];
  for (const [k, { fuse, first, onShaft }] of fuses.entries()) {
    // What cannot be the least at any end is left out, by plain numbers; with something unknown nothing is.
    if (sure && (least[k] as number) > ceiling) continue;
    const torque = onShaft(shaft);
    const energies = fuse.along < along ? wheels.energy.slice(first, end) : [];
    if (energies.length === 0) among.push(torque);
    else among.push(swingTorque({ T_0: torque, E: energies.length === 1 ? (energies[0] as Figure<'J'>) : picked('sum', 'J', energies), phi }));
  }
  return picked('least', 'N·m', among);
}

/** Of what holds, what holds least: where it is close and the sentence over the whole does not name it. */
function weakSpot(checks: readonly Check[]): string {
  const least = (a: Check | undefined, b: Check) => (b.margin && b.margin.worst < (a?.margin?.worst ?? Number.POSITIVE_INFINITY) ? b : a);
  const worst = checks.reduce(least, undefined as Check | undefined);
  return worst?.verdict === 'close' && (worst.margin?.worst ?? 1) < closeBelow
    ? `Weak spot: ${worst.says.charAt(0).toLowerCase()}${worst.says.slice(1)}`
    : '';
}

/** What gives first is only said where no guess could turn it round. */
function sentence({ tool, given, asked, note, held, label }: Jammed, fuses: readonly Rung[], brings: Figure<'N·m'>): string {
  const known = fuses.filter((rung): rung is Rung & { atTool: Known<'N·m'> } => rung.atTool.known);
  const [first, second] = known;
  if (!first || known.length < fuses.length) return '';
  const named = (rung: (typeof known)[number]) => fuseOf(rung.id, given, held, asked)?.says ?? rung.id;
  const sure = !second || highEnd(first.atTool) < lowEnd(second.atTool);
  const near = (rung: (typeof known)[number]) => `${named(rung)} at ${showRange(lowEnd(rung.atTool), highEnd(rung.atTool), 'N·m', label.units)}`;
  const begins = sure
    ? `In a jam ${named(first)} near ${show(first.atTool.value, 'N·m', label.units)} at the ${tool}`
    : `In a jam it cannot be told which comes first: ${near(first)}, or ${near(second as (typeof known)[number])}`;
  const swing = brings.known
    ? brings.value > 1.1 * first.atTool.value
      ? `; the swing of what spins makes it ${show(brings.value, 'N·m', label.units)}`
      : ''
    : asked.stops.known
      ? ''
      : '; how much the swing of the wheels adds hangs on what may jam it';
  return `${begins}${swing}. ${clock(fuseOf(first.id, given, held, asked), given, note, label)}`.trim();
}

/** The fuse of an id: at the source, along the line, or the work's own. */
const fuseOf = (id: string, given: Given, held: readonly Held[], asked: Asked): Limit | null | undefined =>
  [given.stall, ...held.map((each) => each.slips), asked.slips].find((limit) => limit?.id === id);

/** How long it may go on, and whether anything stops it. */
function clock(limit: Limit | null | undefined, given: Given, note: Note, { units }: Labels): string {
  const lasts = limit?.stands?.lasts;
  if (!limit?.stands || !lasts?.known) return '';
  note('may-last', lasts);
  const span = showRange(lowEnd(lasts), highEnd(lasts), 's', units);
  // What slips lets the source run on below what would trip it.
  const goesOn = limit === given.stall ? given.stopped : `the ${given.called} runs on meanwhile, and nothing need switch it off`;
  return `${limit.stands.says} ${span}${goesOn ? `; ${goesOn}` : ''}.`;
}
