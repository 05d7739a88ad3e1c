import { type ReadingSettings, type Reads, readQuantity } from '../quantity/read-quantity.js';
import type { MetalName } from '../shafts/metals.js';

/** A shaft as somebody says it, each length as it was typed. */
export interface ShaftSaid {
  readonly kind: 'round' | 'tube' | 'hexagon' | 'square';
  readonly size?: string;
  readonly bore?: string;
  readonly long?: string;
  readonly bearings?: number;
  readonly metal?: MetalName;
  /** How long it is, as likely, mm. */
  readonly long_mm?: number;
  /** What was understood: `17 mm thick, 300 mm long, 2 bearings`. */
  readonly understood: string;
  /** Pieces that were not: nothing is made of them. */
  readonly notRead: readonly string[];
}

const length: Reads = { label: 'Length', quantity: 'length', accepts: [0.5, 20_000], bare: 'mm' };

const counts: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3, four: 4 };
const steels: readonly (readonly [RegExp, MetalName])[] = [
  [/c ?45|1045/i, 'c45'],
  [/bright|1018/i, 'bright'],
  [/black|s235|mild/i, 'black'],
  [/axle/i, 'axle'],
  [/scrap|unknown/i, 'scrap'],
];
const shapes: readonly (readonly [RegExp, ShaftSaid['kind']])[] = [
  [/\b(?:tube|pipe)\b/i, 'tube'],
  [/\bhex(agon)?\b/i, 'hexagon'],
  [/\bsquare\b/i, 'square'],
];
/** Words that say nothing of their own beside a length. */
const filler = /\b(?:long|length|thick|diameter|dia|round|bar|shaft|spindle|steel|tube|pipe|hex(?:agon)?|square|of|a|an|the|wall)\b|⌀|ø/gi;

/**
 * Reads what is known of a shaft as people say it, in any order, between commas: `17 mm, about 300 long, two bearings`; `tube 40x3`, `hexagon 32`, `C45`.
 * @returns what was understood, and the pieces that were not; never throws
 */
export function readShaft(text: string, settings: ReadingSettings = {}): ShaftSaid {
  const said: { -readonly [K in keyof ShaftSaid]: ShaftSaid[K] } = { kind: 'round', understood: '', notRead: [] };
  const notRead: string[] = [];
  let isLongSaid = false;
  const told = (typed: string): string | null => {
    const bare = typed.replaceAll(filler, ' ').replace(/\s+/g, ' ').trim();
    const read = bare === '' ? null : readQuantity(bare, length, settings);
    return read?.ok ? bare : null;
  };
  for (const piece of text.split(/[,;\n]| and (?=\D)/).map((each) => each.trim())) {
    if (piece === '') continue;
    const bearings = /^(\d+|one|two|three|four) bearings?$/i.exec(piece);
    if (bearings) {
      const [, many = ''] = bearings;
      const count = counts[many.toLowerCase()] ?? Number(many);
      if (count >= 1 && count <= 6) said.bearings = count;
      else notRead.push(piece);
      continue;
    }
    const kind = shapes.find(([is]) => is.test(piece))?.[1];
    const metal = steels.find(([is]) => is.test(piece));
    if (kind) said.kind = kind;
    if (metal) said.metal = metal[1];
    const rest = metal ? piece.replace(metal[0], ' ') : piece;
    const tube = /^(.*?)\s*[x×]\s*(.+)$/.exec(rest.replaceAll(filler, ' ').trim());
    if (tube && said.kind === 'tube') {
      const [size, wall] = [told(tube[1] ?? ''), told(tube[2] ?? '')];
      const [D, t] = [size, wall].map((each) => (each === null ? Number.NaN : mmOf(each, settings)));
      if (size !== null && (D as number) - 2 * (t as number) > 0)
        [said.size, said.bore] = [size, `${Math.round(100 * ((D as number) - 2 * (t as number))) / 100} mm`];
      else notRead.push(piece);
      continue;
    }
    const size = told(rest);
    if (size !== null && /\b(?:long|length)\b/i.test(piece)) [said.long, isLongSaid] = [size, true];
    else if (size !== null && said.size === undefined) said.size = size;
    else if (size !== null && said.long === undefined) said.long = size;
    else if (rest.replaceAll(filler, '').trim() !== '' || (!kind && !metal)) notRead.push(piece);
  }
  // Of two lengths without a word the longer is how long it is.
  if (!isLongSaid && said.size !== undefined && said.long !== undefined && mmOf(said.size, settings) > mmOf(said.long, settings))
    [said.size, said.long] = [said.long, said.size];
  return {
    ...said,
    ...(said.long === undefined ? {} : { long_mm: mmOf(said.long, settings) }),
    understood: understood(said, settings),
    notRead,
  };
}

function mmOf(typed: string, settings: ReadingSettings): number {
  const read = readQuantity(typed, length, settings);
  return read.ok ? read.value : Number.NaN;
}

function understood(
  { kind, size, bore, long, bearings, metal }: Omit<ShaftSaid, 'understood' | 'notRead' | 'long_mm'>,
  settings: ReadingSettings,
): string {
  const mm = (typed: string) => {
    const read = readQuantity(typed, length, settings);
    return read.ok ? read.understood : typed;
  };
  const across = kind === 'round' || kind === 'tube' ? 'thick' : 'across the flats';
  const said: (string | undefined)[] = [
    kind === 'round' ? undefined : kind,
    size && `${mm(size)} ${across}`,
    bore && `bore ${mm(bore)}`,
    long && `${mm(long)} long`,
    bearings && `${bearings} ${bearings === 1 ? 'bearing' : 'bearings'}`,
    metal && (metal === 'c45' ? 'C45' : metal === 'axle' ? 'an axle' : `${metal} steel`),
  ].map((each) => each || undefined);
  return said.filter((each) => each !== undefined).join(', ');
}
