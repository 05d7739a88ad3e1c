import type { Build } from '@hobrek/core';
import type { OpenState } from './state.js';

/** What events change a build by. */
export interface Editing extends OpenState {
  /** A change, part of the step of the same name while that is open. @param isTyped sent when typing has paused, not at once */
  edit(name: string, next: (build: Build) => Build, isTyped?: boolean): void;
  /** The step is over. */
  settled(): void;
}
