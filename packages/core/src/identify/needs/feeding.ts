import { patternOf } from '../windings.js';
import type { Known } from './in-hand.js';
import {
  boardAmps,
  both,
  bothVolts,
  donorIs,
  driven,
  figure,
  geared,
  halved,
  has,
  induction,
  not,
  ofMotor,
  onBattery,
  onePhase,
  onMains,
  ownElectronics,
  patternIs,
  permanent,
  sealed,
  shaded,
  span,
  starter,
  stepper,
  switched,
  type Told,
  threePhase,
  told,
  universal,
  volt,
  wound,
} from './sentence.js';

/** `115 V AC`; where no plate says it, that it is only usual. */
const volts = ({ plate_V, at_V }: Known, sort = ''): string =>
  plate_V ? `${volt(plate_V)}${sort}` : `about ${volt(at_V)}${sort} (usual; no plate says it)`;
const starCoupled = ({ plate }: Known) => /\bY\b/.test(plate) && !/[ΔD]\s*\/\s*Y/.test(plate);

/** What feeds it. */
export const feeds: readonly Told[] = [
  told('feed-universal', universal, (m) =>
    m.donor === 'kitchen-machine' && patternIs('taps')(m)
      ? null
      : `${volts(m, ' AC')}, through a phase-angle speed board, or the same volts rectified; on direct current it is smoother and pulls harder. A board for ${boardAmps(m)} A and more.`,
  ),
  told(
    'feed-series',
    both(universal, ({ readings }) => readings.length > 2),
    'Field and armature in series: one end of the field to one brush, the other brush and the other end of the field to the supply. Halves of a field help each other: if it barely turns, one half is crossed.',
  ),
  told(
    'feed-taps',
    both(universal, patternIs('taps')),
    (m) => `${volts(m, ' AC')} between the end that reaches the armature and one tap; never between two taps.`,
  ),
  told(
    'feed-low-dc',
    both(universal, onMains),
    '12 to 48 V of direct current turns it slowly and with little danger: enough for a first run or a slow work.',
  ),
  told(
    'feed-own-trigger',
    both(universal, donorIs('power-tool', 'sewing-machine')),
    'Its own trigger, dial or pedal fits it: it is made for these amps.',
  ),
  told('feed-pm-mains', both(permanent, onMains), (m) =>
    m.donor === 'hand-mixer'
      ? `Its own bridge rectifier on ${volt(m.wall_V)} AC, with no smoothing capacitor; or direct current up to ${volt(0.9 * m.wall_V)}; or a phase-angle board before the bridge.`
      : `Direct current up to ${volts(m)}: a PWM board, or a bridge rectifier behind a phase-angle board with a choke, which limits volts and amps. ${volt(m.wall_V)} rectified is ${volt(0.9 * m.wall_V)} in the mean and ${volt(Math.SQRT2 * m.wall_V)} at the peak.`,
  ),
  told(
    'feed-pm-battery',
    both(permanent, not(onMains), not(geared)),
    (m) =>
      `${volts(m)} of direct current from a battery or a supply, through a PWM controller for ${span(1.5 * m.draws_A[1], 2 * m.draws_A[1])} A; held still it draws several times that.`,
  ),
  told('feed-disc', both(permanent, donorIs('printer')), 'Its optical disc, if it is to be used, is fed apart with 5 V.'),
  told(
    'feed-shunt',
    both(wound, not(starter)),
    (m) => `${volts(m)} of direct current on the field first; then direct current that rises from nought on the armature.`,
  ),
  told('feed-shunt-apart', both(wound, not(starter)), 'Or a rectifier with a separate supply for the field.'),
  told('feed-starter', starter, 'A 12 V battery that supplies hundreds of amps, for seconds.'),
  told('feed-one-phase', onePhase, (m) => (sealed(m) ? null : `${volts(m, ' AC')} of one phase, through a switch with overload protection.`)),
  told('feed-nothing-else', both(ofMotor('split-phase'), not(sealed)), 'No capacitor: its start winding and its switch are all it has.'),
  told(
    'feed-switch-block',
    both(switched, has('switch', 'click'), not(sealed)),
    'With its own switch block: the start winding only until it is up to speed.',
  ),
  told('feed-one-main', both(ofMotor('split-phase'), donorIs('washer-top')), 'Of two main windings one at a time.'),
  told('feed-ptc', both(onePhase, sealed), 'Its plug-on starter (PTC) and its cut-out, both as they were.'),
  told(
    'feed-links',
    both(onePhase, halved),
    'Links set for the supply: halves of the main winding beside each other for the lower voltage, one behind the other for the higher.',
  ),
  told('feed-run-capacitor', ofMotor('capacitor-run', 'two-capacitor'), (m) =>
    patternIs('halves')(m)
      ? 'Run capacitor between the two outer wires, always in; the supply between the common wire and one of them: which one decides the direction.'
      : 'Run capacitor in series with the second winding, always in.',
  ),
  told(
    'feed-two-sets',
    both(ofMotor('capacitor-run'), donorIs('washer-belt')),
    'Two sets of windings, a slow and a fast one, each with the capacitor between its own two ends: never both at once.',
  ),
  told('feed-fan-taps', both(ofMotor('capacitor-run'), patternIs('taps')), 'Between the common wire and one speed tap; the capacitor where it was.'),
  told(
    'feed-start-capacitor',
    ofMotor('capacitor-start', 'two-capacitor'),
    'Start capacitor in series with the start winding, through its switch, for seconds.',
  ),
  told('feed-shaded', shaded, (m) => `${volts(m, ' AC')} on its two wires, nothing else.`),
  told(
    'feed-three',
    both(threePhase, not(starCoupled), not(bothVolts)),
    (m) => `${volts(m)} of three phases, or a frequency drive with an output of ${volts(m)}.`,
  ),
  told(
    'feed-three-star',
    both(threePhase, starCoupled),
    (m) => `${volts(m)} of three phases in star, or a frequency drive with an output of ${volts(m)}.`,
  ),
  told(
    'feed-three-both',
    both(threePhase, bothVolts),
    'The higher of its two voltages of three phases in star; or a frequency drive of the lower voltage in delta.',
  ),
  told(
    'feed-steinmetz',
    both(threePhase, bothVolts),
    (m) =>
      `Or one phase of 230 V in delta with a run capacitor of about ${figure(0.07 * m.power_W[1])} µF (70 µF a kilowatt): about two thirds of its power, and a weak start.`,
  ),
  told(
    'feed-star-delta',
    both(threePhase, ({ power_W }) => power_W[1] > 2500),
    'From about 3 kW on it starts through star and delta, or on a frequency drive.',
  ),
  told(
    'feed-nine-leads',
    both(threePhase, ({ looks, readings }) => looks.wires === '7' && readings.length > 3),
    'Its nine leads are told apart by a test before anything is joined; for the lower voltage the halves lie beside each other.',
  ),
  told('feed-drive', both(ofMotor('brushless'), not(ownElectronics)), (m) =>
    onBattery(m)
      ? `A brushless controller for ${volts(m)} and ${span(1.2 * m.draws_A[1], 1.8 * m.draws_A[1])} A, with sensors or without.`
      : `Its own board, or a sensorless brushless drive for a link of about ${volt(Math.SQRT2 * m.wall_V)}.`,
  ),
  told('feed-signal', ownElectronics, '24 V of direct current at the right wires, a start signal, and a clock of some hundred hertz for its speed.'),
  told('feed-servo', ofMotor('servo'), 'A servo drive that reads the encoder or resolver it has; of another make only where that is said.'),
  told('feed-brake', both(ofMotor('servo'), has('turned', 'stuck')), '24 V of direct current on its brake before it may turn.'),
  told(
    'feed-direct-drive',
    ofMotor('direct-drive-washer'),
    (m) =>
      `A brushless drive for a link of about ${volt(Math.SQRT2 * m.wall_V)}, with sensors or field-oriented; many poles, so a drive that reaches several hundred hertz.`,
  ),
  told('feed-generator', ofMotor('direct-drive-washer'), 'Turned by something it is a generator: a three-phase rectifier feeds a battery from it.'),
  told('feed-stepper', stepper, (m) =>
    (m.mass_kg ?? 0) > 2
      ? 'A two-phase chopper driver of 48 to 70 V that limits the current.'
      : 'A two-phase chopper driver that limits the current, on 12 to 36 V: the volts of a plate are ohms times amps and no supply.',
  ),
  told('feed-stepper-current', stepper, (m) =>
    m.plate_A
      ? `Set to ${figure(m.plate_A)} A on half of each winding, or seven tenths of that on whole windings.`
      : 'Begin at 1 A and raise it only as long as the motor stays under 80 °C.',
  ),
  told(
    'feed-stepper-halves',
    both(stepper, patternIs('four-alike')),
    'Its halves are paired by a test; then beside each other for twice the amps, or one behind the other for half of them.',
  ),
  told('feed-stepper-middle', both(stepper, patternIs('two-halves')), 'Middle leads are left open and covered.'),
  told('feed-geared', ({ motor }) => motor === null, 'As the motor inside is: look at that, and at what its machine fed it with.'),
  told(
    'feed-geared-dc',
    both(geared, permanent),
    (m) => `${volts(m)} of direct current and a PWM controller; held still it draws four to five times what it draws at work.`,
  ),
];

/** What it must not be put to. */
export const nevers: readonly Told[] = [
  told(
    'never-bare',
    both(universal, not(sealed)),
    'Runs away unloaded: never on full mains without its load. 12 to 24 V first, with a speed at which to stop.',
  ),
  told('never-bare-starter', starter, 'A series motor: without a load it runs away.'),
  told(
    'never-field-open',
    both(wound, not(starter)),
    'If the field fails while the armature is fed, it runs away: field first, field proved, field last off.',
  ),
  told('never-dimmer', both(induction, not(threePhase), not(sealed)), 'No dimmer and no phase-angle speed board on an induction motor.'),
  told('never-mains', driven, 'Never the mains on its three wires: it stalls and burns. 3~ on such a plate does not mean three-phase mains.'),
  told('never-mains-dc', both(permanent, onMains), 'Never the mains as they are: it needs direct current, and its own volts at the most.'),
  told(
    'never-smoothed',
    both(permanent, donorIs('hand-mixer')),
    (m) => `With a smoothing capacitor added it would be put to ${volt(Math.SQRT2 * m.wall_V)}: too much.`,
  ),
  told('never-over-volts', both(permanent, onBattery), 'Above its volts it overspeeds and burns its brushes.'),
  told('never-tacho', ({ hasTacho }) => hasTacho, 'Never power the pair of the tachometer: it burns.'),
  told('never-taps', both(universal, patternIs('taps')), 'Full mains between two taps burns the field.'),
  told('never-delta', both(threePhase, bothVolts), 'The higher voltage on delta burns it.'),
  told('never-two-phases', threePhase, 'On two phases it hums and burns: a protection that notices a lost phase.'),
  told(
    'never-one-phase-star',
    both(threePhase, not(bothVolts)),
    'One phase with a capacitor will not do in star: the volts are too few. In delta it needs a supply of its delta volts.',
  ),
  told('never-both-windings', both(onePhase, patternIs('halves')), 'Never feed both outer wires at once.'),
  told(
    'never-two-mains',
    both(
      ofMotor('split-phase', 'capacitor-run'),
      ({ readings, looks }) => readings.length > 3 && Number(looks.wires) >= 4 && patternOf(readings) === 'taps',
    ),
    'Two main windings, or a slow and a fast set, are never fed together.',
  ),
  told('never-wrong-link', both(onePhase, halved), 'Set for the lower voltage and put on the higher it burns at once.'),
  told('never-polarity', ownElectronics, 'Plus and minus swapped kills its chip: ohms on its plug say nothing.'),
  told('never-encoder', ofMotor('servo'), 'No ohmmeter and no voltage on the plug of the encoder.'),
  told('never-unplug', stepper, 'Never unplug it from a live driver.'),
  told('never-stepper-halves', both(stepper, patternIs('four-alike')), 'Halves joined against each other have no torque and only heat.'),
  told('never-open', sealed, 'Never cut or open it: refrigerant that burns, oil under pressure.'),
  told('never-transformer', both(shaded, donorIs('small-fan')), 'The transformer of a microwave oven and its capacitor stay alone: they kill.'),
  told('never-pedal', both(universal, donorIs('sewing-machine')), 'A carbon pedal and a phase-angle board do not go together: one of them.'),
  told(
    'never-two-speeds',
    both(geared, permanent, ({ readings }) => readings.length > 2),
    'Do not feed both speed brushes at once.',
  ),
];
