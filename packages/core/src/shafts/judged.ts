import { rankOf, type Verdict, worstVerdict } from '../checks/verdict.js';
import { faultsOf, type LaidShaft } from './laid-shaft.js';
import { type Place, type Runs, stressed } from './stressed.js';
import { whirls } from './whirl.js';

/** How a shaft is run. */
export interface Running {
  readonly how: Runs;
  /** Fastest that it is reached with, rpm. */
  readonly speed_rpm: number;
  /** Share of the torque that comes and goes. */
  readonly pulsing?: number;
}

/** One way in which a shaft may end, and how near it is. */
export interface Finding {
  readonly of: 'cracks' | 'yields' | 'whirls';
  readonly verdict: Verdict;
  /** So many times what it has to bear; of whirl how far the speed is from the nearest, as a share of it. */
  readonly reserve: number;
  /** Where, and by what; whirl is of the whole shaft. */
  readonly place?: Place;
  /** Whirl that is nearest, rpm. */
  readonly whirl_rpm?: number;
}

export interface JudgedShaft {
  readonly verdict: Verdict;
  /** Worst first. */
  readonly findings: readonly Finding[];
  /** Why nothing is worked out. */
  readonly faults: readonly string[];
}

/** A shaft that turns for years has one and a half times as much, since shocks are guessed (common practice, no source). */
export const enough = 1.5;
/** Whirl is kept from: between the one pair of shares of it nothing may run, between the other it is close (common practice, no source: under 0.7 to 0.8, over 1.3 to 1.4). */
export const nearWhirl = { fails: [0.8, 1.3], close: [0.7, 1.4] } as const;

const byReserve = (reserve: number): Verdict => (reserve < 1 ? 'fails' : reserve < enough ? 'close' : 'holds');

function whirlOf(shaft: LaidShaft, speed_rpm: number): Finding[] {
  const speeds = whirls(shaft).map((mode) => mode.speed_rpm);
  const [nearest] = [...speeds].sort((a, b) => Math.abs(Math.log(speed_rpm / a)) - Math.abs(Math.log(speed_rpm / b)));
  if (nearest === undefined || speed_rpm <= 0) return [];
  const share = speed_rpm / nearest;
  const within = ([low, high]: readonly [number, number]) => share > low && share < high;
  const verdict = within(nearWhirl.fails) ? 'fails' : within(nearWhirl.close) ? 'close' : 'holds';
  return [{ of: 'whirls', verdict, reserve: Math.abs(1 - share), whirl_rpm: nearest }];
}

/** Whether a shaft lasts: where it cracks in time, where it is bent for good in a jam, and whether it runs beside its whirl. */
export function judgeShaft(shaft: LaidShaft, { how, speed_rpm, pulsing = 0 }: Running): JudgedShaft {
  const faults = faultsOf(shaft);
  if (faults.length > 0) return { verdict: 'unknown', findings: [], faults };
  const places = stressed(shaft, { how, pulsing });
  const [weakest] = places;
  const bends = places.reduce<Place | undefined>((a, b) => (a === undefined || b.yields < a.yields ? b : a), undefined);
  const findings: Finding[] = [
    ...(weakest ? [{ of: 'cracks' as const, verdict: byReserve(weakest.cracks), reserve: weakest.cracks, place: weakest }] : []),
    ...(bends ? [{ of: 'yields' as const, verdict: byReserve(bends.yields), reserve: bends.yields, place: bends }] : []),
    ...whirlOf(shaft, speed_rpm),
  ];
  findings.sort((a, b) => rankOf[b.verdict] - rankOf[a.verdict] || a.reserve - b.reserve);
  return { verdict: worstVerdict(findings), findings, faults };
}
