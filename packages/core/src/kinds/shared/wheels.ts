import { type Figure, fixed, flag } from '../../figure/figure.js';
import { discInertia } from '../../formulas/dynamics/disc-inertia.js';
import { wheelMass } from '../../formulas/dynamics/wheel-mass.js';
import { type FigureOutputs, figure } from '../outputs.js';

/** What a stage with two wheels puts out of them, by what such a wheel is called. */
export const wheelFigures = (wheel: 'pulley' | 'sprocket' | 'gear') =>
  ({
    'driver-pitch': figure(`Pitch diameter, driving ${wheel}`, 'length', 'Size'),
    'driven-pitch': figure(`Pitch diameter, driven ${wheel}`, 'length', 'Size'),
    'driver-inertia': figure(`Inertia, driving ${wheel}`, 'inertia', 'Inertia', { aside: true }),
    'driven-inertia': figure(`Inertia, driven ${wheel}`, 'inertia', 'Inertia', { aside: true }),
  }) as const satisfies FigureOutputs;

const disc = fixed('1', 0.55, 'Closed form: a plain disc, or one with a hub', [0.5, 0.65], flag.estimated);
const steel = fixed('kg/m³', 7850, 'Steel 7850 kg/m³ (handbooks)');
const solid = fixed('1', 0.9, 'Common practice, no source: a sprocket or a gear is nearly all metal', [0.6, 1], flag.estimated);

/**
 * Inertia of a sprocket or a gear, from its mass; else as steel of its size.
 * @param d pitch diameter
 * @param b width
 */
export const toothedInertia = (d: Figure<'mm'>, b: Figure<'mm'>, mass: Figure<'kg'>): Figure<'kg·m²'> =>
  discInertia({ k: disc, m: mass.known ? mass : wheelMass({ k: solid, rho: steel, d, b }), d });
