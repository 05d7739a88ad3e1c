import { describe, expect, it } from 'vitest';
import { afterTyping, crusher } from '../../../test/crusher.js';
import { told } from '../../../test/told.js';
import { withKind } from '../../machine/reshape.js';
import { loadKinds } from '../registry.js';

const kinds = await loadKinds();
const typed = (fields: Record<string, string>, kind = 'direct') => told(afterTyping(withKind(crusher(), 'main/work', kind), fields), kinds);
const beware = (fields: Record<string, string>, kind?: string) => typed(fields, kind).cautions.join('\n');

describe('what to beware of goes by what the tool is', () => {
  it.each(['direct', 'measured'])('work that is %s has cautions of its own, chosen or not', (kind) => {
    expect(beware({ 'main/work/tool': 'wheel' }, kind)).toContain('tap it for a clear ring');
    expect(beware({ 'main/work/tool': 'pump' }, kind)).toContain('Oil under pressure goes through skin');
    expect(beware({ 'main/work/tool': 'roll' }, kind)).toContain('does not release a finger');
    expect(beware({ 'main/work/tool': '?' }, kind)).toContain('Whatever turns winds up sleeves');
    expect(typed({ 'main/work/tool': '?' }, kind).notWorkedOut).toContain('what the tool is');
  });

  it('a hoist never lifts people, and what holds its load is not worked out', () => {
    expect(beware({ 'main/work/tool': 'hoist' })).toContain('It never lifts people');
    expect(typed({ 'main/work/tool': 'hoist' }).notWorkedOut).toContain('what holds the load when the power is off');
  });

  it('each is said once', () => {
    const { cautions } = typed({ 'main/work/tool': 'chuck' });
    expect(new Set(cautions).size).toBe(cautions.length);
  });
});

describe('run-down', () => {
  // By hand: 2 kg·m² behind 3.33 to 1 are 0.18 kg·m² at the motor, 157 rad/s: 28 N·m·s over 2 to 10 % of 3.69 N·m are more than a minute.
  it('is told where it is long, from inertia and friction, and not where the load stops it', () => {
    const heavy = typed({ 'main/work/inertia': '2 kg·m²' });
    expect(heavy.cautions.join(' ')).toMatch(/Switched off and with nothing in it, it may turn on for .*: wait until it is still/);
    const light = typed({ 'main/work/inertia': '0.001 kg·m²' });
    expect(light.cautions.join(' ')).not.toContain('Switched off');
    const drum = told(withKind(crusher(), 'main/work', 'rotary-tumbler'), kinds);
    expect(drum.cautions.join(' ')).not.toContain('Switched off');
  });
});

it('a measured tool is held to its mark and its material', () => {
  const at = (fields: Record<string, string>) =>
    typed({ 'main/work/speed': '400 rpm', 'main/work/diameter': '160 mm', ...fields }, 'measured').checks;
  expect(at({ 'main/work/most': '300 rpm' }).find(({ id }) => id === 'main/work/check-speed')?.verdict).toBe('fails');
  expect(at({ 'main/work/made': 'wood' }).find(({ id }) => id === 'main/work/check-rim')?.verdict).toBe('holds');
});
