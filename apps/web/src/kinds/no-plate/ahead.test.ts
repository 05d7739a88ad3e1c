import { cannot, type Element, type LookName, looks } from '@hobrek/core';
import { describe, expect, it } from 'vitest';
import { aheadOf, answered, laterOf, seenOf } from './ahead.js';

const path = 'main/source';
const motor = (inputs: Element['inputs'] = {}): Element => ({ kind: 'no-plate', v: 1, inputs });
const brushes = seenOf(path, motor(), 230, 'brushes');

describe('what a press may lead to', () => {
  it('is every answer of the look, that it cannot be reached, and another look first', () => {
    const ahead = aheadOf(brushes).map((next) => next());
    const answers = [...Object.keys(looks.brushes.answers), cannot];
    expect(ahead.map(({ element }) => element.inputs.brushes?.text)).toEqual([...answers, undefined]);
    expect(ahead.at(-1)?.look).toBe(laterOf(brushes));
    expect(laterOf(brushes)).not.toBe('brushes');
  });

  it('is the very screen that the press then shows', () => {
    const ahead = aheadOf(brushes).map((next) => next());
    for (const then of ahead.slice(0, -1)) {
      const text = then.element.inputs.brushes?.text as string;
      expect(seenOf(path, answered(brushes.element, 'brushes', text), 230, null)).toBe(then);
    }
  });

  it('is another screen at another voltage of the wall, and after another answer', () => {
    const [carbon] = Object.keys(looks.brushes.answers) as [string];
    const keys = [
      brushes,
      seenOf(path, motor(), 110, 'brushes'),
      seenOf(path, motor(), 230, null),
      seenOf(path, answered(motor(), 'brushes', carbon), 230, 'brushes'),
      seenOf('other/source', motor(), 230, 'brushes'),
    ].map(({ key }) => key);
    expect(new Set(keys).size).toBe(keys.length);
  });

  it('of a look that is answered in a field is that it cannot be reached, or another look', () => {
    expect(aheadOf(seenOf(path, motor(), 230, 'donor')).map((next) => next().element.inputs.donor?.text)).toEqual([cannot, undefined]);
    expect(aheadOf(seenOf(path, motor(), 230, 'readings'))).toHaveLength(1);
  });

  it('is nothing where no look is left', () => {
    const all = Object.fromEntries((Object.keys(looks) as LookName[]).map((name) => [name, { text: cannot, how: 'measured' as const }]));
    const none = { ...brushes, element: motor(all), look: null };
    expect(aheadOf(none)).toEqual([]);
  });
});
