import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { told } from '../../test/told.js';

import { kindHead, loadKinds } from '../kinds/registry.js';
import { withKind } from '../machine/reshape.js';

const kinds = await loadKinds();

/** The check of a shredder under a kind of motor, as its fields say. */
const reversal = (source: string, fields: Record<string, string>, work = 'shredder') => {
  const build = withKind(withKind(crusher(), 'main/work', work), 'main/source', source);
  const typed = Object.fromEntries(Object.entries(fields).map(([name, text]) => [`main/source/${name}`, text]));
  return told(afterTyping(build, typed), kinds).checks.find(({ id }) => id === 'main/source/check-reverses');
};

// Textbooks on electric machines (from memory): two phases changed over; the start winding at standstill; copper rings turn one way; an engine has one direction.
it.each([
  ['plate-motor', { phases: '3' }, 'holds', /by its switch, drive or valve: a jam is turned back/],
  ['plate-motor', { phases: '1', start: 'capacitor-start' }, 'holds', /at standstill: a jam is turned back/],
  ['plate-motor', { phases: '1', start: 'shaded-pole' }, 'close', /one way only, and a jam is turned back: by hand while it is stopped/],
  ['gearmotor', { inside: 'dc' }, 'holds', /at standstill/],
  ['gearmotor', { inside: 'shaded-pole' }, 'close', /one way only/],
  ['pm-dc', {}, 'holds', /at standstill/],
  ['brushless', {}, 'holds', /by its switch, drive or valve/],
  ['engine', {}, 'close', /one way only/],
] as const)('%s with %j turns a shredder back: %s', (source, fields, verdict, says) => {
  expect(reversal(source, fields)).toMatchObject({ verdict, says: expect.stringMatching(says) });
});

it('how it starts is missing where copper rings are possible, and only there', () => {
  expect(reversal('plate-motor', { phases: '1', start: '?', power: '60 W' })).toMatchObject({
    verdict: 'unknown',
    says: expect.stringContaining('starting'),
  });
  expect(reversal('plate-motor', { phases: '1', start: '?', power: '550 W' })?.verdict).toBe('holds');
});

it('nothing is said of it where the work turns one way', () => {
  expect(kindHead('work', 'rotary-tumbler')?.sizing?.reverses).toBeUndefined();
  expect(reversal('engine', {}, 'rotary-tumbler')).toBeUndefined();
  // A cart goes without.
  expect(reversal('engine', {}, 'wheel-drive')).toBeUndefined();
});
