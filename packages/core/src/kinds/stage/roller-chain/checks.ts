import { chainSource, chains, chainsLike } from '../../../catalog/chains.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, known, scaled } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { chainCentres } from '../../../formulas/chain/chain-centres.js';
import { gallingSpeed } from '../../../formulas/chain/galling-speed.js';
import { listed } from '../../../quantity/listed.js';
import { type Sentence, sentence } from '../../../wording/sentence.js';
import type { Duty } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { alignmentOf, outOfLine } from '../../shared/alignment.js';
import { isShort, lasting, withLife } from '../../shared/life.js';
import { rowOf } from '../../shared/service-factor.js';
import { distance, roomTowards, wayOf } from '../../shared/slot.js';
import { type RollerChainOutputs, rollerChainOutputs, teethSource, wrapSource } from './outputs.js';
import { type ChainRating, lifeOf, smallSpeed } from './rating.js';
import type { Inputs } from './shape.js';

export const moveForChain = defineProcedure({
  id: 'move-for-chain',
  says: 'The centre distance that the chain needs, less the one there is',
  source: 'ANSI/ASME B29.1 (length of a chain in links)',
});

export const sizesAlike = defineProcedure({
  id: 'sizes-alike',
  says: 'Sizes of the table that pitch, roller and width leave, as far as a calliper in a shed tells',
  source: 'ANSI/ASME B29.1, ISO 606 (from memory)',
});

/** A chain with what it has to transmit. */
export interface Loaded {
  readonly inputs: Inputs;
  readonly duty: Duty;
  readonly arriving: Port<'rotary'>;
  readonly context: Context<RollerChainOutputs>;
  readonly p: Figure<'mm'>;
  readonly driver: Figure<'mm'>;
  readonly driven: Figure<'mm'>;
  readonly centres: Figure<'mm'>;
  readonly speed: Figure<'m/s'>;
}

interface Shape {
  readonly few: Figure<'1'>;
  readonly many: Figure<'1'>;
  readonly wrap: Figure<'rad'>;
  readonly links: Figure<'1'>;
}

const leastWrap = fixed('rad', Math.PI / 2, wrapSource);

/** What hangs on its shape alone. */
export function shapeChecks({ inputs, context, p, centres, arriving }: Loaded, { few, many, wrap, links }: Shape): Check[] {
  const { check } = context;
  const slow = arriving.flow.known && arriving.flow.value < 300;
  const count = few.known ? few.value : 0;
  const alike = identified(inputs, context);
  return [
    check('wrap', { has: wrap, needs: leastWrap }),
    check('teeth', {
      has: few,
      needs: fixed('1', !slow && count >= 17 ? 14 : 11, teethSource),
      best: count >= (slow ? 11 : 17) ? undefined : 'close',
      tells: { enough: slow ? '11 do when slow' : '17 run smooth' },
    }),
    ...alignmentOf(inputs.offset.known ? inputs.offset : outOfLine(inputs), centres, context),
    ...(inputs.links.known && inputs.centres.known && links.known ? [fitsSlot(inputs, p, few, many, context)] : []),
    ...(alike ? [alike] : []),
  ];
}

/** The links that were entered against the slot. */
function fitsSlot(inputs: Inputs, p: Figure<'mm'>, z_1: Figure<'1'>, z_2: Figure<'1'>, { check }: Context<RollerChainOutputs>): Check {
  const { links, centres, slotIn, slotOut } = inputs;
  const needed = chainCentres({ p, N: links, z_1, z_2 });
  const off = solve('mm', moveForChain, { C_1: needed, C: centres }, ({ C_1 = 0, C = 0 }) => C_1 - C);
  const odd = links.known && links.value % 2 === 1;
  return check('reach', {
    has: roomTowards(off, slotIn, slotOut),
    needs: distance(off),
    best: odd ? 'close' : undefined,
    tells: { links, way: wayOf(off), odd: odd ? '. An odd number needs an offset link, a third weaker' : '' },
  });
}

const oneSize = fixed('1', 1, 'One size is one chain');

/** What pitch, roller and width that were measured say of the size that was chosen. Told apart or not: there is no share of a limit that is left. */
function identified({ chain, pitch, roller, width }: Inputs, { path }: Context<RollerChainOutputs>): Check | null {
  const measured = [pitch, roller, width].filter((figure) => figure.known);
  if (measured.length === 0) return null;
  const at = (figure: Figure) => (figure.known ? figure.value : null);
  const like = chainsLike(at(pitch), at(roller), at(width));
  const names = listed(
    like.map((size) => chains[size].says),
    'or',
  );
  const right = chain.is !== undefined && like.includes(chain.is);
  const verdict = right ? (like.length === 1 ? 'holds' : 'close') : chain.is || like.length === 0 ? 'fails' : 'unknown';
  const not = chain.is && !right ? `, not ${chains[chain.is].says}` : '';
  const says: Sentence =
    like.length === 0
      ? sentence('what was measured is no chain of the table: it may be T8F or another of a maker’s own, or worn beyond its pitch')
      : sentence(rollerChainOutputs.checks.size.says, { names, not });
  const has = known('1', like.length, { by: 'solved', id: sizesAlike.id, from: { p: pitch, d: roller, b: width } });
  const name = sentence(rollerChainOutputs.checks.size.name);
  return { id: `${path}/check-size`, at: path, verdict, name, has, needs: oneSize, margin: null, says: { ...says, verdict }, source: chainSource };
}

/** A chain under its load. */
export interface UnderLoad {
  readonly pull: Figure<'N'>;
  readonly design: Figure<'W'>;
  readonly rating: ChainRating;
  readonly K_s: Figure<'1'>;
  readonly Fu: Figure<'N'>;
  readonly few: Figure<'1'>;
}

const fifth = 'Common practice, no source: a fifth of the breaking load';

/** What hangs on the load: pull and plates, and rollers and joints where they do not hold. */
export function loadChecks({ inputs, context, p, arriving, duty }: Loaded, { pull, design, rating, K_s, Fu, few }: UnderLoad): Check[] {
  const { check, note } = context;
  const factor = { factor: K_s, factorOf: rowOf(duty) };
  const life = isShort(rating.plates, design) ? note('expected-life', lifeOf(inputs, rating.plates, design)) : null;
  const rollers = check('rollers', { has: rating.rollers, needs: design, tells: { ...factor, teeth: few } });
  const one = inputs.strands.known ? scaled(pull, 1 / inputs.strands.value, 'One strand of them') : pull;
  const galls = note('galls-at', gallingSpeed({ p, z: few, F: one }));
  const galling = check('galling', { has: galls, needs: smallSpeed(inputs, arriving.top) });
  return [
    check('pull', { has: scaled(Fu, 1 / 5, fifth), needs: pull }),
    withLife(life, duty.mustLast, check('rating', { has: rating.plates, needs: design, tells: { ...factor, life: lasting(life, duty.mustLast) } })),
    // What is slow has rollers and joints to spare, outside of what the relations are made for.
    ...[rollers, galling].filter(({ verdict, margin }) => verdict !== 'holds' && margin && margin.worst < 0.2),
  ];
}
