import type { Fixing } from '../../kinds/shared/hub-fixing.js';
import type { Line, Piece, Seat } from '../../machine/build.js';
import type { Notch } from '../../shafts/laid-shaft.js';
import { crossHole, notchKinds, threadRoot } from '../../shafts/notches.js';
import type { Section } from '../../shafts/section-shape.js';

/** The stage that a wheel is of. */
export const stageOf = (lines: readonly Line[], { line, stage }: Seat['of']) =>
  lines.find(({ id }) => id === line)?.stages.find(({ id }) => id === stage);

/** Hub fixing of a stage as what it cuts into the shaft. */
const cutBy: Readonly<Record<Fixing, string>> = {
  key: 'end-milled',
  'set-screws': 'dimple',
  dimple: 'dimple',
  flat: 'flat',
  clamp: 'nothing',
  shrink: 'shrink',
};

/** Taken where nobody says how a wheel is held: nothing that is usual cuts deeper. */
export const worstCut = 'end-milled';

/** @param own what is entered with the wheel itself */
export function cutOf(seat: Seat, own: string | undefined, lines: readonly Line[]): string | undefined {
  if (own) return own;
  const stage = stageOf(lines, seat.of);
  const fixing = stage?.inputs[seat.of.end === 'in' ? 'driverFixing' : 'drivenFixing']?.text;
  return fixing !== undefined && fixing in cutBy ? cutBy[fixing as Fixing] : undefined;
}

/** A pin takes a quarter of the diameter (common practice, no source). */
const pinShare = 0.25;

/** What holding a wheel so cuts into the shaft under it. */
export function notchOf(id: string, cut: string | undefined, at_mm: number, wide_mm: number, section: Section | undefined): Notch[] {
  if (cut === 'end-milled' || cut === 'sled') {
    const raises = notchKinds[cut === 'sled' ? 'sled-runner keyway' : 'end-milled keyway'];
    return [{ id, at_mm: at_mm - wide_mm / 2, to_mm: at_mm + wide_mm / 2, ...raises, isKeyway: true }];
  }
  if (cut === 'shrink') return [{ id, at_mm: at_mm - wide_mm / 2, to_mm: at_mm + wide_mm / 2, ...notchKinds['shrink fit'] }];
  if (cut === 'dimple') return [{ id, at_mm, ...notchKinds['set-screw dimple'] }];
  if (cut === 'flat') return [{ id, at_mm, ...notchKinds.flat }];
  if (cut === 'hole' && section) return [{ id, at_mm, ...crossHole(pinShare * section.size_mm, section) }];
  return [];
}

const cutAlong = { thread: notchKinds['cut thread'], spline: notchKinds.spline, flat: notchKinds.flat } as const;

/** What is cut into a section itself: along it, across it, at its end. */
export function cutIn(
  piece: Pick<Piece, 'id'>,
  cut: string | undefined,
  section: Section,
  [from_mm, to_mm]: readonly [number, number],
  n: Readonly<Record<string, number>>,
): Notch[] {
  const along: Notch[] =
    cut !== undefined && cut in cutAlong
      ? [
          {
            id: cut === 'thread' ? 'the thread' : cut === 'spline' ? 'the splines' : 'the flat',
            at_mm: from_mm,
            to_mm,
            ...cutAlong[cut as keyof typeof cutAlong],
            ...(cut === 'thread' ? { root_mm: threadRoot(section.size_mm, n[`${piece.id} pitch`] || undefined) } : {}),
          },
        ]
      : [];
  const [deep, wide] = [n[`${piece.id} groove`] ?? 0, n[`${piece.id} hole`] ?? 0];
  const groove: Notch[] = deep > 0 ? [{ id: 'the groove', at_mm: to_mm, root_mm: section.size_mm - 2 * deep, ...notchKinds['ring groove'] }] : [];
  const hole: Notch[] =
    wide > 0 ? [{ id: 'the hole across it', at_mm: n[`${piece.id} holeAt`] ?? (from_mm + to_mm) / 2, ...crossHole(wide, section) }] : [];
  return [...along, ...groove, ...hole];
}
