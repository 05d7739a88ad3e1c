import { type At, besideOf, extent, type Pen, type Sketch, type Stroke } from '@hobrek/core';
import { memo } from 'react';

interface SketchShown {
  readonly sketch: Sketch;
  readonly width: number;
  readonly height: number;
  /** Small, as a picture of the machine: without measures and letters. */
  readonly plain?: boolean;
}

const edge_px = 16;
const letter_px = 9;

const pens: Readonly<Partial<Record<Pen, object>>> = {
  line: { stroke: 'var(--blue)', strokeWidth: 1.4 },
  thin: { stroke: 'var(--blue)', strokeWidth: 0.9 },
  centre: { stroke: 'var(--soft)', strokeWidth: 0.8, strokeDasharray: '9 3 2 3' },
  stuff: { stroke: 'var(--blue)', strokeWidth: 0.9, fill: 'var(--plate)' },
};

/** A machine drawn from its measures, as large as fits. */
export const SketchDrawing = memo(function SketchDrawing({ sketch, width, height, plain = false }: SketchShown) {
  const strokes = plain ? sketch.strokes.filter(({ is }) => is !== 'measure' && is !== 'letter') : sketch.strokes;
  const { left, right, bottom, top } = extent({ strokes });
  const edge = plain ? 4 : edge_px;
  const scale = Math.min((width - 2 * edge) / (right - left), (height - 2 * edge) / (top - bottom));
  const [dx, dy] = [(width - (right - left) * scale) / 2, (height - (top - bottom) * scale) / 2];
  const put = ([x, y]: At): At => [dx + (x - left) * scale, dy + (top - y) * scale];
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} fill="none" aria-hidden="true" className="block">
      {strokes.map((stroke, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a stroke is its place in the drawing
        <Drawn key={k} stroke={stroke} put={put} scale={scale} />
      ))}
    </svg>
  );
});

function Drawn({ stroke, put, scale }: { stroke: Stroke; put: (at: At) => At; scale: number }) {
  if (stroke.is === 'circle') {
    const [x, y] = put(stroke.at);
    return <circle cx={x} cy={y} r={stroke.r * scale} {...pens[stroke.pen]} />;
  }
  if (stroke.is === 'path') {
    const points = stroke.through.map((at) => put(at).join(' '));
    return <path d={`M${points.join('L')}${stroke.closed ? 'Z' : ''}`} {...pens[stroke.pen]} />;
  }
  if (stroke.is === 'arc') {
    const end = (angle: number) => put([stroke.at[0] + stroke.r * Math.cos(angle), stroke.at[1] + stroke.r * Math.sin(angle)]).join(' ');
    const r = stroke.r * scale;
    const isLarge = Math.abs(stroke.to - stroke.from) > Math.PI ? 1 : 0;
    return <path d={`M${end(stroke.from)}A${r} ${r} 0 ${isLarge} 0 ${end(stroke.to)}`} {...pens[stroke.pen]} />;
  }
  if (stroke.is === 'teeth' || stroke.is === 'name' || stroke.is === 'note') return null;
  if (stroke.is === 'letter') return <Letter at={put(stroke.at)} letter={stroke.letter} />;
  const [a, b] = besideOf(stroke).map(put) as [At, At];
  const [from, to] = [put(stroke.from), put(stroke.to)];
  return (
    <g stroke="var(--ink)" strokeWidth={0.8}>
      <path d={`M${from.join(' ')}L${beyond(from, a)}M${to.join(' ')}L${beyond(to, b)}`} stroke="var(--soft)" />
      <path d={`M${a.join(' ')}L${b.join(' ')}`} />
      <path d={`${tip(b, a)}${tip(a, b)}`} fill="var(--ink)" stroke="none" />
      <Letter at={[(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]} letter={stroke.letter} />
    </g>
  );
}

/** A little further than a point, seen from another. */
function beyond([x0, y0]: At, [x1, y1]: At): string {
  const long = Math.hypot(x1 - x0, y1 - y0) || 1;
  return `${x1 + ((x1 - x0) / long) * 4} ${y1 + ((y1 - y0) / long) * 4}`;
}

/** An arrowhead at a point, coming from another. */
function tip([fx, fy]: At, [x, y]: At): string {
  const long = Math.hypot(x - fx, y - fy) || 1;
  const [ux, uy] = [(x - fx) / long, (y - fy) / long];
  return `M${x} ${y}L${x - 7 * ux - 2.4 * uy} ${y - 7 * uy + 2.4 * ux}L${x - 7 * ux + 2.4 * uy} ${y - 7 * uy - 2.4 * ux}Z`;
}

export function Letter({ at: [x, y], letter }: { at: At; letter: string }) {
  return (
    <g>
      <circle cx={x} cy={y} r={letter_px} fill="var(--sheet)" stroke="var(--brass)" strokeWidth={1.3} />
      <text x={x} y={y + 4.2} textAnchor="middle" fontSize="12.5" fontWeight="600" fill="var(--ink)" stroke="none">
        {letter}
      </text>
    </g>
  );
}
