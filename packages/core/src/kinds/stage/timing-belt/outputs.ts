import { figure, type Outputs } from '../../outputs.js';
import { alignmentCheck } from '../../shared/alignment.js';
import { drivenShaft, ratioFigure } from '../../shared/driven-shaft.js';
import { hubLimits } from '../../shared/hub-fixing.js';
import { beltFigures, tensionChecks } from '../../shared/open-belt.js';
import { serviceFigure, withFactor } from '../../shared/service-factor.js';
import { reachCheck } from '../../shared/slot.js';
import { wheelFigures } from '../../shared/wheels.js';

export const teethSource = 'Common practice, no source: fewest teeth by profile; fewer bend the cords too sharply';
export const fastSource =
  'Common practice, no source: makers allow timing belts up to 50 m/s, from half an inch of pitch 40, from 20 mm 30 (from memory); plastic pulleys 25';
export const meshSource = 'ISO 5295 (from memory); common practice alike: six teeth transmit the full rating, each one fewer costs a fifth';
export const wholeSource = 'A belt has a whole number of teeth';
export const strainSource = 'Common practice, no source: cords of glass work at 0.1 to 0.2 % of strain';
export const tensionSource = 'Balance of the spans between fixed centres (closed form): about half the pull, centrifugal part added';

/** What a timing belt puts out. */
export const timingBeltOutputs = {
  figures: {
    ...ratioFigure,
    ...drivenShaft,
    ...beltFigures,
    ...serviceFigure('Rating'),
    'driver-over-teeth': figure('Diameter over the teeth, driving pulley', 'length', 'Size'),
    'driven-over-teeth': figure('Diameter over the teeth, driven pulley', 'length', 'Size'),
    'belt-teeth': figure('Teeth of the belt', 'count', 'Belt'),
    'pitches-round': figure('Pitches round both pulleys', 'count', 'Belt'),
    'tightens-over': figure('Travel from slack to tension', 'length', 'Tension'),
    'teeth-in-mesh': figure('Teeth in mesh', 'count', 'Belt', { key: true }),
    'may-pull': figure('Pull within the rating', 'force', 'Rating'),
    'jumps-at': figure('Jumps teeth at, driving pulley', 'torque', 'Tension'),
    'jumps-in-a-jam-at': figure('Jumps teeth in a jam at, driving pulley', 'torque', 'Tension'),
    'tears-at': figure('Tears at, driving pulley', 'torque', 'Tension'),
    ...wheelFigures('pulley'),
  },
  checks: {
    speed: {
      name: 'the belt speed',
      subject: 'belt speed',
      source: fastSource,
      says: 'the belt runs at up to {needs}; {has} is the limit of its pitch',
    },
    mesh: {
      name: 'the teeth in mesh',
      subject: 'teeth in mesh',
      source: meshSource,
      says: {
        holds: '{has} teeth are in mesh on the smaller pulley; six transmit the full rating',
        close: '{has} teeth are in mesh on the smaller pulley; six would transmit the full rating, each one fewer costs a fifth',
        fails: 'only {has} teeth are in mesh on the smaller pulley; it needs {needs} at least, and six for the full rating',
      },
    },
    teeth: {
      name: 'the teeth of the smaller pulley',
      subject: 'teeth of the smaller pulley',
      source: teethSource,
      says: {
        holds: 'the smaller pulley has {has} teeth; {profile} needs {least}',
        fails: 'the smaller pulley has {has} teeth; {profile} needs {least} or more, or its cords break early',
      },
    },
    whole: {
      name: 'the length of the belt',
      subject: 'whether there is such a belt',
      source: wholeSource,
      says: {
        holds: 'the belt has {teeth} teeth',
        close: 'the belt has {teeth} teeth; standard {profile} belts have {near}',
        fails: 'a belt of that length would have {pitches} teeth: there is none in {profile}',
      },
    },
    reach: reachCheck,
    'room-out': {
      name: 'the room to tighten the belt',
      subject: 'room to tighten the belt',
      source: strainSource,
      says: 'with this belt on, the motor can still move {has} out; tightening it from slack to its tension at work needs {needs}',
    },
    line: alignmentCheck,
    rating: {
      name: 'the power rating of the belt',
      subject: 'power rating of the belt',
      source: 'Rating of the profile by width, speed and teeth in mesh (ISO 5295, from memory). It says how long the belt lasts, not when it jumps',
      says: `the belt is rated for {has}; the work needs {needs} ${withFactor}`,
    },
    jump: {
      name: 'the belt that jumps at work',
      subject: 'whether the belt jumps at work',
      source: 'Balance of the spans at the tension as set, between fixed centres (closed form)',
      says: {
        holds: 'the belt jumps teeth at {has} at the driving pulley; the work needs {needs}',
        may: 'the belt may jump teeth at work: it jumps at {has} at the driving pulley, as tight as it is likely to be, and the work needs {needs}',
        fails: 'the belt jumps teeth at work: it jumps at {has} at the driving pulley, and the work needs {needs}',
      },
    },
    'jump-start': {
      name: 'the belt that jumps at the start',
      subject: 'whether the belt jumps when it starts',
      source: 'Balance of the spans at the tension as set, between fixed centres (closed form)',
      says: {
        holds: 'the belt jumps teeth at {has} at the driving pulley at rest; the work breaks away with {needs}',
        may: 'the belt may jump teeth when it starts: it jumps at {has} at the driving pulley, and the work breaks away with {needs}',
        fails: 'the belt jumps teeth when it starts: it jumps at {has} at the driving pulley, and the work breaks away with {needs}',
      },
    },
    ...tensionChecks(tensionSource),
  },
  limits: {
    jump: {
      short: 'belt jumps',
      what: 'the belt',
      fails: 'jumps teeth',
      may: 'may jump teeth',
      harm: 'harmless',
      lasts: 'the jumping belt lasts {lasts}',
    },
    lasts: { short: 'belt rating', what: 'the belt', fails: 'wears out early', may: 'may wear out early', harm: 'wearing' },
    belt: { short: 'belt tears', what: 'the belt', fails: 'tears', may: 'may tear', harm: 'breaking' },
    ...hubLimits('driving pulley', 'driven pulley'),
  },
} as const satisfies Outputs;

export type TimingBeltOutputs = typeof timingBeltOutputs;
