import type { Check } from '../checks/check.js';
import { reserveOf } from '../checks/reserve.js';
import { rankOf, type Verdict, worstVerdict } from '../checks/verdict.js';
import { joined, joinedOnce } from '../joined.js';
import { type Kinds, kindHead } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { meansTheSame } from '../machine/means-the-same.js';
import { listed } from '../quantity/listed.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { couldDrive, needOf } from './need.js';
import { type WalkedLine, walkLine } from './walk-line.js';
import { wishChecks } from './wishes.js';

/** Number of the engine that made an evaluation; a cached verdict with another number is worked out again. */
export const engineVersion = 12;

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
  const lines = build.lines.map((line) => walkLine(line, kinds, build));
  const checks = worstFirst([...joined(lines, (line) => line.checks), ...wishChecks(build, lines)]);
  // The sentence is about the work first, then about whatever is worse.
  const headline = lines.map((line) => line.checks[0] as Check).sort(byVerdict)[0];
  const worst = checks[0];
  const other = worst && headline && rankOf[worst.verdict] > rankOf[headline.verdict] ? [withReserve(worst)] : [];
  // What the wall feeds bounds every cure.
  const wall = checks.find(({ id, verdict }) => id.endsWith('/check-circuit') && (verdict === 'fails' || verdict === 'close'));
  if (wall && wall !== worst) other.push(withReserve(wall));
  const open = headline?.verdict === 'unknown' ? fromEitherEnd(build, kinds, lines) : [];
  const notEntered = joined(lines, (line) => line.notEntered);
  const what = [...never, ...joinedOnce(lines, (line) => line.notWorkedOut)].join(', ');
  return {
    lines,
    checks,
    verdict: worstVerdict(checks),
    says: headline ? [...open, headline.says, ...other] : [sentence('nothing is entered yet: begin with the motor')],
    jam: joined(lines, (line) => line.jam.says),
    notWorkedOut: [
      ...(notEntered.length > 0 ? [sentence('not entered: {fields}', { fields: listed(notEntered) })] : []),
      sentence('not worked out: {what}', { what }),
    ],
    cautions: joinedOnce(lines, (line) => line.cautions),
  };
}

/** Where nothing drives the work yet, what motor it needs; where nothing is known of the work, what the motor could drive. */
function fromEitherEnd(build: Build, kinds: Kinds, lines: readonly WalkedLine[]): readonly Sentence[] {
  return build.lines.flatMap((line, k) => {
    const [source] = lines[k]?.stations ?? [];
    const needed = lines[k]?.checks[0]?.needs;
    if (!source || !needed) return [];
    if (!source.torque.known && needed.known) {
      const need = needOf(build, kinds, line, lines[k]);
      return need.motor ? need.says : [];
    }
    if (source.torque.known && !needed.known)
      return [couldDrive(source, kindHead('source', line.source.kind)?.noun ?? 'motor')].flatMap((says) => says ?? []);
    return [];
  });
}

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
