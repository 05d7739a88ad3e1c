import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { loadKinds } from '../kinds/registry.js';
import { withStageAdded } from '../machine/reshape.js';
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
    because: expect.stringContaining('Enter a size first'),
  });
  const bare = afterTyping(limited({ type: 'shear-pin', material: 'mild', pin: '8 mm', radius: '20 mm' }), {
    'main/belt/driverFixing': '?',
    'main/belt/drivenFixing': '?',
  });
  expect(sized(bare)).toMatchObject({ because: expect.stringContaining('enter the hub fixings') });
});
