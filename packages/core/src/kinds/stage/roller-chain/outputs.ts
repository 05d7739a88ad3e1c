import { chainSource } from '../../../catalog/chains.js';
import { figure, type Outputs } from '../../outputs.js';
import { alignmentCheck } from '../../shared/alignment.js';
import { drivenShaft, ratioFigure } from '../../shared/driven-shaft.js';
import { hubLimits } from '../../shared/hub-fixing.js';
import { serviceFigure, withFactor } from '../../shared/service-factor.js';
import { reachCheck, wrapCloseBelow } from '../../shared/slot.js';
import { wheelFigures } from '../../shared/wheels.js';

export const wrapSource = 'Common practice, no source: at least 120° on the smaller sprocket; under 90° it jumps';
export const teethSource = 'Common practice, no source: 17 teeth run smooth, 11 do when slow';
export const ratingSource =
  'Shigley’s Mechanical Engineering Design (10e), eq. 17-32, 17-33 and table 17-23; 15,000 h, oiled; B sizes by the A size of their pitch';
export const kinSource =
  'The same equations with the constants of the standard size of its pitch, plates in proportion to breaking load and rollers to width: an estimate, within three tenths';
export const gallingSource = 'Shigley’s Mechanical Engineering Design (10e), eq. 17-40 (from memory)';
export const lengthSource = 'Shigley’s Mechanical Engineering Design (10e), eq. 17-35; even numbers need no offset link';

/** What a roller chain puts out. */
export const rollerChainOutputs = {
  figures: {
    ...ratioFigure,
    ...drivenShaft,
    'chain-speed': figure('Chain speed', 'rim-speed', 'Chain', { key: true }),
    wrap: figure('Wrap on the smaller sprocket', 'angle', 'Chain', { key: true }),
    'rough-running': figure('Polygon speed ripple', 'fraction', 'Chain'),
    'links-for-it': figure('Links at these centres', 'count', 'Chain'),
    centres: figure('Centre distance for these links', 'length', 'Chain'),
    'worn-at-ten-links': figure('Worn out at, over ten links', 'length', 'Chain'),
    pull: figure('Chain pull', 'force', 'Load', { key: true }),
    'design-power': figure('Design power', 'power', 'Load'),
    ...serviceFigure('Load'),
    'good-for': figure('Power rating', 'power', 'Load', { key: true }),
    'good-for-plates': figure('Power rating by the plates', 'power', 'Load'),
    'good-for-rollers': figure('Power rating by the rollers', 'power', 'Load'),
    'expected-life': figure('Lasts, at this duty', 'time', 'Load'),
    'galls-at': figure('Joints gall at, smaller sprocket', 'speed', 'Load'),
    'lasts-up-to': figure('Torque within the rating', 'torque', 'Load'),
    'breaks-at': figure('Breaks at, driving sprocket', 'torque', 'Load'),
    ...wheelFigures('sprocket'),
  },
  checks: {
    wrap: {
      name: 'the wrap on the smaller sprocket',
      subject: 'wrap on the smaller sprocket',
      source: wrapSource,
      closeBelow: wrapCloseBelow,
      says: {
        holds: 'wrap on the smaller sprocket is {has}; below 120° too few teeth share the pull',
        close: 'wrap on the smaller sprocket is {has}; below 120° too few teeth share the pull',
        fails: 'wrap on the smaller sprocket is {has}; below {needs} the chain jumps, and 120° is usual',
      },
    },
    teeth: {
      name: 'the teeth of the smaller sprocket',
      subject: 'teeth of the smaller sprocket',
      source: teethSource,
      says: {
        holds: 'the smaller sprocket has {has} teeth; {enough}',
        fails: 'the smaller sprocket has {has} teeth; {enough}, fewer jerk and wear',
      },
    },
    line: alignmentCheck,
    reach: {
      ...reachCheck,
      name: 'the chain in the slot',
      subject: 'whether the chain fits the slot',
      source: lengthSource,
      says: '{links} links need the shaft {needs} further {way}; the slot leaves {has}{odd}',
    },
    size: {
      name: 'the size of the chain',
      subject: 'size of the chain',
      source: chainSource,
      says: 'what was measured is {names}{not}',
    },
    pull: {
      name: 'the pull of the chain',
      subject: 'pull of the chain',
      source: 'Common practice, no source: a working pull of an eighth of the breaking load for years, a fifth at most',
      // An eighth is five eighths of a fifth.
      closeBelow: 0.375,
      says: {
        holds: 'the chain pulls {needs} at work; a fifth of its breaking load is {has}',
        close: 'the chain pulls {needs} at work, more than an eighth of its breaking load: it wears early. A fifth, {has}, is its limit',
        fails: 'the chain is too weak: it pulls {needs} at work, and a fifth of its breaking load is {has}',
      },
    },
    rating: {
      name: 'the power rating of the chain',
      subject: 'power rating of the chain',
      source: ratingSource,
      says: {
        holds: `the plates of the chain are rated for {has}; the work needs {needs} ${withFactor}`,
        close: `the plates of the chain are rated for {has}; the work needs {needs} ${withFactor}{life}`,
        may: `the plates of the chain are rated for {has}; the work needs {needs} ${withFactor}{life}`,
        fails: `the plates of the chain are rated for {has}; the work needs {needs} ${withFactor}{life}`,
      },
    },
    rollers: {
      name: 'the speed of the chain’s rollers',
      subject: 'whether its rollers withstand the speed',
      source: ratingSource,
      closeBelow: 0,
      says: {
        holds: `the rollers are rated for {has} at this speed; the work needs {needs} ${withFactor}`,
        may: `the rollers may break: they strike the {teeth} teeth too fast and are rated for {has}; the work needs {needs} ${withFactor}. A belt here, a smaller pitch or more teeth`,
        fails: `the rollers break: they strike the {teeth} teeth too fast and are rated for {has}; the work needs {needs} ${withFactor}. A belt here, a smaller pitch or more teeth`,
      },
    },
    galling: {
      name: 'the galling of the chain’s joints',
      subject: 'whether its joints gall',
      source: gallingSource,
      says: {
        holds: 'the smaller sprocket turns at up to {needs}; the joints gall from {has} on',
        fails:
          'the joints of the chain gall: the smaller sprocket turns at up to {needs}, and {has} is the limit for this pitch. A belt here, or a smaller pitch',
      },
    },
  },
  limits: {
    lasts: { short: 'chain rating', what: 'the chain', fails: 'wears out early', may: 'may wear out early', harm: 'wearing' },
    chain: { short: 'chain', what: 'the chain', fails: 'breaks', may: 'may break', harm: 'breaking' },
    ...hubLimits('driving sprocket', 'driven sprocket'),
  },
} as const satisfies Outputs;

export type RollerChainOutputs = typeof rollerChainOutputs;
