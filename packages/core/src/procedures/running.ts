import { type Figure, fixed, unknown } from '../figure/figure.js';
import { grownTorque } from '../formulas/work/grown-torque.js';
import type { StageReady, WorkDemand } from '../kinds/kind.js';
import { type PortKind, powerAt, unitAt } from '../kinds/ports.js';
import { type Sentence, sentence } from '../wording/sentence.js';

/** What a shaft does at work, where the source's torque meets what the work needs of it. */
export interface Running {
  readonly flow: Figure;
  readonly effort: Figure;
  readonly power: Figure<'W'>;
}

interface Machine {
  /** Speed at which the source settles; not known, with the reason, where it does not get there. */
  readonly settles: Figure<'rpm'> | null;
  /** What is handed on between each two of its elements. */
  readonly ports: readonly PortKind[];
  readonly transfers: readonly StageReady[];
  readonly demand: WorkDemand;
  /** Speed of the tool that the demand holds for. */
  readonly toolSpeed: Figure<'rpm'>;
  /** Torque that it needs there, at each shaft from the source's on. */
  readonly neededAt: readonly Figure<'N·m'>[];
}

/** Every shaft at work, from the source's to the tool's; null where there is nothing to tell it by: a person at a crank, a motor or work that is not entered. */
export function runningAt({ settles, ports, transfers, demand, toolSpeed, neededAt }: Machine): readonly Running[] | null {
  if (!settles) return null;
  if (!settles.known) {
    const { missing, because } = settles;
    return ports.map((is) => ({
      flow: unknown(unitAt(is, 'flow'), missing, because),
      effort: unknown(unitAt(is, 'effort'), missing, because),
      power: unknown('W', missing, because),
    }));
  }
  const speeds: Figure<'rpm'>[] = [settles];
  for (const { across } of transfers) speeds.push(across.flowBehind(speeds.at(-1) as Figure<'rpm'>));
  const torques = demand.growth === 0 ? neededAt : grown(demand, speeds.at(-1) as Figure<'rpm'>, toolSpeed, transfers);
  return speeds.map((flow, k) => {
    const effort = torques[k] as Figure<'N·m'>;
    return { flow, effort, power: powerAt({ is: ports[k] as 'rotary', effort, flow }) };
  });
}

/** What work that grows with its speed needs at another one, at each shaft. */
function grown({ steady, growth }: WorkDemand, n: Figure<'rpm'>, n_0: Figure<'rpm'>, transfers: readonly StageReady[]): Figure<'N·m'>[] {
  const torques: Figure<'N·m'>[] = [grownTorque({ T_1: steady, n, n_1: n_0, g: growth === 1 ? withSpeed : withItsSquare })];
  for (const { across } of transfers.toReversed()) torques.unshift(across.effortBefore(torques[0] as Figure<'N·m'>));
  return torques;
}

const growthSource = 'As its work says: how its torque grows with speed';
const withSpeed = fixed('1', 1, growthSource);
const withItsSquare = fixed('1', 2, growthSource);

/** From so much on, as a share, running and full load are told apart. */
const apart = 0.15;

/** What a source does at work, where that is another thing than its plate says. */
export function runsAt({ flow: speed, power, running }: Running & { readonly running: Running | null }): Sentence[] {
  if (!running?.flow.known || !running.power.known || !speed.known || !power.known) return [];
  const differs = (is: number, was: number) => Math.abs(is / was - 1) > apart;
  if (!differs(running.flow.value, speed.value) && !differs(running.power.value, power.value)) return [];
  return [
    sentence('it runs at {speed:likely} and {power:likely}; full load is {most:likely} at {rated:likely}', {
      speed: running.flow,
      power: running.power,
      most: power,
      rated: speed,
    }),
  ];
}
