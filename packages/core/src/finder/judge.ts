import type { Check } from '../checks/check.js';
import { reserveOf } from '../checks/reserve.js';
import { type Verdict, worstVerdict } from '../checks/verdict.js';
import { writtenOf } from '../drawer/reserved.js';
import type { DrawnEnds, DrawnStage } from '../kinds/kind.js';
import type { Kinds } from '../kinds/registry.js';
import type { Build, Source } from '../machine/build.js';
import { atTool, type EvaluatedLine, evaluateBuild } from '../procedures/evaluate-build.js';
import { runningOrFull } from '../procedures/station-figures.js';
import type { Steps } from '../procedures/steps.js';
import type { UnitHabit } from '../quantity/show.js';
import { say, type Wording, wordingFor } from '../wording/wording.js';
import { type TypedStage, typedStages, withStages } from './as-build.js';
import type { Drive } from './drive.js';
import { byScore, type Scored } from './find.js';
import { notesOn } from './notes.js';
import type { FindRequest } from './request.js';
import { stageId } from './stage-id.js';
import { type Findable, findable } from './wishes.js';

/** What it takes: how many of what, from where. */
export interface TakenPart {
  readonly what: string;
  readonly many: number;
  readonly from: 'own' | 'buy' | 'make';
  /** Of an own part, what is written on it. */
  readonly label: string | null;
  /** Of an own part its line of the drawer, without how many there are. */
  readonly written: string | null;
}

export interface OwnMotor {
  readonly label: string;
  /** Its line of the drawer. */
  readonly written: string;
  readonly what: string;
  readonly source: Source;
}

/** Where a drive is tried: between which source and which work. */
export interface Setup {
  readonly build: Build;
  readonly line: string;
  readonly request: FindRequest;
  readonly motor: OwnMotor | null;
}

/** A drive that was worked out in full: plain data, for a page, a file and a command. */
export interface Proposal {
  /** By what it is made of: the same for the same drive. */
  readonly id: string;
  /** `V-belt, then chain`. */
  readonly name: string;
  readonly stages: readonly TypedStage[];
  /** A motor of one’s own in the place of the one that is entered: what is written on it, what it is, and the source that it makes; null where it is that one. */
  readonly motor: OwnMotor | null;
  /** Each stage in words, with its belt or chain, and by what it is made of. */
  readonly says: readonly string[];
  readonly stageIds: readonly string[];
  readonly verdict: Verdict;
  /** The worst check of it, in words; the sentence over the machine where none fails. */
  readonly because: string;
  /** Of its checks so many fail, are close, are not known. */
  readonly counts: Readonly<Record<'fails' | 'close' | 'unknown', number>>;
  /** Speed of the tool at work, rpm, and torque at the tool at full load, N·m; of several the slowest. */
  readonly speed_rpm: number;
  readonly torque_Nm: number;
  /** Where the belt is moved for other speeds: each, slowest first, and whether it holds there; empty where there is one. */
  readonly speeds: readonly { readonly speed_rpm: number; readonly torque_Nm: number; readonly verdict: Verdict }[];
  /** Share of the torque at the tool that is not needed, at worst and as likely; null while unknown. */
  readonly reserve: { readonly worst: number; readonly likely: number } | null;
  /** What fails first when the tool is stopped, and at what torque there, N·m. */
  readonly weakest: { readonly what: string; readonly at_Nm: number; readonly does: string } | null;
  readonly jam: string;
  /** What has to be known of it beside its checks: bores to change, a worm that hardly holds, what decides. */
  readonly notes: readonly string[];
  readonly parts: readonly TakenPart[];
  readonly bought: number;
  readonly own: number;
  readonly made: number;
  readonly points: number;
  readonly length_mm: number;
  readonly height_mm: number;
  readonly shafts_mm: readonly (number | null)[];
  /** Largest share of a plain limit that is in use. */
  readonly loaded: number;
  /** Its place: the less the better. */
  readonly score: number;
  readonly outlines: readonly DrawnStage[];
  readonly ends: DrawnEnds | null;
}

/**
 * Added to the score by what the full evaluation says: what fails comes last whatever it is ranked by, what is close as if it cost a point and a half more. Chosen, no measurement
 * (docs/decisions/0047).
 */
const counts: Readonly<Record<Verdict, number>> = { holds: 0, unknown: 0, close: 0.15, fails: 10_000 };

const capital = (text: string) => `${text.slice(0, 1).toUpperCase()}${text.slice(1)}`;
/** `…, the work needs 496 W (overloaded 1.4 times).` */
const withReserve = (sentence: string, reserve: string) => (reserve ? `${sentence.replace(/\.$/, '')} (${reserve}).` : sentence);
const nameOf = ({ stages }: Drive): string => capital(stages.map(({ kind }) => findable[kind as Findable] ?? kind).join(', then '));

export const idOf = ({ stages }: Drive, { shelf }: Pick<FindRequest, 'shelf'>): string =>
  stages.map((stage) => stageId(stage, shelf.own)).join(' + ');

/** Wheels first, then belts and chains: each with where it is from. */
function partsOf({ stages, loops, reaches }: Drive, { shelf }: FindRequest): TakenPart[] {
  const from = (own: number, isMade: boolean) => (own >= 0 ? 'own' : isMade ? 'make' : 'buy');
  const named = (own: number) => {
    const part = shelf.own[own];
    return { label: part?.label ?? null, written: part ? writtenOf(part) : null };
  };
  return stages.flatMap(({ takes, loop }, k) => {
    const wheels = takes.map(({ own, isMade, what }): TakenPart => ({ what, many: 1, from: from(own, isMade), ...named(own) }));
    const reach = reaches[k];
    if (!loop || !reach || reach.mark === '') return wheels;
    const many = loops[k] ?? 1;
    const pieces = loop.pieces(many);
    return [
      ...wheels,
      { what: loop.says(many, reach.mark).replace(/^\d+ belts /, 'belt '), many: pieces, from: from(reach.own, false), ...named(reach.own) },
    ];
  });
}

const stageSays = ({ stages, loops, reaches }: Drive): string[] =>
  stages.map(({ says, loop }, k) => {
    const reach = reaches[k];
    return loop && reach && reach.mark !== '' ? `${says}, ${loop.says(loops[k] ?? 1, reach.mark)}` : says;
  });

/** What is not known yet says nothing against it. */
const isKnown = ({ verdict }: Check): boolean => verdict !== 'unknown';

/** What the line does at each speed: as it is entered, and in the settings that were made for the faster ones. */
function speedsOf(line: EvaluatedLine, { paces }: Drive): Proposal['speeds'] {
  const made = (line.settings ?? []).slice(1 - paces.length);
  return [{ ...atTool(line.stations.at(-1)), ledger: line.alone ?? line.ledger }, ...made].map((each, k) => ({
    speed_rpm: each.speed.known ? each.speed.value : (paces[k]?.speed_rpm ?? 0),
    torque_Nm: each.torque.known ? each.torque.value : (paces[k]?.torque_Nm ?? 0),
    verdict: worstVerdict(each.ledger.filter(isKnown)),
  }));
}

/** A drive in its place, worked out in full. */
export function judge({ drive, score }: Scored, { build, line: lineId, request, motor }: Setup, kinds: Kinds, wording: Wording): Proposal {
  const stages = typedStages(drive);
  const evaluation = evaluateBuild(withStages(build, lineId, stages), kinds);
  const line = evaluation.lines.find(({ id }) => id === lineId) as EvaluatedLine;
  const known = line.ledger.filter(isKnown);
  const verdict = worstVerdict(known);
  const worst = known[0];
  const count = (of: Verdict) => line.ledger.filter((check) => check.verdict === of).length;
  const tool = line.stations.at(-1);
  const running = tool && runningOrFull(tool);
  const reserves = [line.alone ?? line.ledger, ...(line.settings ?? []).map((setting) => setting.ledger)].flatMap(
    (ledger) => ledger.find(({ id }) => id.endsWith('/check-carries'))?.margin ?? [],
  );
  const first = line.jam.rungs.find(({ atTool, harm }) => atTool.known && harm !== 'wearing');
  const says = worst && (verdict === 'fails' || verdict === 'close') ? worst.says : line.says[0];
  const reserve = worst ? reserveOf(worst) : '';
  return {
    id: motor ? `${motor.label}: ${idOf(drive, request)}` : idOf(drive, request),
    motor,
    name: nameOf(drive),
    stages,
    says: stageSays(drive),
    stageIds: drive.stages.map((stage) => stageId(stage, request.shelf.own)),
    verdict,
    because: says ? withReserve(say(says, wording), verdict === 'fails' ? reserve : '') : '',
    counts: { fails: count('fails'), close: count('close'), unknown: count('unknown') },
    speed_rpm: running?.flow.known ? running.flow.value : drive.speed_rpm,
    torque_Nm: tool?.effort.known ? tool.effort.value : drive.torque_Nm,
    speeds: drive.paces.length === 1 ? [] : speedsOf(line, drive),
    reserve:
      reserves.length > 0
        ? { worst: Math.min(...reserves.map((each) => each.worst)), likely: Math.min(...reserves.map((each) => each.likely)) }
        : null,
    weakest: first?.atTool.known ? { what: first.short, at_Nm: first.atTool.value, does: first.harm } : null,
    jam: line.inJam[0] ? say(line.inJam[0], wording) : '',
    notes: notesOn(drive, request).map((each) => say(each, wording)),
    parts: [
      ...(motor ? [{ what: motor.what, many: 1, from: 'own' as const, label: motor.label, written: motor.written }] : []),
      ...partsOf(drive, request),
    ],
    bought: drive.bought,
    own: drive.own + drive.reaches.filter((reach) => reach && reach.own >= 0).length,
    made: drive.made,
    points: drive.points,
    length_mm: drive.room.length_mm,
    height_mm: drive.room.height_mm,
    shafts_mm: drive.shafts_mm,
    loaded: drive.loaded,
    score: score + counts[verdict],
    outlines: line.outlines.map(({ stock: _, ...drawn }) => drawn),
    ends: line.ends ?? null,
  };
}

const best = (a: Proposal, b: Proposal): number => a.score - b.score || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/** So many are wanted, and so many are looked at in full at most. */
export const judging = { wanted: 20, most: 1_000, first: 100 } as const;

/** What the best are known to be, and whether that is for sure. */
export interface Judged {
  readonly best: readonly Proposal[];
  readonly looked: number;
  /** No drive that was not looked at can be among them. */
  readonly isSure: boolean;
}

/**
 * Full evaluations in the order of the plain rules, until none that is left can be among the best: what is said in full only ever puts a drive further back. A
 * hundred are looked at in any case, so that cost against reserve has something to show.
 */
export function* judgeSteps(scored: readonly Scored[], setupOf: (each: Scored) => Setup, kinds: Kinds, units: UnitHabit = 'metric'): Steps<Judged> {
  const order = [...scored].sort(byScore);
  const all: Proposal[] = [];
  const nth = () => [...all].sort(best)[judging.wanted - 1]?.score ?? Number.POSITIVE_INFINITY;
  let bar = Number.POSITIVE_INFINITY;
  for (const [k, each] of order.slice(0, judging.most).entries()) {
    if (k >= judging.first && each.score > bar) break;
    const setup = setupOf(each);
    all.push(judge(each, setup, kinds, wordingFor(setup.build, units)));
    if (k % 5 === 4) {
      bar = nth();
      yield Math.min(0.99, (k + 1) / Math.min(order.length, judging.first + 1));
    }
  }
  const isSure = all.length === order.length || (order[all.length]?.score ?? Number.POSITIVE_INFINITY) > nth();
  return { best: all.sort(best), looked: all.length, isSure };
}
