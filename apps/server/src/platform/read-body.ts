import { plainToInstance } from 'class-transformer';
import { type ValidationError, validateSync } from 'class-validator';

/** What a contract found wrong first: the place of the field, and what it takes. */
interface Wrong {
  readonly property: string;
  readonly says: string;
}

/**
 * A body judged by its contract: names that it does not know are wrong too. What is no object, or a list, has no field to name.
 * @param asItCame fields that are read by a door of their own: here they are only looked at, and stay as they came
 */
export function readBody<T extends object>(
  contract: new () => T,
  body: unknown,
  asItCame: Partial<T> = {},
): { readonly read: T } | { readonly wrong: Wrong } {
  if (typeof body !== 'object' || body === null || Array.isArray(body)) return { wrong: { property: '', says: 'An object is needed.' } };
  return judge(Object.assign(plainToInstance(contract, body), asItCame), true);
}

/** What a contract knows of something that holds more, such as all headers of a request. */
export function readKnown<T extends object>(contract: new () => T, given: object): { readonly read: T } | { readonly wrong: Wrong } {
  return judge(plainToInstance(contract, given), false);
}

function judge<T extends object>(read: T, isAll: boolean): { readonly read: T } | { readonly wrong: Wrong } {
  const [wrong] = validateSync(read, { whitelist: true, forbidNonWhitelisted: isAll });
  return wrong ? { wrong: first(wrong) } : { read };
}

/** What is wrong first, with its place: `notes.0.at`. */
function first({ property, constraints, children }: ValidationError, above = ''): Wrong {
  const place = above === '' ? property : `${above}.${property}`;
  const [inside] = children ?? [];
  if (!constraints && inside) return first(inside, place);
  return { property: place, says: Object.values(constraints ?? {}).join('; ') || `${property} is not as it should be` };
}
