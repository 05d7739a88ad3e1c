export { drawerCsv, drawerFromCsv } from './drawer-csv.js';
export { drawingDxf } from './drawing-dxf.js';
export { drawingSvg, paperSize } from './drawing-svg.js';
export { type Paper, pageOf, papers } from './page.js';
export { checksCsv, entriesCsv, entriesToPaste, figuresCsv, partsCsv, textsIn } from './tables.js';
