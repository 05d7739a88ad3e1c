import * as core from '@hobrek/core';
import { useHabits } from './habits.js';

/** The units of this device now. What shows a figure is drawn anew when they change, since every sentence and figure is. */
const mine = (): core.UnitHabit => useHabits.getState().units;

export const show = (value: number, unit: core.Unit): string => core.show(value, unit, mine());
export const showParts = (value: number, unit: core.Unit): ReturnType<typeof core.showParts> => core.showParts(value, unit, mine());
export const showRange = (low: number, high: number, unit: core.Unit): string => core.showRange(low, high, unit, mine());
export const showFigure = (figure: core.Figure): string => core.showFigure(figure, mine());
export const showAs = (name: core.QuantityName, low: number, high = low): string => core.showAs(name, low, high, mine());
export const unitShown = (unit: core.Unit): ReturnType<typeof core.unitShown> => core.unitShown(unit, mine());
