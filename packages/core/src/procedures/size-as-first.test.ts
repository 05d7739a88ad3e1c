import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { loadKinds } from '../kinds/registry.js';
import { withStageAdded } from '../machine/reshape.js';
import { withSettings } from '../machine/settings.js';
import { wordingFor } from '../wording/wording.js';
import { evaluateBuild } from './evaluate-build.js';
import { sizeAsFirst } from './size-as-first.js';

const kinds = await loadKinds();
const limited = (typed: Record<string, string>) =>
  afterTyping(
    withStageAdded(crusher(), 'main', 1, 'torque-limiter'),
    Object.fromEntries(Object.entries(typed).map(([name, text]) => [`main/torque-limiter/${name}`, text])),
  );
const sized = (build: ReturnType<typeof crusher>) => sizeAsFirst(build, evaluateBuild(build, kinds), 'main/torque-limiter', wordingFor(build));
const ends = (build: ReturnType<typeof crusher>, at: (id: string) => boolean) =>
  (evaluateBuild(build, kinds).lines[0]?.jam.rungs ?? []).flatMap(({ id, atTool }) => (at(id) && atTool.known ? [atTool] : []));

describe.each([
  ['a shear pin', { type: 'shear-pin', material: 'mild', pin: '8 mm', radius: '20 mm' }, 'pin', 'mm'],
  ['a slip clutch', { type: 'slip-clutch', springs: '9 kN', mean: '45 mm' }, 'springs', 'N'],
])('%s sized on purpose', (_, typed, field, unit) => {
  it('releases, at its strongest, a fifth under the weakest of what breaks, and hardly less', () => {
    const size = sized(limited(typed));
    if ('because' in size) throw new Error(size.because);
    expect(size.path).toBe(`main/torque-limiter/${field}`);
    expect(size.text).toMatch(new RegExp(` ${unit}$`));
    const after = limited({ ...typed, [field]: size.text });
    const [own] = ends(after, (id) => id.endsWith('/limiter'));
    const weakest = Math.min(...ends(after, (id) => id.endsWith('-hub')).map(({ low, value }) => low ?? value));
    const most = own?.high ?? Number.NaN;
    expect(most).toBeLessThanOrEqual(0.8 * weakest);
    expect(most).toBeGreaterThan(0.6 * weakest);
  });
});

it('without a size, or with nothing known to break, it says what is missing', () => {
  expect(sized(limited({ type: 'shear-pin', material: 'mild', radius: '20 mm' }))).toMatchObject({
    because: expect.stringMatching(/^Enter .* first: the new one/),
  });
  const bare = afterTyping(limited({ type: 'shear-pin', material: 'mild', pin: '8 mm', radius: '20 mm' }), {
    'main/belt/driverFixing': '?',
    'main/belt/drivenFixing': '?',
  });
  expect(sized(bare)).toMatchObject({ because: expect.stringContaining('enter the hub fixings') });
});

describe('the tension of a belt, set on purpose', () => {
  /** The motor’s own pulley is held by a small set screw: what a jam loosens first. */
  const screwed = (typed: Readonly<Record<string, string>> = {}) =>
    afterTyping(crusher(), { 'main/belt/driverFixing': 'set-screws', 'main/belt/driverScrew': 'M6', 'main/belt/tension': '200 N', ...typed });
  const tensioned = (build: ReturnType<typeof crusher>) => sizeAsFirst(build, evaluateBuild(build, kinds), 'main/belt', wordingFor(build));

  it('slips, at its tightest grip, a fifth under the hub before it; the hub behind it is told as not protected', () => {
    const size = tensioned(screwed());
    if ('because' in size) throw new Error(size.because);
    expect(size).toMatchObject({ path: 'main/belt/tension', text: expect.stringMatching(/^\d+ N$/) });
    expect(size.says).toMatch(/^It releases at its strongest a fifth under the .*driving pulley.* Not protected, since behind it: .*driven pulley/);
    const after = screwed({ 'main/belt/tension': size.text });
    const [slips] = ends(after, (id) => id.endsWith('/slip'));
    const [hub] = ends(after, (id) => id === 'main/belt/driver-hub');
    const share = (slips?.high ?? Number.NaN) / (hub?.low ?? hub?.value ?? Number.NaN);
    // Its own run round the pulleys takes the same of any tension, so that it lands a little lower.
    expect(share).toBeGreaterThan(0.6);
    expect(share).toBeLessThanOrEqual(0.8);
  });

  it('is not set so that it would slip at work: then it says at what it would, and what the work needs', () => {
    const weak = tensioned(screwed({ 'main/belt/driverScrew': 'M4', 'main/work/torque': '14 N·m' }));
    expect(weak).toMatchObject({ because: expect.stringMatching(/sized a fifth under that it would release at .*, and the work needs 14.N·m/) });
  });

  it('protects nothing behind it: with no hub known before it, that is said', () => {
    const only = tensioned(screwed({ 'main/belt/driverFixing': '?' }));
    expect(only).toMatchObject({ because: expect.stringMatching(/^Only what lies behind it is known to break, and that it does not protect: /) });
  });
});

it('over several settings it is the first in each: the one in which what breaks is weakest decides', () => {
  // A belt behind the pin on another step: what breaks before it is reached sooner at the tool.
  const typed = { type: 'shear-pin', material: 'mild', pin: '8 mm', radius: '20 mm' };
  const withStep = (pin: string) =>
    withSettings(limited({ ...typed, pin }), 'main', [
      {
        name: 'fast',
        inputs: {
          'belt/driver': { text: '125 mm', value: 125, unit: 'mm', how: 'chosen' },
          'belt/driven': { text: '150 mm', value: 150, unit: 'mm', how: 'chosen' },
        },
      },
    ]);
  const size = sized(withStep('8 mm'));
  if ('because' in size) throw new Error(size.because);
  const alone = sized(limited(typed));
  if ('because' in alone) throw new Error(alone.because);
  expect(size.says).toContain('in setting “fast”');
  expect(Number.parseFloat(size.text)).toBeLessThan(Number.parseFloat(alone.text));
  const [after] = evaluateBuild(withStep(size.text), kinds).lines;
  for (const { rungs } of [after?.jam, ...(after?.settings ?? []).map(({ jam }) => jam)].flatMap((jam) => jam ?? [])) {
    const [own] = rungs.filter(({ id }) => id.endsWith('/limiter'));
    const most = own?.atTool.known ? (own.atTool.high ?? own.atTool.value) : Number.NaN;
    const before = rungs.filter(({ harm, along, atTool }) => harm === 'breaking' && atTool.known && along < (own?.along ?? 0));
    expect(before.length).toBeGreaterThan(0);
    for (const { atTool } of before) expect(most).toBeLessThanOrEqual(0.81 * (atTool.known ? (atTool.low ?? atTool.value) : 0));
  }
});
