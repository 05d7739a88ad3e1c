import {
  type FromMark,
  fromMark,
  type Input,
  inchesMeant,
  inNextUnit,
  nextSize,
  type Offer,
  type QuantityField,
  readQuantity,
  type StockWheel,
  showAs,
} from '@hobrek/core';
import { type KeyboardEvent, memo, useEffect, useId, useRef, useState } from 'react';
import { usePreferences } from '../shared/preferences.js';
import { tip } from '../shared/tips.js';
import { useAsTyped } from './as-typed.js';
import { Contested } from './contested.js';
import type { EntryShown } from './entry-shown.js';
import { FieldLabel } from './field-label.js';
import { focusNext } from './focus-field.js';
import { typingPause_ms } from './follow.js';
import { opensHelp } from './help-mark.js';
import { useOpen } from './here.js';
import { NumberKeys, useNumberKeys } from './number-keys.js';

export interface FieldShown extends EntryShown<QuantityField> {
  /** Sizes on the shelf, for the field that sizes a wheel. */
  readonly stock?: StockWheel | undefined;
  /** Said while nothing is entered. */
  readonly empty?: string | undefined;
}

const knownBy = { plate: 'on the plate', measured: 'measured', chosen: 'chosen', guessed: 'a guess', default: 'usual' } as const;

/** Drawn again only when its own entry changes: entries that do not are the same objects. A field that takes what people write, says how it understood, and keeps what it could not read beside the last good value. */
export const Field = memo(function Field({ path, field, input, stock, taken, where, empty = 'not known', turn }: FieldShown) {
  const open = useOpen();
  const { fieldEntered, fieldLeft, fieldRestored, markTaken, typed } = open;
  const id = useId();
  const preferences = usePreferences();
  const text = input?.draft ?? input?.text ?? '';
  const [whole, setAsTyped] = useAsTyped(text);
  const reading = text === '' && input?.draft === undefined ? null : readQuantity(text, field, preferences);
  const refused = reading && !reading.ok ? reading.says : null;
  const meant = reading?.ok ? inchesMeant(open.document.getState().build, path, text) : null;
  const offers = [...(reading?.offers ?? []), ...(meant ? [meant] : [])];
  const mark = refused ? fromMark(open.document.getState().build, path, whole, preferences) : null;
  const toTake = useRef<FromMark | null>(null);
  toTake.current = mark;
  /** Left, or Enter: a mark means what it says, once. */
  const finish = () => {
    const taken = toTake.current;
    toTake.current = null;
    if (taken) markTaken(path, taken, whole);
    else fieldLeft();
  };
  const pressed = useRef(false);
  const box = useRef<HTMLInputElement>(null);
  const keys = useNumberKeys(field.whole === true);
  const said = useAfterPause(refused);
  const aside = understoodBeside(reading?.ok ? reading.understood : null, text, input ? knownBy[input.how] : null);
  const convert = () => {
    const next = inNextUnit(text, field, preferences);
    if (next) typed(path, next);
  };
  const take = (taken: string) => {
    setAsTyped(taken);
    typed(path, taken);
  };
  return (
    <div>
      <FieldLabel id={id} field={field} where={where} turn={turn} />
      <div
        className={`flex items-baseline gap-2 border-b-[1.5px] focus-within:bg-wash ${refused ? 'border-fails' : `${taken !== undefined && text === '' ? 'border-dashed border-brass' : 'border-ink'} focus-within:border-blue`}`}
      >
        <input
          id={id}
          ref={box}
          inputMode={keys.mode}
          data-path={path}
          value={whole}
          onChange={(event) => {
            setAsTyped(event.target.value);
            typed(path, event.target.value);
          }}
          // All of it is selected when the field is entered; a second press puts the caret.
          onFocus={(event) => {
            keys.entered();
            fieldEntered(path);
            event.target.select();
          }}
          onPointerDown={(event) => {
            pressed.current = document.activeElement !== event.currentTarget;
          }}
          onPointerUp={(event) => {
            if (pressed.current) event.currentTarget.select();
            pressed.current = false;
          }}
          onBlur={() => {
            keys.left();
            finish();
          }}
          onKeyDown={(event) => {
            if (opensHelp(event, id)) return;
            const offer = event.altKey ? offers[Number(event.code.replace('Digit', '')) - 1] : undefined;
            if (offer) {
              event.preventDefault();
              take(offer.text);
            } else if (event.altKey && event.code === 'KeyU') {
              event.preventDefault();
              convert();
            } else if (event.key === 'Enter') {
              event.preventDefault();
              finish();
              focusNext(open, path);
            } else if (event.key === 'Escape') {
              event.preventDefault();
              fieldRestored(path);
              setAsTyped(null);
              const field = event.currentTarget;
              setTimeout(() => {
                if (document.activeElement === field) field.select();
              });
            } else if (stock) {
              const size = sizeStepped(event, stock, input);
              if (size) typed(path, size);
            }
          }}
          aria-keyshortcuts={stock ? 'F1 Alt+U ArrowUp ArrowDown' : 'F1 Alt+U'}
          {...tip(stock && 'up and down keys go through what is on the shelf')}
          autoComplete="off"
          spellCheck={false}
          aria-invalid={refused !== null}
          aria-describedby={`${id}-said ${id}-help`}
          placeholder={taken ?? (field.usual ? `usually ${showAs(field.quantity, field.usual.value, field.usual.value, preferences.units)}` : empty)}
          className="w-0 min-w-0 grow bg-transparent py-0.5 text-lg font-semibold outline-none placeholder:font-normal placeholder:text-soft"
        />
        {taken !== undefined && text === '' && <span className="shrink-0 text-sm text-close-word">usual</span>}
        {aside && (
          <button
            type="button"
            tabIndex={-1}
            {...tip('in the next unit: Alt+U')}
            className="shrink-0 cursor-pointer text-sm text-soft hover:underline"
            onClick={convert}
          >
            {aside}
          </button>
        )}
      </div>
      <Contested path={path} />
      {keys.shown && <NumberKeys box={box} type={take} letters={keys.letters} />}
      <p id={`${id}-said`} aria-live="polite" className="text-sm text-fails-word">
        {mark ? null : said}
        {said && !mark && input?.value !== undefined && ` Until then the figures are for ${input.text}.`}
      </p>
      {mark && (
        <p className="py-1 text-sm">
          <button
            type="button"
            className="min-h-6 cursor-pointer text-left text-blue hover:underline"
            onPointerDown={(event) => event.preventDefault()}
            onClick={finish}
          >
            Enter: {mark.says}
          </button>
        </p>
      )}
      {(said || !refused) && offers.length > 0 && <Offers offers={offers} take={take} />}
    </div>
  );
});

/** What it may have been meant as, the likelier first: taken by a press, or by its number with Alt. */
function Offers({ offers, take }: { readonly offers: readonly Offer[]; readonly take: (text: string) => void }) {
  return (
    <p className="flex flex-wrap gap-2 py-1 text-sm">
      {offers.map(({ text, says }, k) => (
        <button
          key={text}
          type="button"
          aria-keyshortcuts={`Alt+${k + 1}`}
          {...tip(`Alt+${k + 1}`)}
          className="min-h-6 cursor-pointer border border-hair px-2 text-blue hover:underline"
          // Pressed, the field keeps the caret.
          onPointerDown={(event) => event.preventDefault()}
          onClick={() => take(text)}
        >
          {says}
        </button>
      ))}
    </p>
  );
}

/** Up and down go through what is on the shelf. @returns the next size; empty where there is none, or another key was pressed */
function sizeStepped(event: KeyboardEvent, stock: StockWheel, input: Input | undefined): string | null {
  const by = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
  if (by === 0 || input?.value === undefined) return null;
  event.preventDefault();
  return nextSize(stock, input.value, input.text, by);
}

/** A sentence once typing has paused: halfway through a word it would only jump about. Its going is told at once. */
function useAfterPause(sentence: string | null): string | null {
  const [said, setSaid] = useState(sentence);
  useEffect(() => {
    if (sentence === null) setSaid(null);
    const timer = setTimeout(() => setSaid(sentence), typingPause_ms);
    return () => clearTimeout(timer);
  }, [sentence]);
  return sentence === null ? null : said;
}

/** How the text was understood where that is more than it says, otherwise how it is known. */
export function understoodBeside(understood: string | null, text: string, how: string | null): string {
  if (understood === null) return '';
  return understood.replaceAll(/\s/g, '') === text.replaceAll(/\s/g, '') ? (how ?? '') : `= ${understood}`;
}
