import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a circular saw for wood puts out. */
export const circularSawOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the arbor', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the arbor'),
    peak: figure('Torque when the wood pinches', 'torque', 'At the arbor', { key: true }),
    removal: figure('Sawdust', 'removal', 'A cut'),
    'energy-of-cut': figure('Energy of the cut by volume', 'stress', 'A cut'),
    'cutting-power': figure('Power of the cut', 'power', 'A cut', { key: true }),
    rim: figure('Speed of the teeth', 'rim-speed', 'A cut', { key: true }),
    bite: figure('Feed a tooth', 'length', 'A cut', { key: true }),
    'saw-inertia': figure('Inertia of blade, arbor and pulley', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    marked: {
      name: 'the speed of the blade',
      subject: 'whether the blade turns too fast',
      source: 'As entered: the speed that is marked on the blade',
      closeBelow: 0,
      says: {
        holds: 'the blade turns at up to {needs}; {has} is marked on it',
        may: 'the blade may turn too fast: at up to {needs}, and {has} is marked on it; its teeth may fly',
        fails: 'the blade turns too fast: at up to {needs}, and {has} is marked on it; its teeth may fly',
      },
    },
    rim: {
      name: 'the speed of the teeth',
      subject: 'whether the teeth run too fast',
      source: 'Common practice, no source: circular saws in wood run at 40 to 70 m/s; the marking on the blade rules',
      closeBelow: 0,
      says: {
        holds: 'the teeth run at up to {needs}; without a mark {has} is the most',
        may: 'the teeth may run too fast: at up to {needs}, and without a mark {has} is the most. Read the blade',
        fails: 'the teeth run too fast: at up to {needs}, and without a mark {has} is the most',
      },
    },
    slow: {
      name: 'the least speed of the teeth',
      subject: 'whether the teeth run fast enough',
      source: 'Common practice, no source: under 40 m/s a hand feels every tooth',
      closeBelow: 0,
      says: {
        holds: 'the teeth run at {has}; from {needs} on the cut is smooth',
        close: 'the teeth run at {has}; under {needs} the hand feels each of them. A larger pulley on the motor',
        fails: 'the teeth run at {has}; under {needs} the hand feels each of them. A larger pulley on the motor',
      },
    },
    chip: {
      name: 'the feed a tooth',
      subject: 'whether each tooth has enough to cut',
      source: 'Common practice, no source: teeth in wood take 0.02 to 0.15 mm each; less rubs and scorches, more tears',
      says: {
        holds: 'each tooth takes {bite}: it cuts, and does not scorch',
        close: 'each tooth takes {bite}: {why}',
        fails: 'each tooth takes {bite}: {why}',
      },
    },
    reach: {
      name: 'the reach of the blade',
      subject: 'whether the blade reaches through',
      source: 'Common practice, no source: collar and table leave about a third of the diameter',
      closeBelow: 0,
      says: {
        holds: 'the blade reaches through {needs}; up to {has} is usual',
        close: 'the wood is {needs} thick, and a blade like it reaches through up to {has}',
        fails: 'the wood is {needs} thick, and a blade like it reaches through up to {has}: a larger blade, or two cuts',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type CircularSawOutputs = typeof circularSawOutputs;
