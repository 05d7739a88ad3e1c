import { type Figure, fixed, picked, unseen } from '../figure/figure.js';
import { rigidPeak } from '../formulas/dynamics/rigid-peak.js';
import { seriesStiffness } from '../formulas/dynamics/series-stiffness.js';
import { shaftStiffness } from '../formulas/dynamics/shaft-stiffness.js';
import type { StageReady, StageResult } from '../kinds/kind.js';
import type { ShaftInJam } from './jammed.js';

const steel = fixed('MPa', 79_300, "Shigley's Mechanical Engineering Design (10e), table A-5: carbon steel");
const between = fixed('mm', 200, 'Common practice, no source: 0.1 to 0.4 m of shaft between what drives it and what it drives', [100, 400]);
const rigid = fixed('N·m/rad', 1e9, 'Nothing in between that twists is known of: taken as rigid');
const boreSource = 'Not looked at: the shafts of small machines are from 8 to 100 mm thick';

type Stiffness = Figure<'N·m/rad'>;

/** What of a line it takes to tell how hard its wheels are to stop. */
interface Line {
  readonly transfers: readonly StageReady[];
  readonly results: readonly StageResult[];
  /** Those of its shafts that are entered as they lie. */
  readonly lying: readonly ShaftInJam[];
}

/** Stiffness from each wheel to the tool, on its own shaft: of what comes in on a shaft, a rotor or a driven wheel, and of what goes out on it. */
export interface Ways {
  readonly arriving: readonly Stiffness[];
  readonly leaving: readonly Stiffness[];
}

/** The shaft between what comes in on it and what goes out: as it lies where it is entered, else by the thinner of the two hubs on it. Rigid where no hub says how thick it is. */
function shaftBetween(s: number, { results, lying }: Line): Stiffness | null {
  const entered = lying.find(({ at }) => at === s)?.stiffness;
  if (entered) return entered;
  const bores = [results[s - 1]?.hubs.out?.bore, results[s]?.hubs.in?.bore].filter((bore) => bore !== undefined);
  const known = bores.filter((bore) => bore.known);
  const [first] = bores;
  if (!first) return null;
  const d = known.length > 0 ? picked('least', 'mm', known) : first.known ? first : notLookedAt(first.missing[0]);
  return shaftStiffness({ G: steel, d, L: between });
}

const notLookedAt = (field: string | undefined): Figure<'mm'> =>
  field === undefined ? fixed('mm', 25, boreSource, [8, 100]) : unseen('mm', [8, 25, 100], field, boreSource);

const inARow = (one: Stiffness | null, other: Stiffness | null | undefined): Stiffness | null => {
  if (!other?.known) return one;
  return one === null ? other : seriesStiffness({ a: one, b: other });
};

/** From the tool back to the source: every shaft, and every stage that says how stiff it is. What does not say so is taken as rigid, which only makes a jam harder. */
export function waysToTheTool(line: Line): Ways {
  const { transfers, results } = line;
  const arriving: Stiffness[] = [];
  const leaving: Stiffness[] = [];
  let way: Stiffness | null = null;
  for (let s = transfers.length; s >= 0; s--) {
    const stage = transfers[s];
    if (stage) {
      way = inARow(way && stage.across.lossless.stiffnessBehind(way), results[s]?.stiffness);
      leaving[s] = way ?? rigid;
    }
    way = inARow(way, shaftBetween(s, line));
    arriving[s] = way ?? rigid;
  }
  return { arriving, leaving };
}

/** What a wheel would bring at the tool, were it stopped by the twist of its way there alone. */
export function peakAtTool(E: Figure<'J'>, way: Stiffness, transfers: readonly StageReady[]): Figure<'N·m'> {
  let T: Figure<'N·m'> = rigidPeak({ E, k: way });
  for (const { across } of transfers) T = across.lossless.effortBehind(T);
  return T;
}
