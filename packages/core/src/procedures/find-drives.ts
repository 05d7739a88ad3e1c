import type { OwnPart } from '../drawer/part.js';
import { partWords } from '../drawer/part-words.js';
import { type Kept, type Reserved, withoutReserved, writtenOf } from '../drawer/reserved.js';
import { compile } from '../finder/compile.js';
import type { Drive } from '../finder/drive.js';
import { byScore, keptDrives, rankedBy, type Searched, searchSteps } from '../finder/find.js';
import { requestFor } from '../finder/from-build.js';
import { type Judged, judgeSteps, type OwnMotor, type Proposal, type Setup } from '../finder/judge.js';
import { contradictions, type Miss, missesSteps, noneSays, wishNames } from '../finder/misses.js';
import { notesOn } from '../finder/notes.js';
import { orders } from '../finder/rank.js';
import type { FindRequest } from '../finder/request.js';
import type { Stock } from '../kinds/finding.js';
import type { KindHead } from '../kinds/kind.js';
import { type Kinds, kindHead } from '../kinds/registry.js';
import type { Build, Source } from '../machine/build.js';
import { lineOf } from '../machine/lines.js';
import { isOpen } from '../machine/open.js';
import { typedInputs, withSource } from '../machine/reshape.js';
import { listed } from '../quantity/listed.js';
import { show, type UnitHabit } from '../quantity/show.js';
import { phrase, say, type Wording, wordingFor } from '../wording/wording.js';
import { needOf } from './need.js';
import { atOnce, partOf, type Steps } from './steps.js';

/** A wish that alone rules everything out, and what letting it go would open. */
export interface MissSaid {
  readonly wish: string;
  /** `with 2 stages in place of 1: 2369 drives, such as V-belt, then V-belt`. */
  readonly says: string;
  readonly opens: number;
}

/** What the finder answers. Plain data. */
export interface Found {
  /** One sentence over it. */
  readonly says: string;
  /** Fields that have to be entered before anything can be looked for. */
  readonly missing: readonly string[];
  /** Wishes that contradict each other, whatever the sizes. */
  readonly contradictions: readonly string[];
  readonly proposals: readonly Proposal[];
  /** So many drives meet the wishes by the plain rules; whether they were all counted. */
  readonly met: number;
  readonly isCounted: boolean;
  /** No drive that was not looked at can be among the first twenty. */
  readonly isSure: boolean;
  /** Where nothing fits: which wish rules out most, and what would loosen it; else what rules it out without a wish to blame. */
  readonly misses: readonly MissSaid[];
  readonly none: readonly string[];
  /** What one more wish let go would save: an own wheel that is bushed or bored out in place of one that is bought. */
  readonly hints: readonly string[];
  /** What lies between; null while it is not known. */
  readonly between: {
    readonly source: { readonly speed_rpm: number; readonly torque_Nm: number; readonly power_W: number; readonly shaft_mm: number | null };
    readonly work: {
      readonly speed_rpm: readonly [number, number];
      /** Of several the faster ones. */
      readonly faster?: readonly { readonly speed_rpm: readonly [number, number] }[];
      readonly torque_Nm: number;
      readonly shaft_mm: number | null;
    };
    readonly ratio: readonly [number, number];
  } | null;
}

export interface FindGiven {
  readonly build: Build;
  readonly line: string;
  readonly own: readonly OwnPart[];
  /** What other builds have reserved of it; left out of the search, but where a wish lets it in. */
  readonly reserved?: readonly Reserved[];
  /** What may be bought; what shops usually have where it is left out. */
  readonly stock?: Stock;
  readonly units: UnitHabit;
  /** Stages that have to be in it, by what they are made of. */
  readonly pinned?: readonly string[];
  /** A first look that is soon there: few are laid out, five are worked out in full. */
  readonly isQuick?: boolean;
}

const quick = { kept: 40, met: 40, tried: 20_000, visits: 400_000, judged: 5 };

const nothing = { proposals: [], met: 0, isCounted: true, isSure: true, misses: [], none: [], hints: [] } as const;

/** Looks for what could lie between the source of a line and its work, in steps. @param kinds of the build, and all kinds of stages that are found */
export function* findDrivesSteps(given: FindGiven, kinds: Kinds): Steps<Found> {
  const { line: id, stock, units, pinned = [], isQuick = false } = given;
  const { free: own, kept } = withoutReserved(given.own, given.build.finder?.reserved?.text === 'any' ? [] : (given.reserved ?? []));
  const wanted = motorWanted(given.build, id, kinds);
  const build = wanted ? withSource(given.build, id, wanted) : given.build;
  const wording = wordingFor(build, units);
  const motors = build.finder?.motors?.text === 'own' ? ownMotors(own) : [];
  const tried = [null, ...motors].map((motor) => {
    const driven = motor ? withSource(build, id, motor.source) : build;
    return { build: driven, motor, asked: requestFor(driven, kinds, lineOf(driven, id), own, stock) };
  });
  const setups = tried.flatMap(({ asked, ...each }) =>
    asked.ok ? [{ ...each, line: id, request: { ...asked.request, pinned }, weights: asked.weights }] : [],
  );
  const [main] = setups;
  if (!main) {
    const { asked } = tried[0] as (typeof tried)[number];
    const said = asked.ok ? [] : asked.says.map((each) => say(each, wording));
    return { ...nothing, says: said.join(' '), missing: asked.ok ? [] : asked.missing, contradictions: [], between: null };
  }
  const between = betweenOf(main.request);
  // Of several motors only what is against it with each.
  const against = setups
    .map(({ request }) => contradictions(request).map((each) => say(each, wording)))
    .reduce((a, b) => (b.length < a.length ? b : a));
  const limits = isQuick ? quick : {};
  const setupOf = new Map<Drive, Setup>();
  const all: Searched[] = [];
  for (const [k, setup] of setups.entries()) {
    const steps = searchSteps(setup.request, rankedBy(setup.weights), limits);
    const searched = yield* partOf(steps, (0.5 * k) / setups.length, (0.5 * (k + 1)) / setups.length);
    for (const { drive } of searched.best) setupOf.set(drive, setup);
    all.push(searched);
  }
  const searched = together(all);
  if (searched.best.length === 0 && !isQuick) {
    const misses = yield* partOf(missesSteps(main.request), 0.5, 1);
    const none = misses.length === 0 ? noneSays(main.request).map((each) => say(each, wording)) : [];
    const said = misses.map((miss) => missSaid(miss, wording));
    const first = against[0] ?? (said[0] ? `Ruled out by ${said[0].wish}: ${said[0].says}.` : none[0]);
    return {
      ...nothing,
      hints: keptSays(kept),
      says: `Nothing fits. ${first ?? ''}`.trim(),
      missing: [],
      contradictions: against,
      misses: said,
      none,
      between,
    };
  }
  const some = isQuick ? searched.best.slice(0, quick.judged) : searched.best;
  const judged: Judged = yield* partOf(
    judgeSteps(some, ({ drive }) => setupOf.get(drive) ?? main, kinds, units),
    0.5,
    0.95,
  );
  const hints = [...keptSays(kept), ...(isQuick ? [] : yield* hintsSteps(main.request, searched, wording))];
  const isCounted = searched.isCounted && !isQuick;
  return {
    ...nothing,
    hints,
    says: `${headline(judged.best, searched.met, isCounted, units)}${wanted ? ` With the motor to look for: ${show(main.request.source.power_W, 'W', units)} at ${show(main.request.source.speed_rpm, 'rpm', units)}.` : ''}`,
    missing: [],
    contradictions: against,
    proposals: judged.best,
    met: searched.met,
    isCounted,
    isSure: judged.isSure && !isQuick,
    between,
  };
}

/** What was found with each of several motors, the best first. */
function together(all: readonly Searched[]): Searched {
  const [only, ...others] = all as [Searched, ...Searched[]];
  if (others.length === 0) return only;
  return {
    best: all
      .flatMap(({ best }) => best)
      .sort(byScore)
      .slice(0, keptDrives),
    met: all.reduce((sum, { met }) => sum + met, 0),
    tried: all.reduce((sum, { tried }) => sum + tried, 0),
    isCounted: all.every(({ isCounted }) => isCounted),
  };
}

/** Motors of the drawer, each as the source that it makes. */
function ownMotors(own: readonly OwnPart[]): OwnMotor[] {
  const head = kindHead('source', 'plate-motor') as KindHead;
  return own.flatMap((each): OwnMotor[] => {
    if (each.part.is !== 'motor') return [];
    const source = { kind: head.kind, v: head.v, inputs: typedInputs(head, each.part.entries, 'plate') };
    return [{ label: each.label, written: writtenOf(each), what: partWords({ ...each, many: 1 }), source }];
  });
}

/** More parts than so many are counted, not named one by one. */
const mostNamed = 4;

/** What is left out since it is reserved. */
function keptSays(kept: readonly Kept[]): string[] {
  if (kept.length === 0) return [];
  const named = kept
    .slice(0, mostNamed)
    .map(({ own, by, some }) => `${some === null ? '' : `${some} of ${own.many} × `}${own.label} (${by.join(', ')})`);
  const more = kept.length > mostNamed ? `, and ${kept.length - mostNamed} more` : '';
  return [`Reserved for other builds and left out: ${named.join(', ')}${more}. “Reserved parts” among the wishes lets them in.`];
}

/** What else is worth a word: sizes that were not looked at, an own wheel whose bore could be changed. */
function* hintsSteps(request: FindRequest, searched: Searched, wording: Wording): Steps<readonly string[]> {
  const { leftOut } = compile(request);
  const many = `Own parts are of more sizes of shafts than are looked at; ${leftOut} of them are left out. Say which shafts are between.`;
  return [...(leftOut > 0 ? [many] : []), ...(yield* boreHintSteps(request, searched, wording))];
}

/** Whether an own wheel with another bore would save a purchase. */
function* boreHintSteps(request: FindRequest, { best }: Searched, wording: Wording): Steps<readonly string[]> {
  const { wishes, shelf } = request;
  const fewest = best.reduce((least, { drive }) => Math.min(least, drive.bought), Number.POSITIVE_INFINITY);
  if ((wishes.boreOut && wishes.bush) || fewest === 0 || shelf.own.length === 0) return [];
  const altered = { ...request, wishes: { ...wishes, boreOut: true, bush: true } };
  const { best: others } = yield* partOf(
    searchSteps(altered, rankedBy(orders['fewest to buy']), { kept: 1, tried: 20_000, visits: 4_000_000 }),
    0.95,
    1,
  );
  const [first] = others;
  if (!first || first.drive.bought >= fewest) return [];
  const saved = fewest - first.drive.bought;
  const bores = notesOn(first.drive, altered).filter(({ template }) => template.includes('{bore}'));
  const how = bores.map((each) => phrase(each, wording)).join(', ');
  const what = first.drive.stages.map(({ says }) => says).join(', then ');
  return [`${how}: that would save ${saved} ${saved === 1 ? 'part' : 'parts'} to buy (${what}). Say so under “Bores of own wheels”.`];
}

/** Where nothing drives it yet, a motor of the class that its work needs: drives are looked for with that. */
function motorWanted(build: Build, id: string, kinds: Kinds): Source | null {
  const line = lineOf(build, id);
  return isOpen(line.source) ? needOf(build, kinds, line).source : null;
}

/** All at once. */
export const findDrives = (given: FindGiven, kinds: Kinds): Found => atOnce(findDrivesSteps(given, kinds));

function betweenOf({ source, work }: FindRequest): NonNullable<Found['between']> {
  const [slow, fast] = work.speed_rpm;
  return {
    source: { ...source, torque_Nm: (source.power_W * 60) / (2 * Math.PI * source.speed_rpm) },
    work,
    ratio: [source.speed_rpm / fast, source.speed_rpm / slow],
  };
}

function missSaid({ wish, opens, atLeast, says, such }: Miss, wording: Wording): MissSaid {
  const many = `${atLeast ? 'at least ' : ''}${opens} ${opens === 1 ? 'drive' : 'drives'}`;
  return {
    wish: wishNames[wish],
    opens,
    says: `${phrase(says, wording)}: ${many}, such as ${such.stages.map((stage) => stage.says).join(', then ')}`,
  };
}

function headline(best: readonly Proposal[], met: number, isCounted: boolean, units: UnitHabit): string {
  const [first] = best;
  if (!first) return 'Nothing is found yet.';
  // What cannot be among the best is not counted.
  const count = isCounted ? `${met}` : `over ${+Math.floor(met).toPrecision(1)}`;
  const many = `${count} ${met === 1 ? 'drive meets' : 'drives meet'} the wishes.`;
  const buys = first.bought === 0 ? 'nothing to buy' : `${first.bought} ${first.bought === 1 ? 'part' : 'parts'} to buy`;
  const left = first.reserve ? `, ${Math.floor(100 * Math.max(0, first.reserve.worst))} % reserve at the tool` : '';
  const fails = best.every(({ verdict }) => verdict === 'fails') ? ' Worked out in full, something fails in each of them.' : '';
  return `${many.slice(0, 1).toUpperCase()}${many.slice(1)} Best: ${first.name}${first.motor ? ` with ${first.motor.label}` : ''} at ${speedsSaid(first, units)}, ${buys}${left}.${fails}`;
}

/** Its speed; of several each: `590 rpm, 1060 rpm and 1890 rpm`. */
const speedsSaid = ({ speeds, speed_rpm }: Proposal, units: UnitHabit): string =>
  speeds.length === 0 ? show(speed_rpm, 'rpm', units) : listed(speeds.map((each) => show(each.speed_rpm, 'rpm', units)));
