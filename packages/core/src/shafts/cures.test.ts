import { describe, expect, it } from 'vitest';
import { knownShafts, laidOf, runningOf } from '../../test/known-shafts.js';
import { curesOf } from './cures.js';
import { judgeShaft } from './judged.js';
import { type LaidShaft, type Load } from './laid-shaft.js';
import { metals } from './metals.js';
import { crossHole } from './notches.js';

const known = (id: string) => {
  const found = knownShafts.find((each) => each.id === id);
  if (!found) throw new Error(id);
  return { known: found, shaft: laidOf(found), running: runningOf(found) };
};
/** Only a shaft’s own ends: not life, heat, hub or growth, which the file judges as well. */
const ownFigures = /^(reserve|whirl)/;

describe('verdicts on the shafts of the reference (known-shafts.json)', () => {
  const mine = knownShafts.filter(({ expect: { worst, overall } }) => overall[0] !== 'unknown' && ownFigures.test(worst.figure ?? ''));
  it('are those of an engineer', () => {
    expect(mine.length).toBeGreaterThanOrEqual(22);
    for (const each of mine) {
      const { verdict, findings } = judgeShaft(laidOf(each), runningOf(each));
      expect([each.id, each.expect.overall.includes(verdict)], `${each.id}: ${verdict} ${JSON.stringify(findings[0])}`).toEqual([each.id, true]);
    }
  });

  it('name the place that is the weakest', () => {
    for (const each of mine.filter(({ expect: { worst } }) => worst.where !== undefined && worst.figure === 'reserve/fatigue-goodman')) {
      const where = Number.parseFloat(each.expect.worst.where ?? '');
      const shaft = laidOf(each);
      const weakest = judgeShaft(shaft, runningOf(each)).findings.find(({ of }) => of === 'cracks')?.place;
      const notch = shaft.notches.find(({ id }) => id === weakest?.id);
      const [from, to] = [notch?.at_mm ?? weakest?.at_mm ?? 0, notch?.to_mm ?? weakest?.at_mm ?? 0];
      expect([each.id, where >= from - 2 && where <= to + 2], `${each.id}: ${weakest?.id} at ${weakest?.at_mm}`).toEqual([each.id, true]);
    }
  });

  it('of those of which something is not known are not known where a bearing is missing, and hang on the steel where that is', () => {
    expect(judgeShaft(laidOf(known('ks-ask-04').known), known('ks-ask-04').running)).toMatchObject({ verdict: 'unknown', findings: [] });
    const { shaft, running } = known('ks-ask-01');
    const of = (metal: keyof typeof metals) => judgeShaft({ ...shaft, metal: metals[metal] }, running).verdict;
    expect([of('scrap'), of('c45')]).toEqual(['fails', 'close']);
  });
});

describe('cures of the reference, each as it is described', () => {
  const crack = (shaft: LaidShaft, id: string) => judgeShaft(shaft, known(id).running).findings.find(({ of }) => of === 'cracks')?.reserve ?? 0;
  const first = (shaft: LaidShaft, id: string) => judgeShaft(shaft, known(id).running).findings.find(({ of }) => of === 'whirls')?.whirl_rpm ?? 0;
  const at = (shaft: LaidShaft, from: number, to: number): LaidShaft => ({
    ...shaft,
    loads: shaft.loads.map((load) => (Math.abs(load.at_mm - from) < 1 ? { ...load, at_mm: to } : load)),
  });
  const bar = (shaft: LaidShaft, size_mm: number): LaidShaft => ({ ...shaft, sections: shaft.sections.map((each) => ({ ...each, size_mm })) });
  const then = (id: string, change: string, figure: string): number => {
    const cure = known(id).known.expect.cures?.find((each) => each.change.startsWith(change));
    const value = cure?.then?.[figure]?.v;
    if (value === undefined) throw new Error(`${id}: ${change}`);
    return value;
  };
  const within = (is: number, expected: number, share: number, what: string) =>
    expect(Math.abs(is / expected - 1), `${what}: ${is} for ${expected}`).toBeLessThan(share);

  it('of ks-bad-01: a pulley far out', () => {
    const { shaft } = known('ks-bad-01');
    const goodman = 'reserve/fatigue-goodman';
    const [overhang] = shaft.loads.filter(({ at_mm }) => at_mm < 100);
    const place = overhang?.at_mm ?? 0;
    within(crack(at(shaft, place, place + 80), 'ks-bad-01'), then('ks-bad-01', 'pulley 80 mm nearer', goodman), 0.15, 'nearer');
    within(crack(bar(shaft, 25), 'ks-bad-01'), then('ks-bad-01', '25 mm shaft', goodman), 0.15, '25 mm');
    // Popular, and no help: the moment at A stays.
    const wide = {
      ...shaft,
      sections: shaft.sections.map((each) => ({ ...each, length_mm: each.length_mm + 220 })),
      bearings: shaft.bearings.map((each, k) => (k === 1 ? { ...each, at_mm: each.at_mm + 220 } : each)),
    };
    expect(crack(wide, 'ks-bad-01')).toBeLessThan(1);
    expect(curesOf(shaft, known('ks-bad-01').running).some(({ says }) => says.includes('further'))).toBe(false);
  });

  it('of ks-bad-02: a tube with a pin through it', () => {
    const { shaft } = known('ks-bad-02');
    const goodman = 'reserve/fatigue-goodman';
    const clamped = { ...shaft, notches: shaft.notches.filter(({ left }) => left === undefined) };
    within(crack(clamped, 'ks-bad-02'), then('ks-bad-02', 'roller held by two', goodman), 0.15, 'clamps');
    const solid = { ...shaft, metal: metals.c45, sections: shaft.sections.map(({ bore_mm: _, ...each }) => ({ ...each, shape: 'round' as const })) };
    const pinned = {
      ...solid,
      notches: solid.notches.map((notch) => (notch.left === undefined ? notch : { ...notch, ...crossHole(6, { size_mm: 25 }) })),
    };
    within(crack(pinned, 'ks-bad-02'), then('ks-bad-02', 'solid 25 mm', goodman), 0.15, 'solid');
  });

  it('of ks-bad-03: a line shaft that whirls, which no better steel cures', () => {
    const { shaft } = known('ks-bad-03');
    const third = { ...shaft, bearings: [...shaft.bearings, { id: 'C', at_mm: 1230 }] };
    within(first(third, 'ks-bad-03'), then('ks-bad-03', 'a third block', 'whirl/first'), 0.02, 'third block');
    within(first(bar(shaft, 40), 'ks-bad-03'), then('ks-bad-03', '40 mm bar', 'whirl/first'), 0.02, '40 mm');
    expect(first({ ...shaft, metal: metals.c45 }, 'ks-bad-03')).toBeCloseTo(first(shaft, 'ks-bad-03'), 6);
  });

  it('of ks-bad-04: two belts that pull the same way', () => {
    const { shaft } = known('ks-bad-04');
    const turned = {
      ...shaft,
      loads: shaft.loads.map((load): Load => (load.id === 'pulley-2' ? { ...load, force_N: [-load.force_N[0], -load.force_N[1]] } : load)),
    };
    within(crack(turned, 'ks-bad-04'), then('ks-bad-04', 'motor of belt 2', 'reserve/fatigue-goodman'), 0.15, 'the other way');
    within(crack(bar(shaft, 30), 'ks-bad-04'), then('ks-bad-04', '30 mm shaft', 'reserve/fatigue-goodman'), 0.15, '30 mm');
  });

  it('of ks-bad-10: a fan that runs at its whirl', () => {
    const { shaft } = known('ks-bad-10');
    within(first(at(shaft, 600, 490), 'ks-bad-10'), then('ks-bad-10', 'fan 110 mm', 'whirl/first'), 0.02, 'nearer');
    within(first(bar(shaft, 30), 'ks-bad-10'), then('ks-bad-10', '30 mm shaft', 'whirl/first'), 0.02, '30 mm');
  });
});

describe('cures that are found', () => {
  it.each(['ks-bad-01', 'ks-bad-02', 'ks-bad-03', 'ks-bad-04', 'ks-bad-05', 'ks-bad-08', 'ks-bad-10'])(
    '%s: at least two, the first cures it, and each is better in full',
    (id) => {
      const { shaft, running } = known(id);
      const cures = curesOf(shaft, running);
      expect(cures.length).toBeGreaterThanOrEqual(2);
      expect(cures[0]?.after.verdict).not.toBe('fails');
      const now = judgeShaft(shaft, running);
      for (const cure of cures) {
        expect(judgeShaft(cure.shaft, running)).toEqual(cure.after);
        for (const { of, verdict } of now.findings.filter((each) => each.verdict === 'holds'))
          expect([cure.says, of, cure.after.findings.find((each) => each.of === of)?.verdict]).toEqual([cure.says, of, verdict]);
      }
    },
  );

  it('of whirl never another steel, of a shaft that holds none, of one that tips over none', () => {
    for (const id of ['ks-bad-03', 'ks-bad-10'])
      expect(curesOf(known(id).shaft, known(id).running, 50).some(({ says }) => says.includes('C45'))).toBe(false);
    expect(curesOf(known('ks-good-01').shaft, known('ks-good-01').running)).toEqual([]);
    expect(curesOf(known('ks-ask-04').shaft, known('ks-ask-04').running)).toEqual([]);
  });

  it('say what is changed', () => {
    const says = (id: string) => curesOf(known(id).shaft, known(id).running, 50).map((cure) => cure.says);
    expect(says('ks-bad-04')).toContain('pulley-2 pulling the other way');
    expect(says('ks-bad-03')).toContain('a third bearing half way between the two');
    expect(says('ks-bad-02')).toContain('split clamps in place of a pin through the shaft');
    expect(says('ks-bad-01').some((each) => /^a third bearing outside of pulley/.test(each))).toBe(true);
  });
});

it('a thicker bar is thicker at the root of its thread as well', () => {
  const load = (id: string, at_mm: number, pull: number, torque_Nm: number): Load => ({ id, at_mm, force_N: [pull, 0], torque_Nm });
  const shaft: LaidShaft = {
    sections: [{ length_mm: 300, shape: 'round', size_mm: 12 }],
    loads: [load('pulley', 20, 500, 10), load('tool', 290, 0, -10)],
    bearings: [
      { id: 'A', at_mm: 60 },
      { id: 'B', at_mm: 260 },
    ],
    notches: [{ id: 'the thread', at_mm: 0, to_mm: 300, Kf: 2.8, Kfs: 2.8, root_mm: 9.8 }],
    metal: metals.bright,
  };
  const running = { how: 'light', speed_rpm: 400 } as const;
  expect(judgeShaft(shaft, running).verdict).toBe('fails');
  const thicker = curesOf(shaft, running, 20).filter(({ isThicker, after }) => isThicker && after.verdict !== 'fails');
  expect(thicker.length).toBeGreaterThan(0);
  for (const { shaft: then } of thicker) expect((then.notches[0]?.root_mm ?? 0) / (then.sections[0]?.size_mm ?? 1)).toBeCloseTo(9.8 / 12, 9);
});
