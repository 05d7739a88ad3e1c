/** What people call a thing by, and the words that it is written with here. Lower case. */
const synonyms: Readonly<Record<string, readonly string[]>> = {
  amp: ['current'],
  amps: ['current'],
  axle: ['shaft'],
  bolt: ['screw'],
  breaker: ['fuse'],
  cog: ['gear', 'sprocket', 'teeth'],
  fuse: ['breaker'],
  grub: ['set screw'],
  hp: ['power'],
  horsepower: ['power'],
  keyway: ['key'],
  kw: ['power'],
  length: ['distance'],
  price: ['cost'],
  money: ['cost'],
  plug: ['supply', 'wall'],
  pull: ['force', 'load'],
  ratio: ['teeth', 'pulley'],
  revs: ['speed'],
  rpm: ['speed'],
  sheave: ['pulley'],
  size: ['section', 'diameter'],
  slope: ['gradient'],
  socket: ['supply', 'wall'],
  stall: ['breakdown'],
  strength: ['torque', 'power'],
  twist: ['torque'],
  volt: ['voltage'],
  volts: ['voltage'],
  watt: ['power'],
  watts: ['power'],
  wheel: ['pulley', 'sprocket', 'gear'],
  width: ['section', 'wide'],
  wire: ['lead'],
  cable: ['lead'],
};

/** One thing that can be found. */
export interface Findable {
  readonly says: string;
  /** What it is found by besides, less near: the part it belongs to, its help. */
  readonly also?: string | undefined;
}

/**
 * How near a thing is to what was typed: above nought it is found, 1 is the nearest. Every word must be in it, as it is or by another name; one that
 * it begins with is nearer than one that a word of it begins with, and that nearer than one elsewhere.
 * @param typed as it was typed
 */
export function nearness({ says, also = '' }: Findable, typed: string): number {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return 0.5;
  const [name, more] = [says.toLowerCase(), also.toLowerCase()];
  // As it is called, or how that begins.
  if (words.length > 1 && name.startsWith(words.join(' '))) return 1;
  const each = words.map((word) => {
    const own = inText(word, name, more);
    const others = (synonyms[word] ?? []).map((other) => 0.6 * inText(other, name, more));
    return Math.max(own, ...others);
  });
  return each.includes(0) ? 0 : each.reduce((sum, one) => sum + one, 0) / each.length;
}

function inText(word: string, name: string, also: string): number {
  const at = name.indexOf(word);
  // Of two that begin so, the shorter is meant.
  if (at === 0) return 1 - 0.1 * (1 - word.length / name.length);
  if (at > 0) return /[a-z0-9]/.test(name[at - 1] as string) ? 0.5 : 0.7;
  return also.includes(word) ? 0.3 : 0;
}
