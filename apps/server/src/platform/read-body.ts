import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';

/** What a contract found wrong first: the field, and what it takes. */
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
  const read = Object.assign(plainToInstance(contract, body), asItCame);
  const [wrong] = validateSync(read, { whitelist: true, forbidNonWhitelisted: true });
  if (!wrong) return { read };
  return {
    wrong: { property: wrong.property, says: Object.values(wrong.constraints ?? {}).join('; ') || `${wrong.property} is not as it should be` },
  };
}
