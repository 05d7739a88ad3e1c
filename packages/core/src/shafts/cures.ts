import { rankOf } from '../checks/verdict.js';
import { gravity } from './bent.js';
import { type Finding, type JudgedShaft, judgeShaft, type Running } from './judged.js';
import { type LaidShaft, type Load, lengthOf } from './laid-shaft.js';
import { metals } from './metals.js';
import { notchKinds } from './notches.js';

/** A change of a shaft that was tried in full. */
export interface ShaftCure extends Change {
  readonly after: JudgedShaft;
  /** What it makes better, as it is then. */
  readonly better: Finding;
}

/** Diameters of bars and bearings that are sold, mm. */
const bars = [8, 10, 12, 15, 17, 20, 25, 30, 35, 40, 45, 50, 55, 60, 70, 80] as const;
/** Nearest that the middle of a wheel comes to the middle of a bearing block, mm: half of each (common practice, no source). */
const leastOverhang_mm = 30;
const mm = (value: number): string => `${Math.round(value)} mm`;

interface Change {
  readonly says: string;
  readonly shaft: LaidShaft;
  /** One of several bars: only those are told with which something changes. */
  readonly isThicker?: true;
}

/** Bars up to so many times as thick are tried. */
const thickest = 3;

const pullOf = ({ force_N: [right, up], mass_kg = 0 }: Load): number => Math.hypot(right, up - gravity * mass_kg);

/** What sits at the same place moves together. */
const moved = (shaft: LaidShaft, from_mm: number, to_mm: number): LaidShaft => ({
  ...shaft,
  loads: shaft.loads.map((load) => (Math.abs(load.at_mm - from_mm) < 1 ? { ...load, at_mm: to_mm } : load)),
  notches: shaft.notches.map((notch) => {
    const reaches = notch.to_mm !== undefined && from_mm >= notch.at_mm - 1 && from_mm <= notch.to_mm + 1;
    if (!reaches) return notch;
    // Its keyway goes with it, and stops short of the bearing.
    return { ...notch, at_mm: notch.at_mm + to_mm - from_mm, to_mm: (notch.to_mm as number) + to_mm - from_mm };
  }),
});

/** Bearings at other places; what marks the shaft there goes with them. */
const withBearings = (shaft: LaidShaft, places: readonly number[]): LaidShaft => ({
  ...shaft,
  bearings: shaft.bearings.map((each, k) => ({ ...each, at_mm: places[k] ?? each.at_mm })),
  notches: shaft.notches.map((notch) => {
    const k = shaft.bearings.findIndex(({ at_mm }) => Math.abs(at_mm - notch.at_mm) < 1 && notch.to_mm === undefined);
    return k < 0 ? notch : { ...notch, at_mm: places[k] ?? notch.at_mm };
  }),
});

/** The wheel that hangs furthest out, and by how much. */
function overhung({ loads, bearings }: LaidShaft): { readonly load: Load; readonly near_mm: number; readonly out_mm: number } | null {
  const [low, high] = [Math.min(...bearings.map(({ at_mm }) => at_mm)), Math.max(...bearings.map(({ at_mm }) => at_mm))];
  const out = loads
    .map((load) => {
      const near_mm = load.at_mm < low ? low : high;
      return { load, near_mm, out_mm: load.at_mm < low ? low - load.at_mm : load.at_mm - high };
    })
    .filter(({ load, out_mm }) => out_mm > 1 && pullOf(load) > 0)
    .sort((a, b) => b.out_mm * pullOf(b.load) - a.out_mm * pullOf(a.load));
  return out[0] ?? null;
}

function* ofDiameter(shaft: LaidShaft): Generator<Change> {
  const [largest] = shaft.sections.map(({ size_mm }) => size_mm).sort((a, b) => b - a);
  if (largest === undefined) return;
  for (const bar of bars.filter((each) => each > largest + 0.1 && each <= thickest * largest)) {
    const times = bar / largest;
    const sections = shaft.sections.map((section) => ({ ...section, size_mm: section.size_mm * times }));
    yield {
      says: shaft.sections.length === 1 ? `a shaft of ${bar} mm, with its bearings` : `all of it thicker, the thickest ${bar} mm`,
      // A thread or a groove is as deep in proportion.
      shaft: {
        ...shaft,
        sections,
        notches: shaft.notches.map((notch) => (notch.root_mm === undefined ? notch : { ...notch, root_mm: notch.root_mm * times })),
      },
      isThicker: true,
    };
  }
  if (shaft.sections.some(({ shape }) => shape === 'tube')) {
    const solid = shaft.sections.map(({ bore_mm: _, ...section }) => ({
      ...section,
      shape: section.shape === 'tube' ? ('round' as const) : section.shape,
    }));
    yield { says: 'a solid bar of C45 for the tube', shaft: { ...shaft, sections: solid, metal: metals.c45 } };
  }
}

function* ofPlaces(shaft: LaidShaft): Generator<Change> {
  const far = overhung(shaft);
  const places = shaft.bearings.map(({ at_mm }) => at_mm);
  if (far) {
    const { load, near_mm, out_mm } = far;
    const way = load.at_mm < near_mm ? -1 : 1;
    const nearer = Math.max(leastOverhang_mm, out_mm / 2);
    if (nearer < out_mm - 1)
      yield { says: `${load.id} ${mm(out_mm - nearer)} nearer to the bearing`, shaft: moved(shaft, load.at_mm, near_mm + way * nearer) };
    if (out_mm > leastOverhang_mm + 1)
      yield {
        says: `${load.id} right beside the bearing, ${mm(leastOverhang_mm)} from it`,
        shaft: moved(shaft, load.at_mm, near_mm + way * leastOverhang_mm),
      };
    const beside = load.at_mm - way * Math.max(leastOverhang_mm, out_mm / 2);
    const k = places.indexOf(near_mm);
    if (Math.abs(beside - near_mm) > 1)
      yield { says: `the bearing ${mm(Math.abs(beside - near_mm))} nearer to ${load.id}`, shaft: withBearings(shaft, places.with(k, beside)) };
    yield outboard(shaft, load, way);
  }
  if (places.length === 2 && !far) {
    const [a, b] = [Math.min(...places), Math.max(...places)];
    const loaded = shaft.loads.map(({ at_mm }) => at_mm);
    const [from, to] = [Math.min(...loaded) - leastOverhang_mm, Math.max(...loaded) + leastOverhang_mm];
    if (from > a + 5 || to < b - 5) {
      const near = [Math.max(a, from), Math.min(b, to)] as const;
      yield {
        says: `the bearings nearer to the wheels, ${mm(near[1] - near[0])} apart`,
        shaft: withBearings(
          shaft,
          places.map((at) => (at === a ? near[0] : near[1])),
        ),
      };
    }
  }
  if (places.length === 2) {
    const middle = (places[0] as number) / 2 + (places[1] as number) / 2;
    yield { says: 'a third bearing half way between the two', shaft: { ...shaft, bearings: [...shaft.bearings, { id: 'third', at_mm: middle }] } };
  }
}

/** A bearing on the other side of a wheel that hangs out, on a shaft that is longer where it has to be. */
function outboard(shaft: LaidShaft, load: Load, way: 1 | -1): Change {
  const beyond_mm = 60;
  const at = load.at_mm + way * beyond_mm;
  const short_mm = way > 0 ? Math.max(0, at + 15 - lengthOf(shaft)) : Math.max(0, 15 - at);
  const end = (way > 0 ? shaft.sections.at(-1) : shaft.sections[0]) as LaidShaft['sections'][number];
  const longer = { ...end, length_mm: end.length_mm + short_mm };
  const by = way > 0 ? 0 : short_mm;
  const along = <P extends { readonly at_mm: number; readonly to_mm?: number }>(each: P): P => ({
    ...each,
    at_mm: each.at_mm + by,
    ...(each.to_mm === undefined ? {} : { to_mm: each.to_mm + by }),
  });
  return {
    says: `a third bearing outside of ${load.id}, ${mm(beyond_mm)} beyond it`,
    shaft: {
      ...shaft,
      sections: way > 0 ? [...shaft.sections.slice(0, -1), longer] : [longer, ...shaft.sections.slice(1)],
      loads: shaft.loads.map(along),
      notches: shaft.notches.map(along),
      bearings: [...shaft.bearings.map(along), { id: 'outboard', at_mm: at + by }],
    },
  };
}

function* ofPulls(shaft: LaidShaft): Generator<Change> {
  const belts = shaft.loads.filter(({ force_N: [right, up] }) => Math.hypot(right, up) > 1);
  if (belts.length < 2) return;
  for (const belt of belts) {
    const loads = shaft.loads.map((load): Load => {
      if (load !== belt) return load;
      const [right, up] = load.force_N;
      const { peak_N } = load;
      return { ...load, force_N: [-right, -up], ...(peak_N ? { peak_N: [-peak_N[0], -peak_N[1]] } : {}) };
    });
    yield { says: `${belt.id} pulling the other way`, shaft: { ...shaft, loads } };
  }
}

function* ofNotches(shaft: LaidShaft): Generator<Change> {
  const keyways = shaft.notches.filter(({ isKeyway, to_mm }) => isKeyway && to_mm !== undefined);
  if (keyways.some(({ Kf }) => Kf > notchKinds['sled-runner keyway'].Kf))
    yield {
      says: 'keyways cut with a disc cutter that run out, in place of end-milled ones',
      shaft: { ...shaft, notches: shaft.notches.map((notch) => (notch.isKeyway ? { ...notch, ...notchKinds['sled-runner keyway'] } : notch)) },
    };
  for (const way of keyways) {
    const others = shaft.notches.filter((notch) => notch !== way);
    yield { says: `${way.id}: a clamping bush that needs no keyway`, shaft: { ...shaft, notches: others } };
  }
  const holes = shaft.notches.filter(({ left }) => left !== undefined);
  if (holes.length > 0)
    yield {
      says: 'split clamps in place of a pin through the shaft',
      shaft: { ...shaft, notches: shaft.notches.filter(({ left }) => left === undefined) },
    };
}

function* changesOf(shaft: LaidShaft): Generator<Change> {
  yield* ofPulls(shaft);
  yield* ofPlaces(shaft);
  yield* ofNotches(shaft);
  if (shaft.metal.Sut_MPa < metals.c45.Sut_MPa) yield { says: 'the same shaft of C45, cold-drawn', shaft: { ...shaft, metal: metals.c45 } };
  yield* ofDiameter(shaft);
}

/**
 * What of a shaft a change makes better, of what does not hold: the worst that it does anything for. A cure is no cure that makes something else worse that did not hold
 * with room before.
 */
function bettered(now: JudgedShaft, then: JudgedShaft): Finding | null {
  if (then.faults.length > 0) return null;
  const of = (judged: JudgedShaft, { of: which }: Finding) => judged.findings.find((each) => each.of === which);
  const isWorse = then.findings.some((finding) => {
    const before = of(now, finding);
    return before !== undefined && finding.verdict !== 'holds' && rankOf[finding.verdict] > rankOf[before.verdict];
  });
  if (isWorse) return null;
  const short = now.findings.filter(({ verdict }) => verdict !== 'holds');
  const found = short.find((before) => {
    const after = of(then, before);
    return after && (rankOf[after.verdict] < rankOf[before.verdict] || after.reserve > before.reserve * least);
  });
  return (found && of(then, found)) ?? null;
}

/** Of bars the next one, the first with which nothing fails, and the first that holds with room. */
function isStep(cure: ShaftCure, tried: readonly ShaftCure[]): boolean {
  const bars = tried.filter(({ isThicker }) => isThicker);
  const first = (rank: number) => bars.find(({ after }) => rankOf[after.verdict] <= rank);
  return [bars[0], first(rankOf.close), first(rankOf.holds)].includes(cure);
}

/** So many times better is worth telling. */
const least = 1.1;

/**
 * What would make a shaft last that does not, each change worked out in full, alone, the best first; nothing that does not help, and nothing that makes another thing
 * worse. Those that cure it come before those that only help.
 * @param most so many of them
 */
export function curesOf(shaft: LaidShaft, running: Running, most = 6): readonly ShaftCure[] {
  const now = judgeShaft(shaft, running);
  if (now.verdict === 'holds' || now.findings.length === 0) return [];
  const tried = [...changesOf(shaft)].flatMap((change): ShaftCure[] => {
    const after = judgeShaft(change.shaft, running);
    const better = bettered(now, after);
    return better ? [{ ...change, after, better }] : [];
  });
  const told = tried.filter((cure) => !cure.isThicker || isStep(cure, tried));
  const place = ({ better }: ShaftCure) => now.findings.findIndex(({ of }) => of === better.of);
  return told
    .sort((a, b) => rankOf[a.after.verdict] - rankOf[b.after.verdict] || place(a) - place(b) || b.better.reserve - a.better.reserve)
    .slice(0, most);
}
