import { type GearMaterial, gearMaterials } from '../../../catalog/gears.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead, StockWheel } from '../../kind.js';
import { directionField } from '../../shared/direction.js';
import { efficiencyField, keptIsEfficiency } from '../../shared/efficiency.js';
import { hubFields, hubNames, wheelMassField } from '../../shared/hub-fixing.js';
import { guard, sized, wheelPart } from '../../shared/parts.js';
import { wheelsFor } from '../../shared/stock-wheels.js';
import { gearPairOutputs } from './outputs.js';

const materials = Object.fromEntries(Object.entries(gearMaterials).map(([name, { says }]) => [name, says])) as Record<GearMaterial, string>;

const teeth = (label: string) =>
  quantity(label, 'count', {
    whole: true,
    accepts: [6, 400],
    bare: 'pcs',
    how: 'measured',
    help: 'Teeth of the gear.',
    measure: 'Chalk one, then count round.',
  });

/** What shops stock (common practice, no source). */
const gear = (field: string): StockWheel => ({
  field,
  series: [{ unit: '', sizes: [12, 15, 16, 18, 20, 22, 24, 25, 28, 30, 32, 35, 36, 40, 45, 48, 50, 54, 60, 64, 70, 72, 80, 90, 100, 120] }],
});

export const usualEfficiency = {
  of: 'scatter',
  low: 0.94,
  value: 0.97,
  high: 0.99,
  source: 'Common practice, no source: an open pair of spur gears passes 96 to 99 % greased, less dry',
} as const;

const fields = {
  z1: teeth('Driving gear, teeth'),
  z2: teeth('Driven gear, teeth'),
  module: quantity('Module', 'length', {
    accepts: [0.3, 20],
    bare: 'mm',
    how: 'measured',
    help: 'Outside diameter over the number of teeth and two. Gears of one module fit each other.',
    measure: 'Calliper over the teeth, divided by the teeth and two: 38 mm with 17 teeth is 2.',
  }),
  pitch: quantity('or diametral pitch', 'count', {
    accepts: [1, 100],
    bare: 'pcs',
    how: 'measured',
    help: 'Of inch gears: teeth and two over the outside diameter in inches. Counts where no module is entered.',
    measure: 'Calliper over the teeth, in inches.',
  }),
  face: quantity('Face width', 'length', {
    accepts: [1, 300],
    bare: 'mm',
    how: 'measured',
    help: 'Of the narrower gear: how much of the teeth is in contact.',
    measure: 'Calliper along a tooth.',
  }),
  material: choice('Material of the teeth', materials, {
    how: 'measured',
    help: 'Of the weaker gear.',
    measure: 'A file skates on hardened teeth; a magnet tells steel and iron from brass.',
  }),
  apart: quantity('Centre distance as built', 'length', {
    accepts: [5, 5_000],
    bare: 'mm',
    how: 'measured',
    help: 'It must be what the teeth need, and a little more: too close they bind, too far they slap and break.',
    measure: 'Over both shafts with a calliper, less half of each shaft.',
  }),
  angle: directionField,
  efficiency: efficiencyField('Friction of the teeth is counted in.', usualEfficiency),
  driverMass: wheelMassField('Driving gear'),
  drivenMass: wheelMassField('Driven gear'),
  ...hubFields('driver', 'Driving gear'),
  ...hubFields('driven', 'Driven gear'),
};

export const gearPairHead = {
  role: 'stage',
  kind: 'gear-pair',
  v: 2,
  label: 'pair of spur gears',
  noun: 'gears',
  ports: ['rotary', 'rotary'],
  fields,
  groups: {
    'Shafts: distance, direction': ['apart', 'angle'],
    'Hub fixing, driving gear': [...hubNames('driver'), 'driverMass'],
    'Hub fixing, driven gear': [...hubNames('driven'), 'drivenMass'],
    Losses: ['efficiency'],
  },
  parts: (typed) => {
    const size = typed('module') ? `module ${typed('module')}` : typed('pitch') && `pitch ${typed('pitch')}`;
    const face = typed('face') && `${typed('face')} wide`;
    const made = materials[typed('material') as GearMaterial];
    const wheel = (end: 'driver' | 'driven', field: 'z1' | 'z2', what: string) =>
      wheelPart(typed, end, what, typed(field) && `${typed(field)} teeth`, sized(size, face, made) || undefined);
    return [wheel('driver', 'z1', 'spur gear, driving'), wheel('driven', 'z2', 'spur gear, driven'), guard('gears, where they run together')];
  },
  begins: (ratio) => {
    const { driver, driven } = wheelsFor(gear('z2'), ratio, 18);
    return { z1: driver, z2: driven, module: '2 mm', face: '20 mm', material: 'mild' };
  },
  upgrade: { 1: keptIsEfficiency },
  ...gearPairOutputs,
  wheels: { driver: gear('z1'), driven: gear('z2') },
  short: (typed) => `gears ${typed('z1') ?? '?'} to ${typed('z2') ?? '?'}`,
} as const satisfies KindHead;
