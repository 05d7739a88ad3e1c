import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../../test/crusher.js';
import { told } from '../../../../test/told.js';
import type { Known } from '../../../figure/figure.js';
import { loadKinds } from '../../registry.js';

const kinds = await loadKinds(crusher());
const typed = (fields: Record<string, string>) =>
  told(afterTyping(crusher(), { 'main/belt/push': '?', 'main/belt/deflection': '?', ...fields }), kinds);
const check = (fields: Record<string, string>, name: string) => typed(fields).checks.find(({ id }) => id === `main/belt/check-${name}`);
const at = (N: number) => ({ 'main/belt/tension': `${N} N` });

describe('how tight a belt is', () => {
  // By hand: 439 to 563 W with the service factor are 78 to 101 N of pull at 5.6 m/s. With e = exp(0.5123 · 2.722) = 4.03 a span at rest needs 0.83 of that, 65 to 84 N,
  // and 3 N of flight. For the 939 W that the newer school rates it for, 168 N of pull, it is 142 N: twice that is 285.
  it('holds as set for the work and up to its own full rating, is close from there, and fails at twice that', () => {
    const verdicts = [80, 150, 240, 300].map((N) => check(at(N), 'tension')?.verdict);
    expect(verdicts).toEqual(['holds', 'holds', 'close', 'fails']);
    expect((check(at(80), 'tension')?.has as Known | undefined)?.value).toBeCloseTo(285, -1);
    expect(check(at(300), 'tension')?.says).toMatch(
      /^The belt is far too tight: it is set to 300 N a span and needs 68\.0 to 87\.2 N, 142 to 143 N at its full rating; that wears out bearings and belt\.$/,
    );
  });

  it('slack is close, and whether it slips is a question of its own', () => {
    expect(check(at(50), 'slack')?.verdict).toBe('close');
    expect(check(at(50), 'slip')?.verdict).not.toBe('fails');
    expect(check(at(20), 'slip')?.verdict).toBe('fails');
    expect(check(at(80), 'slack')).toBeUndefined();
  });

  // By hand: at a friction of 0.25 e is 10.3, and at 89 % 2 · 60 · (9.3/11.3) · 0.125 · 0.89 = 11.0 N·m; at 0.35 and 98 % 2 · 60 · (25/27) · 0.125 · 0.98 = 13.6: it carries the 8 N·m at work and not 20 at rest.
  it('may slip when it starts though it does not at work, which is told then only', () => {
    expect(check({ ...at(60), 'main/work/breakaway': '20 N·m' }, 'slip-start')).toMatchObject({
      verdict: 'fails',
      says: 'The belt slips when it starts: it slips at 11.0 to 13.6 N·m at the driven pulley, and the work breaks away with 20 N·m.',
    });
    expect(check({ ...at(60), 'main/work/breakaway': '9 N·m' }, 'slip-start')).toBeUndefined();
  });

  it('more tension is never more slip', () => {
    const left = (N: number) => check(at(N), 'slip')?.margin?.worst ?? Number.NaN;
    for (let N = 40; N < 300; N += 20) expect(left(N + 20)).toBeGreaterThan(left(N));
  });

  it('is not known while nobody measured it, and says how', () => {
    expect(check({ 'main/belt/tension': '?' }, 'tension')).toMatchObject({
      verdict: 'unknown',
      says: expect.stringMatching(
        /^How tight the belt is, measured by a push at mid-span or by its tone \(.* N a span is needed\), is not known yet: enter tension as set\.$/,
      ),
    });
  });
});
