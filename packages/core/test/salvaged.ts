/** The salvaged motors of the reference, as whoever holds one answers of it: from what was seen alone. */
import { readFileSync } from 'node:fs';
import type { DonorName } from '../src/identify/donors.js';
import { estimate, type Measured } from '../src/identify/estimate.js';
import type { FamilyName } from '../src/identify/families.js';
import type { LookedAt } from '../src/identify/identify.js';
import type { LookName } from '../src/identify/looks.js';
import type { InHand } from '../src/identify/needs/in-hand.js';
import type { Reading } from '../src/identify/windings.js';

interface Seen {
  readonly donor: string;
  readonly mains: string | null;
  readonly wires: number | null;
  readonly brushes: string | null;
  readonly turned: string | null;
  readonly capacitor: 'none' | null | readonly { readonly uF: number | readonly [number, number] | null; readonly V: number | null }[];
  readonly switch: string | null;
  readonly ohms: Readonly<Record<string, number | 'OL' | readonly [number, number]>> | null;
  readonly mass_kg: number | null;
  readonly shaft_mm: number | null;
  readonly size_of: 'body' | 'stack' | null;
  readonly diameter_mm: number | null;
  readonly length_mm: number | null;
  readonly plate: string | null;
  readonly remarks: readonly string[];
}
export interface Salvaged {
  readonly id: string;
  readonly seen: Seen;
  readonly truth: {
    readonly family: FamilyName;
    readonly near: readonly FamilyName[];
    readonly power_W: { readonly v: number; readonly low: number; readonly high: number };
    readonly speed_rpm: number;
    readonly needs: readonly string[];
    readonly cautions: readonly string[];
  };
  readonly not_tellable: readonly string[];
}

export const salvaged = JSON.parse(readFileSync(new URL('reference/known-motors.json', import.meta.url), 'utf8')) as readonly Salvaged[];

/** What the reference calls a donor, as the list of donors has it; the first that fits. */
const donorsBy: readonly (readonly [RegExp, DonorName])[] = [
  [/^vacuum/, 'vacuum-cleaner'],
  [/^washing machine, front/, 'washer-belt'],
  [/^washing machine, without/, 'washer-direct'],
  [/^washing machine, top/, 'washer-top'],
  [/^router|^drill, corded/, 'power-tool'],
  [/^sewing/, 'sewing-machine'],
  [/^blender/, 'kitchen-machine'],
  [/^treadmill/, 'treadmill'],
  [/^cordless/, 'cordless'],
  [/^scooter/, 'scooter'],
  [/^hand mixer/, 'hand-mixer'],
  [/^printer \((3D|old plotter)/, 'plotter'],
  [/^printer/, 'printer'],
  [/conveyor|^industrial scrap \(mixer/, 'conveyor'],
  [/old workshop/, 'old-workshop'],
  [/^car \(starter/, 'car-starter'],
  [/^car \(wiper/, 'car-wiper'],
  [/^fan \(furnace/, 'furnace-fan'],
  [/^dryer/, 'dryer'],
  [/^fridge \(sealed/, 'fridge-compressor'],
  [/^table saw/, 'table-saw'],
  [/^compressor, on wheels/, 'compressor-small'],
  [/^compressor, belt/, 'compressor-belt'],
  [/^saw \(band/, 'band-saw'],
  [/^chipper \(garden/, 'garden-shredder'],
  [/^chipper, for a workshop/, 'workshop-machine'],
  [/^fan \(pedestal/, 'room-fan'],
  [/^garage/, 'garage-door'],
  [/^bench grinder/, 'bench-grinder'],
  [/^fan \(air-conditioner/, 'cold-fan'],
  [/^fan \(dust/, 'dust-extractor'],
  [/^microwave|^fridge \(condenser/, 'small-fan'],
  [/^pump/, 'pump'],
  [/^hub/, 'bicycle-hub'],
  [/^copier/, 'copier'],
  [/packing machine|machining centre|labelling/, 'machine-tool'],
  [/^vending/, 'vending'],
  [/^industrial scrap/, 'scrap'],
];

const mainsOf = (mains: string | null): LookedAt['mains'] => {
  if (!mains) return undefined;
  if (mains === 'battery') return 'battery';
  return mains.startsWith('400') ? 'three' : 'one';
};

/** By capacity and volts: under 1 µF against noise, to 80 µF and 200 V and more one that runs, else one that starts; at few volts it belongs to electronics. */
function capacitorOf(capacitor: Seen['capacitor']): string | undefined {
  if (capacitor === null) return undefined;
  if (capacitor === 'none') return 'none';
  if (capacitor.length > 1) return 'both';
  const [{ uF, V } = { uF: null, V: null }] = capacitor;
  const most = typeof uF === 'number' ? uF : uF ? uF[1] : 0;
  if (V !== null && V < 100) return 'none';
  if (most < 1) return 'small';
  return most <= 80 ? 'run' : 'start';
}

function switchOf(said: string | null): string | undefined {
  if (said === null) return undefined;
  if (/click|spool|rattles|pushed by/.test(said)) return 'click';
  if (/large capacitors/.test(said)) return 'drive';
  return /board|dial|trigger|pedal|controller|buttons|slide/.test(said) ? 'board' : 'plain';
}

function ironOf(remarks: string): string | undefined {
  if (/copper rings/.test(remarks)) return 'ring';
  if (/coils (wound|of flat copper band) round/.test(remarks)) return 'coils';
  return /no field coils to be seen|turned at the motor end: magnets/.test(remarks) ? 'magnets' : undefined;
}

const readingsOf = (ohms: Seen['ohms']): readonly Reading[] =>
  Object.entries(ohms ?? {}).map(([pair, value]) => {
    const [a = '', b = ''] = pair.split('-');
    return { a, b, ohms: value === 'OL' ? null : typeof value === 'number' ? [value, value] : value };
  });

/** What was answered of a motor; an observation that was not made is left out. */
export function lookedAt({ seen }: Salvaged): LookedAt {
  const remarks = seen.remarks.join('; ');
  const looks: Partial<Record<LookName, string | undefined>> = {
    brushes: seen.brushes === 'yes' || seen.brushes === 'no' ? seen.brushes : undefined,
    turned: ({ free: 'free', 'smooth drag': 'drag', notches: 'notches', 'will not turn': 'stuck' } as const)[seen.turned ?? ''],
    shorted: /touched together (it )?turn|with (1 and 2|two leads) touched together it turns/.test(remarks) ? 'heavier' : undefined,
    iron: ironOf(remarks),
    capacitor: capacitorOf(seen.capacitor),
    switch: switchOf(seen.switch),
    gears: /gear can|cast box|output at right angles/.test(remarks) ? 'yes' : 'no',
    wires: seen.wires === null ? undefined : `${Math.min(7, seen.wires)}`,
  };
  return {
    donor: donorsBy.find(([says]) => says.test(seen.donor))?.[1],
    mains: mainsOf(seen.mains),
    looks: Object.fromEntries(Object.entries(looks).filter(([, answer]) => answer !== undefined)) as Readonly<Partial<Record<LookName, string>>>,
    readings: readingsOf(seen.ohms),
  };
}

/** What was measured of its body, and what is left of its plate. */
export function measuredOf({ seen }: Salvaged): Measured {
  const isIron = seen.size_of === 'stack';
  return {
    donor: donorsBy.find(([says]) => says.test(seen.donor))?.[1],
    mass_kg: seen.mass_kg ?? undefined,
    shaft_mm: seen.shaft_mm ?? undefined,
    stack_mm: isIron ? (seen.length_mm ?? undefined) : undefined,
    across_mm: isIron ? (seen.diameter_mm ?? undefined) : undefined,
    plate: seen.plate ?? undefined,
  };
}

/** A motor taken for what it truly is: with what was seen of it alone. */
export function inHand(motor: Salvaged): InHand {
  const { seen, truth } = motor;
  const { donor, mains, looks, readings } = lookedAt(motor);
  const measured = measuredOf(motor);
  return {
    family: truth.family,
    donor,
    fedBy: mains,
    looks,
    readings,
    plate: seen.plate ?? '',
    power_W: estimate([{ family: truth.family, chance: 1, evidence: [] }], measured).power_W,
    mass_kg: measured.mass_kg,
    wall_V: seen.mains?.startsWith('120') ? 120 : 230,
  };
}
