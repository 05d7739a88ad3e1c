import type { StageKindName } from './registry.js';
import type { StageDrawing } from './shared/drawn-wheels.js';
import { drawsCoupling } from './stage/coupling/drawing.js';
import { drawsGearPair } from './stage/gear-pair/drawing.js';
import { drawsGearbox } from './stage/gearbox/drawing.js';
import { drawsOpen } from './stage/open/drawing.js';
import { drawsRollerChain } from './stage/roller-chain/drawing.js';
import { drawsTimingBelt } from './stage/timing-belt/drawing.js';
import { drawsTorqueLimiter } from './stage/torque-limiter/drawing.js';
import { drawsVBelt } from './stage/v-belt/drawing.js';

/** How each kind of stage is drawn: a kind without a drawing does not compile. Apart from the registry, so that a list that draws does not load every field there is. */
export const stageDrawings: Readonly<Record<StageKindName, StageDrawing>> = {
  'v-belt': drawsVBelt,
  'timing-belt': drawsTimingBelt,
  'roller-chain': drawsRollerChain,
  'gear-pair': drawsGearPair,
  coupling: drawsCoupling,
  'torque-limiter': drawsTorqueLimiter,
  gearbox: drawsGearbox,
  open: drawsOpen,
};
