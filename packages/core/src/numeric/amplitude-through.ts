import { remembering } from '../remembering.js';

/** From here on, in natural frequencies, the amplitude no longer grows as it is run up, and begins to as it runs down. */
const far = 2.5;
/** In natural radians: thirty points to each turn of the eccentric where it is fastest. */
const step = 0.08;
/** Slower than this it has its time at every speed: its amplitude is what it is for good. */
const atLeisure = 0.003;

/**
 * Greatest amplitude of a linear oscillator while an eccentric is run up or down through resonance at an even rate, in multiples of the mass of the
 * eccentric by its radius over the vibrating mass. Stepped exactly, the force taken as straight between two points (textbooks on structural dynamics:
 * piecewise exact method).
 * @param rate change of speed, in natural frequencies a natural radian: below nothing it runs down
 * @param zeta damping ratio, under 1
 */
export const amplitudeThrough = (rate: number, zeta: number): number => passed(`${rate}|${zeta}`);

// Most keys change neither.
const passed = remembering<string, number>(200, (key) => {
  const [rate = 0, zeta = 1] = key.split('|').map(Number);
  const slow = Math.abs(rate);
  if (slow < atLeisure) return 1 / (2 * zeta * Math.sqrt(1 - zeta ** 2));
  const { a11, a12, a21, a22, b11, b12, b21, b22 } = stepping(zeta);
  let [x, v] = rate > 0 ? [0, 0] : steady(far, zeta);
  let most = Math.abs(x);
  let force = forceAt(0, rate);
  const points = Math.ceil(far / slow / step);
  for (let k = 1; k <= points; k++) {
    const next = forceAt(k * step, rate);
    [x, v] = [a11 * x + a12 * v + b11 * force + b12 * next, a21 * x + a22 * v + b21 * force + b22 * next];
    force = next;
    if (Math.abs(x) > most) most = Math.abs(x);
  }
  return most;
});

/** What the eccentric pushes with, over its mass by its radius by the square of the natural frequency. */
function forceAt(time: number, rate: number): number {
  const from = rate > 0 ? 0 : far;
  const r = Math.max(0, from + rate * time);
  const turned = from * time + (rate * time ** 2) / 2;
  return r ** 2 * Math.cos(turned) + rate * Math.sin(turned);
}

/** Place and speed at a turn of nought, running for good. */
function steady(r: number, zeta: number): [x: number, v: number] {
  const [re, im] = [1 - r ** 2, 2 * zeta * r];
  const square = re ** 2 + im ** 2;
  // r² / (re + i·im), and i·r times that.
  return [(r ** 2 * re) / square, (r ** 3 * im) / square];
}

/** One step: of place and speed, and of the force at both its ends. */
function stepping(zeta: number) {
  const w = Math.sqrt(1 - zeta ** 2);
  const e = Math.exp(-zeta * step);
  const [s, c] = [Math.sin(w * step), Math.cos(w * step)];
  const a = zeta / w;
  const u = (2 * zeta) / step;
  return {
    a11: e * (a * s + c),
    a12: (e * s) / w,
    a21: (-e * s) / w,
    a22: e * (c - a * s),
    b11: u + e * (((1 - 2 * zeta ** 2) / (w * step) - a) * s - (1 + u) * c),
    b12: 1 - u + e * (((2 * zeta ** 2 - 1) / (w * step)) * s + u * c),
    b21: -1 / step + e * ((1 / w + zeta / (w * step)) * s + c / step),
    b22: (1 - e * (a * s + c)) / step,
  };
}
