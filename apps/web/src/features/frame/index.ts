export { BuildFrame } from './build-frame.js';
