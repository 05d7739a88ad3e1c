import { keyDin, keyPressure, keySource, type SetScrew, setScrewSource, setScrews } from '../catalog/hubs.js';
import { type Figure, fixed, fromTable, type Known, lookedUp, unknown } from '../figure/figure.js';
import { clampTorque } from '../formulas/hub/clamp-torque.js';
import { keyTorque } from '../formulas/hub/key-torque.js';
import { setScrewTorque } from '../formulas/hub/set-screw-torque.js';
import { shrinkTorque } from '../formulas/hub/shrink-torque.js';
import { remembering } from '../remembering.js';
import { type Chosen, choice, type InputFigures, quantity } from './fields.js';
import type { Limit } from './kind.js';

export const fixings = {
  key: 'a key',
  'set-screws': 'set screws',
  flat: 'a set screw on a flat',
  clamp: 'a clamped hub',
  shrink: 'a press or shrink fit',
} as const;
type Fixing = keyof typeof fixings;

const screws = Object.fromEntries(Object.keys(setScrews).map((size) => [size, size])) as Record<SetScrew, string>;

/** The fields of how one wheel is fixed on its shaft; `wheel` begins each field's name: `driverFixing`, `driverBore` … */
export function hubFields<const W extends string>(wheel: W, called: string) {
  const with_ = (...is: Fixing[]) => ({ field: `${wheel}Fixing`, is });
  const own = {
    Fixing: choice(`${called} is held by`, fixings, {
      help: 'What keeps the wheel from turning on its shaft: often the first thing to let go in a jam.',
      measure: 'Look into the hub: a keyway, one or two screws, a flat filed on the shaft, a slit with screws across it.',
    }),
    Bore: quantity(`Shaft in the ${called.toLowerCase()}`, 'length', {
      accepts: [3, 300],
      bare: 'mm',
      how: 'measured',
      help: 'Diameter of the shaft it sits on.',
      measure: 'Calliper on the bare shaft beside the hub.',
    }),
    Length: quantity(`Length that bears, ${called.toLowerCase()}`, 'length', {
      accepts: [3, 400],
      bare: 'mm',
      how: 'measured',
      help: 'Of the key, or of the fit.',
      measure: 'Rule along the hub, less what the key does not reach.',
      when: with_('key', 'shrink'),
    }),
    Hub: choice(
      `Hub of the ${called.toLowerCase()}`,
      { steel: 'steel', iron: 'cast iron', aluminium: 'aluminium' },
      {
        help: 'The softer of hub and key gives.',
        measure: 'A magnet, a file, the colour.',
        when: with_('key'),
      },
    ),
    Screw: choice(`Set screw of the ${called.toLowerCase()}`, screws, {
      how: 'measured',
      help: 'Thread size of the screw that bears on the shaft.',
      measure: 'A screw that fits, or a thread gauge.',
      when: with_('set-screws', 'flat'),
    }),
    Screws: quantity(`Set screws in the ${called.toLowerCase()}`, 'count', {
      accepts: [1, 4],
      bare: 'pcs',
      how: 'measured',
      help: 'How many bear on the shaft.',
      measure: 'Count them round the hub.',
      usual: { low: 1, value: 1, high: 1, source: 'Common practice, no source: one' },
      when: with_('set-screws', 'flat'),
    }),
    Clamp: quantity(`Clamping force, ${called.toLowerCase()}`, 'force', {
      accepts: [10, 200_000],
      bare: 'N',
      how: 'guessed',
      help: 'Of all screws across the slit together; a well tightened M6 gives about 9 kN, an M8 about 16 kN.',
      measure: 'From the screw’s size and a torque wrench.',
      when: with_('clamp'),
    }),
  };
  return Object.fromEntries(Object.entries(own).map(([name, field]) => [`${wheel}${name}`, field])) as {
    readonly [K in keyof typeof own as `${W}${K}`]: (typeof own)[K];
  };
}

/** The names of those fields, as a group of the editor. */
export const hubNames = <const W extends string>(wheel: W) =>
  [`${wheel}Fixing`, `${wheel}Bore`, `${wheel}Length`, `${wheel}Hub`, `${wheel}Screw`, `${wheel}Screws`, `${wheel}Clamp`] as const;

/** What a wheel weighs, for its swing. */
export const wheelMassField = (called: string) =>
  quantity(`${called}, mass`, 'mass', {
    accepts: [0.01, 1_000],
    bare: 'kg',
    how: 'measured',
    help: 'For its swing; else from its size.',
    measure: 'Kitchen scales.',
  });

type HubFields = ReturnType<typeof hubFields<'x'>>;
type HubInputs = { readonly [K in keyof HubFields as K extends `x${infer N}` ? N : never]: InputFigures<HubFields>[K] };

/** The entries of one wheel's fixing, by the names they have for any wheel. */
export function hubOf(inputs: object, wheel: string): HubInputs {
  const all = inputs as Readonly<Record<string, unknown>>;
  const [fixing, bore, length, hub, screw, screws, clamp] = namesOf(wheel);
  return {
    Fixing: all[fixing],
    Bore: all[bore],
    Length: all[length],
    Hub: all[hub],
    Screw: all[screw],
    Screws: all[screws],
    Clamp: all[clamp],
  } as HubInputs;
}

/** Names are put together once for a wheel, not at every evaluation. */
const namesOf = remembering(100, (wheel: string) => hubNames(wheel));

interface Wheel {
  readonly path: string;
  readonly id: string;
  /** As it stands in a sentence: `driven pulley`. */
  readonly called: string;
}

/**
 * What a wheel's fixing holds, from its kind and size.
 * @returns null where it is not said how the wheel is held
 */
export function hubLimit(inputs: HubInputs, { path, id, called }: Wheel): Limit | null {
  const fixing = inputs.Fixing.is;
  if (!fixing) return null;
  const { torque, source } = holds[fixing](inputs);
  const lets = fixing === 'key' ? 'crushes' : 'lets go';
  const what = fixing === 'set-screws' || fixing === 'flat' ? 'set screw' : fixing === 'key' ? 'key' : fixing === 'clamp' ? 'clamp' : 'press fit';
  return { id, at: path, says: `the ${what} of the ${called} ${lets}`, short: `${what}, ${called}`, torque, harm: 'breaking', source };
}

const friction = fixed('1', 0.15, 'Common practice, no source: steel on steel or iron, dry to oily, 0.10 to 0.20', [0.1, 0.2]);

const holds: Record<Fixing, (inputs: HubInputs) => { torque: Figure<'N·m'>; source: string }> = {
  key: ({ Bore, Length, Hub }) => ({
    torque: keyTorque({ p: pressureOf(Hub), h: keyHeight(Bore), l: Length, d: Bore }),
    source: keySource,
  }),
  'set-screws': (inputs) => screwed(inputs, 'Common practice, no source: a factor of 1.5 to 2 under the table', [0.5, 0.6, 0.67]),
  flat: (inputs) => screwed(inputs, 'Common practice, no source: on a flat the table’s force and half as much again', [0.67, 1, 1.5]),
  clamp: ({ Clamp, Bore }) => ({ torque: clampTorque({ mu: friction, F: Clamp, d: Bore }), source: 'Even pressure round a split hub (closed form)' }),
  shrink: ({ Bore, Length }) => ({
    torque: shrinkTorque({
      mu: friction,
      p: fixed('MPa', 35, 'Common practice, no source: a light press fit gives 20 to 60 MPa', [20, 60]),
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
  return { torque: setScrewTorque({ k, z: Screws, F, d: Bore }), source: setScrewSource };
}

function pressureOf(hub: Chosen<'steel' | 'iron' | 'aluminium'>): Known<'MPa'> {
  const [row, band] = hub.is ? ([hub.is, keyPressure[hub.is]] as const) : (['not said', [30, 65, 100]] as const);
  return fromTable('MPa', band, { table: 'pressure of a keyway', row, source: keySource });
}

/** What bears of a key by the shaft's size: its height less what stands in the shaft. */
function keyHeight(bore: Figure<'mm'>): Figure<'mm'> {
  if (!bore.known) return bore;
  const row = keyDin(bore.value);
  if (!row) return unknown('mm', [], 'there is no standard key for this shaft');
  const at = (bore_mm: number) => {
    const key = keyDin(bore_mm);
    return key ? key.h_mm - key.t1_mm : null;
  };
  const table = { table: 'parallel keys, DIN 6885-1', row: `${row.b_mm} × ${row.h_mm} mm`, source: keySource };
  return lookedUp('mm', bore, at, table) ?? unknown('mm', [], 'there is no standard key for part of what the shaft may be');
}
