import type { DrawnStage } from '@hobrek/core';
import type { ComponentType } from 'react';
import { StockRuler } from './v-belt/stock-ruler.js';

/** What a kind shows on the bench below its fields, where it has more to show than figures. */
export const benchExtras: Readonly<Record<string, ComponentType<{ outline: DrawnStage }>>> = {
  'v-belt': StockRuler,
  'timing-belt': StockRuler,
  'roller-chain': StockRuler,
};
