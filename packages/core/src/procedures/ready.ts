import { fixed, unknown } from '../figure/figure.js';
import { contextAt, type OwnFigures } from '../kinds/context.js';
import type { Kind, StageKind, StageReady } from '../kinds/kind.js';
import type { Context } from '../kinds/outputs.js';
import { type Port, type PortKind, portKinds, unitAt } from '../kinds/ports.js';
import type { Opened } from './opened.js';

interface Readied {
  readonly kind: Kind;
  readonly ready: StageReady;
  readonly figures: OwnFigures;
}

/** Entries never change: a stage that nobody touched keeps what hangs on no load. */
const readied = new WeakMap<object, Readied>();

/**
 * A stage as it is whatever it transmits, worked out once for the same inputs; its figures are put among those of the element.
 * @param driving what is handed to it, and `driven` what it hands on
 */
export function readyOf(
  { kind, path, inputs, figures }: Pick<Opened, 'kind' | 'path' | 'inputs' | 'figures'>,
  driving: PortKind,
  driven: PortKind,
): StageReady {
  const known = readied.get(inputs);
  const { ready, figures: own } = known?.kind === kind ? known : makeReady(kind, path, inputs);
  for (const [name, figure] of own) figures.set(name, figure);
  return driving === driven || !kind.ports.includes('any') ? ready : { ...ready, ...unsettled(driving, driven, path) };
}

function makeReady(kind: Kind, path: string, inputs: Opened['inputs']): Readied {
  const figures: OwnFigures = new Map();
  const made = { kind, ready: (kind as StageKind).ready(inputs, contextAt(path, kind, figures)), figures };
  readied.set(inputs, made);
  return made;
}

/** Of a place that is open between ports of two kinds nothing is known until something is chosen. */
function unsettled(driving: PortKind, driven: PortKind, path: string): Pick<StageReady, 'across' | 'passes' | 'moved'> {
  const at = <S extends 'effort' | 'flow' | 'moved'>(is: PortKind, side: S) => unknown(unitAt(is as 'rotary', side), [path]);
  const gain = () => unknown('1', [path]);
  return {
    across: {
      flowBehind: () => at(driven, 'flow'),
      topBehind: () => at(driven, 'flow'),
      effortBehind: () => at(driven, 'effort'),
      effortBefore: () => at(driving, 'effort'),
      movedBehind: () => at(driven, 'moved'),
      movedBefore: () => at(driving, 'moved'),
      gainBefore: gain,
      lossless: {
        effortBehind: () => at(driven, 'effort'),
        gainBefore: gain,
        travelBefore: () => unknown('rad', [path]),
        stiffnessBehind: (stiffness) => stiffness,
      },
    },
    passes: () => null,
    moved: { in: nothing(driving), out: nothing(driven) },
  };
}

const nothing = (is: PortKind) => fixed(unitAt(is as 'rotary', 'moved'), 0, 'Nothing is chosen yet: left out');

/** What a stage hands on of what it is handed, noted under the names of its port: `speed`, `torque`, `highest-speed`. */
export function leave<K extends PortKind>(ready: StageReady<K, K>, arriving: Port<K>, is: K, { note }: Context): Port<K> {
  const { flow, effort } = portKinds[is];
  const { across, moved } = ready;
  const left = { flow: across.flowBehind(arriving.flow), effort: across.effortBehind(arriving.effort), top: across.topBehind(arriving.top) };
  note(flow.name, left.flow);
  note(effort.name, left.effort);
  note(`highest-${flow.name}`, left.top);
  return { is, ...left, moved: moved.out };
}
