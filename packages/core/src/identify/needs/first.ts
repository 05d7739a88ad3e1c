import type { Known } from './in-hand.js';
import {
  boardAmps,
  both,
  bothVolts,
  donorIs,
  driven,
  figure,
  halved,
  has,
  induction,
  inOrder,
  not,
  ofMotor,
  onBattery,
  onePhase,
  onMains,
  ownElectronics,
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

/** First power and its limits. */
export const firsts: readonly Told[] = [
  told('first-insulation', onMains, 'Every winding against the frame first, on the highest range: any reading there, and it stays off.'),
  told('first-cloth', donorIs('old-workshop', 'sewing-machine'), 'Old cloth insulation: an insulation test at 500 V before any power.'),
  told('first-strap', () => true, 'Strapped down, guard over what turns, eyes protected, a hand on the switch.'),
  told(
    'first-low',
    both(universal, not(sealed)),
    '12 to 24 V of direct current first. It should turn at once; stop it when it passes the speed that you named.',
  ),
  told(
    'first-lamp',
    both(onePhase, not(sealed)),
    'First through a series lamp, or any load of a quarter to half its watts (old lamps side by side, a heater): that is all a short can draw. It hums and starts slowly or not at all; seconds only. A residual-current device that trips, or smoke, ends it.',
  ),
  told('first-rcd', onMains, 'Behind a residual-current device; someone within call.'),
  told('first-hum', switched, 'A stalled start winding burns in seconds: if it hums, off at once.'),
  told('first-hum-run', ofMotor('capacitor-run'), 'If it hums and does not turn, off at once: capacitor, or load.'),
  told(
    'first-12',
    both(permanent, onMains),
    'First on 12 V with the speed measured: that is its volts per rpm, and it says what it does at any other.',
  ),
  told(
    'first-begin-low',
    both(permanent, ({ plate_V }) => !plate_V),
    'Its rated voltage is not known: begin low, and stop where it runs hot, loud, or faster than its size is made for.',
  ),
  told(
    'first-drive-low',
    both(threePhase, ({ plate_V }) => !plate_V),
    'Its rated voltage is not known: raise it on a drive with a low current limit.',
  ),
  told(
    'first-halves',
    both(threePhase, ({ looks }) => looks.wires === '7'),
    'Halves joined the wrong way draw the current of a locked rotor: first through lamps, or a drive with a low limit.',
  ),
  told(
    'first-without-capacitor',
    both(ofMotor('capacitor-start'), not(has('capacitor', 'start', 'both'))),
    'Without its capacitor it only hums: off at once.',
  ),
  told('first-blown', ofMotor('two-capacitor'), 'A blown start capacitor is replaced before it is run.'),
  told('first-low-current', both(driven, not(ownElectronics)), 'The order of phases and sensors is tried out at a low current limit.'),
  told(
    'first-cool',
    ({ readings, motor }) => motor !== null && readings.some(({ ohms }) => ohms === null) && motor === 'capacitor-run',
    'Open readings: let it cool for an hour, then measure again. Open when hot is no burnt winding: do not scrap it.',
  ),
  told(
    'first-tripped',
    ({ readings, motor }) => readings.some(({ ohms }) => ohms === null) && motor === 'capacitor-run',
    'Find out why its cut-out tripped: bearing, capacitor, no wind.',
  ),
];

const reads_µF = (motor: Known, perKilowatt: readonly [number, number]): string => {
  const kW = [motor.power_W[0] / 1000, motor.power_W[2] / 1000] as const;
  const k = (230 / motor.at_V) ** 2;
  return span(perKilowatt[0] * Math.sqrt(kW[0] * kW[1]) * k, perKilowatt[1] * Math.sqrt(kW[0] * kW[1]) * k);
};
/** µF of a start capacitor for each kW at 230 V: common practice, no source. */
export const startCapacitor = [80, 200] as const;
/** µF of a run capacitor for each kW at 230 V: common practice, no source. */
export const runCapacitor = [15, 60] as const;

const overloadAt = (motor: Known): string => {
  if (halved(motor) || bothVolts(motor)) return 'its plate’s amps for the voltage that it is joined for';
  return motor.plate_A ? `${figure(motor.plate_A)} A` : `what it draws, some ${span(...motor.draws_A)} A`;
};

/** What to buy, with ratings. */
export const buys: readonly Told[] = [
  told(
    'buy-universal',
    both(universal, onMains),
    (m) =>
      `Phase-angle board for universal motors, ${volt(m.wall_V)} AC, ${boardAmps(m)} A or more${m.hasTacho ? ', with an input for its tachometer' : ''}.`,
  ),
  told(
    'buy-pm',
    both(permanent, onMains, not(donorIs('hand-mixer'))),
    (m) => `DC motor board or PWM board for ${volt(m.at_V)} and ${boardAmps(m)} A, with current limit; a choke where it is phase-angle.`,
  ),
  told(
    'buy-pm-battery',
    both(permanent, not(onMains)),
    (m) => `PWM controller for ${volt(m.at_V)} and ${boardAmps(m)} A or more, and a fuse of ${figure(1.5 * m.draws_A[1])} A at the battery.`,
  ),
  told(
    'buy-run',
    ofMotor('capacitor-run', 'two-capacitor'),
    (m) =>
      `Run capacitor: the µF of the old one within 5 %, its volts or more (400 to 450 V AC on 230 V).${m.looks.capacitor === 'run' ? '' : ` Not known: ${reads_µF(m, runCapacitor)} µF for this size, the larger only if its current falls with it.`}`,
  ),
  told(
    'buy-start',
    ofMotor('capacitor-start', 'two-capacitor'),
    (m) =>
      `Start capacitor: as the old one says. Not known: ${reads_µF(m, startCapacitor)} µF for this size, ${m.at_V < 170 ? '125 V' : '250 V'} AC and up. A wrong one starts it weakly or burns the start winding.`,
  ),
  told(
    'buy-overload',
    both(induction, not(shaded), not(sealed)),
    (m) => `Motor switch with overload set to ${overloadAt(m)}, and a no-volt release so that it does not start by itself.`,
  ),
  told(
    'buy-drive',
    threePhase,
    (m) =>
      `Frequency drive: its output at least ${m.plate_A ? figure(m.plate_A) : span(...m.draws_A)} A at the motor’s volts; one-phase drives put out the volts of the wall at the most.`,
  ),
  told(
    'buy-brushless',
    both(ofMotor('brushless', 'direct-drive-washer'), not(ownElectronics)),
    (m) => `Brushless drive: ${figure(1.2 * m.draws_A[1])} A or more, its volts over those of the link.`,
  ),
  told('buy-servo', ofMotor('servo'), 'The drive of its own make and series first; look for the pair.'),
  told('buy-stepper', stepper, 'Chopper driver, its current over the motor’s, its volts as high as it allows: more volts, more torque at speed.'),
  told('buy-fuse', onBattery, 'A fuse at the battery’s own pole, a switch that breaks direct current.'),
  told(
    'buy-rectifier',
    both(wound, not(starter)),
    (m) => `Two rectifiers, or one with two outputs: armature ${volt(m.at_V)} and ${boardAmps(m)} A, field the same volts and 1 A.`,
  ),
];

/** Steps in their order. */
export const steps: readonly Told[] = [
  ...inOrder('steps-drive', both(ofMotor('brushless', 'direct-drive-washer', 'servo'), not(ownElectronics)), [
    'Resistance and inductance of one phase measured, dead.',
    'Pole pairs: notches of one turn counted, or electrical turns on a slow supply.',
    'Current limit low, a tenth of what it may draw.',
    'The drive’s own measuring run, nothing on the shaft.',
    'Sensors or encoder in the same direction as the phases.',
    'The current loop set, then the speed loop.',
    'Then the load, the current limit up in steps, its case felt each time.',
  ]),
  ...inOrder('steps-vector', threePhase, [
    'On a drive: volts, hertz, amps and speed of the plate entered.',
    'Its measuring run with the shaft free.',
    'By U/f first, ramps of 5 s; only then field-oriented.',
    'Then the load; the current limit at the amps of the plate.',
  ]),
  ...inOrder('steps-shunt', both(wound, not(starter)), [
    'Field on.',
    'Field current proved with a meter.',
    'Armature from nought.',
    'Off in the other order: armature first, then field.',
  ]),
];
