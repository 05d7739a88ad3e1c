import { type CellField, type Input, readQuantity } from '@hobrek/core';
import { type KeyboardEvent, memo, useRef } from 'react';
import { usePreferences } from '../shared/preferences.js';
import { Select } from '../shared/select.js';
import { useAsTyped } from './as-typed.js';
import { understoodBeside } from './field.js';
import { useOpen } from './here.js';
import { NumberKeys, useNumberKeys } from './number-keys.js';

/** What a key in a cell leads to. */
export type CellKey = 'below' | 'above' | 'before' | 'behind' | 'add' | 'take-out';

interface Cell {
  readonly path: string;
  readonly field: CellField;
  readonly input: Input | undefined;
  /** Which cell it is: `Drawn from the wall, reading 3`. */
  readonly called: string;
  readonly pressed: (path: string, key: CellKey) => void;
  /** Several cells were pasted. */
  readonly pasted: (path: string, text: string) => void;
  /** What describes the table's keys. */
  readonly describedBy: string;
}

/** One cell of a table: what is typed is read at once, as in any field. */
export const TableCell = memo(function TableCell(cell: Cell) {
  const { field } = cell;
  return field.is === 'quantity' || field.is === 'text' ? <TypedCell {...cell} /> : <ChosenCell {...cell} />;
});

function TypedCell({ path, field, input, called, pressed, pasted, describedBy }: Cell) {
  const { fieldEntered, fieldLeft, fieldRestored, typed } = useOpen();
  const preferences = usePreferences();
  const text = input?.draft ?? input?.text ?? '';
  const [shown, setAsTyped] = useAsTyped(text);
  const box = useRef<HTMLInputElement>(null);
  const keys = useNumberKeys(field.is === 'quantity' && field.whole === true);
  const reading = field.is === 'quantity' && text !== '' ? readQuantity(text, field, preferences) : null;
  const type = (next: string) => {
    setAsTyped(next);
    typed(path, next);
  };
  const isNumber = field.is === 'quantity';
  return (
    <div className="relative">
      <div className="flex items-baseline gap-1 focus-within:bg-wash">
        <input
          ref={box}
          data-path={path}
          aria-label={called}
          aria-describedby={describedBy}
          aria-invalid={input?.draft !== undefined}
          inputMode={isNumber ? keys.mode : undefined}
          maxLength={field.is === 'text' ? field.longest : undefined}
          autoComplete="off"
          spellCheck={false}
          value={shown}
          onFocus={(event) => {
            if (isNumber) keys.entered();
            fieldEntered(path);
            event.target.select();
          }}
          onBlur={() => {
            setAsTyped(null);
            keys.left();
            fieldLeft();
          }}
          onChange={(event) => type(event.target.value)}
          onPaste={(event) => {
            const several = event.clipboardData.getData('text/plain');
            if (!/[\t\n]/.test(several.replace(/\r?\n$/, ''))) return;
            event.preventDefault();
            pasted(path, several);
          }}
          onKeyDown={(event) => {
            if (event.key === 'Escape') {
              event.preventDefault();
              fieldRestored(path);
              setAsTyped(null);
              return;
            }
            const key = keyIn(event);
            if (!key) return;
            event.preventDefault();
            pressed(path, key);
          }}
          className={`w-0 min-w-0 grow bg-transparent px-1 py-0.5 text-base font-semibold outline-none pointer-coarse:min-h-11 ${input?.draft === undefined ? '' : 'text-fails-word'}`}
        />
        <span className="shrink-0 pr-1 text-sm text-soft">{understoodBeside(reading?.ok ? reading.understood : null, text, null)}</span>
      </div>
      {isNumber && keys.shown && (
        // Over the rows below: the row of a cell that is entered stays as high as it was.
        <div className="absolute top-full left-0 z-10 w-max max-w-[calc(100vw-5.5rem)] border border-hair bg-sheet px-2">
          <NumberKeys box={box} type={type} letters={keys.letters} />
        </div>
      )}
    </div>
  );
}

function ChosenCell({ path, field, input, called, pressed, describedBy }: Cell) {
  const { typed, fieldLeft } = useOpen();
  const options = field.is === 'choice' || field.is === 'yes-no' ? Object.entries(field.options) : [];
  return (
    <Select
      data-path={path}
      aria-label={called}
      aria-describedby={describedBy}
      value={input?.text ?? ''}
      options={[['', 'not known'], ...options]}
      change={(chosen) => {
        typed(path, chosen);
        fieldLeft();
      }}
      onKeyDownCapture={(event) => {
        const key = event.altKey ? keyIn(event) : null;
        if (!key) return;
        event.preventDefault();
        event.stopPropagation();
        pressed(path, key);
      }}
      className={`w-full bg-transparent px-1 py-0.5 text-base focus:bg-wash ${input?.text ? 'font-semibold' : 'text-soft'}`}
    />
  );
}

/** Keys of a table that a cell does not need for its own text. */
function keyIn(event: KeyboardEvent<HTMLElement>): CellKey | null {
  const { key, altKey, shiftKey, ctrlKey, metaKey } = event;
  if (ctrlKey || metaKey) return null;
  if (altKey) return key === 'Enter' ? 'add' : key === 'Delete' || key === 'Backspace' ? 'take-out' : null;
  if (key === 'Enter') return shiftKey ? 'above' : 'below';
  if (shiftKey) return null;
  if (key === 'ArrowDown') return 'below';
  if (key === 'ArrowUp') return 'above';
  const box = event.currentTarget;
  if (!(box instanceof HTMLInputElement)) return null;
  const [from, to, end] = [box.selectionStart, box.selectionEnd, box.value.length];
  // All of it is selected where a cell was just entered: then the arrows walk on.
  const isWhole = from === 0 && to === end;
  if (key === 'ArrowLeft' && (isWhole || (from === 0 && to === 0))) return 'before';
  if (key === 'ArrowRight' && (isWhole || (from === end && to === end))) return 'behind';
  return null;
}
