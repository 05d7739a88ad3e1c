import { expect, test } from 'vitest';
import { reference } from '../../../test/reference.js';
import { shaftPower } from '../power/shaft-power.js';
import { shaftTorque } from '../power/shaft-torque.js';
import { carriedTorque } from './carried-torque.js';
import { drivenSpeed } from './driven-speed.js';
import { slipLoss } from './slip-loss.js';

const chain = reference('drives', 'eff-chain-01');
test(chain.title, () => {
  const [ratios, kept] = [chain.list('i'), chain.list('eta')];
  let [T, n] = [chain.given('T1'), chain.given('n1')];
  ratios.forEach((i, k) => {
    T = carriedTorque.compute({ T1: T, i, k: kept[k] as number });
    n = drivenSpeed.compute({ n1: n, i, s: 0 });
  });
  chain.expects('T_out', T);
  chain.expects('n_out', n);
  chain.expects('P_out', shaftPower.compute({ T, n }));
});

const trade = reference('machines', 'gear-trade-01');
test(trade.title, () => {
  for (const which of ['1', '2']) {
    const i = trade.given(`i${which}`);
    trade.expects(`n${which}`, drivenSpeed.compute({ n1: trade.given('n'), i, s: 0 }));
    trade.expects(`T${which}`, carriedTorque.compute({ T1: trade.given('T'), i, k: 1 }));
  }
});

const slip = reference('drives', 'belt-slip-loss-01');
test(slip.title, () => {
  // Slip costs speed, not torque: what is lost of the power is exactly the share of the speed.
  const [P, n1, i, s] = [slip.given('P'), slip.given('n1'), slip.given('i'), slip.given('slip')];
  const n2 = drivenSpeed.compute({ n1, i, s });
  const T1 = shaftTorque.compute({ P, n: n1 });
  const arrives = shaftPower.compute({ T: carriedTorque.compute({ T1, i, k: 1 }), n: n2 });
  slip.expects('n2', n2);
  slip.expects('P_loss', slipLoss.compute({ P, k: 1, s }));
  // What arrives and what is lost are all of it, and nothing else.
  expect(arrives + slipLoss.compute({ P, k: 1, s })).toBeCloseTo(P, 9);
});

test('nothing is gained: without loss the power is the same on both shafts', () => {
  const [T1, n1, i] = [3.686, 1425, 10 / 3];
  const after = shaftPower.compute({ T: carriedTorque.compute({ T1, i, k: 1 }), n: drivenSpeed.compute({ n1, i, s: 0 }) });
  expect(after).toBeCloseTo(shaftPower.compute({ T: T1, n: n1 }), 9);
});
