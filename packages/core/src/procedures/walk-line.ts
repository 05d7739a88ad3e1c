import { type Check, closeBelow, hold } from '../checks/check.js';
import { type Figure, flag, highEnd, known, lowEnd, unknown } from '../figure/figure.js';
import { shaftPower } from '../formulas/power/shaft-power.js';
import type { Fields, InputFigures } from '../kinds/fields.js';
import { unitOf } from '../kinds/fields.js';
import type { Candidate, Context, DrawnStage, Kind, Note, Rotary, SourceKind, StageKind, WorkKind } from '../kinds/kind.js';
import { type Kinds, kindKey } from '../kinds/registry.js';
import type { Element, Line } from '../machine/build.js';
import { elementsOf } from '../machine/paths.js';
import type { Unit } from '../quantity/quantities.js';
import { showRange, showShare } from '../quantity/show.js';

/** What stands at one shaft: figures under it on the drawing. */
export interface StationFigures {
  readonly id: string;
  readonly name: string;
  readonly speed: Figure<'rpm'>;
  readonly torque: Figure<'N·m'>;
  readonly power: Figure<'W'>;
}

/** A candidate with the element it would change. */
export interface Offer extends Candidate {
  readonly path: string;
}

export interface WalkedLine {
  readonly id: string;
  readonly figures: ReadonlyMap<string, ReadonlyMap<string, Figure>>;
  readonly stations: readonly StationFigures[];
  readonly checks: readonly Check[];
  readonly outlines: readonly DrawnStage[];
  readonly offers: readonly Offer[];
}

/**
 * Walks a line from source to work: speed and torque are handed from element to element, every figure is kept under its element,
 * and what arrives is held against what the work asks.
 * @throws Error when a kind of the line is not among `kinds`: the caller loads them first
 */
export function walkLine(line: Line, kinds: Kinds, label: (path: string) => string): WalkedLine {
  const figures = new Map<string, Map<string, Figure>>();
  const checks: Check[] = [];
  const outlines: DrawnStage[] = [];
  const offers: Offer[] = [];

  const open = (path: string, element: Element, kind: Kind) => {
    const own = new Map<string, Figure>();
    figures.set(path, own);
    const note: Note = <U extends Unit>(name: string, figure: Figure<U>) => {
      own.set(name, figure);
      return figure;
    };
    const inputs = inputFigures(path, element, kind.fields);
    if (kind.role !== 'work') for (const candidate of kind.candidates?.(inputs) ?? []) offers.push({ ...candidate, path });
    return { inputs, context: { note, path, label } satisfies Context };
  };

  const at: Rotary[] = [];
  let asked: Figure<'N·m'> = unknown('N·m', []);
  for (const { role, path, element } of elementsOf(line)) {
    const kind = kinds.get(kindKey(role, element.kind));
    if (!kind) throw new Error(`Kind ${element.kind} is not loaded`);
    const { inputs, context } = open(path, element, kind);
    const before = at.at(-1);
    if (role === 'source') {
      at.push((kind as SourceKind).gives(inputs, context));
    } else if (role === 'stage') {
      const { leaving, checks: own, outline } = (kind as StageKind).under(inputs, before as Rotary, context);
      at.push(leaving);
      checks.push(...own);
      outlines.push({ ...outline, kind: element.kind });
    } else {
      asked = (kind as WorkKind).asks(inputs, (before as Rotary).speed, context);
    }
  }

  const stations = at.map(({ speed, torque }, k): StationFigures => {
    const station = line.stations[k];
    return { id: station?.id ?? `s${k}`, name: station?.name ?? `shaft ${k + 1}`, speed, torque, power: shaftPower({ T: torque, n: speed }) };
  });
  const last = stations.at(-1) as StationFigures;
  checks.unshift(carries(`${line.id}/work`, last, asked, label));
  return { id: line.id, figures, stations, checks, outlines, offers };
}

/** The fields of an element as figures: entered, usual where nothing was, or unknown and naming itself. */
function inputFigures(path: string, element: Element, fields: Fields): InputFigures<Fields> {
  const figures: Record<string, Figure> = {};
  for (const [name, field] of Object.entries(fields)) {
    const input = element.inputs[name];
    const unit = unitOf(field);
    const at = `${path}/${name}`;
    if (input?.value !== undefined) {
      const range = input.low === undefined || input.high === undefined ? undefined : ([input.low, input.high] as const);
      figures[name] = known(unit, input.value, { by: 'given', field: at, text: input.text }, range, input.how === 'guessed' ? flag.guessed : 0);
    } else if (field.usual) {
      const { value, low, high, source } = field.usual;
      figures[name] = known(unit, value, { by: 'usual', field: at, source }, [low, high]);
    } else {
      figures[name] = unknown(unit, [at]);
    }
  }
  return figures as InputFigures<Fields>;
}

/** Does what arrives at the tool's shaft carry what the work asks? */
function carries(path: string, arriving: StationFigures, asked: Figure<'N·m'>, label: (path: string) => string): Check {
  const { torque } = arriving;
  return hold({
    id: `${path}/check-carries`,
    at: path,
    subject: 'Whether the motor carries the work',
    has: torque,
    needs: asked,
    says: ({ verdict, margin, needs }) => {
      const has = torque.known ? showRange(lowEnd(torque), highEnd(torque), 'N·m') : '';
      const there = `${has} reaches the ${arriving.name}, ${needs} is asked`;
      if (margin.best < 0) return `The motor does not carry the work: ${there}; at best ${showShare(-margin.best)} short`;
      if (verdict === 'gives') return `The motor may not carry the work: ${there}; at worst ${showShare(-margin.worst)} short`;
      const left = `at worst ${showShare(margin.worst)} of it is left`;
      if (verdict === 'close' && margin.worst >= closeBelow) return `The motor carries the work if the guess is right: ${there}; ${left}`;
      return `The motor ${verdict === 'holds' ? 'carries' : 'just carries'} the work: ${there}; ${left}`;
    },
    source: 'Torque that arrives against torque asked; close below 20 % left (Hobrek’s threshold)',
    label,
  });
}
