export { MotorStop } from './motor-stop.js';
