import type { Band } from './small-motors.js';

export const rubbedSource =
  'Common practice, no source: a hand presses a grinding wheel with 15 to 45 N, a polishing wheel with 30 to 80; wheels drag with 0.3 to 0.5 of that, paper with 0.4 to 0.7, coarse more than fine';
export const wheelSpeedSource =
  'EN 12413 and EN 13236 for wheels and discs, handbooks (from memory): vitrified wheels 35 m/s unless marked higher, bonded cutting discs 80; paper on a disc 20 to 30, cloth 20 to 35, wire 30';

interface Rubbed {
  readonly label: string;
  /** Speed at its rim that it is run at, and the fastest without a mark, m/s. */
  readonly runs_m_s: Band;
  readonly fastest_m_s: number;
  /** Pressed on by hand, N; and what it drags of that. */
  readonly press_N: Band;
  readonly drag: Band;
  /** Of what it is made, kg/m³. */
  readonly density: number;
  /** Work is held to its rim, or to its face at two thirds of its radius. */
  readonly at: 'rim' | 'face';
}

/** What rubs and turns. */
export const rubbed = {
  stone: {
    label: 'a grinding wheel',
    runs_m_s: [28, 33, 38],
    fastest_m_s: 35,
    press_N: [15, 25, 45],
    drag: [0.3, 0.4, 0.5],
    density: 2300,
    at: 'rim',
  },
  disc: {
    label: 'a thin cutting disc',
    runs_m_s: [50, 65, 78],
    fastest_m_s: 80,
    press_N: [15, 30, 60],
    drag: [0.4, 0.5, 0.6],
    density: 2400,
    at: 'rim',
  },
  paper: {
    label: 'a disc with paper',
    runs_m_s: [12, 18, 25],
    fastest_m_s: 30,
    press_N: [20, 40, 80],
    drag: [0.4, 0.5, 0.65],
    density: 2700,
    at: 'face',
  },
  cloth: {
    label: 'a polishing wheel of cloth',
    runs_m_s: [18, 25, 32],
    fastest_m_s: 40,
    press_N: [20, 40, 80],
    drag: [0.3, 0.4, 0.5],
    density: 400,
    at: 'rim',
  },
  wire: { label: 'a wire brush', runs_m_s: [15, 22, 30], fastest_m_s: 35, press_N: [15, 30, 60], drag: [0.3, 0.4, 0.5], density: 2500, at: 'rim' },
} as const satisfies Readonly<Record<string, Rubbed>>;

export const gritSource = 'Common practice, no source: coarse paper drags with 0.5 to 0.7 of what it is pressed with, fine with 0.3 to 0.5';

/** Paper and belts by their grit: drag over the force that presses. */
export const grits = {
  coarse: { label: 'coarse, P36 to P60', drag: [0.45, 0.6, 0.7] },
  medium: { label: 'medium, P80 to P120', drag: [0.4, 0.5, 0.6] },
  fine: { label: 'fine, P180 and over', drag: [0.3, 0.4, 0.5] },
} as const satisfies Readonly<Record<string, { readonly label: string; readonly drag: Band }>>;
