import { type Figure, fixed, flag, highEnd, type Known, lowEnd, scaled, unknown } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { timesRated } from '../../../formulas/motor/times-rated.js';
import { shaftTorque } from '../../../formulas/power/shaft-torque.js';
import { deratedPower } from '../../../formulas/source/derated-power.js';
import type { Curve, SourceKind } from '../../kind.js';
import { engineHead } from './fields.js';

export const inMetres = defineProcedure({
  id: 'metres',
  says: 'The height in metres',
  source: 'Definition',
});

const source = 'Common practice, no source: small four-stroke engines have 1.05 to 1.25 times their rated torque, at about 70 % of their rated speed';
const most = fixed('1', 1.15, source, [1.05, 1.25], flag.estimated);
const nothing = fixed('N·m', 0, 'Without a clutch an engine has no torque at rest: it is started unloaded');
const liningSource = 'Common practice, no source: a small centrifugal clutch slips five to twenty seconds before its lining smokes';
const lining = fixed('s', 10, liningSource, [5, 20], flag.estimated);

/** Across the flywheel of a small engine (common practice, no source). */
const usualFlywheel_mm = 200;

/** A small engine with a governor: the rated point, a flat hump below it, and nothing at rest. */
export const engine: SourceKind<typeof engineHead> = {
  ...engineHead,
  output: ({ power, speed, governed, altitude, cylinders, clutch, letsOff, engages, inertia }, _fed, { note, limit }) => {
    const P = note('power', altitude.known ? deratedPower({ P_r: power, h: metres(altitude) }) : power);
    const torque = note('torque', shaftTorque({ P, n: speed }));
    const peak = note('most-torque', timesRated({ k: most, T_n: torque }));
    const top = note('highest-speed', governed.known ? governed : unloaded(speed));
    const slipping = clutch.is === 'centrifugal';
    const starting = note('torque-at-rest', slipping ? peak : clutch.is === 'none' ? nothing : unknown('N·m', [clutch.field]));
    const ready = torque.known && peak.known && speed.known && top.known && slipping && engages.known;
    return {
      is: 'rotary',
      flow: note('speed', speed),
      effort: torque,
      top,
      curves: ready
        ? [
            curve(lowEnd, torque, peak, speed, top, engages),
            curve((figure) => figure.value, torque, peak, speed, top, engages),
            curve(highEnd, torque, peak, speed, top, engages),
          ]
        : null,
      starting,
      ...(clutch.is === 'none' ? { unloaded: letsOff.is ? letsOff.is !== 'nothing' : [letsOff.field] } : {}),
      heating: { template: 'the clutch slips {heated} of it, and its lining withstands {lasts}', lasts: lining, source: liningSource },
      stall: limit('stall', { torque: peak, source }),
      moved: note('flywheel-inertia', inertia),
      body: { across: usualFlywheel_mm, known: false },
      supports: unknown('N', []),
      driver: cylinders.is,
      reverses: 'never',
      stopped: '',
      checks: [],
      under: () => [],
      cautions: [
        'Stop the engine and take the plug lead off before reaching in: a hot engine kicks when the belt is pulled.',
        'Never run it indoors: its exhaust kills without a smell.',
      ],
      notEntered: clutch.is ? [] : ['whether there is a clutch'],
    };
  },
};

const metres = (altitude: Figure<'mm'>): Figure<'1'> => solve('1', inMetres, { h: altitude }, ({ h = 0 }) => h / 1000);

const droopSource = 'Common practice, no source: a governor droops by three to ten per cent from no load to full';
const droop = fixed('1', 1.06, droopSource, [1.03, 1.1], flag.estimated);

/** Three to ten per cent over the rated speed, while the governed one is not entered. */
const unloaded = (speed: Figure<'rpm'>): Figure<'rpm'> => scaled(speed, droop, droopSource);

/** A centrifugal clutch slips until the drum has come up to about a quarter over the speed at which its shoes bite (common practice, no source). */
const locksAt = 1.25;

/** Until the clutch has engaged it slips at the torque of the hump; from the rated speed the governor takes it down to nothing. */
function curve(end: (figure: Known) => number, torque: Known, peak: Known, speed: Known, top: Known, engages: Known): Curve {
  const [T_n, T_b, n_n, n_0] = [end(torque), end(peak), speed.value, end(top)];
  const hump = 0.7 * n_n;
  const at = (n: number) => {
    if (n <= hump) return T_b;
    if (n <= n_n) return T_b - ((T_b - T_n) * (n - hump) ** 2) / (n_n - hump) ** 2;
    return Math.max(0, (T_n * (n_0 - n)) / Math.max(1, n_0 - n_n));
  };
  const locked = locksAt * engages.value;
  return { torque: at, top_rpm: n_0, switch_rpm: null, heat: (n) => (n < locked ? 1 : 0) };
}
