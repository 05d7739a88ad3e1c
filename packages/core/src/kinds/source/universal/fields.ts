import { choice, type InputFigures, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { sizeFields } from '../../shared/by-size.js';
import { motorFields } from '../../shared/motor-fields.js';
import { sized } from '../../shared/parts.js';
import { plateLine } from '../../shared/plate-line.js';
import { universalOutputs } from './outputs.js';

const fields = {
  power: quantity('Plate power', 'power', {
    accepts: [1, 20_000],
    bare: null,
    how: 'plate',
    help: 'Tools and household machines state what they draw; about six tenths of it is at the shaft. A vacuum cleaner’s “max” is drawn for a moment.',
    measure: 'On the plate of the tool or the cleaner, beside W. The whole plate in one line is read here too.',
  }),
  powerIs: choice(
    'The plate states',
    { input: 'power drawn from the wall', shaft: 'power at the shaft' },
    {
      how: 'plate',
      help: 'Shaft power is said of bare motors only, and by horsepower of routers, which is sales talk where it is more than volts times amps.',
      measure: 'P or W alone on a tool is what it draws; “P2”, “output” or “at the shaft” is at the shaft.',
    },
  ),
  speed: quantity('Speed of the motor, loaded', 'speed', {
    accepts: [100, 60_000],
    bare: 'rpm',
    how: 'plate',
    help: 'Of the motor itself, not of a chuck behind its gears. Without a plate: 25,000 to 35,000 rpm of a vacuum cleaner, 18,000 to 24,000 of a drill or a router, 10,000 to 14,000 of a washing machine spinning.',
    measure: 'A tachometer on the motor’s own shaft under load.',
  }),
  idleSpeed: quantity('Speed of the motor, unloaded', 'speed', {
    accepts: [100, 80_000],
    bare: 'rpm',
    how: 'plate',
    help: 'At its rated voltage, with its own fan and gears: the n0 of a tool times the ratio of its gears.',
    measure: 'On the plate, beside n0. Never measure it on a bare motor at full mains: it runs away.',
  }),
  voltage: quantity('Rated voltage', 'voltage', {
    accepts: [1, 500],
    bare: 'V',
    how: 'plate',
    help: 'For which the plate’s figures hold; “220-240 V” is 230.',
    measure: 'On the plate, beside V.',
  }),
  current: quantity('Rated current', 'current', {
    accepts: [0.02, 200],
    bare: 'A',
    how: 'plate',
    help: 'What it draws loaded.',
    measure: 'On the plate, beside A; or a plug-in meter while the tool works.',
  }),
  frequency: quantity('Rated frequency', 'frequency', {
    accepts: [1, 400],
    bare: 'Hz',
    how: 'plate',
    help: 'A series motor turns on 50 and on 60 Hz almost alike, and on direct current faster.',
    measure: 'On the plate, beside Hz or CYCLES.',
  }),
  resistance: quantity('Resistance, field and armature', 'resistance', {
    accepts: [0.01, 2_000],
    bare: 'Ω',
    how: 'measured',
    help: 'Of both in series, through the brushes. Of a washing machine add the steady pair (the field) and the pair that wanders as the rotor is turned (the armature); the pair of tens of ohms is its tachometer.',
    measure: 'Unplugged and not turning, at several places of the rotor.',
  }),
  held: quantity('Speed that its board holds', 'speed', {
    accepts: [10, 60_000],
    bare: 'rpm',
    how: 'measured',
    help: 'Only where a board reads the tachometer on the motor and holds its speed, as in a washing machine. A dial that only cuts the voltage holds nothing.',
    measure: 'A tachometer on the shaft, unloaded and loaded: a board that holds it shows nearly the same.',
  }),
  fan: choice(
    'Cooling',
    { own: 'its own fan on the shaft', blown: 'a fan with a motor of its own', none: 'its fan is off' },
    {
      how: 'measured',
      usual: 'own',
      help: 'The fan of a vacuum cleaner is its load and its cooling at once: without it the motor overheats within minutes and runs away.',
      measure: 'Blades on the shaft, or the cover and wheel of a cleaner.',
    },
  ),
  ...sizeFields,
  ...motorFields,
};

/** A series motor with brushes: vacuum cleaner, washing machine, power tool, kitchen machine. */
export const universalHead = {
  role: 'source',
  kind: 'universal',
  v: 1,
  label: 'universal motor with brushes',
  noun: 'motor',
  ports: [null, 'rotary'],
  shaft: 'motor shaft',
  fields,
  groups: {
    'More of the plate, measured': ['frequency', 'idleSpeed', 'resistance', 'held'],
    'Without a plate': ['weight', 'stack', 'across'],
    'Shaft, cooling, cut-out': ['fan', 'protector', 'noVolt', 'shaft', 'inertia'],
  },
  marks: plateLine,
  ...universalOutputs,
  parts: (typed) => [
    { what: 'universal motor', size: sized(typed('power'), typed('speed'), typed('voltage'), typed('shaft') && `shaft ${typed('shaft')}`), many: 1 },
  ],
  short: (typed) => `${typed('power') ?? ''} universal motor`.trim(),
} as const satisfies KindHead;

export type Inputs = InputFigures<typeof universalHead.fields>;
