import { type ChainSize, chainServiceFactors, chainSource, chains, chainsLike, evenLinks, strandFactors } from '../../../catalog/chains.js';
import type { Shock } from '../../../catalog/v-belts.js';
import { type Check, hold, type Labels } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, highEnd, known, picked, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { arcOfContact } from '../../../formulas/belt/arc-of-contact.js';
import { designPower } from '../../../formulas/belt/design-power.js';
import { lastingTorque } from '../../../formulas/belt/lasting-torque.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { chainCentres } from '../../../formulas/chain/chain-centres.js';
import { chainLinks } from '../../../formulas/chain/chain-links.js';
import { chainPull } from '../../../formulas/chain/chain-pull.js';
import { chainTorque } from '../../../formulas/chain/chain-torque.js';
import { chordalVariation } from '../../../formulas/chain/chordal-variation.js';
import { plateRating } from '../../../formulas/chain/plate-rating.js';
import { rollerRating } from '../../../formulas/chain/roller-rating.js';
import { sprocketDiameter } from '../../../formulas/chain/sprocket-diameter.js';
import { strandRating } from '../../../formulas/chain/strand-rating.js';
import { carriedTorque } from '../../../formulas/transmission/carried-torque.js';
import { drivenSpeed } from '../../../formulas/transmission/driven-speed.js';
import { toothRatio } from '../../../formulas/transmission/tooth-ratio.js';
import { listed } from '../../../quantity/listed.js';
import { show } from '../../../quantity/show.js';
import type { InputFigures } from '../../fields.js';
import { hubLimit, hubOf } from '../../hub-fixing.js';
import { lineCheck, lineOf, outOfLine } from '../../in-line.js';
import type { Candidate, Context, Duty, Held, Rotary, StageKind, StageOutline } from '../../kind.js';
import { angleOf } from '../../lies.js';
import { distance, roomTowards } from '../../slot.js';
import { toothedInertia } from '../../toothed-wheel.js';
import { rollerChainHead } from './fields.js';

export const moveForChain = defineProcedure({
  id: 'move-for-chain',
  says: 'The centre distance that the chain wants, less the one there is',
  source: 'ANSI/ASME B29.1 (length of a chain in links)',
});

export const sizesAlike = defineProcedure({
  id: 'sizes-alike',
  says: 'Sizes of the table that pitch, roller and width leave, as far as a calliper in a shed tells',
  source: 'ANSI/ASME B29.1, ISO 606 (from memory)',
});

export const wornChain = defineProcedure({
  id: 'worn-chain',
  says: 'Ten pitches and three per cent; one and a half where a sprocket has more than 67 teeth',
  source: 'Common practice, no source: a chain is replaced at 3 % of elongation, 1.5 % on large sprockets',
});

export const anEighth = defineProcedure({
  id: 'an-eighth',
  says: 'An eighth of the breaking load',
  source: 'Common practice, no source',
});

type Inputs = InputFigures<typeof rollerChainHead.fields>;

const noSlip = fixed('1', 0, 'Teeth do not slip');
const wrapSource = 'Common practice, no source: at least 120° on the smaller sprocket';
const teethSource = 'Common practice, no source: 17 teeth run smooth, 11 do when slow';
const pullSource = 'Common practice, no source: a working pull of an eighth of the breaking load';
const ratingSource =
  'Shigley’s Mechanical Engineering Design (10e), eq. 17-32, 17-33 and table 17-23; 15,000 h, oiled; B sizes by the A size of their pitch';

/** A roller chain on two sprockets. */
export const rollerChain: StageKind<typeof rollerChainHead.fields> = {
  ...rollerChainHead,
  passes: (inputs, arriving, context) => {
    const { note } = context;
    const p = pitchOf(inputs);
    const driver = note('driver-pitch', sprocketDiameter({ p, z: inputs.z1 }));
    const driven = note('driven-pitch', sprocketDiameter({ p, z: inputs.z2 }));
    const centres = centresOf(inputs, p, driver, driven, context.label);
    const ratio = note('ratio', toothRatio({ z_1: inputs.z1, z_2: inputs.z2 }));
    const leaving: Rotary = {
      speed: note('speed', drivenSpeed({ n1: arriving.speed, i: ratio, s: noSlip })),
      torque: note('torque', carriedTorque({ T1: arriving.torque, i: ratio, k: inputs.kept })),
      top: note('highest-speed', drivenSpeed({ n1: arriving.top, i: ratio, s: noSlip })),
    };
    const speed = note('chain-speed', rimSpeed({ d: driver, n: arriving.speed }));
    note('worn-at-ten-links', wornLength(inputs, p));
    if (!inputs.centres.known && centres.known) note('centres', centres);
    return {
      leaving,
      ratio,
      kept: inputs.kept,
      inertia: {
        in: note('driver-inertia', sprocketInertia(inputs, driver, inputs.driverMass)),
        out: note('driven-inertia', sprocketInertia(inputs, driven, inputs.drivenMass)),
      },
      outline: outlineOf(inputs, p, driver, driven, centres),
      lies: inputs.angle,
      under: (duty) => underLoad({ inputs, duty, arriving, context, p, driver, driven, centres, speed }),
    };
  },
  candidates: ({ strands, z1 }): Candidate[] => [
    ...(strands.known ? [2, 3].map((many) => ({ field: 'strands', text: String(many), says: `${many} strands`, cures: 'check-rating' })) : []),
    ...(z1.known
      ? [17, 19, 21]
          .filter((z) => z > z1.value)
          .map((z) => ({ field: 'z1', text: String(z), says: `${z} teeth on the driving sprocket`, cures: 'check-teeth' }))
      : []),
  ],
};

interface Loaded {
  readonly inputs: Inputs;
  readonly duty: Duty;
  readonly arriving: Rotary;
  readonly context: Context;
  readonly p: Figure<'mm'>;
  readonly driver: Figure<'mm'>;
  readonly driven: Figure<'mm'>;
  readonly centres: Figure<'mm'>;
  readonly speed: Figure<'m/s'>;
}

/** Pitch of the size that was chosen; else the one that was measured, if it is one chain's. */
function pitchOf({ chain, pitch }: Inputs): Figure<'mm'> {
  if (chain.is) return known('mm', chains[chain.is].pitch_mm, { by: 'catalog', table: 'roller chains', row: chain.is, source: chainSource });
  return pitch.known ? pitch : unknown('mm', [chain.field]);
}

/** Where the shafts stand: as entered, or as the links that were entered want them. Sprockets that overlap have no centres. */
function centresOf({ centres, links, z1, z2 }: Inputs, p: Figure<'mm'>, driver: Figure<'mm'>, driven: Figure<'mm'>, { units }: Labels): Figure<'mm'> {
  if (!driver.known || !driven.known) return centres;
  const least = (driver.value + driven.value) / 2;
  if (centres.known) {
    if (centres.value > least) return centres;
    return unknown(
      'mm',
      [],
      `the sprockets overlap: their radii add up to ${show(least, 'mm', units)}, the centres are ${show(centres.value, 'mm', units)} apart`,
    );
  }
  if (!links.known) return centres;
  const [small, large] = fewerFirst(z1, z2);
  const wants = chainCentres({ p, N: links, z_1: small, z_2: large });
  if (wants.known && wants.value > least) return wants;
  return unknown('mm', [], `the chain cannot reach: ${links.value} links are too few for these sprockets`);
}

const fewerFirst = (a: Figure<'1'>, b: Figure<'1'>): [Figure<'1'>, Figure<'1'>] => (a.known && b.known && a.value > b.value ? [b, a] : [a, b]);

function sprocketInertia({ chain }: Inputs, d: Figure<'mm'>, mass: Figure<'kg'>): Figure<'kg·m²'> {
  const width: Figure<'mm'> = chain.is
    ? known('mm', 0.93 * chains[chain.is].width_mm, { by: 'catalog', table: 'roller chains', row: chain.is, source: chainSource })
    : unknown('mm', [chain.field]);
  return toothedInertia(d, width, mass);
}

/** Ten links, measured pulled straight, at which a chain is done: three per cent longer, half of that on large sprockets that it would climb. */
function wornLength({ z1, z2 }: Inputs, p: Figure<'mm'>): Figure<'mm'> {
  return solve('mm', wornChain, { p, z: picked('most', '1', [z1, z2]) }, ({ p: pitch = 0, z = 0 }) => 10 * pitch * (z > 67 ? 1.015 : 1.03));
}

/** How it is oiled, by its speed (common practice, no source): the ratings stand for an oiled chain only. */
function oiling(speed: Figure<'m/s'>): string {
  if (!speed.known) return 'Oil the chain with the power off; how often hangs on its speed.';
  const v = highEnd(speed);
  if (v <= 1.5) return 'Oil the chain by brush or can every eight hours of work, with the power off.';
  if (v <= 7) return 'At this speed the chain wants oil by drip or from a bath; by hand it wears out early.';
  return 'At this speed the chain wants oil under pressure and a closed case: a slower stage is the cheaper cure.';
}

function breakingLoad({ chain, links }: Inputs): Figure<'N'> {
  if (!chain.is) return unknown('N', [chain.field]);
  const { breaks_N, unsure } = chains[chain.is];
  // An offset link takes about a third of the strength (common practice, no source).
  const left = links.known && links.value % 2 === 1 ? 0.65 : 1;
  return fromTable(
    'N',
    [breaks_N * left, breaks_N * left, breaks_N * left * 1.15],
    { table: 'roller chains', row: chain.is, source: chainSource },
    unsure ? flag.estimated : 0,
  );
}

function serviceFactor(shock: Shock | undefined): Figure<'1'> {
  const [low, high] = shock ? chainServiceFactors[shock] : [1, 1.5];
  return fromTable('1', [low, (low + high) / 2, high], {
    table: 'chain service factors',
    row: shock ?? 'not said how rough',
    source: 'ANSI B29, electric motor (from memory)',
  });
}

/** The lesser of plates and rollers. */
function goodFor({ inputs, p, arriving }: Loaded): Figure<'W'> {
  const { chain, strands, z1, z2 } = inputs;
  if (!chain.is) return unknown('W', [chain.field]);
  const { rating } = chains[chain.is];
  if (!rating) return unknown('W', [], `there is no rating of ${chains[chain.is].says} here: it is judged by its pull alone`);
  const [z] = fewerFirst(z1, z2);
  const n = z === z1 || !z1.known || !z2.known ? arriving.speed : drivenSpeed({ n1: arriving.speed, i: toothRatio({ z_1: z1, z_2: z2 }), s: noSlip });
  const row = (value: number) =>
    known('1', value, { by: 'catalog', table: 'chain rating constants', row: chain.is as ChainSize, source: ratingSource });
  const P_r = picked('least', 'W', [plateRating({ k: row(rating.k), z, n, p }), rollerRating({ K_r: row(rating.K_r), z, p, n })]);
  const K_2 = strands.known
    ? fixed('1', strandFactors[strands.value - 1] ?? 1, 'Shigley’s Mechanical Engineering Design (10e), table 17-23 (from memory)')
    : unknown('1', strands.missing);
  return strandRating({ K_2, P_r });
}

function underLoad(loaded: Loaded): Held {
  const { inputs, duty, context, p, driver, arriving } = loaded;
  const { note, path } = context;
  const pull = note('pull', chainPull({ T: duty.torque, d: driver }));
  const K_s = serviceFactor(duty.shock);
  const design = note('design-power', designPower({ P: duty.power, K_s }));
  const good = note('good-for', goodFor(loaded));
  const Fu = breakingLoad(inputs);
  const breaks = note('breaks-at', chainTorque({ F: Fu, p, z: inputs.z1 }));
  const lasts = note('lasts-up-to', lastingTorque({ P_a: good, K_s, n: arriving.speed }));
  const { chain } = inputs;
  const hub = (wheel: 'driver' | 'driven', called: string) => hubLimit(hubOf(inputs, wheel), { path, id: `${path}/${wheel}-hub`, called });
  const [driverHub, drivenHub] = [hub('driver', 'driving sprocket'), hub('driven', 'driven sprocket')];
  return {
    checks: [...shapeChecks(loaded), ...loadChecks(loaded, { pull, design, good, Fu })],
    slips: null,
    steady: chain.is
      ? { id: `${path}/lasts`, at: path, says: 'the chain wears early', short: 'chain lasts', torque: lasts, harm: 'wearing', source: ratingSource }
      : null,
    breaks: chain.is
      ? { id: `${path}/chain`, at: path, says: 'the chain breaks', short: 'chain', torque: breaks, harm: 'breaking', source: chainSource }
      : null,
    hubs: { in: driverHub, out: drivenHub },
    pulls: { in: pull, out: pull },
    cautions: ['Guard the chain and both sprockets before any power: a finger goes round with it.', oiling(loaded.speed)],
    notEntered: [
      ...(chain.is ? [] : ['which chain it is']),
      ...(driverHub ? [] : ['what holds the driving sprocket']),
      ...(drivenHub ? [] : ['what holds the driven sprocket']),
    ],
  };
}

function shapeChecks({ inputs, context, p, driver, driven, centres, arriving }: Loaded): Check[] {
  const { path, label, note } = context;
  const shared = { at: path, label };
  const { z1, z2, links, offset } = inputs;
  const [few, many] = fewerFirst(z1, z2);
  const [small, large] = few === z1 ? [driver, driven] : [driven, driver];
  const wrap = note('wrap', arcOfContact({ d: small, D: large, C: centres }));
  note('rough-running', chordalVariation({ z: few }));
  const wants = note('links-for-it', chainLinks({ C: centres, p, z_1: few, z_2: many }));
  const slow = arriving.speed.known && arriving.speed.value < 300;
  const checks: Check[] = [
    hold({
      ...shared,
      id: `${path}/check-wrap`,
      subject: 'Wrap on the smaller sprocket',
      has: wrap,
      needs: fixed('rad', (120 * Math.PI) / 180, wrapSource),
      says: ({ has, needs }) => `Wrap on the smaller sprocket is ${has}; below ${needs} too few teeth share the pull`,
      source: wrapSource,
    }),
    hold({
      ...shared,
      id: `${path}/check-teeth`,
      subject: 'Teeth of the smaller sprocket',
      has: few,
      needs: fixed('1', slow ? 11 : few.known && few.value >= 17 ? 14 : 11, teethSource),
      says: ({ has, verdict }) =>
        `The smaller sprocket has ${has} teeth; ${slow ? '11 do when slow' : '17 run smooth'}${verdict === 'gives' ? ', fewer jerk and wear' : ''}`,
      source: teethSource,
      ...(few.known && few.value >= (slow ? 11 : 17) ? {} : { best: 'close' as const }),
    }),
  ];
  checks.push(...lineCheck('chain', offset.known ? offset : outOfLine(inputs), centres, context));
  if (links.known && inputs.centres.known && wants.known) checks.push(reaches(inputs, p, few, many, context));
  const alike = identified(inputs, context);
  return alike ? [...checks, alike] : checks;
}

/** The links that were entered against the slot. */
function reaches(inputs: Inputs, p: Figure<'mm'>, z_1: Figure<'1'>, z_2: Figure<'1'>, { path, label }: Context): Check {
  const { links, centres, slotIn, slotOut } = inputs;
  const wants = chainCentres({ p, N: links, z_1, z_2 });
  const off = solve('mm', moveForChain, { C_1: wants, C: centres }, ({ C_1 = 0, C = 0 }) => C_1 - C);
  const way = off.known && off.value < 0 ? 'in' : 'out';
  const odd = links.known && links.value % 2 === 1;
  return hold({
    id: `${path}/check-reach`,
    at: path,
    subject: 'Whether the chain fits the slot',
    has: roomTowards(off, slotIn, slotOut),
    needs: distance(off),
    says: ({ has, needs }) =>
      `${links.known ? links.value : '?'} links want the shaft ${needs} further ${way}; the slot lets it move ${has}${odd ? '. An odd number needs an offset link, a third weaker' : ''}`,
    source: 'Shigley’s Mechanical Engineering Design (10e), eq. 17-35; even numbers need no offset link',
    label,
    ...(odd ? { best: 'close' as const } : {}),
  });
}

/** What pitch, roller and width that were measured say of the size that was chosen. Told apart or not: there is no share of a limit that is left. */
function identified({ chain, pitch, roller, width }: Inputs, { path }: Context): Check | null {
  const measured = [pitch, roller, width].filter((figure) => figure.known);
  if (measured.length === 0) return null;
  const at = (figure: Figure) => (figure.known ? figure.value : null);
  const like = chainsLike(at(pitch), at(roller), at(width));
  const names = listed(
    like.map((size) => chains[size].says),
    'or',
  );
  const right = chain.is !== undefined && like.includes(chain.is);
  const says =
    like.length === 0
      ? 'What was measured is no chain of the table: it may be T8F or another of a maker’s own, or worn beyond its pitch.'
      : `What was measured is ${names}${chain.is && !right ? `, not ${chains[chain.is].says}` : ''}.`;
  return {
    id: `${path}/check-size`,
    at: path,
    verdict: right ? (like.length === 1 ? 'holds' : 'close') : chain.is || like.length === 0 ? 'gives' : 'unknown',
    has: known('1', like.length, { by: 'solved', id: sizesAlike.id, from: { p: pitch, d: roller, b: width } }),
    needs: fixed('1', 1, 'One size is one chain'),
    margin: null,
    says,
    source: chainSource,
  };
}

function loadChecks(
  { inputs, context }: Loaded,
  { pull, design, good, Fu }: { pull: Figure<'N'>; design: Figure<'W'>; good: Figure<'W'>; Fu: Figure<'N'> },
): Check[] {
  const { path, label } = context;
  const { chain } = inputs;
  if (!chain.is) return [];
  const eighth = solve('N', anEighth, { F_u: Fu }, ({ F_u = 0 }) => F_u / 8);
  return [
    hold({
      id: `${path}/check-pull`,
      at: path,
      label,
      subject: 'Pull of the chain',
      has: eighth,
      needs: pull,
      says: ({ has, needs }) => `Chain pulls ${needs} at work; ${has} is its steady limit`,
      source: pullSource,
    }),
    ...(chains[chain.is].rating
      ? [
          hold({
            id: `${path}/check-rating`,
            at: path,
            label,
            subject: 'What the chain is good for',
            has: good,
            needs: design,
            says: ({ has, needs }) => `Chain is good for ${has}; the work asks ${needs} with its shock`,
            source: ratingSource,
          }),
        ]
      : []),
  ];
}

function outlineOf(inputs: Inputs, p: Figure<'mm'>, driver: Figure<'mm'>, driven: Figure<'mm'>, centres: Figure<'mm'>): StageOutline {
  const likely = (figure: Figure) => (figure.known ? figure.value : null);
  const plain = { driver: likely(driver), driven: likely(driven), centres: likely(centres), angle: angleOf(inputs.angle), line: lineOf(inputs) };
  const { links, slotIn, slotOut, z1, z2 } = inputs;
  const [few, many] = fewerFirst(z1, z2);
  if (!p.known || !few.known || !many.known || !centres.known) return plain;
  const around = evenLinks(chainLinks.compute({ C: centres.value, p: p.value, z_1: few.value, z_2: many.value }));
  const belts = [-6, -4, -2, 0, 2, 4, 6].flatMap((more) => {
    const N = around + more;
    const wants = chainCentres.compute({ p: p.value, N, z_1: few.value, z_2: many.value });
    return Number.isFinite(wants) ? [{ mark: `${N}`, centres: wants }] : [];
  });
  const slot = slotIn.known && slotOut.known ? ([centres.value - slotIn.value, centres.value + slotOut.value] as const) : null;
  return { ...plain, stock: { what: 'even numbers of links', belts, slot, chosen: links.known ? `${links.value}` : null } };
}
