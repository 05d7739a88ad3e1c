import { type Check, noWorseThanClose } from '../../../checks/check.js';
import { type Figure, fixed, flag, highEnd, type Known, lowEnd, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { heldCurrent } from '../../../formulas/motor/held-current.js';
import type { Fed, SourceKind, SourceOutput } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { dcOutput, overFull } from '../../shared/brushed/dc-motor.js';
import { runSeries } from '../../shared/brushed/series-motor.js';
import { burst, turning } from '../../shared/motor.js';
import { type Inputs, woundDcHead } from './fields.js';
import { type WoundDcOutputs, woundDcOutputs } from './outputs.js';

/** A DC motor with a wound field: of a shunt as one with magnets, of a series field as a universal motor on direct current, of both between them. */
export const woundDc: SourceKind<typeof woundDcHead> = {
  ...woundDcHead,
  output: (inputs, fed, context) => {
    const { held, current, lasting, resistance, rated, ...output } = dcOutput(inputs, fed, context);
    const V = fed.voltage.known ? fed.voltage : inputs.voltage;
    if (inputs.fieldResistance.known) context.note('field-current', heldCurrent({ V, V_b: noDrop, R: inputs.fieldResistance }));
    const isSeries = inputs.field.is === 'series';
    const series = isSeries ? asSeries(inputs, fed, { current, lasting, resistance, rated }) : null;
    const flow = series ? context.note('speed', series.speed) : output.flow;
    const top = series ? context.note('highest-speed', overFull(series.top, flow)) : output.top;
    const starting = series ? context.note('torque-at-rest', series.starting(held)) : output.starting;
    const stall = series ? { ...output.stall, torque: starting } : output.stall;
    return {
      ...output,
      ...(series ? { curves: fed.current.is === 'ac' ? null : series.curves, top, flow, stall } : {}),
      ...(series && fed.current.is !== 'ac' ? { starting } : {}),
      ...(inputs.field.is === undefined ? { curves: null, starting: unknown('N·m', [inputs.field.field]) } : {}),
      driver: isSeries ? 'high' : 'normal',
      checks: [...output.checks, ...(isSeries ? runaway(inputs.speed, top, context) : [])],
      cautions: [
        ...(isSeries || inputs.field.is === undefined
          ? [
              'A series motor never runs without its load: it runs away and throws its winding. The first run is at a few volts, with a speed at which to stop.',
            ]
          : ['A shunt motor whose field is lost runs away: the field is never switched or fused by itself, and comes on before the armature.']),
        'Isolate the motor and wait before reaching in: never clear a jam with the power on.',
        'A wound field holds energy: its leads are not pulled off while it is on, the spark burns and breaks the winding down.',
        'It is reversed by field or armature changed over, not by both; at standstill.',
        'Strap it down before the first run; check old windings against the frame before any power.',
        'Earth to the frame before any power; mains wiring follows your local code and belongs to a licensed electrician.',
      ],
      notEntered: [...(inputs.field.is ? [] : ['how its field is wound']), ...(inputs.protector.is ? [] : ['thermal cut-out of the motor'])],
      notWorkedOut:
        inputs.field.is === 'compound' ? ['the series part of a compound field: it droops more, and pulls harder at rest'] : ['wear of the brushes'],
    } satisfies SourceOutput;
  },
};

const noDrop = fixed('V', 0, 'No brushes are in its circuit');

export const seriesDcTop = defineProcedure({
  id: 'series-dc-top',
  says: 'Speed at which friction takes all that the current makes, its field by the current, found between rest and there',
  source: 'Textbooks on electric machines (relation)',
});

const fieldSource = 'Common practice, no source: the iron of a series motor takes half of its field at once to three times its rated current';
const saturates = fixed('1', 1.5, fieldSource, [1, 3], flag.estimated);
/** Share of its losses that is moved air: they turn slower than universal motors, with less of a fan (common practice, no source). */
const airShare = 0.3;

export const seriesDcRest = defineProcedure({
  id: 'series-dc-rest',
  says: 'Field times current of the held rotor, less friction; nothing where that is more',
  source: 'Textbooks on electric machines (relation)',
});

export const seriesDcSpeed = defineProcedure({
  id: 'series-dc-speed',
  says: 'Speed at which the volts add up at the current for good, its field by that current',
  source: 'Textbooks on electric machines (relation)',
});

interface AtRated {
  readonly current: Figure<'A'>;
  readonly lasting: Figure<'A'>;
  readonly resistance: Figure<'Ω'>;
  readonly rated: Figure<'N·m'>;
}

/** The same rated point with a field that goes with the current: what a steady one has is its straight line through that point. */
function asSeries({ voltage, speed: n }: Inputs, fed: Fed, { current: I_n, lasting: I, resistance: R, rated }: AtRated) {
  const V = fed.voltage.known ? fed.voltage : voltage;
  const from = { V_n: voltage, I_n, n, T: rated, V, R, s: saturates };
  const runOf = ({ V_n = 0, I_n: amps = 0, n = 0, T = 0, V: volts = 0, R: ohms = 0, s = 1 }: Readonly<Record<string, number>>) =>
    runSeries({ V_n, I_n: amps, pf: 1, n, P: (T * Math.PI * n) / 30, R: ohms, s, w: airShare }, { V: volts, x: 0, r: 0, air: 1 });
  const top = solve('rpm', seriesDcTop, from, (numbers) => runOf(numbers)?.top() ?? Number.NaN);
  const speed = turning(solve('rpm', seriesDcSpeed, { ...from, I }, (numbers) => runOf(numbers)?.speedAt(numbers.I ?? 0) ?? Number.NaN));
  const starting = (held: Figure<'A'>) =>
    solve('N·m', seriesDcRest, { ...from, I: held }, (numbers) => {
      const run = runOf(numbers);
      return run ? Math.max(0, run.torqueAt(Math.min(run.held_A, numbers.I ?? 0), 0)) : Number.NaN;
    });
  const figures = Object.entries(from);
  if (!figures.every(([, figure]) => figure.known) || (fed.limit && !fed.limit.known)) return { top, speed, starting, curves: null };
  const most = fed.limit?.known ? fed.limit.value : Number.POSITIVE_INFINITY;
  // At the end with the least torque it has the most resistance.
  const curve = (pick: (figure: Known) => number, other: (figure: Known) => number) => {
    const run = runOf(Object.fromEntries(figures.map(([name, figure]) => [name, (name === 'R' ? other : pick)(figure as Known)])));
    if (!run) return null;
    const held = Math.min(most, run.held_A);
    return {
      torque: (n: number) => (run.current(n) > most ? run.torqueAt(most) : run.torque(n)),
      top_rpm: Math.max(1, run.top()),
      switch_rpm: null,
      hangsBelow_rpm: 0,
      heat: (n: number) => (Math.min(most, run.current(n)) / held) ** 2,
    };
  };
  const value = (figure: Known) => figure.value;
  const [low, likely, high] = [curve(lowEnd, highEnd), curve(value, value), curve(highEnd, lowEnd)];
  return { top, speed, starting, curves: low && likely && high ? ([low, likely, high] as const) : null };
}

const runaway = (n: Figure<'rpm'>, top: Figure<'rpm'>, { check }: Context<WoundDcOutputs>): Check[] =>
  n.known && top.known ? [noWorseThanClose(check('runaway', { has: scaled(n, burst, woundDcOutputs.checks.runaway.source), needs: top }))] : [];
