import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a belt grinder puts out. */
export const beltGrinderOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the driven wheel', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the driven wheel'),
    peak: figure('Torque leaned on', 'torque', 'At the driven wheel', { key: true }),
    drag: figure('Drag on the belt', 'force', 'The belt', { key: true }),
    'belt-speed': figure('Speed of the belt', 'rim-speed', 'The belt', { key: true }),
    'rubbing-power': figure('Power of what is pressed on', 'power', 'At the driven wheel'),
    'runs-empty': figure('Power it takes without work', 'power', 'At the driven wheel'),
    'power-by-width': figure('Power by width, the rule of the trade', 'power', 'At the driven wheel', { key: true }),
    'wheels-inertia': figure('Inertia of the wheels', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    fast: {
      name: 'the speed of the belt',
      subject: 'whether the belt runs too fast',
      source: 'Common practice, no source: belts run at 20 to 30 m/s on steel, at 10 to 20 on wood, which scorches over that',
      closeBelow: 0,
      says: {
        holds: 'the belt runs at up to {needs}; up to {has} is right for {what}',
        close: 'the belt runs at up to {needs}; up to {has} is right for {what}: over that it burns the work',
        fails: 'the belt runs at up to {needs}; up to {has} is right for {what}: over that it burns the work, and a torn end is a whip',
      },
    },
    wheel: {
      name: 'the speed of the driven wheel',
      subject: 'whether the driven wheel withstands its speed',
      source: 'Common practice, no source: balanced wheels of aluminium or sound plastic run at up to 40 m/s at the rim',
      closeBelow: 0,
      says: {
        holds: 'the driven wheel runs at up to {needs} at its rim; it is good for {has}',
        may: 'the driven wheel may burst: it runs at up to {needs} at its rim, and is good for {has}',
        fails: 'the driven wheel may burst: it runs at up to {needs} at its rim, and is good for {has}',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type BeltGrinderOutputs = typeof beltGrinderOutputs;
