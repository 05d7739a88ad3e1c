import { chainSource } from '../../../catalog/chains.js';
import { figure, type Outputs } from '../../outputs.js';
import { alignmentCheck } from '../../shared/alignment.js';
import { drivenShaft, ratioFigure } from '../../shared/driven-shaft.js';
import { hubLimits } from '../../shared/hub-fixing.js';
import { reachCheck } from '../../shared/slot.js';
import { wheelFigures } from '../../shared/wheels.js';

export const wrapSource = 'Common practice, no source: at least 120° on the smaller sprocket';
export const teethSource = 'Common practice, no source: 17 teeth run smooth, 11 do when slow';
export const ratingSource =
  'Shigley’s Mechanical Engineering Design (10e), eq. 17-32, 17-33 and table 17-23; 15,000 h, oiled; B sizes by the A size of their pitch';
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
    'good-for': figure('Power rating', 'power', 'Load', { key: true }),
    'lasts-up-to': figure('Torque within the rating', 'torque', 'Load'),
    'breaks-at': figure('Breaks at, driving sprocket', 'torque', 'Load'),
    ...wheelFigures('sprocket'),
  },
  checks: {
    wrap: {
      subject: 'wrap on the smaller sprocket',
      source: wrapSource,
      says: 'wrap on the smaller sprocket is {has}; below {needs} too few teeth share the pull',
    },
    teeth: {
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
      subject: 'whether the chain fits the slot',
      source: lengthSource,
      says: '{links} links need the shaft {needs} further {way}; the slot leaves {has}{odd}',
    },
    size: {
      subject: 'size of the chain',
      source: chainSource,
      says: 'what was measured is {names}{not}',
    },
    pull: {
      subject: 'pull of the chain',
      source: 'Common practice, no source: a working pull of an eighth of the breaking load',
      says: 'the chain pulls {needs} at work; {has} is its steady limit',
    },
    rating: {
      subject: 'power rating of the chain',
      source: ratingSource,
      says: 'the chain is rated for {has}; the work needs {needs} with its service factor',
    },
  },
  limits: {
    lasts: { short: 'chain rating', what: 'the chain', fails: 'wears out early', may: 'may wear out early', harm: 'wearing' },
    chain: { short: 'chain', what: 'the chain', fails: 'breaks', may: 'may break', harm: 'breaking' },
    ...hubLimits('driving sprocket', 'driven sprocket'),
  },
} as const satisfies Outputs;

export type RollerChainOutputs = typeof rollerChainOutputs;
