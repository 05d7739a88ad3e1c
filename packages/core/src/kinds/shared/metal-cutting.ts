import { bluntSource, cutMetals, cutTools, cuttingSpeedSource, specificForceSource } from '../../catalog/cut-metals.js';
import { type Check, noWorseThanClose } from '../../checks/check.js';
import type { CheckOutput } from '../../checks/check-output.js';
import { type Figure, fixed, flag, fromTable, scaled } from '../../figure/figure.js';
import { rimSpeed } from '../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../formulas/belt/speed-of-rim.js';
import { specificForce } from '../../formulas/cutting/specific-force.js';
import { type Chosen, choice } from '../fields.js';
import { figure } from '../outputs.js';
import { labelsOf } from './labels-of.js';
import type { Declares } from './only.js';
import { atLeast } from './spindle-speeds.js';

/** What is cut, of what the edge is, and how sharp it is: of every tool that cuts metal. */
export const metalFields = {
  material: choice('Material', labelsOf(cutMetals), {
    how: 'chosen',
    usual: 'mild',
    help: 'It says what a chip takes, and how fast it is cut.',
    measure: '',
  }),
  tool: choice('Tool of', labelsOf(cutTools), {
    how: 'chosen',
    usual: 'hss',
    help: 'Carbide cuts three to five times as fast, with the same force: it needs that much more power.',
    measure: '',
  }),
  edges: choice(
    'Edge',
    { sharp: 'sharp', used: 'as it is after a while', blunt: 'blunt' },
    { how: 'measured', usual: 'used', help: 'A blunt edge takes a quarter to a half more.', measure: 'A fingernail on it: it bites or slides.' },
  ),
} as const;

interface Cut {
  readonly material: Chosen<keyof typeof cutMetals>;
  readonly tool: Chosen<keyof typeof cutTools>;
  readonly edges: Chosen<keyof typeof wear>;
}

const wear = {
  sharp: fixed('1', 1.05, bluntSource, [1, 1.1], flag.estimated),
  used: fixed('1', 1.2, bluntSource, [1.05, 1.35], flag.estimated),
  blunt: fixed('1', 1.4, bluntSource, [1.25, 1.5], flag.estimated),
} as const;

/** How much more force an edge takes than a sharp one. */
export const wornBy = ({ edges }: Pick<Cut, 'edges'>): Figure<'1'> => wear[edges.is ?? 'used'];

const spread = fixed('1', 1, specificForceSource, [0.9, 1.1], flag.estimated);

/** Force of a chip 1 mm by 1 mm, and how fast that falls with thicker chips. */
export function chipForce({ material }: Pick<Cut, 'material'>): { readonly k: Figure<'MPa'>; readonly m: Figure<'1'> } {
  const { kc11_MPa, mc } = cutMetals[material.is ?? 'mild'];
  return { k: scaled(fixed('MPa', kc11_MPa, specificForceSource), spread, specificForceSource), m: fixed('1', mc, specificForceSource) };
}

/** Force of a chip by its section, as thick as it is. */
export const forceAt = (inputs: Pick<Cut, 'material'>, h: Figure<'mm'>): Figure<'MPa'> => specificForce({ ...chipForce(inputs), h });

/** As fast as the edge lasts in this material, turned. */
export function speedOfCut({ material, tool }: Pick<Cut, 'material' | 'tool'>): Figure<'m/s'> {
  const { speed_m_min, label } = cutMetals[material.is ?? 'mild'];
  const { times, label: of } = cutTools[tool.is ?? 'hss'];
  const band = speed_m_min.map((v, k) => (v * (times[k] as number)) / 60) as [number, number, number];
  return fromTable('m/s', band, { table: 'speed of the cut', row: `${label}, ${of}`, source: cuttingSpeedSource });
}

/** What practice has at its fastest is what an edge withstands. */
export const withstoodBy = (v: Figure<'m/s'>): Figure<'m/s'> => (v.known ? fixed('m/s', v.high ?? v.value, cuttingSpeedSource) : v);

const insideSource = 'Common practice, no source: drills and milling cutters run at 0.75 to 1 of the speed that turning has';
const inside = fixed('1', 0.83, insideSource, [0.75, 1], flag.estimated);

/** As fast as a drill or a milling cutter is run: a little slower than metal is turned. */
export const insideSpeed = (inputs: Pick<Cut, 'material' | 'tool'>): Figure<'m/s'> => scaled(speedOfCut(inputs), inside, insideSource);

/** What a drill and a milling cutter put out about their speed: `tool` and `least` are what they are called. */
export const insideOutput = {
  burns: {
    name: 'the speed of the cut',
    subject: 'whether the {tool} stays cool',
    source: cuttingSpeedSource,
    closeBelow: 0,
    says: {
      holds: 'the {tool} cuts at {needs}; up to {has} it lasts',
      may: 'the {tool} may burn: it cuts at {needs}, and up to {has} it lasts. A slower step, or carbide',
      fails: 'the {tool} burns: it cuts at {needs}, and up to {has} it lasts. A slower step, or carbide',
    },
  },
  range: {
    name: 'the range of speeds',
    subject: 'whether it is fast enough for the {least}',
    source: cuttingSpeedSource,
    closeBelow: 0,
    says: {
      holds: 'the {least} is right from {needs} on; it turns at up to {has}',
      close: 'the {least} would be right from {needs} on, and it turns at up to {has}: less feed, or it breaks. A faster step, or a drive',
      fails: 'the {least} would be right from {needs} on, and it turns at up to {has}: less feed, or it breaks. A faster step, or a drive',
    },
  },
} as const satisfies Record<string, CheckOutput>;
export const insideFigures = { 'for-least': figure('Speed for the least diameter', 'speed', 'At the spindle') } as const;

interface Inside extends Pick<Cut, 'material' | 'tool'> {
  readonly across: Figure<'mm'>;
  readonly least: Figure<'mm'>;
}

/** The greatest at the slowest speed against what its edge withstands, the least at the fastest against what is right for it. */
export function insideChecks(
  inputs: Inside,
  { slow, fast }: { readonly slow: Figure<'rpm'>; readonly fast: Figure<'rpm'> },
  [tool, least]: readonly [string, string],
  { check, note }: Declares<typeof insideFigures, typeof insideOutput>,
): Check[] {
  const checks: Check[] = [check('burns', { has: withstoodBy(speedOfCut(inputs)), needs: rimSpeed({ n: slow, d: inputs.across }), tells: { tool } })];
  if (!inputs.least.known) return checks;
  const right = note('for-least', speedOfRim({ v: insideSpeed(inputs), d: inputs.least }));
  return [...checks, noWorseThanClose(check('range', { has: fast, needs: atLeast(right), tells: { least } }))];
}
