import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a band saw puts out. */
export const bandSawOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the driven wheel', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the driven wheel'),
    peak: figure('Torque when a tooth catches', 'torque', 'At the driven wheel', { key: true }),
    removal: figure('Volume taken off', 'removal', 'A cut'),
    'energy-of-cut': figure('Energy of the cut by volume', 'stress', 'A cut'),
    'cutting-power': figure('Power of the cut', 'power', 'A cut', { key: true }),
    pull: figure('Pull of the cut on the blade', 'force', 'A cut', { key: true }),
    'blade-speed': figure('Speed of the blade', 'rim-speed', 'The blade', { key: true }),
    'time-through': figure('Time through it', 'time', 'A cut'),
    'teeth-in': figure('Teeth in the work', 'count', 'The blade'),
    tension: figure('Tension of the blade', 'force', 'The blade'),
    'wheel-pull': figure('Load on the wheel’s shaft by that', 'force', 'The blade'),
    'wheel-inertia': figure('Inertia of both wheels', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    fast: {
      name: 'the speed of the blade',
      subject: 'whether the blade runs too fast',
      source:
        'Handbooks (from memory): band saws in wood at 15 to 25 m/s, 30 at the most; in mild steel at 0.4 to 1, other metals by their speed of cut',
      closeBelow: 0,
      says: {
        holds: 'the blade runs at up to {needs}; up to {has} it lasts',
        may: 'the blade may run too fast: at up to {needs}, and up to {has} it lasts',
        fails: 'the blade runs too fast: at up to {needs}, and up to {has} it lasts: its teeth are gone in minutes. A larger ratio',
      },
    },
    slow: {
      name: 'the least speed of the blade',
      subject: 'whether the blade runs fast enough',
      source: 'Common practice, no source: under half of its usual speed a blade hooks, and breaks teeth',
      closeBelow: 0,
      says: {
        holds: 'the blade runs at {has}; from {needs} on it cuts well',
        close: 'the blade runs at {has}; under {needs} it cuts slowly, and hooks',
        fails: 'the blade runs at {has}; under {needs} it cuts slowly, and hooks',
      },
    },
    teeth: {
      name: 'the teeth in the work',
      subject: 'whether enough teeth are in the work',
      source: 'Common practice, no source: two teeth at least, three to twelve are right; more pack with chips',
      says: {
        holds: '{many} teeth are in the work',
        close: '{many} teeth are in the work: {why}',
        fails: '{many} teeth are in the work: {why}',
      },
    },
    bends: {
      name: 'the blade on its wheels',
      subject: 'whether the wheels bend the blade too sharply',
      source: 'Common practice, no source: a blade lasts on wheels of 350 times its thickness and more, and cracks early on less',
      closeBelow: 0,
      says: {
        holds: 'a blade of {needs} lasts on these wheels; they are right up to {has}',
        close: 'a blade of {needs} cracks early on these wheels: they are right up to {has}. A thinner blade',
        fails: 'a blade of {needs} cracks early on these wheels: they are right up to {has}. A thinner blade',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type BandSawOutputs = typeof bandSawOutputs;
