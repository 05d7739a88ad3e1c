import { type Figure, unknown } from '../figure/figure.js';
import { portKinds } from '../kinds/ports.js';
import type { StationFigures } from './walked.js';

/** Every shaft, of several lines with the name of its own before it. */
export const stationsNamed = ({
  lines,
}: {
  readonly lines: readonly { readonly name: string; readonly stations: readonly StationFigures[] }[];
}): readonly StationFigures[] =>
  lines.flatMap(({ name, stations }) =>
    lines.length === 1 ? stations : stations.map((station) => ({ ...station, name: `${name}: ${station.name}` })),
  );

/** Figures of a shaft by the names that they have in a path, `main/roll/running-speed`; what is not told of it is left out. */
export function figuresOfStation({ is, flow, effort, power, pull, running }: StationFigures): readonly (readonly [string, Figure])[] {
  const names = { flow: portKinds[is].flow.name, effort: portKinds[is].effort.name };
  const full = [
    [names.flow, flow],
    [names.effort, effort],
    ['power', power],
  ] as const;
  const atWork = running
    ? ([
        [`running-${names.flow}`, running.flow],
        [`running-${names.effort}`, running.effort],
        ['running-power', running.power],
      ] as const)
    : [];
  return [...atWork, ...full, ...(pull ? [['pull', pull] as const] : [])];
}

/** One of them. */
export function figureOfStation(station: StationFigures, name: string): Figure | undefined {
  return figuresOfStation(station).find(([each]) => each === name)?.[1];
}

/** What it does at work, or at full load where that is all there is to tell: it does not run, or nothing says how. */
export const runningOrFull = ({ flow, effort, power, running }: StationFigures): NonNullable<StationFigures['running']> =>
  running?.power.known ? running : { flow, effort, power };

/** Speed and torque of a turning shaft; not known of what does not turn. */
export const turning = ({ is, flow, effort }: Pick<StationFigures, 'is' | 'flow' | 'effort'>) =>
  is === 'rotary' ? { speed: flow as Figure<'rpm'>, torque: effort as Figure<'N·m'> } : { speed: unknown('rpm', []), torque: unknown('N·m', []) };

/** What flow and effort of some shafts are called: `speed` and `torque`; of those that differ both. */
export function sidesOf(stations: readonly Pick<StationFigures, 'is'>[]): readonly [flow: string, effort: string] {
  const called = (side: 'flow' | 'effort') => [...new Set(stations.map(({ is }) => portKinds[is][side].name))].join(' or ');
  return [called('flow'), called('effort')];
}
