import { expect, test } from 'vitest';
import { proves } from '../../../test/reference.js';
import { keyAnsi_mm, keyDin, keysDin, setScrews } from '../../catalog/hubs.js';
import { known, unknown } from '../../figure/figure.js';
import type { Limit } from '../../kinds/outputs.js';
import { geared } from '../../kinds/shared/driven-shaft.js';
import { type Jam, jam, type Rung } from '../../procedures/jam.js';
import type { Unit } from '../../quantity/quantities.js';
import { arcOfContact } from '../belt/arc-of-contact.js';
import { beltSlipTorque } from '../belt/belt-slip-torque.js';
import { tensionRatio } from '../belt/tension-ratio.js';
import { wedgeFriction } from '../belt/wedge-friction.js';
import { chainTorque } from '../chain/chain-torque.js';
import { toothForce } from '../gear/tooth-force.js';
import { shaftTorque } from '../power/shaft-torque.js';
import { gripTorque } from '../transmission/grip-torque.js';
import { clampTorque } from './clamp-torque.js';
import { keyTorque } from './key-torque.js';
import { setScrewTorque } from './set-screw-torque.js';
import { shearPinTorque } from './shear-pin-torque.js';

for (const id of ['key-din-02', 'key-din-03']) {
  proves('machines', id, ({ given }) => {
    const key = keyDin(given('d'));
    if (!key) throw new Error('no key');
    return { b: key.b_mm, h: key.h_mm, t1: key.t1_mm, t2: key.t2_mm };
  });
}
proves('machines', 'key-ansi-02', ({ given }) => ({ w: keyAnsi_mm(given('d')) ?? Number.NaN }));
proves('machines', 'key-strength-01', ({ given }) => {
  const T = shaftTorque.compute({ P: given('P'), n: given('n') });
  return { T, F: toothForce.compute({ T, d: given('d') }) };
});
proves('machines', 'key-stress-01', ({ given }) => ({ F: toothForce.compute({ T: given('T'), d: given('d') }) }));
proves('machines', 'setscrew-01', ({ given }) => ({
  F_hold: setScrews['1/4'].hold_N,
  T_seat: setScrews['1/4'].seat_Nm,
  T_hold: setScrewTorque.compute({ k: 1, z: 1, F: setScrews['1/4'].hold_N, d: given('d') }),
}));

test('keys are in order: each row begins where the last one ends, and keys only grow', () => {
  keysDin.slice(1).forEach((row, k) => {
    expect(row.over_mm).toBe(keysDin[k]?.to_mm);
    expect(row.h_mm).toBeGreaterThanOrEqual(keysDin[k]?.h_mm ?? 0);
  });
  expect(keyDin(5)).toBeNull();
});

interface Element extends Readonly<Record<string, number | string>> {
  readonly name: string;
  readonly at: string;
  readonly kind: string;
}

/** What each kind of element holds on its own shaft. */
const holds: Record<string, (of: (name: string) => number) => number> = {
  torque: (of) => of('T'),
  'v-belt': (of) => {
    const [d, D, C] = [of('d'), of('D'), of('C')];
    const mu = wedgeFriction.compute({ mu: of('mu'), g: (of('groove') * Math.PI) / 180 });
    return beltSlipTorque.compute({
      z: of('Nb'),
      F_i: of('Fi'),
      F_c: 0,
      e: tensionRatio.compute({ mu, theta: arcOfContact.compute({ d, D, C }) }),
      d,
    });
  },
  key: (of) => keyTorque.compute({ p: of('p'), h: of('h_eff'), l: of('l'), d: of('shaft') }),
  chain: (of) => chainTorque.compute({ F: of('Fu'), p: of('pitch'), z: of('z') }),
  'set-screw': (of) => setScrewTorque.compute({ k: 1, z: of('n'), F: of('F'), d: of('shaft') }),
  clamp: (of) => clampTorque.compute({ mu: of('mu'), F: of('F'), d: of('shaft') }),
  'shear-pin': (of) => shearPinTorque.compute({ z: of('planes'), d: of('d'), tau: of('tau'), r: of('r') }),
  'wheel-grip': (of) => gripTorque.compute({ mu: of('mu'), N: of('N'), D: of('D') }),
};

const sure = <U extends Unit>(unit: U, value: number) => known(unit, value, { by: 'limit', source: '' });
const nowhere = unknown('rpm', []);

/** The jam of a line whose limits are these torques, each on its own shaft: the procedure of the sheet on them. */
function jammed(stages: readonly { i: number; eta: number }[], limits: readonly { name: string; shaft: number; torque: number }[]): Jam {
  const waiting = [...limits];
  /** The next limit on a shaft. */
  const next = (shaft: number): Limit | null => {
    const k = waiting.findIndex((each) => each.shaft === shaft);
    const [found] = k < 0 ? [] : waiting.splice(k, 1);
    return found
      ? {
          id: `main/x/${found.name}`,
          at: 'main/x',
          name: found.name,
          words: { short: found.name, what: `the ${found.name}`, fails: 'slips', may: 'may slip' },
          torque: sure('N·m', found.torque),
          harm: 'breaking',
          source: '',
        }
      : null;
  };
  const rotary = { is: 'rotary', flow: nowhere, effort: unknown('N·m', []), top: nowhere };
  const stall = next(0) as Limit;
  const transfers = stages.map(({ i, eta }) => ({
    ...geared(sure('1', i), sure('1', eta)),
    moved: { in: sure('kg·m²', 0), out: sure('kg·m²', 0) },
  }));
  const results = stages.map((_, k) => ({ steady: next(k), hubs: { in: next(k), out: next(k + 1) }, breaks: next(k), slips: next(k) }));
  const demand = { slips: next(stages.length), stops: unknown('rad', []), moved: sure('kg·m²', 0) };
  expect(waiting).toEqual([]);
  const machine = {
    tool: 'tool',
    noun: 'motor',
    output: { ...rotary, stall, moved: sure('kg·m²', 0), stopped: '' },
    transfers,
    results,
    demand,
    at: [...stages, 0].map(() => rotary),
    shafts: [],
    lying: [],
    path: 'main/jam',
    figures: new Map(),
  };
  return jam(machine as never);
}

for (const n of ['01', '02', '03', '04']) {
  proves('drives', `weakest-link-${n}`, ({ raw }) => {
    const elements = raw('elements') as Element[];
    const own = elements.map((element) => holds[element.kind]?.((name) => Number(element[name])) ?? Number.NaN);
    const limits = elements.map(({ name, at }, k) => ({ name, shaft: Number(at.slice(1)), torque: own[k] as number }));
    const { rungs } = jammed(raw('stages') as { i: number; eta: number }[], limits);
    const torque = (rung: Rung | undefined) => (rung?.atTool.known ? rung.atTool.value : Number.NaN);
    return {
      own,
      at_tool: elements.map(({ name }) => torque(rungs.find(({ short }) => short === name))),
      order: rungs.map(({ short }) => short),
      first: rungs[0]?.short ?? '',
      T_first: torque(rungs[0]),
    };
  });
}
