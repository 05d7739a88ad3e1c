import { type Figure, fixed } from '../figure/figure.js';
import { kineticEnergy } from '../formulas/dynamics/kinetic-energy.js';
import { movingEnergy } from '../formulas/dynamics/moving-energy.js';
import { fluidPower } from '../formulas/power/fluid-power.js';
import { pushPower } from '../formulas/power/push-power.js';
import { shaftPower } from '../formulas/power/shaft-power.js';
import { type QuantityName, quantities, type UnitOf } from '../quantity/quantities.js';

interface Side {
  /** As it is named in a path: `main/roll/torque`. */
  readonly name: string;
  readonly label: string;
  readonly quantity: QuantityName;
}

interface Described {
  /** What drives it does so: `turns a shaft`. */
  readonly does: string;
  /** What is driven by it needs that: `a turning shaft`. */
  readonly needs: string;
  readonly effort: Side;
  readonly flow: Side;
  /** What is sped up with it. */
  readonly moved: Side;
}

/** In what form power is handed from one element to the next: by an effort and a flow, whose product it is. */
export const portKinds = {
  rotary: {
    does: 'turns a shaft',
    needs: 'a turning shaft',
    effort: { name: 'torque', label: 'Torque', quantity: 'torque' },
    flow: { name: 'speed', label: 'Speed', quantity: 'speed' },
    moved: { name: 'inertia', label: 'Inertia', quantity: 'inertia' },
  },
  linear: {
    does: 'pushes along',
    needs: 'a push along',
    effort: { name: 'force', label: 'Force', quantity: 'force' },
    flow: { name: 'speed', label: 'Speed', quantity: 'rim-speed' },
    moved: { name: 'mass', label: 'Mass', quantity: 'mass' },
  },
  fluid: {
    does: 'delivers oil',
    needs: 'oil',
    effort: { name: 'pressure', label: 'Pressure', quantity: 'pressure' },
    flow: { name: 'flow', label: 'Flow', quantity: 'flow' },
    moved: { name: 'mass', label: 'Mass', quantity: 'mass' },
  },
} as const satisfies Readonly<Record<string, Described>>;

export type PortKind = keyof typeof portKinds;

type UnitAt<K extends PortKind, S extends 'effort' | 'flow' | 'moved'> = UnitOf<(typeof portKinds)[K][S]['quantity']>;
export type Effort<K extends PortKind> = Figure<UnitAt<K, 'effort'>>;
export type Flow<K extends PortKind> = Figure<UnitAt<K, 'flow'>>;
export type Moved<K extends PortKind> = Figure<UnitAt<K, 'moved'>>;

/** Power as it is handed from one element to the next, at full load. */
export interface Port<K extends PortKind = PortKind> {
  readonly is: K;
  readonly effort: Effort<K>;
  readonly flow: Flow<K>;
  /** The most that its flow can be, unloaded. */
  readonly top: Flow<K>;
  /** What of the element that drives it is sped up with it: inertia or mass. */
  readonly moved: Moved<K>;
}

/** What an element has on either side: a form of power; `any` for what takes whatever its neighbour has; null for the end of a line. */
export type PortDeclared = PortKind | 'any' | null;
export type PortsDeclared = readonly [driving: PortDeclared, driven: PortDeclared];

interface Sums<K extends PortKind> {
  readonly power: (effort: Effort<K>, flow: Flow<K>) => Figure<'W'>;
  readonly energy: (moved: Moved<K>, flow: Flow<K>) => Figure<'J'>;
}

const noEnergy = fixed('J', 0, 'What oil moves of its own is left out: it is light and slow');

const sums: { readonly [K in PortKind]: Sums<K> } = {
  rotary: { power: (T, n) => shaftPower({ T, n }), energy: (J, n) => kineticEnergy({ J, n }) },
  linear: { power: (F, v) => pushPower({ F, v }), energy: (m, v) => movingEnergy({ m, v }) },
  fluid: { power: (p, Q) => fluidPower({ p, Q }), energy: () => noEnergy },
};

/** Effort times flow, whatever the port. */
export const powerAt = <K extends PortKind>({ is, effort, flow }: Pick<Port<K>, 'is' | 'effort' | 'flow'>): Figure<'W'> =>
  (sums[is] as Sums<K>).power(effort, flow);

/** What is released when what moves there is stopped. */
export const energyAt = <K extends PortKind>({ is, flow }: Pick<Port<K>, 'is' | 'flow'>, moved: Moved<K>): Figure<'J'> =>
  (sums[is] as Sums<K>).energy(moved, flow);

/** House unit of one side of a port. */
export const unitAt = <K extends PortKind, S extends 'effort' | 'flow' | 'moved'>(is: K, side: S): UnitAt<K, S> =>
  quantities[portKinds[is][side].quantity].unit as UnitAt<K, S>;

/** Whether one element can drive the next. */
export const fits = (driven: PortDeclared, driving: PortDeclared): boolean =>
  driven !== null && driving !== null && (driven === driving || driven === 'any' || driving === 'any');
