import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { figure } from '../../outputs.js';

const direct = { field: 'current', is: ['dc'] } as const;
const alternating = { field: 'current', is: ['ac'] } as const;

const fields = {
  voltage: quantity('Voltage at the motor', 'voltage', {
    accepts: [0.5, 1_000],
    bare: 'V',
    how: 'measured',
    help: 'Of direct current its mean, at the highest setting that is used: what a meter on DC shows while the motor works.',
    measure:
      'From the plate of the battery or the supply. Where it comes from a board on the mains, that board is not isolated: measuring there is for someone licensed.',
  }),
  current: choice(
    'Kind of current',
    { dc: 'direct', ac: 'alternating' },
    {
      how: 'plate',
      help: 'A battery, a rectifier and a treadmill’s board put out direct current; the mains and a transformer alternating current.',
      measure: 'On the supply: DC or ⎓, AC or ~.',
    },
  ),
  frequency: quantity('Frequency', 'frequency', {
    accepts: [1, 1_000],
    bare: 'Hz',
    how: 'plate',
    help: 'Of the alternating current that reaches the motor.',
    measure: 'On the supply; of a frequency drive what its display shows.',
    when: alternating,
  }),
  phases: choice(
    'Phases',
    { '1': 'one', '3': 'three' },
    { how: 'plate', help: 'Of what reaches the motor.', measure: 'Wires to the motor beside earth: two or three.', when: alternating },
  ),
  ripple: choice(
    'How smooth it is',
    {
      smooth: 'smooth: a battery, a chopping board (PWM), a choke',
      rectified: 'rectified mains, nothing behind it',
      pulsed: 'a phase-angle board, or half of the mains',
    },
    {
      how: 'measured',
      help: 'Torque goes with the mean of the current, heat with its square: a current in pulses heats more for the same torque.',
      measure: 'A board with a large capacitor or a choke behind its rectifier is smooth; one that hums at low speed is not.',
      when: direct,
    },
  ),
  amps: quantity('Current it can put out', 'current', {
    accepts: [0.05, 2_000],
    bare: 'A',
    how: 'plate',
    help: 'Where it limits its current, or trips. A battery puts out more than a motor can take.',
    measure: 'On the supply or its board, beside A.',
  }),
};

/** What reaches the motor, as it is told, whatever makes it: until there is a kind for each rectifier, board and battery. */
export const asGivenHead = {
  role: 'feed',
  kind: 'as-given',
  v: 1,
  label: 'a supply of volts and amps that are known',
  noun: 'supply',
  ports: [null, null],
  fields,
  figures: { 'form-factor': figure('Form factor of the current', 'count', 'Supply') },
  checks: {},
  limits: {},
  parts: (typed) => [
    {
      what: 'supply',
      size: [typed('voltage'), typed('current') === 'dc' ? 'DC' : typed('current') === 'ac' ? 'AC' : undefined, typed('amps')]
        .filter(Boolean)
        .join(', '),
      many: 1,
    },
  ],
  short: (typed) => `supply of ${typed('voltage') ?? 'unknown volts'}`,
} as const satisfies KindHead;
