import type { FamilyName } from './families.js';
import type { LookName } from './looks.js';

export const tablesSource =
  'Common practice, no source: how often salvaged motors of a family are found so (from memory of repair and scrap; not counted)';

/** Of a hundred motors of each family, how many give which answer; in the order of the answers that are named first. */
interface Table {
  readonly answers: readonly string[];
  readonly of: Readonly<Record<FamilyName, readonly number[]>>;
}

const induction = ['split-phase', 'capacitor-start', 'capacitor-run', 'two-capacitor', 'three-phase'] as const;
/** The same for all of a list, and what else there is. */
const rows = (groups: readonly (readonly [readonly FamilyName[], readonly number[]])[]): Readonly<Record<FamilyName, readonly number[]>> =>
  Object.fromEntries(groups.flatMap(([names, row]) => names.map((name) => [name, row] as const))) as Readonly<Record<FamilyName, readonly number[]>>;

export const tables: Readonly<Record<LookName | 'wanders' | 'pattern' | 'mains', Table>> = {
  brushes: {
    answers: ['yes', 'no'],
    of: rows([
      [
        ['universal', 'wound-dc'],
        [97, 3],
      ],
      [['pm-dc'], [97, 3]],
      [['gearmotor'], [45, 55]],
      [
        [...induction, 'shaded-pole', 'brushless', 'servo', 'direct-drive-washer', 'stepper'],
        [1, 99],
      ],
    ]),
  },
  turned: {
    answers: ['free', 'drag', 'notches', 'stuck'],
    of: rows([
      [
        ['universal', 'wound-dc'],
        [93, 4, 2, 1],
      ],
      [['pm-dc'], [6, 34, 59, 1]],
      [
        [...induction, 'shaded-pole'],
        [96, 3, 0, 1],
      ],
      [['brushless'], [4, 16, 79, 1]],
      [['servo'], [8, 14, 50, 28]],
      [['direct-drive-washer'], [5, 12, 82, 1]],
      [['stepper'], [1, 5, 93, 1]],
      [['gearmotor'], [25, 20, 25, 30]],
    ]),
  },
  shorted: {
    answers: ['heavier', 'same'],
    of: rows([
      [
        ['universal', 'wound-dc', ...induction, 'shaded-pole'],
        [3, 97],
      ],
      [
        ['pm-dc', 'brushless', 'servo', 'direct-drive-washer', 'stepper'],
        [95, 5],
      ],
      [['gearmotor'], [40, 60]],
    ]),
  },
  iron: {
    answers: ['coils', 'slots', 'ring', 'magnets'],
    of: rows([
      [['universal'], [92, 6, 1, 1]],
      [['wound-dc'], [94, 4, 1, 1]],
      [['pm-dc'], [3, 2, 1, 94]],
      [[...induction], [6, 91, 2, 1]],
      [['shaded-pole'], [12, 4, 83, 1]],
      [
        ['brushless', 'servo'],
        [8, 84, 1, 7],
      ],
      [['direct-drive-washer'], [25, 55, 1, 19]],
      [['stepper'], [55, 35, 1, 9]],
      [['gearmotor'], [15, 25, 35, 25]],
    ]),
  },
  ran: {
    answers: ['scream', 'hum', 'dial', 'steps', 'slow'],
    of: rows([
      [['universal'], [60, 5, 33, 1, 1]],
      [['pm-dc'], [16, 16, 54, 5, 9]],
      [['wound-dc'], [8, 40, 44, 1, 7]],
      [
        ['split-phase', 'capacitor-start', 'two-capacitor'],
        [2, 92, 3, 1, 2],
      ],
      [['capacitor-run'], [2, 84, 9, 1, 4]],
      [['shaded-pole'], [1, 94, 3, 1, 1]],
      [['three-phase'], [2, 77, 17, 1, 3]],
      [['brushless'], [14, 22, 57, 4, 3]],
      [['servo'], [4, 5, 40, 49, 2]],
      [['direct-drive-washer'], [3, 5, 83, 2, 7]],
      [['stepper'], [1, 2, 13, 80, 4]],
      [['gearmotor'], [1, 14, 14, 7, 64]],
    ]),
  },
  capacitor: {
    answers: ['none', 'small', 'run', 'start', 'both'],
    of: rows([
      [['universal'], [55, 44, 0.4, 0.3, 0.3]],
      [['pm-dc'], [84, 14, 1, 0.5, 0.5]],
      [['wound-dc'], [95, 3, 1, 0.5, 0.5]],
      [['split-phase'], [96, 1, 1, 1, 1]],
      [['capacitor-start'], [4, 0.5, 1.5, 92, 2]],
      [['capacitor-run'], [3, 1, 93, 2, 1]],
      [['two-capacitor'], [2, 0.5, 7, 6, 84.5]],
      [['shaded-pole'], [97, 2, 0.4, 0.3, 0.3]],
      [['three-phase'], [95, 1, 3, 0.5, 0.5]],
      [
        ['brushless', 'servo', 'direct-drive-washer'],
        [91, 8, 0.4, 0.3, 0.3],
      ],
      [['stepper'], [97, 2, 0.4, 0.3, 0.3]],
      [['gearmotor'], [70, 9, 19, 1, 1]],
    ]),
  },
  switch: {
    answers: ['click', 'board', 'drive', 'plain'],
    of: rows([
      [['universal'], [1, 55, 4, 40]],
      [['pm-dc'], [1, 50, 4, 45]],
      [['wound-dc'], [2, 28, 1, 69]],
      [['split-phase'], [88, 2, 0.5, 9.5]],
      [['capacitor-start'], [90, 1, 0.5, 8.5]],
      [['capacitor-run'], [2, 6, 1, 91]],
      [['two-capacitor'], [72, 1, 1, 26]],
      [['shaded-pole'], [0.5, 6, 0.5, 93]],
      [['three-phase'], [1, 2, 9, 88]],
      [['brushless'], [0.5, 25, 55, 19.5]],
      [['servo'], [0.5, 4, 30, 65.5]],
      [['direct-drive-washer'], [0.5, 10, 85, 4.5]],
      [['stepper'], [0.5, 18, 4, 77.5]],
      [['gearmotor'], [1, 15, 4, 80]],
    ]),
  },
  gears: {
    answers: ['yes', 'no'],
    of: rows([
      [['gearmotor'], [97, 3]],
      [
        ['universal', 'pm-dc', 'wound-dc', ...induction, 'shaded-pole', 'brushless', 'servo', 'direct-drive-washer', 'stepper'],
        [3, 97],
      ],
    ]),
  },
  wires: {
    answers: ['2', '3', '4', '5', '6', '7'],
    of: rows([
      [['universal'], [50, 6, 11, 11, 10, 12]],
      [['pm-dc'], [76, 4, 15, 2, 2, 1]],
      [['wound-dc'], [14, 24, 50, 4, 6, 2]],
      [['split-phase'], [8, 27, 48, 8, 7, 2]],
      [['capacitor-start'], [6, 30, 34, 9, 17, 4]],
      [['capacitor-run'], [4, 55, 15, 20, 4, 2]],
      [['two-capacitor'], [8, 48, 28, 7, 7, 2]],
      [['shaded-pole'], [76, 18, 4, 1, 0.5, 0.5]],
      [['three-phase'], [1, 36, 12, 2, 30, 19]],
      [['brushless'], [2, 36, 3, 9, 18, 32]],
      [['servo'], [0.5, 8, 11, 4, 7, 69.5]],
      [['direct-drive-washer'], [1, 28, 1, 5, 10, 55]],
      [['stepper'], [0.5, 0.5, 45, 7, 25, 22]],
      [['gearmotor'], [58, 17, 8, 10, 4, 3]],
    ]),
  },
  wanders: {
    answers: ['yes', 'no'],
    of: rows([
      [['universal'], [82, 18]],
      [['pm-dc'], [78, 22]],
      [['wound-dc'], [70, 30]],
      [['gearmotor'], [35, 65]],
      [
        [...induction, 'shaded-pole', 'brushless', 'servo', 'direct-drive-washer', 'stepper'],
        [2, 98],
      ],
    ]),
  },
  pattern: {
    answers: ['one', 'equal', 'sum', 'halves', 'two-apart', 'two-alike', 'three-alike', 'four-alike', 'two-halves', 'taps', 'mixed'],
    of: rows([
      [['universal'], [50, 0.3, 1, 2, 4, 2, 1, 0.2, 0.2, 12, 28]],
      [['pm-dc'], [76, 0.3, 0.5, 0.4, 18, 0.5, 0.3, 0.2, 0.2, 2, 2]],
      [['wound-dc'], [20, 0.5, 12, 3, 54, 4, 0.5, 0.2, 0.2, 4, 2]],
      [['split-phase'], [14, 0.3, 36, 2, 34, 1, 0.3, 0.2, 0.2, 9, 4]],
      [['capacitor-start'], [10, 0.3, 37, 2, 26, 10, 0.5, 0.2, 0.2, 10, 4]],
      [['capacitor-run'], [6, 0.3, 46, 18, 7, 1, 0.3, 0.2, 0.2, 18, 4]],
      [['two-capacitor'], [16, 0.3, 50, 2, 20, 4, 0.3, 0.2, 0.2, 5, 3]],
      [['shaded-pole'], [90, 0.3, 4, 2, 1, 0.5, 0.2, 0.2, 0.2, 1.6, 1]],
      [['three-phase'], [3, 46, 1, 1, 1, 1, 28, 1, 1, 3, 14]],
      [['brushless'], [8, 82, 1, 1, 0.5, 0.5, 2, 0.3, 0.3, 2, 3]],
      [['servo'], [2, 62, 0.5, 0.5, 1, 1, 1, 0.3, 0.3, 1, 31]],
      [['direct-drive-washer'], [3, 90, 0.5, 0.5, 0.5, 0.5, 2, 0.3, 0.3, 1, 2]],
      [['stepper'], [1, 0.5, 0.5, 2, 1, 49, 0.5, 12, 27, 4, 2.5]],
      [['gearmotor'], [40, 18, 8, 4, 4, 2, 3, 0.3, 0.3, 10, 10]],
    ]),
  },
  mains: {
    answers: ['one', 'three', 'battery'],
    of: rows([
      [['universal'], [97, 1, 2]],
      [['pm-dc'], [45, 2, 53]],
      [['wound-dc'], [45, 15, 40]],
      [
        ['split-phase', 'capacitor-start', 'capacitor-run', 'two-capacitor', 'shaded-pole'],
        [98, 1, 1],
      ],
      [['three-phase'], [12, 86, 2]],
      [['brushless'], [48, 3, 49]],
      [['servo'], [45, 53, 2]],
      [['direct-drive-washer'], [97, 2, 1]],
      [['stepper'], [62, 4, 34]],
      [['gearmotor'], [42, 22, 36]],
    ]),
  },
};

/** How often no observation is as the tables have it: something was misread, or the motor is an odd one. */
export const misread = 0.04;

/** Chance of an answer in a family. */
export function chanceOf(look: keyof typeof tables, answer: string, family: FamilyName): number {
  const { answers, of } = tables[look];
  const row = of[family];
  const at = answers.indexOf(answer);
  if (at < 0) return 1;
  const sum = row.reduce((all, each) => all + each, 0);
  return (1 - misread) * ((row[at] as number) / sum) + misread / answers.length;
}

/** Before anything was looked at: what lies about in sheds. */
const prior: Readonly<Partial<Record<FamilyName, number>>> = {
  universal: 20,
  'pm-dc': 12,
  'wound-dc': 3,
  'split-phase': 7,
  'capacitor-start': 8,
  'capacitor-run': 13,
  'two-capacitor': 4,
  'shaded-pole': 6,
  'three-phase': 10,
  brushless: 7,
  servo: 3,
  'direct-drive-washer': 3,
  stepper: 5,
  gearmotor: 7,
};
export const priorOf = (family: FamilyName): number => (prior[family] ?? 1) / 108;
