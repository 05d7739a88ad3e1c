import { type Figure, fixed, flag, scaled, unknown, unseen } from '../../../figure/figure.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque, startsEmpty } from '../../shared/loaded.js';
import { mayBurst, overspeeds, rimMayBurst } from '../../shared/over-speed.js';
import { toolInertia } from '../../shared/tool-inertia.js';
import { bewareOf } from '../../shared/tool-sort.js';
import { directWorkHead } from './fields.js';

type Inputs = InputFigures<typeof directWorkHead.fields>;

const exponents = { constant: 0, linear: 1, square: 2 } as const;
const breakawaySource = 'Common practice, no source: a loaded tool breaks away at up to half as much again as it needs when it turns';
const fanSource = 'Common practice, no source: what grows with the square of the speed breaks away at a tenth to three tenths';
const atRest = fixed('1', 0.2, fanSource, [0.1, 0.3], flag.estimated);

/** Work whose torque is measured or known. */
export const directWork: WorkKind<typeof directWorkHead> = {
  ...directWorkHead,
  demand: (inputs, { top }, context) => {
    const { torque, breakaway, loaded, growth, diameter, jam, resists, handsClear, stops, inertia, most, shock, lasts } = inputs;
    const { note } = context;
    const speeds = overspeeds(inputs, top, context);
    const beware = bewareOf(inputs.tool, handsClear.is === 'yes' && jam.is !== 'nothing');
    // Nobody said what it is made of, and of the weakest that it may be it would burst.
    const isUnsure = !inputs.made.is && rimMayBurst(diameter, top);
    const isJamSaid = stops.known || jam.is || growth.is === 'square';
    const isSafe = speeds.every(({ verdict }) => verdict === 'holds' || verdict === 'close');
    return {
      steady: note('torque', torque),
      body: bodyOf(diameter, 0),
      breakaway: note('breakaway', breakawayOf(breakaway, torque, growth.is, loaded.is)),
      // A fan's breakaway torque is small, loaded or not: that its valve is shut must be said.
      startsEmpty: startsEmpty(loaded.is, growsWithSpeed(growth.is) ? unknown('N·m', []) : breakaway, torque),
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: exponents[growth.is ?? 'constant'],
      moved: note('inertia', toolInertia(inertia, diameter)),
      ...jammedBy({ jam: growth.is === 'square' ? orNothing(jam) : jam, resists, stops, tool: inputs.tool }, diameter, context),
      shock: shock.is,
      checks: speeds,
      cautions: [...beware.cautions, ...(isSafe && !isUnsure ? [] : [mayBurst])],
      notEntered: [
        ...beware.notEntered,
        ...(isJamSaid ? [] : ['what may jam the tool']),
        ...(most.known || isSafe ? [] : ['a speed that is marked on the tool']),
      ],
      notWorkedOut: beware.notWorkedOut,
    };
  },
};

/** What blows or pumps has nothing to jam it, usually: where something may, it is chosen. */
const orNothing = <C extends Inputs['jam']>(jam: C): C => (jam.is ? jam : { ...jam, is: 'nothing' });

/** What grows with the speed starts with next to nothing, loaded or not. */
const growsWithSpeed = (growth: keyof typeof exponents | undefined): boolean => growth === 'linear' || growth === 'square';

/** Torque that gets the loaded tool moving; where it is not entered, from what it needs when it turns. */
function breakawayOf(
  entered: Figure<'N·m'>,
  torque: Figure<'N·m'>,
  growth: keyof typeof exponents | undefined,
  loaded: 'from-rest' | 'up-to-speed' | undefined,
): Figure<'N·m'> {
  if (entered.known) return entered;
  if (loaded === 'up-to-speed' && !growsWithSpeed(growth)) return emptyTorque(torque);
  if (growth === 'square') return scaled(torque, atRest, fanSource);
  return scaled(torque, unseen('1', [0.3, 1, 1.5], entered.missing[0] ?? '', breakawaySource), breakawaySource);
}
