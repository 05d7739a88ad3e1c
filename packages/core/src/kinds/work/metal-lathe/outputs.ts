import { cuttingSpeedSource } from '../../../catalog/cut-metals.js';
import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';
import { speedsOutput } from '../../shared/spindle-speeds.js';

/** What a lathe for metal puts out. */
export const metalLatheOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the spindle', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the spindle'),
    peak: figure('Torque when it digs in', 'torque', 'At the spindle', { key: true }),
    'cutting-force': figure('Cutting force', 'force', 'A cut', { key: true }),
    'cutting-power': figure('Power by the chip', 'power', 'A cut', { key: true }),
    'power-by-volume': figure('Power by volume, the other school', 'power', 'A cut'),
    removal: figure('Volume taken off', 'removal', 'A cut'),
    surface: figure('Speed of the cut at the greatest diameter', 'rim-speed', 'A cut', { key: true }),
    'for-least': figure('Speed for the least diameter', 'speed', 'At the spindle'),
    'faces-at-one-speed': figure('Facing down to the least diameter, at one speed', 'time', 'At the spindle'),
    'faces-at-one-cut': figure('Facing down to it at a constant speed of cut', 'time', 'At the spindle'),
    'spun-inertia': figure('Inertia of chuck and work', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    burns: {
      name: 'the speed of the cut',
      subject: 'whether the edge stays cool',
      source: cuttingSpeedSource,
      closeBelow: 0,
      says: {
        holds: 'the cut runs at {needs} on the greatest diameter; up to {has} the edge lasts',
        may: 'the edge may burn on the greatest diameter: the cut runs at {needs}, and up to {has} it lasts. A slower step',
        fails: 'the edge burns on the greatest diameter: the cut runs at {needs}, and up to {has} it lasts. A slower step, or carbide',
      },
    },
    range: {
      name: 'the range of speeds',
      subject: 'whether it is fast enough for the least diameter',
      source: cuttingSpeedSource,
      closeBelow: 0,
      says: {
        holds: 'for the least diameter {needs} and more would be right; it turns at up to {has}',
        close: 'for the least diameter {needs} and more would be right, and it turns at up to {has}: it cuts slowly there. Another step, or a drive',
        fails: 'for the least diameter {needs} and more would be right, and it turns at up to {has}: it cuts slowly there. Another step, or a drive',
      },
    },
    chuck: {
      name: 'the speed of the chuck',
      subject: 'whether the chuck turns too fast',
      source: 'As entered: the speed that is marked on the chuck',
      closeBelow: 0,
      says: {
        holds: 'the chuck turns at up to {needs}; {has} is marked on it',
        may: 'the chuck may turn too fast: at up to {needs}, and {has} is marked on it',
        fails: 'the chuck turns too fast: at up to {needs}, and {has} is marked on it; its jaws may open',
      },
    },
    ...speedsOutput,
    deep: {
      name: 'the depth of the cut',
      subject: 'whether the work is deep enough for the cut',
      source: 'Geometry: no cut is deeper than half the stock',
      says: {
        holds: 'the cut of {depth} fits into stock of {stock}',
        fails: 'the cut of {depth} is deeper than half of the stock, which is {stock}',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type MetalLatheOutputs = typeof metalLatheOutputs;
