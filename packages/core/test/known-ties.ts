/** How one thing that must be said of a known machine is held: tied by reading, to a check, a figure or a caution by id and to the numbers that it shows. */
export type Tie =
  | { readonly check: string; readonly is: readonly string[]; readonly shows: readonly string[] }
  /** One of its figures, held within its tolerance. */
  | { readonly figure: string }
  /** The likely reserve of the work's own check. */
  | { readonly left: readonly [number, number] }
  /** Words of a caution, of the sentence over the jam, or of what is not worked out. */
  | { readonly told: string }
  /** What it comes with later. */
  | { readonly waits: string };

/** How one thing that must not be said is held. */
export type NotTie =
  /** A check that must not fail. */
  | { readonly notRed: string }
  /** A check that must neither hold nor be close. */
  | { readonly notGreen: string }
  /** A check that must not hold. */
  | { readonly notHeld: string }
  /** Words that no sentence has. */
  | { readonly untold: string }
  | { readonly waits: string };

const check = (id: string, is: string, ...shows: string[]): Tie => ({ check: id, is: is.split('/'), shows });
const sound = (id: string, ...shows: string[]): Tie => check(id, 'holds/close', ...shows);
const figure = (path: string): Tie => ({ figure: path });
const left = (least: number, most: number): Tie => ({ left: [least, most] });
const told = (words: string): Tie => ({ told: words });
const waits = (reason: string) => ({ waits: reason });
const notRed = (id: string): NotTie => ({ notRed: id });
const notGreen = (id: string): NotTie => ({ notGreen: id });
const notHeld = (id: string): NotTie => ({ notHeld: id });
const untold = (words: string): NotTie => ({ untold: words });

const speed = figure('tool/speed');
const starts = sound('source/check-starts', 'It starts');
const mayStart = notRed('source/check-starts');
const runsUp = notRed('source/check-runs-up');

/** By id, in the order of `must_say` and `must_not_say`. */
export const ties: Readonly<Record<string, { readonly says: readonly Tie[]; readonly not: readonly NotTie[] }>> = {
  'good-01': {
    says: [speed, left(0.35, 0.45), starts, sound('belt/check-tension')],
    not: [mayStart, runsUp, notRed('belt/check-tension'), notRed('belt/check-driven-hub')],
  },
  'good-02': {
    says: [sound('work/check-clings', '57'), figure('work/torque'), left(0.5, 0.7), sound('box/check-rating')],
    not: [mayStart, notRed('chain/check-driven-hub'), runsUp],
  },
  'good-03': {
    says: [speed, left(0.35, 0.45), sound('gears/check-teeth-bend'), sound('gears/check-mesh-close', '170 mm')],
    not: [notRed('gears/check-teeth'), untold('up to speed')],
  },
  'good-04': { says: [speed, left(0.35, 0.45), sound('belt/check-reach'), told('the belt slips')], not: [mayStart, notRed('belt/check-tension')] },
  'good-05': { says: [speed, left(0.45, 0.6), starts, sound('tbelt/check-whole', '120 teeth')], not: [runsUp, notRed('tbelt/check-slip')] },
  'good-06': {
    says: [
      speed,
      left(0.35, 0.45),
      sound('source/check-starts'),
      told('the belt slips near'),
      told('that runs back with the power off unless a brake or a pawl holds it'),
    ],
    not: [mayStart, notRed('belt/check-driven-hub'), untold(' 0 N·m of starting')],
  },
  'good-07': {
    says: [speed, figure('work/torque'), left(0.4, 0.5), sound('cup/check-coupling')],
    not: [mayStart, notRed('cup/check-coupling'), notRed('box/check-gears')],
  },
  'good-08': {
    says: [speed, left(0.5, 0.6), sound('work/check-grip', '710', '500 N'), told('what holds it on a slope when the power is off')],
    not: [notRed('work/check-grip'), notRed('chain/check-driven-hub'), notRed('work/check-pace'), untold('locks itself')],
  },
  'good-09': {
    says: [sound('work/check-speed', '100 rpm', '150 rpm'), left(0.5, 0.65), starts, told('it may turn on for')],
    not: [mayStart, runsUp, notRed('cup/check-driven-hub')],
  },
  'good-10': {
    says: [
      sound('work/check-speed', '3000 rpm', '4200 rpm'),
      sound('work/check-speed', '23.6 m/s'),
      left(0.35, 0.45),
      told('tap a grinding wheel for a clear ring'),
    ],
    not: [mayStart, notRed('cup/check-driven-hub')],
  },
  'good-11': {
    says: [left(0.17, 0.23), sound('source/check-circuit'), check('source/check-drop', 'holds', '0.6 %'), sound('source/check-inrush')],
    not: [notRed('source/check-circuit'), mayStart, notRed('cup/check-driven-hub')],
  },
  'good-12': {
    says: [speed, told('the shear pin breaks'), left(0.35, 0.45), sound('source/check-starts'), told('Only ever put the same pin back')],
    not: [untold('is crushed'), notRed('box/check-gears'), untold('cannot be told which comes first'), mayStart],
  },
  'good-13': {
    says: [
      speed,
      check('work/check-carries', 'holds', '13 to 20 N·m'),
      check('work/check-carries', 'holds', 'at worst reserve 25 %'),
      told('Feed it with a pusher, never with fingers'),
    ],
    not: [notRed('cup/check-coupling'), mayStart],
  },
  'good-14': {
    says: [sound('work/check-speed', '1000 rpm'), left(0.45, 0.55), sound('belt/check-belts'), told('Never run it indoors')],
    not: [mayStart, notRed('belt/check-tension'), notRed('belt/check-driven-hub')],
  },
  'good-15': {
    says: [
      speed,
      told('the clutch slips'),
      left(0.35, 0.45),
      sound('source/check-starts'),
      told('turn the tool back by hand or with a bar to free it'),
    ],
    not: [notRed('gears/check-teeth'), untold('is crushed'), mayStart],
  },
  'good-16': { says: [speed, left(0.45, 0.55), sound('box/check-rating'), sound('source/check-starts')], not: [mayStart, untold('is crushed')] },
  'bad-01': {
    says: [
      check('source/check-voltage', 'fails', '230 V', '120 V', '10 %'),
      told('with the square of the voltage'),
      check('work/check-carries', 'fails', '1.5 N·m'),
    ],
    not: [notGreen('work/check-carries'), notGreen('source/check-voltage')],
  },
  'bad-02': {
    says: [
      check('source/check-frequency', 'close', 'The plate says 50 Hz, the wall has 60 Hz'),
      check('work/check-speed', 'fails', '3600 rpm'),
      check('work/check-speed', 'fails', '3100 rpm is its limit'),
    ],
    not: [untold('up to 3000 rpm')],
  },
  'bad-03': {
    says: [
      figure('source/voltage-at-start'),
      check('source/check-starts', 'fails'),
      check('source/check-drop', 'close', '10 %', '5 % is the usual limit'),
      check('source/check-drop', 'close', 'A thicker or a shorter one'),
    ],
    not: [notGreen('source/check-starts'), notHeld('source/check-drop')],
  },
  'bad-04': {
    says: [
      check('source/check-fuse', 'fails', '32 A', '1.5 mm²', 'up to 16 A'),
      check('source/check-fuse', 'fails', 'a breaker of 16 A, or a lead of 6 mm²'),
    ],
    not: [untold('protects the lead'), untold('wall circuit holds')],
  },
  'bad-05': {
    says: [check('belt/check-slip', 'fails'), check('belt/check-slack', 'close', '130 N', '163 to 204 N')],
    not: [notGreen('belt/check-slip'), notGreen('belt/check-slip')],
  },
  'bad-06': {
    says: [
      check('belt/check-tension', 'fails', '600 N', '21 to 28 N', 'far too tight'),
      check('source/check-bearing', 'fails', '1191 N', '320 to 550 N'),
    ],
    not: [notGreen('belt/check-tension')],
  },
  'bad-07': {
    says: [
      check('belt/check-small-pulley', 'fails', '71 mm', '125 mm'),
      check('belt/check-wrap', 'close', '102°', '120°'),
      check('belt/check-belts', 'fails', '162 W'),
      waits('two stages as a cure'),
    ],
    not: [notGreen('belt/check-belts')],
  },
  'bad-08': {
    says: [
      told('the set screw of the driven pulley slips first, at'),
      told('the belt, which slips at 81.5 to 101 N·m, does not protect it'),
      waits('a key as a cure'),
    ],
    not: [untold('In a jam the belt slips')],
  },
  'bad-09': {
    says: [
      check('belt/check-rim', 'fails', '44.0 m/s', '33 m/s', 'may burst'),
      check('belt/check-rim', 'fails', 'Smaller pulleys of the same ratio'),
    ],
    not: [notGreen('belt/check-rim')],
  },
  'bad-10': {
    says: [
      check('chain/check-rollers', 'fails', '2.38 kW', 'smaller pitch'),
      figure('chain/chain-speed'),
      told('a chain ISO 10B on 13 and 40 teeth'),
    ],
    not: [notGreen('chain/check-rollers')],
  },
  'bad-11': {
    says: [
      check('joint/check-bend-at-speed', 'fails', '25°', '1500 rpm'),
      figure('joint/runs-up-to'),
      check('joint/check-bend', 'fails', 'in phase and bent alike'),
    ],
    not: [notGreen('joint/check-bend-at-speed')],
  },
  'bad-12': {
    says: [check('cup/check-driver-wear', 'fails', 'for years', 'with its service factor'), waits('a longer key as a cure')],
    not: [notGreen('cup/check-driver-hub'), notGreen('cup/check-driver-wear')],
  },
  'bad-13': {
    says: [check('box/check-rating', 'fails', '95.5'), check('box/check-gears', 'fails', '120 to 150 N·m')],
    not: [notGreen('box/check-rating'), untold('motor would do')],
  },
  'bad-14': {
    says: [
      check('source/check-restart', 'fails', 'starts again by itself', 'clears the jam'),
      check('source/check-restart', 'fails', 'reset by hand', 'no-volt release'),
      sound('belt/check-slip'),
    ],
    not: [notGreen('source/check-restart'), notGreen('source/check-restart')],
  },
  'bad-15': {
    says: [
      check('work/check-grip', 'fails'),
      check('work/check-grip', 'fails', 'More weight on them, or chains'),
      check('work/check-carries', 'holds'),
    ],
    not: [notGreen('work/check-grip')],
  },
  'bad-16': {
    says: [check('cup/check-rating', 'fails', '6.22 to 8 N·m', '8.84'), waits('a size larger as a cure')],
    not: [notGreen('cup/check-rating')],
  },
  'ask-01': {
    says: [
      check('source/check-slip', 'unknown', '3600 rpm', 'the speed of the field'),
      check('source/check-slip', 'unknown', 'Read the plate again', '3384 to 3528 rpm'),
    ],
    not: [untold(' 0 N·m of starting'), mayStart, untold('4 poles')],
  },
  'ask-02': {
    says: [
      check('source/check-poles', 'unknown', '86 rpm', 'gearmotor'),
      check('source/check-poles', 'unknown', 'about 1425 rpm', 'about 17 to 1'),
      check('source/check-poles', 'unknown', '25.0 to 26.9 N·m'),
    ],
    not: [notGreen('source/check-poles'), untold('70 poles'), untold(' 0 N·m of starting'), notGreen('source/check-poles')],
  },
  'ask-03': {
    says: [
      check('belt/check-tension', 'unknown', 'enter tension as set'),
      check('belt/check-tension', 'unknown', 'a push at mid-span or by its tone'),
      check('belt/check-tension', 'unknown', '76.2 to 97.6 N'),
    ],
    not: [notRed('belt/check-slip'), notRed('belt/check-tension'), notGreen('belt/check-slip')],
  },
  'ask-04': {
    says: [
      check('work/check-carries', 'unknown', 'the plate states'),
      check('work/check-carries', 'unknown', '4 to 6 N·m', '4.8 N·m'),
      told('Its amps, or a meter at the wall under load'),
    ],
    not: [notRed('work/check-carries'), untold('motor would do')],
  },
  'ask-05': {
    says: [
      check('source/check-starts', 'unknown', 'starting'),
      told('a start capacitor, switched out'),
      told('Humps on the housing hold capacitors; a click'),
    ],
    not: [untold('motor would do'), notGreen('source/check-starts')],
  },
  'ask-06': {
    says: [check('belt/check-driven-hub', 'unknown', 'enter hub fixing, driven pulley'), check('belt/check-driven-hub', 'unknown', 'the load is')],
    not: [notGreen('belt/check-driven-hub'), notGreen('belt/check-driven-hub')],
  },
  'ask-07': {
    says: [
      check('source/check-plate', 'unknown', '2.24 kW', '120 V', '12 A'),
      check('source/check-plate', 'unknown', 'enter what it runs all day', '890 W to 1.2 kW'),
      check('work/check-carries', 'unknown', '2.5', '2.6 N·m'),
    ],
    not: [notGreen('work/check-carries'), notGreen('source/check-plate')],
  },
  'ask-08': {
    says: [check('work/check-carries', 'unknown', '(“1,725” is not read: 1725 or 1.725?)'), waits('what a plate at this frequency says')],
    not: [untold('1.73 rpm'), untold('1.72 rpm'), untold('kN·m')],
  },
  'ask-09': {
    says: [check('belt/check-wrap', 'unknown', '18 mm', '165 mm'), check('belt/check-wrap', 'unknown', 'were 18 inches meant')],
    not: [notRed('belt/check-wrap'), notRed('belt/check-slip'), untold('NaN')],
  },
  'ask-10': {
    says: [
      check('work/check-carries', 'unknown', 'gears inside'),
      check('work/check-carries', 'unknown', '70 to 150 N·m', '110 N·m'),
      waits('where to look, in the sentence'),
    ],
    not: [notGreen('work/check-carries'), untold('motor would do')],
  },
};
