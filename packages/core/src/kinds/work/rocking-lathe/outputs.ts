import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What an ornamental lathe with a rocking headstock puts out. */
export const rockingLatheOutputs = {
  figures: {
    torque: figure('Torque needed, mean', 'torque', 'At the spindle', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the spindle'),
    peak: figure('Torque on the steepest flank', 'torque', 'At the spindle', { key: true }),
    flank: figure('Steepest flank', 'angle', 'The rosette', { key: true }),
    leaves: figure('Speed at which the rubber leaves', 'speed', 'The rosette', { key: true }),
    surface: figure('Speed of the work', 'rim-speed', 'At the spindle'),
    'spun-inertia': figure('Inertia of spindle, rosettes and chuck', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    leaves: {
      name: 'the speed of the rosette',
      subject: 'whether the rubber stays on the rosette',
      source: 'Cam mechanics: the spring moves what rocks down the hill behind it (closed form); a third of that speed is common practice, no source',
      closeBelow: 2 / 3,
      says: {
        holds: 'it turns at up to {needs}; the rubber leaves the rosette at {has}',
        close: 'it turns at up to {needs}, and the rubber leaves the rosette at {has}: the pattern is sharp up to a third of that',
        may: 'the rubber may leave the rosette: it turns at up to {needs}, and from {has} on it does. Slower, or a stronger spring',
        fails: 'the rubber leaves the rosette: it turns at up to {needs}, and from {has} on it does. Slower, or a stronger spring',
      },
    },
    climbs: {
      name: 'the flank of the rosette',
      subject: 'whether the rubber climbs the flank',
      source: 'Cam mechanics: flank and friction together stay under 60° (common practice, no source)',
      says: {
        holds: 'the steepest flank is {flank}: the rubber climbs it',
        close: 'the steepest flank is {flank}: the rubber climbs it with a jerk. A roller, or fewer lobes',
        fails: 'the steepest flank is {flank}: the rubber jams on it. Fewer lobes, or less depth',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type RockingLatheOutputs = typeof rockingLatheOutputs;
