import type { Formula } from '../figure/formula.js';
import { arcOfContact } from './belt/arc-of-contact.js';
import { openBeltLength } from './belt/open-belt-length.js';
import { pulleyRatio } from './belt/pulley-ratio.js';
import { rimSpeed } from './belt/rim-speed.js';
import { shaftPower } from './power/shaft-power.js';
import { shaftTorque } from './power/shaft-torque.js';
import { carriedTorque } from './transmission/carried-torque.js';
import { drivenSpeed } from './transmission/driven-speed.js';
import { margin } from './transmission/margin.js';

const all = [shaftTorque, shaftPower, pulleyRatio, drivenSpeed, carriedTorque, rimSpeed, arcOfContact, openBeltLength, margin];

/** Every formula by its id. One line here makes a formula known to the screen, the command line and the test that checks `expr` against `compute`. */
export const formulas: ReadonlyMap<string, Formula> = new Map(all.map((formula) => [formula.id, formula as unknown as Formula]));
