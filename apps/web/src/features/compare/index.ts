export { ComparePage } from './compare-page.js';
