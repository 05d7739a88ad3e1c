/** Cup-point set screws: seating torque and axial holding force (Shigley's Mechanical Engineering Design (10e), table 7-4; from memory). */
const lbf = 4.4482216152605;
const lbfIn = 0.1129848290276167;
const cup = (seat_lbfIn: number, hold_lbf: number) => ({ seat_Nm: seat_lbfIn * lbfIn, hold_N: hold_lbf * lbf });

export const setScrews = {
  '#8': cup(20, 385),
  '#10': cup(36, 540),
  '1/4': cup(87, 1000),
  '5/16': cup(165, 1500),
  '3/8': cup(290, 2000),
  '1/2': cup(620, 3000),
  // Metric screws hold what the nearest inch size below does (common practice, no source): #6, #10, #10, 5/16, 3/8, 7/16 in.
  M4: cup(10, 250),
  M5: cup(36, 540),
  M6: cup(36, 540),
  M8: cup(165, 1500),
  M10: cup(290, 2000),
  M12: cup(430, 2500),
} as const;
export type SetScrew = keyof typeof setScrews;
export const setScrewSource =
  'Shigley’s Mechanical Engineering Design (10e), table 7-4, cup point; metric by the nearest inch size below (common practice, no source)';

/** Parallel keys, DIN 6885-1 (from memory): shaft up to and including, width × height, depth in shaft and hub, mm. */
export const keysDin = [
  { over_mm: 6, to_mm: 8, b_mm: 2, h_mm: 2, t1_mm: 1.2, t2_mm: 1 },
  { over_mm: 8, to_mm: 10, b_mm: 3, h_mm: 3, t1_mm: 1.8, t2_mm: 1.4 },
  { over_mm: 10, to_mm: 12, b_mm: 4, h_mm: 4, t1_mm: 2.5, t2_mm: 1.8 },
  { over_mm: 12, to_mm: 17, b_mm: 5, h_mm: 5, t1_mm: 3, t2_mm: 2.3 },
  { over_mm: 17, to_mm: 22, b_mm: 6, h_mm: 6, t1_mm: 3.5, t2_mm: 2.8 },
  { over_mm: 22, to_mm: 30, b_mm: 8, h_mm: 7, t1_mm: 4, t2_mm: 3.3 },
  { over_mm: 30, to_mm: 38, b_mm: 10, h_mm: 8, t1_mm: 5, t2_mm: 3.3 },
  { over_mm: 38, to_mm: 44, b_mm: 12, h_mm: 8, t1_mm: 5, t2_mm: 3.3 },
  { over_mm: 44, to_mm: 50, b_mm: 14, h_mm: 9, t1_mm: 5.5, t2_mm: 3.8 },
  { over_mm: 50, to_mm: 58, b_mm: 16, h_mm: 10, t1_mm: 6, t2_mm: 4.3 },
  { over_mm: 58, to_mm: 65, b_mm: 18, h_mm: 11, t1_mm: 7, t2_mm: 4.4 },
  { over_mm: 65, to_mm: 75, b_mm: 20, h_mm: 12, t1_mm: 7.5, t2_mm: 4.9 },
  { over_mm: 75, to_mm: 85, b_mm: 22, h_mm: 14, t1_mm: 9, t2_mm: 5.4 },
  { over_mm: 85, to_mm: 95, b_mm: 25, h_mm: 14, t1_mm: 9, t2_mm: 5.4 },
  { over_mm: 95, to_mm: 110, b_mm: 28, h_mm: 16, t1_mm: 10, t2_mm: 6.4 },
] as const;
export const keyDin = (shaft_mm: number) => keysDin.find(({ over_mm, to_mm }) => shaft_mm > over_mm && shaft_mm <= to_mm) ?? null;

/** Square keys, ANSI B17.1 (from memory): shaft over and up to, width, in. Half of it is in the shaft. */
const keysAnsi_in = [
  [5 / 16, 7 / 16, 3 / 32],
  [7 / 16, 9 / 16, 1 / 8],
  [9 / 16, 7 / 8, 3 / 16],
  [7 / 8, 1.25, 1 / 4],
  [1.25, 1.375, 5 / 16],
  [1.375, 1.75, 3 / 8],
  [1.75, 2.25, 1 / 2],
] as const;
/** Width of the square key of an inch shaft, mm; null where there is none. */
export function keyAnsi_mm(shaft_mm: number): number | null {
  const row = keysAnsi_in.find(([over, to]) => shaft_mm / 25.4 > over && shaft_mm / 25.4 <= to + 1e-9);
  return row ? row[2] * 25.4 : null;
}

/** Whether a shaft is an inch one: a whole number of sixteenths of an inch, and of millimetres not. */
export function isInchShaft(shaft_mm: number): boolean {
  const sixteenths = (shaft_mm / 25.4) * 16;
  return Math.abs(sixteenths - Math.round(sixteenths)) < 0.02 && Math.abs(shaft_mm - Math.round(shaft_mm)) > 0.02;
}

/** Pressure on a key that its hub withstands for years, by the hub's material, MPa (common practice, no source). */
export const keyPressure = { steel: [80, 120, 160], iron: [55, 80, 110], aluminium: [35, 50, 70] } as const;

/** Pressure at which the softer of key and hub yields, once, MPa (yield strengths of usual grades, handbooks, from memory). */
export const keyYield = { steel: [250, 275, 300], iron: [150, 175, 200], aluminium: [120, 150, 180] } as const;
export const keySource = 'DIN 6885-1 or ANSI B17.1, key by shaft; pressure for years common practice, no source';
export const keyYieldSource = 'DIN 6885-1 or ANSI B17.1, key by shaft; once, what the softer of key and hub yields at (handbooks, from memory)';
