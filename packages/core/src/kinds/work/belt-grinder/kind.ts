import { gritSource, grits } from '../../../catalog/rubbed.js';
import { noWorseThanClose } from '../../../checks/check.js';
import { fixed, flag, fromTable, picked, scaled } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { rubbingPower } from '../../../formulas/cutting/rubbing-power.js';
import { rubbingTorque } from '../../../formulas/cutting/rubbing-torque.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import type { WorkKind } from '../../kind.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { ratedFor } from '../../shared/rated.js';
import { beltGrinderHead } from './fields.js';
import { beltGrinderOutputs } from './outputs.js';

const { fast } = beltGrinderOutputs.checks;
const runs = {
  metal: fixed('m/s', 22, fast.source, [15, 28]),
  wood: fixed('m/s', 15, fast.source, [10, 20]),
} as const;
const most = { metal: fixed('m/s', 30, fast.source), wood: fixed('m/s', 20, fast.source) } as const;
const emptySource = 'Common practice, no source: a belt 50 mm wide takes 100 to 250 W without work over its platen and wheels, others by their width';
export const emptyByWidth = defineProcedure({ id: 'empty-by-width', says: 'So much by 50 mm of the belt’s width', source: emptySource });
const emptyOf50 = fixed('W', 180, emptySource, [100, 250], flag.estimated);
const widthSource = 'Common practice, no source: 1 hp for each 50 mm of the belt that works, at the least, ±50 %';
const hpOf50 = fixed('W', 746, widthSource, [373, 1119], flag.estimated);
const leanSource = 'Common practice, no source: leaned on with a fresh coarse belt it takes half as much again to twice and a half';
const leaned = fixed('1', 1.7, leanSource, [1.3, 2.4], flag.estimated);
const trade = 'Common practice, no source: belt grinders have a motor of half as much again as a hand needs, for a fresh coarse belt';
const weightless = fixed('kg·m²', 0, 'No inertia of the wheels is entered: left out');
export const dragOfBelt = defineProcedure({ id: 'drag-of-belt', says: 'What presses, by what drags of it', source: 'Definition of friction' });

/** A belt that grinds: drag by how it is pressed on, speed by what it grinds. */
export const beltGrinder: WorkKind<typeof beltGrinderHead> = {
  ...beltGrinderHead,
  speedNeeded: ({ grinds, wheel }) => speedOfRim({ v: runs[grinds.is ?? 'metal'], d: wheel }),
  demand: (inputs, { flow: n, top }, context) => {
    const { note, check } = context;
    const { grinds, wheel, wide, grit, press, rim, inertia, handsClear, lasts } = inputs;
    const what = grinds.is ?? 'metal';
    const { drag, label } = grits[grit.is ?? 'medium'];
    const mu = fromTable('1', drag, { table: 'drag of paper', row: label, source: gritSource });
    const v = note('belt-speed', rimSpeed({ n, d: wheel }));
    note(
      'drag',
      solve('N', dragOfBelt, { F: press, mu }, ({ F = 0, mu: m = 0 }) => F * m),
    );
    const byWidth = (of50: typeof emptyOf50) => solve('W', emptyByWidth, { P: of50, b: wide }, ({ P = 0, b = 0 }) => (P * b) / 50);
    note('rubbing-power', rubbingPower({ F: press, mu, v }));
    const empty = note('runs-empty', byWidth(emptyOf50));
    note('power-by-width', byWidth(hpOf50));
    const steady = note('torque', picked('sum', 'N·m', [rubbingTorque({ F: press, mu, D: wheel }), shaftTorque({ P: empty, n })]));
    const fastest = rimSpeed({ n: top, d: wheel });
    return {
      steady,
      body: bodyOf(wheel, 150),
      breakaway: note('breakaway', emptyTorque(steady)),
      peak: note('peak', scaled(steady, leaned, leanSource)),
      peaksPass: true,
      rated: ratedFor(steady, 1.5, trade),
      ratedBy: 'for a fresh coarse belt',
      startsEmpty: true,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note('wheels-inertia', inertia.known ? inertia : weightless),
      ...jammedBy(inputs, wheel, context),
      shock: 'uniform',
      checks: [noWorseThanClose(check('fast', { has: most[what], needs: fastest, tells: { what } })), check('wheel', { has: rim, needs: fastest })],
      cautions: [
        what === 'metal'
          ? 'Sparks and wood dust never in the same extraction: it burns.'
          : 'Wood dust burns and harms: extraction, a respirator, and never sparks into the same bag.',
        'A belt that tears lashes: guard closed, nobody in line with it.',
        'The work rest close to the belt; fingers never between them.',
        'Respirator and face shield.',
      ],
      notEntered: [],
    };
  },
};
