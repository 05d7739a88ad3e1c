export { BuildsPage } from './builds-page.js';
export { DeletedPage } from './deleted-page.js';
