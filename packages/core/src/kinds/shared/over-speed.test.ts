import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../test/crusher.js';
import { told } from '../../../test/told.js';
import { loadKinds } from '../registry.js';

const kinds = await loadKinds(crusher());
const typed = (fields: Record<string, string>) =>
  told(afterTyping(crusher(), { 'main/belt/driver': '150 mm', 'main/belt/driven': '75 mm', ...fields }), kinds);
const rim = (fields: Record<string, string>) => typed(fields).checks.find(({ id }) => id === 'main/work/check-rim');

// By hand: twice 1500 rpm, which an unloaded motor of four poles nearly turns, on a wheel of 76.4 mm is 12.0 m/s, on 250 mm 39.3, on 635 mm 99.7.
describe('the rim of a tool', () => {
  it('holds where the weakest material does, fails where the strongest does, and names the material in between', () => {
    expect(rim({ 'main/work/diameter': '75 mm' })?.verdict).toBe('holds');
    expect(rim({ 'main/work/diameter': '250 mm' })).toMatchObject({ verdict: 'unknown', unseen: ['main/work/made'] });
    expect(rim({ 'main/work/diameter': '635 mm' })).toMatchObject({
      verdict: 'fails',
      says: expect.stringMatching(/^The rim of the tool runs too fast: at up to 99\.7 m\/s/),
    });
  });

  // Machinery's Handbook (from memory): cast iron 33 m/s. EN 12413 (from memory): 35 m/s for a bonded wheel that is not marked for more.
  it('is held against what it is made of', () => {
    const at = (made: string, diameter: string) => rim({ 'main/work/made': made, 'main/work/diameter': diameter })?.verdict;
    expect([
      at('iron', '200 mm'),
      at('iron', '215 mm'),
      at('bonded', '215 mm'),
      at('bonded', '230 mm'),
      at('steel', '500 mm'),
      at('wood', '200 mm'),
    ]).toEqual(['holds', 'fails', 'holds', 'fails', 'holds', 'fails']);
  });

  it('beside the speed that is marked on the tool, which alone is enough', () => {
    const marked = typed({ 'main/work/diameter': '250 mm', 'main/work/most': '3500 rpm' });
    expect(marked.checks.filter(({ id }) => /work\/check-(rim|speed)$/.test(id)).map(({ id, verdict }) => `${id} ${verdict}`)).toEqual([
      'main/work/check-speed close',
    ]);
    expect(rim({ 'main/work/diameter': '250 mm', 'main/work/most': '3500 rpm', 'main/work/made': 'iron' })?.verdict).toBe('fails');
  });

  it('comes with its caution, and with the mark among what is not entered, only where it is not safe', () => {
    const [slow, fast] = [typed({ 'main/work/diameter': '75 mm' }), typed({ 'main/work/diameter': '250 mm' })];
    expect(slow.cautions.join(' ')).not.toContain('bursts');
    expect(fast.cautions.join(' ')).toContain('A wheel, disc or chuck that bursts flies in its own plane');
    expect([slow, fast].map(({ notWorkedOut }) => notWorkedOut.includes('a speed that is marked on the tool'))).toEqual([false, true]);
  });

  it('faster is never safer', () => {
    const left = (mm: number) => rim({ 'main/work/made': 'iron', 'main/work/diameter': `${mm} mm` })?.margin?.worst ?? Number.NaN;
    for (let mm = 50; mm < 800; mm += 50) expect(left(mm + 50)).toBeLessThan(left(mm));
  });
});
