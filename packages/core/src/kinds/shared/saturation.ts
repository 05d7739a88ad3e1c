/**
 * Field over the rated at a magnetising current, or a voltage of a shunt winding, over the rated one: Froelich’s curve (textbooks on electric machines).
 * @param a how full the iron is at the rated point: what more current adds there is divided by 1 + a
 */
export const saturated = (x: number, a: number): number => (x * (1 + a)) / (1 + a * x);
