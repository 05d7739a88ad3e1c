import { openKind } from '@hobrek/core';
import type { Drawing, Shape } from './drawing.js';

const escaped = (text: string) => text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);
const n = (value: number) => String(Math.round(value * 1000) / 1000);

export interface SvgWords {
  /** Millimetres of the machine for one of paper. */
  readonly scale: number;
  /** Height of words on paper, mm. */
  readonly words_mm?: number;
}

/** Size on paper of a drawing at a scale, mm, with room for its lines. */
export const paperSize = ({ left, right, top, bottom }: Drawing, scale: number) => ({
  width: (right - left) / scale + 2 * edge_mm,
  height: (top - bottom) / scale + 2 * edge_mm,
});

const edge_mm = 4;

/** A drawing as SVG in millimetres of paper, each layer a group by its name. */
export function drawingSvg(drawing: Drawing, { scale, words_mm = 3 }: SvgWords): string {
  const { width, height } = paperSize(drawing, scale);
  const x = (value: number) => n((value - drawing.left) / scale + edge_mm);
  const y = (value: number) => n((drawing.top - value) / scale + edge_mm);
  const shape = (each: Shape): string => {
    if (each.is === 'circle') return `<circle cx="${x(each.x)}" cy="${y(each.y)}" r="${n(each.r / scale)}"/>`;
    if (each.is === 'line') return `<line x1="${x(each.x1)}" y1="${y(each.y1)}" x2="${x(each.x2)}" y2="${y(each.y2)}"/>`;
    return `<text x="${x(each.x)}" y="${n(Number(y(each.y)) + words_mm * 1.4)}" font-size="${words_mm}" text-anchor="middle" fill="#1d2430" stroke="none">${escaped(each.says)}</text>`;
  };
  const layers = [...new Set(drawing.shapes.map(({ layer }) => layer))].map((layer) => {
    const style =
      layer === 'centre-lines'
        ? ' stroke-width="0.18" stroke-dasharray="4 1 0.7 1"'
        : layer === 'shafts'
          ? ' stroke-width="0.25"'
          : layer === openKind
            ? ' stroke-width="0.25" stroke-dasharray="2 1.5"'
            : '';
    const inside = drawing.shapes.filter((each) => each.layer === layer).map(shape);
    return `<g id="${escaped(layer)}"${style}>\n${inside.join('\n')}\n</g>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(width)}mm" height="${n(height)}mm" viewBox="0 0 ${n(width)} ${n(height)}" fill="none" stroke="#1d2430" stroke-width="0.35" font-family="sans-serif">`,
    `<title>1:${n(scale)}, millimetres</title>`,
    ...layers,
    '</svg>\n',
  ].join('\n');
}
