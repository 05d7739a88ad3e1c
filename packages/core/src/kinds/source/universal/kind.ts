import { motorBody } from '../../../catalog/motor-frames.js';
import { type Check, noWorseThanClose } from '../../../checks/check.js';
import { type Figure, fixed, flag, highEnd, type Known, lowEnd, picked, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { circuitPower } from '../../../formulas/motor/circuit-power.js';
import { inertiaByRunUp } from '../../../formulas/motor/inertia-by-run-up.js';
import { neededEfficiency } from '../../../formulas/motor/needed-efficiency.js';
import type { Curve, Ends, Fed, SourceKind, SourceOutput } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { overFull } from '../../shared/brushed/dc-motor.js';
import { runSeries, type SeriesFeed } from '../../shared/brushed/series-motor.js';
import { sizedUp } from '../../shared/by-size.js';
import {
  burst,
  cooledBy,
  coolSource,
  forAMinute,
  heatedLikeStalled,
  lastsHeld,
  leftOver,
  limited,
  pullOf,
  restartsBy,
  turning,
} from '../../shared/motor.js';
import { arriving, inrushChecks, isApart, leadChecks } from '../../shared/on-mains.js';
import { whatStopsAStall } from '../../shared/stalled.js';
import { ampsOf, goesIn, overVoltage } from '../../shared/supplied.js';
import { type Inputs, universalHead } from './fields.js';
import { type UniversalOutputs, universalOutputs } from './outputs.js';
import { idleSource, loaded, motorOf, type Rated, ratedOf } from './rated.js';
import { said } from './said.js';

/** A series motor with brushes: its field goes with its current, so that it pulls hardest at rest and runs away without a load. */
export const universal: SourceKind<typeof universalHead> = {
  ...universalHead,
  output: (entered, fed, context) => {
    const inputs = sizedUp(entered, 'universal', entered.speed.known ? entered.speed : scaled(entered.idleSpeed, loaded, idleSource));
    const { note, limit } = context;
    const rated = ratedOf(inputs);
    const power = note('power', rated.power);
    const current = note('current', rated.current);
    note('efficiency', rated.efficiency);
    note('power-factor', rated.pf);
    note('drawn-power', rated.drawn);
    note('resistance', rated.R);
    const put = putTo(inputs, fed);
    const all: All = { ...rated.point, V: put.V, r: put.r, x: put.x, air: put.air };
    const share = lastingShare(inputs, put.V, rated.n);
    note('lasting-current', limited(share.known ? scaled(current, share, coolSource) : unknown('A', share.missing), fed));
    // As a share of the rated, so that what is not known of that is in it once.
    const at: All = fed.limit?.known ? { ...all, c: share, I_m: fed.limit } : { ...all, c: share };
    const electric = leavingOut(at, ['eta', 'w', 'P']);
    const speed = note(
      'speed',
      turning(
        atMost(
          solve('rpm', seriesSpeed, electric, (of) => runOf(of)?.speedAt(lastingAmps(of)) ?? Number.NaN),
          inputs.held,
        ),
      ),
    );
    const board = inputs.held.known ? { ...at, n_h: inputs.held } : at;
    const torque = note('torque', leftOver(solve('N·m', seriesTorque, board, (of) => runOf(of)?.torqueAt(lastingAmps(of), of.n_h) ?? Number.NaN)));
    note('for-a-minute', leftOver(solve('N·m', seriesTorque, { ...board, c: forAMinute }, minuteOf)));
    const bare = overFull(
      solve('rpm', seriesTop, all, (of) => runOf(of)?.top() ?? Number.NaN),
      speed,
    );
    const top = note('highest-speed', inputs.held.known ? scaled(inputs.held, droop, droopSource) : bare);
    const circuit = leavingOut(electric, ['s']);
    const held = note(
      'held-current',
      solve('A', seriesHeld, circuit, (of) => Math.min(runOf(of)?.held_A ?? Number.NaN, of.I_m ?? Number.POSITIVE_INFINITY)),
    );
    const starting = note(
      'torque-at-rest',
      solve('N·m', seriesRest, at, (of) => {
        const run = runOf(of);
        return run ? Math.max(0, run.torqueAt(Math.min(run.held_A, of.I_m ?? Number.POSITIVE_INFINITY), 0)) : Number.NaN;
      }),
    );
    const lasts = note('withstands-stall', lastsHeld(held, current));
    const moved = note('rotor-inertia', inputs.inertia.known ? inputs.inertia : inertiaByRunUp({ t: aloneIn, T: torque, n: rated.n }));
    const plate = { plate: inputs.voltage.known ? inputs.voltage : fed.voltage, wall: put.V };
    const atWork = fed.isLeadEntered ? arriving(plate, fed.lead, one, current, rated.pf) : put.V;
    return {
      is: 'rotary',
      flow: speed,
      effort: torque,
      top,
      curves: curvesOf(all, inputs.held, fed.limit),
      starting,
      heating: heatedLikeStalled(lasts),
      stall: limit('stall', { torque: starting, lasts, source: rated.source }),
      moved,
      drags: solve('N·m', seriesLoss, rated.point, lossOf),
      body: { across: 0.6 * motorBody(power.known ? power.value / 1000 : 0.4), known: false },
      supports: note('shaft-takes', pullOf(inputs.shaft)),
      driver: 'high',
      reverses: 'at rest',
      stopped: whatStopsAStall(inputs.protector.is, fed, held),
      restarts: restartsBy(inputs.protector, inputs.noVolt),
      checks: [
        ...plateCheck(inputs, rated, context),
        ...gearedCheck(inputs, context),
        ...runawayCheck(inputs, rated.n, bare, context),
        ...(fed.phases.is === '3' ? [context.state('phases', { verdict: 'fails' })] : []),
        ...overVoltage(inputs.voltage, fed.voltage, context),
        ...leadChecks({ fed, current, ...plate, atWork, m: one, protector: inputs.protector.is }, context),
        ...inrushChecks(fed, held, context),
      ],
      under: (needed) => [
        ...ampsOf(fed, drawnFor(needed, power, current), context),
        ...(isApart(fed.breaker) ? [] : circuitChecks(fed, plate.wall, rated, needed, context)),
      ],
      ...said(inputs, fed),
    } satisfies SourceOutput;
  },
};

/** What a figure does not hang on is left out of it. */
const leavingOut = (all: All, names: readonly string[]): All => Object.fromEntries(Object.entries(all).filter(([name]) => !names.includes(name)));

const phasor = 'Textbooks on electric machines: the volts of turning and of resistance in line, those of reactance across; field by Froelich';
export const seriesSpeed = defineProcedure({
  id: 'series-speed',
  says: 'Speed at which the volts add up at this current',
  source: phasor,
});
export const seriesTorque = defineProcedure({
  id: 'series-torque',
  says: 'Field times current at that speed, less friction and air',
  source: phasor,
});
export const seriesTop = defineProcedure({
  id: 'series-top',
  says: 'Speed at which friction and air take all that the current makes, found between rest and there',
  source: phasor,
});
export const seriesHeld = defineProcedure({ id: 'series-held', says: 'Voltage over resistance and reactance', source: phasor });
export const seriesLoss = defineProcedure({
  id: 'series-loss',
  says: 'At the rated point, what the current makes less what is at the shaft: friction, iron and its fan; half of it without current',
  source: 'Balance of torques',
});
export const seriesRest = defineProcedure({ id: 'series-rest', says: 'Field times current at rest, less friction', source: phasor });
export const drawnForPower = defineProcedure({
  id: 'drawn-for-power',
  says: 'The rated current by the share of the rated power that is needed',
  source: 'Common practice, no source: near full load a motor draws as it is loaded',
});

/** Of any combination of ends the same motor on the same feed. */
const runOf = (of: Readonly<Record<string, number>>) => runSeries(motorOf(of), { V: of.V ?? 0, x: of.x ?? 1, r: of.r ?? 0, air: of.air ?? 1 });

/** What it may draw for good, as the share of its rated current that its cooling allows; no more than its supply puts out. */
const lastingAmps = (of: Readonly<Record<string, number>>): number => Math.min((of.c ?? 1) * motorOf(of).I_n, of.I_m ?? Number.POSITIVE_INFINITY);

/** By what it may draw for a minute, no more than goes through it at rest, N·m. */
const minuteOf = (of: Readonly<Record<string, number>>): number => {
  const run = runOf(of);
  return run ? run.torqueAt(Math.min(lastingAmps(of), run.held_A), of.n_h) : Number.NaN;
};

/** Half of what it loses of torque at its rated point, N·m. */
const lossOf = (of: Readonly<Record<string, number>>): number => {
  const { V_n, I_n, pf, n, P, R } = motorOf(of);
  const made = (pf * V_n - I_n * R) * I_n;
  return (15 * Math.max(0.02 * made, made - P)) / (Math.PI * n);
};

const one = fixed('1', 1, 'Single phase');
const droopSource = 'Common practice, no source: a board that reads a tachometer holds the speed within some per cent';
const droop = fixed('1', 1.03, droopSource, [1, 1.1], flag.estimated);
const aloneSource = 'Common practice, no source: the rotor of a universal motor takes 0.2 to 1 s to its speed with its rated torque';
const aloneIn = fixed('s', 0.45, aloneSource, [0.2, 1], flag.estimated);

type PutTo = { readonly [K in Exclude<keyof SeriesFeed, 'phi'>]: Figure<K extends 'V' ? 'V' : K extends 'r' ? 'Ω' : '1'> };

/** The feed as it meets the motor; what is not said of it is taken as its plate says. */
function putTo({ voltage, frequency, fan }: Inputs, fed: Fed): PutTo {
  const isDirect = fed.current.is === 'dc';
  const isOther = frequency.known && fed.frequency.known && !isDirect;
  return {
    V: fed.voltage.known ? fed.voltage : voltage,
    x: isDirect ? none : isOther ? solve('1', hertzShare, { f: fed.frequency, f_n: frequency }, ({ f = 1, f_n = 1 }) => f / f_n) : asRated,
    r: fed.isLeadEntered ? scaled(fed.lead, 2, 'There and back') : noLead,
    air: fan.is === 'none' ? without : asRated,
  };
}
export const hertzShare = defineProcedure({ id: 'hertz-share', says: 'Frequency of the supply over that of the plate', source: 'Definition' });
const asRated = fixed('1', 1, 'As on its plate');
const none = fixed('1', 0, 'On direct current there is no reactance');
const noLead = fixed('Ω', 0, 'The lead is not entered');
const without = fixed(
  '1',
  0.15,
  'Common practice, no source: without its fan a rotor moves a tenth to a quarter of the air',
  [0.1, 0.25],
  flag.estimated,
);

/** No faster than its board lets it. */
const atMost = (n: Figure<'rpm'>, held: Figure<'rpm'>): Figure<'rpm'> => (held.known ? picked('least', 'rpm', [n, held]) : n);

const bareSource = 'Common practice, no source: without forced air such a motor withstands four to seven tenths of its current for good';
const bareShare = fixed('1', 0.55, bareSource, [0.4, 0.7], flag.estimated);

/** What it may draw for good, of its rated current: less where its own fan turns slower, or is off. */
function lastingShare({ fan, voltage, held }: Inputs, V: Figure<'V'>, n: Figure<'rpm'>): Figure<'1'> {
  if (fan.is === 'none') return bareShare;
  if ((fan.is ?? 'own') !== 'own') return asRated;
  if (held.known && n.known && highEnd(held) < 0.9 * lowEnd(n)) return cooledBy(held, n);
  const isSlow = V.known && voltage.known && lowEnd(V) < 0.9 * highEnd(voltage);
  return isSlow && !held.known ? cooledBy(V, voltage) : asRated;
}
const drawnFor = (needed: Figure<'W'>, power: Figure<'W'>, current: Figure<'A'>): Figure<'A'> =>
  solve('A', drawnForPower, { P: needed, P_n: power, I_n: current }, ({ P = 0, P_n = 1, I_n = 0 }) => (I_n * P) / P_n);

type All = Readonly<Record<string, Figure>>;
type Pick = (figure: Known) => number;
const value: Pick = (figure) => figure.value;

/** At either end of what is not sure the same motor through its rated point. */
function curvesOf(all: All, held: Figure<'rpm'>, limit: Figure<'A'> | null): Ends<Curve> | null {
  if (!Object.values(all).every((figure) => figure.known) || (limit && !limit.known)) return null;
  const curve = (low: Pick, high: Pick): Curve | null => {
    // At either end of what is not sure; the rated point itself is the same motor's.
    const picks: Readonly<Record<string, Pick>> = { n: low, P: low, eta: low, R: high, q: high, s: low, V: low, x: high, r: high, air: high };
    const run = runOf(Object.fromEntries(Object.entries(all).map(([name, figure]) => [name, (picks[name] ?? value)(figure as Known)])));
    if (!run) return null;
    const most = limit?.known ? low(limit) : Number.POSITIVE_INFINITY;
    const bare = most < run.held_A ? (n: number) => (run.current(n) > most ? run.torqueAt(most) : run.torque(n)) : run.torque;
    const top = held.known ? Math.min(run.top(), 1.03 * low(held)) : run.top();
    const board = held.known ? low(held) : Number.POSITIVE_INFINITY;
    const heldAt = Math.min(most, run.held_A);
    return {
      torque: (n) => (n <= board ? bare(n) : Math.min(bare(board), (bare(board) * Math.max(0, 1.03 * board - n)) / (0.03 * board))),
      top_rpm: Math.max(1, top),
      switch_rpm: null,
      hangsBelow_rpm: 0,
      heat: (n) => (Math.min(most, run.current(n)) / heldAt) ** 2,
    };
  };
  const ends = [curve(lowEnd, highEnd), curve(value, value), curve(highEnd, lowEnd)] as const;
  return ends.every((end) => end !== null) ? (ends as Ends<Curve>) : null;
}

type Own = Context<UniversalOutputs>;

/** No more at the shaft than its volts times amps. */
function plateCheck({ power, powerIs, voltage, current }: Inputs, { byAmps }: Rated, { check }: Own): Check[] {
  if (!power.known || !voltage.known || !current.known) return [];
  const has = goesIn(voltage, current);
  // What it draws is nearly all of them.
  return [check('plate', { has, needs: power, closeBelow: powerIs.is === 'shaft' ? 0.05 : 0, tells: { power, byAmps } })];
}
const slowest = fixed('rpm', 3_000, universalOutputs.checks.geared.source);

/** Said only where it is so: what a tool's plate states is mostly its chuck's. */
function gearedCheck({ speed }: Inputs, { check }: Own): Check[] {
  const geared = check('geared', { has: speed, needs: slowest });
  return speed.known && geared.verdict !== 'holds' ? [geared] : [];
}

/** What it reaches unloaded against what an armature withstands that was made for its speed. With its belt on it is loaded: never worse than close. */
function runawayCheck({ idleSpeed, held }: Inputs, n: Figure<'rpm'>, bare: Figure<'rpm'>, { check }: Own): Check[] {
  if (!bare.known || held.known) return [];
  const madeFor = idleSpeed.known ? picked('most', 'rpm', [n, idleSpeed]) : n;
  return [noWorseThanClose(check('runaway', { has: scaled(madeFor, burst, universalOutputs.checks.runaway.source), needs: bare }))];
}

/** Whether the wall's circuit feeds what is needed. */
function circuitChecks({ breaker, share, voltage }: Fed, wall: Figure<'V'>, { power, current }: Rated, needed: Figure<'W'>, { check }: Own): Check[] {
  const V = voltage.known ? wall : voltage;
  const eta = neededEfficiency({ P: power, m: one, V: wall, I: current });
  return [check('circuit', { has: circuitPower({ m: one, V, I: breaker, share, eta, pf: one }), needs: needed })];
}
