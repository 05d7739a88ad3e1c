import { lengthSource } from '../../../catalog/v-belts.js';
import { figure, type Outputs } from '../../outputs.js';
import { alignmentCheck } from '../../shared/alignment.js';
import { drivenShaft, ratioFigure } from '../../shared/driven-shaft.js';
import { hubLimits } from '../../shared/hub-fixing.js';
import { beltFigures, tensionChecks } from '../../shared/open-belt.js';
import { serviceFigure, withFactor } from '../../shared/service-factor.js';
import { reachCheck, wrapCloseBelow } from '../../shared/slot.js';
import { wheelFigures } from '../../shared/wheels.js';

export const speedSource =
  'Common practice, no source: makers allow classical V-belts up to about 30 m/s, narrow ones up to 42, ribbed ones up to 50 (from memory)';
export const rimSource =
  'Machinery’s Handbook, safe rim speeds, and RMA IP-20, 6500 ft/min for cast iron (from memory); others common practice, no source';
/** What the rim of a stock pulley withstands by its material, m/s. */
export const rimLimits = { iron: 33, steel: 50, aluminium: 40, plastic: 25 } as const;
export const wrapSource = 'Common practice, no source: keep at least 120° on the smaller pulley; under 90° a belt is no drive';
export const smallSource =
  'Least pitch diameter of the section (ISO 4183, from memory); salvage practice runs smaller ones at reduced life (common practice, no source)';
export const liftSource = 'Common practice, no source: one and a half times the belt’s height to lift it over the rim';
export const stretchSource = 'Common practice, no source: one per cent of the belt’s length to follow its stretch';
export const slipSource = 'Wedge friction at the tension as set, mean tension held by fixed centres (closed form)';

/** What a V-belt puts out. */
export const vBeltOutputs = {
  figures: {
    ...ratioFigure,
    ...drivenShaft,
    ...beltFigures,
    'highest-belt-speed': figure('Belt speed, unloaded', 'rim-speed', 'Belt'),
    ...serviceFigure('Rating'),
    'belts-needed': figure('Belts needed', 'count', 'Rating'),
    'good-for-other-school': figure('Power rating by the other standard', 'power', 'Rating'),
    'expected-life': figure('Lasts, at this duty', 'time', 'Rating'),
    'slips-at': figure('Slips at, driving pulley', 'torque', 'Tension', { key: true }),
    'lifts-off-at': figure('Lifts off its pulleys at', 'rim-speed', 'Tension'),
    'slips-in-a-jam-at': figure('Slips in a jam at, driving pulley', 'torque', 'Tension'),
    'may-slip-for': figure('Time it may slip', 'time', 'Tension'),
    ...wheelFigures('pulley'),
  },
  checks: {
    speed: { name: 'the belt speed', subject: 'belt speed', source: speedSource, says: 'the belt runs at up to {needs}; {has} is the limit' },
    rim: {
      name: 'the rim speed of the pulleys',
      subject: 'whether the rims of the pulleys withstand the speed',
      source: rimSource,
      closeBelow: 0,
      says: {
        holds: 'the rims run at up to {needs}; pulleys of this material withstand {has}',
        may: 'a pulley may burst: its rim runs at up to {needs}, and {has} is safe. Smaller pulleys of the same ratio',
        fails: 'a pulley may burst: its rim runs at up to {needs}, and {has} is safe for its material. Smaller pulleys of the same ratio',
      },
    },
    wrap: {
      name: 'the wrap on the smaller pulley',
      subject: 'wrap on the smaller pulley',
      source: wrapSource,
      closeBelow: wrapCloseBelow,
      says: {
        holds: 'wrap on the smaller pulley is {has}; below 120° the belt slips early',
        close: 'wrap on the smaller pulley is {has}; below 120° the belt slips early',
        fails: 'wrap on the smaller pulley is {has}; below {needs} a belt is no drive, and 120° is usual: an idler outside, or two stages',
      },
    },
    'small-pulley': {
      name: 'the size of the smaller pulley',
      subject: 'size of the smaller pulley',
      source: smallSource,
      says: {
        holds: 'the smaller pulley is {has}; the standard’s least for section {section} is {least}',
        close: 'the smaller pulley is {has}; the standard’s least for section {section} is {least}{life}',
        fails: 'the smaller pulley is {has}; the standard’s least for section {section} is {least}, and even salvage practice ends at {needs}',
      },
    },
    reach: { ...reachCheck, source: `${reachCheck.source}. ${lengthSource}` },
    'room-in': {
      name: 'the room to slip the belt on',
      subject: 'room to slip the belt on',
      source: liftSource,
      says: 'with this belt on, the motor can still move {has} in; lifting the belt over the rim needs {needs}',
    },
    'room-out': {
      name: 'the room for the belt’s stretch',
      subject: 'room for the belt’s stretch',
      source: stretchSource,
      says: 'with this belt on, the motor can still move {has} out; its stretch needs {needs}',
    },
    line: alignmentCheck,
    belts: {
      name: 'the power rating of the belt',
      subject: 'power rating of the belt',
      source:
        'Rating of the section by its standard, arc and length factor (Shigley’s Mechanical Engineering Design, ch. 17). It says how long the belt lasts, not when it slips',
      says: `the belt is rated for {has}; the work needs {needs} ${withFactor}{other}{life}`,
    },
    slip: {
      name: 'the slip of the belt at work',
      subject: 'whether the belt slips at work',
      source: slipSource,
      says: {
        holds: 'the belt slips at {has} at the driven pulley; the work needs {needs}',
        may: 'the belt may slip at work: it slips at {has} at the driven pulley, as tight as it is likely to be, and the work needs {needs}',
        fails: 'the belt slips at work: it slips at {has} at the driven pulley, and the work needs {needs}{heat}',
      },
    },
    flies: {
      name: 'the grip of the belt at speed',
      subject: 'whether the belt keeps its grip at speed',
      source: 'Centrifugal tension against tension as set (closed form)',
      says: {
        holds: 'the belt runs at up to {needs}; as it is set it lifts off its pulleys at {has}',
        close: 'the belt runs at up to {needs}, and as it is set it lifts off its pulleys at {has}: most of its tension only holds it to its circle',
        may: 'the belt may lift off its pulleys: as it is set it does at {has}, and it runs at up to {needs}',
        fails: 'the belt lifts off its pulleys: as it is set it does at {has}, and it runs at up to {needs}',
      },
    },
    'slip-start': {
      name: 'the slip of the belt at the start',
      subject: 'whether the belt slips when it starts',
      source: slipSource,
      says: {
        holds: 'the belt slips at {has} at the driven pulley at rest; the work breaks away with {needs}',
        may: 'the belt may slip when it starts: it slips at {has} at the driven pulley, and the work breaks away with {needs}',
        fails: 'the belt slips when it starts: it slips at {has} at the driven pulley, and the work breaks away with {needs}',
      },
    },
    ...tensionChecks('Shigley’s Mechanical Engineering Design (10e), eq. 17-24 and 17-25, centrifugal part added'),
  },
  limits: {
    slip: {
      short: 'belt slips',
      what: 'the belt',
      fails: 'slips',
      may: 'may slip',
      harm: 'harmless',
      lasts: 'the slipping belt lasts {lasts}',
    },
    lasts: { short: 'belt rating', what: 'the belt', fails: 'wears out early', may: 'may wear out early', harm: 'wearing' },
    ...hubLimits('driving pulley', 'driven pulley'),
  },
} as const satisfies Outputs;

export type VBeltOutputs = typeof vBeltOutputs;
