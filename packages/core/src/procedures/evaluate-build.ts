import type { Check } from '../checks/check.js';
import { reserveOf } from '../checks/reserve.js';
import { rankOf, type Verdict, worstVerdict } from '../checks/verdict.js';
import { type Figure, unknown } from '../figure/figure.js';
import { joined, joinedOnce } from '../joined.js';
import { type Kinds, kindHead } from '../kinds/registry.js';
import type { Build, Line, Setting } from '../machine/build.js';
import { holdersOf, isOnShaft, isSetting } from '../machine/holders.js';
import { lineOf } from '../machine/lines.js';
import { meansTheSame } from '../machine/means-the-same.js';
import { isOpen, openPlacesOf } from '../machine/open.js';
import { inSetting } from '../machine/settings.js';
import { listed } from '../quantity/listed.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { couldDrive } from './could-drive.js';
import { type Need, needOf } from './need.js';
import { ratioSays } from './need-says.js';
import { runsAt } from './running.js';
import { type ShaftsAre, toldOf, workedOut } from './shafts/as-before.js';
import { type EvaluatedShaft, evaluateShaft } from './shafts/evaluate-shaft.js';
import { type ActsOfLine, shaftsOf } from './shafts/template.js';
import { tooThin } from './shafts/too-thin.js';
import { runningOrFull, turning } from './station-figures.js';
import { walkLine } from './walk-line.js';
import type { WalkedLine } from './walked.js';
import { wishChecks } from './wishes.js';

/** Number of the engine that made an evaluation; a cached verdict with another number is worked out again. */
export const engineVersion = 23;

/** A line of a build with what is said of it alone. */
export interface EvaluatedLine extends WalkedLine {
  readonly name: string;
  readonly verdict: Verdict;
  /** The sentence over this line. */
  readonly says: readonly Sentence[];
  /** What fails first in a jam of it; empty while that is not known. */
  readonly inJam: readonly Sentence[];
  /** Its checks, worst first, without those that hang on what is open. Of a line with settings each as it is in the worst of them. */
  readonly ledger: readonly Check[];
  /** What it does in each of its settings; left out where it has none, or a place is open. */
  readonly settings?: readonly EvaluatedSetting[];
  /** Its shafts as they lie, where any is entered. */
  readonly shafts?: readonly EvaluatedShaft[];
  /** Of a line with settings its checks as it is entered, outside of them. */
  readonly alone?: readonly Check[];
}

/** A line in one of its settings. */
export interface EvaluatedSetting {
  readonly id: string;
  readonly name: string;
  /** At the tool, at work where that is known, otherwise at full load. */
  readonly speed: Figure<'rpm'>;
  /** That reaches the tool at full load. */
  readonly torque: Figure<'N·m'>;
  readonly verdict: Verdict;
  readonly says: readonly Sentence[];
  readonly ledger: readonly Check[];
  readonly jam: WalkedLine['jam'];
}

/** What was worked out of a build. Plain data: sentences are put into words, and figures into units, by whoever shows them. */
export interface Evaluation {
  readonly lines: readonly EvaluatedLine[];
  /** Every check, worst first; of several lines with the name of its own. */
  readonly checks: readonly Check[];
  readonly verdict: Verdict;
  /** The sentence over the whole: of several lines that of the worst, which is named. */
  readonly says: readonly Sentence[];
  /** What is wrong between its lines, and what would do. */
  readonly atOdds: readonly Sentence[];
  /** What fails first in a jam, and how long it may go on. Empty while that is not known. */
  readonly jam: readonly Sentence[];
  /** What the answer does not cover. */
  readonly notWorkedOut: readonly Sentence[];
  /** What to beware of, each once. */
  readonly cautions: readonly Sentence[];
}

/** Said behind every answer until it is built. */
const never = (build: Build) => [
  build.shafts.some(({ sections }) => sections.length > 0) ? 'strength of shafts that are not entered' : 'shaft strength',
  'bearing life',
];

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
  return evaluated(build, kinds, last, workedOut);
}

/**
 * Works out one line of a build, and of its jam and its shafts only what is worth while.
 * @param lineId where there is none of it the first
 * @param told by what was found of the line without either: what is not worked out is left out of the evaluation
 * @throws Error when a kind of the line is not among `kinds`
 */
export function evaluateLineWhere(build: Build, kinds: Kinds, lineId: string, told: NonNullable<ShaftsAre['told']>): EvaluatedLine {
  const line = lineOf(build, lineId);
  return evaluateLine({ build, kinds, acting: sharing(build, kinds), are: { ...workedOut, told } }, line, build.lines.indexOf(line));
}

/** More shafts than so many are not worked out in the moment of a key that changes something else. */
const fewShafts = 2;

/**
 * The same at once, where a key must not wait for many shafts: their own figures and checks, and their place in the order of a jam, stay as they last were.
 * @returns null where all of it can be worked out at once: few shafts are entered, or one of them is what was changed
 */
export function evaluateAtOnce(build: Build, kinds: Kinds, last: WorkedOut): Evaluation | null {
  if (build.shafts.length <= fewShafts || build.shafts !== last.build.shafts || build.forces !== last.build.forces) return null;
  if (meansTheSame(build, last.build)) return null;
  return evaluated(build, kinds, last, { ...workedOut, asBefore: true });
}

function evaluated(build: Build, kinds: Kinds, last: WorkedOut | undefined, are: ShaftsAre): Evaluation {
  const acting = sharing(build, kinds);
  const lines = build.lines.map((line, k) => (acting ? undefined : keptLine(build, k, last)) ?? evaluateLine({ build, kinds, acting, are }, line, k));
  const [only, ...others] = lines as [EvaluatedLine, ...EvaluatedLine[]];
  const isOne = others.length === 0;
  const notEntered = joined(lines, (line) => line.notEntered);
  const what = [...never(build), ...linesNotJoined(build), ...onlyKept(build), ...joinedOnce(lines, (line) => line.notWorkedOut)].join(', ');
  const worst = worstLine(lines);
  const atOdds = linesAtOdds(build);
  return {
    lines,
    checks: isOne ? only.ledger : worstFirst(joined(lines, ({ name, ledger }) => ledger.map((check) => toldAmong(name, check)))),
    verdict: worst.verdict,
    atOdds,
    says: isOne ? [...atOdds, ...only.says] : [...atOdds, ...worst.says.map((said, k) => (k === 0 ? ofLine(worst.name, said) : said))],
    jam: isOne ? only.inJam : joined(lines, ({ name, inJam }) => inJam.map((said, k) => (k === 0 ? ofLine(name, said) : said))),
    notWorkedOut: [
      ...(notEntered.length > 0 ? [sentence('not entered: {fields}', { fields: listed(notEntered) })] : []),
      sentence('not worked out: {what}', { what }),
    ],
    cautions: joinedOnce(lines, (line) => line.cautions),
  };
}

/** The line with the worst verdict, the first of several. */
export const worstLine = (lines: readonly EvaluatedLine[]): EvaluatedLine => lines.reduce((a, b) => (rankOf[b.verdict] > rankOf[a.verdict] ? b : a));

/** A line that nobody touched, under the same supply and wishes, is not worked out again. */
function keptLine(build: Build, k: number, last: WorkedOut | undefined): EvaluatedLine | undefined {
  if (!last || last.build.supply !== build.supply || last.build.wishes !== build.wishes) return undefined;
  if (last.build.shafts !== build.shafts || last.build.forces !== build.forces) return undefined;
  const was = last.build.lines.indexOf(build.lines[k] as Line);
  // What is wished of the tool is held against that of the first.
  return was < 0 || (was === 0) !== (k === 0) ? undefined : last.evaluation.lines[was];
}

/** Where a shaft has wheels of several lines, what each of them does to it; null where there is none. */
function sharing(build: Build, kinds: Kinds): readonly ActsOfLine[] | null {
  const isShared = build.shafts.some(({ seats }) => new Set(seats.map(({ of }) => of.line)).size > 1);
  return isShared
    ? build.lines.map((line) => walkLine(line, kinds, { supply: build.supply, ...(build.wishes ? { wishes: build.wishes } : {}) }))
    : null;
}

/** What every line of a build is worked out with. */
interface Around {
  readonly build: Build;
  readonly kinds: Kinds;
  readonly acting: readonly ActsOfLine[] | null;
  readonly are: ShaftsAre;
}

function evaluateLine(around: Around, line: Line, k: number): EvaluatedLine {
  const { build, kinds, acting, are } = around;
  const open = openPlacesOf(line);
  const others = (acting ?? []).filter(({ id }) => id !== line.id);
  const walked = walkLine(line, kinds, { ...build, others, shaftsAre: are });
  if (walked.isApart)
    return { ...walked, name: line.name, verdict: 'fails', says: walked.checks.map((check) => check.says), inJam: [], ledger: walked.checks };
  const ends = fromEitherEnd(build, kinds, line, walked);
  const shafts = (isTold(are, walked.checks) ? shaftsOf(build, line) : []).map((shaft) =>
    toldOf(shaft, line, 'as it lies', are, () => evaluateShaft(shaft, build, [walked, ...others], line, walked)),
  );
  const all = [
    ...walked.checks,
    ...shafts.flatMap((each) => each.checks),
    ...tooThin(build, line, walked.acts ?? []),
    ...wishChecks(build, walked, k === 0),
  ];
  // What hangs on a place that is still open is not told one by one: the sentence is about that.
  const alone = worstFirst(open.size === 0 ? all : all.filter((check) => !hangsOn(check, open) && !isAim(check)));
  const settings = open.size === 0 ? (line.settings ?? []).map((setting) => evaluateSetting(around, line, k, setting)) : [];
  const ledger = settings.length === 0 ? alone : overSettings(alone, settings);
  // The sentence is about the work first, then about whatever is worse.
  const headline = [walked.checks[0] as Check].filter((check) => !hangsOn(check, open))[0];
  const worst = ledger[0];
  const other = worst && rankOf[worst.verdict] > rankOf[headline?.verdict ?? 'unknown'] ? [withReserve(worst)] : [];
  // What the wall feeds bounds every cure.
  const wall = ledger.find(({ id, verdict }) => id.endsWith('/check-circuit') && (verdict === 'fails' || verdict === 'close'));
  if (wall && wall !== worst) other.push(withReserve(wall));
  const [first] = walked.stations;
  if (open.size === 0 && first) other.push(...runsAt(first));
  const fromEnds = headline && headline.verdict !== 'unknown' ? ends.stillOpen : ends.says;
  return {
    ...withNeed(walked, ends.need),
    name: line.name,
    verdict: open.size > 0 && worst?.verdict !== 'fails' ? 'unknown' : worstVerdict(ledger),
    says:
      headline || fromEnds.length > 0
        ? [...fromEnds, ...(headline ? [headline.says] : []), ...other]
        : [sentence('nothing is entered yet: begin with the motor')],
    inJam: open.size > 0 ? [] : walked.jam.says,
    ledger,
    ...(settings.length > 0 ? { settings, alone } : {}),
    ...(shafts.length > 0 ? { shafts } : {}),
  };
}

const isTold = ({ told }: ShaftsAre, checks: readonly Check[]): boolean => !told || told(checks) === 'all';

function evaluateSetting(around: Around, line: Line, k: number, setting: Setting): EvaluatedSetting {
  const { build, are } = around;
  // The speed that is wished is one of several: it is held against what is entered alone.
  const { leastSpeed: _, mostSpeed: __, ...wishes } = build.wishes ?? {};
  const alone = inSetting({ ...build, wishes }, line.id, setting);
  const { stations, verdict, says, ledger, jam } = evaluateLine(
    { ...around, build: alone, are: { ...are, setting: setting.id } },
    alone.lines[k] as Line,
    k,
  );
  const tool = stations.at(-1);
  return { id: setting.id, name: setting.name, ...atTool(tool), verdict, says, ledger, jam };
}

/** Speed of a turning tool at work, where that is known, and the torque that reaches it at full load. */
export const atTool = (tool: EvaluatedLine['stations'][number] | undefined): Pick<EvaluatedSetting, 'speed' | 'torque'> =>
  tool
    ? { speed: turning({ is: tool.is, ...runningOrFull(tool) }).speed, torque: turning(tool).torque }
    : { speed: unknown('rpm', []), torque: unknown('N·m', []) };

/** Each check as it is where it is worst: as it is entered, or in one of the settings, which is named. */
function overSettings(alone: readonly Check[], settings: readonly EvaluatedSetting[]): readonly Check[] {
  const worst = new Map(alone.map((check) => [check.id, check]));
  for (const { name, ledger } of settings)
    for (const check of ledger) {
      const before = worst.get(check.id);
      const isWorse = !before || rankOf[check.verdict] > rankOf[before.verdict] || isNearer(check, before);
      // What is only not known there is not known of the setting, and fails nothing.
      if (isWorse && check.verdict !== 'unknown') worst.set(check.id, { ...check, inSetting: name, says: inWords(name, check.says) });
    }
  return worstFirst([...worst.values()]);
}

/** Of two that are as bad the one with less left; of what holds anyway nothing is told twice. */
const isNearer = (check: Check, before: Check): boolean =>
  check.verdict === before.verdict && check.verdict !== 'holds' && check.margin !== null && check.margin.worst < (before.margin?.worst ?? 0);

const inWords = (name: string, says: Sentence): Sentence => ({
  ...sentence('in setting “{setting}”: {says}', { setting: name, says }),
  ...(says.verdict ? { verdict: says.verdict } : {}),
});

/** Checks as they are told among those of other lines, by the check: of a line that nobody touched they are the same objects. */
const amongLines = new WeakMap<Check, { readonly name: string; readonly told: Check }>();

function toldAmong(name: string, check: Check): Check {
  const known = amongLines.get(check);
  if (known?.name === name) return known.told;
  const told = { ...check, says: ofLine(name, check.says) };
  amongLines.set(check, { name, told });
  return told;
}

/** What is said of one line of several. */
const ofLine = (name: string, says: Sentence): Sentence => ({
  ...sentence('{line}: {says}', { line: name, says }),
  ...(says.verdict ? { verdict: says.verdict } : {}),
});

/** Two lines of one name, or a source that is a shaft of a line that is gone: what is the matter, and what would do. */
function linesAtOdds({ lines }: Build): Sentence[] {
  const names = lines.map(({ name }) => name.trim().toLowerCase());
  const twice = lines.filter(({ name }, k) => names.indexOf(name.trim().toLowerCase()) < k);
  const gone = lines.filter(
    ({ source: { from } }) => from && !lines.some(({ id, stations }) => id === from.line && stations.some((each) => each.id === from.station)),
  );
  return [
    ...twice.map(({ name }) => sentence('two lines are called “{name}”: rename one of them', { name })),
    ...gone.map(({ name }) => sentence('the source of “{name}” is a shaft that is not there: choose another source for it', { name })),
  ];
}

/** What is kept besides the elements of the lines. */
function onlyKept(build: Build): string[] {
  // Settings are worked out, each by itself, and so are shafts.
  const holders = holdersOf(build).filter(({ path }) => !isSetting(path) && !isOnShaft(path));
  return holders.length > 0 ? [`what is kept under Brief: ${listed(holders.map(({ called }) => called))}`] : [];
}

/** What joins lines is kept, and not worked out yet. */
function linesNotJoined({ lines }: Build): string[] {
  const shared = lines.flatMap(({ stations }) => stations.flatMap(({ shaft }) => shaft ?? []));
  const isJoined = lines.some(({ source }) => source.from) || new Set(shared).size < shared.length;
  return isJoined ? ['what joined lines do to each other (each is worked out as if it stood apart)'] : [];
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
  if (!source || !needed || walked.isApart) return none;
  if (isOpen(line.source) || !source.effort.known) {
    const need = needOf(build, kinds, line, walked);
    return { need, says: need.motor || isOpen(line.source) ? need.says : [], stillOpen: [] };
  }
  if (!needed.known)
    return { ...none, says: [couldDrive(turning(source), kindHead('source', line.source.kind)?.noun ?? 'motor')].flatMap((says) => says ?? []) };
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

/** By verdict, then by how little is left. What they are sorted by is read once: a sort needs it some hundreds of times. */
function worstFirst(checks: readonly Check[]): Check[] {
  return checks
    .map((check) => ({ check, rank: rankOf[check.verdict], left: check.margin?.worst ?? 0 }))
    .sort((a, b) => b.rank - a.rank || a.left - b.left)
    .map(({ check }) => check);
}
