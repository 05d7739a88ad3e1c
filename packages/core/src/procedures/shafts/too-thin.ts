import type { Check } from '../../checks/check.js';
import { lowEnd, unknown } from '../../figure/figure.js';
import { shaftName } from '../../machine/begin-shaft.js';
import type { Build, Line } from '../../machine/build.js';
import { enduranceOf, metals } from '../../shafts/metals.js';
import { goodman } from '../../shafts/stressed.js';
import { sentence } from '../../wording/sentence.js';
import type { ActsOnShaft } from '../walked.js';

/** Nearer than this no wheel sits to the middle of a bearing, mm (common practice, no source). */
const nearest_mm = 25;

/** A shaft as thick as the thickest bore on it, mm; null where none is entered. */
function boreAt({ stages }: Line, k: number): number | null {
  const bores = [stages[k - 1]?.inputs.drivenBore?.value, stages[k]?.inputs.driverBore?.value].filter((each) => each !== undefined);
  return bores.length > 0 ? Math.max(...bores) : null;
}

/**
 * Shafts that nobody entered, and that could not last were they as good as they can be: as thick as their bores, smooth, of C45, their wheels right beside a bearing. Of
 * others nothing is said.
 * @param acts what acts on each shaft of the line at least
 */
export function tooThin({ shafts }: Pick<Build, 'shafts'>, line: Line, acts: readonly ActsOnShaft[]): Check[] {
  return line.stations.flatMap((station, k): Check[] => {
    const [act, d] = [acts[k], boreAt(line, k)];
    // That of the source is the source's own.
    if (k === 0 || d === null || act?.is !== 'rotary' || shafts.some(({ id }) => id === station.shaft)) return [];
    const least = (figure: (typeof act)['torque']) => (figure.known ? Math.abs(lowEnd(figure)) : 0);
    const pull = Math.max(0, ...act.wheels.map((wheel) => least(wheel.pull)));
    const W = (Math.PI * d ** 3) / 32;
    const [bending, shear] = [(pull * nearest_mm) / W, (1000 * least(act.torque)) / (2 * W)];
    const times = goodman({ bending, shear, steady: 0, pulsing: 0, Kf: 1, Kfs: 1 }, enduranceOf(metals.c45, d), metals.c45.Sut_MPa);
    if (times >= 1) return [];
    const name = shaftName(station.name);
    const id = `${line.id}/${station.id}/check-too-thin`;
    const says = sentence(
      'whether the {shaft} lasts is not known yet: as thick as its bores, {bore}, it would crack with {torque} and a pull of {pull}; enter it under Shafts',
      {
        shaft: name,
        bore: { value: d, unit: 'mm' as const },
        torque: act.torque,
        pull: { value: pull, unit: 'N' as const },
      },
    );
    return [
      {
        id,
        at: `${line.id}/${line.stages[k - 1]?.id ?? 'work'}`,
        verdict: 'unknown',
        name: sentence('the {shaft}', { shaft: name }),
        has: unknown('MPa', []),
        needs: unknown('MPa', []),
        margin: null,
        says: { ...says, verdict: 'unknown' },
        source: 'Distortion energy with Goodman’s line, at its best',
      },
    ];
  });
}
