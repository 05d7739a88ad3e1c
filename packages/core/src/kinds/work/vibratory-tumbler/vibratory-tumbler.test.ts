import { describe, expect, it } from 'vitest';
import { afterTyping } from '../../../../test/crusher.js';
import { agrees, agreesWith, knownWork, sizedWork } from '../../../../test/known-work.js';
import { proves } from '../../../../test/reference.js';
import type { Known } from '../../../figure/figure.js';
import { amplitude } from '../../../formulas/vibration/amplitude.js';
import { centrifugalForce } from '../../../formulas/vibration/centrifugal-force.js';
import { naturalFrequency } from '../../../formulas/vibration/natural-frequency.js';
import { shaken } from '../../../formulas/vibration/shaken.js';
import { shareToFloor } from '../../../formulas/vibration/share-to-floor.js';
import { springByDrop } from '../../../formulas/vibration/spring-by-drop.js';
import { beginSizing } from '../../../machine/sizing.js';
import { evaluateBuild } from '../../../procedures/evaluate-build.js';
import { sayAll, wordingFor } from '../../../wording/wording.js';
import { loadKinds } from '../../registry.js';

proves('machines', 'vib-spring-01', ({ given }) => {
  const k = springByDrop.compute({ m: given('m'), s: given('drop') });
  const n = naturalFrequency.compute({ k, M: given('m') });
  return { k, n, f: n / 60 };
});
proves('machines', 'vib-tumbler-01', ({ given }) => {
  const [M, k, zeta, n] = [given('M'), given('k'), given('zeta'), given('n')];
  const U = given('mu') * given('e');
  const n_0 = naturalFrequency.compute({ k, M });
  const r = n / n_0;
  const X = amplitude.compute({ U, M, r, zeta });
  const F = centrifugalForce.compute({ U, n });
  const TR = shareToFloor.compute({ r, zeta });
  return { X_far: U / M, fn: n_0 / 60, r, X, gnum: shaken.compute({ X, n }) / given('g'), F_ecc: F, TR, F_tr: F * TR };
});
// The residual unbalance of a balance grade, and its force, by the same relation as the eccentric's.
proves('machines', 'balance-01', ({ given }) => {
  const e = given('G') / ((Math.PI * given('n')) / 30);
  const U = given('m') * e;
  return { e_per: e, U, F: centrifugalForce.compute({ U, n: given('n') }) };
});

const also = (id: string, name: string) => knownWork(id).expect.also?.[name];
const inRpm = (id: string, name: string) => {
  const inHertz = knownWork(id).expect.also?.[name];
  if (!inHertz) throw new Error(`${id} has no ${name}`);
  return { low: inHertz.low * 60, likely: inHertz.likely * 60, high: inHertz.high * 60, unit: 'rpm' };
};

describe('kw-14: a tub on springs, an off-cut on a shaft, a soft hose', () => {
  const known = knownWork('kw-14');
  const tub = {
    tub: '9 kg',
    load: '13 kg',
    drop: '1 in',
    added: '12 lb',
    offcut: '900 g',
    radius: '45 mm',
    speed: '1400',
    bearings: 'b6204',
    gap: '10 mm',
  };

  it('as it is known', async () => {
    const sized = await sizedWork('vibratory-tumbler', tub);
    agreesWith(known, sized);
    agrees(sized.figure('breakaway'), known.expect.start.torque, 'start');
    agrees(sized.figure('exciter-force'), also('kw-14', 'exciter force'), 'force');
    agrees(sized.figure('amplitude'), also('kw-14', 'amplitude'), 'amplitude');
    agrees(sized.figure('shakes'), also('kw-14', 'acceleration'), 'g');
    agrees(sized.figure('spring-rate'), also('kw-14', 'spring rate'), 'rate');
    agrees(sized.figure('natural-frequency'), inRpm('kw-14', 'natural frequency'), 'natural frequency');
    // It moves several times as far as it passes 94 rpm, the reference says.
    expect(sized.figure('amplitude-down').value / sized.figure('amplitude').value).toBeGreaterThan(1.5);
    expect(sized.figure('bearing-load').value).toBeGreaterThan(400);
    expect(sized.checks['main/work/check-bearing']).not.toBe('fails');
    expect(sized.checks['main/work/check-tuned']).toBe('holds');
    for (const word of ['inside a guard before', 'lock nuts', 'Ear defenders', 'strain relief', 'run away', 'overspeed', 'Two springs snap']) {
      expect(sized.cautions).toContain(word);
    }
  });

  it('with more load it moves less, and the force stays', async () => {
    const sized = await sizedWork('vibratory-tumbler', { ...tub, load: '20 kg' });
    agrees(sized.figure('exciter-force'), { low: 828, likely: 870, high: 914, unit: 'N' }, 'force');
    agrees(sized.figure('amplitude'), { low: 1.7, likely: 2.26, high: 2.7, unit: 'mm' }, 'amplitude');
    agrees(sized.figure('shakes'), { low: 3.8, likely: 4.95, high: 5.8, unit: 'g' }, 'g');
  });

  it('twice as fast the amplitude stays, force and g are four times; the bearings say so', async () => {
    const sized = await sizedWork('vibratory-tumbler', { ...tub, speed: '2800' });
    agrees(sized.figure('exciter-force'), { low: 3300, likely: 3480, high: 3560, unit: 'N' }, 'force');
    agrees(sized.figure('amplitude'), { low: 2.2, likely: 2.73, high: 3.1, unit: 'mm' }, 'amplitude');
    agrees(sized.figure('shakes'), { low: 19, likely: 23.9, high: 27, unit: 'g' }, 'g');
    expect(sized.checks).toMatchObject({ 'main/work/check-bearing': 'fails', 'main/work/check-rough': 'fails' });
  });

  it('stiff springs are too near resonance, a narrow gap is struck, short springs go solid', async () => {
    const checks = async (fields: Record<string, string>) => (await sizedWork('vibratory-tumbler', { ...tub, ...fields })).checks;
    expect((await checks({ drop: '0.5 mm' }))['main/work/check-tuned']).toBe('fails');
    expect((await checks({ gap: '3 mm' }))['main/work/check-gap']).toBe('fails');
    expect((await checks({ gap: '60 mm' }))['main/work/check-gap']).toBe('holds');
    expect((await checks({ travel: '90 mm' }))['main/work/check-bottoms']).toBe('fails');
    expect((await checks({ travel: '200 mm' }))['main/work/check-bottoms']).toBe('holds');
  });
});

describe('kw-15: a bowl with a sealed vibrator motor', () => {
  const bowl = { tub: '28 kg', load: '55 kg', sag: '22 mm', springs: '6', driven: 'vibrator', wanted: '4.5 g', speed: '1450' };

  it('as it is known', async () => {
    const sized = await sizedWork('vibratory-tumbler', bowl);
    agreesWith(knownWork('kw-15'), sized);
    agrees(sized.figure('exciter-force'), also('kw-15', 'exciter force'), 'force');
    agrees(sized.figure('amplitude'), also('kw-15', 'amplitude'), 'amplitude');
    agrees(sized.figure('spring-rate'), also('kw-15', 'spring rate'), 'rate');
    agrees(sized.figure('natural-frequency'), inRpm('kw-15', 'natural frequency'), 'natural frequency');
    for (const word of ['No plain motor instead', 'alike at both ends']) expect(sized.cautions).toContain(word);
  });

  it('by the force on its plate and how its weights are set', async () => {
    const sized = await sizedWork('vibratory-tumbler', { ...bowl, rated: '3 kN', set: '70 %' });
    expect(sized.figure('exciter-force').value).toBeCloseTo(2100, 0);
  });
});

it('kw-16: a table that settles concrete', async () => {
  const sized = await sizedWork('vibratory-tumbler', {
    ...{ tub: '40 kg', load: '60 kg', sag: '4 mm', driven: 'vibrator', does: 'settle', wanted: '4 g', speed: '2850' },
  });
  agreesWith(knownWork('kw-16'), sized);
  agrees(sized.figure('exciter-force'), also('kw-16', 'exciter force'), 'force');
  agrees(sized.figure('amplitude'), also('kw-16', 'amplitude'), 'amplitude');
  agrees(sized.figure('spring-rate'), also('kw-16', 'spring rate'), 'rate');
  agrees(sized.figure('natural-frequency'), inRpm('kw-16', 'natural frequency'), 'natural frequency');
  for (const word of ['white finger', 'residual-current device', 'welded all round']) expect(sized.cautions).toContain(word);
});

// The class is apart: the smallest that motors are listed in is 60 W.
it('kw-17: a little pot on a fan motor', async () => {
  const known = knownWork('kw-17');
  const sized = await sizedWork('vibratory-tumbler', {
    ...{ tub: '3 lb', load: '2.2 kg', sag: '12 mm', offcut: '65 g', radius: '18 mm', driven: 'own', speed: '2700', bearings: 'sleeve' },
  });
  agrees(sized.need.torque as Known, known.expect.torque, 'torque');
  agrees(sized.need.power as Known, known.expect.power, 'power');
  agrees(sized.figure('breakaway'), known.expect.peak, 'peak');
  agrees(sized.figure('exciter-force'), also('kw-17', 'exciter force'), 'force');
  agrees(sized.figure('amplitude'), also('kw-17', 'amplitude'), 'amplitude');
  agrees(sized.figure('natural-frequency'), inRpm('kw-17', 'natural frequency'), 'natural frequency');
  expect(sized.need.motor?.output_W).toBe(60);
  expect(sized.checks['main/work/check-bearing']).not.toBe('fails');
  for (const word of ['thermal cut-out', 'brass may hold lead']) expect(sized.cautions).toContain(word);
});

it('says that its springs are not entered, and shakes as far over resonance', async () => {
  const build = afterTyping(beginSizing('vibratory-tumbler'), {
    ...{ 'main/work/tub': '9 kg', 'main/work/load': '13 kg', 'main/work/offcut': '900 g', 'main/work/radius': '45 mm' },
  });
  const evaluation = evaluateBuild(build, await loadKinds(build));
  // By hand: 40.5 kg·mm over 9 + 0.45 · 13 = 14.85 kg.
  const moves = evaluation.lines[0]?.figures.get('main/work')?.get('amplitude') as Known;
  expect(moves.value).toBeCloseTo(2.7273, 3);
  expect(evaluation.checks.some(({ id }) => id.endsWith('check-tuned'))).toBe(false);
  expect(sayAll(evaluation.notWorkedOut, wordingFor(build))).toContain('how stiff its springs are');
});

it('what reaches the floor is not known while what hangs on the springs is not', async () => {
  const build = afterTyping(beginSizing('vibratory-tumbler'), {
    ...{ 'main/work/load': '13 kg', 'main/work/offcut': '900 g', 'main/work/radius': '45 mm', 'main/work/drop': '1 in', 'main/work/added': '12 lb' },
    'main/work/speed': '1400',
  });
  const own = evaluateBuild(build, await loadKinds(build)).lines[0]?.figures.get('main/work');
  expect(own?.get('exciter-force')?.known).toBe(true);
  expect(own?.get('to-floor')).toMatchObject({ known: false, missing: expect.arrayContaining(['main/work/tub']) });
});
