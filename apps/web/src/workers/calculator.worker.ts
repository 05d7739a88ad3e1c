import { expose } from 'comlink';
import { workerSide } from './worker-side.js';

expose(workerSide);
