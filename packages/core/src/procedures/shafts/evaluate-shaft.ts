import { type Check, hold, noWorseThanClose } from '../../checks/check.js';
import type { CheckOutput } from '../../checks/check-output.js';
import { type Figure, fixed, unknown } from '../../figure/figure.js';
import { defineProcedure, solve } from '../../figure/formula.js';
import type { Line, Shaft } from '../../machine/build.js';
import { nearestTo } from '../../shafts/bent.js';
import { enough, nearWhirl } from '../../shafts/judged.js';
import { type Across, faultsOf, type LaidShaft } from '../../shafts/laid-shaft.js';
import type { Place, Runs } from '../../shafts/stressed.js';
import { type Sentence, sentence } from '../../wording/sentence.js';
import type { WalkedLine } from '../walked.js';
import { type Corner, corners, madeOnce } from './corners.js';
import { type ActsOfLine, type AroundShaft, likely, type Template, templateOf } from './template.js';

/** A shaft as it lies in a machine, with what is said of it. */
export interface EvaluatedShaft {
  readonly id: string;
  readonly name: string;
  readonly checks: readonly Check[];
  /** By its likely figures, for drawing; null while something is missing. */
  readonly laid: LaidShaft | null;
  /** Where it is weakest, and how it is run. */
  readonly weakest: Place | null;
  readonly how: Runs;
  readonly speed_rpm: number;
  /** What is wrong with how it lies, in words. */
  readonly faults: readonly string[];
  /** What was taken where nothing says it. */
  readonly assumes: readonly Sentence[];
}

const shigley = 'Shigley’s Mechanical Engineering Design 10e, chapters 6 and 7 (from memory): distortion energy with Goodman’s line';

export const cracking = defineProcedure({
  id: 'shaft-cracks',
  oneByOne: true,
  says: 'Where the shaft is stressed most on every turn for what it lasts, all of it together as bending back and forth: pulls, weights and torque in two planes, raised by what is cut into it',
  source: shigley,
});
export const lasting = defineProcedure({
  id: 'shaft-lasting',
  oneByOne: true,
  says: 'Bending back and forth that the metal lasts with at that place: half of its strength, less for surface, size and reliability',
  source: 'Shigley’s Mechanical Engineering Design 10e, eq. 6-18 (from memory)',
});
export const sloping = defineProcedure({
  id: 'shaft-slope',
  oneByOne: true,
  says: 'Slope of the bent shaft at work, at the bearing or the gear where it is nearest to what that allows',
  source: 'Euler and Bernoulli’s beam',
});
export const whirling = defineProcedure({
  id: 'shaft-whirls',
  oneByOne: true,
  says: 'Four fifths of the lowest speed at which the shaft with its wheels vibrates as a beam',
  source: 'Euler and Bernoulli’s beam with its own mass; the margin is common practice, no source',
});

const slopeSource =
  'Shigley’s Mechanical Engineering Design 10e, table 7-2 (from memory): 0.003 rad of a ball bearing on a seat, 2° of an insert that turns in its block';

/** Of spur gears that are not crowned, rad. */
const meshAllows = 0.0005;
const meshSource = 'Shigley’s Mechanical Engineering Design 10e, table 7-2 (from memory): 0.0005 rad of spur gears that are not crowned';

const outputs = {
  cracks: {
    name: 'the {shaft} cracking in time',
    subject: 'whether the {shaft} lasts',
    source: shigley,
    closeBelow: 1 - 1 / enough,
    says: {
      holds: 'the {shaft} is stressed with {needs} on every turn at {place}; it lasts with {has}',
      fails: 'the {shaft} is too thin: at {place} it is stressed with {needs} on every turn; it lasts with {has}, so it cracks in time',
      may: 'the {shaft} may be too thin: at {place} it is stressed with {needs} on every turn; it lasts with {has}',
    },
  },
  whirls: {
    name: 'the whirl of the {shaft}',
    subject: 'whether the {shaft} whirls',
    source: 'Euler and Bernoulli’s beam; the margin is common practice, no source',
    closeBelow: 1 - nearWhirl.close[0] / nearWhirl.fails[0],
    says: {
      holds: 'the {shaft} turns at up to {needs}; up to {has} it is clear of its whirl',
      fails: 'the {shaft} turns at up to {needs}, and only up to {has} is it clear of its whirl: it shakes itself to pieces',
    },
  },
  slope: {
    name: 'the slope of the {shaft} in its bearings',
    subject: 'whether the {shaft} bends too far for its bearings',
    source: slopeSource,
    closeBelow: 0.1,
    says: {
      holds: 'the slope of the {shaft} at {bearing} is {needs}; the bearing allows {has}',
      fails: 'the {shaft} bends too far: its slope at {bearing} is {needs}; the bearing allows {has}, and wears out soon',
    },
  },
  mesh: {
    name: 'the slope of the {shaft} at its gear',
    subject: 'whether the {shaft} bends too far for its gear',
    source: meshSource,
    closeBelow: 0,
    says: {
      holds: 'the slope of the {shaft} at {gear} is {needs}; teeth as they are cut allow {has}',
      fails: 'the slope of the {shaft} at {gear} is {needs}; teeth as they are cut allow {has}, and wear at one end beyond that',
    },
  },
} as const satisfies Record<string, CheckOutput>;

/** Slopes that a bearing allows, rad: Shigley 10e, table 7-2, deep-groove ball 0.001 to 0.003 and self-aligning 0.026 to 0.052 (from memory). */
const allows = { seat: 0.003, screws: 0.035 } as const;

/** At which bearing the slope is nearest to what that allows: which one, its slope, and what it allows. */
function slopeAt({ shaft, bent }: Corner, isSeat: readonly boolean[]): { readonly k: number; readonly slope: number; readonly allows: number } {
  const all = shaft.bearings.map(({ at_mm }, k) => {
    const slopes = bent.map((each) => Math.hypot(...(each.slope_rad[nearestTo(each.at_mm, at_mm)] as Across)));
    return { k, slope: Math.max(...slopes), allows: isSeat[k] ? allows.seat : allows.screws };
  });
  return all.reduce((a, b) => (b.slope / b.allows > a.slope / a.allows ? b : a));
}

/**
 * What is said of one shaft of a build.
 * @param lines what acts on it, of every line that shares it
 * @param walked the line it belongs to: what a jam loads it with
 */
export function evaluateShaft(
  shaft: Shaft,
  build: AroundShaft,
  lines: readonly ActsOfLine[],
  line: Line,
  { jam }: Pick<WalkedLine, 'jam'>,
): EvaluatedShaft {
  const template = templateOf(shaft, build, lines, line);
  const id = `${line.id}/@shafts/${shaft.id}`;
  const times = timesInJam(jam, id, template.torque);
  const assumes = JSON.stringify(template.assumes);
  return madeOnce(shaft, template, `judged ${id} ${times} ${assumes}`, () => judged(shaft, template, id, times));
}

function judged(shaft: Shaft, template: Template, id: string, times: number): EvaluatedShaft {
  const { from, how, assumes } = template;
  const at = shaft.seats[0] ? `${shaft.seats[0].of.line}/${shaft.seats[0].of.stage}` : `${id.split('/')[0]}/work`;
  const numbers = likely(from);
  const of = corners(template, shaft);
  const now = numbers && of.at(numbers);
  const faults = now ? faultsOf(now.shaft) : [];
  const weakest = now?.places[0] ?? null;
  const name = shaft.name;
  const place =
    weakest === null || weakest.id === 'shaft' ? 'the plain shaft' : /^(the|bearing) /.test(weakest.id) ? weakest.id : `the ${weakest.id}`;
  const cracks = (n: Readonly<Record<string, number>>) => of.at(n).places[0]?.cracks ?? Number.NaN;
  const endures = (n: Readonly<Record<string, number>>) => of.at(n).places[0]?.lasts_MPa ?? Number.NaN;
  const { Sut: _, Sy: __, ...still } = from;
  // How fast it whirls hangs on neither what pulls nor what turns.
  const lies = Object.fromEntries(Object.entries(still).filter(([each]) => !/ (pull|force|peak|torque|unbalance)$|^top$/.test(each)));
  const isSeat = shaft.bearings.map(({ inputs }) => inputs.marks?.text === 'seat');
  const sloped = now && faults.length === 0 && shaft.bearings.length > 0 ? slopeAt(now, isSeat) : null;
  const checks =
    faults.length > 0
      ? [faultCheck(`${id}/check-cracks`, at, name, faults)]
      : [
          hold(`${id}/check-cracks`, at, outputs.cracks, {
            has: solve('MPa', lasting, from, endures),
            needs: solve('MPa', cracking, from, (n) => endures(n) / cracks(n)),
            tells: { shaft: name, place },
          }),
          hold(`${id}/check-whirls`, at, outputs.whirls, {
            has: solve('rpm', whirling, lies, (n) => nearWhirl.fails[0] * of.whirl(n)),
            needs: template.top as Figure<'rpm'>,
            tells: { shaft: name },
          }),
          ...(sloped
            ? [
                hold(`${id}/check-slope`, at, outputs.slope, {
                  has: fixed('rad', sloped.allows, slopeSource),
                  needs: solve('rad', sloping, still, (n) => {
                    const worst = slopeAt(of.at({ ...n, Sut: numbers?.Sut ?? Number.NaN, Sy: numbers?.Sy ?? Number.NaN }), isSeat);
                    // Against what the one allows that is told of.
                    return (worst.slope / worst.allows) * sloped.allows;
                  }),
                  tells: { shaft: name, bearing: shaft.bearings[sloped.k]?.name ?? 'its bearing' },
                }),
              ]
            : []),
          ...meshOf(template, of, still, numbers, { id, at, shaft: name }),
        ];
  return {
    id: shaft.id,
    name,
    checks,
    laid: faults.length === 0 && now && numbers ? { ...now.shaft, loads: template.lay(numbers, now.way, times).loads } : null,
    weakest,
    how,
    speed_rpm: template.top.known ? template.top.value : 0,
    faults,
    assumes: [...assumes, ...twoSchools(now?.places ?? [])],
  };
}

/** The slope at a gear that meshes with another: it wears then, and breaks nothing, so that it is close at worst. */
function meshOf(
  { gears }: Template,
  of: ReturnType<typeof corners>,
  from: Readonly<Record<string, Figure>>,
  numbers: Readonly<Record<string, number>> | null,
  { id, at, shaft }: { readonly id: string; readonly at: string; readonly shaft: string },
): Check[] {
  const now = numbers && of.at(numbers);
  if (!now || gears.length === 0 || now.bent.length === 0) return [];
  const slope = ({ bent, shaft: { loads } }: Corner) =>
    Math.max(...gears.flatMap((k) => bent.map((each) => Math.hypot(...(each.slope_rad[nearestTo(each.at_mm, loads[k]?.at_mm ?? 0)] as Across)))));
  const check = hold(`${id}/check-mesh`, at, outputs.mesh, {
    has: fixed('rad', meshAllows, meshSource),
    needs: solve('rad', sloping, from, (n) => slope(of.at({ ...n, Sut: numbers.Sut ?? Number.NaN, Sy: numbers.Sy ?? Number.NaN }))),
    tells: { shaft, gear: `the ${now.shaft.loads[gears[0] as number]?.id ?? 'gear'}` },
  });
  return [noWorseThanClose(check)];
}

/** So many times the torque of work a jam, or the start of what nothing jams, brings to a shaft, as likely. */
function timesInJam({ checks }: WalkedLine['jam'], id: string, torque: Figure): number {
  const loaded = checks.find((check) => check.id === `${id}/check-bends`)?.needs;
  return loaded?.known && torque.known && torque.value > 0 ? Math.max(1, loaded.value / torque.value) : 1;
}

/** Two schools that are further apart than this are told both (docs/decisions/0049). */
const apart = 0.15;

/** What the quick code formula says, where it is not what Goodman’s line says. */
function twoSchools(places: readonly Place[]): Sentence[] {
  const least = (of: (place: Place) => number) => Math.min(...places.map(of));
  const [goodman, code] = [least(({ cracks }) => cracks), least(({ code: factor }) => factor)];
  if (places.length === 0 || Math.abs(code / goodman - 1) <= apart) return [];
  const times = (value: number) => ({ value: Number(value.toPrecision(2)), unit: '1' as const });
  return [
    sentence(
      'two schools: by Goodman’s line it withstands {goodman} times what it has to, by the quick code formula with its shock factors {code} times',
      {
        goodman: times(goodman),
        code: times(code),
      },
    ),
  ];
}

/** What is wrong with how it lies: nothing can be said of it. */
const faultCheck = (id: string, at: string, shaft: string, faults: readonly string[]): Check => ({
  id,
  at,
  verdict: 'unknown',
  name: sentence('the {shaft}', { shaft }),
  has: unknown('MPa', []),
  needs: unknown('MPa', []),
  margin: null,
  says: { ...sentence('whether the {shaft} lasts is not known yet: {faults}', { shaft, faults: faults.join('; ') }), verdict: 'unknown' },
  source: 'Statics',
});
