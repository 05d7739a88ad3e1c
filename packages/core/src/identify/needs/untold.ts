import type { Known } from './in-hand.js';
import {
  both,
  donorIs,
  geared,
  induction,
  not,
  ofMotor,
  onePhase,
  ownElectronics,
  patternIs,
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
  wound,
} from './sentence.js';

const noVolts = ({ plate_V }: Known) => plate_V === null;
const smallest = ({ readings }: Known) =>
  Math.min(...readings.flatMap(({ ohms }) => (ohms && ohms[1] > 0 ? [ohms[1]] : [])), Number.POSITIVE_INFINITY);
const isOpen = ({ readings }: Known) => readings.some(({ ohms }) => ohms === null);

/** What neither a look nor a meter tells, and what would. */
export const untolds: readonly Told[] = [
  told(
    'untold-power',
    ({ power_W: [least, , most] }) => most > 1.5 * least,
    'Its power closer than the range here: what it drives for an hour without running hot tells, or a brake on its shaft.',
  ),
  told(
    'untold-hours',
    ({ isShortTime, motor }) =>
      isShortTime || motor === 'universal' || motor === 'pm-dc' || motor === 'capacitor-start' || motor === 'direct-drive-washer',
    'How long it lasts at a load and a speed that are not its own machine’s: by its warmth, every five minutes of a first hour.',
  ),
  told('untold-free-speed', universal, 'How fast it would go unloaded on full mains: past what its armature withstands. It is not tried.'),
  told('untold-armature', both(universal, patternIs('one', 'taps')), 'Which part of a reading is field and which armature, without lifting a brush.'),
  told(
    'untold-crossed',
    both(universal, ({ readings }) => readings.length > 2),
    'Which end of each half of the field goes where: if it barely turns, one half is crossed.',
  ),
  told('untold-tacho', ({ hasTacho }) => hasTacho, 'How many pulses a turn its tachometer makes: counted at a known speed.'),
  told('untold-board', universal, 'Whether its dial or board holds the speed or only cuts the voltage: load it by hand and listen.'),
  told('untold-oil', ({ donor, family }) => family === 'gearmotor' || donor === 'sewing-machine', 'Whether there is oil in its bearings or its box.'),
  told(
    'untold-gear',
    ({ donor, family }) => family === 'gearmotor' || donor === 'power-tool',
    'The ratio of a gear that is missing or shut inside: turns counted by hand.',
  ),
  told('untold-box', geared, 'The torque that its wheels withstand, and how much of its power the box loses, closer than a tenth.'),
  told('untold-both-ways', permanent, 'Whether it may turn both ways: the brushes’ angle and the thread of a flywheel tell.'),
  told(
    'untold-volts',
    both(noVolts, not(onePhase)),
    'Its rated voltage and current: usual ones are taken; a run at a low voltage with the speed measured narrows them.',
  ),
  told(
    'untold-speed',
    ({ plate_V, motor, plate }) => motor !== null && (plate_V === null || !/rpm|min|U\//i.test(plate)),
    'Its speed under load: a tachometer, a stroboscope, or the poles counted tell.',
  ),
  told(
    'untold-slip',
    both(induction, ({ isShortTime }) => isShortTime),
    'Its slip, and so its loaded speed closer than 100 rpm.',
  ),
  told('untold-minutes', ({ isShortTime }) => isShortTime, 'For how many minutes it is made, where the plate does not say.'),
  told(
    'untold-efficiency',
    both(induction, not(threePhase)),
    'Power factor and efficiency, and so its shaft power closer than a fifth, or whether its watts are input or shaft: light and cheap for its watts says input.',
  ),
  told('untold-small-ohms', (m) => smallest(m) < 0.8, 'Ohms under 0.3 Ω with this meter: a known current through it and the volts across it.'),
  told('untold-turned-ohms', permanent, 'The resistance of an armature closer than a fifth: it changes as the rotor is turned.'),
  told(
    'untold-form',
    both(permanent, ({ at_V }) => at_V > 60),
    'The form factor of the board that it was rated for.',
  ),
  told(
    'untold-pins',
    (m) => m.donor === 'printer' || m.family === 'direct-drive-washer' || ownElectronics(m),
    'Which pin of a sensor or a fork is which.',
  ),
  told('untold-weight', ({ mass_kg }) => mass_kg === undefined, 'Its weight: it narrows the power most.'),
  told('untold-series', both(wound, not(starter)), 'Whether a weak series winding is hidden in it (compound).'),
  told('untold-brake-test', both(wound, starter), 'Its torque, without a brake test.'),
  told(
    'untold-starts',
    switched,
    'How many starts are left in its switch, and whether that is a centrifugal one or a relay, before the cover is off.',
  ),
  told(
    'untold-lost-capacitor',
    both(onePhase, ({ looks }) => looks.capacitor === undefined || looks.capacitor === 'none' || looks.capacitor === 'start'),
    'Whether it had a capacitor, or a second one, that is lost: a bump on its case, stray leads and screw holes speak for it.',
  ),
  told('untold-capacitor', ofMotor('capacitor-start', 'two-capacitor'), 'The right start capacitor closer than a third where the old one is gone.'),
  told(
    'untold-start-winding',
    ofMotor('split-phase', 'capacitor-start', 'two-capacitor', 'capacitor-run'),
    'The start winding by itself while its capacitor or its switch is in the path.',
  ),
  told('untold-direction', onePhase, 'Which way it will turn, and of two windings alike which is which way: it is tried.'),
  told(
    'untold-ends',
    ofMotor('three-phase', 'capacitor-start', 'split-phase'),
    'Which end of a winding or half is its start, and which halves belong together: a plate’s diagram, the order of the studs, or a test at low voltage.',
  ),
  told(
    'untold-taps',
    both(onePhase, ({ readings }) => readings.length > 3),
    'Which tap or main is which speed, with certainty: the fewest ohms to the common is mostly the fastest.',
  ),
  told(
    'untold-open',
    both(onePhase, isOpen),
    'Whether an open reading is a cut-out that is hot, one that has failed, or a winding; it is measured again when cold.',
  ),
  told('untold-hot', both(onePhase, isOpen), 'Resistance when cold: copper at 85 °C reads a quarter more.'),
  told('untold-cut-out', ({ hasCutOut, motor }) => !hasCutOut && motor !== 'stepper', 'Whether it has a cut-out or a fuse inside.'),
  told('untold-star', both(ofMotor('three-phase', 'direct-drive-washer'), patternIs('equal')), 'Star or delta inside: three leads alone do not say.'),
  told(
    'untold-poles',
    both(
      ofMotor('brushless', 'servo', 'direct-drive-washer', 'two-capacitor', 'capacitor-run', 'split-phase', 'capacitor-start', 'three-phase'),
      ({ motor, plate }) => motor === 'servo' || !/\d{3}\s*(rpm|r\/min|\/min|min-1|U\/min)/i.test(plate),
    ),
    'Its poles: notches of one turn counted, or the speed once it runs.',
  ),
  told(
    'untold-drive',
    ofMotor('brushless', 'servo', 'direct-drive-washer'),
    'The current limit, the torque when held and the current for long: raised step by step, by its warmth.',
  ),
  told('untold-phases', ofMotor('brushless', 'servo', 'direct-drive-washer'), 'The order of phases and sensors: tried out at a low current.'),
  told('untold-signals', ownElectronics, 'Logic levels and pulses a turn of its electronics.'),
  told(
    'untold-encoder',
    ofMotor('servo'),
    'The kind of its encoder, or the pole pairs and which winding of its resolver is sine; whether another make’s drive runs it.',
  ),
  told(
    'untold-bearings',
    both(ofMotor('servo'), ({ looks }) => looks.turned === 'stuck'),
    'Whether its bearings are good, until the brake is freed.',
  ),
  told('untold-stepper', stepper, 'Its rated current, its steps a turn (200 is usual) and its holding torque: a lever and a scale, and its warmth.'),
  told(
    'untold-stepper-ways',
    stepper,
    'The direction of each winding, and which halves belong together: a battery on one, the others tell by their kick.',
  ),
  told('untold-rest', ofMotor('capacitor-run', 'shaded-pole', 'split-phase'), 'Its torque at rest: a lever and a scale, for a second.'),
  told('untold-brake', donorIs('garden-shredder'), 'How the brake in its switch worked.'),
  told('untold-slow-set', both(ofMotor('capacitor-run'), donorIs('washer-belt')), 'The poles of its slow set, 12 to 18, until it runs.'),
  told('untold-sealed', sealed, 'Its power closer than a factor of two.'),
  told('untold-watts', shaded, 'Its power closer than a factor of two; of two figures on its plate, which is shaft.'),
];
