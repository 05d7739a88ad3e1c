export { onFeet as drawsPlateMotor } from '../../shared/body.js';
