import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a planer puts out. */
export const planerOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the cutter block', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the cutter block'),
    peak: figure('Torque at a knot', 'torque', 'At the cutter block', { key: true }),
    removal: figure('Chips', 'removal', 'A cut'),
    'energy-of-cut': figure('Energy of the cut by volume', 'stress', 'A cut'),
    'cutting-power': figure('Power of the cut', 'power', 'A cut', { key: true }),
    edge: figure('Speed of the edges', 'rim-speed', 'A cut', { key: true }),
    bite: figure('Feed a knife: from mark to mark', 'length', 'A cut', { key: true }),
    'block-inertia': figure('Inertia of the cutter block', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    marked: {
      name: 'the speed of the cutter block',
      subject: 'whether the cutter block turns too fast',
      source: 'As entered: the speed that the block is good for',
      closeBelow: 0,
      says: {
        holds: 'the cutter block turns at up to {needs}; it is good for {has}',
        may: 'the cutter block may turn too fast: at up to {needs}, and it is good for {has}; a knife that comes loose flies',
        fails: 'the cutter block turns too fast: at up to {needs}, and it is good for {has}; a knife that comes loose flies',
      },
    },
    deep: {
      name: 'the depth of the cut',
      subject: 'whether the cut is shallow enough',
      source: 'Common practice, no source: no more than 3 mm at full width',
      closeBelow: 0,
      says: {
        holds: 'the cut is {needs} deep; up to {has} is usual',
        close: 'the cut is {needs} deep; up to {has} is usual: it kicks back. Two passes',
        fails: 'the cut is {needs} deep; up to {has} is usual: it kicks back. Two passes',
      },
    },
    marks: {
      name: 'the marks of the knives',
      subject: 'how smooth it planes',
      source: 'Common practice, no source: marks up to 1 mm apart look smooth, over 2 mm they are waves; under 0.2 mm the edges rub',
      says: {
        holds: 'its knives leave marks {bite} apart: smooth',
        close: 'its knives leave marks {bite} apart: {why}',
        fails: 'its knives leave marks {bite} apart: {why}',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type PlanerOutputs = typeof planerOutputs;
