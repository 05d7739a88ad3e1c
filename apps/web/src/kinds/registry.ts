import type { Circle } from '@hobrek/core';
import type { ComponentType } from 'react';
import { VBeltDrawing } from './v-belt/drawing.js';

/** A wheel where it stands on the drawing; not `known` when its size is not entered and only its place is shown. */
export interface DrawnWheel extends Circle {
  readonly known: boolean;
}

type StageDrawing = ComponentType<{ driver: DrawnWheel; driven: DrawnWheel }>;

/** The drawing of each kind of stage. */
export const stageDrawings: Readonly<Record<string, StageDrawing>> = { 'v-belt': VBeltDrawing };
