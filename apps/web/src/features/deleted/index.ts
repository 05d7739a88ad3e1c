export { DeletedPage } from './deleted-page.js';
