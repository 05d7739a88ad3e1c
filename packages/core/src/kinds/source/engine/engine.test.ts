import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import { proves } from '../../../../test/reference.js';
import { type ToldBuild, told } from '../../../../test/told.js';
import type { Known } from '../../../figure/figure.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { withKind } from '../../../machine/reshape.js';
import { loadKinds } from '../../registry.js';

const kinds = await loadKinds();
const typed = (fields: Record<string, string>) => {
  const entries = { power: '6.5 hp', speed: '3600', ...fields };
  return told(
    afterTyping(
      withKind(crusher(), 'main/source', 'engine'),
      Object.fromEntries(Object.entries(entries).map(([name, text]) => [`main/source/${name}`, text])),
    ),
    kinds,
  );
};
const value = (evaluation: ToldBuild, name: string) => evaluation.lines[0]?.figures.get('main/source')?.get(name) as Known;

proves('drives', 'power-torque-03', ({ given }) => ({ T: shaftTorque.compute({ P: given('P'), n: given('n') }) }));

describe('an engine in the motor’s place', () => {
  // By hand: 6.5 hp at 3600 rpm is 9.483 lbf·ft, 12.86 N·m; at 610 m two times 3.5 % are gone, 11.96.
  it('has its rated torque, less in thin air', () => {
    expect(value(typed({}), 'torque').value).toBeCloseTo(12.86, 2);
    expect(value(typed({ altitude: '610 m' }), 'torque').value).toBeCloseTo(12.86 * 0.93, 2);
  });

  it('cannot be started against the work without a clutch, and can with one', () => {
    const starts = (clutch: string, letsOff = '?') =>
      typed({ clutch, letsOff }).checks.find((each) => /^main.source.check-(starts|unloaded)$/.test(each.id))?.verdict;
    expect([starts('none', 'nothing'), starts('centrifugal'), starts('?')]).toEqual(['fails', 'holds', 'unknown']);
    // Whether the work can be let off is asked for: an idler or a valve is as good as a clutch.
    expect([starts('none'), starts('none', 'idler'), starts('none', 'valve')]).toEqual(['unknown', 'holds', 'holds']);
    expect(value(typed({ clutch: 'centrifugal' }), 'settles-at').value).toBeGreaterThan(0);
  });

  it('turns everything as fast as its governor lets it, and stalls in a jam', () => {
    expect(value(typed({ governed: '3800' }), 'highest-speed').value).toBe(3800);
    expect(value(typed({}), 'highest-speed')).toMatchObject({ low: 1.03 * 3600, high: 1.1 * 3600 });
    expect(typed({ clutch: 'centrifugal', governed: '3800' }).lines[0]?.jam.rungs.map((rung) => rung.short)).toContain('engine stalls');
    expect(typed({}).cautions.join(' ')).toContain('exhaust kills');
  });
});
