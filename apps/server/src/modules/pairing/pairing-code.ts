import { randomInt, timingSafeEqual } from 'node:crypto';

const lasts_ms = 10 * 60 * 1000;
/** Wrong tries that a code allows: of a million codes, ten. */
const wrongTries = 10;

/** The code that the main screen shows: six digits, for ten minutes, for one device, gone after ten wrong tries. */
export class ShownCode {
  private shown: { readonly code: string; readonly until: number; wrong: number } | null = null;

  make(now = Date.now()): { readonly code: string; readonly until: Date } {
    const code = String(randomInt(0, 1_000_000)).padStart(6, '0');
    this.shown = { code, until: now + lasts_ms, wrong: 0 };
    return { code, until: new Date(this.shown.until) };
  }

  /** Whether a code would let a device in now. */
  waits(now = Date.now()): boolean {
    return this.shown !== null && now < this.shown.until;
  }

  /** Uses the code up when it fits. One that is not shown, has run out or was used fits nothing; which of these it was is not told. */
  fits(tried: string, now = Date.now()): boolean {
    const { shown } = this;
    if (!shown) return false;
    const same = tried.length === shown.code.length && timingSafeEqual(Buffer.from(tried), Buffer.from(shown.code));
    if (!same) shown.wrong += 1;
    if (same || now >= shown.until || shown.wrong >= wrongTries) this.shown = null;
    return same && now < shown.until;
  }
}
