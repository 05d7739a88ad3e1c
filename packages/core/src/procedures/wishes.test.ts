import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { told } from '../../test/told.js';
import { loadKinds } from '../kinds/registry.js';
import { describeChange } from '../machine/describe-change.js';
import { withKind } from '../machine/reshape.js';

const kinds = await loadKinds();
const wished = (typed: Record<string, string>) => {
  const build = afterTyping(crusher(), Object.fromEntries(Object.entries(typed).map(([name, text]) => [`wishes/${name}`, text])));
  return told(build, kinds).checks.filter(({ at }) => at === 'wishes');
};
const verdicts = (typed: Record<string, string>) => wished(typed).map(({ verdict }) => verdict);

describe('a wish', () => {
  it('is no check until it is entered', () => {
    expect(wished({})).toEqual([]);
  });

  // The crusher's roll turns at 1425 / 3.333 × 0.99 = 423 rpm, 418.95 to 425.4 with the slip that is usual.
  it('of a speed is held against the tool, and met is met however closely', () => {
    expect(verdicts({ leastSpeed: '400 rpm' })).toEqual(['holds']);
    expect(verdicts({ mostSpeed: '430 rpm' })).toEqual(['holds']);
    expect(verdicts({ mostSpeed: '400 rpm' })).toEqual(['fails']);
    expect(verdicts({ leastSpeed: '8 rev/s' })).toEqual(['fails']);
  });

  // Wheels of 75 and 250 mm, 420 mm apart: 420 + 37.5 + 125 long, 250 high.
  it('of a size is held against the drawing', () => {
    expect(verdicts({ mostLength: '583 mm' })).toEqual(['holds']);
    expect(verdicts({ mostLength: '582 mm' })).toEqual(['fails']);
    expect(verdicts({ mostHeight: '25 cm' })).toEqual(['holds']);
    const [check] = told(afterTyping(withKind(crusher(), 'main/belt', 'coupling'), { 'wishes/mostLength': '1 m' }), kinds).checks.filter(
      ({ at }) => at === 'wishes',
    );
    expect(check?.verdict).toBe('unknown');
  });

  it('of room is held against every line, of the tool against that of the first', () => {
    const one = afterTyping(crusher(), { 'wishes/mostLength': '583 mm', 'wishes/mostSpeed': '430 rpm' });
    const two = { ...one, lines: [...one.lines, ...one.lines.map((line) => ({ ...line, id: 'fan', name: 'fan' }))] };
    const longer = afterTyping(two, { 'fan/belt/centres': '500 mm', 'fan/belt/driven': '100 mm' });
    const { checks } = told(longer, kinds);
    expect(checks.filter(({ at }) => at === 'wishes').map(({ id, verdict }) => [id, verdict])).toEqual([
      ['wishes/check-mostLength-fan', 'fails'],
      ['wishes/check-mostLength', 'holds'],
      ['wishes/check-mostSpeed', 'holds'],
    ]);
    expect(checks.find(({ id }) => id.endsWith('-fan'))?.says).toMatch(/^fan: the drive has a length of/i);
  });

  it('of weight, cost or noise waits for what only the person can tell', () => {
    expect(wished({ mostMass: '40 kg' })[0]?.says).toContain('as wished, is not known yet: enter weight as built');
    expect(verdicts({ mostMass: '40 kg', mass: '86 lb' })).toEqual(['holds']);
    expect(verdicts({ mostCost: '150', cost: '180 €' })).toEqual(['fails']);
    // A guess that holds at both of its ends holds, and one that does not is to be looked at.
    expect(verdicts({ mostNoise: '85 dB(A)', noise: '70 to 84' })).toEqual(['holds']);
    expect(verdicts({ mostNoise: '85 dB(A)', noise: '70 to 90' })).toEqual(['unknown']);
    expect(wished({ mostNoise: '85', noise: '90 dB' })[0]?.says).toBe('Its sound level is 90 dB(A); at most 85 dB(A) is wished.');
  });

  it('and the supply are told of in the history like any other entry', () => {
    const after = afterTyping(crusher(), { 'supply/voltage': '225 V', 'wishes/mostMass': '40 kg' });
    expect(describeChange(crusher(), after)).toEqual(['Voltage of the supply 230 V → 225 V', 'Weight at most not known → 40 kg']);
  });
});
