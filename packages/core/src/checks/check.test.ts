import { describe, expect, it } from 'vitest';
import { flag, known, unknown, unseen } from '../figure/figure.js';
import { say } from '../wording/wording.js';
import { hold } from './check.js';
import type { CheckOutput } from './check-output.js';
import { reserveBesideLikely, reserveOf, reserveWords } from './reserve.js';
import { verdictOf, worstVerdict } from './verdict.js';

const torque = (value: number, range?: readonly [number, number], flags = 0) => known('N·m', value, { by: 'given', field: 'f' }, range, flags);
const declared: CheckOutput = { name: 'the work', subject: 'the work', source: 's', says: '{has} against {needs} ({reserve})' };
const held = (has: ReturnType<typeof torque>, needs: ReturnType<typeof torque>, as: CheckOutput = declared) =>
  hold('c', 'main/work', as, { has, needs });
const metric = { units: 'metric', label: (path: string) => `the ${path}` } as const;

describe('a verdict', () => {
  it.each([
    [10, 7, 'holds', 0.3, '10 N·m against 7 N·m (reserve 30 %).'],
    [10, 8, 'holds', 0.2, '10 N·m against 8 N·m (reserve 20 %).'],
    // Rounded down: what is under a fifth does not read as a fifth.
    [10, 8.01, 'close', 0.199, '10 N·m against 8.01 N·m (reserve 19 %).'],
    [10, 10, 'close', 0, '10 N·m against 10 N·m (reserve 0 %).'],
    [10, 10.1, 'fails', -0.01, '10 N·m against 10.1 N·m (just overloaded).'],
    [10, 14, 'fails', -0.4, '10 N·m against 14 N·m (overloaded 1.4 times).'],
    [10, 0, 'holds', 1, '10 N·m against 0 N·m (reserve 100 %).'],
    // A limit that is used up, or more than that, holds nothing.
    [0, 5, 'fails', -99, '0 N·m against 5 N·m (overloaded).'],
    [-20, 5, 'fails', -99, '−20 N·m against 5 N·m (overloaded).'],
    [0, 0, 'close', 0, '0 N·m against 0 N·m (reserve 0 %).'],
  ] as const)('of %d with %d needed is %s', (has, needs, verdict, left, says) => {
    const check = held(torque(has), torque(needs));
    expect(check).toMatchObject({ verdict, says: { verdict } });
    expect(say(check.says, metric)).toBe(says);
    expect(says).toContain(`(${reserveOf(check)})`);
    expect(check.margin?.worst).toBeCloseTo(left, 6);
  });

  it('takes the ends that hurt', () => {
    const check = held(torque(10, [8, 12]), torque(8, [7, 9]));
    expect(check.verdict).toBe('close');
    expect(check.margin).toEqual({ worst: 1 - 9 / 8, likely: 1 - 8 / 10, best: 1 - 7 / 12 });
  });

  it('has a sentence of its own for what fails only if guesses turn out badly', () => {
    const says = { holds: 'it holds', close: 'it is close', may: 'it may fail', fails: 'it fails' };
    const told = (has: ReturnType<typeof torque>, needs: number) => say(held(has, torque(needs), { ...declared, says }).says, metric);
    expect([told(torque(10), 5), told(torque(10), 9), told(torque(10, [8, 12]), 9), told(torque(10), 12)]).toEqual([
      'It holds.',
      'It is close.',
      'It may fail.',
      'It fails.',
    ]);
    const short = { ...declared, says: { holds: 'it holds', fails: 'it fails' } };
    expect(say(held(torque(10), torque(9), short).says, metric)).toBe('It holds.');
    expect(say(held(torque(10, [8, 12]), torque(9), short).says, metric)).toBe('It fails.');
  });

  // What is there against 10 needed. Scatter: short at the likely it fails, short at the worst alone it may. Unseen: whether it is short hangs on looking.
  it.each([
    ['short even at the best ends', [4, 6, 9], 'fails', 'fails'],
    ['short at the likely', [4, 8, 12], 'fails', 'unknown'],
    ['short at the worst ends alone', [8, 12, 16], 'close', 'unknown'],
    ['a fifth not left at the worst ends', [11, 13, 16], 'close', 'close'],
    ['a fifth and more left at the worst ends', [13, 15, 18], 'holds', 'holds'],
  ] as const)('of what is %s', (_, [low, likely, high], scatter, unseen) => {
    expect(held(torque(likely, [low, high]), torque(10)).verdict).toBe(scatter);
    expect(held(torque(likely, [low, high], flag.unseen), torque(10)).verdict).toBe(unseen);
  });

  it('is not known only where looking may turn it: scatter that fails at all of what may be found fails', () => {
    const partly = (unseenLow: number, unseenHigh: number) => ({ ...torque(8, [4, 12], flag.unseen), unseenLow, unseenHigh });
    expect([held(partly(7, 9.5), torque(10)), held(partly(7, 11), torque(10))].map(({ verdict }) => verdict)).toEqual(['fails', 'unknown']);
    const mostly = (unseenLow: number) => ({ ...torque(13, [8, 16], flag.unseen), unseenLow, unseenHigh: 14 });
    expect([held(mostly(11), torque(10)), held(mostly(9), torque(10))].map(({ verdict }) => verdict)).toEqual(['close', 'unknown']);
  });

  it('names what nobody has looked at', () => {
    const check = hold('c', 'a', declared, { has: unseen('N·m', [5, 10, 20], 'x', 's'), needs: torque(8) });
    expect(check).toMatchObject({ verdict: 'unknown', unseen: ['x'] });
    expect(say(check.says, metric)).toBe('The work is not known yet: the limit is 5 to 20 N·m, the load 8 N·m; enter or measure the x.');
    expect(reserveOf(check)).toBe('');
  });

  // 10 against 8 is 1.25 times, against 4 at worst 2.5; what is short only at worst says so.
  it('tells of what is overloaded the likely, and how bad it may be', () => {
    expect(reserveOf(held(torque(8, [4, 12]), torque(10)))).toBe('overloaded 1.3 times, at worst 2.5');
    expect(reserveOf(held(torque(8, [7.9, 8.1]), torque(10)))).toBe('overloaded 1.3 times');
    expect(reserveOf(held(torque(12, [8, 16]), torque(10)))).toBe('at worst overloaded 1.3 times');
  });

  it('holds by estimate, and without a band only where half is left', () => {
    expect(held(torque(20, [15, 30], flag.estimated), torque(10))).toMatchObject({ verdict: 'holds', byEstimate: true });
    expect(held(torque(20, undefined, flag.estimated), torque(10))).toMatchObject({ verdict: 'holds', byEstimate: true });
    expect(held(torque(19, undefined, flag.estimated), torque(10)).verdict).toBe('close');
    expect(held(torque(20), torque(10))).not.toHaveProperty('byEstimate');
    expect([verdictOf({ verdict: 'holds', byEstimate: true }), verdictOf({ verdict: 'close' })]).toEqual(['holds, by estimate', 'close']);
  });

  it('is at best close outside the range of a formula, and says so', () => {
    const check = held(torque(100, undefined, flag.outsideValid), torque(1));
    expect(check.verdict).toBe('close');
    expect(say(check.says, metric)).toContain('outside the range in which it is good');
  });

  it('asks about entries that contradict each other instead of failing the machine', () => {
    const odd = held(torque(1), torque(2), { ...declared, contradicts: true, says: { holds: 'fits', fails: 'cannot be' } });
    expect([odd.verdict, say(odd.says, metric)]).toEqual(['unknown', 'Cannot be.']);
  });

  it('is unknown without a figure, and names what would settle it', () => {
    const check = hold('c', 'a', declared, { has: torque(1), needs: unknown('N·m', ['x', 'y']) });
    expect(check).toMatchObject({ verdict: 'unknown', margin: null });
    expect(say(check.says, metric)).toBe('The work is not known yet: enter the x and the y.');
    expect(reserveOf(check)).toBe('');
  });

  it('is unknown with the reason when nothing is missing but nothing can be said', () => {
    const two = known('rad', 2, { by: 'limit', source: '' });
    const check = hold(
      'c',
      'a',
      { ...declared, name: 'the wrap on the {which}', subject: 'wrap on the {which}' },
      { has: unknown('rad', [], 'the pulleys overlap'), needs: two, tells: { which: 'roll' } },
    );
    expect(say(check.says, metric)).toBe('Wrap on the roll is not known yet: the pulleys overlap.');
  });
});

it('what is left is told in one notation, rounded the way that does not flatter', () => {
  expect([0.278, 0.999, 0.004, 0, -0.04, -0.06, -8.5, -20, -200].map(reserveWords)).toEqual([
    'reserve 27 %',
    'reserve 99 %',
    'reserve 0.4 %',
    'reserve 0 %',
    'just overloaded',
    'overloaded 1.1 times',
    'overloaded 9.5 times',
    'overloaded 21 times',
    'overloaded over 99 times',
  ]);
});

it('overall is the worst; nothing to judge is unknown', () => {
  expect(worstVerdict([])).toBe('unknown');
  expect(worstVerdict([{ verdict: 'holds' }, { verdict: 'close' }])).toBe('close');
  expect(worstVerdict([{ verdict: 'fails' }, { verdict: 'unknown' }])).toBe('fails');
  expect(worstVerdict([{ verdict: 'unknown' }, { verdict: 'close' }])).toBe('unknown');
});

it('says beside likely figures that a reserve is one at worst, where that is clearly less', () => {
  const left = (worst: number, likely: number) => reserveBesideLikely({ has: torque(10), margin: { worst, likely, best: likely }, verdict: 'holds' });
  expect(left(0.26, 0.35)).toBe('at worst reserve 26 %');
  expect(left(0.26, 0.28)).toBe('reserve 26 %');
});
