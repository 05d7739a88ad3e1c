/** The pieces of work of the reference, as their builders know them, with what practice answers. */
import { readFileSync } from 'node:fs';
import { expect } from 'vitest';
import type { Known } from '../src/figure/figure.js';
import { loadKinds } from '../src/kinds/registry.js';
import { beginSizing, sizedBuild } from '../src/machine/sizing.js';
import { evaluateBuild } from '../src/procedures/evaluate-build.js';
import { type Need, needOf } from '../src/procedures/need.js';
import { sayAll, wordingFor } from '../src/wording/wording.js';
import { afterTyping } from './crusher.js';

interface Range {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
  readonly unit: string;
}
export interface KnownWork {
  readonly id: string;
  readonly title: string;
  readonly expect: Readonly<Record<'speed' | 'torque' | 'power' | 'peak', Range>> & {
    readonly start: { readonly how: 'empty' | 'loaded'; readonly torque?: Range };
    readonly inertia?: Range;
    readonly also?: Readonly<Record<string, Range>>;
    readonly motor: { readonly kW: readonly [number, number]; readonly too_small_kW: number };
  };
  readonly limits: readonly { readonly what: string; readonly most?: number; readonly least?: number; readonly unit: string }[];
  readonly cautions: readonly string[];
}
const all = JSON.parse(readFileSync(new URL('reference/known-work.json', import.meta.url), 'utf8')) as readonly KnownWork[];
export const knownWork = (id: string): KnownWork => all.find((each) => each.id === id) as KnownWork;

/** What a piece of work comes to, by what is entered of it. */
export interface Sized {
  readonly need: Need;
  /** Of the work itself, by name. */
  readonly figure: (name: string) => Known;
  readonly cautions: string;
  readonly checks: Readonly<Record<string, string>>;
}

/** @param entries by field of the work, or by path where it has a slash */
export async function sizedWork(kind: string, entries: Readonly<Record<string, string>>): Promise<Sized> {
  const typed = Object.fromEntries(Object.entries(entries).map(([name, text]) => [name.includes('/') ? name : `main/work/${name}`, text]));
  const build = sizedBuild(afterTyping(beginSizing(kind), typed));
  const kinds = await loadKinds(build);
  const evaluation = evaluateBuild(build, kinds);
  const wording = wordingFor(build);
  return {
    need: needOf(build, kinds),
    figure: (name) => evaluation.lines[0]?.figures.get('main/work')?.get(name) as Known,
    cautions: sayAll(evaluation.cautions, wording),
    checks: Object.fromEntries(evaluation.checks.map(({ id, verdict }) => [id, verdict])),
  };
}

const scale: Readonly<Record<string, number>> = { kW: 1000, kN: 1000, kJ: 1000, 'kWh/t': 3600, g: 9.80665 };

/** The ranges overlap, and the likely value is within one and a half times. */
export function agrees(figure: Known, range: Range | undefined, what: string): void {
  if (!range) throw new Error(`The reference has nothing for ${what}`);
  const { low, likely, high, unit } = range;
  const by = scale[unit] ?? 1;
  const [least, most] = [figure.low ?? figure.value, figure.high ?? figure.value];
  expect(least, `${what}: its least`).toBeLessThanOrEqual(high * by * (1 + 1e-9));
  expect(most, `${what}: its most`).toBeGreaterThanOrEqual(low * by * (1 - 1e-9));
  expect(figure.value / (likely * by), `${what}: likely`).toBeGreaterThan(1 / 1.5);
  expect(figure.value / (likely * by), `${what}: likely`).toBeLessThan(1.5);
}

/** Speed, torque, power and class of motor as the reference has them. */
export function agreesWith({ expect: practice }: KnownWork, sized: Sized): void {
  const { need } = sized;
  // One speed is chosen of all that will do.
  const { low, high } = need.any as Known;
  agrees({ ...(need.speed as Known), ...(low === undefined ? {} : { low }), ...(high === undefined ? {} : { high }) }, practice.speed, 'speed');
  agrees(need.torque as Known, practice.torque, 'torque');
  agrees(need.power as Known, practice.power, 'power');
  // What starts empty needs less than at work to break away, what starts loaded no less.
  const breaks = (sized.figure('breakaway').value - sized.figure('torque').value) * (practice.start.how === 'empty' ? -1 : 1);
  expect(breaks, 'start').toBeGreaterThanOrEqual(0);
  const { kW, too_small_kW } = practice.motor;
  const output = (need.motor?.output_W ?? 0) / 1000;
  expect(output, 'class').toBeGreaterThan(too_small_kW);
  expect(output, 'class').toBeGreaterThanOrEqual(kW[0]);
  expect(output, 'class').toBeLessThanOrEqual(kW[1]);
}
