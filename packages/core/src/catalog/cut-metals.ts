import type { Band } from './small-motors.js';

export const specificForceSource =
  'Kienzle and Victor, handbook tables (from memory): specific cutting force of a chip 1 mm by 1 mm and its exponent, ±10 %';
export const unitPowerSource = 'Machinery’s Handbook (from memory): unit power of sharp tools';
export const cuttingSpeedSource = 'Handbooks, starting points (from memory): high-speed steel; carbide three to five times that';

/** A metal under a cutting edge. */
interface CutMetal {
  readonly label: string;
  /** Specific cutting force of a chip 1 mm thick, N/mm², and how fast it falls with thicker chips. */
  readonly kc11_MPa: number;
  readonly mc: number;
  /** Power for each volume a minute with a sharp tool, W a cm³/min. */
  readonly unit_W: Band;
  /** Surface speed for high-speed steel, m/min. */
  readonly speed_m_min: Band;
}

/** 1 hp·min/in³ is 745.7 W over 16.387 cm³/min. */
const unit = (low: number, high: number): Band => [low * 45.506, ((low + high) / 2) * 45.506, high * 45.506];

export const cutMetals = {
  mild: { label: 'mild steel (S235)', kc11_MPa: 1780, mc: 0.17, unit_W: unit(0.6, 0.75), speed_m_min: [25, 30, 35] },
  c45: { label: 'medium carbon steel (C45)', kc11_MPa: 2220, mc: 0.14, unit_W: unit(0.75, 0.85), speed_m_min: [18, 21, 25] },
  alloy: { label: 'alloy steel (42CrMo4)', kc11_MPa: 2500, mc: 0.26, unit_W: unit(0.85, 1), speed_m_min: [12, 15, 18] },
  free: { label: 'free-cutting steel', kc11_MPa: 1200, mc: 0.18, unit_W: unit(0.5, 0.5), speed_m_min: [30, 35, 45] },
  stainless: { label: 'stainless steel', kc11_MPa: 2350, mc: 0.21, unit_W: unit(0.75, 0.9), speed_m_min: [12, 16, 20] },
  iron: { label: 'grey cast iron', kc11_MPa: 1160, mc: 0.26, unit_W: unit(0.5, 0.6), speed_m_min: [18, 21, 25] },
  aluminium: { label: 'aluminium, wrought', kc11_MPa: 780, mc: 0.23, unit_W: unit(0.25, 0.35), speed_m_min: [60, 80, 120] },
  brass: { label: 'brass', kc11_MPa: 780, mc: 0.18, unit_W: unit(0.3, 0.5), speed_m_min: [50, 65, 90] },
} as const satisfies Readonly<Record<string, CutMetal>>;

/** What a tool is of: how much faster than high-speed steel it cuts. */
export const cutTools = {
  hss: { label: 'high-speed steel', times: [1, 1, 1] },
  carbide: { label: 'carbide', times: [3, 3.4, 5] },
} as const satisfies Readonly<Record<string, { readonly label: string; readonly times: Band }>>;

export const bluntSource = 'Machinery’s Handbook (from memory): 25 to 50 % more with dull tools';
