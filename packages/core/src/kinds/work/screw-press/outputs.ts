import { figure, type Outputs } from '../../outputs.js';
import { jamFigures, jamLimits } from '../../shared/jam-stop.js';

/** What a screw that presses puts out. */
export const screwPressOutputs = {
  figures: {
    torque: figure('Torque needed, under full force', 'torque', 'At the screw', { key: true }),
    breakaway: figure('Breakaway torque', 'torque', 'At the screw', { key: true }),
    peak: figure('Torque at the end of its travel', 'torque', 'At the screw', { key: true }),
    'press-force': figure('Force', 'force', 'At the screw', { key: true }),
    'thread-torque': figure('Torque of the thread', 'torque', 'At the screw'),
    'collar-torque': figure('Torque of the thrust bearing', 'torque', 'At the screw'),
    efficiency: figure('Efficiency of screw and thrust bearing', 'fraction', 'At the screw', { key: true }),
    'releases-at': figure('Torque to release', 'torque', 'At the screw'),
    feed: figure('Speed of the plate', 'feed', 'At the screw'),
    turns: figure('Turns over its stroke', 'count', 'A pressing'),
    closes: figure('Closes in', 'time', 'A pressing'),
    'whole-pressing': figure('A whole pressing', 'time', 'A pressing'),
    buckles: figure('Force at which the screw buckles, a third of it', 'force', 'The screw'),
    'nut-pressure': figure('Pressure in the nut', 'stress', 'The screw'),
    ...jamFigures,
  },
  checks: {
    buckles: {
      name: 'the buckling of the screw',
      subject: 'whether the screw bows out',
      source:
        'Shigley’s Mechanical Engineering Design (Euler and Johnson columns), its end held and guided, mild steel of 235 MPa, three times as safe',
      says: {
        holds: 'the screw takes {has} with three times to spare; it presses with {needs}',
        may: 'the screw may bow out: {has} is what it takes with three times to spare, and it presses with {needs}',
        fails: 'the screw bows out: {has} is what it takes with three times to spare, and it presses with {needs}. A thicker screw, or a shorter one',
      },
    },
    nut: {
      name: 'the pressure in the nut',
      subject: 'whether the nut lasts',
      source: 'Machine element handbooks (from memory): 10 MPa in a greased bronze nut that turns slowly under load',
      says: {
        holds: 'the thread of the nut is pressed with {needs}; {has} is right for greased bronze',
        may: 'the nut may wear fast: its thread is pressed with {needs}, and {has} is right for greased bronze',
        fails: 'the nut wears fast: its thread is pressed with {needs}, and {has} is right for greased bronze. A longer nut',
      },
    },
    locks: {
      name: 'the screw by itself',
      subject: 'whether it stays pressed with the power off',
      source: 'Shigley’s Mechanical Engineering Design, eq. 8-3: friction against the lead',
      says: {
        holds: 'it stays pressed with the power off: to release it takes {releases}',
        close: 'with the power off it may run back by itself: its lead is steep for so little friction. A brake, if it has to stay pressed',
        fails: 'with the power off it runs back by itself: its lead is steep for so little friction. A finer lead, or a brake',
      },
    },
  },
  limits: jamLimits,
} as const satisfies Outputs;

export type ScrewPressOutputs = typeof screwPressOutputs;
