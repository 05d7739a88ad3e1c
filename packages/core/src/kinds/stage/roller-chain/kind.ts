import { type ChainSize, chainSource, chains } from '../../../catalog/chains.js';
import { type Figure, fixed, flag, highEnd, scaled } from '../../../figure/figure.js';
import { arcOfContact } from '../../../formulas/belt/arc-of-contact.js';
import { designPower } from '../../../formulas/belt/design-power.js';
import { lastingTorque } from '../../../formulas/belt/lasting-torque.js';
import { chainLinks } from '../../../formulas/chain/chain-links.js';
import { chainPull } from '../../../formulas/chain/chain-pull.js';
import { chainSpeed } from '../../../formulas/chain/chain-speed.js';
import { chainTorque } from '../../../formulas/chain/chain-torque.js';
import { chordalVariation } from '../../../formulas/chain/chordal-variation.js';
import { sprocketDiameter } from '../../../formulas/chain/sprocket-diameter.js';
import { toothRatio } from '../../../formulas/transmission/tooth-ratio.js';
import { sentence } from '../../../wording/sentence.js';
import type { Candidate, StageKind, StageReady, StageResult } from '../../kind.js';
import { geared } from '../../shared/driven-shaft.js';
import { hubFixings } from '../../shared/hub-fixing.js';
import { keyedInstead } from '../../shared/keyed-instead.js';
import { outlineOf } from '../../shared/outline.js';
import { serviceFactor } from '../../shared/service-factor.js';
import { stiffnessOfSpans } from '../../shared/span.js';
import { type Loaded, loadChecks, shapeChecks } from './checks.js';
import { rollerChainHead } from './fields.js';
import { ratingSource } from './outputs.js';
import { breakingLoad, ratingOf } from './rating.js';
import { centresOf, fewerFirst, type Inputs, pitchOf, sprocketInertia, stockFor, wornLength } from './shape.js';

const stretchSource = 'Common practice, no source: a roller chain stretches elastically by 0.8 to 2 % until it breaks';
const stretches = fixed('1', 80, stretchSource, [50, 120], flag.estimated);

type Ready = StageReady & Pick<Loaded, 'p' | 'driver' | 'driven' | 'centres'>;

/** A roller chain on two sprockets. */
export const rollerChain: StageKind<typeof rollerChainHead, Ready> = {
  ...rollerChainHead,
  ready: (inputs, { note }) => {
    const p = pitchOf(inputs);
    const driver = note('driver-pitch', sprocketDiameter({ p, z: inputs.z1 }));
    const driven = note('driven-pitch', sprocketDiameter({ p, z: inputs.z2 }));
    const centres = centresOf(inputs, p, driver, driven);
    note('worn-at-ten-links', wornLength(inputs, p));
    if (!inputs.centres.known && centres.known) note('centres', centres);
    return {
      ...geared(note('ratio', toothRatio({ z_1: inputs.z1, z_2: inputs.z2 })), inputs.efficiency),
      moved: {
        in: note('driver-inertia', sprocketInertia(inputs, driver, inputs.driverMass)),
        out: note('driven-inertia', sprocketInertia(inputs, driven, inputs.drivenMass)),
      },
      outline: outlineOf(inputs, driver, driven, centres, stockFor(inputs, p, centres)),
      direction: inputs.angle,
      ...{ p, driver, driven, centres },
    };
  },
  under: (inputs, { p, driver, driven, centres }, { arriving, duty }, context) => {
    const speed = context.note('chain-speed', chainSpeed({ p, z: inputs.z1, n: arriving.flow }));
    return underLoad({ inputs, duty, arriving, context, p, driver, driven, centres, speed });
  },
  candidates: (inputs) =>
    [
      ...finer(inputs),
      ...(inputs.strands.known
        ? [2, 3].map((many) => ({ field: 'strands', text: String(many), says: sentence(`${many} strands`), cures: 'check-rating' }))
        : []),
      ...keyedInstead(inputs, { driver: 'driving sprocket', driven: 'driven sprocket' }),
      ...[17, 19, 21, 25].flatMap((z) =>
        ['check-teeth', 'check-rollers'].map((cures) => ({ ...sprockets(inputs, z), cures, says: sentence(`${z} teeth on the driving sprocket`) })),
      ),
    ].filter(({ text }) => text !== ''),
};

/** As many teeth on the driving sprocket, at the ratio that there is; of fewer than there are nothing. */
function sprockets({ z1, z2 }: Inputs, z: number): Pick<Candidate, 'field' | 'text' | 'with'> {
  if (!z1.known || !z2.known || z <= z1.value) return { field: 'z1', text: '' };
  return { field: 'z1', text: String(z), with: { z2: String(Math.round((z * z2.value) / z1.value)), links: null } };
}

/** The next finer pitches of its series on sprockets about as large: what strikes the teeth is lighter and slower. */
function finer({ chain, z1, z2 }: Inputs): Candidate[] {
  const series = [
    ['16B', '12B', '10B', '08B', '06B'],
    ['80', '60', '50', '40', '35', '25'],
  ].find((sizes) => chain.is && sizes.includes(chain.is)) as readonly ChainSize[] | undefined;
  if (!series || !chain.is || !z1.known || !z2.known) return [];
  const has = chains[chain.is].pitch_mm;
  return series.slice(series.indexOf(chain.is) + 1).flatMap((text) => {
    const [driver, driven] = [z1.value, z2.value].map((z) => Math.round((z * has) / chains[text].pitch_mm)) as [number, number];
    const sprocketTexts = { z1: String(driver), z2: String(driven), links: null, pitch: null, roller: null, width: null };
    const says = sentence(`a chain ${chains[text].says} on ${driver} and ${driven} teeth`);
    return ['check-rollers', 'check-galling'].map((cures) => ({ field: 'chain', text, with: sprocketTexts, cures, says }));
  });
}

/** How it is oiled, by its speed (common practice, no source): the ratings are for an oiled chain only. */
function oiling(speed: Figure<'m/s'>, kept: 'bath' | 'hand' | 'dry' | undefined): string {
  if (kept === 'bath') return 'Keep oil in the case of the chain, and look at its level with the power off.';
  if (kept === 'dry')
    return 'A chain that runs dry or in dirt is a wear part: clean and oil it with the power off whenever it creaks, and measure it over ten links.';
  if (!speed.known) return 'Oil the chain with the power off; how often depends on its speed.';
  const v = highEnd(speed);
  if (v <= 1.5) return 'Oil the chain by brush or can every eight hours of work, with the power off.';
  if (v <= 7) return 'At this speed the chain needs oil by drip or from a bath; by hand it wears out early.';
  return 'At this speed the chain needs oil under pressure and a closed case: a slower stage is the cheaper cure.';
}

function underLoad(loaded: Loaded): StageResult {
  const { inputs, duty, context, p, driver, driven, centres, arriving } = loaded;
  const { note, limit } = context;
  const { chain, z1, z2 } = inputs;
  const pull = note('pull', chainPull({ T: duty.torque, d: driver }));
  const K_s = note('service-factor', serviceFactor('chain', duty));
  const design = note('design-power', designPower({ P: duty.power, K_s }));
  const rating = ratingOf(inputs, p, arriving.flow);
  const good = note('good-for', rating.good);
  note('good-for-plates', rating.plates);
  note('good-for-rollers', rating.rollers);
  const Fu = breakingLoad(inputs);
  const breaks = note('breaks-at', chainTorque({ F: Fu, p, z: z1 }));
  const lasts = note('lasts-up-to', lastingTorque({ P_a: good, K_s, n: arriving.flow }));
  const [few, many] = fewerFirst(z1, z2);
  const [small, large] = few === z1 ? [driver, driven] : [driven, driver];
  const shape = {
    few,
    many,
    wrap: note('wrap', arcOfContact({ d: small, D: large, C: centres })),
    links: note('links-for-it', chainLinks({ C: centres, p, z_1: few, z_2: many })),
  };
  note('rough-running', chordalVariation({ z: few }));
  const hubs = hubFixings(inputs, context, driver, driven);
  return {
    checks: [...shapeChecks(loaded, shape), ...(chain.is ? loadChecks(loaded, { pull, design, rating, K_s, Fu, few }) : [])],
    slips: null,
    steady: chain.is ? limit('lasts', { torque: lasts, source: ratingSource }) : null,
    breaks: chain.is ? limit('chain', { torque: breaks, source: chainSource }) : null,
    stiffness: stiffnessOfSpans(scaled(Fu, stretches, stretchSource), driver, centres),
    hubs,
    pulls: { in: pull, out: pull },
    cautions: ['Guard the chain and both sprockets before any power: a finger goes round with it.', oiling(loaded.speed, inputs.case.is)],
    notEntered: chain.is ? [] : ['which chain it is'],
  };
}
