import { alike, closed_ohm, type Reading, threeOf, type Winding, wanders, windingsOf } from './windings.js';

/** What is drawn between two wires: a winding, an armature through its brushes, a contact that is closed, or nothing that a meter finds. */
export interface Between {
  readonly is: 'winding' | 'armature' | 'closed' | 'open';
  /** Least and most, Ω; none where it is open. */
  readonly ohms: readonly [number, number] | null;
}

/** Wires that are joined, in the order in which they are met from one end to the other; or three that meet in one point. */
export interface Strip {
  readonly is: 'chain' | 'star';
  readonly wires: readonly string[];
  /** Of a chain what is between each two that follow each other; of a star what is between any two. */
  readonly between: readonly Between[];
}

/** The windings of a motor as they are drawn from its readings. A star stands for a delta too: from outside they read alike. */
export function terminalPicture(readings: readonly Reading[]): readonly Strip[] {
  const joined = windingsOf(readings).map(stripOf);
  const drawn = new Set(joined.flatMap(({ wires }) => wires));
  const open = readings.filter(({ a, b, ohms }) => ohms === null && !drawn.has(a) && !drawn.has(b));
  return [...joined, ...open.map(({ a, b }): Strip => ({ is: 'chain', wires: [a, b], between: [{ is: 'open', ohms: null }] }))];
}

function stripOf(winding: Winding): Strip {
  const { wires, between } = winding;
  const three = threeOf(winding);
  if (three && alike(three.least, three.most)) return { is: 'star', wires, between: [partOf(between(wires[0] as string, wires[1] as string))] };
  const ordered = inOrder(winding);
  return {
    is: 'chain',
    wires: ordered,
    between: ordered.slice(1).map((wire, k) => partOf(between(ordered[k] as string, wire) ?? left(winding, ordered, k))),
  };
}

const mean = ([low, high]: readonly [number, number]): number => (low + high) / 2;

/** From the end that most is measured from: by how much is between it and each. */
function inOrder({ wires, between }: Winding): readonly string[] {
  // Two that were not measured against each other: what was measured is drawn, and nothing else.
  const middle = wires.length === 3 ? wires.find((wire) => isMiddle(wire, wires, between)) : undefined;
  if (middle) return [wires.find((wire) => wire !== middle) as string, middle, wires.filter((wire) => wire !== middle).at(-1) as string];
  const far = (one: string, other: string) => {
    const ohms = between(one, other);
    return ohms ? mean(ohms) : 0;
  };
  const most = (wire: string) => Math.max(...wires.map((other) => (other === wire ? 0 : far(wire, other))));
  const [first = ''] = [...wires].sort((a, b) => most(b) - most(a));
  return [first, ...wires.filter((wire) => wire !== first).sort((a, b) => far(first, a) - far(first, b))];
}

/** Of three wires the one from which both others were measured, and these two not against each other. */
function isMiddle(wire: string, wires: readonly string[], between: Winding['between']): boolean {
  const [a, b] = wires.filter((each) => each !== wire) as [string, string];
  return between(a, b) === null;
}

/** Two that were not measured against each other: what is left between them, by what was measured from the end. */
function left({ between }: Winding, ordered: readonly string[], k: number): readonly [number, number] | null {
  const [end, one, other] = [ordered[0] as string, ordered[k] as string, ordered[k + 1] as string];
  const [near, far] = [one === end ? ([0, 0] as const) : between(end, one), between(end, other)];
  if (!near || !far) return null;
  const ohms = Math.max(0, mean(far) - mean(near));
  return [ohms, ohms];
}

function partOf(ohms: readonly [number, number] | null): Between {
  if (!ohms) return { is: 'open', ohms: null };
  if (mean(ohms) < closed_ohm) return { is: 'closed', ohms };
  return { is: ohms[1] > wanders * ohms[0] ? 'armature' : 'winding', ohms };
}
