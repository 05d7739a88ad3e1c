import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { figure } from '../../outputs.js';

const fields = {
  force: quantity('Force of the foot', 'force', {
    accepts: [1, 1_000],
    bare: 'N',
    how: 'measured',
    help: 'On the mean, while it goes down.',
    measure: 'Bathroom scales under the foot.',
  }),
  crank: quantity('Crank of the flywheel', 'length', {
    accepts: [10, 300],
    bare: 'mm',
    how: 'measured',
    help: 'From its shaft to the pin of the rod.',
    measure: 'Rule.',
  }),
  wheel: quantity('Flywheel, diameter', 'length', {
    accepts: [100, 2_000],
    bare: 'mm',
    how: 'measured',
    help: 'For the drawing.',
    measure: 'Tape across it.',
  }),
};

export const treadleHead = {
  role: 'source',
  kind: 'treadle',
  v: 1,
  label: 'treadle',
  noun: 'treadle',
  ports: [null, 'rotary'],
  shaft: 'flywheel shaft',
  fields,
  figures: {
    speed: figure('Speed', 'speed', 'At the shaft', { aside: true }),
    torque: figure('Mean torque', 'torque', 'At the shaft', { key: true }),
  },
  checks: {},
  limits: { stall: { short: 'treadle stops', what: 'the treadle', fails: 'stops', may: 'may stop', harm: 'harmless' } },
  parts: () => [{ what: 'treadle with rod and flywheel', size: '', many: 1 }],
  short: () => 'treadle',
} as const satisfies KindHead;
