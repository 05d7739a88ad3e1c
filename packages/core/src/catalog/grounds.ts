/** Rolling resistance and grip of tyres, least, likely and most (common practice, no source; vehicle handbooks have like bands, from memory). */
export const grounds = {
  hard: { says: 'concrete, tarmac', rolling: [0.01, 0.02, 0.03], grip: [0.5, 0.65, 0.8] },
  gravel: { says: 'gravel, packed earth', rolling: [0.03, 0.05, 0.08], grip: [0.35, 0.5, 0.6] },
  grass: { says: 'grass, meadow', rolling: [0.05, 0.08, 0.12], grip: [0.25, 0.4, 0.55] },
  wet: { says: 'wet slip, weed, mud', rolling: [0.04, 0.08, 0.15], grip: [0.1, 0.25, 0.35] },
  sand: { says: 'loose sand', rolling: [0.12, 0.2, 0.3], grip: [0.25, 0.35, 0.45] },
} as const satisfies Record<string, Ground>;

interface Ground {
  readonly says: string;
  readonly rolling: readonly [number, number, number];
  readonly grip: readonly [number, number, number];
}

export type GroundName = keyof typeof grounds;
export const groundSource = 'Common practice, no source: rolling resistance and grip of air tyres by the ground';
