import { figure, type Outputs } from '../../outputs.js';
import { minuteTorque } from '../../shared/motor.js';
import { suppliedOutputs } from '../../shared/supplied.js';

/** What a gearmotor puts out, at its output shaft. */
export const gearmotorOutputs = {
  figures: {
    power: figure('Power at the output', 'power', 'At the shaft', { key: true }),
    torque: figure('Rated torque', 'torque', 'At the shaft', { aside: true }),
    'for-a-minute': minuteTorque,
    speed: figure('Rated speed', 'speed', 'At the shaft', { aside: true }),
    'highest-speed': figure('Highest speed, unloaded', 'speed', 'At the shaft', { aside: true }),
    'shaft-takes': figure('Overhung load its output shaft supports', 'force', 'At the shaft'),
    efficiency: figure('Efficiency of the gears', 'fraction', 'Gears'),
    backward: figure('Efficiency of the gears, driven backward', 'fraction', 'Gears'),
    'torque-at-rest': figure('Starting torque', 'torque', 'Start', { key: true }),
    'most-torque': figure('Most torque', 'torque', 'Start', { key: true }),
    'withstands-stall': figure('Time the stalled winding lasts', 'time', 'Start'),
    inertia: figure('Inertia of its rotor, at the output', 'inertia', 'Start'),
  },
  checks: {
    rating: {
      name: 'the rating of the gears',
      subject: 'whether its gears are rated for the work',
      source: 'The plate of the box',
      says: {
        holds: 'its gears are rated for {has}; the work needs {needs}',
        fails: 'its gears are rated for too little: {has}; the work needs {needs}',
      },
    },
    gears: {
      name: 'the gears in a stall',
      subject: 'whether its gears withstand a stall of its own motor',
      source: 'Common practice, no source: gears of a small box withstand 2 to 4 times their rating for a moment',
      closeBelow: 0,
      says: {
        holds: 'stalled it loads its own gears with {needs}; they withstand {has}',
        may: 'stalled it may break its own gears: {needs}; they withstand {has}. A torque limiter behind it prevents that',
        fails: 'stalled it breaks its own gears: {needs}; they withstand {has}. A torque limiter behind it prevents that',
      },
    },
    kind: {
      name: 'the kind of current',
      subject: 'whether its supply is of the right kind',
      source: 'Textbooks on electric machines',
      says: { holds: '', fails: 'the motor inside needs {own} current and is supplied with {there} current: it does not turn, and burns' },
    },
    ...suppliedOutputs,
  },
  limits: {
    stall: {
      short: 'gearmotor stalls',
      what: 'the gearmotor',
      fails: 'stalls',
      may: 'may stall',
      harm: 'harmless',
      lasts: 'the stalled winding lasts {lasts}',
    },
  },
} as const satisfies Outputs;

export type GearmotorOutputs = typeof gearmotorOutputs;
