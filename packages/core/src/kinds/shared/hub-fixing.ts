import {
  isInchShaft,
  keyAnsi_mm,
  keyDin,
  keyPressure,
  keySource,
  keyYield,
  keyYieldSource,
  type SetScrew,
  setScrewSource,
  setScrews,
} from '../../catalog/hubs.js';
import { type Figure, fixed, fromTable, highEnd, type Known, lookedUp, lowEnd, picked, scaled, unknown, unseen } from '../../figure/figure.js';
import { clampTorque } from '../../formulas/hub/clamp-torque.js';
import { keyTorque } from '../../formulas/hub/key-torque.js';
import { setScrewTorque } from '../../formulas/hub/set-screw-torque.js';
import { shrinkTorque } from '../../formulas/hub/shrink-torque.js';
import { remembering } from '../../remembering.js';
import { type Sentence, sentence } from '../../wording/sentence.js';
import { type Chosen, choice, type InputFigures, quantity } from '../fields.js';
import type { Limit, LimitOutput, LimitWords } from '../outputs.js';
import type { Declares } from './only.js';

export const fixings = {
  key: 'a key',
  'set-screws': 'set screws',
  flat: 'a set screw on a D-flat',
  dimple: 'a set screw in a dimple',
  clamp: 'a clamped hub',
  shrink: 'a press or shrink fit',
} as const;
export type Fixing = keyof typeof fixings;

const screws = Object.fromEntries(Object.keys(setScrews).map((size) => [size, size])) as Record<SetScrew, string>;

/** The fields of how one wheel is fixed on its shaft; `wheel` begins each field's name: `driverFixing`, `driverBore` … */
export function hubFields<const W extends string>(wheel: W, called: string) {
  const with_ = (...is: Fixing[]) => ({ field: `${wheel}Fixing`, is });
  const name = called.toLowerCase();
  const own = {
    Fixing: choice(`Hub fixing, ${name}`, fixings, {
      help: 'What keeps the wheel from turning on its shaft: often the first part to fail in a jam.',
      measure: 'Look into the hub: a keyway, one or two screws, a D-flat on the shaft, a slit with screws across it.',
    }),
    Bore: quantity(`Shaft diameter, ${name}`, 'length', {
      accepts: [3, 300],
      bare: 'mm',
      how: 'measured',
      help: 'Diameter of the shaft it sits on.',
      measure: 'Calliper on the bare shaft beside the hub.',
    }),
    Length: quantity(`Engaged length of key or fit, ${name}`, 'length', {
      accepts: [3, 400],
      bare: 'mm',
      how: 'measured',
      help: 'How far key and hub, or shaft and hub, touch.',
      measure: 'Rule along the hub, less what the key does not reach.',
      when: with_('key', 'shrink'),
    }),
    Key: choice(
      `Key, ${name}`,
      { din: 'metric, DIN 6885-1', ansi: 'inch and square, ANSI B17.1' },
      {
        help: 'Left out, it goes by the shaft: a whole number of sixteenths of an inch has a square one.',
        measure: 'Calliper across the keyway.',
        when: with_('key'),
      },
    ),
    Hub: choice(
      `Hub material, ${name}`,
      { steel: 'steel', iron: 'cast iron', aluminium: 'aluminium' },
      {
        help: 'The softer of hub and key is crushed first.',
        measure: 'A magnet, a file, the colour.',
        when: with_('key'),
      },
    ),
    Screw: choice(`Set screw, ${name}`, screws, {
      how: 'measured',
      help: 'Thread size of the screw that presses on the shaft.',
      measure: 'A screw that fits, or a thread gauge.',
      when: with_('set-screws', 'flat', 'dimple'),
    }),
    Screws: quantity(`Number of set screws, ${name}`, 'count', {
      whole: true,
      accepts: [1, 4],
      bare: 'pcs',
      how: 'measured',
      help: 'How many press on the shaft.',
      measure: 'Count them round the hub.',
      usual: { of: 'scatter', low: 1, value: 1, high: 1, source: 'Common practice, no source: one' },
      when: with_('set-screws', 'flat', 'dimple'),
    }),
    Clamp: quantity(`Clamping force, ${name}`, 'force', {
      accepts: [10, 200_000],
      bare: 'N',
      how: 'measured',
      help: 'Of all screws across the slit together; a well tightened M6 clamps with about 9 kN, an M8 with about 16 kN.',
      measure: 'From the screw’s size and a torque wrench.',
      when: with_('clamp'),
    }),
  };
  return Object.fromEntries(Object.entries(own).map(([key, field]) => [`${wheel}${key}`, field])) as {
    readonly [K in keyof typeof own as `${W}${K}`]: (typeof own)[K];
  };
}

/** The names of those fields, as a group of the editor. */
export const hubNames = <const W extends string>(wheel: W) =>
  [`${wheel}Fixing`, `${wheel}Bore`, `${wheel}Length`, `${wheel}Key`, `${wheel}Hub`, `${wheel}Screw`, `${wheel}Screws`, `${wheel}Clamp`] as const;

export const wheelMassField = (called: string) =>
  quantity(`Mass, ${called.toLowerCase()}`, 'mass', {
    accepts: [0.01, 1_000],
    bare: 'kg',
    how: 'measured',
    help: 'For its inertia; left out, that is estimated from its size.',
    measure: 'Kitchen scales.',
  });

type HubFields = ReturnType<typeof hubFields<'x'>>;
export type HubInputs = { readonly [K in keyof HubFields as K extends `x${infer N}` ? N : never]: InputFigures<HubFields>[K] };

/** The entries of one wheel's fixing, by the names they have for any wheel. */
export function hubOf(inputs: object, wheel: Wheel): HubInputs {
  const all = inputs as Readonly<Record<string, unknown>>;
  const [fixing, bore, length, key, hub, screw, screws, clamp] = namesOf(wheel);
  return {
    Fixing: all[fixing],
    Bore: all[bore],
    Length: all[length],
    Key: all[key],
    Hub: all[hub],
    Screw: all[screw],
    Screws: all[screws],
    Clamp: all[clamp],
  } as HubInputs;
}

export type Wheel = 'driver' | 'driven';

/** Written out: a name put together anew is slow to look up. */
const limitOf = { driver: 'driver-hub', driven: 'driven-hub' } as const satisfies Record<Wheel, string>;

/** Names are put together once for a wheel, not at every evaluation. */
const namesOf = remembering(2, (wheel: Wheel) => hubNames(wheel));

/** How a hub fails, by how it is fixed. */
const words = (what: string, fails: string, may: string, called: string): LimitWords => ({
  short: `${what}, ${called}`,
  what: `the ${what} of the ${called}`,
  fails,
  may,
});

/** The limit of a hub fixing. @param called the wheel, in lower case: `driving pulley` */
export const hubLimit = (called: string): LimitOutput => ({
  ...words('hub fixing', 'fails', 'may fail', called),
  harm: 'breaking',
  variants: {
    key: words('key', 'is crushed', 'may be crushed', called),
    'set-screws': words('set screw', 'slips', 'may slip', called),
    flat: words('set screw', 'slips', 'may slip', called),
    dimple: words('set screw', 'slips', 'may slip', called),
    clamp: words('clamp', 'slips', 'may slip', called),
    shrink: words('press fit', 'slips', 'may slip', called),
  } satisfies Record<Fixing, LimitWords>,
});

/** The limits of both hubs of a stage. */
export const hubLimits = (driver: string, driven: string) => ({ 'driver-hub': hubLimit(driver), 'driven-hub': hubLimit(driven) });

type Hub<W extends Wheel> = Declares<
  Readonly<Record<never, never>>,
  Readonly<Record<never, never>>,
  Readonly<Record<(typeof limitOf)[W], LimitOutput>>
>;

/** What a wheel's fixing withstands, from its kind and size; not known where it is not said how the wheel is fixed. */
export function hubFixing<W extends Wheel>(inputs: object, wheel: W, context: Hub<W>, diameter?: Figure<'mm'>): Limit {
  const hub = hubOf(inputs, wheel);
  const fixing = hub.Fixing.is;
  const bore = hub.Bore;
  if (!fixing) return { ...context.limit(limitOf[wheel], { torque: unknown('N·m', [hub.Fixing.field]), source: notSaidSource }), bore };
  const wrong = cannotBe(hub, diameter);
  if (wrong) return { ...context.limit(limitOf[wheel], { torque: unknown('N·m', [], wrong), source: notSaidSource, as: fixing }), bore };
  const { torque, source, forYears } = withstands[fixing](hub);
  const limit = context.limit(limitOf[wheel], { torque, source, as: fixing });
  return forYears ? { ...limit, bore, forYears } : { ...limit, bore };
}

/** A hub that cannot be as it was entered, in words with what would be consistent; nothing where it may be. */
function cannotBe({ Bore, Length }: HubInputs, diameter: Figure<'mm'> | undefined): Sentence | null {
  if (Bore.known && diameter?.known && lowEnd(Bore) >= highEnd(diameter))
    return sentence('the shaft of {bore} is thicker than the wheel on it, {diameter}: one of both is read wrong, or in another unit', {
      bore: Bore,
      diameter,
    });
  if (Bore.known && Length.known && lowEnd(Length) > mostEngaged * highEnd(Bore))
    return sentence(
      'key and hub cannot touch over {length} on a shaft of {bore}: a hub is seldom longer than twice its bore; enter what both touch over',
      {
        length: Length,
        bore: Bore,
      },
    );
  return null;
}

/** Bores; longer than any hub is made, common practice, no source: one to two. */
const mostEngaged = 5;

const notSaidSource = 'What a hub withstands hangs on how it is fixed';

/** Both hubs of a stage, with the diameters of its wheels where it has any. */
export const hubFixings = (inputs: object, context: Hub<Wheel>, driver?: Figure<'mm'>, driven?: Figure<'mm'>) => ({
  in: hubFixing(inputs, 'driver', context, driver),
  out: hubFixing(inputs, 'driven', context, driven),
});

const friction = fixed('1', 0.15, 'Common practice, no source: steel on steel or iron, dry to oily, 0.10 to 0.20', [0.1, 0.2]);

interface Withstands {
  /** Once, in a jam. */
  readonly torque: Figure<'N·m'>;
  readonly source: string;
  /** For years, where that is less. */
  readonly forYears?: Figure<'N·m'>;
}

const withstands: Record<Fixing, (inputs: HubInputs) => Withstands> = {
  key: ({ Bore, Length, Key, Hub }) => {
    const h = keyHeight(Bore, Key.is);
    return {
      torque: keyTorque({ p: pressureOf(Hub, keyYield, keyYieldSource), h, l: Length, d: Bore }),
      source: keyYieldSource,
      forYears: keyTorque({ p: pressureOf(Hub, keyPressure, keySource), h, l: Length, d: Bore }),
    };
  },
  'set-screws': (inputs) => screwed(inputs, 'Common practice, no source: a factor of 1.5 to 2 under the table', [0.5, 0.6, 0.67]),
  flat: (inputs) => screwed(inputs, 'Common practice, no source: on a flat the table’s force and half as much again', [0.67, 1, 1.5]),
  dimple: (inputs) =>
    screwed(inputs, 'Common practice, no source: in a dimple from the table’s force to twice that, where the screw shears', [1, 1.4, 2]),
  clamp: ({ Clamp, Bore }) => ({ torque: clampTorque({ mu: friction, F: Clamp, d: Bore }), source: 'Even pressure round a split hub (closed form)' }),
  shrink: ({ Bore, Length }) => ({
    torque: shrinkTorque({
      mu: friction,
      p: fixed('MPa', 35, 'Common practice, no source: a light press fit has 20 to 60 MPa', [20, 60]),
      d: Bore,
      l: Length,
    }),
    source: 'Friction of a cylindrical press fit (closed form)',
  }),
};

function screwed({ Bore, Screw, Screws }: HubInputs, practice: string, [low, value, high]: readonly [number, number, number]) {
  const k = fixed('1', value, practice, [low, high]);
  const F: Figure<'N'> = Screw.is
    ? fromTable('N', [setScrews[Screw.is].hold_N, setScrews[Screw.is].hold_N, setScrews[Screw.is].hold_N], {
        table: 'cup-point set screws',
        row: Screw.is,
        source: setScrewSource,
      })
    : unknown('N', [Screw.field]);
  return { torque: setScrewTorque({ k, z: severally(Screws), F, d: Bore }), source: setScrewSource };
}

const severalSource = 'Common practice, no source: each further set screw adds a third to three quarters of the first';
const further = fixed('1', 0.5, severalSource, [0.3, 0.75]);

/** How many times one screw several of them hold. */
function severally(screws: Figure<'1'>): Figure<'1'> {
  if (!screws.known || screws.value <= 1) return screws;
  const more: Figure<'1'> = {
    ...screws,
    value: screws.value - 1,
    ...(screws.low === undefined ? {} : { low: screws.low - 1, high: (screws.high ?? screws.value) - 1 }),
  };
  return picked('sum', '1', [fixed('1', 1, severalSource), scaled(more, further, severalSource)]);
}

type Pressures = Readonly<Record<'steel' | 'iron' | 'aluminium', readonly [number, number, number]>>;

/** By the hub's material; not said, from the softest to the hardest. */
function pressureOf(hub: Chosen<'steel' | 'iron' | 'aluminium'>, table: Pressures, source: string): Known<'MPa'> {
  if (!hub.is) return unseen('MPa', [table.aluminium[0], table.iron[1], table.steel[2]], hub.field, source);
  return fromTable('MPa', table[hub.is], { table: 'pressure on a key', row: hub.is, source });
}

/** Height of a key in its hub, by the shaft's size: its whole height less what is in the shaft; of a square inch key half of it. */
function keyHeight(bore: Figure<'mm'>, key: 'din' | 'ansi' | undefined): Figure<'mm'> {
  if (!bore.known) return bore;
  const isInch = key ? key === 'ansi' : isInchShaft(bore.value);
  const at = (bore_mm: number) => {
    if (isInch) {
      const width = keyAnsi_mm(bore_mm);
      return width === null ? null : width / 2;
    }
    const row = keyDin(bore_mm);
    return row ? row.h_mm - row.t1_mm : null;
  };
  const height = at(bore.value);
  if (height === null) return unknown('mm', [], 'there is no standard key for this shaft');
  const row = keyDin(bore.value);
  const size = isInch ? `${(height * 2).toFixed(2)} mm square, inch` : `${row?.b_mm} × ${row?.h_mm} mm`;
  const table = { table: isInch ? 'square keys, ANSI B17.1' : 'parallel keys, DIN 6885-1', row: size, source: keySource };
  return lookedUp('mm', bore, at, table) ?? unknown('mm', [], 'there is no standard key for part of what the shaft may be');
}
