import { type Figure, known, scaled } from '../figure/figure.js';
import { usuallyPasses } from '../kinds/shared/usual-losses.js';
import { type Sentence, sentence } from '../wording/sentence.js';

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
