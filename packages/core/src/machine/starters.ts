import { kindHead } from '../kinds/registry.js';
import { blankBuild } from './blank-build.js';
import type { Build, Inputs } from './build.js';
import { enter } from './enter.js';
import { withKind, withoutStage, withStageAdded } from './reshape.js';

/** A machine to begin from: its path laid out, with guesses that are to be replaced by what stands in the shed. */
export interface Starter {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly brief: string;
  readonly tool: string;
  readonly source?: string;
  readonly stages: readonly (readonly [kind: string, ratio: number])[];
  readonly work?: string;
  readonly entries: Readonly<Record<string, string>>;
}

/** Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so. */
export const starters: readonly Starter[] = [
  {
    id: 'blank',
    name: 'New build',
    says: 'a motor, a V-belt and some work, nothing entered',
    brief: '',
    tool: 'tool shaft',
    stages: [['', 1]],
    entries: {},
  },
  {
    id: 'crusher',
    name: 'Fruit crusher',
    says: 'motor, V-belt, toothed roll',
    brief: 'Crush fruit for the press.',
    tool: 'roll',
    stages: [['v-belt', 3]],
    work: 'fruit-crusher',
    entries: { 'source/power': '0.55 kW', 'source/speed': '1425 rpm', 'work/roll': '150 mm', 'work/fruit': '70 mm', 'work/throughput': '200 kg/h' },
  },
  {
    id: 'lathe',
    name: 'Lathe',
    says: 'motor, V-belt, spindle',
    brief: 'Turn wood; slow enough for the largest blank.',
    tool: 'spindle',
    stages: [['v-belt', 2]],
    entries: { 'source/power': '0.75 kW', 'source/speed': '1425 rpm', 'work/torque': '5 N·m', 'work/diameter': '300 mm', 'work/shock': 'light' },
  },
  {
    id: 'tumbler',
    name: 'Tumbler',
    says: 'motor, coupling, gearbox, chain, drum',
    brief: 'Tumble day and night without watching it.',
    tool: 'drum',
    stages: [
      ['coupling', 1],
      ['gearbox', 15],
      ['roller-chain', 2],
    ],
    work: 'rotary-tumbler',
    entries: { 'source/power': '0.25 kW', 'source/speed': '1400 rpm', 'work/drum': '300 mm', 'work/load': '12 kg' },
  },
  {
    id: 'splitter',
    name: 'Splitter',
    says: 'motor, V-belt with a shear pin behind it, cone or crank',
    brief: 'Split kindling; must stop by itself when it sticks.',
    tool: 'cone',
    stages: [
      ['v-belt', 4],
      ['torque-limiter', 1],
    ],
    entries: { 'source/power': '1.5 kW', 'source/speed': '1430 rpm', 'work/torque': '25 N·m', 'work/diameter': '70 mm', 'work/shock': 'heavy' },
  },
  {
    id: 'cart',
    name: 'Powered barrow',
    says: 'petrol engine, gearbox, chain, axle',
    brief: 'Carry a load up the path at a walking pace.',
    tool: 'axle',
    source: 'engine',
    stages: [
      ['gearbox', 20],
      ['roller-chain', 2.5],
    ],
    work: 'wheel-drive',
    entries: {
      'source/power': '4 kW',
      'source/speed': '3600 rpm',
      'work/mass': '200 kg',
      'work/slope': '15 %',
      'work/ground': 'gravel',
      'work/wheel': '400 mm',
    },
  },
  {
    id: 'crank',
    name: 'By hand',
    says: 'hand crank, chain, work that a machine was measured doing',
    brief: '',
    tool: 'tool shaft',
    source: 'hand-crank',
    stages: [['roller-chain', 0.5]],
    entries: { 'source/radius': '200 mm', 'work/torque': '4 N·m', 'work/diameter': '120 mm' },
  },
];

/**
 * The build that a starter begins.
 * @throws RangeError when there is no such starter
 */
export function startFrom(id: string): Build {
  const starter = starters.find((each) => each.id === id);
  if (!starter) throw new RangeError(`There is no starter ${id}`);
  const { name, brief, tool, source, stages, work, entries } = starter;
  const blank = blankBuild(name);
  if (id === 'blank') return blank;
  let build = withoutStage({ ...blank, brief }, 'main/belt');
  if (source) build = withKind(build, 'main/source', source);
  stages.forEach(([kind, ratio], at) => {
    build = withStageAdded(build, 'main', at, kind, kindHead('stage', kind)?.begins?.(ratio) ?? {});
  });
  if (work) build = withKind(build, 'main/work', work);
  return withGuesses(named(build, tool), entries);
}

const named = (build: Build, tool: string): Build => ({
  ...build,
  lines: build.lines.map((line) => ({
    ...line,
    stations: line.stations.map((station, k, all) => (k === all.length - 1 ? { ...station, name: tool } : station)),
  })),
});

function withGuesses(build: Build, entries: Starter['entries']): Build {
  const guess = (role: 'source' | 'work', kind: string): Inputs => {
    const fields = kindHead(role, kind)?.fields ?? {};
    return Object.fromEntries(
      Object.entries(entries).flatMap(([at, text]) => {
        const [element, name = ''] = at.split('/');
        const field = element === role ? fields[name] : undefined;
        const input = field && enter(field, text, undefined).input;
        return input ? [[name, { ...input, how: 'guessed' as const }]] : [];
      }),
    );
  };
  return {
    ...build,
    lines: build.lines.map((line) => ({
      ...line,
      source: { ...line.source, inputs: guess('source', line.source.kind) },
      work: { ...line.work, inputs: guess('work', line.work.kind) },
    })),
  };
}
