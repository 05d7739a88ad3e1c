import { expect, it } from 'vitest';
import { type Figure, fixed, unknown } from '../figure/figure.js';
import { say } from '../wording/wording.js';
import { contextAt } from './context.js';
import { figure, type Outputs } from './outputs.js';

const declared = {
  figures: {
    'slips-at': figure('Slips at', 'torque', 'Load', { key: true }),
    'belt-speed': figure('Belt speed', 'rim-speed', 'Belt'),
  },
  checks: {
    rating: { name: 'the rating of the belt', subject: 'rating of the belt', source: 'a table', says: 'rated for {has}; the work needs {needs}' },
    slip: {
      name: 'the slip of the belt',
      subject: 'slip of the belt',
      source: 'friction',
      closeBelow: 0,
      says: { holds: 'it holds {how:range}', fails: 'it slips{why}' },
    },
  },
  limits: {
    slip: { short: 'belt slips', what: 'the belt', fails: 'slips', may: 'may slip', harm: 'harmless', lasts: 'it lasts {lasts:range}' },
    hub: {
      short: 'hub',
      what: 'the hub',
      fails: 'fails',
      may: 'may fail',
      harm: 'breaking',
      variants: { key: { short: 'key', what: 'the key', fails: 'is crushed', may: 'may be crushed' } },
    },
  },
} as const satisfies Outputs;

const torque = (value: number): Figure<'N·m'> => fixed('N·m', value, 'given');
const speed: Figure<'m/s'> = fixed('m/s', 5, 'given');
const metric = { units: 'metric', label: (path: string) => path } as const;

it('keeps what is noted, judges as declared and calls a limit by its variant', () => {
  const figures = new Map<string, Figure>();
  const { note, check, limit } = contextAt('main/belt', declared, figures);
  expect(note('slips-at', torque(12))).toBe(figures.get('slips-at'));
  expect(check('rating', { has: torque(10), needs: torque(5) })).toMatchObject({ id: 'main/belt/check-rating', at: 'main/belt', source: 'a table' });
  // Declared to be close below nothing: exactly met, it holds.
  const met = check('slip', { has: torque(10), needs: torque(10), tells: { how: torque(10), why: '' } });
  expect([met.verdict, say(met.says, metric)]).toEqual(['holds', 'It holds 10 N·m.']);
  expect(limit('hub', { torque: torque(80), source: 's', as: 'key' }).words.fails).toBe('is crushed');
  expect(limit('hub', { torque: torque(80), source: 's' }).words.fails).toBe('fails');
  const lasts = fixed('s', 10, 'given');
  expect(limit('slip', { torque: torque(9), source: 's', lasts }).lasts).toEqual({ template: 'it lasts {lasts:range}', time: lasts });
});

/** Never called: it compiles only as long as each line that is marked does not. */
export function whatDoesNotCompile(): void {
  const { note, check, limit } = contextAt('main/belt', declared, new Map());
  // @ts-expect-error: a figure that is not declared
  note('slip-torque', torque(1));
  // @ts-expect-error: a speed where a torque is declared
  note('slips-at', speed);
  // @ts-expect-error: a check that is not declared
  check('ratings', { has: torque(1), needs: torque(1) });
  // @ts-expect-error: a torque against a speed
  check('rating', { has: torque(1), needs: speed });
  // @ts-expect-error: `how` and `why` are named in its sentences
  check('slip', { has: torque(1), needs: torque(1) });
  // @ts-expect-error: `why` is named in its sentences
  check('slip', { has: torque(1), needs: torque(1), tells: { how: torque(1) } });
  // @ts-expect-error: a limit that is not declared
  limit('stall', { torque: torque(1), source: '' });
  // @ts-expect-error: a limit is a torque
  limit('slip', { torque: unknown('mm', []), source: '' });
}
