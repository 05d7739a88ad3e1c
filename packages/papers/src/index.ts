export { drawingDxf } from './drawing-dxf.js';
export { drawingSvg, paperSize } from './drawing-svg.js';
export { type Paper, pageOf, papers } from './page.js';
export { checksCsv, figuresCsv, partsCsv } from './tables.js';
