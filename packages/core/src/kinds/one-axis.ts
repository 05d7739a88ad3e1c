import { anyCouplingFactor, couplingFactorSource, couplingFactors } from '../catalog/coupling-factors.js';
import type { Shock } from '../catalog/v-belts.js';
import { type Figure, fixed, fromTable } from '../figure/figure.js';
import { carriedTorque } from '../formulas/transmission/carried-torque.js';
import { drivenSpeed } from '../formulas/transmission/driven-speed.js';
import type { Context, Rotary, StageOutline } from './kind.js';

const noSlip = fixed('1', 0, 'It does not slip at work');
export const straightThrough = fixed('1', 1, 'Shafts on one axis turn together');
export const noPull = fixed('N', 0, 'Shafts on one axis do not pull on each other');
export const weightless = fixed('kg·m²', 0, 'Its own inertia is not entered: left out');

/** What leaves a stage without slip, by its ratio and what it passes on. */
export const turned = (arriving: Rotary, i: Figure<'1'>, k: Figure<'1'>, { note }: Context): Rotary => ({
  speed: note('speed', drivenSpeed({ n1: arriving.speed, i, s: noSlip })),
  torque: note('torque', carriedTorque({ T1: arriving.torque, i, k })),
  top: note('highest-speed', drivenSpeed({ n1: arriving.top, i, s: noSlip })),
});

/** How a stage on one axis is drawn: both shafts beside each other, which the drawing says. */
export const onOneAxis = (diameter: Figure<'mm'>): StageOutline => ({
  driver: diameter.known ? diameter.value : null,
  driven: diameter.known ? diameter.value : null,
  centres: null,
  coaxial: true,
});

/** Service factor of couplings and gearboxes; the widest of what is not said. */
export const roughness = (shock: Shock | undefined): Figure<'1'> =>
  fromTable('1', shock ? couplingFactors[shock] : anyCouplingFactor, {
    table: 'coupling service factors',
    row: shock ?? 'not said how rough',
    source: couplingFactorSource,
  });
