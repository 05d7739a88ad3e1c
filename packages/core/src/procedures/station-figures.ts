import type { Figure } from '../figure/figure.js';
import type { Evaluation } from './evaluate-build.js';
import type { stationFigures } from './line-outputs.js';
import type { StationFigures } from './walk-line.js';

/** Every shaft, of several lines with the name of its own before it. */
export const stationsNamed = ({ lines }: Pick<Evaluation, 'lines'>): readonly StationFigures[] =>
  lines.flatMap(({ name, stations }) =>
    lines.length === 1 ? stations : stations.map((station) => ({ ...station, name: `${name}: ${station.name}` })),
  );

type Name = keyof typeof stationFigures;

/** Figures of a shaft by the names that they have in a path, `main/roll/running-speed`; what is not told of it is left out. */
export function figuresOfStation({ speed, torque, power, pull, running }: StationFigures): readonly (readonly [Name, Figure])[] {
  const full = [
    ['speed', speed],
    ['torque', torque],
    ['power', power],
  ] as const;
  const atWork = running
    ? ([
        ['running-speed', running.speed],
        ['running-torque', running.torque],
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
export const runningOrFull = ({ speed, torque, power, running }: StationFigures): NonNullable<StationFigures['running']> =>
  running?.power.known ? running : { speed, torque, power };
