import { describe, expect, it } from 'vitest';
import { crusher, inputAt } from '../../test/crusher.js';
import { told } from '../../test/told.js';
import { loadKinds } from '../kinds/registry.js';
import type { Build } from './build.js';
import { withInput } from './paths.js';
import { withKind, withoutStage, withStageAdded, withStageAt, withStageDoubled, withStageMoved } from './reshape.js';
import { upgradeBuild } from './upgrade.js';

const kinds = await loadKinds();
const line = (build: Build) => build.lines[0] as Build['lines'][number];
const stations = (build: Build) => line(build).stations.map((station) => station.id);
const stages = (build: Build) => line(build).stages.map((stage) => stage.id);

describe('a stage', () => {
  it('is put in with the shaft behind it, at either end, and the line still works out', () => {
    const after = withStageAdded(crusher(), 'main', 1, 'v-belt');
    expect([stages(after), stations(after)]).toEqual([
      ['belt', 'v-belt'],
      ['motor', 'layshaft', 'roll'],
    ]);
    const before = withStageAdded(after, 'main', 0, 'v-belt');
    expect([stages(before), stations(before)]).toEqual([
      ['v-belt-2', 'belt', 'v-belt'],
      ['motor', 'layshaft-2', 'layshaft', 'roll'],
    ]);
    expect(told(before, kinds).says).toContain('not known yet: enter driving pulley');
  });

  it('taken out leaves the motor’s and the tool’s shaft; the last one leaves a motor that turns the tool', () => {
    const two = withStageAdded(crusher(), 'main', 1, 'v-belt');
    expect(stations(withoutStage(two, 'main/belt'))).toEqual(['motor', 'roll']);
    expect(stations(withoutStage(two, 'main/v-belt'))).toEqual(['motor', 'roll']);
    const none = withoutStage(crusher(), 'main/belt');
    expect([stages(none), stations(none)]).toEqual([[], ['roll']]);
    expect(told(none, kinds).says).toContain('3.69 N·m reaches the roll');
  });

  it('changes places with its neighbour, and stays where there is none', () => {
    const two = withStageAdded(crusher(), 'main', 1, 'v-belt');
    expect(stages(withStageMoved(two, 'main/belt', 1))).toEqual(['v-belt', 'belt']);
    expect(withStageMoved(two, 'main/belt', -1)).toEqual(two);
  });
});

describe('an element as another kind', () => {
  it('keeps what both kinds have by the same name', () => {
    const milled = withKind(crusher(), 'main/work', 'fruit-crusher');
    expect(line(milled).work).toMatchObject({ kind: 'fruit-crusher', v: 1, inputs: { jam: { text: 'fruit' } } });
    expect(inputAt(milled, 'main/work/torque')).toBeUndefined();
    expect(withKind(crusher(), 'main/feed', 'mains').lines[0]?.source.feed?.inputs).toHaveProperty('length');
  });

  it('keeps its efficiency when gears become a gearbox, from a file in which that was called kept as well', () => {
    const efficiency = { text: '97 %', value: 0.97, unit: '1', how: 'measured' } as const;
    const gears = withInput(withStageAdded(crusher(), 'main', 1, 'gear-pair'), 'main/gear-pair/efficiency', efficiency);
    expect(inputAt(withKind(gears, 'main/gear-pair', 'gearbox'), 'main/gear-pair/efficiency')).toEqual(efficiency);
    const old = JSON.parse(JSON.stringify(gears).replace('"kind":"gear-pair","v":2', '"kind":"gear-pair","v":1').replace('"efficiency":', '"kept":'));
    const opened = upgradeBuild(old).build as Build;
    expect(inputAt(withKind(opened, 'main/gear-pair', 'gearbox'), 'main/gear-pair/efficiency')).toEqual(efficiency);
  });

  it('takes a source’s settings along, less what the new kind does not know', () => {
    const build = crusher();
    const entry = { text: '700 rpm', value: 700, unit: 'rpm', how: 'plate' } as const;
    const step = { text: '80 mm', value: 80, unit: 'mm', how: 'chosen' } as const;
    const inputs = { 'source/speed': entry, 'source/frequency': { ...entry, text: '25 Hz', value: 25, unit: 'Hz' }, 'belt/driver': step } as const;
    const set: Build = { ...build, lines: [{ ...line(build), settings: [{ id: 'slow', name: 'slow', inputs }] }] };
    const changed = (next: Build) => line(next).settings?.map((each) => each.inputs);
    expect(changed(withKind(set, 'main/source', 'engine'))).toEqual([{ 'source/speed': entry, 'belt/driver': step }]);
    expect(changed(withoutStage(set, 'main/belt'))).toEqual([{ 'source/speed': entry, 'source/frequency': inputs['source/frequency'] }]);
  });

  it('is refused where there is no such kind or place', () => {
    expect(() => withKind(crusher(), 'main/work', 'v-belt')).toThrow(RangeError);
    expect(() => withKind(crusher(), 'main/chain', 'v-belt')).toThrow(RangeError);
    expect(() => withStageAdded(crusher(), 'axis', 0, 'v-belt')).toThrow(RangeError);
  });
});

describe('a stage among others', () => {
  const three = () => withStageAdded(withStageAdded(crusher(), 'main', 1, 'roller-chain'), 'main', 2, 'coupling');

  it('is taken to any place, the shafts staying where they are', () => {
    const after = withStageAt(three(), 'main/belt', 2);
    expect(stages(after)).toEqual(['roller-chain', 'coupling', 'belt']);
    expect(stations(after)).toEqual(stations(three()));
    expect(withStageAt(after, 'main/belt', 0)).toEqual(three());
    expect(withStageAt(three(), 'main/belt', 7)).toEqual(three());
  });

  it('is doubled with its entries, and the two are apart from then on', () => {
    const after = withStageDoubled(crusher(), 'main/belt');
    expect(stages(after)).toEqual(['belt', 'v-belt']);
    expect(line(after).stages[1]?.inputs).toEqual(line(after).stages[0]?.inputs);
    expect(stations(after)).toHaveLength(3);
    expect(() => withStageDoubled(crusher(), 'main/none')).toThrow(RangeError);
  });
});

describe('a place that is opened', () => {
  const opened = withKind(withKind(crusher(), 'main/source', 'open'), 'main/belt', 'open');

  it('holds what was in it, and choosing the same kind again finds all of it', () => {
    expect(line(opened).source.inputs).toEqual({});
    expect(line(opened).source).toMatchObject({
      kind: 'open',
      inputs: {},
      was: { kind: 'plate-motor', inputs: line(crusher()).source.inputs },
    });
    expect(line(opened).stages[0]).toMatchObject({ id: 'belt', kind: 'open', was: { kind: 'v-belt' } });
    expect(withKind(withKind(opened, 'main/source', 'plate-motor'), 'main/belt', 'v-belt')).toEqual(crusher());
  });

  it('filled with another kind takes up what both have, and what was entered in it goes before', () => {
    const fast = withInput(opened, 'main/source/speed', { text: '2850', value: 2850, unit: 'rpm', how: 'chosen' });
    const engine = line(withKind(fast, 'main/source', 'engine')).source;
    expect(engine.inputs.speed?.text).toBe('2850');
    expect(engine.inputs.power).toEqual(line(crusher()).source.inputs.power);
    expect(engine).not.toHaveProperty('was');
  });

  it('opened again, or chosen as it is, stays as it is', () => {
    expect(withKind(opened, 'main/source', 'open')).toEqual(opened);
    expect(withKind(crusher(), 'main/source', 'plate-motor')).toEqual(crusher());
  });

  it('keeps the settings of a source with it', () => {
    const inputs = { 'source/speed': { text: '700', value: 700, unit: 'rpm', how: 'plate' } } as const;
    const two: Build = { ...crusher(), lines: [{ ...line(crusher()), settings: [{ id: 'slow', name: 'Slow', inputs }] }] };
    const shut = withKind(two, 'main/source', 'open');
    expect(line(shut).settings).toEqual(line(two).settings);
    expect(withKind(shut, 'main/source', 'plate-motor')).toEqual(two);
    expect(line(withKind(shut, 'main/source', 'hand-crank')).settings?.[0]?.inputs).toEqual(inputs);
    expect(line(withKind(shut, 'main/source', 'engine')).settings?.[0]?.inputs).toEqual(inputs);
  });

  it('is raised to newer versions with what it holds', () => {
    const old = {
      ...opened,
      lines: [
        {
          ...line(opened),
          work: { kind: 'direct', v: 1, inputs: {} },
          source: { ...line(opened).source, was: { kind: 'plate-motor', v: 1, inputs: {} } },
        },
      ],
    };
    const raised = (upgradeBuild(old).build as Build).lines[0];
    expect(raised?.source.was?.v).toBe(2);
    const newer = { ...opened, lines: [{ ...line(opened), source: { ...line(opened).source, was: { kind: 'plate-motor', v: 99, inputs: {} } } }] };
    expect(upgradeBuild(newer).tooNew[0]).toMatchObject({ path: 'lines.0.source.was' });
  });
});
