import type { Circle } from '@hobrek/core';

/** A wheel at its place on the drawing; not `known` when its size is not entered and only its place is shown. */
export interface DrawnWheel extends Circle {
  readonly known: boolean;
}

/** What the drawing of a stage is given. */
export interface StageDrawn {
  readonly driver: DrawnWheel;
  readonly driven: DrawnWheel;
  /** In brass while it is what the person works on. */
  readonly picked: boolean;
}
