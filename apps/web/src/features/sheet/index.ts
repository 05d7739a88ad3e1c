export { SheetPage } from './sheet-page.js';
export { SheetZones } from './sheet-zones.js';
