import { type Check, hold } from '../checks/check.js';
import type { CheckOutput } from '../checks/check-output.js';
import { type Figure, known, unknown } from '../figure/figure.js';
import { layOut } from '../geometry/lay-out.js';
import { unitOf } from '../kinds/fields.js';
import type { StageOutline } from '../kinds/kind.js';
import { wishFields } from '../machine/brief-fields.js';
import type { Build } from '../machine/build.js';
import { entryFigure } from '../machine/entry-figure.js';
import type { Told } from '../wording/sentence.js';
import { turning } from './station-figures.js';
import type { WalkedLine } from './walked.js';

type Wish = keyof typeof wishFields;

/** A wish is met or not: there is nothing to keep clear of. */
const wished = (wish: Wish, name: string, is: string, end: 'at least' | 'at most'): CheckOutput => ({
  name,
  subject: `${wishFields[wish].label.toLowerCase()} {wished}, as wished,`,
  source: 'The brief’s own wish',
  closeBelow: 0,
  says: {
    holds: `${is} {is}; ${end} {wished} is wished, and met`,
    close: `${is} {is}; ${end} {wished} is wished, and just met`,
    fails: `${is} {is}; ${end} {wished} is wished`,
  },
});

/** Every wish as a check. */
export const wishOutputs = {
  leastSpeed: wished('leastSpeed', 'the lowest speed wished', 'the {shaft} turns at', 'at least'),
  mostSpeed: wished('mostSpeed', 'the highest speed wished', 'the {shaft} turns at', 'at most'),
  mostLength: wished('mostLength', 'the length wished', 'the drive has a length of', 'at most'),
  mostHeight: wished('mostHeight', 'the height wished', 'the drive has a height of', 'at most'),
  mostMass: wished('mostMass', 'the weight wished', 'it weighs', 'at most'),
  mostCost: wished('mostCost', 'the cost wished', 'it costs', 'at most'),
  mostNoise: wished('mostNoise', 'the sound level wished', 'its sound level is', 'at most'),
} as const satisfies Partial<Record<Wish, CheckOutput>>;

/** The room that there is, which every line has to fit into. */
const ofRoom: ReadonlySet<Wish> = new Set(['mostLength', 'mostHeight']);

/**
 * What was wished of the machine, each wish a check once both its sides are known.
 * @param isMain whether it is the line that the build was begun with: what is wished of the tool is wished of its tool, and weight, cost and noise are told once
 */
export function wishChecks(build: Build, line: WalkedLine, isMain: boolean): Check[] {
  const { wishes } = build;
  if (!wishes) return [];
  const entered = (name: Wish): Figure => {
    return entryFigure(wishes[name], unitOf(wishFields[name]), `wishes/${name}`);
  };
  const tool = line.stations.at(-1);
  const across = extentOf(line.outlines);
  const speed: Figure = tool ? turning(tool).speed : unknown('rpm', []);
  const shaft = tool?.name ?? 'tool shaft';
  const rows: readonly (readonly [wish: keyof typeof wishOutputs, is: Figure])[] = [
    ['leastSpeed', speed],
    ['mostSpeed', speed],
    ['mostLength', across.length],
    ['mostHeight', across.height],
    ['mostMass', entered('mass')],
    ['mostCost', entered('cost')],
    ['mostNoise', entered('noise')],
  ];
  return rows.flatMap(([wish, is]) => {
    const asWished = entered(wish);
    if (!asWished.known || !(isMain || ofRoom.has(wish))) return [];
    const { quantity } = wishFields[wish];
    // As the field writes it: money and sound level are numbers without a unit of their own.
    const told = (figure: Figure): Told => (figure.known ? { value: figure.value, unit: figure.unit, quantity } : '');
    const [has, needs] = wish === 'leastSpeed' ? [is, asWished] : [asWished, is];
    const id = isMain ? `wishes/check-${wish}` : `wishes/check-${wish}-${line.id}`;
    return [hold(id, 'wishes', wishOutputs[wish], { has, needs, tells: { is: told(is), wished: told(asWished), shaft } })];
  });
}

/** What the wheels and shafts take up, as they are drawn; not known while a distance or a size is not. */
function extentOf(outlines: readonly StageOutline[]): { readonly length: Figure<'mm'>; readonly height: Figure<'mm'> } {
  const laid = layOut(outlines);
  const sized = outlines.every(({ driver, driven, coaxial }) => !coaxial && driver !== null && driven !== null);
  if (outlines.length === 0 || laid.assumed.length > 0 || !sized) {
    const why = unknown('mm', [], 'not every wheel and distance is entered, or some are on one axis');
    return { length: why, height: why };
  }
  const drawn = (value: number) => known('mm', value, { by: 'limit', source: 'Off the drawing: wheels and shafts, without the frame' });
  return { length: drawn(laid.right - laid.left), height: drawn(laid.top - laid.bottom) };
}
