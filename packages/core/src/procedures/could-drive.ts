import { type Figure, known, scaled } from '../figure/figure.js';
import type { Kinds } from '../kinds/registry.js';
import { usuallyPasses } from '../kinds/shared/usual-losses.js';
import type { Build } from '../machine/build.js';
import { lineOf } from '../machine/lines.js';
import { beginSizing, sizedBuild, sizedKinds } from '../machine/sizing.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { needOf } from './need.js';
import { walkLine } from './walk-line.js';

const outputs_rpm = [30, 100, 300, 1000] as const;

/**
 * What a source alone could drive: its torque at some speeds after usual losses.
 * @param source its own shaft
 */
export function couldDrive({ torque, speed }: { readonly torque: Figure<'N·m'>; readonly speed: Figure<'rpm'> }, noun: string): Sentence | null {
  if (!torque.known || !speed.known) return null;
  const each = outputs_rpm.flatMap((rpm) => {
    const i = speed.value / rpm;
    if (i < 1.15) return [];
    const geared = scaled(torque, i, `Down to ${rpm} rpm`);
    const passes = usuallyPasses(known('1', i, { by: 'limit', source: `Down to ${rpm} rpm` }));
    const T = scaled(geared, passes, 'After usual losses');
    return [sentence('{T} at {rpm}', { T, rpm: { value: rpm, unit: 'rpm' } })];
  });
  if (each.length === 0) return null;
  const template = each.map((_, k) => `{at${k}}`).join(', ');
  return sentence(`after usual losses the {noun} has ${template}`, { noun, ...Object.fromEntries(each.map((one, k) => [`at${k}`, one])) });
}

/** A machine of usual size, and whether a motor is strong enough for it. */
export interface CouldDriveWork {
  readonly kind: string;
  readonly name: string;
  /** Likely power at the motor’s shaft, W. */
  readonly needs_W: number;
  readonly fits: 'too much for it' | 'only just' | 'about right' | 'easily';
}

/**
 * Which machines of usual size the source of a build could drive, by its power alone; those that it is about right for first.
 * @param build with a source that is entered
 * @returns none while its power is not known
 */
export function couldDriveWorks(build: Build, kinds: Kinds): readonly CouldDriveWork[] {
  const power = walkLine(lineOf(build, null), kinds, build).stations[0]?.power;
  if (!power?.known) return [];
  const all = sizedKinds.flatMap(({ kind, sizing }): CouldDriveWork[] => {
    const { atMotor } = needOf(sizedBuild(beginSizing(kind)), kinds);
    if (!atMotor.known) return [];
    const left = power.value / atMotor.value;
    return [
      {
        kind,
        name: sizing.name,
        needs_W: atMotor.value,
        fits: left < 0.95 ? 'too much for it' : left < 1.25 ? 'only just' : left < 4 ? 'about right' : 'easily',
      },
    ];
  });
  return [...all].sort((a, b) => order.indexOf(a.fits) - order.indexOf(b.fits));
}

const order = ['about right', 'only just', 'easily', 'too much for it'] as const;
