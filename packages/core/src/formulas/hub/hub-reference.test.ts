import { expect, test } from 'vitest';
import { proves } from '../../../test/reference.js';
import { keyAnsi_mm, keyDin, keysDin, setScrews } from '../../catalog/hubs.js';
import { arcOfContact } from '../belt/arc-of-contact.js';
import { beltSlipTorque } from '../belt/belt-slip-torque.js';
import { tensionRatio } from '../belt/tension-ratio.js';
import { wedgeFriction } from '../belt/wedge-friction.js';
import { chainTorque } from '../chain/chain-torque.js';
import { carriedTorque } from '../transmission/carried-torque.js';
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
// Length for a pressure: the key's torque read backward, with half of a square key bearing.
proves('machines', 'key-strength-01', ({ given }) => {
  const [d, w, Sy, n] = [given('d'), given('w'), given('Sy'), given('nd')];
  const T = (given('P') * 30) / (Math.PI * given('n'));
  const perLength = keyTorque.compute({ p: Sy, h: w / 2, l: 1, d });
  return { T, F: (2000 * T) / d, L_crush: (n * T) / perLength, L_shear: (n * T) / keyTorque.compute({ p: 0.577 * Sy, h: w, l: 1, d }) };
});
proves('machines', 'key-stress-01', ({ given }) => {
  const [d, L, h] = [given('d'), given('L'), given('h') - given('t1')];
  const F = (2000 * given('T')) / d;
  return { F, tau: F / (given('b') * L), p_hub: given('T') / keyTorque.compute({ p: 1, h, l: L, d }) };
});
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

for (const n of ['01', '02', '03', '04']) {
  proves('drives', `weakest-link-${n}`, ({ raw, given }) => {
    const stages = raw('stages') as { i: number; eta: number }[];
    const elements = raw('elements') as Element[];
    const own = elements.map((element) => holds[element.kind]?.((name) => Number(element[name])) ?? Number.NaN);
    const atTool = own.map((torque, k) =>
      stages.slice(Number(elements[k]?.at.slice(1))).reduce((T1, { i, eta }) => carriedTorque.compute({ T1, i, k: eta }), torque),
    );
    const order = elements.map((element, k) => ({ name: element.name, T: atTool[k] as number })).sort((a, b) => a.T - b.T);
    const [first, second] = order as [{ name: string; T: number }, { name: string; T: number }];
    const radius = raw('tool_radius') === undefined ? {} : { tool_force: (first.T / given('tool_radius')) * 1000 };
    return { own, at_tool: atTool, order: order.map(({ name }) => name), first: first.name, T_first: first.T, margin: second.T / first.T, ...radius };
  });
}
