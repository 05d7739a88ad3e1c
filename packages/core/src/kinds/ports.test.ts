import fc from 'fast-check';
import { unit } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { pressed, withPushAndOil } from '../../test/push-and-oil.js';
import { type Figure, fixed, type Known } from '../figure/figure.js';
import type { Build } from '../machine/build.js';
import { kindsFitting, stagesFitting } from '../machine/neighbours.js';
import { evaluateBuild } from '../procedures/evaluate-build.js';
import { labelledFigures } from '../procedures/figure-labels.js';
import { figuresByPath } from '../procedures/figure-paths.js';
import { walk } from '../procedures/walk-line.js';
import { say, sayAll, wordingFor } from '../wording/wording.js';
import { fitsBetween } from './neighbours.js';
import { energyAt, fits, type Port, type PortKind, powerAt, unitAt } from './ports.js';
import { kindHeads } from './registry.js';

const kinds = await withPushAndOil();
const value = (figure: Figure | undefined) => (figure as Known).value;
const line = (build: Build) => build.lines[0] as Build['lines'][number];
const told = (build: Build) => sayAll(evaluateBuild(build, kinds).says, wordingFor(build));

/** Units of each port as the units library calls them; a turn a minute is an angular speed. */
const units = { rotary: ['N m', 'Hz', Math.PI / 30], linear: ['N', 'm/s', 1], fluid: ['bar', 'L/minute', 1] } as const;

describe.each(Object.keys(units) as PortKind[])('a %s port', (is) => {
  const port = (effort: number, flow: number) => {
    const at = { is, effort: fixed(unitAt(is, 'effort'), effort, ''), flow: fixed(unitAt(is, 'flow'), flow, '') } as unknown as Port<'rotary'>;
    return { at, power: value(powerAt(at)) };
  };
  const number = fc.double({ min: 1e-3, max: 900, noNaN: true });

  it('has as its power its effort times its flow, by mathjs', () => {
    const [effortUnit, flowUnit, times] = units[is];
    fc.assert(
      fc.property(number, number, (effort, flow) => {
        const watts = unit(`${effort} ${effortUnit}`)
          .multiply(unit(`${flow * times} ${flowUnit}`))
          .toSI()
          .toNumber('W');
        expect(port(effort, flow).power / watts).toBeCloseTo(1, 12);
      }),
      { seed: 241, numRuns: 1_000 },
    );
  });

  it('releases what moves there by half of it times the square of its speed', () => {
    const [, , times] = units[is];
    const energy = value(energyAt(port(1, 60).at, fixed('kg·m²', 4, '')));
    expect(energy).toBeCloseTo(is === 'fluid' ? 0 : (4 * (60 * times) ** 2) / 2, 9);
  });
});

describe('a line that turns, pumps and pushes', () => {
  const build = pressed(['pump', 'ram']);
  const { walked } = walk(line(build), kinds, build);

  // Reference: hyd-pump-01 (8 cm³, 93 %, 90 %; at 200 bar 28.294 N·m, at 1440 rpm 10.7136 L/min), hyd-cyl-02 (80 mm at 180 bar 90.478 kN, 16 L/min 53.052 mm/s).
  it('is what the trade works out of pump and ram', () => {
    const [motor, pipe, rod] = walked.stations;
    expect(pipe?.is).toBe('fluid');
    expect(value(pipe?.flow) / value(motor?.flow)).toBeCloseTo(10.7136 / 1440, 9);
    expect(value(pipe?.effort) / value(motor?.effort)).toBeCloseTo(200 / 28.29421, 5);
    expect(rod?.is).toBe('linear');
    expect(value(rod?.effort) / value(pipe?.effort)).toBeCloseTo(90_477.87 / 180, 3);
    expect(value(rod?.flow) / value(pipe?.flow)).toBeCloseTo(0.05305165 / 16, 9);
  });

  it.each(['pump ram', 'screw', 'v-belt screw'])('loses on its way what does not arrive: %s', (stages) => {
    const of = stages.split(' ');
    const made = pressed(of);
    const entered =
      of[0] === 'v-belt' ? { driver: { text: '80 mm', value: 80, how: 'measured' }, driven: { text: '160 mm', value: 160, how: 'measured' } } : {};
    const [first] = line(made).stages;
    const whole = { ...made, lines: [{ ...line(made), stages: [{ ...first, inputs: entered }, ...line(made).stages.slice(1)] }] } as Build;
    const { walked: all } = walk(line(whole), kinds, whole);
    expect(all.stations.map(({ running }) => running?.power.known)).toEqual(all.stations.map(() => true));
    for (const [k, { id }] of line(whole).stages.entries()) {
      const own = all.figures.get(`main/${id}`);
      for (const [state, at] of [
        ['', all.stations.map(({ power }) => value(power))],
        ['running-', all.stations.map(({ running }) => value(running?.power))],
      ] as const) {
        const lost = value(own?.get(`${state}lost-to-friction`)) + (own?.has(`${state}lost-to-slip`) ? value(own.get(`${state}lost-to-slip`)) : 0);
        expect(Math.abs((at[k] as number) - (at[k + 1] as number) - lost)).toBeLessThan(1e-9 * (at[0] as number));
      }
    }
  });

  it('runs faster than at full load where it is loaded less, and is told in its own units', () => {
    const [motor, , rod] = walked.stations;
    expect(value(motor?.running?.flow)).toBeGreaterThan(value(motor?.flow));
    expect(value(rod?.running?.effort)).toBe(9_000);
    const evaluation = evaluateBuild(build, kinds);
    expect(evaluation.checks.filter(({ verdict }) => verdict === 'fails')).toEqual([]);
    expect(told(build)).toContain('9000 N');
    const paths = figuresByPath(evaluation);
    expect([paths.get('main/s1/pressure')?.unit, paths.get('main/s1/running-flow')?.unit, paths.get('main/s2/force')?.unit]).toEqual([
      'bar',
      'L/min',
      'N',
    ]);
    expect(labelledFigures(build, evaluation).find(({ path }) => path === 'main/s1/running-pressure')?.label).toBe('Pressure');
  });
});

describe('neighbours that disagree', () => {
  it('are named, with what fits between them', () => {
    expect(told(pressed(['v-belt', 'ram']))).toBe('The V-belt turns a shaft, the ram needs oil: a pump fits between.');
    expect(told(pressed(['v-belt']))).toBe('The V-belt turns a shaft, the pressing needs a push along: a screw fits between.');
    expect(told(pressed([]))).toBe('The motor turns a shaft, the pressing needs a push along: a screw fits between.');
    expect(told(pressed(['ram', 'v-belt'], 'direct'))).toBe(
      'The motor turns a shaft, the ram needs oil: a pump fits between. The ram pushes along, the V-belt needs a turning shaft: choose another for one of them.',
    );
  });

  it('leave the other lines as they are, and the line its drawing and its names', () => {
    const wrong = pressed(['v-belt', 'ram']);
    const good = pressed(['pump', 'ram']);
    const both = { ...wrong, lines: [line(wrong), { ...line(good), id: 'second', name: 'the ram' }] };
    const { lines, verdict, says } = evaluateBuild(both, kinds);
    expect([verdict, lines.map((each) => each.verdict === 'fails')]).toEqual(['fails', [true, false]]);
    expect(says.map((each) => say(each, wordingFor(both)))[0]).toMatch(/^motor to tool: the V-belt turns a shaft/i);
    expect(lines[0]?.outlines).toHaveLength(2);
    expect(lines[0]?.stations.map(({ name }) => name)).toEqual(['motor shaft', 'place 1', 'place 2']);
    expect(lines[1]?.stations.every(({ effort }) => effort.known)).toBe(true);
  });

  it('are none beside a place that is open: it holds any port, and is known where both sides turn', () => {
    const open = pressed(['open']);
    const [line_] = evaluateBuild(open, kinds).lines;
    expect(line_?.isApart).toBeUndefined();
    expect(line_?.stations.map(({ is }) => is)).toEqual(['rotary', 'linear']);
    expect(line_?.stations[1]?.effort).toMatchObject({ known: false, unit: 'N', missing: ['main/e1'] });
    expect(evaluateBuild(pressed(['pump', 'open']), kinds).lines[0]?.stations.map(({ is }) => is)).toEqual(['rotary', 'fluid', 'linear']);
  });
});

describe('what is offered', () => {
  it('is what fits on both sides', () => {
    const head = (ports: readonly ['rotary' | 'fluid' | 'linear' | 'any' | null, 'rotary' | 'fluid' | 'linear' | 'any' | null]) => ({
      ports,
      noun: 'it',
    });
    const motor = head([null, 'rotary']);
    const ram = head(['fluid', 'linear']);
    expect(fitsBetween(motor, head(['rotary', 'fluid']), ram)).toBe(true);
    expect(fitsBetween(motor, head(['rotary', 'rotary']), ram)).toBe(false);
    expect(fitsBetween(motor, head(['any', 'any']), ram)).toBe(true);
    expect([fits('any', 'fluid'), fits('rotary', null), fits('linear', 'linear')]).toEqual([true, false, true]);
  });

  it('is every stage of today between two shafts, and none of them before a ram', () => {
    expect(stagesFitting(line(pressed(['v-belt'], 'direct')), 1)).toEqual(kindHeads('stage'));
    expect(kindsFitting(line(pressed(['v-belt'], 'direct')), 'main/e1', 'stage')).toEqual(kindHeads('stage'));
    expect(kindsFitting(line(pressed(['v-belt'], 'direct')), 'main/feed', 'feed')).toEqual(kindHeads('feed'));
  });
});
