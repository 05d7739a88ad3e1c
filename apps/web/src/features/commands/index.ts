export { Commands } from './commands.js';
