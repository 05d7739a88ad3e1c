import { kindHead } from '../kinds/registry.js';
import { plateLine } from '../kinds/shared/plate-line.js';
import type { Build } from '../machine/build.js';
import { enter } from '../machine/enter.js';
import { elementsOf, withInput } from '../machine/paths.js';
import { withKind } from '../machine/reshape.js';
import type { Estimate, Range } from './estimate.js';
import { type Family, type FamilyName, families } from './families.js';

/** Two figures of it are enough for what is estimated. */
const rounded = (value: number): string => String(Number(value.toPrecision(2)));
const span = ([low, , high]: Range, unit: string): string =>
  rounded(low) === rounded(high) ? `${rounded(low)} ${unit}` : `${rounded(low)} to ${rounded(high)} ${unit}`;
/** A stepper follows some 55 to 85 % of what it holds (common practice, no source). */
const holds = 1.4;

/** What is estimated, as it would be typed into the fields of its kind. */
function typedFor(kind: string, { power_W, speed_rpm, torque_Nm }: Estimate): Readonly<Record<string, string>> {
  const speed = span(speed_rpm, 'rpm');
  if (kind === 'stepper') return { holding: span(torque_Nm.map((T) => T * holds) as unknown as Range, 'N·m'), speed };
  if (kind === 'gearmotor') return { torque: span(torque_Nm, 'N·m'), speed };
  return { power: span(power_W, 'W'), powerIs: 'shaft', speed };
}

/**
 * The build with a motor without a plate as the family that it likely is: what both kinds have is kept, what is left of its plate is entered as such, what was
 * estimated as guesses.
 * @throws RangeError when there is no such element
 */
export function withFamily(build: Build, path: string, family: FamilyName, likely: Estimate, plate: string): Build {
  const { kind, entries }: Family = families[family];
  const become = withKind(build, path, kind);
  const fields = kindHead('source', kind)?.fields ?? {};
  const stamped = Object.fromEntries(
    Object.entries(plateLine(plate)?.fills ?? {}).filter(([name]) => ['voltage', 'current', 'frequency'].includes(name)),
  );
  const typed: Readonly<Record<string, readonly [string, 'guessed' | 'plate']>> = {
    ...Object.fromEntries(Object.entries(typedFor(kind, likely)).map(([name, text]) => [name, [text, 'guessed'] as const])),
    ...Object.fromEntries(Object.entries(entries).map(([name, text]) => [name, [text, 'guessed'] as const])),
    ...Object.fromEntries(Object.entries(stamped).map(([name, text]) => [name, [text, 'plate'] as const])),
  };
  const inputs = become.lines.flatMap(elementsOf).find((each) => each.path === path)?.element.inputs ?? {};
  return Object.entries(typed).reduce((now, [name, [text, how]]) => {
    const field = fields[name];
    const input = field && !inputs[name] ? enter(field, text, undefined).input : undefined;
    return input && input.draft === undefined ? withInput(now, `${path}/${name}`, { ...input, how }) : now;
  }, become);
}
