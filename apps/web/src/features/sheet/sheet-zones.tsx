import { Bench } from './bench.js';
import { Ledger } from './ledger.js';

/** The lower half of the sheet: the ledger on the left, the bench on the right. */
export function SheetZones() {
  return (
    <div className="grid grow grid-cols-[minmax(0,11fr)_minmax(0,9fr)] border-t border-ink max-lg:grid-cols-1">
      <Ledger />
      <Bench />
    </div>
  );
}
