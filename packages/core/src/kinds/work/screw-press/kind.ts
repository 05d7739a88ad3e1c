import { pressed, pressedSource } from '../../../catalog/pressed.js';
import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, fromTable, highEnd, type Known, lowEnd, picked, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { collarTorque } from '../../../formulas/work/collar-torque.js';
import { nutPressure } from '../../../formulas/work/nut-pressure.js';
import { powerScrewTorque } from '../../../formulas/work/power-screw-torque.js';
import { pressingForce } from '../../../formulas/work/pressing-force.js';
import { screwFeed } from '../../../formulas/work/screw-feed.js';
import { screwLowers } from '../../../formulas/work/screw-lowers.js';
import { screwSpeed } from '../../../formulas/work/screw-speed.js';
import { columnForce } from '../../../geometry/column-force.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { screwPressHead } from './fields.js';
import { type ScrewPressOutputs, screwPressOutputs } from './outputs.js';

type Inputs = InputFigures<typeof screwPressHead.fields>;
type Own = Context<ScrewPressOutputs>;

export const meanOfThread = defineProcedure({
  id: 'mean-of-thread',
  says: 'Outside diameter less half the pitch',
  source: 'ISO 2904, ISO 68-1 (geometry of the thread)',
});
export const coreOfThread = defineProcedure({
  id: 'core-of-thread',
  says: 'Outside diameter less the pitch and the play at its root, a sixth of it',
  source: 'ISO 2904 (from memory)',
});
export const column = defineProcedure({
  id: 'screw-as-column',
  says: 'Euler’s column, or Johnson’s where it is short, of the core of the thread, one end held and one guided; a third of it',
  source: 'Shigley’s Mechanical Engineering Design, eq. 4-44 and 4-48',
});
export const shareOfWork = defineProcedure({
  id: 'share-of-work',
  says: 'Force by lead over torque by a turn',
  source: 'Shigley’s Mechanical Engineering Design, eq. 8-4',
});
export const turnsOfStroke = defineProcedure({ id: 'turns-of-stroke', says: 'Stroke over lead', source: 'Geometry' });
export const timeOfStroke = defineProcedure({ id: 'time-of-stroke', says: 'Stroke over the speed of the plate', source: 'Definition' });
export const wholePressing = defineProcedure({ id: 'whole-pressing', says: 'Down, pressed, and up again', source: 'Definition' });

const frictionSource =
  'Shigley’s Mechanical Engineering Design, table 8-5 (from memory): greased bronze 0.10 to 0.16, greased steel 0.11 to 0.17, dry 0.15 to 0.25';
const frictions = {
  greased: fixed('1', 0.13, frictionSource, [0.1, 0.16], flag.estimated),
  steel: fixed('1', 0.15, frictionSource, [0.11, 0.17], flag.estimated),
  dry: fixed('1', 0.2, frictionSource, [0.15, 0.25], flag.estimated),
} as const;
const flanks = {
  trapezoid: fixed('1', 1 / Math.cos((15 * Math.PI) / 180), 'ISO 2904: flanks of 15°'),
  square: fixed('1', 1, 'Flanks square to the force'),
  pointed: fixed('1', 1 / Math.cos(Math.PI / 6), 'ISO 68-1: flanks of 30°'),
} as const;
const collarSource = 'Common practice, no source: a thrust bearing is a third wider than its screw';
const wider = fixed('1', 4 / 3, collarSource);
const thrusts = {
  ball: fixed('1', 0.004, 'Makers of bearings (from memory): thrust bearings with 0.0013 to 0.006', [0.0013, 0.006], flag.estimated),
  collar: fixed(
    '1',
    0.12,
    'Shigley’s Mechanical Engineering Design, table 8-6 (from memory): a greased collar with 0.08 to 0.17',
    [0.08, 0.17],
    flag.estimated,
  ),
} as const;
const endSource = 'Common practice, no source: against hard stock it is driven 1.1 to 1.6 times as hard before somebody stops it';
const atEnd = fixed('1', 1.3, endSource, [1.1, 1.6], flag.estimated);
const restSource =
  'Common practice, no source: closed first, it starts with nothing before it; tightened again it starts against the three to nine tenths of its force that have not relaxed';
const fromRest = fixed('1', 0.4, restSource, [0.28, 0.9], flag.estimated);
const perTurn = fixed('1', 1 / Math.PI, 'A circle by its circumference');
const light = fixed('kg·m²', 0, 'The screw’s own inertia is nothing beside the motor’s: left out');
const third = fixed('1', 1 / 3, screwPressOutputs.checks.buckles.source);
const heldGuided = fixed('1', 2.046, 'One end held, one guided (Euler)');
const mildSource = 'EN 10025-2: S235';
const [steelE, steelR] = [fixed('MPa', 206_000, 'Steel'), fixed('MPa', 235, mildSource)];
const one_kN = fixed('N', 1000, 'Any force');
const bronze = fixed('MPa', 10, screwPressOutputs.checks.nut.source);

/** A screw that presses: torque by force, lead and friction. Its stroke is no power path of its own yet: what arrives is told at the screw. */
export const screwPress: WorkKind<typeof screwPressHead> = {
  ...screwPressHead,
  speedNeeded: ({ speed, lead }) => screwSpeed({ v: speed, l: lead }),
  demand: (inputs, { flow }, context) => {
    const { note } = context;
    const { screw, lead, thread, grease, thrust, handsClear, lasts } = inputs;
    const F = note('press-force', forceOf(inputs));
    const d = meanOf(inputs);
    const f = scaled(frictions[grease.is ?? 'greased'], flanks[thread.is ?? 'trapezoid'], 'Over the cosine of the flank’s angle');
    const bearing = { F, d: scaled(screw, wider, collarSource), f: thrusts[thrust.is ?? 'ball'] };
    const collar = note('collar-torque', collarTorque(bearing));
    const threadTorque = note('thread-torque', powerScrewTorque({ F, d, l: lead, f }));
    const steady = note('torque', picked('sum', 'N·m', [threadTorque, collar]));
    // By one force for both: of a ratio its own band does not count.
    const T = picked('sum', 'N·m', [powerScrewTorque({ F: one_kN, d, l: lead, f }), collarTorque({ ...bearing, F: one_kN })]);
    note(
      'efficiency',
      solve('1', shareOfWork, { F: one_kN, l: lead, T }, ({ F: force = 0, l = 0, T: torque = 1 }) => (force * l) / (2000 * Math.PI * torque)),
    );
    const releases = note('releases-at', picked('sum', 'N·m', [screwLowers({ F, d, l: lead, f }), collar]));
    const feed = note('feed', screwFeed({ n: flow, l: lead }));
    pressing(inputs, feed, context);
    return {
      steady,
      body: bodyOf(screw, 36),
      breakaway: note('breakaway', scaled(steady, fromRest, restSource)),
      peak: note('peak', scaled(steady, atEnd, endSource)),
      stopsItself: true,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: light,
      // What it presses yields along the screw, a turn for each lead: as at a rim of the lead for its circumference.
      ...jammedBy(inputs, scaled(lead, perTurn, 'Its lead round a turn'), context),
      shock: 'uniform',
      checks: checksOf(inputs, { F, d, releases }, context),
      cautions: [
        'Slow and strong: it crushes a hand without slowing down. Both hands on its switch, and a limit switch at both ends.',
        'It ends against what it presses: a clutch that slips or a limit of current, set a little over the torque that it needs.',
        'A screw is not worked out as a straight push yet: frame, plate and what they bend by are not looked at.',
      ],
      notEntered: [],
    };
  },
};

const pitchOf = ({ pitch, lead }: Inputs): Figure<'mm'> => (pitch.known ? pitch : lead);
const meanOf = (inputs: Inputs): Figure<'mm'> => solve('mm', meanOfThread, { d: inputs.screw, p: pitchOf(inputs) }, ({ d = 0, p = 0 }) => d - p / 2);

function forceOf({ force, area, pressure, material }: Inputs): Figure<'N'> {
  if (force.known) return force;
  if (pressure.known) return pressingForce({ p: pressure, A: area });
  if (!material.is) return unknown('N', [material.field]);
  const { pressure_bar: band, label } = pressed[material.is];
  if (!band) return force;
  return pressingForce({ p: fromTable('bar', band, { table: 'pressure of pressing', row: label, source: pressedSource }), A: area });
}

function pressing({ lead, stroke, drains }: Inputs, feed: Figure<'mm/s'>, { note }: Own): void {
  if (!stroke.known) return;
  note(
    'turns',
    solve('1', turnsOfStroke, { s: stroke, l: lead }, ({ s = 0, l = 1 }) => s / l),
  );
  const closes = note(
    'closes',
    solve('s', timeOfStroke, { s: stroke, v: feed }, ({ s = 0, v = 1 }) => s / v),
  );
  if (drains.known)
    note(
      'whole-pressing',
      solve('s', wholePressing, { t: closes, d: drains }, ({ t = 0, d = 0 }) => 2 * t + d),
    );
}

interface Screwed {
  readonly F: Figure<'N'>;
  readonly d: Figure<'mm'>;
  readonly releases: Figure<'N·m'>;
}

function checksOf(inputs: Inputs, { F, d, releases }: Screwed, { note, check, state }: Own): Check[] {
  const { screw, free, nut, material } = inputs;
  const checks: Check[] = [];
  if (free.known) {
    const core = solve('mm', coreOfThread, { d: screw, p: pitchOf(inputs) }, ({ d: outside = 0, p = 0 }) => outside - (7 / 6) * p);
    const buckles = solve('N', column, { d: core, L: free, k: heldGuided, E: steelE, R: steelR }, ({ d: across = 0, L = 1, k = 1, E = 1, R = 1 }) =>
      columnForce({ d: across, L, k, E, R }),
    );
    checks.push(check('buckles', { has: note('buckles', scaled(buckles, third, 'Three times as safe')), needs: F }));
  }
  if (nut.known) checks.push(check('nut', { has: bronze, needs: note('nut-pressure', nutPressure({ F, d, h: nut })) }));
  if (releases.known) checks.push(state('locks', { verdict: locks(releases, material.is === 'parts'), tells: { releases } }));
  return checks;
}

/** Releasing it takes torque at all that its friction may be, or only with the most of it; parts are pressed in and released at once. */
const locks = (torque: Known<'N·m'>, isReleasedAtOnce: boolean) =>
  lowEnd(torque) > 0 ? 'holds' : highEnd(torque) > 0 || isReleasedAtOnce ? 'close' : 'fails';
