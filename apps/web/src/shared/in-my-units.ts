import {
  type Shown,
  show as showIn,
  showParts as showPartsIn,
  showRange as showRangeIn,
  type Unit,
  type UnitHabit,
  type UnitShown,
  unitShown as unitShownIn,
} from '@hobrek/core';
import { usePreferences } from './preferences.js';

/** The units of this device now. What shows a figure is drawn anew when they change, since every sentence and figure is. */
const mine = (): UnitHabit => usePreferences.getState().units;

export const show = (value: number, unit: Unit): string => showIn(value, unit, mine());
export const showParts = (value: number, unit: Unit): Shown => showPartsIn(value, unit, mine());
export const showRange = (low: number, high: number, unit: Unit): string => showRangeIn(low, high, unit, mine());
export const unitShown = (unit: Unit): UnitShown => unitShownIn(unit, mine());
