import { breakerTrips, tripSource } from '../../catalog/breakers.js';
import { breakerUpTo, carriesSource, fusedSource, laidSource, leadFor } from '../../catalog/leads.js';
import type { Check } from '../../checks/check.js';
import type { CheckOutputs } from '../../checks/check-output.js';
import { type Figure, fixed, type Known, scaled, unknown, unseen } from '../../figure/figure.js';
import { defineProcedure, solve } from '../../figure/formula.js';
import { shareAtMotor } from '../../formulas/motor/share-at-motor.js';
import { tripCurrent } from '../../formulas/motor/trip-current.js';
import { show } from '../../quantity/show.js';
import type { Fed } from '../kind.js';
import type { Declares, None } from './only.js';

/** What is held of a lead, and of the breaker before it. */
export const leadCheckOutputs = {
  drop: {
    name: 'the loss in the lead',
    subject: 'what the lead loses',
    source: 'IEC 60364-5-52, annex G: about 5 % for motors (from memory); more than 10 % leaves four fifths of the torque',
    closeBelow: 0.5,
    says: {
      holds: 'the lead loses {needs:share} while the motor works: {arrives} of {wall} arrive',
      close: 'the lead loses {needs:share} while the motor works, 5 % is the usual limit: {arrives} of {wall} arrive. A thicker or a shorter one',
      may: 'the lead may lose too much, {needs:share} while the motor works, 5 % is the usual limit: {arrives} of {wall} arrive. A thicker or a shorter one',
      fails:
        'the lead loses too much, {needs:share} while the motor works, 5 % is the usual limit: {arrives} of {wall} arrive. A thicker or a shorter one',
    },
  },
  lead: {
    name: 'the heat of the lead',
    subject: 'whether the lead gets hot',
    source: `${carriesSource}. ${laidSource}`,
    closeBelow: 0,
    says: {
      holds: 'the lead of {section} carries {has}; the motor draws {needs}',
      may: 'the lead of {section} may get hot: it carries {has}; the motor draws {needs}',
      fails: 'the lead of {section} gets hot: it carries {has}; the motor draws {needs}',
    },
  },
  fuse: {
    name: 'the breaker before the lead',
    subject: 'whether the breaker protects the lead',
    source: fusedSource,
    says: {
      holds: 'the breaker of {needs} protects the lead: {section} may have up to {fused}',
      close:
        'the breaker of {needs} protects the lead of {section} against a short circuit only: it may have up to {fused}, and the motor’s own thermal cut-out protects it from overload',
      may: 'the breaker of {needs} may not protect the lead of {section}: up to {fused} may be before it. It takes {cures}',
      fails: 'the breaker of {needs} does not protect the lead of {section}: up to {fused} may be before it. It takes {cures}',
    },
  },
  inrush: {
    name: 'the breaker at the start',
    subject: 'whether the breaker withstands the start',
    source: tripSource,
    says: {
      holds: 'the breaker withstands the start: it trips at {has}, the motor draws {needs}',
      may: 'the breaker may trip at the start: it trips at {has}, the motor draws {needs}',
      fails: 'the breaker trips at the start: it trips at {has}, the motor draws {needs}',
    },
  },
} as const satisfies CheckOutputs;

/** What is held of the circuit. */
export const circuitCheckOutputs = {
  circuit: {
    name: 'the wall circuit',
    subject: 'whether the wall circuit feeds it',
    source: 'Volts times amps; NEC 210.20(A), from memory: 80 % of it where a load goes on for three hours and more',
    says: 'the wall circuit feeds {has} at the shaft, steadily; the work needs {needs}. It does not limit a jam',
  },
} as const satisfies CheckOutputs;

/** A motor behind its lead. */
interface OnLead {
  readonly fed: Fed;
  /** What it draws at its rated load. */
  readonly current: Figure<'A'>;
  /** Voltage of the wall and of its plate, and what arrives while it works. */
  readonly wall: Figure<'V'>;
  readonly plate: Figure<'V'>;
  readonly atWork: Figure<'V'>;
  /** 1, or √3 of three phases. */
  readonly m: Figure<'1'>;
  readonly protector: 'none' | 'hand-reset' | 'self-resetting' | undefined;
}

/** Voltage that arrives while the motor draws a current (A at its rated voltage) by a power factor; that of the wall where no lead is in between. */
export function arriving(
  { plate, wall }: Pick<OnLead, 'plate' | 'wall'>,
  lead: Figure<'Ω'>,
  m: Figure<'1'>,
  I: Figure<'A'>,
  pf: Figure<'1'>,
): Figure<'V'> {
  if (!wall.known || !plate.known || (lead.known && lead.value === 0)) return wall;
  const w = m.known ? fixed('1', m.value === 1 ? 2 : m.value, 'Cores the current goes through: 2, or √3 of three phases') : m;
  const share = shareAtMotor({ w, I, R: lead, V_n: plate, pf });
  return share.known ? scaledBy(wall, share) : unknown('V', share.missing, share.because);
}

const scaledBy = (V: Figure<'V'>, share: Figure<'1'> & { readonly known: true }) => scaled(V, share, 'What the lead leaves of the wall’s voltage');

/** What the lead loses, what it carries, and whether the breaker protects it. */
export function leadChecks({ fed, current, wall, atWork, m, plate, protector }: OnLead, { check }: Declares<None, typeof leadCheckOutputs>): Check[] {
  const { lead, section, carries, fused, breaker, isLeadEntered } = fed;
  // Behind a supply that is told by its volts there is no lead.
  if (!wall.known || !plate.known || isApart(carries)) return [];
  const checks: Check[] = [];
  if (lead.known && lead.value > 0) {
    const arrives = isLeadEntered ? atWork : arriving({ plate, wall }, lead, m, current, anyFactor);
    checks.push(
      check('drop', {
        has: mostDrop,
        needs: solve('1', dropShare, { V_0: wall, V: arrives }, ({ V_0 = 1, V = 0 }) => 1 - V / V_0),
        tells: { arrives, wall },
      }),
    );
  }
  checks.push(check('lead', { has: carries, needs: current, tells: { section } }));
  if (!breaker.known) return checks;
  const isProtected = protector === 'hand-reset' || protector === 'self-resetting';
  const may = fused.known ? breakerUpTo(fused.value) : null;
  const thicker = leadFor(breaker.value);
  const cures = [...(may === null ? [] : [`a breaker of ${may} A`]), ...(thicker === null ? [] : [`a lead of ${show(thicker, 'mm²')}`])];
  checks.push(
    check('fuse', {
      has: isProtected ? scaled(fused, 1.6, fuseBehindSource) : fused,
      needs: breaker,
      closeBelow: isProtected ? 1 - 1 / 1.6 : 0,
      tells: { section, fused, cures: cures.join(', or ') },
    }),
  );
  return checks;
}

export const dropShare = defineProcedure({
  id: 'drop-share',
  says: 'What the lead loses, as a share of the wall’s voltage',
  source: 'Definition',
  turns: ['V_0'],
});
const mostDrop = fixed('1', 0.1, leadCheckOutputs.drop.source);
const anyFactor = fixed('1', 1, 'Power factor not used: the most that a lead loses');
const fuseBehindSource = 'Common practice, no source: the lead of one machine with its own overload protector is only held against a short circuit';
/** Not known and not missing: there is no wall before it. */
export const isApart = (figure: Figure): boolean => !figure.known && figure.missing.length === 0 && figure.because === undefined;

/** Whether the breaker trips while the motor starts: its instantaneous trip is a band, not a line. */
export function inrushChecks({ breaker, curve }: Fed, inrush: Figure<'A'>, { check }: Declares<None, typeof leadCheckOutputs>): Check[] {
  // That no breaker is entered is said once, of the circuit.
  if (!breaker.known) return [];
  return [check('inrush', { has: tripCurrent({ k: tripAt(curve), I_b: breaker }), needs: inrush })];
}

function tripAt({ is, field }: Fed['curve']): Known<'1'> {
  const [low, high] = is ? breakerTrips[is] : [breakerTrips.B[0], breakerTrips.D[1]];
  return is ? fixed('1', (low + high) / 2, tripSource, [low, high]) : unseen('1', [low, (low + high) / 2, high], field, tripSource);
}
