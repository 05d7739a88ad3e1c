import type { Build } from '../machine/build.js';
import { asGivenHead } from './feed/as-given/fields.js';
import { mainsHead } from './feed/mains/fields.js';
import type { Kind, KindHead, Role } from './kind.js';
import { brushlessHead } from './source/brushless/fields.js';
import { engineHead } from './source/engine/fields.js';
import { fluidMotorHead } from './source/fluid-motor/fields.js';
import { gearmotorHead } from './source/gearmotor/fields.js';
import { handCrankHead } from './source/hand-crank/fields.js';
import { noPlateHead } from './source/no-plate/fields.js';
import { openSourceHead } from './source/open/fields.js';
import { plateMotorHead } from './source/plate-motor/fields.js';
import { pmDcHead } from './source/pm-dc/fields.js';
import { stepperHead } from './source/stepper/fields.js';
import { universalHead } from './source/universal/fields.js';
import { vectorMotorHead } from './source/vector-motor/fields.js';
import { woundDcHead } from './source/wound-dc/fields.js';
import { couplingHead } from './stage/coupling/fields.js';
import { gearPairHead } from './stage/gear-pair/fields.js';
import { gearboxHead } from './stage/gearbox/fields.js';
import { openStageHead } from './stage/open/fields.js';
import { rollerChainHead } from './stage/roller-chain/fields.js';
import { timingBeltHead } from './stage/timing-belt/fields.js';
import { torqueLimiterHead } from './stage/torque-limiter/fields.js';
import { vBeltHead } from './stage/v-belt/fields.js';
import { bandSawHead } from './work/band-saw/fields.js';
import { beltGrinderHead } from './work/belt-grinder/fields.js';
import { chipperHead } from './work/chipper/fields.js';
import { circularSawHead } from './work/circular-saw/fields.js';
import { coneSplitterHead } from './work/cone-splitter/fields.js';
import { directWorkHead } from './work/direct/fields.js';
import { drillHead } from './work/drill/fields.js';
import { fruitCrusherHead } from './work/fruit-crusher/fields.js';
import { grinderHead } from './work/grinder/fields.js';
import { measuredWorkHead } from './work/measured/fields.js';
import { metalLatheHead } from './work/metal-lathe/fields.js';
import { millHead } from './work/mill/fields.js';
import { planerHead } from './work/planer/fields.js';
import { rockingLatheHead } from './work/rocking-lathe/fields.js';
import { rollMillHead } from './work/roll-mill/fields.js';
import { rotaryTumblerHead } from './work/rotary-tumbler/fields.js';
import { screwPressHead } from './work/screw-press/fields.js';
import { scrollSawHead } from './work/scroll-saw/fields.js';
import { shredderHead } from './work/shredder/fields.js';
import { tapperHead } from './work/tapper/fields.js';
import { vibratoryTumblerHead } from './work/vibratory-tumbler/fields.js';
import { wheelDriveHead } from './work/wheel-drive/fields.js';
import { woodLatheHead } from './work/wood-lathe/fields.js';
import { wormPressHead } from './work/worm-press/fields.js';

interface Entry {
  readonly head: KindHead;
  /** Absent for a kind that is kept but not yet worked out. */
  readonly load?: () => Promise<Kind>;
}

/** Typed inside, erased here: a kind's own figures never meet another's. */
const erased = (kind: unknown) => kind as Kind;

/** Every kind there is, by role. Adding one is its folder, a line here and its drawing in `drawings.ts`. */
const feeds = [
  { head: mainsHead, load: async () => erased((await import('./feed/mains/kind.js')).mains) },
  { head: asGivenHead, load: async () => erased((await import('./feed/as-given/kind.js')).asGiven) },
] as const;
const sources = [
  { head: plateMotorHead, load: async () => erased((await import('./source/plate-motor/kind.js')).plateMotor) },
  { head: vectorMotorHead, load: async () => erased((await import('./source/vector-motor/kind.js')).vectorMotor) },
  { head: pmDcHead, load: async () => erased((await import('./source/pm-dc/kind.js')).pmDc) },
  { head: universalHead, load: async () => erased((await import('./source/universal/kind.js')).universal) },
  { head: woundDcHead, load: async () => erased((await import('./source/wound-dc/kind.js')).woundDc) },
  { head: brushlessHead, load: async () => erased((await import('./source/brushless/kind.js')).brushless) },
  { head: stepperHead, load: async () => erased((await import('./source/stepper/kind.js')).stepper) },
  { head: gearmotorHead, load: async () => erased((await import('./source/gearmotor/kind.js')).gearmotor) },
  { head: fluidMotorHead, load: async () => erased((await import('./source/fluid-motor/kind.js')).fluidMotor) },
  { head: noPlateHead, load: async () => erased((await import('./source/no-plate/kind.js')).noPlate) },
  { head: engineHead, load: async () => erased((await import('./source/engine/kind.js')).engine) },
  { head: handCrankHead, load: async () => erased((await import('./source/hand-crank/kind.js')).handCrank) },
  { head: openSourceHead, load: async () => erased((await import('./source/open/kind.js')).openSource) },
] as const;
const stages = [
  { head: vBeltHead, load: async () => erased((await import('./stage/v-belt/kind.js')).vBelt) },
  { head: timingBeltHead, load: async () => erased((await import('./stage/timing-belt/kind.js')).timingBelt) },
  { head: rollerChainHead, load: async () => erased((await import('./stage/roller-chain/kind.js')).rollerChain) },
  { head: gearPairHead, load: async () => erased((await import('./stage/gear-pair/kind.js')).gearPair) },
  { head: couplingHead, load: async () => erased((await import('./stage/coupling/kind.js')).coupling) },
  { head: torqueLimiterHead, load: async () => erased((await import('./stage/torque-limiter/kind.js')).torqueLimiter) },
  { head: gearboxHead, load: async () => erased((await import('./stage/gearbox/kind.js')).gearbox) },
  { head: openStageHead, load: async () => erased((await import('./stage/open/kind.js')).openStage) },
] as const;
const works = [
  { head: fruitCrusherHead, load: async () => erased((await import('./work/fruit-crusher/kind.js')).fruitCrusher) },
  { head: shredderHead, load: async () => erased((await import('./work/shredder/kind.js')).shredder) },
  { head: rollMillHead, load: async () => erased((await import('./work/roll-mill/kind.js')).rollMill) },
  { head: chipperHead, load: async () => erased((await import('./work/chipper/kind.js')).chipper) },
  { head: coneSplitterHead, load: async () => erased((await import('./work/cone-splitter/kind.js')).coneSplitter) },
  { head: wormPressHead, load: async () => erased((await import('./work/worm-press/kind.js')).wormPress) },
  { head: screwPressHead, load: async () => erased((await import('./work/screw-press/kind.js')).screwPress) },
  { head: rotaryTumblerHead, load: async () => erased((await import('./work/rotary-tumbler/kind.js')).rotaryTumbler) },
  { head: vibratoryTumblerHead, load: async () => erased((await import('./work/vibratory-tumbler/kind.js')).vibratoryTumbler) },
  { head: woodLatheHead, load: async () => erased((await import('./work/wood-lathe/kind.js')).woodLathe) },
  { head: metalLatheHead, load: async () => erased((await import('./work/metal-lathe/kind.js')).metalLathe) },
  { head: drillHead, load: async () => erased((await import('./work/drill/kind.js')).drill) },
  { head: millHead, load: async () => erased((await import('./work/mill/kind.js')).mill) },
  { head: tapperHead, load: async () => erased((await import('./work/tapper/kind.js')).tapper) },
  { head: rockingLatheHead, load: async () => erased((await import('./work/rocking-lathe/kind.js')).rockingLathe) },
  { head: circularSawHead, load: async () => erased((await import('./work/circular-saw/kind.js')).circularSaw) },
  { head: bandSawHead, load: async () => erased((await import('./work/band-saw/kind.js')).bandSaw) },
  { head: scrollSawHead, load: async () => erased((await import('./work/scroll-saw/kind.js')).scrollSaw) },
  { head: planerHead, load: async () => erased((await import('./work/planer/kind.js')).planer) },
  { head: grinderHead, load: async () => erased((await import('./work/grinder/kind.js')).grinder) },
  { head: beltGrinderHead, load: async () => erased((await import('./work/belt-grinder/kind.js')).beltGrinder) },
  { head: wheelDriveHead, load: async () => erased((await import('./work/wheel-drive/kind.js')).wheelDrive) },
  { head: measuredWorkHead, load: async () => erased((await import('./work/measured/kind.js')).measuredWork) },
  { head: directWorkHead, load: async () => erased((await import('./work/direct/kind.js')).directWork) },
] as const;

/** Each of them by its name. */
export type FeedKindName = (typeof feeds)[number]['head']['kind'];
export type SourceKindName = (typeof sources)[number]['head']['kind'];
export type StageKindName = (typeof stages)[number]['head']['kind'];
export type WorkKindName = (typeof works)[number]['head']['kind'];

const entries: readonly Entry[] = [...feeds, ...sources, ...stages, ...works];

/** What feeds a source that says nothing of it. */
export const plainFeed: KindHead = mainsHead;

export const kindHeads = (role: Role): readonly KindHead[] => entries.map((entry) => entry.head).filter((head) => head.role === role);

/** The description of a kind, for reading and editing its fields. */
export function kindHead(role: Role, kind: string): KindHead | undefined {
  return entries.find(({ head }) => head.role === role && head.kind === kind)?.head;
}

/** Kinds that are loaded, by role and name: what an evaluation needs to run without waiting. */
export type Kinds = ReadonlyMap<string, Kind>;

export const kindKey = (role: Role, kind: string) => `${role}:${kind}`;

/** Loads every kind a build uses, or every kind there is; after that evaluation is synchronous. */
export async function loadKinds(build?: Build): Promise<Kinds> {
  const used = build && kindsUsed(build);
  const chosen = entries.filter(({ head }) => !used || used.has(kindKey(head.role, head.kind)));
  const kinds = await Promise.all(chosen.flatMap((entry) => entry.load?.() ?? []));
  return new Map(kinds.map((kind) => [kindKey(kind.role, kind.kind), kind]));
}

function kindsUsed(build: Build): ReadonlySet<string> {
  const used = new Set<string>();
  for (const line of build.lines) {
    used.add(kindKey('feed', line.source.feed?.kind ?? plainFeed.kind));
    used.add(kindKey('source', line.source.kind));
    used.add(kindKey('work', line.work.kind));
    for (const stage of line.stages) used.add(kindKey('stage', stage.kind));
  }
  return used;
}
