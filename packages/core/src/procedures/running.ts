import { type Figure, fixed, unknown } from '../figure/figure.js';
import { shaftPower } from '../formulas/power/shaft-power.js';
import { drivenSpeed } from '../formulas/transmission/driven-speed.js';
import { neededBefore } from '../formulas/transmission/needed-before.js';
import { grownTorque } from '../formulas/work/grown-torque.js';
import type { StageTransfer, WorkDemand } from '../kinds/kind.js';
import { type Sentence, sentence } from '../wording/sentence.js';

/** What a shaft does at work, where the source's torque meets what the work needs of it. */
export interface Running {
  readonly speed: Figure<'rpm'>;
  readonly torque: Figure<'N·m'>;
  readonly power: Figure<'W'>;
}

interface Machine {
  /** Speed at which the source settles; not known, with the reason, where it does not get there. */
  readonly settles: Figure<'rpm'> | null;
  readonly transfers: readonly StageTransfer[];
  readonly demand: WorkDemand;
  /** Speed of the tool that the demand holds for. */
  readonly toolSpeed: Figure<'rpm'>;
  /** Torque that it needs there, at each shaft from the source's on. */
  readonly neededAt: readonly Figure<'N·m'>[];
}

/** Every shaft at work, from the source's to the tool's; null where there is nothing to tell it by: a person at a crank, a motor or work that is not entered. */
export function runningAt({ settles, transfers, demand, toolSpeed, neededAt }: Machine): readonly Running[] | null {
  if (!settles) return null;
  if (!settles.known) {
    const { missing, because } = settles;
    const still = { speed: settles, torque: unknown('N·m', missing, because), power: unknown('W', missing, because) };
    return neededAt.map(() => still);
  }
  const speeds: Figure<'rpm'>[] = [settles];
  for (const { ratio: i, slip: s } of transfers) speeds.push(drivenSpeed({ n1: speeds.at(-1) as Figure<'rpm'>, i, s }));
  const torques = demand.growth === 0 ? neededAt : grown(demand, speeds.at(-1) as Figure<'rpm'>, toolSpeed, transfers);
  return speeds.map((speed, k) => {
    const torque = torques[k] as Figure<'N·m'>;
    return { speed, torque, power: shaftPower({ T: torque, n: speed }) };
  });
}

/** What work that grows with its speed needs at another one, at each shaft. */
function grown({ steady, growth }: WorkDemand, n: Figure<'rpm'>, n_0: Figure<'rpm'>, transfers: readonly StageTransfer[]): Figure<'N·m'>[] {
  const torques: Figure<'N·m'>[] = [grownTorque({ T_1: steady, n, n_1: n_0, g: growth === 1 ? withSpeed : withItsSquare })];
  for (const { ratio: i, efficiency: k } of transfers.toReversed()) torques.unshift(neededBefore({ T_2: torques[0] as Figure<'N·m'>, i, k }));
  return torques;
}

const growthSource = 'As its work says: how its torque grows with speed';
const withSpeed = fixed('1', 1, growthSource);
const withItsSquare = fixed('1', 2, growthSource);

/** From so much on, as a share, running and full load are told apart. */
const apart = 0.15;

/** What a source does at work, where that is another thing than its plate says. */
export function runsAt({ speed, power, running }: Running & { readonly running: Running | null }): Sentence[] {
  if (!running?.speed.known || !running.power.known || !speed.known || !power.known) return [];
  const differs = (is: number, was: number) => Math.abs(is / was - 1) > apart;
  if (!differs(running.speed.value, speed.value) && !differs(running.power.value, power.value)) return [];
  return [
    sentence('it runs at {speed:likely} and {power:likely}; full load is {most:likely} at {rated:likely}', {
      speed: running.speed,
      power: running.power,
      most: power,
      rated: speed,
    }),
  ];
}
