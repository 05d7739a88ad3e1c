import { describe, expect, it } from 'vitest';
import { flag, known, unknown } from '../figure/figure.js';
import { hold, type Labels, worstVerdict } from './check.js';

const called = (name: (path: string) => string): Labels => Object.assign(name, { units: 'metric' as const });

const torque = (value: number, range?: readonly [number, number], flags = 0) => known('N·m', value, { by: 'given', field: 'f' }, range, flags);
const held = (has: ReturnType<typeof torque>, needs: ReturnType<typeof torque>) =>
  hold({
    id: 'c',
    at: 'main/work',
    subject: 'The work',
    has,
    needs,
    says: ({ has: a, needs: b }) => `${a} against ${b}`,
    source: 's',
    label: called((path) => path),
  });

describe('a verdict', () => {
  it.each([
    [10, 7, 'holds', 0.3, '10 N·m against 7 N·m.'],
    [10, 8, 'holds', 0.2, '10 N·m against 8 N·m.'],
    [10, 8.01, 'close', 0.199, '10 N·m against 8.01 N·m.'],
    [10, 10, 'close', 0, '10 N·m against 10 N·m.'],
    [10, 10.1, 'gives', -0.01, '10 N·m against 10.1 N·m.'],
    [10, 0, 'holds', 1, '10 N·m against 0 N·m.'],
    // A limit that is used up, or more than that, holds nothing.
    [0, 5, 'gives', -2, '0 N·m against 5 N·m.'],
    [-20, 5, 'gives', -2.25, '−20 N·m against 5 N·m.'],
    [0, 0, 'close', 0, '0 N·m against 0 N·m.'],
  ] as const)('of %d with %d asked is %s', (has, needs, verdict, left, says) => {
    const check = held(torque(has), torque(needs));
    expect(check).toMatchObject({ verdict, says });
    expect(check.margin?.worst).toBeCloseTo(left, 6);
  });

  it('takes the ends that hurt', () => {
    const check = held(torque(10, [8, 12]), torque(8, [7, 9]));
    expect(check.verdict).toBe('gives');
    expect(check.margin).toEqual({ worst: 1 - 9 / 8, likely: 1 - 8 / 10, best: 1 - 7 / 12 });
  });

  it('is at best close when it rests on a guess or on a formula outside its range', () => {
    expect(held(torque(100), torque(1, undefined, flag.guessed)).verdict).toBe('close');
    expect(held(torque(100, undefined, flag.outsideValid), torque(1)).verdict).toBe('close');
  });

  it('is unknown without a figure, and names what would settle it', () => {
    const check = hold({
      id: 'c',
      at: 'a',
      subject: 'The work',
      has: torque(1),
      needs: unknown('N·m', ['x', 'y']),
      says: () => '',
      source: '',
      label: called((path) => `the ${path}`),
    });
    expect(check).toMatchObject({ verdict: 'unknown', margin: null, says: 'The work is not known yet: enter the x and the y.' });
  });

  it('is unknown with the reason when nothing is missing but nothing can be said', () => {
    const check = hold({
      id: 'c',
      at: 'a',
      subject: 'Wrap',
      has: unknown('rad', [], 'the pulleys overlap'),
      needs: known('rad', 2, { by: 'limit', source: '' }),
      says: () => '',
      source: '',
      label: called((path) => path),
    });
    expect(check.says).toBe('Wrap is not known yet: the pulleys overlap.');
  });
});

it('overall is the worst; nothing to judge is unknown', () => {
  expect(worstVerdict([])).toBe('unknown');
  expect(worstVerdict([{ verdict: 'holds' }, { verdict: 'close' }])).toBe('close');
  expect(worstVerdict([{ verdict: 'gives' }, { verdict: 'unknown' }])).toBe('gives');
  expect(worstVerdict([{ verdict: 'unknown' }, { verdict: 'close' }])).toBe('unknown');
});
