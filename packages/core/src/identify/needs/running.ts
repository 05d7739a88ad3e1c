import {
  both,
  donorIs,
  driven,
  geared,
  induction,
  not,
  ofMotor,
  onePhase,
  onMains,
  permanent,
  sealed,
  shaded,
  starter,
  stepper,
  switched,
  type Told,
  threePhase,
  told,
  universal,
  withBrushes,
  wound,
} from './sentence.js';

const fans = donorIs('room-fan', 'small-fan', 'cold-fan', 'furnace-fan', 'dryer');
const cleaner = donorIs('vacuum-cleaner');

/** Cooling. */
export const airs: readonly Told[] = [
  told(
    'air-cleaner',
    both(universal, cleaner),
    'Forced air if its fan comes off: it overheats within minutes without. Blocking its inlet speeds it up.',
  ),
  told(
    'air-own-fan',
    both(universal, not(cleaner)),
    'Its own fan kept: it cools itself as long as it runs fast. Slow and loaded it overheats: the fan is on the shaft.',
  ),
  told(
    'air-blade',
    both(induction, fans),
    'It was cooled by the wind of its own blade or drum fan: without it, keep air over the open coils, or it overheats.',
  ),
  told('air-slow', threePhase, 'Under half its speed for long: forced air, or half its torque.'),
  told('air-treadmill', both(permanent, donorIs('treadmill')), 'Its flywheel is its fan: without it a quarter of its power is gone, more when slow.'),
  told('air-short', ({ isShortTime }) => isShortTime, 'Made for seconds or minutes: short-time only, let it cool between runs.'),
  told(
    'air-stepper',
    stepper,
    'It takes its full current standing still: hot to touch in use is normal, 80 °C at most; a current set too high overheats it.',
  ),
  told(
    'air-hours',
    both(onePhase, donorIs('garden-shredder')),
    'Its watts are for four minutes in ten: for hours about two thirds of what it has at its best.',
  ),
];

/** Direction, and how it is changed. */
export const directions: readonly Told[] = [
  told(
    'direction-brushes',
    universal,
    'Brush ring and armature against field decide the direction: change over the field against the armature, at standstill. Brushes spark where the ring is set for the other way.',
  ),
  told(
    'direction-pm',
    permanent,
    'Plus and minus changed over, at standstill. Brushes may be set for one direction: the wrong one sparks and is weaker.',
  ),
  told('direction-wound', both(wound, not(starter)), 'Armature changed over against the field, at standstill.'),
  told(
    'direction-start',
    both(switched, not(sealed)),
    'The two wires of the start winding swapped, from standstill; where they do not come out, it is fixed inside.',
  ),
  told(
    'direction-run',
    ofMotor('capacitor-run'),
    'By which of the two windings the capacitor is in; with a pause at standstill before it is reversed.',
  ),
  told('direction-shaded', shaded, 'One direction only, set by the copper rings; with its stator turned round it runs the other way.'),
  told('direction-three', threePhase, 'Two phases swapped reverse it.'),
  told('direction-drive', driven, 'Set in the drive.'),
  told('direction-freewheel', donorIs('bicycle-hub'), 'Its freewheel lets it neither brake nor be driven backwards.'),
  told('direction-stepper', stepper, 'One winding’s pair swapped, or set in the driver.'),
  told('direction-flywheel', both(permanent, donorIs('treadmill')), 'Its flywheel may be screwed on: run or stopped hard the wrong way it unscrews.'),
];

/** Which speed control fits and which destroys it. */
export const speeds: readonly Told[] = [
  told(
    'speed-universal',
    both(universal, onMains),
    'A phase-angle board, best one that reads the tachometer; without one its speed falls with the load.',
  ),
  told('speed-pm', permanent, 'Volts: half of them, half the speed, the same torque.'),
  told('speed-wound', both(wound, not(starter)), 'Armature volts down from its rated speed; a weaker field up from it, with less torque and an end.'),
  told(
    'speed-one-phase',
    both(onePhase, not(sealed)),
    'None but pulleys or gears: a dimmer, a phase-angle board and a frequency drive each burn it or its capacitor. Only a fan can be slowed, by its own taps.',
  ),
  told('speed-shaded', shaded, 'Its own taps, or a fan regulator; it is too weak for anything else.'),
  told('speed-three', threePhase, 'A frequency drive: from a tenth of its speed to one and a half times it.'),
  told('speed-drive', driven, 'Its drive alone.'),
  told('speed-stepper', stepper, 'Steps a second; its torque falls as they rise, and steps that are missed are lost without a word.'),
];

/** Shaft, mounting, bearings. */
export const shafts: readonly Told[] = [
  told('shaft-fan', both(universal, cleaner), 'It has a shaft end that was made for a fan and not for a pulley: thin, threaded, no key.'),
  told(
    'shaft-housing',
    both(universal, donorIs('power-tool')),
    'It runs in its own housing: keep that, or make bearings for it. The gear that is missing was a part of its speed.',
  ),
  told('shaft-gear', both(permanent, donorIs('cordless')), 'With its planetary gear: without it, its speed is of no use.'),
  told(
    'shaft-own',
    ofMotor('direct-drive-washer'),
    'It has no shaft and no bearings of its own: those of the drum, or new ones for the pull of its magnets.',
  ),
  told('shaft-axle', both(ofMotor('brushless'), donorIs('bicycle-hub')), 'The axle is held against turning back: torque arms on both sides.'),
  told('shaft-sealed', sealed, 'No shaft outside: nothing makes it a motor for a machine; useful as an air pump at the most.'),
  told('shaft-pinion', starter, 'Its pinion shoots out as it starts: take it off, or keep its way free.'),
  told('shaft-body', both(geared, donorIs('car-wiper')), 'Its body is one pole of the battery: mount it with that in mind.'),
  told('shaft-wheel', donorIs('bench-grinder'), 'A wheel’s limit is the marking on the wheel: never faster.'),
  told('shaft-oil', geared, 'Oil or grease in the box checked before it runs.'),
  told(
    'shaft-plain',
    both(withBrushes, donorIs('sewing-machine', 'kitchen-machine', 'hand-mixer')),
    'Bronze bearings: a drop of oil, and no belt pull sideways.',
  ),
];
