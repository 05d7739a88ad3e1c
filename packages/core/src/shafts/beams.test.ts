import { describe, expect, it } from 'vitest';
import { numbers } from '../../test/random-lines.js';
import { proves } from '../../test/reference.js';
import { type Bent, bent } from './bent.js';
import { type Across, faultsOf, type LaidShaft, type Load } from './laid-shaft.js';
import { type Metal, metals } from './metals.js';
import { crossHole, notchKinds, shoulder } from './notches.js';
import { type Section, stiffnessOf } from './section-shape.js';
import { goodman, stressed } from './stressed.js';
import { whirls } from './whirl.js';

const massless = (E_MPa: number, G_MPa = 80_000): Metal => ({ ...metals.c45, E_MPa, G_MPa, density_kg_m3: 0 });
const round = (length_mm: number, size_mm: number): Section => ({ length_mm, shape: 'round', size_mm });
const down = (id: string, at_mm: number, F: number): Load => ({ id, at_mm, force_N: [0, -F], torque_Nm: 0 });
const bearings = (...places: readonly number[]) => places.map((at_mm, k) => ({ id: 'ABC'[k] ?? '', at_mm }));
const laid = (sections: readonly Section[], metal: Metal, loads: readonly Load[], ...at: readonly number[]): LaidShaft => ({
  sections,
  metal,
  loads,
  bearings: bearings(...at),
  notches: [],
});

const solved = (shaft: LaidShaft): Bent => {
  const is = bent(shaft);
  if (!is) throw new Error('it is not held');
  return is;
};
const index = ({ at_mm }: Bent, at: number): number => at_mm.findIndex((place) => Math.abs(place - at) < 1e-6);
/** Downward, as the entries count. */
const sag = (is: Bent, at: number): number => -(is.deflection_mm[index(is, at)] as Across)[1];
const slope = (is: Bent, at: number): number => -(is.slope_rad[index(is, at)] as Across)[1];
const up = (is: Bent, k: number): number => (is.reactions_N[k] as Across)[1];
const size = ([right, upward]: Across): number => Math.hypot(right, upward);
const most = (is: Bent): number => Math.max(...is.moment_Nm.map(size));
/** GPa of the entries come as MPa. */

describe('beams of the check files', () => {
  proves('machines', 'beam-simple-01', ({ given }) => {
    const [L, a] = [given('L'), given('a')];
    const is = solved(laid([round(L, given('d'))], massless(given('E')), [down('F', a, given('F'))], 0, L));
    return { R1: up(is, 0), R2: up(is, 1), M: most(is), y: sag(is, a), th1: Math.abs(slope(is, 0)), th2: Math.abs(slope(is, L)) };
  });
  proves('machines', 'beam-two-01', ({ given }) => {
    const L = given('L');
    const loads = [down('1', given('a1'), given('F1')), down('2', given('a2'), given('F2'))];
    const is = solved(laid([round(L, given('d'))], massless(given('E')), loads, 0, L));
    return { R1: up(is, 0), R2: up(is, 1), M: most(is), y1: sag(is, given('a1')), y2: sag(is, given('a2')) };
  });
  proves('machines', 'beam-overhung-01', ({ given }) => {
    const [L, a] = [given('L'), given('a')];
    const is = solved(laid([round(L + a, given('d'))], massless(given('E')), [down('F', L + a, given('F'))], 0, L));
    return { R1: up(is, 0), R2: up(is, 1), M: most(is), y: sag(is, L + a), th1: Math.abs(slope(is, 0)), th2: Math.abs(slope(is, L)) };
  });
  proves('machines', 'beam-weight-01', ({ given }) => {
    const L = given('L');
    const is = solved(laid([round(L, given('d'))], { ...massless(given('E')), density_kg_m3: given('rho') }, [], 0, L));
    return { y: sag(is, L / 2), th1: Math.abs(slope(is, 0)) };
  });
  proves('machines', 'beam-planes-01', ({ given }) => {
    const L = given('L');
    const loads: Load[] = [down('v', given('a1'), given('Fv')), { ...down('h', given('a2'), 0), force_N: [given('Fh'), 0] }];
    const is = solved(laid([round(L, 25)], massless(205_000), loads, 0, L));
    const at = (place: number) => size(is.moment_Nm[index(is, place)] as Across);
    return { R1: size(is.reactions_N[0] as Across), R2: size(is.reactions_N[1] as Across), M1: at(given('a1')), M2: at(given('a2')) };
  });
  for (const id of ['beam-stepped-01', 'beam-stepped-02', 'beam-stepped-03'])
    proves('machines', id, ({ given, list }) => {
      const [x, d, F, at] = [list('x'), list('d'), list('F'), list('at')] as [number[], number[], number[], number[]];
      const sections = d.map((each, k) => round((x[k + 1] as number) - (x[k] as number), each));
      const [first = 0, second = 0] = list('sup');
      // Places that are asked for are places of a load of nothing.
      const loads = [...list('xF').map((place, k) => down(`F${k}`, place, F[k] as number)), ...at.map((place) => down('asked', place, 0))];
      const is = solved(laid(sections, massless(given('E')), loads, first, second));
      const y = Object.fromEntries(at.map((place, k) => [`y${k + 1}`, sag(is, place)]));
      return { ...y, th1: slope(is, first), th2: slope(is, second), R1: up(is, 0), R2: up(is, 1) };
    });
  proves('machines', 'shaft-torsion-01', ({ given }) => {
    const [T, L, section] = [given('T'), given('L'), round(given('L'), given('d'))] as const;
    const loads: Load[] = [
      { ...down('in', 0, 0), torque_Nm: T },
      { ...down('out', L, 0), torque_Nm: -T },
    ];
    const is = solved(laid([section], massless(206_000, given('G')), loads, 0, L));
    return { tau: (1000 * T) / stiffnessOf(section).Wt_mm3, twist: is.twist_rad };
  });
  proves('machines', 'shaft-hex-01', ({ given }) => {
    const { area_mm2, I_mm4, J_mm4, W_mm3, flat_mm3, Wt_mm3 } = stiffnessOf({ length_mm: 1, shape: 'hexagon', size_mm: given('s') });
    const [M, T] = [1000 * given('M'), 1000 * given('T')];
    return { A: area_mm2, I: I_mm4, J: J_mm4, tau: T / Wt_mm3, sigma_corner: M / W_mm3, sigma_flat: M / flat_mm3 };
  });
  proves('machines', 'shaft-kt-01', () => ({ Kt: notchKinds['end-milled keyway'].Kf, Kts: notchKinds['end-milled keyway'].Kfs }));
});

describe('speeds at which a shaft whirls, of the check files', () => {
  const steel = (E_MPa: number, density_kg_m3: number): Metal => ({ ...metals.c45, E_MPa, density_kg_m3 });
  const discs = (places: readonly number[], kg: readonly number[]): Load[] =>
    places.map((at_mm, k) => ({ id: `m${k}`, at_mm, force_N: [0, 0], torque_Nm: 0, mass_kg: kg[k] as number }));
  const two = (shaft: LaidShaft) => {
    const [first, second] = whirls(shaft, 2);
    return { n1: first?.speed_rpm ?? 0, n2: second?.speed_rpm ?? 0 };
  };
  proves('machines', 'crit-uniform-01', ({ given }) =>
    two(laid([round(given('L'), given('d'))], steel(given('E'), given('rho')), [], 0, given('L'))),
  );
  for (const id of ['crit-fe-01', 'crit-fe-02'])
    proves('machines', id, ({ given, list, raw }) => {
      const x = list('x');
      const sections = list('d').map((each, k) => round((x[k + 1] as number) - (x[k] as number), each));
      const [first = 0, second = 0] = list('sup');
      return two(laid(sections, steel(given('E'), given('rho')), discs(list('xm'), raw('m') as number[]), first, second));
    });
});

describe('a shaft that is bent', () => {
  const random = numbers(340);
  const between = (low: number, high: number) => low + (high - low) * random();
  const anyShaft = (): LaidShaft => {
    const sections = Array.from({ length: 1 + Math.floor(random() * 5) }, () => round(between(40, 300), between(15, 50)));
    const long = sections.reduce((sum, { length_mm }) => sum + length_mm, 0);
    const loads = Array.from({ length: 1 + Math.floor(random() * 6) }, (_, k): Load => {
      return {
        id: `F${k}`,
        at_mm: between(0, long),
        force_N: [between(-900, 900), between(-900, 900)],
        torque_Nm: between(-50, 50),
        mass_kg: between(0, 8),
      };
    });
    const a = between(0, 0.4 * long);
    return laid(sections, metals.c45, loads, a, between(a + 0.2 * long, long));
  };
  const shafts = Array.from({ length: 40 }, anyShaft);

  it('is in equilibrium: what the bearings push is what pulls and weighs, and its moment, to a billionth', () => {
    for (const shaft of shafts) {
      const is = solved(shaft);
      const g = 9.80665;
      let from = 0;
      const own = shaft.sections.map((section) => {
        const kg = stiffnessOf(section).area_mm2 * section.length_mm * shaft.metal.density_kg_m3 * 1e-9;
        from += section.length_mm;
        return { at_mm: from - section.length_mm / 2, force_N: [0, -kg * g] as Across };
      });
      const pulls = [
        ...own,
        ...shaft.loads.map(({ at_mm, force_N: [right, upward], mass_kg = 0 }) => ({ at_mm, force_N: [right, upward - mass_kg * g] as Across })),
      ];
      const pushes = shaft.bearings.map(({ at_mm }, k) => ({ at_mm, force_N: is.reactions_N[k] as Across }));
      for (const plane of [0, 1] as const) {
        const all = [...pulls, ...pushes];
        const scale = all.reduce((sum, each) => sum + Math.abs(each.force_N[plane]), 1);
        expect(Math.abs(all.reduce((sum, each) => sum + each.force_N[plane], 0)) / scale).toBeLessThan(1e-9);
        expect(Math.abs(all.reduce((sum, each) => sum + each.force_N[plane] * each.at_mm, 0)) / (scale * 1000)).toBeLessThan(1e-9);
      }
    }
  });

  it('is bent by two loads as by the one and the other, and back by the same turned round', () => {
    for (const shaft of shafts) {
      const light = { ...shaft, metal: { ...shaft.metal, density_kg_m3: 0 }, loads: shaft.loads.map(({ mass_kg: _, ...load }) => load) };
      const [whole, ...parts] = [
        light.loads,
        ...light.loads.map((one) => light.loads.map((load) => (load === one ? load : { ...load, force_N: [0, 0] as Across }))),
      ].map((loads) => solved({ ...light, loads }));
      const back = solved({ ...light, loads: light.loads.map((load) => ({ ...load, force_N: [-load.force_N[0], -load.force_N[1]] as Across })) });
      whole?.deflection_mm.forEach((each, k) => {
        for (const plane of [0, 1] as const) {
          const sum = parts.reduce((all, part) => all + (part.deflection_mm[k] as Across)[plane], 0);
          expect(each[plane]).toBeCloseTo(sum, 9);
          expect((back.deflection_mm[k] as Across)[plane]).toBeCloseTo(-each[plane], 9);
        }
      });
    }
  });

  it('is the same with its sections cut in two, and whirls as fast', () => {
    for (const shaft of shafts.slice(0, 12)) {
      const halves = shaft.sections.flatMap((section) => [section, section].map((each) => ({ ...each, length_mm: section.length_mm / 2 })));
      const [one, other] = [solved(shaft), solved({ ...shaft, sections: halves })];
      for (const { at_mm } of shaft.loads)
        expect(size(other.deflection_mm[index(other, at_mm)] as Across)).toBeCloseTo(size(one.deflection_mm[index(one, at_mm)] as Across), 8);
      const [a, b] = [whirls(shaft, 1)[0]?.speed_rpm ?? 0, whirls({ ...shaft, sections: halves }, 1)[0]?.speed_rpm ?? 0];
      expect(Math.abs(a / b - 1)).toBeLessThan(0.005);
    }
  });

  it('between two bearings it is bent more, the further they are apart; outside of them the moment at the near one stays', () => {
    const at = (L: number) => solved(laid([round(L, 25)], massless(206_000), [down('F', L / 2, 500)], 0, L));
    const sags = [200, 400, 600, 800].map((L) => sag(at(L), L / 2));
    expect(sags).toEqual([...sags].sort((a, b) => a - b));
    const overhung = (L: number) => {
      const is = solved(laid([round(L + 100, 25)], massless(206_000), [down('F', L + 100, 500)], 0, L));
      return size(is.moment_Nm[index(is, L)] as Across);
    };
    for (const L of [150, 300, 700]) expect(overhung(L)).toBeCloseTo(50, 8);
  });

  it('twice as large in every way under four times the force is stressed the same and bent twice as far', () => {
    for (const shaft of shafts.slice(0, 12)) {
      const light = { ...shaft, metal: { ...shaft.metal, density_kg_m3: 0 }, loads: shaft.loads.map(({ mass_kg: _, ...load }) => load) };
      const large: LaidShaft = {
        ...light,
        sections: light.sections.map((section) => ({ ...section, length_mm: 2 * section.length_mm, size_mm: 2 * section.size_mm })),
        loads: light.loads.map((load) => ({
          ...load,
          at_mm: 2 * load.at_mm,
          force_N: [4 * load.force_N[0], 4 * load.force_N[1]],
          torque_Nm: 8 * load.torque_Nm,
        })),
        bearings: light.bearings.map((each) => ({ ...each, at_mm: 2 * each.at_mm })),
      };
      const [small, great] = [stressed(light, { how: 'light' }), stressed(large, { how: 'light' })];
      expect(Math.max(...great.map(({ bending_MPa }) => bending_MPa))).toBeCloseTo(Math.max(...small.map(({ bending_MPa }) => bending_MPa)), 6);
      const [one, other] = [solved(light), solved(large)];
      for (const { at_mm } of light.loads)
        expect(size(other.deflection_mm[index(other, 2 * at_mm)] as Across)).toBeCloseTo(2 * size(one.deflection_mm[index(one, at_mm)] as Across), 7);
    }
  });

  it('on soft mounts pushes the same, is out further and whirls slower', () => {
    const hard = laid([round(500, 25)], metals.c45, [{ ...down('wheel', 250, 300), mass_kg: 6 }], 50, 450);
    const soft = { ...hard, bearings: hard.bearings.map((each) => ({ ...each, stiffness_N_mm: 500 })) };
    const [one, other] = [solved(hard), solved(soft)];
    expect(up(other, 0)).toBeCloseTo(up(one, 0), 6);
    // Two springs of 500 N/mm under half of it each.
    expect(sag(other, 250) - sag(one, 250)).toBeCloseTo((up(one, 0) + up(one, 1)) / 1000, 6);
    expect(whirls(soft, 1)[0]?.speed_rpm).toBeLessThan(0.8 * (whirls(hard, 1)[0]?.speed_rpm ?? 0));
  });
});

describe('what is wrong with a shaft is named', () => {
  const good = laid([round(300, 20)], metals.c45, [down('pulley', 30, 100)], 60, 260);
  it.each([
    ['no bearing', { ...good, bearings: [] }, 'no bearing is entered'],
    ['one bearing', { ...good, bearings: bearings(60) }, 'only one bearing is entered, and a shaft on one bearing tips over: say where the other is'],
    ['two at one place', { ...good, bearings: bearings(60, 60) }, 'the bearings are at the same place'],
    ['a wheel off the end', { ...good, loads: [down('pulley', 310, 100)] }, 'off the end of a shaft of 300 mm: pulley'],
    ['no section', { ...good, sections: [] }, 'no section is entered'],
    [
      'a tube without a wall',
      { ...good, sections: [{ ...round(300, 20), shape: 'tube' as const, bore_mm: 20 }] },
      'the bore of a tube is as large as the tube',
    ],
  ])('%s', (_, shaft, says) => {
    expect(faultsOf(shaft)).toContain(says);
    expect(faultsOf(good)).toEqual([]);
  });
  it('and nothing is worked out of a shaft that tips over', () => {
    expect(bent({ ...good, bearings: bearings(60) })).toBeNull();
    expect([stressed({ ...good, bearings: [] }, { how: 'light' }), whirls({ ...good, bearings: [] })]).toEqual([[], []]);
  });
});

it('a shoulder of Shigley’s example 7-1 lasts 1.62 times its load by Goodman’s line', () => {
  // d 1.1 in, M 1260 lbf·in back and forth, T 1100 lbf·in steady, Kf 1.58, Kfs 1.39, Se 29.3 kpsi, Sut 105 kpsi (Shigley 10e, example 7-1, from memory).
  const bending = (32 * 1260) / (Math.PI * 1.1 ** 3) / 1000;
  const shear = (16 * 1100) / (Math.PI * 1.1 ** 3) / 1000;
  expect(goodman({ bending, shear, steady: 0, pulsing: 0, Kf: 1.58, Kfs: 1.39 }, 29.3, 105)).toBeCloseTo(1.62, 2);
});

it('notches raise stress as the tables have it', () => {
  // Peterson's charts: r/d 0.1, D/d 1.5 about 1.7 in bending and 1.4 in twist (from memory); a fillet that is not there counts as sharp.
  expect(shoulder(20, 30, 2).Kf).toBeGreaterThan(1.6);
  expect(shoulder(20, 30, 2).Kf).toBeLessThan(1.8);
  expect(shoulder(20, 30, 0).Kf).toBeGreaterThan(shoulder(20, 30, 1).Kf);
  expect(shoulder(20, 20, 0)).toEqual({ Kf: 1, Kfs: 1 });
  // Half of a bar’s section modulus is not gone by a hole of a quarter of it: Z = πd³/32 − ad²/6 (Shigley 10e, table A-15-10).
  const { left } = crossHole(5, { size_mm: 20 });
  expect(left).toBeCloseTo(1 - (5 * 20 ** 2) / 6 / ((Math.PI * 20 ** 3) / 32), 9);
});
