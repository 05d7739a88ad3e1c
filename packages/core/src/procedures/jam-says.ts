import { type Check, closeBelow } from '../checks/check.js';
import type { Figure } from '../figure/figure.js';
import { highEnd, type Known, lowEnd } from '../figure/figure.js';
import { contextAt } from '../kinds/context.js';
import type { Limit } from '../kinds/outputs.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import type { Jammed, Ranked } from './jammed.js';
import { jamOutputs } from './line-outputs.js';

export const neverJams = ({ tool }: Jammed): Sentence =>
  sentence('nothing can jam the {tool}, as entered or usual: its parts are held against the work alone', { tool });

/** Of what holds, what holds least, where it is close. What may break is named by what comes first. */
export function weakestPart(checks: readonly Check[]): Sentence[] {
  const least = (a: Check | undefined, b: Check) => (b.margin && b.margin.worst < (a?.margin?.worst ?? Number.POSITIVE_INFINITY) ? b : a);
  const worst = checks.reduce(least, undefined as Check | undefined);
  return worst?.verdict === 'close' && worst.margin && worst.margin.worst >= 0 && worst.margin.worst < closeBelow
    ? [sentence('weakest part: {check} ({reserve})', { check: worst.says, reserve: { left: worst.margin.worst } })]
    : [];
}

interface KnownRank extends Ranked {
  readonly atTool: Known<'N·m'>;
}
const isKnown = (each: Ranked): each is KnownRank => each.atTool.known;

/** What fails first is only said where no guess could turn it round: a fuse, or what breaks before it. */
export function whatFailsFirst(machine: Jammed, ranked: readonly Ranked[], torque: Figure<'N·m'>): Sentence[] {
  const fuses = ranked.filter(({ fuse }) => fuse);
  const known = fuses.filter(isKnown);
  const [first, second] = known;
  if (!first || known.length < fuses.length) return [];
  // What holds, however little is left, is no rival of a fuse.
  const breaking = ranked.filter(isKnown).filter(({ check }) => check?.margin && check.margin.worst < 0);
  const [weakest] = breaking;
  if (weakest && known.every((fuse) => highEnd(weakest.atTool) < lowEnd(fuse.atTool))) return [onlyIf(machine, breaksFirst(machine, weakest, first))];
  const rival = [second, weakest].filter((each) => each !== undefined).sort((a, b) => lowEnd(a.atTool) - lowEnd(b.atTool))[0];
  const isSure = !rival || highEnd(first.atTool) < lowEnd(rival.atTool);
  const { what, fails } = first.limit.words;
  const of = { what, fails, at: first.atTool, tool: machine.tool };
  const inertia = withInertia(machine, first.atTool, torque);
  const begins = isSure
    ? sentence('in a jam {what} {fails} near {at:likely} at the {tool}{unprotected}{inertia}', {
        ...of,
        inertia,
        unprotected: unprotected(first, breaking),
      })
    : sentence('in a jam it cannot be told which comes first: {what} {fails} at {at}, or {other} {otherFails} at {otherAt}{unprotected}{inertia}', {
        ...of,
        inertia,
        unprotected: neitherProtects(first, rival, breaking),
        other: rival.limit.words.what,
        otherFails: rival.limit.words.fails,
        otherAt: rival.atTool,
      });
  return [onlyIf(machine, begins), ...clock(machine, first.limit)];
}

const onlyIf = ({ demand }: Jammed, it: Sentence): Sentence =>
  demand.jams === 'only if steel falls in' ? sentence('only if steel falls in: {it}', { it }) : it;

function breaksFirst({ tool }: Jammed, { limit, atTool }: KnownRank, fuse: KnownRank): Sentence {
  const { what, fails } = limit.words;
  const of = { what, fails, at: atTool, tool, fuse: fuse.limit.words.what, fuseFails: fuse.limit.words.fails, fuseAt: fuse.atTool };
  return sentence('in a jam {what} {fails} first, at {at} at the {tool}; {fuse}, which {fuseFails} at {fuseAt}, does not protect it', of);
}

/** What a fuse does not protect: what the jam breaks, or may break, behind it. */
function unprotected(fuse: KnownRank, breaking: readonly KnownRank[]): Sentence | string {
  const names = behind(fuse.along, breaking);
  if (names.length === 0) return '';
  return sentence(', which does not protect {names}', { names: listed(names) });
}

function neitherProtects(first: KnownRank, rival: KnownRank, breaking: readonly KnownRank[]): Sentence | string {
  const names = rival.fuse ? behind(Math.max(first.along, rival.along), breaking) : [];
  return names.length === 0 ? '' : sentence('; neither protects {names}', { names: listed(names) });
}

const behind = (along: number, breaking: readonly KnownRank[]): readonly string[] =>
  breaking.filter((each) => each.along > along).map(({ limit }) => limit.words.what);

const listed = (names: readonly string[]): string => (names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`);

/** What the inertia of everything that is stopped adds. */
function withInertia({ demand }: Jammed, first: Known<'N·m'>, torque: Figure<'N·m'>): Sentence | string {
  if (torque.known)
    return torque.value > 1.1 * first.value ? sentence('; with the inertia of what spins the jam torque is {torque:likely}', { torque }) : '';
  return demand.stops.known ? '' : '; how much the inertia of the wheels adds depends on what may jam it';
}

/** How long it may go on, and whether anything stops it. */
function clock({ output, noun, path, figures }: Jammed, limit: Limit): Sentence[] {
  if (!limit.lasts?.time.known) return [];
  const { template, time } = limit.lasts;
  contextAt(path, jamOutputs, figures).note('may-last', time);
  // What slips lets the source run on below what would trip it.
  const goesOn = limit === output.stall ? output.stopped : `the ${noun} runs on meanwhile, and nothing need switch it off`;
  const lasting = sentence(template, { lasts: time });
  return [goesOn ? sentence('{lasting}; {goesOn}', { lasting, goesOn }) : lasting];
}
