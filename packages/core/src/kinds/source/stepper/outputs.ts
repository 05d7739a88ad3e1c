import { figure, type Outputs } from '../../outputs.js';
import { suppliedOutputs } from '../../shared/supplied.js';

/** What a stepper puts out. */
export const stepperOutputs = {
  figures: {
    torque: figure('Pull-out torque at its speed', 'torque', 'At the shaft', { key: true }),
    'highest-speed': figure('Speed at which next to nothing is left', 'speed', 'At the shaft', { key: true }),
    'shaft-takes': figure('Overhung load its shaft supports', 'force', 'At the shaft'),
    constant: figure('Torque an ampere', 'motor constant', 'Winding'),
    'steps-a-turn': figure('Full steps a turn', 'count', 'Winding'),
    'pulse-rate': figure('Pulses a second', 'frequency', 'Driver'),
    'heat-standing': figure('Heat while it holds', 'power', 'Driver'),
    'usual-volts': figure('Most volts for its inductance', 'voltage', 'Driver'),
    'torque-at-rest': figure('Torque slowly stepped', 'torque', 'Start', { key: true }),
    resonance: figure('Speed at which it resonates, full steps', 'speed', 'Start'),
    'rotor-inertia': figure('Inertia of the rotor', 'inertia', 'Start'),
  },
  checks: {
    steps: {
      name: 'the steps of the stepper',
      subject: 'whether it loses steps',
      source: 'Common practice, no source: half of the pull-out torque is left for shocks and for speeding up',
      closeBelow: 0.4,
      says: {
        holds: 'it keeps its steps: it follows {has} at this speed, the work needs {needs}',
        close: 'it keeps its steps as long as nothing knocks: it follows {has} at this speed, the work needs {needs}; twice that is usual',
        may: 'it may lose steps: it follows {has} at this speed, the work needs {needs}. Slower, more volts at the driver, or a larger one',
        fails: 'it loses steps: it follows {has} at this speed, the work needs {needs}. Slower, more volts at the driver, or a larger one',
      },
    },
    heat: {
      name: 'the current of the driver',
      subject: 'whether the driver is set too high',
      source: 'Common practice, no source: at its rated current in both phases a stepper is hot to the touch, and made for it',
      closeBelow: 0,
      says: {
        holds: 'the driver is set to {needs}; the motor is made for {has}',
        may: 'the driver may be set too high: {needs}; the motor is made for {has}',
        fails: 'the driver is set too high: {needs}; the motor is made for {has} and burns',
      },
    },
    volts: {
      name: 'the volts of the driver',
      subject: 'whether the driver has too many volts for it',
      source: 'Common practice, no source: 32 times the root of the inductance in mH; more heats its iron',
      closeBelow: 0,
      says: {
        holds: 'the driver has {needs}; up to {has} suit its inductance',
        may: 'the driver may have too many volts: {needs}; up to {has} suit its inductance, more heats its iron',
        fails: 'the driver has too many volts: {needs}; up to {has} suit its inductance, more heats its iron',
      },
    },
    resonance: {
      name: 'the resonance of the stepper',
      subject: 'whether it is stepped where it resonates',
      source: 'Textbooks on steppers (relation): the stiffness of its field and its inertia; full steps at 0.7 to 1.4 of that rate shake it',
      says: {
        holds: 'it is stepped at {speed}, away from its resonance at {at}',
        close: 'it is stepped at {speed}, near its resonance at {at}: pass it quickly, microstep it, or put a damper on the shaft',
        fails: 'it is stepped at {speed}, near its resonance at {at}',
      },
    },
    direct: {
      name: 'the kind of current',
      subject: 'whether its driver is supplied with direct current',
      source: 'Common practice, no source: a stepper’s driver is supplied with direct current',
      says: {
        holds: 'its driver is supplied with direct current',
        fails: 'its driver needs direct current and is supplied with alternating current: a supply comes between',
      },
    },
    amps: suppliedOutputs.amps,
  },
  limits: {
    stall: { short: 'stepper loses steps', what: 'the stepper', fails: 'loses steps', may: 'may lose steps', harm: 'harmless' },
  },
} as const satisfies Outputs;

export type StepperOutputs = typeof stepperOutputs;
