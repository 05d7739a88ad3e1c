export { BuildsPage } from './builds-page.js';
