import type { Circle } from '@hobrek/core';
import type { ComponentType } from 'react';
import { VBeltDrawing } from './v-belt/drawing.js';

export type StageDrawing = ComponentType<{ driver: Circle; driven: Circle; picked?: boolean }>;

/** The drawing of each kind of stage. */
export const stageDrawings: Readonly<Record<string, StageDrawing>> = { 'v-belt': VBeltDrawing };
