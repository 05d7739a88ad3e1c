import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { told } from '../../test/told.js';
import type { Known } from '../figure/figure.js';
import { loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { withKind, withStageAdded } from '../machine/reshape.js';
import { evaluateBuild } from './evaluate-build.js';
import { figureAt } from './figure-paths.js';

const kinds = await loadKinds();
const wished = (build: Build) => afterTyping(build, { 'wishes/leastSpeed': '423 rpm', 'wishes/mostSpeed': '?' });
const noMotor = wished(withKind(crusher(), 'main/source', 'open'));
const nothing = withKind(noMotor, 'main/belt', 'open');
const noBelt = wished(withKind(crusher(), 'main/belt', 'open'));
const value = (build: Build, path: string) => (figureAt(evaluateBuild(build, kinds), path) as Known).value;

describe('a line with nothing to drive it', () => {
  it('says what the work needs, and that nothing drives it yet', () => {
    const { says, verdict } = told(nothing, kinds);
    expect(says).toMatch(
      /^The roll needs 8 N·m at 423 rpm, 35\d W; with usual losses 36\d to 3[89]\d W at the motor; nothing drives it yet\. Look for 0\.55 kW/,
    );
    expect(verdict).toBe('unknown');
  });

  it('lists nothing that hangs on what is not chosen, and no jam', () => {
    const { checks, jam, lines } = evaluateBuild(nothing, kinds);
    expect(lines[0]?.checks.some(({ id, verdict }) => id === 'main/work/check-carries' && verdict === 'unknown')).toBe(true);
    expect(checks.map(({ id }) => id)).not.toContain('main/work/check-carries');
    expect(checks.map(({ id }) => id)).not.toContain('main/source/check-starts');
    expect(jam).toEqual([]);
  });

  // By hand: 1425 / 423 is 3.369; in two stages the root of it each.
  it('has the speed of a usual motor, and the ratio that is left in what is open', () => {
    expect(value(nothing, 'main/motor/speed')).toBe(1425);
    expect(value(nothing, 'main/roll/speed')).toBeCloseTo(423, 9);
    expect(value(nothing, 'main/belt/ratio')).toBeCloseTo(3.369, 3);
    const two = withStageAdded(nothing, 'main', 1, 'open');
    expect(value(two, 'main/belt/ratio')).toBeCloseTo(Math.sqrt(3.369), 3);
    expect(value(two, 'main/open/ratio')).toBeCloseTo(Math.sqrt(3.369), 3);
  });

  it('takes what was entered before what is usual', () => {
    const typed = afterTyping(nothing, { 'main/source/speed': '2850', 'main/belt/ratio': '6' });
    expect(value(typed, 'main/motor/speed')).toBe(2850);
    expect(value(typed, 'main/roll/speed')).toBe(475);
  });

  it('on 60 Hz turns a fifth faster, and a fast tool has two poles', () => {
    expect(value(afterTyping(nothing, { 'supply/frequency': '60 Hz' }), 'main/motor/speed')).toBe(1725);
    expect(value(afterTyping(nothing, { 'wishes/leastSpeed': '2800 rpm' }), 'main/motor/speed')).toBe(2850);
  });

  it('through stages that are there has a motor of the poles that the tool needs', () => {
    expect(value(noMotor, 'main/motor/speed')).toBe(1425);
    expect(value(afterTyping(noMotor, { 'wishes/leastSpeed': '900 rpm' }), 'main/motor/speed')).toBe(2850);
    expect(told(noMotor, kinds).says).toContain('with its losses');
  });

  it('names the brief where nothing says how fast the tool turns', () => {
    const { says } = told(afterTyping(nothing, { 'wishes/leastSpeed': '?' }), kinds);
    expect(says).toContain('the brief does not say how fast it turns');
  });
});

describe('a line with an open stage behind a motor', () => {
  it('is judged with what such a stage usually loses, and says what it must be', () => {
    const { says, lines, verdict } = told(noBelt, kinds);
    expect(says).toMatch(/^Between them 3\.37 to 1: usually one belt/);
    expect(says).toContain('The motor is strong enough');
    expect(lines[0]?.checks[0]?.verdict).not.toBe('unknown');
    expect(verdict).toBe('unknown');
  });

  it('fails where the motor is too weak for it, whatever is chosen between', () => {
    const { verdict, says } = told(afterTyping(noBelt, { 'main/source/power': '0.12 kW' }), kinds);
    expect(verdict).toBe('fails');
    expect(says).toContain('The motor is too weak');
  });

  it('is drawn at the sizes that the ratio suggests, within what a shed has room for', () => {
    const outline = (build: Build) => evaluateBuild(build, kinds).lines[0]?.outlines[0];
    expect(outline(noBelt)?.driver).toBe(71);
    expect(outline(noBelt)?.driven).toBeCloseTo(71 * 3.369, 0);
    const slow = outline(afterTyping(noBelt, { 'main/belt/ratio': '7.9' }));
    expect(slow?.driven).toBeCloseTo(71 * Math.sqrt(7.9), 6);
    const up = outline(afterTyping(noBelt, { 'main/belt/ratio': '0.1' }));
    expect(Math.max(up?.driver ?? 0, up?.driven ?? 0)).toBeLessThanOrEqual(400);
    expect(outline(afterTyping(noBelt, { 'wishes/leastSpeed': '?' }))?.driven).toBeNull();
  });
});
