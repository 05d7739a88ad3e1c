/** Requests for a drive of the reference, as what the finder is given, and what it must come to. */
import { readFileSync } from 'node:fs';
import { type ChainSize } from '../src/catalog/chains.js';
import { timingLengths } from '../src/catalog/timing-belts.js';
import { pitchLength, stockLengths, type VBeltSection } from '../src/catalog/v-belts.js';
import { readDrawer } from '../src/drawer/read-part.js';
import type { Drive } from '../src/finder/drive.js';
import type { FindRequest } from '../src/finder/request.js';
import { anyDrive, type Findable, type FindWishes } from '../src/finder/wishes.js';
import type { Shelf, Stock } from '../src/kinds/finding.js';
import { readQuantity } from '../src/quantity/read-quantity.js';

export interface KnownStage {
  readonly kind: string;
  readonly section?: string;
  readonly profile?: string;
  readonly chain?: string;
  readonly driver?: string | number;
  readonly driven?: string | number;
  readonly driver_from?: string;
  readonly driven_from?: string;
  readonly box_from?: string;
  readonly box?: string;
  readonly belts?: number;
  readonly belt?: string;
  readonly centres_mm?: number;
  readonly centres_each_mm?: readonly number[];
}
export interface KnownProposal {
  readonly name?: string;
  readonly stages: readonly KnownStage[];
  readonly firm: boolean;
  readonly speed_rpm: number;
  /** Of several, slowest first. */
  readonly speeds_rpm?: readonly number[];
  readonly torque_Nm: number;
  readonly room_mm: readonly [number, number];
  readonly bought: number;
  readonly own: number;
  readonly points: number;
  readonly breaks?: readonly string[];
}
export interface KnownDrive {
  readonly id: string;
  readonly title: string;
  readonly source: Readonly<Record<string, string>>;
  readonly work: Readonly<Record<string, string>> & { readonly speeds?: readonly string[] };
  readonly wishes: Readonly<Record<string, unknown>>;
  readonly drawer: readonly string[];
  readonly stock: readonly string[];
  readonly expect: {
    readonly feasible: boolean;
    readonly count: number;
    readonly firm_count: number | null;
    readonly must_find?: readonly KnownProposal[];
    readonly must_not_find?: readonly KnownProposal[];
    readonly best_by?: Readonly<Record<string, { readonly v?: number | readonly number[]; readonly is: string }>>;
    readonly ruled_out_by?: readonly {
      readonly wish: string;
      readonly from?: unknown;
      readonly to?: unknown;
      readonly or_motor?: string;
      readonly count: number;
    }[];
  };
}

const file = JSON.parse(readFileSync(new URL('reference/known-drives.json', import.meta.url), 'utf8')) as {
  readonly stock: Readonly<Record<string, unknown>>;
  readonly requests: readonly KnownDrive[];
};
export const knownDrives: readonly KnownDrive[] = file.requests;
export const knownDrive = (id: string): KnownDrive => knownDrives.find((each) => each.id === id) as KnownDrive;

const read = (text: string, quantity: 'speed' | 'power' | 'torque' | 'length', bare: string) => {
  const reading = readQuantity(text, { label: text, quantity, bare, accepts: [0, 1e9] });
  if (!reading.ok) throw new Error(reading.says);
  return reading;
};
const mm = (text: string): number => read(text, 'length', 'mm').value;
const span = (text: string, quantity: 'speed' | 'length', bare: string): readonly [number, number] => {
  const reading = read(text, quantity, bare);
  return [reading.low ?? reading.value, reading.high ?? reading.value];
};

/** Torque at rest over that at full load, by the file's rule. */
const starts: Readonly<Record<string, number>> = {
  'single-phase, start capacitor': 2,
  'single-phase, run capacitor': 0.4,
  'three-phase': 2,
  'geared motor': 1.8,
  pedals: 2,
  stepper: 1,
  'lathe spindle': 1,
  countershaft: 1.5,
};
const kinds: Readonly<Record<string, Findable>> = {
  'v-belt': 'v-belt',
  timing: 'timing-belt',
  chain: 'roller-chain',
  gearbox: 'gearbox',
  gears: 'gear-pair',
  coupling: 'coupling',
};
const budgets: Readonly<Record<string, number | null>> = { none: 0, low: 5, mid: 10, any: null };

const empty: Stock = { pulleys: {}, belts: {}, sprockets: {}, chains: [], timingPulleys: {}, timingBelts: {}, boxes: [], couplings: [] };

/** Belts of the file: A26 to A128, B35 to B180, and the lengths of SPZ. */
const belts = (section: VBeltSection) => {
  const least = section === 'A' ? 26 : section === 'B' ? 35 : 0;
  const most_mm = section === 'SPZ' ? 2500 : Number.POSITIVE_INFINITY;
  return stockLengths[section]
    .filter(({ mark, length_mm }) => Number(mark) >= least && length_mm <= most_mm)
    .map(({ mark, length_mm }) => ({ mark: `${section}${section === 'SPZ' ? ' ' : ''}${mark}`, pitchLength_mm: pitchLength(section, length_mm) }));
};

const teethOf = (text: unknown): readonly number[] => JSON.parse(/\[[\d., ]+\]/.exec(String(text))?.[0] ?? '[]') as number[];
const widthsOf = (text: unknown): readonly number[] =>
  JSON.parse(
    String(text)
      .match(/\[[\d., ]+\]/g)
      ?.at(-1) ?? '[]',
  ) as number[];

const boxes = (): Stock['boxes'] => {
  const of = file.stock['worm boxes'] as Readonly<Record<string, unknown>>;
  const ratios = of['ratios and what they keep'] as Readonly<Record<string, number>>;
  return Object.entries(of).flatMap(([name, text]) => {
    const found = /^([\d.]+) N·m, hollow (\d+) mm in, hollow (\d+) mm out, (\d+) × (\d+) mm, (\d+) points$/.exec(String(text));
    if (!found) return [];
    const [rated_Nm, input, output, long, high, points] = found.slice(1).map(Number) as [number, number, number, number, number, number];
    return Object.entries(ratios).map(([ratio, kept]) => ({
      name: `worm box ${name.replace('size ', '')}, ${ratio}:1`,
      points,
      part: {
        is: 'gearbox' as const,
        gears: 'worm' as const,
        ratio: Number(ratio),
        rated_Nm,
        kept,
        input: { is: 'hollow' as const, size_mm: input },
        output: { is: 'hollow' as const, size_mm: output },
        size_mm: [long, high] as const,
        holds: false,
      },
    }));
  });
};

function withStock(stock: Stock, name: string): Stock {
  const pulleys = /^(A|B|SPZ) pulleys(, shop)?$/.exec(name);
  if (pulleys) return { ...stock, pulleys: { ...stock.pulleys, [pulleys[1] as string]: file.stock[name] as readonly number[] } };
  const loops = /^(A|B|SPZ) belts$/.exec(name)?.[1] as VBeltSection | undefined;
  if (loops) return { ...stock, belts: { ...stock.belts, [loops]: belts(loops) } };
  if (name.startsWith('belts ')) {
    const marks = name.slice(6).split(' ');
    return { ...stock, belts: { A: belts('A').filter(({ mark }) => marks.includes(mark)) } };
  }
  const chain = /^(\w+) (sprockets|chain)$/.exec(name);
  if (chain?.[2] === 'sprockets') return { ...stock, sprockets: { ...stock.sprockets, [chain[1] as string]: teethOf(file.stock.sprockets) } };
  if (chain) return { ...stock, chains: [...stock.chains, chain[1] as ChainSize] };
  const timing = /^(\w+) timing (pulleys|belts)$/.exec(name);
  const profile = timing?.[1] as string;
  if (timing?.[2] === 'pulleys') {
    return { ...stock, timingPulleys: { ...stock.timingPulleys, [profile]: file.stock[name] as readonly number[] } };
  }
  if (timing) {
    const teeth = profile === 'XL' || profile === 'L' ? (timingLengths[profile] as readonly number[]) : teethOf(file.stock[name]);
    return { ...stock, timingBelts: { ...stock.timingBelts, [profile]: { teeth, widths_mm: widthsOf(file.stock[name]) } } };
  }
  if (name === 'worm boxes') return { ...stock, boxes: boxes() };
  if (name !== 'couplings') throw new Error(`stock “${name}”`);
  const couplings = (file.stock.couplings as readonly string[]).map((text) => {
    const [rated_Nm, mostBore_mm] = (text.match(/\d+/g) ?? []).map(Number) as [number, number];
    return { rated_Nm, mostBore_mm, points: 1 };
  });
  return { ...stock, couplings };
}

/** `A pulleys of 100 to 270 mm in steps of 5 mm`. */
function madeOf(text: unknown): Stock['pulleys'] {
  const found = /^(\w+) pulleys of (\d+) to (\d+) mm in steps of (\d+) mm$/.exec(String(text));
  if (!found) return {};
  const [from, to, step] = found.slice(2).map(Number) as [number, number, number];
  return { [found[1] as string]: Array.from({ length: (to - from) / step + 1 }, (_, k) => from + k * step) };
}

function wishesOf(wishes: KnownDrive['wishes']): FindWishes {
  const text = (name: string) => wishes[name] as string;
  const [length_mm, height_mm] = text('room')
    .split('×')
    .map((each) => mm(`${Number.parseFloat(each)} mm`)) as [number, number];
  const buy = text('buy');
  const atMost = /at most (\d+)/.exec(buy)?.[1];
  return {
    ...anyDrive,
    kinds: (wishes.kinds as string[]).map((kind) => kinds[kind] as Findable),
    stages: wishes.stages as number,
    length_mm,
    height_mm,
    folded: wishes.layout === 'row or folded',
    apart_mm: wishes.apart ? span(text('apart'), 'length', 'mm') : null,
    slot_mm: wishes.slot ? span(text('slot'), 'length', 'mm') : null,
    between_mm: (wishes.jackshafts as string[]).map(mm),
    slip: wishes.slip as FindWishes['slip'],
    hold: wishes.hold as boolean,
    reverse: wishes.reverse as boolean,
    quiet: wishes.noise === 'quiet',
    leastWheel_mm: mm(text('smallest')),
    mostWheel_mm: mm(text('largest')),
    buy: atMost ? Number(atMost) : buy === 'nothing' ? 0 : buy === 'belts and chain only' ? 'belts and chains' : 'anything',
    points: budgets[text('budget')] ?? null,
    boreOut: text('bores').includes('bore'),
    bush: text('bores').includes('bush'),
  };
}

export function requestOf({ source, work, wishes, drawer, stock }: KnownDrive): FindRequest {
  const own = readDrawer(drawer.join('\n'));
  const paces = (work.speeds ?? [work.speed as string]).map((text) => ({
    speed_rpm: span(text, 'speed', 'rpm'),
    torque_Nm: read(work.torque as string, 'torque', 'N·m').value,
    start_Nm: read(work.start as string, 'torque', 'N·m').value,
  }));
  const [slowest, ...faster] = paces as [(typeof paces)[number]];
  const shelf: Shelf = { own: own.own, stock: stock.reduce(withStock, empty), made: madeOf(wishes.made) };
  return {
    source: {
      speed_rpm: read(source.speed as string, 'speed', 'rpm').value,
      power_W: read(source.power as string, 'power', 'W').value,
      starts: starts[source.kind as string] as number,
      shaft_mm: mm(source.shaft as string),
    },
    work: {
      ...slowest,
      ...(faster.length > 0 ? { faster } : {}),
      shock: work.shock as FindRequest['work']['shock'],
      shaft_mm: mm(work.shaft as string),
    },
    wishes: wishesOf(wishes),
    shelf,
  };
}

/** A stage of a drive in the words of the file, so far as the file says it: `v-belt A 80 mm buy 315 mm P4`. */
function stageWords(stage: KnownStage): string {
  if (stage.kind === 'gearbox') return `gearbox ${stage.box_from === 'buy' ? stage.box : stage.box_from}`;
  if (stage.kind === 'coupling') return 'coupling';
  const sized = (size: string | number | undefined) => String(size).replace(' mm', '');
  const size = stage.section ?? stage.profile ?? stage.chain ?? '';
  return `${stage.kind} ${size} ${sized(stage.driver)} ${stage.driver_from} ${sized(stage.driven)} ${stage.driven_from}`;
}
export const proposalWords = ({ stages }: Pick<KnownProposal, 'stages'>): string => stages.map(stageWords).join(' + ');

const kindWords: Readonly<Record<string, string>> = { 'timing-belt': 'timing', 'roller-chain': 'chain', 'gear-pair': 'gears' };

export function driveWords({ stages }: Drive, { shelf }: FindRequest): string {
  const words = stages.map(({ kind, takes, says }) => {
    const from = ({ own, isMade }: (typeof takes)[number]) => (own >= 0 ? shelf.own[own]?.label : isMade ? 'make' : 'buy');
    const [first, second] = takes;
    if (kind === 'coupling') return 'coupling';
    if (kind === 'gearbox') return `gearbox ${first && first.own >= 0 ? from(first) : first?.what}`;
    const sizes = / (\S+), (\S+) to (\S+)/.exec(says)?.slice(1) ?? [];
    const size = kind === 'gear-pair' ? '' : sizes[0];
    return `${kindWords[kind] ?? kind} ${size} ${sizes[1]} ${first && from(first)} ${sizes[2]} ${second && from(second)}`;
  });
  return words.join(' + ');
}
