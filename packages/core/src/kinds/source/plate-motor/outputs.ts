import { figure, type Outputs } from '../../outputs.js';
import { minuteTorque } from '../../shared/motor.js';
import { stallLimit } from '../../shared/motor-fields.js';
import { circuitCheckOutputs, leadCheckOutputs } from '../../shared/on-mains.js';

/** What an induction motor puts out. */
export const plateMotorOutputs = {
  figures: {
    power: figure('Shaft power', 'power', 'At the shaft', { key: true }),
    speed: figure('Rated speed', 'speed', 'At the shaft', { aside: true }),
    'speed-on-wall': figure('Speed on this wall', 'speed', 'At the shaft', { aside: true }),
    torque: figure('Rated torque', 'torque', 'At the shaft', { aside: true }),
    'lasting-torque': figure('Torque for good on this wall', 'torque', 'At the shaft', { aside: true }),
    'for-a-minute': minuteTorque,
    'highest-speed': figure('Highest speed, unloaded', 'speed', 'At the shaft', { aside: true }),
    'shaft-takes': figure('Overhung load its shaft supports', 'force', 'At the shaft'),
    poles: figure('Poles', 'count', 'Winding'),
    'synchronous-speed': figure('Synchronous speed', 'speed', 'Winding'),
    slip: figure('Slip at rated load', 'fraction', 'Winding'),
    efficiency: figure('Efficiency', 'fraction', 'Winding'),
    'power-factor': figure('Power factor', 'fraction', 'Winding'),
    'for-its-duty': figure('Power for as long as the work lasts', 'power', 'Winding'),
    current: figure('Rated current', 'current', 'Current'),
    'drawn-power': figure('Power drawn at rated load', 'power', 'Current'),
    'apparent-power': figure('Apparent power at rated load', 'apparent power', 'Current'),
    'reactive-power': figure('Reactive power at rated load', 'apparent power', 'Current', { aside: true }),
    'starting-current-in-star': figure('Starting current, started in star', 'current', 'Current'),
    'capacitor-reactance': figure('Reactance of the capacitor', 'resistance', 'Capacitor', { aside: true }),
    'capacitor-current': figure('Current through the capacitor', 'current', 'Capacitor'),
    'capacitor-energy': figure('Energy left in the capacitor', 'energy', 'Capacitor'),
    'discharged-after': figure('Discharged to 50 V by 15 kΩ in', 'time', 'Capacitor'),
    'bleeder-power': figure('Power in that resistor at first', 'power', 'Capacitor', { aside: true }),
    'run-capacitor': figure('Run capacitor for one phase', 'capacitance', 'Capacitor'),
    'starting-current': figure('Starting current', 'current', 'Current'),
    'voltage-at-start': figure('Voltage while it starts', 'voltage', 'Current'),
    'voltage-at-work': figure('Voltage at its rated load', 'voltage', 'Current'),
    'torque-at-rest': figure('Starting torque', 'torque', 'Start', { key: true }),
    'most-torque': figure('Breakdown torque', 'torque', 'Start', { key: true }),
    'stall-torque': figure('Stall torque', 'torque', 'Start', { aside: true }),
    'withstands-stall': figure('Time the stalled winding lasts', 'time', 'Start'),
    'holds-back': figure('Torque that holds it back, driven', 'torque', 'Driven'),
    'rotor-inertia': figure('Inertia of the rotor', 'inertia', 'Start'),
  },
  checks: {
    plate: {
      name: 'the plate of the motor',
      subject: 'whether the plate agrees with itself',
      source: 'Balance of power: efficiency and power factor cannot exceed 1',
      contradicts: true,
      says: {
        holds: 'the plate agrees with itself: {power} from {voltage} and {current} is {share:share} efficiency times power factor',
        may: 'the plate may contradict itself: {power} from {voltage} and {current} would need {share:share} efficiency times power factor',
        fails:
          'the plate contradicts itself: {power} from {voltage} and {current} would need {share:share} efficiency; it would draw at least {consistent}. By its amps it has {byAmps} at the shaft. A peak or a brochure’s power is no shaft power: enter what it runs all day',
      },
    },
    slip: {
      name: 'the speed against poles',
      subject: 'whether speed and poles agree',
      source: 'IEC 60034-1: an induction motor lags its synchronous speed, a small one by 2 to 10 % (common practice, no source)',
      contradicts: true,
      closeBelow: 0,
      says: {
        holds: '',
        fails:
          'the plate’s speed cannot be that of a loaded induction motor: {needs} against a synchronous speed of {synchronous}, which is the speed of the field. Read the plate again: it should say {likely}',
      },
    },
    poles: {
      name: 'the speed on the plate',
      subject: 'whether it is the speed of a motor',
      source: 'Common practice, no source: small induction motors are wound with 2 to 12 poles',
      contradicts: true,
      closeBelow: 0,
      says: {
        holds: 'it has {needs} poles',
        fails:
          'no motor is wound with {needs} poles: {speed} is the speed of a gearmotor’s output shaft. Enter the motor’s own speed, about {own:likely}, and a gearbox of about {ratio:likely} to 1: {behind} then come out of it',
      },
    },
    lag: {
      name: 'the speed against frequency',
      subject: 'whether speed and frequency agree',
      source: 'Common practice, no source: loaded motors lag by 2 to 10 %, the smallest by 15',
      contradicts: true,
      closeBelow: 0,
      says: {
        holds: '',
        fails:
          'the plate’s speed does not go with this frequency: {speed} against a synchronous speed of {synchronous} is {needs:share} of lag. Enter the plate’s own frequency, or read the speed again: it should say {likely}',
      },
    },
    family: {
      name: 'the speed of the motor',
      subject: 'whether it is an induction motor',
      source: 'Synchronous speed: two poles on 60 Hz are 3600 rpm (definition)',
      contradicts: true,
      closeBelow: 0,
      says: {
        holds: '',
        fails:
          'no induction motor on the mains turns {needs}: two poles on 60 Hz are {has}. So fast are universal motors with brushes, and brushless ones on a drive: choose its kind anew, what both have is kept',
      },
    },
    current: {
      name: 'the kind of current',
      subject: 'whether it is supplied with alternating current',
      source: 'Textbooks on electric machines: direct current makes no turning field',
      says: {
        holds: '',
        fails: 'an induction motor needs alternating current and is supplied with direct current: it does not turn, and burns',
      },
    },
    phases: {
      name: 'the phases of the wall',
      subject: 'whether the wall has the motor’s phases',
      source: 'Textbooks on electric machines: three phases turn a motor, one does not',
      closeBelow: 0,
      says: {
        holds: 'the motor has three phases, the wall has one: a frequency converter makes three of it',
        close:
          'the motor has three phases, the wall has one: a run capacitor of about {capacitor} makes the third, at two thirds of the power and with little torque at rest',
        fails:
          'the motor has three phases, the wall has one: it hums, does not start and burns. A frequency converter makes three phases of one; a run capacitor of about {capacitor} does too, at two thirds of the power and with little torque at rest',
      },
    },
    frequency: {
      name: 'the frequency of the motor',
      subject: 'whether the motor is made for this frequency',
      source:
        'Textbooks on electric machines: over 1.1 of the plate’s volts per hertz the iron is full and the winding burns (common practice, no source)',
      says: {
        holds: '',
        close: 'the plate says {rated}, the wall has {wall}: it turns {speed}, not {before}, and has {lasting} for good',
        may: 'the plate says {rated}, the wall has {wall}: it turns {speed}, not {before}, and may burn: {needs} of the plate’s volts per hertz, {has} are allowed',
        fails:
          'the plate says {rated}, the wall has {wall}: the motor burns, at {needs} of the plate’s volts per hertz, {has} are allowed. It would turn {speed}, not {before}',
      },
    },
    ...leadCheckOutputs,
    voltage: {
      name: 'the voltage of the motor',
      subject: 'whether the motor is made for this voltage',
      source: 'IEC 60034-1: ±5 % for good (zone A), ±10 % with a warmer winding (zone B)',
      closeBelow: 0.5,
      says: {
        holds: 'the plate says {plate}, the wall has {wall}',
        fails:
          'the plate says {plate}, the wall has {wall}: {needs:share} off, 10 % is allowed. Its torque goes with the square of the voltage, and too much burns its winding',
      },
    },
    ...circuitCheckOutputs,
    duty: {
      name: 'the time on load',
      subject: 'whether it runs the work for as long as that lasts',
      source: 'Duty types of IEC 60034-1; one time constant of warming up, losses with the square of the load (textbooks on electric machines)',
      says: 'for {lasts} the motor runs {has}, its plate being for {duty}; the work needs {needs}',
    },
  },
  limits: stallLimit,
} as const satisfies Outputs;

export type PlateMotorOutputs = typeof plateMotorOutputs;
