import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { beforeAll, expect, it } from 'vitest';
import { buildOf, knownMachines } from '../../test/known-machines.js';
import type { Check } from '../checks/check.js';
import { type Kinds, loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { placesOf, withInput } from '../machine/paths.js';
import { phrase } from '../wording/wording.js';
import { evaluateBuild } from './evaluate-build.js';

/** Of the random builds; ten thousand by `HOBREK_MANY=10000`. */
const many = Number(process.env.HOBREK_MANY ?? 1_500);

let kinds: Kinds;
beforeAll(async () => {
  kinds = await loadKinds();
});

const demos = new URL('../../../../demo/', import.meta.url);
const builds: readonly Build[] = [
  ...readdirSync(demos).map((file) => JSON.parse(readFileSync(new URL(file, demos), 'utf8')) as Build),
  ...knownMachines.map(buildOf),
];

const factors: Readonly<Record<string, number>> = { kW: 1e3, kN: 1e3, min: 60, h: 3600 };

/** A band as it is read: from its digits, each with the unit behind it or behind the next. */
function read(text: string): readonly [number, number] {
  const parts = [...text.matchAll(/(−?[\d.]+)(?: × 10(⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+))?\s*((?!to\b)[a-zA-Z]*)/g)];
  const ends = parts.map(([, digits = '', power, unit = '']) => {
    const exponent = power
      ? Number(
          [...power]
            .map((sign) => '⁻⁰¹²³⁴⁵⁶⁷⁸⁹'.indexOf(sign) - 1)
            .map((n) => (n < 0 ? '-' : n))
            .join(''),
        )
      : 0;
    return { value: Number(digits.replace('−', '-')) * 10 ** exponent, unit };
  });
  const unitOf = (k: number) => ends[k]?.unit || ends.at(-1)?.unit || '';
  const [from, to] = [ends[0], ends.at(-1)].map((end, k) => (end?.value ?? Number.NaN) * (factors[unitOf(k === 0 ? 0 : ends.length - 1)] ?? 1));
  return [from as number, to as number];
}

/** What a reader would make of both figures, against the verdict beside them. */
function contradicts(check: Check): string | null {
  const { says, has, needs, verdict, margin, id } = check;
  if (!margin || !has.known || !needs.known || verdict === 'unknown' || !/\{has\}/.test(says.template) || !/\{needs\}/.test(says.template))
    return null;
  const told = (name: 'has' | 'needs') =>
    phrase({ template: `{${name}}`, figures: says.figures, ...(says.exact ? { exact: true } : {}) }, { units: 'metric', label: (path) => path });
  const [[has_low, has_high], [needs_low, needs_high]] = [read(told('has')), read(told('needs'))];
  // As many digits as are told: what is alike to three is alike.
  const alike = 1.006;
  const holds = has_low * alike >= needs_high;
  const fails = has_high <= needs_low * alike;
  const said = `${id}: ${verdict}, ${told('has')} against ${told('needs')}`;
  if (margin.worst >= 0 && !holds) return said;
  if (margin.best < 0 && !fails) return said;
  // It may: what is told must show that it may.
  if (margin.worst < 0 && margin.best >= 0 && (has_low > needs_high * alike || has_high * alike < needs_low)) return said;
  return null;
}

const wrongIn = (build: Build): string[] => evaluateBuild(build, kinds).checks.flatMap((check) => contradicts(check) ?? []);

it('no sentence of a demo or of a known machine tells figures that say otherwise than its verdict', () => {
  expect(builds.flatMap(wrongIn)).toEqual([]);
});

it('amber means that little is left: no check of a demo is close at half of its limit', () => {
  const amber = builds
    .slice(0, readdirSync(demos).length)
    .flatMap((build) => evaluateBuild(build, kinds).checks.filter(({ verdict }) => verdict === 'close'));
  expect(amber.length).toBeGreaterThan(0);
  expect(amber.filter(({ margin }) => (margin?.worst ?? 0) >= 0.2).map(({ id }) => id)).toEqual([]);
});

/** A build with up to four of its quantities at a third to three times, or taken out. */
const random = fc
  .tuple(fc.nat(builds.length - 1), fc.array(fc.tuple(fc.nat(200), fc.integer({ min: -100, max: 100 }), fc.nat(9)), { maxLength: 4 }))
  .map(([which, changes]) =>
    changes.reduce((build, [k, t, out]) => {
      const places = placesOf(build).filter(
        ({ field, input, path }) => field.is === 'quantity' && input?.value !== undefined && !path.startsWith('wishes/'),
      );
      const place = places[k % places.length];
      if (!place?.input) return build;
      if (out === 0) return withInput(build, place.path, undefined);
      const times = 3 ** (t / 100);
      const { value = 0, low, high, ...rest } = place.input;
      const ends = low === undefined || high === undefined ? {} : { low: low * times, high: high * times };
      return withInput(build, place.path, { ...rest, value: value * times, ...ends });
    }, builds[which] as Build),
  );

it('nor does one of a random build', () => {
  fc.assert(
    fc.property(random, (build) => {
      expect(wrongIn(build)).toEqual([]);
    }),
    { seed: 17, numRuns: many },
  );
});
