import { choice, type InputFigures, quantity } from '../../fields.js';
import { sizeFields } from '../by-size.js';
import { motorFields } from '../motor-fields.js';

/** What is entered of a DC motor with brushes whose field is steady. */
export const dcFields = {
  voltage: quantity('Rated voltage', 'voltage', {
    accepts: [1, 1_000],
    bare: 'V',
    how: 'plate',
    help: 'Direct current, for which the plate’s speed holds. Without a plate: 12 or 24 V of a battery tool or a scooter, 90 or 130 V of a treadmill on 120 V, 180 to 200 V of one on 230 V.',
    measure: 'On the motor’s plate, beside V or VDC. The whole plate in one line is read here too.',
  }),
  current: quantity('Rated current', 'current', {
    accepts: [0.02, 2_000],
    bare: 'A',
    how: 'plate',
    help: 'What its winding withstands for good, with its fan turning. It decides the torque.',
    measure: 'On the motor’s plate, beside A.',
  }),
  speed: quantity('Speed', 'speed', {
    accepts: [1, 60_000],
    bare: 'rpm',
    how: 'plate',
    help: 'Loaded, at the rated voltage.',
    measure: 'On the motor’s plate, beside rpm, /min or min⁻¹.',
  }),
  power: quantity('Plate power', 'power', {
    accepts: [1, 100_000],
    bare: null,
    how: 'plate',
    help: 'Its volts times amps bound it: of a treadmill’s horsepower a half is at the shaft for good.',
    measure: 'On the motor’s plate, beside W, kW or HP.',
  }),
  powerIs: choice(
    'The plate states',
    { shaft: 'power at the shaft', peak: 'a peak, or “treadmill duty”', input: 'power drawn' },
    {
      how: 'plate',
      help: 'Scooter and machine motors state shaft power. A treadmill’s horsepower is a peak.',
      measure: 'Beside the figure: PEAK, PK, DUTY, CHP. Volts times amps of the same plate are what it draws.',
    },
  ),
  resistance: quantity('Resistance of the armature', 'resistance', {
    accepts: [0.001, 500],
    bare: 'Ω',
    how: 'measured',
    help: 'Between its two thick leads, what the leads of the meter read by themselves taken off. Below half an ohm a meter is not good enough: hold the rotor, and divide a few volts by the amps they drive.',
    measure: 'Unplugged and not turning, at several places of the rotor: the reading wanders as it is turned.',
  }),
  idleVoltage: quantity('Unloaded run, voltage', 'voltage', {
    accepts: [0.5, 1_000],
    bare: 'V',
    how: 'measured',
    help: 'A short run with nothing on the shaft, at 6 to 24 V from a battery: with the speed it tells how many volts a turn of the motor needs.',
    measure: 'Strapped down, nothing on the shaft, a meter across the leads.',
  }),
  idleSpeed: quantity('Unloaded run, speed', 'speed', {
    accepts: [1, 60_000],
    bare: 'rpm',
    how: 'measured',
    help: 'The speed at that voltage.',
    measure: 'A tachometer on a mark, or a drill that turns it: its volts at a known speed do as well.',
  }),
  idleCurrent: quantity('Unloaded run, current', 'current', {
    accepts: [0, 200],
    bare: 'A',
    how: 'measured',
    help: 'What its own friction takes. Nought where a drill turned it and nothing was connected but the meter.',
    measure: 'A meter in one lead.',
  }),
  fan: choice(
    'Cooling',
    {
      own: 'its own fan on the shaft',
      closed: 'closed, no fan',
      blown: 'a fan with a motor of its own',
      none: 'its fan or its flywheel with the blades is off',
    },
    {
      how: 'measured',
      usual: 'own',
      help: 'A treadmill’s flywheel has the blades of its fan. Without them, or slow, it withstands less for good.',
      measure: 'Blades on the shaft, on the flywheel or inside the end cover.',
    },
  ),
  ...sizeFields,
  ...motorFields,
};

/** What a motor with brushes is worked out from whose field is steady. */
export type DcInputs = InputFigures<typeof dcFields>;
