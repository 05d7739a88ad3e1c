export { SheetPage } from './sheet-page.js';
