// Made by `npm run generate` from the code; not to be edited.
import type { Formula } from '../figure/formula.js';
import { allowedPower } from './belt/allowed-power.js';
import { allowedPull } from './belt/allowed-pull.js';
import { arcFactorIso } from './belt/arc-factor-iso.js';
import { arcFactor } from './belt/arc-factor.js';
import { arcOfContact } from './belt/arc-of-contact.js';
import { assumedTension } from './belt/assumed-tension.js';
import { beltHeatingTime } from './belt/belt-heating.js';
import { beltLife } from './belt/belt-life.js';
import { beltPasses } from './belt/belt-passes.js';
import { beltPullDifference } from './belt/belt-pull-difference.js';
import { beltSlipTorque } from './belt/belt-slip-torque.js';
import { beltsNeeded } from './belt/belts-needed.js';
import { bendingPeak } from './belt/bending-peak.js';
import { centrifugalTension } from './belt/centrifugal-tension.js';
import { crossedBeltLength } from './belt/crossed-belt-length.js';
import { crossedWrap } from './belt/crossed-wrap.js';
import { designPower } from './belt/design-power.js';
import { jumpTorque } from './belt/jump-torque.js';
import { lastingTorque } from './belt/lasting-torque.js';
import { liftOffSpeed } from './belt/lift-off-speed.js';
import { meshFactor } from './belt/mesh-factor.js';
import { neededTension } from './belt/needed-tension.js';
import { newerRating } from './belt/newer-rating.js';
import { olderRating } from './belt/older-rating.js';
import { openBeltLength } from './belt/open-belt-length.js';
import { pitchFromOutside } from './belt/pitch-from-outside.js';
import { pullRating } from './belt/pull-rating.js';
import { pulleyRatio } from './belt/pulley-ratio.js';
import { pushForTension } from './belt/push-for-tension.js';
import { rimSpeed } from './belt/rim-speed.js';
import { seriesBeltLength } from './belt/series-belt-length.js';
import { seriesCentres } from './belt/series-centres.js';
import { shaftPull } from './belt/shaft-pull.js';
import { shimTravel } from './belt/shim-travel.js';
import { spanLength } from './belt/span-length.js';
import { speedOfRim } from './belt/speed-of-rim.js';
import { stretchedTension } from './belt/stretched-tension.js';
import { strippingTorque } from './belt/stripping-torque.js';
import { teethInMesh } from './belt/teeth-in-mesh.js';
import { tensionFromPush } from './belt/tension-from-push.js';
import { tensionFromTone } from './belt/tension-from-tone.js';
import { tensionRatio } from './belt/tension-ratio.js';
import { timingDiameter } from './belt/timing-diameter.js';
import { timingOutside } from './belt/timing-outside.js';
import { timingRating } from './belt/timing-rating.js';
import { timingTension } from './belt/timing-tension.js';
import { toneForTension } from './belt/tone-for-tension.js';
import { wedgeFriction } from './belt/wedge-friction.js';
import { chainCentres } from './chain/chain-centres.js';
import { chainLife } from './chain/chain-life.js';
import { chainLinks } from './chain/chain-links.js';
import { chainPull } from './chain/chain-pull.js';
import { chainSpeed } from './chain/chain-speed.js';
import { chainTorque } from './chain/chain-torque.js';
import { chordalVariation } from './chain/chordal-variation.js';
import { gallingSpeed } from './chain/galling-speed.js';
import { lineAngle } from './chain/line-angle.js';
import { plateRating } from './chain/plate-rating.js';
import { rollerRating } from './chain/roller-rating.js';
import { slackSag } from './chain/slack-sag.js';
import { sprocketDiameter } from './chain/sprocket-diameter.js';
import { sprocketOutside } from './chain/sprocket-outside.js';
import { strandRating } from './chain/strand-rating.js';
import { cutPower } from './cutting/cut-power.js';
import { cutVolume } from './cutting/cut-volume.js';
import { drillChip } from './cutting/drill-chip.js';
import { drillThrust } from './cutting/drill-thrust.js';
import { drillingTorque } from './cutting/drilling-torque.js';
import { milledChip } from './cutting/milled-chip.js';
import { millingTorque } from './cutting/milling-torque.js';
import { removalRate } from './cutting/removal-rate.js';
import { rubbingPower } from './cutting/rubbing-power.js';
import { rubbingTorque } from './cutting/rubbing-torque.js';
import { specificForce } from './cutting/specific-force.js';
import { tappingTorque } from './cutting/tapping-torque.js';
import { toothBite } from './cutting/tooth-bite.js';
import { toothFeed } from './cutting/tooth-feed.js';
import { turningForce } from './cutting/turning-force.js';
import { unitPower } from './cutting/unit-power.js';
import { bowlInertia } from './dynamics/bowl-inertia.js';
import { brakingPower } from './dynamics/braking-power.js';
import { criticalSpeed } from './dynamics/critical-speed.js';
import { discInertia } from './dynamics/disc-inertia.js';
import { evenRunUp } from './dynamics/even-run-up.js';
import { flywheelForEvenness } from './dynamics/flywheel-for-evenness.js';
import { forwardInertia } from './dynamics/forward-inertia.js';
import { gearedStiffness } from './dynamics/geared-stiffness.js';
import { jamTorque } from './dynamics/jam-torque.js';
import { kineticEnergy } from './dynamics/kinetic-energy.js';
import { movingEnergy } from './dynamics/moving-energy.js';
import { quickestRatio } from './dynamics/quickest-ratio.js';
import { reflectedInertia } from './dynamics/reflected-inertia.js';
import { rigidPeak } from './dynamics/rigid-peak.js';
import { rollInertia } from './dynamics/roll-inertia.js';
import { runDown } from './dynamics/run-down.js';
import { seriesStiffness } from './dynamics/series-stiffness.js';
import { shaftStiffness } from './dynamics/shaft-stiffness.js';
import { spanStiffness } from './dynamics/span-stiffness.js';
import { stiffStoppingTorque } from './dynamics/stiff-stopping-torque.js';
import { stoppingTorque } from './dynamics/stopping-torque.js';
import { twinResonance } from './dynamics/twin-resonance.js';
import { wheelMass } from './dynamics/wheel-mass.js';
import { gearCentres } from './gear/gear-centres.js';
import { gearDiameter } from './gear/gear-diameter.js';
import { gearOutside } from './gear/gear-outside.js';
import { meshPush } from './gear/mesh-push.js';
import { moduleFromPitch } from './gear/module-from-pitch.js';
import { toothForce } from './gear/tooth-force.js';
import { toothStress } from './gear/tooth-stress.js';
import { toothTorque } from './gear/tooth-torque.js';
import { toothVelocityFactor } from './gear/tooth-velocity-factor.js';
import { cardanFastest } from './hub/cardan-fastest.js';
import { cardanSlowest } from './hub/cardan-slowest.js';
import { clampTorque } from './hub/clamp-torque.js';
import { jointAngleByShake } from './hub/joint-angle-by-shake.js';
import { jointAngleBySpeed } from './hub/joint-angle-by-speed.js';
import { keyTorque } from './hub/key-torque.js';
import { pinForTorque } from './hub/pin-for-torque.js';
import { plateClutchTorque } from './hub/plate-clutch-torque.js';
import { setScrewTorque } from './hub/set-screw-torque.js';
import { shearPinTorque } from './hub/shear-pin-torque.js';
import { shrinkTorque } from './hub/shrink-torque.js';
import { spacerAngle } from './hub/spacer-angle.js';
import { splitClampForce } from './hub/split-clamp-force.js';
import { apparentPower } from './motor/apparent-power.js';
import { bleederPower } from './motor/bleeder-power.js';
import { brakingResistance } from './motor/braking-resistance.js';
import { breakdownSlip } from './motor/breakdown-slip.js';
import { capacitorCurrent } from './motor/capacitor-current.js';
import { capacitorEnergy } from './motor/capacitor-energy.js';
import { capacitorReactance } from './motor/capacitor-reactance.js';
import { circuitPower } from './motor/circuit-power.js';
import { cooledCurrent } from './motor/cooled-current.js';
import { copperHeat } from './motor/copper-heat.js';
import { currentAtTorque } from './motor/current-at-torque.js';
import { dischargeTime } from './motor/discharge-time.js';
import { drawnPower } from './motor/drawn-power.js';
import { dutyHeat } from './motor/duty-heat.js';
import { fluxShare } from './motor/flux-share.js';
import { heldCurrent } from './motor/held-current.js';
import { inertiaByRunUp } from './motor/inertia-by-run-up.js';
import { klossTorque } from './motor/kloss-torque.js';
import { leadResistance } from './motor/lead-resistance.js';
import { lineCurrent } from './motor/line-current.js';
import { lockedSeconds } from './motor/locked-seconds.js';
import { meanCurrent } from './motor/mean-current.js';
import { motorConstant } from './motor/motor-constant.js';
import { motorSlip } from './motor/motor-slip.js';
import { neededEfficiency } from './motor/needed-efficiency.js';
import { onePhaseCapacitor } from './motor/one-phase-capacitor.js';
import { powerForATime } from './motor/power-for-a-time.js';
import { powerFromCurrent } from './motor/power-from-current.js';
import { pulseRate } from './motor/pulse-rate.js';
import { reactivePower } from './motor/reactive-power.js';
import { rotorInertia } from './motor/rotor-inertia.js';
import { shaftFromInput } from './motor/shaft-from-input.js';
import { shareAtMotor } from './motor/share-at-motor.js';
import { slippedSpeed } from './motor/slipped-speed.js';
import { speedAtCurrent } from './motor/speed-at-current.js';
import { speedOnWall } from './motor/speed-on-wall.js';
import { starCurrent } from './motor/star-current.js';
import { starVoltage } from './motor/star-voltage.js';
import { startingCurrent } from './motor/starting-current.js';
import { stepsATurn } from './motor/steps-a-turn.js';
import { synchronousSpeed } from './motor/synchronous-speed.js';
import { timesRated } from './motor/times-rated.js';
import { torqueAtCurrent } from './motor/torque-at-current.js';
import { torqueAtFlux } from './motor/torque-at-flux.js';
import { torqueAtFrequency } from './motor/torque-at-frequency.js';
import { torqueAtVoltage } from './motor/torque-at-voltage.js';
import { tripCurrent } from './motor/trip-current.js';
import { voltageDrop } from './motor/voltage-drop.js';
import { voltsByFrequency } from './motor/volts-by-frequency.js';
import { wireArea } from './motor/wire-area.js';
import { wireDiameter } from './motor/wire-diameter.js';
import { fluidPower } from './power/fluid-power.js';
import { pushPower } from './power/push-power.js';
import { shaftPower } from './power/shaft-power.js';
import { shaftTorque } from './power/shaft-torque.js';
import { airStallTorque } from './source/air-stall-torque.js';
import { crankTorque } from './source/crank-torque.js';
import { deratedPower } from './source/derated-power.js';
import { oilMotorSpeed } from './source/oil-motor-speed.js';
import { oilMotorTorque } from './source/oil-motor-torque.js';
import { angleBetweenPulls } from './transmission/angle-between-pulls.js';
import { carriedTorque } from './transmission/carried-torque.js';
import { carrierHeldRatio } from './transmission/carrier-held-ratio.js';
import { drivenSpeed } from './transmission/driven-speed.js';
import { drivingSpeed } from './transmission/driving-speed.js';
import { frictionLoss } from './transmission/friction-loss.js';
import { gearedAngle } from './transmission/geared-angle.js';
import { gripTorque } from './transmission/grip-torque.js';
import { margin } from './transmission/margin.js';
import { neededBefore } from './transmission/needed-before.js';
import { planetaryRatio } from './transmission/planetary-ratio.js';
import { ratedTorque } from './transmission/rated-torque.js';
import { resultantPull } from './transmission/resultant-pull.js';
import { slipLoss } from './transmission/slip-loss.js';
import { toothRatio } from './transmission/tooth-ratio.js';
import { torqueAtTool } from './transmission/torque-at-tool.js';
import { torqueGain } from './transmission/torque-gain.js';
import { wormBackward } from './transmission/worm-backward.js';
import { wormEfficiency } from './transmission/worm-efficiency.js';
import { amplitude } from './vibration/amplitude.js';
import { centrifugalForce } from './vibration/centrifugal-force.js';
import { coilSpringRate } from './vibration/coil-spring-rate.js';
import { naturalFrequency } from './vibration/natural-frequency.js';
import { sagOfSprings } from './vibration/sag-of-springs.js';
import { shaken } from './vibration/shaken.js';
import { shakingPower } from './vibration/shaking-power.js';
import { shareToFloor } from './vibration/share-to-floor.js';
import { springByDrop } from './vibration/spring-by-drop.js';
import { unbalance } from './vibration/unbalance.js';
import { biteAngle } from './work/bite-angle.js';
import { collarTorque } from './work/collar-torque.js';
import { criticalDrumSpeed } from './work/critical-drum-speed.js';
import { drivenScrewTorque } from './work/driven-screw-torque.js';
import { edgeShare } from './work/edge-share.js';
import { fullBitePower } from './work/full-bite-power.js';
import { gripForce } from './work/grip-force.js';
import { grownTorque } from './work/grown-torque.js';
import { hookBends } from './work/hook-bends.js';
import { kerbGrip } from './work/kerb-grip.js';
import { kerbTorque } from './work/kerb-torque.js';
import { knifeStroke } from './work/knife-stroke.js';
import { leverTorque } from './work/lever-torque.js';
import { liftedTorque } from './work/lifted-torque.js';
import { marginalEfficiency } from './work/marginal-efficiency.js';
import { measuredShaftPower } from './work/measured-shaft-power.js';
import { millingPower } from './work/milling-power.js';
import { movedInertia } from './work/moved-inertia.js';
import { nipTorque } from './work/nip-torque.js';
import { nutPressure } from './work/nut-pressure.js';
import { powerScrewTorque } from './work/power-screw-torque.js';
import { pressingForce } from './work/pressing-force.js';
import { rollGrip } from './work/roll-grip.js';
import { rollPasses } from './work/roll-passes.js';
import { rollingForce } from './work/rolling-force.js';
import { screwFeed } from './work/screw-feed.js';
import { screwLowers } from './work/screw-lowers.js';
import { screwSpeed } from './work/screw-speed.js';
import { shearForce } from './work/shear-force.js';
import { speedByInches } from './work/speed-by-inches.js';
import { stoneBursts } from './work/stone-bursts.js';
import { stoppingAngle } from './work/stopping-angle.js';
import { strokeTorque } from './work/stroke-torque.js';
import { wheelTorque } from './work/wheel-torque.js';

const all = [
  allowedPower,
  allowedPull,
  arcFactorIso,
  arcFactor,
  arcOfContact,
  assumedTension,
  beltHeatingTime,
  beltLife,
  beltPasses,
  beltPullDifference,
  beltSlipTorque,
  beltsNeeded,
  bendingPeak,
  centrifugalTension,
  crossedBeltLength,
  crossedWrap,
  designPower,
  jumpTorque,
  lastingTorque,
  liftOffSpeed,
  meshFactor,
  neededTension,
  newerRating,
  olderRating,
  openBeltLength,
  pitchFromOutside,
  pullRating,
  pulleyRatio,
  pushForTension,
  rimSpeed,
  seriesBeltLength,
  seriesCentres,
  shaftPull,
  shimTravel,
  spanLength,
  speedOfRim,
  stretchedTension,
  strippingTorque,
  teethInMesh,
  tensionFromPush,
  tensionFromTone,
  tensionRatio,
  timingDiameter,
  timingOutside,
  timingRating,
  timingTension,
  toneForTension,
  wedgeFriction,
  chainCentres,
  chainLife,
  chainLinks,
  chainPull,
  chainSpeed,
  chainTorque,
  chordalVariation,
  gallingSpeed,
  lineAngle,
  plateRating,
  rollerRating,
  slackSag,
  sprocketDiameter,
  sprocketOutside,
  strandRating,
  cutPower,
  cutVolume,
  drillChip,
  drillThrust,
  drillingTorque,
  milledChip,
  millingTorque,
  removalRate,
  rubbingPower,
  rubbingTorque,
  specificForce,
  tappingTorque,
  toothBite,
  toothFeed,
  turningForce,
  unitPower,
  bowlInertia,
  brakingPower,
  criticalSpeed,
  discInertia,
  evenRunUp,
  flywheelForEvenness,
  forwardInertia,
  gearedStiffness,
  jamTorque,
  kineticEnergy,
  movingEnergy,
  quickestRatio,
  reflectedInertia,
  rigidPeak,
  rollInertia,
  runDown,
  seriesStiffness,
  shaftStiffness,
  spanStiffness,
  stiffStoppingTorque,
  stoppingTorque,
  twinResonance,
  wheelMass,
  gearCentres,
  gearDiameter,
  gearOutside,
  meshPush,
  moduleFromPitch,
  toothForce,
  toothStress,
  toothTorque,
  toothVelocityFactor,
  cardanFastest,
  cardanSlowest,
  clampTorque,
  jointAngleByShake,
  jointAngleBySpeed,
  keyTorque,
  pinForTorque,
  plateClutchTorque,
  setScrewTorque,
  shearPinTorque,
  shrinkTorque,
  spacerAngle,
  splitClampForce,
  apparentPower,
  bleederPower,
  brakingResistance,
  breakdownSlip,
  capacitorCurrent,
  capacitorEnergy,
  capacitorReactance,
  circuitPower,
  cooledCurrent,
  copperHeat,
  currentAtTorque,
  dischargeTime,
  drawnPower,
  dutyHeat,
  fluxShare,
  heldCurrent,
  inertiaByRunUp,
  klossTorque,
  leadResistance,
  lineCurrent,
  lockedSeconds,
  meanCurrent,
  motorConstant,
  motorSlip,
  neededEfficiency,
  onePhaseCapacitor,
  powerForATime,
  powerFromCurrent,
  pulseRate,
  reactivePower,
  rotorInertia,
  shaftFromInput,
  shareAtMotor,
  slippedSpeed,
  speedAtCurrent,
  speedOnWall,
  starCurrent,
  starVoltage,
  startingCurrent,
  stepsATurn,
  synchronousSpeed,
  timesRated,
  torqueAtCurrent,
  torqueAtFlux,
  torqueAtFrequency,
  torqueAtVoltage,
  tripCurrent,
  voltageDrop,
  voltsByFrequency,
  wireArea,
  wireDiameter,
  fluidPower,
  pushPower,
  shaftPower,
  shaftTorque,
  airStallTorque,
  crankTorque,
  deratedPower,
  oilMotorSpeed,
  oilMotorTorque,
  angleBetweenPulls,
  carriedTorque,
  carrierHeldRatio,
  drivenSpeed,
  drivingSpeed,
  frictionLoss,
  gearedAngle,
  gripTorque,
  margin,
  neededBefore,
  planetaryRatio,
  ratedTorque,
  resultantPull,
  slipLoss,
  toothRatio,
  torqueAtTool,
  torqueGain,
  wormBackward,
  wormEfficiency,
  amplitude,
  centrifugalForce,
  coilSpringRate,
  naturalFrequency,
  sagOfSprings,
  shaken,
  shakingPower,
  shareToFloor,
  springByDrop,
  unbalance,
  biteAngle,
  collarTorque,
  criticalDrumSpeed,
  drivenScrewTorque,
  edgeShare,
  fullBitePower,
  gripForce,
  grownTorque,
  hookBends,
  kerbGrip,
  kerbTorque,
  knifeStroke,
  leverTorque,
  liftedTorque,
  marginalEfficiency,
  measuredShaftPower,
  millingPower,
  movedInertia,
  nipTorque,
  nutPressure,
  powerScrewTorque,
  pressingForce,
  rollGrip,
  rollPasses,
  rollingForce,
  screwFeed,
  screwLowers,
  screwSpeed,
  shearForce,
  speedByInches,
  stoneBursts,
  stoppingAngle,
  strokeTorque,
  wheelTorque,
];

/** Every formula by its id. */
export const formulas: ReadonlyMap<string, Formula> = new Map(all.map((formula) => [formula.id, formula as unknown as Formula]));
