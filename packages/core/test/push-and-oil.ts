import { type Figure, fixed, unknown } from '../src/figure/figure.js';
import { defineProcedure, solve } from '../src/figure/formula.js';
import type { Kind, Passing, StageResult } from '../src/kinds/kind.js';
import type { PortsDeclared } from '../src/kinds/ports.js';
import { kindKey, loadKinds } from '../src/kinds/registry.js';
import { blankBuild } from '../src/machine/blank-build.js';
import type { Build, Element, Input } from '../src/machine/build.js';

/** Kinds between ports of other sorts, made for tests alone: what is declared by a kind is all that a line is walked by. */

const nothing: StageResult = {
  checks: [],
  slips: null,
  steady: null,
  hubs: { in: null, out: null },
  pulls: { in: fixed('N', 0, 'it pulls at nothing'), out: fixed('N', 0, 'it pulls at nothing') },
};
const times = defineProcedure({ id: 'test-times', says: 'a times b', source: 'Made for a test' });
const by = (a: Figure, b: number, unit: Figure['unit']): Figure =>
  solve(unit, times, { a, b: fixed('1', b, 'made') }, ({ a: x = 0, b: y = 0 }) => x * y);

interface Made {
  readonly flow: number;
  /** Flow out of one of flow in, and effort out of one of effort in, with what is lost of each. */
  readonly effort: number;
  readonly flowKept: number;
  readonly effortKept: number;
  readonly units: readonly [flow: Figure['unit'], effort: Figure['unit'], flowIn: Figure['unit'], effortIn: Figure['unit']];
}

const made = (kind: string, ports: PortsDeclared, { flow, effort, flowKept, effortKept, units }: Made) => {
  const passing: Passing = {
    forward: (at) => ({ flow: at.flow * flow * flowKept, effort: at.effort * effort * effortKept }),
    backward: (at) => ({ flow: at.flow / (flow * flowKept), effort: at.effort / (effort * effortKept) }),
    isEven: true,
  };
  const [flowOut, effortOut, , effortIn] = units;
  const weightless = fixed('kg', 0, 'made');
  return {
    ...{ role: 'stage', kind, v: 1, label: kind, noun: kind, ports, fields: {}, figures: {}, checks: {}, limits: {}, short: () => kind },
    ready: () => ({
      ratio: fixed('1', 1 / flow, 'made'),
      efficiency: fixed('1', effortKept, 'made'),
      slip: fixed('1', 1 - flowKept, 'made'),
      across: {
        flowBehind: (n: Figure) => by(n, flow * flowKept, flowOut),
        topBehind: (n: Figure) => by(n, flow, flowOut),
        effortBehind: (T: Figure) => by(T, effort * effortKept, effortOut),
        effortBefore: (F: Figure) => by(F, 1 / (effort * effortKept), effortIn),
        movedBehind: () => weightless,
        movedBefore: () => fixed('kg·m²', 0, 'made'),
        gainBefore: (G: Figure) => by(G, effort * effortKept, '1'),
        lossless: {
          effortBehind: (T: Figure) => by(T, effort, effortOut),
          gainBefore: (G: Figure) => by(G, effort, '1'),
          travelBefore: () => unknown('rad', []),
          stiffnessBehind: (k: Figure) => k,
        },
      },
      passes: () => passing,
      moved: { in: fixed('kg·m²', 0, 'made'), out: weightless },
      outline: { driver: null, driven: null, centres: null },
    }),
    under: () => nothing,
  } as unknown as Kind;
};

const turn = 2 * Math.PI;
/** Lead of 5 mm: a turn moves it by that, and a N·m pushes with 2π over it. */
const screw = made('screw', ['rotary', 'linear'], {
  flow: 0.005 / 60,
  effort: turn / 0.005,
  flowKept: 1,
  effortKept: 0.3,
  units: ['m/s', 'N', 'rpm', 'N·m'],
});
/** 8 cm³ a turn, 93 % and 90 %. */
const pump = made('pump', ['rotary', 'fluid'], {
  flow: 0.008,
  effort: (turn / 8e-6) * 1e-5,
  flowKept: 0.93,
  effortKept: 0.9,
  units: ['L/min', 'bar', 'rpm', 'N·m'],
});
/** A bore of 80 mm. */
const area_m2 = (Math.PI / 4) * 0.08 ** 2;
const ram = made('ram', ['fluid', 'linear'], {
  flow: 1e-3 / 60 / area_m2,
  effort: 1e5 * area_m2,
  flowKept: 1,
  effortKept: 1,
  units: ['m/s', 'N', 'L/min', 'bar'],
});

const pressing = {
  ...{
    role: 'work',
    kind: 'pressing',
    v: 1,
    label: 'pressing',
    noun: 'press',
    ports: ['linear', null],
    fields: {},
    figures: {},
    checks: {},
    limits: {},
  },
  short: () => 'pressing',
  demand: () => ({
    steady: fixed('N', 9_000, 'made'),
    breakaway: fixed('N', 5_000, 'made'),
    lasts: fixed('s', 60, 'made'),
    growth: 0,
    moved: fixed('kg', 20, 'made'),
    stops: unknown('rad', []),
    jams: 'never',
    shock: undefined,
    checks: [],
  }),
} as unknown as Kind;

export const withPushAndOil = async () =>
  new Map([...(await loadKinds()), ...[screw, pump, ram, pressing].map((kind): [string, Kind] => [kindKey(kind.role, kind.kind), kind])]);

const entry = (text: string, value?: number): Input => ({ text, how: 'plate', ...(value === undefined ? {} : { value }) });
const motor = { power: entry('2.2 kW', 2200), speed: entry('1440 rpm', 1440), phases: entry('3'), voltage: entry('400 V', 400) };
const supply = { voltage: entry('400 V', 400), frequency: entry('50 Hz', 50), phases: entry('3'), breaker: entry('16 A', 16) };

const element = (kind: string): Element => ({ kind, v: 1, inputs: {} });

/** A line of a motor of 2.2 kW, so many stages of these kinds, and what is pressed. */
export function pressed(stages: readonly string[], work = 'pressing'): Build {
  const blank = blankBuild('a press');
  const [line] = blank.lines as [Build['lines'][number]];
  return {
    ...blank,
    supply,
    lines: [
      {
        ...line,
        source: { ...line.source, inputs: motor },
        stages: stages.map((kind, k) => ({ ...element(kind), id: `e${k + 1}` })),
        stations: [{ id: 's0', name: 'motor shaft' }, ...stages.map((_, k) => ({ id: `s${k + 1}`, name: `place ${k + 1}` }))],
        work: element(work),
      },
    ],
  };
}
