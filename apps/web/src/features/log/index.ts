export { LogStop } from './log-stop.js';
