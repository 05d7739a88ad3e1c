import { type FamilyName, familyNames } from './families.js';

/** What a motor came out of: how often which family, of a hundred, and what such motors mostly have. */
export interface Donor {
  readonly label: string;
  readonly holds: Readonly<Partial<Record<FamilyName, number>>>;
  /** Shaft power, W, and speed under load, rpm, of those of this donor. Left out where anything is found. */
  readonly power_W?: readonly [number, number];
  readonly speed_rpm?: readonly [number, number];
  /** In a case that cannot be opened: its weight is not the motor’s. */
  readonly sealed?: true;
}

export const donors = {
  'vacuum-cleaner': {
    label: 'vacuum cleaner',
    holds: { universal: 94, brushless: 5, 'pm-dc': 1 },
    power_W: [400, 1100],
    speed_rpm: [20_000, 38_000],
  },
  'washer-belt': {
    label: 'washing machine, front loader with a belt',
    holds: { universal: 68, brushless: 18, 'capacitor-run': 10, 'three-phase': 4 },
    power_W: [200, 520],
  },
  'washer-direct': {
    label: 'washing machine without a belt',
    holds: { 'direct-drive-washer': 95, brushless: 5 },
    power_W: [200, 600],
    speed_rpm: [600, 1500],
  },
  'washer-top': {
    label: 'washing machine, top loader',
    holds: { 'split-phase': 52, 'capacitor-start': 18, 'capacitor-run': 16, 'direct-drive-washer': 14 },
    power_W: [240, 560],
    speed_rpm: [1380, 1740],
  },
  dryer: { label: 'tumble dryer', holds: { 'split-phase': 58, 'capacitor-run': 34, 'capacitor-start': 5, brushless: 3 }, power_W: [130, 380] },
  'power-tool': {
    label: 'corded drill, router, saw, grinder',
    holds: { universal: 97, 'pm-dc': 1, brushless: 2 },
    power_W: [200, 1100],
    speed_rpm: [14_000, 30_000],
  },
  cordless: { label: 'cordless tool', holds: { 'pm-dc': 68, brushless: 32 }, power_W: [60, 350], speed_rpm: [12_000, 25_000] },
  'sewing-machine': {
    label: 'sewing machine',
    holds: { universal: 88, 'split-phase': 5, 'pm-dc': 5, brushless: 2 },
    power_W: [25, 80],
    speed_rpm: [4500, 9000],
  },
  'kitchen-machine': {
    label: 'blender, kitchen machine',
    holds: { universal: 88, 'pm-dc': 10, 'shaded-pole': 2 },
    power_W: [120, 500],
    speed_rpm: [9000, 20_000],
  },
  'hand-mixer': { label: 'hand mixer', holds: { universal: 62, 'pm-dc': 38 }, power_W: [70, 200], speed_rpm: [9000, 18_000] },
  treadmill: {
    label: 'treadmill',
    holds: { 'pm-dc': 90, 'three-phase': 5, brushless: 4, universal: 1 },
    power_W: [550, 1600],
    speed_rpm: [3500, 5000],
  },
  scooter: {
    label: 'electric scooter, barrow, toy',
    holds: { 'pm-dc': 62, brushless: 37, 'wound-dc': 1 },
    power_W: [100, 500],
    speed_rpm: [2300, 3500],
  },
  'bicycle-hub': { label: 'hub of an electric bicycle', holds: { brushless: 98, 'pm-dc': 2 }, power_W: [200, 450], speed_rpm: [180, 320] },
  printer: { label: 'printer', holds: { 'pm-dc': 48, stepper: 44, brushless: 8 }, power_W: [3, 40] },
  plotter: { label: '3D printer, plotter', holds: { stepper: 92, 'pm-dc': 5, servo: 2, brushless: 1 }, power_W: [6, 60], speed_rpm: [300, 900] },
  copier: { label: 'copier', holds: { brushless: 44, stepper: 32, 'pm-dc': 22, 'shaded-pole': 2 }, power_W: [12, 70] },
  'car-wiper': { label: 'car: wiper, window, seat', holds: { gearmotor: 92, 'pm-dc': 8 }, power_W: [12, 50], speed_rpm: [35, 90] },
  'car-starter': { label: 'car: starter', holds: { 'wound-dc': 62, 'pm-dc': 36, gearmotor: 2 }, power_W: [700, 1800], speed_rpm: [1200, 3500] },
  'car-fan': { label: 'car: fan, pump, heater', holds: { 'pm-dc': 86, brushless: 14 }, power_W: [50, 350], speed_rpm: [2000, 4000] },
  'furnace-fan': {
    label: 'furnace or air handler blower',
    holds: { 'split-phase': 36, 'capacitor-run': 42, 'capacitor-start': 8, brushless: 12, 'shaded-pole': 2 },
    power_W: [150, 480],
  },
  'room-fan': {
    label: 'pedestal or ceiling fan',
    holds: { 'capacitor-run': 72, 'shaded-pole': 26, brushless: 2 },
    power_W: [12, 45],
    speed_rpm: [1000, 1450],
  },
  'small-fan': { label: 'microwave, oven or fridge fan', holds: { 'shaded-pole': 88, 'capacitor-run': 6, brushless: 6 }, power_W: [3, 16] },
  'cold-fan': { label: 'outdoor unit of an air conditioner', holds: { 'capacitor-run': 90, brushless: 9, 'shaded-pole': 1 }, power_W: [100, 350] },
  'fridge-compressor': {
    label: 'compressor of a fridge, sealed',
    holds: { 'split-phase': 52, 'capacitor-run': 26, 'capacitor-start': 18, brushless: 4 },
    power_W: [50, 160],
    speed_rpm: [2750, 3480],
    sealed: true,
  },
  'bench-grinder': {
    label: 'bench grinder',
    holds: { 'capacitor-run': 55, 'split-phase': 32, 'capacitor-start': 7, 'three-phase': 6 },
    power_W: [90, 300],
    speed_rpm: [2700, 3480],
  },
  'table-saw': {
    label: 'table saw, planer',
    holds: { 'capacitor-start': 36, 'two-capacitor': 16, universal: 24, 'capacitor-run': 12, 'three-phase': 12 },
    power_W: [700, 1900],
  },
  'band-saw': {
    label: 'band saw, drill press, lathe',
    holds: { 'capacitor-start': 34, 'split-phase': 18, 'capacitor-run': 24, 'two-capacitor': 6, 'three-phase': 18 },
    power_W: [220, 750],
    speed_rpm: [1380, 1740],
  },
  'compressor-small': {
    label: 'air compressor, direct or on wheels',
    holds: { 'capacitor-start': 40, 'capacitor-run': 20, 'two-capacitor': 18, universal: 20, 'pm-dc': 2 },
    power_W: [500, 1400],
  },
  'compressor-belt': {
    label: 'air compressor with a belt',
    holds: { 'two-capacitor': 38, 'capacitor-start': 30, 'three-phase': 26, 'capacitor-run': 6 },
    power_W: [1100, 2600],
  },
  'garden-shredder': {
    label: 'garden shredder, mower',
    holds: { 'capacitor-run': 58, universal: 38, 'two-capacitor': 2, 'three-phase': 2 },
    power_W: [900, 2100],
  },
  'workshop-machine': {
    label: 'machine of a workshop, three-phase socket',
    holds: { 'three-phase': 90, gearmotor: 6, servo: 2, 'wound-dc': 2 },
    power_W: [550, 5500],
  },
  pump: { label: 'pump', holds: { 'capacitor-run': 48, 'three-phase': 42, 'capacitor-start': 7, 'two-capacitor': 3 }, power_W: [250, 1900] },
  'dust-extractor': {
    label: 'dust extractor, large fan',
    holds: { 'two-capacitor': 26, 'capacitor-start': 24, 'capacitor-run': 20, 'three-phase': 20, universal: 10 },
    power_W: [550, 2500],
  },
  'garage-door': {
    label: 'garage door opener',
    holds: { 'capacitor-run': 56, 'pm-dc': 28, gearmotor: 12, 'capacitor-start': 4 },
    power_W: [90, 330],
  },
  vending: {
    label: 'vending machine, display, valve',
    holds: { gearmotor: 80, 'shaded-pole': 8, stepper: 6, 'pm-dc': 6 },
    power_W: [3, 30],
    speed_rpm: [3, 120],
  },
  conveyor: {
    label: 'conveyor, mixer, feeder',
    holds: { gearmotor: 46, 'three-phase': 30, 'pm-dc': 18, 'wound-dc': 4, brushless: 2 },
    power_W: [100, 1500],
  },
  'machine-tool': {
    label: 'packing machine, CNC, robot',
    holds: { servo: 70, stepper: 12, 'three-phase': 12, brushless: 4, 'pm-dc': 2 },
    power_W: [100, 3500],
  },
  'old-workshop': {
    label: 'old workshop, lift, cinema',
    holds: { 'wound-dc': 30, 'three-phase': 34, 'capacitor-start': 14, 'split-phase': 14, universal: 4, 'pm-dc': 4 },
    power_W: [180, 1100],
    speed_rpm: [900, 2900],
  },
  scrap: {
    label: 'industrial scrap, not known of what',
    holds: {
      'three-phase': 44,
      gearmotor: 16,
      servo: 10,
      stepper: 10,
      'pm-dc': 8,
      'wound-dc': 5,
      brushless: 3,
      'capacitor-start': 2,
      'capacitor-run': 2,
    },
  },
} as const satisfies Readonly<Record<string, Donor>>;

export type DonorName = keyof typeof donors;
export const donorSource = 'Common practice, no source: which motors are found in which machines (from memory of repair and scrap; not counted)';

/** Nothing is ruled out by where it came from: people change motors. */
const others = 5;

/** Chance of a family among the motors of a donor, over its chance anywhere: what the donor says of it. */
export function donorSays(donor: DonorName, family: FamilyName): number {
  const holds: Donor['holds'] = donors[donor].holds;
  const sum = Object.values(holds).reduce((all, each) => all + each, 0) + others;
  return ((holds[family] ?? 0) + others / familyNames.length) / sum;
}
