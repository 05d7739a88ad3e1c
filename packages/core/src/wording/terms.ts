/** A word of the trade, or of these pages, with a meaning of its own. */
export interface Term {
  readonly id: string;
  /** As it is in sentences; the first is what it is called. */
  readonly names: readonly [string, ...string[]];
  readonly says: string;
  /** Of the figures in it. */
  readonly source?: string;
  /** So common that it is not marked where it is read: it is found by search and in the reference alone. */
  readonly isPlain?: true;
}

/** Each told once: on the page wherever it is read, by search, and in the reference. */
export const terms: readonly Term[] = [
  {
    id: 'reserve',
    names: ['reserve'],
    says: 'The share of a limit that the machine does not need. “reserve 27 %” is a limit of which 73 % is needed. With a fifth or more left a check holds; with less it is close. Told at the worst ends of what is known, and rounded down.',
  },
  {
    id: 'overloaded',
    names: ['overloaded'],
    says: 'What is needed over what there is: “overloaded 1.4 times” needs 1.4 times what the part withstands or the motor delivers.',
  },
  {
    id: 'at-worst',
    names: ['at worst'],
    says: 'With every figure at that end of its range which is worst for this check: the motor at its weakest, the work at its hardest.',
  },
  {
    id: 'service-factor',
    names: ['service factor'],
    says: 'By how much more than the power at work a belt, a chain or a gear is chosen for, so that it lasts under shocks, starts and long hours: 1.0 for smooth work an hour a day, 1.2 to 1.4 for light shock, 2 and more for crushers all day. It is about life, not about what breaks at once. On a motor’s plate, SF is something else: how much more than its power it may deliver for good.',
    source: 'Shigley’s Mechanical Engineering Design (10e), table 17-15 (from memory); the share on a motor’s plate: NEMA MG 1 (from memory)',
  },
  {
    id: 'breakdown-torque',
    names: ['breakdown torque'],
    says: 'The most an induction motor turns with before it stalls: one and a half to three times its rated torque, for seconds only. What loads it harder stops it.',
    source: 'Common practice, no source',
  },
  {
    id: 'starting-torque',
    names: ['starting torque', 'locked-rotor torque'],
    says: 'What a motor turns with at rest. By kind from a third of its rated torque (run capacitor) to three times (start capacitor); it falls with the square of the voltage.',
    source: 'Common practice, no source; the square of the voltage: the equivalent circuit of an induction motor',
  },
  {
    id: 'starting-current',
    names: ['starting current', 'locked-rotor current'],
    says: 'What a motor draws at rest: four to seven times its rated current. It dips the voltage, and is what trips a breaker at the start.',
    source: 'Common practice, no source',
  },
  {
    id: 'breakaway',
    names: ['breakaway torque', 'breakaway'],
    says: 'What it takes to get the work to move from rest: often more than it takes to keep it moving.',
  },
  {
    id: 'run-up',
    names: ['run-up time', 'run-up'],
    says: 'From rest to speed at work. While it lasts the motor draws several times its rated current: a long one heats the winding.',
  },
  {
    id: 'full-load',
    names: ['full load', 'full-load'],
    says: 'What the plate states: power, speed and current at which the motor may run as long as its duty says. At work it mostly runs at less.',
  },
  {
    id: 'jam',
    names: ['jam torque', 'jam'],
    says: 'The tool is held fast at speed. The motor pushes with its breakdown torque, and the energy of all that spins comes in a moment: together they load every part until one slips, stalls or breaks.',
  },
  {
    id: 'overhung-load',
    names: ['overhung load'],
    says: 'A pull across a shaft beyond its bearing, such as a belt’s: it loads bearing and shaft more the further out it is.',
  },
  {
    id: 'hub-fixing',
    names: ['hub fixing'],
    says: 'What keeps a wheel from turning on its shaft: a key, set screws, a clamp, a press fit. Often the weakest part in a jam.',
  },
  {
    id: 'pitch-diameter',
    names: ['pitch diameter'],
    says: 'The diameter at which a belt or a chain runs on its wheel, and by which speeds are worked out: of a V-belt a little under the rim.',
  },
  {
    id: 'synchronous-speed',
    names: ['synchronous speed'],
    says: 'The speed of the field in an induction motor: 3000, 1500, 1000 or 750 rpm on 50 Hz by its poles. The motor turns a few per cent slower, and with nothing to drive nearly as fast.',
    source: '120 times the frequency over the poles (closed form)',
  },
  {
    id: 'duty',
    names: ['duty'],
    says: 'How long a motor withstands its plate’s power: S1 all day, S2 a short time from cold, S3 on and off, S6 loaded and idle (IEC 60034-1).',
  },
  { id: 'fails', names: ['fails'], says: 'More is needed than there is, by what is likely. Something is to be changed.', isPlain: true },
  {
    id: 'close',
    names: ['close'],
    says: 'It holds with less than a fifth left, or falls short only at the worst ends of what is known: measure, or choose the next size.',
    isPlain: true,
  },
  { id: 'holds', names: ['holds'], says: 'A fifth or more is left, at worst.', isPlain: true },
  {
    id: 'not-known',
    names: ['not known'],
    says: 'Something that decides it is not entered, or nobody has looked at it: neither good nor bad. The sentence names what to enter.',
    isPlain: true,
  },
  {
    id: 'by-estimate',
    names: ['by estimate'],
    says: 'It holds, and rests on an estimate of ours, not on what was entered: a band where there is one, twice what is needed where there is none.',
  },
  {
    id: 'likely',
    names: ['likely'],
    says: 'The value that is most probable of a range. Verdicts fail by the likely, and hold by the worst.',
    isPlain: true,
  },
  {
    id: 'guess',
    names: ['guess'],
    says: 'An entry that nobody measured or read. It counts with a tenth either way unless a range is entered, and is marked wherever it decides.',
    isPlain: true,
  },
];

const found = new Map(terms.flatMap((term) => (term.isPlain ? [] : term.names.map((name) => [name, term] as const))));
/** The longest name first: `breakaway torque` before `breakaway`. */
const pattern = new RegExp(`\\b(?:${[...found.keys()].sort((a, b) => b.length - a.length).join('|')})\\b`, 'gi');

/** A text, and a term where one stands in it as it is written there. */
export type TextPart = string | { readonly term: Term; readonly as: string };

/** A text with its terms, each marked where it is first. */
export function withTerms(text: string): readonly TextPart[] {
  const parts: TextPart[] = [];
  const seen = new Set<Term>();
  let from = 0;
  for (const match of text.matchAll(pattern)) {
    const term = found.get(match[0].toLowerCase());
    if (!term || seen.has(term)) continue;
    seen.add(term);
    if (match.index > from) parts.push(text.slice(from, match.index));
    parts.push({ term, as: match[0] });
    from = match.index + match[0].length;
  }
  return from < text.length ? [...parts, text.slice(from)] : parts;
}
