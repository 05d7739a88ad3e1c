import type { StageCandidate } from '../kinds/finding.js';
import { atOnce, type Steps } from '../procedures/steps.js';
import { type Bounding, combinations } from './combine.js';
import { compile } from './compile.js';
import type { Drive } from './drive.js';
import { driveOf } from './drive-of.js';
import { orders, scoreOf, type Weights } from './rank.js';
import type { FindRequest } from './request.js';

/** A drive with its place by the plain rules. */
export interface Scored {
  readonly drive: Drive;
  readonly score: number;
}

export interface Searched {
  /** Best first, so many of them as were kept. */
  readonly best: readonly Scored[];
  /** How many drives meet the wishes, and how many combinations come near the speed. */
  readonly met: number;
  readonly tried: number;
  /** Whether that is all of them: what cannot be among the best is not counted. */
  readonly isCounted: boolean;
}

/** So many are kept for being looked at in full. */
export const keptDrives = 300;
/** Drives that are laid out, and combinations that are passed by, before a search is broken off: what it has then is told as what it is. */
const [mostTried, mostVisits] = [400_000, 60_000_000];

/** The best by the plain rules; equals by their names, so that the same shelf always has the same order. */
export const byScore = (a: Scored, b: Scored): number => a.score - b.score || (nameOf(a) < nameOf(b) ? -1 : nameOf(a) > nameOf(b) ? 1 : 0);
const nameOf = ({ drive }: Scored): string => drive.stages.map(({ says, takes }) => `${says} ${takes.map(({ own }) => own).join(' ')}`).join(' + ');

/** What is searched for: the less of it, the better. */
export interface Aim {
  readonly score: (drive: Drive) => number;
  /** Where it is a sum of weights, so that what cannot be among the best is passed over. */
  readonly weights?: Weights;
}

export interface SearchLimits {
  /** So many of the best are kept. */
  readonly kept?: number;
  /** After so many combinations it is enough: that are laid out, and that are passed by. */
  readonly tried?: number;
  readonly visits?: number;
  /** So many drives that meet the wishes are enough. */
  readonly met?: number;
}

/** Ranked by weights. */
export const rankedBy = (weights: Weights): Aim => ({ score: (drive) => scoreOf(drive, weights), weights });

/** Tries every combination whose ratio fits and that may be among the best, in steps. */
export function* searchSteps(request: FindRequest, aim: Aim = rankedBy(orders['all round']), limits: SearchLimits = {}): Steps<Searched> {
  const { kept: most = keptDrives, tried: enough = mostTried, visits: enoughPassed = mostVisits, met: enoughMet } = limits;
  const compiled = compile(request);
  const bounding: Bounding = { weights: aim.weights, worst: Number.POSITIVE_INFINITY, passed: 0, stride: enoughMet === undefined ? 20_000 : 1_000 };
  let kept: Scored[] = [];
  let [met, tried, visits] = [0, 0, 0];
  const cut = () => {
    kept = kept.sort(byScore).slice(0, most);
    if (kept.length === most) bounding.worst = (kept.at(-1) as Scored).score;
  };
  const visit = (stages: readonly StageCandidate[]) => {
    tried += 1;
    const drive = driveOf(stages, compiled, aim.weights);
    if (!drive) return;
    met += 1;
    const score = aim.score(drive);
    if (score > bounding.worst) return;
    kept.push({ drive, score });
    // Often at first, when it is worth most to know what is poor.
    if (kept.length >= Math.min(2 * most, most + 100)) cut();
  };
  for (const more of combinations(compiled, bounding, visit)) {
    visits += more;
    if (tried >= enough || visits >= enoughPassed || met >= (enoughMet ?? Number.POSITIVE_INFINITY))
      return { best: kept.sort(byScore).slice(0, most), met, tried, isCounted: false };
    yield Math.min(0.99, visits / (visits + 400_000));
  }
  return { best: kept.sort(byScore).slice(0, most), met, tried, isCounted: bounding.passed === 0 };
}

/** All at once. */
export const search = (request: FindRequest, aim?: Aim, limits?: SearchLimits): Searched => atOnce(searchSteps(request, aim, limits));
