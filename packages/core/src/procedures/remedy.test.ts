import { readdirSync, readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { buildOf, knownMachines } from '../../test/known-machines.js';
import { rankOf } from '../checks/verdict.js';
import type { StageKind } from '../kinds/kind.js';
import { loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { elementsOf, placesOf, withInput } from '../machine/paths.js';
import { wordingFor } from '../wording/wording.js';
import { evaluateBuild } from './evaluate-build.js';
import { openElement } from './opened.js';
import { remedySteps, withEntries } from './remedy.js';
import { atOnce } from './steps.js';
import { waysOutSteps } from './ways-out.js';

const kinds = await loadKinds();
const folder = resolve(import.meta.dirname, '../../../../demo');
const demos = readdirSync(folder).map((name) => JSON.parse(readFileSync(resolve(folder, name), 'utf8')) as Build);
const remedyOf = (build: Build) => atOnce(remedySteps(build, kinds, evaluateBuild(build, kinds), wordingFor(build)));

describe('what would do, as changes to take', () => {
  it('is entered as it would be typed, and then does what was said', () => {
    const weak = afterTyping(crusher(), { 'main/source/power': '1/4 hp' });
    const { says, cures } = remedyOf(weak);
    // 1/4 hp is 186 W; the work needs 8 N·m at 430 rpm, 360 W, and the belt's losses: the next size of motor that leaves a fifth is 0.55 kW.
    expect(says).toMatch(/^A 0\.55 kW motor would do, with reserve \d+ %/);
    const [cure] = cures;
    expect(cure?.says).toBe('A 0.55 kW motor');
    const cured = withEntries(weak, cure?.entries ?? []);
    expect(cured?.lines[0]?.source.inputs.power).toMatchObject({ text: '0.55 kW', value: 550, how: 'chosen' });
    expect(cured && evaluateBuild(cured, kinds).lines[0]?.checks[0]?.verdict).toBe('holds');
  });

  it.each([...demos.map((build) => [build.name, build] as const), ...knownMachines.map((machine) => [machine.title, buildOf(machine)] as const)])(
    '%s: what can be taken is said, leaves the build no worse, and fewer checks failing or close',
    (_, build) => {
      const { says, cures } = remedyOf(build);
      const before = evaluateBuild(build, kinds);
      const bad = ({ checks }: typeof before) => checks.filter(({ verdict }) => verdict === 'fails' || verdict === 'close').length;
      for (const cure of cures) {
        const cured = withEntries(build, cure.entries);
        const after = cured && evaluateBuild(cured, kinds);
        expect(says.toLowerCase()).toContain(cure.says.toLowerCase());
        expect(after && rankOf[after.verdict]).toBeLessThanOrEqual(rankOf[before.verdict]);
        expect(after && bad(after)).toBeLessThanOrEqual(bad(before));
      }
    },
  );

  it('that names a field which is gone is nothing', () => {
    expect(withEntries(crusher(), [['main/gone/driver', '80 mm']])).toBeNull();
  });
});

describe('what would do against one check alone', () => {
  let offered = 0;
  it.each(demos.map((build) => [build.name, build] as const))(
    '%s: each change that is offered mends its check, and breaks nothing that held',
    (_, build) => {
      const now = evaluateBuild(build, kinds);
      const waysOut = atOnce(waysOutSteps(build, kinds, now, wordingFor(build), 6));
      for (const [id, way] of Object.entries(waysOut)) {
        offered += 1;
        const before = now.checks.find((check) => check.id === id);
        expect(before?.verdict).toMatch(/^(fails|close)$/);
        if (!('cure' in way)) {
          expect(placesOf(build).some(({ path }) => path === way.look)).toBe(true);
          continue;
        }
        const cured = withEntries(build, way.cure.entries);
        const after = cured && evaluateBuild(cured, kinds);
        const check = after?.checks.find((each) => each.id === id);
        expect(check && before && rankOf[check.verdict]).toBeLessThan(before ? rankOf[before.verdict] : 0);
        const failed = ({ checks }: typeof now) => checks.flatMap(({ id: of, verdict }) => (verdict === 'fails' ? [of] : []));
        expect(after && failed(after).filter((of) => !failed(now).includes(of))).toEqual([]);
      }
    },
  );

  it('is offered in some of the demos', () => {
    expect(offered).toBeGreaterThan(2);
  });

  it('a key in place of a set screw has a length of one and a half bores where none is entered', () => {
    // 1.5 times 30 mm is 45 mm; a length that is entered stays.
    const screwed = { 'main/belt/drivenFixing': 'set-screws', 'main/belt/drivenBore': '30 mm' };
    const keyOf = (build: Build) => {
      const { inputs, kind } = openElement(elementsOf(build.lines[0] as Build['lines'][number])[2] as ReturnType<typeof elementsOf>[number], kinds);
      return (kind as StageKind).candidates?.(inputs as never, () => undefined).find(({ field }) => field === 'drivenFixing');
    };
    const bare = withInput(afterTyping(crusher(), screwed), 'main/belt/drivenLength', undefined);
    expect(keyOf(bare)).toMatchObject({ text: 'key', cures: 'check-driven-hub', with: { drivenLength: '45 mm' } });
    expect(keyOf(afterTyping(crusher(), { ...screwed, 'main/belt/drivenLength': '20 mm' }))).not.toHaveProperty('with');
  });
});
