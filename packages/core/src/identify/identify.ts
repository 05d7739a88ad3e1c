import { type DonorName, donorSays, donors } from './donors.js';
import { type FamilyName, familyNames } from './families.js';
import { type LookName, lookNames, looks } from './looks.js';
import { chanceOf, priorOf, tables } from './tables.js';
import { doesWander, type Impossible, impossibleIn, patternOf, type Reading } from './windings.js';

/** What was looked at of a motor in hand: what was not, or cannot be, is left out. */
export interface LookedAt {
  readonly donor?: DonorName | undefined;
  readonly mains?: 'one' | 'three' | 'battery' | undefined;
  readonly looks: Readonly<Partial<Record<LookName, string>>>;
  readonly readings: readonly Reading[];
}

/** What one observation says of a family: over 1 for it, under 1 against it, beside the others. */
export interface Evidence {
  readonly look: LookName | 'donor' | 'mains' | 'wanders' | 'pattern';
  /** Answer, as it is told. */
  readonly says: string;
  readonly weight: number;
}

export interface Ranked {
  readonly family: FamilyName;
  readonly chance: number;
  /** The strongest first. */
  readonly evidence: readonly Evidence[];
}

/** The likeliest family alone, with how likely it is. */
export function likeliestOf(looked: LookedAt): Pick<Ranked, 'family' | 'chance'> {
  const now = chances(factsOf(looked));
  return familyNames.map((family) => ({ family, chance: now[family] })).reduce((best, each) => (each.chance > best.chance ? each : best));
}

/** A chance as it is told: no motor is known better without a plate. */
export const toldChance = (chance: number): number => Math.min(0.99, chance);

/** What would tell most next. */
export interface NextLook {
  readonly look: LookName | 'readings' | 'donor';
  /** Bits of information that it is expected to add. */
  readonly bits: number;
  /** Share of what is still open that it settles. */
  readonly settles: number;
  readonly minutes: number;
}

export interface Identified {
  /** The likeliest first; of the same chance in the order of the families. */
  readonly ranking: readonly Ranked[];
  readonly next: readonly NextLook[];
  readonly impossible: readonly Impossible[];
  /** Observations that speak against what is likeliest: one of them may be misread. */
  readonly doubtful: readonly Evidence[];
}

type Chances = Readonly<Record<FamilyName, number>>;
type Fact = { readonly look: Evidence['look']; readonly says: string; readonly of: (family: FamilyName) => number };

const patternSays: Readonly<Record<string, string>> = {
  one: 'one winding',
  equal: 'three wires, all readings alike',
  sum: 'three wires, two readings add to the third',
  halves: 'three wires, two readings alike add to the third',
  'two-apart': 'two windings apart',
  'two-alike': 'two windings apart, alike',
  'three-alike': 'three windings apart, alike',
  'four-alike': 'four windings apart, alike',
  'two-halves': 'two windings with a middle',
  taps: 'one winding with taps',
  mixed: 'windings of several sorts',
};

/** What was looked at, each as its chance in every family. */
function factsOf({ donor, mains, looks: answers, readings }: LookedAt): readonly Fact[] {
  const facts: Fact[] = [];
  const add = (look: keyof typeof tables, answer: string | undefined, says: string) => {
    if (answer !== undefined && tables[look].answers.includes(answer)) facts.push({ look, says, of: (family) => chanceOf(look, answer, family) });
  };
  if (donor) facts.push({ look: 'donor', says: 'what it came out of', of: (family) => donorSays(donor, family) / priorOf(family) });
  if (!donor) add('mains', mains, 'what its machine was fed by');
  const pattern = patternOf(readings);
  for (const look of lookNames) {
    // How its wires are joined says how many there are, and more.
    if (look === 'wires' && pattern) continue;
    const answer = answers[look];
    add(look, answer, answer === undefined ? '' : ((looks[look].answers as Readonly<Record<string, string>>)[answer] ?? answer));
  }
  const wander = doesWander(readings);
  if (wander !== undefined) add('wanders', wander ? 'yes' : 'no', wander ? 'the reading wanders as it is turned' : 'the readings are steady');
  add('pattern', pattern, pattern ? (patternSays[pattern] as string) : '');
  return facts;
}

/**
 * What several observations owe to the same thing (magnets that are felt, that drag, that are seen) counts once too often where each is taken as apart from the
 * others: each counts for less than it would alone.
 */
const dependent = 0.8;

/** Of all facts together. */
function chances(facts: readonly Fact[]): Chances {
  const logs = familyNames.map((family) => facts.reduce((sum, { of }) => sum + dependent * Math.log(of(family)), Math.log(priorOf(family))));
  const most = Math.max(...logs);
  const weights = logs.map((each) => Math.exp(each - most));
  const all = weights.reduce((sum, each) => sum + each, 0);
  return Object.fromEntries(familyNames.map((family, k) => [family, (weights[k] as number) / all])) as Chances;
}

/** An answer by the chance that each family has of it, or in proportion to that, in the order of the families; and as it counts beside others. */
interface Row {
  readonly chance: Float64Array;
  readonly counts: Float64Array;
}
const rowOf = (of: Fact['of']): Row => ({
  chance: Float64Array.from(familyNames, of),
  counts: Float64Array.from(familyNames, (family) => of(family) ** dependent),
});

/** The tables as they are gone through again and again, each made when it is first needed. */
const rows = new Map<string, readonly Row[]>();
function rowsOf(table: string, answers: () => readonly Fact['of'][]): readonly Row[] {
  const known = rows.get(table);
  if (known) return known;
  const made = answers().map(rowOf);
  rows.set(table, made);
  return made;
}

/** What a table is expected to add to what is known, bits. */
const expectedBits = (look: keyof typeof tables, now: Float64Array): number =>
  bitsOf(
    rowsOf(look, () => tables[look].answers.map((answer) => (family) => chanceOf(look, answer, family))),
    now,
  );

/** What its machine would be expected to add, each as likely as the other, bits. */
const bitsOfDonor = (now: Float64Array): number =>
  bitsOf(
    rowsOf('donor', () => (Object.keys(donors) as DonorName[]).map((donor) => (family) => donorSays(donor, family) / priorOf(family))),
    now,
  );

/** Before what is known less after it, over all answers, each by how likely it is. */
function bitsOf(answers: readonly Row[], now: Float64Array): number {
  const likely = answers.map(({ chance }) => now.reduce((sum, each, k) => sum + each * (chance[k] as number), 0));
  const all = likely.reduce((sum, each) => sum + each, 0);
  const left = answers.reduce((sum, { counts }, k) => sum + ((likely[k] as number) / all) * entropyAfter(now, counts), 0);
  return Math.max(0, entropyAfter(now) - left);
}

/** What is not known, bits: now, or with one more answer. */
function entropyAfter(now: Float64Array, counts?: Float64Array): number {
  let [sum, logs] = [0, 0];
  for (let k = 0; k < now.length; k++) {
    const weight = (now[k] as number) * (counts ? (counts[k] as number) : 1);
    sum += weight;
    if (weight > 0) logs += weight * Math.log2(weight);
  }
  return sum > 0 ? Math.log2(sum) - logs / sum : 0;
}
const donor_minutes = 0.5;

/** How long measuring between each two of its wires takes, minutes. */
const ohms_minutes = 4;
/** What tells most for the time it takes comes first: four minutes count as much as half of it. */
const worth = ({ bits, minutes }: NextLook): number => bits / (1 + minutes / 4);
/** Under it an observation changes nothing that anybody would notice. */
const leastBits = 0.02;
/** Evidence that is told: half as likely again as in the families beside it, or the reverse. */
const told = 1.5;
/** Against what is likeliest so strongly that it may have been misread. */
const speaksAgainst = 0.2;

/**
 * Which motor it is, from what was looked at. The order in which that happened does not matter.
 * @param out what cannot be reached
 */
export function identify(looked: LookedAt, out: ReadonlySet<string> = new Set()): Identified {
  const facts = factsOf(looked);
  const now = chances(facts);
  const ranking = familyNames
    .map((family) => ({ family, chance: now[family], evidence: evidenceOf(family, facts, now) }))
    .sort((a, b) => b.chance - a.chance);
  const all = Float64Array.from(familyNames, (family) => now[family]);
  const open = entropyAfter(all);
  const nexts: NextLook[] = lookNames
    .filter((look) => looked.looks[look] === undefined && !out.has(look) && !(look === 'wires' && looked.readings.length > 0))
    .map((look) => ({ look, bits: expectedBits(look, all), settles: 0, minutes: looks[look].minutes }));
  if (looked.readings.length === 0 && !out.has('readings'))
    nexts.push({ look: 'readings', bits: Math.max(expectedBits('pattern', all), expectedBits('wanders', all)), settles: 0, minutes: ohms_minutes });
  if (!looked.donor && !looked.mains && !out.has('donor')) nexts.push({ look: 'donor', bits: bitsOfDonor(all), settles: 0, minutes: donor_minutes });
  const next = nexts
    .filter(({ bits }) => bits >= leastBits)
    .map((each) => ({ ...each, settles: open > 0 ? each.bits / open : 0 }))
    .sort((a, b) => worth(b) - worth(a));
  const [likeliest] = ranking;
  return {
    ranking,
    next,
    impossible: impossibleIn(looked.readings),
    doubtful: likeliest ? likeliest.evidence.filter(({ weight }) => weight < speaksAgainst) : [],
  };
}

/** What each fact says of a family, beside what it says of the others as likely as they are. */
function evidenceOf(family: FamilyName, facts: readonly Fact[], now: Chances): readonly Evidence[] {
  return facts
    .map(({ look, says, of }) => {
      const others = familyNames.filter((each) => each !== family);
      const weight =
        others.reduce((sum, each) => sum + Math.max(now[each], 0.01) * of(each), 0) /
        others.reduce((sum, each) => sum + Math.max(now[each], 0.01), 0);
      return { look, says, weight: of(family) / weight };
    })
    .filter(({ weight }) => weight > told || weight < 1 / told)
    .sort((a, b) => Math.abs(Math.log(b.weight)) - Math.abs(Math.log(a.weight)));
}

/** Less than this, bits, is little, however large a share it is of what is open. Chosen, no measurement. */
const little = 0.1;

/** What a next look would do, in words. */
export function settlesWords({ settles, bits }: Pick<NextLook, 'settles' | 'bits'>): string {
  if (bits < little) return 'would tell a little';
  if (settles > 0.7) return 'would settle it';
  if (settles > 0.35) return 'would narrow it much';
  return settles > 0.12 ? 'would narrow it' : 'would tell a little';
}

/** What speaks for a family and what against it, in words; nothing where nothing was looked at yet. */
export function evidenceWords({ evidence }: Ranked): string {
  const told = (list: readonly Evidence[], says: string): string => (list.length > 0 ? `${says}: ${list.map((each) => each.says).join(', ')}` : '');
  return [
    told(
      evidence.filter(({ weight }) => weight > 1),
      'for it',
    ),
    told(
      evidence.filter(({ weight }) => weight < 1),
      'against it',
    ),
  ]
    .filter(Boolean)
    .join('; ');
}
