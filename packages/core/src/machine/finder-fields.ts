import { type Measure, plainWeights } from '../finder/rank.js';
import { choice, type Fields, quantity, table, text, yesNo } from '../kinds/fields.js';

const allowed = (label: string, help: string) => yesNo(label, { help, measure: '', usual: 'yes' });
const shaft = (label: string, help: string) =>
  quantity(label, 'length', { accepts: [3, 300], bare: 'mm', how: 'measured', help, measure: 'Calliper on the bare shaft.' });
const wheel = (label: string, help: string) => quantity(label, 'length', { accepts: [10, 2_000], bare: 'mm', how: 'chosen', help, measure: '' });
const distance = (label: string, help: string) =>
  quantity(label, 'length', { accepts: [20, 20_000], bare: 'mm', how: 'chosen', help, measure: 'Tape.' });
const speed = (label: string, help: string) => quantity(label, 'speed', { accepts: [0.01, 100_000], bare: 'rpm', how: 'chosen', help, measure: '' });
const counts = (label: string, usual: number, help: string) =>
  quantity(label, 'count', {
    accepts: [0, 10],
    bare: 'pcs',
    how: 'chosen',
    help: `${help} Nought: it does not count.`,
    measure: '',
    usual: { of: 'scatter', low: usual, value: usual, high: usual, source: 'Chosen, no measurement' },
  });

/** How much each counts for which drive is the best, by the measures that they are ranked by. */
const countFields = {
  cost: counts('Cost counts', plainWeights.cost, 'Ten points of cost are one.'),
  buy: counts('Parts to buy count', plainWeights.buy, 'Six parts are one.'),
  stages: counts('A stage more counts', plainWeights.stages, 'Two more are one: each is a shaft with its bearings.'),
  speed: counts('Nearness of the speed counts', plainWeights.speed, 'At the end of what is wished it is one, in the middle nought.'),
  size: counts('Room counts', plainWeights.size, 'Half a square metre along the row of shafts is one.'),
  load: counts('Load counts', plainWeights.load, 'With a limit all in use it is one.'),
  noise: counts('Noise counts', plainWeights.noise, 'A chain or open gears on a fast shaft are one.'),
} as const satisfies Record<Measure, unknown>;

/** What is wished of what lies between motor and tool, by which drives are looked for. None of it changes what is worked out of the build. */
export const finderFields = {
  motorShaft: shaft('Shaft of the motor', 'Own wheels have to go on it. Left out, the one that is entered of the motor.'),
  toolShaft: shaft('Shaft of the tool', 'Own wheels have to go on it. Left out, any wheel is taken to go on.'),
  between: shaft('Shaft between', 'The bar and the bearings that are on hand for a shaft between two stages. Left out, of any size.'),
  orBetween: shaft('Another shaft between', 'Another size that is on hand.'),
  motors: choice(
    'Motor',
    { here: 'the one that is entered', own: 'that one, or one of the drawer' },
    { help: 'Motors of the drawer are tried each in the place of the one that is entered.', measure: '', usual: 'here' },
  ),
  stages: quantity('Stages at most', 'count', {
    whole: true,
    accepts: [1, 4],
    bare: 'pcs',
    how: 'chosen',
    help: 'One behind the other: each costs two wheels and a belt, a shaft and its bearings.',
    measure: '',
    usual: { of: 'scatter', low: 2, value: 2, high: 2, source: 'Two, while nothing else is said' },
  }),
  vBelts: allowed('V-belts', 'They slip when it jams, and forgive shafts that are not quite in line.'),
  timingBelts: allowed('Timing belts', 'They do not slip, and are quiet.'),
  chains: allowed('Chains', 'Strong and slow: they are loud on a fast shaft.'),
  gearboxes: allowed('Gearboxes', 'Much ratio in little room; a worm may hold the load.'),
  gears: allowed('Gears of one’s own', 'Change gears from the drawer, for an exact ratio.'),
  couplings: allowed('Couplings', 'Where the speeds are the same.'),
  slip: choice(
    'In a jam',
    { either: 'it may slip or not', must: 'something must slip', never: 'nothing may slip' },
    { help: 'A belt that slips protects what lies before it.', measure: '', usual: 'either' },
  ),
  holds: yesNo('Hold the load', { help: 'With the power off, as a hoist must. Only a slow worm does.', measure: '', usual: 'no' }),
  quiet: yesNo('Be quiet', { help: 'No chain and no open gears on a shaft that turns fast.', measure: '', usual: 'no' }),
  buy: choice(
    'To buy',
    { anything: 'whatever it takes', loops: 'belts and chains only', nothing: 'nothing' },
    { help: 'What is in the drawer is always taken into account.', measure: '', usual: 'anything' },
  ),
  mostBought: quantity('Parts to buy at most', 'count', {
    whole: true,
    accepts: [0, 50],
    bare: 'pcs',
    how: 'chosen',
    help: 'Each pulley, sprocket, belt, chain, coupling and box counts.',
    measure: '',
  }),
  mostPoints: quantity('Cost at most, in points', 'count', {
    whole: true,
    accepts: [0, 200],
    bare: 'pcs',
    how: 'chosen',
    help: 'A small pulley, a small sprocket, a belt is one point, a large one two or three, a chain two, a worm box four to eight. A point is about the price of a belt.',
    measure: '',
  }),
  bores: choice(
    'Bores of own wheels',
    { keep: 'stay as they are', out: 'may be bored out', bush: 'may be bushed', either: 'may be bored out or bushed' },
    { help: 'A wheel that is bored out for a larger shaft, or bushed for a smaller one, has to be set true on a lathe.', measure: '', usual: 'keep' },
  ),
  turned: wheel('Largest disc that you turn', 'Pulleys for A belts of plywood or aluminium, from 100 mm in steps of 5 mm. Left out, none.'),
  leastWheel: wheel('Smallest wheel', 'Pitch diameter. Left out, the least that its belt or chain runs on.'),
  mostWheel: wheel('Largest wheel', 'Pitch diameter.'),
  apart: distance('Shafts apart', 'Tool shaft from motor shaft, from and to: 280 to 330 mm. Level, along the row of shafts.'),
  slot: distance('Slot of the motor', 'Where the motor can be, from the next shaft, from and to: 395 to 465 mm.'),
  lastApart: distance(
    'Tool shaft from the one before it',
    'From and to. Of several stages it says where the last shaft between is; of one it is the distance of both.',
  ),
  reverses: yesNo('Turn both ways', { help: 'No freewheel in it.', measure: '', usual: 'no' }),
  folded: yesNo('Fold back', {
    help: 'A stage may go back over the one before it: shorter, and one shaft above or beside the motor.',
    measure: '',
    usual: 'no',
  }),
  speed1: speed(
    'First speed',
    'Of several: the belt is moved to another step of its pulleys for each. Left out, the speed that is wished of the tool.',
  ),
  speed2: speed('Second speed', 'From and to: 980 to 1100 rpm. One belt at one distance serves all of them.'),
  speed3: speed('Third speed', 'From and to.'),
  speed4: speed('Fourth speed', 'From and to.'),
  off: quantity('Speed may be off by', 'fraction', {
    accepts: [0, 0.5],
    bare: null,
    how: 'chosen',
    help: 'Where only one speed is wished. Left out, 6 %: about a step of the stock sizes.',
    measure: '',
    usual: { of: 'scatter', low: 0.06, value: 0.06, high: 0.06, source: 'Common practice, no source: about a step of the stock sizes' },
  }),
  rank: choice(
    'Best first',
    {
      'all round': 'all round',
      'fewest to buy': 'by fewest parts to buy',
      'nearest speed': 'by nearest speed',
      cheapest: 'by cost',
      smallest: 'by room',
      sturdiest: 'by how lightly it is loaded',
    },
    {
      help: 'All round weighs each by how much it counts, which can be entered.',
      measure: '',
      usual: 'all round',
    },
  ),
  reserved: choice(
    'Reserved parts',
    { others: 'those of other builds are left out', any: 'all of the drawer may be taken' },
    { help: 'A drive that is taken reserves its own parts for its build.', measure: '', usual: 'others' },
  ),
  parts: table(
    'Parts of this build',
    'part',
    {
      what: text('Part', { how: 'chosen', longest: 160, help: 'What it is, with its sizes.', measure: 'From a drive that was taken, or by hand.' }),
      many: quantity('How many', 'count', { whole: true, accepts: [1, 999], bare: 'pcs', how: 'chosen', help: 'Of the same.', measure: '' }),
      state: choice(
        'State',
        { reserved: 'reserved, from the drawer', buy: 'to buy', make: 'to make', there: 'there' },
        { help: 'What is there stays on the list when another drive is taken.', measure: '' },
      ),
      own: text('Line of the drawer', {
        how: 'chosen',
        longest: 200,
        help: 'As it is written there, without how many there are. What is reserved is left out of drives for other builds.',
        measure: '',
      }),
      line: text('For the line', {
        how: 'chosen',
        longest: 120,
        help: 'Of the build. A drive that is taken for it takes the place of its parts.',
        measure: '',
      }),
    },
    { how: 'chosen', help: 'What its drives take: a drive that is taken enters them.', measure: '' },
  ),
  countCost: countFields.cost,
  countBuy: countFields.buy,
  countStages: countFields.stages,
  countSpeed: countFields.speed,
  countSize: countFields.size,
  countLoad: countFields.load,
  countNoise: countFields.noise,
} as const satisfies Fields;
