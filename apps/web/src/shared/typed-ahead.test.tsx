import { cleanup, render } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { TypedAhead, takeTypedAhead } from './typed-ahead.js';

afterEach(cleanup);

const press = (...keys: readonly string[]) =>
  keys.map((key) => dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))).every((isLet) => !isLet);

it('keeps what is typed for the list, and lets no key of it through to the page', () => {
  const page = vi.fn();
  addEventListener('keydown', page);
  render(<TypedAhead close={() => {}} />);
  expect(press('b', 'e', 'x', 'Backspace', 'l', 'Shift', 't', 'Enter', 'z')).toBe(true);
  removeEventListener('keydown', page);
  expect(page).not.toHaveBeenCalled();
  expect(takeTypedAhead()).toEqual({ text: 'belt', isEntered: true });
  expect(takeTypedAhead()).toEqual({ text: '', isEntered: false });
});

it('is closed by Escape, and leaves nothing for the next list', () => {
  const close = vi.fn();
  render(<TypedAhead close={close} />);
  press('b', 'e', 'Escape');
  expect(close).toHaveBeenCalledOnce();
  expect(takeTypedAhead()).toEqual({ text: '', isEntered: false });
});

it('hears nothing once the list is there', () => {
  render(<TypedAhead close={() => {}} />).unmount();
  expect(press('b')).toBe(false);
  expect(takeTypedAhead().text).toBe('');
});
