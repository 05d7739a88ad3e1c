import { cuttingSpeedSource } from '../../../catalog/cut-metals.js';
import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a tapping spindle puts out. */
export const tapperOutputs = {
  figures: {
    torque: figure('Torque needed', 'torque', 'At the spindle', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the spindle'),
    peak: figure('Torque with packed chips', 'torque', 'At the spindle', { key: true }),
    'tap-breaks': figure('Torque at which the tap breaks', 'torque', 'A thread', { key: true }),
    'force-by-chip': figure('Cutting force by the section of the chip', 'stress', 'A thread'),
    surface: figure('Speed of the cut', 'rim-speed', 'A thread', { key: true }),
    advance: figure('Feed, pitch by turns', 'feed', 'A thread', { key: true }),
    'spun-inertia': figure('Inertia of spindle and holder', 'inertia', 'In a jam'),
    ...jamFigures,
  },
  checks: {
    breaks: {
      name: 'the strength of the tap',
      subject: 'whether the tap holds',
      source: 'Common practice, no source: a tap M10 of high-speed steel breaks at about 30 N·m, ±25 %, others with the cube of their core',
      says: {
        holds: 'with packed chips the tap takes {needs}; it breaks at {has}',
        close: 'with packed chips the tap takes {needs}; it breaks at {has}: back it out to clear the chips',
        may: 'the tap may break: with packed chips it takes {needs}, and it breaks at {has}. A larger hole, a sharp tap, oil',
        fails: 'the tap breaks: with packed chips it takes {needs}, and it breaks at {has}. A larger hole, a sharp tap, oil',
      },
    },
    feeds: {
      name: 'how the tap is fed',
      subject: 'whether the feed follows the thread',
      source: 'Common practice, no source: a rigid holder lets the feed be off by a fiftieth of a turn',
      says: {
        holds: 'the feed follows the thread: the tap is held {how}',
        close: 'the tap pulls itself in, and a hand has to follow it: {how}, it tears the thread where the hand holds back',
        fails: 'the feed does not follow the thread: {how}, it is torn. A floating holder, a reversing head, or feedback of the spindle’s angle',
      },
    },
    hole: {
      name: 'the hole',
      subject: 'whether the hole fits the tap',
      source: 'Tap drills (common practice): diameter less pitch; three tenths of the pitch less is narrow',
      says: {
        holds: 'a hole of {hole} is right for a tap of {across}',
        close: 'a hole of {hole} is narrow for a tap of {across}; {right} is usual: it takes far more torque',
        fails: 'a hole of {hole} has no thread left for a tap of {across}: {right} is usual',
      },
    },
    burns: {
      name: 'the speed of the cut',
      subject: 'whether the tap stays cool',
      source: cuttingSpeedSource,
      closeBelow: 0,
      says: {
        holds: 'the tap cuts at {needs}; up to {has} it lasts',
        may: 'the tap may burn: it cuts at {needs}, and up to {has} it lasts',
        fails: 'the tap burns: it cuts at {needs}, and up to {has} it lasts. Slower',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type TapperOutputs = typeof tapperOutputs;
