import type { DrawnStage } from '@hobrek/core';
import type { ComponentType } from 'react';
import type { StageDrawn } from './drawn-wheel.js';
import { GearPairDrawing } from './gear-pair/drawing.js';
import { CouplingDrawing, GearboxDrawing, TorqueLimiterDrawing } from './inline-drawing.js';
import { OpenDrawing } from './open/drawing.js';
import { RollerChainDrawing } from './roller-chain/drawing.js';
import { TimingBeltDrawing } from './timing-belt/drawing.js';
import { VBeltDrawing } from './v-belt/drawing.js';
import { StockRuler } from './v-belt/stock-ruler.js';

type StageDrawing = ComponentType<StageDrawn>;

/** The drawing of each kind of stage. */
export const stageDrawings: Readonly<Record<string, StageDrawing>> = {
  'v-belt': VBeltDrawing,
  'timing-belt': TimingBeltDrawing,
  'roller-chain': RollerChainDrawing,
  'gear-pair': GearPairDrawing,
  coupling: CouplingDrawing,
  'torque-limiter': TorqueLimiterDrawing,
  gearbox: GearboxDrawing,
  open: OpenDrawing,
};

/** What a kind shows on the bench below its fields, where it has more to show than figures. */
export const benchExtras: Readonly<Record<string, ComponentType<{ outline: DrawnStage }>>> = {
  'v-belt': StockRuler,
  'timing-belt': StockRuler,
  'roller-chain': StockRuler,
};
