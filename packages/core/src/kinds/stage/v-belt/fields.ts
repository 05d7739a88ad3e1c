import { isRibbed, type VBeltSection, vBeltSections } from '../../../catalog/v-belts.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead, StockWheel } from '../../kind.js';
import { placeField } from '../../shared/alignment.js';
import { directionField } from '../../shared/direction.js';
import { efficiencyField, keptIsEfficiency } from '../../shared/efficiency.js';
import { hubFields, hubNames, wheelMassField } from '../../shared/hub-fixing.js';
import { shaftFields, tensionFields } from '../../shared/open-belt.js';
import { guard, manyOf, sized, wheelPart } from '../../shared/parts.js';
import { wheelsFor } from '../../shared/stock-wheels.js';
import { vBeltMark } from './marks.js';
import { vBeltOutputs } from './outputs.js';

const sections = Object.fromEntries(
  Object.entries(vBeltSections).map(([name, { top_mm, height_mm }]) => [
    name,
    `${name}, ${top_mm} × ${height_mm} mm${name.startsWith('P') ? ' a rib' : ''}`,
  ]),
) as Record<VBeltSection, string>;

const length = (label: string, help: string, measure: string, accepts: readonly [number, number] = [10, 2_000]) =>
  quantity(label, 'length', { accepts, bare: 'mm', how: 'measured', help, measure });

/** ISO 4183 series of pitch diameters (from memory), and the inch sizes that shops carry (common practice, no source). */
const pulley = (field: string): StockWheel => ({
  field,
  series: [
    {
      unit: 'mm',
      sizes: [50, 56, 63, 71, 75, 80, 85, 90, 95, 100, 106, 112, 118, 125, 132, 140, 150, 160, 180, 200, 224, 250, 280, 315, 355, 400, 450, 500],
    },
    { unit: 'in', sizes: [1.5, 1.75, 2, 2.25, 2.5, 2.75, 3, 3.25, 3.5, 3.75, 4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12, 14, 15, 16, 18, 20] },
  ],
});

const isSection = (name: string | undefined): name is VBeltSection => name !== undefined && name in vBeltSections;

const fields = {
  section: choice('Section', sections, {
    how: 'measured',
    help: 'Letter of the belt: how wide and how high it is.',
    measure: 'Printed on the belt, or calliper across its back.',
  }),
  driver: length(
    'Driving pulley',
    'Its diameter, by default the pitch diameter: where the cords of the belt run, a little below the rim.',
    'Calliper across the rim is the outside diameter; say so under “Diameters are”.',
  ),
  driven: length('Driven pulley', 'Diameter of the pulley on the other shaft, measured the same way.', 'Calliper or tape across the rim.'),
  diameters: choice(
    'Diameters are',
    { pitch: 'pitch', outside: 'over the rim' },
    {
      how: 'measured',
      help: 'A classical A belt runs 5.5 mm in diameter below the rim.',
      measure: 'What the calliper takes is the outside.',
      usual: 'pitch',
    },
  ),
  centres: shaftFields.centres,
  angle: directionField,
  belt: length(
    'Belt, length',
    'As marked on it: A53 is 53 in inside.',
    'The number behind the letter, in inches; or a tape round it.',
    [100, 20_000],
  ),
  lengthIs: choice(
    'That length is',
    { inside: 'inside', pitch: 'pitch or datum', outside: 'outside' },
    {
      how: 'plate',
      help: 'A to E and their X belts are marked with their inside length, 3L to 5L with their outside length in tenths of an inch, narrow and ribbed belts with their datum length.',
      measure: '4L550 is 55 in round the outside.',
    },
  ),
  slotIn: shaftFields.slotIn,
  slotOut: shaftFields.slotOut,
  belts: quantity('Belts side by side', 'count', {
    whole: true,
    accepts: [1, 24],
    bare: 'pcs',
    how: 'chosen',
    help: 'Grooves in use; of a ribbed belt its ribs.',
    measure: 'Count them.',
    usual: { of: 'scatter', low: 1, value: 1, high: 1, source: 'One, while nothing else is said' },
  }),
  ...tensionFields,
  friction: quantity('Friction of belt on metal', 'fraction', {
    accepts: [0.05, 1],
    bare: null,
    how: 'measured',
    help: 'Leave it, unless the pulleys are oily.',
    measure: 'By the torque at which it slips.',
    usual: { of: 'scatter', low: 0.25, value: 0.3, high: 0.35, source: 'Common practice, no source: rubber on dry metal 0.25 to 0.35' },
  }),
  slip: quantity('Speed lost to slip', 'fraction', {
    accepts: [0, 0.2],
    bare: null,
    how: 'measured',
    help: 'Share of the speed that a well-tensioned belt loses by creeping on its pulleys.',
    measure: 'Tachometer on both shafts under load, against the ratio of the pulleys.',
    usual: { of: 'scatter', low: 0.005, value: 0.01, high: 0.02, source: 'Common practice, no source: ½ to 2 % for a V-belt that is tight' },
  }),
  efficiency: efficiencyField('Bending and wedging of the belt are counted in; measure it with a brake on both shafts, or leave it.', {
    of: 'scatter',
    low: 0.89,
    value: 0.96,
    high: 0.98,
    source: 'Common practice, no source: a V-belt stage passes 93 to 97 % when new and tight, down to 88 % when not, slip included',
  }),
  school: choice(
    'Rating by',
    { older: 'older standard', newer: 'newer standard' },
    {
      help: 'The older rating suits a salvaged or nameless belt; the newer allows up to twice as much on small pulleys, for a new belt of a good make. Neither says when it slips: that depends on the tension.',
      measure: '',
      usual: 'older',
    },
  ),
  hours: quantity('Must last', 'time', {
    accepts: [3_600, 360_000_000],
    bare: 'h',
    how: 'chosen',
    help: 'Hours of work until this belt may be worn out, where they are not those of the brief.',
    measure: 'A belt that is quickly changed may last less than the machine.',
  }),
  material: choice(
    'Material of the pulleys',
    { iron: 'cast iron', steel: 'steel', aluminium: 'aluminium', plastic: 'plastic' },
    { how: 'measured', help: 'For their inertia, where they are not weighed.', measure: 'A magnet, and how heavy they are in the hand.' },
  ),
  driverMass: wheelMassField('Driving pulley'),
  drivenMass: wheelMassField('Driven pulley'),
  driverAt: placeField('Driving pulley'),
  drivenAt: placeField('Driven pulley'),
  ...hubFields('driver', 'Driving pulley'),
  ...hubFields('driven', 'Driven pulley'),
};

export const vBeltHead = {
  role: 'stage',
  kind: 'v-belt',
  v: 3,
  label: 'V-belt',
  noun: 'V-belt',
  ports: ['rotary', 'rotary'],
  fields,
  groups: {
    'Belt length, motor slot': ['angle', 'belt', 'lengthIs', 'slotIn', 'slotOut', 'belts', 'school', 'hours'],
    Tension: ['tension', 'push', 'deflection', 'tone', 'friction'],
    'Hub fixing, driving pulley': [...hubNames('driver'), 'driverMass', 'driverAt'],
    'Hub fixing, driven pulley': [...hubNames('driven'), 'drivenMass', 'drivenAt'],
    'Losses, material': ['slip', 'efficiency', 'material'],
  },
  parts: (typed) => {
    const section = typed('section');
    const belts = manyOf(typed('belts'));
    const ribbed = isSection(section) && isRibbed(section);
    const grooves = belts > 1 ? `${belts} grooves` : undefined;
    const as = typed('diameters') === 'outside' ? 'over the rim' : 'pitch';
    const wheel = (name: 'driver' | 'driven') => typed(name) && `${typed(name)} ${as}`;
    return [
      wheelPart(typed, 'driver', 'V-belt pulley, driving', section && `section ${section}`, wheel('driver'), grooves),
      wheelPart(typed, 'driven', 'V-belt pulley, driven', section && `section ${section}`, wheel('driven'), grooves),
      {
        what: ribbed ? 'ribbed belt' : 'V-belt',
        size: sized(section && `section ${section}`, ribbed ? `${belts} ribs` : undefined, typed('belt'), typed('belt') && typed('lengthIs')),
        many: ribbed ? 1 : belts,
      },
      guard('belt and both pulleys'),
    ];
  },
  begins: (ratio) => {
    const { driver, driven } = wheelsFor(pulley('driven'), ratio, 80);
    return { section: 'A', driver, driven, centres: `${Math.round((1.5 * (Number.parseFloat(driver) + Number.parseFloat(driven))) / 10) * 10} mm` };
  },
  wheels: { driver: pulley('driver'), driven: pulley('driven') },
  // Version 1 meant pitch diameters, as version 2 does where nothing else is said.
  upgrade: { 1: (inputs) => inputs, 2: keptIsEfficiency },
  // What it slips at goes with its tension, but for the little that its own run round the pulleys takes.
  fuse: () => ({ field: 'tension', power: 1 }),
  reaches: { distance: 'centres', direction: 'angle' },
  marks: vBeltMark,
  ...vBeltOutputs,
  short: (typed) => `V-belt ${typed('driver') ?? '?'} to ${typed('driven') ?? '?'}`,
} as const satisfies KindHead;
