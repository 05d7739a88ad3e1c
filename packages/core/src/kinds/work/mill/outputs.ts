import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';
import { insideFigures, insideOutput } from '../../shared/metal-cutting.js';
import { bearingsOutput, speedsOutput } from '../../shared/spindle-speeds.js';

/** What a milling spindle puts out. */
export const millOutputs = {
  figures: {
    torque: figure('Torque needed, mean', 'torque', 'At the spindle', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the spindle'),
    peak: figure('Torque as a tooth cuts its thickest', 'torque', 'At the spindle', { key: true }),
    chip: figure('Mean thickness of the chip', 'length', 'A cut'),
    'force-by-chip': figure('Cutting force by the section of the chip', 'stress', 'A cut'),
    removal: figure('Volume taken off', 'removal', 'A cut', { key: true }),
    'cutting-power': figure('Power by the chip', 'power', 'A cut', { key: true }),
    'power-by-volume': figure('Power by volume, the other school', 'power', 'A cut'),
    surface: figure('Speed of the cut', 'rim-speed', 'A cut', { key: true }),
    advance: figure('Feed of the table', 'feed', 'A cut'),
    'teeth-at-once': figure('Teeth in the cut, mean', 'count', 'A cut'),
    ...insideFigures,
    breaks: figure('Torque at which the cutter breaks', 'torque', 'In a jam'),
    'spun-inertia': figure('Inertia of spindle and cutter', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    ...insideOutput,
    ...bearingsOutput,
    ...speedsOutput,
    wide: {
      name: 'the width of the cut',
      subject: 'whether the cut is no wider than its cutter',
      source: 'Geometry: in one pass a cutter cuts no wider than it is',
      says: {
        holds: 'the cut of {width} is no wider than the cutter of {across}',
        fails: 'the cut of {width} is wider than the cutter, which is {across}: in one pass it cannot be',
      },
    },
    deep: {
      name: 'the depth of the cut',
      subject: 'whether the cutter withstands the depth',
      source: 'Common practice, no source: end mills cut no deeper than one and a half times their diameter, in a slot half of it',
      closeBelow: 0,
      says: {
        holds: 'the cut is {needs} deep; a cutter like it takes up to {has}',
        close: 'the cut is {needs} deep; a cutter like it takes up to {has}: it bends, and chatters',
        fails: 'the cut is {needs} deep; a cutter like it takes up to {has}: it bends, and chatters',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type MillOutputs = typeof millOutputs;
