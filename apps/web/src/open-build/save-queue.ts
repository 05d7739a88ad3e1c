import type { StoredBuild } from '@hobrek/contracts';
import type { Build } from '@hobrek/core';
import { v4 as newId } from 'uuid';
import { AskError, ask, send } from '../shared/ask.js';
import { clock } from '../shared/clock.js';
import { deviceName } from '../shared/device-name.js';
import { isSafe } from './journal.js';

export interface SaveState {
  readonly state: 'kept' | 'keeping' | 'away' | 'stale' | 'refused';
  readonly says: string;
}

/** A version that the server has, as far as is known here; 0 for a build that it does not have yet. */
export interface Kept {
  readonly version: number;
  readonly build: Build;
}

/** A state to send, and the step of the person's work that it belongs to. */
interface Waiting {
  readonly build: Build;
  readonly step: string;
}

interface Hooks {
  readonly tell: (state: SaveState) => void;
  /** This state is on its way. */
  readonly sending: (build: Build) => void;
  /** The server has everything up to this version. */
  readonly acknowledged: (kept: Kept) => void;
  /** The build was changed elsewhere: what to send now; `nothing` when theirs is all there is; `choose` to wait until the person has chosen. */
  readonly merge: (base: Build, theirs: StoredBuild) => Build | 'nothing' | 'choose';
}

const longestWait_ms = 4_000;
const firstWait_ms = 500;

/**
 * Sends saves one after the other, each on top of the version the last one made; only the newest state waits. While nobody answers it tries
 * again, with the same save id, so that an answer lost on the way is no conflict. A build changed elsewhere is met, never overwritten.
 */
export class SaveQueue {
  private waiting: Waiting | null = null;
  private sending = false;
  private choosing = false;
  private told = true;
  private newest = 0;

  constructor(
    private readonly id: string,
    private kept: Kept,
    private readonly hooks: Hooks,
  ) {}

  push(build: Build, step: string): void {
    this.waiting = { build, step };
    if (!this.sending && !this.choosing) void this.run();
  }

  /** A build that the server does not have and that nothing was sent of. */
  get isUnbegun(): boolean {
    return this.kept.version === 0 && !this.sending && !this.waiting;
  }

  /** Someone saved this version; ours, or one to catch up with. */
  heard(version: number): void {
    this.newest = Math.max(this.newest, version);
    if (!this.sending && !this.choosing) void this.run();
  }

  /** The person has chosen: what is on the page goes on top of what is there. */
  chosen(build: Build, step: string): void {
    this.choosing = false;
    this.push(build, step);
  }

  /** No more is told; what is waiting is still sent. */
  close(): void {
    this.told = false;
  }

  private tell(state: SaveState): void {
    if (this.told) this.hooks.tell(state);
  }

  private async run(): Promise<void> {
    this.sending = true;
    for (;;) {
      if (this.choosing) break;
      const next = this.waiting;
      if (!next) {
        // What nobody has is not changed by others.
        if (!this.told || this.kept.version === 0 || this.newest <= this.kept.version) break;
        await this.mergeIn(newId());
        continue;
      }
      this.waiting = null;
      this.tell({ state: 'keeping', says: 'keeping …' });
      await this.put(next);
    }
    this.sending = false;
  }

  private async put({ build, step }: Waiting): Promise<void> {
    const headers = { 'if-match': `"${this.kept.version}"`, 'save-id': newId(), 'step-id': step, by: encodeURIComponent(deviceName()) };
    if (this.told) this.hooks.sending(build);
    try {
      const stored = await this.whileAway(() => send<StoredBuild>('PUT', `builds/${this.id}`, build, headers));
      this.kept = { version: stored.version, build };
      if (this.told) this.hooks.acknowledged(this.kept);
      if (!this.waiting) this.tell({ state: 'kept', says: `kept ${clock(stored.changedAt)}` });
    } catch (error) {
      if (!(error instanceof AskError)) throw error;
      if (error.problem?.code === 'version-stale' && this.told) await this.mergeIn(step);
      else this.tell({ state: 'refused', says: `Not kept: ${error.message}` });
    }
  }

  private async mergeIn(step: string): Promise<void> {
    try {
      const theirs = await this.whileAway(() => ask<StoredBuild>(`builds/${this.id}`));
      const base = this.kept.build;
      this.kept = { version: theirs.version, build: theirs.build };
      // A version heard of that is newer still has been overtaken by a deletion, or will be heard of again.
      this.newest = Math.min(this.newest, theirs.version);
      const both = this.hooks.merge(base, theirs);
      if (both === 'nothing') {
        this.waiting = null;
        this.tell({ state: 'kept', says: `kept ${clock(theirs.changedAt)}` });
        return;
      }
      if (both !== 'choose') {
        this.waiting = { build: both, step };
        return;
      }
      this.choosing = true;
      this.tell({ state: 'stale', says: 'This build was changed elsewhere in the same places. Nothing was overwritten: choose.' });
    } catch (error) {
      if (!(error instanceof AskError)) throw error;
      this.newest = 0;
      this.tell({ state: 'refused', says: `Not kept: ${error.message}` });
    }
  }

  /** Tries until somebody answers. @throws AskError when the answer is a refusal */
  private async whileAway<T>(work: () => Promise<T>): Promise<T> {
    for (let wait = firstWait_ms; ; wait = Math.min(2 * wait, longestWait_ms)) {
      try {
        return await work();
      } catch (error) {
        if (!(error instanceof AskError) || !error.away) throw error;
        this.tell({
          state: 'away',
          says: `${error.problem?.title ?? 'The server does not answer'}. What you typed is kept ${isSafe() ? 'on this device' : 'on this page'} and will be sent.`,
        });
        await new Promise((resolve) => setTimeout(resolve, wait));
      }
    }
  }
}
