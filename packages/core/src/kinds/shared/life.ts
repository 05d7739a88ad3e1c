import { type Check, noWorseThanClose } from '../../checks/check.js';
import { type Figure, highEnd, lowEnd } from '../../figure/figure.js';
import { type Sentence, sentence } from '../../wording/sentence.js';

/** Whether a rating may be less than what is needed of it, so that it has to be told how long it lasts. */
export const isShort = (has: Figure<'W'>, needs: Figure<'W'>): boolean => has.known && needs.known && lowEnd(has) < highEnd(needs);

/**
 * What a rating is short of is years: close where it lasts as long as it must all the same.
 * @param life as likely; null where the rating is not short
 * @param must how long the brief needs it to last
 */
export function withLife(life: Figure<'s'> | null, must: Figure<'s'>, rated: Check): Check {
  return life?.known && must.known && life.value >= must.value ? noWorseThanClose(rated) : rated;
}

/** How long it lasts, as the sentence about its rating goes on. */
export function lasting(life: Figure<'s'> | null, must: Figure<'s'>): Sentence | string {
  if (!life?.known || !must.known) return '';
  if (life.value >= must.value) return sentence('; a rating says years, and at this duty it lasts {life}', { life });
  return sentence('; at this duty it lasts {life}, and must last {must}', { life, must });
}
