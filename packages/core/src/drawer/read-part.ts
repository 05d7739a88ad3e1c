import { type ChainSize, chains } from '../catalog/chains.js';
import { type TimingProfile, timingBelts, timingTeeth } from '../catalog/timing-belts.js';
import { pitchLength, type VBeltSection, vBeltSections } from '../catalog/v-belts.js';
import { plateLine } from '../kinds/shared/plate-line.js';
import { markOfTimingBelt } from '../kinds/stage/timing-belt/marks.js';
import { vBeltMark } from '../kinds/stage/v-belt/marks.js';
import type { QuantityName } from '../quantity/quantities.js';
import { readQuantity } from '../quantity/read-quantity.js';
import type { BoxEnd, OwnPart, Part } from './part.js';

/** A line of the drawer that was understood; `rest` is what of it was not. */
export interface PartRead {
  readonly ok: true;
  readonly own: OwnPart;
  readonly rest: string;
}

export interface PartRefused {
  readonly ok: false;
  /** One sentence: what was read, what is missing or not known, and what is taken. */
  readonly says: string;
}

/** Longest line that is read. */
const longest = 200;

const number = String.raw`(?:\d+[ -]\d+/\d+|\d+/\d+|\d+(?:[.,]\d+)?)`;
const length = String.raw`(${number}\s*(?:mm|cm|inches|inch|in\b|["”″])?)`;

/** What is left of a line while words are taken out of it. */
class Line {
  rest: string;
  constructor(text: string) {
    this.rest = text;
  }
  /** Takes out what matches, with what separated it; null where nothing does. */
  take(pattern: RegExp): readonly string[] | null {
    const found = pattern.exec(this.rest);
    if (!found) return null;
    this.rest = `${this.rest.slice(0, found.index)} ${this.rest.slice(found.index + found[0].length)}`;
    return found.map((each) => each ?? '');
  }
}

/** What makes a line unreadable, as the sentence goes on. */
class NotRead extends Error {}

const examples = {
  pulley: 'pulley A 80 mm, bore 19 mm',
  'cone pulley': 'cone pulley A 75/112/150 mm, bore 14 mm',
  sprocket: 'sprocket 08B 18 teeth, bore 20 mm',
  freewheel: 'freewheel 081 16 teeth, bore 20 mm',
  chain: 'chain 10B, 90 links',
  belt: 'belt A53',
  'timing pulley': 'timing pulley 5M 20 teeth, 15 mm wide, bore 11 mm',
  gear: 'gear m1.5 40 teeth, bore 16 mm',
  box: 'worm box 10:1, 60 N·m, hollow 14 mm in, shaft 25 mm out',
  coupling: 'coupling 25 N·m, bores 24 and 24 mm',
  motor: 'motor 0.55 kW 1425 rpm 230 V, start capacitor, shaft 19 mm',
} as const;
type Word = keyof typeof examples;

/** By the words that parts are called by; the longer first. */
const words: readonly (readonly [RegExp, Word])[] = [
  [/\bmotors?\b/i, 'motor'],
  [/\b(?:cone|step(?:ped)?)[ -]pulleys?\b/i, 'cone pulley'],
  [/\b(?:timing|toothed)[ -](?:belt )?pulleys?\b/i, 'timing pulley'],
  [/\b(?:(?:timing|toothed|v)[ -])?belts?\b/i, 'belt'],
  [/\b(?:v[ -](?:belt )?)?pulleys?\b/i, 'pulley'],
  [/\bsprockets?\b/i, 'sprocket'],
  [/\bfreewheels?\b/i, 'freewheel'],
  [/\bchains?\b/i, 'chain'],
  [/\b(?:gear ?box(?:es)?|box(?:es)?|reducers?)\b/i, 'box'],
  [/\bcouplings?\b/i, 'coupling'],
  [/\bgears?\b/i, 'gear'],
];

/** Takes out how many there are: `x2`, `2 of them`. */
const counted = (line: Line) => line.take(/(?:^|[\s,])[x×]\s*(\d{1,3})\s*$/i) ?? line.take(/(?:^|[\s,])(\d{1,3})\s*(?:of them|off|pcs)\b/i);

/** A quantity by the one reader, or the reason why it is none. */
function quantity(text: string, label: string, of: QuantityName, bare: string | null, accepts: readonly [number, number]): number {
  const read = readQuantity(text, { label, quantity: of, bare, accepts });
  if (!read.ok) throw new NotRead(read.says);
  return read.value;
}
const mm = (text: string, label: string, accepts: readonly [number, number] = [1, 2_000]) => quantity(text, label, 'length', 'mm', accepts);

const bored = (line: Line) => {
  const found = line.take(new RegExp(String.raw`\bbore(?:d)?(?: to)?\s*:?\s*${length}`, 'i'));
  return { bore_mm: found ? mm(found[1] as string, 'Bore', [2, 300]) : null, isKeyed: line.take(/\bkey(?:ed|way)?\b/i) !== null };
};

function teeth(line: Line, what: string): number {
  const found = line.take(/\b(\d{1,3})\s*(?:teeth|tooth|T\b|z\b)/i);
  const many = Number(found?.[1]);
  if (!found) throw new NotRead(`how many teeth the ${what} has is missing`);
  if (many < 6 || many > 400) throw new NotRead(`a ${what} of ${many} teeth is none`);
  return many;
}

/** One of a table's names, at its longest; as it is written in the table. */
function named<N extends string>(line: Line, names: readonly N[], what: string, example: string): N {
  const sorted = [...names].sort((a, b) => b.length - a.length);
  const pattern = sorted.map((name) => name.replace('.', '\\.')).join('|');
  const found = line.take(new RegExp(String.raw`(?:^|\s)(?:ansi |iso |#)?(${pattern})(?=[\s,]|$)`, 'i'));
  const is = sorted.find((name) => name.toLowerCase() === found?.[1]?.toLowerCase());
  if (!is) throw new NotRead(`${what} is missing or not known: ${sorted.slice().sort().join(', ')}, as in “${example}”`);
  return is;
}
const sectionOf = (line: Line, example: string) => named(line, Object.keys(vBeltSections) as VBeltSection[], 'the section', example);

function grooved(line: Line): number {
  return Number(line.take(/\b(\d{1,2})[ -]?grooves?\b/i)?.[1] ?? 1);
}

const pitchOf = (line: Line, section: VBeltSection, text: string): number => {
  const isOutside = line.take(/\b(?:outside|over the rim|o\.?d\.?)(?=[\s,]|$)/i) !== null;
  line.take(/\bpitch\b/i);
  const size = mm(text, 'Diameter', [10, 2_000]);
  return isOutside ? size - vBeltSections[section].overDatum_mm : size;
};

function pulley(line: Line): Part {
  const section = sectionOf(line, examples.pulley);
  const rest = { ...bored(line), grooves: grooved(line) };
  const size = line.take(new RegExp(String.raw`(?:^|\s)${length}`, 'i'));
  if (!size) throw new NotRead(`the diameter of the pulley is missing, as in “${examples.pulley}”`);
  return { is: 'pulley', section, pitch_mm: pitchOf(line, section, size[1] as string), ...rest };
}

function cone(line: Line): Part {
  const section = sectionOf(line, examples['cone pulley']);
  const bore = bored(line);
  const steps = line.take(/(\d+(?:[.,]\d+)?(?:\s*\/\s*\d+(?:[.,]\d+)?)+)\s*(mm|in)?/i);
  if (!steps) throw new NotRead(`the diameters of its steps are missing, as in “${examples['cone pulley']}”`);
  const sizes = (steps[1] as string).split('/').map((each) => `${each.trim()} ${steps[2] ?? ''}`);
  const isOutside = line.take(/\b(?:outside|over the rim)\b/i) !== null;
  const pitch = (text: string) => mm(text, 'Step', [10, 2_000]) - (isOutside ? vBeltSections[section].overDatum_mm : 0);
  return { is: 'cone pulley', section, steps_mm: sizes.map(pitch), ...bore };
}

/** By the mark on it, whichever sort of belt that makes it. */
function belt(line: Line): Part {
  const text = line.rest.replace(/[,;].*$/, '').trim();
  const of = vBeltMark(text)?.fills ?? markOfTimingBelt(text)?.fills;
  if (!of) throw new NotRead(`“${text}” is no mark of a belt: A53, SPZ 1250, 4L550, 6PK1195, 450-5M-15 and 84XL037 are`);
  line.take(/^[^,;]*/);
  const long = mm(of.belt as string, 'Belt', [20, 20_000]);
  if (of.section) {
    const section = of.section as VBeltSection;
    const mark = text.toUpperCase().replace(/\s*-?\s*(?=\d+$)/, /^[SX]P/i.test(section) ? ' ' : '');
    return { is: 'belt', section, mark, pitchLength_mm: pitchLength(section, long, of.lengthIs as 'inside') };
  }
  const profile = of.profile as TimingProfile;
  if (!(profile in timingBelts)) throw new NotRead(`a timing belt ${profile} is not known`);
  return { is: 'timing belt', profile, teeth: timingTeeth(profile, long), width_mm: of.width ? mm(of.width, 'Width', [2, 400]) : null };
}

const chainOf = (line: Line, example: string) => named(line, Object.keys(chains) as ChainSize[], 'the size of the chain', example);

function sprocket(line: Line, isFreewheel: boolean): Part {
  const many = teeth(line, isFreewheel ? 'freewheel' : 'sprocket');
  const bore = bored(line);
  return { is: 'sprocket', chain: chainOf(line, isFreewheel ? examples.freewheel : examples.sprocket), teeth: many, isFreewheel, ...bore };
}

function chain(line: Line): Part {
  const links = line.take(/(?:[x×]\s*)?\b(\d{2,4})\s*(?:links?|L\b|pitches)/i);
  return { is: 'chain', chain: chainOf(line, examples.chain), links: links ? Number(links[1]) : null };
}

function timingPulley(line: Line): Part {
  const many = teeth(line, 'pulley');
  const bore = bored(line);
  const wide = line.take(new RegExp(String.raw`${length}\s*wide\b`, 'i')) ?? line.take(new RegExp(String.raw`\bwidth\s*${length}`, 'i'));
  const profile = named(line, Object.keys(timingBelts) as TimingProfile[], 'the profile', examples['timing pulley']);
  return { is: 'timing pulley', profile, teeth: many, width_mm: wide ? mm(wide[1] as string, 'Width', [2, 400]) : null, ...bore };
}

function gear(line: Line): Part {
  const many = teeth(line, 'gear');
  const bore = bored(line);
  const module = line.take(/\b(?:m|module|mod\.?)\s*(\d+(?:[.,]\d+)?)\b/i);
  if (!module) throw new NotRead(`the module of the gear is missing, as in “${examples.gear}”`);
  return { is: 'gear', module_mm: mm(`${module[1]} mm`, 'Module', [0.2, 20]), teeth: many, ...bore };
}

const torque = (line: Line): number | null => {
  const found = line.take(/(\d+(?:[.,]\d+)?\s*(?:N[·*. ]?m|lbf?[·*. ]?ft|ft[·*. ]?lbf?))(?=[\s,;]|$)/i);
  return found ? quantity(found[1] as string, 'Rated torque', 'torque', 'N·m', [0.01, 1_000_000]) : null;
};

function boxEnd(line: Line, which: 'in' | 'out'): BoxEnd | null {
  const found = line.take(new RegExp(String.raw`\b(shaft|hollow)\s*${length}\s*${which}\b`, 'i'));
  if (!found) return null;
  return { is: (found[1] as string).toLowerCase() as BoxEnd['is'], size_mm: mm(found[2] as string, which === 'in' ? 'Input' : 'Output', [2, 300]) };
}

const gearsIn = { worm: 'worm', helical: 'helical', spur: 'helical', planetary: 'planetary', planet: 'planetary' } as const;

function box(line: Line): Part {
  const gears = line.take(/\b(worm|helical|spur|planetary|planet)\b/i)?.[1]?.toLowerCase() as keyof typeof gearsIn | undefined;
  const found = line.take(/(\d+(?:[.,]\d+)?)\s*(?::|to)\s*1\b/i) ?? line.take(/\bi\s*=?\s*(\d+(?:[.,]\d+)?)\b/i);
  if (!found) throw new NotRead(`the ratio of the box is missing, as in “${examples.box}”`);
  const ratio = quantity(found[1] as string, 'Ratio', 'count', 'pcs', [1, 1_000]);
  const rated_Nm = torque(line);
  const percent = line.take(/(\d+(?:[.,]\d+)?)\s*%/);
  const kept = percent ? quantity(`${percent[1]} %`, 'Efficiency', 'fraction', null, [0.05, 1]) : null;
  const ends = { input: boxEnd(line, 'in'), output: boxEnd(line, 'out') };
  const sides = line.take(/(\d+(?:[.,]\d+)?)\s*[x×]\s*(\d+(?:[.,]\d+)?)\s*mm/i);
  const size_mm = sides ? ([1, 2].map((k) => mm(`${sides[k]} mm`, 'Housing', [10, 5_000])) as [number, number]) : null;
  const holds = line.take(/\bholds\b/i) !== null;
  return { is: 'gearbox', gears: gears ? gearsIn[gears] : null, ratio, rated_Nm, kept, ...ends, size_mm, holds };
}

function coupling(line: Line): Part {
  const rated_Nm = torque(line);
  const bores = line.take(new RegExp(String.raw`\bbores?\s*${length}(?:\s*(?:and|\/|,|to)\s*${length})?`, 'i'));
  const second = bores?.[2] || bores?.[1];
  // `24 and 25 mm`: the unit may be said once.
  const unit = /[a-z"”″]+\s*$/i.exec(second ?? '')?.[0] ?? '';
  const first = bores && /\d\s*$/.test(bores[1] as string) ? `${bores[1]} ${unit}` : bores?.[1];
  return { is: 'coupling', rated_Nm, bores_mm: first && second ? [mm(first, 'Bore', [2, 300]), mm(second, 'Bore', [2, 300])] : null };
}

const starts: readonly (readonly [RegExp, string])[] = [
  [/\bboth capacitors\b|\bstart(?:ing)? and run(?:ning)? capacitors?\b/i, 'both-capacitors'],
  [/\bstart(?:ing)?[ -]capacitor\b|\bcapacitor[ -]start\b/i, 'capacitor-start'],
  [/\brun(?:ning)?[ -]capacitor\b|\bcapacitor[ -]run\b/i, 'capacitor-run'],
  [/\bsplit[ -]phase\b/i, 'split-phase'],
  [/\bshaded[ -]pole\b/i, 'shaded-pole'],
];

/** Below it a motor is on one phase of the house (common practice, no source). */
const leastThree_V = 380;

/** By its plate in one line, and what is measured on it. */
function motor(line: Line): Part {
  const found = line.take(new RegExp(String.raw`\bshaft\s*:?\s*${length}`, 'i'));
  const shaft_mm = found ? mm(found[1] as string, 'Shaft', [2, 300]) : null;
  const start = starts.find(([pattern]) => line.take(pattern))?.[1];
  const plate = plateLine(line.rest);
  const { power, speed } = plate?.fills ?? {};
  if (!plate || power === undefined || speed === undefined) throw new NotRead(`power and speed of the motor are missing, as in “${examples.motor}”`);
  line.rest = plate.rest ?? '';
  const entries: Record<string, string> = { ...plate.fills };
  // A plate of 400 V, or of two voltages, is of three phases; one that says nothing else is taken as of one, which the words for it tell.
  const isThree = entries.starVoltage !== undefined || Number.parseFloat(entries.voltage ?? '') >= leastThree_V;
  entries.phases ??= isThree ? '3' : '1';
  if (start) entries.start = start;
  if (shaft_mm !== null) entries.shaft = `${shaft_mm} mm`;
  const power_W = quantity(power, 'Power', 'power', 'W', [1, 1_000_000]);
  return { is: 'motor', power_W, speed_rpm: quantity(speed, 'Speed', 'speed', 'rpm', [1, 100_000]), shaft_mm, entries };
}

const readers: Readonly<Record<Word, (line: Line) => Part>> = {
  pulley,
  'cone pulley': cone,
  sprocket: (line) => sprocket(line, false),
  freewheel: (line) => sprocket(line, true),
  chain,
  belt,
  'timing pulley': timingPulley,
  gear,
  box,
  coupling,
  motor,
};

/**
 * A part of one's own from a line as people write it: `pulley A 80 bore 19 key x2`, `S1 sprocket 10B 13 teeth, bore 25 mm`, `worm box 10:1 60 N·m`, `belt A53`.
 * What comes before the word for the part is its label.
 * @param at number of the line, its label where none is written
 * @returns the part and what of the line was not understood, or one sentence that says why it is none; never throws
 * @example readPart('P2 pulley A 95 mm, 2 grooves, bore 24 mm', 1).ok // true
 */
export function readPart(text: string, at: number): PartRead | PartRefused {
  const typed = text.replace(/\s+/g, ' ').trim();
  if (typed.length > longest) return { ok: false, says: `a line has at most ${longest} characters` };
  const found = words.flatMap(([pattern, word]) => {
    const match = pattern.exec(typed);
    return match ? [{ word, match }] : [];
  })[0];
  if (!found) {
    const first = typed.split(/[ ,]/)[0] ?? '';
    return { ok: false, says: `“${first}” is no part that is known: ${Object.values(examples).slice(0, 6).join('; ')}` };
  }
  const { word, match } = found;
  const before = typed.slice(0, match.index).trim();
  // `W1 worm box`: what is inside comes before the word too.
  const inside = /\b(worm|helical|spur|planetary)\s*$/i.exec(before)?.[0] ?? '';
  const label = before.slice(0, before.length - inside.length).trim();
  const line = new Line(`${inside} ${typed.slice(match.index + match[0].length)}`);
  const bare = new Line(typed.slice(label.length).trim());
  const [, many] = counted(line) ?? [];
  counted(bare);
  try {
    const part = readers[word](line);
    const rest = line.rest
      .replace(/[\s,;]+/g, ' ')
      .replace(/\bmm\b/g, '')
      .trim();
    return {
      ok: true,
      own: { label: label || `line ${at}`, text: typed, bare: bare.rest.replace(/[\s,]+$/, ''), many: many ? Number(many) : 1, part },
      rest,
    };
  } catch (error) {
    if (error instanceof NotRead) return { ok: false, says: error.message };
    throw error;
  }
}

/** The drawer, a part a line; empty lines and those that begin with # are passed over. */
export interface DrawerRead {
  readonly own: readonly OwnPart[];
  readonly lines: readonly { readonly at: number; readonly text: string; readonly read: PartRead | PartRefused }[];
}

export function readDrawer(text: string): DrawerRead {
  const lines = text.split(/\r?\n/).flatMap((each, k) => {
    const isPart = each.trim() !== '' && !each.trim().startsWith('#');
    return isPart ? [{ at: k + 1, text: each.trim(), read: readPart(each, k + 1) }] : [];
  });
  return { own: lines.flatMap(({ read }) => (read.ok ? [read.own] : [])), lines };
}
