import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a shredder puts out. */
export const shredderOutputs = {
  figures: {
    torque: figure('Torque needed, mean', 'torque', 'At the rotor', { key: true }),
    peak: figure('Torque at its peaks', 'torque', 'At the rotor', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the rotor'),
    'torque-by-energy': figure('Torque by energy', 'torque', 'At the rotor'),
    'torque-by-hooks': figure('Torque by hooks', 'torque', 'At the rotor'),
    'shred-energy': figure('Energy a kilogram', 'specific-energy', 'At the rotor', { key: true }),
    'shred-power': figure('Power by throughput', 'power', 'At the rotor'),
    'shear-strength': figure('Shear strength of what goes in', 'stress', 'A cut'),
    'force-on-hook': figure('Force on one hook or knife', 'force', 'A cut', { key: true }),
    'bite-angle': figure('Turn over which a hook cuts', 'angle', 'A cut'),
    'hooks-mean': figure('Hooks at once, mean', 'count', 'A cut'),
    'hooks-most': figure('Hooks at once, most', 'count', 'A cut'),
    'hooks-loaded': figure('Hooks that are loaded at once', 'count', 'A cut'),
    'hook-bends': figure('Force at which a hook bends', 'force', 'A cut'),
    'tip-speed': figure('Speed of the tips', 'rim-speed', 'At the rotor'),
    'one-cut': figure('Energy of one cut', 'energy', 'A cut'),
    stored: figure('Energy that spins', 'energy', 'At the rotor'),
    'rotor-inertia': figure('Inertia of rotor and pulley', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    slow: {
      name: 'the speed of the shredder',
      subject: 'whether it turns slowly enough to bite',
      source: 'Common practice, no source: one shaft with hooks up to 100 rpm, two shafts up to 60; faster it throws and rides instead of biting',
      says: 'it turns at up to {needs}; over {has} what goes in is thrown and rides on the hooks',
    },
    tips: {
      name: 'the speed of the knives',
      subject: 'whether the knives are slow enough',
      source: 'Common practice, no source: over 12 m/s plastic smears and dusts',
      says: 'the knives run at up to {needs}; over {has} plastic smears and makes dust',
    },
    order: {
      name: 'the order of the blades',
      subject: 'how its blades are turned to each other',
      source: 'Count of the hooks that cut at once over a turn; close from twice the fewest that any order has (Hobrek’s threshold)',
      says: {
        holds: 'its blades are staggered: {most} hooks at once at the most, {mean} on the average',
        close: 'its blades are not spread evenly: {most} hooks at once at the most; staggered one by one there would be {least}',
        fails: 'the order “{text}” is none: numbers of places from 1 to 99, as 1-2-3',
      },
    },
    gap: {
      name: 'the gap beside the blades',
      subject: 'whether the blades pass each other with little gap',
      source: 'Common practice, no source: a gap of up to a quarter of what is cut; with more it is drawn in and wraps round the shaft',
      says: {
        holds: 'the gap beside each blade is {needs}: what is cut is {wall} thick',
        close: 'the gap beside each blade is {needs}, for {wall} at most {has}: what goes in may be drawn in and wrap round the shaft',
        may: 'the gap beside each blade is {needs}, for {wall} at most {has}: what goes in may be drawn in and wrap round the shaft',
        fails: 'the gap beside each blade is {needs}, for {wall} at most {has}: what goes in is drawn in and wraps round the shaft',
      },
    },
    meets: {
      name: 'the blades against each other',
      subject: 'whether the blades pass each other',
      source: 'Geometry: a spacer as thick as what is in it, or thinner, lets the hooks meet it',
      says: {
        holds: 'the spacers of {spacer} let {between} pass',
        fails: 'the blades meet what is between them: {between} in a spacer of {spacer}. Spacers have to be thicker by two gaps',
      },
    },
    stores: {
      name: 'the pulley of the rotor',
      subject: 'whether what spins makes the cut',
      source: 'Common practice, no source: what spins holds ten times the energy of a cut, so that it slows by a twentieth',
      says: {
        holds: 'what spins holds {stored}, one cut takes {cut}',
        may: 'what spins holds {stored}, one cut takes {cut}: it may be slowed too much; ten times as much is needed. A heavier pulley',
        fails: 'what spins holds {stored}, one cut takes {cut}: it stalls in the cut; ten times as much is needed. A heavier pulley',
      },
    },
    hook: {
      name: 'the strength of a hook',
      subject: 'whether a hook withstands its cut',
      source: 'Bending at the root of the hook, as entered; common practice, no source, for its steel',
      says: {
        holds: 'a hook bends at {has}; its cut takes {needs}',
        may: 'a hook may bend: at {has}, and its cut takes {needs}',
        fails: 'a hook bends: at {has}, and its cut takes {needs}',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type ShredderOutputs = typeof shredderOutputs;
