import type { Check } from '../../../checks/check.js';
import { type Figure, fixed, flag, scaled } from '../../../figure/figure.js';
import { defineProcedure, solve } from '../../../figure/formula.js';
import { rimSpeed } from '../../../formulas/belt/rim-speed.js';
import { speedOfRim } from '../../../formulas/belt/speed-of-rim.js';
import { tappingTorque } from '../../../formulas/cutting/tapping-torque.js';
import { toothFeed } from '../../../formulas/cutting/tooth-feed.js';
import { sentence } from '../../../wording/sentence.js';
import type { InputFigures } from '../../fields.js';
import type { WorkKind } from '../../kind.js';
import type { Context } from '../../outputs.js';
import type { Port } from '../../ports.js';
import { bodyOf } from '../../shared/body.js';
import { jammedBy } from '../../shared/jam-stop.js';
import { emptyTorque } from '../../shared/loaded.js';
import { forceAt, speedOfCut, withstoodBy, wornBy } from '../../shared/metal-cutting.js';
import { ratedFor } from '../../shared/rated.js';
import { tapperHead } from './fields.js';
import { type TapperOutputs, tapperOutputs } from './outputs.js';

type Inputs = InputFigures<typeof tapperHead.fields>;

const chipSource = 'Common practice, no source: the shop rule for taps holds with the force of a chip of 0.17 mm, 2400 MPa in mild steel';
const chip = fixed('mm', 0.17, chipSource, [0.08, 0.25], flag.estimated);
const third = 'Handbooks (from memory): taps run at a third of the speed that turning has';
const ofTurning = fixed('1', 0.33, third, [0.27, 0.4]);
const packedSource =
  'Common practice, no source: chips packed at the bottom of a blind hole take 1.5 to 2.5 times the torque, in a through hole 1.2 to 1.6';
const packed = {
  blind: fixed('1', 1.8, packedSource, [1.5, 2.5], flag.estimated),
  open: fixed('1', 1.35, packedSource, [1.2, 1.6], flag.estimated),
} as const;
const turnsBackSource =
  'Common practice, no source: a tap is stopped and turned back within half a turn: its motor has half as much again to twice what the thread takes';
const onePitch = fixed('1', 1, 'A tap goes in by its pitch each turn');
const light = fixed('kg·m²', 0, 'No inertia of spindle and holder is entered: left out');

const { breaks } = tapperOutputs.checks;
export const tapStrength = defineProcedure({
  id: 'tap-strength',
  says: '30 N·m by the cube of its core, diameter less 1.1 times the pitch, over that of M10',
  source: breaks.source,
});
const ofM10 = fixed('N·m', 30, breaks.source, [22, 38], flag.estimated);
const coreOfM10_mm = 10 - 1.1 * 1.5;

/** A tap in a drilled hole: torque by pitch and diameter, and what breaks it. */
export const tapper: WorkKind<typeof tapperHead> = {
  ...tapperHead,
  speedNeeded: (inputs) => speedOfRim({ v: scaled(speedOfCut(inputs), ofTurning, third), d: inputs.across }),
  demand: (inputs, arriving, context) => {
    const { note } = context;
    const { across, pitch, through, holds, inertia, handsClear, lasts, jam, resists } = inputs;
    const k = note('force-by-chip', forceAt(inputs, chip));
    const steady = note('torque', tappingTorque({ k, p: pitch, D: across, w: wornBy(inputs) }));
    const peak = note('peak', scaled(steady, packed[through.is ?? 'blind'], packedSource));
    note('surface', rimSpeed({ n: arriving.flow, d: across }));
    note('advance', toothFeed({ f: pitch, z: onePitch, n: arriving.flow }));
    const strength = note(
      'tap-breaks',
      solve('N·m', tapStrength, { T: ofM10, D: across, p: pitch }, ({ T = 0, D = 0, p = 0 }) => T * (Math.max(0, D - 1.1 * p) / coreOfM10_mm) ** 3),
    );
    return {
      steady,
      body: bodyOf(across, 10),
      breakaway: note('breakaway', emptyTorque(steady)),
      peak,
      rated: ratedFor(steady, 1.7, turnsBackSource),
      ratedBy: 'to be turned back at the bottom',
      startsEmpty: true,
      lasts,
      handsClear: handsClear.is === 'yes',
      growth: 0,
      moved: note('spun-inertia', inertia.known ? inertia : light),
      ...jammedBy({ jam, resists, bursts: { torque: strength, source: breaks.source } }, across, context),
      shock: 'medium',
      checks: checksOf(inputs, { peak, strength }, arriving, context),
      cautions: [
        ...(strength.known
          ? [
              sentence('a strong spindle snaps the tap: set what limits its torque, a clutch or a drive, to no more than {most:likely}', {
                most: safely(strength),
              }),
            ]
          : []),
        ...(holds.is === 'locked' || holds.is === 'loose' ? ['Rigid tapping needs position feedback of the spindle.'] : []),
        ...(through.is === 'open' ? [] : ['In a blind hole stop before the bottom: the spindle runs on.']),
        'The work is held against turning.',
      ],
      notEntered: [],
    };
  },
};

const safety = fixed('1', 2 / 3, 'Common practice, no source: two thirds of what breaks it');
const safely = (strength: Figure<'N·m'>): Figure<'N·m'> => scaled(strength, safety, 'Common practice, no source: two thirds of what breaks it');

const held = {
  floating: ['holds', 'in a floating holder or a reversing head'],
  locked: ['holds', 'rigidly, with feedback'],
  hand: ['close', 'held rigidly and fed by hand'],
  loose: ['fails', 'held rigidly and fed without feedback'],
} as const;

/** A hole narrower than this much of the pitch under diameter less pitch takes far more torque. */
const narrow = 0.3;

function checksOf(
  inputs: Inputs,
  { peak, strength }: { readonly peak: Figure<'N·m'>; readonly strength: Figure<'N·m'> },
  { top }: Port<'rotary'>,
  { check, state }: Context<TapperOutputs>,
): Check[] {
  const { across, pitch, hole, holds } = inputs;
  const [verdict, how] = held[holds.is ?? 'floating'];
  const checks: Check[] = [
    check('breaks', { has: strength, needs: peak }),
    state('feeds', { verdict, tells: { how } }),
    check('burns', { has: scaled(withstoodBy(speedOfCut(inputs)), onTaps, third), needs: rimSpeed({ n: top, d: across }) }),
  ];
  if (hole.known && across.known && pitch.known) {
    const right = across.value - pitch.value;
    const tells = { hole, across, right: { value: right, unit: 'mm' } as const };
    if (hole.value >= across.value - 0.3 * pitch.value) checks.push(state('hole', { verdict: 'fails', tells }));
    else checks.push(state('hole', { verdict: hole.value < right - narrow * pitch.value ? 'close' : 'holds', tells }));
  }
  return checks;
}

const onTaps = fixed('1', 0.5, 'Common practice, no source: taps burn at half of the speed that an edge withstands in turning');
