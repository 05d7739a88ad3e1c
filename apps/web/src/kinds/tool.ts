import type { Build, Element, Evaluation, Field, Input, Kinds } from '@hobrek/core';
import type { ComponentType } from 'react';
import type { FieldEvents } from '../open-build/field-events.js';
import type { LineEvents } from '../open-build/line-events.js';

/**
 * What a tool of a kind has: its element, what was worked out, and the events by which anybody changes the build. Undo, merging and the journal hold
 * without its doing. What it needs of the server it gets through a module of its own noun.
 */
export interface ToolShown {
  /** `main/belt` */
  readonly path: string;
  readonly element: Element;
  readonly build: Build;
  readonly evaluation: Evaluation;
  readonly kinds: Kinds;
  readonly change: FieldEvents & LineEvents;
  /** A field of the element, as it is entered anywhere. */
  readonly Entry: ComponentType<{ readonly path: string; readonly field: Field; readonly input: Input | undefined }>;
}

/** Something that a kind brings to the page beside its fields and figures: a ruler, a chart, a bench, a search, an experiment. */
export interface Tool {
  /** Before everything of its element, over its fields, or beside them where there is room for a chart. */
  readonly on: 'over' | 'fields' | 'beside';
  /** Its code comes with that of the kinds; what is heavy in it may come when it is shown. */
  readonly load: () => Promise<ComponentType<ToolShown>>;
}
