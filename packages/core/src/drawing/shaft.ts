import { type PieceRole, pieceHead, sizeField } from '../kinds/pieces.js';
import type { Build, Piece, Shaft } from '../machine/build.js';
import { fieldWords } from '../machine/field-types/index.js';
import { cutOf } from '../procedures/shafts/cut-into.js';
import type { EvaluatedShaft } from '../procedures/shafts/evaluate-shaft.js';
import { show, type UnitHabit } from '../quantity/show.js';
import { type LaidShaft, lengthOf, placed } from '../shafts/laid-shaft.js';
import { oneBelow } from './from-above.js';
import type { MachineDrawing, MachineStroke } from './machine.js';
import { type At, box, path, type Stroke, shape } from './sketch.js';

/** A shaft that was worked out with what was entered of it. */
interface Drawn {
  readonly shaft: Shaft;
  readonly laid: LaidShaft;
  /** Keyways that somebody entered, with how long they are: one that is only taken at its worst is not to be cut. */
  readonly keyways: LaidShaft['notches'];
}

/** Sizes of symbols, mm: half the width of a bearing and its height, the height of a wheel’s line above the shaft, the centre line beyond each end. */
const [half_mm, off_mm, wheel_mm, beyond_mm] = [7, 9, 26, 12];
/** From line to line of what is written, and so wide is a letter of it at the most, mm. */
const [line_mm, letter_mm] = [14, 7];
const gap_mm = 24;

/** The shafts of a build that were worked out, in its order. */
function drawnOf(build: Build, lines: readonly { readonly shafts?: readonly EvaluatedShaft[] }[]): Drawn[] {
  const evaluated = lines.flatMap(({ shafts = [] }) => shafts);
  return build.shafts.flatMap((shaft) => {
    const laid = evaluated.find(({ id }) => id === shaft.id)?.laid;
    if (!laid) return [];
    const entered = shaft.seats
      .filter((seat) => seat.inputs.wide && cutOf(seat, seat.inputs.cut?.text, build.lines) !== undefined)
      .map(({ id }) => `@shafts/${shaft.id}/@seats/${id}`);
    return [{ shaft, laid, keyways: laid.notches.filter(({ isKeyway, path: at = '' }) => isKeyway && entered.includes(at)) }];
  });
}

/** What is entered of a piece, but for where it is and how large: `fillet 1 mm`. */
function restOf(role: PieceRole, piece: Piece): string[] {
  const fields = pieceHead(role, piece.kind)?.fields ?? {};
  const told = new Set(['length', 'at', 'bore', 'metal', sizeField(piece.kind)]);
  return Object.entries(fields).flatMap(([name, field]) => {
    const words = told.has(name) ? '' : fieldWords(field, piece.inputs[name]);
    const sure = piece.inputs[name]?.how === 'guessed' ? ' (a guess)' : '';
    return words === '' ? [] : `${field.label.charAt(0).toLowerCase()}${field.label.slice(1)} ${words}${sure}`;
  });
}

/** What is cut is measured first. */
const toMeasure = (piece: Piece | undefined): string =>
  piece && ['length', 'bore', sizeField(piece.kind)].some((name) => piece.inputs[name]?.how === 'guessed') ? ', a guess: to be measured first' : '';

const across = { round: 'Ø', tube: 'Ø', square: 'square ', hexagon: 'hexagon ' } as const;
/** What a wheel and a bearing are marked with. */
const [wheelMark, bearingMark] = [(k: number) => `W${k + 1}`, (k: number) => `B${k + 1}`];

/** What somebody needs who makes it: sections, wheels and bearings by what they are marked with in the drawing. */
function shaftInWords({ shaft, laid, keyways }: Drawn, units: UnitHabit = 'metric'): string[] {
  const mm = (value: number) => show(value, 'mm', units);
  const [first] = shaft.sections;
  const field = first && pieceHead('section', first.kind)?.fields.metal;
  const metal = field ? fieldWords(field, first.inputs.metal) : '';
  const wheels = laid.loads.filter(({ path: at }) => at !== undefined);
  const pieceAt = (at: string | undefined): Piece | undefined =>
    [...shaft.seats, ...shaft.bearings].find(({ id }) => at?.endsWith(`/@seats/${id}`) || at?.endsWith(`/@bearings/${id}`));
  const also = (role: PieceRole, piece: Piece | undefined) =>
    piece
      ? restOf(role, piece)
          .map((each) => `, ${each}`)
          .join('')
      : '';
  return [
    `${shaft.name}: ${mm(lengthOf(laid))} long, ${metal || 'its metal is not entered'}. Places are from its left end.`,
    ...placed(laid).map(({ section, from_mm, to_mm }, k) => {
      const bore = section.bore_mm ? `, bore ${mm(section.bore_mm)}` : '';
      return `${k + 1}: ${across[section.shape]}${mm(section.size_mm)}${bore}, ${mm(section.length_mm)} long, from ${mm(from_mm)} to ${mm(to_mm)}${toMeasure(shaft.sections[k])}${also('section', shaft.sections[k])}`;
    }),
    ...wheels.map(({ id, path: at, at_mm }, k) => `${wheelMark(k)}: ${id} at ${mm(at_mm)}${also('seat', pieceAt(at))}`),
    ...keyways.map(({ at_mm, to_mm = at_mm }) => `Keyway from ${mm(at_mm)} to ${mm(to_mm)}`),
    ...laid.bearings.map(({ id, path: at, at_mm }, k) => `${bearingMark(k)}: ${id} at ${mm(at_mm)}${also('bearing', pieceAt(at))}`),
  ];
}

/** A shaft from the side in true millimetres, its left end at nought, with what sits on it and what it turns in; below it what somebody needs who makes it. */
function drawShaft(drawn: Drawn, units: UnitHabit): MachineDrawing {
  const { laid, keyways } = drawn;
  const long = lengthOf(laid);
  const sections = placed(laid);
  const thickest = Math.max(...laid.sections.map(({ size_mm }) => size_mm));
  const sizeAt = (at: number) => sections.find(({ to_mm }) => at <= to_mm + 1e-6)?.section.size_mm ?? thickest;
  const level = (from: number, to: number, y: number, pen: 'thin' | 'hidden' | 'centre'): Stroke =>
    path(
      [
        [from, y],
        [to, y],
      ],
      pen,
    );
  const ofSections = sections.flatMap(({ section, from_mm, to_mm }, k): MachineStroke[] => {
    const half = section.size_mm / 2;
    const inside = section.shape === 'tube' ? (section.bore_mm ?? 0) / 2 : section.shape === 'hexagon' ? half / 2 : null;
    const pen = section.shape === 'tube' ? 'hidden' : 'thin';
    return [
      of('shaft', shape(box(from_mm, -half, to_mm, half))),
      // A flat face is crossed out, as the trade does it (ISO 128).
      ...(section.shape === 'square' ? crossed(from_mm, -half, to_mm, half).map((stroke) => of('shaft', stroke)) : []),
      ...(inside === null ? [] : [level(from_mm, to_mm, inside, pen), level(from_mm, to_mm, -inside, pen)].map((stroke) => of('shaft', stroke))),
      of('words', { is: 'name', says: String(k + 1), at: [(from_mm + to_mm) / 2, -thickest / 2 - off_mm] }),
    ];
  });
  // How deep a keyway is goes by its key; drawn is where it is.
  const ofKeyways = keyways.map(({ at_mm, to_mm = at_mm }) => {
    const half = sizeAt(at_mm) / 2;
    return of('cuts', shape(box(at_mm, half * 0.75, to_mm, half), 'thin'));
  });
  const ofRoots = laid.notches.flatMap(({ at_mm, to_mm = at_mm + 1, root_mm }): MachineStroke[] =>
    root_mm === undefined ? [] : [root_mm / 2, -root_mm / 2].map((y) => of('cuts', level(at_mm, to_mm, y, 'thin'))),
  );
  const ofBearings = laid.bearings.flatMap(({ at_mm }, k): MachineStroke[] => {
    const half = sizeAt(at_mm) / 2;
    const mark = of('words', { is: 'note', says: bearingMark(k), at: [at_mm + half_mm, half + off_mm] });
    const boxes = [half, -half - off_mm].flatMap((y) => [
      of('bearings', shape(box(at_mm - half_mm, y, at_mm + half_mm, y + off_mm), 'thin')),
      ...crossed(at_mm - half_mm, y, at_mm + half_mm, y + off_mm).map((stroke) => of('bearings', stroke)),
    ]);
    return [mark, ...boxes];
  });
  const wheels = laid.loads.filter(({ path: at }) => at !== undefined);
  const top = thickest / 2 + wheel_mm;
  const ofWheels = wheels.flatMap(({ at_mm }, k): MachineStroke[] => [
    of('wheels', path([[at_mm, sizeAt(at_mm) / 2] as const, [at_mm, top] as const], 'centre')),
    of('words', { is: 'note', says: wheelMark(k), at: [at_mm, top] }),
  ]);
  const words = shaftInWords(drawn, units);
  const below = -thickest / 2 - off_mm - 2 * line_mm;
  return {
    strokes: [
      ...ofSections,
      ...ofKeyways,
      ...ofRoots,
      ...ofBearings,
      ...ofWheels,
      of('centre-lines', level(-beyond_mm, long + beyond_mm, 0, 'centre')),
      ...words.map((says, k) => of('words', { is: 'note', says, at: [0, below - k * line_mm] })),
    ],
    left: -beyond_mm,
    right: Math.max(long + beyond_mm, ...words.map((says) => says.length * letter_mm)),
    top: top + line_mm,
    bottom: below - words.length * line_mm,
    trueScale: true,
    hasUsual: false,
  };
}

/** Both diagonals of a rectangle. */
function crossed(left: number, bottom: number, right: number, top: number): readonly Stroke[] {
  const [a, b, c, d] = box(left, bottom, right, top) as [At, At, At, At];
  return [path([a, c], 'thin'), path([b, d], 'thin')];
}

const of = (layer: string, stroke: Stroke): MachineStroke => ({ layer, stage: null, stroke });

/**
 * The shafts of a build, one below the other, as they are put on paper and into files for whoever turns them: true in length and thickness; wheels and bearings are where they
 * are, and no drawing of themselves.
 * @param lines of the build as they were worked out
 * @returns null where none is entered whole
 */
export function drawShafts(
  build: Build,
  lines: readonly { readonly shafts?: readonly EvaluatedShaft[] }[],
  units: UnitHabit = 'metric',
): MachineDrawing | null {
  const [first, ...others] = drawnOf(build, lines).map((each) => drawShaft(each, units));
  return first ? others.reduce((above, below) => oneBelow(above, below, gap_mm), first) : null;
}

/** The same in words. */
export const shaftsInWords = (
  build: Build,
  lines: readonly { readonly shafts?: readonly EvaluatedShaft[] }[],
  units: UnitHabit = 'metric',
): readonly (readonly string[])[] => drawnOf(build, lines).map((each) => shaftInWords(each, units));
