import { type DonorName, donors } from '../../../identify/donors.js';
import { cannot, type LookName, lookNames, looks } from '../../../identify/looks.js';
import { type ChoiceField, choice, type InputFigures, quantity, table, text, yesNo } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { sizeFields } from '../../shared/by-size.js';
import { motorFields } from '../../shared/motor-fields.js';
import { noPlateOutputs } from './outputs.js';

const labels: Readonly<Record<LookName, string>> = {
  brushes: 'Brushes',
  turned: 'Turned by hand',
  shorted: 'Turned with two leads together',
  iron: 'On the stator',
  capacitor: 'Capacitor',
  switch: 'Switch',
  gears: 'Gears on it',
  wires: 'Wires',
  ran: 'In its machine it ran',
};

/** Each look as a choice: its answers, and that it cannot be reached. */
const looked = Object.fromEntries(
  lookNames.map((name) => [
    name,
    choice(labels[name], { ...looks[name].answers, [cannot]: 'cannot be reached' } as Readonly<Record<string, string>>, {
      how: 'measured',
      help: looks[name].question,
      measure: looks[name].caution,
    }),
  ]),
) as Readonly<Record<LookName, ChoiceField<string>>>;

const fields = {
  donor: choice(
    'What it came out of',
    { ...Object.fromEntries(Object.entries(donors).map(([name, { label }]) => [name, label])), [cannot]: 'not known any more' } as Readonly<
      Record<DonorName | typeof cannot, string>
    >,
    {
      how: 'measured',
      help: 'It says more than anything else: most machines have one kind of motor.',
      measure: 'Remembered, or read on the machine.',
    },
  ),
  mains: choice(
    'What that machine was fed by',
    { one: 'a household socket', three: 'a three-phase socket', battery: 'a battery' },
    { how: 'measured', help: 'Where the machine itself is not known.', measure: 'By its plug.' },
  ),
  ...looked,
  readings: table(
    'Readings between its wires',
    'reading',
    {
      between: text('Between wires', {
        how: 'measured',
        help: 'Two numbers that you have given its wires: 1-2.',
        measure: 'Number the wires with tape; their colours say nothing.',
        longest: 12,
      }),
      ohms: quantity('Reading', 'resistance', {
        accepts: [0, 100_000_000],
        bare: 'Ω',
        how: 'measured',
        help: 'What the meter shows, less what its own leads read touched together.',
        measure: 'On the ohm range, both wires loose.',
      }),
      most: quantity('Most, as it is turned', 'resistance', {
        accepts: [0, 100_000_000],
        bare: 'Ω',
        how: 'measured',
        help: 'Only where the reading wanders as the rotor is turned slowly.',
        measure: 'Turn the rotor by hand, a little at a time.',
      }),
      none: yesNo('No reading (OL)', {
        how: 'measured',
        help: 'The meter shows nothing: the two are not joined, or a cut-out between them is open.',
        measure: 'On the highest ohm range.',
      }),
    },
    {
      help: 'Of each two wires. They say which windings there are, and which wire is which.',
      measure: 'Unplugged, capacitor discharged, bare ends touching nothing else. Number the wires; their colours say nothing.',
    },
  ),
  plate: text('What is left of its plate', {
    help: 'Whatever can be read, in one line: volts, amps, a speed.',
    measure: 'Under the paint too: rub chalk or a pencil over it.',
    longest: 200,
  }),
  ...sizeFields,
  ...motorFields,
};

/** A motor in hand of which no plate tells what it is: looked at, felt, measured dead. */
export const noPlateHead = {
  role: 'source',
  kind: 'no-plate',
  v: 1,
  label: 'motor without a plate',
  noun: 'motor',
  ports: [null, 'rotary'],
  shaft: 'motor shaft',
  observes: true,
  fields,
  groups: {
    'Looked at, felt': lookNames,
    Measured: ['readings', 'weight', 'stack', 'across', 'shaft', 'plate'],
    'Cut-out': ['protector', 'noVolt', 'inertia'],
  },
  ...noPlateOutputs,
  parts: () => [{ what: 'motor without a plate', size: '', many: 1 }],
  short: () => 'motor without a plate',
} as const satisfies KindHead;

export type Inputs = InputFigures<typeof noPlateHead.fields>;
