import { type RefObject, useState } from 'react';
import { isTouched } from '../shared/is-touched.js';

/** Signs of sums, ranges and fractions that a telephone's number keys have not. */
const signs = ['(', ')', '+', '-', '×', '/'] as const;

/** Number keys on a device that is touched, until somebody wants letters; without a point where it is counted. */
export function useNumberKeys(isCounted: boolean) {
  const [isEntered, setEntered] = useState(false);
  const [hasLetters, setLetters] = useState(false);
  const touched = isTouched();
  return {
    mode: touched ? (hasLetters ? 'text' : isCounted ? 'numeric' : 'decimal') : undefined,
    shown: touched && isEntered,
    entered: () => setEntered(true),
    left: () => {
      setEntered(false);
      setLetters(false);
    },
    letters: () => setLetters(true),
  } as const;
}

interface Keys {
  readonly box: RefObject<HTMLInputElement | null>;
  readonly type: (text: string) => void;
  /** The device's whole keyboard, for units and words. */
  readonly letters: () => void;
}

/** The row above the number keys of a telephone: each sign goes in where the caret is, and the field keeps it. */
export function NumberKeys({ box, type, letters }: Keys) {
  const put = (sign: string) => {
    const input = box.current;
    if (!input) return;
    const [from, to] = [input.selectionStart ?? input.value.length, input.selectionEnd ?? input.value.length];
    type(`${input.value.slice(0, from)}${sign}${input.value.slice(to)}`);
    setTimeout(() => input.setSelectionRange(from + sign.length, from + sign.length));
  };
  return (
    <p className="flex flex-wrap gap-2 py-2">
      {signs.map((sign) => (
        <button
          key={sign}
          type="button"
          className="h-11 min-w-11 cursor-pointer border border-hair text-lg"
          onPointerDown={(event) => event.preventDefault()}
          onClick={() => put(sign)}
        >
          {sign}
        </button>
      ))}
      <button
        type="button"
        className="h-11 min-w-11 cursor-pointer border border-hair px-2 text-sm"
        onPointerDown={(event) => event.preventDefault()}
        onClick={() => {
          letters();
          // The device shows its other keyboard when the field is entered anew.
          const input = box.current;
          setTimeout(() => input?.focus());
        }}
      >
        abc
      </button>
    </p>
  );
}
