import { figure, type Outputs } from '../../outputs.js';

/** What a tub on springs that is shaken puts out. */
export const vibratoryTumblerOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the exciter', { key: true }),
    breakaway: figure('Torque that lifts the eccentric', 'torque', 'At the exciter', { key: true }),
    'exciter-force': figure('Force of the eccentric', 'force', 'At the exciter', { key: true }),
    unbalance: figure('Eccentric, mass by radius', 'unbalance', 'At the exciter'),
    'exciter-drag': figure('Torque of its bearings', 'torque', 'At the exciter'),
    'shaking-power': figure('Power that shaking takes', 'power', 'At the exciter'),
    amplitude: figure('Amplitude, each way', 'length', 'As it shakes', { key: true }),
    shakes: figure('Acceleration', 'acceleration', 'As it shakes', { key: true }),
    'vibrating-mass': figure('Vibrating mass', 'mass', 'As it shakes'),
    'to-floor': figure('Force passed on to the floor', 'force', 'As it shakes'),
    'spring-rate': figure('Rate of all springs', 'spring-rate', 'Its springs'),
    'natural-frequency': figure('Natural frequency, a minute', 'speed', 'Its springs'),
    sag: figure('Sag of the springs under all', 'length', 'Its springs'),
    'amplitude-up': figure('Greatest amplitude as it runs up', 'length', 'Passing resonance'),
    'amplitude-down': figure('Greatest amplitude as it runs down', 'length', 'Passing resonance'),
    'torque-passing': figure('Torque that passing resonance takes', 'torque', 'Passing resonance'),
    'bearing-load': figure('Load on one bearing of the exciter', 'force', 'At the exciter'),
    'eccentric-inertia': figure('Inertia of the eccentric', 'inertia', 'At the exciter'),
  },
  checks: {
    tuned: {
      name: 'the springs',
      subject: 'whether its springs are soft enough',
      source: 'Vibration textbooks; common practice, no source: it runs at three times its natural frequency at least',
      says: {
        holds: 'it runs at {has}; three times its natural frequency is {needs}',
        may: 'it may run too near resonance: at {has}, and three times that is {needs}. Softer springs',
        fails: 'it runs too near resonance: at {has}, and three times that is {needs}. Softer springs, or a faster exciter',
      },
    },
    weak: {
      name: 'the acceleration',
      subject: 'whether it is shaken enough',
      source: 'Common practice, no source: under 2.5 g media and parts hardly move against each other',
      closeBelow: 0,
      says: {
        holds: 'it shakes with {has}; from {needs} on media and parts move',
        may: 'it shakes with {has}: under {needs} media and parts may hardly move',
        fails: 'it shakes with {has}: under {needs} media and parts hardly move. A heavier eccentric, or a faster one',
      },
    },
    rough: {
      name: 'the acceleration',
      subject: 'whether it is shaken too much',
      source: 'Common practice, no source: over 8 g parts bounce and are chipped, over 6 g moulds jump and a mix separates',
      closeBelow: 0,
      says: {
        holds: 'it shakes with {needs}; up to {has} nothing bounces',
        may: 'it shakes with {needs}: over {has} what is in it may bounce and chip, a mould jumps',
        fails: 'it shakes with {needs}: over {has} what is in it bounces and chips, a mould jumps. A lighter eccentric',
      },
    },
    bearing: {
      name: 'the bearings of the exciter',
      subject: 'whether its bearings last',
      source: 'Makers’ lists (from memory): a tenth of the dynamic load rating for a long life under shaking (common practice, no source)',
      says: {
        holds: 'each bearing of the exciter has {needs}; {has} is right for a long life',
        may: 'each bearing of the exciter has {needs}, and {has} is right for a long life: they may not last',
        fails: 'each bearing of the exciter has {needs}, and {has} is right for a long life: they wear out soon. Larger ones, or a lighter eccentric',
      },
    },
    gap: {
      name: 'the gap to the frame',
      subject: 'whether the tub strikes its frame',
      source: 'A linear oscillator that is run up and down through resonance, each at an even rate',
      says: {
        holds: 'it moves {needs} each way as it passes resonance; {has} are free',
        may: 'it may strike its frame as it passes resonance: it moves {needs} each way, and {has} are free. Stop it faster, or leave more room',
        fails: 'it strikes its frame as it passes resonance: it moves {needs} each way, and {has} are free. Stop it faster, or leave more room',
      },
    },
    bottoms: {
      name: 'the travel of the springs',
      subject: 'whether the springs go solid',
      source: 'Sag under all that hangs, and the greatest amplitude',
      says: {
        holds: 'the springs deflect by {has} until they are solid; {needs} are needed',
        may: 'the springs may go solid: they deflect by {has}, and {needs} are needed',
        fails: 'the springs go solid: they deflect by {has}, and {needs} are needed. Longer springs, or stiffer ones',
      },
    },
  },
  limits: {},
} as const satisfies Outputs;

export type VibratoryTumblerOutputs = typeof vibratoryTumblerOutputs;
