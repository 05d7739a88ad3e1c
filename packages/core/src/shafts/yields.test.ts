import { describe, expect, it } from 'vitest';
import { bent, superposed } from './bent.js';
import type { LaidShaft, Load } from './laid-shaft.js';
import { metals } from './metals.js';
import { threadRoot } from './notches.js';
import { runs, stressed, yieldsAtTimes } from './stressed.js';
import { deflectsBy, whirls } from './whirl.js';

/** A weightless bar of 25 mm on bearings at 0 and 400 mm. */
function bar(loads: readonly Load[], rest: Partial<LaidShaft> = {}): LaidShaft {
  return {
    sections: [{ length_mm: 500, shape: 'round', size_mm: 25 }],
    loads,
    bearings: [
      { id: 'A', at_mm: 0 },
      { id: 'B', at_mm: 400 },
    ],
    notches: [],
    metal: { ...metals.bright, density_kg_m3: 0 },
    ...rest,
  };
}

const yields = (once: LaidShaft, twice: LaidShaft): number => yieldsAtTimes(once, bent(once, true, 'coarse'), bent(twice, true, 'coarse'));

const twisted = (T: number, M_N = 0): readonly Load[] => [
  { id: 'in', at_mm: 200, force_N: [M_N, 0], peak_N: [M_N, 0], torque_Nm: T, peak_Nm: T },
  { id: 'out', at_mm: 450, force_N: [0, 0], torque_Nm: -T, peak_Nm: -T },
];

describe('the torque at which a shaft stays bent', () => {
  const { Sy_MPa } = metals.bright;

  it('of twist alone is that of distortion energy: Sy π d³ over 16 √3 (Shigley 10e, eq. 5-15, from memory)', () => {
    const byHand = (Sy_MPa * Math.PI * 25 ** 3) / (16 * Math.sqrt(3)) / 1000;
    expect(10 * yields(bar(twisted(10)), bar(twisted(20)))).toBeCloseTo(byHand, 3);
  });

  it('of twist with a bending that grows with it, and with one that does not', () => {
    // 1 kN in the middle of 400 mm: 100 N·m.
    const W = (Math.PI * 25 ** 3) / 32 / 1000;
    const both = (M: number, T: number) => Math.hypot(M / W, (Math.sqrt(3) * T) / (2 * W));
    const grows = yields(bar(twisted(50, 1000)), bar(twisted(100, 2000)));
    expect(both(100 * grows, 50 * grows)).toBeCloseTo(Sy_MPa, 4);
    const stays = yields(bar(twisted(50, 1000)), bar(twisted(100, 1000)));
    expect(both(100, 50 * stays)).toBeCloseTo(Sy_MPa, 4);
    expect(stays).toBeGreaterThan(grows);
  });

  it('is nought where it is bent at rest already, and without end where nothing loads it', () => {
    expect(yields(bar(twisted(1, 50_000)), bar(twisted(2, 50_000)))).toBe(0);
    expect(yields(bar([]), bar([]))).toBe(Number.POSITIVE_INFINITY);
  });

  it('is what a jam of so much torque brings to its yield', () => {
    const times = yields(bar(twisted(50, 1000)), bar(twisted(100, 2000)));
    const jammed = bar(
      twisted(50, 1000).map((load) => ({ ...load, peak_N: [load.force_N[0] * times, 0] as const, peak_Nm: load.torque_Nm * times })),
    );
    expect(Math.min(...stressed(jammed, { how: 'steady' }).map(({ yields }) => yields))).toBeCloseTo(1, 5);
  });

  it('at a thread is that of its root: M20 is 16.93 mm there (ISO 724, from memory)', () => {
    expect(threadRoot(20)).toBeCloseTo(16.93, 2);
    expect(threadRoot(20, 1.5)).toBeCloseTo(18.16, 2);
    const cut = { notches: [{ id: 'thread', at_mm: 200, to_mm: 450, Kf: 1, Kfs: 1, root_mm: threadRoot(25, 2) }] };
    const times = yields(bar(twisted(10), cut), bar(twisted(20), cut)) / yields(bar(twisted(10)), bar(twisted(20)));
    expect(times).toBeCloseTo((threadRoot(25, 2) / 25) ** 3, 5);
  });
});

describe('the quick code formula', () => {
  it('of a worked example: 955 N·m and 562.5 N·m, Kb 1.5 and Kt 1, 42 MPa need 53.6 mm (Khurmi and Gupta, Machine Design, example 14.12, from memory)', () => {
    expect(runs.steady).toEqual({ bending: 1.5, twist: 1 });
    // 42 MPa are three tenths of 140; the other limit is not the one that counts.
    const metal = { ...metals.bright, density_kg_m3: 0, Sy_MPa: 140, Sut_MPa: 500 };
    const shaft: LaidShaft = {
      sections: [{ length_mm: 2500, shape: 'round', size_mm: 53.6 }],
      loads: [
        { id: 'end', at_mm: 0, force_N: [0, 0], torque_Nm: 955 },
        { id: 'middle', at_mm: 1250, force_N: [0, -900], torque_Nm: 0 },
        { id: 'other end', at_mm: 2500, force_N: [0, 0], torque_Nm: -955 },
      ],
      bearings: [
        { id: 'A', at_mm: 0 },
        { id: 'B', at_mm: 2500 },
      ],
      notches: [],
      metal,
    };
    expect(Math.min(...stressed(shaft, { how: 'steady' }).map(({ code }) => code))).toBeCloseTo(1, 2);
  });
});

describe('a shaft bent by loads that are put together', () => {
  it('is bent as it is by all of them at once, its own weight and what turns with it too', () => {
    const loads: readonly Load[] = [
      { id: 'a', at_mm: 70, force_N: [300, -120], peak_N: [900, -40], torque_Nm: 30, peak_Nm: 90, mass_kg: 3, turning_N: 25 },
      { id: 'b', at_mm: 460, force_N: [-80, 500], torque_Nm: -30, peak_Nm: -90 },
    ];
    const shaft: LaidShaft = { ...bar(loads), metal: metals.bright, bearings: [...bar([]).bearings, { id: 'C', at_mm: 300, stiffness_N_mm: 4000 }] };
    const put = superposed(shaft, 'coarse');
    for (const isPeak of [false, true]) {
      const [whole, parts] = [bent(shaft, isPeak, 'coarse'), put?.(loads, isPeak)];
      for (const name of ['moment_Nm', 'slope_rad'] as const)
        expect(parts?.[name].flat()).toEqual(whole?.[name].flat().map((each) => expect.closeTo(each, 8)));
      expect(parts?.turning_Nm).toEqual(whole?.turning_Nm.map((each) => expect.closeTo(each, 8)));
      expect(parts?.torque_Nm).toEqual(whole?.torque_Nm);
    }
    expect(superposed({ ...shaft, bearings: [] }, 'coarse')).toBeNull();
  });
});

describe('a shaft that is out of balance', () => {
  /** 4 kg in the middle of a bar that weighs nothing, out by 0.1 mm. */
  const wheel = (speed_rpm: number): LaidShaft => {
    const w = (speed_rpm * Math.PI) / 30;
    return bar([{ id: 'wheel', at_mm: 200, force_N: [0, 0], torque_Nm: 0, mass_kg: 4, turning_N: 0.0004 * w ** 2 }], {
      sections: [{ length_mm: 400, shape: 'round', size_mm: 25 }],
      metal: { ...metals.bright, density_kg_m3: 1e-6 },
    });
  };

  it('deflects as a wheel on a light shaft does: e r² over 1 − r² (Jeffcott; Shigley and Uicker’s texts, from memory)', () => {
    const [mode] = whirls(wheel(1000));
    // 48 E I over l³ and the mass.
    const k = (48 * metals.bright.E_MPa * ((Math.PI * 25 ** 4) / 64)) / 400 ** 3;
    const critical = (Math.sqrt((1000 * k) / 4) * 30) / Math.PI;
    expect(mode?.speed_rpm).toBeCloseTo(critical, 0);
    expect(mode?.mass_kg).toBeCloseTo(4, 3);
    for (const share of [0.3, 0.7, 0.95, 1.4]) {
      const speed = share * critical;
      expect(deflectsBy(wheel(speed), whirls(wheel(speed), 1), speed) / ((0.1 * share ** 2) / Math.abs(1 - share ** 2))).toBeCloseTo(1, 3);
    }
  });

  it('deflects by nothing where nothing is out of balance', () => {
    expect(deflectsBy(bar(twisted(10)), whirls(bar(twisted(10))), 1000)).toBe(0);
  });
});
