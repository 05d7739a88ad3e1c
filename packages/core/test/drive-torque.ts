import { shaftTorque } from '../src/formulas/power/shaft-torque.js';

export const driveTorque = (P: number, n: number): number => shaftTorque.compute({ P, n });
