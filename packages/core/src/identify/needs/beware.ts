import { drawnShare } from '../estimate.js';
import type { Known } from './in-hand.js';
import {
  both,
  donorIs,
  figure,
  geared,
  induction,
  not,
  ofMotor,
  onBattery,
  onePhase,
  onMains,
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

const isWorm = ({ plate }: Known) => /\bi\s*=?\s*\d|worm/i.test(plate);

/** What can hurt, and what it breaks by. */
export const bewares: readonly Told[] = [
  told(
    'beware-board',
    both(ofMotor('universal', 'pm-dc', 'brushless'), onMains),
    'Its speed board is not isolated from the mains: every part of it is live. No computer and no probe on it.',
  ),
  told(
    'beware-brush-tags',
    both(ofMotor('universal', 'pm-dc'), onMains),
    'Bare tags and brush holders are at mains voltage, on a DC motor behind a bridge too.',
  ),
  told('beware-bare-mains', shaded, 'Mains on bare tags: cover them.'),
  told('beware-pins', sealed, 'Its pins are at mains voltage: keep the cover. A warm starter needs minutes before it starts again.'),
  told('beware-loud', both(universal, donorIs('vacuum-cleaner', 'power-tool')), 'Deafening bare: ears protected.'),
  told('beware-earth', onMains, 'Earth to the frame before any power, or leave it in its insulated housing.'),
  told('beware-old', both(onMains, donorIs('sewing-machine', 'old-workshop')), 'Old leads crumble: insulation to the frame is measured first.'),
  told('beware-cut-out', ({ hasCutOut, motor }) => hasCutOut && motor !== 'stepper', 'Its thermal cut-out must stay in the circuit.'),
  told('beware-cut-out-resets', both(onePhase, not(sealed)), 'A cut-out inside resets itself: it starts again without warning when it has cooled.'),
  told(
    'beware-capacitor',
    both(onePhase, ({ looks, family }) => family !== 'split-phase' || looks.capacitor !== 'none'),
    'The capacitor may be charged: discharge it and prove it, both where there are two.',
  ),
  told(
    'beware-drive',
    both(ofMotor('three-phase', 'brushless', 'servo', 'direct-drive-washer'), onMains),
    'A drive keeps several hundred volts on its capacitors after switching off: wait as long as it says, and measure.',
  ),
  told('beware-generator', ofMotor('pm-dc', 'brushless', 'servo', 'direct-drive-washer'), (m) =>
    onMains(m) || m.family === 'direct-drive-washer'
      ? 'Turned by the load it is a generator: its terminals are live, several hundred volts when spun fast.'
      : 'Turned by the load it is a generator: its terminals are live, and its controller is fed from behind.',
  ),
  told('beware-spun', stepper, 'Spun fast by hand it feeds the driver, and can kill it.'),
  told('beware-battery', onBattery, 'A battery supplies hundreds of amps into a short: fuse at the battery.'),
  told('beware-throttle', donorIs('scooter', 'bicycle-hub'), 'The throttle must spring shut.'),
  told('beware-colours', () => true, 'Colours of wires say nothing of plus, minus or earth.'),
  told('beware-supply-inside', donorIs('printer', 'copier', 'plotter'), 'The machine’s own power supply is at mains voltage inside.'),
  told('beware-small-brushes', both(permanent, donorIs('printer', 'hand-mixer', 'cordless')), 'Small brushes: held still it burns them.'),
  told('beware-no-load-speed', both(permanent, onMains), 'No runaway, but its speed without load is high.'),
  told('beware-kick', both(wound, not(starter)), 'The field kicks with a high voltage when it is switched off: a diode or a lamp across it.'),
  told('beware-seconds', starter, 'Seconds only: it melts its solder within a minute or two.'),
  told(
    'beware-starts-weak',
    ofMotor('split-phase', 'capacitor-run'),
    'Starts weak (a start winding alone 1 to 1.5 times its rated torque, a run capacitor 0.3 to 0.8): let the load start empty.',
  ),
  told(
    'beware-inrush',
    both(switched, not(sealed)),
    (m) => `Starting it takes five to seven times its current, some ${span(5 * m.draws_A[0], 7 * m.draws_A[1])} A for a moment.`,
  ),
  told(
    'beware-circuit',
    both(
      ofMotor('universal', 'split-phase', 'capacitor-start', 'capacitor-run', 'two-capacitor', 'pm-dc'),
      onMains,
      ({ draws_A: [, most] }) => most > 12,
    ),
    (m) => `${figure(m.draws_A[1])} A and a heavy start: more than a 15 A outlet has, and a 16 A circuit needs a slow breaker.`,
  ),
  told(
    'beware-fast',
    both(induction, ({ plate, donor }) => donor === 'garden-shredder' || /\b(2[7-9]|3[0-5])\d\d\s*(r|\/|min|U)/i.test(plate)),
    'Two poles: fast, 2800 rpm and more.',
  ),
  told(
    'beware-weak-start',
    shaded,
    'It starts next to nothing, and is stalled without harm for a while; shaded poles waste most of what they take and run hot.',
  ),
  told(
    'beware-heavy-star',
    both(threePhase, ({ power_W }) => power_W[1] > 2500),
    'A heavy rotor in star may not start: a third of its torque.',
  ),
  told('beware-magnets', ofMotor('direct-drive-washer'), 'Its magnets crush fingers and gather filings.'),
  told('beware-brake', ofMotor('servo'), 'One that will not turn is not seized: its brake holds without power.'),
  told('beware-zero', ofMotor('servo'), 'An empty encoder battery or a knock on the shaft end loses its zero.'),
  told('beware-middle', stepper, 'Leads that are not used are live.'),
  told('beware-fingers', geared, 'Fingers: at its slow shaft it pulls far more than it looks.'),
  told('beware-worm', both(geared, isWorm), 'Holding by a worm is no brake to trust.'),
  told(
    'beware-box',
    geared,
    'The rating of the box is not known: it may be weaker than its motor, and teeth of the last wheel break before the motor stalls.',
  ),
];

/** Amps that a plate’s horsepower would need at these volts, at the best. */
const broughtIn = ({ plate_V, plate_A, wall_V }: Known): number | null => (plate_A ? (plate_V ?? wall_V) * plate_A : null);

/** Motors whose plates, or whose machines’, state what is drawn. */
const drawnOnPlate = both(ofMotor('universal', 'pm-dc', 'split-phase', 'capacitor-run', 'capacitor-start', 'shaded-pole'), not(geared), onMains);

/** What a plate means. */
export const plates: readonly Told[] = [
  told(
    'plate-hp',
    ({ isStatedInHp }) => isStatedInHp,
    (m) => {
      const most = broughtIn(m);
      // No motor of its family makes so much of its volts and amps.
      if (!m.stated_W || !most || m.stated_W < 1.1 * drawnShare(m.family)[1] * most) return null;
      return `Its horsepower is for selling, or for a moment: ${figure(m.stated_W)} W, while ${m.plate_A} A at ${volt(m.plate_V ?? m.wall_V)} bring in ${figure(most)} W at the most; the shaft has ${span(m.power_W[0], m.power_W[2])} W.`;
    },
  ),
  told(
    'plate-input',
    (m) => drawnOnPlate(m) && !m.isStatedInHp && m.stated_W !== null && m.power_W[1] < 0.9 * m.stated_W,
    (m) =>
      `${figure(m.stated_W ?? 0)} W is what it takes from the wall, mostly only at its peak or for minutes: about ${span(m.power_W[0], m.power_W[2])} W at the shaft.`,
  ),
  told(
    'plate-duty',
    ({ plate }) => /S2|S3|S6|KB/i.test(plate),
    'Its power is for the minutes that its plate says after S2, S3 or S6, and less for hours.',
  ),
  told('plate-two-powers', ({ plate }) => /\d+\s*\/\s*\d+\s*W\b/.test(plate), 'Two figures before the W are shaft and input, not two speeds.'),
  told(
    'plate-stall',
    both(ofMotor('servo'), ({ plate }) => /M0/i.test(plate)),
    'The torque after M0 is at standstill: at speed it has less, so that M0 times its speed is too much.',
  ),
  told(
    'plate-stepper',
    both(stepper, ({ plate_V }) => plate_V !== null),
    (m) => `${m.plate_V} V is volts of one winding, ohms times amps, and not the supply it needs.`,
  ),
  told(
    'plate-box',
    both(geared, ({ plate }) => /box|\bi\s*=?\s*\d/i.test(plate)),
    'Its kilowatts are the motor’s: a worm takes a quarter of them and more.',
  ),
  told(
    'plate-star',
    both(threePhase, ({ plate }) => /[ΔD]/.test(plate) && !/[ΔD]\s*\/\s*Y/.test(plate)),
    'Not for a one-phase outlet: in star it needs 690 V, in delta 400 V.',
  ),
];
