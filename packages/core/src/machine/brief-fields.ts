import { choice, type Fields, quantity } from '../kinds/fields.js';
import { finderFields } from './finder-fields.js';

const length = (label: string, help: string) =>
  quantity(label, 'length', { accepts: [10, 20_000], bare: 'mm', how: 'chosen', help, measure: 'Tape on the place where it will be used.' });

/** Voltage and breaker at the socket: it counts where the supply of a line says nothing else. */
export const supplyFields = {
  voltage: quantity('Voltage of the supply', 'voltage', {
    accepts: [6, 1_000],
    bare: 'V',
    how: 'measured',
    help: 'At the socket, with nothing running.',
    measure: 'A plug-in meter shows it.',
  }),
  frequency: quantity('Frequency of the supply', 'frequency', {
    accepts: [1, 500],
    bare: 'Hz',
    how: 'chosen',
    help: '50 or 60, by the country.',
    measure: 'On any plate of the house.',
  }),
  phases: choice(
    'Phases of the supply',
    { '1': 'one: a household socket', '3': 'three' },
    {
      how: 'measured',
      help: 'The voltage of three phases is that between two of them, 400 V say; between one of them and neutral it is 230 V.',
      measure: 'A socket of three phases has four or five pins.',
    },
  ),
  breaker: quantity('Breaker or fuse', 'current', {
    accepts: [0.5, 125],
    bare: 'A',
    how: 'plate',
    help: 'Of the circuit that the machine will hang on.',
    measure: 'On the breaker: B16 is 16 A.',
  }),
} as const satisfies Fields;

/** What the machine should be, and what of it only the person can tell. Each wish is a check once both its sides are known. */
export const wishFields = {
  leastSpeed: quantity('Tool turns at least at', 'speed', {
    accepts: [0.1, 30_000],
    bare: 'rpm',
    how: 'chosen',
    help: 'The slowest that still does the work.',
    measure: 'From the last one, or by trial.',
  }),
  mostSpeed: quantity('Tool turns at most at', 'speed', {
    accepts: [0.1, 30_000],
    bare: 'rpm',
    how: 'chosen',
    help: 'Faster than this it throws, burns or is not safe.',
    measure: 'On the tool, or in its maker’s list.',
  }),
  mustLast: quantity('Parts that wear last at least', 'time', {
    accepts: [3_600, 360_000_000],
    bare: 'h',
    how: 'chosen',
    help: 'Hours of work that a belt or a chain must last; 200 where nothing is said. Ratings are for years: what is short of one lasts less, and it is told how long.',
    measure: 'A press that runs two weeks a year needs little; a fan that never rests needs thousands.',
  }),
  mostLength: length('Length at most', 'Room along the wall. Held against the drawing: wheels and shafts, without the frame.'),
  mostHeight: length('Height at most', 'Under the bench, say. Held against the drawing: wheels and shafts, without the frame.'),
  mostMass: quantity('Weight at most', 'mass', {
    accepts: [0.1, 10_000],
    bare: 'kg',
    how: 'chosen',
    help: 'What two people lift, or the barrow carries.',
    measure: 'Say who will carry it.',
  }),
  mass: quantity('Weight as built', 'mass', {
    accepts: [0.1, 10_000],
    bare: 'kg',
    how: 'measured',
    help: 'All of it, with its frame.',
    measure: 'A bathroom scale under each end; add them.',
  }),
  mostCost: quantity('Cost at most', 'cost', {
    accepts: [0, 1_000_000],
    bare: '€',
    how: 'chosen',
    help: 'In whatever money; it is only compared with what it costs.',
    measure: '',
  }),
  cost: quantity('Cost as built', 'cost', {
    accepts: [0, 1_000_000],
    bare: '€',
    how: 'measured',
    help: 'What has been spent and will be, in the same money.',
    measure: 'Bills, and prices of what is still to buy.',
  }),
  mostNoise: quantity('Noise at most', 'sound level', {
    accepts: [20, 140],
    bare: 'dB(A)',
    how: 'chosen',
    help: 'Where the person works. Above 85 dB(A) over a day ears need cover (EU 2003/10/EC); local rules may allow less.',
    measure: '',
  }),
  noise: quantity('Noise as built', 'sound level', {
    accepts: [20, 140],
    bare: 'dB(A)',
    how: 'measured',
    help: 'Running with its work, where the person works.',
    measure: 'A sound-level app at the ear is within ± 5 dB: write 82 to 92.',
  }),
} as const satisfies Fields;

export const briefParts = { supply: supplyFields, wishes: wishFields, finder: finderFields } as const;
export type BriefPart = keyof typeof briefParts;

export const isBriefPart = (name: string | undefined): name is BriefPart => name !== undefined && name in briefParts;
