import { figure, type Outputs } from '../../outputs.js';
import { suppliedOutputs } from '../../shared/supplied.js';

/** What a DC motor with magnets puts out. */
export const pmDcOutputs = {
  figures: {
    power: figure('Shaft power', 'power', 'At the shaft', { key: true }),
    speed: figure('Full-load speed on this supply', 'speed', 'At the shaft', { aside: true }),
    torque: figure('Torque for good', 'torque', 'At the shaft', { aside: true }),
    'highest-speed': figure('Highest speed, unloaded', 'speed', 'At the shaft', { key: true }),
    'shaft-takes': figure('Overhung load its shaft supports', 'force', 'At the shaft'),
    constant: figure('Constant of the motor', 'motor constant', 'Winding'),
    resistance: figure('Resistance of the armature', 'resistance', 'Winding'),
    friction: figure('Friction of the motor', 'torque', 'Winding'),
    'copper-heat': figure('Heat in the winding at full load', 'power', 'Winding'),
    current: figure('Rated current', 'current', 'Current'),
    'lasting-current': figure('Current for good, its mean', 'current', 'Current'),
    'held-current': figure('Current of the held rotor', 'current', 'Current'),
    'torque-at-rest': figure('Starting torque', 'torque', 'Start', { key: true }),
    'withstands-stall': figure('Time the stalled winding lasts', 'time', 'Start'),
    'rotor-inertia': figure('Inertia of rotor and flywheel', 'inertia', 'Start'),
  },
  checks: {
    plate: {
      name: 'the plate of the motor',
      subject: 'whether the plate agrees with itself',
      source: 'Balance of power: no more at the shaft than goes in',
      contradicts: true,
      closeBelow: 0.05,
      says: {
        holds: 'the plate agrees with itself: {power} of {has} that it draws',
        may: 'the plate may contradict itself: {power} of {has} that its volts and amps are',
        fails:
          'the plate contradicts itself: {power} of {has} that its volts and amps are. A peak or a brochure’s horsepower is no shaft power: by its amps it has {byAmps}',
      },
    },
    direct: {
      name: 'the kind of current',
      subject: 'whether it is supplied with direct current',
      source: 'Textbooks on electric machines: on alternating current the torque of a steady field turns with every half wave',
      says: {
        holds: 'it is supplied with direct current',
        fails:
          'it needs direct current and is supplied with alternating current: it hums, does not turn and burns. A rectifier, a board or a battery comes between',
      },
    },
    ...suppliedOutputs,
    magnets: {
      name: 'the magnets of the motor',
      subject: 'whether a stall weakens its magnets',
      source: 'Common practice, no source: ferrite magnets are weakened for good by 5 to 12 times the rated current, cold ones sooner',
      closeBelow: 0,
      says: {
        holds: 'a stall leaves its magnets as they are: {needs} stalled, they withstand {has}',
        may: 'a stall at this voltage may weaken its magnets for good: {needs} stalled, they withstand {has}. A supply that limits its current prevents it',
        fails:
          'a stall at this voltage weakens its magnets for good: {needs} stalled, they withstand {has}. A supply that limits its current prevents it',
      },
    },
  },
  limits: {
    stall: {
      short: 'motor stalls',
      what: 'the motor',
      fails: 'stalls',
      may: 'may stall',
      harm: 'harmless',
      lasts: 'the stalled winding lasts {lasts}',
    },
  },
} as const satisfies Outputs;

export type PmDcOutputs = typeof pmDcOutputs;
