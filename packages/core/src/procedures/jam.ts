import { type Check, hold, noWorseThanClose } from '../checks/check.js';
import type { Verdict } from '../checks/verdict.js';
import { type Figure, fixed, highEnd, lowEnd, type PickRule, picked, unknown } from '../figure/figure.js';
import { jamTorque } from '../formulas/dynamics/jam-torque.js';
import { neededBefore } from '../formulas/transmission/needed-before.js';
import { torqueAtTool } from '../formulas/transmission/torque-at-tool.js';
import { joined } from '../joined.js';
import { contextAt } from '../kinds/context.js';
import type { ShaftState, StageReady, WorkDemand } from '../kinds/kind.js';
import type { Harm, Limit } from '../kinds/outputs.js';
import { energyAt, type Port } from '../kinds/ports.js';
import { remembering } from '../remembering.js';
import type { Sentence } from '../wording/sentence.js';
import { neverJams, weakestPart, whatFailsFirst } from './jam-says.js';
import type { Jammed, Placed, Ranked } from './jammed.js';
import { jamCheck, jamOutputs, shaftInJam, startCheck } from './line-outputs.js';
import { peakAtTool, waysToTheTool } from './wind-up.js';

/** One rung: what fails, and at what torque as the tool feels it. */
export interface Rung {
  readonly id: string;
  readonly at: string;
  readonly short: string;
  readonly atTool: Figure<'N·m'>;
  /** Where it acts on another shaft than the tool’s: its torque there, and what that shaft is called. */
  readonly own?: { readonly torque: Figure<'N·m'>; readonly shaft: string };
  readonly harm: Harm;
  readonly verdict: Verdict;
  /** Its place along the line, and whether it protects what lies before it. */
  readonly along: number;
  readonly fuse: boolean;
}

export interface Jam {
  readonly rungs: readonly Rung[];
  /** Torque of a jam at the tool, with that of everything that is stopped. */
  readonly torque: Figure<'N·m'>;
  readonly checks: readonly Check[];
  /** What fails first and what follows, in a sentence or two. */
  readonly says: readonly Sentence[];
}

/**
 * What fails first when the tool is stopped. Every limit is referred to the tool; the load at a place is the least that slips or stalls
 * on the way, with the inertia of everything that spins between that and the place. A fuse protects only what lies upstream of it.
 */
export function jam(machine: Jammed): Jam {
  const { path, figures, demand } = machine;
  const { note } = contextAt(path, jamOutputs, figures);
  const all = placed(machine);
  const gains = gainsOf(machine.transfers);
  const tool = machine.at.length - 1;
  const prepared = demand.jams === 'never' ? null : prepare(machine, all);
  const torque = prepared ? note('jam-torque', loadAt(prepared, tool, Number.POSITIVE_INFINITY)) : unknown('N·m', [], 'nothing can jam it');
  const ranked = all.map((each): Ranked => {
    const { limit, shaft } = each;
    const atTool = shaft === tool ? limit.torque : torqueAtTool({ T: limit.torque, G: gains[shaft] as Figure<'1'> });
    figures.set(limitName(limit.id), atTool);
    // The steady limit has its own check, against the duty: a jam may pass it for a moment.
    const isHeld = prepared && !each.fuse && limit.harm !== 'wearing';
    const load = () =>
      each.isShaft ? lessWhatGivesFirst(each, prepared as Prepared, all, machine.transfers) : loadAt(prepared as Prepared, shaft, each.along);
    const held = () => (isHeld ? inJam(each, load(), demand.jams) : !prepared && each.isShaft ? atStart(each, all, machine) : null);
    const check = each.isShaft ? heldBefore(limit, machine.areAsBefore, held) : held();
    return { ...each, atTool, check };
  });
  const checks = ranked.flatMap(({ check }) => check ?? []);
  ranked.sort((a, b) => likelyAt(a) - likelyAt(b));
  const shaftNames = machine.shafts;
  const rungs = ranked.map(({ limit: { id, at, words, harm, torque: own }, shaft, along, fuse, atTool, check }): Rung => {
    const verdict = check?.verdict ?? 'holds';
    const rung = { id, at, short: words.short, atTool, harm, verdict, along, fuse };
    return shaft === tool ? rung : { ...rung, own: { torque: own, shaft: shaftNames[shaft] ?? '' } };
  });
  return { rungs, torque, checks, says: prepared ? [...whatFailsFirst(machine, ranked, torque), ...weakestPart(checks)] : [neverJams(machine)] };
}

/** How a shaft was last held against a jam, by its limit: the same object while the shaft is told as before. */
const lastHeld = new WeakMap<Limit, Check | null>();

function heldBefore(limit: Limit, asBefore: boolean, held: () => Check | null): Check | null {
  const before = asBefore ? lastHeld.get(limit) : undefined;
  const check = before === undefined ? held() : before;
  lastHeld.set(limit, check);
  return check;
}

const likelyAt = ({ atTool }: Ranked): number => (atTool.known ? atTool.value : Number.POSITIVE_INFINITY);

/** `main/belt/check-breaks` of the limit `main/belt/breaks`. */
const checkId = ({ id, name }: Limit): string => `${id.slice(0, id.length - name.length)}check-${name}`;

/** What a limit withstands, against what the jam loads it with. What should not be there at all makes it close at worst, and the sentence begins with it. */
function inJam({ limit, isShaft }: Placed, needs: Figure<'N·m'>, jams: WorkDemand['jams']): Check {
  const { at, torque, words, source } = limit;
  const { what, fails, may } = words;
  const output = isShaft ? shaftInJam : jamCheck;
  // What a part withstands does not hang on what the jam loads it with: it is dear to look for, and there is nothing to find. What pulls on a shaft does.
  const check = hold(checkId(limit), at, output, {
    has: torque,
    needs,
    source,
    tells: { what, fails, may },
    ...(isShaft ? {} : { areApart: true }),
  });
  if (jams !== 'only if steel falls in' || !check.margin || check.verdict === 'holds') return check;
  return noWorseThanClose({ ...check, says: { ...check.says, template: `${jams}: ${check.says.template}` } });
}

/** What a jam loads a shaft with: no more than slips or breaks beside it, with nothing between the two that spins. */
function lessWhatGivesFirst(shaft: Placed, prepared: Prepared, all: readonly Placed[], transfers: readonly StageReady[]): Figure<'N·m'> {
  const { along } = prepared.wheels;
  const gives = all.filter(
    (each) =>
      !each.fuse &&
      !each.isShaft &&
      each.limit.harm === 'breaking' &&
      each.limit.torque.known &&
      !along.some((wheel) => wheel > each.along && wheel < shaft.along),
  );
  return picked('least', 'N·m', [
    loadAt(prepared, shaft.shaft, shaft.along),
    ...gives.map((each) => followed(each, 0, transfers).onShaft(shaft.shaft)),
  ]);
}

/** A shaft of what nothing can jam, against the most that reaches it when it starts: what stalls the source, or slips on the way. */
function atStart({ limit, shaft, along }: Placed, all: readonly Placed[], { transfers }: Jammed): Check {
  const { at, torque, words, source } = limit;
  const { what, fails, may } = words;
  const before = all.filter((each) => each.fuse && each.along < along).map((fuse) => followed(fuse, 0, transfers).onShaft(shaft));
  return hold(checkId(limit), at, startCheck, {
    has: torque,
    needs: picked('least', 'N·m', before),
    source,
    tells: { what, fails, may },
  });
}

/** What the figure of a limit is called among those of the jam: its path without the line. Put together once, not at every key. */
export const limitName = remembering(1_000, (id: string) => id.slice(id.indexOf('/') + 1).replaceAll('/', '-'));

function placed({ output, results, demand, lying }: Jammed): Placed[] {
  const all: Placed[] = [{ limit: output.stall, shaft: 0, along: -0.1, fuse: true }];
  const put = (limit: Limit | null | undefined, shaft: number, along: number, fuse = false) => {
    if (limit) all.push({ limit, shaft, along, fuse });
  };
  for (const [k, { slips, steady, breaks, hubs }] of results.entries()) {
    put(steady, steady?.isDriven ? k + 1 : k, k + (steady?.isDriven ? 0.75 : 0.4));
    put(hubs.in, k, k + 0.2);
    put(breaks, breaks?.isDriven ? k + 1 : k, k + (breaks?.isDriven ? 0.75 : 0.45));
    put(slips, k, k + 0.5, true);
    put(hubs.out, k + 1, k + 0.8);
  }
  put(demand.slips, results.length, results.length + 0.9, true);
  for (const { limit, at } of lying) all.push({ limit, shaft: at, along: at, fuse: false, isShaft: true });
  return all;
}

/** The wheels in the order of the line, what each would bring at the tool, and the sums over all before it, with one more at the end. */
interface Wheels {
  readonly along: readonly number[];
  readonly energy: readonly Figure<'J'>[];
  /** Against a stop that does not yield. */
  readonly peak: readonly Figure<'N·m'>[];
  readonly energies: Sums;
  /** Of the squares of the peaks. */
  readonly squares: Sums;
  /** How many of which energy or peak is not known. */
  readonly unknown: readonly number[];
}

interface Sums {
  readonly low: readonly number[];
  readonly high: readonly number[];
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

/** What a jam hangs on, worked out once: each fuse’s torque on each shaft, what each wheel brings, the angle in which each shaft is stopped. */
interface Prepared {
  readonly fuses: readonly Fuse[];
  readonly wheels: Wheels;
  readonly angles: readonly Figure<'rad'>[];
  /** From each shaft to the tool, nothing lost. */
  readonly ratios: readonly Figure<'1'>[];
}

function prepare(machine: Jammed, all: readonly Placed[]): Prepared {
  const { transfers, demand } = machine;
  const wheels = wheelsOf(machine);
  const angles: Figure<'rad'>[] = [demand.stops];
  const ratios: Figure<'1'>[] = [atTheTool];
  for (const { across } of transfers.toReversed()) {
    angles.unshift(across.lossless.travelBefore(angles[0] as Figure<'rad'>));
    ratios.unshift(across.lossless.gainBefore(ratios[0] as Figure<'1'>));
  }
  const firstBehind = (place: number) => {
    const first = wheels.along.findIndex((each) => each > place);
    return first < 0 ? wheels.along.length : first;
  };
  return {
    fuses: all.filter((each) => each.fuse).map((fuse) => followed(fuse, firstBehind(fuse.along), transfers)),
    wheels,
    angles,
    ratios,
  };
}

function wheelsOf({ transfers, results, output, at, lying }: Jammed): Wheels {
  const ways = waysToTheTool({ transfers, results, lying });
  const all = [
    { J: output.moved, shaft: 0, along: 0, way: ways.arriving[0] },
    ...joined(transfers, ({ moved }, k) => [
      { J: moved.in, shaft: k, along: k + 0.3, way: ways.leaving[k] },
      { J: moved.out, shaft: k + 1, along: k + 0.7, way: ways.arriving[k + 1] },
    ]),
  ];
  const wheels = all.filter(({ J }) => !(J.known && highEnd(J) === 0));
  const energy = wheels.map(({ J, shaft }) => energyAt(at[shaft] as Port<'rotary'>, J));
  const peak = wheels.map(({ shaft, way }, k) => peakAtTool(energy[k] as Figure<'J'>, way as Figure<'N·m/rad'>, transfers.slice(shaft)));
  return {
    along: wheels.map((wheel) => wheel.along),
    energy,
    peak,
    energies: sumsOf(energy, (value) => value),
    squares: sumsOf(peak, (value) => value ** 2),
    unknown: sums(peak, (each) => (each.known ? 0 : 1)),
  };
}

const sumsOf = (figures: readonly Figure[], of: (value: number) => number): Sums => ({
  low: sums(figures, (each) => (each.known ? of(lowEnd(each)) : 0)),
  high: sums(figures, (each) => (each.known ? of(highEnd(each)) : 0)),
});

function sums<T>(of: readonly T[], value: (each: T) => number): number[] {
  const sofar = [0];
  for (const [k, each] of of.entries()) sofar.push((sofar[k] as number) + value(each));
  return sofar;
}

/** A fuse's torque as each shaft feels it: forward with power flowing to the tool, backward since nothing more can pass the earlier one. */
function followed(fuse: Placed, first: number, transfers: readonly StageReady[]): Fuse {
  const { torque } = fuse.limit;
  const on: (Figure<'N·m'> | null)[] = [];
  for (let k = 0; k <= transfers.length; k++) on.push(k === fuse.shaft ? torque : null);
  const onShaft = (shaft: number): Figure<'N·m'> => {
    const found = on[shaft];
    if (found) return found;
    const forward = shaft > fuse.shaft;
    const next = onShaft(forward ? shaft - 1 : shaft + 1);
    const { across } = transfers[forward ? shaft - 1 : shaft] as StageReady;
    const there = forward ? across.effortBehind(next) : across.effortBefore(next);
    on[shaft] = there;
    return there;
  };
  const low = [torque.known ? lowEnd(torque) : Number.NaN];
  const high = [torque.known ? highEnd(torque) : Number.NaN];
  for (const { passes } of transfers.slice(fuse.shaft)) {
    low.push(effortOf(passes('heaviest')?.forward({ flow: 0, effort: low.at(-1) as number })));
    high.push(effortOf(passes('lightest')?.forward({ flow: 0, effort: high.at(-1) as number })));
  }
  for (const { passes } of transfers.slice(0, fuse.shaft).toReversed()) {
    low.unshift(effortOf(passes('lightest')?.backward({ flow: 0, effort: low[0] as number })));
    high.unshift(effortOf(passes('heaviest')?.backward({ flow: 0, effort: high[0] as number })));
  }
  return { fuse, first, low, high, onShaft };
}

const effortOf = (state: ShaftState | undefined): number => state?.effort ?? Number.NaN;

const atTheTool = fixed('1', 1, 'Definition: at the tool itself');

/** What a torque on each shaft has become at the tool. */
function gainsOf(transfers: readonly StageReady[]): readonly Figure<'1'>[] {
  let G_2: Figure<'1'> = atTheTool;
  const backward: Figure<'1'>[] = [atTheTool];
  for (const { across } of transfers.toReversed()) {
    G_2 = across.gainBefore(G_2);
    backward.push(G_2);
  }
  return backward.reverse();
}

/** What a jam loads a place with: the least of what comes from upstream with its inertia, and of what slips downstream before more can pass. */
function loadAt(prepared: Prepared, shaft: number, along: number): Figure<'N·m'> {
  const { fuses, wheels, angles, ratios } = prepared;
  const phi = angles[shaft] as Figure<'rad'>;
  let end = 0;
  while (end < wheels.along.length && (wheels.along[end] as number) < along) end++;
  const least: number[] = [];
  let ceiling = Number.POSITIVE_INFINITY;
  let sure = true;
  for (const each of fuses) {
    const spins = each.fuse.along < along && each.first < end;
    const bounds = boundsAt(prepared, each, shaft, spins ? end : each.first);
    if (!bounds) {
      sure = false;
      break;
    }
    least.push(bounds[0]);
    ceiling = Math.min(ceiling, bounds[1]);
  }
  const among: Figure<'N·m'>[] = [];
  for (const [k, { fuse, first, onShaft }] of fuses.entries()) {
    // What cannot be the least at any end is left out, by plain numbers; with something unknown nothing is.
    if (sure && (least[k] as number) > ceiling) continue;
    const torque = onShaft(shaft);
    if (fuse.along >= along || first >= end) among.push(torque);
    else {
      const T_r = neededBefore({ T_2: allOf('squares', wheels.peak.slice(first, end)), i: ratios[shaft] as Figure<'1'>, k: atTheTool });
      among.push(jamTorque({ T_0: torque, T_r, E: allOf('sum', wheels.energy.slice(first, end)), phi }));
    }
  }
  return picked('least', 'N·m', among);
}

const allOf = <U extends 'J' | 'N·m'>(rule: PickRule, of: readonly Figure<U>[]): Figure<U> =>
  of.length === 1 ? (of[0] as Figure<U>) : picked(rule, (of[0] as Figure<U>).unit, of);

/** Least and most that a fuse, with the wheels behind it up to an end, lets through to a shaft; null where it is not known. */
function boundsAt({ wheels, angles, ratios }: Prepared, { first, low, high }: Fuse, shaft: number, end: number): readonly [number, number] | null {
  const [least, most] = [low[shaft] as number, high[shaft] as number];
  if (!(least >= 0)) return null;
  if (end <= first) return [least, most];
  const [phi, ratio] = [angles[shaft] as Figure<'rad'>, ratios[shaft] as Figure<'1'>];
  if (!phi.known || !ratio.known || wheels.unknown[end] !== wheels.unknown[first]) return null;
  const between = (sums: readonly number[]) => (sums[end] as number) - (sums[first] as number);
  const at = (T_0: number, which: 'low' | 'high', i: number, angle: number) =>
    jamTorque.compute({ T_0, T_r: Math.sqrt(between(wheels.squares[which])) / i, E: between(wheels.energies[which]), phi: angle });
  return [at(least, 'low', highEnd(ratio), highEnd(phi)), at(most, 'high', lowEnd(ratio), lowEnd(phi))];
}
