export { PhonePage } from './phone-page.js';
