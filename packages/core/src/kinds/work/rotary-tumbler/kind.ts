import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, picked, scaled } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { discInertia } from '../../../formulas/dynamics/disc-inertia.js';
import { criticalDrumSpeed } from '../../../formulas/work/critical-drum-speed.js';
import { liftedTorque } from '../../../formulas/work/lifted-torque.js';
import { segmentCentre } from '../../../geometry/segment-centre.js';
import { sentence } from '../../../wording/sentence.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { rotaryTumblerHead } from './fields.js';
import type { RotaryTumblerOutputs } from './outputs.js';

export const centreOfSegment = defineProcedure({
  id: 'centre-of-load',
  says: 'Centroid of the segment of a circle that has this share of its area, the angle found from its area',
  source: 'Closed form (handbooks: circular segment)',
});

type Inputs = InputFigures<typeof rotaryTumblerHead.fields>;

const shell = fixed('1', 0.9, 'Closed form: a thin drum, its ends counted in', [0.75, 1]);
const bulk = fixed('1', 0.5, 'Closed form: about a filled disc', [0.4, 0.6]);
const unweighed = fixed('kg·m²', 0, 'The drum is not weighed: its own inertia is left out');
const settled = fixed(
  'rad',
  Math.PI / 4,
  'Common practice, no source: at rest a load has settled, and lies at 40 to 60° before it first slides',
  [(40 * Math.PI) / 180, Math.PI / 3],
  flag.estimated,
);

const tumbleSource = 'Comminution textbooks (from memory): tumbling at 40 to 85 % of the critical speed';
const tumbles = fixed('1', 0.6, tumbleSource, [0.4, 0.75]);

/** A drum that lifts its load up one side until it slides back. */
export const rotaryTumbler: WorkKind<typeof rotaryTumblerHead> = {
  ...rotaryTumblerHead,
  speedNeeded: ({ drum, piece }) => scaled(criticalDrumSpeed({ D: drum, d: piece }), tumbles, tumbleSource),
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { drum, load, slides, empty, shell: drumMass, handsClear, lasts } = inputs;
    const r = note('centre-of-load', centreOfLoad(inputs));
    const lifted = note('torque-of-load', liftedTorque({ m: load, r, a: slides }));
    const steady = note('torque', withDrag(lifted, empty));
    const critical = note('critical-speed', criticalDrumSpeed({ D: drum, d: inputs.piece }));
    const loadInertia = discInertia({ k: bulk, m: load, d: drum });
    const drumInertia = drumMass.known ? discInertia({ k: shell, m: drumMass, d: drum }) : unweighed;
    return {
      steady,
      body: bodyOf(drum, 300),
      breakaway: note('breakaway', withDrag(liftedTorque({ m: load, r, a: settled }), empty)),
      lasts,
      stopsItself: true,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note('inertia-of-all', load.known ? picked('sum', 'kg·m²', [drumInertia, loadInertia]) : drumInertia),
      ...jammedBy(inputs, drum, context),
      shock: 'uniform',
      checks: [clings(critical, arriving, context)],
      cautions: [
        'Water and mains: a residual-current device before the motor, and the motor where nothing drips on it.',
        'Some loads make gas: open the lid slowly, and not over a flame. A lid that comes off throws the whole load.',
      ],
      notEntered: empty.known ? [] : ['torque to turn it empty'],
    };
  },
};

const centreOfLoad = ({ drum, fill }: Inputs): Figure<'mm'> =>
  solve('mm', centreOfSegment, { D: drum, u: fill }, ({ D = 0, u = 0 }) => segmentCentre(D, u));

const withDrag = (T: Figure<'N·m'>, empty: Figure<'N·m'>): Figure<'N·m'> => (empty.known ? picked('sum', 'N·m', [T, empty]) : T);

/** Past the critical speed the load clings to the drum and nothing tumbles; under two fifths of it, it only slides. */
function clings(critical: Figure<'rpm'>, { flow: speed, top }: Port<'rotary'>, { check }: Context<RotaryTumblerOutputs>): Check {
  const share = critical.known && speed.known ? speed.value / critical.value : null;
  return check('clings', {
    has: critical,
    needs: top,
    tells: {
      share: share === null ? '' : sentence(', {share:share} of that at work', { share }),
      slow: share !== null && share < 0.4 ? '; under 40 % it slides more than it tumbles' : '',
    },
  });
}
