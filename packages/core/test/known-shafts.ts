/** Shafts of the reference as they lie, as what is worked out of them. */
import { readFileSync } from 'node:fs';
import { readQuantity } from '../src/quantity/read-quantity.js';
import type { Running } from '../src/shafts/judged.js';
import { type Across, type LaidShaft, type Load, type Notch, placed } from '../src/shafts/laid-shaft.js';
import { type MetalName, metals } from '../src/shafts/metals.js';
import { crossHole, notchKinds, shoulder } from '../src/shafts/notches.js';
import type { Section } from '../src/shafts/section-shape.js';
import type { Runs } from '../src/shafts/stressed.js';

type Texts = Readonly<Record<string, string>>;
export interface KnownShaft {
  readonly id: string;
  readonly title: string;
  readonly shaft: {
    readonly material: string;
    readonly runs: string;
    readonly speed: string;
    readonly takes_thrust?: string;
    readonly sections: readonly Texts[];
    readonly features: readonly Texts[];
    readonly loads: readonly Texts[];
    readonly bearings: readonly Texts[];
  };
  readonly expect: {
    readonly overall: readonly string[];
    readonly worst: { readonly what: string; readonly where?: string; readonly figure?: string };
    readonly cures?: readonly {
      readonly change: string;
      readonly cures: boolean;
      readonly then?: Readonly<Record<string, { readonly v: number }>>;
    }[];
    readonly assumes?: { readonly Sut?: { readonly v: number }; readonly Sy?: { readonly v: number }; readonly Se?: { readonly v: number } };
    readonly figures: Readonly<Record<string, { readonly v: number; readonly u: string; readonly tol_rel?: number; readonly tol_abs?: number }>>;
  };
}

export const knownShafts = JSON.parse(readFileSync(new URL('reference/known-shafts.json', import.meta.url), 'utf8')) as readonly KnownShaft[];

const read = (text: string, quantity: 'force' | 'torque' | 'length' | 'mass' | 'speed', bare: string): number => {
  const reading = readQuantity(text.replaceAll(',', ''), { label: text, quantity, bare, accepts: [-1e9, 1e9] });
  if (!reading.ok) throw new Error(reading.says);
  return reading.value;
};
const mm = (text: string): number => read(text, 'length', 'mm');

const grades: readonly (readonly [RegExp, MetalName])[] = [
  [/unknown|weakest/i, 'scrap'],
  [/brass.*hard/i, 'hard-brass'],
  [/brass/i, 'soft-brass'],
  [/axle|medium-carbon/i, 'axle'],
  [/C45|1045/i, 'c45'],
  [/black/i, 'black'],
  [/bright mild/i, 'bright'],
];
const metalOf = (material: string) => metals[grades.find(([pattern]) => pattern.test(material))?.[1] as MetalName];

const toward = (force: number, direction: string): Across => {
  const angle = (Number.parseFloat(direction) * Math.PI) / 180;
  return [force * Math.cos(angle), force * Math.sin(angle)];
};
const turned = (text: string | undefined): number | undefined =>
  text === undefined ? undefined : (text.startsWith('out') ? -1 : 1) * read(text.replace(/^(in|out) /, ''), 'torque', 'N·m');

const thrust = (text: string): number => read(text.replace(/ towards .*$/, ''), 'force', 'N') * (text.endsWith('left') ? -1 : 1);

function loadOf(
  { id = '', at = '', kind, force, direction = '', torque, peak_force: peak, peak_torque: peakTorque, axial, peak_axial: peakAxial }: Texts,
  rpm: number,
): Load[] {
  // What turns with the shaft bends it the same way all the time.
  if (kind === 'unbalance') {
    const [grams, radius] = (force ?? '').split(' at ').map((text) => text.trim()) as [string, string];
    const turns = (rpm * 2 * Math.PI) / 60;
    return [{ id, at_mm: mm(at), force_N: [0, 0], torque_Nm: 0, turning_N: read(grams, 'mass', 'kg') * (mm(radius) / 1000) * turns ** 2 }];
  }
  const torques = { torque_Nm: turned(torque) ?? 0, ...(peakTorque ? { peak_Nm: turned(peakTorque) as number } : {}) };
  if (kind === 'weight' && force && /k?g|lb$/.test(force))
    return [{ id, at_mm: mm(at), force_N: [0, 0], mass_kg: read(force, 'mass', 'kg'), ...torques }];
  return [
    {
      id,
      at_mm: mm(at),
      force_N: force ? toward(read(force, 'force', 'N'), direction) : [0, 0],
      ...(peak ? { peak_N: toward(read(peak, 'force', 'N'), direction) } : {}),
      ...torques,
      ...(axial ? { along_N: thrust(axial) } : {}),
      ...(peakAxial ? { peakAlong_N: thrust(peakAxial) } : {}),
    },
  ];
}

/** Root of a coarse inch thread of one inch (ASME B1.1, from memory). */
const rootOf1Inch_mm = 21.504;

function sectionOf({ length = '', shape, size = '' }: Texts): Section {
  const length_mm = mm(length);
  if (shape === 'tube') {
    const [outside, wall] = size.replace(' mm', '').split(' × ').map(Number) as [number, number];
    return { length_mm, shape: 'tube', size_mm: outside, bore_mm: outside - 2 * wall };
  }
  if (shape === 'thread') return { length_mm, shape: 'round', size_mm: rootOf1Inch_mm };
  return { length_mm, shape: shape === 'hexagon' ? 'hexagon' : 'round', size_mm: mm(size.replace(' across flats', '')) };
}

function notchOf({ id = '', at = '', to, kind = '', size = '' }: Texts, sections: readonly Section[]): Notch {
  const at_mm = mm(at);
  const place = { id, at_mm, ...(to ? { to_mm: mm(to) } : {}) };
  if (kind === 'keyway') return { ...place, ...notchKinds[size.includes('sled') ? 'sled-runner keyway' : 'end-milled keyway'], isKeyway: true };
  if (kind === 'shoulder') {
    let from = 0;
    const k = sections.findIndex(({ length_mm }) => {
      from += length_mm;
      return Math.abs(from - at_mm) < 1e-6;
    });
    const [a, b] = [sections[k]?.size_mm ?? 0, sections[k + 1]?.size_mm ?? 0];
    return { ...place, ...shoulder(Math.min(a, b), Math.max(a, b), mm(size.replace('fillet ', ''))) };
  }
  const section = sections[placed({ sections }).findIndex(({ to_mm }) => at_mm <= to_mm)] ?? (sections[0] as Section);
  if (kind === 'cross-hole') return { ...place, ...crossHole(mm(size), section) };
  if (kind === 'spline') return { ...place, ...notchKinds.spline, root_mm: Number(/root ([\d.]+)/.exec(size)?.[1]) };
  if (kind === 'thread') return { ...place, ...notchKinds['cut thread'] };
  if (kind === 'flat') return { ...place, ...notchKinds.flat, root_mm: section.size_mm - mm(size.replace(' deep', '')) };
  return { ...place, ...notchKinds['set-screw dimple'] };
}

export function laidOf({ shaft }: KnownShaft): LaidShaft {
  const sections = shaft.sections.map(sectionOf);
  return {
    sections,
    loads: shaft.loads.flatMap((each) => loadOf(each, read(shaft.speed, 'speed', 'rpm'))),
    bearings: shaft.bearings.map(({ id = '', at = '' }) => ({ id, at_mm: mm(at) })),
    notches: shaft.features.map((each) => notchOf(each, sections)),
    metal: metalOf(shaft.material),
    ...(shaft.takes_thrust ? { thrust_mm: mm(shaft.bearings.find(({ id }) => id === shaft.takes_thrust)?.at ?? '0') } : {}),
  };
}

export const runsOf = ({ shaft: { runs } }: KnownShaft): { readonly how: Runs; readonly pulsing?: number } => ({
  how: runs.startsWith('heavy') ? 'heavy' : runs.startsWith('light') ? 'light' : 'steady',
  ...(runs.includes('pulses') ? { pulsing: 1 } : {}),
});

export const runningOf = (known: KnownShaft): Running => ({ ...runsOf(known), speed_rpm: read(known.shaft.speed, 'speed', 'rpm') });
