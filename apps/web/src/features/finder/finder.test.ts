import type { Proposal } from '@hobrek/core';
import { describe, expect, it } from 'vitest';
import { frontOf } from './cost-chart.js';
import { groupsOf } from './proposals.js';

const proposal = (id: string, over: Partial<Proposal> = {}): Proposal => ({
  id,
  name: 'V-belt',
  stages: [{ kind: 'v-belt', entries: { section: 'A' } }],
  says: [],
  stageIds: [],
  verdict: 'holds',
  because: '',
  counts: { fails: 0, close: 0, unknown: 0 },
  speed_rpm: 400,
  torque_Nm: 12,
  speeds: [],
  motor: null,
  reserve: { worst: 0.3, likely: 0.35 },
  weakest: null,
  jam: '',
  notes: [],
  parts: [],
  bought: 3,
  own: 0,
  made: 0,
  points: 5,
  length_mm: 500,
  height_mm: 300,
  shafts_mm: [],
  loaded: 0.8,
  score: 1,
  outlines: [],
  ends: null,
  ...over,
});
const ofB = { stages: [{ kind: 'v-belt', entries: { section: 'B' } }] };

describe('proposals by their sort', () => {
  it('have one row each, the best first, with the others of the sort behind it', () => {
    const groups = groupsOf([proposal('a', { points: 1, bought: 0, length_mm: 100 }), proposal('b', ofB), proposal('a2'), proposal('b2', ofB)]);
    expect(groups.map(({ best, others }) => [best.id, others.map(({ id }) => id)])).toEqual([
      ['a', ['a2']],
      ['b', ['b2']],
    ]);
  });

  it('give a row of its own to what is the first of all in something, and none of it to what fails', () => {
    const groups = groupsOf([
      proposal('best', { points: 2 }),
      proposal('cheap', { points: 0 }),
      proposal('strong', { reserve: { worst: 0.6, likely: 0.7 } }),
      proposal('fails', { points: -1, bought: -1, verdict: 'fails', length_mm: 1 }),
    ]);
    expect(groups.map(({ best, firsts }) => [best.id, firsts])).toEqual([
      ['best', ['best', 'fewest to buy', 'smallest']],
      ['cheap', ['cheapest']],
      ['strong', ['most reserve']],
    ]);
    expect(groups[0]?.others.map(({ id }) => id)).toEqual(['fails']);
  });

  it('are none where nothing is proposed', () => {
    expect(groupsOf([])).toEqual([]);
  });
});

describe('the line of the best for their money', () => {
  const point = (cost: number, reserve: number, fails = false) => ({
    id: `${cost} ${reserve}`,
    cost,
    reserve,
    name: '',
    at: null,
    isPicked: false,
    fails,
  });
  it('has nothing on it that something else beats in both, and nothing that fails', () => {
    const points = [point(4, 30), point(1, 10), point(2, 25), point(3, 20), point(2, 12), point(1, 60, true), point(5, 30)];
    expect(frontOf(points).map(({ cost, reserve }) => [cost, reserve])).toEqual([
      [1, 10],
      [2, 25],
      [4, 30],
    ]);
  });
});
