import { unknown } from '../figure/figure.js';
import { contextAt, type OwnFigures } from '../kinds/context.js';
import type { DrawnStage } from '../kinds/kind.js';
import { misfitSays, misfitsIn, portsBetween } from '../kinds/neighbours.js';
import { unitAt } from '../kinds/ports.js';
import { type Kinds, kindHeads } from '../kinds/registry.js';
import type { Line } from '../machine/build.js';
import { namesOfElements } from '../machine/element-names.js';
import { fitOutputs } from './line-outputs.js';
import type { Opened } from './opened.js';
import type { WalkedLine } from './walked.js';

/**
 * A line of which one element cannot drive the next: nothing of it is worked out but what is the matter, and what hangs on no neighbour.
 * @returns null where all fit
 */
export function unfitted(
  line: Line,
  opened: readonly Opened[],
  figures: ReadonlyMap<string, OwnFigures>,
  kinds: Kinds,
  drawn: (stage: Opened, k: number) => DrawnStage,
): WalkedLine | null {
  const row = opened.slice(1);
  const misfits = misfitsIn(row.map(({ kind }) => kind));
  if (misfits.length === 0) return null;
  const names = namesOfElements(line);
  const others = [...kindHeads('stage'), ...[...kinds.values()].filter(({ role }) => role === 'stage')];
  const checks = misfits.map((misfit) => {
    const [driving, driven] = [row[misfit.driving], row[misfit.driving + 1]] as [Opened, Opened];
    const called = ({ path, kind }: Opened) => names.get(path) ?? kind.noun;
    const says = misfitSays(misfit, [called(driving), called(driven)], [...new Set(others)]);
    return contextAt(driven.path, fitOutputs, driven.figures).state('fits', { verdict: 'fails', tells: { says } });
  });
  const between = portsBetween(row.map(({ kind }) => kind));
  return {
    id: line.id,
    isApart: true,
    figures,
    stations: between.map((is, k) => ({
      id: line.stations[k]?.id ?? `s${k}`,
      name: line.stations[k]?.name ?? `shaft ${k + 1}`,
      is,
      flow: unknown(unitAt(is, 'flow'), []),
      effort: unknown(unitAt(is, 'effort'), []),
      power: unknown('W', []),
      pull: null,
      running: null,
    })),
    checks,
    outlines: row.slice(1, -1).map(drawn),
    jam: { rungs: [], torque: unknown('N·m', []), checks: [], says: [] },
    cautions: [],
    cautionsAt: new Map(),
    notEntered: [],
    notWorkedOut: [],
  };
}
