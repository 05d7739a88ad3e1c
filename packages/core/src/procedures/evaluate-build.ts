import type { Check } from '../checks/check.js';
import { reserveOf } from '../checks/reserve.js';
import { rankOf, type Verdict, worstVerdict } from '../checks/verdict.js';
import type { Figure } from '../figure/figure.js';
import { joined, joinedOnce } from '../joined.js';
import { type Kinds, kindHead } from '../kinds/registry.js';
import type { Build, Line } from '../machine/build.js';
import { meansTheSame } from '../machine/means-the-same.js';
import { isOpen, openPlaces } from '../machine/open.js';
import { listed } from '../quantity/listed.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { couldDrive } from './could-drive.js';
import { type Need, needOf } from './need.js';
import { ratioSays } from './need-says.js';
import { runsAt } from './running.js';
import { type WalkedLine, walkLine } from './walk-line.js';
import { wishChecks } from './wishes.js';

/** Number of the engine that made an evaluation; a cached verdict with another number is worked out again. */
export const engineVersion = 14;

/** What was worked out of a build. Plain data: sentences are put into words, and figures into units, by whoever shows them. */
export interface Evaluation {
  readonly lines: readonly WalkedLine[];
  /** Every check, worst first. */
  readonly checks: readonly Check[];
  readonly verdict: Verdict;
  /** The sentence over the whole. */
  readonly says: readonly Sentence[];
  /** What fails first in a jam, and how long it may go on. Empty while that is not known. */
  readonly jam: readonly Sentence[];
  /** What the answer does not cover. */
  readonly notWorkedOut: readonly Sentence[];
  /** What to beware of, each once. */
  readonly cautions: readonly Sentence[];
}

/** Said behind every answer until it is built. */
const never = ['shaft strength', 'bearing life'];

/** What was worked out last, and of what. */
export interface WorkedOut {
  readonly build: Build;
  readonly evaluation: Evaluation;
}

/**
 * Works a build out: pure and synchronous once its kinds are loaded. What would cure it is tried apart, by `remedyFor`.
 * @param last where the build still means what it meant then, however it is written now, what was worked out stays: the same object
 * @throws Error when a kind of the build is not among `kinds`
 */
export function evaluateBuild(build: Build, kinds: Kinds, last?: WorkedOut): Evaluation {
  if (last && meansTheSame(build, last.build)) return last.evaluation;
  const open = openPlaces(build);
  const walked = build.lines.map((line) => walkLine(line, kinds, build));
  const ends = build.lines.map((line, k) => fromEitherEnd(build, kinds, line, walked[k] as WalkedLine));
  const lines = walked.map((line, k) => withNeed(line, ends[k]?.need));
  const all = [...joined(lines, (line) => line.checks), ...wishChecks(build, lines)];
  // What hangs on a place that is still open is not told one by one: the sentence is about that.
  const checks = worstFirst(open.size === 0 ? all : all.filter((check) => !hangsOn(check, open) && !isAim(check)));
  // The sentence is about the work first, then about whatever is worse.
  const headline = lines
    .map((line) => line.checks[0] as Check)
    .filter((check) => !hangsOn(check, open))
    .sort(byVerdict)[0];
  const worst = checks[0];
  const other = worst && rankOf[worst.verdict] > rankOf[headline?.verdict ?? 'unknown'] ? [withReserve(worst)] : [];
  // What the wall feeds bounds every cure.
  const wall = checks.find(({ id, verdict }) => id.endsWith('/check-circuit') && (verdict === 'fails' || verdict === 'close'));
  if (wall && wall !== worst) other.push(withReserve(wall));
  const fromEnds = headline && headline.verdict !== 'unknown' ? joined(ends, (each) => each.stillOpen) : joined(ends, (each) => each.says);
  if (open.size === 0) other.push(...joined(lines, ({ stations: [first] }) => first && runsAt(first)));
  const notEntered = joined(lines, (line) => line.notEntered);
  const what = [...never, ...joinedOnce(lines, (line) => line.notWorkedOut)].join(', ');
  return {
    lines,
    checks,
    verdict: open.size > 0 && worst?.verdict !== 'fails' ? 'unknown' : worstVerdict(checks),
    says:
      headline || fromEnds.length > 0
        ? [...fromEnds, ...(headline ? [headline.says] : []), ...other]
        : [sentence('nothing is entered yet: begin with the motor')],
    jam: open.size > 0 ? [] : joined(lines, (line) => line.jam.says),
    notWorkedOut: [
      ...(notEntered.length > 0 ? [sentence('not entered: {fields}', { fields: listed(notEntered) })] : []),
      sentence('not worked out: {what}', { what }),
    ],
    cautions: joinedOnce(lines, (line) => line.cautions),
  };
}

interface FromEnds {
  /** What the work needs, where that was worked out. */
  readonly need?: Need;
  /** While the work’s own check says nothing. */
  readonly says: readonly Sentence[];
  /** While that check says something already, but a stage is open. */
  readonly stillOpen: readonly Sentence[];
}

/** Where nothing drives the work yet, what motor it needs; where nothing is known of the work, what the motor could drive; where only a stage is open, what it must be. */
function fromEitherEnd(build: Build, kinds: Kinds, line: Line, walked: WalkedLine): FromEnds {
  const [source] = walked.stations;
  const needed = walked.checks[0]?.needs;
  const none = { says: [], stillOpen: [] };
  if (!source || !needed) return none;
  if (isOpen(line.source) || !source.torque.known) {
    const need = needOf(build, kinds, line, walked);
    return { need, says: need.motor || isOpen(line.source) ? need.says : [], stillOpen: [] };
  }
  if (source.torque.known && !needed.known)
    return { ...none, says: [couldDrive(source, kindHead('source', line.source.kind)?.noun ?? 'motor')].flatMap((says) => says ?? []) };
  const ratio = line.stages.findIndex(isOpen);
  if (ratio < 0) return none;
  const left = ratioSays(walked.figures.get(`${line.id}/${line.stages[ratio]?.id}`)?.get('ratio') as Figure<'1'>);
  return { says: left, stillOpen: left };
}

/** The figures of the need are found where those of the line are. */
const withNeed = (line: WalkedLine, need: Need | undefined): WalkedLine =>
  need ? { ...line, figures: new Map([...line.figures, [`${line.id}/need`, need.figures]]) } : line;

/** Whether a check is not known for want of an element. */
const hangsOn = ({ has, needs }: Check, open: ReadonlySet<string>): boolean =>
  open.size > 0 && [has, needs].some((figure) => !figure.known && figure.missing.some((path) => open.has(path)));

/** A speed that is only aimed at is met by itself: that is no news. */
const isAim = ({ has, needs }: Check): boolean => has.known && needs.known && Math.abs(has.value / needs.value - 1) < 1e-9;

/** The sentence of a check with what is left, where that is told. */
function withReserve(check: Check): Sentence {
  const reserve = reserveOf(check);
  return reserve ? sentence('{says} ({reserve})', { says: check.says, reserve }) : check.says;
}

const byVerdict = (a: Check, b: Check) => rankOf[b.verdict] - rankOf[a.verdict];

/** By verdict, then by how little is left. What they are sorted by is read once: a sort needs it some hundreds of times. */
function worstFirst(checks: readonly Check[]): Check[] {
  return checks
    .map((check) => ({ check, rank: rankOf[check.verdict], left: check.margin?.worst ?? 0 }))
    .sort((a, b) => b.rank - a.rank || a.left - b.left)
    .map(({ check }) => check);
}
