import { type Band, bandAt } from '../numeric/band-at.js';
import type { StartType } from './small-motors.js';

type Rows = readonly (readonly [kW: number, Band])[];

/**
 * Efficiency of four-pole three-phase motors: a little under the least class that was sold, to the third (IEC 60034-30-1, IE1 and IE3 at 50 Hz, from memory).
 */
const threePhaseEfficiency: Rows = [
  [0.06, [0.42, 0.5, 0.58]],
  [0.12, [0.47, 0.57, 0.65]],
  [0.25, [0.58, 0.66, 0.74]],
  [0.37, [0.62, 0.7, 0.78]],
  [0.55, [0.66, 0.74, 0.81]],
  [0.75, [0.69, 0.76, 0.83]],
  [1.1, [0.72, 0.78, 0.84]],
  [1.5, [0.75, 0.8, 0.86]],
  [2.2, [0.78, 0.83, 0.87]],
  [4, [0.82, 0.86, 0.89]],
  [7.5, [0.85, 0.88, 0.91]],
  [15, [0.88, 0.9, 0.92]],
  [22, [0.89, 0.91, 0.93]],
];

/** Power factor of four-pole three-phase motors at rated load (catalogue averages, from memory). */
const threePhaseFactor: Rows = [
  [0.06, [0.5, 0.58, 0.66]],
  [0.25, [0.6, 0.68, 0.75]],
  [0.75, [0.68, 0.75, 0.82]],
  [1.5, [0.72, 0.79, 0.85]],
  [4, [0.76, 0.82, 0.87]],
  [7.5, [0.78, 0.84, 0.88]],
  [22, [0.8, 0.86, 0.9]],
];

/** What two, six and eight poles add to those of four (catalogue averages, from memory). */
const efficiencyByPoles: Readonly<Record<number, number>> = { 2: 0, 4: 0, 6: -0.03, 8: -0.07 };
const factorByPoles: Readonly<Record<number, number>> = { 2: 0.05, 4: 0, 6: -0.07, 8: -0.13 };

const single: Readonly<Record<Exclude<StartType, 'three-phase'>, { readonly efficiency: Rows; readonly powerFactor: Rows }>> = {
  'split-phase': {
    efficiency: [
      [0.06, [0.35, 0.45, 0.55]],
      [0.25, [0.5, 0.58, 0.65]],
      [0.75, [0.58, 0.65, 0.72]],
    ],
    powerFactor: [
      [0.06, [0.5, 0.57, 0.65]],
      [0.75, [0.58, 0.66, 0.74]],
    ],
  },
  'capacitor-start': {
    efficiency: [
      [0.06, [0.38, 0.46, 0.55]],
      [0.25, [0.52, 0.6, 0.67]],
      [0.75, [0.58, 0.65, 0.72]],
      [2.2, [0.66, 0.73, 0.8]],
    ],
    powerFactor: [
      [0.06, [0.5, 0.58, 0.66]],
      [0.75, [0.6, 0.67, 0.75]],
      [2.2, [0.66, 0.74, 0.82]],
    ],
  },
  'capacitor-run': {
    efficiency: [
      [0.06, [0.42, 0.52, 0.62]],
      [0.25, [0.55, 0.64, 0.72]],
      [0.75, [0.63, 0.7, 0.77]],
      [2.2, [0.7, 0.76, 0.82]],
    ],
    powerFactor: [[0.25, [0.88, 0.94, 0.98]]],
  },
  'both-capacitors': {
    efficiency: [
      [0.06, [0.42, 0.5, 0.6]],
      [0.25, [0.54, 0.62, 0.7]],
      [0.75, [0.62, 0.69, 0.77]],
      [2.2, [0.7, 0.76, 0.82]],
    ],
    powerFactor: [[0.25, [0.88, 0.94, 0.98]]],
  },
  'shaded-pole': { efficiency: [[0.06, [0.15, 0.25, 0.35]]], powerFactor: [[0.06, [0.5, 0.55, 0.6]]] },
};

/**
 * Least starting torque over rated of three-phase motors, by rated output and poles (IEC 60034-12, design N, from memory), at the middle of each range of outputs.
 */
const leastStart: readonly (readonly [kW: number, Readonly<Record<number, number>>])[] = [
  [0.5, { 2: 1.9, 4: 2, 6: 1.7, 8: 1.5 }],
  [0.8, { 2: 1.8, 4: 1.9, 6: 1.7, 8: 1.5 }],
  [1.3, { 2: 1.8, 4: 1.9, 6: 1.6, 8: 1.4 }],
  [2, { 2: 1.7, 4: 1.8, 6: 1.6, 8: 1.4 }],
  [3.2, { 2: 1.6, 4: 1.7, 6: 1.5, 8: 1.3 }],
  [8, { 2: 1.5, 4: 1.6, 6: 1.5, 8: 1.3 }],
  [13, { 2: 1.4, 4: 1.5, 6: 1.4, 8: 1.2 }],
  [20, { 2: 1.3, 4: 1.4, 6: 1.4, 8: 1.2 }],
];

export const startSource =
  'IEC 60034-12, design N, as the least (from memory); catalogues have up to half as much again (common practice, no source)';
export const sizeSource =
  'Efficiency and power factor by size: IEC 60034-30-1 for three phases (from memory), catalogue averages for single phase (from memory)';

/** Poles of the table: what is not in it is taken as four. */
const polesOf = (poles: number | undefined) => (poles === 2 || poles === 6 || poles === 8 ? poles : 4);
const moved = ([low, likely, high]: Band, by: number): Band => [low + by, likely + by, high + by];

/** Efficiency of a motor of its kind, size (kW) and number of poles. */
export const efficiencyOf = (kind: StartType, kW: number, poles?: number): Band =>
  kind === 'three-phase' ? moved(bandAt(threePhaseEfficiency, kW), efficiencyByPoles[polesOf(poles)] ?? 0) : bandAt(single[kind].efficiency, kW);

/** Power factor of a motor of its kind, size (kW) and number of poles, at its rated load. */
export const powerFactorOf = (kind: StartType, kW: number, poles?: number): Band =>
  kind === 'three-phase' ? moved(bandAt(threePhaseFactor, kW), factorByPoles[polesOf(poles)] ?? 0) : bandAt(single[kind].powerFactor, kW);

/** Starting torque over rated of a three-phase motor of a size (kW) and number of poles. */
export function threePhaseStart(kW: number, poles?: number): Band {
  const rows: Rows = leastStart.map(([of, by]) => {
    const least = by[polesOf(poles)] as number;
    return [of, [least, 1.25 * least, 1.5 * least]];
  });
  return bandAt(rows, kW);
}
