import type { StoredBuild } from '@hobrek/contracts';
import type { Build } from '@hobrek/core';
import { AskError, ask, send } from '../shared/ask.js';

export interface SaveState {
  readonly state: 'kept' | 'keeping' | 'away' | 'stale' | 'refused';
  readonly says: string;
  /** The version that stands on the server, when this one is stale. */
  readonly stands?: number;
}

const longestWait_ms = 8_000;

/**
 * Sends saves one after the other, each on top of the version the last one made; only the newest state waits. While nobody answers it asks
 * again, with the same save id, so that an answer lost on the way is no conflict.
 */
export class SaveQueue {
  private waiting: Build | null = null;
  private sending = false;
  private stopped = false;

  constructor(
    private readonly id: string,
    private version: number,
    private tell: (state: SaveState) => void,
  ) {}

  push(build: Build): void {
    this.waiting = build;
    if (!this.sending && !this.stopped) void this.run();
  }

  /** Saves over the version that stands. */
  overrule(stands: number, build: Build): void {
    this.version = stands;
    this.stopped = false;
    this.push(build);
  }

  /** No more is told; what is waiting is still sent. */
  close(): void {
    this.tell = () => {};
  }

  private async run(): Promise<void> {
    this.sending = true;
    while (this.waiting && !this.stopped) {
      const build = this.waiting;
      this.waiting = null;
      this.tell({ state: 'keeping', says: 'keeping …' });
      await this.put(build);
    }
    this.sending = false;
  }

  private async put(build: Build): Promise<void> {
    const saveId = crypto.randomUUID();
    for (let wait = 500; ; wait = Math.min(2 * wait, longestWait_ms)) {
      try {
        const stored = await send<StoredBuild>('PUT', `builds/${this.id}`, build, { 'if-match': `"${this.version}"`, 'save-id': saveId });
        this.version = stored.version;
        if (!this.waiting)
          this.tell({
            state: 'kept',
            says: `kept ${new Date(stored.changedAt).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}`,
          });
        return;
      } catch (error) {
        if (!(error instanceof AskError)) throw error;
        if (!error.away) return await this.refused(error);
        this.tell({ state: 'away', says: `${error.message} Your changes are on this page and will be sent.` });
        await new Promise((resolve) => setTimeout(resolve, wait));
      }
    }
  }

  private async refused(error: AskError): Promise<void> {
    this.stopped = true;
    if (error.problem?.code !== 'version-stale') {
      this.tell({ state: 'refused', says: `Not kept: ${error.message}` });
      this.stopped = false;
      return;
    }
    const stands = await ask<StoredBuild>(`builds/${this.id}`).catch(() => null);
    this.tell({
      state: 'stale',
      says: 'This build was changed elsewhere since it was opened here. Nothing was overwritten.',
      ...(stands ? { stands: stands.version } : {}),
    });
  }
}
