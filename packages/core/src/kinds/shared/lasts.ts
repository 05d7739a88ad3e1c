import { quantity } from '../fields.js';

const source = 'Common practice, no source';

/** How long work goes on at a stretch, with what is usual for its kind in minutes. */
export const lastsField = (low: number, value: number, high: number) =>
  quantity('Runs at a stretch', 'time', {
    accepts: [1, 10_000_000],
    bare: 'min',
    how: 'chosen',
    help: 'Before it cools down again. It counts for a motor that is made for a part of the time.',
    measure: 'From the last one: a crate of apples, a bowl, an evening.',
    usual: { of: 'unseen', low: low * 60, value: value * 60, high: high * 60, source: `${source}: at a stretch ${low} to ${high} minutes` },
  });
