import type { ComponentType } from 'react';
import type { StageDrawn } from './drawn-wheel.js';
import { VBeltDrawing } from './v-belt/drawing.js';

type StageDrawing = ComponentType<StageDrawn>;

/** The drawing of each kind of stage. */
export const stageDrawings: Readonly<Record<string, StageDrawing>> = { 'v-belt': VBeltDrawing };
