import { type At, type MachineDrawing, type Pen, type Stroke, ticksOf, withoutControls } from '@hobrek/core';

/** XML has no sign for control characters, not even escaped. */
const escaped = (text: string) => withoutControls(text).replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);
const n = (value: number) => String(Math.round(value * 1000) / 1000);

export interface SvgWords {
  /** Millimetres of the machine for one of paper. */
  readonly scale: number;
  /** Height of words on paper, mm. */
  readonly words_mm?: number;
}

type Sized = Pick<MachineDrawing, 'left' | 'right' | 'top' | 'bottom'>;

/** Size on paper of a drawing at a scale, mm, with room for its lines. */
export const paperSize = ({ left, right, top, bottom }: Sized, scale: number) => ({
  width: (right - left) / scale + 2 * edge_mm,
  height: (top - bottom) / scale + 2 * edge_mm,
});

const edge_mm = 4;

/** How a pen looks on paper, mm. */
const pens: Readonly<Record<Pen, string>> = {
  line: '',
  thin: ' stroke-width="0.18"',
  stuff: ' stroke-width="0.18"',
  centre: ' stroke-width="0.18" stroke-dasharray="4 1 0.7 1"',
  shaft: ' stroke-width="0.25"',
  pitch: ' stroke-width="0.25" stroke-dasharray="3 0.8 0.7 0.8"',
  hidden: ' stroke-width="0.25" stroke-dasharray="1.2 1"',
  open: ' stroke-width="0.25" stroke-dasharray="2 1.5"',
  belt: ' stroke-width="0.6"',
  'toothed-belt': ' stroke-width="0.6" stroke-dasharray="0.6 0.3"',
  chain: ' stroke-width="0.7" stroke-dasharray="1.6 0.7"',
  askew: ' stroke-width="0.6"',
};

/** Depth of a tooth and distance from one to the next on paper, mm. */
const tooth_mm = { depth: 0.8, pitch: 2 };

/** A drawing as SVG in millimetres of paper, each layer a group by its name. */
export function drawingSvg(drawing: MachineDrawing, { scale, words_mm = 3 }: SvgWords): string {
  const { width, height } = paperSize(drawing, scale);
  const put = ([x, y]: At) => [n((x - drawing.left) / scale + edge_mm), n((drawing.top - y) / scale + edge_mm)] as const;
  const run = (points: readonly At[], closed = false) => `M${points.map((at) => put(at).join(' ')).join('L')}${closed ? 'Z' : ''}`;
  const shown = (stroke: Stroke): string => {
    if (stroke.is === 'circle') {
      const [x, y] = put(stroke.at);
      return `<circle cx="${x}" cy="${y}" r="${n(stroke.r / scale)}"${pens[stroke.pen]}/>`;
    }
    if (stroke.is === 'path') return `<path d="${run(stroke.through, stroke.closed)}"${pens[stroke.pen]}/>`;
    if (stroke.is === 'teeth') {
      const ticks = ticksOf(stroke, tooth_mm.depth * scale, tooth_mm.pitch * scale);
      return `<path d="${ticks.map((tick) => run(tick)).join('')}"${pens.thin}/>`;
    }
    if (stroke.is !== 'name' && stroke.is !== 'note') return '';
    const [x, y] = put(stroke.at);
    if (stroke.is === 'note')
      return `<text x="${n(Number(x) + 1)}" y="${n(Number(y) + words_mm / 3)}" font-size="${n(0.85 * words_mm)}" fill="#1d2430" stroke="none">${escaped(stroke.says)}</text>`;
    return `<text x="${x}" y="${n(Number(y) + words_mm * 1.4)}" font-size="${words_mm}" text-anchor="middle" fill="#1d2430" stroke="none">${escaped(stroke.says)}</text>`;
  };
  const layers = [...new Set(drawing.strokes.map(({ layer }) => layer))].map((layer) => {
    const inside = drawing.strokes.filter((each) => each.layer === layer).map(({ stroke }) => shown(stroke));
    return `<g id="${escaped(layer)}">\n${inside.join('\n')}\n</g>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(width)}mm" height="${n(height)}mm" viewBox="0 0 ${n(width)} ${n(height)}" fill="none" stroke="#1d2430" stroke-width="0.35" font-family="sans-serif">`,
    `<title>1:${n(scale)}, millimetres</title>`,
    ...layers,
    '</svg>\n',
  ].join('\n');
}
