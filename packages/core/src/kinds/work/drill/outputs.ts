import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';
import { insideFigures, insideOutput } from '../../shared/metal-cutting.js';
import { bearingsOutput, speedsOutput } from '../../shared/spindle-speeds.js';

/** What a drill puts out. */
export const drillOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the spindle', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the spindle'),
    peak: figure('Torque as it breaks through', 'torque', 'At the spindle', { key: true }),
    thrust: figure('Thrust', 'force', 'A hole', { key: true }),
    chip: figure('Thickness of the chip', 'length', 'A hole'),
    'cutting-power': figure('Power of the cut', 'power', 'A hole'),
    surface: figure('Speed of the cut at the greatest drill', 'rim-speed', 'A hole', { key: true }),
    advance: figure('Feed', 'feed', 'A hole'),
    ...insideFigures,
    breaks: figure('Torque at which the drill breaks', 'torque', 'In a jam'),
    'spun-inertia': figure('Inertia of spindle and chuck', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    ...insideOutput,
    ...bearingsOutput,
    ...speedsOutput,
    pilot: {
      name: 'the pilot hole',
      subject: 'whether the pilot hole is smaller than the drill',
      source: 'Geometry: what is drilled already is not drilled again',
      says: {
        holds: 'a pilot hole of {pilot} is smaller than the drill of {across}',
        fails: 'the pilot hole of {pilot} is as large as the drill of {across}: nothing is left to drill',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type DrillOutputs = typeof drillOutputs;
