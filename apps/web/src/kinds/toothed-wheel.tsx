import type { DrawnWheel } from './drawn-wheel.js';

/** A wheel at its pitch diameter with its teeth hinted at: outward of it for a chain, inward for a belt, whose cords run over the teeth. */
export function ToothedWheel({ x, y, r, known, teeth }: DrawnWheel & { teeth: 'outward' | 'inward' }) {
  const many = Math.max(8, Math.round(r / 2.5));
  const [from, to] = teeth === 'outward' ? [r, r + 2.5] : [r - 3, r - 0.5];
  const ticks = Array.from({ length: many }, (_, k) => {
    const [c, s] = [Math.cos((2 * Math.PI * k) / many), Math.sin((2 * Math.PI * k) / many)];
    return `M${x + c * from} ${y + s * from}L${x + c * to} ${y + s * to}`;
  });
  return (
    <>
      <circle cx={x} cy={y} r={r} fill="var(--sheet)" strokeDasharray={known ? '5 2' : '4 4'} stroke={known ? undefined : 'var(--unknown)'} />
      {known && <path d={ticks.join('')} />}
    </>
  );
}
