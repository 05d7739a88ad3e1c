import { figure, type Outputs } from '../../outputs.js';
import { jamFigures } from '../../shared/jam-stop.js';

export const gripSource = 'Friction of the tyres (closed form), grip by the ground';
export const kerbSource = 'Balance of a wheel about the edge (closed form), driven by itself and not pushed; grip by the ground';
export const paceSource = 'Common practice, no source: who walks beside it keeps up with 6 km/h';

/** What driven wheels put out. */
export const wheelDriveOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the axle', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the axle'),
    'pull-by-ground': figure('Pull by slope and ground', 'force', 'At the axle', { key: true }),
    'wheels-push': figure('Force the tyres transmit', 'force', 'At the axle', { key: true }),
    'kerb-grip': figure('Grip that the edge needs', 'fraction', 'At the axle'),
    'kerb-torque': figure('Torque that the edge needs', 'torque', 'At the axle'),
    'wheels-spin-at': figure('Wheels spin at', 'torque', 'At the axle'),
    'runs-at': figure('Speed over the ground', 'rim-speed', 'At the axle', { key: true }),
    'inertia-of-all': figure('Inertia of the load at the axle', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    grip: {
      name: 'the grip of the wheels',
      subject: 'grip of the wheels',
      source: gripSource,
      says: {
        holds: 'the driven wheels push with {has} before they spin; the way needs {needs}',
        may: 'the driven wheels may spin{uphill}: they push with {has}, and the way needs {needs}. More weight on them, or chains',
        fails: 'the driven wheels spin{uphill}: they push with {has}, and the way needs {needs}. More weight on them, or chains',
      },
    },
    kerb: {
      name: 'the climb over the edge',
      subject: 'whether it climbs the edge',
      source: kerbSource,
      closeBelow: 0,
      says: {
        holds: 'the driven wheels climb the edge: it needs a grip of {needs}, the ground has {has}',
        may: 'the driven wheels may spin at the edge: it needs a grip of {needs}, and the ground has {has}. A ramp of planks, larger wheels, or a push',
        fails: 'the driven wheels spin at the edge: it needs a grip of {needs}, and the ground has {has}. A ramp of planks, larger wheels, or a push',
      },
    },
    pace: {
      name: 'the walking speed',
      subject: 'whether one can walk beside it',
      source: paceSource,
      says: 'it runs at up to {needs} unloaded; who walks beside it keeps up with {has}',
    },
    wished: {
      name: 'the speed wished',
      subject: 'whether it is as fast as wished',
      source: 'As entered: the speed wished',
      // Just as fast as wished is as wished.
      closeBelow: 0,
      says: 'it runs at {has}; {needs} is wished',
    },
  },
  limits: { spin: { short: 'wheels spin', what: 'the wheels', fails: 'spin', may: 'may spin', harm: 'harmless' } },
} as const satisfies Outputs;

export type WheelDriveOutputs = typeof wheelDriveOutputs;
