import { chainSource, chains, evenLinks } from '../../../catalog/chains.js';
import { type Figure, known, picked, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { chainCentres } from '../../../formulas/chain/chain-centres.js';
import { chainLinks } from '../../../formulas/chain/chain-links.js';
import type { InputFigures } from '../../fields.js';
import type { StageOutline } from '../../kind.js';
import { overlapping } from '../../shared/open-belt.js';
import { slotAround } from '../../shared/outline.js';
import { toothedInertia } from '../../shared/wheels.js';
import type { rollerChainHead } from './fields.js';

export const wornChain = defineProcedure({
  id: 'worn-chain',
  says: 'Ten pitches and three per cent; one and a half where a sprocket has more than 67 teeth',
  source: 'Common practice, no source: a chain is replaced at 3 % of elongation, 1.5 % on large sprockets',
});

export type Inputs = InputFigures<typeof rollerChainHead.fields>;

/** Pitch of the size that was chosen; else the one that was measured, if it is one chain's. */
export function pitchOf({ chain, pitch }: Inputs): Figure<'mm'> {
  if (chain.is) return known('mm', chains[chain.is].pitch_mm, { by: 'catalog', table: 'roller chains', row: chain.is, source: chainSource });
  return pitch.known ? pitch : unknown('mm', [chain.field]);
}

/** Centre distance: as entered, or as the links that were entered need it. Sprockets that overlap have no centres. */
export function centresOf({ centres, links, z1, z2 }: Inputs, p: Figure<'mm'>, driver: Figure<'mm'>, driven: Figure<'mm'>): Figure<'mm'> {
  if (!driver.known || !driven.known) return centres;
  const least = (driver.value + driven.value) / 2;
  if (centres.known) {
    if (centres.value > least) return centres;
    return overlapping('sprockets', least, centres.value);
  }
  if (!links.known) return centres;
  const [small, large] = fewerFirst(z1, z2);
  const needed = chainCentres({ p, N: links, z_1: small, z_2: large });
  if (needed.known && needed.value > least) return needed;
  return unknown('mm', [], `the chain cannot reach: ${links.value} links are too few for these sprockets`);
}

/** Teeth of the smaller sprocket first. */
export const fewerFirst = (a: Figure<'1'>, b: Figure<'1'>): [Figure<'1'>, Figure<'1'>] => (a.known && b.known && a.value > b.value ? [b, a] : [a, b]);

/** Inertia of a sprocket of the pitch diameter `d`, by its mass or by its size. */
export function sprocketInertia({ chain }: Inputs, d: Figure<'mm'>, mass: Figure<'kg'>): Figure<'kg·m²'> {
  const width: Figure<'mm'> = chain.is
    ? known('mm', 0.93 * chains[chain.is].width_mm, { by: 'catalog', table: 'roller chains', row: chain.is, source: chainSource })
    : unknown('mm', [chain.field]);
  return toothedInertia(d, width, mass);
}

/** Ten links, measured pulled straight, at which a chain is done: three per cent longer, half of that on large sprockets that it would climb. */
export function wornLength({ z1, z2 }: Inputs, p: Figure<'mm'>): Figure<'mm'> {
  return solve('mm', wornChain, { p, z: picked('most', '1', [z1, z2]) }, ({ p: pitch = 0, z = 0 }) => 10 * pitch * (z > 67 ? 1.015 : 1.03));
}

/** Even numbers of links near the one that the centres need, each with its centre distance, and how far the slot lets it move. */
export function stockFor(inputs: Inputs, p: Figure<'mm'>, centres: Figure<'mm'>): StageOutline['stock'] {
  const { links, z1, z2 } = inputs;
  const [few, many] = fewerFirst(z1, z2);
  if (!p.known || !few.known || !many.known || !centres.known) return undefined;
  const around = evenLinks(chainLinks.compute({ C: centres.value, p: p.value, z_1: few.value, z_2: many.value }));
  const belts = [-6, -4, -2, 0, 2, 4, 6].flatMap((more) => {
    const N = around + more;
    const needed = chainCentres.compute({ p: p.value, N, z_1: few.value, z_2: many.value });
    return Number.isFinite(needed) ? [{ mark: `${N}`, centres: needed }] : [];
  });
  return { what: 'even numbers of links', belts, slot: slotAround(inputs, centres.value), chosen: links.known ? `${links.value}` : null };
}
