import type { Band } from './small-motors.js';

export const shearSource =
  'Shear strength for blades and punches: handbooks (from memory), of thin plastic common practice, no source; metals about 0.8 of the tensile strength';
export const shredEnergySource =
  'Common practice, no source: 15 to 40 kWh/t for coarse shredding of plastic, 40 to 80 through holes of 8 to 10 mm, 80 to 150 through 4 mm; branches 10 to 30';

/** What goes into a shredder. */
interface Shredded {
  readonly label: string;
  /** Shear strength at room temperature, MPa. */
  readonly shear_MPa: Band;
  /** Energy to shred it coarsely, kWh/t. */
  readonly coarse_kWh_t: Band;
  /** It grows stiff in the cold and soft when warm. */
  readonly isPlastic: boolean;
}

const plastic: Band = [15, 25, 40];
export const shredded = {
  ldpe: { label: 'soft polyethylene (LDPE)', shear_MPa: [10, 12, 14], coarse_kWh_t: plastic, isPlastic: true },
  hdpe: { label: 'hard polyethylene (HDPE)', shear_MPa: [20, 22, 25], coarse_kWh_t: plastic, isPlastic: true },
  pp: { label: 'polypropylene (PP)', shear_MPa: [28, 33, 38], coarse_kWh_t: plastic, isPlastic: true },
  abs: { label: 'ABS', shear_MPa: [30, 35, 40], coarse_kWh_t: plastic, isPlastic: true },
  pvc: { label: 'rigid PVC', shear_MPa: [40, 45, 50], coarse_kWh_t: plastic, isPlastic: true },
  pet: { label: 'PET, bottles', shear_MPa: [45, 52, 60], coarse_kWh_t: plastic, isPlastic: true },
  pa: { label: 'nylon (PA)', shear_MPa: [55, 62, 70], coarse_kWh_t: [20, 32, 50], isPlastic: true },
  pc: { label: 'polycarbonate (PC)', shear_MPa: [55, 60, 65], coarse_kWh_t: [20, 30, 45], isPlastic: true },
  card: { label: 'card', shear_MPa: [25, 30, 35], coarse_kWh_t: [8, 15, 25], isPlastic: false },
  wood: { label: 'wood across the grain', shear_MPa: [20, 25, 30], coarse_kWh_t: [10, 18, 30], isPlastic: false },
  cans: { label: 'aluminium cans, hard sheet', shear_MPa: [150, 175, 200], coarse_kWh_t: [8, 12, 20], isPlastic: false },
  aluminium: { label: 'soft aluminium', shear_MPa: [70, 80, 90], coarse_kWh_t: [8, 12, 20], isPlastic: false },
  tin: { label: 'mild steel sheet', shear_MPa: [300, 325, 350], coarse_kWh_t: [12, 20, 35], isPlastic: false },
} as const satisfies Readonly<Record<string, Shredded>>;
