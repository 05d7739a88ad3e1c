import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { afterTyping, crusher } from '../../test/crusher.js';
import { told } from '../../test/told.js';
import { loadKinds } from '../kinds/registry.js';
import { readQuantity } from '../quantity/read-quantity.js';
import { blankBuild } from './blank-build.js';
import { fromMark } from './fill-from-mark.js';
import { placesOf } from './paths.js';

const readme = readFileSync(new URL('../../../../README.md', import.meta.url), 'utf8');
const [, tour = '', first = ''] = /## A tour\n([\s\S]*?)\n## Your first build[^\n]*\n([\s\S]*?)\n## /.exec(readme) ?? [];

/** The first build as the README has it typed, choices as they are kept. */
const typed: readonly (readonly [path: string, text: string])[] = [
  ['source/power', '0.55 kW'],
  ['source/speed', '1425'],
  ['source/powerIs', 'shaft'],
  ['source/phases', '1'],
  ['source/start', 'capacitor-start'],
  ['source/voltage', '230 V'],
  ['source/current', '4.1 A'],
  ['source/frequency', '50 Hz'],
  ['source/duty', 'S1'],
  ['source/protector', 'hand-reset'],
  ['source/shaft', '19 mm'],
  ['belt/section', 'A'],
  ['belt/driver', '75'],
  ['belt/driven', '250'],
  ['belt/centres', '420'],
  ['belt/belt', '53 in'],
  ['belt/lengthIs', 'inside'],
  ['belt/slotIn', '16'],
  ['belt/slotOut', '20'],
  ['belt/push', '9.5 N'],
  ['belt/deflection', '6.4 mm'],
  ['belt/driverFixing', 'key'],
  ['belt/driverBore', '19'],
  ['belt/driverLength', '20 mm'],
  ['belt/driverHub', 'iron'],
  ['belt/drivenFixing', 'key'],
  ['belt/drivenBore', '25'],
  ['belt/drivenLength', '40 mm'],
  ['belt/drivenHub', 'steel'],
  ['belt/drivenMass', '3.4 kg'],
  ['work/torque', '8 N·m'],
  ['work/breakaway', '11 N·m'],
  ['work/shock', 'light'],
  ['work/diameter', '160 mm'],
  ['work/stops', '60°'],
  ['feed/length', '25 m'],
  ['feed/section', '1.5 mm²'],
];

it('the first build, typed as the README has it, is strong enough as the demo is', async () => {
  const build = afterTyping(blankBuild('Crusher'), Object.fromEntries(typed.map(([path, text]) => [`main/${path}`, text])));
  for (const [path, text] of typed) {
    if (placesOf(build).find((place) => place.path === `main/${path}`)?.field.is === 'quantity') expect(first, path).toContain(`\`${text}\``);
  }
  const kinds = await loadKinds(build);
  const [own, demo] = [told(build, kinds).says, told(crusher(), kinds).says];
  const strength = (says: string) => /^The motor is strong enough: [^.]*\.\d[^;]*/.exec(says)?.[0];
  expect(strength(own)).toBe(strength(demo)?.replace('the roll', 'the tool shaft'));
});

it('what the tour has typed is read, and what it says is not is not', () => {
  const field = (path: string) => {
    const place = placesOf(crusher()).find((each) => each.path === path);
    if (place?.field.is !== 'quantity') throw new Error(path);
    return place.field;
  };
  const cases: readonly (readonly [path: string, text: string, ok: boolean])[] = [
    ['main/source/power', '1/2 hp', true],
    ['main/source/power', 'abc', false],
    ['main/source/power', '0.6 to 0.9 kW', true],
    ['main/source/speed', '1,725', false],
    ['main/belt/driver', '3 in + 4 mm', true],
    ['main/source/power', '0.5-0.6 kW', true],
    ['main/source/power', '~0.5 kW', true],
  ];
  for (const [path, text, ok] of cases) {
    expect(tour, text).toContain(`\`${text}\``);
    expect(readQuantity(text, field(path)).ok, text).toBe(ok);
  }
  for (const [path, text] of [
    ['main/source/power', '1/2 HP 1725 RPM 115 V 8.2 A'],
    ['main/belt/belt', 'A53'],
  ] as const) {
    expect(tour).toContain(`\`${text}\``);
    expect(fromMark(crusher(), path, text)).not.toBeNull();
  }
});
