import { brushed, type FamilyName } from './families.js';
import { alike, closed_ohm, type Reading, threeOf, type Winding, wanders, windingsOf } from './windings.js';

/** What is between or behind some wires of a motor, as far as readings tell. */
export interface Terminal {
  /** The wires that it is about. */
  readonly wires: readonly string[];
  readonly says: string;
}

/** A tachometer has tens to hundreds of ohms of thin wire; a shunt field of the mains' volts more than fifty. */
export const tacho_ohm = [20, 400] as const;

const mean = ([low, high]: readonly [number, number]): number => (low + high) / 2;

/**
 * Which wire is which: from the ohms between each two, for a motor of a family.
 * What two readings of the same size cannot tell apart (two ends of a winding, which of three equal phases) is said so.
 */
export function terminalsOf(readings: readonly Reading[], family: FamilyName): readonly Terminal[] {
  const windings = windingsOf(readings);
  const pairs = windings.filter(({ wires }) => wires.length === 2);
  const wanderers = pairs.filter((pair) => isWandering(pair));
  const steady = pairs.filter((pair) => !isWandering(pair) && ohmsOf(pair) >= closed_ohm).sort((a, b) => ohmsOf(a) - ohmsOf(b));
  const told: Terminal[] = [];
  const open = readings.filter(({ ohms }) => ohms === null);
  for (const winding of windings) {
    const three = ofThree(winding, family);
    if (three.length > 0) told.push(...three);
    else if (winding.wires.length > 3) told.push(...ofTaps(winding));
  }
  for (const pair of pairs) {
    if (ohmsOf(pair) < closed_ohm)
      told.push({ wires: pair.wires, says: 'next to nothing: a thermal cut-out that is closed, or a wire that goes through' });
  }
  if (brushed.has(family)) {
    for (const pair of wanderers)
      told.push({
        wires: pair.wires,
        says:
          family === 'universal' && steady.length === 0
            ? 'the whole motor: field and armature, through the brushes'
            : 'the armature, through the brushes: the reading wanders',
      });
    told.push(...steady.map((pair) => ({ wires: pair.wires, says: besideBrushes(pair, family, wanderers.length > 0) })));
  } else told.push(...ofPairs(steady, family));
  for (const { a, b } of open)
    if (!told.some(({ wires }) => wires.includes(a) || wires.includes(b)))
      told.push({ wires: [a, b], says: 'no reading: a capacitor between them, or a cut-out or winding that is open; which, a meter does not tell' });
  return told;
}

const ohmsOf = ({ wires, between }: Winding): number => {
  const reading = between(wires[0] as string, wires[1] as string);
  return reading ? mean(reading) : 0;
};
const isWandering = ({ wires, between }: Winding): boolean => {
  const reading = between(wires[0] as string, wires[1] as string);
  return reading !== null && reading[0] >= closed_ohm && reading[1] > wanders * reading[0];
};

const withMagnets: ReadonlySet<FamilyName> = new Set(['brushless', 'servo', 'direct-drive-washer']);

/** Three wires of one winding. */
function ofThree(winding: Winding, family: FamilyName): readonly Terminal[] {
  const three = threeOf(winding);
  if (!three) return [];
  const { wires, between } = winding;
  const [a, b, c] = wires as [string, string, string];
  if (alike(three.least, three.most))
    return [
      {
        wires,
        says: withMagnets.has(family)
          ? 'the three phases of its winding; which is which, the drive finds'
          : 'three phases, in star or in delta: inside, a meter does not tell which',
      },
    ];
  const pairs = (
    [
      [a, b],
      [b, c],
      [a, c],
    ] as const
  ).map(([one, other]) => ({ one, other, ohms: mean(between(one, other) as readonly [number, number]) }));
  const [small, middle, large] = [...pairs].sort((x, y) => x.ohms - y.ohms) as [(typeof pairs)[0], (typeof pairs)[0], (typeof pairs)[0]];
  const common = wires.find((wire) => wire !== large.one && wire !== large.other) as string;
  const otherOf = (pair: (typeof pairs)[0]): string => (pair.one === common ? pair.other : pair.one);
  if (family === 'stepper') return [{ wires: [common], says: 'the middle of a winding of the stepper' }];
  if (alike(small.ohms, middle.ohms))
    return [
      { wires: [common], says: 'common to both windings' },
      { wires: [otherOf(small), otherOf(middle)], says: 'two windings alike: it turns either way, by which of them the capacitor is in' },
    ];
  const start = family === 'capacitor-run' || family === 'two-capacitor' ? 'the winding of the capacitor' : 'the start winding';
  return [
    { wires: [common], says: 'common to both windings' },
    { wires: [otherOf(small)], says: `the main winding, ${round(small.ohms)} Ω to the common` },
    { wires: [otherOf(middle)], says: `${start}, ${round(middle.ohms)} Ω to the common` },
  ];
}

/** The ends are the two wires with the most between them; the others are taps, in their order. */
function ofTaps({ wires, between }: Winding): readonly Terminal[] {
  const pairs = wires
    .flatMap((one, k) => wires.slice(k + 1).map((other) => ({ one, other, ohms: between(one, other) })))
    .filter(({ ohms }) => ohms !== null);
  const ends = [...pairs].sort((x, y) => mean(y.ohms as readonly [number, number]) - mean(x.ohms as readonly [number, number]))[0];
  if (!ends) return [];
  return [
    { wires: [ends.one, ends.other], says: 'the ends of what is joined: the most between them' },
    {
      wires: wires.filter((wire) => wire !== ends.one && wire !== ends.other),
      says: 'taps or joints between them: speeds of a fan, or where two windings meet',
    },
  ];
}

/** Steady readings beside brushes. */
function besideBrushes(pair: Winding, family: FamilyName, hasArmature: boolean): string {
  const ohms = ohmsOf(pair);
  if (family === 'wound-dc')
    return ohms > tacho_ohm[0] ? `the shunt field, ${round(ohms)} Ω` : `a series field, or the armature at rest, ${round(ohms)} Ω`;
  if (ohms > tacho_ohm[0] && ohms < tacho_ohm[1] && hasArmature) return `the coil of the tachometer, ${round(ohms)} Ω: it is never powered`;
  return hasArmature ? `a field winding, ${round(ohms)} Ω, steady` : `a winding, ${round(ohms)} Ω: turn the rotor slowly, the armature wanders`;
}

/** Windings apart from each other. */
function ofPairs(pairs: readonly Winding[], family: FamilyName): readonly Terminal[] {
  const [first, second] = pairs;
  if (!first) return [];
  const same = pairs.every((pair) => alike(ohmsOf(pair), ohmsOf(first)));
  if (family === 'stepper') return pairs.map((pair, k) => ({ wires: pair.wires, says: `winding ${k + 1} of the stepper, ${round(ohmsOf(pair))} Ω` }));
  if (pairs.length === 3 && same)
    return pairs.map((pair, k) => ({
      wires: pair.wires,
      says: `phase ${k + 1}, ${round(ohmsOf(pair))} Ω; which end is which, a meter does not tell`,
    }));
  if (pairs.length === 2 && second) {
    if (same)
      return pairs.map((pair) => ({
        wires: pair.wires,
        says: `half of the main winding, ${round(ohmsOf(pair))} Ω: for two voltages, beside each other or one behind the other`,
      }));
    return [
      { wires: first.wires, says: `the main winding, ${round(ohmsOf(first))} Ω: the least` },
      { wires: second.wires, says: `the ${family === 'capacitor-run' ? 'winding of the capacitor' : 'start winding'}, ${round(ohmsOf(second))} Ω` },
    ];
  }
  return pairs.map((pair) => ({ wires: pair.wires, says: `a winding, ${round(ohmsOf(pair))} Ω` }));
}

const round = (ohms: number): string => `${+ohms.toPrecision(3)}`;
