import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { sized } from '../../shared/parts.js';
import { handCrankOutputs } from './outputs.js';

const fields = {
  force: quantity('Force on the handle', 'force', {
    accepts: [1, 1_000],
    bare: 'N',
    how: 'measured',
    help: 'That one person keeps up.',
    measure: 'A spring scale on the handle while someone turns.',
    usual: { of: 'scatter', low: 50, value: 80, high: 120, source: 'Common practice, no source: 5 to 12 kg for minutes' },
  }),
  radius: quantity('Handle, from the shaft', 'length', {
    accepts: [30, 1_000],
    bare: 'mm',
    how: 'measured',
    help: 'Length of the crank.',
    measure: 'Rule from the middle of the shaft to the middle of the handle.',
  }),
  speed: quantity('Turned at', 'speed', {
    accepts: [1, 300],
    bare: 'rpm',
    how: 'measured',
    help: 'Turns a minute that one keeps up.',
    measure: 'Count for a quarter of a minute.',
    usual: { of: 'scatter', low: 40, value: 50, high: 70, source: 'Common practice, no source: 40 to 70 turns a minute' },
  }),
  inertia: quantity('Inertia of a flywheel on it', 'inertia', {
    accepts: [1e-6, 1_000],
    bare: 'kg·m²',
    how: 'measured',
    help: 'Left out when there is none.',
    measure: 'Weigh the wheel: half its mass times its radius squared, a little more for a rim.',
  }),
};

export const handCrankHead = {
  role: 'source',
  kind: 'hand-crank',
  v: 1,
  label: 'hand crank',
  noun: 'crank',
  ports: [null, 'rotary'],
  shaft: 'crank shaft',
  fields,
  ...handCrankOutputs,
  parts: (typed) => [{ what: 'crank handle', size: sized(typed('radius')), many: 1 }],
  short: (typed) => `crank ${typed('radius') ?? ''}`.trim(),
} as const satisfies KindHead;
