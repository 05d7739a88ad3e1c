import { type Figure, fixed, flag, scaled } from '../../figure/figure.js';
import { choice } from '../fields.js';

/** When work is loaded: a saw is started empty, a hoist is not. */
export const loadedField = (usual?: 'from-rest' | 'up-to-speed') =>
  choice(
    'It is loaded',
    { 'from-rest': 'from rest', 'up-to-speed': 'once it is up to speed' },
    {
      ...(usual ? { usual } : {}),
      help: 'A saw, a lathe, a grinder or a shredder is fed once it runs; a hoist or a full drum starts with its load. A pump or a fan: from rest with its valve open, up to speed with it shut.',
      measure: 'A machine that is stopped full starts full: say from rest.',
    },
  );

const emptySource = 'Common practice, no source: a machine that is empty takes 5 to 20 % of what it takes at work';
const empty = fixed('1', 0.1, emptySource, [0.05, 0.2], flag.estimated);

/** What an empty machine takes, where it is not measured: a share of what it takes at work. */
export const emptyTorque = (steady: Figure<'N·m'>): Figure<'N·m'> => scaled(steady, empty, emptySource);

/** Below this share of what it needs at work an entered breakaway torque can only be that of the empty machine. */
const emptyBelow = 0.5;

/** Whether work is started empty: as was said; else by a breakaway torque that is far less than what it needs at work. */
export function startsEmpty(loaded: 'from-rest' | 'up-to-speed' | undefined, breakaway: Figure<'N·m'>, steady: Figure<'N·m'>): boolean {
  if (loaded) return loaded === 'up-to-speed';
  return breakaway.known && steady.known && breakaway.value < emptyBelow * steady.value;
}

const fasterSource = 'Common practice, no source: unloaded an induction motor turns a twentieth faster than under its load';
const slower = fixed('1', 0.95, fasterSource);

/** The speed under load of what must not turn faster than so much when it runs free. */
export const loadedUnder = (most: Figure<'rpm'>): Figure<'rpm'> => scaled(most, slower, fasterSource);
