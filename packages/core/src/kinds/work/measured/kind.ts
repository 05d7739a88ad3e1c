import { fixed, unknown } from '../../../figure/figure.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { measuredShaftPower } from '../../../formulas/work/measured-shaft-power.js';
import type { WorkKind } from '../../kind.js';
import { stopsIn } from '../../shared/jam-stop.js';
import { measuredWorkHead } from './fields.js';

const nothing = fixed('kg·m²', 0, 'No inertia of the tool is entered: left out');

/** Work by the watts of something that already does it, its idle run and its motor's losses taken off. */
export const measuredWork: WorkKind<typeof measuredWorkHead> = {
  ...measuredWorkHead,
  demand: ({ working, idling, efficiency, speed, diameter, jam, shock }, _arriving, { note }) => {
    const power = note('power', measuredShaftPower({ P_on: working, P_0: idling, eta: efficiency }));
    const torque = note('torque', shaftTorque({ P: power, n: speed }));
    return {
      steady: torque,
      breakaway: torque,
      growth: 0,
      inertia: nothing,
      stops: note('stops-within', stopsIn(unknown('rad', [jam.field]), jam, diameter)),
      shock: shock.is,
      checks: [],
      notEntered: jam.is ? [] : ['what may jam the tool'],
    };
  },
};
