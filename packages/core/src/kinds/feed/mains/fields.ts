import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { figure } from '../../outputs.js';
import { mainsMark } from './marks.js';

const fields = {
  voltage: quantity('Voltage at the wall', 'voltage', {
    accepts: [1, 1_000],
    bare: 'V',
    how: 'measured',
    help: 'Of the socket, with the motor running if it can be. What is lost in the lead is taken off it.',
    measure: 'A plug-in meter at the wall. Opening a motor or a socket is a job for someone licensed to.',
  }),
  frequency: quantity('Frequency', 'frequency', {
    accepts: [1, 1_000],
    bare: 'Hz',
    how: 'plate',
    help: 'Of the mains: 50 or 60 Hz.',
    measure: 'On the plate, or from the supplier.',
  }),
  phases: choice(
    'Phases at the wall',
    { '1': 'one: a household socket', '3': 'three' },
    {
      how: 'measured',
      help: 'The voltage of three phases is that between two of them, 400 V say; between one of them and neutral it is 230 V.',
      measure: 'A socket of three phases has four or five pins.',
    },
  ),
  length: quantity('Lead, length', 'length', {
    accepts: [10, 2_000_000],
    bare: 'm',
    how: 'measured',
    help: 'From the wall to the motor, one way.',
    measure: 'Pace it out; a drum is used unwound.',
    usual: { of: 'unseen', low: 2_000, value: 8_000, high: 20_000, source: 'Common practice, no source: a machine is 2 to 20 m from its socket' },
  }),
  section: quantity('Lead, cross-section', 'area', {
    accepts: [0.2, 100],
    bare: 'mm²',
    how: 'plate',
    help: 'Of one core, in mm² or as AWG 14.',
    measure: 'Printed along the cable: 3G1.5 means three cores of 1.5 mm².',
    usual: { of: 'unseen', low: 1.5, value: 1.5, high: 2.5, source: 'Common practice, no source: leads of machines have 1.5 to 2.5 mm²' },
  }),
  laid: choice(
    'Lead, laid',
    { free: 'free in air', bundled: 'in conduit or bundled', coiled: 'on a coiled drum' },
    {
      how: 'measured',
      usual: 'free',
      help: 'What a lead carries without getting hot: three quarters of it in conduit or bundled, a third on a coiled drum.',
      measure: 'A drum is unwound before it is used.',
    },
  ),
  breaker: quantity('Breaker', 'current', {
    accepts: [0.5, 200],
    bare: 'A',
    how: 'plate',
    help: 'Of the wall circuit. It protects the cable, not the motor.',
    measure: 'On its lever in the board.',
  }),
  curve: choice(
    'Breaker’s letter',
    { B: 'B', C: 'C', D: 'D' },
    { how: 'plate', help: 'How much current it passes for a moment: B least, D most.', measure: 'Before its number: C16.' },
  ),
};

/** A motor straight on the mains. */
export const mainsHead = {
  role: 'feed',
  kind: 'mains',
  v: 2,
  label: 'straight on the mains',
  noun: 'supply',
  ports: [null, null],
  fields,
  groups: { 'Wall and lead': ['voltage', 'frequency', 'phases', 'length', 'section', 'laid', 'breaker', 'curve'] },
  figures: {
    lead: figure('Resistance of the lead, one core', 'resistance', 'Lead'),
    carries: figure('Current the lead carries for good', 'current', 'Lead'),
    'fused-with': figure('Largest breaker before the lead', 'current', 'Lead'),
  },
  marks: mainsMark,
  checks: {},
  limits: {},
  // The voltage used to be that at the motor; without a lead it is the same.
  upgrade: { 1: (inputs) => inputs },
  short: (typed) => `mains ${typed('voltage') ?? ''}`.trim(),
} as const satisfies KindHead;
