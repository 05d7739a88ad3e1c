import type { ListedBuild } from '@hobrek/contracts';
import { BuildRow, type RowActs } from './build-row.js';

/** Height of a row at a desk until it is measured, px. */
export const usual_px = 136;

export interface RowsShown {
  readonly many: number;
  readonly at: (index: number) => ListedBuild | undefined;
  readonly acts: RowActs;
  /** The build that another is to be laid beside; null until one is chosen. */
  readonly beside: string | null;
  /** Out of the list already, and not yet gone. */
  readonly leaving: string | undefined;
  /** A row to go to: its place, found once, and its build. */
  readonly goal: { readonly place: number; readonly id: string } | null;
  readonly shows: (from: number, to: number) => void;
}

/** A row, or the room for it while it is on its way. */
export function OneRow({ listed, acts, beside }: { listed: ListedBuild | undefined } & Pick<RowsShown, 'acts' | 'beside'>) {
  return listed ? <BuildRow listed={listed} acts={acts} beside={beside} /> : <div className="border-b border-hair" style={{ height: usual_px }} />;
}
