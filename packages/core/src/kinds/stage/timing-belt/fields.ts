import { type TimingProfile, timingBelts, timingMark, timingTeeth } from '../../../catalog/timing-belts.js';
import { readQuantity } from '../../../quantity/read-quantity.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead, StockWheel } from '../../kind.js';
import { placeField } from '../../shared/alignment.js';
import { directionField } from '../../shared/direction.js';
import { efficiencyField, keptIsEfficiency } from '../../shared/efficiency.js';
import { hubFields, hubNames, wheelMassField } from '../../shared/hub-fixing.js';
import { shaftFields, tensionFields } from '../../shared/open-belt.js';
import { guard, sized, wheelPart } from '../../shared/parts.js';
import { wheelsFor } from '../../shared/stock-wheels.js';
import { markOfTimingBelt } from './marks.js';
import { timingBeltOutputs } from './outputs.js';

const profiles = Object.fromEntries(
  Object.entries(timingBelts).map(([profile, { says, pitch_mm }]) => [profile, `${says}, pitch ${pitch_mm} mm`]),
) as Record<TimingProfile, string>;

const teeth = (label: string) =>
  quantity(label, 'count', {
    whole: true,
    accepts: [8, 200],
    bare: 'pcs',
    how: 'measured',
    help: 'Teeth of the pulley.',
    measure: 'Chalk one, then count round.',
  });
const length = (label: string, help: string, measure: string, accepts: readonly [number, number]) =>
  quantity(label, 'length', { accepts, bare: 'mm', how: 'measured', help, measure });

const pulley = (field: string): StockWheel => ({
  field,
  // What shops stock (common practice, no source).
  series: [
    {
      unit: '',
      sizes: [10, 11, 12, 14, 15, 16, 18, 20, 21, 22, 24, 25, 26, 28, 30, 32, 34, 36, 38, 40, 44, 48, 50, 56, 60, 64, 72, 80, 84, 90, 96, 112, 120],
    },
  ],
});

export const usualEfficiency = {
  of: 'scatter',
  low: 0.95,
  value: 0.97,
  high: 0.99,
  source: 'Common practice, no source: a timing belt passes 96 to 99 %, a little less when small',
} as const;

const fields = {
  profile: choice('Profile', profiles, {
    how: 'measured',
    help: 'Its pitch and the shape of its teeth. Round and trapezoidal teeth of one pitch do not go together.',
    measure: 'Printed on the belt: 84XL037 is XL, 450-5M-15 is 5M. Or from tooth to tooth over ten teeth, divided by ten.',
  }),
  z1: teeth('Driving pulley, teeth'),
  z2: teeth('Driven pulley, teeth'),
  width: length('Width of the belt', 'Pull goes by the width.', 'Calliper across its back; 84XL037 is 0.37 in, 450-5M-15 is 15 mm.', [2, 400]),
  centres: shaftFields.centres,
  angle: directionField,
  belt: length(
    'Belt, length',
    'At its pitch line, as marked: 84XL037 is 8.4 in, 450-5M-15 is 450 mm. It has a whole number of teeth.',
    'The number before the profile: tenths of an inch, or millimetres.',
    [30, 20_000],
  ),
  slotIn: shaftFields.slotIn,
  slotOut: shaftFields.slotOut,
  ...tensionFields,
  efficiency: efficiencyField('Bending of the belt and friction of its teeth are counted in.', usualEfficiency),
  driverMass: wheelMassField('Driving pulley'),
  drivenMass: wheelMassField('Driven pulley'),
  driverAt: placeField('Driving pulley'),
  drivenAt: placeField('Driven pulley'),
  ...hubFields('driver', 'Driving pulley'),
  ...hubFields('driven', 'Driven pulley'),
};

/** An entry's value in mm, for the mark on the list of parts. */
function inMm(field: 'belt' | 'width', text: string | undefined): number | undefined {
  const reading = text === undefined ? null : readQuantity(text, fields[field]);
  return reading?.ok ? reading.value : undefined;
}

export const timingBeltHead = {
  role: 'stage',
  kind: 'timing-belt',
  v: 2,
  label: 'timing belt',
  noun: 'timing belt',
  ports: ['rotary', 'rotary'],
  fields,
  groups: {
    'Belt length, motor slot': ['angle', 'belt', 'slotIn', 'slotOut'],
    Tension: ['tension', 'push', 'deflection', 'tone'],
    'Hub fixing, driving pulley': [...hubNames('driver'), 'driverMass', 'driverAt'],
    'Hub fixing, driven pulley': [...hubNames('driven'), 'drivenMass', 'drivenAt'],
    Losses: ['efficiency'],
  },
  parts: (typed) => {
    const profile = typed('profile') as TimingProfile | undefined;
    const teeth = (name: 'z1' | 'z2') => typed(name) && `${Number.parseFloat(typed(name) as string)} teeth`;
    const [long, wide] = [inMm('belt', typed('belt')), inMm('width', typed('width'))];
    const mark = profile && long !== undefined ? timingMark(profile, timingTeeth(profile, long), wide) : undefined;
    const wide_ = wide === undefined ? undefined : `for a belt ${typed('width')} wide`;
    return [
      wheelPart(typed, 'driver', 'timing pulley, driving', profile, teeth('z1'), wide_),
      wheelPart(typed, 'driven', 'timing pulley, driven', profile, teeth('z2'), wide_),
      { what: 'timing belt', size: mark ?? sized(profile, typed('width') && `${typed('width')} wide`), many: 1 },
      guard('belt and both pulleys'),
    ];
  },
  begins: (ratio) => {
    const { driver, driven } = wheelsFor(pulley('z2'), ratio, 24);
    return { profile: '8M', z1: driver, z2: driven, width: '20 mm', centres: `${Math.max(200, 4 * (Number(driver) + Number(driven)))} mm` };
  },
  upgrade: { 1: keptIsEfficiency },
  reaches: { distance: 'centres', direction: 'angle' },
  marks: markOfTimingBelt,
  ...timingBeltOutputs,
  wheels: { driver: pulley('z1'), driven: pulley('z2') },
  short: (typed) => `timing belt ${typed('z1') ?? '?'} to ${typed('z2') ?? '?'}`,
} as const satisfies KindHead;
