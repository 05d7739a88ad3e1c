export { StartPage } from './start-page.js';
