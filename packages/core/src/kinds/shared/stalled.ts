import { breakerTrips, thermalTrip } from '../../catalog/breakers.js';
import { type Figure, highEnd, lowEnd } from '../../figure/figure.js';
import { type Sentence, sentence } from '../../wording/sentence.js';
import type { Fed } from '../kind.js';

const byProtector = {
  'hand-reset': 'its thermal cut-out should trip before that, and stays out until its button is pushed',
  'self-resetting': 'its thermal cut-out should trip before that, and starts it again by itself',
} as const;
const cable = 'a breaker protects the cable, not the motor';

/** What stops a stalled motor, if anything does: its own cut-out, or the breaker by the same current as at the start. */
export function whatStopsAStall(
  protector: 'none' | keyof typeof byProtector | undefined,
  { breaker, curve, limit }: Fed,
  stalled: Figure<'A'>,
): string | Sentence {
  if (protector && protector !== 'none') return byProtector[protector];
  const begins = protector === 'none' ? 'nothing stops it in that time' : 'whether anything stops it in that time is not entered';
  if (limit?.known && stalled.known && lowEnd(stalled) >= highEnd(limit) * 0.999)
    return sentence('{begins}; the supply holds the stalled current at {limit}', { begins, limit });
  if (!breaker.known || !stalled.known) return `${begins}; ${cable}`;
  const [least, most] = [lowEnd(stalled) / breaker.value, highEnd(stalled) / breaker.value];
  const of = { begins, cable, breaker, stalled };
  const [, surely] = breakerTrips[curve.is ?? 'D'];
  if (least >= surely) return sentence('the breaker of {breaker} trips at once: stalled it draws {stalled}', of);
  if (least >= thermalTrip.withinAMinute)
    return sentence('the breaker of {breaker} trips in 1 to 60 s, since stalled it draws {stalled}; {cable}', of);
  if (most < thermalTrip.notWithinAnHour)
    return sentence('{begins}; the breaker of {breaker} never trips of the {stalled} that it draws stalled: {cable}', of);
  return sentence('{begins}; the breaker of {breaker} may let the {stalled} that it draws stalled through for minutes: {cable}', of);
}
