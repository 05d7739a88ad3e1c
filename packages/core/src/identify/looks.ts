/** A thing to look at, to feel or to measure with the power off, and what each answer says. */
export interface Look {
  /** The field of the source that keeps the answer. */
  readonly question: string;
  readonly caution: string;
  /** How long it takes, minutes. */
  readonly minutes: number;
  /** Each answer as the field has it, told so that it says of what it is without its question: it is read again among what was answered, and as evidence. */
  readonly answers: Readonly<Record<string, string>>;
}

/** What cannot be looked at is an answer too: it says nothing. */
export const cannot = 'cannot' as const;

export const looks = {
  brushes: {
    question: 'Are there brushes?',
    caution: 'Unplugged. Two caps at the sides, or blocks of carbon on a ring of copper bars.',
    minutes: 1,
    answers: { yes: 'two or four carbon blocks on copper bars', no: 'a plain rotor, nothing rubs on it' },
  },
  turned: {
    question: 'How does the shaft turn by hand?',
    caution: 'Unplugged, belt and load off, its leads apart.',
    minutes: 0.5,
    answers: {
      free: 'turns freely, and runs on',
      drag: 'turns with a smooth drag',
      notches: 'turns in notches',
      stuck: 'will not turn',
    },
  },
  shorted: {
    question: 'Two of its leads touched together: does it turn heavier?',
    caution: 'Unplugged, nothing else connected. Turn it slowly: it makes volts.',
    minutes: 1,
    answers: { heavier: 'much heavier with two leads together, or lumpy', same: 'no heavier with two leads together' },
  },
  iron: {
    question: 'What is on the stator, the part that does not turn?',
    caution: 'Unplugged. Look in through the slots with a lamp, poke nothing in.',
    minutes: 2,
    answers: {
      coils: 'two or four thick coils round poles',
      slots: 'windings all round, in slots',
      ring: 'one or more coils, and copper rings set in the iron',
      magnets: 'smooth magnets, a screwdriver sticks',
    },
  },
  capacitor: {
    question: 'Is there a capacitor?',
    caution: 'Unplugged for minutes. Touch no terminals: a charged one can shock.',
    minutes: 1,
    answers: {
      none: 'no capacitor',
      small: 'a small capacitor under 1 µF, for radio noise',
      run: 'a capacitor of 1 to 80 µF, 370 V and more',
      start: 'a capacitor of 70 µF and more, under 340 V',
      both: 'two capacitors, one small, one large',
    },
  },
  switch: {
    question: 'What switches it?',
    caution: 'Unplugged. A click comes when it runs down, or when a spool on its shaft is pushed.',
    minutes: 1,
    answers: {
      click: 'a switch on its shaft that clicks',
      board: 'a speed board, a dial or a trigger',
      drive: 'a board with large capacitors',
      plain: 'a plain switch, a relay or nothing',
    },
  },
  gears: {
    question: 'Are there gears on it?',
    caution: 'Unplugged. A box on its end, or an output shaft that is not in line.',
    minutes: 0.5,
    answers: { yes: 'a gear case on it', no: 'the rotor’s own shaft comes out' },
  },
  wires: {
    question: 'How many wires come out?',
    caution: 'Unplugged. Of the motor itself; one to its frame is earth and does not count.',
    minutes: 0.5,
    answers: { '2': 'two wires', '3': 'three wires', '4': 'four wires', '5': 'five wires', '6': 'six wires', '7': 'seven wires and more' },
  },
  ran: {
    question: 'How did it run in its machine?',
    caution: 'Remembered. It is not run to find out.',
    minutes: 0.5,
    answers: {
      scream: 'fast, with a scream that falls under load',
      hum: 'at one steady speed, with a hum',
      dial: 'at many speeds, by a dial or a program',
      steps: 'in steps, or to and fro to a place',
      slow: 'slowly and hard',
    },
  },
} as const satisfies Readonly<Record<string, Look>>;

export type LookName = keyof typeof looks;
export const lookNames = Object.keys(looks) as readonly LookName[];
