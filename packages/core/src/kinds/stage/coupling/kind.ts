import { type Check, hold } from '../../../checks/check.js';
import { type Figure, fixed, flag, highEnd, lowEnd, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { criticalSpeed } from '../../../formulas/dynamics/critical-speed.js';
import { twinResonance } from '../../../formulas/dynamics/twin-resonance.js';
import { cardanFastest } from '../../../formulas/hub/cardan-fastest.js';
import { cardanSlowest } from '../../../formulas/hub/cardan-slowest.js';
import { spacerAngle } from '../../../formulas/hub/spacer-angle.js';
import { ratedTorque } from '../../../formulas/transmission/rated-torque.js';
import { showRange, type UnitHabit } from '../../../quantity/show.js';
import type { InputFigures } from '../../fields.js';
import { hubLimit, hubOf } from '../../hub-fixing.js';
import type { Context, Duty, Held, Rotary, StageKind } from '../../kind.js';
import { noPull, onOneAxis, roughness, straightThrough, turned, weightless } from '../../one-axis.js';
import { couplingHead } from './fields.js';

export const aQuarterMore = defineProcedure({
  id: 'a-quarter-more',
  says: 'A quarter more than the speed',
  source: 'Common practice, no source: a quarter away from a resonance',
});

type Inputs = InputFigures<typeof couplingHead.fields>;

const kept = {
  jaw: fixed('1', 0.99, 'Common practice, no source: an elastic coupling passes 99 %', [0.98, 0.995]),
  sleeve: fixed('1', 1, 'A rigid sleeve loses nothing'),
  cardan: fixed('1', 0.98, 'Common practice, no source: a greased universal joint passes 97 to 99 %', [0.97, 0.99]),
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
      under: (duty) => underLoad(inputs, arriving, duty, context),
    };
  },
};

function underLoad(inputs: Inputs, arriving: Rotary, { torque, shock, swings }: Duty, context: Context): Held {
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
  if (offset.known && (type.is === 'jaw' || type.is === 'sleeve')) {
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
  if (type.is === 'cardan') checks.push(...turnsUnevenly(inputs, arriving, context));
  if (type.is !== 'sleeve' && inputs.stiffness.known) checks.push(...resonates(inputs, arriving, swings(), context));
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

const bendSource = 'Common practice, no source: one universal joint up to about 15 to 20° at shop speeds';

/** One joint alone turns the driven shaft faster and slower, twice a turn. */
function turnsUnevenly({ bend }: Inputs, { speed }: Rotary, { note, path, label }: Context): Check[] {
  note('runs-up-to', cardanFastest({ n: speed, beta: bend }));
  note('runs-down-to', cardanSlowest({ n: speed, beta: bend }));
  return [
    hold({
      id: `${path}/check-bend`,
      at: path,
      label,
      subject: 'How far the joint bends',
      has: fixed('rad', (18 * Math.PI) / 180, bendSource, [(15 * Math.PI) / 180, (20 * Math.PI) / 180], flag.estimated),
      needs: bend,
      says: ({ has, needs }) =>
        `The joint bends by ${needs}; ${has} is what one joint bears smoothly: two of them, in phase and bent alike, run even`,
      source: bendSource,
    }),
  ];
}

const apart = fixed('1', 1.25, 'Common practice, no source: a quarter away from a resonance');
const apartSource = 'Two masses on a torsion spring (closed form); a quarter away, common practice, no source';

/** What spins on both sides swings against the spider: kept off the speed it runs at. */
function resonates(
  { stiffness }: Inputs,
  { speed }: Rotary,
  swings: { before: Figure<'kg·m²'>; behind: Figure<'kg·m²'> },
  context: Context,
): Check[] {
  const { note, path, label } = context;
  const resonance = note(
    'resonance',
    twinResonance({ k: stiffness, J_1: spinning(swings.before, 'before'), J_2: spinning(swings.behind, 'behind') }),
  );
  const critical = note('critical-speed', criticalSpeed({ f: resonance }));
  const above = critical.known && speed.known && speed.value > critical.value;
  const [has, needs] = above ? [speed, times({ n: critical, k: apart })] : [critical, times({ n: speed, k: apart })];
  return [
    hold({
      id: `${path}/check-resonance`,
      at: path,
      label,
      subject: 'Whether it runs clear of its resonance',
      has,
      needs,
      says: ({ verdict }) => {
        const there = `${showFigure(critical, label.units)} strikes the resonance of the coupling (${showFigure(resonance, label.units)}), it runs at ${showFigure(speed, label.units)}`;
        if (verdict === 'gives') return `It may shake itself to pieces: ${there}`;
        return above ? `It runs above its resonance, and passes it at every start: ${there}` : `It runs below its resonance: ${there}`;
      },
      source: apartSource,
    }),
  ];
}

/** Something without inertia does not swing: what is left out as nought is not known here. */
const spinning = (J: Figure<'kg·m²'>, where: string): Figure<'kg·m²'> =>
  J.known && lowEnd(J) <= 0 ? unknown('kg·m²', [], `the inertia of what spins ${where} it is not entered`) : J;

const times = ({ n, k }: { n: Figure<'rpm'>; k: Figure<'1'> }) => solve('rpm', aQuarterMore, { n, k }, ({ n: speed = 0, k: by = 1 }) => speed * by);
const showFigure = (figure: Figure, units: UnitHabit) =>
  figure.known ? showRange(lowEnd(figure), highEnd(figure), figure.unit, units) : 'not known';

const tears = fixed('1', 0.4, 'Common practice, no source: an elastic part tears at two to three times its rating', [0.33, 0.5], flag.estimated);
