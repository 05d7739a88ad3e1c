import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, scaled, unseen } from '../../../figure/figure.js';
import { inertiaByRunUp } from '../../../formulas/motor/inertia-by-run-up.js';
import { estimate, type Range, sizesSource } from '../../../identify/estimate.js';
import { aFamily } from '../../../identify/families.js';
import { type Identified, identify, toldChance } from '../../../identify/identify.js';
import type { SourceKind, SourceOutput } from '../../kind.js';
import type { Context } from '../../outputs.js';
import { pullOf, restartsBy } from '../../shared/motor.js';
import { noPlateHead } from './fields.js';
import { lookedAtOf, measuredOf, outOf } from './looked.js';
import type { NoPlateOutputs } from './outputs.js';

/** A motor by what was seen of it: what it likely is, and what such motors have. */
export const noPlate: SourceKind<typeof noPlateHead> = {
  ...noPlateHead,
  output: (inputs, _fed, context) => {
    const { note, limit } = context;
    const found = identify(lookedAtOf(inputs), outOf(inputs));
    const likely = estimate(found.ranking, measuredOf(inputs));
    const { field } = inputs[found.next[0]?.look ?? 'donor'];
    // What narrows it and is measured: of a choice each answer would be told.
    const measure = (inputs.readings.rows.length === 0 ? inputs.readings : inputs.plate).field;
    const told = (unit: 'W' | 'rpm' | 'N·m' | '1', range: Range): Figure => unseen(unit, range, measure, sizesSource);
    note('power', told('W', likely.power_W) as Figure<'W'>);
    const speed = note('speed', told('rpm', likely.speed_rpm) as Figure<'rpm'>);
    const torque = note('torque', told('N·m', likely.torque_Nm) as Figure<'N·m'>);
    const starting = note('torque-at-rest', scaled(torque, told('1', likely.starts) as never, sizesSource));
    const top = note('highest-speed', scaled(speed, unloaded, unloadedSource));
    const [first] = found.ranking;
    note('likeliest', fixed('1', toldChance(first?.chance ?? 0), 'Chances of all kinds, by what was seen', undefined, flag.estimated));
    const moved = inputs.inertia.known ? inputs.inertia : inertiaByRunUp({ t: aloneIn, T: torque, n: speed });
    return {
      is: 'rotary',
      flow: speed,
      effort: torque,
      top,
      curves: null,
      starting,
      heating: null,
      stall: limit('stall', { torque: starting, source: sizesSource }),
      moved: note('rotor-inertia', moved),
      body: { across: 120, known: false },
      supports: note('shaft-takes', pullOf(inputs.shaft)),
      driver: undefined,
      stopped: 'what stops it is not known before the motor is',
      restarts: restartsBy(inputs.protector, inputs.noVolt),
      checks: [familyCheck(found, field, context), ...readingsCheck(found, context)],
      under: () => [],
      cautions: [
        'Nothing is measured under voltage: unplugged, and a capacitor discharged by someone licensed.',
        'Never on full mains to see what happens: a motor that is not known runs away or burns. 12 to 24 V first, strapped down, with a speed at which to stop.',
        'The colours of its wires say nothing of what they are: makers differ, and green was a winding in some.',
        'Before any power its windings are measured against the frame: any reading there, and it stays off.',
        'Earth to the frame; mains wiring follows your local code and belongs to a licensed electrician.',
      ],
      notEntered: [],
      notWorkedOut: ['how it runs up: that follows from what it is'],
    } satisfies SourceOutput;
  },
};

const unloadedSource = 'Common practice, no source: unloaded, motors turn 1.03 to 1.6 times as fast as under load';
const unloaded = fixed('1', 1.15, unloadedSource, [1.03, 1.6], flag.estimated);
const aloneIn = fixed(
  's',
  0.25,
  'Common practice, no source: rotors take 0.05 to 1 s to their speed with their rated torque',
  [0.05, 1],
  flag.estimated,
);

/** From here on nobody would doubt it, and from here on it is worth saying. */
const sure = 0.9;
const worthSaying = 0.5;

function familyCheck({ ranking, doubtful }: Identified, field: string, { state }: Context<NoPlateOutputs>): Check {
  const [first, second] = ranking;
  if (!first || !second || first.chance < worthSaying) return state('family', { verdict: 'unknown', missing: [field] });
  const tells = {
    first: aFamily(first.family),
    second: aFamily(second.family),
    likely: fixed('1', toldChance(first.chance), sizesSource),
  };
  return state('family', { verdict: first.chance >= sure && doubtful.length === 0 ? 'holds' : 'close', tells });
}

const readingsCheck = ({ impossible }: Identified, { state }: Context<NoPlateOutputs>): Check[] =>
  impossible.map(({ says }) => state('readings', { verdict: 'fails', tells: { says } }));
