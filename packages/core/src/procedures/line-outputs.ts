import { keySource } from '../catalog/hubs.js';
import type { CheckOutput } from '../checks/check-output.js';
import type { FigureOutputs, Outputs } from '../kinds/outputs.js';
import { figure } from '../kinds/outputs.js';
import { type PortKind, portKinds } from '../kinds/ports.js';
import { enough } from '../shafts/judged.js';

const key = { key: true } as const;

/** What is told of every shaft, and of whatever else power is handed on by. */
export function stationFigures(is: PortKind): FigureOutputs {
  const { flow, effort } = portKinds[is];
  const group = is === 'rotary' ? 'At the shaft' : 'At the rod or pipe';
  return {
    [`running-${flow.name}`]: figure(flow.label, flow.quantity, group, key),
    [`running-${effort.name}`]: figure(effort.label, effort.quantity, group, key),
    'running-power': figure('Power', 'power', group, key),
    [flow.name]: figure(`${flow.label} at full load`, flow.quantity, group, key),
    [effort.name]: figure(`${effort.label} at full load`, effort.quantity, group, key),
    power: figure('Power at full load', 'power', group, key),
    pull: figure('Pull', 'force', group, key),
  };
}

const startSource = 'Surplus of the source’s torque over the load at every speed from rest (closed form); Kloss’s curve, start by kind of motor';

/** What is worked out of any source, beside what its kind puts out. */
export const sourceOutputs = {
  figures: {
    'breakaway-at-motor': figure('Breakaway torque, at its shaft', 'torque', 'Start'),
    'inertia-at-motor': figure('Inertia of everything, at its shaft', 'inertia', 'Start'),
    'settles-at': figure('Speed under the load', 'speed', 'Start', { key: true }),
    'runs-up-in': figure('Run-up time', 'time', 'Start', { key: true }),
    'runs-down-in': figure('Run-down time', 'time', 'Start', { aside: true }),
    'braking-energy': figure('Energy into the braking resistor, a stop', 'energy', 'Stop'),
    'braking-peak': figure('Peak power into the braking resistor', 'power', 'Stop'),
    'braking-resistor': figure('Most resistance of the braking resistor', 'resistance', 'Stop'),
    'heated-for': figure('Time at rest that heats as much', 'time', 'Start', { aside: true }),
  },
  checks: {
    starts: {
      name: 'the start',
      subject: 'whether it starts',
      source: startSource,
      says: {
        holds: 'it starts: {has} of starting torque, {needs} of breakaway torque',
        may: 'it may not start: {has} of starting torque, {needs} of breakaway torque',
        fails: 'it does not start: {has} of starting torque, {needs} of breakaway torque',
      },
    },
    unloaded: {
      name: 'the start with nothing on it',
      subject: 'whether it is started with nothing on it',
      source: 'Common practice, no source: without a clutch an engine has no torque until it runs',
      says: {
        holds: 'it is started with nothing on it, and loaded once it runs',
        fails: 'it cannot be started against the work: it takes a clutch, an idler that tightens the belt, or a valve that lets the work off',
      },
    },
    'runs-up': {
      name: 'the run-up time',
      subject: 'whether it runs up in time',
      source: startSource,
      says: {
        holds: 'it is up to speed in {time}{heating}',
        may: 'it may take too long to run up: it is up to speed in {time}{heating}',
        fails: 'it takes too long to run up: it is up to speed in {time}{heating}',
      },
    },
    'stops-in-time': {
      name: 'the run-down',
      subject: 'whether it stops soon once it is switched off',
      source: 'EN ISO 19085-1 (from memory): machines that cut wood stop within 10 s, with a brake where they do not by themselves',
      closeBelow: 0,
      says: {
        holds: 'switched off it turns on for {needs}; up to {has} is usual',
        close: 'switched off it turns on for {needs}; up to {has} is usual: a brake, of the motor or on the shaft',
        fails: 'switched off it turns on for {needs}; up to {has} is usual: a brake, of the motor or on the shaft',
      },
    },
    restart: {
      name: 'the restart by itself',
      subject: 'whether it starts again by itself',
      source: 'EN 60204-1, 7.3 and 7.5: no start by itself where that may hurt (from memory); local codes go first',
      says: {
        holds: 'it stays off until somebody switches it on',
        fails:
          'it starts again by itself once it has cooled, while somebody clears the jam: fit a thermal cut-out that is reset by hand, or a no-volt release that the cut-out drops out',
      },
    },
    reverses: {
      name: 'the other direction',
      subject: 'whether it turns the other way too',
      source: 'How each family of motors is reversed: textbooks on electric machines (from memory)',
      says: {
        holds: 'it can be turned the other way, {when}: {why}',
        close: 'it turns one way only, and {why}: by hand while it is stopped and cannot start, or with a motor or a gear that reverses',
        fails: 'it turns one way only, and {why}: by hand while it is stopped and cannot start, or with a motor or a gear that reverses',
      },
    },
    bearing: {
      name: 'the overhung load on the {source}’s bearing',
      subject: 'overhung load on the {source}’s bearing',
      source: 'Permissible overhung load by shaft end, catalogue averages (from memory): an estimate',
      says: 'the {source}’s bearing is loaded with {needs}; shafts of this size support {has}',
    },
  },
  limits: {},
} as const satisfies Outputs;

/** Where the run-up does not end at every end of what is not sure. */
export const hangsSays = {
  atRest: 'it may not run up: at the worst of what is not sure it may never leave rest',
  at: 'it may not run up: at the worst of what is not sure it may hang at {speed} and overheat',
  neverFromRest: 'it does not run up: it never leaves rest',
  hangs: 'it does not run up: it hangs at {speed} and overheats',
  unknown: 'whether it runs up in time is not known yet: enter {missing}',
} as const;

/** What fixes a wheel, for years. */
const wear = {
  name: 'the life of {what}',
  subject: 'whether {what} wears out',
  source: keySource,
  says: {
    holds: '{what} transmits {has} for years; the work needs {needs} with its service factor',
    may: '{what} may wear out: it transmits {has} for years, and the work needs {needs} with its service factor',
    fails: '{what} wears out: it transmits {has} for years, and the work needs {needs} with its service factor',
  },
} as const satisfies CheckOutput;

/** An element that its neighbour cannot drive. */
const fits = {
  name: 'the neighbours that do not fit',
  subject: 'whether what is before it can drive it',
  source: 'Definition: a shaft turns, a ram is pushed by oil, a rod is pushed along',
  says: '{says}',
} as const satisfies CheckOutput;

export const fitOutputs = { figures: {}, checks: { fits }, limits: {} } as const satisfies Outputs;

/** What is worked out of any stage, beside what its kind puts out. */
export const stageOutputs = {
  figures: {
    'running-lost-to-friction': figure('Power lost to friction', 'power', 'Losses', { aside: true }),
    'running-lost-to-slip': figure('Power lost to slip', 'power', 'Losses', { aside: true }),
    'lost-to-friction': figure('Power lost to friction at full load', 'power', 'Losses', { aside: true }),
    'lost-to-slip': figure('Power lost to slip at full load', 'power', 'Losses', { aside: true }),
  },
  checks: {
    fits,
    'driver-wear': wear,
    'driven-wear': wear,
    overhung: {
      name: 'the overhung load on its output shaft',
      subject: 'overhung load on its output shaft',
      source: 'As its plate or its maker’s list says: overhung load',
      says: 'the output shaft is loaded with {needs} of pull; it supports {has}',
    },
  },
  limits: {},
} as const satisfies Outputs;

/** What is worked out of any work, beside what its kind puts out. */
export const workOutputs = {
  figures: {
    'peak-at-tool': figure('Torque at its peaks', 'torque', 'At work', { aside: true }),
    'stalls-at-tool': figure('Torque at which it stalls', 'torque', 'At work', { aside: true }),
  },
  checks: {
    fits,
    carries: {
      name: 'the strength of the {source}',
      subject: 'whether the {source} is strong enough',
      source: 'Torque that arrives against torque needed; close below 20 % reserve (Hobrek’s threshold)',
      says: {
        holds: 'the {source} is strong enough: {has} reaches the {shaft}, the work needs {needs}{part}; at worst {reserve}',
        close: 'the {source} is only just strong enough: {has} reaches the {shaft}, the work needs {needs}{part}; at worst {reserve}',
        may: 'the {source} may be too weak: {has} reaches the {shaft}, the work needs {needs}{part}; at worst {reserve}',
        fails: 'the {source} is too weak: {has} reaches the {shaft}, the work needs {needs}{part}; at worst {reserve}',
      },
    },
    'at-work': {
      name: 'the {source} while it is at work',
      subject: 'whether the {source} turns the work without stalling',
      source: 'Torque at which it stalls against the torque at work, which it has to have however short that is',
      says: {
        holds: 'the {source} turns the work: it stalls at {has} at the {shaft}, the work needs {needs} while it is at work',
        may: 'the {source} may stall at work: at {has} at the {shaft}, and the work needs {needs} while it is at work',
        fails: 'the {source} stalls at work: at {has} at the {shaft}, and the work needs {needs} while it is at work',
      },
    },
    stalls: {
      name: 'the {source} at the peaks of the work',
      subject: 'whether the {source} gets through the peaks of the work',
      source: 'Torque at which it stalls against peaks that last as long as a cut, with nothing heavy that spins',
      says: {
        holds: 'the {source} gets through the peaks of the work: it stalls at {has} at the {shaft}, the peaks take {needs}',
        may: 'the {source} may stall in the peaks of the work: it stalls at {has} at the {shaft}, the peaks take {needs}',
        fails: 'the {source} stalls in the peaks of the work: at {has} at the {shaft}, and the peaks take {needs}',
      },
    },
    peaks: {
      name: 'the {source} at the peaks of the work',
      subject: 'whether the {source} gets over the peaks of the work',
      source: 'Torque at which it stalls against the torque of a moment; what spins helps it over, which is left out',
      says: {
        holds: 'the {source} gets over the peaks of the work: it stalls at {has} at the {shaft}, the peaks take {needs}',
        fails: 'the peaks of the work may slow it down: it stalls at {has} at the {shaft}, the peaks take {needs}; what spins helps it over',
      },
    },
  },
  limits: {},
} as const satisfies Outputs;

/** What is worked out of a jam of the tool; its limits are told at the tool, each by its own name. */
export const jamOutputs = {
  figures: {
    'jam-torque': figure('Jam torque at the tool', 'torque', 'In a jam', { key: true }),
    'may-last': figure('Time it may go on', 'time', 'In a jam', { key: true }),
  },
  checks: {},
  limits: {},
} as const satisfies Outputs;

/** What is worked out backwards from the work: what motor would do, what one size less or two sizes more would. */
export const needOutputs = {
  figures: {
    speed: figure('Speed needed', 'speed', 'At the tool', { key: true }),
    torque: figure('Torque needed', 'torque', 'At the tool', { key: true }),
    power: figure('Power needed', 'power', 'At the tool', { key: true }),
    'rated-for': figure('Power that a motor is chosen for', 'power', 'At the tool'),
    'passes-on': figure('Share of the torque that arrives', 'fraction', 'On the way'),
    ratio: figure('Ratio', 'count', 'On the way', { key: true }),
    'service-factor': figure('Service factor of a V-belt', 'count', 'On the way'),
    'drive-rating': figure('Power that a drive is chosen for', 'power', 'On the way'),
    'at-motor': figure('Power at the motor', 'power', 'Motor to look for', { key: true }),
    'breakaway-at-motor': figure('Breakaway torque at the motor', 'torque', 'Motor to look for'),
    class: figure('Standard output', 'power', 'Motor to look for', { key: true }),
    'motor-speed': figure('Speed of such a motor', 'speed', 'Motor to look for'),
    'rated-torque': figure('Its rated torque', 'torque', 'Motor to look for'),
    'at-rest': figure('Its torque at rest', 'torque', 'Motor to look for'),
    'runs-up-in': figure('Run-up time', 'time', 'Motor to look for'),
    'voltage-single': figure('Voltage of one phase', 'voltage', 'Motor to look for'),
    'voltage-three': figure('Voltage of three phases', 'voltage', 'Motor to look for'),
    'draws-single': figure('Current on one phase', 'current', 'Motor to look for'),
    'draws-three': figure('Current on three phases', 'current', 'Motor to look for'),
    weighs: figure('Mass', 'mass', 'Motor to look for'),
    'stuck-torque': figure('Torque at a stuck tool', 'torque', 'Motor to look for'),
    'smaller-class': figure('One size smaller', 'power', 'Too small'),
    'smaller-loaded': figure('Load of it', 'fraction', 'Too small'),
    'smaller-at-rest': figure('Torque of it at rest, with a run capacitor', 'torque', 'Too small'),
    'bigger-class': figure('Two sizes larger', 'power', 'Larger to be safe'),
    'bigger-loaded': figure('Load of it', 'fraction', 'Larger to be safe'),
    'bigger-draws': figure('Current of it on one phase', 'current', 'Larger to be safe'),
    'bigger-weighs': figure('Mass of it', 'mass', 'Larger to be safe'),
    'bigger-stuck-torque': figure('Torque of it at a stuck tool', 'torque', 'Larger to be safe'),
  },
  checks: {},
  limits: {},
} as const satisfies Outputs;

/** What every limit is held against in a jam. */
export const jamCheck = {
  name: '{what} in a jam',
  subject: 'whether {what} {fails} in a jam',
  source: '',
  says: {
    holds: '{what} holds in a jam: it withstands {has}; the jam loads it with {needs}',
    may: 'in a jam {what} {may}: it withstands {has}; the jam loads it with {needs}',
    fails: 'in a jam {what} {fails}: it withstands {has}; the jam loads it with {needs}',
  },
} as const satisfies CheckOutput;

/** The same of a shaft: shocks are guessed, so that it has half as much again. */
export const shaftInJam = { ...jamCheck, closeBelow: 1 - 1 / enough } as const satisfies CheckOutput;

/** Of a shaft that nothing can jam. */
export const startCheck = {
  name: '{what} at the start',
  subject: 'whether {what} {fails} at the start',
  source: '',
  closeBelow: 1 - 1 / enough,
  says: {
    holds: '{what} withstands {has}; starting loads it with {needs} at most',
    may: 'when it starts {what} {may}: it withstands {has}; starting loads it with {needs} at most',
    fails: 'when it starts {what} {fails}: it withstands {has}; starting loads it with {needs}',
  },
} as const satisfies CheckOutput;

/** By role, what every element of it has beside its kind's own. */
export const outputsOfRole = {
  source: sourceOutputs,
  stage: stageOutputs,
  work: workOutputs,
  feed: { figures: {}, checks: {}, limits: {} },
} as const satisfies Record<string, Outputs>;

/** All that is declared of lines, whatever is in them: for the reference, and for who reads every word. */
export const outputsOfLines = {
  stationFigures: stationFigures('rotary'),
  sourceOutputs,
  stageOutputs,
  workOutputs,
  jamOutputs,
  needOutputs,
  jamCheck,
  shaftInJam,
  startCheck,
  hangsSays,
} as const;
