import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';
import { walksSource } from '../../shared/walks.js';

/** What a scroll saw puts out. */
export const scrollSawOutputs = {
  figures: {
    torque: figure('Torque needed, mean', 'torque', 'At the crank', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the crank'),
    peak: figure('Torque as the arm turns round', 'torque', 'At the crank', { key: true }),
    'cutting-power': figure('Power of the cut', 'power', 'At the crank'),
    shakes: figure('Force that shakes', 'force', 'What shakes', { key: true }),
    'blade-speed': figure('Greatest speed of the blade', 'rim-speed', 'At the crank', { key: true }),
    'crank-inertia': figure('Inertia of crank and arm', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    strokes: {
      name: 'the strokes a minute',
      subject: 'whether the strokes are slow enough',
      source: 'Common practice, no source: scroll saws make 400 to 1800 strokes a minute; the shaking grows with the square of them',
      closeBelow: 0,
      says: {
        holds: 'it makes up to {needs} of strokes; {has} are the most',
        may: 'it may shake itself loose: it makes up to {needs} of strokes, and {has} are the most',
        fails: 'it shakes itself loose: it makes up to {needs} of strokes, and {has} are the most',
      },
    },
    walks: {
      name: 'the shaking',
      subject: 'whether the bench walks',
      source: walksSource,
      closeBelow: 0,
      says: {
        holds: 'it shakes with {needs}; from {has} on the bench walks',
        close: 'it shakes with {needs}; from {has} on the bench walks. A counterweight, a lighter arm, or a heavier bench',
        may: 'the bench may walk: it shakes with {needs}, and from {has} on it does. A counterweight, a lighter arm, or a heavier bench',
        fails: 'the bench walks: it shakes with {needs}, and from {has} on it does. A counterweight, a lighter arm, or a heavier bench',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type ScrollSawOutputs = typeof scrollSawOutputs;
