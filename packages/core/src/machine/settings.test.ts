import { beforeAll, describe, expect, it } from 'vitest';
import { afterTyping } from '../../test/crusher.js';
import { tried } from '../../test/tried.js';
import type { Check } from '../checks/check.js';
import { typedStages, withStages } from '../finder/as-build.js';
import { search } from '../finder/find.js';
import { requestFor } from '../finder/from-build.js';
import type { Kinds } from '../kinds/registry.js';
import { evaluateBuild } from '../procedures/evaluate-build.js';
import { findDrives } from '../procedures/find-drives.js';
import { headlineOf } from '../procedures/headline.js';
import { kindsToFind } from '../procedures/jobs.js';
import { say, wordingFor } from '../wording/wording.js';
import type { Build, Line, Setting } from './build.js';
import { inSetting, withoutSetting, withSettings } from './settings.js';

const motor = { speed_rpm: 1425, power_W: 370, starts: 2, shaft_mm: 14 };
const spindle = { speed_rpm: [540, 620] as const, torque_Nm: 1.3, start_Nm: 1, shock: 'light' as const, shaft_mm: 16 };
const speeds = {
  'finder/stages': '1',
  'finder/speed1': '540 to 620',
  'finder/speed2': '1700 to 1950 rpm',
  'finder/speed3': '980 to 1100',
  'finder/motorShaft': '14 mm',
};
const drill = (): Build => tried({ source: motor, work: spindle }, speeds);

describe('settings of a line', () => {
  let kinds: Kinds;
  beforeAll(async () => {
    kinds = await kindsToFind(drill());
  });
  const stepped = (): Build => {
    const asked = requestFor(drill(), kinds, drill().lines[0] as Build['lines'][number], []);
    if (!asked.ok) throw new Error('no drive can be looked for');
    const [first] = search(asked.request).best;
    if (!first) throw new Error('nothing is found');
    return withStages(drill(), 'main', typedStages(first.drive));
  };

  it('come of a drive of several speeds: the slowest is what is entered, each faster one a setting, slowest first', () => {
    const [line] = stepped().lines;
    expect(line?.settings).toHaveLength(2);
    const evaluated = evaluateBuild(stepped(), kinds).lines[0];
    const tool = evaluated?.stations.at(-1)?.flow;
    const each = [tool, ...(evaluated?.settings ?? []).map(({ speed }) => speed)].map((speed) => (speed?.known ? speed.value : 0));
    // At work a motor turns a little faster than at full load.
    [
      [540, 620],
      [980, 1100],
      [1700, 1950],
    ].forEach(([low = 0, high = 0], k) => {
      expect(each[k]).toBeGreaterThan(0.98 * low);
      expect(each[k]).toBeLessThan(1.05 * high);
    });
    expect(evaluated?.settings?.map(({ name }) => name)).toEqual(['second speed', 'third speed']);
  });

  it('are each worked out as if it were what is entered, and what is worse in one is told with its name', () => {
    const slow = afterTyping(stepped(), { 'main/work/torque': '2.6 N·m' });
    const [line] = slow.lines as [Build['lines'][number]];
    const [evaluated] = evaluateBuild(slow, kinds).lines;
    for (const setting of line.settings ?? []) {
      const alone = evaluateBuild(inSetting(slow, 'main', setting), kinds).lines[0];
      const there = evaluated?.settings?.find(({ id }) => id === setting.id);
      expect([there?.verdict, there?.says]).toEqual([alone?.verdict, alone?.says]);
    }
    // Three times the speed leaves a third of the torque.
    expect(evaluated?.alone?.some(({ verdict }) => verdict === 'fails')).toBe(false);
    expect(evaluated?.verdict).toBe('fails');
    const worst = evaluated?.ledger[0];
    expect(worst?.says.template).toBe('in setting “{setting}”: {says}');
    const told = (ledger: readonly Check[] | undefined) => ledger?.map(({ id, verdict, margin }) => ({ id, verdict, margin }));
    expect(told(evaluated?.alone)).toEqual(told(evaluateBuild(withSettings(slow, 'main', []), kinds).lines[0]?.ledger));
    const wording = wordingFor(slow);
    expect(say(headlineOf(slow, evaluateBuild(slow, kinds)), wording)).toMatch(/^In “third speed” the motor is too weak/);
  });

  it('of a stage that is gone change nothing, and the last one that is taken out leaves no list', () => {
    const build = withSettings(drill(), 'main', [{ name: 'fast', inputs: { 'belt-9/driver': { text: '90 mm', how: 'chosen' } } }]);
    const [setting] = (build.lines[0] as Line).settings as [Setting];
    expect(inSetting(build, 'main', setting)).toEqual(drill());
    expect(withoutSetting(build, 'main', setting.id)).toEqual(drill());
    expect(() => inSetting(build, 'other', { inputs: {} })).toThrow(RangeError);
  });

  it('another drive in its place takes them with it', () => {
    const again = withStages(stepped(), 'main', [{ kind: 'v-belt', entries: { section: 'A', driver: '90 mm', driven: '224 mm' } }]);
    expect(again.lines[0]?.settings).toBeUndefined();
  });

  it('are what the finder proposes, with each speed and whether it holds there', () => {
    const { proposals, says } = findDrives({ build: drill(), line: 'main', own: [], units: 'metric' }, kinds);
    const [best] = proposals;
    expect(best?.speeds).toHaveLength(3);
    expect(best?.verdict).not.toBe('fails');
    expect(best?.notes.some((note) => note.startsWith('One belt on all steps'))).toBe(true);
    expect(says).toMatch(/at [\d,]+.rpm, [\d,]+.rpm and [\d,]+.rpm/);
    const none = findDrives({ build: afterTyping(drill(), { 'finder/vBelts': 'no' }), line: 'main', own: [], units: 'metric' }, kinds);
    expect(none.proposals).toEqual([]);
    expect(none.says).toContain('V-belts are not allowed');
  });
});
