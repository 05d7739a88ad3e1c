import type { Finds } from '../kinds/finding.js';
import { findCouplings } from '../kinds/stage/coupling/find.js';
import { findGears } from '../kinds/stage/gear-pair/find.js';
import { findBoxes } from '../kinds/stage/gearbox/find.js';
import { findChains } from '../kinds/stage/roller-chain/find.js';
import { findTimingBelts } from '../kinds/stage/timing-belt/find.js';
import { findVBelts } from '../kinds/stage/v-belt/find.js';
import type { Findable } from './wishes.js';

/** What each kind could be made of. */
export const finders: Readonly<Record<Findable, Finds>> = {
  'v-belt': findVBelts,
  'timing-belt': findTimingBelts,
  'roller-chain': findChains,
  gearbox: findBoxes,
  'gear-pair': findGears,
  coupling: findCouplings,
};
