import type { FeedKindName, SourceKindName, StageKindName, WorkKindName } from '@hobrek/core';
import type { Tool } from './tool.js';

/** Standard lengths along the way that the motor can move. */
const stockRuler: Tool = { on: 'fields', load: async () => (await import('./shared/stock-ruler.js')).StockRuler };
/** Torque over speed, and what the work needs of it. */
const runUp: Tool = { on: 'beside', load: async () => (await import('./shared/run-up.js')).RunUp };
/** What a motor without a plate is: one look after the other. */
const identify: Tool = { on: 'over', load: async () => (await import('./no-plate/identify.js')).Identify };

/** Hooks of a shredder over a turn, and the order of its blades. */
const orderStrip: Tool = { on: 'beside', load: async () => (await import('./shredder/order-strip.js')).OrderStrip };

type Of<R extends string, K extends string> = Partial<Record<`${R}:${K}`, readonly Tool[]>>;

/** The tools of kinds, whatever role they have, in the order in which they are shown. */
export const tools: Readonly<Of<'feed', FeedKindName> & Of<'source', SourceKindName> & Of<'stage', StageKindName> & Of<'work', WorkKindName>> = {
  'source:plate-motor': [runUp],
  'source:vector-motor': [runUp],
  'source:no-plate': [identify],
  'source:pm-dc': [runUp],
  'source:universal': [runUp],
  'source:wound-dc': [runUp],
  'source:brushless': [runUp],
  'source:gearmotor': [runUp],
  'source:fluid-motor': [runUp],
  'source:engine': [runUp],
  'source:open': [runUp],
  'work:shredder': [orderStrip],
  'stage:v-belt': [stockRuler],
  'stage:timing-belt': [stockRuler],
  'stage:roller-chain': [stockRuler],
};
