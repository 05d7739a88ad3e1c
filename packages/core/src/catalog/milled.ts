import type { Band } from './small-motors.js';

/** What goes through a mill with two rolls. */
interface Milled {
  readonly label: string;
  /** Energy to crush it, kWh/t. */
  readonly energy_kWh_t: Band;
  /** Across its widest, mm. */
  readonly size_mm: Band;
  /** Density of one of it, kg/m³. */
  readonly density: number;
  /** Rim speed that it is run at, and the fastest, m/s. */
  readonly runs_m_s: Band;
  readonly fastest_m_s: number;
  /** What comes of running faster. */
  readonly tooFast: string;
  /** Makes dust that burns. */
  readonly isDusty: boolean;
}

export const milledSource =
  'Common practice, no source: malt between two rolls 0.8 to 1.8 kWh/t, grain that is flaked 1.5 to 5, maize cracked 2 to 6, grapes and berries 0.2 to 0.8';
export const rollSpeedSource =
  'Common practice, no source: rims of small mills run at 0.43 to 0.56 m/s with grain, 0.8 at the most, 300 rpm of rolls of 2 in; with grapes at 0.5 to 1.2, 1.5 at the most';
export const kernelSource = 'Common practice, no source: kernels and berries as they are bought';

const slowly = { runs_m_s: [0.43, 0.48, 0.56], fastest_m_s: 0.8, tooFast: 'husks tear and flour flies' } as const;

export const milled = {
  malt: { label: 'malt', energy_kWh_t: [0.8, 1.13, 1.8], size_mm: [2.4, 2.7, 3], density: 1200, ...slowly, isDusty: true },
  grain: { label: 'wheat, rye, barley, oats', energy_kWh_t: [1.5, 2.6, 5], size_mm: [2.6, 3, 3.6], density: 1350, ...slowly, isDusty: true },
  maize: { label: 'maize, beans', energy_kWh_t: [2, 3.5, 6], size_mm: [7, 8.5, 10], density: 1300, ...slowly, isDusty: true },
  grapes: {
    label: 'grapes, berries',
    energy_kWh_t: [0.2, 0.4, 0.8],
    size_mm: [8, 14, 20],
    density: 1050,
    runs_m_s: [0.5, 0.8, 1.2],
    fastest_m_s: 1.5,
    tooFast: 'pips are crushed and skins torn',
    isDusty: false,
  },
} as const satisfies Readonly<Record<string, Milled>>;
