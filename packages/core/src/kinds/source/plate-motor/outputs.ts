import { tripSource } from '../../../catalog/breakers.js';
import { figure, type Outputs } from '../../outputs.js';

/** What an induction motor puts out. */
export const plateMotorOutputs = {
  figures: {
    power: figure('Shaft power', 'power', 'At the shaft', { key: true }),
    speed: figure('Rated speed', 'speed', 'At the shaft', { aside: true }),
    torque: figure('Rated torque', 'torque', 'At the shaft', { aside: true }),
    'highest-speed': figure('Highest speed, unloaded', 'speed', 'At the shaft', { aside: true }),
    'shaft-takes': figure('Overhung load its shaft supports', 'force', 'At the shaft'),
    poles: figure('Poles', 'count', 'Winding'),
    'synchronous-speed': figure('Synchronous speed', 'speed', 'Winding'),
    slip: figure('Slip at rated load', 'fraction', 'Winding'),
    efficiency: figure('Efficiency', 'fraction', 'Winding'),
    'power-factor': figure('Power factor', 'fraction', 'Winding'),
    'all-day': figure('Power all day', 'power', 'Winding'),
    current: figure('Rated current', 'current', 'Current'),
    'starting-current': figure('Starting current', 'current', 'Current'),
    'voltage-at-start': figure('Voltage while it starts', 'voltage', 'Current'),
    'torque-at-rest': figure('Starting torque', 'torque', 'Start', { key: true }),
    'most-torque': figure('Breakdown torque', 'torque', 'Start', { key: true }),
    'withstands-stall': figure('Time the stalled winding lasts', 'time', 'Start'),
    'rotor-inertia': figure('Inertia of the rotor', 'inertia', 'Start'),
  },
  checks: {
    plate: {
      subject: 'whether the plate agrees with itself',
      source: 'Balance of power: efficiency and power factor cannot exceed 1',
      contradicts: true,
      says: {
        holds: 'the plate agrees with itself: {power} from {voltage} and {current} is {share:share} efficiency times power factor',
        may: 'the plate may contradict itself: {power} from {voltage} and {current} would need {share:share} efficiency times power factor',
        fails:
          'the plate contradicts itself: {power} from {voltage} and {current} would need {share:share} efficiency; it would draw at least {consistent}. A peak or a brochure’s power is no shaft power: enter what it runs all day',
      },
    },
    slip: {
      subject: 'whether speed and poles agree',
      source: 'IEC 60034-1: an induction motor lags its synchronous speed, a small one by 2 to 10 % (common practice, no source)',
      contradicts: true,
      closeBelow: 0,
      says: {
        holds: '',
        fails:
          'the plate’s speed cannot be that of a loaded induction motor: {needs} against a synchronous speed of {synchronous}; read the plate again, it should say up to about {likely:likely}',
      },
    },
    poles: {
      subject: 'whether it is the speed of a motor',
      source: 'Common practice, no source: small induction motors are wound with 2 to 12 poles',
      contradicts: true,
      closeBelow: 0,
      says: {
        holds: 'it has {needs} poles',
        fails:
          'no motor is wound with {needs} poles: {speed} is the speed of a gearmotor’s output shaft. Enter the motor’s own speed, about {own:likely}, and a gearbox of about {ratio:likely} to 1',
      },
    },
    inrush: {
      subject: 'whether the breaker withstands the start',
      source: tripSource,
      says: {
        holds: 'the breaker withstands the start: it trips at {has}, the motor draws {needs}',
        may: 'the breaker may trip at the start: it trips at {has}, the motor draws {needs}',
        fails: 'the breaker trips at the start: it trips at {has}, the motor draws {needs}',
      },
    },
    voltage: {
      subject: 'whether the motor is made for this voltage',
      source: 'IEC 60034-1: ±5 % for good (zone A), ±10 % with a warmer winding (zone B)',
      closeBelow: 0.5,
      says: {
        holds: 'the plate says {plate}, the wall has {wall}',
        fails:
          'the plate says {plate}, the wall has {wall}: {needs:share} off, 10 % is allowed. Its torque goes with the square of the voltage, and too much burns its winding',
      },
    },
    circuit: {
      subject: 'whether the wall circuit feeds it',
      source: 'Common practice, no source: volts times amps, 80 % of it steadily where a code says so',
      says: 'the wall circuit feeds {has} at the shaft, steadily; the work needs {needs}. It does not limit a jam',
    },
    duty: {
      subject: 'whether it runs the work all day',
      source: 'Common practice, no source: equal heat, losses with the square of the load',
      says: 'all day the motor runs {has}, its plate being for {duty}; the work needs {needs}',
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

export type PlateMotorOutputs = typeof plateMotorOutputs;
