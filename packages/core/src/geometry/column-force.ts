/**
 * Force at which a pressed bar bows out: Euler’s where it is slender, the parabola that meets it at half the yield strength where it is not.
 * Shigley’s Mechanical Engineering Design, eq. 4-44 and 4-48.
 * @param of `d` mm across, `L` mm long, `k` for its ends (0.25 one free, 1 on joints, 2.046 one held, 4 both held), `E` and `R` MPa
 * @returns N
 */
export function columnForce({ d, L, k, E, R }: Readonly<Record<'d' | 'L' | 'k' | 'E' | 'R', number>>): number {
  const area = (Math.PI * d ** 2) / 4;
  // Of a round bar, a quarter of its diameter is what slenderness is counted by.
  const slender = (4 * L) / d;
  const euler = (k * Math.PI ** 2 * E) / slender ** 2;
  return area * (euler <= R / 2 ? euler : R * (1 - R / (4 * euler)));
}
