import { beforeAll, describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../test/crusher.js';
import { type Kinds, loadKinds } from '../../kinds/registry.js';
import { shaftAt, withoutPiece, withoutShaft, withPieceAdded, withShaftBegun } from '../../machine/begin-shaft.js';
import type { Build } from '../../machine/build.js';
import { bent } from '../../shafts/bent.js';
import { say, wordingFor } from '../../wording/wording.js';
import { evaluateBuild } from '../evaluate-build.js';

/** The roll of the crusher on a shaft of its own: pulley on the left, blocks at 60 and 240 mm; it pushes with nothing unless that is said. */
function rolled(typed: Readonly<Record<string, string>> = {}, push: string | null = '0 N'): Build {
  const build = crusher();
  const last = build.lines[0]?.stations.at(-1)?.id ?? '';
  const begun = withShaftBegun(build, 'main', last);
  const path = `@shafts/${last}`;
  return afterTyping(begun, {
    [`${path}/@sections/bar/diameter`]: '25 mm',
    [`${path}/@sections/bar/metal`]: 'c45',
    ...(push === null ? {} : { [`@forces/${last}-tool/force`]: push }),
    ...Object.fromEntries(Object.entries(typed).map(([at, text]) => [`${path}/${at}`, text])),
  });
}

describe('a shaft of a machine', () => {
  let kinds: Kinds;
  beforeAll(async () => {
    kinds = await loadKinds();
  });
  const shaftOf = (build: Build) => {
    const [shaft] = evaluateBuild(build, kinds).lines[0]?.shafts ?? [];
    if (!shaft) throw new Error('there is none');
    return shaft;
  };
  const check = (build: Build, which: string) => {
    const found = evaluateBuild(build, kinds).lines[0]?.ledger.find(({ id }) => id.endsWith(`/check-${which}`));
    if (!found) throw new Error(`no check ${which}`);
    return found;
  };

  it('is begun with what is known: its wheels, two bearings, places to be typed over', () => {
    const build = rolled();
    const [shaft] = build.shafts;
    expect(shaft?.seats.map(({ of }) => of.end)).toEqual(['out']);
    expect(shaft?.bearings).toHaveLength(2);
    expect(shaft?.sections[0]?.inputs.length?.how).toBe('guessed');
    const station = build.lines[0]?.stations.at(-1);
    expect(station && shaftAt(build, station)?.id).toBe(shaft?.id);
    expect(() => withShaftBegun(build, 'main', station?.id ?? '')).toThrow(RangeError);
    expect(() => withShaftBegun(build, 'main', 'nowhere')).toThrow(RangeError);
    expect(withoutShaft(build, shaft?.id ?? '')).toEqual(crusher());
  });

  it('has the pull of its belt and the torque of its work, by hand', () => {
    const build = rolled({ '@seats/belt-out/cut': 'end-milled', '@seats/belt-out/mass': '4 kg' });
    const { laid } = shaftOf(build);
    const is = laid && bent(laid);
    const line = evaluateBuild(build, kinds).lines[0];
    const pull = line?.acts?.at(-1)?.wheels[0]?.pull;
    const torque = line?.acts?.at(-1)?.torque;
    const [F, T] = [pull?.known ? pull.value : 0, torque?.known ? torque.value : 0];
    expect(F).toBeGreaterThan(50);
    expect(laid?.loads[0]?.torque_Nm).toBeCloseTo(T, 9);
    // The tool takes out what the belt brings in, where it is entered.
    expect(laid?.loads.find(({ id }) => id === 'the tool')).toMatchObject({ at_mm: 270, torque_Nm: expect.closeTo(-T, 9) });
    // 30 mm outside of the first block: pull to the side, pulley and its part of the bar down.
    const g = 9.80665;
    const bar = ((Math.PI / 4) * 25 ** 2 * 7850e-9 * 60 * g * 30) / 1000;
    const expected = Math.hypot((F * 30) / 1000, (4 * g * 30) / 1000 + bar);
    const k = is?.at_mm.findIndex((at) => Math.abs(at - 60) < 1e-6) ?? -1;
    expect(Math.hypot(...(is?.moment_Nm[k] ?? [0, 0]))).toBeCloseTo(expected, 6);
  });

  it('holds where it is thick, is too thin where it is thin, and the sentence over the machine says so', () => {
    expect(check(rolled(), 'cracks').verdict).toBe('holds');
    const thin = rolled({ '@sections/bar/diameter': '9 mm', '@seats/belt-out/at': '5 mm', '@bearings/b1/at': '100 mm' });
    expect(check(thin, 'cracks').verdict).toBe('fails');
    expect(evaluateBuild(thin, kinds).verdict).toBe('fails');
    const said = say(check(thin, 'cracks').says, wordingFor(thin));
    expect(said).toMatch(/is too thin: at bearing A it is stressed with .*MPa on every turn; it lasts with .*MPa, so it cracks in time/);
  });

  it('of unknown steel is not known where the steel decides, and names what to look at', () => {
    const open = (diameter: string) => {
      const build = rolled({ '@sections/bar/diameter': diameter, '@seats/belt-out/at': '5 mm', '@bearings/b1/at': '100 mm' });
      const shafts = build.shafts.map((shaft) => ({
        ...shaft,
        sections: shaft.sections.map(({ inputs: { metal: _, ...inputs }, ...each }) => ({ ...each, inputs })),
      }));
      return { ...build, shafts };
    };
    expect(check(open('30 mm'), 'cracks').verdict).toBe('holds');
    const sizes = ['10 mm', '11 mm', '12 mm', '13 mm', '14 mm', '15 mm', '16 mm'].map((size) => check(open(size), 'cracks'));
    const decided = sizes.find(({ verdict }) => verdict === 'unknown');
    expect(decided?.unseen?.some((field) => field.endsWith('/metal'))).toBe(true);
  });

  it('says what it takes for granted: which way two belts pull, and the tool', () => {
    const assumes = (build: Build) => shaftOf(build).assumes.map(({ template }) => template);
    // One belt alone pulls to one side or the other: that is the same.
    expect(assumes(rolled()).some((each) => each.includes('which way'))).toBe(false);
    expect(assumes(rolled()).some((each) => each.startsWith('the tool is taken to push'))).toBe(true);
    const { forces: _, ...bare } = rolled();
    expect(assumes(bare).some((each) => each.includes('left out'))).toBe(true);
  });

  it('is not known where what the tool pushes with decides, and never holds in silence; entered, it bends the shaft', () => {
    const cart = (push: string | null) => rolled({ '@sections/bar/diameter': '17 mm' }, push);
    expect(check(cart('0 N'), 'cracks').verdict).toBe('holds');
    const open = check(rolled({ '@sections/bar/diameter': '13 mm' }, null), 'cracks');
    expect(open.verdict).toBe('unknown');
    expect(open.unseen?.some((field) => field.endsWith('-tool/force'))).toBe(true);
    expect(check(cart('4 kN'), 'cracks').verdict).toBe('fails');
  });

  it('that cannot lie so is named: a wheel off the end, one bearing', () => {
    const off = rolled({ '@seats/belt-out/at': '400 mm' });
    expect(say(check(off, 'cracks').says, wordingFor(off))).toMatch(/off the end of a shaft of 300 mm: driven wheel/);
    const [shaft] = rolled().shafts;
    const one = withoutPiece(rolled(), shaft?.id ?? '', 'bearings', 'b2');
    expect(check(one, 'cracks').verdict).toBe('unknown');
    expect(shaftOf(one).faults[0]).toMatch(/^only one bearing/);
    const three = withPieceAdded(rolled(), shaft?.id ?? '', 'bearings', 'bearing');
    // Where it is nobody has said yet.
    expect(check(three, 'cracks').verdict).toBe('unknown');
    const there = afterTyping(three, { [`@shafts/${shaft?.id}/@bearings/bearing-3/at`]: '280 mm' });
    const { laid } = shaftOf(there);
    expect(laid && bent(laid)?.reactions_N).toHaveLength(3);
  });

  it('is no longer said to be not worked out', () => {
    const what = (build: Build) =>
      evaluateBuild(build, kinds)
        .notWorkedOut.map((each) => say(each, wordingFor(build)))
        .join(' ');
    expect(what(crusher())).toContain('shaft strength');
    expect(what(rolled())).not.toContain('shaft strength');
    expect(what(rolled())).toContain('strength of shafts that are not entered');
  });

  it('is a rung of the jam, and holds against what the jam loads it with', () => {
    const rung = (build: Build) => evaluateBuild(build, kinds).lines[0]?.jam.rungs.find(({ id }) => id.endsWith('/bends'));
    const thick = rung(rolled());
    expect(thick).toMatchObject({ short: 'roll shaft bends', harm: 'breaking', verdict: 'holds' });
    const thin = rolled({ '@sections/bar/diameter': '8 mm', '@seats/belt-out/cut': 'nothing' });
    const [least, most] = [rung(thin), thick].map((each) => (each?.atTool.known ? each.atTool.value : Number.NaN));
    expect(least).toBeLessThan(most as number);
    expect(check(thin, 'bends')).toMatchObject({ verdict: 'fails', at: 'main/belt', id: 'main/@shafts/roll/check-bends' });
    expect(say(check(thin, 'bends').says, wordingFor(thin))).toMatch(
      /^In a jam the roll shaft is bent or twisted for good: it withstands .* N·m; the jam loads it with .* N·m\.$/,
    );
    // Slipping belts do not pull harder, so that between pulley and tool it is twist alone: Sy π d³ over 16 √3 of C45, less what bending takes of it.
    expect(least).toBeLessThan((430 * Math.PI * 8 ** 3) / (16 * Math.sqrt(3)) / 1000);
  });

  it('stops what spins the harder, the stiffer it is', () => {
    const jam = (diameter: string) => {
      const torque = evaluateBuild(rolled({ '@sections/bar/diameter': diameter }), kinds).lines[0]?.jam.torque;
      return torque?.known ? torque.value : Number.NaN;
    };
    expect(jam('40 mm')).toBeGreaterThan(jam('14 mm'));
  });

  it('has what is cut into its sections: a thread, a ring groove, a hole', () => {
    const weakest = (typed: Readonly<Record<string, string>>) => shaftOf(rolled({ '@seats/belt-out/cut': 'nothing', ...typed })).weakest;
    expect(weakest({ '@sections/bar/cut': 'thread' })?.id).toBe('the thread');
    expect(weakest({ '@sections/bar/hole': '8 mm', '@sections/bar/holeAt': '70 mm' })).toMatchObject({ id: 'the hole across it', at_mm: 70 });
    const groove = shaftOf(rolled({ '@sections/bar/groove': '2 mm' })).laid?.notches.find(({ id }) => id === 'the groove');
    expect(groove).toMatchObject({ at_mm: 300, root_mm: 21, Kf: 5 });
  });

  it('has a slope in its bearings: a bearing on a seat allows less of it than an insert that turns in its block', () => {
    const soft = { '@sections/bar/diameter': '12 mm', '@seats/belt-out/at': '0 mm', '@bearings/b1/at': '140 mm' };
    expect(check(rolled(soft), 'slope').verdict).toBe('holds');
    expect(check(rolled({ ...soft, '@bearings/b1/marks': 'seat', '@bearings/b2/marks': 'seat' }), 'slope').verdict).toBe('fails');
  });

  it('whirls sooner on bearings that give way, and a wheel out of balance turns with it', () => {
    const whirl = (typed: Readonly<Record<string, string>>) => {
      const { has } = check(rolled({ '@seats/belt-out/mass': '4 kg', ...typed }), 'whirls');
      return has.known ? has.value : Number.NaN;
    };
    expect(whirl({ '@bearings/b1/gives': '50 N/mm', '@bearings/b2/gives': '50 N/mm' })).toBeLessThan(0.7 * whirl({}));
    const build = rolled({ '@seats/belt-out/unbalance': '0.2 kg·mm' });
    const { laid, speed_rpm } = shaftOf(build);
    expect(laid?.loads[0]?.turning_N).toBeCloseTo(0.0002 * ((speed_rpm * Math.PI) / 30) ** 2, 6);
  });

  it('says where the bore of a wheel is not as thick as the shaft is', () => {
    const apart = (diameter: string) => {
      const build = afterTyping(rolled({ '@sections/bar/diameter': diameter }), { 'main/belt/drivenBore': '25 mm' });
      return shaftOf(build).assumes.map((each) => say(each, wordingFor(build)));
    };
    expect(apart('25 mm').some((said) => said.startsWith('The bore of'))).toBe(false);
    expect(apart('31 mm').some((said) => /^The bore of the driven wheel .* is entered as .* and the shaft is 31 mm there/.test(said))).toBe(true);
  });

  it('that two lines share has the wheels and torques of both', () => {
    const build = rolled();
    const [main] = build.lines as [Build['lines'][number]];
    const other = { ...main, id: 'other', name: 'other' };
    const [shaft] = build.shafts as [Build['shafts'][number]];
    const [seat] = shaft.seats as [(typeof shaft.seats)[number]];
    const second = {
      ...seat,
      id: 'other-out',
      name: 'pulley of the other',
      of: { ...seat.of, line: 'other' },
      inputs: { at: { text: '150 mm', value: 150, unit: 'mm' as const, how: 'measured' as const } },
    };
    const both: Build = { ...build, lines: [main, other], shafts: [{ ...shaft, seats: [seat, second] }] };
    const [alone, shared] = [shaftOf(build).laid, shaftOf(both).laid];
    expect(shared?.loads.map(({ id }) => id)).toEqual(expect.arrayContaining([seat.name, 'pulley of the other']));
    const taken = (laid: typeof alone) => laid?.loads.find(({ id }) => id === 'the tool')?.torque_Nm;
    expect(taken(shared)).toBeCloseTo(2 * (taken(alone) ?? Number.NaN), 6);
    // It is judged once, with the line of its first wheel.
    const { lines } = evaluateBuild(both, kinds);
    expect(lines.map(({ shafts }) => shafts?.length ?? 0)).toEqual([1, 0]);
  });

  it('that is not entered is silent where its bores are thick, and not known where they cannot do', () => {
    const thin = (bore: string) =>
      evaluateBuild(afterTyping(crusher(), { 'main/belt/drivenBore': bore }), kinds).lines[0]?.ledger.find(({ id }) =>
        id.endsWith('/check-too-thin'),
      );
    expect(thin('25 mm')).toBeUndefined();
    expect(thin('4 mm')?.verdict).toBe('unknown');
    const said = thin('4 mm')?.says;
    expect(said && say(said, wordingFor(crusher()))).toMatch(
      /^Whether the roll shaft lasts is not known yet: as thick as its bores, 4 mm, it would crack with 8 N·m and a pull of .* N; enter it under Shafts\.$/,
    );
  });

  it('bends under a gear that meshes: close at worst, and said of gears alone', () => {
    const build = rolled({ '@sections/bar/diameter': '16 mm', '@seats/belt-out/at': '0 mm', '@bearings/b1/at': '140 mm' });
    expect(evaluateBuild(build, kinds).lines[0]?.ledger.some(({ id }) => id.endsWith('/check-mesh'))).toBe(false);
    const [line] = build.lines as [Build['lines'][number]];
    const gear = { id: 'belt', kind: 'gear-pair', v: 1, inputs: {} };
    const entered = afterTyping(
      { ...build, lines: [{ ...line, stages: [gear] }] },
      { 'main/belt/module': '2 mm', 'main/belt/z1': '20', 'main/belt/z2': '66', 'main/belt/face': '20 mm' },
    );
    const mesh = (of: Build) => evaluateBuild(of, kinds).lines[0]?.ledger.find(({ id }) => id.endsWith('/check-mesh'));
    expect(mesh(entered)?.verdict).toBe('close');
    const stiff = afterTyping(entered, {
      '@shafts/roll/@sections/bar/diameter': '50 mm',
      '@shafts/roll/@seats/belt-out/at': '110 mm',
      '@shafts/roll/@bearings/b1/at': '60 mm',
    });
    expect(mesh(stiff)?.verdict).toBe('holds');
  });

  it('whirls over a range where the weight of a wheel has one', () => {
    const { has } = check(rolled({ '@seats/belt-out/mass': '2 to 12 kg' }), 'whirls');
    const at = (mass: string) => {
      const sure = check(rolled({ '@seats/belt-out/mass': mass }), 'whirls').has;
      return sure.known ? sure.value : Number.NaN;
    };
    expect(has).toMatchObject({ low: expect.closeTo(at('12 kg'), 6), high: expect.closeTo(at('2 kg'), 6) });
  });

  it('is judged as one that was never judged before, whatever was typed between', () => {
    const told = (build: Build) => {
      const { checks, lines } = evaluateBuild(build, kinds);
      return [
        checks.map(({ id, verdict, margin }) => [id, verdict, margin]),
        lines[0]?.jam.rungs.map(({ id, atTool }) => [id, atTool.known && [atTool.low, atTool.high]]),
      ];
    };
    const build = rolled({ '@sections/bar/diameter': '13 mm' }, null);
    const first = told(structuredClone(build));
    told(build);
    for (const torque of ['5 N·m', '9 to 14 N·m', '30 N·m']) told(afterTyping(build, { 'main/work/torque': torque }));
    expect(told({ ...build })).toEqual(first);
    const other = afterTyping(build, { 'main/work/torque': '9 to 14 N·m' });
    expect(told(other)).toEqual(told(structuredClone(other)));
  });
});
