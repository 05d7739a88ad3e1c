import { figure, type Outputs } from '../../outputs.js';
import { drivenShaft } from '../../shared/driven-shaft.js';
import { hubLimits } from '../../shared/hub-fixing.js';
import { serviceFigure, withFactor } from '../../shared/service-factor.js';

export const bendSource = 'Common practice, no source: one universal joint up to about 15 to 20° at shop speeds';
export const shakeSource =
  'Common practice, no source: makers’ usual limits of one universal joint, speed times angle 18,000 (rpm and degrees), angular acceleration β²ω² of 1000 to 1500 rad/s²';
export const ratingSource = 'Rated torque over the service factor (common practice, no source)';

/** What a coupling puts out. */
export const couplingOutputs = {
  figures: {
    ...drivenShaft,
    ...serviceFigure('Load'),
    'lasts-up-to': figure('Torque within the rating', 'torque', 'Load', { key: true }),
    'breaks-at': figure('Breaks at', 'torque', 'Load'),
    'bends-by': figure('Bends by', 'angle', 'Alignment'),
    'runs-up-to': figure('Fastest in a turn', 'speed', 'Evenness'),
    'runs-down-to': figure('Slowest in a turn', 'speed', 'Evenness'),
    'may-bend-by': figure('May bend by at this speed', 'angle', 'Evenness'),
    resonance: figure('Resonance', 'frequency', 'Evenness'),
    'critical-speed': figure('Speed at resonance', 'speed', 'Evenness'),
  },
  checks: {
    rating: {
      name: 'the torque rating of the coupling',
      subject: 'torque rating of the coupling',
      source: ratingSource,
      says: `the coupling transmits {has} ${withFactor}; the work needs {needs}`,
    },
    line: {
      name: 'the alignment of the two shafts',
      subject: 'alignment of the two shafts',
      source: 'Common practice, no source: by kind of coupling (take the maker’s)',
      says: 'the two shafts are out of line by {needs}; the coupling allows {has}, the rest loads the bearings',
    },
    bend: {
      name: 'the angle of the joint',
      subject: 'angle of the joint',
      source: bendSource,
      says: 'the joint bends by {needs}; one joint runs smoothly up to {has}: two of them, in phase and bent alike, run even',
    },
    'bend-at-speed': {
      name: 'the angle of the joint at its speed',
      subject: 'angle of the joint at its speed',
      source: shakeSource,
      says: {
        holds: 'the joint bends by {needs}; at up to {n} one joint may bend by {has}',
        close: 'the joint bends by {needs}, not far from the {has} that one joint may bend by at up to {n}',
        may: 'the joint may shake what is behind it: it bends by {needs}, and at up to {n} one joint may bend by {has}. Two of them, in phase and bent alike, run even',
        fails:
          'the joint shakes what is behind it, twice a turn: it bends by {needs}, and at up to {n} one joint may bend by {has}. Two of them, in phase and bent alike, run even',
      },
    },
    speed: {
      name: 'the speed of the coupling',
      subject: 'whether the coupling overspeeds',
      source: 'As entered: its plate or its maker’s list',
      says: {
        holds: 'the coupling turns at up to {needs}; {has} is its limit',
        fails: 'the coupling overspeeds: it turns at up to {needs}, and {has} is its limit',
      },
    },
    resonance: {
      name: 'the resonance of the coupling',
      subject: 'whether it runs clear of its resonance',
      source: 'Two masses on a torsion spring (closed form); a quarter away, common practice, no source',
      says: {
        holds:
          'it runs {where} its resonance{start}: {critical}, struck {struck}, meets the resonance of the coupling ({resonance}), it runs at {speed}',
        fails: 'it may shake itself to pieces: {critical}, struck {struck}, meets the resonance of the coupling ({resonance}), it runs at {speed}',
      },
    },
  },
  limits: {
    lasts: { short: 'coupling rating', what: 'the coupling', fails: 'wears early', may: 'may wear early', harm: 'wearing' },
    coupling: { short: 'coupling', what: 'the coupling', fails: 'breaks', may: 'may break', harm: 'breaking' },
    ...hubLimits('driving half', 'driven half'),
  },
} as const satisfies Outputs;

export type CouplingOutputs = typeof couplingOutputs;
