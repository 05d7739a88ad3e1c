import { gearCentres } from '../../../formulas/gear/gear-centres.js';
import { gearDiameter } from '../../../formulas/gear/gear-diameter.js';
import { gearOutside } from '../../../formulas/gear/gear-outside.js';
import type { Bounds, Finds, From, StageCandidate } from '../../finding.js';
import { once, told } from '../../shared/find-loops.js';
import { keyed, onShafts, ownWheel, pairsOf } from '../../shared/goes-on.js';
import { usualEfficiency } from './fields.js';

/** Open gears are heard in the next room where a shaft turns faster (common practice, no source). */
const loud_rpm = 300;

interface Gear {
  readonly from: From;
  readonly many: number;
  readonly module_mm: number;
  readonly teeth: number;
  readonly bore_mm: number | null;
  readonly isKeyed: boolean;
  readonly pitch_mm: number;
}

/** Pairs of one's own gears of one module. Gears that are bought come in boxes. */
export const findGears: Finds = ({ own }, bounds) => {
  const gears = own.flatMap(({ part, many }, k): Gear[] =>
    part.is === 'gear'
      ? [
          {
            ...part,
            many,
            pitch_mm: gearDiameter.compute({ m: part.module_mm, z: part.teeth }),
            from: ownWheel(k, `gear m${told(part.module_mm)}, ${part.teeth} teeth`, part.bore_mm),
          },
        ]
      : [],
  );
  return pairsOf(gears).flatMap(([driver, driven]) => (driver.module_mm === driven.module_mm ? (candidate(driver, driven, bounds) ?? []) : []));
};

function candidate(driver: Gear, driven: Gear, bounds: Bounds): StageCandidate | null {
  const m = driver.module_mm;
  const on = onShafts(driver, driven, bounds);
  if (!on) return null;
  const centres_mm = gearCentres.compute({ m, z_1: driver.teeth, z_2: driven.teeth });
  const nominal = driven.teeth / driver.teeth;
  return {
    kind: 'gear-pair',
    nominal,
    ratio: nominal,
    kept: usualEfficiency.value,
    keptAtRest: usualEfficiency.value,
    ...on,
    outside_mm: [gearOutside.compute({ m, z: driver.teeth }), gearOutside.compute({ m, z: driven.teeth })],
    nearest_mm: centres_mm,
    loop: {
      reaches: once(() => [{ centres_mm, wrap_rad: Math.PI, mark: '', own: -1, mostLoops: 1, slides_mm: [centres_mm, centres_mm] as const }]),
      hasOwn: true,
      most: 1,
      pieces: () => 0,
      points: 0,
      says: () => '',
    },
    // Nobody measured the width of their teeth.
    passes_W: () => Number.POSITIVE_INFINITY,
    entries: () => ({
      z1: String(driver.teeth),
      z2: String(driven.teeth),
      module: `${told(m)} mm`,
      apart: `${told(centres_mm)} mm`,
      ...keyed(driver, driven),
    }),
    leeway: 1,
    slips: false,
    loudAbove_rpm: loud_rpm,
    isChangeGear: true,
    says: `gears m${told(m)}, ${driver.teeth} to ${driven.teeth} teeth`,
  };
}
