import { type ChainSize, chains } from '../../../catalog/chains.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead, StockWheel } from '../../kind.js';
import { placeField } from '../../shared/alignment.js';
import { directionField } from '../../shared/direction.js';
import { efficiencyField, keptIsEfficiency } from '../../shared/efficiency.js';
import { hubFields, hubNames, wheelMassField } from '../../shared/hub-fixing.js';
import { guard, sized, wheelPart } from '../../shared/parts.js';
import { wheelsFor } from '../../shared/stock-wheels.js';
import { chainMark } from './marks.js';
import { rollerChainOutputs } from './outputs.js';

const sizes = Object.fromEntries(Object.entries(chains).map(([size, { says, pitch_mm }]) => [size, `${says}, pitch ${pitch_mm} mm`])) as Record<
  ChainSize,
  string
>;

const teeth = (label: string) =>
  quantity(label, 'count', {
    whole: true,
    accepts: [6, 150],
    bare: 'pcs',
    how: 'measured',
    help: 'Teeth of the sprocket.',
    measure: 'Chalk one, then count round.',
  });
const length = (label: string, help: string, measure: string, accepts: readonly [number, number]) =>
  quantity(label, 'length', { accepts, bare: 'mm', how: 'measured', help, measure });

const sprocket = (field: string): StockWheel => ({
  field,
  // What shops stock (common practice, no source).
  series: [
    {
      unit: '',
      sizes: [
        9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24, 25, 26, 28, 30, 32, 35, 36, 38, 40, 42, 44, 45, 48, 52, 57, 60, 70, 72, 76, 80,
        95, 112, 114,
      ],
    },
  ],
});

export const usualEfficiency = {
  of: 'scatter',
  low: 0.93,
  value: 0.96,
  high: 0.98,
  source: 'Common practice, no source: a roller chain passes 95 to 98 % oiled, a little less dry',
} as const;

const fields = {
  chain: choice('Chain', sizes, {
    how: 'measured',
    help: 'Size of the chain. Sizes of one pitch are not one size: roller and width tell them apart.',
    measure: 'Stamped on the plates, or by pitch, roller and width below.',
  }),
  z1: teeth('Driving sprocket, teeth'),
  z2: teeth('Driven sprocket, teeth'),
  centres: length(
    'Centre distance',
    'From the middle of one shaft to the middle of the other.',
    'Over both shafts with a rule, less half of each shaft.',
    [20, 20_000],
  ),
  angle: directionField,
  links: quantity('Links', 'count', {
    whole: true,
    accepts: [10, 2_000],
    bare: 'pcs',
    how: 'chosen',
    help: 'Of the whole chain; an odd number needs an offset link, which costs a third of its strength.',
    measure: 'Count inner and outer links.',
  }),
  slotIn: length('Can move in by', 'Towards the other shaft.', 'Along the slot, from where the bolts are.', [0, 2_000]),
  slotOut: length(
    'Can move out by',
    'Away from the other shaft, or what a tensioner takes up.',
    'Along the slot, from where the bolts are.',
    [0, 2_000],
  ),
  strands: quantity('Strands', 'count', {
    whole: true,
    accepts: [1, 6],
    bare: 'pcs',
    how: 'measured',
    help: 'Side by side in one chain.',
    measure: 'Count the rows of rollers.',
    usual: { of: 'scatter', low: 1, value: 1, high: 1, source: 'One, while nothing else is said' },
  }),
  pitch: length('Pitch, measured', 'From pin to pin.', 'Over ten links with a rule, divided by ten.', [4, 80]),
  roller: length('Roller, measured', 'Diameter.', 'Calliper on a roller.', [2, 50]),
  width: length('Inner width, measured', 'Between the inner plates: as wide as a sprocket may be.', 'Calliper between the inner plates.', [1, 60]),
  offset: length('Out of line by', 'How far one sprocket is beside the other’s plane.', 'A straight edge along both sprockets.', [0, 200]),
  case: choice(
    'How it is kept',
    { bath: 'in a closed case with oil', hand: 'in the open, oiled by hand', dry: 'dry, or in dirt' },
    {
      help: 'Its rating is for a chain that is always oiled: in the open it lasts a part of that.',
      measure: 'A chain that squeaks or is rusty runs dry.',
    },
  ),
  efficiency: efficiencyField('Friction of the joints is counted in.', usualEfficiency),
  driverMass: wheelMassField('Driving sprocket'),
  drivenMass: wheelMassField('Driven sprocket'),
  driverAt: placeField('Driving sprocket'),
  drivenAt: placeField('Driven sprocket'),
  ...hubFields('driver', 'Driving sprocket'),
  ...hubFields('driven', 'Driven sprocket'),
};

export const rollerChainHead = {
  role: 'stage',
  kind: 'roller-chain',
  v: 2,
  label: 'roller chain',
  noun: 'roller chain',
  ports: ['rotary', 'rotary'],
  fields,
  groups: {
    'Length and slot': ['angle', 'links', 'slotIn', 'slotOut', 'strands', 'offset', 'case'],
    'Which chain is it': ['pitch', 'roller', 'width'],
    'Hub fixing, driving sprocket': [...hubNames('driver'), 'driverMass', 'driverAt'],
    'Hub fixing, driven sprocket': [...hubNames('driven'), 'drivenMass', 'drivenAt'],
    Losses: ['efficiency'],
  },
  parts: (typed) => {
    const chain = typed('chain');
    const links = typed('links');
    const odd = links !== undefined && Number.parseFloat(links) % 2 === 1;
    const teeth = (name: 'z1' | 'z2') => typed(name) && `${Number.parseFloat(typed(name) as string)} teeth`;
    return [
      wheelPart(typed, 'driver', 'sprocket, driving', chain && `for ${chain}`, teeth('z1')),
      wheelPart(typed, 'driven', 'sprocket, driven', chain && `for ${chain}`, teeth('z2')),
      { what: 'roller chain', size: sized(chain, links && `${Number.parseFloat(links)} links`), many: 1 },
      { what: odd ? 'offset link and joining link' : 'joining link', size: chain ?? '', many: 1 },
      guard('chain and both sprockets'),
    ];
  },
  begins: (ratio) => {
    const { driver, driven } = wheelsFor(sprocket('z2'), ratio, 17);
    // Forty pitches of half an inch, or clear of both wheels.
    return { chain: '40', z1: driver, z2: driven, centres: `${Math.max(500, 5 * (Number(driver) + Number(driven)))} mm` };
  },
  upgrade: { 1: keptIsEfficiency },
  reaches: { distance: 'centres', direction: 'angle' },
  marks: chainMark,
  ...rollerChainOutputs,
  wheels: { driver: sprocket('z1'), driven: sprocket('z2') },
  short: (typed) => `chain ${typed('z1') ?? '?'} to ${typed('z2') ?? '?'}`,
} as const satisfies KindHead;
