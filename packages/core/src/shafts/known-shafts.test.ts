import { describe, expect, it } from 'vitest';
import { knownShafts, laidOf, runsOf } from '../../test/known-shafts.js';
import { type Bent, bent } from './bent.js';
import { type Across, faultsOf, type LaidShaft } from './laid-shaft.js';
import { enduranceOf } from './metals.js';
import { stressed } from './stressed.js';
import { whirls } from './whirl.js';

const size = ([right, up]: Across): number => Math.hypot(right, up);
const at = ({ at_mm }: Bent, place: number): number => at_mm.findIndex((each) => Math.abs(each - place) < 1e-6);
const greatest = (all: readonly number[]): number => all.reduce((best, each, k) => (each > (all[best] as number) ? k : best), 0);

/** A figure of the file by its name; not one of a bearing’s life, of a hub or of heat, which are not worked out of a shaft. */
function figureOf(name: string, shaft: LaidShaft, runs: ReturnType<typeof runsOf>): number | null {
  const [of = '', which = ''] = name.split('/');
  const is = bent(shaft) as Bent;
  const moments = is.moment_Nm.map((moment, k) => size(moment) + (is.turning_Nm[k] as number));
  const place = [...shaft.loads, ...shaft.bearings].find(({ id }) => id === which || id === `${which}-weight`)?.at_mm ?? 0;
  if (of === 'reaction') return size(is.reactions_N[shaft.bearings.findIndex(({ id }) => id === which)] as Across);
  if (name === 'moment/greatest') return Math.max(...moments);
  if (name === 'moment/at') return is.at_mm[greatest(moments)] as number;
  if (name === 'torque/greatest') return Math.max(...is.torque_Nm.map(Math.abs));
  if (name === 'deflection/greatest') return Math.max(...is.deflection_mm.map(size));
  if (of === 'deflection') return size(is.deflection_mm[at(is, place)] as Across);
  if (of === 'slope') return size(is.slope_rad[at(is, place)] as Across);
  if (name === 'whirl/first') return whirls(shaft, 1)[0]?.speed_rpm ?? Number.NaN;
  if (name === 'twist') return Math.abs((is.twist_rad * 180) / Math.PI);
  const places = stressed(shaft, runs);
  if (name === 'reserve/static') return Math.min(...places.map(({ yields }) => yields));
  if (name === 'reserve/fatigue-goodman') return Math.min(...places.map(({ cracks }) => cracks));
  if (name === 'reserve/fatigue-code') return Math.min(...places.map(({ code }) => code));
  return null;
}

describe('shafts of the reference, as they lie (known-shafts.json)', () => {
  /** Of some the weight of a wheel, the way a belt pulls or a second bearing is not known: nobody could say. */
  const isWhole = (known: (typeof knownShafts)[number]) =>
    !known.shaft.loads.some(({ force = '', direction = '' }) => force.includes('not') || direction.includes('not'));
  const whole = knownShafts.filter((known) => isWhole(known) && faultsOf(laidOf(known)).length === 0);
  it('are read: all but those of which something is not known', () => {
    expect(whole.length).toBeGreaterThanOrEqual(30);
  });

  it.each(whole.map((known) => [known.id, known.title, known] as const))('%s: %s', (_, __, known) => {
    const shaft = laidOf(known);
    const off: string[] = [];
    // The file looks at what sits on a shaft; between two far bearings it is bent more where nothing sits.
    const isBetween = known.id === 'ks-bad-03';
    for (const [name, { v, tol_rel: share, tol_abs: apart }] of Object.entries(known.expect.figures)) {
      const is = figureOf(name, shaft, runsOf(known));
      if (is === null) continue;
      if (isBetween && name.startsWith('reserve')) {
        expect(is).toBeLessThan(v);
        continue;
      }
      const most = apart ?? (share ?? 0) * Math.abs(v);
      if (!(Math.abs(is - v) <= most)) off.push(`${name}: ${is.toPrecision(5)} for ${v} ± ${most.toPrecision(2)}`);
    }
    expect(off).toEqual([]);
  });
  it('are of metals as strong as an engineer takes them', () => {
    for (const {
      id,
      shaft,
      expect: { assumes },
    } of whole) {
      if (!assumes?.Sut) continue;
      const laid = laidOf({ shaft } as (typeof whole)[number]);
      const { metal } = laid;
      expect([id, metal.Sut_MPa, metal.Sy_MPa]).toEqual([id, assumes.Sut.v, assumes.Sy?.v]);
      // At one of its diameters: where it breaks.
      const lasting = laid.sections.map(({ size_mm }) => enduranceOf(metal, size_mm));
      expect(
        lasting.some((each) => Math.abs(each - (assumes.Se?.v ?? 0)) < 1),
        `${id}: ${lasting.join()} for ${assumes.Se?.v}`,
      ).toBe(true);
    }
  });
});
