import { beforeAll, describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { type Kinds, loadKinds } from '../kinds/registry.js';
import { evaluateBuild } from '../procedures/evaluate-build.js';
import { shaftCuresSteps } from '../procedures/shafts/shaft-cures.js';
import { atOnce } from '../procedures/steps.js';
import type { LaidShaft } from '../shafts/laid-shaft.js';
import { withShaftBegun } from './begin-shaft.js';
import type { Build } from './build.js';
import { withShaftAs } from './cure-shaft.js';

/** The roll of the crusher on a bar that is too thin, its pulley far out. */
function thin(typed: Readonly<Record<string, string>> = {}): Build {
  return afterTyping(withShaftBegun(crusher(), 'main', 'roll'), {
    'main/belt/drivenBore': '12 mm',
    '@shafts/roll/@sections/bar/diameter': '12 mm',
    '@shafts/roll/@sections/bar/metal': 'bright',
    '@shafts/roll/@seats/belt-out/at': '10 mm',
    '@shafts/roll/@seats/belt-out/cut': 'end-milled',
    '@shafts/roll/@bearings/b1/at': '120 mm',
    '@forces/roll-tool/force': '300 N',
    ...typed,
  });
}

describe('a cure of a shaft that is taken', () => {
  let kinds: Kinds;
  beforeAll(async () => {
    kinds = await loadKinds();
  });
  const shaftOf = (build: Build) => {
    const [shaft] = evaluateBuild(build, kinds).lines[0]?.shafts ?? [];
    if (!shaft?.laid) throw new Error('there is none');
    return { ...shaft, laid: shaft.laid };
  };
  /** What does not move when numbers are typed to the tenth of a millimetre. */
  const rounded = ({ sections, bearings, loads, metal }: LaidShaft) => ({
    metal: metal.label,
    sections: sections.map(({ shape, size_mm, length_mm }) => [shape, Math.round(size_mm), Math.round(length_mm)]),
    bearings: bearings.map(({ at_mm }) => Math.round(at_mm)).sort((a, b) => a - b),
    loads: loads.flatMap(({ path, at_mm }) => (path ? [[path, Math.round(at_mm)]] : [])),
  });

  it('makes the shaft lie as it was tried, whichever it is: places, bearings, steel, thickness, ways of keys', () => {
    const build = thin();
    const { laid, how, speed_rpm } = shaftOf(build);
    const cures = atOnce(shaftCuresSteps({ laid, how, speed_rpm }));
    expect(cures.length).toBeGreaterThan(3);
    for (const cure of cures) {
      const then = withShaftAs(build, 'roll', laid, cure.laid);
      if (!then) throw new Error(`not taken: ${cure.says}`);
      expect(rounded(shaftOf(then).laid), cure.says).toEqual(rounded(cure.laid));
      expect(then.shafts).toHaveLength(1);
    }
  });

  it('bores out the wheel with the shaft, and leaves a bore that was another alone', () => {
    const build = thin();
    const { laid } = shaftOf(build);
    const thicker = { ...laid, sections: laid.sections.map((section) => ({ ...section, size_mm: 20 })) };
    expect(withShaftAs(build, 'roll', laid, thicker)?.lines[0]?.stages[0]?.inputs.drivenBore).toMatchObject({ value: 20, how: 'chosen' });
    const other = thin({ 'main/belt/drivenBore': '15 mm' });
    expect(withShaftAs(other, 'roll', laid, thicker)?.lines[0]?.stages[0]?.inputs.drivenBore?.value).toBe(15);
  });

  it('cuts ways that run out, or none, as the wheel says', () => {
    const build = thin();
    const { laid } = shaftOf(build);
    const ways = laid.notches.filter(({ isKeyway }) => isKeyway);
    expect(ways).toHaveLength(1);
    const sled = { ...laid, notches: laid.notches.map((notch) => (notch.isKeyway ? { ...notch, Kf: 1.7 } : notch)) };
    expect(withShaftAs(build, 'roll', laid, sled)?.shafts[0]?.seats[0]?.inputs.cut?.text).toBe('sled');
    const none = { ...laid, notches: laid.notches.filter(({ isKeyway }) => !isKeyway) };
    expect(withShaftAs(build, 'roll', laid, none)?.shafts[0]?.seats[0]?.inputs.cut?.text).toBe('nothing');
  });

  it('is nothing where nothing changes, where a belt would pull the other way, and of a shaft that is not there', () => {
    const build = thin();
    const { laid } = shaftOf(build);
    expect(withShaftAs(build, 'roll', laid, laid)).toBeNull();
    const turned = { ...laid, loads: laid.loads.map((load) => ({ ...load, force_N: [-load.force_N[0], -load.force_N[1]] as const })) };
    expect(withShaftAs(build, 'roll', laid, turned)).toBeNull();
    expect(withShaftAs(build, 'gone', laid, turned)).toBeNull();
  });
});
