import { type Figure, fixed, flag, lowEnd, picked, scaled, unknown } from '../../../figure/figure.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { marginalEfficiency } from '../../../formulas/work/marginal-efficiency.js';
import { measuredShaftPower } from '../../../formulas/work/measured-shaft-power.js';
import { sentence } from '../../../wording/sentence.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { mayBurst, overspeeds, rimMayBurst } from '../../shared/over-speed.js';
import { meanReading } from '../../shared/readings.js';
import { bewareOf } from '../../shared/tool-sort.js';
import { measuredWorkHead } from './fields.js';

const withLoad = fixed(
  '1',
  0.5,
  'Common practice, no source: of the losses at full load a quarter to all come with the load, about half as a rule',
  [0.22, 1],
  flag.estimated,
);
const dragSource = 'Common practice, no source: a machine of this kind takes up to a tenth of its work to turn itself';
const ownDrag = fixed('1', 1.04, dragSource, [1, 1.1], flag.estimated);
const nothing = fixed('kg·m²', 0, 'No inertia of the tool is entered: left out');

/** Work by the watts of something that already does it, its idle run and the losses that come with its load taken off, the drag of the machine here put on. */
export const measuredWork: WorkKind<typeof measuredWorkHead> = {
  ...measuredWorkHead,
  speedNeeded: ({ speed }) => speed,
  demand: (
    { working: one, readings, idling, efficiency, speed, drag, loaded, diameter, jam, resists, handsClear, shock, lasts, most, made, tool },
    { top },
    context,
  ) => {
    const { note } = context;
    const working = one.known ? one : note('at-work', readings.rows.length > 0 ? meanOfReadings(readings) : one);
    const speeds = diameter.known || most.known || made.is ? overspeeds({ most, made, diameter }, top, context) : [];
    const beware = bewareOf(tool, handsClear.is === 'yes' && jam.is !== 'nothing');
    const isSafe = speeds.every(({ verdict }) => verdict === 'holds' || verdict === 'close') && !(!made.is && rimMayBurst(diameter, top));
    const eta = note('reaches-shaft', marginalEfficiency({ eta: efficiency, a: withLoad }));
    const power = note('power', moreThanIdling(measuredShaftPower({ P_on: working, P_0: idling, eta }), working, idling));
    const work = shaftTorque({ P: power, n: speed });
    const torque = note('torque', drag.known ? picked('sum', 'N·m', [work, drag]) : scaled(work, ownDrag, dragSource));
    return {
      steady: torque,
      body: bodyOf(diameter, 0),
      breakaway: note('breakaway', loaded.is === 'up-to-speed' ? emptyTorque(torque) : torque),
      startsEmpty: loaded.is === 'up-to-speed',
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: nothing,
      ...jammedBy({ jam, resists, tool }, diameter, context),
      shock: shock.is,
      checks: speeds,
      cautions: [...beware.cautions, ...(isSafe ? [] : [mayBurst])],
      notEntered: [...beware.notEntered, ...(jam.is ? [] : ['what may jam the tool'])],
      notWorkedOut: beware.notWorkedOut,
    };
  },
};

const meanOfReadings = ({ rows, field }: InputFigures<typeof measuredWorkHead.fields>['readings']): Figure<'W'> =>
  meanReading(
    'W',
    rows.map(({ drawn }) => drawn),
    field,
  );

const none = fixed('W', 0, 'Work takes no less than idling');

/** What draws no more at work than idling was read wrongly: nothing comes of it, least of all that any motor will do. */
function moreThanIdling(power: Figure<'W'>, working: Figure<'W'>, idling: Figure<'W'>): Figure<'W'> {
  if (!power.known) return power;
  if (power.value <= 0)
    return unknown(
      'W',
      [],
      sentence('it draws no more at work ({working:likely}) than idling ({idling:likely}): are the two readings the wrong way round?', {
        working,
        idling,
      }),
    );
  return lowEnd(power) < 0 ? picked('most', 'W', [power, none]) : power;
}
