/** Cross-sections that a shaft is made of. */
export type Shape = 'round' | 'tube' | 'square' | 'hexagon';

/** A piece of a shaft with one cross-section, mm. */
export interface Section {
  readonly length_mm: number;
  readonly shape: Shape;
  /** Diameter; across the flats of a square or a hexagon. */
  readonly size_mm: number;
  /** Bore of a tube. */
  readonly bore_mm?: number;
}

/** What a cross-section does against bending and twist. */
export interface Stiffness {
  readonly area_mm2: number;
  /** Second moment of area, mm⁴; of a square and a hexagon the same in every direction. */
  readonly I_mm4: number;
  /** Bending stress is the moment over this, mm³: at the corners of a hexagon and a square. */
  readonly W_mm3: number;
  /** The same in the middle of a flat, where shear is greatest; of a round one everywhere. */
  readonly flat_mm3: number;
  /** Twist is T L over G times this, mm⁴. */
  readonly J_mm4: number;
  /** Greatest shear is the torque over this, mm³: on the middle of a flat. */
  readonly Wt_mm3: number;
  /** Round or not, it breaks in bending as a round bar of this diameter does, for the size factor. */
  readonly like_mm: number;
}

/**
 * Solid and hollow circles are exact; a square and a hexagon by Shigley’s Mechanical Engineering Design, the twist of a square by Roark’s Formulas for Stress and
 * Strain (from memory).
 * @param section sizes in mm, above nought; a bore below the diameter
 */
export function stiffnessOf({ shape, size_mm: s, bore_mm: bore = 0 }: Section): Stiffness {
  if (shape === 'hexagon') {
    const I = ((5 * Math.sqrt(3)) / 144) * s ** 4;
    return {
      area_mm2: (Math.sqrt(3) / 2) * s ** 2,
      I_mm4: I,
      W_mm3: I / (s / Math.sqrt(3)),
      flat_mm3: I / (s / 2),
      J_mm4: 0.115 * s ** 4,
      Wt_mm3: 0.188 * s ** 3,
      like_mm: s,
    };
  }
  if (shape === 'square') {
    const I = s ** 4 / 12;
    return {
      area_mm2: s ** 2,
      I_mm4: I,
      W_mm3: I / (s / Math.SQRT2),
      flat_mm3: I / (s / 2),
      J_mm4: 0.1406 * s ** 4,
      Wt_mm3: 0.208 * s ** 3,
      like_mm: 0.808 * s,
    };
  }
  const inner = shape === 'tube' ? bore : 0;
  const J = (Math.PI * (s ** 4 - inner ** 4)) / 32;
  return { area_mm2: (Math.PI * (s ** 2 - inner ** 2)) / 4, I_mm4: J / 2, W_mm3: J / s, flat_mm3: J / s, J_mm4: J, Wt_mm3: (2 * J) / s, like_mm: s };
}
