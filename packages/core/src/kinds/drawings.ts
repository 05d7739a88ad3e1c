import type { SourceKindName, StageKindName, WorkKindName } from './registry.js';
import type { EndDrawing } from './shared/body.js';
import type { StageDrawing } from './shared/drawn-wheels.js';
import { drawsBrushless } from './source/brushless/drawing.js';
import { drawsEngine } from './source/engine/drawing.js';
import { drawsFluidMotor } from './source/fluid-motor/drawing.js';
import { drawsGearmotor } from './source/gearmotor/drawing.js';
import { drawsHandCrank } from './source/hand-crank/drawing.js';
import { drawsNoPlate } from './source/no-plate/drawing.js';
import { drawsOpenSource } from './source/open/drawing.js';
import { drawsPlateMotor } from './source/plate-motor/drawing.js';
import { drawsPmDc } from './source/pm-dc/drawing.js';
import { drawsStepper } from './source/stepper/drawing.js';
import { drawsUniversal } from './source/universal/drawing.js';
import { drawsVectorMotor } from './source/vector-motor/drawing.js';
import { drawsWoundDc } from './source/wound-dc/drawing.js';
import { drawsCoupling } from './stage/coupling/drawing.js';
import { drawsGearPair } from './stage/gear-pair/drawing.js';
import { drawsGearbox } from './stage/gearbox/drawing.js';
import { drawsOpen } from './stage/open/drawing.js';
import { drawsRollerChain } from './stage/roller-chain/drawing.js';
import { drawsTimingBelt } from './stage/timing-belt/drawing.js';
import { drawsTorqueLimiter } from './stage/torque-limiter/drawing.js';
import { drawsVBelt } from './stage/v-belt/drawing.js';
import { drawsBandSaw } from './work/band-saw/drawing.js';
import { drawsBeltGrinder } from './work/belt-grinder/drawing.js';
import { drawsChipper } from './work/chipper/drawing.js';
import { drawsCircularSaw } from './work/circular-saw/drawing.js';
import { drawsConeSplitter } from './work/cone-splitter/drawing.js';
import { drawsDirectWork } from './work/direct/drawing.js';
import { drawsDrill } from './work/drill/drawing.js';
import { drawsFruitCrusher } from './work/fruit-crusher/drawing.js';
import { drawsGrinder } from './work/grinder/drawing.js';
import { drawsMeasuredWork } from './work/measured/drawing.js';
import { drawsMetalLathe } from './work/metal-lathe/drawing.js';
import { drawsMill } from './work/mill/drawing.js';
import { drawsPlaner } from './work/planer/drawing.js';
import { drawsRockingLathe } from './work/rocking-lathe/drawing.js';
import { drawsRollMill } from './work/roll-mill/drawing.js';
import { drawsRotaryTumbler } from './work/rotary-tumbler/drawing.js';
import { drawsScrewPress } from './work/screw-press/drawing.js';
import { drawsScrollSaw } from './work/scroll-saw/drawing.js';
import { drawsShredder } from './work/shredder/drawing.js';
import { drawsTapper } from './work/tapper/drawing.js';
import { drawsVibratoryTumbler } from './work/vibratory-tumbler/drawing.js';
import { drawsWheelDrive } from './work/wheel-drive/drawing.js';
import { drawsWoodLathe } from './work/wood-lathe/drawing.js';
import { drawsWormPress } from './work/worm-press/drawing.js';

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

/** How each source is drawn, and each kind of work. */
export const sourceDrawings: Readonly<Record<SourceKindName, EndDrawing>> = {
  'plate-motor': drawsPlateMotor,
  'vector-motor': drawsVectorMotor,
  'no-plate': drawsNoPlate,
  'pm-dc': drawsPmDc,
  universal: drawsUniversal,
  'wound-dc': drawsWoundDc,
  brushless: drawsBrushless,
  stepper: drawsStepper,
  gearmotor: drawsGearmotor,
  'fluid-motor': drawsFluidMotor,
  engine: drawsEngine,
  'hand-crank': drawsHandCrank,
  open: drawsOpenSource,
};
export const workDrawings: Readonly<Record<WorkKindName, EndDrawing>> = {
  'fruit-crusher': drawsFruitCrusher,
  shredder: drawsShredder,
  'screw-press': drawsScrewPress,
  'worm-press': drawsWormPress,
  'cone-splitter': drawsConeSplitter,
  chipper: drawsChipper,
  'roll-mill': drawsRollMill,
  'rotary-tumbler': drawsRotaryTumbler,
  'vibratory-tumbler': drawsVibratoryTumbler,
  'wood-lathe': drawsWoodLathe,
  'metal-lathe': drawsMetalLathe,
  'rocking-lathe': drawsRockingLathe,
  'scroll-saw': drawsScrollSaw,
  planer: drawsPlaner,
  'belt-grinder': drawsBeltGrinder,
  grinder: drawsGrinder,
  'band-saw': drawsBandSaw,
  'circular-saw': drawsCircularSaw,
  tapper: drawsTapper,
  mill: drawsMill,
  drill: drawsDrill,
  'wheel-drive': drawsWheelDrive,
  measured: drawsMeasuredWork,
  direct: drawsDirectWork,
};
