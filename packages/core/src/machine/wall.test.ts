import { expect, it } from 'vitest';
import { startFrom } from './starters.js';
import { wallOf } from './wall.js';

const wall = { voltage: '120 V', frequency: '60 Hz', phases: '1', breaker: '15 A' };

it('a new build begins with the wall of the workshop, as an entry', () => {
  for (const starter of ['blank', 'lathe']) {
    const { supply } = startFrom(starter, wall);
    expect(supply).toMatchObject({ voltage: { text: '120 V', value: 120 }, frequency: { value: 60 }, phases: { text: '1' }, breaker: { value: 15 } });
    expect(wallOf(startFrom(starter, wall))).toEqual(wall);
  }
  expect(startFrom('blank').supply).toEqual({});
});

it('what does not read is left out, and nothing else with it', () => {
  expect(startFrom('blank', { ...wall, voltage: 'much', phases: 'four' }).supply).toEqual({
    frequency: expect.objectContaining({ value: 60 }),
    breaker: expect.objectContaining({ value: 15 }),
  });
});
