import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeAll, expect, it, vi } from 'vitest';
import { Select } from './select.js';

// What browsers have and this environment has not.
beforeAll(() => {
  Element.prototype.scrollIntoView = () => {};
  Element.prototype.hasPointerCapture = () => false;
});
afterEach(cleanup);

const changed = vi.fn();
function Pins() {
  const [value, setValue] = useState('mild');
  const options = [
    ['', 'not known'],
    ['mild', 'mild steel'],
    ['brass', 'brass'],
  ] as const;
  return (
    <Select
      aria-label="pin"
      value={value}
      options={options}
      change={(next) => {
        changed(next);
        setValue(next);
      }}
    />
  );
}

it('is opened by an arrow key and changed by nothing but a choice; the empty text can be chosen like any other', () => {
  changed.mockClear();
  render(<Pins />);
  const box = screen.getByRole('combobox', { name: 'pin' });
  expect([box.textContent, box.dataset.value]).toEqual(['mild steel', 'mild']);
  for (const key of ['ArrowLeft', 'ArrowRight', 'Tab', 'Home']) fireEvent.keyDown(box, { key });
  fireEvent.keyDown(box, { key: 'Enter', ctrlKey: true });
  expect([changed.mock.calls, screen.queryByRole('listbox')]).toEqual([[], null]);
  fireEvent.keyDown(box, { key: 'ArrowDown' });
  expect(screen.getAllByRole('option').map(({ textContent }) => textContent?.replace('✓', ''))).toEqual(['not known', 'mild steel', 'brass']);
  expect(changed).not.toHaveBeenCalled();
  fireEvent.keyDown(screen.getByRole('option', { name: 'not known' }), { key: 'Enter' });
  expect(changed.mock.calls).toEqual([['']]);
  expect(box.textContent).toBe('not known');
});

it('chooses by what is typed, and keeps it from being a key of the page', () => {
  changed.mockClear();
  const ofPage = vi.fn();
  addEventListener('keydown', ofPage);
  render(<Pins />);
  fireEvent.keyDown(screen.getByRole('combobox'), { key: 'b' });
  expect([changed.mock.calls, ofPage.mock.calls.length]).toEqual([[['brass']], 0]);
  removeEventListener('keydown', ofPage);
});
