import { type Check, hold } from '../../../checks/check.js';
import { fixed, flag } from '../../../figure/figure.js';
import { spacerAngle } from '../../../formulas/hub/spacer-angle.js';
import { ratedTorque } from '../../../formulas/transmission/rated-torque.js';
import type { InputFigures } from '../../fields.js';
import { hubLimit, hubOf } from '../../hub-fixing.js';
import type { Context, Duty, Held, StageKind } from '../../kind.js';
import { noPull, onOneAxis, roughness, straightThrough, turned, weightless } from '../../one-axis.js';
import { couplingHead } from './fields.js';

type Inputs = InputFigures<typeof couplingHead.fields>;

const kept = {
  jaw: fixed('1', 0.99, 'Common practice, no source: an elastic coupling passes 99 %', [0.98, 0.995]),
  sleeve: fixed('1', 1, 'A rigid sleeve loses nothing'),
};
const misalignment = {
  jaw: { says: 'Common practice, no source: elastic jaws bear 0.2 to 0.4 mm (take the maker’s)', mm: 0.3, range: [0.2, 0.4] as const },
  sleeve: { says: 'Common practice, no source: a rigid sleeve bears 0.05 mm, or the bearings do', mm: 0.05, range: [0.03, 0.08] as const },
};

/** Two shafts joined on one axis. */
export const coupling: StageKind<typeof couplingHead.fields> = {
  ...couplingHead,
  passes: (inputs, arriving, context) => {
    const passed = kept[inputs.type.is ?? 'jaw'];
    return {
      leaving: turned(arriving, straightThrough, passed, context),
      ratio: straightThrough,
      kept: passed,
      inertia: { in: weightless, out: weightless },
      outline: onOneAxis(inputs.size),
      under: (duty) => underLoad(inputs, duty, context),
    };
  },
};

function underLoad(inputs: Inputs, { torque, shock }: Duty, context: Context): Held {
  const { note, path, label } = context;
  const { type, rating, offset, gap } = inputs;
  const allowed = note('lasts-up-to', ratedTorque({ T_r: rating, f: roughness(shock) }));
  if (offset.known && gap.known) note('bends-by', spacerAngle({ o: offset, s: gap }));
  const source = 'Rated torque over the service factor (common practice, no source)';
  const checks: Check[] = [
    hold({
      id: `${path}/check-rating`,
      at: path,
      label,
      subject: 'What the coupling carries',
      has: allowed,
      needs: torque,
      says: ({ has, needs }) => `Coupling carries ${has} with the shocks of the work; ${needs} is asked`,
      source,
    }),
  ];
  if (offset.known && type.is) {
    const { says, mm, range } = misalignment[type.is];
    checks.push(
      hold({
        id: `${path}/check-line`,
        at: path,
        label,
        subject: 'Whether the shafts meet',
        has: fixed('mm', mm, says, range, flag.estimated),
        needs: offset,
        says: ({ has, needs }) => `The shafts miss each other by ${needs}; the coupling bears ${has}, the rest goes into the bearings`,
        source: says,
      }),
    );
  }
  const hub = (wheel: 'driver' | 'driven', called: string) => hubLimit(hubOf(inputs, wheel), { path, id: `${path}/${wheel}-hub`, called });
  const hubs = { in: hub('driver', 'driving half'), out: hub('driven', 'driven half') };
  return {
    checks,
    slips: null,
    steady: rating.known
      ? { id: `${path}/lasts`, at: path, says: 'the coupling wears early', short: 'coupling lasts', torque: allowed, harm: 'wearing', source }
      : null,
    // Elastic parts tear at about three times their rating (common practice, no source).
    breaks: rating.known
      ? {
          id: `${path}/coupling`,
          at: path,
          says: 'the coupling breaks',
          short: 'coupling',
          torque: note('breaks-at', ratedTorque({ T_r: rating, f: tears })),
          harm: 'breaking',
          source: 'Common practice, no source: an elastic part tears at two to three times its rating',
        }
      : null,
    hubs,
    pulls: { in: noPull, out: noPull },
    cautions: ['Guard the coupling: bolts and keys catch a sleeve.'],
    notEntered: [...(hubs.in ? [] : ['what holds the coupling’s driving half']), ...(hubs.out ? [] : ['what holds its driven half'])],
  };
}

const tears = fixed('1', 0.4, 'Common practice, no source: an elastic part tears at two to three times its rating', [0.33, 0.5], flag.estimated);
