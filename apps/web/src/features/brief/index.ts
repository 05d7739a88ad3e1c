export { BriefStop } from './brief-stop.js';
