import type { Check } from '../checks/check.js';
import { verdictWords } from '../checks/verdict.js';
import type { FieldPath } from '../figure/figure.js';
import { unitOf } from '../kinds/fields.js';
import type { Kinds } from '../kinds/registry.js';
import type { Build, Input } from '../machine/build.js';
import { typeOf } from '../machine/field-types/index.js';
import { type Place, placesOf, withInput } from '../machine/paths.js';
import { type Sentence, sentence, type Told } from '../wording/sentence.js';
import { type Evaluation, evaluateBuild } from './evaluate-build.js';
import { atOnce, type Steps } from './steps.js';

/** One way in which a field at which nobody has looked may turn out, and what that makes of the checks. */
interface Way {
  readonly words: Told;
  readonly checks: ReadonlyMap<string, Check>;
}

/** Fields that are tried at the most: behind the first dozen nobody reads on. */
const mostTried = 12;

/**
 * What decides the checks that are not known although there are figures: the field whose ends alone turn the verdict, found by trying each, with what comes of
 * either end. Each end costs an evaluation: it is worked out when there is time.
 * @param now the build as it was worked out
 * @returns sentences by the id of their check
 */
export const decidedBy = (build: Build, kinds: Kinds, now: Evaluation): ReadonlyMap<string, Sentence> => atOnce(decidedSteps(build, kinds, now));

/** The same in steps: one for each field that is tried. */
export function* decidedSteps(build: Build, kinds: Kinds, now: Evaluation): Steps<ReadonlyMap<string, Sentence>> {
  const open = now.checks.filter((check) => check.verdict === 'unknown' && check.unseen);
  const fields = [...new Set(open.flatMap((check) => check.unseen ?? []))].slice(0, mostTried);
  const ways = new Map<FieldPath, readonly Way[]>();
  for (const path of fields) {
    ways.set(path, waysOf(path, build, kinds, now));
    yield ways.size / fields.length;
  }
  return new Map(open.flatMap((check) => (check.unseen ? [[check.id, decides(check, check.unseen, ways)] as const] : [])));
}

function waysOf(path: FieldPath, build: Build, kinds: Kinds, now: Evaluation): Way[] {
  const place = placesOf(build).find((each) => each.path === path);
  if (!place) return [];
  return inputsFor(place, now).map(({ input, words }): Way => {
    const { checks } = evaluateBuild(withInput(build, path, input), kinds);
    return { words, checks: new Map(checks.map((check) => [check.id, check])) };
  });
}

/** Each option of a choice; both ends of a quantity, as they were guessed, as they are usual, or as the kind took them. */
function inputsFor({ path, field, input }: Place, now: Evaluation): { readonly input: Input; readonly words: Told }[] {
  const options = typeOf(field).options(field);
  if (options) return Object.entries(options).map(([option, words]) => ({ input: { text: option, how: 'measured' }, words }));
  // Of a table, a text or a part there are no ends to try.
  if (field.is !== 'quantity') return [];
  const [element, name] = [path.slice(0, path.lastIndexOf('/')), path.slice(path.lastIndexOf('/') + 1)];
  const taken = now.lines.map(({ figures }) => figures.get(element)?.get(name)).find((figure) => figure?.known);
  const used = taken?.known ? taken : undefined;
  const [low, high] = [input?.low ?? field.usual?.low ?? used?.low, input?.high ?? field.usual?.high ?? used?.high];
  if (low === undefined || high === undefined) return [];
  const unit = unitOf(field);
  return [low, high].map((value) => ({
    input: { text: '', value, unit, how: 'measured' },
    words: sentence('at {value}', { value: { value, unit, quantity: field.quantity } }),
  }));
}

const settled = ({ verdict }: Check): boolean => verdict !== 'unknown';
const good = ({ verdict }: Check): boolean => verdict === 'holds' || verdict === 'close';

/** The check as each way makes it. */
const atEach = (check: Check, ways: readonly Way[]): Check[] => ways.flatMap((way) => way.checks.get(check.id) ?? []);

/** Whether its ends alone turn the verdict: it fails at one and does not at another. */
const turns = (all: readonly Check[]): boolean => all.some(good) && all.some((each) => settled(each) && !good(each));

/** How much a field has to do with it: turning the verdict is most, then settling it at one end, then how far it moves what is left. */
function weight(all: readonly Check[]): number {
  if (all.length === 0) return -1;
  const left = all.map((each) => each.margin?.worst ?? 0);
  return (turns(all) ? 1e6 : 0) + (all.some(settled) ? 1e3 : 0) + Math.min(999, Math.max(...left) - Math.min(...left));
}

function decides(check: Check, fields: readonly FieldPath[], ways: ReadonlyMap<FieldPath, readonly Way[]>): Sentence {
  const ranked = fields
    .map((path) => ({ path, ways: ways.get(path) ?? [] }))
    .sort((a, b) => weight(atEach(check, b.ways)) - weight(atEach(check, a.ways)));
  const [first, second] = ranked;
  const { subject = '' } = check.says.figures;
  if (!first || first.ways.length === 0) return check.says;
  const alone = !second || atEach(check, first.ways).some(settled);
  if (!alone && second) {
    const both = { fields: [first.path, second.path] };
    return {
      template: '{subject} is not known yet: no single entry decides it; look at {both} first',
      figures: { subject, both },
      verdict: 'unknown',
    };
  }
  const outcomes = first.ways.flatMap((way) => outcome(way, check, first.ways));
  const told = Object.fromEntries(outcomes.map((each, k) => [`way${k}`, each]));
  const list = outcomes.map((_, k) => `{way${k}}`).join('; ');
  const missing = { fields: [first.path] };
  const held = needsMoves(check, first.ways) ? (['has', 'the limit is {has}: '] as const) : (['needs', 'the load is {needs}: '] as const);
  const other = check[held[0]].known ? held[1] : '';
  const figures = { subject, missing, has: check.has, needs: check.needs, ...told };
  return { template: `{subject} is not known yet: “{missing}” decides; ${other}${list}`, figures, verdict: 'unknown' };
}

/** How far the likely of one side moves from way to way, as a share of it. */
function moved(check: Check, ways: readonly Way[], side: 'has' | 'needs'): number {
  const values = atEach(check, ways).flatMap((each) => (each[side].known ? [each[side].value] : []));
  return values.length === 0 ? 0 : (Math.max(...values) - Math.min(...values)) / (Math.abs(Math.max(...values)) || 1);
}

/** Whether it is what is needed that changes from way to way, and not the limit. */
const needsMoves = (check: Check, ways: readonly Way[]): boolean => moved(check, ways, 'needs') > moved(check, ways, 'has');

function outcome({ words, checks }: Way, { id }: Check, ways: readonly Way[]): Sentence[] {
  const check = checks.get(id);
  if (!check) return [];
  const side = needsMoves(check, ways) ? 'needs' : 'has';
  const figure = check[side];
  if (!figure.known || moved(check, ways, side) < 0.01) return [sentence(`{words}: ${verdictWords[check.verdict]}`, { words })];
  return [sentence(`{words}: {figure}, ${verdictWords[check.verdict]}`, { words, figure })];
}
